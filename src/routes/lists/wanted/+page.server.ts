import Joi from 'joi';
import { readWanted } from '$core/buying/index.ts';
import { act } from '$lib/server/act.ts';
import { situation } from '$lib/server/household.ts';
import { money } from '$lib/server/schemas/activity.ts';
import { id } from '$lib/server/schemas/fields.ts';
import { wantedView } from '$lib/server/services/wanted.ts';
import { addWanted, foundWanted, removeWanted } from '$lib/server/stores/wanted.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const words = url.searchParams.get('q')?.trim().slice(0, 100) ?? '';
	return { words, view: wantedView(await situation(), words) };
};

export const actions: Actions = {
	add: (event) =>
		act(
			event,
			Joi.object<{ text: string }>({
				text: Joi.string().trim().max(300).required().messages({
					'string.empty': 'Please say what you look for, like “brass compass, up to $12”',
					'any.required': 'Please say what you look for, like “brass compass, up to $12”'
				})
			}),
			(what: string) => `${what}: looked for`,
			async (trx, { text }) => {
				const { runs, snapshot, today } = await situation();
				const read = readWanted(
					text,
					runs.map((run) => run.unit.name),
					snapshot.people.map((person) => person.name)
				);
				const run = runs.find((one) => one.unit.name === read.unit);
				const person = snapshot.people.find((one) => one.name === read.person);
				await addWanted(
					trx,
					{
						what: read.what,
						run_id: run?.run.id ?? null,
						person_id: person?.id ?? null,
						most_cents: read.mostCents,
						look_at: read.where
					},
					today
				);
				return read.what;
			}
		),
	found: (event) =>
		act(
			event,
			Joi.object<{ id: number; paid: number }>({ id: id.required(), paid: money.default(0) }),
			(what: string) => `${what}: found`,
			async (trx, form) => {
				const { runs, snapshot, today } = await situation();
				const row = snapshot.wanted.find((one) => one.id === form.id);
				const place = runs.find(({ run }) => run.id === row?.run_id)?.run.collecting_place_id ?? null;
				return foundWanted(trx, form.id, place, Math.round(form.paid * 100), today);
			}
		),
	remove: (event) =>
		act(event, Joi.object<{ id: number }>({ id: id.required() }), 'Off the list', (trx, form) =>
			removeWanted(trx, form.id)
		)
};
