import Papa from 'papaparse';
import { Refusal } from '$core/error.ts';

/** A table as a spreadsheet keeps it: the first row names the columns. */
export type Sheet = { readonly header: readonly string[]; readonly rows: readonly (readonly string[])[] };

/** Cells that a spreadsheet would compute when it opens the file, also behind a sign that parts columns elsewhere. */
const FORMULA = /^(?:[\t\r]|[\s;,|]*[=+\-@＝＋－＠])/;

/** Most rows that one file may have. */
const MOST_ROWS = 10_000;

/**
 * Reads comma-, semicolon- or tab-separated text (RFC 4180 and what spreadsheets make of it).
 * @throws Refusal in words when it is no table.
 */
export function readCsv(text: string): Sheet {
	const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
		skipEmptyLines: 'greedy',
		delimitersToGuess: [',', ';', '\t', '|']
	});
	const quotes = errors.find((error) => error.type === 'Quotes');
	if (quotes)
		throw new Refusal(
			`Row ${(quotes.row ?? 0) + 1} has a quotation mark that isn’t closed. Fix it in the file and import it again.`
		);
	const [header, ...rows] = data;
	if (!header || rows.length === 0) throw new Refusal('No rows under the column names.');
	requireFewRows(rows.length);
	return {
		header: header.map((cell) => cell.trim()),
		rows: rows.map((row) => row.map((cell) => withoutGuard(cell.trim())))
	};
}

/** @throws Refusal where a file has more rows than are taken at once. */
export function requireFewRows(rows: number): void {
	if (rows > MOST_ROWS)
		throw new Refusal(`That is more than ${MOST_ROWS.toLocaleString('en-US')} rows. Import it in parts.`);
}

/** Writes a table; cells that look like a formula are guarded by an apostrophe, so that nothing computes them. */
export function writeCsv({ header, rows }: Sheet): string {
	return `${Papa.unparse([header, ...rows] as string[][], { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}

function withoutGuard(cell: string): string {
	return cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
}

/** Whether a cell is a formula of a spreadsheet: it is never computed here, and no name or amount. */
export function isFormula(cell: string): boolean {
	return /^[=@]/.test(cell) || /^[+-]\D/.test(cell);
}
