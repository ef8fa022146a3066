import { Refusal } from '$core/error.ts';
import { addDays, type Day } from '$core/calendar/index.ts';
import { pagesToRead } from '$core/library/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { decide, listedOf } from '../../stores/library/listed-books.ts';
import { placeHold } from '../../stores/library/loans.ts';
import {
	addResource,
	addUse,
	removeResource,
	removeUse,
	resourceOf,
	updateResource
} from '../../stores/library/resources.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { matchOf } from './book-match.ts';

export type Choice = Row<'listed_book'>['choice'];

/** By which an entry of the library is known that only a decision about a listed book made. */
const FROM_LIST = 'book list';
/** An entry that stood there as not ours, and was said to be at home on the list: that can be taken back. */
const SAID_AT_HOME = 'said on a book list';

/** Remarks of a guide that are about the book; others are about its use in the lesson. */
const ABOUT_BOOK =
	/out of print|hard to find|illustrat|translat|retold|adapted|edition|#\s?\d|series|pictures by|photographs/i;

/**
 * Decides about a listed book: have it, borrow it, buy it, skip it, or (empty) nothing yet. What is wanted stands in
 * the library and in its lesson from then on, with what the guide says of it; what is not wanted any more leaves
 * nothing behind that this made, unless its entry is `kept` for what comes next. `is`: the entry of the library that it
 * was said to be.
 */
export async function decideBook(
	trx: Trx,
	situation: Situation,
	run: RunSituation,
	id: number,
	choice: Choice,
	{ kept = false, is = null }: { readonly kept?: boolean; readonly is?: number | null } = {}
): Promise<string> {
	const row = await listedOf(trx, run.row.id, id);
	for (const use of parsed(row.uses)) await removeUse(trx, run.row.id, use);
	if (choice === '' || choice === 'skip') {
		if (!kept) await takeBackHome(trx, row);
		const resource = kept || !(await isOnlyListed(trx, row)) ? row.resource_id : null;
		if (row.resource_id !== null && resource === null) {
			await decide(trx, id, { choice, resource: null, uses: [] });
			await removeResource(trx, row.resource_id);
		}
		await decide(trx, id, { choice, resource, uses: [] });
		return row.title;
	}
	const resource = await entryFor(trx, situation, { ...row, resource_id: is ?? row.resource_id }, choice);
	await decide(trx, id, { choice, resource, uses: await usesFor(trx, run, row, resource) });
	return row.title;
}

/** What was said to be at home only on the list is not ours again. */
async function takeBackHome(trx: Trx, row: Row<'listed_book'>): Promise<void> {
	if (row.resource_id === null) return;
	const { came_from } = await resourceOf(trx, row.resource_id);
	if (came_from === SAID_AT_HOME) await updateResource(trx, row.resource_id, { owned: 0, came_from: '' });
}

/** Whether the entry of a book stands in the library for the sake of the list alone. */
async function isOnlyListed(trx: Trx, row: Row<'listed_book'>): Promise<boolean> {
	if (row.resource_id === null) return false;
	const resource = await resourceOf(trx, row.resource_id);
	if (resource.came_from !== FROM_LIST) return false;
	for (const table of ['resource_use', 'loan', 'activity_resource'] as const) {
		const used = await trx
			.selectFrom(table)
			.select('id')
			.where('resource_id', '=', resource.id)
			.executeTakeFirst();
		if (used) return false;
	}
	const listed = await trx
		.selectFrom('listed_book')
		.select('id')
		.where('resource_id', '=', resource.id)
		.where('id', '!=', row.id)
		.executeTakeFirst();
	return !listed;
}

