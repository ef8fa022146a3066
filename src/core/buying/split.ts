/**
 * Splits a sum of money by weights into whole cents that add up to it again: each gets its share rounded down,
 * and what is left over goes to the largest remainders (Hamilton's method), the first of equals first.
 *
 *     splitCents(100, [1, 1, 1])   // [34, 33, 33]
 */
export function splitCents(cents: number, weights: readonly number[]): number[] {
	const all = weights.reduce((sum, one) => sum + one, 0);
	if (all <= 0) return weights.map((_, i) => (i === 0 ? cents : 0));
	const shares = weights.map((weight) => (cents * weight) / all);
	const whole = shares.map(Math.floor);
	const left = cents - whole.reduce((sum, one) => sum + one, 0);
	const byRest = shares
		.map((share, i) => ({ i, rest: share - whole[i] }))
		.sort((a, b) => b.rest - a.rest || a.i - b.i);
	for (const { i } of byRest.slice(0, left)) whole[i]++;
	return whole;
}
