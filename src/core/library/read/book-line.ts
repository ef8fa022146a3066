import { withoutMarkup } from '../../pasted/index.ts';
import { readIsbn } from '../isbn.ts';
import type { ResourceKind, ResourceRole } from '../kinds.ts';
import { bookHeading } from './book-heading.ts';
import { isAuthor, isPerson, mayBePlace, namesIn, turned, turnedInFront } from './person.ts';
import { isImprint, isReading, labelSays, takeRemark, type Said } from './remarks.ts';

/** One book of a printed list as read. */
export type ReadBook = {
	readonly title: string;
	/** Authors in natural order. */
	readonly by: readonly string[];
	readonly isbn13: string | null;
	readonly kind: ResourceKind;
	readonly role: ResourceRole | null;
	readonly fromAge: number | null;
	readonly toAge: number | null;
	/** How long it is; which pages to read stands in the note. */
	readonly pages: number | null;
	readonly optional: boolean;
	readonly note: string | null;
	/** What could honestly be read in another way, in words for this line. */
	readonly doubts: readonly string[];
	readonly check: boolean;
};

/** A line of a book list is not longer than this. */
export const LONGEST_BOOK_LINE = 2000;

const DOUBT = {
	name: 'Is this a title, or only a name?',
	comma: 'Is what stands after the comma the author, or part of the title?',
	dashes: 'Which of these is the author, and which a remark?',
	colon: 'Is what stands before the colon the author?',
	place: (name: string) => `Is “${name}” the author, or a place?`,
	isbn: 'The ISBN has a wrong digit.',
	dots: 'Is what stands after the dot the author?',
	long: 'This is too long for one line of a list.'
} as const;

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

/** Marks of the private-use area stand for what is kept together while a line is cut. */
const keepers = (
	text: string,
	patterns: readonly RegExp[]
): { text: string; restore: (piece: string) => string } => {
	const kept: string[] = [];
	let marked = text;
	for (const pattern of patterns)
		marked = marked.replace(pattern, (found) => `\uE000${kept.push(found) - 1}\uE000`);
	const restore = (piece: string): string => {
		const put = piece.replace(/\uE000(\d+)\uE000/g, (_, i: string) => kept[Number(i)]);
		return put === piece ? put : restore(put);
	};
	return { text: marked, restore };
};

const QUOTED = [/“[^“”]*”/g, /"[^"]*"/g] as const;
const BRACKETS = /\([^()]*\)|\[[^[\]]*\]/g;

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

const MADE_BY =
	/^(?:and |with )?(?:illus(?:trat(?:ed|ions?|or))?\.?|ill\.|translated|trans\.|retold|adapted|photographs?|photos|pictures|art|edited)\b/i;

/** A further author, an illustrator or a remark begins no new book. */
function goesOn(before: string, piece: string): boolean {
	if (MADE_BY.test(piece) || takeRemark(nothing(), piece) || isReading(piece) || isNumber(piece)) return true;
	// "Lindqvarn, Greta; Adomanu, Kofi. Songs from Two Rivers.": authors of one book.
	if (turned(before) !== null && turnedInFront(piece) !== null) return true;
	const bare = piece.replace(/\s*\([^()]*\)$/, '');
	return /\bby\s/i.test(before) && isPerson(bare) && !/\bby\s/i.test(piece);
}

const nothing = (): Said => ({
	kind: null,
	role: null,
	fromAge: null,
	toAge: null,
	pages: null,
	optional: false
});

const ISBN =
	/[\s,;(–-]*(?:\bISBN(?:-1[03](?=[\s:]))?\s*:?\s*([\dXx][\dXx\s‐-–-]{6,18}[\dXx])|(?<![\d-])(97[89](?:[ ‐-–-]?\d){10}|\d(?:[ ‐-–-]?\d){8}[ ‐-–-]?[\dXx])(?![\d-]))\)?/u;
const isNumber = (text: string): boolean => new RegExp(`^${ISBN.source}$`, 'u').test(text);

/** What is known of a book while its line is read. */
type Book = Said & { title: string; by: string[]; isbn13: string | null; notes: string[]; doubts: string[] };

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

