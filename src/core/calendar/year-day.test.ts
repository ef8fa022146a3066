import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, daysBetween, type Day } from './dates.ts';
import { lastTime, nextTime, readEndDay } from './year-day.ts';

const day = fc.integer({ min: 0, max: 4000 }).map((days) => addDays('2024-01-01', days));
const yearly = day.map((one) => one.slice(5));

/** Day by day, as one would with a calendar on the wall. */
function walk(from: Day, step: 1 | -1, meets: (day: Day) => boolean): Day | null {
	for (let one = from, i = 0; i < 1500; i++, one = addDays(one, step)) if (meets(one)) return one;
	return null;
}
/** Feb 29 is kept on Feb 28 in common years. */
const falls = (known: string) => (one: Day) =>
	known.length > 5
		? one === known
		: one.slice(5) === known ||
			(known === '02-29' && one.slice(5) === '02-28' && addDays(one, 1).slice(5) === '03-01');

describe('days of every year', () => {
	it('the last and the next time are those that a calendar gives', () => {
		fc.assert(
			fc.property(fc.array(fc.oneof(yearly, day), { minLength: 1, maxLength: 4 }), day, (days, on) => {
				// Within the fifteen hundred days that are walked.
				const near = days.filter((one) => one.length === 5 || Math.abs(daysBetween(one, on)) < 1400);
				expect(lastTime(near, on)).toBe(walk(on, -1, (one) => near.some((each) => falls(each)(one))));
				for (const one of near) expect(nextTime(one, on)).toBe(walk(on, 1, falls(one)));
			}),
			{ numRuns: 60 }
		);
	});

	it('none at all never comes, one of a year that is over neither', () => {
		expect(lastTime([], '2027-01-22')).toBeNull();
		expect(lastTime(['2027-03-01'], '2027-01-22')).toBeNull();
		expect(nextTime('2026-12-24', '2027-01-22')).toBeNull();
		expect(nextTime('02-29', '2027-01-22')).toBe('2027-02-28');
		expect(lastTime(['02-29'], '2028-03-01')).toBe('2028-02-29');
	});
});

describe('a day at the end of a line', () => {
	it.each([
		['Grandma stays with us, Mar 20', 'Grandma stays with us', '03-20'],
		['Grandma stays with us on March 20th', 'Grandma stays with us', '03-20'],
		['Midwinter 21 December', 'Midwinter', '12-21'],
		['Book fair, June 5, 2027', 'Book fair', '2027-06-05'],
		['Book fair 3 June 2027', 'Book fair', '2027-06-03'],
		['Book fair 2027-06-03', 'Book fair', '2027-06-03'],
		['Leap party: Feb 29', 'Leap party', '02-29'],
		['Harvest 9/15', 'Harvest', '09-15']
	])('%s', (text, before, one) => expect(readEndDay(text)).toEqual({ before, day: one }));

	it.each(['', 'some day', 'in June', 'Mar 20', 'party, Feb 30', 'party of 12'])('none in “%s”', (text) =>
		expect(readEndDay(text)).toBeNull()
	);
});
