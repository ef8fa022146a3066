import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import { exact } from '../measure/index.ts';
import { holdBack } from './hold-back.ts';
import { netSupplies, type NetLine } from './net.ts';
import { requirements, type RequirementsInput } from './requirements.ts';

type Supply = RequirementsInput['lessons'][number]['supplies'][number];
const supply = (item: string, quantity: number, more: Partial<Supply> = {}): Supply => ({
	item,
	quantity,
	unit: 'each',
	per: 'family',
	use: 'consumed',
	spare: 0,
	...more
});

describe('explosion and netting against a textbook', () => {
	// The snow-shovel example of Vollmann, Berry and Whybark, Manufacturing Planning and Control Systems:
	// net requirements of a parent are the gross requirements of its parts. Figures from memory of it.
	it.each([
		['top handle assembly', 1, 100, [25, 0], 75],
		['top handle', 1, 75, [22, 25], 28],
		['nail', 2, 75, [4, 50], 96],
		['bracket assembly', 1, 75, [27, 0], 48],
		['top handle bracket', 1, 48, [15, 0], 33],
		['top handle coupling', 1, 48, [39, 15], 0]
	])('%s: %d each for %d parents, %j on hand and coming, %d net', (item, quantity, parents, stock, net) => {
		const children = Array.from({ length: parents }, (_, i) => ({ id: String(i), age: 9 }));
		const { items } = requirements({
			children,
			lessons: [{ id: 'L1', date: '2027-01-12', supplies: [supply(item, quantity, { per: 'child' })] }],
			stash: stock.map((amount) => ({ item, quantity: amount, unit: 'each' }))
		});
		expect(items).toMatchObject([{ item, gross: quantity * parents, net }]);
	});

	// Time-phased netting, lot for lot, worked by hand after the method of Orlicky, Material
	// Requirements Planning (1975): on hand 30; gross 20, 25, 0, 15 → net 0, 15, 0, 15.
	it('uses up what is on hand period by period', () => {
		const gross = [20, 25, 0, 15];
		const [row] = requirements({
			children: [],
			lessons: gross.map((quantity, i) => ({
				id: `P${i}`,
				date: addDays('2027-01-04', 7 * i),
				supplies: [supply('part', quantity)]
			})),
			stash: [{ item: 'part', quantity: 30, unit: 'each' }]
		}).items;
		expect(row.byLesson.map((lesson) => lesson.net)).toEqual([0, 15, 0, 15]);
		expect(row.neededBy).toBe('2027-01-11');
	});
});

describe('rules', () => {
	const twoDays = (supplies: Supply[][], stash: RequirementsInput['stash'] = []) =>
		requirements({
			children: [
				{ id: 'a', age: 7 },
				{ id: 'b', age: 9 },
				{ id: 'c', age: 11 }
			],
			lessons: supplies.map((own, i) => ({
				id: `L${i + 1}`,
				date: addDays('2027-01-12', 2 * i),
				supplies: own
			})),
			stash
		}).items;

	it('half a dozen for each of three is whole pieces, measured amounts are not rounded', () => {
		expect(twoDays([[supply('egg', 0.3, { unit: 'dozen' })]])[0].gross).toBeCloseTo(4 / 12, 12);
		expect(twoDays([[supply('tape', 0.5, { unit: 'roll', per: 'pair' })]])[0].gross).toBe(1);
		expect(twoDays([[supply('water', 1 / 3, { unit: 'cup', per: 'child' })]])[0].gross).toBe(1);
	});

	it('a kept thing that goes bad while it is out is short from the day after', () => {
		const [row] = twoDays(
			[[supply('pumpkin', 1, { use: 'kept', outUntil: '2027-01-30' })]],
			[{ item: 'pumpkin', quantity: 1, unit: 'each', goodUntil: '2027-01-20' }]
		);
		expect(row).toMatchObject({ gross: 1, net: 1, neededBy: '2027-01-21' });
	});

	it('names the child, the line and the units that do not fit', () => {
		expect(() => twoDays([[supply('cork', 1, { children: ['z'] })]])).toThrow(
			/lessons\[0\]\.supplies\[0\]\.children names z/
		);
		expect(() => twoDays([[supply('cork', 1, { outUntil: '2027-01-01' })]])).toThrow(/outUntil/);
		expect(() =>
			twoDays([[supply('flour', 1, { unit: 'bag' })]], [{ item: 'flour', quantity: 1, unit: 'kg' }])
		).toThrow(/flour.*bag.*kg/);
	});

	it('what is kept back for the house is not there for lessons, and what lasts longest is kept', () => {
		const lots = [
			{ id: '1', item: 'flour', amount: exact(400), unit: 'g' as const, goodUntil: '2027-02-01' },
			{ id: '2', item: 'flour', amount: exact(1), unit: 'kg' as const, goodUntil: null }
		];
		expect(holdBack(lots, exact(500), 'g').map((lot) => lot.amount.valueOf())).toEqual([400, 0.5]);
		expect(holdBack(lots, exact(1200), 'g').map((lot) => lot.amount.valueOf())).toEqual([200, 0]);
	});
});

