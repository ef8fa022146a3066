import { Refusal } from '$core/error.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type ThingInput = Pick<
	Row<'boxed_thing'>,
	'title' | 'length_mm' | 'width_mm' | 'height_mm' | 'grams' | 'count' | 'upright' | 'fragile' | 'soft'
>;

/** Adds a thing of a unit that is in no list. Answers its id. */
export async function addThing(trx: Trx, run: number, input: ThingInput): Promise<number> {
	const { id } = await trx
		.insertInto('boxed_thing')
		.values({ ...input, run_id: run, resource_id: null, place_id: null })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

/** Notes the measures of a title of the library as they were taken. */
export async function measureTitle(trx: Trx, resource: number, input: ThingInput): Promise<void> {
	await trx
		.insertInto('boxed_thing')
		.values({ ...input, run_id: null, resource_id: resource, place_id: null })
		.onConflict((conflict) => conflict.column('resource_id').doUpdateSet(input))
		.execute();
}

/** Takes a thing of a unit's own away. */
export async function removeThing(trx: Trx, run: number, id: number): Promise<void> {
	await trx.deleteFrom('moving').where('boxed_thing_id', '=', id).execute();
	const { numDeletedRows } = await trx
		.deleteFrom('boxed_thing')
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (numDeletedRows === 0n) throw new Refusal('That is gone already. Reload the page.');
}

/** Puts a thing of a unit's own into a box, or out of it. */
export async function putThing(trx: Trx, id: number, place: number | null): Promise<void> {
	await trx.updateTable('boxed_thing').set({ place_id: place }).where('id', '=', id).execute();
}
