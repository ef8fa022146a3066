import { CoreError } from '../error.ts';
import { packs, type PacksInput, type Purchase } from './packs.ts';

/** Several things sold together, at most one of it. */
export type Bundle = {
	readonly bundle: string;
	readonly store: string;
	/** Whole cents. */
	readonly price: number;
	/** In each item's own unit. */
	readonly parts: readonly { readonly item: string; readonly size: number }[];
};

export type BundledPurchase = Purchase & {
	readonly bundles: readonly string[];
	/** The least total without any bundle; null where that does not serve every need. */
	readonly separately: number | null;
};

/** With more bundles than these every set of them is not gone through. */
const MOST_BUNDLES = 6;
/** Marks the item that stands for a bundle; no name of a thing begins like this. */
const MARK = '\u0000';

/**
 * The cheapest purchase where some things are also sold in bundles: every set of bundles is compared, each as a
 * must beside the packs for what it leaves open, so that fees and thresholds of its store count as they do for
 * packs. What the bundles serve in full is not bought in packs as well. Exact, like `packs`.
 *
 * @throws CoreError for more than six bundles, for an empty one, and as `packs` does
 */
export function packsWithBundles(
	input: PacksInput,
	bundles: readonly Bundle[],
	isOver: () => boolean = () => false
): BundledPurchase {
	if (bundles.length > MOST_BUNDLES)
		throw new CoreError(`At most ${MOST_BUNDLES} bundles can be compared at once.`, 'bundles');
	for (const { bundle, price, parts } of bundles) {
		if (parts.length === 0) throw new CoreError(`Say what ${bundle} holds.`, 'bundles');
		if (price < 0 || parts.some((part) => part.size <= 0))
			throw new CoreError(`${bundle}: a price or amount is below what is possible.`, 'bundles');
	}
	let best: BundledPurchase | null = null;
	let separately: number | null = null;
	let failure: CoreError | null = null;
	for (let set = 0; set < 1 << bundles.length; set++) {
		const chosen = bundles.filter((_, i) => set & (1 << i));
		try {
			const found = packs(withMusts(input, chosen), isOver);
			if (set === 0) separately = found.cost;
			if (best === null || found.cost < best.cost)
				best = { ...unmarked(found), bundles: chosen.map((one) => one.bundle), separately: null };
		} catch (error) {
			if (!(error instanceof CoreError)) throw error;
			failure ??= error;
		}
	}
	if (best === null) throw failure!;
	return { ...best, separately };
}

/** The needs that bundles leave open, and each bundle as a thing of its own that has to be bought. */
function withMusts(input: PacksInput, chosen: readonly Bundle[]): PacksInput {
	const served = new Map<string, number>();
	for (const { parts } of chosen)
		for (const { item, size } of parts) served.set(item, (served.get(item) ?? 0) + size);
	return {
		...input,
		items: [
			...input.items
				.map(({ item, need }) => ({ item, need: Math.max(0, need - (served.get(item) ?? 0)) }))
				.filter(({ need }) => need > 0),
			...chosen.map(({ bundle }) => ({ item: MARK + bundle, need: 1 }))
		],
		offers: [
			...input.offers.filter((offer) => (served.get(offer.item) ?? 0) < needOf(input, offer.item)),
			...chosen.map(({ bundle, store, price }) => ({
				item: MARK + bundle,
				store,
				size: 1,
				price,
				limit: 1
			}))
		]
	};
}

function needOf({ items }: PacksInput, item: string): number {
	return items.find((one) => one.item === item)?.need ?? 0;
}

function unmarked(purchase: Purchase): Purchase {
	return {
		...purchase,
		buys: purchase.buys.filter((one) => !one.item.startsWith(MARK)),
		leftover: purchase.leftover.filter((one) => !one.item.startsWith(MARK))
	};
}
