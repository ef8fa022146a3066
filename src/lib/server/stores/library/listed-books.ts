import { Refusal } from '$core/error.ts';
import { json, type AtLibrary, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { lastPosition } from '../position.ts';

/** A book of a list as it is to be kept. */
export type ListedBookInput = Pick<
	Row<'listed_book'>,
	| 'lesson_id'
	| 'written'
	| 'title'
	| 'authors'
	| 'isbn13'
	| 'kind'
	| 'role'
	| 'from_age'
	| 'to_age'
	| 'pages'
	| 'optional'
	| 'note'
	| 'needs_look'
>;

/** Adds a book at the end of the list of a run. */
export async function addListed(trx: Trx, run: number, input: ListedBookInput): Promise<number> {
	const last = await lastPosition(trx.selectFrom('listed_book').where('run_id', '=', run));
	const { id } = await trx
		.insertInto('listed_book')
		.values({ ...input, run_id: run, position: last + 1 })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

/** Changes what the list says of a book; what was decided about it stays. Answers whether anything was different. */
export async function updateListed(
	trx: Trx,
	run: number,
	id: number,
	input: ListedBookInput
): Promise<boolean> {
	const row = await listedOf(trx, run, id);
	const keys = Object.keys(input) as (keyof ListedBookInput)[];
	if (keys.every((key) => row[key] === input[key])) return false;
	await trx.updateTable('listed_book').set(input).where('id', '=', id).execute();
	return true;
}

export async function removeListed(trx: Trx, run: number, id: number): Promise<void> {
	await trx.deleteFrom('listed_book').where('id', '=', id).where('run_id', '=', run).execute();
}

/** What was decided about a book, the entry of the library that it is, and the uses that this made. */
export async function decide(
	trx: Trx,
	id: number,
	decision: {
		readonly choice: Row<'listed_book'>['choice'];
		readonly resource: number | null;
		readonly uses: readonly number[];
	}
): Promise<void> {
	await trx
		.updateTable('listed_book')
		.set({ choice: decision.choice, resource_id: decision.resource, uses: json(decision.uses) })
		.where('id', '=', id)
		.execute();
}

/** A like title of the library is another book. */
export async function saidOther(trx: Trx, run: number, id: number): Promise<void> {
	await listedOf(trx, run, id);
	await trx.updateTable('listed_book').set({ is_other: 1 }).where('id', '=', id).execute();
}

/** What the library's computer said of a book, and its pages where the list does not say them. */
export async function noteAtLibrary(
	trx: Trx,
	id: number,
	at: AtLibrary,
	pages: number | null
): Promise<void> {
	const row = await trx.selectFrom('listed_book').select('pages').where('id', '=', id).executeTakeFirst();
	await trx
		.updateTable('listed_book')
		.set({ at_library: json(at), pages: row?.pages ?? pages })
		.where('id', '=', id)
		.execute();
}

export async function listedOf(trx: Trx, run: number, id: number): Promise<Row<'listed_book'>> {
	const row = await trx
		.selectFrom('listed_book')
		.selectAll()
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!row) throw new Refusal('That book is no longer on the list. Reload the page.');
	return row;
}
