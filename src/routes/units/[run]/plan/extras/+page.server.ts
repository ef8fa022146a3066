import Joi from 'joi';
import { dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { readActivity } from '$core/plan/index.ts';
import { opened } from '$lib/server/live/data.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { activityFields, asActivity, type ActivityForm } from '$lib/server/schemas/activity.ts';
import { dollars, checkbox, id, optionalDay, whoFlags } from '$lib/server/schemas/fields.ts';
import { limitsOf } from '$core/account/index.ts';
import { resourcesNamed } from '$lib/server/services/library/named.ts';
import { typedActivity } from '$lib/server/services/plan/activity-typed.ts';
import { applyChoice, choiceOf } from '$lib/server/services/plan/choose-extras.ts';
import { extrasOf } from '$lib/server/services/plan/extras.ts';
import {
	addActivity,
	countDone,
	placeActivity,
	removeActivity,
	setStanding,
	updateActivity
} from '$lib/server/stores/plan/activities.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	const asked = dollars
		.allow(null)
		.default(null)
		.validate(url.searchParams.get('budget') ?? undefined);
	const budget = asked.error || asked.value === null ? null : Math.round((asked.value as number) * 100);
	const saved = limitsOf(run.row).budget;
	return {
		extras: extrasOf(now, run, url.searchParams.has('all')),
		choice: choiceOf(now, run, budget),
		budget: budget ?? saved,
		asked: url.searchParams.get('budget') ?? '',
		lessons: run.lessons
			.filter((one) => !one.over)
			.map((one) => ({
				value: String(one.lesson.id),
				label: `${one.number} ${one.lesson.title}${one.dates.length ? `, ${dayText(one.dates[0])}` : ''}`
			})),
		people: run.participants.map((person) => ({ id: person.id, name: person.name }))
	};
};

const one = Joi.object<{ id: number }>({ id: id.required() });
const placeFields = { lesson: id.empty('').allow(null).default(null), day: optionalDay };

export const actions: Actions = {
	add: (event) =>
		handleForm(
			event,
			Joi.object<{ text: string }>({
				text: Joi.string().trim().max(500).required().messages({
					'string.empty': 'Enter an idea, like “salt dough island, craft, 45 min, messy”',
					'any.required': 'Say what it is'
				})
			}),
			(title: string) => `Added: ${title}`,
			async ({ trx }, form) => {
				const { run } = await runOf(event.params);
				const people = run.participants;
				const typed = readActivity(
					form.text,
					people.map((person) => person.name)
				);
				if (!typed.title) throw new Refusal('Start with a name, before the first comma.', 'text');
				await addActivity(trx, run.row.id, typedActivity(people, typed));
				return typed.title;
			}
		),
	edit: (event) =>
		handleForm(
			event,
			Joi.object<ActivityForm & { id: number; lesson: number | null; day: string | null; required: boolean }>(
				{
					id: id.required(),
					required: checkbox,
					...placeFields,
					...activityFields
				}
			).pattern(whoFlags, checkbox),
			'Extra saved',
			async ({ trx, now }, form) => {
				const run = Number(event.params.run);
				if (form.lesson !== null && form.day !== null)
					throw new Refusal('Choose a lesson or its own day, not both.', 'day');
				const { read } = await opened();
				await updateActivity(trx, run, form.id, {
					...asActivity(form),
					resources: await resourcesNamed(read, now, form.resources),
					standing: form.required ? 'required' : 'extra'
				});
				await placeActivity(trx, run, form.id, { lesson: form.lesson, day: form.day });
			}
		),
	place: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; lesson: number | null; day: string | null }>({
				id: id.required(),
				...placeFields
			}),
			'Extra moved',
			({ trx }, form) => placeActivity(trx, Number(event.params.run), form.id, form)
		),
	done: (event) =>
		handleForm(event, one, 'Done once', ({ trx }, form) =>
			countDone(trx, Number(event.params.run), form.id, 1)
		),
	without: (event) =>
		handleForm(event, one, 'Skipped', ({ trx }, form) =>
			setStanding(trx, Number(event.params.run), form.id, 'do without')
		),
	back: (event) =>
		handleForm(event, one, 'Needed again', ({ trx }, form) =>
			setStanding(trx, Number(event.params.run), form.id, 'extra')
		),
	remove: (event) =>
		handleForm(event, one, 'Extra removed', ({ trx }, form) =>
			removeActivity(trx, Number(event.params.run), form.id)
		),
	choose: (event) =>
		handleForm(
			event,
			Joi.object<{ chosen: string }>({
				chosen: Joi.string()
					.pattern(/^(\d+@\d+(,\d+@\d+)*)?$/)
					.allow('')
					.required()
			}),
			(moved: number) => `Best mix used: ${moved} moved`,
			async ({ trx }, form) => {
				const { now, run } = await runOf(event.params);
				const chosen = form.chosen
					.split(',')
					.filter(Boolean)
					.map((one) => one.split('@').map(Number))
					.map(([id, week]) => ({ id, week }));
				return applyChoice(trx, now, run, chosen);
			}
		)
};
