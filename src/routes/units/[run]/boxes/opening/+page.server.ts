import Joi from 'joi';
import { OPENING_KINDS, type OpeningKind } from '$core/boxes/index.ts';
import { Refusal } from '$core/error.ts';
import type { Day } from '$core/calendar/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { checkbox, id, optionalDay, title } from '$lib/server/schemas/fields.ts';
import { openingView } from '$lib/server/services/boxes/opening.ts';
import {
	addOpeningThing,
	changeOpeningThing,
	removeOpeningThing,
	setOpeningBox
} from '$lib/server/stores/boxes/boxes.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	return { view: openingView(now, run), today: now.today };
};

const kind = Joi.string().valid(...OPENING_KINDS);

export const actions: Actions = {
	box: (event) =>
		handleForm(
			event,
			Joi.object<{ place: number | null; opensOn: Day | null } & Record<string, unknown>>({
				place: id.empty('').allow(null).default(null),
				opensOn: optionalDay
			}).pattern(/^kind-/, checkbox),
			'Saved',
			async ({ trx }, { place, opensOn, ...rest }) => {
				const { run } = await runOf({ run: event.params.run! });
				const kinds = OPENING_KINDS.filter((one) => rest[`kind-${one}`] === true);
				await setOpeningBox(trx, run.row.id, { place, opensOn, kinds });
			}
		),
	add: (event) =>
		handleForm(
			event,
			Joi.object<{
				title: string;
				kind: OpeningKind;
				liters: number | null;
				dollars: number | null;
				hidden: boolean;
				resource: number | null;
			}>({
				title: title('what it is'),
				kind: kind.required(),
				liters: Joi.number().greater(0).max(300).empty('').allow(null).default(null).messages({
					'number.base': 'Enter the room it takes in liters, like 2',
					'number.greater': 'It takes more than 0 liters. Leave it empty for the usual'
				}),
				dollars: Joi.number().min(0).max(10_000).empty('').allow(null).default(null).messages({
					'number.base': 'Enter the price as a number, like 12.50',
					'number.min': 'A price is 0 or more'
				}),
				hidden: checkbox,
				resource: id.empty('').allow(null).default(null)
			}),
			(what: string) => `Added: ${what}`,
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				const isOurs = form.resource !== null;
				if (isOurs && !now.snapshot.resources.some((one) => one.id === form.resource))
					throw new Refusal('That’s no longer in your home library. Reload the page.');
				await addOpeningThing(trx, run.row.id, {
					title: form.title,
					kind: form.kind,
					liters: form.liters,
					cents: form.dollars === null ? null : Math.round(form.dollars * 100),
					hidden: form.hidden ? 1 : 0,
					inside: 0,
					resource_id: form.resource,
					came_on: null
				});
				return form.title;
			}
		),
	inside: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; inside: boolean }>({ id: id.required(), inside: checkbox }),
			(isIn: boolean) => (isIn ? 'It’s in the box' : 'It’s out of the box'),
			async ({ trx, now }, form) => {
				const { run } = await runOf({ run: event.params.run! });
				await changeOpeningThing(trx, run.row.id, form.id, {
					inside: form.inside ? 1 : 0,
					came_on: form.inside ? now.today : null
				});
				return form.inside;
			}
		),
	remove: (event) =>
		handleForm(event, Joi.object<{ id: number }>({ id: id.required() }), 'Removed', async ({ trx }, form) => {
			const { run } = await runOf({ run: event.params.run! });
			await removeOpeningThing(trx, run.row.id, form.id);
		})
};
