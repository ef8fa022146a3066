import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { exact } from '$core/measure/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { itemNamed } from '../stash/items.ts';
import { addLot, moveLot } from '../stash/lots.ts';
import { addPurchase } from './purchases.ts';

export type WantedInput = Pick<Row<'wanted'>, 'what' | 'run_id' | 'person_id' | 'most_cents' | 'look_at'>;

export async function addWanted(trx: Trx, input: WantedInput, today: Day): Promise<void> {
	await trx
		.insertInto('wanted')
		.values({ ...input, noted_on: today })
		.execute();
}

/** It was found: into the unit's box, onto the stash, with what it cost. */
export async function foundWanted(
	trx: Trx,
	id: number,
	place: number | null,
	cents: number,
	today: Day
): Promise<string> {
	const row = await wantedOf(trx, id);
	if (row.found_on) throw new Refusal(`“${row.what}” is already found.`);
	const item = await itemNamed(trx, row.what);
	await addLot(
		trx,
		{ item_id: item.id, amount: exact(1), unit: 'each', place_id: place, good_until: null },
		today
	);
	await addPurchase(trx, {
		item_id: item.id,
		supplier_id: null,
		run_id: row.run_id,
		on_day: today,
		amount: '1',
		unit: 'each',
		cents,
		reimbursable: 0,
		lesson_id: null,
		lot_id: null,
		return_by: null,
		returned_on: null
	});
	await trx.updateTable('wanted').set({ found_on: today, found_cents: cents }).where('id', '=', id).execute();
	return row.what;
}

/** One that the house has does as well: it goes into the unit's box, and nothing is paid. */
export async function servedAtHome(
	trx: Trx,
	id: number,
	lot: number,
	place: number | null,
	today: Day
): Promise<string> {
	const row = await wantedOf(trx, id);
	if (row.found_on) throw new Refusal(`“${row.what}” is already found.`);
	if (place !== null) await moveLot(trx, lot, exact(1), place, today);
	await trx.updateTable('wanted').set({ found_on: today, found_cents: 0 }).where('id', '=', id).execute();
	return row.what;
}

export async function removeWanted(trx: Trx, id: number): Promise<void> {
	await wantedOf(trx, id);
	await trx.deleteFrom('wanted').where('id', '=', id).execute();
}

async function wantedOf(trx: Trx, id: number): Promise<Row<'wanted'>> {
	const row = await trx.selectFrom('wanted').selectAll().where('id', '=', id).executeTakeFirst();
	if (!row) throw new Refusal('That is no longer on the list. Reload the page.');
	return row;
}
