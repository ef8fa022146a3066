/**
 * What is made of an object once, and kept for as long as that lives: an index of a list, what a situation says.
 *
 *     const byName = once((items: readonly Item[]) => new Map(items.map((item) => [item.name, item])));
 */
export function once<Of extends object, Made>(make: (of: Of) => Made): (of: Of) => Made {
	const known = new WeakMap<Of, { readonly made: Made }>();
	return (of) => {
		let kept = known.get(of);
		if (!kept) known.set(of, (kept = { made: make(of) }));
		return kept.made;
	};
}

/** What holds now, and what was asked about ("what if") beside it. */
const KEPT = 2;

/**
 * A store of answers: gives one of the last two answers for a key again while all inputs are the very same ones
 * (lists: the very same elements), else does the work. Rows that no change has touched keep their
 * identity from one snapshot to the next, so after a small change only what hangs on it is computed anew.
 *
 *     const doubled = remember<number>();
 *     doubled(row, [row.amount], () => row.amount * 2)
 */
export function remember<R>(): (key: object, inputs: readonly unknown[], work: () => R) => R {
	type Known = { readonly inputs: readonly unknown[]; readonly answer: R };
	const known = new WeakMap<object, readonly Known[]>();
	return (key, inputs, work) => {
		const before = known.get(key);
		if (before) for (const one of before) if (areSame(one.inputs, inputs)) return one.answer;
		const answer = work();
		known.set(key, [{ inputs, answer }, ...(before ?? []).slice(0, KEPT - 1)]);
		return answer;
	};
}

// Loops and not every(): this runs some ten thousand times after each change.
function areSame(a: readonly unknown[], b: readonly unknown[]): boolean {
	if (a.length !== b.length) return false;
	for (let i = 0; i < a.length; i++) {
		const [x, y] = [a[i], b[i]];
		if (x !== y && !(Array.isArray(x) && Array.isArray(y) && haveSame(x, y))) return false;
	}
	return true;
}

function haveSame(a: readonly unknown[], b: readonly unknown[]): boolean {
	if (a.length !== b.length) return false;
	for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false;
	return true;
}
