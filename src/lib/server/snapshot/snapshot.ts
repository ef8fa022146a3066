import { sql } from 'kysely';
import {
	colorKey,
	KEPT,
	TRACKED,
	type Colors,
	type Lists,
	type Snapshot,
	type TrackedTable
} from '$core/facts/index.ts';
import type { Db } from '../database/open.ts';

type AnyRow = { readonly id: number; readonly [column: string]: unknown };

/** With more changed rows than this in a table it is read again as a whole. */
const MOST_ROWS = 200;
/** Changes are forgotten after some hundreds; over a longer way everything is read again. */
const MOST_REVISIONS = 200;

/**
 * Reads one consistent snapshot in one transaction. With the snapshot of an earlier revision only the
 * rows that were changed since are read; all others stay the very same objects, so that what was
 * computed from them can be kept.
 */
export function readSnapshot(db: Db, before: Snapshot | null = null): Promise<Snapshot> {
	return db.transaction().execute(async (trx) => {
		const { revision } = await trx.selectFrom('state').select('revision').executeTakeFirstOrThrow();
		const old = before && revision - before.revision <= MOST_REVISIONS ? before : null;
		const changed = old && (await changedRows(trx, old.revision));
		const household =
			old && !changed?.has('household')
				? old.household
				: await trx.selectFrom('household').selectAll().executeTakeFirstOrThrow();
		const lists: Record<string, readonly AnyRow[]> = {};
		for (const table of TRACKED) {
			const { list: name, order } = KEPT[table];
			if (name === null) continue;
			const known = old?.[name] as readonly AnyRow[] | undefined;
			const ids = changed?.get(table) ?? [];
			if (known && ids.length === 0) lists[name] = known;
			else if (known && ids.length <= MOST_ROWS)
				lists[name] = patched(known, ids, await rowsOf(trx, table, order, ids), order);
			else lists[name] = await rowsOf(trx, table, order);
		}
		const colors = old?.colors ?? (await colorsOf(trx));
		return { revision, household, colors, ...(lists as unknown as Lists) };
	});
}

/** Of files that are read only in part nothing is told: what is said of their prints changes once, not page by page. */
async function colorsOf(trx: Db): Promise<Colors> {
	const pages = await trx
		.selectFrom('document_page')
		.select(['sha256', 'page', 'colored'])
		.where('sha256', 'not in', (eb) =>
			eb.selectFrom('document_page').select('sha256').where('colored', 'is', null)
		)
		.execute();
	return new Map(pages.map(({ sha256, page, colored }) => [colorKey(sha256, page), colored!]));
}

async function changedRows(trx: Db, since: number): Promise<Map<string, number[]>> {
	const rows = await trx
		.selectFrom('change_row')
		.innerJoin('change', 'change.id', 'change_row.change_id')
		.where('change.revision', '>', since)
		.select(['table_name', 'row_id'])
		.distinct()
		.execute();
	const ids = new Map<string, number[]>();
	for (const { table_name, row_id } of rows) ids.set(table_name, [...(ids.get(table_name) ?? []), row_id]);
	return ids;
}

async function rowsOf(
	trx: Db,
	table: TrackedTable,
	order: readonly string[],
	ids?: number[]
): Promise<AnyRow[]> {
	const only = ids ? sql`where id in (${sql.join(ids)})` : sql``;
	const { rows } = await sql<AnyRow>`select * from ${sql.table(table)} ${only}
		order by ${sql.join(order.map((column) => sql.ref(column)))}`.execute(trx);
	return rows;
}

/** A list with the changed rows put in at their place, the removed ones left out. */
function patched(
	known: readonly AnyRow[],
	ids: readonly number[],
	rows: readonly AnyRow[],
	order: readonly string[]
): AnyRow[] {
	const gone = new Set(ids);
	return [...known.filter((row) => !gone.has(row.id)), ...rows].sort((a, b) => {
		for (const column of order) {
			const [x, y] = [a[column] as number | string, b[column] as number | string];
			if (x !== y) return x < y ? -1 : 1;
		}
		return 0;
	});
}
