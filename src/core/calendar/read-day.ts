import { addDays, isDay, type Day } from './dates.ts';

const MONTHS = [
	'january',
	'february',
	'march',
	'april',
	'may',
	'june',
	'july',
	'august',
	'september',
	'october',
	'november',
	'december'
];

/**
 * "June", "June 3", "3 June 2027", "2027-06-03", "6/3/2027" as a day on or after today, or null. Of a slashed
 * date the month comes first, unless `dayFirst` or only the other order makes a date.
 *
 * @example readDay('3/6/2027', '2027-01-22') === '2027-03-06'
 * @example readDay('3/6/2027', '2027-01-22', true) === '2027-06-03'
 */
export function readDay(text: string, today: Day, dayFirst = false): Day | null {
	const said = text
		.trim()
		.toLowerCase()
		.replace(/(?:^|\s)(?:the )?end of /, ' ')
		.trim();
	if (isDay(said)) return said;
	const slashed = /^(\d{1,2})\/(\d{1,2})(?:\/(\d{4}))?$/.exec(said);
	if (slashed) {
		const [a, b] = [Number(slashed[1]), Number(slashed[2])];
		const [month, day] = (dayFirst && b <= 12) || a > 12 ? [b, a] : [a, b];
		return dated(month, day, slashed[3], today);
	}
	const found =
		/^(?:(\d{1,2})\.?\s+)?([a-z]{3,9})\.?(?:\s+(\d{1,2})(?:st|nd|rd|th)?)?(?:,?\s+(\d{4}))?$/.exec(said);
	const month = found ? MONTHS.findIndex((month) => month.startsWith(found[2])) + 1 : 0;
	if (!found || month === 0) return null;
	const day = found[1] ?? found[3];
	if (day) return dated(month, Number(day), found[4], today);
	const year = found[4] ? Number(found[4]) : yearFor(month, 31, today);
	const next = month === 12 ? `${year + 1}-01-01` : `${year}-${String(month + 1).padStart(2, '0')}-01`;
	return addDays(next, -1);
}

function dated(month: number, day: number, year: string | undefined, today: Day): Day | null {
	const full = `${year ?? yearFor(month, day, today)}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
	return isDay(full) ? full : null;
}

/** This year, or next year when that day has passed. */
function yearFor(month: number, day: number, today: Day): number {
	const year = Number(today.slice(0, 4));
	const key = `${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
	return key < today.slice(5) ? year + 1 : year;
}
