import { groupBy } from '$core/group-by.ts';
import { compareBooks, readBookList, type ResourceKind, type ResourceRole } from '$core/library/index.ts';
import { weekAndDay } from '$core/plan/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import {
	addListed,
	removeListed,
	updateListed,
	type ListedBookInput
} from '../../stores/library/listed-books.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { Refusal } from '$core/error.ts';
import { decideBook } from './choose-book.ts';

/** One book of the review: as written, as read, and what it is. */
export type BookReviewRow = {
	readonly written: string;
	readonly lineNumber: number;
	/** Null: for the whole unit. */
	readonly lesson: number | null;
	readonly title: string;
	readonly authors: string;
	readonly isbn: string;
	readonly kind: ResourceKind;
	readonly role: ResourceRole | '';
	readonly fromAge: string;
	readonly toAge: string;
	readonly pages: string;
	readonly optional: boolean;
	readonly note: string;
	readonly doubt: string | null;
	readonly status: 'new' | 'changed' | 'same';
	readonly id: number | null;
	readonly was: string | null;
};

export type BookReview = {
	readonly rows: readonly BookReviewRow[];
	readonly gone: readonly {
		readonly id: number;
		readonly title: string;
		readonly lesson: string;
		readonly again: boolean;
	}[];
	readonly unknownHeadings: readonly { readonly lineNumber: number; readonly written: string }[];
	readonly leftOut: readonly { readonly lineNumber: number; readonly written: string }[];
	readonly language: string | null;
};

const typed = (number: number | null): string => (number === null ? '' : String(number));

/** Reads a pasted book list and compares it with the one that the run has. */
export function reviewBooks(situation: Situation, run: RunSituation, text: string): BookReview {
	const lessons = run.lessons.map(({ lesson, number }) => ({
		id: String(lesson.id),
		number,
		title: lesson.title,
		place: weekAndDay(lesson.note)
	}));
	const { books, unknownHeadings, leftOut, language } = readBookList(text, lessons);
	const known = knownBooks(situation, run);
	const read = books.map(({ read: book, written, lesson }) => ({
		...book,
		written,
		lesson: lesson === null ? null : Number(lesson),
		authors: book.by.join(', ')
	}));
	const { matches, gone } = compareBooks(known, read);
	const rows = read.map((book, i): BookReviewRow => {
		const match = matches[i];
		// What was corrected by hand stays where the list says the same as before.
		const isSame = match !== null && match.written === book.written;
		const { isbn13, fromAge, toAge, pages, note, role, ...said } = isSame ? match : book;
		return {
			written: book.written,
			lineNumber: books[i].lineNumber,
			lesson: said.lesson,
			title: said.title,
			authors: said.authors,
			isbn: isbn13 ?? '',
			kind: said.kind,
			role: role ?? '',
			fromAge: typed(fromAge),
			toAge: typed(toAge),
			pages: typed(pages ?? match?.pages ?? null),
			optional: said.optional,
			note: note ?? '',
			doubt: book.check && !match ? book.doubts.join(' ') : null,
			status: match === null ? 'new' : isSame ? 'same' : 'changed',
			id: match?.id ?? null,
			was: match !== null && !isSame ? `was “${match.written}”` : null
		};
	});
	const numbers = new Map(run.lessons.map(({ lesson, number }) => [lesson.id, number]));
	const kept = groupBy(
		matches.filter((match) => match !== null),
		(match) => match.lesson
	);
	const all = groupBy(known, (book) => book.lesson);
	return {
		rows,
		gone: gone.map((book) => ({
			id: book.id,
			title: book.title,
			lesson: book.lesson === null ? 'whole unit' : `lesson ${numbers.get(book.lesson) ?? ''}`,
			// Checked where the new list mostly repeats that lesson.
			again: (kept.get(book.lesson)?.length ?? 0) * 2 >= (all.get(book.lesson)?.length ?? 1)
		})),
		unknownHeadings,
		leftOut,
		language
	};
}

function knownBooks({ snapshot }: Situation, run: RunSituation) {
	return snapshot.listedBooks
		.filter((row) => row.run_id === run.row.id)
		.map(({ id, lesson_id, from_age, to_age, optional, ...row }) => ({
			...row,
			id,
			lesson: lesson_id,
			fromAge: from_age,
			toAge: to_age,
			optional: optional === 1
		}));
}

/** A book of a reviewed list: new (no id) or one that is there; `path` is where its fields stand in the form. */
export type ReviewedBook = {
	readonly id: number | null;
	readonly path: string;
	readonly book: ListedBookInput;
};

export type SavedBooks = { readonly added: number; readonly changed: number; readonly removed: number };

/** Keeps a reviewed book list. @throws Refusal where a book names a lesson of another unit. */
export async function saveBooks(
	trx: Trx,
	situation: Situation,
	run: RunSituation,
	rows: readonly ReviewedBook[],
	gone: readonly number[]
): Promise<SavedBooks> {
	const own = new Set<number | null>([null, ...run.lessons.map(({ lesson }) => lesson.id)]);
	const foreign = rows.find(({ book }) => !own.has(book.lesson_id));
	if (foreign) throw new Refusal('That lesson isn’t in this unit.', `${foreign.path}lesson`);
	let added = 0;
	let changed = 0;
	for (const { id, book } of rows) {
		if (id === null) {
			await addListed(trx, run.row.id, book);
			added++;
		} else if (await updateListed(trx, run.row.id, id, book)) {
			changed++;
			await decideAgain(trx, situation, run, id);
		}
	}
	for (const id of gone) {
		await decideBook(trx, situation, run, id, '');
		await removeListed(trx, run.row.id, id);
	}
	return { added, changed, removed: gone.length };
}

/** What was decided about a book holds for what the list says of it now: another lesson, other pages. */
async function decideAgain(trx: Trx, situation: Situation, run: RunSituation, id: number): Promise<void> {
	const row: Row<'listed_book'> | undefined = situation.snapshot.listedBooks.find((one) => one.id === id);
	if (!row || row.choice === '' || row.choice === 'skip') return;
	await decideBook(trx, situation, run, id, '', { kept: true });
	await decideBook(trx, situation, run, id, row.choice);
}

/** "Book list saved: 14 new" */
export function savedBooksText({ added, changed, removed }: SavedBooks): string {
	return `Book list saved: ${added} new, ${changed} changed, ${removed} removed`;
}
