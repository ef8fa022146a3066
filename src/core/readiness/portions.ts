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
	/** Lies at home, reserved or known to be there, and waits to be fetched. */
	readonly toFetch: Exact;
	/** Of what is to be fetched, what nobody counted: the household said that there is enough. */
	readonly uncounted: Exact;
	readonly arranged: Exact;
	/** Nobody has said whether the house has it. */
	readonly toLook: Exact;
	/** Neither in hand, nor at home, nor on its way, nor to be looked for. */
	readonly missing: Exact;
};

/** What becomes of an amount that no lot serves and nobody is on. */
export type Unserved =
	| { readonly kind: 'missing' }
	| { readonly kind: 'look' }
	/** The household says that there is enough. */
	| { readonly kind: 'enough' }
	/** Every house has it, up to so much where there is a most. */
	| { readonly kind: 'assumed'; readonly most: Exact | null };

/**
 * The state of a supply need from its stored portions, from what netting reserves for it and from what is known of
 * the rest. Its state is that of the least advanced portion; when the amount grows the rest is missing, or is what
 * is known of it.
 */
export function standing(
	amount: Exact,
	reserved: Exact,
	portions: Portions,
	prepares: boolean,
	unserved: Unserved = { kind: 'missing' }
): Standing {
	const found = smaller(amount, portions.found);
	const atHome = larger(found, smaller(amount, reserved));
	const arranged = smaller(amount.sub(atHome), portions.arranged);
	const rest = larger(ZERO, amount.sub(atHome).sub(arranged));
	const assumed =
		unserved.kind === 'assumed' ? (unserved.most === null ? rest : smaller(rest, unserved.most)) : ZERO;
	const uncounted = unserved.kind === 'enough' ? rest : ZERO;
	const toLook = unserved.kind === 'look' ? rest : unserved.kind === 'assumed' ? rest.sub(assumed) : ZERO;
	const missing = unserved.kind === 'missing' ? rest : ZERO;
	// Fractions are dear, and nearly always there is nothing to add.
	const inHand = assumed === ZERO ? found : found.add(assumed);
	const lies = atHome.sub(found);
	const toFetch = uncounted === ZERO ? lies : lies.add(uncounted);
	return { state: stateOf(), inHand, toFetch, uncounted, arranged, toLook, missing };

	function stateOf(): State {
		if (isSome(missing) || isSome(toFetch) || isSome(toLook)) return 'missing';
		if (isSome(arranged)) return 'arranged';
		if (isSome(portions.out) && !isSome(amount.sub(portions.out))) return 'out';
		return prepares && !isSome(amount.sub(portions.prepared)) ? 'prepared' : 'in hand';
	}
}
