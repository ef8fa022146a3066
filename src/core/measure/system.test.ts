import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	convert,
	exact,
	lengthText,
	readLength,
	readMillimeters,
	readSize,
	readWeight,
	systemOf,
	unitIn
} from './index.ts';
import { UNITS } from '../reference/index.ts';

describe('the household’s measures', () => {
	it.each([
		['cup', 'flour', 'g'],
		['cup', 'pebbles', 'ml'],
		['lb', 'clay', 'g'],
		['yd', 'ribbon', 'cm'],
		['sheet', 'paper', 'sheet'],
		['tsp', 'salt', 'tsp'],
		['g', 'flour', 'g']
	] as const)('%s of %s in a metric house: %s', (unit, item, wanted) => {
		expect(unitIn('metric', unit, item)).toBe(wanted);
	});

	it.each([
		['kg', 'lb'],
		['g', 'oz'],
		['l', 'quart'],
		['ml', 'cup'],
		['m', 'ft'],
		['cm', 'in'],
		['each', 'each']
	] as const)('%s in a house of cups and inches: %s', (unit, wanted) => {
		expect(unitIn('us', unit, 'twine')).toBe(wanted);
	});

	it('every unit has a way into both systems, by which nothing is lost', () => {
		for (const unit of UNITS)
			for (const system of ['us', 'metric'] as const) {
				const other = unitIn(system, unit, 'flour');
				expect([null, system]).toContain(systemOf(other));
				const there = convert(exact('7/3'), unit, other, 'flour');
				expect(convert(there, other, unit, 'flour').equals('7/3')).toBe(true);
			}
	});
});

describe('lengths as typed', () => {
	// 1 in = 25.4 mm and 1 ft = 304.8 mm exactly: NIST Handbook 44, appendix C.
	it.each([
		['12 1/2', 'us', 318],
		['12½ in', 'us', 318],
		['12½"', 'metric', 318],
		['4 ft 2 in', 'us', 1270],
		['5\' 3"', 'metric', 1600],
		['32', 'metric', 320],
		['32 cm', 'us', 320],
		['1.2 m', 'us', 1200],
		['31,5', 'metric', 315],
		['450 mm', 'us', 450],
		['3/4 in.', 'us', 19]
	] as const)('%s (%s) is %d mm', (text, system, mm) => {
		expect(readLength(text, system)).toBe(mm);
	});

	it.each(['', 'knee high', '12 smoots', '1e12', '½½½ x', '-3', '3 in and a bit', '1/0', '1 1/0 in'])(
		'“%s” is none',
		(text) => {
			expect(readLength(text, 'us')).toBeNull();
		}
	);

	it('what is shown reads back: to the millimetre in centimetres, to the sixteenth of an inch in inches', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 999 }), (mm) => {
				expect(readLength(lengthText(mm, 'metric'), 'us')).toBe(mm);
				expect(Math.abs(readLength(lengthText(mm, 'us'), 'metric')! - mm)).toBeLessThanOrEqual(2);
			})
		);
	});
});

describe('sizes and weights as one types them (1 in = 25.4 mm, 1 lb = 0.45359237 kg: international yard and pound, 1959)', () => {
	it.each([
		['12 x 9 1/2 x 3 in', 'metric', [304.8, 241.3, 76.2]],
		['30×22×5 cm', 'us', [300, 220, 50]],
		['30 × 22 × 5', 'metric', [300, 220, 50]],
		['7-1/4 by .75 by 2½', 'us', [184.15, 19.05, 63.5]],
		['1 ft x 6 in x 50 mm', 'us', [304.8, 152.4, 50]],
		['6.6 x 6.6 x 6.6', 'us', [167.64, 167.64, 167.64]],
		['12,5 x 10 x 2,5', 'metric', [125, 100, 25]]
	] as const)('%s', (text, system, mm) => {
		const read = readSize(text, system)!;
		for (const [at, side] of read.entries()) expect(side).toBeCloseTo(mm[at], 6);
	});
	it.each(['', '12', '12 x 9', '12 x 9 x 0', 'large', '1 x 2 x 3 x 4', '12 x nine x 3'])(
		'“%s” is no size',
		(text) => {
			expect(readSize(text, 'us')).toBeNull();
		}
	);
	it.each([
		['1 1/2 lb', 'metric', 1.5 * 0.45359237],
		['1 lb 8 oz', 'metric', 1.5 * 0.45359237],
		['500 g', 'us', 0.5],
		['.5', 'metric', 0.5],
		['2', 'us', 2 * 0.45359237],
		['12 oz', 'us', 0.75 * 0.45359237]
	] as const)('%s', (text, system, kg) => {
		expect(readWeight(text, system)).toBeCloseTo(kg, 9);
	});
	it('what is no weight is none; fine lengths keep their parts of a millimeter', () => {
		expect([readWeight('', 'us'), readWeight('heavy', 'us'), readWeight('3 in', 'us')]).toEqual([
			null,
			null,
			null
		]);
		expect(readMillimeters('2 5/8', 'us')).toBeCloseTo(66.675, 9);
	});
});
