import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import { fillingOf, isFillingDue } from './filling.ts';

describe('what fills a sensory bin', () => {
	it('two fifths of its tub, in liters and cups, worked by hand', () => {
		// 40 × 30 × 15 cm are 18 liters; two fifths are 7.2, and 7,200 / 236.588 is 30.4 cups.
		expect(fillingOf({ along: 400, deep: 300, high: 150 })).toEqual({ liters: 7.2, cups: 30 });
		expect(fillingOf({ along: 50, deep: 50, high: 30 })).toEqual({ liters: 0, cups: 1 });
	});
});

describe('when its filling is changed', () => {
	it('in the week in which its days are over, and in none before', () => {
		const since = '2027-03-01';
		const due = (week: string) => isFillingDue(since, week, 14);
		expect(['2027-03-01', '2027-03-08', '2027-03-15', '2027-03-22', '2027-03-29'].map(due)).toEqual([
			false,
			false,
			true,
			false,
			true
		]);
	});
	it('what keeps a week or less is due each week but the first at most; what keeps longer as often as its days go by', () => {
		fc.assert(
			fc.property(fc.integer({ min: 7, max: 60 }), (keeps) => {
				const weeks = Array.from({ length: 40 }, (_, at) => addDays('2027-03-01', 7 * at));
				const due = weeks.filter((week) => isFillingDue('2027-03-01', week, keeps)).length;
				expect(due).toBe(Math.floor((40 * 7 - 1) / keeps));
			})
		);
	});
});
