import { sql } from 'kysely';
import { yearsOld } from '$core/cautions/index.ts';
import { findBest } from '$core/find/index.ts';
import { groupBy } from '$core/group-by.ts';
import type { ResourceKind } from '$core/library/index.ts';
import type { Db } from '../../database/open.ts';
import type { Situation } from '$core/account/index.ts';
import { libraryRow, type LibraryRow } from './shown.ts';

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

function ageOf({ snapshot, today }: Situation, child: number | null): number | null {
	return yearsOld(snapshot.people.find((person) => person.id === child)?.born ?? null, today);
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
