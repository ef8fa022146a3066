import { exact } from '../measure/exact.ts';

/** Amounts are counted in millionths, so that sums of them are exact and ties are seen as ties. */
const MILLIONTHS = 1_000_000;
/** An excess up to this does not count, in millionths. */
const TOLERANCE = 1;

/** Millionths of an amount. */
export function millionths(amount: number): number {
	return Math.round(exact(amount).mul(MILLIONTHS).valueOf());
}

/** An offer for one item, from the store of a number. */
export type PackOffer = {
	/** In millionths of the item's own unit. */
	readonly size: number;
	/** In cents. */
	readonly price: number;
	/** How many packs may be bought; infinite without a limit. */
	readonly limit: number;
	readonly store: number;
	/** Its place in the list of all offers. */
	readonly index: number;
};

/** What covering comes to; compared from left to right. */
export type Cost = readonly [cents: number, leftover: number, packs: number];

export function compareCosts(a: Cost, b: Cost): number {
	return a[0] - b[0] || a[1] - b[1] || a[2] - b[2];
}

/** A chain of bought packs, the last one first. */
export type Packs = { readonly offer: PackOffer; readonly count: number; readonly before: Packs | null };

/** One way to cover an item. */
export type Option = {
	readonly cost: Cost;
	/** Cents spent at each of the watched stores, up to what it asks for. */
	readonly spent: readonly number[];
	readonly packs: Packs | null;
};

/** A store that waives its fee from so many cents on. */
export type Watched = { readonly store: number; readonly cents: number };

/** A covering table of one item: the sums of packs below the need, and where each pack more leads. */
export type Cover = {
	readonly need: number;
	readonly offers: readonly PackOffer[];
	/** Bits of the stores that offer it. */
	readonly stores: number;
	readonly sums: readonly number[];
	/** By offer, from the place of a sum to that of the sum with one pack more; -1 is covered. */
	readonly next: readonly Int32Array[];
};

/** The covering table of a need of some millionths, more than 0. */
export function coverOf(need: number, offers: readonly PackOffer[]): Cover {
	const target = need - TOLERANCE;
	const sizes = [...new Set(offers.map((offer) => offer.size))];
	const reached = new Set([0]);
	// The set grows while it is gone through: every sum below the need that packs can make.
	for (const sum of reached) for (const size of sizes) if (sum + size < target) reached.add(sum + size);
	const sums = [...reached].sort((a, b) => a - b);
	const place = new Map(sums.map((sum, i) => [sum, i]));
	const bySize = new Map(
		sizes.map((size) => [size, Int32Array.from(sums, (sum) => place.get(sum + size) ?? -1)])
	);
	return {
		need,
		offers,
		stores: offers.reduce((bits, offer) => bits | (1 << offer.store), 0),
		sums,
		next: offers.map((offer) => bySize.get(offer.size)!)
	};
}

function leftoverOf({ need }: Cover, sum: number): number {
	return sum - need <= TOLERANCE ? 0 : sum - need;
}

/** The cheapest way to cover an item from the stores of some bits, limits kept; null when they do not cover it. */
export function cheapest(cover: Cover, stores: number): Cost | null {
	const { sums, next, offers } = cover;
	const cents = new Float64Array(sums.length).fill(Infinity);
	const packs = new Float64Array(sums.length).fill(Infinity);
	cents[0] = packs[0] = 0;
	let best: Cost | null = null;
	for (const [i, offer] of offers.entries()) {
		if (!(stores & (1 << offer.store))) continue;
		// From large sums to small ones, so that each way takes this offer once, with all its packs.
		for (let from = sums.length - 1; from >= 0; from--) {
			if (cents[from] === Infinity) continue;
			let at = from;
			for (let count = 1; count <= offer.limit; count++) {
				const paid = cents[from] + count * offer.price;
				const bought = packs[from] + count;
				const to = next[i][at];
				if (to < 0) {
					const done: Cost = [paid, leftoverOf(cover, sums[at] + offer.size), bought];
					if (best === null || compareCosts(done, best) < 0) best = done;
					break;
				}
				at = to;
				if (paid < cents[at] || (paid === cents[at] && bought < packs[at])) {
					cents[at] = paid;
					packs[at] = bought;
				}
			}
		}
	}
	return best;
}

type Label = Option & { readonly sum: number };

/** What a cent spent at a watched store is taken to be worth there, from 0 to 1; by the place of the store. */
export type Worth = readonly number[];

/** Relaxed cents of covering an item: by the place of a sum from there to the need, and the first pack of that way. */
type Relaxed = { readonly least: Float64Array; readonly taken: Int32Array };

/**
 * By the place of a sum, the least relaxed cents that go from there to the need, limits left out: a price
 * counts without what spending it is worth. The first is a bound from below for the whole item; infinite
 * where it cannot be covered.
 */
