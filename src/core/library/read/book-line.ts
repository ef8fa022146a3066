import { withoutMarkup, keepers, QUOTED, BRACKETS } from '../../pasted/index.ts';
import { readIsbn } from '../isbn.ts';
import { bookHeading } from './book-heading.ts';
import { type ReadBook, type Book, nothing, DOUBT } from './book.ts';
import { isPerson, turned, turnedInFront } from './person.ts';
import { MADE_BY } from './remarks-behind.ts';
import { type Said, labelSays, takeRemark, isReading } from './remarks.ts';
import { readTitle, tidyTitle } from './title-forms.ts';

/** A line of a book list is not longer than this. */
export const LONGEST_BOOK_LINE = 2000;

/**
 * Reads one line of a printed or pasted book list. One line may name several books; a heading, or a line without
 * any, gives an empty list.
 *
 *     readBookLine('• The Quiet Pond by Mara Ellison (ages 4–8) – optional')
 *     // [{ title: 'The Quiet Pond', by: ['Mara Ellison'], fromAge: 4, toAge: 8, optional: true, … }]
 */
export function readBookLine(text: string): ReadBook[] {
	const plain = withoutMarkup(text.slice(0, LONGEST_BOOK_LINE + 1))
		.normalize('NFC')
		.replace(/[\u00A0\u2000-\u200B\u202F\u205F\u3000\uFEFF]/gu, ' ')
		.replace(/ {2,}/g, ' ')
		.trim();
	if (text.length > LONGEST_BOOK_LINE && plain.length > LONGEST_BOOK_LINE) return [unread(plain)];
	const line = withoutBullet(plain);
	if (!/\p{L}/u.test(line) || bookHeading(line)) return [];
	const pieces = piecesOf(line);
	const whole = / *[–—-]? *\(optional\)$/i.test(line) && pieces.length > 1;
	// A label in front covers all books of its line: "Picture books: …; …".
	const label = labelOf(pieces[0]);
	return pieces.map((piece) => readOne(piece, whole, label)).filter((book) => book !== null);
}

function unread(text: string): ReadBook {
	return {
		...{
			title: text.slice(0, 200),
			by: [],
			isbn13: null,
			kind: 'book',
			role: null,
			fromAge: null,
			toAge: null
		},
		...{ pages: null, optional: false, note: null, doubts: [DOUBT.long], check: true }
	};
}

const BULLET =
	/^(?:[\s•·‣⁃▪▫◦●○◆◇■□☐☑☒✓✔✗❏❑❒▢◻◼►▶▸➢➤»>–—★☆✩✰⭐]+|[-*+]+\s+|\*(?=[^*]+$)|\[[ xX]?\]\s*|_{2,}\s*|\(?\d{1,3}[.)]\s+|[a-z]\)\s+|\p{Extended_Pictographic}️?\s*)+/u;

const withoutBullet = (line: string): string => line.replace(BULLET, '');

/** Several books on a line: cut at ";" and at bars, where what follows is a book of its own. */
function piecesOf(line: string): string[] {
	const { text, restore } = keepers(line, [...QUOTED, BRACKETS]);
	const pieces: string[] = [];
	for (const [i, part] of text.split(/\s*;\s*|\s+\|\s+/).entries()) {
		const piece = restore(part).trim();
		if (piece === '') continue;
		const last = pieces.at(-1);
		if (i > 0 && last !== undefined && goesOn(last, piece)) pieces[pieces.length - 1] = `${last}; ${piece}`;
		else pieces.push(piece);
	}
	return pieces.map(withoutBullet);
}

/** A further author, an illustrator or a remark begins no new book. */
function goesOn(before: string, piece: string): boolean {
	if (MADE_BY.test(piece) || takeRemark(nothing(), piece) || isReading(piece) || isNumber(piece)) return true;
	// "Lindqvarn, Greta; Adomanu, Kofi. Songs from Two Rivers.": authors of one book.
	if (turned(before) !== null && turnedInFront(piece) !== null) return true;
	const bare = piece.replace(/\s*\([^()]*\)$/, '');
	return /\bby\s/i.test(before) && isPerson(bare) && !/\bby\s/i.test(piece);
}

const ISBN =
	/[\s,;(–-]*(?:\bISBN(?:-1[03](?=[\s:]))?\s*:?\s*([\dXx][\dXx\s‐-–-]{6,18}[\dXx])|(?<![\d-])(97[89](?:[ ‐-–-]?\d){10}|\d(?:[ ‐-–-]?\d){8}[ ‐-–-]?[\dXx])(?![\d-]))\)?/u;

const isNumber = (text: string): boolean => new RegExp(`^${ISBN.source}$`, 'u').test(text);

function readOne(piece: string, optional: boolean, label: Partial<Said>): ReadBook | null {
	const book: Book = { ...nothing(), ...label, title: '', by: [], isbn13: null, notes: [], doubts: [] };
	book.optional ||= optional;
	let rest = takeLabels(book, piece);
	const number = ISBN.exec(rest);
	if (number) {
		const { isbn13 } = readIsbn((number[1] ?? number[2]).trim());
		book.isbn13 = isbn13;
		if (isbn13 === null) book.doubts.push(DOUBT.isbn);
		rest = `${rest.slice(0, number.index)} ${rest.slice(number.index + number[0].length)}`.trim();
	}
	rest = rest.replace(/\s*[,;:]\s*$/, '').trim();
	if (rest === '' && book.isbn13 === null) return null;
	readTitle(book, rest);
	book.title = tidyTitle(book.title);
	if (book.title === '' && book.isbn13 === null) return null;
	const { title, by, isbn13, kind, role, fromAge, toAge, pages, notes, doubts } = book;
	return {
		title,
		by: by.map((name) => name.replace(/\s+/g, ' ').trim()),
		isbn13,
		kind: kind ?? 'book',
		role,
		fromAge,
		toAge,
		pages,
		optional: book.optional,
		note: notes.join('; ') || null,
		doubts,
		check: doubts.length > 0
	};
}

/** What the labels in front of a text say. */
function labelOf(text: string): Partial<Said> {
	const said: Partial<Said> = {};
	takeLabels(said, text);
	return said;
}

/** Takes labels off the front: "Optional read-aloud: …", "Read Alouds – …". */
function takeLabels(book: Partial<Said>, text: string): string {
	let rest = text;
	for (let found = LABELLED.exec(rest); found; found = LABELLED.exec(rest)) {
		const says = labelSays(found[1]);
		if (!says) break;
		Object.assign(book, says);
		rest = withoutBullet(rest.slice(found[0].length));
	}
	return rest;
}

const LABELLED = /^([\p{L}][\p{L} -]{2,40}?)\s*(?::|\s[–—-])\s+(?=\S)/u;
