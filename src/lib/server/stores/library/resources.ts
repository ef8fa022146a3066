import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { requirePages } from '$core/plan/index.ts';
import { json, thingId, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { counted } from '$core/words/index.ts';

export type ResourceInput = Partial<Omit<Row<'resource'>, 'id' | 'added_on' | 'title' | 'kind'>> &
	Pick<Row<'resource'>, 'title' | 'kind'>;

const GONE = 'That is no longer in your home library. Reload the page.';

export async function addResource(trx: Trx, input: ResourceInput, today: Day): Promise<number> {
	const { id } = await trx
		.insertInto('resource')
		.values({ ...input, added_on: today })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function updateResource(trx: Trx, id: number, patch: Partial<ResourceInput>): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('resource')
		.set(patch)
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal(GONE);
}

/** Takes a resource out of the library, with its uses and loans. */
export async function removeResource(trx: Trx, id: number): Promise<void> {
	const printed = await trx
		.selectFrom('print_source')
		.innerJoin('run', 'run.id', 'print_source.run_id')
		.innerJoin('unit', 'unit.id', 'run.unit_id')
		.select('unit.name')
		.where('resource_id', '=', id)
		.executeTakeFirst();
	if (printed)
		throw new Refusal(`You print from it for ${printed.name}. Take it out there, under Print, first.`);
	await trx.deleteFrom('resource_use').where('resource_id', '=', id).execute();
	for (const table of ['opening_thing', 'basket_part', 'wall_poster'] as const)
		await trx.updateTable(table).set({ resource_id: null }).where('resource_id', '=', id).execute();
	for (const table of ['loan', 'activity_resource', 'lent_piece', 'moving', 'boxed_thing'] as const)
		await trx.deleteFrom(table).where('resource_id', '=', id).execute();
	await trx.deleteFrom('unit_thing').where('thing', '=', thingId('title', id)).execute();
	await trx.updateTable('spine').set({ resource_id: null }).where('resource_id', '=', id).execute();
	await trx
		.updateTable('listed_book')
		.set({ resource_id: null, choice: '', uses: json([]) })
		.where('resource_id', '=', id)
		.execute();
	const { numDeletedRows } = await trx.deleteFrom('resource').where('id', '=', id).executeTakeFirst();
	if (numDeletedRows === 0n) throw new Refusal(GONE);
}

/** Adds a note to those stuck on its cover. */
export async function addNote(trx: Trx, id: number, note: string): Promise<void> {
	const { notes } = await resourceOf(trx, id);
	await updateResource(trx, id, { notes: [notes, note].filter(Boolean).join('\n') });
}

export type UseInput = Omit<Row<'resource_use'>, 'id'>;

/** Flags a resource for a lesson of a run. @throws Refusal for pages out of order or beyond the last. */
export async function addUse(trx: Trx, run: number, input: UseInput): Promise<number> {
	const resource = await resourceOf(trx, input.resource_id);
	const lesson = await trx
		.selectFrom('lesson')
		.select('id')
		.where('id', '=', input.lesson_id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!lesson) throw new Refusal('That lesson is no longer in this unit. Reload the page.');
	if (input.from_page !== null) {
		requirePages({ from: input.from_page, to: input.to_page ?? input.from_page });
		if (resource.pages !== null && (input.to_page ?? input.from_page) > resource.pages)
			throw new Refusal(`“${resource.title}” has ${counted(resource.pages, 'page')}.`, 'text');
	}
	const { id } = await trx.insertInto('resource_use').values(input).returning('id').executeTakeFirstOrThrow();
	return id;
}

export async function removeUse(trx: Trx, run: number, id: number): Promise<void> {
	await trx
		.deleteFrom('resource_use')
		.where('id', '=', id)
		.where('lesson_id', 'in', trx.selectFrom('lesson').select('id').where('run_id', '=', run))
		.execute();
}

/** Lends a piece out of a set, to a tray (an activity of that name) or elsewhere; the set stays its home. */
export async function lendPiece(trx: Trx, id: number, piece: string, to: string, today: Day): Promise<void> {
	await resourceOf(trx, id);
	const tray = await trx.selectFrom('activity').select('id').where('title', '=', to).executeTakeFirst();
	await trx
		.insertInto('lent_piece')
		.values({ resource_id: id, piece, activity_id: tray?.id ?? null, lent_to: to, lent_on: today })
		.execute();
}

/** The piece is back in its set. */
export async function pieceBack(trx: Trx, id: number): Promise<void> {
	const { numDeletedRows } = await trx.deleteFrom('lent_piece').where('id', '=', id).executeTakeFirst();
	if (numDeletedRows === 0n) throw new Refusal('That piece is already back.');
}

export async function resourceOf(trx: Trx, id: number): Promise<Row<'resource'>> {
	const row = await trx.selectFrom('resource').selectAll().where('id', '=', id).executeTakeFirst();
	if (!row) throw new Refusal(GONE);
	return row;
}
