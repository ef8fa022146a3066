import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	teachingDays,
	waysToFit,
	type PlannedLesson,
	type TeachingDaysInput,
	type Weekday
} from './index.ts';

const lessons = (count: number, more: Partial<PlannedLesson> = {}): PlannedLesson[] =>
	Array.from({ length: count }, (_, i) => ({ id: `L${i + 1}`, ...more }));
// Tuesdays of January 2027: 5, 12, 19, 26.
const january: TeachingDaysInput = {
	start: '2027-01-01',
	end: '2027-01-31',
	weekdays: [2],
	blocked: [],
	lessons: lessons(6)
};

describe('ways to make it fit', () => {
	it('says each way with what it comes to', () => {
		const ways = waysToFit(january);
		expect(ways.map((way) => way.kind)).toEqual(['drop', 'merge', ...Array(6).fill('weekday'), 'end']);
		expect(ways[0]).toMatchObject({ lessons: ['L5', 'L6'], result: { shortBy: 0, dropped: ['L5', 'L6'] } });
		expect(ways[1]).toMatchObject({
			pairs: [
				['L3', 'L4'],
				['L5', 'L6']
			],
			result: { shortBy: 0, spare: 0 }
		});
		// Mondays of January 2027: 4, 11, 18, 25, so eight days for six lessons.
		expect(ways[2]).toMatchObject({ weekday: 1, result: { count: 8, spare: 2, finish: '2027-01-19' } });
		expect(ways.at(-1)).toMatchObject({ end: '2027-02-09', result: { finish: '2027-02-09', shortBy: 0 } });
	});

	it('keeps the free days that were asked for', () => {
		const ways = waysToFit({ ...january, keepFree: 1 });
		expect(ways.find((way) => way.kind === 'end')).toMatchObject({ end: '2027-02-16', result: { spare: 0 } });
	});

	it('optional lessons that were dropped to fit can be had back; nothing is said when all fits', () => {
		const optional = lessons(6).map((one, i) => ({ ...one, optional: i > 3 }));
		const ways = waysToFit({ ...january, lessons: optional });
		expect(ways.map((way) => way.kind)).not.toContain('drop');
		expect(ways.at(-1)).toMatchObject({ kind: 'end', end: '2027-02-09', result: { dropped: [] } });
		expect(waysToFit({ ...january, lessons: lessons(4) })).toEqual([]);
	});

	it('whatever is short: no way makes it worse, a later end always helps all the way, and merging loses no lesson', () => {
		fc.assert(
			fc.property(
				fc.array(fc.record({ sessions: fc.integer({ min: 1, max: 3 }), optional: fc.boolean() }), {
					minLength: 1,
					maxLength: 14
				}),
				fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 3 }),
				fc.integer({ min: 0, max: 3 }),
				(rows, weekdays, keepFree) => {
					const input: TeachingDaysInput = {
						...january,
						weekdays: weekdays as Weekday[],
						keepFree,
						lessons: rows.map((row, i) => ({ id: `L${i}`, ...row }))
					};
					const now = teachingDays(input);
					const ways = waysToFit(input);
					for (const way of ways) {
						expect(way.result.shortBy).toBeLessThanOrEqual(now.shortBy);
						if (way.kind === 'end') expect(way.result).toMatchObject({ shortBy: 0, dropped: [] });
						if (way.kind === 'merge') expect(way.result.lessons).toHaveLength(rows.length - way.pairs.length);
					}
					if (now.shortBy || now.dropped.length) expect(ways.map((way) => way.kind)).toContain('end');
					else expect(ways).toEqual([]);
				}
			)
		);
	});
});
