import { groupBy } from '../group-by.ts';
import { CoreError } from '../error.ts';
import { exact } from '../measure/exact.ts';
import {
	cheapest,
	compareCosts,
	coverOf,
	isAsGood,
	millionths,
	waysToCover,
	type Cost,
	type Cover,
	type Option,
	type PackOffer,
	type Watched
} from './cover.ts';

export type Offer = {
	readonly item: string;
	readonly store: string;
	/** In the item's own unit, above 0. */
	readonly size: number;
	/** Whole cents. */
	readonly price: number;
	/** The most packs of it that can be bought; null is no limit. */
	readonly limit: number | null;
};

export type Store = {
	readonly store: string;
	/** Whole cents, paid once when anything is bought there. */
	readonly fee: number;
	/** From so many cents of goods on there is no fee; null is never. */
	readonly freeOver: number | null;
};

export type PacksInput = {
	readonly items: readonly { readonly item: string; readonly need: number }[];
	readonly offers: readonly Offer[];
	readonly stores: readonly Store[];
	readonly maxStores: number | null;
};

export type Purchase = {
	readonly cost: number;
	readonly buys: readonly (Omit<Offer, 'limit'> & { readonly count: number })[];
	/** One for each store bought from, 0 where it is waived. */
	readonly fees: readonly { readonly store: string; readonly fee: number }[];
	readonly leftover: readonly { readonly item: string; readonly quantity: number }[];
	readonly optimal: boolean;
	/** No purchase costs less than this; there when the time was over before the best was proven. */
	readonly bound?: number;
};

/** A set of stores, and those of them that are to waive their fee. */
type Combination = {
	readonly stores: number;
	readonly count: number;
	readonly waived: readonly Watched[];
	readonly fees: number;
	/** Goods at their cheapest: with the fees no purchase of this kind costs less. */
	readonly goods: Cost;
};

/** More stores than this make too many sets of them to go through. */
const MOST_STORES = 20;
const TICKS_A_LOOK = 2048;

class TimeOver extends Error {}

/**
 * What to buy where at the least total of goods and fees; among equals at fewer stores, then with the smaller
 * sum of leftovers, then with fewer packs. Exact, unless `isOver` says before the end that the time is over:
 * then it is the best found so far, with a bound that is proven.
 *
 * Goes through sets of stores, from a covering table for each item, and through which of them waive their
 * fees; each kind of purchase has a lower bound, and they are looked at from the lowest on.
 *
 * @throws CoreError for a need that no offer covers, also within `maxStores`, and for input that makes no sense
 */
export function packs(input: PacksInput, isOver: () => boolean = () => false): Purchase {
	check(input);
	const { stores } = input;
	const number = new Map(stores.map((one, i) => [one.store, i]));
	const offers = groupBy(
		input.offers.map((offer, index) => ({
			item: offer.item,
			size: millionths(offer.size),
			price: offer.price,
			limit: offer.limit ?? Infinity,
			store: number.get(offer.store)!,
			index
		})),
		(offer) => offer.item
	);
	const wanted = input.items.filter((one) => millionths(one.need) > 1);
	const covers = wanted.map(({ item, need }) => coverOf(millionths(need), usable(offers.get(item) ?? [])));
	const known = combinations(input, covers, wanted);
	let ticks = 0;
	const tick = () => {
		if (++ticks % TICKS_A_LOOK === 0 && isOver()) throw new TimeOver();
	};
	// Paying every fee is always possible, so the cheapest of that kind is where the search begins.
	const plain = known.find((one) => one.waived.length === 0)!;
	let best: Found = { total: totalOf(plain), combination: plain, choice: null };
	let at = 0;
	try {
		for (; at < known.length; at++) {
			const one = known[at];
			if (compareTotals(totalOf(one), best.total) > 0) break;
			if (one.waived.length === 0) continue;
			const choice = cheapestWaived(covers, one, best.total.cents - totalOf(one).cents, tick);
			if (choice && compareTotals(choice.total, best.total) < 0) best = choice;
		}
	} catch (error) {
		if (!(error instanceof TimeOver)) throw error;
		const bound = Math.min(totalOf(known[at]).cents, best.total.cents);
		return { ...purchase(input, covers, wanted, best), optimal: false, bound };
	}
	return { ...purchase(input, covers, wanted, best), optimal: true };
}

/** Offers without those that another of the same store beats in size, price and limit. */
function usable(offers: readonly PackOffer[]): PackOffer[] {
	return offers.filter(
		(one) =>
			one.limit > 0 &&
			!offers.some(
				(other) =>
					other.index !== one.index &&
					other.store === one.store &&
					other.size === one.size &&
					other.price <= one.price &&
					other.limit === Infinity &&
					(other.price < one.price || one.limit < Infinity || other.index < one.index)
			)
	);
}

type Total = { readonly cents: number; readonly stores: number; readonly cost: Cost };
type Found = {
	readonly total: Total;
	readonly combination: Combination;
	/** By item; null takes the cheapest way of each. */
	readonly choice: readonly Option[] | null;
};

