import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { COILS, FILED_AS, PAPER_SIZES, RINGS, STOCKS, stockOf, type FiledAs } from '../reference/index.ts';
import { ringsFor, thickness, type Layer } from './index.ts';

const stack = (layers: Layer[], tabs = 0, pocketTabs = 0) =>
	thickness({ layers, tabs, pocketTabs, paper: 'letter' });

describe('thickness', () => {
	it('a ream of 20 lb letter paper weighs 5 lb: basis weight is that of 500 sheets of 17 × 22 in, four times as large', () => {
		const { kilograms } = stack([{ stock: 'plain20', sheets: 500, finish: 'none' }]);
		expect(kilograms / 0.45359237).toBeCloseTo(5, 2);
	});
	it('grammage follows from basis weight (ISO 536; bond 17 × 22, cover 20 × 26, index 25.5 × 30.5 in)', () => {
		const grammage = (pounds: number, width: number, height: number) =>
			(pounds * 453.59237) / (500 * width * 0.0254 * height * 0.0254);
		expect(stockOf('plain20').grams).toBeCloseTo(grammage(20, 17, 22), 1);
		expect(stockOf('plain24').grams).toBeCloseTo(grammage(24, 17, 22), 1);
		expect(stockOf('plain28').grams).toBeCloseTo(grammage(28, 17, 22), 1);
		expect(stockOf('cover65').grams).toBeCloseTo(grammage(65, 20, 26), 1);
		expect(stockOf('cover80').grams).toBeCloseTo(grammage(80, 20, 26), 1);
		expect(stockOf('index110').grams).toBeCloseTo(grammage(110, 25.5, 30.5), 1);
	});
	it('half an inch in protectors with 14 pocket dividers needs a three-inch binder (common practice)', () => {
		const sheets = Math.ceil(12.7 / stockOf('plain20').thick);
		expect(stack([{ stock: 'plain20', sheets, finish: 'protector' }], 0, 14).ring).toBe(76);
		expect(stack([{ stock: 'plain20', sheets, finish: 'none' }]).ring).toBe(25);
	});
	it('rings hold about the sheets that are printed on binders (common practice)', () => {
		for (const [size, sheets] of [
			[13, 95],
			[25, 215],
			[38, 340],
			[51, 460],
			[76, 680],
			[102, 880]
		])
			expect(RINGS.find((one) => one.size === size)!.holds / stockOf('plain20').thick).toBeCloseTo(
				sheets,
				-1.2
			);
	});
	it('grows with every sheet, holds what it says, and weighs what its parts weigh', () => {
		const layer = fc.record({
			stock: fc.constantFrom(...STOCKS.map((one) => one.code)),
			sheets: fc.nat(300),
			finish: fc.constantFrom(...(Object.keys(FILED_AS) as FiledAs[]))
		});
		fc.assert(
			fc.property(fc.array(layer, { maxLength: 6 }), layer, fc.nat(20), (layers, more, tabs) => {
				const [before, after] = [stack(layers, tabs), stack([...layers, more], tabs)];
				const alone = stack([more]);
				expect(after.millimetres).toBeCloseTo(before.millimetres + alone.millimetres, 6);
				expect(after.kilograms).toBeCloseTo(before.kilograms + alone.kilograms, 6);
				expect(after.binders).toBeGreaterThanOrEqual(before.binders);
				const { holds } = RINGS.find((one) => one.size === after.ring)!;
				expect(after.millimetres / after.binders).toBeLessThanOrEqual(holds + 1e-6);
				// One binder fewer would not hold it, nor would the next smaller ring.
				if (after.binders > 1)
					expect(after.millimetres / (after.binders - 1)).toBeGreaterThan(RINGS.at(-1)!.holds);
				const smaller = RINGS.filter((one) => one.size < after.ring).at(-1);
				if (smaller) expect(after.millimetres / after.binders).toBeGreaterThan(smaller.holds);
				if (after.coil !== null) {
					expect(after.coil - after.millimetres).toBeGreaterThanOrEqual(3.2 - 1e-6);
					for (const coil of COILS) if (coil < after.coil) expect(coil - after.millimetres).toBeLessThan(3.2);
				}
			})
		);
	});
	it('A4 weighs by ISO 216: sixteen sheets of A4 are one square meter', () => {
		expect(((PAPER_SIZES.A4.width * PAPER_SIZES.A4.height) / 1e6) * 16).toBeCloseTo(1, 2);
		expect(
			thickness({
				layers: [{ stock: 'plain20', sheets: 16, finish: 'none' }],
				tabs: 0,
				pocketTabs: 0,
				paper: 'a4'
			}).kilograms
		).toBeCloseTo(0.0752, 3);
	});
	it('an exact fit fits, and more than the largest is split evenly', () => {
		expect(ringsFor(9)).toEqual({ ring: 13, binders: 1 });
		expect(ringsFor(86)).toEqual({ ring: 102, binders: 1 });
		expect(ringsFor(86.01)).toEqual({ ring: 51, binders: 2 });
		expect(ringsFor(0)).toEqual({ ring: 13, binders: 1 });
		expect(stack([{ stock: 'plain20', sheets: 5000, finish: 'none' }]).binders).toBe(6);
	});
	it('refuses half a sheet and an unknown stock in words', () => {
		expect(() => stack([{ stock: 'plain20', sheets: 2.5, finish: 'none' }])).toThrow('counted whole');
		expect(() => stack([{ stock: 'papyrus' as 'plain20', sheets: 2, finish: 'none' }])).toThrow('no stock');
		expect(() => stack([], -1)).toThrow('Dividers');
	});
});
