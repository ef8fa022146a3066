/**
 * Numbers that look like chance and are the same every time: a search that is asked twice answers the same. The linear
 * congruential generator x ← 1664525 x + 1013904223 modulo 2³² (Knuth; Press et al., Numerical Recipes in C, 2nd ed.,
 * 7.1), which goes through all of 2³² numbers; `Math.imul` keeps the product exact.
 *
 * @example
 * const draw = seeded(0);
 * draw(); // 0x3C6EF35F
 */
export function seeded(seed: number): () => number {
	let at = seed >>> 0;
	return () => (at = (Math.imul(at, 1_664_525) + 1_013_904_223) >>> 0);
}

/** A whole number from 0 to below `n`, of the high bits, which are the better ones. */
export const below = (draw: () => number, n: number): number => Math.floor((draw() / 2 ** 32) * n);
