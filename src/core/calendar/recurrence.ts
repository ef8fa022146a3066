import { CoreError } from '../error.ts';
import { addDays, daysBetween, isDay, startOfWeek, weekdayOf, type Day, type Weekday } from './dates.ts';

/**
 * How days come again, as a rule of RFC 5545 (section 3.3.10) has it, as far as a household says such things: every
 * so many days or weeks on some weekdays, or each month on its first Saturday, its last Friday, its 15th.
 */
export type Recurrence = {
	readonly freq: 'DAILY' | 'WEEKLY' | 'MONTHLY';
	readonly interval: number;
	/** Of a month each has its number, the last being -1; of other rules none. */
	readonly byDay: readonly { readonly weekday: Weekday; readonly nth: number | null }[];
	readonly byMonthDay: readonly number[];
	/** The last day on which it can fall; null for no end. */
	readonly until: Day | null;
	readonly count: number | null;
};

/** Weekdays as RFC 5545 writes them, from Monday. */
const CODES = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'] as const;

/**
 * The value of an RRULE. Weeks begin on Monday, as in RFC 5545 when nothing is said.
 *
 * @example ruleOf({ freq: 'WEEKLY', interval: 2, byDay: [{ weekday: 6, nth: null }], byMonthDay: [], until: null, count: null })
 * // 'FREQ=WEEKLY;INTERVAL=2;BYDAY=SA'
 */
export function ruleOf({ freq, interval, byDay, byMonthDay, until, count }: Recurrence): string {
	return [
		`FREQ=${freq}`,
		interval > 1 ? `INTERVAL=${interval}` : '',
		byDay.length ? `BYDAY=${byDay.map((one) => `${one.nth ?? ''}${CODES[one.weekday - 1]}`).join(',')}` : '',
		byMonthDay.length ? `BYMONTHDAY=${byMonthDay.join(',')}` : '',
		until ? `UNTIL=${until.replaceAll('-', '')}` : '',
		count === null ? '' : `COUNT=${count}`
	]
		.filter(Boolean)
		.join(';');
}

/** Reads the value of an RRULE as `ruleOf` writes it. @throws CoreError for a part that no household says */
export function readRule(text: string): Recurrence {
	const parts = new Map(text.split(';').map((part) => part.split('=') as [string, string]));
	const freq = parts.get('FREQ');
	if (freq !== 'DAILY' && freq !== 'WEEKLY' && freq !== 'MONTHLY')
		throw new CoreError('A rule comes by day, week, or month.', 'FREQ');
	const stray = [...parts.keys()].find((name) => !KNOWN.has(name));
	if (stray) throw new CoreError(`A rule has no ${stray} here.`, stray);
	const list = (name: string) => parts.get(name)?.split(',') ?? [];
	const number = (name: string) => (parts.has(name) ? Number(parts.get(name)) : null);
	return {
		freq,
		interval: number('INTERVAL') ?? 1,
		byDay: list('BYDAY').map((one) => ({
			weekday: (CODES.indexOf(one.slice(-2) as (typeof CODES)[number]) + 1) as Weekday,
			nth: one.length > 2 ? Number(one.slice(0, -2)) : null
		})),
		byMonthDay: list('BYMONTHDAY').map(Number),
		until: parts.get('UNTIL')?.replace(/^(\d{4})(\d\d)(\d\d).*$/, '$1-$2-$3') ?? null,
		count: number('COUNT')
	};
}

const KNOWN: ReadonlySet<string> = new Set(['FREQ', 'INTERVAL', 'BYDAY', 'BYMONTHDAY', 'UNTIL', 'COUNT']);

/**
 * The days of a rule from its first day on, to a last one; those of `except` (EXDATE) are left out, and count
 * towards COUNT, as in RFC 5545. `start` is where the rule begins: its weeks and days are counted from there, and it
 * is a day of it only where the rule says so.
 */
export function occurrences(rule: Recurrence, start: Day, to: Day, except: readonly Day[] = []): Day[] {
	const end = rule.until !== null && rule.until < to ? rule.until : to;
	const found: Day[] = [];
	let counted = 0;
	for (let day = start; day <= end; day = addDays(day, 1)) {
		if (!fallsOn(rule, start, day)) continue;
		counted++;
		if (rule.count !== null && counted > rule.count) break;
		if (!except.includes(day)) found.push(day);
	}
	return found;
}

function fallsOn({ freq, interval, byDay, byMonthDay }: Recurrence, start: Day, day: Day): boolean {
	const weekday = weekdayOf(day);
	if (freq === 'DAILY')
		return (
			daysBetween(start, day) % interval === 0 &&
			(byDay.length === 0 || byDay.some((one) => one.weekday === weekday))
		);
	if (freq === 'WEEKLY') {
		const weeks = daysBetween(startOfWeek(start, 1), startOfWeek(day, 1)) / 7;
		const days = byDay.length ? byDay.map((one) => one.weekday) : [weekdayOf(start)];
		return weeks % interval === 0 && days.includes(weekday);
	}
	const [year, month, date] = day.split('-').map(Number);
	const [firstYear, firstMonth] = start.split('-').map(Number);
	if (((year - firstYear) * 12 + month - firstMonth) % interval !== 0) return false;
	const length = daysInMonth(year, month);
	if (byMonthDay.length)
		return (
			byMonthDay.some((one) => (one > 0 ? one : length + 1 + one) === date) &&
			(byDay.length === 0 || byDay.some((one) => one.weekday === weekday))
		);
	if (byDay.length === 0) return date === Number(start.slice(8));
	return byDay.some(
		({ weekday: wanted, nth }) =>
			wanted === weekday &&
			(nth === null || (nth > 0 ? Math.ceil(date / 7) === nth : Math.ceil((length + 1 - date) / 7) === -nth))
	);
}

function daysInMonth(year: number, month: number): number {
	for (let date = 31; ; date--)
		if (isDay(`${year}-${String(month).padStart(2, '0')}-${String(date).padStart(2, '0')}`)) return date;
}
