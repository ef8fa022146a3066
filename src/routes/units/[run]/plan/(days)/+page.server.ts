import { dayText, dayWindow, isDay, type Day } from '$core/calendar/index.ts';
import type { Situation } from '$core/account/index.ts';
import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { RHYTHMS, type Rhythm } from '$core/plan/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import {
	chosenWeekdays,
	day,
	checkbox,
	id,
	ids,
	optionalDay,
	type FormContext,
	chosenPeople,
	title,
	weekdayFlags,
	whoFlags,
	wholeOrNothing,
	type WeekdayFlags,
	dollars,
	letInField
} from '$lib/server/schemas/fields.ts';
import { asHabits, habitFields, type HabitForm } from '$lib/server/schemas/habits.ts';
import { outcomeAction } from '$lib/server/requests/outcome-action.ts';
import { makeFit } from '$lib/server/services/plan/make-fit.ts';
import { fillFrame } from '$lib/server/services/plan/fill-frame.ts';
import { daysOffIn } from '$lib/server/services/calendar/days-off-in.ts';
import { missedPreview, rollOn, withBlocked } from '$lib/server/services/plan/roll-on.ts';
import { shelfMovesText } from '$lib/server/services/setout/follow.ts';
import { lessonsTyped } from '$lib/server/services/plan/contents.ts';
import { applyWhatIf, isAsked, whatIf, type WhatIf } from '$lib/server/services/plan/what-if.ts';
import {
	addLesson,
	orderLessons,
	removeLesson,
	updateLesson,
	type LessonInput
} from '$lib/server/stores/plan/lessons.ts';
import * as units from '$lib/server/stores/plan/units.ts';
import { json } from '$core/facts/index.ts';
import type { Actions, PageServerLoad } from './$types';
import { counted } from '$core/words/index.ts';

type AskForm = { children: number | null; start: string | null; budget: number | null } & WeekdayFlags;

const askFields = {
	children: Joi.number().integer().min(1).max(60).empty('').allow(null).default(null),
	start: optionalDay,
	budget: dollars.allow(null).default(null),
	...weekdayFlags
};
const asAsked = (form: AskForm, drop: readonly number[], without: readonly number[]): WhatIf => ({
	children: form.children,
	start: form.start,
	weekdays: chosenWeekdays(form),
	budgetCents: form.budget === null ? null : Math.round(form.budget * 100),
	without,
	drop
});

/** What is asked by the fields of the "what if" panel; what cannot be read asks nothing. */
function askedIn(query: URLSearchParams, today: Day): WhatIf {
	const chosen = (name: string) =>
		query
			.getAll(name)
			.map(Number)
			.filter((one) => Number.isInteger(one) && one > 0);
	const { error, value } = Joi.object<AskForm>(askFields).validate(Object.fromEntries(query), {
		stripUnknown: true,
		context: { today } satisfies FormContext
	});
	if (error) return { children: null, start: null, weekdays: [], drop: [], without: [], budgetCents: null };
	return asAsked(value, chosen('drop'), chosen('without'));
}

/** A day in the address that can be one of the unit's. */
function dayAsked(text: string | null, today: Day): Day | null {
	if (!text || !isDay(text)) return null;
	const { from, to } = dayWindow('plan', today);
	return text >= from && text <= to ? text : null;
}

/** Only what the address asks, so that an answer does not wait for the whole plan. */
export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const missed = dayAsked(url.searchParams.get('missed'), now.today);
	const asked = askedIn(url.searchParams, now.today);
	return {
		asked,
		answer: isAsked(asked) ? whatIf(now, run, asked) : null,
		missed: missed
			? { day: missed, dayText: dayText(missed), moves: missedText(now, run.row.id, missed) }
			: null
	};
};

/** What it would do if a day was missed: to lessons, and to the shelf. */
function missedText(now: Situation, run: number, day: Day): string {
	const after = withBlocked(now, [{ run, from: day, to: day }]);
	return [missedPreview(now, run, day)?.text, shelfMovesText(now, after)].filter(Boolean).join('; ');
}

type CalendarForm = {
	start: string | null;
	end: string | null;
	keepFree: number;
	collectingPlace: number | null;
	rhythm: Rhythm;
	rhythmDays: number;
} & HabitForm &
	WeekdayFlags;

const calendarForm = Joi.object<CalendarForm>({
	start: optionalDay,
	end: optionalDay,
	keepFree: Joi.number().integer().min(0).max(99).empty('').default(0).messages({
		'number.base': 'Enter the catch-up days as a whole number',
		'number.integer': 'Enter the catch-up days as a whole number',
		'number.min': 'Catch-up days must be 0 or more'
	}),
	collectingPlace: id.empty('').allow(null).default(null),
	rhythm: Joi.string()
		.valid(...RHYTHMS)
		.default('fixed days'),
	rhythmDays: Joi.number().integer().min(1).max(30).empty('').default(1).messages({
		'number.base': 'Enter the days as a whole number, 1 or more',
		'number.integer': 'Enter the days as a whole number, 1 or more',
		'number.min': 'Enter the days as a whole number, 1 or more',
		'number.max': 'More than 30 days are a unit of their own'
	}),
	...habitFields,
	...weekdayFlags
});

