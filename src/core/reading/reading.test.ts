import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import { readingPlan, readingRate } from './index.ts';

const days = (count: number) => Array.from({ length: count }, (_, i) => addDays('2027-01-11', i));

describe('a reading plan', () => {
	it('ends on the last day, the longer days first', () => {
		const plan = readingPlan({ from: 1, to: 10, days: days(3) });
		expect(plan.days.map((day) => [day.date, day.from, day.to])).toEqual([
			['2027-01-11', 1, 4],
			['2027-01-12', 5, 7],
			['2027-01-13', 8, 10]
		]);
		expect(plan).toMatchObject({ free: [], mostPages: 4, mostMinutes: null });
	});

	it('more days than chapters: the last days stay free', () => {
		const plan = readingPlan({ from: 3, to: 4, days: days(4) });
		expect(plan.days.map((day) => [day.from, day.to])).toEqual([
			[3, 3],
			[4, 4]
		]);
		expect(plan.free).toEqual(days(4).slice(2));
	});

	it('minutes by the published rates', () => {
		// Brysbaert 2019 (from memory): 183 words a minute aloud, 238 silently. 250 words on a page.
		const { wordsPerMinute } = readingRate('adult aloud');
		expect([wordsPerMinute, readingRate('adult silent').wordsPerMinute]).toEqual([183, 238]);
		const plan = readingPlan({ from: 1, to: 12, days: days(2), wordsPerPage: 250, wordsPerMinute });
		// 6 × 250 / 183 = 8.2
		expect(plan.days.map((day) => day.minutes)).toEqual([9, 9]);
		// Hasbrouck and Tindal 2017 (from memory): the middle third grader reads 112 words a minute in spring.
		expect(readingRate(3).wordsPerMinute).toBe(112);
		expect(readingRate(11).who).toBe('grade 6');
	});

	it.each([
		[{ from: 5, to: 4, days: days(1) }, 'to'],
		[{ from: 0, to: 4, days: days(1) }, 'from'],
		[{ from: 1, to: 4, days: [] }, 'days'],
		[{ from: 1, to: 4, days: ['2027-01-12', '2027-01-12'] }, 'days[1]'],
		[{ from: 1, to: 4, days: ['2027-02-30'] }, 'days[0]'],
		[{ from: 1, to: 4, days: days(1), wordsPerPage: -1 }, 'wordsPerPage']
	])('refuses %j at %s', (input, path) => {
		expect(() => readingPlan(input)).toThrow(expect.objectContaining({ path }));
	});

	it('every page is read once, in order; days differ by a page at most; a missed day spread again still ends in time', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 50 }),
				fc.integer({ min: 0, max: 400 }),
				fc.integer({ min: 2, max: 40 }),
				(from, more, count) => {
					const plan = readingPlan({ from, to: from + more, days: days(count) });
					let next = from;
					for (const day of plan.days) {
						expect(day.from).toBe(next);
						next = day.to + 1;
					}
					expect(next).toBe(from + more + 1);
					const sizes = plan.days.map((day) => day.to - day.from + 1);
					expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
					const again = readingPlan({ from, to: from + more, days: days(count).slice(1) });
					expect(again.days.at(-1)!.to).toBe(from + more);
					expect(again.mostPages).toBeGreaterThanOrEqual(plan.mostPages);
				}
			)
		);
	});
});