/** The entry of the library for a book that is wanted, as it now is to be got. */
async function entryFor(
	trx: Trx,
	situation: Situation,
	row: Row<'listed_book'>,
	choice: 'have' | 'borrow' | 'buy'
): Promise<number> {
	const match = matchOf(situation, row);
	const id = row.resource_id ?? (match?.how === 'same' ? match.id : null);
	const about = row.note
		.split('; ')
		.filter((note) => ABOUT_BOOK.test(note))
		.join('\n');
	if (id === null)
		return addResource(
			trx,
			{
				title: row.title,
				authors: row.authors,
				kind: row.kind,
				isbn13: row.isbn13,
				pages: row.pages,
				from_age: row.from_age,
				to_age: row.to_age,
				notes: about,
				came_from: FROM_LIST,
				...howGot(situation, choice, null)
			},
			situation.today
		);
	const there = await resourceOf(trx, id);
	const isOurs = there.owned === 1 && there.came_from !== FROM_LIST && there.came_from !== SAID_AT_HOME;
	if (isOurs && choice !== 'have') throw new Refusal(`“${there.title}” is yours already: “Have it” will do.`);
	await updateResource(trx, id, {
		...(isOurs ? {} : howGot(situation, choice, there.supplier_id)),
		...(!isOurs && there.came_from === '' && choice === 'have' ? { came_from: SAID_AT_HOME } : {}),
		...(there.came_from === SAID_AT_HOME && choice !== 'have' ? { came_from: '' } : {}),
		// What the guide says fills what is not known.
		isbn13: there.isbn13 ?? row.isbn13,
		pages: there.pages ?? row.pages,
		from_age: there.from_age ?? row.from_age,
		to_age: there.to_age ?? (there.from_age === null ? row.to_age : null),
		...(about && !there.notes.includes(about)
			? { notes: [there.notes, about].filter(Boolean).join('\n') }
			: {})
	});
	return id;
}

/** How an entry is got from now on; whoever lends or sells it already goes on doing so. */
function howGot({ snapshot }: Situation, choice: 'have' | 'borrow' | 'buy', from: number | null) {
	if (choice === 'have') return { owned: 1 as const, get_by: '' as const };
	const kinds = choice === 'borrow' ? ['library', 'friend'] : ['shop', 'order'];
	const fitting = snapshot.suppliers.filter((one) => kinds.includes(one.kind));
	const now = fitting.find((one) => one.id === from) ?? fitting.find((one) => one.kind !== 'friend');
	return { owned: 0 as const, get_by: choice, supplier_id: now?.id ?? null };
}

/** Puts a book into its lesson; one for the whole unit into the first and the last lesson that is still to come. */
async function usesFor(
	trx: Trx,
	run: RunSituation,
	row: Row<'listed_book'>,
	resource: number
): Promise<number[]> {
	const open = run.lessons.filter((one) => !one.over && !one.dropped).map(({ lesson }) => lesson.id);
	const lessons = row.lesson_id === null ? [...new Set([open.at(0), open.at(-1)])] : [row.lesson_id];
	const pages = pagesToRead(row.note);
	const has = (await resourceOf(trx, resource)).pages;
	const fits = pages !== null && (has === null || pages.to <= has) ? pages : null;
	const note = row.note
		.split('; ')
		.filter((one) => one !== '' && !ABOUT_BOOK.test(one) && (fits === null || pagesToRead(one) === null))
		.join('; ');
	const uses: number[] = [];
	for (const lesson of lessons) {
		if (lesson === undefined || (await isUsedIn(trx, resource, lesson))) continue;
		uses.push(
			await addUse(trx, run.row.id, {
				resource_id: resource,
				lesson_id: lesson,
				role: row.role ?? 'read aloud',
				from_page: fits?.from ?? null,
				to_page: fits?.to ?? null,
				participants: null,
				minutes: null,
				preview_minutes: null,
				required: row.optional ? 0 : 1,
				note: [row.lesson_id === null ? 'whole unit' : '', note].filter(Boolean).join('; ')
			})
		);
	}
	return uses;
}

/** Whether a book is assigned to a lesson already, by hand or by another line of the list. */
async function isUsedIn(trx: Trx, resource: number, lesson: number): Promise<boolean> {
	const use = await trx
		.selectFrom('resource_use')
		.select('id')
		.where('resource_id', '=', resource)
		.where('lesson_id', '=', lesson)
		.executeTakeFirst();
	return use !== undefined;
}

/** How many holds were placed, and how many wait for their day. */
export type PlacedHolds = { readonly placed: number; readonly later: number };

/**
 * Places the holds of all books of a run that are to be borrowed and have none yet. One that would lie ready long
 * before its lesson and go back again is left for its own day.
 */
export async function placeHolds(
	trx: Trx,
	situation: Situation,
	wanted: readonly { readonly resource: number; readonly supplier: number; readonly pickUp: Day | null }[]
): Promise<PlacedHolds> {
	let placed = 0;
	let later = 0;
	for (const { resource, supplier, pickUp } of wanted) {
		const library = situation.snapshot.suppliers.find((one) => one.id === supplier)!;
		const ready = addDays(situation.today, library.lead_days);
		if (pickUp !== null && addDays(ready, library.shelf_days) < pickUp) later++;
		else {
			await placeHold(trx, resource, supplier, situation.today);
			placed++;
		}
	}
	return { placed, later };
}
