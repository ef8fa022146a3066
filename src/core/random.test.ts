import { describe, expect, it } from 'vitest';
import { below, seeded } from './random.ts';

describe('numbers that look like chance', () => {
	it('are those that Numerical Recipes in C, 2nd ed., 7.1 prints as a check of its “ranqd1” (from memory)', () => {
		const draw = seeded(0);
		expect(Array.from({ length: 11 }, () => draw().toString(16).toUpperCase())).toEqual([
			'3C6EF35F',
			'47502932',
			'D1CCF6E9',
			'AAF95334',
			'6252E503',
			'9F2EC686',
			'57FE6C2D',
			'A3D95FA8',
			'81FDBEE7',
			'94F0AF1A',
			'CBF633B1'
		]);
	});
	it('are what exact arithmetic gives, for long', () => {
		const draw = seeded(20_270);
		let exact = 20_270n;
		for (let at = 0; at < 20_000; at++) {
			exact = (exact * 1_664_525n + 1_013_904_223n) % 2n ** 32n;
			expect(draw()).toBe(Number(exact));
		}
	});
	it('fall on every choice about equally often', () => {
		const draw = seeded(1);
		const counts = [0, 0, 0, 0, 0, 0, 0];
		for (let at = 0; at < 70_000; at++) counts[below(draw, 7)]++;
		for (const count of counts) expect(Math.abs(count - 10_000)).toBeLessThan(400);
	});
});
