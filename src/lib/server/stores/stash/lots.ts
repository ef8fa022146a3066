import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { afterMaking, type KitPart } from '$core/gathering/index.ts';
import {
	amountText,
	convert,
	exact,
	exactText,
	isSome,
	smaller,
	ZERO,
	type Exact,
	type Unit
} from '$core/measure/index.ts';
import type { Db } from '../../database/open.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type NewLot = {
	readonly item_id: number;
	readonly amount: Exact;
	readonly unit: Unit;
	readonly place_id: number | null;
	readonly good_until: Day | null;
};

type Happened = Omit<Row<'lot_event'>, 'id' | 'place'>;

/** Writes down what happened to a lot, with the name that its place has now. */
async function note(trx: Trx, event: Happened, place: number | null): Promise<void> {
	const row =
		place === null
			? null
			: await trx.selectFrom('place').select('name').where('id', '=', place).executeTakeFirst();
	await trx
		.insertInto('lot_event')
		.values({ ...event, place: row?.name ?? '' })
		.execute();
}

/** Puts something in a place; what lies there of the same kind, unit and age becomes one lot with it. */
export async function addLot(
	trx: Trx,
	lot: NewLot,
	today: Day,
	kind: 'added' | 'bought' = 'added'
): Promise<number> {
	const id = await putLot(trx, lot, today);
	const { item_id, unit } = lot;
	await note(
		trx,
		{ item_id, unit, lot_id: id, on_day: today, kind, amount: exactText(lot.amount) },
		lot.place_id
	);
	return id;
}

async function putLot(trx: Trx, lot: NewLot, today: Day): Promise<number> {
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
	if (!lot) throw new Refusal('That is gone. Reload the page.');
	return lot;
}

/** Corrects what a place really holds, as counted today; what is less by that was lost, what is more was added. */
export async function countLot(trx: Trx, id: number, amount: Exact, today: Day): Promise<void> {
	const lot = await lotById(trx, id);
	const { item_id, unit, place_id } = lot;
	const more = amount.sub(exact(lot.amount));
	if (!more.equals(ZERO))
		await note(
			trx,
			{
				item_id,
				unit,
				lot_id: id,
				on_day: today,
				kind: more.s < 0n ? 'lost' : 'added',
				amount: exactText(more.abs())
			},
			place_id
		);
	await trx
		.updateTable('lot')
		.set({ amount: exactText(amount), counted_on: today })
		.where('id', '=', id)
		.execute();
	await note(
		trx,
		{ item_id, unit, lot_id: id, on_day: today, kind: 'counted', amount: exactText(amount) },
		place_id
	);
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
	const to = await putLot(trx, { item_id, unit, good_until, amount: moved, place_id: place }, today);
	await note(
		trx,
		{ item_id, unit, lot_id: to, on_day: today, kind: 'came', amount: exactText(moved) },
		lot.place_id
	);
	await note(
		trx,
		{ item_id, unit, lot_id: id, on_day: today, kind: 'moved', amount: exactText(moved) },
		place
	);
}

/**
 * Puts some of a lot somewhere else, as a lot of its own. @throws Refusal when there is not that
 * much, or it lies there already.
 */
export async function splitLot(
	trx: Trx,
	id: number,
	amount: Exact,
	place: number,
	today: Day
): Promise<void> {
	const lot = await lotById(trx, id);
	if (!isSome(amount)) throw new Refusal('Enter how much, more than 0.', 'some');
	if (amount.compare(exact(lot.amount)) > 0)
		throw new Refusal(`There’s only ${amountText(exact(lot.amount), lot.unit)}.`, 'some');
	if (lot.place_id === place) throw new Refusal('It’s already there. Choose another place.', 'to');
	await moveLot(trx, id, amount, place, today);
}

/** Takes what a lesson used up out of its lot, and out of the pieces of a kit; never below nothing. */
export async function useUp(
	trx: Trx,
	id: number,
	amount: Exact,
	unit: Unit,
	item: string,
	today: Day
): Promise<void> {
	await takeOut(trx, id, convert(amount, unit, (await lotById(trx, id)).unit, item), 'used', today);
	const parts = await trx.selectFrom('kit_part').selectAll().where('lot_id', '=', id).execute();
	for (const part of parts) {
		const [{ there }] = afterMaking(
			[{ name: part.name, each: exact(part.each), there: exact(part.there) }],
			amount
		);
		await trx
			.updateTable('kit_part')
			.set({ there: exactText(there) })
			.where('id', '=', part.id)
			.execute();
	}
}

