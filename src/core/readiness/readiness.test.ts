import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, weekdayOf, type Day } from '../calendar/index.ts';
import { exact } from '../measure/index.ts';
import {
	firstGap,
	lessonReadiness,
	needDays,
	NO_PORTIONS,
	readyBy,
	standing,
	verdict,
	VERDICTS,
	type HouseDays,
	type Need,
	type Way
} from './index.ts';

const sixDays: Way = { kind: 'shop', open: { weekdays: [1, 2, 3, 4, 5, 6] } };
const house: HouseDays = { weekStart: 1, noPreparing: [], sittings: [] };
const need = (more: Partial<Need> = {}): Need => ({
	key: 'k',
	lesson: 'L',
	stream: 'supplies',
	useDay: '2027-01-26',
	required: true,
	doWithout: false,
	state: 'missing',
	promised: null,
	way: { kind: 'at home' },
	prepare: null,
	keepsDays: null,
	habit: { kind: 'a week ahead' },
	unitStart: '2027-01-05',
	...more
});
const daysOf = (one: Need, in_: HouseDays = house) => needDays([one], in_).get(one.key)!;

describe('the worked example: lesson on Tue 26 Jan 2027, a week ahead, weeks begin on Monday', () => {
	const hold = need({
		stream: 'books',
		way: { kind: 'hold', open: { weekdays: [1, 2, 3, 4, 5, 6] }, waitDays: 11, shelfDays: 7 }
	});

	it('ready by Sun 24 Jan', () => {
		expect(readyBy('2027-01-26', { kind: 'a week ahead' }, house)).toBe('2027-01-24');
	});

	it('a hold with an 11-day wait, closed on Sundays: in hand by Sun 24, act by Tue 12; missing on Thu 14 it is late', () => {
		const days = daysOf(hold);
		expect(days).toMatchObject({ inHandBy: '2027-01-24', actBy: '2027-01-12', notBefore: '2027-01-05' });
		expect(verdict(hold, days, '2027-01-14')).toBe('late');
	});

	it('placed on the 12th and promised for Sat 23 it is on course; without a day, or for Mon 25, at risk', () => {
		const placed = need({ ...hold, state: 'arranged', promised: '2027-01-23' });
		expect(daysOf(placed).actBy).toBe('2027-01-23');
		expect(verdict(placed, daysOf(placed), '2027-01-14')).toBe('on course');
		for (const promised of [null, '2027-01-25']) {
			const risky = need({ ...hold, state: 'arranged', promised });
			expect(verdict(risky, daysOf(risky), '2027-01-14')).toBe('at risk');
		}
	});

	it('salt dough dries two days, sittings on Tuesdays and Thursdays: sitting Thu 21, flour in hand by Wed 20', () => {
		const sittings = [12, 14, 19, 21, 26, 28].map((day) => ({ date: `2027-01-${day}`, minutes: 60 }));
		const dough = need({ prepare: { minutes: 30, waitDays: 2, sitting: null } });
		expect(daysOf(dough, { ...house, sittings })).toMatchObject({
			readyBy: '2027-01-24',
			sitting: '2027-01-21',
			inHandBy: '2027-01-20'
		});
	});

	it('oranges keep 7 days: ready by Sun 24, bought on the last open day before', () => {
		const oranges = need({ keepsDays: 7, way: sixDays });
		expect(daysOf(oranges)).toMatchObject({ readyBy: '2027-01-24', actBy: '2027-01-23' });
	});
});

