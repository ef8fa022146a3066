import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, daysBetween } from '../calendar/index.ts';
import { loansInARow, swapForOneLoan } from './index.ts';

const START = '2027-01-04';
const day = (n: number) => addDays(START, n);

describe('loans in a row', () => {
	it('one loan holds what lies within its days, the day before the first use included', () => {
		expect(loansInARow([day(10), day(23)], 14)).toEqual([{ from: day(10), to: day(23) }]);
		expect(loansInARow([day(10), day(24)], 14)).toHaveLength(2);
	});
	it('covers every day of use, each loan is long enough, and no fewer loans would do', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.nat(40), { minLength: 1, maxLength: 7 }),
				fc.integer({ min: 2, max: 20 }),
				(days, keep) => {
					const stretches = loansInARow(days.map(day), keep);
					for (const one of days.map(day))
						expect(stretches.filter(({ from, to }) => from <= one && one <= to)).toHaveLength(1);
					for (const { from, to } of stretches) expect(daysBetween(from, to) + 1).toBeLessThanOrEqual(keep);
					expect(stretches.length).toBe(
						fewest(
							[...days].sort((a, b) => a - b),
							keep
						)
					);
				}
			)
		);
	});
});

/** By trying every way to cut the days into stretches. */
function fewest(days: readonly number[], keep: number): number {
	if (days.length === 0) return 0;
	let least = Infinity;
	for (let n = 1; n <= days.length; n++)
		if (days[n - 1] - days[0] + 1 <= keep) least = Math.min(least, 1 + fewest(days.slice(n), keep));
	return least;
}

describe('another order of lessons', () => {
	const lessons = (uses: readonly number[]) =>
		Array.from({ length: 8 }, (_, i) => ({ id: `L${i}`, day: day(i * 7), uses: uses.includes(i) }));
	it('moves the lesson that lies apart next to the other', () =>
		expect(swapForOneLoan(lessons([1, 6]), 15)).toMatchObject({ first: 'L3', second: 'L6', to: day(21) }));
	it('says nothing when no single change is enough', () =>
		expect(swapForOneLoan(lessons([0, 3, 7]), 8)).toBeNull());
	it('after the change one loan is enough', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.nat(7), { minLength: 2, maxLength: 4 }),
				fc.integer({ min: 8, max: 30 }),
				(uses, keep) => {
					const before = lessons(uses);
					const swap = swapForOneLoan(before, keep);
					if (!swap) return;
					const [a, b] = [swap.first, swap.second].map((id) => before.findIndex((one) => one.id === id));
					const after = before.map((one, i) => ({
						...one,
						uses: before[i === a ? b : i === b ? a : i].uses
					}));
					expect(
						loansInARow(
							after.filter((one) => one.uses).map((one) => one.day),
							keep
						)
					).toHaveLength(1);
				}
			)
		);
	});
});
