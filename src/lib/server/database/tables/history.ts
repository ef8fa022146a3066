import type { Generated } from 'kysely';
import type { Bit } from '$core/facts/index.ts';

/** A file that was brought in and waits for its confirmation. */
export interface ImportDraftTable {
	id: Generated<number>;
	name: string;
	text: string;
	/** What is to be said about how it was read. */
	note: string;
	at: string;
}

export interface ChangeTable {
	id: Generated<number>;
	revision: number;
	kind: 'do' | 'undo' | 'redo';
	/** The change that an undo or redo is about. */
	target_id: number | null;
	label: string;
	actor: string | null;
	device: string;
	/** ISO time, from the real clock. */
	at: string;
	undone: Bit;
}

export interface ChangeRowTable {
	id: Generated<number>;
	change_id: number;
	table_name: string;
	row_id: number;
	before: string | null;
	after: string | null;
}

export interface OperationTable {
	id: string;
	device: string;
	result: string;
	at: string;
}

export interface StateTable {
	id: number;
	revision: number;
	current_change: number | null;
}
