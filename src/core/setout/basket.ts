import { addDays, daysBetween, weekdayOf, type Day, type Weekday } from '../calendar/dates.ts';
import { CoreError } from '../error.ts';

/** A book of which so much is read on each basket day: by the date itself, or from where the bookmark is. */
export type PageADay = {
	readonly by: 'date' | 'bookmark';
	/** The first page that is read, and the last one; a book that is finished has its bookmark behind the last. */
	readonly first: number;
	readonly last: number;
	/** Pages a day. */
	readonly aDay: number;
	/** The day on which `first` is read; of a bookmark the day on which it lay there. */
	readonly since: Day;
};

/** Days without a basket. */
export type BasketDays = { readonly weekdays: readonly Weekday[]; readonly off: readonly Day[] };

/** Nobody reads longer than this at one book. */
const MOST_DAYS = 3_700;

const isBasketDay = ({ weekdays, off }: BasketDays, day: Day) =>
	weekdays.includes(weekdayOf(day)) && !off.includes(day);

function check({ first, last, aDay }: PageADay): void {
	if (![first, last, aDay].every((one) => Number.isInteger(one) && one > 0))
		throw new CoreError('Pages are counted whole, from 1.', 'aDay');
	if (last < first - 1) throw new CoreError('The last page comes after the first one.', 'last');
}

/**
 * Which pages are read on a day: by date every calendar day has its page, whether somebody read or not; by bookmark
 * only basket days turn pages. Null before it begins, after it ends, and (by bookmark) on a day without a basket.
 *
 * @example
 * pagesOn({ by: 'date', first: 1, last: 366, aDay: 1, since: '2027-01-01' }, { weekdays: [1, 2, 3, 4, 5], off: [] },
 *   '2027-01-22') // { from: 22, to: 22 }
 */
export function pagesOn(
	book: PageADay,
	days: BasketDays,
	day: Day
): { readonly from: number; readonly to: number } | null {
	check(book);
	if (day < book.since) return null;
	const turned = book.by === 'date' ? daysBetween(book.since, day) : basketDays(days, book.since, day);
	if (book.by === 'bookmark' && !isBasketDay(days, day)) return null;
	const from = book.first + turned * book.aDay;
	return from > book.last ? null : { from, to: Math.min(book.last, from + book.aDay - 1) };
}

/** Whether nothing is left to read of it on a day. */
export function isReadOn(book: PageADay, days: BasketDays, day: Day): boolean {
	if (book.last < book.first) return true;
	const end = endsOn(book, days);
	return end !== null && day > end;
}

/**
 * The day on which the last page is read, of a finished book the one on which its bookmark went behind it; null where
 * that is years away, or no day has a basket.
 */
export function endsOn(book: PageADay, days: BasketDays): Day | null {
	check(book);
	if (book.last < book.first) return book.since;
	const needed = Math.ceil((book.last - book.first + 1) / book.aDay);
	if (book.by === 'date') return needed > MOST_DAYS ? null : addDays(book.since, needed - 1);
	let left = needed;
	for (let day = book.since, at = 0; at < MOST_DAYS; day = addDays(day, 1), at++)
		if (isBasketDay(days, day) && --left === 0) return day;
	return null;
}

/** Basket days from one day on, before another. */
function basketDays(days: BasketDays, from: Day, to: Day): number {
	let count = 0;
	for (let day = from, at = 0; day < to && at < MOST_DAYS; day = addDays(day, 1), at++)
		if (isBasketDay(days, day)) count++;
	return count;
}

/** Who chooses on a day: the children in their order, one after another over the basket days since a day. */
export function chooserOn(
	children: readonly string[],
	days: BasketDays,
	since: Day,
	day: Day
): string | null {
	if (children.length === 0 || day < since || !isBasketDay(days, day)) return null;
	return children[basketDays(days, since, day) % children.length];
}

/** A morning basket of a page or poem from each of several books takes about so long, minutes (common practice). */
export const BASKET_MINUTES = { least: 15, most: 20 } as const;
/** Nobody sits through more, minutes. */
export const TOO_LONG_MINUTES = 60;