describe('laws', () => {
	const date = fc.integer({ min: 0, max: 30 }).map((days) => addDays('2027-01-04', days));
	const line = fc.record({
		quantity: fc.integer({ min: 0, max: 40 }).map((quarters) => quarters / 4),
		per: fc.constantFrom('family' as const, 'child' as const, 'pair' as const),
		use: fc.constantFrom('consumed' as const, 'kept' as const)
	});
	const lessons = fc.array(fc.record({ date, supplies: fc.array(line, { maxLength: 4 }) }), {
		minLength: 1,
		maxLength: 8
	});
	const lot = fc.record({
		quantity: fc.integer({ min: 0, max: 20 }),
		goodUntil: fc.option(date, { nil: null })
	});
	const lots = fc.array(lot, { maxLength: 5 });
	const children = fc.integer({ min: 0, max: 6 });

	function rows(
		plan: {
			date: string;
			supplies: { quantity: number; per: 'family' | 'child' | 'pair'; use: 'consumed' | 'kept' }[];
		}[],
		stash: { quantity: number; goodUntil: string | null }[],
		n: number
	) {
		return requirements({
			children: Array.from({ length: n }, (_, i) => ({ id: String(i), age: 8 })),
			lessons: plan.map((lesson, i) => ({
				id: String(i),
				date: lesson.date,
				supplies: lesson.supplies.map((one) => supply('thing', one.quantity, one))
			})),
			stash: stash.map((one) => ({ item: 'thing', unit: 'each' as const, ...one }))
		}).items;
	}
	const of = (items: ReturnType<typeof rows>, use: string) => items.find((row) => row.use === use);

	it('the order of lessons in the list does not change the totals of consumables', () => {
		fc.assert(
			fc.property(lessons, lots, children, (plan, stash, n) => {
				const [a, b] = [rows(plan, stash, n), rows(plan.toReversed(), stash, n)];
				expect(of(b, 'consumed')?.gross).toBe(of(a, 'consumed')?.gross);
				expect(of(b, 'consumed')?.net).toBe(of(a, 'consumed')?.net);
			})
		);
	});

	it('more in the stash never means that more is missing', () => {
		fc.assert(
			fc.property(lessons, lots, lot, children, (plan, stash, extra, n) => {
				const before = rows(plan, stash, n);
				for (const row of rows(plan, [...stash, { ...extra, goodUntil: null }], n)) {
					expect(row.net).toBeLessThanOrEqual(of(before, row.use)!.net);
				}
			})
		);
	});

	it('what is needed is what comes from the stash and what is missing; nothing is served twice', () => {
		fc.assert(
			fc.property(lessons, lots, children, (plan, stash, n) => {
				const total = stash.reduce((sum, one) => sum + one.quantity, 0);
				for (const row of rows(plan, stash, n)) {
					expect(row.fromStash + row.net).toBe(row.gross);
					expect(row.fromStash).toBeLessThanOrEqual(total);
					expect(row.neededBy === null).toBe(row.net === 0);
				}
			})
		);
	});

	it('one child more never needs less', () => {
		fc.assert(
			fc.property(lessons, lots, children, (plan, stash, n) => {
				const fewer = rows(plan, stash, n);
				for (const row of rows(plan, stash, n + 1))
					expect(row.gross).toBeGreaterThanOrEqual(of(fewer, row.use)!.gross);
			})
		);
	});

	it('lines that share kept stock never hold more of it on a day than there is', () => {
		const kept = fc.array(
			fc.record({
				from: fc.integer({ min: 0, max: 10 }),
				days: fc.integer({ min: 0, max: 5 }),
				amount: fc.integer({ min: 0, max: 4 })
			}),
			{ maxLength: 8 }
		);
		fc.assert(
			fc.property(
				kept,
				fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 1, maxLength: 3 }),
				(holds, amounts) => {
					const lines = holds.map((hold, i): NetLine => ({
						id: String(i),
						item: 'bowl',
						use: 'kept',
						date: addDays('2027-01-04', hold.from),
						until: addDays('2027-01-04', hold.from + hold.days),
						amount: exact(hold.amount),
						unit: 'each'
					}));
					const stock = amounts.map((amount, i) => ({
						id: String(i),
						item: 'bowl',
						amount: exact(amount),
						unit: 'each' as const,
						goodUntil: null
					}));
					const served = netSupplies(lines, stock).flatMap((row) => row.lines);
					for (let day = 0; day < 16; day++) {
						const on = addDays('2027-01-04', day);
						for (const one of stock) {
							const out = served
								.filter(({ line }) => line.date <= on && on <= line.until)
								.flatMap(({ lots: own }) => own)
								.filter(({ lot: from }) => from.id === one.id)
								.reduce((sum, { amount }) => sum + amount.valueOf(), 0);
							expect(out).toBeLessThanOrEqual(one.amount.valueOf());
						}
					}
				}
			)
		);
	});
});
