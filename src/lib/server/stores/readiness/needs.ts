import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

type Patch = Partial<
	Pick<
		Row<'need_state'>,
		| 'decision'
		| 'person_id'
		| 'supplier_id'
		| 'rung'
		| 'unit'
		| 'arranged'
		| 'found'
		| 'prepared'
		| 'out'
		| 'promised'
		| 'note'
	>
>;

/** Stores what was decided about a need, or how far it has come. */
export async function patchNeed(trx: Trx, run: number, key: string, patch: Patch): Promise<void> {
	await trx
		.insertInto('need_state')
		.values({ key, run_id: run, ...patch })
		.onConflict((conflict) => conflict.column('key').doUpdateSet(patch))
		.execute();
}

/** What was decided about a need goes on under another key. */
export async function renameNeed(trx: Trx, run: number, from: string, to: string): Promise<void> {
	await trx
		.updateTable('need_state')
		.set({ key: to })
		.where('run_id', '=', run)
		.where('key', '=', from)
		.execute();
}
