import { Refusal } from '$core/error.ts';
import { cheapestWholePacks } from '$core/buying/index.ts';
import { groupBy } from '$core/group-by.ts';
import { canConvert, convert, exact, type Exact, type Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { readPack, readSupplyLine } from '$core/supplies/index.ts';
import { type Row, once, type Snapshot } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addOffer } from '../../stores/buying/offers.ts';
import type { Situation } from '$core/account/index.ts';

/** The least that an amount costs in whole packs of one kind, in cents; null where no price is known. */
export function cheapest(
	snapshot: Snapshot,
	item: Row<'item'> | null,
	amount: Exact,
	unit: Unit
): number | null {
	if (!item) return null;
	const offers = offersByItem(snapshot.offers);
	return cheapestWholePacks(
		amount,
		(offers.get(item.id) ?? [])
			.filter((one) => one.standing !== 'excluded' && canConvert(one.unit, unit, item.name))
			.map(({ size, unit: its, cents }) => ({ size: convert(exact(size), its, unit, item.name), cents }))
	);
}

const offersByItem = once((offers: readonly Row<'offer'>[]) => groupBy(offers, (offer) => offer.item_id));

/** How much a pack holds, as typed: "1 kg", "12", "500 ml". */
export function packTyped(text: string) {
	const pack = readPack(text);
	if (!pack) throw new Refusal('Enter the pack size, like “1 lb”, “500 ml”, or “12”.', 'pack');
	return pack;
}

/** The things that a bundle holds, a line each. @throws Refusal where a line has to be guessed. */
export function partsTyped(text: string): readonly { item: string; amount: Exact; unit: Unit }[] {
	return text.split('\n').flatMap((line) =>
		readSupplyLine(line).map(({ item, quantity, unit, check }) => {
			if (check || quantity === null)
				throw new Refusal(`Couldn’t read “${line.trim()}”. Try “12 corks”.`, 'parts');
			return { item, amount: exact(quantity), unit };
		})
	);
}

/** The packs of the named things in the named shops, as their lists have them. */
type PacksOf = (
	items: readonly string[],
	shops: readonly string[]
) => Promise<
	readonly {
		readonly shop: string;
		readonly item: string;
		/** As printed: "1 kg", "12". */
		readonly pack: string;
		readonly cents: number;
		readonly aisle: string;
	}[]
>;

/**
 * Notes what the shops' own lists say of the things that are needed. Answers how many prices that were.
 * @throws Refusal when they hold nothing of it.
 */
export async function takePrices(
	trx: Trx,
	{ snapshot, today, needs }: Situation,
	packsOf: PacksOf
): Promise<number> {
	const names = new Map(needs.map(({ item }) => [nameKey(item.name), item]));
	const shops = new Map(snapshot.suppliers.map((one) => [one.name, one.id]));
	const packs = await packsOf([...names.keys()], [...shops.keys()]);
	for (const { item, shop, pack, cents, aisle } of packs) {
		const offer = {
			item: names.get(nameKey(item))!.id,
			supplier: shops.get(shop)!,
			...packTyped(pack),
			cents,
			aisle
		};
		await addOffer(trx, offer, today);
	}
	if (packs.length === 0) throw new Refusal('The stores’ lists have none of these.');
	return packs.length;
}
