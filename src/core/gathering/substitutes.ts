import { isSome, type Exact } from '../measure/exact.ts';

/** Something that can be taken instead, with its own amount. */
export type Substitute = {
	readonly name: string;
	/** How much of it stands in for all that is missing, and how much of that is free at home. */
	readonly wanted: Exact;
	readonly free: Exact;
	/** What the rest would cost in cents; null where no price is known. */
	readonly cents: number | null;
};

export type Ranked = Substitute & { readonly isOnHand: boolean };

/**
 * The substitutes worth offering: what lies at home in full first, then the cheapest. One that would cost more
 * than the thing itself is never offered, nor one of unknown price against a known one.
 *
 * @param own what the missing thing itself costs in cents; null where no price is known
 */
export function rankSubstitutes(own: number | null, offered: readonly Substitute[]): Ranked[] {
	return offered
		.map((one): Ranked => {
			const isOnHand = !isSome(one.wanted.sub(one.free));
			return { ...one, isOnHand, cents: isOnHand ? 0 : one.cents };
		})
		.filter((one) => one.isOnHand || own === null || (one.cents !== null && one.cents <= own))
		.sort(
			(a, b) =>
				Number(b.isOnHand) - Number(a.isOnHand) ||
				(a.cents ?? Infinity) - (b.cents ?? Infinity) ||
				(a.name < b.name ? -1 : a.name > b.name ? 1 : 0)
		);
}
