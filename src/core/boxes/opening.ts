/** What an opening box has something of, in the order in which it is told. */
export const OPENING_KINDS = [
	'fiction',
	'picture book',
	'craft',
	'dress-up',
	'game',
	'film',
	'food',
	'other'
] as const;
export type OpeningKind = (typeof OPENING_KINDS)[number];

export const OPENING_TEXT: Readonly<Record<OpeningKind, string>> = {
	fiction: 'Fiction',
	'picture book': 'Picture book',
	craft: 'Craft',
	'dress-up': 'Dress-up',
	game: 'Game',
	film: 'Film',
	food: 'Food',
	other: 'Something else'
};

/** Room that one of a kind takes, liters, until somebody says more (common practice, no source). */
export const OPENING_LITERS: Readonly<Record<OpeningKind, number>> = {
	fiction: 0.6,
	'picture book': 0.7,
	craft: 2,
	'dress-up': 4,
	game: 3.5,
	film: 0.4,
	food: 1.5,
	other: 1.5
};

export type OpeningThing = {
	readonly kind: OpeningKind;
	readonly liters: number | null;
	readonly cents: number | null;
	readonly isInside: boolean;
};

/**
 * How an opening box stands: which kinds it has nothing of, how full it is, and what it cost so far. `room` is the
 * inside of the box in liters, null where it was not measured.
 *
 * @example openingStanding([{ kind: 'game', liters: null, cents: 1200, isInside: true }], ['game', 'film'], 35)
 * // { lacks: ['film'], coming: [], liters: 3.5, fill: 0.1, cents: 1200 }
 */
export function openingStanding(
	things: readonly OpeningThing[],
	kinds: readonly OpeningKind[],
	room: number | null
): {
	/** Nothing of it is even thought of. */
	readonly lacks: readonly OpeningKind[];
	/** Thought of, but nothing of it is in the box. */
	readonly coming: readonly OpeningKind[];
	readonly liters: number;
	readonly fill: number | null;
	readonly cents: number;
} {
	const inside = things.filter((one) => one.isInside);
	const liters = inside.reduce((sum, one) => sum + (one.liters ?? OPENING_LITERS[one.kind]), 0);
	return {
		lacks: kinds.filter((kind) => !things.some((one) => one.kind === kind)),
		coming: kinds.filter(
			(kind) => things.some((one) => one.kind === kind) && !inside.some((one) => one.kind === kind)
		),
		liters,
		fill: room === null || room <= 0 ? null : liters / room,
		cents: inside.reduce((sum, one) => sum + (one.cents ?? 0), 0)
	};
}
