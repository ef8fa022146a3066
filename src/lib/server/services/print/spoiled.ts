import { exact } from '$core/measure/index.ts';
import { stockOf, type Stock } from '$core/reference/index.ts';
import type { Trx } from '../../history/changes.ts';
import { updatePrintRun } from '../../stores/print/prints.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { spend } from '../readiness/spend.ts';
import { runRow } from './print-runs.ts';

/** Sheets that came out wrong, by a jam or on the wrong paper: they are counted, and gone from the stash. */
export async function takeSpoiled(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	id: number,
	sheets: number,
	stock: Stock
): Promise<void> {
	const row = runRow(now.snapshot, run, id);
	await spend(trx, now, stockOf(stock).item, exact(sheets), 'sheet');
	await updatePrintRun(trx, run.row.id, id, { spoiled: row.spoiled + sheets, spoiled_stock: stock });
}
