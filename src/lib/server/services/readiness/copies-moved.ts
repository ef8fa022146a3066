import type { Trx } from '../../history/changes.ts';
import { stateByKey, type Moment } from '$core/facts/index.ts';
import { patchNeed } from '../../stores/readiness/needs.ts';
import { forgetJobs } from '../../stores/prepare/jobs.ts';
import { spendFinish, spendPaper } from './spend.ts';
import { copyState, printKey, type CopyState, type PrintSituation } from '$core/account/index.ts';

const STAGES: readonly CopyState[] = ['to print', 'printed', 'finished', 'filed'];

/**
 * One copy has come so far, or is set back; what it took on the way is booked from the stash. The same said twice
 * changes nothing twice.
 */
export async function copyIs(
	trx: Trx,
	now: Moment,
	print: PrintSituation,
	child: number | null,
	to: CopyState
): Promise<void> {
	const key = printKey(print, child);
	const before = STAGES.indexOf(copyState(print, stateByKey(now.snapshot).get(key) ?? null));
	const stage = STAGES.indexOf(to);
	if (before === stage) return;
	const { count } = print.copies.find((one) => (one.child?.id ?? null) === child) ?? { count: 1 };
	if (before < 1 && stage >= 1) await spendPaper(trx, now, print, count);
	if (before < 2 && stage >= 2) await spendFinish(trx, now, print, count);
	// Set back, it is finished anew.
	if (before > stage && stage < 2) await forgetJobs(trx, `print-${print.row.id}/`);
	await patchNeed(trx, print.run.row.id, key, {
		found: stage >= 1 ? '1' : '0',
		prepared: stage >= 2 ? '1' : '0',
		out: stage >= 3 ? '1' : '0'
	});
}
