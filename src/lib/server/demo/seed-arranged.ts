import { exactText } from '$core/measure/index.ts';
import { MAPS, TODAY } from '../../../../demo/household.ts';
import type { Db } from '../database/open.ts';
import { computeSituation } from '$core/account/index.ts';
import { say } from '../stores/stash/statements.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';
import { addOccasion } from '../stores/house/occasions.ts';
import { askedNow } from '../services/looking/answers.ts';
import { patchNeed } from '../stores/readiness/needs.ts';

/** What friends have promised, what is wished for, and when. */
export async function seedArranged(db: Db) {
	await seedLookedFor(db);
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

/** What was looked for in vain on one day, and what there is enough of. A few things wait to be looked for. */
async function seedLookedFor(db: Db) {
	const situation = computeSituation(await readSnapshot(db), TODAY);
	const open = new Set<string>(MAPS.notLookedFor);
	const places = new Map(situation.snapshot.places.map((place) => [place.name, place.id]));
	await db.transaction().execute(async (trx) => {
		for (const [item, place] of MAPS.enough) {
			const { id } = situation.snapshot.items.find((one) => one.name === item)!;
			await say(
				trx,
				id,
				{ state: 'enough', place: place && places.get(place)!, asked: askedNow(situation, id) },
				MAPS.lookedOn
			);
		}
		const said = new Set<string>(MAPS.enough.map(([item]) => item));
		const without = situation.needs.filter(
			({ item, known }) => !known.hasLots && !open.has(item.name) && !said.has(item.name)
		);
		for (const id of new Set(without.map((one) => one.item.id)))
			await say(trx, id, { state: 'none', place: null, asked: askedNow(situation, id) }, MAPS.lookedOn);
	});
}
