import { GregorianCalendar, parseDate } from '@internationalized/date';
import { CoreError } from '../error.ts';

/** A calendar date as ISO 8601 text, `2027-01-12`. Two of them compare as text. */
export type Day = string;

/** Monday 1 … Sunday 7, as in ISO 8601. */
export type Weekday = 1 | 2 | 3 | 4 | 5 | 6 | 7;

const SHAPE = /^\d{4}-\d{2}-\d{2}$/;

/** Whether a text is a date that exists; there is no 29 February 2027. */
export function isDay(text: unknown): text is Day {
	if (typeof text !== 'string' || !SHAPE.test(text)) return false;
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

/** How far ahead anything is planned; a year further on is a slip of the hand. */
const PLANNED_YEARS = 10;

/** A day that can be planned for. @throws CoreError naming the path when it is more than ten years ahead. */
export function requirePlannable<D extends Day | null>(day: D, today: Day, path: string): D {
	const end = `${Number(today.slice(0, 4)) + PLANNED_YEARS}${today.slice(4)}`;
	if (day !== null && day > end)
		throw new CoreError('That is more than ten years ahead. Please check the year.', path);
	return day;
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
