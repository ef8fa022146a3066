import Joi from 'joi';
import type { Unit } from '$core/measure/index.ts';
import { PLACES_AT_HOME, type PlaceAtHome } from '$core/reference/index.ts';
import { conflict } from '$lib/server/history/conflicts.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { typedAmount } from '$lib/server/schemas/amount.ts';
import { checkbox, id, unit } from '$lib/server/schemas/fields.ts';
import {
	correct,
	lotText,
	newerThan,
	stillWants,
	tick,
	WALK_SPANS,
	walkOf,
	wantedFrom,
	type WalkPlace
} from '$lib/server/services/gathering/walk.ts';
import { foundIt, isHuntOver, notHere } from '$lib/server/services/looking/hunt.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const run = Number(url.searchParams.get('unit')) || null;
	const span = WALK_SPANS.find((one) => one === url.searchParams.get('span')) ?? 'week';
	const units = now.inWork.map((one) => ({
		id: one.row.id,
		name: one.unit.name,
		hasBin: one.row.collecting_place_id !== null
	}));
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
const ROWS_AT_ONCE = 200;

function firstRows(places: readonly WalkPlace[]): WalkPlace[] {
	let left = ROWS_AT_ONCE;
	return places.flatMap((place) => {
		const rows = place.rows.slice(0, left);
		left -= rows.length;
		const hunt = place.hunt.slice(0, left);
		left -= hunt.length;
		return rows.length || hunt.length ? [{ ...place, rows, hunt }] : [];
	});
}

const seen = Joi.number().integer().min(0).empty('').allow(null).default(null);

const FOUND = 'Found: ';

export const actions: Actions = {
	found: (event) =>
		handleForm(
			event,
			Joi.object<{
				lot: number;
				run: number;
				amount: string;
				unit: Unit;
				move: boolean;
				seen: number | null;
			}>({
				seen,
				lot: id.required(),
				run: id.required(),
				amount: Joi.string().required(),
				unit: unit.required(),
				move: checkbox
			}),
			(what: string) => `${FOUND}${what}`,
			async ({ trx, now }, form) => {
				const found = typedAmount(form.amount);
				const newer = await newerThan(trx, now, form, event.locals.device);
				if (newer !== null && !stillWants(now, form.lot, form.run, found, form.unit)) {
					// Ticked on two phones: it is found once, and neither has to decide anything.
					if (newer.startsWith(FOUND) && wantedFrom(now, form.lot, form.run) === null) return newer;
					throw conflict(
						newer,
						`Needed from there now: ${wantedFrom(now, form.lot, form.run) ?? 'nothing'}.`
					);
				}
				return tick(trx, now, {
					lot: form.lot,
					run: form.run,
					found,
					unit: form.unit,
					move: form.move
				});
			}
		),
	hunt: (event) =>
		handleForm(
			event,
			Joi.object<{
				item: number;
				run: number;
				place: number | null;
				kind: PlaceAtHome;
				answer: 'found' | 'not here';
				amount: string;
				unit: Unit;
				move: boolean;
			}>({
				item: id.required(),
				run: id.required(),
				place: id.empty('').allow(null).default(null),
				kind: Joi.string()
					.valid(...PLACES_AT_HOME)
					.required(),
				answer: Joi.string().valid('found', 'not here').required(),
				amount: Joi.string().trim().allow('').default(''),
				unit: unit.required(),
				move: checkbox
			}),
			(said: string) => said,
			async ({ trx, now }, form) => {
				const found = form.answer === 'found';
				if (isHuntOver(now, form.item, found)) return 'Answered already';
				if (!found) return notHere(trx, now, form.item, form);
				const amount = form.amount ? typedAmount(form.amount) : null;
				return `${FOUND}${await foundIt(trx, now, { ...form, amount })}`;
			}
		),
	there: (event) =>
		handleForm(
			event,
			Joi.object<{ lot: number; amount: string; seen: number | null }>({
				seen,
				lot: id.required(),
				amount: Joi.string().trim().default('0')
			}),
			(what: string) => `Count fixed: ${what}`,
			async ({ trx, now }, form) => {
				const there = typedAmount(form.amount);
				const newer = await newerThan(trx, now, form, event.locals.device);
				if (newer !== null) throw conflict(newer, `Count there now: ${lotText(now, form.lot)}.`);
				return correct(trx, now, form.lot, there);
			}
		)
};
