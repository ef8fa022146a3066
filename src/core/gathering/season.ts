import { addDays, type Day } from '../calendar/dates.ts';

/** When the ground is frozen at home: month and day, "10-15" to "04-20". */
export type Frost = { readonly first: string; readonly last: string };

/**
 * The last day on which something that grows or lies outdoors can be gathered for a day of use: the day before
 * the frost in which that day falls; null when the ground is open then. The last frost may lie in the year
 * after the first.
 *
 *     lastDayBeforeFrost('2027-02-02', { first: '10-15', last: '04-20' })   // '2026-10-14'
 */
export function lastDayBeforeFrost(use: Day, { first, last }: Frost): Day | null {
	const year = Number(use.slice(0, 4));
	const spans = [year - 1, year].map((from) => ({
		from: `${from}-${first}`,
		to: `${last < first ? from + 1 : from}-${last}`
	}));
	const frozen = spans.find(({ from, to }) => from <= use && use <= to);
	return frozen ? addDays(frozen.from, -1) : null;
}
