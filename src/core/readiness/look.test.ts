import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/dates.ts';
import { exact, ZERO } from '../measure/exact.ts';
import {
	lastDayToAct,
	needDays,
	standing,
	verdict,
	type HouseDays,
	type Need,
	type Unserved,
	type Way
} from './index.ts';

const house: HouseDays = { weekStart: 1, noPreparing: [], sittings: [] };
const everyDay = { weekdays: [1, 2, 3, 4, 5, 6, 7] } as const;
const today = '2027-01-14';

const need = (way: Way, useDay = '2027-01-26'): Need => ({
	key: 'need',
	lesson: '1',
	stream: 'supplies',
	useDay,
	required: true,
	doWithout: false,
	state: 'missing',
	promised: null,
	way,
	prepare: null,
	keepsDays: null,
	habit: { kind: 'a week ahead' },
	unitStart: null
});
const daysOf = (way: Way, useDay?: string) => needDays([need(way, useDay)], house).get('need')!;
type Then = Extract<Way, { kind: 'look' }>['then'];
const look = (then: Then): Way => ({
	kind: 'look',
	then,
	from: today
});

describe('looking at home', () => {
	const order: Then[number] = { kind: 'order', works: everyDay, deliveryDays: 5 };
	const shop: Then[number] = { kind: 'shop', open: everyDay };

	it('is done by the day by which it can still be got when it is not there', () => {
		expect(daysOf(look([order])).actBy).toBe('2027-01-19');
		expect(daysOf(look([shop])).actBy).toBe('2027-01-24');
	});

	it('goes by the first way that can still be kept', () => {
		const slow: Then[number] = { kind: 'ask', days: 21 };
		expect(daysOf(look([slow, shop])).actBy).toBe('2027-01-24');
		expect(daysOf(look([slow])).actBy).toBe('2027-01-03');
	});

	it('never comes after the day by which it has to be in hand', () => {
		const gift: Then[number] = { kind: 'ask', days: -3 };
		expect(daysOf(look([gift])).actBy).toBe('2027-01-24');
	});

	it('is late only when no way is left, and what came onto the list today is due', () => {
		const late = daysOf(look([order]), '2027-01-15');
		expect(verdict(need(look([order]), '2027-01-15'), late, today)).toBe('late');
	});

	it('and all that is done in a day is due on the day on which the house learned of it, and late after it', () => {
		for (const way of [look([order]), { kind: 'at home' } as const, { kind: 'print' } as const, shop]) {
			const fresh = { ...need(way, addDays(today, 1)), since: today };
			const days = needDays([fresh], house).get('need')!;
			expect(days.actBy).toBe(today);
			expect(verdict(fresh, days, today)).toBe('due');
			expect(verdict(fresh, days, addDays(today, 1))).toBe('late');
		}
		// What takes days comes too late, whenever it was learned of.
		const far = { ...need(order, addDays(today, 2)), since: today };
		expect(verdict(far, needDays([far], house).get('need'), today)).toBe('late');
	});

	it('by its day never makes a lesson late that would not have been', () => {
		const ways: fc.Arbitrary<Then[number]> = fc.oneof(
			fc.record({ kind: fc.constant('ask' as const), days: fc.integer({ min: 0, max: 40 }) }),
			fc.record({
				kind: fc.constant('order' as const),
				works: fc.constant({ weekdays: [1, 2, 3, 4, 5] as const }),
				deliveryDays: fc.integer({ min: 1, max: 15 })
			}),
			fc.record({ kind: fc.constant('shop' as const), open: fc.constant({ weekdays: [6] as const }) })
		);
		fc.assert(
			fc.property(
				fc.array(ways, { minLength: 1, maxLength: 4 }),
				fc.integer({ min: 0, max: 60 }),
				(then, ahead) => {
					const useDay = addDays(today, ahead);
					const days = daysOf(look(then), useDay);
					const inTime = (day: string) => then.some((way) => lastDayToAct(way, days.inHandBy) >= day);
					// Who looks on the last day, and does not find it, can still get it on one of the ways, if she could today.
					if (inTime(today)) expect(days.actBy! >= today && inTime(days.actBy!)).toBe(true);
					expect(days.actBy! <= days.inHandBy).toBe(true);
				}
			)
		);
	});
});

describe('what becomes of what no lot serves', () => {
	const amounts = fc.integer({ min: 0, max: 30 }).map((n) => exact(n).div(3));
	const unserved: fc.Arbitrary<Unserved> = fc.oneof(
		fc.constantFrom<Unserved>({ kind: 'missing' }, { kind: 'look' }, { kind: 'enough' }),
		fc.record({ kind: fc.constant('assumed' as const), most: fc.option(amounts) })
	);

	it('have, look and don’t have are all of it', () => {
		fc.assert(
			fc.property(amounts, amounts, amounts, amounts, unserved, (amount, reserved, arranged, found, rest) => {
				const portions = { arranged, found, prepared: ZERO, out: ZERO };
				const one = standing(amount, reserved, portions, false, rest);
				const parts = [one.inHand, one.toFetch, one.arranged, one.toLook, one.missing];
				for (const part of parts) expect(part.compare(0)).toBeGreaterThanOrEqual(0);
				expect(parts.reduce((sum, part) => sum.add(part), ZERO).equals(amount)).toBe(true);
				// What is not looked for is never missing, and so never bought.
				if (rest.kind === 'look') expect(one.missing.equals(ZERO)).toBe(true);
				if (rest.kind === 'enough') expect(one.missing.add(one.toLook).equals(ZERO)).toBe(true);
			})
		);
	});

	it('of what every house has, more than there are people is looked for', () => {
		const one = standing(exact(9), ZERO, { arranged: ZERO, found: ZERO, prepared: ZERO, out: ZERO }, false, {
			kind: 'assumed',
			most: exact(5)
		});
		expect([one.inHand.valueOf(), one.toLook.valueOf(), one.state]).toEqual([5, 4, 'missing']);
	});
});
