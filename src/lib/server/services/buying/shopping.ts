import { withTax, type PacksInput } from '$core/buying/index.ts';
import { convert, exact } from '$core/measure/index.ts';
import { counted, money } from '$core/words/index.ts';
import { type Row, byId } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import { bundlesOf, type BundleShown } from './bundles.ts';
import { comingOf, type Coming } from './leftovers.ts';
import { claimText, moneyOf, receiptsOf, type MoneyRow, type Receipt } from './receipts.ts';
import { notFoundText } from './not-found.ts';
import { needsOfSpan, toBuy, type BuyingSpan, type BuyingThing } from './to-buy.ts';

/** An offer as the optimizer takes it, and which it is. */
export type PricedOffer = PacksInput['offers'][number] & { readonly id: number };

export type Buying = {
	readonly sentence: string;
	/** What is to be looked for at home before it is bought, and its price; empty where nothing is. */
	readonly notFound: string;
	readonly things: readonly BuyingThing[];
	/** What the optimizer is given; stores by their ids as text. */
	readonly input: Omit<PacksInput, 'offers'> & { readonly offers: readonly PricedOffer[] };
	/** Things sold together that serve some of it. */
	readonly bundles: readonly BundleShown[];
	/** What coming units without days want of each thing, for what is left over. */
	readonly coming: Readonly<Record<string, Coming>>;
	readonly shops: readonly { readonly id: number; readonly name: string; readonly terms: string }[];
	/** What is to be paid back in all; empty when nothing is. */
	readonly toClaim: string;
	readonly money: readonly MoneyRow[];
	readonly receipts: readonly Receipt[];
};

/** What is to be bought, the offers that are known for it, and what has been spent. */
export function buyingOf(situation: Situation, span: BuyingSpan, maxStores: number | null): Buying {
	const { snapshot } = situation;
	const shops = snapshot.suppliers.filter((one) => one.kind === 'shop' || one.kind === 'order');
	const rows = toBuy(situation, span);
	const things = rows.map((row) => row.thing);
	const items: PacksInput['items'][number][] = [];
	const offers: PricedOffer[] = [];
	for (const { thing, item, unit, missing } of rows) {
		const usable = thing.offers.filter((one) => one.standing !== 'excluded' && !one.problem);
		const preferred = usable.filter((one) => one.standing === 'preferred');
		const taken = preferred.length ? preferred : usable;
		if (taken.length === 0) continue;
		items.push({ item: thing.key, need: missing.valueOf() });
		for (const { id, cents } of taken) {
			const row = byId(snapshot.offers).get(id)!;
			offers.push({
				id,
				item: thing.key,
				store: String(row.supplier_id),
				size: convert(exact(row.size), row.unit, unit, item.name).valueOf(),
				price: withTax(cents, snapshot.household.sales_tax),
				limit: row.most_packs
			});
		}
	}
	const without = things.filter((thing) => !thing.offers.some((one) => !one.problem)).length;
	return {
		sentence: sentenceOf(things.length, without),
		notFound: notFoundText(situation, needsOfSpan(situation, span)),
		things,
		input: {
			items,
			offers,
			stores: shops.map((one) => ({
				store: String(one.id),
				fee: one.fee_cents,
				freeOver: one.free_over_cents
			})),
			maxStores
		},
		bundles: bundlesOf(situation, rows),
		coming: comingOf(situation, rows),
		shops: shops.map((one) => ({ id: one.id, name: one.name, terms: termsOf(one) })),
		toClaim: claimText(snapshot.purchases),
		money: moneyOf(situation),
		receipts: receiptsOf(situation)
	};
}

function termsOf({ fee_cents, free_over_cents, kind }: Row<'supplier'>): string {
	const fee = fee_cents
		? `${money(fee_cents)} ${kind === 'order' ? 'delivery' : 'for the trip'}${free_over_cents === null ? '' : `, free over ${money(free_over_cents)}`}`
		: '';
	return fee;
}

function sentenceOf(things: number, without: number): string {
	if (things === 0) return 'Nothing to buy for this.';
	const known = things - without;
	const count = `${counted(things, 'item')} to buy`;
	if (without === 0) return `${count}, ${things === 1 ? 'with a price' : 'all with prices'}.`;
	return `${count}, ${known === 0 ? 'none with a price yet' : `${known} with a price`}. Add prices to find the cheapest way.`;
}
