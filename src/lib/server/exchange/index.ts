/**
 * Files that come in and go out as CSV: supplies at home, places, and the supply list of a unit. What
 * goes out reads back as what it was. A file first becomes a plan, row by row; nothing is changed
 * until the plan is confirmed, and then all of it or nothing.
 */
import { Refusal } from '$core/error.ts';
import type { Situation } from '$core/account/index.ts';
import { columnsOf } from './columns.ts';
import { writeBibtex } from './formats/bibtex.ts';
import { writeCsv, type Sheet } from './formats/csv.ts';
import { writeMarcxml } from './formats/marcxml.ts';
import { rowsOf, type ImportPlan, type SheetKind } from './import-plan.ts';
import { LIBRARY } from './kinds/books.ts';
import { PLAN } from './kinds/lessons.ts';
import { PLACES } from './kinds/places.ts';
import { SUPPLIES } from './kinds/supplies.ts';
import { LIST } from './kinds/supply-list.ts';

export { Stopped } from './import-plan.ts';

export type { ImportPlan, PlannedRow } from './import-plan.ts';
export { decodeText, MOST_BYTES } from './formats/decode.ts';
export type { Sheet } from './formats/csv.ts';
export { readSheetAside } from './read-aside.ts';

export const SHEET_KINDS = [SUPPLIES, PLACES, LIBRARY, LIST, PLAN] as unknown as readonly SheetKind[];

/** What a file is by its columns: the kind whose needed columns it has; of several the one it fits best. */
export function kindOf(sheet: Sheet): SheetKind {
	const fits = SHEET_KINDS.map((kind) => ({ kind, found: columnsOf(sheet, kind.columns) }))
		.filter(({ kind, found }) => kind.needs.every((key) => found.has(key)))
		.sort((a, b) => b.found.size - a.found.size);
	if (fits.length) return fits[0].kind;
	const wanted = SHEET_KINDS.map(
		(kind) =>
			`${kind.needs.map((key) => `“${kind.columns.find((column) => column.key === key)!.title}”`).join(' and ')} for ${kind.name}`
	);
	throw new Refusal(
		`These columns aren’t recognized: ${sheet.header
			.slice(0, 8)
			.map((title) => `“${title.slice(0, 30)}”`)
			.join(', ')}. We can read ${wanted.join('; ')}.`
	);
}

/** Says what bringing in a table would do. @throws Refusal when it is of no known kind. */
export async function planImport(
	situation: Situation,
	sheet: Sheet,
	run: number | null
): Promise<{ kind: SheetKind; plan: ImportPlan }> {
	const kind = kindOf(sheet);
	return { kind, plan: await kind.plan(situation, rowsOf(sheet, kind), run) };
}

/** The library as BibTeX or MARCXML. */
export function exportLibrary(situation: Situation, format: 'bib' | 'xml'): string {
	const sheet = {
		header: LIBRARY.columns.map((column) => column.title),
		rows: LIBRARY.write(situation, null)
	};
	return format === 'bib' ? writeBibtex(sheet) : writeMarcxml(sheet);
}

/** A kind of file as it goes out. */
export function exportSheet(situation: Situation, id: SheetKind['id'], run: number | null): string {
	const kind = SHEET_KINDS.find((one) => one.id === id)!;
	return writeCsv({
		header: kind.columns.map((column) => column.title),
		rows: kind.write(situation, run)
	});
}
