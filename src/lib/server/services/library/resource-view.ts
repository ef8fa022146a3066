import { dayText } from '$core/calendar/index.ts';
import { cautionsFor } from '$core/cautions/index.ts';
import { CoreError } from '$core/error.ts';
import { levelsText, type ReadingLevel } from '$core/house/index.ts';
import {
	isRemark,
	misfit,
	playersMisfit,
	readResource,
	sameness,
	titleKey,
	type Sameness
} from '$core/library/index.ts';
import type { Row } from '../../database/tables.ts';
import type { Trx } from '../../history/changes.ts';
import { addResource, type ResourceInput } from '../../stores/library/resources.ts';
import { fittingOf, policyWarnings, readerOf } from './for-whom.ts';
import { isbnShown, libraryRow, unusedOf, type LibraryRow } from './search.ts';
import { remember } from '../../snapshot/remember.ts';
import type { Situation } from '../readiness/situation.ts';
import { listText, placePath } from '../house/place-paths.ts';

/** Adds a resource as typed; parts that name a place are its place, the others its topics. */
export async function addTyped(
	trx: Trx,
	situation: Situation,
	text: string
): Promise<{ id: number; title: string }> {
	const typed = readResource(text);
	const { input, title } = resourceTyped(situation, text);
	const same = sameAs(situation, { title, authors: typed.authors, isbn13: typed.isbn13 });
	const twin = same.find((one) => one.how === 'same ISBN');
	if (twin) throw new CoreError(`“${twin.title}” has that ISBN and is here already.`, 'text');
	return { id: await addResource(trx, input, situation.today), title };
}

function resourceTyped(situation: Situation, text: string): { input: ResourceInput; title: string } {
	const typed = readResource(text);
	const places = new Map(situation.snapshot.places.map((place) => [place.name.toLowerCase(), place.id]));
	const place = typed.rest.map((part) => places.get(part.toLowerCase())).find((id) => id !== undefined);
	const topics = typed.rest.filter((part) => !places.has(part.toLowerCase()));
	const title = typed.title || `ISBN ${isbnShown(typed.isbn13)}`;
	return {
		title,
		input: {
			title,
			authors: typed.authors,
			kind: typed.kind,
			isbn13: typed.isbn13,
			pages: typed.pages,
			pieces: typed.pieces,
			minutes: typed.minutes,
			from_age: typed.fromAge,
			to_age: typed.toAge,
			players_from: typed.playersFrom,
			players_to: typed.playersTo,
			address: typed.address,
			topics: topics.join(', '),
			place_id: place ?? null
		}
	};
}

const byFirstLetters = remember<ReadonlyMap<string, readonly Row<'resource'>[]>>();
const byIsbn = remember<ReadonlyMap<string, readonly Row<'resource'>[]>>();

/** Entries of the library that are the same thing, or nearly. */
export function sameAs(
	{ snapshot }: Situation,
	work: { readonly title: string; readonly authors: string; readonly isbn13: string | null }
): { id: number; title: string; how: Sameness }[] {
	// A typing error seldom is in the first letters, so only titles that begin alike are held against it.
	const letters = (title: string) => titleKey(title).slice(0, 3);
	const known = byFirstLetters(snapshot.resources, [], () =>
		grouped(snapshot.resources, (one) => letters(one.title))
	);
	const numbers = byIsbn(snapshot.resources, [snapshot.resources.length], () =>
		grouped(snapshot.resources, (one) => one.isbn13 ?? '')
	);
	const near = new Set([
		...(work.isbn13 ? (numbers.get(work.isbn13) ?? []) : []),
		...(known.get(letters(work.title)) ?? [])
	]);
	return [...near].flatMap((one) => {
		const how = sameness(work, one);
		return how ? [{ id: one.id, title: one.title, how }] : [];
	});
}

function grouped(
	rows: readonly Row<'resource'>[],
	key: (row: Row<'resource'>) => string
): Map<string, Row<'resource'>[]> {
	const groups = new Map<string, Row<'resource'>[]>();
	for (const row of rows) {
		const list = groups.get(key(row));
		if (list) list.push(row);
		else groups.set(key(row), [row]);
	}
	return groups;
}

