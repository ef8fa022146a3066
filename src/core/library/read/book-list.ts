import { foreignLanguage, lessonHeading, linesOf, type LessonHeading } from '../../pasted/index.ts';
import { bookHeading } from './book-heading.ts';
import { readBookLine } from './book-line.ts';
import type { ReadBook } from './book.ts';
import type { Said } from './remarks.ts';

/** One book of a pasted list: as written, as read, and for which lesson; null: for the whole unit. */
export type ListedBook = {
	/** Line of the text, from 1. */
	readonly lineNumber: number;
	readonly written: string;
	readonly read: ReadBook;
	readonly lesson: string | null;
};

export type ReadBookList = {
	readonly books: readonly ListedBook[];
	/** Lines that gave no book and do not only say where one is. */
	readonly leftOut: readonly { readonly lineNumber: number; readonly written: string }[];
	/** Headings that name a lesson which the unit does not have. */
	readonly unknownHeadings: readonly { readonly lineNumber: number; readonly written: string }[];
	/** The language of the list where it is not English. */
	readonly language: string | null;
};

const STARRED = /^\s*(?:[*★☆✩✰⭐]\s*)(?=\S)/u;

/**
 * Reads a whole book list as a guide prints it, per lesson or for the whole unit. A heading that says a kind or a
 * role ("Read-Aloud Suggestions") holds for the books below it; where the list says that titles with a star are
 * worth having, those are noted.
 */
export function readBookList(text: string, lessons: readonly LessonHeading[]): ReadBookList {
	const books: ListedBook[] = [];
	const leftOut: { lineNumber: number; written: string }[] = [];
	const unknownHeadings: { lineNumber: number; written: string }[] = [];
	const stars =
		/\b(?:star(?:red)?|stars|asterisk)\b/i.test(text) && /^\s*[^*★☆⭐\s].*\b(?:star|asterisk)/im.test(text);
	let lesson: string | null = null;
	let week: number | null = null;
	let section: Partial<Said> = {};
	linesOf(text).forEach((line, at) => {
		const written = line.replace(/ {2,}/g, ' ').trim();
		if (written === '') return;
		const lineNumber = at + 1;
		const read = readBookLine(line);
		const heading = read.length === 0 ? (bookHeading(written) ?? {}) : null;
		const found = lessonHeading(written, lessons, heading !== null, week);
		week = found.week;
		if (heading !== null) {
			section = heading;
			if (found.lesson === 'unknown') {
				lesson = null;
				unknownHeadings.push({ lineNumber, written });
			} else if (found.lesson) lesson = found.lesson.id;
			else if (/\b(?:whole|entire|all) unit\b|\bfor the unit\b|\bany lesson\b/i.test(written)) lesson = null;
			else if (/[.!?]$/.test(written) || !/\p{L}/u.test(written)) leftOut.push({ lineNumber, written });
			return;
		}
		const isForUnit = /^[^:]{0,40}\b(?:whole|entire) unit\s*:/i.test(written);
		const star = stars && STARRED.test(written);
		for (const one of read) {
			const note = star ? [one.note, 'starred'].filter(Boolean).join('; ') : one.note;
			books.push({
				lineNumber,
				written,
				read: { ...one, ...inSection(one, section), note },
				lesson: isForUnit ? null : lesson
			});
		}
	});
	return { books, leftOut, unknownHeadings, language: foreignLanguage(text) };
}

/** What the heading above says, where the line itself does not. */
function inSection(book: ReadBook, section: Partial<Said>): Partial<ReadBook> {
	return {
		...(section.kind && book.kind === 'book' && { kind: section.kind }),
		...(section.role && book.role === null && isRead(book) && { role: section.role }),
		...(section.optional && { optional: true })
	};
}

/** A kit under "Readers" is not read. */
const isRead = ({ kind }: ReadBook): boolean =>
	kind === 'book' || kind === 'picture book' || kind === 'magazine';
