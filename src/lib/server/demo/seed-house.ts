import { exact, exactText } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { readSupplyLine } from '$core/supplies/index.ts';
import type { DemoPlace } from '../../../../demo/household.ts';
import type { Trx } from '../history/changes.ts';
import { itemNamed } from '../stores/stash/items.ts';

export async function seedPlaces(
	trx: Trx,
	places: readonly DemoPlace[],
	parent: number | null,
	ids: Map<string, number>
) {
	for (const [i, place] of places.entries()) {
		const { id } = await trx
			.insertInto('place')
			.values({
				parent_id: parent,
				name: place.name,
				kind: place.kind,
				position: i + 1,
				floor_mm: place.floorMm ?? null,
				length_mm: place.inner?.[0] ?? null,
				width_mm: place.inner?.[1] ?? null,
				height_mm: place.inner?.[2] ?? null
			})
			.returning('id')
			.executeTakeFirstOrThrow();
		ids.set(place.name, id);
		// The shelf above the desk was counted last summer, everything else since.
		for (const thing of place.things ?? [])
			await seedLot(trx, thing, id, place.name === 'game shelf' ? '2026-07-03' : '2026-12-28');
		await seedPlaces(trx, place.inside ?? [], id, ids);
	}
}

export async function seedLot(trx: Trx, text: string, place: number, counted: string) {
	const [read] = readSupplyLine(text);
	const item = await itemNamed(trx, read.item);
	await trx
		.insertInto('lot')
		.values({
			item_id: item.id,
			amount: exactText(exact(read.quantity ?? 1)),
			unit: read.unit,
			place_id: place,
			good_until: null,
			counted_on: counted
		})
		.execute();
}

export async function patchItem(
	trx: Trx,
	name: string,
	patch: { keeps_days?: number; keep_back?: string; keep_back_unit?: 'g'; supplier_id?: number }
) {
	await itemNamed(trx, name);
	await trx.updateTable('item').set(patch).where('name_key', '=', nameKey(name)).execute();
}
