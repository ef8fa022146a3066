import { Refusal } from '$core/error.ts';
import type { Rung } from '$core/gathering/index.ts';
import type { Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { usualUse, type SupplyUse } from '$core/supplies/index.ts';
import { json, thingId, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { mergeStatements } from './statements.ts';

/** The household's item of that name, whatever its number or capitals; made when there is none. */
export async function itemNamed(trx: Trx, name: string, use?: SupplyUse): Promise<Row<'item'>> {
	const key = nameKey(name);
	if (!key) throw new Refusal(`“${name.slice(0, 40)}” has no letters in it. Enter the item’s name.`, 'item');
	const known = await trx.selectFrom('item').selectAll().where('name_key', '=', key).executeTakeFirst();
	if (known) return known;
	const other = await trx
		.selectFrom('item_alias')
		.select('item_id')
		.where('name_key', '=', key)
		.executeTakeFirst();
	if (other)
		return trx.selectFrom('item').selectAll().where('id', '=', other.item_id).executeTakeFirstOrThrow();
	return trx
		.insertInto('item')
		.values({
			name: name.trim().toLowerCase(),
			name_key: key,
			use: use ?? usualUse(name),
			keep_back: null,
			keep_back_unit: null,
			keeps_days: null,
			supplier_id: null
		})
		.returningAll()
		.executeTakeFirstOrThrow();
}

export type ItemInput = {
	readonly name: string;
	readonly use: SupplyUse;
	readonly keepBack: string | null;
	readonly keepBackUnit: Unit | null;
	readonly keepsDays: number | null;
	readonly lowLevel: string | null;
	readonly lowUnit: Unit | null;
	readonly supplier: number | null;
};

/** Changes what the household knows about an item. A new name keeps the old one as another name for it. */
export async function updateItem(trx: Trx, id: number, input: ItemInput): Promise<void> {
	const item = await trx.selectFrom('item').selectAll().where('id', '=', id).executeTakeFirst();
	if (!item) throw new Refusal('That item is gone. Reload the page.');
	const key = nameKey(input.name);
	const other = await trx
		.selectFrom('item')
		.select(['id', 'name'])
		.where('name_key', '=', key)
		.where('id', '!=', id)
		.executeTakeFirst();
	if (other) throw new Refusal(`There’s already a “${other.name}”. Merge the two instead.`, 'name');
	if (key !== item.name_key) {
		await trx.deleteFrom('item_alias').where('name_key', '=', key).execute();
		await trx
			.insertInto('item_alias')
			.values({ item_id: id, name: item.name, name_key: item.name_key })
			.execute();
	}
	await trx
		.updateTable('item')
		.set({
			name: input.name.trim().toLowerCase(),
			name_key: key,
			use: input.use,
			keep_back: input.keepBack,
			keep_back_unit: input.keepBackUnit,
			keeps_days: input.keepsDays,
			low_level: input.lowLevel,
			low_unit: input.lowUnit,
			supplier_id: input.supplier
		})
		.where('id', '=', id)
		.execute();
}

/** Where an item comes from in its own order, and what has to be thought of early. */
export async function setItemSources(
	trx: Trx,
	id: number,
	input: {
		readonly ladder: readonly Rung[] | null;
		readonly startDays: number | null;
		readonly season: Row<'item'>['season'];
		readonly makeCents: number | null;
		readonly makeMinutes: number | null;
	}
): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('item')
		.set({
			ladder: input.ladder && json(input.ladder),
			start_days: input.startDays,
			season: input.season,
			make_cents: input.makeCents,
			make_minutes: input.makeMinutes
		})
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That item is gone. Reload the page.');
}

/**
 * Makes two names mean one thing: lots, lines and history of the first go to the one of the given name, and its
 * own name stays as another name. Amounts are conserved. @throws Refusal where nothing is called so.
 */
export async function mergeInto(trx: Trx, from: number, name: string): Promise<string> {
	const other = await trx
		.selectFrom('item')
		.select('id')
		.where('name_key', '=', nameKey(name))
		.executeTakeFirst();
	if (!other) throw new Refusal(`Nothing is called “${name}”. Choose a name from the list.`, 'into');
	return mergeItems(trx, from, other.id);
}

/** From now on a thing answers to another name, too; what is already called so becomes it. */
export async function nameAlso(trx: Trx, name: string, other: string): Promise<void> {
	const key = nameKey(other);
	const own = await trx.selectFrom('item').select('id').where('name_key', '=', key).executeTakeFirst();
	if (own) await mergeInto(trx, own.id, name);
	else {
		const known = await trx
			.selectFrom('item_alias')
			.select('id')
			.where('name_key', '=', key)
			.executeTakeFirst();
		const { id } = await itemNamed(trx, name);
		if (!known)
			await trx.insertInto('item_alias').values({ item_id: id, name: other, name_key: key }).execute();
	}
}

/** As `mergeInto`, by the ids of both. */
export async function mergeItems(trx: Trx, from: number, into: number): Promise<string> {
	if (from === into) throw new Refusal('That’s the same item.', 'into');
	const items = await trx.selectFrom('item').selectAll().where('id', 'in', [from, into]).execute();
	const gone = items.find((item) => item.id === from);
	const kept = items.find((item) => item.id === into);
	if (!gone || !kept) throw new Refusal('One of the two is gone. Reload the page.');
	await trx.updateTable('lot').set({ item_id: into }).where('item_id', '=', from).execute();
	await trx.updateTable('supply_line').set({ item_id: into }).where('item_id', '=', from).execute();
	await trx.updateTable('lot_event').set({ item_id: into }).where('item_id', '=', from).execute();
	await trx.updateTable('item_alias').set({ item_id: into }).where('item_id', '=', from).execute();
	await trx.updateTable('substitute').set({ other_id: into }).where('other_id', '=', from).execute();
	// What stood in for the other is now the thing itself.
	await trx.deleteFrom('substitute').where('item_id', '=', from).where('other_id', '=', into).execute();
	await trx.deleteFrom('substitute').where('item_id', '=', into).where('other_id', '=', into).execute();
	for (const table of ['offer', 'purchase', 'substitute', 'bundle_part'] as const)
		await trx.updateTable(table).set({ item_id: into }).where('item_id', '=', from).execute();
	// It was measured once: as the thing that it is now.
	const measured = await trx
		.selectFrom('boxed_thing')
		.select('id')
		.where('item_id', '=', into)
		.executeTakeFirst();
	if (measured) await trx.deleteFrom('boxed_thing').where('item_id', '=', from).execute();
	for (const table of ['boxed_thing', 'moving'] as const)
		await trx.updateTable(table).set({ item_id: into }).where('item_id', '=', from).execute();
	const links = await trx
		.selectFrom('unit_thing')
		.select(['id', 'run_id'])
		.where('thing', '=', thingId('item', from))
		.execute();
	for (const { id, run_id } of links) {
		await trx.deleteFrom('unit_thing').where('id', '=', id).execute();
		await trx
			.insertInto('unit_thing')
			.values({ run_id, thing: thingId('item', into) })
			.onConflict((conflict) => conflict.columns(['run_id', 'thing']).doNothing())
			.execute();
	}
	await mergeStatements(trx, from, into);
	await trx.deleteFrom('item').where('id', '=', from).execute();
	await trx
		.insertInto('item_alias')
		.values({ item_id: into, name: gone.name, name_key: gone.name_key })
		.execute();
	return `${gone.name} is ${kept.name}`;
}