describe('days', () => {
	it('habits', () => {
		expect(readyBy('2027-01-26', { kind: 'day by day' }, house)).toBe('2027-01-25');
		expect(readyBy('2027-01-26', { kind: 'a week ahead' }, { ...house, weekStart: 7 })).toBe('2027-01-23');
		expect(readyBy('2027-01-26', { kind: 'before the unit' }, house, '2027-01-05')).toBe('2027-01-04');
		expect(readyBy('2027-01-26', { kind: 'before a date', date: '2026-12-20' }, house)).toBe('2026-12-20');
		expect(readyBy('2027-01-26', { kind: 'before a date', date: '2027-06-01' }, house)).toBe('2027-01-25');
	});

	it('periods without preparing move the work before them', () => {
		const noPreparing = [
			{ from: '2027-01-20', to: '2027-01-24' },
			{ from: '2027-01-18', to: '2027-01-19' }
		];
		expect(readyBy('2027-01-26', { kind: 'a week ahead' }, { ...house, noPreparing })).toBe('2027-01-17');
	});

	it('what keeps two days is got the day before, whatever the habit', () => {
		expect(readyBy('2027-01-26', { kind: 'before the unit' }, house, '2027-01-05', 2)).toBe('2027-01-25');
	});

	it('delivery is counted on working days: ready by Sun 31, seven working days, order by Wed 20', () => {
		const magnet = need({
			useDay: '2027-02-02',
			way: { kind: 'order', works: { weekdays: [1, 2, 3, 4, 5] }, deliveryDays: 7 }
		});
		expect(daysOf(magnet)).toMatchObject({ inHandBy: '2027-01-31', actBy: '2027-01-20' });
	});

	it('growing and asking take their days', () => {
		expect(daysOf(need({ way: { kind: 'grow', orderDays: 5, growDays: 10 } })).actBy).toBe('2027-01-09');
		expect(daysOf(need({ way: { kind: 'ask', days: 4 } })).actBy).toBe('2027-01-20');
	});

	it('sittings fill from the last one backwards, the latest ready-by first', () => {
		const sittings = [
			{ date: '2027-01-20', minutes: 60 },
			{ date: '2027-01-22', minutes: 30 }
		];
		const job = (key: string, useDay: string) =>
			need({
				key,
				useDay,
				habit: { kind: 'day by day' },
				prepare: { minutes: 30, waitDays: 0, sitting: null }
			});
		const days = needDays([job('early', '2027-01-25'), job('late', '2027-01-26')], { ...house, sittings });
		expect(days.get('late')!.sitting).toBe('2027-01-22');
		expect(days.get('early')!.sitting).toBe('2027-01-20');
	});

	it('steps never run backwards: act by ≤ in hand by ≤ ready by < use day', () => {
		const way = fc.constantFrom<Way>(
			{ kind: 'at home' },
			{ kind: 'print' },
			sixDays,
			{ kind: 'order', works: { weekdays: [1, 2, 3, 4, 5] }, deliveryDays: 6 },
			{ kind: 'hold', open: { weekdays: [3] }, waitDays: 9, shelfDays: 7 },
			{ kind: 'ask', days: 3 }
		);
		const habit = fc.constantFrom<Need['habit']>(
			{ kind: 'day by day' },
			{ kind: 'a week ahead' },
			{ kind: 'before the unit' }
		);
		const useDay = fc.integer({ min: 10, max: 90 }).map((days) => addDays('2027-01-05', days));
		fc.assert(
			fc.property(
				way,
				habit,
				useDay,
				fc.option(fc.integer({ min: 0, max: 4 }), { nil: null }),
				(by, how, day, dry) => {
					const one = need({
						way: by,
						habit: how,
						useDay: day,
						prepare: dry === null ? null : { minutes: 10, waitDays: dry, sitting: null }
					});
					const days = daysOf(one);
					expect(days.readyBy < day).toBe(true);
					expect(days.inHandBy <= days.readyBy).toBe(true);
					expect(days.actBy! <= days.inHandBy).toBe(true);
					if (by.kind === 'shop') expect(weekdayOf(days.actBy!)).not.toBe(7);
				}
			)
		);
	});
});

