import Joi from 'joi';
import { readWanted } from '$core/buying/index.ts';
import { Refusal } from '$core/error.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { id, dollars } from '$lib/server/schemas/fields.ts';
import { ownedBooks, ownedThings, wantedView } from '$lib/server/services/buying/wanted.ts';
import type { Situation } from '$core/account/index.ts';
import { addWanted, foundWanted, removeWanted, servedAtHome } from '$lib/server/stores/buying/wanted.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const words = url.searchParams.get('q')?.trim().slice(0, 100) ?? '';
	const now = await situation();
	return {
		words,
		view: wantedView(now),
		things: ownedThings(now),
		books: words ? ownedBooks(now, words) : [],
		revision: now.snapshot.revision
	};
};

function boxOf(runs: Situation['runs'], run: number | null | undefined): number | null {
	return runs.find((one) => one.row.id === run)?.row.collecting_place_id ?? null;
}

export const actions: Actions = {
	add: (event) =>
		handleForm(
			event,
			Joi.object<{ text: string }>({
				text: Joi.string().trim().max(300).required().messages({
					'string.empty': 'Enter what you’re looking for, like “brass compass, up to $12”',
					'any.required': 'Enter what you’re looking for, like “brass compass, up to $12”'
				})
			}),
			(what: string) => `Added: ${what}`,
			async ({ trx, now }, { text }) => {
				const { runs, snapshot, today } = now;
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
						run_id: run?.row.id ?? null,
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
		handleForm(
			event,
			Joi.object<{ id: number; paid: number }>({ id: id.required(), paid: dollars.default(0) }),
			(what: string) => `${what}: found`,
			async ({ trx, now }, form) => {
				const { runs, snapshot, today } = now;
				const row = snapshot.wanted.find((one) => one.id === form.id);
				const place = boxOf(runs, row?.run_id);
				return foundWanted(trx, form.id, place, Math.round(form.paid * 100), today);
			}
		),
	serve: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			(what: string) => `${what}: from home`,
			async ({ trx, now }, form) => {
				const row = now.snapshot.wanted.find((one) => one.id === form.id);
				const one = wantedView(now).open.find((each) => each.id === form.id);
				if (!row || !one?.atHome)
					throw new Refusal('None is left at home that lessons don’t use up. Reload the page.');
				return servedAtHome(trx, form.id, one.atHome.lot, boxOf(now.runs, row.run_id), now.today);
			}
		),
	remove: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Removed from the list',
			({ trx }, form) => removeWanted(trx, form.id)
		)
};
