import type { Db } from '../database/open.ts';

const WORKDAYS = JSON.stringify([1, 2, 3, 4, 5, 6]);

/** What every household starts with: nobody, nothing, and one shop that is open on weekdays and Saturdays. */
export async function seedEmpty(db: Db, zone: string): Promise<void> {
	await db.transaction().execute(async (trx) => {
		await trx
			.insertInto('household')
			.values({
				id: 1,
				name: 'Our household',
				zone,
				week_start: zone.startsWith('America/') ? 7 : 1,
				fixed_today: null,
				measures: zone.startsWith('America/') ? 'us' : 'metric',
				habit: 'a week ahead',
				habit_date: null,
				count_age_days: 120
			})
			.execute();
		await trx
			.insertInto('supplier')
			.values([
				{ name: 'Shop', kind: 'shop', weekdays: WORKDAYS, lead_days: 0, position: 1 },
				{ name: 'Ordered', kind: 'order', weekdays: WORKDAYS, lead_days: 5, position: 2 },
				{
					name: 'Borrowed from friends',
					kind: 'friend',
					weekdays: '[1,2,3,4,5,6,7]',
					lead_days: 3,
					position: 3
				}
			])
			.execute();
	});
}
