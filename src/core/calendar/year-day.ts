import { isDay, type Day } from './dates.ts';
import { readDay } from './read-day.ts';

/** A day that comes every year, as month and day ("12-24"), or one day of one year ("2027-03-20"). */
export type YearDay = string;

/** The day of a year on which it falls; null where it is of another year. Feb 29 is Feb 28 in common years. */
function inYear(day: YearDay, year: number): Day | null {
	if (day.length > 5) return day.startsWith(`${year}-`) ? day : null;
	const full = `${String(year).padStart(4, '0')}-${day}`;
	return isDay(full) ? full : `${year}-02-28`;
}

/** The last time that any of them came, on or before a day; null when none ever did. */
export function lastTime(days: readonly YearDay[], on: Day): Day | null {
	return times(days, Number(on.slice(0, 4)) - 1, 2, (day) => day <= on).at(-1) ?? null;
}

/** The next time that one comes, on or after a day; null when it does not come any more. */
export function nextTime(day: YearDay, on: Day): Day | null {
	const year = Number(on.slice(0, 4));
	if (day.length > 5) return day >= on ? day : null;
	return times([day], year, 2, (one) => one >= on)[0] ?? null;
}

function times(days: readonly YearDay[], from: number, years: number, passes: (day: Day) => boolean): Day[] {
	return days
		.flatMap((day) => {
			if (day.length > 5) return passes(day) ? [day] : [];
			return Array.from({ length: years }, (_, i) => inYear(day, from + i)!).filter(passes);
		})
		.sort();
}

/** "the end of September 30th, 2027" */
const LONGEST_DAY = 40;

/**
 * Reads a day with or without a year from the end of a line: what stands before it, and the day. Null where the
 * line does not end in a day.
 *
 *     readEndDay('Grandma stays with us, Mar 20')   // { before: 'Grandma stays with us', day: '03-20' }
 */
export function readEndDay(text: string): { before: string; day: YearDay } | null {
	const said = text.trim().replace(/\s{2,}/g, ' ');
	for (const { index } of said.matchAll(/[\s,]+/g)) {
		// A day is said in a few letters at the end.
		if (said.length - index > LONGEST_DAY) continue;
		const end = said.slice(index).replace(/^[\s,]+/, '');
		// A month alone is no day.
		if (!/\d/.test(end.replace(/\d{4}/, ''))) continue;
		// A leap year, so that Feb 29 is a day.
		const day = readDay(end, '2028-01-01');
		if (!day) continue;
		const before = said.slice(0, index).replace(/(?:[\s,:–-]|\bon)+$/i, '');
		return before ? { before, day: /\d{4}/.test(end) ? day : day.slice(5) } : null;
	}
	return null;
}
