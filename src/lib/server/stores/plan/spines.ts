import { Refusal } from '$core/error.ts';
import { requirePages, type PageRange } from '$core/plan/index.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { lastPosition } from '../position.ts';

export type SpineInput = Pick<
	Row<'spine'>,
	'title' | 'counted' | 'first_page' | 'last_page' | 'words_per_page'
>;

export type RangeInput = Pick<Row<'page_range'>, 'way' | 'minutes' | 'note'> &
	PageRange & { readonly participants: readonly number[] | null };

/** Adds a book that carries the run, after those it has; one of the library with its id there. */
export async function addSpine(
	trx: Trx,
	run: number,
	input: SpineInput,
	resource: number | null = null
): Promise<number> {
	requirePages({ from: input.first_page, to: input.last_page });
	const last = await lastPosition(trx.selectFrom('spine').where('run_id', '=', run));
	const { id } = await trx
		.insertInto('spine')
		.values({
			...input,
			run_id: run,
			position: last + 1,
			reached: null,
			resource_id: resource
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function updateSpine(trx: Trx, run: number, id: number, input: SpineInput): Promise<void> {
	requirePages({ from: input.first_page, to: input.last_page });
	await spineOf(trx, run, id);
	await trx.updateTable('spine').set(input).where('id', '=', id).execute();
}

/** Takes a book out of the plan, with its flags. */
export async function removeSpine(trx: Trx, run: number, id: number): Promise<void> {
	await spineOf(trx, run, id);
	await trx.deleteFrom('page_range').where('spine_id', '=', id).execute();
	await trx.deleteFrom('spine').where('id', '=', id).execute();
}

/** Gives each lesson its pages of a book, in place of those it has in it. */
export async function setRanges(
	trx: Trx,
	run: number,
	spine: number,
	ranges: readonly { readonly lesson: number; readonly range: PageRange | null }[]
): Promise<void> {
	await spineOf(trx, run, spine);
	const lessons = ranges.map((one) => one.lesson);
	if (lessons.length)
		await trx
			.deleteFrom('page_range')
			.where('spine_id', '=', spine)
			.where('lesson_id', 'in', lessons)
			.execute();
	for (const { lesson, range } of ranges) {
		if (range)
			await addRange(trx, run, spine, lesson, {
				...range,
				way: 'read aloud',
				participants: null,
				minutes: null,
				note: ''
			});
	}
}

/** Sticks a flag on pages of a book for a lesson. */
export async function addRange(
	trx: Trx,
	run: number,
	spine: number,
	lesson: number,
	{ from, to, participants, ...rest }: RangeInput
): Promise<number> {
	const book = await spineOf(trx, run, spine);
	requirePages({ from, to });
	if (from < book.first_page || to > book.last_page)
		throw new Refusal(`“${book.title}” runs from ${book.first_page} to ${book.last_page}.`, 'flag');
	const own = await trx
		.selectFrom('lesson')
		.select('id')
		.where('id', '=', lesson)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!own) throw new Refusal('That lesson is no longer in this unit. Reload the page.');
	const { id } = await trx
		.insertInto('page_range')
		.values({
			...rest,
			spine_id: spine,
			lesson_id: lesson,
			from_page: from,
			to_page: to,
			participants: participants?.length ? json(participants) : null
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function removeRange(trx: Trx, run: number, id: number): Promise<void> {
	await trx
		.deleteFrom('page_range')
		.where('id', '=', id)
		.where('spine_id', 'in', trx.selectFrom('spine').select('id').where('run_id', '=', run))
		.execute();
}

/** Writes down how far a book has been read; null is not begun. */
export async function setReached(trx: Trx, run: number, id: number, page: number | null): Promise<void> {
	const book = await spineOf(trx, run, id);
	if (page !== null && (page < book.first_page - 1 || page > book.last_page))
		throw new Refusal(`“${book.title}” runs from ${book.first_page} to ${book.last_page}.`, 'reached');
	await trx.updateTable('spine').set({ reached: page }).where('id', '=', id).execute();
}

export async function setReadOn(
	trx: Trx,
	run: number,
	id: number,
	on: Row<'spine'>['read_on']
): Promise<void> {
	await spineOf(trx, run, id);
	await trx.updateTable('spine').set({ read_on: on }).where('id', '=', id).execute();
}

/**
 * Swaps a book midway: its flags in lessons that are not over lapse, the earlier ones stay as a record,
 * and the new one takes its place in the order.
 */
export async function swapSpine(
	trx: Trx,
	run: number,
	id: number,
	lessonsToCome: readonly number[],
	input: SpineInput
): Promise<number> {
	const old = await spineOf(trx, run, id);
	const fresh = await addSpine(trx, run, input);
	await trx.updateTable('spine').set({ state: 'set aside' }).where('id', '=', old.id).execute();
	if (lessonsToCome.length)
		await trx
			.deleteFrom('page_range')
			.where('spine_id', '=', id)
			.where('lesson_id', 'in', lessonsToCome)
			.execute();
	return fresh;
}

async function spineOf(trx: Trx, run: number, id: number): Promise<Row<'spine'>> {
	const row = await trx
		.selectFrom('spine')
		.selectAll()
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!row) throw new Refusal('That book is no longer in this unit. Reload the page.');
	return row;
}
