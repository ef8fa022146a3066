import { addDays, type Day } from '../calendar/dates.ts';

/** A birth that is known by a day, or about: within so many days before and after. */
export type Born = { readonly born: Day; readonly bornWithin: number };

const DAYS_IN_HALF_A_YEAR = 183;
const DAYS_IN_HALF_A_MONTH = 15;

/**
 * The birth of somebody of whom only the age is known: the middle of that year of life, or of that month.
 * @example bornAbout(10, 'years', '2027-01-22') // { born: '2016-07-23', bornWithin: 183 }
 */
export function bornAbout(age: number, unit: 'years' | 'months', today: Day): Born {
	const months = unit === 'years' ? age * 12 : age;
	const within = unit === 'years' ? DAYS_IN_HALF_A_YEAR : DAYS_IN_HALF_A_MONTH;
	return { born: addDays(monthsBefore(today, months), -within), bornWithin: within };
}

/** The latest day on which somebody can be born: what cautions go by. */
export function latestBirth({ born, bornWithin }: { born: Day | null; bornWithin: number }): Day | null {
	return born === null ? null : addDays(born, bornWithin);
}

/** The same day so many months ago, or the last of a shorter month. */
function monthsBefore(day: Day, months: number): Day {
	const at = Number(day.slice(0, 4)) * 12 + Number(day.slice(5, 7)) - 1 - months;
	const first = `${String(Math.floor(at / 12)).padStart(4, '0')}-${String((at % 12) + 1).padStart(2, '0')}-01`;
	const next = at + 1;
	const last = addDays(
		`${String(Math.floor(next / 12)).padStart(4, '0')}-${String((next % 12) + 1).padStart(2, '0')}-01`,
		-1
	);
	const same = first.slice(0, 8) + day.slice(8);
	return same < last ? same : last;
}