function totalOf({ goods, fees, count }: Combination): Total {
	return { cents: goods[0] + fees, stores: count, cost: goods };
}

function compareTotals(a: Total, b: Total): number {
	return a.cents - b.cents || a.stores - b.stores || a.cost[1] - b.cost[1] || a.cost[2] - b.cost[2];
}

/** Every kind of purchase that covers everything, the lowest bound first. */
function combinations(
	{ stores, maxStores }: PacksInput,
	covers: readonly Cover[],
	wanted: readonly { readonly item: string }[]
): Combination[] {
	const useful = covers.reduce((bits, cover) => bits | cover.stores, 0);
	const known = covers.map(() => new Map<number, Cost | null>());
	const costOf = (i: number, set: number) => {
		const own = set & covers[i].stores;
		let cost = known[i].get(own);
		if (cost === undefined) known[i].set(own, (cost = own ? cheapest(covers[i], own) : null));
		return cost;
	};
	const never = covers.findIndex((_, i) => costOf(i, useful) === null);
	if (never >= 0)
		throw new CoreError(`No offer covers the need of ${wanted[never].item}.`, `items.${wanted[never].item}`);
	const result: Combination[] = [];
	let firstMissing = -1;
	for (let set = useful; ; set = (set - 1) & useful) {
		const count = bitsOf(set);
		if (count <= (maxStores ?? Infinity)) {
			let goods: Cost | null = [0, 0, 0];
			for (let i = 0; i < covers.length && goods; i++) {
				const cost = costOf(i, set);
				if (cost === null) firstMissing = Math.max(firstMissing, i);
				goods = cost && [goods[0] + cost[0], goods[1] + cost[1], goods[2] + cost[2]];
			}
			if (goods) addKinds(result, set, count, goods, stores);
		}
		if (set === 0) break;
	}
	if (result.length === 0) {
		const { item } = wanted[firstMissing];
		throw new CoreError(
			`Within ${maxStores === 1 ? 'one store' : `${maxStores} stores`} no offer covers the need of ${item} with all the others.`,
			`items.${item}`
		);
	}
	return result.sort((a, b) => compareTotals(totalOf(a), totalOf(b)));
}

/** A set of stores, once for each choice of those that waive their fee. */
function addKinds(
	result: Combination[],
	set: number,
	count: number,
	goods: Cost,
	stores: readonly Store[]
): void {
	const inSet = stores.flatMap((one, store) => (set & (1 << store) ? [{ ...one, store }] : []));
	const canWaive = inSet.filter((one) => one.fee > 0 && one.freeOver !== null);
	const fees = inSet.reduce((sum, one) => sum + one.fee, 0);
	for (let waive = 0; waive < 1 << canWaive.length; waive++) {
		const waived = canWaive.filter((_, i) => waive & (1 << i));
		result.push({
			stores: set,
			count,
			goods,
			fees: fees - waived.reduce((sum, one) => sum + one.fee, 0),
			waived: waived.map((one) => ({ store: one.store, cents: one.freeOver! }))
		});
	}
}

function bitsOf(set: number): number {
	let count = 0;
	for (let rest = set; rest; rest &= rest - 1) count++;
	return count;
}

type Partly = Omit<Option, 'packs'> & { readonly last: Option | null; readonly before: Partly | null };

/**
 * The cheapest purchase in which enough is spent at each store that is to waive its fee, at most `extra` cents
 * over the cheapest goods; null when there is none. Items are added one by one; of the partial purchases
 * those are kept that no other is as good as in everything.
 */
