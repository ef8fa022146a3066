import { describe, expect, it } from 'vitest';
import { ALLERGENS, CAUTION_RULES, SMALL_BALL, SMALL_PARTS_CYLINDER } from '../reference/index.ts';
import { cautionsFor, furnitureCaution, monthsOld, reachOf, TALL_FURNITURE, withinReach } from './index.ts';

const child = (name: string, born: string, allergies: string[] = []) => ({ name, born, allergies });
const DAY = '2027-01-26';
const rules = (item: string, ...people: ReturnType<typeof child>[]) =>
	cautionsFor(item, DAY, people).map((caution) => caution.rule);

describe('ages on the day', () => {
	it('a month is full on the day of the month, not before', () => {
		expect(monthsOld('2024-01-26', '2027-01-26')).toBe(36);
		expect(monthsOld('2024-01-27', '2027-01-26')).toBe(35);
		expect(monthsOld('2027-02-01', '2027-01-26')).toBe(0);
	});
});

describe('published limits', () => {
	// 16 CFR 1501.4: a cylinder 1.25 in wide, 1 to 2.25 in deep; 16 CFR 1500.18(a)(17): balls of 1.75 in.
	it('the small-parts cylinder and the small ball in millimetres', () => {
		expect(SMALL_PARTS_CYLINDER.diameterMm).toBeCloseTo(1.25 * 25.4, 0);
		expect(SMALL_PARTS_CYLINDER.shallowestMm).toBeCloseTo(25.4, 1);
		expect(SMALL_PARTS_CYLINDER.deepestMm).toBeCloseTo(2.25 * 25.4, 0);
		expect(SMALL_BALL.diameterMm).toBeCloseTo(1.75 * 25.4, 0);
	});

	it.each([
		['bead', 36],
		['1-inch brad', 36],
		['marble', 36],
		['red balloon', 96],
		['bar magnet', 168],
		['honey', 12],
		['mini marshmallow', 48]
	])('%s concerns those under %d months, and nobody older', (item, months) => {
		const years = Math.floor(months / 12);
		const justUnder = child('Wren', `${2027 - years}-01-27`);
		const justOver = child('Sol', `${2027 - years}-01-26`);
		const [caution] = cautionsFor(item, DAY, [justOver, justUnder]).filter((one) => one.who.length);
		expect(caution.who).toEqual(['Wren']);
		expect(cautionsFor(item, DAY, [justOver]).filter((one) => one.who.length)).toEqual([]);
	});

	it('the nine major allergens of FALCPA 2004 and the FASTER Act 2021', () => {
		expect(Object.keys(ALLERGENS).sort()).toEqual([
			'crustacean shellfish',
			'egg',
			'fish',
			'milk',
			'peanuts',
			'sesame',
			'soybeans',
			'tree nuts',
			'wheat'
		]);
	});
});

describe('what a thing is', () => {
	it('only the thing itself, not what sounds like it', () => {
		const toddler = child('Wren', '2025-06-01');
		expect(rules('bean bag', toddler)).toEqual([]);
		expect(rules('iron filings', toddler)).toEqual([]);
		expect(rules('wax paper', toddler)).toEqual([]);
		expect(rules('egg carton', toddler)).toEqual([]);
		expect(rules('pine needle')).toEqual([]);
		expect(rules('sewing needle')).toEqual(['sharp']);
		expect(rules('glue gun')).toEqual(['heat']);
		expect(rules('plaster of paris')).toEqual(['fumes-and-dust', 'plaster-cast']);
	});

	it('an allergy names who has it', () => {
		const perrin = child('Perrin', '2019-06-02', ['tree nuts', 'wheat']);
		expect(cautionsFor('walnut', DAY, [perrin]).find((one) => one.rule === 'allergy-tree nuts')?.who).toEqual(
			['Perrin']
		);
		expect(rules('flour', perrin)).toContain('allergy-wheat');
		expect(rules('nut and bolt', perrin)).toEqual([]);
		expect(rules('milk jug', child('Ada', '2018-01-01', ['milk']))).toEqual([]);
		expect(rules('mango', child('Ada', '2018-01-01', ['mango']))).toEqual(['allergy-mango']);
	});

	it('every rule says what to do and where it comes from', () => {
		for (const rule of CAUTION_RULES) {
			expect(rule.text).toMatch(/[.!]$/);
			expect(rule.source.name).not.toBe('');
		}
	});
});

describe('reach (common practice, by age)', () => {
	const tamsin = { ...child('Tamsin', '2024-05-19'), reachMm: null };
	const odile = { ...child('Odile', '2016-09-14'), reachMm: null };

	it('marbles on a low shelf are within reach of a two-year-old, on a high one they are not', () => {
		expect(withinReach('marble', 400, DAY, [tamsin, odile])).toEqual(['Tamsin']);
		expect(withinReach('marble', 1500, DAY, [tamsin, odile])).toEqual([]);
		expect(withinReach('atlas', 400, DAY, [tamsin, odile])).toEqual([]);
	});

	it('a measured reach counts before the usual one, and reach grows with age', () => {
		expect(withinReach('marble', 1500, DAY, [{ ...tamsin, reachMm: 1600 }])).toEqual(['Tamsin']);
		const reaches = ['2026-12-01', '2025-12-01', '2024-05-19', '2021-01-01', '2016-09-14'].map((born) =>
			reachOf({ ...tamsin, born }, DAY)
		);
		expect(reaches).toEqual(reaches.toSorted((a, b) => a - b));
	});
});

describe('furniture that tips', () => {
	const reacher = (name: string, born: string) => ({ ...child(name, born), reachMm: null });

	// ASTM F2057 (from memory): clothing storage of 27 in and more, children under six.
	it('from the height on that the standard names, for children under six', () => {
		expect(TALL_FURNITURE.fromMm).toBeCloseTo(27 * 25.4, -2);
		const five = reacher('Wren', '2021-01-27');
		const six = reacher('Sol', '2021-01-26');
		expect(furnitureCaution(701, DAY, [five, six])?.who).toEqual(['Wren']);
		expect(furnitureCaution(700, DAY, [five])).toBeNull();
		expect(furnitureCaution(2000, DAY, [six])).toBeNull();
	});
});
