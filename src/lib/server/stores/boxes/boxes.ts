import type { Day } from '$core/calendar/index.ts';
import type { OpeningKind, PackedBox } from '$core/boxes/index.ts';
import { Refusal } from '$core/error.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type BoxDetail = Partial<Pick<Row<'box_detail'>, 'form' | 'max_grams' | 'subject' | 'picture'>>;

/** Says more of a box. */
export async function describeBox(trx: Trx, place: number, detail: BoxDetail): Promise<void> {
	await trx
		.insertInto('box_detail')
		.values({ ...detail, place_id: place })
		.onConflict((conflict) => conflict.column('place_id').doUpdateSet(detail))
		.execute();
}

/** Notes how things lie in a box; what was noted of it before goes. */
export async function setLayout(trx: Trx, place: number, run: number, packed: PackedBox): Promise<void> {
	const row = { place_id: place, run_id: run, packed: json(packed) };
	await trx
		.insertInto('box_layout')
		.values(row)
		.onConflict((conflict) => conflict.column('place_id').doUpdateSet(row))
		.execute();
}

/** Forgets how things lay in a box. */
export async function forgetLayout(trx: Trx, place: number): Promise<void> {
	await trx.deleteFrom('box_layout').where('place_id', '=', place).execute();
}

/** A thing went from one place to another. */
export type Move = {
	readonly title: string;
	/** A title, a supply, or a unit's own. */
	readonly of: { readonly kind: 'title' | 'item' | 'own'; readonly key: number };
	readonly from: number | null;
	readonly to: number | null;
};

/** Moves of one thing that are remembered. */
const MOST_MOVES = 30;

const COLUMN = { title: 'resource_id', item: 'item_id', own: 'boxed_thing_id' } as const;

export async function noteMove(trx: Trx, move: Move, on: Day): Promise<void> {
	const column = COLUMN[move.of.kind];
	await trx
		.insertInto('moving')
		.values({
			on_day: on,
			title: move.title,
			resource_id: null,
			boxed_thing_id: null,
			[column]: move.of.key,
			from_place_id: move.from,
			to_place_id: move.to
		})
		.execute();
	const old = await trx
		.selectFrom('moving')
		.select('id')
		.where(column, '=', move.of.key)
		.orderBy('id', 'desc')
		.offset(MOST_MOVES)
		.limit(100)
		.execute();
	if (old.length)
		await trx
			.deleteFrom('moving')
			.where(
				'id',
				'in',
				old.map((one) => one.id)
			)
			.execute();
}

/** The box that is given on a unit's first day, and what it should have. */
export async function setOpeningBox(
	trx: Trx,
	run: number,
	box: { readonly place: number | null; readonly opensOn: Day | null; readonly kinds: readonly OpeningKind[] }
): Promise<void> {
	const row = { run_id: run, place_id: box.place, opens_on: box.opensOn, kinds: json(box.kinds) };
	await trx
		.insertInto('opening_box')
		.values(row)
		.onConflict((conflict) => conflict.column('run_id').doUpdateSet(row))
		.execute();
}

export type OpeningInput = Pick<
	Row<'opening_thing'>,
	'title' | 'kind' | 'liters' | 'cents' | 'hidden' | 'inside' | 'resource_id' | 'came_on'
>;

export async function addOpeningThing(trx: Trx, run: number, input: OpeningInput): Promise<void> {
	await trx
		.insertInto('opening_thing')
		.values({ ...input, run_id: run })
		.execute();
}

/** Changes something for an opening box. @throws Refusal where it is gone */
export async function changeOpeningThing(
	trx: Trx,
	run: number,
	id: number,
	patch: Partial<OpeningInput>
): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('opening_thing')
		.set(patch)
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That is gone already. Reload the page.');
}

export async function removeOpeningThing(trx: Trx, run: number, id: number): Promise<void> {
	await trx.deleteFrom('opening_thing').where('id', '=', id).where('run_id', '=', run).execute();
}
