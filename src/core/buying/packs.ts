import { groupBy } from '../group-by.ts';
import { CoreError } from '../error.ts';
import { exact } from '../measure/exact.ts';
import {
	cheapest,
	compareCosts,
	coverOf,
	millionths,
	relaxed,
	waysToCover,
	type Cost,
	type Cover,
	type Option,
	type PackOffer,
	type Watched
} from './cover.ts';
import { cheapestWaived, search, tightened, type Found, type Kind } from './search.ts';

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
	/** The total is proven to be the least. */
	readonly optimal: boolean;
	/** No purchase costs less than this; there when the time was over before the best was proven. */
	readonly bound?: number;
};

/** More stores than this make too many sets of them to go through. */
const MOST_STORES = 20;
/** How often the bound of a kind is raised before anything is looked for. */
const STEPS = 12;
const TICKS_A_LOOK = 2048;
const TICKS_FOR_EQUALS = 1_000_000;

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
	const covers = wanted.map(({ item, need }) =>
		coverOf(millionths(need), usable(offers.get(item) ?? [], stores))
	);
	const kinds = combinations(input, covers, wanted);
	let ticks = 0;
	const tick = () => {
		if (++ticks % TICKS_A_LOOK === 0 && isOver()) throw new TimeOver();
	};
	// What is cheapest in some set of stores when nobody thinks of fees: the search begins there.
	let best = firstFound(input.stores, covers, kinds);
	let bound = Math.min(kinds[0].bound, best.cents);
	try {
		const all = kinds.reduce((bits, kind) => bits | kind.stores, 0);
		const open: Kind[] = [];
		for (const same of groupBy(
			kinds.filter((kind) => kind.waived.length > 0 && kind.bound <= best.cents),
			(kind) => kind.waived.map((one) => one.store).join()
		).values()) {
			// With all stores to choose from goods cost the least, so this holds for every set of them.
			const widest = tightened(
				covers,
				{ ...same[0], stores: all, fees: 0, bound: 0 },
				best.cents,
				STEPS,
				tick
			);
			for (const kind of same) {
				if (widest.bound + kind.fees > best.cents) continue;
				const own = tightened(covers, { ...kind, worth: widest.worth }, best.cents, 1, tick);
				if (own.bound <= best.cents) open.push(own);
			}
		}
		const equals: Kind[] = [];
		const tight = new Set<Kind>();
		while (open.length) {
			// The most promising one; its bound is raised once more before anything is looked for.
			const at = open.reduce((so, one, i) => (one.bound < open[so].bound ? i : so), 0);
			const [kind] = open.splice(at, 1);
			bound = Math.min(kind.bound, best.cents);
			if (kind.bound > best.cents) break;
			if (!tight.has(kind)) {
				const own = tightened(covers, kind, best.cents, STEPS, tick);
				tight.add(own);
				open.push(own);
				continue;
			}
			const found = cheapestWaived(covers, kind, best.cents, tick);
			if (!found) continue;
			if (found.cents < best.cents) equals.length = 0;
			equals.push(kind);
			if (found.cents < best.cents || found.stores < best.stores) best = found;
		}
		bound = best.cents;
		for (const kind of kinds) {
			if (kind.waived.length > 0 || kind.bound !== best.cents) continue;
			const found: Found = { cents: kind.bound, stores: kind.count, cost: kind.goods, kind, choice: null };
			if (compareFound(found, best) < 0) best = found;
		}
		// The least total is proven. Its equals are compared for a while, always the same while.
		const last = ticks + TICKS_FOR_EQUALS;
		const tickOfEquals = () => {
			tick();
			if (ticks > last) throw new TimeOver();
		};
		for (const kind of equals) {
			if (kind.count > best.stores) continue;
			const found = search(covers, kind, best.cents, true, tickOfEquals);
			if (found && compareFound(found, best) < 0) best = found;
		}
	} catch (error) {
		if (!(error instanceof TimeOver)) throw error;
	}
	const bought = purchase(input, covers, wanted, best);
	const proven = Math.ceil(bound);
	return proven >= bought.cost ? { ...bought, optimal: true } : { ...bought, optimal: false, bound: proven };
}

/**
 * The best of the purchases that take the cheapest goods from some set of stores and pay the fees that are
 * left then. Each set stands among the kinds without a store that has to waive its fee.
 */
