import { GregorianCalendar, parseDate } from '@internationalized/date';
import { CoreError } from '../error.ts';

/** A calendar date as ISO 8601 text, `2027-01-12`. Two of them compare as text. */
export type Day = string;

/** Monday 1 … Sunday 7, as in ISO 8601. */
export type Weekday = 1 | 2 | 3 | 4 | 5 | 6 | 7;

const SHAPE = /^\d{4}-\d{2}-\d{2}$/;

/** Whether a text is a date that exists; there is no 29 February 2027. */
export function isDay(text: unknown): text is Day {
	return typeof text === 'string' && isReal(text);
}

function isReal(text: string): boolean {
	if (!SHAPE.test(text)) return false;
	try {
		return parseDate(text).toString() === text && text >= '0001-01-01';
	} catch {
		return false;
	}
}

/** @throws CoreError naming the path when the text is no date. */
export function requireDay(text: string, path: string): Day {
	if (!isDay(text)) throw new CoreError(`${path} must be a date that exists, as year-month-day`, path);
	return text;
}

/** Years from today within which a day of some kind lies; one further away is a slip of the hand. */
const WINDOWS = {
	/** What is planned, or was. */
	plan: { back: 20, ahead: 10 },
	/** A birth; one that is expected, too. */
	birth: { back: 120, ahead: 1 },
	/** What a library says of its loans. */
	library: { back: 2, ahead: 2 }
} as const;

export type DayKind = keyof typeof WINDOWS;

/** The first and last day that a kind of day may be. */
export function dayWindow(kind: DayKind, today: Day): { readonly from: Day; readonly to: Day } {
	const { back, ahead } = WINDOWS[kind];
	const year = (years: number) => {
		const day = `${String(Number(today.slice(0, 4)) + years).padStart(4, '0')}${today.slice(4)}`;
		// A day ahead of or behind Feb 29.
		return isReal(day) ? day : `${day.slice(0, 8)}28`;
	};
	return { from: year(-back), to: year(ahead) };
}

/**
 * The day that a person means: a year of two digits is the nearest such year that is possible.
 *
 *     dayMeant('0027-12-01', 'plan', '2026-11-27')    // 2027-12-01
 *     dayMeant('0016-05-03', 'birth', '2026-11-27')   // 2016-05-03
 *
 * @throws CoreError naming the path when it lies too far away.
 */
export function dayMeant(day: Day, kind: DayKind, today: Day, path: string): Day {
	const { from, to } = dayWindow(kind, today);
	const isWithin = (one: Day) => isDay(one) && one >= from && one <= to;
	if (day < '0100') {
		const century = Number(today.slice(0, 2));
		const near = [century, century + 1, century - 1].map((one) => `${one}${day.slice(2)}`).find(isWithin);
		if (near) return near;
	}
	if (isWithin(day)) return day;
	const { back, ahead } = WINDOWS[kind];
	const years = (count: number) => (count === 1 ? 'a year' : `${count} years`);
	throw new CoreError(
		day > to
			? `That is more than ${years(ahead)} ahead. Check the year.`
			: `That is more than ${years(back)} ago. Check the year.`,
		path
	);
}

const CALENDAR = new GregorianCalendar();

const numbers = new Map<Day, number>();
const days = new Map<number, Day>();
/** Some thirty years; the same days come thousands of times in one computation. */
const MOST_DAYS = 10_000;

/** The Julian day number: days counted without months or years. */
function dayNumber(day: Day): number {
	let number = numbers.get(day);
	if (number === undefined) {
		if (numbers.size >= MOST_DAYS) numbers.clear();
		numbers.set(day, (number = CALENDAR.toJulianDay(parseDate(day))));
	}
	return number;
}

function dayOf(number: number): Day {
	let day = days.get(number);
	if (day === undefined) {
		if (days.size >= MOST_DAYS) days.clear();
		days.set(number, (day = CALENDAR.fromJulianDay(number).toString()));
	}
	return day;
}

/** The day `days` after (or, negative, before) another. */
export function addDays(day: Day, days: number): Day {
	return days === 0 ? day : dayOf(dayNumber(day) + days);
}

/** Whole days from one to another; negative when the other is earlier. */
export function daysBetween(from: Day, to: Day): number {
	return dayNumber(to) - dayNumber(from);
}

/** The ISO weekday. Julian days that 7 divides are Mondays. */
export function weekdayOf(day: Day): Weekday {
	return ((dayNumber(day) % 7) + 1) as Weekday;
}

/** The first day of the week that a day lies in. */
export function startOfWeek(day: Day, weekStart: Weekday): Day {
	return addDays(day, -((weekdayOf(day) - weekStart + 7) % 7));
}

export function earlier(a: Day, b: Day): Day {
	return a < b ? a : b;
}

export function later(a: Day, b: Day): Day {
	return a > b ? a : b;
}

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const WEEKDAYS_LONG = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

export function weekdayName(weekday: Weekday, form: 'short' | 'long' = 'short'): string {
	return (form === 'short' ? WEEKDAYS : WEEKDAYS_LONG)[weekday - 1];
}

/** "Tue, Jan 26": never a date without its weekday. */
export function dayText(day: Day): string {
	return `${weekdayName(weekdayOf(day))}, ${MONTHS[Number(day.slice(5, 7)) - 1]} ${Number(day.slice(8))}`;
}

/** How a day is said from today: "today", "tomorrow", "Saturday" within the week, else "Tue, Feb 2". */
export function dayFromToday(day: Day, today: Day): string {
	const days = daysBetween(today, day);
	if (days === 0) return 'today';
	if (days === 1) return 'tomorrow';
	if (days === -1) return 'yesterday';
	if (days > 1 && days < 7) return weekdayName(weekdayOf(day), 'long');
	return dayText(day);
}
