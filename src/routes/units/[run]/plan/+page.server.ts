import Joi from 'joi';
import { dayText, isDay } from '$core/calendar/index.ts';
import { act } from '$lib/server/act.ts';
import { runOf } from '$lib/server/run-of.ts';
import {
	chosenWeekdays,
	day,
	flag,
	id,
	ids,
	optionalDay,
	title,
	weekdayFlags,
	type WeekdayFlags
} from '$lib/server/schemas/fields.ts';
import { asHabits, habitFields, type HabitForm } from '$lib/server/schemas/habits.ts';
import { habitsTyped } from '$lib/server/services/habits.ts';
import { placeOptions } from '$lib/server/services/stash.ts';
import { outcomeAction } from '$lib/server/outcome-action.ts';
import { fitTexts, makeFit, missableDays } from '$lib/server/services/fit.ts';
import { holidayRows } from '$lib/server/services/holidays.ts';
import { missedPreview, rollOn } from '$lib/server/services/pause.ts';
import { lessonsTyped } from '$lib/server/services/typed.ts';
import { planOf } from '$lib/server/services/plan.ts';
import { applyWhatIf, isAsked, whatIf, type WhatIf } from '$lib/server/services/what-if.ts';
import * as units from '$lib/server/stores/units.ts';
import type { Actions, PageServerLoad } from './$types';

type AskForm = { children: number | null; start: string | null } & WeekdayFlags;

const askFields = {
	children: Joi.number().integer().min(1).max(60).empty('').allow(null).default(null),
	start: optionalDay,
	...weekdayFlags
};
const asAsked = (form: AskForm, drop: readonly number[]): WhatIf => ({
	children: form.children,
	start: form.start,
	weekdays: chosenWeekdays(form),
	drop
});

/** What is asked by the fields of the "what if" panel; what cannot be read asks nothing. */
function askedIn(query: URLSearchParams): WhatIf {
	const drop = query.getAll('drop').map(Number);
	const { error, value } = Joi.object<AskForm>(askFields).validate(Object.fromEntries(query), {
		stripUnknown: true
	});
	if (error) return { children: null, start: null, weekdays: [], drop: [] };
	return asAsked(
		value,
		drop.filter((one) => Number.isInteger(one) && one > 0)
	);
}

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const missed = url.searchParams.get('missed');
	const asked = askedIn(url.searchParams);
	return {
		asked,
		answer: isAsked(asked) ? whatIf(now, run, asked) : null,
		childCount: run.participants.filter((person) => person.kind === 'child').length,
		ways: fitTexts(now, run),
		holidays: holidayRows(now, run),
		country: now.snapshot.household.country,
		missable: missableDays(run),
		missed:
			missed && isDay(missed)
				? { day: missed, dayText: dayText(missed), moves: missedPreview(now, run.run.id, missed)?.text ?? '' }
				: null,
		plan: planOf(now, run),
		calendar: {
			start: run.run.start_on,
			end: run.run.end_on,
			weekdays: run.weekdays,
			keepFree: run.run.keep_free,
			collectingPlace: run.run.collecting_place_id,
			habits: habitsTyped(now.snapshot, {
				run: run.run.id,
				kind: run.run.habit,
				date: run.run.habit_date
			}),
			householdHabit: now.snapshot.household.habit
		},
		places: placeOptions(now)
	};
};

type CalendarForm = {
	start: string | null;
	end: string | null;
	keepFree: number;
	collectingPlace: number | null;
} & HabitForm &
	WeekdayFlags;

const calendarForm = Joi.object<CalendarForm>({
	start: optionalDay,
	end: optionalDay,
	keepFree: Joi.number().integer().min(0).max(99).empty('').default(0).messages({
		'number.base': 'Please give the spare days as a whole number',
		'number.integer': 'Please give the spare days as a whole number',
		'number.min': 'Spare days cannot be below 0'
	}),
	collectingPlace: id.empty('').allow(null).default(null),
	...habitFields,
	...weekdayFlags
});

