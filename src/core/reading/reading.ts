import { CoreError } from '../error.ts';
import { requireDay, type Day } from '../calendar/dates.ts';
import { READING_RATES, type ReadingRate } from '../reference/reading-rates.ts';

/** Common practice, no source: words on a page of a book for children that is read aloud. */
const USUAL_WORDS_A_PAGE = 200;
/** Common practice, no source: pages of a chapter where a book is counted in chapters. */
const PAGES_A_CHAPTER = 10;
/** Minutes for a page that is only looked at. */
const LOOKING = 1;

/** How a book is counted, and how many words a page of it holds where that is known. */
export type Counted = { readonly counted: 'pages' | 'chapters'; readonly words: number | null };

/** Words on a page, or in a chapter where a book is counted in chapters. */
export function wordsEach({ counted, words }: Counted): number {
	return (words ?? USUAL_WORDS_A_PAGE) * (counted === 'chapters' ? PAGES_A_CHAPTER : 1);
}

/**
 * Whole minutes for pages (or chapters) that are read aloud, alone or looked at, at the published rates.
 *
 *     readingMinutes({ from: 12, to: 19, way: 'aloud' }, { counted: 'pages', words: 200 })
 */
export function readingMinutes(
	pages: { readonly from: number; readonly to: number; readonly way: string },
	book: Counted
): number {
	const count = pages.to - pages.from + 1;
	if (pages.way === 'look at') return count * LOOKING;
	const { wordsPerMinute } = readingRate(pages.way === 'read alone' ? 3 : 'adult aloud');
	return Math.ceil((count * wordsEach(book)) / wordsPerMinute);
}

export type ReadingPlanInput = {
	/** First and last page (or chapter) that is still to be read; whole, in order. */
	readonly from: number;
	readonly to: number;
	/** Days on which is read, in order, none twice. */
	readonly days: readonly Day[];
	readonly wordsPerPage?: number;
	/** Words a minute; 0 or left out asks for no minutes. */
	readonly wordsPerMinute?: number;
};

export type ReadingDay = {
	readonly date: Day;
	readonly from: number;
	readonly to: number;
	/** Whole minutes, rounded up; null when nothing says how fast. */
	readonly minutes: number | null;
};

export type ReadingPlan = {
	readonly days: readonly ReadingDay[];
	/** Days that stay without reading, since there are more days than pages. */
	readonly free: readonly Day[];
	readonly mostPages: number;
	readonly mostMinutes: number | null;
};

/**
 * Pages (or chapters) for each day, so that the book ends on the last one: the days differ by one page
 * at the most, and the longer ones come first, so that what is left never grows. With more days than
 * pages the last days stay free. After a missed day, the same again from the page one has come to.
 *
 *     readingPlan({ from: 1, to: 10, days: ['2027-01-11', '2027-01-12', '2027-01-13'] }).days
 *     // 1–4, 5–7, 8–10
 *
 * @throws CoreError for pages or days out of order.
 */
export function readingPlan(input: ReadingPlanInput): ReadingPlan {
	const { from, to, days, wordsPerPage = 0, wordsPerMinute = 0 } = input;
	check(input);
	const pages = to - from + 1;
	const used = Math.min(days.length, pages);
	const each = Math.floor(pages / used);
	const longer = pages % used;
	const rate = wordsPerPage > 0 && wordsPerMinute > 0 ? wordsPerPage / wordsPerMinute : null;
	let at = from;
	const plan = days.slice(0, used).map((date, i): ReadingDay => {
		const count = each + (i < longer ? 1 : 0);
		const first = at;
		at += count;
		return { date, from: first, to: at - 1, minutes: rate === null ? null : Math.ceil(count * rate - 1e-6) };
	});
	const mostPages = Math.max(...plan.map((day) => day.to - day.from + 1));
	return {
		days: plan,
		free: days.slice(used),
		mostPages,
		mostMinutes: rate === null ? null : Math.ceil(mostPages * rate - 1e-6)
	};
}

function check({ from, to, days, wordsPerPage = 0, wordsPerMinute = 0 }: ReadingPlanInput): void {
	if (!Number.isInteger(from) || from < 1)
		throw new CoreError('from must be a whole number, 1 or more', 'from');
	if (!Number.isInteger(to) || to < from)
		throw new CoreError('to must be a whole number and not before from', 'to');
	if (days.length === 0) throw new CoreError('days must name at least one day', 'days');
	days.forEach((day, i) => {
		requireDay(day, `days[${i}]`);
		if (i > 0 && day <= days[i - 1])
			throw new CoreError(`days[${i}] must come after the day before it`, `days[${i}]`);
	});
	if (!(wordsPerPage >= 0)) throw new CoreError('wordsPerPage must be 0 or more', 'wordsPerPage');
	if (!(wordsPerMinute >= 0)) throw new CoreError('wordsPerMinute must be 0 or more', 'wordsPerMinute');
}

/**
 * How many words a minute are read: aloud by an adult, alone by an adult, or aloud by a child in the
 * spring of a school grade (1 to 6, the middle reader).
 */
export function readingRate(who: 'adult aloud' | 'adult silent' | number): ReadingRate {
	const key = typeof who === 'number' ? `grade ${Math.min(6, Math.max(1, Math.round(who)))}` : who;
	return READING_RATES.find((rate) => rate.who === key)!;
}