/** Takes what was brought back to its shop out of its lot; what is not there any more cannot go back. */
export async function giveBack(trx: Trx, id: number, amount: Exact, today: Day): Promise<void> {
	await takeOut(trx, id, amount, 'returned', today);
}

async function takeOut(
	trx: Trx,
	id: number,
	amount: Exact,
	kind: 'used' | 'returned',
	today: Day
): Promise<void> {
	const lot = await lotById(trx, id);
	const taken = smaller(amount, exact(lot.amount));
	await trx
		.updateTable('lot')
		.set({ amount: exactText(exact(lot.amount).sub(taken)) })
		.where('id', '=', id)
		.execute();
	await note(
		trx,
		{ item_id: lot.item_id, unit: lot.unit, lot_id: id, on_day: today, kind, amount: exactText(taken) },
		lot.place_id
	);
}

/** What a kit holds, and for how many makings it was when full. */
export async function setKit(
	trx: Trx,
	id: number,
	makings: number | null,
	parts: readonly KitPart[]
): Promise<void> {
	await lotById(trx, id);
	await trx.updateTable('lot').set({ kit_of: makings }).where('id', '=', id).execute();
	await trx.deleteFrom('kit_part').where('lot_id', '=', id).execute();
	for (const part of parts)
		await trx
			.insertInto('kit_part')
			.values({ lot_id: id, name: part.name, each: exactText(part.each), there: exactText(part.there) })
			.execute();
}

/** A picture of the parts as they are sorted, by its name among the files; null for none. */
export async function setLotPicture(trx: Trx, id: number, picture: string | null): Promise<void> {
	await lotById(trx, id);
	await trx.updateTable('lot').set({ picture }).where('id', '=', id).execute();
}

/** Corrects what is known of a lot: amount, unit, place, until when it is good, whether it is opened. */
export async function updateLot(
	trx: Trx,
	id: number,
	patch: NewLot & { readonly opened: boolean },
	today: Day
): Promise<void> {
	const lot = await lotById(trx, id);
	if (lot.unit !== patch.unit)
		// Said in another unit it is another account: it begins with what is there now.
		await trx
			.updateTable('lot')
			.set({ unit: patch.unit, amount: exactText(patch.amount) })
			.where('id', '=', id)
			.execute();
	if (!exact(lot.amount).equals(patch.amount) || lot.unit !== patch.unit)
		await countLot(trx, id, patch.amount, today);
	await trx
		.updateTable('lot')
		.set({
			item_id: patch.item_id,
			place_id: patch.place_id,
			good_until: patch.good_until
		})
		.where('id', '=', id)
		.execute();
	await openLot(trx, id, patch.opened, today);
}

/** Writes down that a lot was opened, or that it is not after all. */
export async function openLot(trx: Trx, id: number, opened: boolean, today: Day): Promise<void> {
	const lot = await lotById(trx, id);
	if ((lot.opened_on !== null) === opened) return;
	await trx
		.updateTable('lot')
		.set({ opened_on: opened ? today : null })
		.where('id', '=', id)
		.execute();
	if (!opened) return;
	const { item_id, unit, amount, place_id } = lot;
	await note(trx, { item_id, unit, lot_id: id, on_day: today, kind: 'opened', amount }, place_id);
}

/** Takes a lot out of the stash for good: what it still held counts as lost. */
export async function removeLot(trx: Trx, id: number, today: Day): Promise<void> {
	const { item_id, unit, amount, place_id } = await lotById(trx, id);
	await note(trx, { item_id, unit, lot_id: id, on_day: today, kind: 'lost', amount }, place_id);
	await trx.deleteFrom('kit_part').where('lot_id', '=', id).execute();
	await trx.deleteFrom('lot').where('id', '=', id).execute();
}

const SHOWN_EVENTS = 30;

/** What happened to all lots of an item, the latest first. */
export function eventsOfItem(db: Db, item: number): Promise<Row<'lot_event'>[]> {
	return latest(db).where('item_id', '=', item).where('kind', '!=', 'came').execute();
}

/** What happened to one lot, the latest first. */
export function eventsOfLot(db: Db, lot: number): Promise<Row<'lot_event'>[]> {
	return latest(db).where('lot_id', '=', lot).execute();
}

function latest(db: Db) {
	return db.selectFrom('lot_event').selectAll().orderBy('id', 'desc').limit(SHOWN_EVENTS);
}
