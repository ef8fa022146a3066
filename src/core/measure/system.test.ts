import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convert, exact, lengthText, readLength, systemOf, unitIn } from './index.ts';
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
