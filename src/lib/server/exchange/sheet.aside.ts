import { parentPort, workerData } from 'node:worker_threads';
import { Refusal } from '$core/error.ts';
import type { Sheet } from './formats/csv.ts';
import { readSheet } from './formats/sheet.ts';

/** What the thread beside the server answers: the rows in parts, and then the header; or what is wrong. */
export type Answer =
	| { readonly rows: Sheet['rows'] }
	| { readonly header: Sheet['header'] }
	| { readonly refused: string }
	| { readonly failed: string };

/** Rows that the server takes over in one go; all at once would hold it. */
const ROWS_A_PART = 500;

const say = (answer: Answer) => parentPort!.postMessage(answer);

try {
	const { header, rows } = readSheet(workerData as string);
	for (let at = 0; at < rows.length; at += ROWS_A_PART) say({ rows: rows.slice(at, at + ROWS_A_PART) });
	say({ header });
} catch (error) {
	say(error instanceof Refusal ? { refused: error.message } : { failed: String(error) });
}
