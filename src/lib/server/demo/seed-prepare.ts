import { BINDER, LEARNED, OPENING, OWN_JOB, SITTINGS, THINGS, UNIT_BOX } from '../../../../demo/prepare.ts';
import { nameKey } from '$core/naming/index.ts';
import type { Db } from '../database/open.ts';
import { setBinder } from '../stores/binders/binders.ts';
import { OPENING_KINDS } from '$core/boxes/index.ts';
import { addOpeningThing, describeBox, setOpeningBox } from '../stores/boxes/boxes.ts';
import { addThing, measureListed } from '../stores/boxes/things.ts';
import { addOwnJob, jobDone } from '../stores/prepare/jobs.ts';
import { addSittings } from '../stores/prepare/sittings.ts';

/** The evenings of the house, what earlier ones took, the binder that it has, and what goes into the unit's box. */
export async function seedPrepare(db: Db, run: number): Promise<void> {
	await db.transaction().execute(async (trx) => {
		await addSittings(trx, {
			...SITTINGS,
			rule: { startsOn: SITTINGS.days[0], rule: 'FREQ=WEEKLY;BYDAY=TU,TH', except: [] }
		});
		for (const [at, { on, ...took }] of LEARNED.entries())
			await jobDone(trx, run, `done-${at + 1}`, on, took);
		await addOwnJob(trx, run, OWN_JOB);
		await setBinder(trx, run, BINDER);
		for (const thing of THINGS) {
			const item = await trx
				.selectFrom('item')
				.select('id')
				.where('name_key', '=', nameKey(thing.title))
				.executeTakeFirst();
			if (item) await measureListed(trx, { kind: 'item', key: item.id }, thing);
			else await addThing(trx, run, thing);
		}
		const { id } = await trx
			.selectFrom('place')
			.select('id')
			.where('name', '=', UNIT_BOX.name)
			.executeTakeFirstOrThrow();
		await describeBox(trx, id, UNIT_BOX.detail);
	});
}

/** The box that fills over months and is given on the first day of a unit. */
export async function seedOpening(db: Db, run: number): Promise<void> {
	await db.transaction().execute(async (trx) => {
		const { id } = await trx
			.selectFrom('place')
			.select('id')
			.where('name', '=', OPENING.place)
			.executeTakeFirstOrThrow();
		await setOpeningBox(trx, run, {
			place: id,
			opensOn: null,
			kinds: OPENING_KINDS.filter((kind) => kind !== 'other')
		});
		for (const thing of OPENING.things)
			await addOpeningThing(trx, run, {
				...thing,
				resource_id: null,
				came_on: thing.inside ? '2026-12-28' : null
			});
	});
}