describe('verdicts', () => {
	const today = '2027-01-14';
	it('undated, done, due and on course', () => {
		expect(verdict(need({ useDay: null }), undefined, today)).toBe('undated');
		const here = need({ state: 'in hand' });
		expect(verdict(here, daysOf(here), today)).toBe('done');
		const near = need({ useDay: '2027-01-26' });
		expect(verdict(near, { ...daysOf(near), actBy: '2027-01-21' }, today)).toBe('due');
		expect(verdict(near, { ...daysOf(near), actBy: '2027-01-22' }, today)).toBe('on course');
	});

	it('in hand is not enough where something is to be prepared', () => {
		const dough = need({ state: 'in hand', prepare: { minutes: 10, waitDays: 0, sitting: '2027-01-13' } });
		const at = (date: Day) =>
			needDays([dough], { ...house, sittings: [{ date, minutes: 30 }] }).get(dough.key)!;
		expect(verdict(dough, at('2027-01-13'), today)).toBe('late');
		// A sitting that has passed is not handed in any more: the work is placed into the next one.
		expect(at('2027-01-20')).toMatchObject({ sitting: '2027-01-20', actBy: '2027-01-20' });
		const pages = need({ way: { kind: 'print' }, prepare: { ...dough.prepare!, sitting: '2027-01-20' } });
		expect(
			needDays([pages], { ...house, sittings: [{ date: '2027-01-20', minutes: 30 }] }).get(pages.key)!.actBy
		).toBe('2027-01-20');
		const done = need({ ...dough, state: 'prepared' });
		expect(verdict(done, daysOf(done), today)).toBe('done');
	});

	it('a lesson is ready when its required needs are; extras and what is done without hold nothing up', () => {
		const needs = [
			need({ key: 'a', state: 'in hand' }),
			need({ key: 'b', required: false }),
			need({ key: 'c', doWithout: true })
		];
		expect(lessonReadiness('L', needs, new Map())).toMatchObject({
			ready: true,
			verdict: 'done',
			needs: 1,
			readyNeeds: 1
		});
		const more = [...needs, need({ key: 'd' }), need({ key: 'e' })];
		const verdicts = new Map([
			['d', 'due'],
			['e', 'late']
		] as const);
		expect(lessonReadiness('L', more, verdicts)).toMatchObject({
			ready: false,
			verdict: 'late',
			needs: 3,
			readyNeeds: 1
		});
	});

	it('the first gap is the earliest act, then the earliest use; extras do not count', () => {
		const a = need({ key: 'a', useDay: '2027-01-28', way: { kind: 'ask', days: 20 } });
		const b = need({ key: 'b', useDay: '2027-01-21' });
		const c = need({ key: 'c', useDay: '2027-01-15', required: false });
		const d = need({ key: 'd', useDay: '2027-01-15', state: 'in hand' });
		const all = [d, c, b, a];
		expect(firstGap(all, needDays(all, house))?.key).toBe('a');
		expect(firstGap([c, d], needDays([c, d], house))).toBeNull();
	});

	it('worst first', () => expect(VERDICTS.slice(0, 4)).toEqual(['late', 'at risk', 'due', 'on course']));
});

describe('portions', () => {
	const six = exact(6);
	it('the state is that of the least advanced portion', () => {
		const some = { ...NO_PORTIONS, found: exact(4) };
		expect(standing(six, exact(4), some, false)).toMatchObject({ state: 'missing' });
		expect(standing(six, exact(6), some, false)).toMatchObject({ state: 'missing' });
		expect(standing(six, exact(4), { ...some, arranged: exact(2) }, false)).toMatchObject({
			state: 'arranged'
		});
		expect(standing(six, exact(6), { ...some, found: six }, false)).toMatchObject({ state: 'in hand' });
		expect(standing(six, exact(6), { ...some, found: six, prepared: six }, true)).toMatchObject({
			state: 'prepared'
		});
	});

	it('in hand, to gather, on its way and missing make up the amount; when it grows the rest is missing', () => {
		const part = fc.integer({ min: 0, max: 12 }).map((n) => exact(n));
		fc.assert(
			fc.property(part, part, part, part, (amount, reserved, found, arranged) => {
				const all = standing(amount, reserved, { ...NO_PORTIONS, found, arranged }, false);
				const sum = all.inHand.add(all.toFetch).add(all.arranged).add(all.missing);
				expect(sum.equals(amount)).toBe(true);
				const grown = standing(amount.add(3), reserved, { ...NO_PORTIONS, found, arranged }, false);
				expect(grown.missing.compare(all.missing)).toBeGreaterThanOrEqual(0);
			})
		);
	});
});
