import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

/** Writes down what was bought and paid. */
export async function addPurchase(trx: Trx, input: Omit<Row<'purchase'>, 'id'>): Promise<void> {
	await trx.insertInto('purchase').values(input).execute();
}

/** Somebody pays a purchase back, or nobody does. */
export async function setReimbursable(trx: Trx, id: number, is: boolean): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('purchase')
		.set({ reimbursable: is ? 1 : 0 })
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That purchase is gone. Reload the page.');
}

/** The shop took a purchase back. */
export async function setReturned(trx: Trx, id: number, today: Day): Promise<void> {
	await trx.updateTable('purchase').set({ returned_on: today }).where('id', '=', id).execute();
}

/** The last receipt of a day for a thing from a shop gets another sum. */
export async function setReceiptCents(
	trx: Trx,
	item: number,
	supplier: number,
	day: Day,
	cents: number
): Promise<void> {
	const receipt = await trx
		.selectFrom('purchase')
		.select('id')
		.where('item_id', '=', item)
		.where('supplier_id', '=', supplier)
		.where('on_day', '=', day)
		.orderBy('id', 'desc')
		.executeTakeFirst();
	if (receipt) await trx.updateTable('purchase').set({ cents }).where('id', '=', receipt.id).execute();
}

export async function purchaseOf(trx: Trx, id: number): Promise<Row<'purchase'>> {
	const purchase = await trx.selectFrom('purchase').selectAll().where('id', '=', id).executeTakeFirst();
	if (!purchase) throw new Refusal('That purchase is gone. Reload the page.');
	return purchase;
}
