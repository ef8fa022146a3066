import type { Generated, Selectable } from 'kysely';
import type { Filled, Tables } from '$core/facts/index.ts';
import type { ChangeRowTable, ChangeTable, ImportDraftTable, OperationTable, StateTable } from './history.ts';

/** A table as Kysely knows it. */
type Stored<T> = { [K in keyof T]: T[K] extends Filled<infer V> ? Generated<V> : T[K] };

/** What the database keeps beside the facts: the record of changes, and what is being brought in. */
interface History {
	import_draft: ImportDraftTable;
	change: ChangeTable;
	change_row: ChangeRowTable;
	operation: OperationTable;
	state: StateTable;
}

export type Database = { [T in keyof Tables]: Stored<Tables[T]> } & History;

/** A row beside the facts as it is read. */
export type HistoryRow<T extends keyof History> = Selectable<History[T]>;

/** Columns that undo never brings back: an address that was taken away stays taken away. */
export const NOT_UNDONE: { readonly [T in keyof Tables]?: readonly string[] } = {
	household: ['feed_secret', 'child_links']
};
