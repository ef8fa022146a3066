import { sql } from 'kysely';
import type { Db } from '../database/open.ts';
import type { Row, TRACKED } from '../database/tables.ts';

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
	readonly activities: readonly Row<'activity'>[];
	readonly spines: readonly Row<'spine'>[];
	readonly ranges: readonly Row<'page_range'>[];
	readonly tasks: readonly Row<'task'>[];
	readonly goals: readonly Row<'goal'>[];
	readonly resources: readonly Row<'resource'>[];
	readonly uses: readonly Row<'resource_use'>[];
	readonly loans: readonly Row<'loan'>[];
	readonly activityResources: readonly Row<'activity_resource'>[];
	readonly lentPieces: readonly Row<'lent_piece'>[];
	readonly offers: readonly Row<'offer'>[];
	readonly prices: readonly Row<'price'>[];
	readonly purchases: readonly Row<'purchase'>[];
	readonly wanted: readonly Row<'wanted'>[];
	readonly substitutes: readonly Row<'substitute'>[];
	readonly kitParts: readonly Row<'kit_part'>[];
	readonly bundles: readonly Row<'bundle'>[];
	readonly bundleParts: readonly Row<'bundle_part'>[];
	readonly errands: readonly Row<'errand'>[];
	readonly stops: readonly Row<'stop'>[];
	readonly occasions: readonly Row<'occasion'>[];
	readonly placeStops: readonly Row<'place_stop'>[];
};

type Lists = Omit<Snapshot, 'revision' | 'household'>;

/** The table behind each list, and the columns by which it is sorted. */
const SOURCES: {
	readonly [K in keyof Lists]: { readonly table: Table; readonly order: readonly string[] };
} = {
	people: { table: 'person', order: ['id'] },
	places: { table: 'place', order: ['position', 'id'] },
	suppliers: { table: 'supplier', order: ['position', 'id'] },
	items: { table: 'item', order: ['id'] },
	lots: { table: 'lot', order: ['id'] },
	units: { table: 'unit', order: ['id'] },
	runs: { table: 'run', order: ['id'] },
	participants: { table: 'run_participant', order: ['id'] },
	blocked: { table: 'blocked', order: ['from_on', 'id'] },
	lessons: { table: 'lesson', order: ['position', 'id'] },
	sessions: { table: 'session', order: ['ordinal', 'id'] },
	lines: { table: 'supply_line', order: ['position', 'id'] },
	needStates: { table: 'need_state', order: ['id'] },
	sittings: { table: 'sitting', order: ['held_on', 'id'] },
	quiet: { table: 'quiet', order: ['from_on', 'id'] },
	aliases: { table: 'item_alias', order: ['id'] },
	streamHabits: { table: 'stream_habit', order: ['id'] },
	activities: { table: 'activity', order: ['id'] },
	spines: { table: 'spine', order: ['position', 'id'] },
	ranges: { table: 'page_range', order: ['from_page', 'id'] },
	tasks: { table: 'task', order: ['id'] },
	goals: { table: 'goal', order: ['id'] },
	resources: { table: 'resource', order: ['id'] },
	uses: { table: 'resource_use', order: ['id'] },
	loans: { table: 'loan', order: ['id'] },
	activityResources: { table: 'activity_resource', order: ['id'] },
	lentPieces: { table: 'lent_piece', order: ['id'] },
	offers: { table: 'offer', order: ['id'] },
	prices: { table: 'price', order: ['on_day', 'id'] },
	purchases: { table: 'purchase', order: ['on_day', 'id'] },
	wanted: { table: 'wanted', order: ['id'] },
	substitutes: { table: 'substitute', order: ['id'] },
	kitParts: { table: 'kit_part', order: ['id'] },
	bundles: { table: 'bundle', order: ['id'] },
	bundleParts: { table: 'bundle_part', order: ['id'] },
	errands: { table: 'errand', order: ['id'] },
	stops: { table: 'stop', order: ['id'] },
	occasions: { table: 'occasion', order: ['id'] },
	placeStops: { table: 'place_stop', order: ['id'] }
};

type Table = (typeof TRACKED)[number];
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
		for (const [name, { table, order }] of Object.entries(SOURCES)) {
			const known = old?.[name as keyof Lists] as readonly AnyRow[] | undefined;
			const ids = changed?.get(table) ?? [];
			if (known && ids.length === 0) lists[name] = known;
			else if (known && ids.length <= MOST_ROWS)
				lists[name] = patched(known, ids, await rowsOf(trx, table, order, ids), order);
			else lists[name] = await rowsOf(trx, table, order);
		}
		return { revision, household, ...(lists as unknown as Lists) };
	});
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

async function rowsOf(trx: Db, table: Table, order: readonly string[], ids?: number[]): Promise<AnyRow[]> {
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

const indexes = new WeakMap<readonly object[], ReadonlyMap<number, unknown>>();

/** The rows of one table of a snapshot by their id; made once for each. */
export function byId<T extends { readonly id: number }>(rows: readonly T[]): ReadonlyMap<number, T> {
	let index = indexes.get(rows) as ReadonlyMap<number, T> | undefined;
	if (!index) indexes.set(rows, (index = new Map(rows.map((row) => [row.id, row]))));
	return index;
}

/** The supply lines of the lessons themselves, without those of activities. */
export function linesOfLessons(snapshot: Snapshot): (Row<'supply_line'> & { readonly lesson_id: number })[] {
	return snapshot.lines.filter(
		(line): line is Row<'supply_line'> & { lesson_id: number } => line.lesson_id !== null
	);
}
