import { Refusal } from '$core/error.ts';
import { parsed } from '$core/facts/index.ts';
import { isFlagged, type RunSituation, type Situation, type PageSizes } from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { updatePrint } from '../../stores/print/prints.ts';
import { settledPrint } from './flagged.ts';
import { cutOffPages, planOf } from './run-view.ts';

/**
 * Makes pages smaller whose ink the printer would not reach: those named of some prints, or all of a run. Answers how
 * many. @throws Refusal where none loses ink.
 */
export async function fitInside(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	id: number,
	sizes: PageSizes,
	only: ReadonlyMap<number, readonly number[]> | null
): Promise<number> {
	const plan = planOf(now, run, id, sizes);
	const lost = cutOffPages(plan);
	let count = 0;
	for (const print of new Set(plan.sets.map((one) => one.print))) {
		const pages = (lost.get(print.row.id) ?? []).filter(
			(page) => only === null || only.get(print.row.id)?.includes(page)
		);
		if (pages.length === 0) continue;
		count += pages.length;
		for (const row of print.rows) {
			const own = parsed(row.pages).filter((page) => pages.includes(page));
			const fit = [...new Set([...parsed(row.fit), ...own])].sort((a, b) => a - b);
			const kept = isFlagged(row) ? await settledPrint(trx, now, run, row.id) : row.id;
			if (own.length) await updatePrint(trx, run.row.id, kept, { fit });
		}
	}
	if (count === 0) throw new Refusal('No ink is cut off now. Reload the page.');
	return count;
}
