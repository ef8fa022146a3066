import { Refusal } from '$core/error.ts';
import { thingId, type Row, type ThingId } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type ThingInput = Pick<
	Row<'boxed_thing'>,
	'title' | 'length_mm' | 'width_mm' | 'height_mm' | 'grams' | 'count' | 'upright' | 'fragile' | 'soft'
> &
	Partial<Pick<Row<'boxed_thing'>, 'size_said' | 'weight_said' | 'round'>>;

/** Adds a thing of a unit that is in no list. Answers its id. */
export async function addThing(trx: Trx, run: number, input: ThingInput): Promise<number> {
	const { id } = await trx
		.insertInto('boxed_thing')
		.values({ ...input, run_id: run, resource_id: null, place_id: null })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

/** Notes the measures of a title of the library, or of a supply, as they were taken. */
export async function measureListed(
	trx: Trx,
	of: { readonly kind: 'title' | 'item'; readonly key: number },
	input: ThingInput
): Promise<void> {
	const column = of.kind === 'title' ? ('resource_id' as const) : ('item_id' as const);
	await trx
		.insertInto('boxed_thing')
		.values({ ...input, run_id: null, resource_id: null, place_id: null, [column]: of.key })
		.onConflict((conflict) => conflict.column(column).doUpdateSet(input))
		.execute();
}

/** A thing that stands elsewhere goes into this unit's boxes, too. */
export async function alsoOf(trx: Trx, run: number, thing: ThingId): Promise<void> {
	await trx
		.insertInto('unit_thing')
		.values({ run_id: run, thing })
		.onConflict((conflict) => conflict.columns(['run_id', 'thing']).doNothing())
		.execute();
}

/** Changes a thing of a unit's own. @throws Refusal where it is gone */
export async function changeThing(trx: Trx, id: number, input: ThingInput): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('boxed_thing')
		.set(input)
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That is gone already. Reload the page.');
}

/** Says what a box of the house may weigh, grams; null is what one lifts with ease. */
export async function setLift(trx: Trx, grams: number | null): Promise<void> {
	await trx.updateTable('household').set({ lift_grams: grams }).where('id', '=', 1).execute();
}

/** Takes a thing of a unit's own away; one that another unit has, too, stays with that one. */
export async function removeThing(trx: Trx, run: number, id: number): Promise<void> {
	const other = await trx
		.selectFrom('unit_thing')
		.selectAll()
		.where('thing', '=', thingId('own', id))
		.orderBy('id')
		.executeTakeFirst();
	if (other) {
		await trx.deleteFrom('unit_thing').where('id', '=', other.id).execute();
		await trx
			.updateTable('boxed_thing')
			.set({ run_id: other.run_id })
			.where('id', '=', id)
			.where('run_id', '=', run)
			.execute();
		return;
	}
	await trx.deleteFrom('moving').where('boxed_thing_id', '=', id).execute();
	const { numDeletedRows } = await trx
		.deleteFrom('boxed_thing')
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (numDeletedRows === 0n) throw new Refusal('That is gone already. Reload the page.');
}

/** A thing that stands elsewhere no longer goes into this unit's boxes. */
export async function notOf(trx: Trx, run: number, thing: ThingId): Promise<void> {
	await trx.deleteFrom('unit_thing').where('run_id', '=', run).where('thing', '=', thing).execute();
}

/** Puts a thing of a unit's own into a box, or out of it. */
export async function putThing(trx: Trx, id: number, place: number | null): Promise<void> {
	await trx.updateTable('boxed_thing').set({ place_id: place }).where('id', '=', id).execute();
}
