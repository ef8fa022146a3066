import { isSome, larger, smaller, ZERO, type Exact } from '../measure/exact.ts';
import type { State } from './need.ts';

/** Amounts of one need that have been moved on, as stored. Each goes on top of the ones after it. */
export type Portions = {
	/** On its way: ordered, promised, on a dated list. */
	readonly arranged: Exact;
	/** In hand: found on the walk, bought, delivered. */
	readonly found: Exact;
	/** Measured into its tray. */
	readonly prepared: Exact;
	readonly out: Exact;
};

export const NO_PORTIONS: Portions = { arranged: ZERO, found: ZERO, prepared: ZERO, out: ZERO };

/** Where the portions of an amount are. */
export type Standing = {
	readonly state: State;
	/** In hand or further. */
	readonly inHand: Exact;
	/** Lies at home, reserved, and waits to be fetched. */
	readonly toFetch: Exact;
	readonly arranged: Exact;
	/** Neither in hand, nor reserved at home, nor on its way. */
	readonly missing: Exact;
};

/**
 * The state of a supply need from its stored portions and from what netting reserves for it. Its
 * state is that of the least advanced portion; when the amount grows the rest is missing.
 */
export function standing(amount: Exact, reserved: Exact, portions: Portions, prepares: boolean): Standing {
	const inHand = smaller(amount, portions.found);
	const atHome = larger(inHand, smaller(amount, reserved));
	const toFetch = atHome.sub(inHand);
	const arranged = smaller(amount.sub(atHome), portions.arranged);
	const missing = larger(ZERO, amount.sub(atHome).sub(arranged));
	return { state: stateOf(), inHand, toFetch, arranged, missing };

	function stateOf(): State {
		if (isSome(missing) || isSome(toFetch)) return 'missing';
		if (isSome(arranged)) return 'arranged';
		if (isSome(portions.out) && !isSome(amount.sub(portions.out))) return 'out';
		return prepares && !isSome(amount.sub(portions.prepared)) ? 'prepared' : 'in hand';
	}
}