const DASH = /\s+(?:[–—-]|--)\s+|\s*[—]\s*(?=\S)|\t+/;

/** Finds title, authors and remarks of a line without labels and numbers. */
function readTitle(book: Book, text: string): void {
	const marked = markedTitle(text);
	if (marked) {
		book.title = marked.title;
		authorBefore(book, marked.before);
		if (turned(marked.before.replace(/[\s,.:–—-]+$/, '')) !== null) takeImprint(book, marked.behind);
		else readBehind(book, marked.behind, marked.before.trim() === '');
		return;
	}
	if (bibliography(book, text)) return;
	const { text: kept, restore } = keepers(text, [...QUOTED, BRACKETS]);
	const cells = kept.split(DASH).map((cell) => restore(cell).trim());
	const seps = kept.match(new RegExp(DASH.source, 'g')) ?? [];
	if (seps.some((one) => one.includes('\t')) && readRow(book, kept, restore)) return;
	if (byLine(book, text)) return;
	if (turnedFirst(book, cells)) return;
	if (cells.length > 1) {
		readDashes(book, cells);
		return;
	}
	const slash = /^(.*\S)\s+\/\s+(\S.*)$/.exec(kept);
	if (slash) {
		const { front, remarks } = splitRemarks(restore(slash[2]));
		const names = namesIn(front, (name) => isPerson(name) || isAuthor(name));
		if (names) {
			takeTitle(book, restore(slash[1]));
			book.by = names;
			takeRemarks(book, remarks);
			return;
		}
	}
	readCommas(book, text);
}

const MARKS: readonly RegExp[] = [
	/“([^“”]+)”/u,
	/(?<![\p{L}\d])"([^"]+)"/u,
	/(?<![\p{L}\d])‘([^‘]+?)’(?=$|[\s,.;:)])(?![^‘]*’(?=$|\s+by\b))/u,
	/(?<![\p{L}\d])_([^_]+)_/u,
	/(?<![\p{L}\d*])\*{1,3}([^*]+)\*{1,3}/u
];

