import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MEASURES, UNITS } from '../reference/index.ts';
import {
	amountText,
	canConvert,
	convert,
	densityOf,
	dimensionOf,
	exact,
	exactText,
	isSome,
	requireAmount,
	roundUp,
	saidAmount,
	sentText,
	type Unit
} from './index.ts';

const to = (quantity: number, from: Unit, unit: Unit, item: string | null = null) =>
	convert(exact(quantity), from, unit, item).valueOf();

describe('amounts that a button sends', () => {
	it.each([
		['1419529419/4000000', 'ml', '355'],
		['1/3', 'cup', '1/3'],
		['23659/1000', 'ml', '237/10'],
		['7', 'each', '7'],
		['5/7', 'kg', '357/500']
	] as const)('%s %s is %s', (amount, unit, said) => {
		const sent = saidAmount(exact(amount), unit);
		expect(exactText(sent)).toBe(said);
		expect(requireAmount(sent, 'amount')).toBe(sent);
		expect(amountText(sent, unit)).toBe(amountText(exact(amount), unit));
	});

	it('any amount goes through a form within what counts', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 1e9 }), fc.integer({ min: 1, max: 1e9 }), (n, d) => {
				const amount = exact(`${n}/${d}`);
				fc.pre(amount.compare(1_000_000) <= 0);
				const sent = exact(sentText(amount));
				requireAmount(sent, 'amount');
				expect(isSome(sent.sub(amount).abs())).toBe(false);
			})
		);
	});
});

describe('measures against NIST Handbook 44, Appendix C (figures from memory of its tables)', () => {
	it.each<[number, Unit, Unit, number]>([
		[1, 'gallon', 'ml', 3785.411784],
		[1, 'quart', 'l', 0.946352946],
		[1, 'pint', 'ml', 473.176473],
		[1, 'cup', 'ml', 236.5882365],
		[1, 'floz', 'ml', 29.5735295625],
		[1, 'tbsp', 'ml', 14.78676478125],
		[1, 'tsp', 'ml', 4.92892159375],
		[1, 'lb', 'g', 453.59237],
		[1, 'oz', 'g', 28.349523125],
		[1, 'in', 'mm', 25.4],
		[1, 'ft', 'cm', 30.48],
		[1, 'yd', 'm', 0.9144]
	])('%d %s is, in %s, %d', (quantity, from, unit, expected) => {
		expect(to(quantity, from, unit)).toBe(expected);
	});

	it('whole relations hold exactly: 16 cups, 128 fluid ounces, 768 teaspoons to the gallon', () => {
		expect(to(1, 'gallon', 'cup')).toBe(16);
		expect(to(1, 'gallon', 'floz')).toBe(128);
		expect(to(1, 'gallon', 'tsp')).toBe(768);
		expect(to(3, 'tsp', 'tbsp')).toBe(1);
		expect(to(1, 'lb', 'oz')).toBe(16);
		expect(to(1, 'yd', 'in')).toBe(36);
	});
});

describe('weight of a US cup against USDA FoodData Central household measures (from memory)', () => {
	it.each<[string, number]>([
		['flour', 125],
		['granulated sugar', 200],
		['packed brown sugar', 220],
		['table salt', 292],
		['butter', 227],
		['honey', 339],
		['rolled oats', 81]
	])('%s: %d g', (item, grams) => {
		expect(to(1, 'cup', 'g', item)).toBeCloseTo(grams, 9);
	});

	it('knows a row by its name, its number and the words in its brackets, and nothing else', () => {
		expect(densityOf('Raisin')?.name).toBe('raisins');
		expect(densityOf('long-grain rice')?.name).toBe('rice (long-grain, raw)');
		expect(densityOf('brown sugar, packed')?.name).toBe('brown sugar, packed');
		expect(densityOf('rice flour')).toBeNull();
		expect(densityOf('flour tortilla')).toBeNull();
		expect(densityOf('sand')).toBeNull();
	});

	it('says which item has no density', () => {
		expect(() => to(1, 'cup', 'g', 'glitter')).toThrow(/glitter/);
		expect(() => to(1, 'cup', 'g')).toThrow(/which item/);
		expect(() => to(1, 'ft', 'g', 'flour')).toThrow(/flour from ft to g/);
	});
});

describe('metric kitchen measures change cup, tbsp and tsp only', () => {
	it('a metric cup is 250 ml, a pint stays what it is', () => {
		expect(convert(exact(1), 'cup', 'ml', null, 'metric-cup').valueOf()).toBe(250);
		expect(convert(exact(1), 'tbsp', 'ml', null, 'metric-cup').valueOf()).toBe(15);
		expect(convert(exact(1), 'tsp', 'ml', null, 'metric-cup').valueOf()).toBe(5);
		expect(convert(exact(1), 'pint', 'ml', null, 'metric-cup').valueOf()).toBe(473.176473);
		expect(convert(exact(1), 'cup', 'g', 'flour', 'metric-cup').valueOf()).toBeCloseTo(132.0860261790742, 9);
	});
});

describe('exact amounts', () => {
	it('a third of a cup three times is one cup', () => {
		expect(
			exact(1 / 3)
				.mul(3)
				.valueOf()
		).toBe(1);
		expect(exact(0.1).add(exact(0.2)).valueOf()).toBe(0.3);
	});

	it('keeps every plain number: what goes in comes out, to the last bit of rounding', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 1e-9, max: 1e300, noNaN: true }),
				(value) => Math.abs(exact(value).valueOf() - value) <= value * Number.EPSILON
			)
		);
	});

	it('converts there and back without loss, for every pair of units that converts', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...UNITS),
				fc.constantFrom(...UNITS),
				fc.integer({ min: 1, max: 1e6 }),
				fc.integer({ min: 1, max: 64 }),
				(a, b, over, under) => {
					fc.pre(canConvert(a, b, null));
					const amount = exact(over).div(under);
					expect(convert(convert(amount, a, b, null), b, a, null).equals(amount)).toBe(true);
				}
			)
		);
	});

	it('rounds up to whole pieces, and lets an excess of a millionth go', () => {
		expect(roundUp(exact(1.1).mul(10)).valueOf()).toBe(11);
		expect(roundUp(exact('11.0000005')).valueOf()).toBe(11);
		expect(roundUp(exact('11.00001')).valueOf()).toBe(12);
		expect(roundUp(exact(0)).valueOf()).toBe(0);
	});

	it('containers convert only to themselves', () => {
		for (const unit of UNITS.filter((one) => dimensionOf(one) === 'container')) {
			expect(UNITS.filter((other) => canConvert(unit, other, 'flour'))).toEqual([unit]);
		}
		expect(Object.keys(MEASURES)).toHaveLength(22);
	});

	it('is written as a person would', () => {
		expect(amountText(exact(1.5), 'cup')).toBe('1½ cups');
		expect(amountText(exact(1 / 3), 'cup')).toBe('⅓ cup');
		expect(amountText(exact(6), 'each')).toBe('6');
		expect(amountText(exact(375), 'g')).toBe('375 g');
		expect(amountText(exact('9.5616'), 'ft')).toBe('9.56 ft');
		expect(amountText(exact(1), 'box')).toBe('1 box');
		expect(amountText(exact(2), 'box')).toBe('2 boxes');
	});
});