/** The content notes that the household uses. */
export function contentNotes({ snapshot }: Situation): string[] {
	const usual = ['faith-based', 'secular', 'sensitive matter'];
	const used = snapshot.resources.flatMap((one) =>
		one.content === '[]' ? [] : (JSON.parse(one.content) as string[])
	);
	return [...new Set([...usual, ...used])];
}

export type ResourceView = {
	readonly row: Row<'resource'>;
	readonly shown: LibraryRow;
	readonly isbn: string;
	readonly sentence: string;
	readonly place: string;
	readonly uses: readonly {
		readonly unit: string;
		readonly lesson: string;
		readonly text: string;
		readonly isRemark: boolean;
		readonly href: string;
	}[];
	readonly isRead: boolean;
	/** Each child, and what speaks against it: for what is read, against reading it alone. */
	readonly fit: readonly { readonly name: string; readonly why: string | null }[];
	readonly cautions: readonly string[];
	readonly loans: readonly {
		readonly id: number;
		readonly text: string;
		readonly state: Row<'loan'>['state'];
	}[];
	/** Pieces that are out of the set. */
	readonly pieces: readonly { readonly id: number; readonly text: string }[];
	readonly same: readonly { readonly id: number; readonly title: string; readonly how: string }[];
	/** A word about buying what is borrowed again and again, or about what nobody uses. */
	readonly advice: string;
};

/** Everything about one resource. */
export function resourceView(situation: Situation, row: Row<'resource'>): ResourceView {
	const { snapshot, today } = situation;
	const people = snapshot.people.filter((person) => person.kind !== 'adult');
	const names = new Map(snapshot.people.map((person) => [person.id, person.name]));
	const loans = snapshot.loans.filter((loan) => loan.resource_id === row.id);
	const uses = usesOf(situation, row, names);
	const fitting = fittingOf(row);
	const isRead = ['book', 'picture book', 'magazine', 'printable'].includes(row.kind);
	const fit = people.map((person) => ({
		name: person.name,
		why: misfit(fitting, readerOf(person, today), isRead ? 'read alone' : 'one activity')
	}));
	const players = playersMisfit(fitting, people.filter((person) => person.kind === 'child').length);
	const cautions = cautionsFor(
		row.title,
		today,
		people.map((person) => ({
			name: person.name,
			born: person.born,
			allergies: JSON.parse(person.allergies) as string[]
		}))
	).map((caution) => `${caution.text}${caution.who.length ? ` (${listText(caution.who)})` : ''}`);
	return {
		row,
		shown: libraryRow(situation, row),
		isbn: isbnShown(row.isbn13),
		sentence: sentenceOf(situation, row, uses.length),
		place: placePath(snapshot.places, row.place_id),
		uses,
		isRead,
		fit,
		cautions: [
			...cautions,
			...(players ? [players] : []),
			...(row.charter ? ['Paid by a charter: it wants it back, so it must be secular and stay whole.'] : []),
			...policyWarnings(snapshot, row).map((note) => `You asked to be warned: ${note}.`),
			...(row.pieces_missing ? [`Missing: ${row.pieces_missing}.`] : [])
		],
		loans: loans
			.map((loan) => ({ id: loan.id, state: loan.state, text: loanText(snapshot, loan) }))
			.toReversed(),
		pieces: snapshot.lentPieces
			.filter((one) => one.resource_id === row.id)
			.map((one) => ({
				id: one.id,
				text: `${one.piece}: with ${one.lent_to} since ${dayText(one.lent_on)}`
			})),
		same: sameAs(situation, row).filter((one) => one.id !== row.id),
		advice: adviceOf(situation, row, loans)
	};
}

