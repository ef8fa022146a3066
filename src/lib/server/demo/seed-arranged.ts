import { exactText } from '$core/measure/index.ts';
import { MAPS, TODAY } from '../../../../demo/household.ts';
import type { Db } from '../database/open.ts';
import { computeSituation } from '../services/readiness/situation.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';
import { addOccasion } from '../stores/house/occasions.ts';
import { patchNeed } from '../stores/readiness/needs.ts';

/** What friends have promised, what is wished for, and when. */
export async function seedArranged(db: Db) {
	const situation = computeSituation(await readSnapshot(db), TODAY);
	await db.transaction().execute(async (trx) => {
		for (const { item, promised } of MAPS.arranged) {
			for (const one of situation.needs.filter((need) => need.item.name === item)) {
				await patchNeed(trx, one.run.row.id, one.need.key, {
					arranged: exactText(one.amount),
					unit: one.unit,
					promised
				});
			}
		}
		for (const text of MAPS.occasions) await addOccasion(trx, text);
		for (const [item, rung] of MAPS.otherwise)
			for (const one of situation.needs.filter((need) => need.item.name === item))
				await patchNeed(trx, one.run.row.id, one.need.key, { rung, unit: one.unit });
	});
}
