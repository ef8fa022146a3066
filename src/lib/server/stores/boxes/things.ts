import { Refusal } from '$core/error.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type ThingInput = Pick<
	Row<'boxed_thing'>,
	'title' | 'length_mm' | 'width_mm' | 'height_mm' | 'grams' | 'count' | 'upright' | 'fragile' | 'soft'
> &
	Partial<Pick<Row<'boxed_thing'>, 'size_said' | 'weight_said'>>;

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

/** Changes a thing of a unit's own. @throws Refusal where it is gone */
export async function changeThing(trx: Trx, run: number, id: number, input: ThingInput): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('boxed_thing')
		.set(input)
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That is gone already. Reload the page.');
}

/** Says what a box of the house may weigh, grams; null is what one lifts with ease. */
export async function setLift(trx: Trx, grams: number | null): Promise<void> {
	await trx.updateTable('household').set({ lift_grams: grams }).where('id', '=', 1).execute();
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