function relax(
	{ sums, offers, next }: Cover,
	stores: number,
	watched: readonly Watched[],
	worth: Worth
): Relaxed {
	// Plain loops: this runs some ten thousand times in one purchase.
	const own: number[] = [];
	const prices: number[] = [];
	for (let i = 0; i < offers.length; i++) {
		const offer = offers[i];
		if (!(stores & (1 << offer.store))) continue;
		let price = offer.price;
		for (let w = 0; w < watched.length; w++) if (watched[w].store === offer.store) price *= 1 - worth[w];
		own.push(i);
		prices.push(price);
	}
	const least = new Float64Array(sums.length);
	const taken = new Int32Array(sums.length);
	for (let at = sums.length - 1; at >= 0; at--) {
		let best = Infinity;
		let first = -1;
		for (let k = 0; k < own.length; k++) {
			const to = next[own[k]][at];
			const cents = to < 0 ? prices[k] : prices[k] + least[to];
			if (cents < best) {
				best = cents;
				first = own[k];
			}
		}
		least[at] = best;
		taken[at] = first;
	}
	return { least, taken };
}

/** The relaxed cents of covering an item at the least, and what that spends at the watched stores; limits left out. */
export function relaxed(
	cover: Cover,
	stores: number,
	watched: readonly Watched[],
	worth: Worth
): { readonly cents: number; readonly spent: readonly number[] } {
	const { least, taken } = relax(cover, stores, watched, worth);
	const spent = watched.map(() => 0);
	if (least[0] === Infinity) return { cents: Infinity, spent };
	for (let at = 0; at >= 0;) {
		const { store, price } = cover.offers[taken[at]];
		const own = watched.findIndex((one) => one.store === store);
		if (own >= 0) spent[own] += price;
		at = cover.next[taken[at]][at];
	}
	return { cents: least[0], spent };
}

export type Ask = {
	/** Bits of the stores that may be bought from. */
	readonly stores: number;
	readonly watched: readonly Watched[];
	readonly worth: Worth;
	/** The most relaxed cents that a way may come to. */
	readonly most: number;
	/** Whether leftover and packs count too, and not only cents. */
	readonly withTies: boolean;
};

/** Rounding of relaxed prices does not count. */
const SLACK = 1e-6;

/**
 * The ways to cover an item whose relaxed cents are at most `most`, without those that another is as good as
 * in everything: cents, what is spent at the watched stores, and with ties what is left over and packs. The
 * cheapest comes first.
 */
export function waysToCover(cover: Cover, ask: Ask, tick: () => void): Option[] {
	const { stores, watched, worth, most, withTies } = ask;
	const { least } = relax(cover, stores, watched, worth);
	const open: Label[][] = cover.sums.map(() => []);
	const done: Label[] = [];
	open[0].push({ cost: [0, 0, 0], spent: watched.map(() => 0), packs: null, sum: 0 });
	for (const [i, offer] of cover.offers.entries()) {
		if (!(stores & (1 << offer.store))) continue;
		const own = watched.findIndex(({ store }) => store === offer.store);
		const wanted = own < 0 ? 0 : watched[own].cents;
		const known = open.map((labels) => [...labels]);
		for (const label of [...done]) take(label, -1);
		for (const [place, labels] of known.entries()) for (const label of labels) take(label, place);

		function take(label: Label, from: number) {
			let place = from;
			for (let count = 1; count <= offer.limit; count++) {
				// Over the need, one pack more is only good for what the store asks for.
				const before = own < 0 ? 0 : label.spent[own] + (count - 1) * offer.price;
				if (place < 0 && (before >= wanted || offer.price === 0)) break;
				tick();
				const cents = label.cost[0] + count * offer.price;
				const spent =
					own < 0
						? label.spent
						: label.spent.with(own, Math.min(wanted, label.spent[own] + count * offer.price));
				place = place < 0 ? -1 : cover.next[i][place];
				const relaxed = spent.reduce((sum, one, w) => sum - worth[w] * one, cents);
				// No more packs make it less.
				if (relaxed + (place < 0 ? 0 : least[place]) > most + SLACK) break;
				const sum = label.sum + count * offer.size;
				add(place < 0 ? done : open[place], {
					cost: [
						cents,
						withTies && place < 0 ? leftoverOf(cover, sum) : 0,
						withTies ? label.cost[2] + count : 0
					],
					spent,
					packs: { offer, count, before: label.packs },
					sum
				});
			}
		}
	}
	return done.sort((a, b) => compareCosts(a.cost, b.cost));
}

/** Adds a label unless another is as good in everything, and drops those that it is as good as. */
function add(labels: Label[], label: Label): void {
	if (labels.some((one) => isAsGood(one, label))) return;
	let kept = 0;
	for (const one of labels) if (!isAsGood(label, one)) labels[kept++] = one;
	labels.length = kept;
	labels.push(label);
}

/** Whether a way is at least as good as another in cents, spending, leftover and packs. */
export function isAsGood(a: Omit<Option, 'packs'>, b: Omit<Option, 'packs'>): boolean {
	if (a.cost[0] > b.cost[0] || a.cost[1] > b.cost[1] || a.cost[2] > b.cost[2]) return false;
	for (let i = 0; i < a.spent.length; i++) if (a.spent[i] < b.spent[i]) return false;
	return true;
}
