import {
	compareCosts,
	isAsGood,
	relaxed,
	waysToCover,
	type Cost,
	type Cover,
	type Option,
	type Watched,
	type Worth
} from './cover.ts';

/** A kind of purchase: a set of stores, and those of them that are to waive their fee. */
export type Kind = {
	readonly stores: number;
	readonly count: number;
	readonly waived: readonly Watched[];
	readonly worth: Worth;
	/** Of the stores that do not waive theirs. */
	readonly fees: number;
	/** Goods at their cheapest. */
	readonly goods: Cost;
	/** No purchase of this kind costs less, in cents. */
	readonly bound: number;
};

export type Found = {
	readonly cents: number;
	readonly stores: number;
	readonly cost: Cost;
	readonly kind: Kind;
	/** By item; null takes the cheapest way of each. */
	readonly choice: readonly Option[] | null;
};

/**
 * The bound of a kind, raised by Lagrange's multipliers: a cent spent at a store that is to waive its fee is
 * taken to be worth a part of itself, up to what the store asks for. The parts follow what is spent too
 * little or too much there (Polyak's steps towards `most`). Stops as soon as the bound is above `most`.
 */
export function tightened(
	covers: readonly Cover[],
	kind: Kind,
	most: number,
	steps: number,
	tick: () => void
): Kind {
	const { stores, waived, fees } = kind;
	let best = { worth: kind.worth, bound: kind.bound };
	let { worth } = kind;
	for (let step = 0; step < steps; step++) {
		tick();
		let bound = waived.reduce((sum, one, w) => sum + worth[w] * one.cents, fees);
		const short = waived.map((one) => one.cents);
		for (const cover of covers) {
			const { cents, spent } = relaxed(cover, stores, waived, worth);
			bound += cents;
			for (const [w, own] of spent.entries()) short[w] -= own;
		}
		if (bound > best.bound || step === 0) best = { worth, bound: Math.max(bound - SLACK, best.bound) };
		if (best.bound > most) break;
		const size = short.reduce((sum, one) => sum + one * one, 0);
		if (size === 0) break;
		const stride = (Math.max(most - bound, 1) / size) * (step < steps / 2 ? 1 : 0.5);
		worth = worth.map((own, w) => Math.min(1, Math.max(0, own + stride * short[w])));
	}
	return { ...kind, ...best };
}

const SLACK = 1e-6;
/** The first step over a bound in which a purchase is looked for, in cents; then twice as much each time. */
const FIRST_STEP_CENTS = 16;

/** The cheapest purchase of a kind up to `most` cents, looked for in growing steps over its bound; null when there is none. */
export function cheapestWaived(
	covers: readonly Cover[],
	kind: Kind,
	most: number,
	tick: () => void
): Found | null {
	for (let step = FIRST_STEP_CENTS; ; step *= 2) {
		const upTo = Math.min(most, Math.floor(kind.bound + step));
		const found = search(covers, kind, upTo, false, tick);
		if (found || upTo >= most) return found;
	}
}

type Partly = Omit<Option, 'packs'> & { readonly last: Option | null; readonly before: Partly | null };

/**
 * The best purchase of a kind that costs at most `most` cents, in which enough is spent at each store that is
 * to waive its fee. Items are added one by one; of the partial purchases those are kept that no other is as
 * good as in everything, and that can still come to `most` by the bound.
 */
export function search(
	covers: readonly Cover[],
	{ waived, worth, fees, stores, ...kind }: Kind,
	most: number,
	withTies: boolean,
	tick: () => void
): Found | null {
	const goods = most - fees;
	const least = covers.map((cover) => relaxed(cover, stores, waived, worth).cents);
	const asked = waived.reduce((sum, one, w) => sum + worth[w] * one.cents, 0);
	const room = goods - asked - least.reduce((sum, one) => sum + one, 0);
	if (room < -SLACK) return null;
	const items = covers
		.map((cover, i) => {
			const ask = { stores, watched: waived, worth, most: least[i] + room, withTies };
			return { i, least: least[i], ways: waysToCover(cover, ask, tick) };
		})
		.sort((a, b) => a.ways.length - b.ways.length);
	if (items.some(({ ways }) => ways.length === 0)) return null;
	// The most that the items to come can add at each store, and the least that they cost.
	const toCome = new Array<number>(items.length + 1).fill(0);
	const canAdd = waived.map(() => new Array<number>(items.length + 1).fill(0));
	for (let i = items.length - 1; i >= 0; i--) {
		toCome[i] = toCome[i + 1] + items[i].least;
		for (const [w, list] of canAdd.entries())
			list[i] = list[i + 1] + items[i].ways.reduce((top, one) => Math.max(top, one.spent[w]), 0);
	}
	let partly: Partly[] = [{ cost: [0, 0, 0], spent: waived.map(() => 0), last: null, before: null }];
	for (const [i, { ways }] of items.entries()) {
		const byCents = new Map<number, Partly[]>();
		for (const before of partly) {
			for (const way of ways) {
				tick();
				const cents = before.cost[0] + way.cost[0];
				let bound = cents + toCome[i + 1];
				let canReach = true;
				const spent = before.spent.map((own, w) => {
					const sum = Math.min(waived[w].cents, own + way.spent[w]);
					bound += worth[w] * (waived[w].cents - sum);
					if (sum + canAdd[w][i + 1] < waived[w].cents) canReach = false;
					return sum;
				});
				if (!canReach || bound > goods + SLACK) continue;
				const next: Partly = {
					cost: [cents, before.cost[1] + way.cost[1], before.cost[2] + way.cost[2]],
					spent,
					last: way,
					before
				};
				const same = byCents.get(cents);
				if (!same) byCents.set(cents, [next]);
				else if (!same.some((one) => isAsGood(one, next)))
					byCents.set(cents, [...same.filter((one) => !isAsGood(next, one)), next]);
			}
		}
		partly = thinned(
			[...byCents].sort(([a], [b]) => a - b).flatMap(([, list]) => list),
			tick
		);
	}
	const [best] = partly.sort((a, b) => compareCosts(a.cost, b.cost));
	if (!best) return null;
	const choice = new Array<Option>(covers.length);
	let at = best;
	for (const { i } of items.toReversed()) {
		choice[i] = at.last!;
		at = at.before!;
	}
	return {
		cents: best.cost[0] + fees,
		stores: kind.count,
		cost: best.cost,
		kind: { ...kind, waived, worth, fees, stores },
		choice
	};
}

/** With more partial purchases than this, comparing each with each costs more than it saves. */
const MOST_COMPARED = 4000;

/** Partial purchases in order of their cents, without those that a cheaper one is as good as. */
function thinned(inOrder: readonly Partly[], tick: () => void): Partly[] {
	if (inOrder.length > MOST_COMPARED) return [...inOrder];
	const kept: Partly[] = [];
	for (const one of inOrder) {
		tick();
		if (!kept.some((other) => isAsGood(other, one))) kept.push(one);
	}
	return kept;
}
