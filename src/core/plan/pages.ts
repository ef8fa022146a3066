import { CoreError } from '../error.ts';

/** Pages (or chapters) of a book, first and last included. */
export type PageRange = { readonly from: number; readonly to: number };

export type SharedPages = {
	/** One range for each lesson in order; null where more lessons than pages leave it nothing. */
	readonly ranges: readonly (PageRange | null)[];
	/** What no lesson has: for the next run. */
	readonly left: PageRange | null;
};

/**
 * Shares the pages of a book evenly over lessons, in order; a lesson of more days gets so much more.
 * With `most` pages a day the book may not be finished: the rest is left for the next run.
 *
 *     sharePages({ from: 1, to: 10 }, [1, 1, 2])   // 1–3, 4–5, 6–10
 *
 * @param days Teaching days of each lesson; whole, 1 or more.
 * @throws CoreError for pages out of order or no lessons.
 */
export function sharePages(
	book: PageRange,
	days: readonly number[],
	most: number | null = null
): SharedPages {
	requirePages(book);
	if (days.length === 0) throw new CoreError('There are no lessons to share the pages over.', 'lessons');
	const all = days.reduce((sum, one) => sum + one, 0);
	const pages = book.to - book.from + 1;
	const shared = most === null ? pages : Math.min(pages, most * all);
	let [at, passed] = [book.from, 0];
	const ranges = days.map((own) => {
		passed += own;
		// Rounding the sum, not each part, keeps the parts within one page of their share.
		const end = book.from + Math.round((shared * passed) / all) - 1;
		const range = end >= at ? { from: at, to: end } : null;
		at = Math.max(at, end + 1);
		return range;
	});
	return { ranges, left: at <= book.to ? { from: at, to: book.to } : null };
}

/**
 * Ranges from the first page of each lesson, as a table of contents prints them: each ends before the
 * next begins, the last with the book.
 *
 *     rangesFromStarts([3, 9, null], 20)   // 3–8, 9–20, null
 */
export function rangesFromStarts(starts: readonly (number | null)[], last: number): (PageRange | null)[] {
	return starts.map((from, i) => {
		if (from === null || from > last) return null;
		const next = starts.slice(i + 1).find((one) => one !== null && one > from) ?? last + 1;
		return { from, to: Math.min(next - 1, last) };
	});
}

/** The pages of a book that none of the ranges has, in order. */
export function pagesLeft(book: PageRange, ranges: readonly PageRange[]): PageRange[] {
	const left: PageRange[] = [];
	let at = book.from;
	for (const { from, to } of ranges.toSorted((a, b) => a.from - b.from)) {
		if (from > at) left.push({ from: at, to: Math.min(from - 1, book.to) });
		at = Math.max(at, to + 1);
	}
	if (at <= book.to) left.push({ from: at, to: book.to });
	return left;
}

/** "12–19" or "12". */
export function pagesText({ from, to }: PageRange): string {
	return from === to ? String(from) : `${from}–${to}`;
}

/** @throws CoreError for pages that are no whole numbers or out of order. */
export function requirePages({ from, to }: PageRange): void {
	if (!Number.isInteger(from) || from < 1)
		throw new CoreError('The first page must be a whole number, 1 or more.', 'from');
	if (!Number.isInteger(to) || to < from)
		throw new CoreError('The last page must be a whole number and not before the first.', 'to');
}
