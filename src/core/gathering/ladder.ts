/** Where a thing that is not at home can come from, in the order in which most families try. */
export const RUNGS = ['made', 'free', 'borrowed', 'gift', 'second-hand', 'bought'] as const;
export type Rung = (typeof RUNGS)[number];

/** Days each usually takes where nobody's own lead time is known. Common practice, set in the household. */
export const USUAL_RUNG_DAYS: Readonly<Record<Rung, number>> = {
	made: 1,
	free: 3,
	borrowed: 3,
	gift: 30,
	'second-hand': 21,
	bought: 0
};

/** What a rung is called where one types or reads them in a row. */
export const RUNG_WORDS: Readonly<Record<Rung, string>> = {
	made: 'make',
	free: 'find free',
	borrowed: 'borrow',
	gift: 'gift',
	'second-hand': 'buy used',
	bought: 'buy new'
};

/** The rung of a word that somebody typed, by its own or its older word; null where it is none. */
export function rungNamed(word: string): Rung | null {
	const said = word.trim().toLowerCase();
	const also: Readonly<Record<string, Rung>> = {
		used: 'second-hand',
		buy: 'bought',
		new: 'bought',
		find: 'free'
	};
	return RUNGS.find((rung) => rung === said || RUNG_WORDS[rung] === said) ?? also[said] ?? null;
}

/** A list of rungs as stored, without what is none and without repeats. */
export function readLadder(names: readonly string[]): Rung[] {
	return [...new Set(names)].filter((name): name is Rung => RUNGS.includes(name as Rung));
}

/**
 * The rung on which a thing stands: where it was moved to, else the first of its own ladder, else the one that
 * its usual source stands for.
 */
export function rungOf(moved: Rung | null, own: readonly Rung[] | null, usual: Rung): Rung {
	return moved ?? own?.[0] ?? usual;
}

/**
 * The next rung after one that did not serve: down the thing's own ladder, else down the household's.
 * Null at the end.
 *
 *     nextRung(['free', 'bought'], 'free')   // 'bought'
 */
export function nextRung(ladder: readonly Rung[], now: Rung): Rung | null {
	const at = ladder.indexOf(now);
	// A rung that the ladder does not have was chosen by hand; the ladder is tried from its top.
	return ladder[at + 1] ?? null;
}
