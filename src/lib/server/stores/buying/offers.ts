import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { exactText, isSome, type Exact, type Unit } from '$core/measure/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type OfferInput = {
	readonly item: number;
	readonly supplier: number;
	readonly size: Exact;
	readonly unit: Unit;
	readonly cents: number;
	readonly aisle: string;
};

/** Notes what a pack costs in a shop; the same pack noted again gets the new price. */
export async function addOffer(trx: Trx, input: OfferInput, today: Day): Promise<number> {
	if (!isSome(input.size)) throw new Refusal('The pack size must be more than 0.', 'pack');
	const size = exactText(input.size);
	const same = await trx
		.selectFrom('offer')
		.selectAll()
		.where('item_id', '=', input.item)
		.where('supplier_id', '=', input.supplier)
		.where('size', '=', size)
		.where('unit', '=', input.unit)
		.executeTakeFirst();
	if (same) {
		await setPrice(trx, same.id, input.cents, today);
		if (input.aisle)
			await trx.updateTable('offer').set({ aisle: input.aisle }).where('id', '=', same.id).execute();
		return same.id;
	}
	const { id } = await trx
		.insertInto('offer')
		.values({
			item_id: input.item,
			supplier_id: input.supplier,
			size,
			unit: input.unit,
			cents: input.cents,
			seen_on: today,
			aisle: input.aisle
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	await trx.insertInto('price').values({ offer_id: id, on_day: today, cents: input.cents }).execute();
	return id;
}

/** A pack costs something else now; what it cost before stays on record. */
export async function setPrice(trx: Trx, id: number, cents: number, today: Day): Promise<void> {
	const offer = await offerOf(trx, id);
	await trx.updateTable('offer').set({ cents, seen_on: today }).where('id', '=', id).execute();
	if (offer.cents !== cents)
		await trx.insertInto('price').values({ offer_id: id, on_day: today, cents }).execute();
}

/** Prefers a pack, leaves it out, or neither, with the reason. */
export async function setOfferStanding(
	trx: Trx,
	id: number,
	standing: Row<'offer'>['standing'],
	why: string
): Promise<void> {
	await offerOf(trx, id);
	await trx
		.updateTable('offer')
		.set({ standing, why: standing === 'usual' ? '' : why })
		.where('id', '=', id)
		.execute();
}

export async function removeOffer(trx: Trx, id: number): Promise<void> {
	await offerOf(trx, id);
	for (const table of ['price', 'errand'] as const)
		await trx.deleteFrom(table).where('offer_id', '=', id).execute();
	await trx.deleteFrom('offer').where('id', '=', id).execute();
}

/** All offers of a shop that is given up. */
export async function removeOffersOf(trx: Trx, supplier: number): Promise<void> {
	const offers = trx.selectFrom('offer').select('id').where('supplier_id', '=', supplier);
	for (const table of ['price', 'errand'] as const)
		await trx.deleteFrom(table).where('offer_id', 'in', offers).execute();
	await trx.deleteFrom('offer').where('supplier_id', '=', supplier).execute();
}

export async function offerOf(trx: Trx, id: number): Promise<Row<'offer'>> {
	const offer = await trx.selectFrom('offer').selectAll().where('id', '=', id).executeTakeFirst();
	if (!offer) throw new Refusal('That offer is gone. Reload the page.');
	return offer;
}
