import Joi from 'joi';
import { act } from '$lib/server/act.ts';
import { typedAmount } from '$lib/server/acts-on-needs.ts';
import { situation } from '$lib/server/household.ts';
import { flag, id, unit } from '$lib/server/schemas/fields.ts';
import { correct, tick, walkOf, type WalkPlace, type WalkSpan } from '$lib/server/services/walk.ts';
import type { Unit } from '$core/measure/index.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const run = Number(url.searchParams.get('unit')) || null;
	const span: WalkSpan = url.searchParams.get('span') === 'all' ? 'all' : 'week';
	const units = now.runs
		.filter(({ run: one }) => one.state !== 'put away')
		.map((one) => ({ id: one.run.id, name: one.unit.name }));
	const walk = walkOf(now, run, span);
	return {
		walk: url.searchParams.get('show') === 'all' ? walk : { ...walk, places: firstRows(walk.places) },
		revision: now.snapshot.revision,
		run,
		span,
		units,
		allThings: span === 'all' ? walk.things : walkOf(now, run, 'all').things
	};
};

/** A walk through a very large house begins with as many rows as one evening takes. */
const ROWS_AT_ONCE = 300;

function firstRows(places: readonly WalkPlace[]): WalkPlace[] {
	let left = ROWS_AT_ONCE;
	return places.flatMap((place) => {
		const rows = place.rows.slice(0, left);
		left -= rows.length;
		return rows.length ? [{ ...place, rows }] : [];
	});
}

export const actions: Actions = {
	found: (event) =>
		act(
			event,
			Joi.object<{ lot: number; run: number; amount: string; unit: Unit; move: boolean }>({
				lot: id.required(),
				run: id.required(),
				amount: Joi.string().required(),
				unit: unit.required(),
				move: flag
			}),
			(what: string) => `Found: ${what}`,
			async (trx, form) =>
				tick(trx, await situation(), {
					lot: form.lot,
					run: form.run,
					found: typedAmount(form.amount),
					unit: form.unit,
					move: form.move
				})
		),
	there: (event) =>
		act(
			event,
			Joi.object<{ lot: number; amount: string }>({
				lot: id.required(),
				amount: Joi.string().trim().default('0')
			}),
			(what: string) => `Count corrected: ${what}`,
			async (trx, form) => correct(trx, await situation(), form.lot, typedAmount(form.amount))
		)
};
