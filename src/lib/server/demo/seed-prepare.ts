import { BINDER, LEARNED, OWN_JOB, SITTINGS, THINGS } from '../../../../demo/prepare.ts';
import type { Db } from '../database/open.ts';
import { setBinder } from '../stores/binders/binders.ts';
import { addThing } from '../stores/boxes/things.ts';
import { addOwnJob, jobDone } from '../stores/prepare/jobs.ts';
import { addSittings } from '../stores/prepare/sittings.ts';

/** The evenings of the house, what earlier ones took, the binder that it has, and what goes into the unit's box. */
export async function seedPrepare(db: Db, run: number): Promise<void> {
	await db.transaction().execute(async (trx) => {
		await addSittings(trx, SITTINGS);
		for (const [at, { on, ...took }] of LEARNED.entries())
			await jobDone(trx, run, `done-${at + 1}`, on, took);
		await addOwnJob(trx, run, OWN_JOB);
		await setBinder(trx, run, BINDER);
		for (const thing of THINGS) await addThing(trx, run, thing);
	});
}
