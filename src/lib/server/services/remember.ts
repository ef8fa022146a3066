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
		const before = known.get(key) ?? [];
		const same = before.find((one) => one.inputs.every((input, i) => isSame(input, inputs[i])));
		if (same) return same.answer;
		const answer = work();
		known.set(key, [{ inputs, answer }, ...before.slice(0, KEPT - 1)]);
		return answer;
	};
}

function isSame(a: unknown, b: unknown): boolean {
	if (a === b) return true;
	return (
		Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((element, i) => element === b[i])
	);
}
