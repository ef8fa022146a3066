import type { Day } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import {
	convert,
	exact,
	exactText,
	isSome,
	smaller,
	ZERO,
	type Exact,
	type Unit
} from '$core/measure/index.ts';
import type { Row } from '../database/tables.ts';
import type { Trx } from './changes.ts';

export type NewLot = {
	readonly item_id: number;
	readonly amount: Exact;
	readonly unit: Unit;
	readonly place_id: number | null;
	readonly good_until: Day | null;
};

/** Puts something in a place; what lies there of the same kind, unit and age becomes one lot with it. */
export async function addLot(trx: Trx, lot: NewLot, today: Day): Promise<number> {
	const same = await trx
		.selectFrom('lot')
		.selectAll()
		.where('item_id', '=', lot.item_id)
		.where('unit', '=', lot.unit)
		.where('place_id', 'is', lot.place_id)
		.where('good_until', 'is', lot.good_until)
		.executeTakeFirst();
	if (same) {
		const amount = exactText(exact(same.amount).add(lot.amount));
		await trx.updateTable('lot').set({ amount }).where('id', '=', same.id).execute();
		return same.id;
	}
	const { id } = await trx
		.insertInto('lot')
		.values({ ...lot, amount: exactText(lot.amount), counted_on: today })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function lotById(trx: Trx, id: number): Promise<Row<'lot'>> {
	const lot = await trx.selectFrom('lot').selectAll().where('id', '=', id).executeTakeFirst();
	if (!lot) throw new CoreError('That is not in the stash any more. Load the page again.');
	return lot;
}

/** Corrects what a place really holds, as counted today. */
export async function countLot(trx: Trx, id: number, amount: Exact, today: Day): Promise<void> {
	await trx
		.updateTable('lot')
		.set({ amount: exactText(amount), counted_on: today })
		.where('id', '=', id)
		.execute();
}

/** Moves an amount of a lot to another place; all of it at the most. Nothing is gained or lost. */
export async function moveLot(trx: Trx, id: number, amount: Exact, place: number, today: Day): Promise<void> {
	const lot = await lotById(trx, id);
	if (lot.place_id === place) return;
	const moved = smaller(amount, exact(lot.amount));
	if (!isSome(moved)) return;
	await trx
		.updateTable('lot')
		.set({ amount: exactText(exact(lot.amount).sub(moved)) })
		.where('id', '=', id)
		.execute();
	const { item_id, unit, good_until } = lot;
	await addLot(trx, { item_id, unit, good_until, amount: moved, place_id: place }, today);
}

/** Takes what a lesson used up out of its lot, never below nothing. */
export async function useUp(trx: Trx, id: number, amount: Exact, unit: Unit, item: string): Promise<void> {
	const lot = await lotById(trx, id);
	const left = exact(lot.amount).sub(convert(amount, unit, lot.unit, item));
	await trx
		.updateTable('lot')
		.set({ amount: exactText(isSome(left) ? left : ZERO) })
		.where('id', '=', id)
		.execute();
}
