import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type ErrandInput = {
	/** A pack, or a bundle; the other is null. */
	readonly offer: number | null;
	readonly bundle: number | null;
	readonly count: number;
	readonly keys: readonly string[];
	/** Expected for all packs together, tax included. */
	readonly cents: number;
};

/** Takes a purchase along as a list: what was on it and is not bought gives way, what is bought stays for the day. */
export async function setErrands(trx: Trx, errands: readonly ErrandInput[]): Promise<void> {
	await trx.deleteFrom('errand').where('done_on', 'is', null).execute();
	for (const { offer, bundle, count, keys, cents } of errands)
		await trx
			.insertInto('errand')
			.values({ offer_id: offer, bundle_id: bundle, count, keys: keys.join(' '), cents, done_on: null })
			.execute();
}

export async function errandOf(trx: Trx, id: number): Promise<Row<'errand'>> {
	const errand = await trx.selectFrom('errand').selectAll().where('id', '=', id).executeTakeFirst();
	if (!errand) throw new Refusal('That is no longer on the list.');
	return errand;
}

/** It was bought; where it stood is remembered in the order of the ticks, so that the list learns the way. */
export async function errandDone(
	trx: Trx,
	id: number,
	paid: number,
	where: { readonly supplier: number; readonly aisle: string },
	today: Day
): Promise<void> {
	await trx.updateTable('errand').set({ done_on: today, cents: paid }).where('id', '=', id).execute();
	if (where.aisle)
		await trx
			.insertInto('stop')
			.values({ supplier_id: where.supplier, on_day: today, aisle: where.aisle })
			.execute();
}

export async function setErrandCents(trx: Trx, id: number, cents: number): Promise<void> {
	await trx.updateTable('errand').set({ cents }).where('id', '=', id).execute();
}

/** Takes one off the list. */
export async function removeErrand(trx: Trx, id: number): Promise<void> {
	await errandOf(trx, id);
	await trx.deleteFrom('errand').where('id', '=', id).execute();
}
