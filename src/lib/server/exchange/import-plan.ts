import { setImmediate as others } from 'node:timers/promises';
import { Refusal } from '$core/error.ts';
import type { Trx } from '../history/changes.ts';
import type { Situation } from '$core/account/index.ts';
import { cellsOf, columnsOf, type Cells, type Column } from './columns.ts';
import type { Sheet } from './formats/csv.ts';

/** What is to become of one row of a file. */
export type PlannedRow = {
	/** Row of the sheet, from 1 with the names of the columns. */
	readonly row: number;
	readonly status: 'new' | 'changed' | 'same' | 'wrong';
	/** The row as understood, or why it cannot be. */
	readonly text: string;
};

/** What bringing in a file would do, and the doing of it. */
export type ImportPlan = {
	readonly rows: readonly PlannedRow[];
	/** Makes all the changes of the plan, or none of them. */
	readonly apply: (trx: Trx, progress?: Progress) => Promise<void>;
};

/** Called now and then with how many rows are done; throws {@link Stopped} when they are to be undone. */
export type Progress = (done: number) => Promise<void>;

/** Somebody has changed their mind. */
export class Stopped extends Error {}

const ROWS_A_STEP = 50;

/** Goes through the rows one by one, and says now and then how far it is. */
export async function eachRow<T>(
	rows: readonly T[],
	progress: Progress | undefined,
	work: (row: T, index: number) => Promise<void>
): Promise<void> {
	for (const [i, row] of rows.entries()) {
		if (progress && i % ROWS_A_STEP === 0) await progress(i);
		await work(row, i);
	}
}

/** Letters that one cell may have. */
const LONGEST_CELL = 5000;

function requireShort(cells: Cells<string>): void {
	for (const [name, text] of Object.entries(cells))
		if (text.length > LONGEST_CELL)
			throw new Refusal(
				`“${name}” has ${text.length.toLocaleString('en-US')} letters; a cell takes at most ${LONGEST_CELL.toLocaleString('en-US')}.`
			);
}

/** A kind of file that goes out and comes in again. */
export type SheetKind<Key extends string = string> = {
	readonly id: 'supplies' | 'places' | 'books' | 'list' | 'plan';
	/** "supplies at home" */
	readonly name: string;
	readonly columns: readonly Column<Key>[];
	/** Columns that a file of this kind has to have. */
	readonly needs: readonly Key[];
	readonly write: (situation: Situation, run: number | null) => string[][];
	readonly plan: (
		situation: Situation,
		rows: readonly { readonly row: number; readonly cells: Cells<Key> }[],
		run: number | null
	) => Promise<ImportPlan>;
};

/** The cells of a sheet by the columns of a kind, with the number of each row. */
export function rowsOf<Key extends string>(sheet: Sheet, kind: SheetKind<Key>) {
	const at = columnsOf(sheet, kind.columns);
	return sheet.rows.map((row, i) => ({
		row: i + 2,
		/** Made as they are read: those of ten thousand rows at once would hold the server. */
		get cells() {
			return cellsOf(row, kind.columns, at);
		}
	}));
}

/** How long the server reads rows before it answers others, in ms. */
const SLICE_MS = 20;

/** Reads the rows one by one; what is wrong with one becomes its text, and the others go on. */
export async function readRows<Key extends string, T>(
	rows: readonly { readonly row: number; readonly cells: Cells<Key> }[],
	read: (
		cells: Cells<Key>,
		row: number
	) => { status: Exclude<PlannedRow['status'], 'wrong'>; text: string; value: T }
): Promise<{ planned: PlannedRow; value: T | null }[]> {
	const done: { planned: PlannedRow; value: T | null }[] = [];
	let slice = performance.now();
	for (const each of rows) {
		if (performance.now() - slice > SLICE_MS) {
			await others();
			slice = performance.now();
		}
		const { row, cells } = each;
		try {
			requireShort(cells);
			const { status, text, value } = read(cells, row);
			done.push({ planned: { row, status, text }, value });
		} catch (error) {
			if (!(error instanceof Refusal)) throw error;
			done.push({ planned: { row, status: 'wrong', text: error.message }, value: null });
		}
	}
	return done;
}