function firstFound(stores: readonly Store[], covers: readonly Cover[], kinds: readonly Kind[]): Found {
	const plain = kinds.filter((kind) => kind.waived.length === 0);
	const waives = stores.flatMap(({ fee, freeOver }, store) =>
		fee > 0 && freeOver !== null ? [{ store, fee, cents: freeOver }] : []
	);
	const saved = (spent: readonly number[]) =>
		waives.reduce((sum, { fee, cents }, w) => (spent[w] >= cents ? sum + fee : sum), 0);
	const zero = waives.map(() => 0);
	let best: Found = {
		cents: plain[0].bound,
		stores: plain[0].count,
		cost: plain[0].goods,
		kind: plain[0],
		choice: null
	};
	for (const kind of plain) {
		// What is spent where, limits left out; with them it is counted again.
		const spent = zero.slice();
		for (const cover of covers)
			relaxed(cover, kind.stores, waives, zero).spent.forEach((own, w) => (spent[w] += own));
		if (kind.bound - saved(spent) >= best.cents) continue;
		const choice = covers.map((cover) => cheapestWay(cover, kind.stores, waives));
		const cents = kind.bound - saved(zero.map((_, w) => choice.reduce((sum, one) => sum + one.spent[w], 0)));
		if (cents < best.cents) best = { cents, stores: kind.count, cost: kind.goods, kind, choice };
	}
	return best;
}

function cheapestWay(cover: Cover, stores: number, watched: readonly Watched[]): Option {
	const [most] = cheapest(cover, stores & cover.stores)!;
	const ask = { stores, watched, worth: watched.map(() => 0), most, withTies: true };
	return waysToCover(cover, ask, () => undefined)[0];
}

/**
 * Offers without those that another of the same store beats in price, size and limit being the same. Where goods
 * can waive a fee a dearer pack can still be worth it, so only its twins are left out there.
 */
function usable(offers: readonly PackOffer[], stores: readonly Store[]): PackOffer[] {
	return offers.filter((one) => {
		const { fee, freeOver } = stores[one.store];
		const canWaive = fee > 0 && freeOver !== null;
		return (
			one.limit > 0 &&
			!offers.some(
				(other) =>
					other.index !== one.index &&
					other.store === one.store &&
					other.size === one.size &&
					(canWaive ? other.price === one.price : other.price <= one.price) &&
					other.limit === Infinity &&
					(other.price < one.price || one.limit < Infinity || other.index < one.index)
			)
		);
	});
}

function compareFound(a: Found, b: Found): number {
	return a.cents - b.cents || a.stores - b.stores || a.cost[1] - b.cost[1] || a.cost[2] - b.cost[2];
}

/** Every kind of purchase that covers everything, the lowest bound first. */
function combinations(
	{ stores, maxStores }: PacksInput,
	covers: readonly Cover[],
	wanted: readonly { readonly item: string }[]
): Kind[] {
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
	const result: Kind[] = [];
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
	return result.sort((a, b) => a.bound - b.bound || a.count - b.count || compareCosts(a.goods, b.goods));
}

/** A set of stores, once for each choice of those that waive their fee. */
function addKinds(result: Kind[], set: number, count: number, goods: Cost, stores: readonly Store[]): void {
	const inSet = stores.flatMap((one, store) => (set & (1 << store) ? [{ ...one, store }] : []));
	const canWaive = inSet.filter((one) => one.fee > 0 && one.freeOver !== null);
	const fees = inSet.reduce((sum, one) => sum + one.fee, 0);
	for (let waive = 0; waive < 1 << canWaive.length; waive++) {
		const waived = canWaive.filter((_, i) => waive & (1 << i));
		const own = fees - waived.reduce((sum, one) => sum + one.fee, 0);
		// What the stores ask for has to be spent there in any case.
		const asked = waived.reduce((sum, one) => sum + one.freeOver!, 0);
		result.push({
			stores: set,
			count,
			goods,
			fees: own,
			waived: waived.map((one) => ({ store: one.store, cents: one.freeOver! })),
			worth: waived.map(() => 0),
			bound: Math.max(goods[0], asked) + own
		});
	}
}

function bitsOf(set: number): number {
	let count = 0;
	for (let rest = set; rest; rest &= rest - 1) count++;
	return count;
}

/** The purchase in the words of the input. */
function purchase(
	{ items, offers, stores }: PacksInput,
	covers: readonly Cover[],
	wanted: readonly { readonly item: string; readonly need: number }[],
	{ kind, choice }: Found
): Omit<Purchase, 'optimal'> {
	const ways = choice ?? covers.map((cover) => cheapestWay(cover, kind.stores, []));
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