function cheapestWaived(
	covers: readonly Cover[],
	combination: Combination,
	extra: number,
	tick: () => void
): Found | null {
	const { stores, waived, goods, fees, count } = combination;
	// First only cents count, then what is left over among the cheapest.
	const least = search(extra, false);
	const last = least && search(least.cost[0] - goods[0], true);
	if (!last) return null;
	const choice: Option[] = [];
	for (let at: Partly = last; at.before; at = at.before) choice.unshift(at.last!);
	return {
		total: { cents: last.cost[0] + fees, stores: count, cost: last.cost },
		combination,
		choice
	};

	function search(budget: number, withTies: boolean): Partly | null {
		const ways = covers.map((cover) => {
			const base = cheapest(cover, stores & cover.stores)!;
			const all = waysToCover(cover, stores & cover.stores, waived, base[0] + budget, tick);
			return { base: base[0], all };
		});
		// The most that the items to come can add at each store, and the least that they cost.
		const canAdd = waived.map(() => new Array<number>(ways.length + 1).fill(0));
		const toCome = new Array<number>(ways.length + 1).fill(0);
		for (let i = ways.length - 1; i >= 0; i--) {
			toCome[i] = toCome[i + 1] + ways[i].base;
			for (const [w, list] of canAdd.entries())
				list[i] = list[i + 1] + Math.max(...ways[i].all.map((one) => one.spent[w]));
		}
		const most = goods[0] + budget;
		let partly: Partly[] = [{ cost: [0, 0, 0], spent: waived.map(() => 0), last: null, before: null }];
		for (const [i, { all }] of ways.entries()) {
			const byCents = new Map<number, Partly[]>();
			for (const before of partly) {
				for (const way of all) {
					tick();
					const cents = before.cost[0] + way.cost[0];
					// The ways come with the cheapest first.
					if (cents + toCome[i + 1] > most) break;
					const spent = before.spent.map((own, w) => Math.min(waived[w].cents, own + way.spent[w]));
					if (spent.some((own, w) => own + canAdd[w][i + 1] < waived[w].cents)) continue;
					const cost: Cost = withTies
						? [cents, before.cost[1] + way.cost[1], before.cost[2] + way.cost[2]]
						: [cents, 0, 0];
					const next: Partly = { cost, spent, last: way, before };
					const same = byCents.get(cents);
					if (!same) byCents.set(cents, [next]);
					else if (!same.some((one) => isAsGood(one, next))) {
						const kept = same.filter((one) => !isAsGood(next, one));
						kept.push(next);
						byCents.set(cents, kept);
					}
				}
			}
			partly = thinned(byCents, withTies);
		}
		return partly.reduce<Partly | null>(
			(so, one) => (so === null || compareCosts(one.cost, so.cost) < 0 ? one : so),
			null
		);
	}
}

/** Partial purchases by cents, without those that a cheaper one is as good as. */
function thinned(byCents: ReadonlyMap<number, readonly Partly[]>, withTies: boolean): Partly[] {
	const inOrder = [...byCents].sort(([a], [b]) => a - b);
	if (withTies || inOrder[0]?.[1][0].spent.length !== 1) return inOrder.flatMap(([, list]) => list);
	// With one store to reach, only what spends more there than all that is cheaper.
	let most = -1;
	return inOrder.flatMap(([, [one]]) => {
		if (one.spent[0] <= most) return [];
		most = one.spent[0];
		return [one];
	});
}

/** The purchase in the words of the input. */
function purchase(
	{ items, offers, stores }: PacksInput,
	covers: readonly Cover[],
	wanted: readonly { readonly item: string; readonly need: number }[],
	{ combination, choice }: Found
): Omit<Purchase, 'optimal'> {
	const ways =
		choice ??
		covers.map((cover) => {
			const set = combination.stores & cover.stores;
			return waysToCover(cover, set, [], cheapest(cover, set)![0], () => undefined)[0];
		});
	const counts = new Map<number, number>();
	for (const way of ways)
		for (let at = way.packs; at; at = at.before)
			counts.set(at.offer.index, (counts.get(at.offer.index) ?? 0) + at.count);
	const buys = offers.flatMap(({ item, store, size, price }, i) =>
		counts.has(i) ? [{ item, store, size, price, count: counts.get(i)! }] : []
	);
	const fees = stores.flatMap(({ store, fee, freeOver }) => {
		const own = buys.filter((one) => one.store === store);
		if (own.length === 0) return [];
		const spent = own.reduce((sum, one) => sum + one.price * one.count, 0);
		return [{ store, fee: freeOver !== null && spent >= freeOver ? 0 : fee }];
	});
	return {
		cost:
			buys.reduce((sum, one) => sum + one.price * one.count, 0) + fees.reduce((sum, one) => sum + one.fee, 0),
		buys,
		fees,
		leftover: items.map(({ item, need }) => {
			const bought = buys
				.filter((one) => one.item === item)
				.reduce((sum, one) => sum.add(exact(one.size).mul(one.count)), exact(0));
			const left = bought.sub(exact(need)).valueOf();
			const isWanted = wanted.some((one) => one.item === item);
			return { item, quantity: isWanted && left > 0.000001 ? left : 0 };
		})
	};
}

function check({ items, offers, stores, maxStores }: PacksInput): void {
	if (stores.length > MOST_STORES)
		throw new CoreError(`More than ${MOST_STORES} stores are too many to compare.`, 'stores');
	if (maxStores !== null && maxStores < 1) throw new CoreError('maxStores must be 1 or more', 'maxStores');
	items.forEach(({ need }, i) => {
		if (!(need >= 0)) throw new CoreError(`items[${i}].need must be 0 or more`, `items[${i}].need`);
	});
	const known = new Set(stores.map((one) => one.store));
	offers.forEach((offer, i) => {
		const path = `offers[${i}]`;
		if (!known.has(offer.store))
			throw new CoreError(`${path}.store "${offer.store}" is not among the stores`, `${path}.store`);
		if (!(offer.size > 0)) throw new CoreError(`${path}.size must be above 0`, `${path}.size`);
		if (!(offer.price >= 0)) throw new CoreError(`${path}.price must be 0 or more`, `${path}.price`);
	});
}
