import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { exact, exactText } from '$core/measure/index.ts';
import type { Alternative, ReadLine, SupplyUse } from '$core/supplies/index.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { itemNamed } from '../stash/items.ts';
import { lastPosition } from '../position.ts';

/** One line of a supply list as it is to be kept. */
export type LineInput = Omit<ReadLine, 'or' | 'check' | 'doubts' | 'amountSaid'> & {
	/** Of a lesson, or (null) of an activity. */
	readonly lesson: number | null;
	readonly activity?: number | null;
	readonly written: string;
	readonly or: readonly Alternative[];
	readonly use: SupplyUse;
	/** Still to be looked at. */
	readonly check: boolean;
	readonly participants?: readonly number[] | null;
	/** The day on which it comes onto the list, where that counts. */
	readonly listedOn?: Day;
};

/** A line of a lesson. */
export type LessonLineInput = LineInput & { readonly lesson: number };

async function columns(trx: Trx, line: LineInput) {
	const item = await itemNamed(trx, line.item, line.use);
	return {
		lesson_id: line.lesson,
		activity_id: line.activity ?? null,
		written: line.written,
		item_id: item.id,
		quantity: line.quantity === null ? null : exactText(exact(line.quantity)),
		quantity_to: line.to === null ? null : exactText(exact(line.to)),
		unit: line.unit,
		per: line.per,
		group_size: line.groupSize,
		optional: line.optional ? (1 as const) : (0 as const),
		alternatives: json(line.or),
		note: line.note,
		needs_look: line.check ? (1 as const) : (0 as const),
		use: line.use
	};
}

/** Adds a line at the end of its lesson's list. */
export async function addLine(trx: Trx, line: LineInput): Promise<number> {
	const last = await lastPosition(
		trx
			.selectFrom('supply_line')
			.where('lesson_id', 'is', line.lesson)
			.where('activity_id', 'is', line.activity ?? null)
	);
	const { id } = await trx
		.insertInto('supply_line')
		.values({
			...(await columns(trx, line)),
			position: last + 1,
			listed_on: line.listedOn ?? null,
			participants: line.participants ? json(line.participants) : null
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

/**
 * Changes a line in place: its id, and with it all that is known about its need, stays. Answers
 * whether anything was different.
 */
export async function updateLine(trx: Trx, id: number, line: LineInput): Promise<boolean> {
	const current = await trx.selectFrom('supply_line').selectAll().where('id', '=', id).executeTakeFirst();
	if (!current) throw new Refusal('That line is no longer on the list. Reload the page.');
	const patch: Partial<Row<'supply_line'>> = await columns(trx, line);
	if (line.participants !== undefined) {
		patch.participants = line.participants ? json(line.participants) : null;
	}
	const keys = Object.keys(patch) as (keyof typeof patch)[];
	if (keys.every((key) => current[key] === patch[key])) return false;
	await trx.updateTable('supply_line').set(patch).where('id', '=', id).execute();
	return true;
}

/** The line asks for another thing from now on; as the book printed it, it stays on record. */
export async function replaceThing(
	trx: Trx,
	id: number,
	other: Pick<Row<'supply_line'>, 'item_id' | 'quantity' | 'quantity_to' | 'unit' | 'note'>
): Promise<void> {
	await trx.updateTable('supply_line').set(other).where('id', '=', id).execute();
}

/** Takes a line off the list. What is known about its need is kept and comes back with it. */
export async function removeLine(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('supply_line').where('id', '=', id).execute();
}

/** Gives a line what the house has before or after all others; null: in the order of the days again. */
export async function setClaim(trx: Trx, line: number, claim: Row<'supply_line'>['claim']): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('supply_line')
		.set({ claim })
		.where('id', '=', line)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That line is no longer on the list. Reload the page.');
}
