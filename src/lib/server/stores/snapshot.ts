import type { Db } from '../database/open.ts';
import type { Row } from '../database/tables.ts';

/** All that the computations read, from one moment. */
export type Snapshot = {
	readonly revision: number;
	readonly household: Row<'household'>;
	readonly people: readonly Row<'person'>[];
	readonly places: readonly Row<'place'>[];
	readonly suppliers: readonly Row<'supplier'>[];
	readonly items: readonly Row<'item'>[];
	readonly lots: readonly Row<'lot'>[];
	readonly units: readonly Row<'unit'>[];
	readonly runs: readonly Row<'run'>[];
	readonly participants: readonly Row<'run_participant'>[];
	readonly blocked: readonly Row<'blocked'>[];
	readonly lessons: readonly Row<'lesson'>[];
	readonly sessions: readonly Row<'session'>[];
	readonly lines: readonly Row<'supply_line'>[];
	readonly needStates: readonly Row<'need_state'>[];
	readonly sittings: readonly Row<'sitting'>[];
	readonly quiet: readonly Row<'quiet'>[];
	readonly aliases: readonly Row<'item_alias'>[];
	readonly streamHabits: readonly Row<'stream_habit'>[];
};

/** Reads one consistent snapshot in one transaction, one query a table. */
export function readSnapshot(db: Db): Promise<Snapshot> {
	return db.transaction().execute(async (trx) => {
		const { revision } = await trx.selectFrom('state').select('revision').executeTakeFirstOrThrow();
		return {
			revision,
			household: await trx.selectFrom('household').selectAll().executeTakeFirstOrThrow(),
			people: await trx.selectFrom('person').selectAll().orderBy('id').execute(),
			places: await trx.selectFrom('place').selectAll().orderBy('position').orderBy('id').execute(),
			suppliers: await trx.selectFrom('supplier').selectAll().orderBy('position').execute(),
			items: await trx.selectFrom('item').selectAll().orderBy('id').execute(),
			lots: await trx.selectFrom('lot').selectAll().orderBy('id').execute(),
			units: await trx.selectFrom('unit').selectAll().orderBy('id').execute(),
			runs: await trx.selectFrom('run').selectAll().orderBy('id').execute(),
			participants: await trx.selectFrom('run_participant').selectAll().orderBy('id').execute(),
			blocked: await trx.selectFrom('blocked').selectAll().orderBy('from_on').execute(),
			lessons: await trx.selectFrom('lesson').selectAll().orderBy('position').orderBy('id').execute(),
			sessions: await trx.selectFrom('session').selectAll().orderBy('ordinal').execute(),
			lines: await trx.selectFrom('supply_line').selectAll().orderBy('position').orderBy('id').execute(),
			needStates: await trx.selectFrom('need_state').selectAll().orderBy('id').execute(),
			sittings: await trx.selectFrom('sitting').selectAll().orderBy('held_on').execute(),
			quiet: await trx.selectFrom('quiet').selectAll().orderBy('from_on').execute(),
			aliases: await trx.selectFrom('item_alias').selectAll().orderBy('id').execute(),
			streamHabits: await trx.selectFrom('stream_habit').selectAll().orderBy('id').execute()
		};
	});
}

const indexes = new WeakMap<readonly object[], ReadonlyMap<number, unknown>>();

/** The rows of one table of a snapshot by their id; made once for each. */
export function byId<T extends { readonly id: number }>(rows: readonly T[]): ReadonlyMap<number, T> {
	let index = indexes.get(rows) as ReadonlyMap<number, T> | undefined;
	if (!index) indexes.set(rows, (index = new Map(rows.map((row) => [row.id, row]))));
	return index;
}
