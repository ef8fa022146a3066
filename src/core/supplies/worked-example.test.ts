import { describe, expect, it } from 'vitest';
import { packs } from '../buying/index.ts';
import { addDays } from '../calendar/index.ts';
import { exact } from '../measure/index.ts';
import { netSupplies, type NetLine } from './index.ts';

/*
 * Worked examples of material requirements planning as in the textbook of Heizer and Render, "Operations
 * Management", chapter on MRP: the speaker kit with its components, and the table on lot sizing. The figures are
 * from memory, the structure and all sums are checked by hand below.
 */

const WEEK = 7;
const day = (week: number) => addDays('2027-01-04', WEEK * (week - 1));

/** Net requirements by week of one component: gross by week, against what is on hand. */
function netByWeek(
	item: string,
	gross: readonly (readonly [week: number, amount: number])[],
	onHand: number
) {
	const lines = gross.map(([week, amount], i): NetLine => ({
		id: `${item} ${i}`,
		item,
		use: 'consumed',
		date: day(week),
		until: day(week),
		amount: exact(amount),
		unit: 'each'
	}));
	const [row] = netSupplies(lines, [
		{ id: item, item, amount: exact(onHand), unit: 'each', goodUntil: null }
	]);
	return new Map(row.lines.map((one) => [one.line.date, one.net.valueOf()]));
}

describe('material requirements, the speaker kit', () => {
	// Parts for one of the parent, what is on hand, weeks of lead time.
	const A = netByWeek('A', [[8, 50]], 10);
	const B = netByWeek('B', [[7, 2 * 40]], 15);
	const C = netByWeek('C', [[7, 3 * 40]], 20);
	const E = netByWeek(
		'E',
		[
			[5, 2 * 65],
			[6, 2 * 100]
		],
		10
	);
	const F = netByWeek('F', [[6, 2 * 100]], 5);
	const D = netByWeek(
		'D',
		[
			[3, 195],
			[5, 2 * 65]
		],
		10
	);
	const G = netByWeek('G', [[3, 195]], 0);

	it('nets every level against its stock, the earliest week first', () => {
		expect(A.get(day(8))).toBe(40);
		expect(B.get(day(7))).toBe(65);
		expect(C.get(day(7))).toBe(100);
		expect([E.get(day(5)), E.get(day(6))]).toEqual([120, 200]);
		expect(F.get(day(6))).toBe(195);
		expect([D.get(day(3)), D.get(day(5))]).toEqual([185, 130]);
		expect(G.get(day(3))).toBe(195);
	});
});

describe('lot sizing', () => {
	const GROSS = [35, 30, 40, 0, 10, 40, 30, 0, 30, 55];
	const asked = GROSS.flatMap((amount, i): [number, number][] => (amount ? [[i + 1, amount]] : []));

	it('lot for lot: with 35 on hand seven orders follow the net requirements', () => {
		const net = netByWeek('x', asked, 35);
		expect([...net.values()]).toEqual([0, 30, 40, 10, 40, 30, 30, 55]);
		expect([...net.values()].filter((one) => one > 0)).toHaveLength(7);
	});

	it('in lots of 73 four cover the 235 that are net, and 57 stay over', () => {
		const net = [...netByWeek('x', asked, 35).values()].reduce((sum, one) => sum + one, 0);
		expect(net).toBe(235);
		const bought = packs({
			items: [{ item: 'x', need: net }],
			offers: [{ item: 'x', store: 's', size: 73, price: 100, limit: null }],
			stores: [{ store: 's', fee: 0, freeOver: null }],
			maxStores: null
		});
		expect(bought.buys.map((one) => one.count)).toEqual([4]);
		expect(bought.leftover).toEqual([{ item: 'x', quantity: 57 }]);
	});
});
