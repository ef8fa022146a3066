import { dayText, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { counted, labelOf, lessonsText, listText } from '$core/words/index.ts';
import { type Row, byId, type Snapshot } from '$core/facts/index.ts';
import { type LessonSituation, type RunSituation, placePath, type Situation } from '$core/account/index.ts';
import { alikeText } from './alike.ts';
import { matchOf } from './book-match.ts';
import { atLibraryOf, holeIn, isChosen, leftOutBy, proposalFor, wholeUnitPicks } from './book-proposals.ts';
import type { Choice } from './choose-book.ts';
import { tripsView } from './trips.ts';

/** One book of the list, as the page shows it. */
export type BookRow = {
	readonly id: number;
	readonly title: string;
	readonly authors: string;
	/** What the guide says of it: "picture book · ages 4–8 · read aloud". */
	readonly says: string;
	readonly choice: Choice;
	/** The entry of the library that it is, and where that stands. */
	readonly ours: { readonly id: number; readonly text: string; readonly owned: boolean } | null;
	/** A like title to be asked about. */
	readonly like: { readonly id: number; readonly title: string; readonly owned: boolean } | null;
	/** What the library's computer said. */
	readonly atLibrary: string | null;
	/** For whom it is not, by the ages that the guide says. */
	readonly notFor: string | null;
	/** What to know before another is bought or borrowed. */
	readonly alike: string | null;
	/** It would be the one to take for its lesson. */
	readonly isProposed: boolean;
};

export type BookGroup = {
	/** Null: the whole unit. */
	readonly lesson: number | null;
	readonly label: string;
	readonly day: string;
	readonly over: boolean;
	readonly books: readonly BookRow[];
	/** What is still open: nothing chosen, or nothing for somebody. */
	readonly hole: string | null;
};

/** A book that is to be borrowed, with the days of its hold and of the trips. */
export type HoldRow = {
	readonly resource: number;
	readonly title: string;
	readonly standing: string;
	readonly pickUp: string | null;
	readonly takeBack: string | null;
	/** Its hold is still to be placed. */
	readonly isOpen: boolean;
};

export type BookListView = {
	readonly sentence: string;
	readonly groups: readonly BookGroup[];
	/** Books that would be taken for what has none. */
	readonly proposed: number;
	readonly holds: readonly HoldRow[];
	readonly toBuy: readonly HoldRow[];
	readonly toPlace: number;
	/** The household has a library to borrow from. */
	readonly hasLibrary: boolean;
	/** Books that the library's computer was not asked about. */
	readonly unasked: number;
	/** Lessons to come for which the list names no book. */
	readonly withoutBooks: string | null;
};

/** A lesson with nothing chosen, and not everything skipped on purpose. */
const isUndecided = ({ books }: { readonly books: readonly { readonly choice: Choice }[] }): boolean =>
	books.every((book) => !isChosen(book.choice)) && books.some((book) => book.choice === '');

/** Lessons to come for which nothing of what the guide lists is chosen yet. */
export function undecidedLessons(snapshot: Snapshot, run: RunSituation): LessonSituation[] {
	const byLesson = groupBy(listedIn(snapshot, run), (row) => row.lesson_id);
	return run.lessons.filter(({ lesson, over, dropped }) => {
		const books = byLesson.get(lesson.id);
		return !over && !dropped && books !== undefined && isUndecided({ books });
	});
}

/** The book list of a run: what the guide lists for each lesson, what of it we have, and what is decided. */
export function bookListView(situation: Situation, run: RunSituation): BookListView {
	const { snapshot } = situation;
	const listed = listedIn(snapshot, run);
	const byLesson = groupBy(listed, (row) => row.lesson_id);
	const whole = byLesson.get(null) ?? [];
	const groups: BookGroup[] = [];
	if (whole.length)
		groups.push({
			lesson: null,
			label: 'The whole unit',
			day: '',
			over: false,
			books: rowsOf(situation, run, whole, situation.today),
			hole: null
		});
	for (const { lesson, number, dates, over } of run.lessons) {
		const rows = byLesson.get(lesson.id);
		if (!rows) continue;
		const day = dates[0] ?? situation.today;
		groups.push({
			lesson: lesson.id,
			label: `${number} ${lesson.title}`,
			day: dates.length ? dayText(dates[0]) : '',
			over,
			books: rowsOf(situation, run, rows, day),
			hole: over ? null : holeIn(run, rows, whole, day)
		});
	}
	const open = groups.filter((group) => group.lesson !== null && !group.over);
	const proposed = groups.reduce(
		(sum, group) => sum + group.books.filter((book) => book.isProposed).length,
		0
	);
	const unchosen = undecidedLessons(snapshot, run).length;
	const holds = holdsOf(situation, listed);
	const listedLessons = new Set(listed.map((row) => row.lesson_id));
	const bare = run.lessons.filter((one) => !one.over && !one.dropped && !listedLessons.has(one.lesson.id));
	return {
		sentence: sentenceOf(listed, unchosen, open, holds),
		groups,
		proposed,
		holds,
		toBuy: holdsOf(situation, listed, 'buy'),
		toPlace: holds.filter((one) => one.isOpen).length,
		hasLibrary: snapshot.suppliers.some((one) => one.kind === 'library'),
		unasked: listed.filter((row) => row.at_library === null && row.choice !== 'skip' && row.choice !== 'have')
			.length,
		withoutBooks:
			listed.length && bare.length
				? `The list names no book for ${lessonsText(bare.map((one) => one.number))}.`
				: null
	};
}

export function listedIn(snapshot: Snapshot, run: RunSituation): Row<'listed_book'>[] {
	return snapshot.listedBooks.filter((row) => row.run_id === run.row.id);
}

function sentenceOf(
	listed: readonly Row<'listed_book'>[],
	unchosen: number,
	open: readonly BookGroup[],
	holds: readonly HoldRow[]
): string {
	if (listed.length === 0) return 'No book list yet.';
	const holes = open.filter(
		(group) => group.hole !== null && group.books.some((book) => isChosen(book.choice))
	).length;
	const toPlace = holds.filter((one) => one.isOpen).length;
	const parts = [
		open.length === 0
			? counted(listed.length, 'book') + ' listed'
			: unchosen
				? `Choose a book for ${unchosen === open.length && unchosen > 1 ? `each of ${counted(open.length, 'lesson')}` : counted(unchosen, 'lesson')}`
				: `A book is chosen for ${open.length === 1 ? 'the lesson' : `each of ${counted(open.length, 'lesson')}`} on the list`,
		holes > 0 ? `${counted(holes, 'lesson')} with nothing for one of the children` : '',
		toPlace ? `${counted(toPlace, 'hold')} to place` : ''
	].filter(Boolean);
	return `${parts.join('; ')}.`;
}

function rowsOf(
	situation: Situation,
	run: RunSituation,
	rows: readonly Row<'listed_book'>[],
	day: Day
): BookRow[] {
	const proposed = rows[0].lesson_id === null ? wholeUnitPicks(rows) : proposalFor(situation, run, rows, day);
	const resources = byId(situation.snapshot.resources);
	return rows.map((row) => {
		const match = matchOf(situation, row);
		const entry = match?.how === 'same' ? resources.get(match.id)! : null;
		return {
			id: row.id,
			title: row.title,
			authors: row.authors,
			says: saysText(row),
			choice: row.choice,
			ours: entry && {
				id: entry.id,
				text: entry.owned
					? [
							'ours',
							entry.title === row.title ? '' : `as “${entry.title}”`,
							placePath(situation.snapshot.places, entry.place_id)
						]
							.filter(Boolean)
							.join(', ')
					: '',
				owned: entry.owned === 1
			},
			like:
				match?.how === 'like'
					? { id: match.id, title: match.title, owned: resources.get(match.id)!.owned === 1 }
					: null,
			atLibrary: libraryText(row),
			notFor: notForText(run, row, day),
			alike: entry?.owned ? null : alikeText(situation.snapshot, row),
			isProposed: proposed.has(row.id)
		};
	});
}

function notForText(run: RunSituation, row: Row<'listed_book'>, day: Day): string | null {
	const names = leftOutBy(run, row, day).map((one) => one.name);
	return names.length ? `Not for ${listText(names)}.` : null;
}

/** What the guide says of a book, in one line. */
function saysText(row: Row<'listed_book'>): string {
	return [
		row.kind === 'book' ? '' : labelOf(row.kind),
		row.role ? labelOf(row.role) : '',
		agesText(row.from_age, row.to_age),
		row.pages === null ? '' : counted(row.pages, 'page'),
		row.optional ? 'optional' : '',
		row.note
	]
		.filter(Boolean)
		.join(' · ');
}

function agesText(from: number | null, to: number | null): string {
	if (from === null && to === null) return '';
	if (from === 0 && to === null) return 'all ages';
	if (to === null) return `ages ${from} and up`;
	if (from === null || from === 0) return `up to age ${to}`;
	return from === to ? `age ${from}` : `ages ${from}–${to}`;
}

function libraryText(row: Row<'listed_book'>): string | null {
	const at = atLibraryOf(row);
	if (!at) return null;
	if (at.copies === 0) return 'not at the library';
	const waiting = at.waiting === 0 ? 'no wait' : `${at.waiting} waiting`;
	return `library: ${counted(at.copies, 'copy', 'copies')}, ${waiting}`;
}

/** What is to be borrowed or bought, with the day for it and those that the trips give it. */
function holdsOf(
	situation: Situation,
	listed: readonly Row<'listed_book'>[],
	choice: 'borrow' | 'buy' = 'borrow'
): HoldRow[] {
	const wanted = new Set(
		listed.filter((row) => row.choice === choice && row.resource_id !== null).map((row) => row.resource_id!)
	);
	if (wanted.size === 0) return [];
	const { trips } = tripsView(situation);
	const dayOf = (which: 'fetch' | 'bring', resource: number) =>
		trips.find((trip) => trip[which].some((book) => book.resource === resource))?.text ?? null;
	const needs = groupBy(
		situation.whole.filter((one) => one.book !== null && wanted.has(one.book.resource.id)),
		(one) => one.book!.resource.id
	);
	return [...needs].map(([resource, uses]) => {
		const [first] = uses.toSorted((a, b) => ((a.days?.actBy ?? '9') < (b.days?.actBy ?? '9') ? -1 : 1));
		const isOpen = first.step?.kind === 'place';
		const by = first.days?.actBy ?? null;
		const what = choice === 'buy' ? 'buy it' : 'place the hold';
		const isToDo = isOpen || first.step?.kind === 'get';
		return {
			resource,
			title: first.title,
			standing: isToDo
				? by === null
					? what
					: by < situation.today
						? `${what}, late since ${dayText(by)}`
						: `${what} by ${dayText(by)}`
				: first.stands,
			pickUp: dayOf('fetch', resource),
			takeBack: dayOf('bring', resource),
			isOpen
		};
	});
}

/** The books of a run whose hold is still to be placed, and when each is fetched. */
export function holdsToPlace(
	situation: Situation,
	run: RunSituation
): { resource: number; supplier: number; pickUp: Day | null }[] {
	const listed = listedIn(situation.snapshot, run);
	const open = new Set(
		holdsOf(situation, listed)
			.filter((one) => one.isOpen)
			.map((one) => one.resource)
	);
	const library = situation.snapshot.suppliers.find((one) => one.kind === 'library');
	if (!library) return [];
	const { trips } = tripsView(situation);
	return [...open].map((resource) => ({
		resource,
		supplier: byId(situation.snapshot.resources).get(resource)?.supplier_id ?? library.id,
		pickUp: trips.find((trip) => trip.fetch.some((book) => book.resource === resource))?.day ?? null
	}));
}
