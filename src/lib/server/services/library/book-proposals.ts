import type { Day } from '$core/calendar/index.ts';
import { listText } from '$core/words/index.ts';
import { parsed, type AtLibrary, type Row, byId } from '$core/facts/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { matchOf } from './book-match.ts';
import type { Choice } from './choose-book.ts';
import { readerOf } from './for-whom.ts';

/** A child younger than this is no reader for whom a book is chosen. Common practice, no source. */
const YOUNGEST_READER = 3;

export const isChosen = (choice: Choice): boolean =>
	choice === 'have' || choice === 'borrow' || choice === 'buy';

export function atLibraryOf(row: Row<'listed_book'>): AtLibrary | null {
	return row.at_library === null ? null : parsed(row.at_library);
}

/** Years by which a child may be younger or older than a book that is read or shown to it. Common practice, no source. */
const YOUNGER = 1;
const OLDER = 2;

/** For which of those who take part a book is not. What is read alone has to fit; what is read aloud may be off a little. */
export function leftOutBy(
	run: RunSituation,
	row: Row<'listed_book'>,
	day: Day
): { person: number; name: string }[] {
	const [younger, older] = row.role === 'read alone' ? [0, 0] : [YOUNGER, OLDER];
	return readersOf(run, day)
		.filter(
			({ reader: { age } }) =>
				age !== null &&
				((row.from_age !== null && age < row.from_age - younger) ||
					(row.to_age !== null && age > row.to_age + older))
		)
		.map(({ person, reader }) => ({ person: person.id, name: `${person.name} (${reader.age})` }));
}

function readersOf(run: RunSituation, day: Day) {
	return run.participants
		.map((person) => ({ person, reader: readerOf(person, day) }))
		.filter(({ reader }) => reader.age === null || reader.age >= YOUNGEST_READER);
}

/** What a lesson still lacks; a book for the whole unit serves it, too. */
export function holeIn(
	run: RunSituation,
	rows: readonly Row<'listed_book'>[],
	whole: readonly Row<'listed_book'>[],
	day: Day
): string | null {
	const chosen = rows.filter((row) => isChosen(row.choice));
	if (chosen.length === 0)
		return rows.every((row) => row.choice === 'skip')
			? 'All skipped: no book for this lesson.'
			: 'None chosen yet.';
	const served = [...chosen, ...whole.filter((row) => isChosen(row.choice))];
	const without = readersOf(run, day).filter(({ person }) =>
		served.every((row) => leftOutBy(run, row, day).some((one) => one.person === person.id))
	);
	if (without.length === 0) return null;
	return `Nothing for ${listText(without.map(({ person, reader }) => (reader.age === null ? person.name : `${person.name} (${reader.age})`)))}.`;
}

/** Of the books for the whole unit each has its own part in it; all are taken that are not optional. */
export function wholeUnitPicks(rows: readonly Row<'listed_book'>[]): ReadonlySet<number> {
	return new Set(rows.filter((row) => row.choice === '' && !row.optional).map((row) => row.id));
}

/**
 * The books to take for a lesson: the best of those that are open, and one more where it leaves out a child for whom
 * another is. Ours come first, then what fits every child and what the library has.
 */
export function proposalFor(
	situation: Situation,
	run: RunSituation,
	rows: readonly Row<'listed_book'>[],
	day: Day
): ReadonlySet<number> {
	if (rows.some((row) => isChosen(row.choice))) return new Set();
	const resources = byId(situation.snapshot.resources);
	const open = rows
		.filter((row) => row.choice === '')
		.map((row, i) => {
			const match = matchOf(situation, row);
			const owned = match?.how === 'same' && resources.get(match.id)?.owned === 1;
			const at = atLibraryOf(row);
			const missing = new Set(leftOutBy(run, row, day).map((one) => one.person));
			const worth =
				(owned ? 100 : 0) -
				10 * missing.size +
				(at === null ? 0 : at.copies === 0 ? -30 : 15 - Math.min(10, at.waiting)) +
				(/\bstarred\b/.test(row.note) ? 8 : 0) -
				(row.optional ? 5 : 0) -
				(/out of print|hard to find/i.test(row.note) ? 20 : 0) -
				(match?.how === 'like' ? 3 : 0) -
				i / 10;
			return { row, missing, worth };
		})
		.toSorted((a, b) => b.worth - a.worth);
	const [first, ...others] = open;
	if (!first) return new Set();
	const ids = new Set([first.row.id]);
	let left = [...first.missing];
	for (const { row, missing } of others) {
		const still = left.filter((person) => missing.has(person));
		if (still.length === left.length) continue;
		ids.add(row.id);
		left = still;
	}
	return ids;
}
