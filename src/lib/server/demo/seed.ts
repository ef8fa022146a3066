import { readWanted } from '$core/buying/index.ts';
import {
	BREAD,
	COLLECTED,
	HOUSEHOLD,
	KITES,
	MAPS,
	PEOPLE,
	PLACES,
	SUPPLIERS,
	TODAY
} from '../../../../demo/household.ts';
import { WANTED } from '../../../../demo/prices.ts';
import { json } from '$core/facts/index.ts';
import type { Db } from '../database/open.ts';
import { addWanted } from '../stores/buying/wanted.ts';
import { seedArranged } from './seed-arranged.ts';
import { patchItem, seedLot, seedPlaces } from './seed-house.ts';
import { seedLibrary } from './seed-library.ts';
import { seedPrices } from './seed-prices.ts';
import { seedOpening, seedPrepare } from './seed-prepare.ts';
import { seedPrint } from './seed-print.ts';
import { seedSetOut } from './seed-setout.ts';
import { seedOlderOnly, seedPlan, seedRun } from './seed-units.ts';

/** Fills an empty database with the invented household of demo/. */
export async function seedDemo(db: Db): Promise<void> {
	const { maps, kites } = await db.transaction().execute(async (trx) => {
		await trx
			.insertInto('household')
			.values({
				id: 1,
				name: HOUSEHOLD.name,
				zone: HOUSEHOLD.zone,
				week_start: HOUSEHOLD.weekStart,
				fixed_today: TODAY,
				measures: 'metric',
				country: 'US',
				evening: json({ over: 'done' }),
				habit: 'a week ahead',
				habit_date: null,
				count_age_days: 120
			})
			.execute();
		for (const person of PEOPLE) {
			await trx
				.insertInto('person')
				.values({
					...person,
					allergies: json(person.allergies),
					weekdays: person.weekdays ? json(person.weekdays) : null
				})
				.execute();
		}
		for (const [i, supplier] of SUPPLIERS.entries()) {
			await trx
				.insertInto('supplier')
				.values({
					name: supplier.name,
					kind: supplier.kind,
					weekdays: json(supplier.weekdays),
					lead_days: supplier.leadDays,
					...('loanDays' in supplier ? { loan_days: supplier.loanDays, renewals: supplier.renewals } : {}),
					position: i + 1
				})
				.execute();
		}
		const places = new Map<string, number>();
		await seedPlaces(trx, PLACES, null, places);
		const maps = await seedRun(trx, MAPS, places, 'running');
		const kites = await seedRun(trx, KITES, places, 'collecting');
		const bread = await seedRun(trx, BREAD, places, 'put away');
		for (const [name, days] of MAPS.perishable) await patchItem(trx, name, { keeps_days: days });
		for (const [name, amount, unit] of MAPS.keepBack) {
			await patchItem(trx, name, { keep_back: String(amount), keep_back_unit: unit });
		}
		for (const [name, supplier] of MAPS.suppliers) {
			const { id } = await trx
				.selectFrom('supplier')
				.select('id')
				.where('name', '=', supplier)
				.executeTakeFirstOrThrow();
			await patchItem(trx, name, { supplier_id: id });
		}
		for (const line of COLLECTED) await seedLot(trx, line, places.get(MAPS.box)!, '2027-01-20');
		await seedOlderOnly(trx, maps);
		await seedPlan(trx, maps);
		await seedLibrary(trx, { maps, kites, bread }, places);
		await seedPrices(trx);
		for (const text of WANTED) {
			const read = readWanted(text, [MAPS.name, KITES.name, BREAD.name], ['Odile', 'Perrin', 'Tamsin']);
			const run = { [MAPS.name]: maps, [KITES.name]: kites, [BREAD.name]: bread }[read.unit ?? ''] ?? null;
			const person = await trx
				.selectFrom('person')
				.select('id')
				.where('name', '=', read.person ?? '')
				.executeTakeFirst();
			const { what, mostCents: most_cents, where: look_at } = read;
			await addWanted(
				trx,
				{ what, run_id: run, person_id: person?.id ?? null, most_cents, look_at },
				'2026-11-14'
			);
		}
		return { maps, kites };
	});
	await seedArranged(db);
	await seedPrint(db, maps);
	await seedPrepare(db, maps);
	await seedOpening(db, kites);
	await seedSetOut(db, maps);
}
