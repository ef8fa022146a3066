import { Refusal } from '$core/error.ts';
import type { Day } from '$core/calendar/index.ts';
import { WORK, type Work } from '$core/prepare/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

/** Puts a job at a sitting, or at none. */
export async function placeJob(trx: Trx, run: number, key: string, sitting: number | null): Promise<void> {
	await trx
		.insertInto('prep_job')
		.values({ key, run_id: run, sitting_id: sitting, done_on: null, work: null, count: null, minutes: null })
		.onConflict((conflict) => conflict.column('key').doUpdateSet({ sitting_id: sitting, done_on: null }))
		.execute();
}

/** What a job took, for the rates to learn from. */
export type Took = {
	readonly work: Work | null;
	readonly count: number | null;
	readonly minutes: number | null;
};

/** Notes that a job is done, and what it took. */
export async function jobDone(trx: Trx, run: number, key: string, on: Day, took: Took): Promise<void> {
	await trx
		.insertInto('prep_job')
		.values({ key, run_id: run, sitting_id: null, done_on: on, ...took })
		.onConflict((conflict) => conflict.column('key').doUpdateSet({ done_on: on, ...took }))
		.execute();
}

/** Adds a job that the household noted itself. */
export async function addOwnJob(
	trx: Trx,
	run: number,
	input: Pick<Row<'own_job'>, 'title' | 'minutes' | 'ready_by'>
): Promise<void> {
	await trx
		.insertInto('own_job')
		.values({ ...input, run_id: run, done_on: null })
		.execute();
}

export async function ownJobDone(trx: Trx, id: number, on: Day): Promise<void> {
	await trx.updateTable('own_job').set({ done_on: on }).where('id', '=', id).execute();
}

/** Takes a job of the household's own away. */
export async function removeOwnJob(trx: Trx, run: number, id: number): Promise<void> {
	const { numDeletedRows } = await trx
		.deleteFrom('own_job')
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (numDeletedRows === 0n) throw new Refusal('That job is gone already. Reload the page.');
	await trx.deleteFrom('prep_job').where('key', '=', `own-${id}`).execute();
}

/** Forgets that jobs were done whose keys begin like this. What a rate learned from stays, under a key of its own. */
export async function forgetJobs(trx: Trx, beginning: string): Promise<void> {
	const rows = await trx.selectFrom('prep_job').selectAll().where('key', 'like', `${beginning}%`).execute();
	for (const row of rows)
		await trx
			.updateTable('prep_job')
			.set(row.work === null || row.done_on === null ? { done_on: null } : { key: `done-${row.id}` })
			.where('id', '=', row.id)
			.execute();
}

/** A rate no longer learns from a job that was done. @throws Refusal where it is gone */
export async function dropTook(trx: Trx, id: number): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('prep_job')
		.set({ work: null, count: null, minutes: null })
		.where('id', '=', id)
		.where('work', 'in', [...WORK])
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That one is dropped already. Reload the page.');
}
