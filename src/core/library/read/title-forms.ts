import { keepers, QUOTED, BRACKETS } from '../../pasted/index.ts';
import { authorsInFront } from './authors.ts';
import { type Book, nothing, DOUBT } from './book.ts';
import { takeImprint } from './imprint.ts';
import { markedTitle } from './marked-title.ts';
import { isPerson, isAuthor, mayBePlace, namesIn, turned, turnedInFront } from './person.ts';
import { MADE_BY, takesAll, isKnownNote, splitRemarks, cutTitle, takeRemarks } from './remarks-behind.ts';
import { takeRemark, isReading, isImprint } from './remarks.ts';

const DASH = /\s+(?:[–—-]|--)\s+|\s*[—]\s*(?=\S)|\t+/;

/** Finds title, authors and remarks of a line without labels and numbers. */
export function readTitle(book: Book, text: string): void {
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

export function tidyTitle(text: string): string {
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

function takeTitle(book: Book, text: string): void {
	book.title = text.trim();
}
