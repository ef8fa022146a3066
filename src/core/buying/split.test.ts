import fc from 'fast-check';
import { expect, it } from 'vitest';
import { splitCents } from './index.ts';

it('splits to the cent, whatever the weights: nothing is lost, nobody gets a cent more than the share rounded up', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 0, max: 1_000_000 }),
			fc.array(fc.integer({ min: 0, max: 5000 }), { minLength: 1, maxLength: 40 }),
			(cents, weights) => {
				const parts = splitCents(cents, weights);
				expect(parts.reduce((sum, one) => sum + one, 0)).toBe(cents);
				const all = weights.reduce((sum, one) => sum + one, 0);
				if (all > 0)
					parts.forEach((part, i) => expect(Math.abs(part - (cents * weights[i]) / all)).toBeLessThan(1));
			}
		)
	);
});

it('a dollar among three', () => {
	expect(splitCents(100, [1, 1, 1])).toEqual([34, 33, 33]);
	expect(splitCents(100, [0, 0])).toEqual([100, 0]);
});
