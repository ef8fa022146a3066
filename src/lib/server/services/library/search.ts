import { sql } from 'kysely';
import { monthsOld } from '$core/cautions/index.ts';
import { findBest } from '$core/find/index.ts';
import { groupBy } from '$core/group-by.ts';
import { spineWidth, type ResourceKind } from '$core/library/index.ts';
import isbn3 from 'isbn3';
import type { Db } from '../../database/open.ts';
import type { Row } from '../../database/tables.ts';
import type { Situation } from '../readiness/situation.ts';
import { remember } from '../../snapshot/remember.ts';
import { placePath } from '../house/place-paths.ts';

export type LibraryFilter = {
	readonly words: string;
	readonly kind: ResourceKind | '';
	readonly topic: string;
	/** '', at home, not ours, lent out, on loan to us. */
	readonly where: '' | 'home' | 'away' | 'lent';
	/** Only what fits the age of this child today. */
	readonly child: number | null;
	readonly content: string;
	readonly use: '' | 'never used' | 'good' | 'not used';
	readonly place: number | null;
};

/** Asks for the whole library. */
export const EVERYTHING: LibraryFilter = {
	words: '',
	kind: '',
	topic: '',
	where: '',
	child: null,
	content: '',
	use: '',
	place: null
};

export type LibraryRow = {
	readonly id: number;
	readonly title: string;
	readonly authors: string;
	readonly kind: ResourceKind;
	readonly about: string;
	readonly where: string;
	/** Of its spine, in mm. */
	readonly width: number;
	/** The address of its picture; empty when there is none. */
	readonly picture: string;
};

export type LibraryPage = { readonly total: number; readonly rows: readonly LibraryRow[] };

/** What is asked for, from a row on, in the order of titles. */
export async function libraryPage(
	read: Db,
	situation: Situation,
	filter: LibraryFilter,
	offset: number,
	limit: number
): Promise<LibraryPage> {
	const match = await matchOf(read, situation, filter.words);
	if (match === null) return { total: 0, rows: [] };
	let query = read.selectFrom('resource');
	if (match)
		query = query.where(
			sql<boolean>`id in (select rowid from resource_words where resource_words match ${match})`
		);
	if (filter.kind) query = query.where('kind', '=', filter.kind);
	if (filter.topic)
		query = query.where(
			sql<boolean>`(', ' || topics || ',') like ${`%, ${likeSafe(filter.topic)},%`} escape '\\'`
		);
	if (filter.place) query = query.where('place_id', '=', filter.place);
	if (filter.where === 'home') query = query.where('owned', '=', 1);
	if (filter.where === 'away') query = query.where('owned', '=', 0);
	if (filter.where === 'lent')
		query = query.where(
			sql<boolean>`exists (select 1 from loan where resource_id = resource.id and state <> 'back')`
		);
	if (filter.content)
		query = query.where(
			sql<boolean>`exists (select 1 from json_each(content) where value = ${filter.content})`
		);
	if (filter.use === 'never used')
		query = query.where(
			sql<boolean>`not exists (select 1 from resource_use where resource_id = resource.id)
				and not exists (select 1 from spine where spine.resource_id = resource.id)`
		);
	else if (filter.use) query = query.where('liked', '=', filter.use);
	const age = ageOf(situation, filter.child);
	if (age !== null)
		query = query.where(
			sql<boolean>`(from_age is null or from_age <= ${age}) and (to_age is null or to_age >= ${age})`
		);
	const { total } = await query
		.select((eb) => eb.fn.countAll<number>().as('total'))
		.executeTakeFirstOrThrow();
	const rows = await query
		.selectAll()
		.orderBy(sql`title collate nocase`)
		.orderBy('id')
		.offset(offset)
		.limit(limit)
		.execute();
	return { total, rows: rows.map((row) => libraryRow(situation, row)) };
}

export function libraryRow({ snapshot }: Situation, row: Row<'resource'>): LibraryRow {
	return {
		id: row.id,
		title: row.title,
		authors: row.authors,
		kind: row.kind,
		about: [
			row.kind,
			row.pages ? `${row.pages} pages` : row.pieces ? `${row.pieces} pieces` : '',
			agesText(row),
			row.topics
		]
			.filter(Boolean)
			.join(' · '),
		where: whereText(snapshot, row),
		picture: row.picture ? `/pictures/${row.picture}` : '',
		width: spineWidth({ widthMm: row.width_mm, pages: row.pages, hardcover: row.hardcover === 1 })
	};
}

function whereText(snapshot: Situation['snapshot'], row: Row<'resource'>): string {
	if (row.kind === 'link') return row.service || 'online';
	const loan = snapshot.loans.find((one) => one.resource_id === row.id && one.state !== 'back');
	if (loan?.direction === 'out') return `lent to ${loan.borrower}`;
	if (row.owned) return placePath(snapshot.places, row.place_id);
	const from = snapshot.suppliers.find((one) => one.id === (loan?.supplier_id ?? row.supplier_id));
	return loan ? `${loan.state}, ${from?.name ?? 'borrowed'}` : from ? `at ${from.name}` : 'not ours';
}

export function agesText({ from_age, to_age }: Pick<Row<'resource'>, 'from_age' | 'to_age'>): string {
	if (from_age === null && to_age === null) return '';
	if (to_age === null) return `ages ${from_age} and up`;
	if (from_age === null) return `up to age ${to_age}`;
	return from_age === to_age ? `age ${from_age}` : `ages ${from_age} to ${to_age}`;
}

