import { readKitParts } from '$core/gathering/index.ts';
import { exact } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { readPack } from '$core/supplies/index.ts';
import { DRAGON_KIT, INSTEAD, MADE, PRICES, RETURNS, TERMS } from '../../../../demo/prices.ts';
import type { Trx } from '../history/changes.ts';
import { addOffer, setOfferStanding } from '../stores/buying/offers.ts';
import { itemNamed } from '../stores/stash/items.ts';
import { addLot, setKit } from '../stores/stash/lots.ts';
import { addSubstitute } from '../stores/stash/substitutes.ts';

/** What packs cost, for the things that the household knows by name. */
export async function seedPrices(trx: Trx) {
	const items = new Map(
		(await trx.selectFrom('item').select(['id', 'name_key']).execute()).map((one) => [one.name_key, one.id])
	);
	const shops = new Map(
		(await trx.selectFrom('supplier').select(['id', 'name']).execute()).map((one) => [one.name, one.id])
	);
	for (const [shop, { fee, freeOver }] of Object.entries(TERMS))
		await trx
			.updateTable('supplier')
			.set({ fee_cents: Math.round(fee * 100), free_over_cents: freeOver === null ? null : freeOver * 100 })
			.where('name', '=', shop)
			.execute();
	for (const [name, shop, pack, dollars, aisle, standing, why] of PRICES) {
		const item = items.get(nameKey(name));
		if (item === undefined) continue;
		const { size, unit } = readPack(pack)!;
		const id = await addOffer(
			trx,
			{
				item,
				supplier: shops.get(shop)!,
				size,
				unit,
				cents: Math.round(dollars * 100),
				aisle
			},
			'2027-01-09'
		);
		if (standing) await setOfferStanding(trx, id, standing, why ?? '');
	}
	for (const [shop, days] of Object.entries(RETURNS))
		await trx.updateTable('supplier').set({ return_days: days }).where('name', '=', shop).execute();
	for (const [name, for_, other, otherName] of INSTEAD) {
		const asked = readPack(for_)!;
		const item = await itemNamed(trx, name);
		const instead = readPack(other)!;
		await addSubstitute(
			trx,
			item,
			{ amount: asked.size, unit: asked.unit },
			{ name: otherName, amount: instead.size, unit: instead.unit }
		);
	}
	for (const [name, dollars, minutes] of MADE)
		await trx
			.updateTable('item')
			.set({ make_cents: Math.round(dollars * 100), make_minutes: minutes })
			.where('name_key', '=', nameKey(name))
			.execute();
	// The paper-dragon kit of an earlier fall: three were made, two eyes got lost.
	const kit = await itemNamed(trx, DRAGON_KIT.name);
	const cart = await trx
		.selectFrom('place')
		.select('id')
		.where('name', '=', DRAGON_KIT.place)
		.executeTakeFirstOrThrow();
	const lot = await addLot(
		trx,
		{ item_id: kit.id, amount: exact(DRAGON_KIT.left), unit: 'each', place_id: cart.id, good_until: null },
		'2027-01-09'
	);
	await setKit(trx, lot, DRAGON_KIT.of, readKitParts(DRAGON_KIT.parts, exact(DRAGON_KIT.left)).parts);
}
