import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { exactText, type Exact, type Unit } from '$core/measure/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { itemNamed } from '../stash/items.ts';

/** Notes several things that a shop sells together. */
export async function addBundle(
	trx: Trx,
	input: {
		readonly supplier: number;
		readonly name: string;
		readonly cents: number;
		readonly parts: readonly { readonly item: string; readonly amount: Exact; readonly unit: Unit }[];
	},
	today: Day
): Promise<void> {
	if (input.parts.length === 0) throw new Refusal('Enter what’s in it, one per line.', 'parts');
	const { id } = await trx
		.insertInto('bundle')
		.values({ supplier_id: input.supplier, name: input.name, cents: input.cents, seen_on: today })
		.returning('id')
		.executeTakeFirstOrThrow();
	for (const part of input.parts) {
		const item = await itemNamed(trx, part.item);
		await trx
			.insertInto('bundle_part')
			.values({ bundle_id: id, item_id: item.id, amount: exactText(part.amount), unit: part.unit })
			.execute();
	}
}

export async function bundleOf(
	trx: Trx,
	id: number
): Promise<{ bundle: Row<'bundle'>; parts: Row<'bundle_part'>[] }> {
	const bundle = await trx.selectFrom('bundle').selectAll().where('id', '=', id).executeTakeFirst();
	if (!bundle) throw new Refusal('That bundle is gone. Reload the page.');
	const parts = await trx.selectFrom('bundle_part').selectAll().where('bundle_id', '=', id).execute();
	return { bundle, parts };
}

export async function removeBundle(trx: Trx, id: number): Promise<void> {
	await bundleOf(trx, id);
	await trx.deleteFrom('errand').where('bundle_id', '=', id).execute();
	await trx.deleteFrom('bundle_part').where('bundle_id', '=', id).execute();
	await trx.deleteFrom('bundle').where('id', '=', id).execute();
}
