import { describe, expect, it } from 'vitest';
import { readPack } from './index.ts';

describe('what a pack holds', () => {
	it.each([
		['1 kg', 1, 'kg'],
		['12', 12, 'each'],
		['500ml', 500, 'ml'],
		['3 yd', 3, 'yd'],
		['2.5 lbs', 2.5, 'lb'],
		['1 1/2 cups', 1.5, 'cup'],
		['½ gallon', 0.5, 'gallon'],
		['10 sheets', 10, 'sheet'],
		['4 sticks', 4, 'stick']
	])('%s', (text, size, unit) => {
		const pack = readPack(text)!;
		expect([pack.size.valueOf(), pack.unit]).toEqual([size, unit]);
	});
	it.each(['', 'a lot', 'kg', '3 parsecs', '-2 g', '−1', 'nothing at all, ever'])('“%s” is no pack', (text) =>
		expect(readPack(text)).toBeNull()
	);
});
