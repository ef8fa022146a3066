import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isBulky, liftingCaution, liftingLimit } from './measures.ts';
import { shelfWhy, shelvesByFit, standOnShelf } from './shelf.ts';

const at = (floor: number | null, freeAlong: number) => ({ floor, box: { freeAlong } });

describe('which shelf for a box', () => {
	it('something heavy goes to the height at which lifting is easiest, 75 cm; what is light to where least stays free', () => {
		const low = at(100, 50);
		const easy = at(800, 400);
		const high = at(1700, 10);
		expect(shelvesByFit([high, low, easy], 12)).toEqual([easy, low, high]);
		expect(shelvesByFit([high, low, easy], 3)).toEqual([high, low, easy]);
		// The lifting equation says the same: of heights, 75 cm allows the most (NIOSH 94-110).
		const limit = (height: number) => liftingLimit({ reach: 30, height, travel: 25 });
		expect(limit(75)).toBeGreaterThan(limit(10));
		expect(limit(75)).toBeGreaterThan(limit(170));
	});
	it('says why, by weight and height', () => {
		expect(shelfWhy(10, 1600)).toBe('too high for its weight');
		expect(shelfWhy(10, 700)).toBe('a good height for something heavy');
		expect(shelfWhy(4, 1600)).toBe('high up, and light enough');
		expect([shelfWhy(4, 700), shelfWhy(10, null)]).toEqual(['', '']);
	});
	it('a shelf of unknown height is never put behind one that is known to be worse', () => {
		fc.assert(
			fc.property(fc.array(fc.option(fc.integer({ min: 0, max: 2200 }))), (floors) => {
				const sorted = shelvesByFit(
					floors.map((floor) => at(floor, 0)),
					12
				).map(({ floor }) => Math.abs((floor ?? 750) - 750));
				expect(sorted).toEqual(sorted.toSorted((a, b) => a - b));
				expect(sorted).toHaveLength(floors.length);
			})
		);
	});
	it('a box stands within its shelf, behind nothing', () => {
		fc.assert(
			fc.property(
				fc.record({
					length: fc.integer({ min: 100, max: 700 }),
					width: fc.integer({ min: 100, max: 700 }),
					height: fc.integer({ min: 50, max: 500 })
				}),
				fc.integer({ min: 200, max: 1500 }),
				fc.integer({ min: 0, max: 600 }),
				(inner, width, taken) => {
					const shelf = { depth: 400, width, height: 400 };
					const found = standOnShelf(shelf, [{ name: 'books', along: taken, high: 240 }], inner);
					if (!found) return;
					expect(found.x).toBe(taken);
					expect(found.x + found.along).toBeLessThanOrEqual(width);
					expect(found.deep).toBeLessThanOrEqual(400);
					expect(found.high).toBeLessThanOrEqual(400);
					expect(found.freeAlong).toBe(width - taken - found.along);
				}
			)
		);
	});
});

describe('weight and bulk', () => {
	it('cautions from over 9 kg (20 lb) and over 23 kg (51 lb)', () => {
		expect([liftingCaution(9), liftingCaution(9.1), liftingCaution(23), liftingCaution(23.1)]).toEqual([
			'',
			'Over 9 kg (20 lb): heavy. Lift it close to you.',
			'Over 9 kg (20 lb): heavy. Lift it close to you.',
			'Over 23 kg (51 lb): don’t lift it alone.'
		]);
		// A pound is 0.45359237 kg (NIST Handbook 44).
		expect([Math.round(9 / 0.45359237), Math.round(23 / 0.45359237)]).toEqual([20, 51]);
	});
	it('a paperback is flat; what is thick, or has over two liters, is bulky', () => {
		expect(isBulky({ length: 230, width: 155, height: 20 })).toBe(false);
		expect(isBulky({ length: 100, width: 90, height: 61 })).toBe(true);
		expect(isBulky({ length: 300, width: 240, height: 30 })).toBe(true);
	});
});