const lessonFields = {
	title: title('the lesson a title'),
	note: Joi.string().trim().allow('').max(500).default(''),
	optional: flag,
	sessions: Joi.number().integer().min(1).max(50).default(1).messages({
		'number.base': 'Please give the days as a whole number, 1 or more',
		'number.integer': 'Please give the days as a whole number, 1 or more',
		'number.min': 'A lesson takes at least one day'
	})
};
type LessonForm = { title: string; note: string; optional: boolean; sessions: number };
const asLesson = (form: LessonForm): units.LessonInput => ({
	title: form.title,
	note: form.note,
	optional: form.optional ? 1 : 0,
	sessions: form.sessions
});

export const actions: Actions = {
	calendar: (event) =>
		act(event, calendarForm, 'Calendar', (trx, form) =>
			units.setCalendar(trx, Number(event.params.run), {
				start: form.start,
				end: form.end,
				keepFree: form.keepFree,
				habits: asHabits(form),
				collectingPlace: form.collectingPlace,
				weekdays: chosenWeekdays(form)
			})
		),
	block: (event) =>
		act(
			event,
			Joi.object<{ from: string; to: string | null; reason: string }>({
				from: day
					.required()
					.messages({ 'any.required': 'Please give the day', 'string.empty': 'Please give the day' }),
				to: optionalDay,
				reason: Joi.string().trim().allow('').max(100).default('')
			}),
			'Day off',
			(trx, form) =>
				units.addBlocked(
					trx,
					Number(event.params.run),
					form.from,
					form.to ?? form.from,
					form.reason || 'day off'
				)
		),
	unblock: (event) =>
		act(event, Joi.object<{ id: number }>({ id: id.required() }), 'Day off removed', (trx, form) =>
			units.removeBlocked(trx, Number(event.params.run), form.id)
		),
	add: (event) =>
		act(event, Joi.object<LessonForm>(lessonFields), 'Lesson added', (trx, form) =>
			units.addLesson(trx, Number(event.params.run), asLesson(form))
		),
	contents: (event) =>
		act(
			event,
			Joi.object<{ contents: string }>({
				contents: Joi.string()
					.trim()
					.max(200_000)
					.required()
					.messages({ 'string.empty': 'Paste the lessons first, one on each line' })
			}),
			(added: number) => (added === 1 ? '1 lesson added' : `${added} lessons added`),
			async (trx, form) => {
				const lessons = lessonsTyped(form.contents);
				for (const lesson of lessons) await units.addLesson(trx, Number(event.params.run), lesson);
				return lessons.length;
			}
		),
	edit: (event) =>
		act(
			event,
			Joi.object<LessonForm & { id: number }>({ id: id.required(), ...lessonFields }),
			'Lesson changed',
			(trx, form) => units.updateLesson(trx, Number(event.params.run), form.id, asLesson(form))
		),
	order: (event) =>
		act(event, Joi.object<{ order: number[] }>({ order: ids.required() }), 'Order of lessons', (trx, form) =>
			units.orderLessons(trx, Number(event.params.run), form.order)
		),
	remove: (event) =>
		act(event, Joi.object<{ id: number }>({ id: id.required() }), 'Lesson removed', (trx, form) =>
			units.removeLesson(trx, Number(event.params.run), form.id)
		),
	fit: (event) =>
		act(
			event,
			Joi.object<{ way: string }>({ way: Joi.string().required() }),
			(what: string) => what,
			async (trx, form) => {
				const { now, run } = await runOf(event.params);
				return makeFit(trx, now, run, form.way);
			}
		),
	apply: (event) =>
		act(
			event,
			Joi.object<AskForm & { drop: number[] }>({ ...askFields, drop: ids.default([]) }),
			'Plan changed',
			async (trx, form) => applyWhatIf(trx, (await runOf(event.params)).run, asAsked(form, form.drop))
		),
	missed: (event) =>
		act(
			event,
			Joi.object<{ day: string }>({ day: day.required() }),
			(when: string) => `Rolled on: no lesson on ${when}`,
			(trx, form) => rollOn(trx, Number(event.params.run), form.day)
		),
	outcome: outcomeAction
};
