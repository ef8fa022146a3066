import {
	foreignLanguage,
	legendOf,
	lessonHead,
	lessonsNamed,
	linesOf,
	takeMark,
	takeMeanings,
	wholeLines,
	type Legend,
	type LessonHeading,
	type Meaning,
	type WholeLine
} from '../../pasted/index.ts';
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
	const lines = wholeLines(linesOf(text));
	const legends = new Map(lines.flatMap((line) => legendsIn(line)));
	const marks = new Map([...legends.values()].flatMap((legend) => [...legend.marks]));
	let above: { readonly lessons: readonly string[]; week: number | null } = { lessons: [], week: null };
	let section: Partial<Said> = {};
	let lessonColumn = -1;
	const put = (
		line: WholeLine,
		written: string,
		read: readonly ReadBook[],
		of: readonly string[],
		star: boolean
	) => {
		for (const one of read)
			for (const lesson of of.length ? of : [null]) {
				const note = star ? [one.note, 'starred'].filter(Boolean).join('; ') : one.note;
				books.push({
					lineNumber: line.lineNumber,
					written,
					read: { ...one, ...inSection(one, section), note },
					lesson
				});
			}
	};
	for (const line of lines) {
		const written = line.text.replace(/ {2,}/g, ' ').trim();
		if (written === '') continue;
		if (line.isFurniture || legends.has(line.lineNumber)) continue;
		const cells = line.text.split('\t').map((cell) => cell.trim());
		const column = cells.findIndex((cell) => /^(?:lessons?|used in|les\.?)(?: ?#)?$/i.test(cell));
		if (cells.length > 1 && column >= 0) lessonColumn = column;
		const cell = lessonColumn >= 0 && column < 0 && cells.length > lessonColumn ? cells[lessonColumn] : null;
		const inCell = cell ? lessonsNamed(cell, lessons, 'lesson') : null;
		const marked = inCell
			? { rest: cells.filter((_, i) => i !== lessonColumn).join('\t'), named: inCell }
			: takeMark(line.text.trim(), lessons, 'amount');
		const said = takeMeanings(marked.rest, marks);
		const head = marked.named ? null : lessonHead(written, lessons, above.week);
		const behind = head && !head.isWeek && head.rest !== '' ? booksOf(head.rest, marks).filter(saysBook) : [];
		const star = stars && STARRED.test(written);
		if (head && behind.length > 0) {
			// A book on the line of its lesson is for that lesson alone.
			put(line, written, behind, head.named.lessons, star);
			continue;
		}
		if (head) {
			if (head.named.unknown && head.named.lessons.length === 0)
				unknownHeadings.push({ lineNumber: line.lineNumber, written });
			above = { lessons: head.named.all ? [] : head.named.lessons, week: head.week };
			section = bookHeading(written) ?? {};
			continue;
		}
		const read = readBookLine(said.rest).map((one) => withMeanings(one, said.meanings));
		if (read.length === 0) {
			section = bookHeading(written) ?? {};
			if (/\b(?:whole|entire|all) unit\b|\bfor the unit\b|\bany lesson\b/i.test(written))
				above = { lessons: [], week: null };
			else if (/[.!?]$/.test(written) || !/\p{L}/u.test(written))
				leftOut.push({ lineNumber: line.lineNumber, written });
			continue;
		}
		const isForUnit = /^[^:]{0,40}\b(?:(?:whole|entire) unit|any lesson|all lessons)\s*:/i.test(written);
		const own = marked.named ? marked.named.lessons : isForUnit ? [] : above.lessons;
		put(line, written, isForUnit ? booksOf(written.replace(/^[^:]+:\s*/, ''), marks) : read, own, star);
	}
	return { books, leftOut, unknownHeadings, language: foreignLanguage(text) };
}

/** What a line explains of marks; nothing where it may be a book. */
function legendsIn({ text, lineNumber }: WholeLine): (readonly [number, Legend])[] {
	const legend = legendOf(text.trim());
	return legend && legend.marks.size > 0 ? [[lineNumber, legend]] : [];
}

/** The books of a text, with what marks say of them. A title alone is one too where it stands behind its lesson. */
function booksOf(text: string, marks: Legend['marks']): ReadBook[] {
	const said = takeMeanings(text, marks);
	return said.rest
		.split(/\s+OR\s+/)
		.flatMap((one) => readBookLine(one))
		.map((one) => withMeanings(one, said.meanings));
}

/** Whether a text plainly is a book, and not the title of its lesson. */
const saysBook = ({ by, isbn13, kind, pages }: ReadBook): boolean =>
	by.length > 0 || isbn13 !== null || kind !== 'book' || pages !== null;

/** A book with what its marks mean: a kind, or what has no field of its own. */
function withMeanings(book: ReadBook, meanings: readonly Meaning[]): ReadBook {
	return meanings.reduce((one, { optional, note }): ReadBook => {
		const kind = note && /^picture books?$/.test(note) ? ('picture book' as const) : null;
		return {
			...one,
			kind: kind ?? one.kind,
			optional: one.optional || optional,
			note: [one.note, kind ? null : note].filter(Boolean).join('; ') || null
		};
	}, book);
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