/** A title in quotation marks, underscores or asterisks that begins the line or stands behind an author. */
function markedTitle(text: string): { title: string; before: string; behind: string } | null {
	for (const mark of MARKS) {
		const found = mark.exec(text);
		if (!found) continue;
		const before = text.slice(0, found.index);
		const behind = text.slice(found.index + found[0].length);
		const author = before.replace(/[\s,:–—-]+$/, '').replace(/\.$/, '');
		const isAuthorBefore =
			before.trim() !== '' &&
			(/[,:–—-]\s*$|\.\s*$/.test(before) || /[,]$/.test(found[1])) &&
			(turned(author) !== null || namesIn(author, isPerson) !== null || isAuthor(author));
		if (before.trim() === '' || isAuthorBefore) {
			// 'The "Perfect" Puddle': a mark within a title is part of it.
			const goesOn = /^\s+(?!by\b|\()[\p{L}]/iu.test(behind) && !isPerson(splitRemarks(behind).front);
			if (before.trim() === '' && goesOn) continue;
			return { title: found[1], before, behind };
		}
	}
	return null;
}

function authorBefore(book: Book, text: string): void {
	const author = text.replace(/[\s,:–—-]+$/, '').replace(/(?<!\b\p{Lu})\.$/u, '');
	if (author === '') return;
	const name = turned(author);
	book.by = name ? [name] : (namesIn(author, (one) => isPerson(one) || isAuthor(one)) ?? []);
	if (book.by.length === 0) book.notes.push(author);
}

/** What stands behind a title: its author in one of the common forms, and remarks. */
function readBehind(book: Book, text: string, wantsAuthor: boolean): void {
	let rest = text.replace(/^[.\s]*(?:[,–—/-]|\s)*\s*/, '');
	const by = /^(?:written )?by\s+/i.exec(rest);
	if (by) rest = rest.slice(by[0].length);
	const bracketed = !by && /^\(([^()]+)\)/.exec(rest);
	if (bracketed && wantsAuthor) {
		const names = namesIn(bracketed[1], isPerson);
		if (names) {
			book.by = names;
			rest = rest.slice(bracketed[0].length);
		}
	} else if (wantsAuthor || by) {
		const { names, behind } = authorsInFront(rest, by !== null);
		book.by.push(...names);
		rest = behind;
	}
	takeRemarks(book, rest);
}

/** More authors than a list prints of one book. */
const MOST_AUTHORS = 12;

/** The names that a text begins with, as far as they go. */
function authorsInFront(text: string, certain: boolean): { names: string[]; behind: string } {
	const { text: kept, restore } = keepers(text, [BRACKETS]);
	const one = certain ? isAuthor : isPerson;
	const end = /\s*\uE000|\s+(?:[–—-]|--)\s+|\t|\s*;|(?<!\b(?:\p{Lu}|Jr|Sr|St))\.\s/u.exec(kept);
	const stretch = end ? kept.slice(0, end.index) : kept;
	const commas = stretch.split(/,\s+/);
	for (let n = Math.min(commas.length, MOST_AUTHORS); n > 0; n--) {
		const front = commas.slice(0, n).join(', ');
		const plain = front.replace(/\.$/, (dot) => (/\b(?:\p{L}|Jr|Sr)\.$/u.test(front) ? dot : ''));
		const names = namesIn(
			plain,
			n === 1 ? one : (name) => isPerson(name) || (certain && isAuthor(name) && n <= 1)
		);
		if (!names) continue;
		let behind = kept.slice(front.length);
		const role = /^\s*\uE000\d+\uE000/.exec(behind);
		if (role && /^\((?:authors?|eds?\.?|editors?)\)$/i.test(restore(role[0].trim())))
			behind = behind.slice(role[0].length);
		return { names, behind: restore(behind) };
	}
	return { names: [], behind: text };
}

/** "Ellison, Mara. The Quiet Pond. Harbor Press, 2011." */
function bibliography(book: Book, text: string): boolean {
	const front = turnedInFront(text);
	if (!front) return false;
	const behind = text
		.slice(front.length)
		.replace(/^,?\s*\((?:eds?\.?|authors?)\)|^,?\s*eds?\./i, '')
		.replace(/^\.?\s*\((?:1[5-9]|20)\d\d\)/, '');
	// The dot of a last initial closes the names, too.
	const closed = /^\.?\s+(?=\S)/.exec(behind);
	if (!closed || (!behind.startsWith('.') && !/\.$/.test(text.slice(0, front.length)))) return false;
	const rest = behind.slice(closed[0].length).replace(/^[–—-]\s*/, '');
	const marked = markedTitle(rest);
	book.by = front.names;
	if (marked && marked.before.trim() === '') {
		book.title = marked.title;
		takeImprint(book, marked.behind);
		return true;
	}
	const end = /(?<!\b(?:Mr|Mrs|Ms|Dr|St|vs|No|Vol|\p{Lu}))[.](?=\s|$)|[?!](?=\s+\p{Lu})/u.exec(rest);
	const cut = end ? end.index + (end[0] === '.' ? 0 : 1) : rest.length;
	const [title, ...said] = rest.slice(0, cut).split(/,\s+(?=(?:chapters?|pp?\.?|pages?|ages?|grades?)\s)/i);
	takeTitle(book, title);
	for (const remark of said) takeRemarks(book, remark);
	takeImprint(book, rest.slice(cut));
	return true;
}

/** Publisher and year are dropped, the rest is remarks. */
function takeImprint(book: Book, text: string): void {
	const { text: kept, restore } = keepers(text, [BRACKETS]);
	for (const part of kept.split(
		/(?<!\b(?:Illus|Ill|Trans|Eds?|Vol|No|\p{Lu}))\.(?:\s+|$)|(\uE000\d+\uE000)|\s+[–—-]\s+/u
	)) {
		if (!part) continue;
		const plain = restore(part).replace(/^[\s.,]+|[\s.,]+$/g, '');
		if (plain !== '' && !isImprint(plain) && !isPublisher(plain)) takeRemarks(book, restore(part));
	}
}

/** Behind a title of a bibliography, words that all begin with a capital are the publisher. */
const isPublisher = (text: string): boolean =>
	/^(?:\p{Lu}[\p{L}.’'&-]*(?:,? |: )?|& |and |of ){1,6}(?:,? ?(?:1[5-9]|20)\d\d)?$/u.test(text) &&
	!MADE_BY.test(text);

/** A row of a table: title, author, and what else there is. */
function readRow(book: Book, kept: string, restore: (piece: string) => string): boolean {
	const [title, author, ...more] = kept.split(/\s*\t+\s*/).map((cell) => restore(cell).trim());
	const name = turned(author ?? '');
	const names = name ? [name] : namesIn(author ?? '', (one) => isPerson(one) || isAuthor(one));
	const title2 = title.replace(/^["“_*]+|["”_*]+$/gu, '');
	if (!names || takeRemark(nothing(), author ?? '')) {
		// No author in the second cell: the cells are remarks.
		if (byLine(book, title)) takeRemarks(book, [author, ...more].join('\t'));
		else {
			takeTitle(book, title2);
			takeRemarks(book, [author, ...more].filter(Boolean).join('\t'));
		}
		return true;
	}
	takeTitle(book, title2);
	book.by = names;
	takeRemarks(book, more.join('\t'));
	return true;
}

/** "Title by A": the last "by" that a name follows. */
function byLine(book: Book, text: string): boolean {
	const { text: kept, restore } = keepers(text, [BRACKETS]);
	const found = [...kept.matchAll(/(?:^|[\s,(–—-]+)(?:written |compiled |edited )?by\s+(?=\S)/giu)];
	for (const by of found.reverse()) {
		const front = restore(kept.slice(0, by.index)).trim();
		if (front === '' || MADE_BY_END.test(front)) continue;
		const behind = restore(kept.slice(by.index + by[0].length));
		const { names, behind: rest } = authorsInFront(behind, true);
		if (names.length === 0) continue;
		// The first "by" of "… by A, illustrated by B" is the author's.
		const { title, remarks } = cutTitle(front);
		book.by = names;
		takeTitle(book, title);
		takeRemarks(book, remarks);
		takeRemarks(book, rest);
		if (names.length === 1 && mayBePlace(names[0])) book.doubts.push(DOUBT.place(names[0]));
		return true;
	}
	return false;
}

const MADE_BY_END =
	/\b(?:illus(?:trated)?\.?|translated|retold|adapted|pictures|photographs?|photos|art|illustrations?)$/i;

/** Brackets at the end of a title, or before "by", are remarks. */
function cutTitle(front: string): { title: string; remarks: string } {
	const found = /^(.*\S)((?:\s*\([^()]*\))+)$/.exec(front);
	return found ? { title: found[1], remarks: found[2] } : { title: front, remarks: '' };
}

/** "Ellison, Mara – The Quiet Pond", "de la Cruz, Ana: The Ochre Wall". */
function turnedFirst(book: Book, cells: readonly string[]): boolean {
	const name = cells.length > 1 ? turned(cells[0]) : null;
	if (name && !takeRemark(nothing(), cells[1])) {
		book.by = [name];
		const { title, remarks } = cutTitle(cells[1]);
		takeTitle(book, title);
		takeRemarks(book, [remarks, ...cells.slice(2)].join('\t'));
		return true;
	}
	const colon = /^([^:]{3,60}):\s+(\S.*)$/.exec(cells[0]);
	const before = colon && turned(colon[1]);
	if (!colon || !before) return false;
	book.by = [before];
	const { front, remarks } = splitRemarks(colon[2]);
	takeTitle(book, front);
	takeRemarks(book, [remarks, ...cells.slice(1)].join('\t'));
	return true;
}

/** "Title – A", "Title – A – remark": which part is the author, and which a remark. */
function readDashes(book: Book, cells: readonly string[]): void {
	const says = (cell: string) => takesAll(cell);
	const [first, ...more] = cells;
	const { title, remarks: inTitle } = cutTitle(first);
	const withRemarks = more.map((cell) => ({ cell, ...splitRemarks(cell) }));
	const at = withRemarks.findIndex(({ cell, front }) => !says(cell) && namesIn(front, isPerson) !== null);
	const single = withRemarks.findIndex(
		({ cell, front }) => !says(cell) && !isKnownNote(cell) && namesIn(front) !== null
	);
	const author = at >= 0 ? at : more.length === 1 || single === 0 ? single : -1;
	if (author >= 0 && (at >= 0 || !/\s/.test(withRemarks[author].front))) {
		const others = withRemarks.filter((_, i) => i !== author);
		book.by = namesIn(withRemarks[author].front)!;
		takeRemarks(book, inTitle);
		takeRemarks(book, withRemarks[author].remarks);
		if (author > 0 && !says(withRemarks[0].cell) && !isKnownNote(withRemarks[0].cell)) {
			// "Gulls – A Cliff Diary – Nuala Tern": what stands before the author belongs to the title.
			takeTitle(book, [title, ...withRemarks.slice(0, author).map(({ cell }) => cell)].join(' – '));
			for (const { cell } of withRemarks.slice(author + 1)) takeRemarks(book, cell);
			return;
		}
		takeTitle(book, title);
		for (const { cell } of others) {
			if (!says(cell) && !isKnownNote(cell)) book.doubts.push(DOUBT.dashes);
			takeRemarks(book, cell);
		}
		return;
	}
	if (more.every((cell) => says(cell) || isKnownNote(cell))) {
		readTitle(book, first);
		for (const cell of more) takeRemarks(book, cell);
		return;
	}
	if (more.length === 1) {
		const { front, remarks } = splitRemarks(more[0]);
		takeTitle(book, `${title} – ${front}`);
		takeRemarks(book, remarks);
		book.doubts.push(DOUBT.dashes);
		return;
	}
	// Two dashes with nothing to tell are title, author, note.
	takeTitle(book, title);
	book.by = [withRemarks[0].front];
	takeRemarks(book, withRemarks[0].remarks);
	for (const cell of more.slice(1)) takeRemarks(book, cell);
	book.doubts.push(DOUBT.dashes);
}

/** Whether a text says only what has a field. */
function takesAll(text: string): boolean {
	const said = nothing();
	return text
		.replace(/[()]/g, ',')
		.split(/\s*[,;]\s*/)
		.filter(Boolean)
		.every((part) => takeRemark(said, part) || isReading(part) || isImprint(part));
}

/** Remarks that lists print behind a book, which are no names. */
const isKnownNote = (text: string): boolean =>
	/^(?:(?!and |or |but )\p{Ll}|out of print|our |we |try |see |has |have |great |good |lovely |beautiful |lesson |for |not |also |only |ask |check |hard to|library|your |any |use |read |skip |these |this |chapters? |pages? |pp?\.)/u.test(
		text.trim()
	) || /\b(?:library|print|lesson|pictures|illustrations|edition|favorite|copy|copies)\b/i.test(text);

/** "The Pond (Mara Ellison), 6 and up", "The Thimble Thief, A. B. Thistledon", and a title alone. */
function readCommas(book: Book, text: string): void {
	const { front, remarks } = splitRemarks(text);
	const bracket = /^(.*\S)\s*\(([^()]+)\)(.*)$/.exec(text);
	if (bracket && bracket[1].trim() !== '') {
		const names = namesIn(bracket[2], isPerson);
		if (names) {
			takeTitle(book, bracket[1]);
			book.by = names;
			takeRemarks(book, bracket[3]);
			return;
		}
	}
	const commas = front.split(/,\s+/);
	if (commas.length > 1) {
		const tail = commas.slice(1);
		const firstRemark = tail.findIndex(
			(part) =>
				takesAll(part) ||
				isReading(part) ||
				isKnownNote(part) ||
				MADE_BY.test(part) ||
				isImprint(part) ||
				/^eds?\. /i.test(part)
		);
		const titled = commas.slice(0, firstRemark < 0 ? undefined : firstRemark + 1);
		const behind = firstRemark < 0 ? [] : tail.slice(firstRemark);
		const editor = behind[0] && /^eds?\. /i.test(behind[0]) ? namesIn(behind.shift()!, isAuthor) : null;
		if (editor) {
			takeTitle(book, titled.join(', '));
			book.by = editor;
		} else if (titled.length === 2 && isPerson(titled[1]) && !isPerson(titled[0])) {
			takeTitle(book, titled[0]);
			book.by = [titled[1]];
		} else {
			const two = titled.length === 2 ? namesIn(titled[1], isPerson) : null;
			// "Frog Facts (K-1), 24 pp": a remark in brackets before the comma.
			const cut = titled.length === 1 ? cutTitle(titled[0]) : null;
			if (cut && cut.remarks && takesAll(cut.remarks)) {
				takeTitle(book, cut.title);
				takeRemarks(book, cut.remarks);
			} else if (two && two.length > 1 && !isPerson(titled[0])) {
				takeTitle(book, titled[0]);
				book.by = two;
			} else {
				takeTitle(book, titled.join(', '));
				if (titled.length > 1) book.doubts.push(DOUBT.comma);
			}
		}
		takeRemarks(book, [...behind].join(', '));
		takeRemarks(book, remarks);
		if (titled.length === 1) doubtsOfTitle(book);
		return;
	}
	const dotted = /^(\S.{2,}?[^\s.?!](?:[?!](?=\s)|))\.?\s+(?<=[.?!]\s+)(\S.*)$/.exec(front);
	if (dotted && isPerson(dotted[2].replace(/\.$/, '')) && !/\b(?:Mr|Mrs|Ms|Dr|St|\p{Lu})$/u.test(dotted[1])) {
		takeTitle(book, dotted[1]);
		book.by = [dotted[2].replace(/\.$/, '')];
		book.doubts.push(DOUBT.dots);
	} else {
		takeTitle(book, front);
		doubtsOfTitle(book);
	}
	takeRemarks(book, remarks);
}

/** A bare name alone, and "Mara X: Title", may be read in another way. */
function doubtsOfTitle(book: Book): void {
	const colon = /^([^:]+):\s+\S/.exec(book.title);
	if (colon && isPerson(colon[1])) book.doubts.push(DOUBT.colon);
	else if (isPerson(book.title.replace(/[.]$/, ''))) book.doubts.push(DOUBT.name);
}

/** A text without the brackets at its end, and these. */
function splitRemarks(text: string): { front: string; remarks: string } {
	const found = /^(.*?\S)\s*((?:[,\s]*\([^()]*\)[,.\s]*)+)$/.exec(text.trim());
	return found && found[1]
		? { front: found[1].replace(/,$/, ''), remarks: found[2] }
		: { front: text.trim(), remarks: '' };
}

/** Takes remarks apart: what has a field goes there, the rest is a note as it is written. */
function takeRemarks(book: Book, text: string): void {
	const { text: kept, restore } = keepers(text, [BRACKETS]);
	const groups = kept
		.split(/(\uE000\d+\uE000)|\s+(?:[–—-]|--)\s+|^(?:[–—-]|--)\s+|\t+|\s*;\s*/)
		.filter((group): group is string => Boolean(group?.trim()));
	for (const group of groups) {
		const inner = restore(group)
			.trim()
			.replace(/^[([]|[)\]]$/g, '')
			.replace(/^[\s,.;:–—-]+|[\s,.;:]+$/g, '');
		if (inner === '') continue;
		const parts = inner.split(/\s*,\s*|\s*;\s*/);
		const left: string[] = [];
		for (const part of parts) {
			const plain = part.trim();
			if (plain === '' || isImprint(plain) || /^(?:author|authors|et al\.?)$/i.test(plain)) continue;
			if (takeRemark(book, plain)) continue;
			left.push(isReading(plain) ? plain.replace(/^read\s+(?=p)/i, '') : plain);
		}
		if (left.length) book.notes.push(left.join(', '));
	}
}

function takeTitle(book: Book, text: string): void {
	book.title = text.trim();
}

function tidyTitle(text: string): string {
	return text
		.trim()
		.replace(/^[“"_*]+(?=\S)(?=[^“"]*[”"_*]+[.,]?$)/u, '')
		.replace(/(?<=\S)[”"_*]+[.,]?$/u, (end) =>
			/["“]/.test(text.trim().slice(0, -end.length).replace(/^[“"]/, '')) ? end : ''
		)
		.replace(/[\s,;:–—-]+$/u, '')
		.replace(/(?<!\.\.)(?<!\b\p{Lu})\.$/u, '')
		.replace(/,$/u, '')
		.replace(/\s+/gu, ' ')
		.trim();
}