function ageOf({ snapshot, today }: Situation, child: number | null): number | null {
	const born = snapshot.people.find((person) => person.id === child)?.born;
	return born ? Math.floor(monthsOld(born, today) / 12) : null;
}

const likeSafe = (text: string) => text.replace(/[\\%_]/g, '\\$&');

/** How many words near a mistyped one are tried. */
const NEAR_WORDS = 4;

/**
 * The words as a full-text query: each as the beginning of a word; one that begins no word of the library
 * is taken for a typing error. Empty asks for everything, null finds nothing.
 */
async function matchOf(read: Db, situation: Situation, typed: string): Promise<string | null> {
	const words = typed.match(/[\p{L}\p{N}]+/gu) ?? [];
	if (words.length === 0) return typed.trim() ? null : '';
	const parts: string[] = [];
	for (const word of words.slice(0, 12)) {
		const { rows } = await sql<{ one: number }>`select 1 as one from resource_words
			where resource_words match ${`"${word}"*`} limit 1`.execute(read);
		if (rows.length) {
			parts.push(`"${word}"*`);
			continue;
		}
		const near = findBest(await termsNear(read, situation, word.length), word, NEAR_WORDS);
		if (near.length === 0) return null;
		parts.push(`(${near.map(({ name }) => `"${name}"`).join(' OR ')})`);
	}
	return parts.join(' AND ');
}

type Term = { readonly name: string };
/** All words of the library by their length, for as long as its resources are the same. */
const terms = new WeakMap<object, Promise<ReadonlyMap<number, readonly Term[]>>>();

/** The words of the library that are up to two letters longer or shorter. */
async function termsNear(read: Db, { snapshot }: Situation, length: number): Promise<Term[]> {
	let known = terms.get(snapshot.resources);
	if (!known) {
		known = sql<Term>`select term as name from resource_terms`
			.execute(read)
			.then(({ rows }) => groupBy(rows, (one) => one.name.length));
		terms.set(snapshot.resources, known);
	}
	const byLength = await known;
	return [-2, -1, 0, 1, 2].flatMap((more) => byLength.get(length + more) ?? []);
}

/** The topics of all resources, most frequent first. */
export function topicsOf({ snapshot }: Situation): { topic: string; count: number }[] {
	const counts = new Map<string, number>();
	for (const { topics } of snapshot.resources)
		for (const topic of topicList(topics)) counts.set(topic, (counts.get(topic) ?? 0) + 1);
	return [...counts]
		.map(([topic, count]) => ({ topic, count }))
		.sort((a, b) => b.count - a.count || (a.topic < b.topic ? -1 : 1));
}

export function topicList(topics: string): string[] {
	return topics
		.split(',')
		.map((topic) => topic.trim())
		.filter(Boolean);
}

/** What the library comes to, in words. */
export function librarySentence(situation: Situation): string {
	const { snapshot, returns } = situation;
	const { resources, loans } = snapshot;
	if (resources.length === 0)
		return 'No book is here yet. Type a title or an ISBN, or take a scanner along the shelf.';
	const owned = resources.filter((one) => one.owned).length;
	const borrowed = loans.filter((one) => one.direction === 'in' && one.state === 'on loan').length;
	const lent = loans.filter((one) => one.direction === 'out' && one.state === 'on loan').length;
	const parts = [
		`${owned} ${owned === 1 ? 'thing is' : 'things are'} ours`,
		borrowed ? `${borrowed} ${borrowed === 1 ? 'is' : 'are'} on loan` : '',
		lent ? `${lent} ${lent === 1 ? 'is' : 'are'} lent` : ''
	].filter(Boolean);
	const [first] = returns;
	const idle = unusedOf(situation).length;
	const unused = idle ? ` ${idle} ${idle === 1 ? 'was' : 'were'} not used in two units or more.` : '';
	return `${parts.join(', ')}.${unused}${first ? ` ${first.resource.title} goes back first.` : ''}`;
}

const useCounts = remember<readonly Row<'resource'>[]>();

/** What is ours, was here for two units that have begun or are over, and no lesson or extra of any unit uses. */
export function unusedOf({ snapshot, runs }: Situation): readonly Row<'resource'>[] {
	const begun = runs.filter(
		({ run, lessons }) => run.state === 'put away' || lessons.some((one) => one.over)
	);
	const starts = begun.flatMap(({ run }) => (run.start_on ? [run.start_on] : [])).sort();
	// Here before the last two of them began.
	const before = starts.at(-2) ?? '';
	const { resources, uses, spines, activityResources } = snapshot;
	return useCounts(resources, [before, uses, spines, activityResources], () => {
		const used = new Set([
			...uses.map((one) => one.resource_id),
			...spines.map((one) => one.resource_id),
			...activityResources.map((one) => one.resource_id)
		]);
		return resources.filter((one) => one.owned === 1 && one.added_on < before && !used.has(one.id));
	});
}

/** The number with hyphens between its groups; one of a range that is given to nobody as bare digits. */
export function isbnShown(isbn13: string | null): string {
	return isbn13 ? (isbn3.parse(isbn13)?.isbn13h ?? isbn13) : '';
}
