import { error, redirect, type RequestEvent } from '@sveltejs/kit';
import Joi from 'joi';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import {
	chosenWeekdays,
	optionalDay,
	title,
	weekdayFlags,
	type WeekdayFlags,
	letInField
} from '$lib/server/schemas/fields.ts';
import { measureFields } from '$lib/server/schemas/measures.ts';
import { eveningOf, STEPS, type Step } from '$lib/server/services/house/first-evening.ts';
import { addPeopleTyped } from '$lib/server/services/house/people-typed.ts';
import { addPlacesTyped } from '$lib/server/services/house/places-typed.ts';
import { lessonsTyped } from '$lib/server/services/plan/contents.ts';
import { markEvening, setMeasures, type Measures } from '$lib/server/stores/house/household.ts';
import { addLesson } from '$lib/server/stores/plan/lessons.ts';
import { createUnit, setCalendar } from '$lib/server/stores/plan/units.ts';
import type { Actions, PageServerLoad } from './$types';
import { counted } from '$core/words/index.ts';

export const load: PageServerLoad = async ({ params }) => {
	const step = STEPS.find((one) => one === params.step);
	if (!step) error(404, 'No such step.');
	const now = await situation();
	const evening = eveningOf(now);
	return {
		step,
		evening,
		household: now.snapshot.household,
		today: now.today,
		lessons:
			evening.run === null
				? []
				: now.runs
						.find((one) => one.row.id === evening.run)!
						.lessons.map(({ lesson, number }) => ({ id: lesson.id, number, title: lesson.title }))
	};
};

/** After a step the next open one; after the last, the answer. */
async function goOn(event: RequestEvent, after: Step, said: string | null): Promise<never> {
	sayAfterRedirect(event.cookies, said);
	const evening = eveningOf(await situation());
	const later = STEPS.slice(STEPS.indexOf(after) + 1).find(
		(step) => evening.steps.find((one) => one.id === step)!.state !== 'done'
	);
	redirect(303, later ? `/start/${later}` : evening.run === null ? '/' : `/units/${evening.run}`);
}

const text = (message: string) =>
	Joi.string()
		.trim()
		.min(1)
		.max(200_000)
		.required()
		.messages({ 'string.empty': message, 'any.required': message, 'string.max': 'That is too long' });

type UnitForm = { name: string; contents: string; letIn: string; start: string | null } & WeekdayFlags;

export const actions: Actions = {
	who: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<{ children: string; adults: string }>({
				children: text('Name the children first, or skip this step'),
				adults: Joi.string().trim().allow('').max(500).default('')
			}),
			(names: string) => `Added: ${names}`,
			async ({ trx, now }, form) => addPeopleTyped(trx, now, form.children, form.adults)
		);
		return 'result' in done ? goOn(event, 'who', done.changed) : done;
	},
	places: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<{ places: string }>({ places: text('Name a room first, or skip this step') }),
			(added: number) => (added === 1 ? '1 place' : `${added} places`),
			({ trx }, form) => addPlacesTyped(trx, form.places)
		);
		return 'result' in done ? goOn(event, 'places', done.changed) : done;
	},
	measures: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<Measures>(measureFields),
			'Measurements saved',
			async ({ trx }, form) => {
				await setMeasures(trx, form);
				await markEvening(trx, { measures: 'done' });
			}
		);
		return 'result' in done ? goOn(event, 'measures', done.changed) : done;
	},
	unit: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<UnitForm>({
				name: title('a name for the unit'),
				contents: text('Paste or type the lessons first, one per line'),
				letIn: letInField,
				start: optionalDay,
				...weekdayFlags
			}),
			({ lessons }: { lessons: number }) => `New unit with ${counted(lessons, 'lesson')}`,
			async ({ trx, now }, form) => {
				const lessons = lessonsTyped(form.contents, form.letIn);
				const run = await createUnit(trx, form.name, now.today);
				for (const lesson of lessons) await addLesson(trx, run, lesson);
				await setCalendar(trx, run, {
					start: form.start,
					end: null,
					weekdays: chosenWeekdays(form),
					keepFree: 0,
					habits: { kind: null, date: null, streams: {} }
				});
				return { lessons: lessons.length };
			}
		);
		return 'result' in done ? goOn(event, 'unit', done.changed) : done;
	},
	skip: async (event) => {
		const step = event.params.step as Step;
		const done = await handleForm(event, Joi.object({}), 'Skipped for now', ({ trx }) =>
			markEvening(trx, { [step]: 'skipped' })
		);
		return 'result' in done ? goOn(event, step, null) : done;
	},
	over: async (event) => {
		const done = await handleForm(event, Joi.object({}), 'Setup skipped', ({ trx }) =>
			markEvening(trx, { over: 'done' })
		);
		if (!('result' in done)) return done;
		sayAfterRedirect(event.cookies, done.changed);
		redirect(303, '/');
	}
};
