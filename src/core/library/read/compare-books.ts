import { titleKey } from '../same.ts';

/** A book of a list, as far as it tells one from another. */
export type ComparedBook = {
	readonly lesson: number | null;
	readonly title: string;
	readonly authors: string;
	readonly isbn13: string | null;
	readonly written: string;
};

/** How a book list pasted again differs from the one that is there. */
export type BookDifference<Known> = {
	/** For each book read the one that it is; null when it is new. */
	readonly matches: readonly (Known | null)[];
	/** Books that no longer stand in the list. */
	readonly gone: readonly Known[];
};

/**
 * Matches a book list read again with the books that are there: first those written the same in the same lesson, then
 * one title in the same lesson, then one that has moved to another. Nothing is matched twice.
 */
export function compareBooks<Known extends ComparedBook>(
	known: readonly Known[],
	read: readonly ComparedBook[]
): BookDifference<Known> {
	const free = new Set(known);
	const matches: (Known | null)[] = read.map(() => null);
	const sameBook = (a: ComparedBook, b: ComparedBook) =>
		(a.isbn13 !== null && a.isbn13 === b.isbn13) || titleKey(a.title) === titleKey(b.title);
	const passes: ((a: ComparedBook, b: ComparedBook) => boolean)[] = [
		(a, b) => a.lesson === b.lesson && a.written === b.written && sameBook(a, b),
		(a, b) => a.lesson === b.lesson && sameBook(a, b),
		sameBook
	];
	for (const same of passes) {
		read.forEach((book, i) => {
			if (matches[i]) return;
			for (const candidate of free) {
				if (!same(candidate, book)) continue;
				free.delete(candidate);
				matches[i] = candidate;
				break;
			}
		});
	}
	return { matches, gone: [...free] };
}
