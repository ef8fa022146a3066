import { Refusal } from '$core/error.ts';
import type { Day } from '$core/calendar/index.ts';
import { walkingOrder } from '$core/gathering/index.ts';
import { groupBy } from '$core/group-by.ts';
import { exact } from '$core/measure/index.ts';
import { dollarsTyped, money, thingText } from '$core/words/index.ts';
import { type Row, byId, type Snapshot } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { bundleOf } from '../../stores/buying/bundles.ts';
import { errandDone, errandOf, setErrands, type ErrandInput } from '../../stores/buying/errands.ts';
import { offerOf } from '../../stores/buying/offers.ts';
import type { Situation } from '$core/account/index.ts';
import { boughtBundle, boughtPacks, correctPaid } from './purchases.ts';

/** One thing to put into the cart. */
export type Errand = {
	readonly id: number;
	/** "2 × 1 kg flour" */
	readonly text: string;
	readonly for: string;
	/** Dollars as typed: "4.38". */
	readonly paid: string;
	readonly done: boolean;
};

export type ErrandShop = {
	readonly id: number;
	readonly name: string;
	readonly total: string;
	readonly left: number;
	/** Aisles in the order in which this shop is walked. */
	readonly aisles: readonly { readonly aisle: string; readonly rows: readonly Errand[] }[];
	/** Whether that order was learned from ticks. */
	readonly learned: boolean;
};

/** The list that is taken along, shop by shop, aisle by aisle; what was bought today stays on it, ticked. */
export function errandsOf({ snapshot, today, needs }: Situation): ErrandShop[] {
	const items = byId(snapshot.items);
	const lessons = new Map(needs.map((one) => [one.need.key, one.lesson.number]));
	const shown = snapshot.errands.filter((one) => one.done_on === null || one.done_on === today);
	const soldAs = (one: Row<'errand'>): Row<'offer'> | Row<'bundle'> =>
		byId(snapshot.offers).get(one.offer_id ?? 0) ?? byId(snapshot.bundles).get(one.bundle_id ?? 0)!;
	const byShop = groupBy(shown, (one) => soldAs(one).supplier_id);
	return [...byShop].map(([id, errands]) => {
		const walks = walksIn(snapshot, id);
		const aisleOf = (one: Row<'errand'>) => {
			const sold = soldAs(one);
			return 'aisle' in sold ? sold.aisle : '';
		};
		const byAisle = groupBy(errands, aisleOf);
		return {
			id,
			name: byId(snapshot.suppliers).get(id)!.name,
			total: money(errands.reduce((sum, one) => sum + one.cents, 0)),
			left: errands.filter((one) => one.done_on === null).length,
			learned: walks.length > 0,
			aisles: walkingOrder([...byAisle.keys()].sort(), walks).map((aisle) => ({
				aisle,
				rows: byAisle.get(aisle)!.map((one): Errand => {
					const sold = soldAs(one);
					const numbers = [...new Set(one.keys.split(' ').flatMap((key) => lessons.get(key) ?? []))].sort(
						(a, b) => a - b
					);
					return {
						id: one.id,
						text: 'name' in sold ? sold.name : packsText(sold, one.count, items.get(sold.item_id)!.name),
						for: numbers.length ? `lesson${numbers.length > 1 ? 's' : ''} ${numbers.join(', ')}` : '',
						paid: dollarsTyped(one.cents),
						done: one.done_on !== null
					};
				})
			}))
		};
	});
}

/** "6 oranges", "1 kg flour", "2 × 10 corks". */
function packsText({ size, unit }: Row<'offer'>, count: number, name: string): string {
	const isSingle = exact(size).equals(1) && (unit === 'each' || count === 1);
	if (isSingle) return thingText(exact(count), unit, name);
	return `${count === 1 ? '' : `${count} × `}${thingText(exact(size), unit, name)}`;
}

/** The aisles of earlier trips to a shop in the order of their ticks, a trip a day. */
function walksIn({ stops }: Snapshot, supplier: number): string[][] {
	const own = stops.filter((one) => one.supplier_id === supplier);
	return [...groupBy(own, (one): Day => one.on_day)]
		.sort(([a], [b]) => (a < b ? -1 : 1))
		.map(([, day]) => day.map((one) => one.aisle))
		.filter((walk) => new Set(walk).size > 1);
}

/** A tick in the shop: bought, at what it cost. Ticked twice it is bought once. */
export async function tickErrand(trx: Trx, situation: Situation, id: number, cents: number): Promise<string> {
	const errand = await errandOf(trx, id);
	const keys = errand.keys.split(' ').filter(Boolean);
	if (errand.done_on !== null && errand.cents !== cents) await correctPaid(trx, situation, errand, cents);
	if (errand.bundle_id !== null) {
		const bundle = byId(situation.snapshot.bundles).get(errand.bundle_id)!;
		if (errand.done_on !== null) return bundle.name;
		const words = await boughtBundle(trx, situation, bundle.id, keys, cents);
		await errandDone(trx, id, cents, { supplier: bundle.supplier_id, aisle: '' }, situation.today);
		return words;
	}
	const offer = byId(situation.snapshot.offers).get(errand.offer_id!)!;
	const { name } = byId(situation.snapshot.items).get(offer.item_id)!;
	if (errand.done_on !== null) return name;
	const words = await boughtPacks(trx, situation, { offer: offer.id, count: errand.count, keys, cents });
	await errandDone(trx, id, cents, { supplier: offer.supplier_id, aisle: offer.aisle }, situation.today);
	return words;
}

/** Takes a list along to the shops. @throws Refusal where a line is not one pack or one bundle that is there. */
export async function takeAlong(trx: Trx, list: readonly ErrandInput[]): Promise<void> {
	for (const { offer, bundle } of list) {
		if ((offer === null) === (bundle === null))
			throw new Refusal('Each line of the list is a pack or a bundle.', 'list');
		if (offer !== null) await offerOf(trx, offer);
		else await bundleOf(trx, bundle!);
	}
	await setErrands(trx, list);
}