function usesOf(
	{ runs, snapshot }: Situation,
	row: Row<'resource'>,
	names: ReadonlyMap<number, string>
): ResourceView['uses'] {
	const own = snapshot.uses.filter((use) => use.resource_id === row.id);
	const spines = new Set(
		snapshot.spines.filter((spine) => spine.resource_id === row.id).map((spine) => spine.id)
	);
	const ranges = spines.size ? snapshot.ranges.filter((range) => spines.has(range.spine_id)) : [];
	const takenBy = new Set(
		snapshot.activityResources.filter((one) => one.resource_id === row.id).map((one) => one.activity_id)
	);
	return runs.flatMap((run) => [
		...run.lessons.flatMap(({ lesson, number, dates }) => {
			const at = {
				unit: run.unit.name,
				lesson: `lesson ${number}${dates[0] ? `, ${dayText(dates[0])}` : ''}`,
				href: `/units/${run.run.id}/plan/pages`
			};
			return [
				...ranges
					.filter((range) => range.lesson_id === lesson.id)
					.map((range) => ({
						...at,
						isRemark: range.way === 'skip',
						text: flagText(range.way, range.from_page, range.to_page, range, names)
					})),
				...own
					.filter((use) => use.lesson_id === lesson.id)
					.map((use) => ({
						...at,
						isRemark: isRemark(use.role),
						text: flagText(use.role, use.from_page, use.to_page, use, names)
					}))
			];
		}),
		...run.activities
			.filter(({ activity }) => takenBy.has(activity.id))
			.map(({ activity, lesson, date }) => ({
				unit: run.unit.name,
				lesson: lesson
					? `lesson ${lesson.number}${date ? `, ${dayText(date)}` : ''}`
					: 'in the pool of extras',
				href: `/units/${run.run.id}/plan/extras`,
				isRemark: false,
				text: `for ${activity.title}`
			}))
	]);
}

/** "read aloud 12–18 · Odile · 15 min · why maps lie" */
export function flagText(
	how: string,
	from: number | null,
	to: number | null,
	more: { readonly participants: string | null; readonly minutes: number | null; readonly note: string },
	names: ReadonlyMap<number, string>
): string {
	const who = more.participants ? (JSON.parse(more.participants) as number[]) : [];
	const pages = from === null ? '' : to === null || to === from ? ` ${from}` : ` ${from}–${to}`;
	return [
		`${how}${pages}`,
		who.length ? listText(who.map((id) => names.get(id) ?? 'somebody who left')) : '',
		more.minutes ? `${more.minutes} min` : '',
		more.note
	]
		.filter(Boolean)
		.join(' · ');
}

function loanText(snapshot: Situation['snapshot'], loan: Row<'loan'>): string {
	const from = snapshot.suppliers.find((one) => one.id === loan.supplier_id)?.name ?? 'somewhere';
	const day = (text: string, on: string | null) => (on ? `${text} ${dayText(on)}` : '');
	if (loan.direction === 'out')
		return [
			`lent to ${loan.borrower}`,
			day('since', loan.fetched_on),
			loan.state === 'back' ? day('back', loan.back_on) : day('due', loan.due_on)
		]
			.filter(Boolean)
			.join(', ');
	const last = {
		'hold placed': [day('placed', loan.placed_on), day('expected', loan.expected_on)],
		ready: [day('on the hold shelf since', loan.ready_on)],
		'on loan': [day('due', loan.due_on), loan.renewed ? `renewed ${loan.renewed}×` : ''],
		back: [day('back', loan.back_on)]
	}[loan.state];
	return [`${from}: ${loan.state}`, ...last].filter(Boolean).join(', ');
}

function sentenceOf(situation: Situation, row: Row<'resource'>, uses: number): string {
	const where = libraryRow(situation, row).where;
	const times =
		uses === 0 ? 'no lesson uses it yet' : uses === 1 ? 'one lesson uses it' : `${uses} lessons use it`;
	return `${where[0].toUpperCase()}${where.slice(1)}; ${times}.`;
}

/** Common practice, no source: borrowed so often, a book is worth buying. */
const BORROWED_OFTEN = 3;

function adviceOf(situation: Situation, row: Row<'resource'>, loans: readonly Row<'loan'>[]): string {
	const borrowed = loans.filter((loan) => loan.direction === 'in' && loan.fetched_on !== null).length;
	if (!row.owned && borrowed >= BORROWED_OFTEN)
		return `Borrowed ${borrowed} times: perhaps buy it, or put it on a wish list.`;
	if (!row.owned && row.cents !== null && borrowed === 0)
		return 'Nobody has seen it yet: borrow it before you buy it.';
	return unusedOf(situation).includes(row)
		? 'Not used in two units or more: keep it, lend it or let it go?'
		: '';
}

/** "English 5" and the like, for a hint beside the reading level. */
export function readersText({ snapshot }: Situation): string {
	return snapshot.people
		.map((person) => ({ person, reads: JSON.parse(person.reads) as ReadingLevel[] }))
		.filter(({ reads }) => reads.length)
		.map(({ person, reads }) => `${person.name} ${levelsText(reads)}`)
		.join('; ');
}
