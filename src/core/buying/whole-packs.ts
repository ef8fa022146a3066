import { roundUp, type Exact } from '../measure/index.ts';

/**
 * The least that an amount costs in whole packs of one kind, in cents; null where there is no pack. Sizes are in
 * the unit of the amount.
 *
 *     cheapestWholePacks(exact(7), [{ size: exact(5), cents: 300 }, { size: exact(2), cents: 100 }])   // 400
 */
export function cheapestWholePacks(
	amount: Exact,
	packs: readonly { readonly size: Exact; readonly cents: number }[]
): number | null {
	const costs = packs.map(({ size, cents }) => roundUp(amount.div(size)).valueOf() * cents);
	return costs.length ? Math.min(...costs) : null;
}

/** Second-hand one pays half of the cheapest new price at the most; common practice. */
const SECOND_HAND_SHARE = 0.5;

/** The most that a thing is worth second-hand, in whole cents, from the least that it costs new. */
export function mostSecondHand(newCents: number): number {
	return Math.floor(newCents * SECOND_HAND_SHARE);
}
