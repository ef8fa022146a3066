import { Refusal } from '$core/error.ts';
import { parsed } from '$core/facts/index.ts';
import { isFlagged, printKey, printsOf, type RunSituation, type Situation } from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addPrint, renamePrints, updatePrint } from '../../stores/print/prints.ts';
import { renameNeed } from '../../stores/readiness/needs.ts';
import { printFrom } from './sources.ts';

/**
 * The id of a print that something is settled about. A printable that was only flagged becomes rows of its own, one for
 * each lesson that wants it; its copies and runs go on under them.
 * @throws Refusal where it is not wanted any more.
 */
export async function settledPrint(trx: Trx, now: Situation, run: RunSituation, id: number): Promise<number> {
	if (!isFlagged({ id })) return id;
	const flagged = printsOf(now.snapshot, run).filter((one) => isFlagged(one.row));
	const wanted = flagged.find((one) => one.row.id === id);
	if (!wanted) throw new Refusal('That printable is no longer on a lesson. Reload the page.');
	const source = await printFrom(trx, run.row.id, wanted.resource.id, 'other');
	const renamed = new Map<number, number>();
	for (const print of flagged.filter((one) => one.resource === wanted.resource)) {
		const { row } = print;
		const made = await addPrint(trx, run.row.id, {
			source,
			lesson: row.lesson_id,
			title: row.title,
			role: row.role,
			pages: parsed(row.pages),
			again: false,
			fromBook: false,
			size: null,
			backs: null
		});
		await updatePrint(trx, run.row.id, made, { optional: row.optional, note: row.note });
		renamed.set(row.id, made);
		for (const { child } of print.copies) {
			const of = child?.id ?? null;
			await renameNeed(
				trx,
				run.row.id,
				printKey(print, of),
				printKey({ ...print, row: { ...row, id: made } }, of)
			);
		}
	}
	await renamePrints(trx, run.row.id, renamed);
	return renamed.get(id)!;
}