const lessonFields = {
	title: title('a title for the lesson'),
	note: Joi.string().trim().allow('').max(500).default(''),
	optional: checkbox,
	sessions: Joi.number().integer().min(1).max(50).default(1).messages({
		'number.base': 'Enter the days as a whole number, 1 or more',
		'number.integer': 'Enter the days as a whole number, 1 or more',
		'number.min': 'A lesson takes at least one day'
	})
};
const text = (most: number) => Joi.string().trim().allow('').max(most).default('');
const detailFields = {
	topic: text(200),
	objective: text(500),
	vocabulary: text(2000),
	questions: text(2000),
	minutes: wholeOrNothing('the minutes', 1440),
	extension: text(500)
};
type LessonForm = { title: string; note: string; optional: boolean; sessions: number };
type DetailForm = Record<'topic' | 'objective' | 'vocabulary' | 'questions' | 'extension', string> & {
	minutes: number | null;
};
const asLesson = (form: LessonForm): LessonInput => ({
	title: form.title,
	note: form.note,
	optional: form.optional ? 1 : 0,
	sessions: form.sessions
});
const asDetails = ({ topic, objective, vocabulary, questions, extension, minutes, ...form }: DetailForm) => ({
	topic,
	objective,
	vocabulary,
	questions,
	extension,
	minutes,
	extension_for: json(chosenPeople(form))
});

export const actions: Actions = {
	calendar: (event) =>
		handleForm(event, calendarForm, 'Dates saved', async ({ trx }, form) => {
			await units.setRhythm(trx, Number(event.params.run), form.rhythm, form.rhythmDays);
			await units.setCalendar(trx, Number(event.params.run), {
				start: form.start,
				end: form.end,
				keepFree: form.keepFree,
				habits: asHabits(form),
				collectingPlace: form.collectingPlace,
				weekdays: chosenWeekdays(form)
			});
		}),
	frame: (event) =>
		handleForm(
			event,
			Joi.object<{ frame: string }>({ frame: Joi.string().trim().allow('').max(5000).default('') }),
			(put: string) => put,
			async ({ trx }, form) => {
				const { run } = await runOf(event.params);
				return fillFrame(trx, run, form.frame);
			}
		),
	ics: (event) =>
		handleForm(
			event,
			Joi.object<{ ics: string }>({
				ics: Joi.string().max(2_000_000).required().messages({
					'string.empty': 'That file is empty',
					'string.max': 'That calendar is too large: export less of it'
				})
			}),
			(added: number) => `${counted(added, 'day')} off added`,
			async ({ trx }, form) => {
				const { run } = await runOf(event.params);
				const { start_on, end_on } = run.row;
				if (!start_on) throw new Refusal('Set a first day for the unit first.', 'ics');
				const days = await daysOffIn(form.ics, start_on, end_on ?? run.calendar?.finish ?? start_on);
				if (days.length === 0)
					throw new Refusal('Nothing in that calendar falls between the first and the last day.', 'ics');
				for (const day of days) await units.addBlocked(trx, run.row.id, day.from, day.to, day.reason);
				return days.length;
			}
		),
	block: (event) =>
		handleForm(
			event,
			Joi.object<{ from: string; to: string | null; reason: string }>({
				from: day.required().messages({ 'any.required': 'Enter the day', 'string.empty': 'Enter the day' }),
				to: optionalDay,
				reason: Joi.string().trim().allow('').max(100).default('')
			}),
			'Day off added',
			({ trx }, form) =>
				units.addBlocked(
					trx,
					Number(event.params.run),
					form.from,
					form.to ?? form.from,
					form.reason || 'day off'
				)
		),
	unblock: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Day off removed', ({ trx }, form) =>
			units.removeBlocked(trx, Number(event.params.run), form.id)
		),
	add: (event) =>
		handleForm(event, Joi.object<LessonForm>(lessonFields), 'Lesson added', ({ trx }, form) =>
			addLesson(trx, Number(event.params.run), asLesson(form))
		),
	contents: (event) =>
		handleForm(
			event,
			Joi.object<{ contents: string; letIn: string }>({
				letIn: letInField,
				contents: Joi.string()
					.trim()
					.max(200_000)
					.required()
					.messages({ 'string.empty': 'Paste the lessons first, one per line' })
			}),
			(added: number) => `${counted(added, 'lesson')} added`,
			async ({ trx }, form) => {
				const lessons = lessonsTyped(form.contents, form.letIn);
				for (const lesson of lessons) await addLesson(trx, Number(event.params.run), lesson);
				return lessons.length;
			}
		),
	edit: (event) =>
		handleForm(
			event,
			Joi.object<LessonForm & DetailForm & { id: number }>({
				id: id.required(),
				...lessonFields,
				...detailFields
			}).pattern(whoFlags, checkbox),
			'Lesson saved',
			({ trx }, form) =>
				updateLesson(trx, Number(event.params.run), form.id, {
					...asLesson(form),
					...asDetails(form)
				})
		),
	order: (event) =>
		handleForm(event, Joi.object<{ order: number[] }>({ order: ids }), 'Lessons reordered', ({ trx }, form) =>
			orderLessons(trx, Number(event.params.run), form.order)
		),
	remove: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Lesson removed', ({ trx }, form) =>
			removeLesson(trx, Number(event.params.run), form.id)
		),
	fit: (event) =>
		handleForm(
			event,
			Joi.object<{ way: string }>({ way: Joi.string().required() }),
			(what: string) => what,
			async ({ trx }, form) => {
				const { now, run } = await runOf(event.params);
				return makeFit(trx, now, run, form.way);
			}
		),
	apply: (event) =>
		handleForm(
			event,
			Joi.object<AskForm & { drop: number[]; without: number[] }>({
				...askFields,
				drop: ids,
				without: ids
			}),
			'Plan changed',
			async ({ trx }, form) => {
				return applyWhatIf(trx, (await runOf(event.params)).run, asAsked(form, form.drop, form.without));
			}
		),
	missed: (event) =>
		handleForm(
			event,
			Joi.object<{ day: string }>({ day: day.required() }),
			(when: string) => `Lessons moved; none on ${when}`,
			({ trx }, form) => rollOn(trx, Number(event.params.run), form.day)
		),
	outcome: outcomeAction
};
