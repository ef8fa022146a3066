import { lastPosition } from '../position.ts';
import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { placeKind } from '$core/house/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type PlaceInput = Pick<
	Row<'place'>,
	'name' | 'kind' | 'length_mm' | 'width_mm' | 'height_mm' | 'floor_mm'
>;

/** Adds a place as the last one inside another, or as a room of its own. */
export async function addPlace(trx: Trx, parent: number | null, input: PlaceInput): Promise<number> {
	const last = await lastPosition(
		trx.selectFrom('place').where('parent_id', parent === null ? 'is' : '=', parent)
	);
	const { id } = await trx
		.insertInto('place')
		.values({ ...input, parent_id: parent, position: last + 1 })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function updatePlace(trx: Trx, id: number, input: PlaceInput): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('place')
		.set(input)
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That place is gone. Reload the page.');
}

/**
 * Puts a place, with all that is in it, inside another one, before the sibling at `index`. The order that the
 * parent gives counts from then on, and earlier walks are forgotten.
 * @throws Refusal when it would lie inside itself.
 */
export async function movePlace(trx: Trx, id: number, parent: number | null, index: number): Promise<void> {
	const places = await trx.selectFrom('place').select(['id', 'parent_id']).execute();
	for (let at = parent; at !== null; at = places.find((place) => place.id === at)?.parent_id ?? null) {
		if (at === id) throw new Refusal('A place can’t go inside itself.', 'parent');
	}
	await trx.deleteFrom('place_stop').execute();
	const siblings = (await placesIn(trx, parent)).filter((place) => place.id !== id);
	siblings.splice(Math.max(0, Math.min(index, siblings.length)), 0, { id, name: '', position: -1 });
	await trx.updateTable('place').set({ parent_id: parent }).where('id', '=', id).execute();
	for (const [i, place] of siblings.entries()) {
		if (place.position !== i + 1)
			await trx
				.updateTable('place')
				.set({ position: i + 1 })
				.where('id', '=', place.id)
				.execute();
	}
}

/** Walks that are remembered; the house changes, and so does the way through it. */
const WALKS = 30;

/** Something was found in a place: the walk of that day went by there. */
export async function passedBy(trx: Trx, place: number, today: Day): Promise<void> {
	const last = await trx
		.selectFrom('place_stop')
		.select(['place_id', 'on_day'])
		.orderBy('id', 'desc')
		.executeTakeFirst();
	if (last?.place_id === place && last.on_day === today) return;
	await trx.insertInto('place_stop').values({ place_id: place, on_day: today }).execute();
	const oldest = await trx
		.selectFrom('place_stop')
		.select('on_day')
		.distinct()
		.orderBy('on_day', 'desc')
		.offset(WALKS - 1)
		.limit(1)
		.executeTakeFirst();
	if (oldest) await trx.deleteFrom('place_stop').where('on_day', '<', oldest.on_day).execute();
}

/** The place at a path from the room down; what is not there is made. */
export async function placeByPath(trx: Trx, path: readonly string[]): Promise<number> {
	let parent: number | null = null;
	for (const name of path) {
		const there: { id: number; name: string }[] = await placesIn(trx, parent);
		parent =
			there.find((place) => place.name.toLowerCase() === name.toLowerCase())?.id ??
			(await addPlace(trx, parent, {
				name,
				kind: placeKind(name, parent === null),
				length_mm: null,
				width_mm: null,
				height_mm: null,
				floor_mm: null
			}));
	}
	if (parent === null) throw new Refusal('A place needs a name.', 'place');
	return parent;
}

/** Takes a place away. @throws Refusal when something still lies in it, or a unit collects there. */
export async function removePlace(trx: Trx, id: number): Promise<void> {
	const inside = await trx.selectFrom('place').select('id').where('parent_id', '=', id).executeTakeFirst();
	const lot = await trx.selectFrom('lot').select('id').where('place_id', '=', id).executeTakeFirst();
	const run = await trx
		.selectFrom('run')
		.select('id')
		.where('collecting_place_id', '=', id)
		.executeTakeFirst();
	if (inside) throw new Refusal('There are places inside it. Move or remove those first.');
	if (lot) throw new Refusal('There are still items here. Move them first, then remove the place.');
	const book = await trx.selectFrom('resource').select('id').where('place_id', '=', id).executeTakeFirst();
	if (book) throw new Refusal('There are still books here. Move them first, then remove the place.');
	if (run) throw new Refusal('This is a unit’s bin. Move it first, then remove the place.');
	const thing = await trx
		.selectFrom('boxed_thing')
		.select('id')
		.where('place_id', '=', id)
		.executeTakeFirst();
	if (thing) throw new Refusal('There are still things here. Take them out first, then remove the place.');
	for (const table of ['place_stop', 'box_detail', 'box_layout', 'tray_standing'] as const)
		await trx.deleteFrom(table).where('place_id', '=', id).execute();
	for (const column of ['from_place_id', 'to_place_id'] as const)
		await trx
			.updateTable('moving')
			.set({ [column]: null })
			.where(column, '=', id)
			.execute();
	await trx.updateTable('tray').set({ stored_place_id: null }).where('stored_place_id', '=', id).execute();
	await trx.updateTable('opening_box').set({ place_id: null }).where('place_id', '=', id).execute();
	// What was said without counting stays said, only not where.
	await trx.updateTable('statement').set({ place_id: null }).where('place_id', '=', id).execute();
	await trx.deleteFrom('not_here').where('place_id', '=', id).execute();
	await trx.deleteFrom('place').where('id', '=', id).execute();
}

/** What lies right inside a place, or (null) the rooms, in their order. */
export function placesIn(trx: Trx, parent: number | null) {
	return trx
		.selectFrom('place')
		.select(['id', 'name', 'position'])
		.where('parent_id', 'is', parent)
		.orderBy('position')
		.orderBy('id')
		.execute();
}
