import fc from 'fast-check';
import rrule from 'rrule';
import { describe, expect, it } from 'vitest';
import {
	addDays,
	dayFromToday,
	dayText,
	daysBetween,
	isDay,
	dayMeant,
	dayWindow,
	startOfWeek,
	teachingDays,
	weekdayOf,
	type Weekday
} from './index.ts';

const { RRule } = rrule;
const lessons = (n: number, sessions = 1) =>
	Array.from({ length: n }, (_, i) => ({ id: `L${i + 1}`, sessions }));

describe('good check values (common practice)', () => {
	it('34 teaching days and 10 topics of 3 days leave 4 spare', () => {
		const plan = teachingDays({
			start: '2027-01-04',
			end: '2027-02-19',
			weekdays: [1, 2, 3, 4, 5],
			blocked: ['2027-01-18'],
			lessons: lessons(10, 3)
		});
		expect(plan).toMatchObject({ count: 34, spare: 4, shortBy: 0, dropped: [] });
	});

	it('16 lessons at two a week take 8 weeks', () => {
		const { finish } = teachingDays({
			start: '2027-01-12',
			weekdays: [2, 4],
			blocked: [],
			lessons: lessons(16)
		});
		expect(daysBetween('2027-01-12', finish!)).toBe(7 * 7 + 2);
	});

	it('14 lessons at two a week take 7 weeks, at one 14', () => {
		const finish = (weekdays: Weekday[]) =>
			teachingDays({ start: '2027-01-12', weekdays, blocked: [], lessons: lessons(14) }).finish!;
		expect(startOfWeek(finish([2, 4]), 1)).toBe(addDays('2027-01-11', 7 * 6));
		expect(startOfWeek(finish([2]), 1)).toBe(addDays('2027-01-11', 7 * 13));
	});
});

describe('date arithmetic against rrule', () => {
	const start = fc.integer({ min: 0, max: 20000 }).map((days) => addDays('2000-01-01', days));
	const weekdays = fc.uniqueArray(fc.integer({ min: 1, max: 7 }) as fc.Arbitrary<Weekday>, {
		minLength: 1,
		maxLength: 7
	});

	it('lessons fall on the days that a weekly rule gives', () => {
		fc.assert(
			fc.property(start, weekdays, fc.integer({ min: 1, max: 40 }), (first, days, n) => {
				const rule = new RRule({
					freq: RRule.WEEKLY,
					byweekday: days.map((day) => day - 1),
					dtstart: new Date(`${first}T00:00:00Z`),
					count: n
				});
				const expected = rule.all().map((date) => date.toISOString().slice(0, 10));
				const plan = teachingDays({ start: first, weekdays: days, blocked: [], lessons: lessons(n) });
				expect(plan.lessons.flatMap((lesson) => lesson.dates)).toEqual(expected);
			})
		);
	});

	it('weekdays and sums of days agree with the proleptic calendar of JavaScript', () => {
		fc.assert(
			fc.property(start, fc.integer({ min: -5000, max: 5000 }), (day, by) => {
				const date = new Date(`${day}T00:00:00Z`);
				expect(weekdayOf(day)).toBe(date.getUTCDay() || 7);
				date.setUTCDate(date.getUTCDate() + by);
				expect(addDays(day, by)).toBe(date.toISOString().slice(0, 10));
				expect(daysBetween(day, addDays(day, by))).toBe(by);
			})
		);
	});
});

