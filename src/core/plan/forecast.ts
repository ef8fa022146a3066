import { addDays, daysBetween, type Day } from '../calendar/dates.ts';

/**
 * When something that is done in several parts will be finished at the pace so far; one part a day for
 * what is daily. Null while there is no pace yet.
 *
 *     forecastEnd({ times: 6, done: 2, begun: '2027-01-12', daily: false }, '2027-01-22')   // '2027-02-11'
 */
export function forecastEnd(
	of: { readonly times: number; readonly done: number; readonly begun: Day | null; readonly daily: boolean },
	today: Day
): Day | null {
	const left = of.times - of.done;
	if (left <= 0) return null;
	if (of.daily) {
		const from = of.begun !== null && of.begun > today ? of.begun : today;
		return addDays(from, left - 1);
	}
	if (of.done === 0 || of.begun === null || of.begun > today) return null;
	return addDays(today, Math.ceil((Math.max(1, daysBetween(of.begun, today)) / of.done) * left));
}