describe('fitting', () => {
	it('no lesson falls on a blocked day, each day is used once, and what fits is never dropped', () => {
		const blocked = fc.array(
			fc.integer({ min: 0, max: 60 }).map((days) => addDays('2027-01-04', days)),
			{ maxLength: 10 }
		);
		const plan = fc.array(fc.record({ sessions: fc.integer({ min: 1, max: 4 }), optional: fc.boolean() }), {
			maxLength: 12
		});
		fc.assert(
			fc.property(blocked, plan, fc.integer({ min: 0, max: 5 }), (days, wanted, keepFree) => {
				const result = teachingDays({
					start: '2027-01-04',
					end: '2027-03-05',
					weekdays: [2, 4],
					blocked: days,
					lessons: wanted.map((lesson, i) => ({ id: String(i), ...lesson })),
					keepFree
				});
				const used = result.lessons.flatMap((lesson) => lesson.dates);
				expect(new Set(used).size).toBe(used.length);
				expect(used).toEqual(used.toSorted());
				expect(used.some((day) => days.includes(day))).toBe(false);
				const room = Math.max(0, result.count! - keepFree);
				expect(used.length).toBeLessThanOrEqual(room);
				expect(result.spare).toBe(Math.max(0, result.count! - used.length - keepFree));
				const all = wanted.reduce((sum, lesson) => sum + lesson.sessions, 0);
				if (all <= room) expect(result.dropped).toEqual([]);
				if (result.shortBy > 0)
					expect(result.dropped).toHaveLength(wanted.filter((lesson) => lesson.optional).length);
			})
		);
	});

	it('knows the 29 February that exists, and says what is wrong with the others', () => {
		expect(isDay('2028-02-29')).toBe(true);
		expect(isDay('2027-02-29')).toBe(false);
		expect(isDay('2027-1-5')).toBe(false);
		expect(() => teachingDays({ start: '2027-02-29', weekdays: [1], blocked: [], lessons: [] })).toThrow(
			/start/
		);
		expect(() =>
			teachingDays({ start: '2027-02-10', end: '2027-02-01', weekdays: [1], blocked: [], lessons: [] })
		).toThrow(/end/);
		expect(() => teachingDays({ start: '2027-02-10', weekdays: [], blocked: [], lessons: [] })).toThrow(
			/weekdays/
		);
		expect(() =>
			teachingDays({ start: '2027-02-10', weekdays: [1], blocked: [], lessons: lessons(1, 0) })
		).toThrow('lessons[0].sessions must be a whole number, 1 or more');
	});
});

describe('days in words always have their weekday', () => {
	it.each([
		['2027-01-22', 'today'],
		['2027-01-23', 'tomorrow'],
		['2027-01-21', 'yesterday'],
		['2027-01-26', 'Tuesday'],
		['2027-01-29', 'Fri, Jan 29'],
		['2027-01-12', 'Tue, Jan 12']
	])('%s is %s', (day, said) => {
		expect(dayFromToday(day, '2027-01-22')).toBe(said);
	});
	it('2027-01-26 is a Tuesday', () => expect(dayText('2027-01-26')).toBe('Tue, Jan 26'));
});

describe('a day that can be planned for', () => {
	const today = '2027-01-22';

	it.each([
		['0027-12-01', 'plan', '2027-12-01'],
		['0037-01-22', 'plan', '2037-01-22'],
		['0009-05-03', 'plan', '2009-05-03'],
		['0016-05-03', 'birth', '2016-05-03'],
		['0087-05-03', 'birth', '1987-05-03'],
		['0027-02-01', 'library', '2027-02-01']
	] as const)('%s is, as a %s day, %s', (typed, kind, meant) => {
		expect(dayMeant(typed, kind, today, 'start')).toBe(meant);
	});

	it.each([
		['2037-01-23', 'plan', 'more than 10 years ahead'],
		['9999-12-31', 'plan', 'Check the year'],
		['2007-01-21', 'plan', 'more than 20 years ago'],
		['0203-01-01', 'plan', 'more than 20 years ago'],
		['0087-05-03', 'plan', 'more than 20 years ago'],
		['2028-01-23', 'birth', 'more than a year ahead'],
		['1906-01-01', 'birth', 'more than 120 years ago'],
		['2029-06-01', 'library', 'more than 2 years ahead']
	] as const)('%s is no %s day: %s', (typed, kind, why) => {
		expect(() => dayMeant(typed, kind, today, 'start')).toThrow(why);
	});

	it('a day within its window stays as it is, and the ends of a window are days', () => {
		const kinds = fc.constantFrom('plan', 'birth', 'library' as const);
		fc.assert(
			fc.property(
				kinds,
				fc.integer({ min: 0, max: 40_000 }),
				fc.integer({ min: 0, max: 1 }),
				(kind, n, side) => {
					const now = addDays('1990-01-01', n);
					const { from, to } = dayWindow(kind as 'plan', now);
					const end = side ? from : to;
					expect(isDay(end)).toBe(true);
					expect(dayMeant(end, kind as 'plan', now, '')).toBe(end);
					expect(() => dayMeant(addDays(to, 1), kind as 'plan', now, '')).toThrow();
				}
			)
		);
	});

	it('a unit of a thousand years is refused at once', () => {
		const unit = { start: '0027-01-11', end: '2027-03-02', weekdays: [2 as const], blocked: [], lessons: [] };
		expect(() => teachingDays(unit)).toThrow('more than sixty years');
	});
});
