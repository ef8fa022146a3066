import type { Db } from '../src/lib/server/database/open.ts';
import { addLine } from '../src/lib/server/stores/supply-lines.ts';
import { itemNamed } from '../src/lib/server/stores/items.ts';
import { addLesson } from '../src/lib/server/stores/units.ts';
import { seedEmpty } from '../src/lib/server/stores/household.ts';

/** A household at the size that the screens are built for: 36 lessons × 20 lines × 6 children, 400 lots. */
export async function fillLarge(db: Db): Promise<void> {
	await seedEmpty(db, 'America/Chicago');
	await db.transaction().execute(async (trx) => {
		for (let i = 0; i < 6; i++) {
			await trx
				.insertInto('person')
				.values({
					name: `Child ${i}`,
					kind: 'child',
					born: `20${15 + i}-05-01`,
					allergies: '[]',
					weekdays: null
				})
				.execute();
		}
		for (let i = 0; i < 40; i++) {
			await trx
				.insertInto('place')
				.values({ parent_id: i ? Math.ceil(i / 3) : null, name: `shelf ${i}`, kind: 'shelf', position: i })
				.execute();
		}
		const unit = await trx
			.insertInto('unit')
			.values({ name: 'Large' })
			.returning('id')
			.executeTakeFirstOrThrow();
		const { id: run } = await trx
			.insertInto('run')
			.values({
				unit_id: unit.id,
				name: '2027',
				state: 'running',
				start_on: '2027-01-04',
				end_on: null,
				weekdays: '[2,4]',
				keep_free: 0,
				habit: null,
				habit_date: null,
				collecting_place_id: 1,
				copied_from: null
			})
			.returning('id')
			.executeTakeFirstOrThrow();
		for (let i = 1; i <= 6; i++)
			await trx.insertInto('run_participant').values({ run_id: run, person_id: i }).execute();
		for (let l = 0; l < 36; l++) {
			const lesson = await addLesson(trx, run, { title: `Lesson ${l}`, note: '', optional: 0, sessions: 1 });
			for (let s = 0; s < 20; s++) {
				const item = `thing ${(l * 7 + s) % 120}`;
				await addLine(trx, {
					lesson,
					written: `2 ${item} per child`,
					item,
					quantity: 1 + (s % 4),
					to: null,
					unit: 'each',
					per: (['family', 'child', 'pair'] as const)[s % 3],
					groupSize: null,
					optional: false,
					or: [],
					note: null,
					check: false,
					use: s % 5 ? 'consumed' : 'kept'
				});
			}
		}
		for (let i = 0; i < 400; i++) {
			const item = await itemNamed(trx, `thing ${i % 120}`);
			await trx
				.insertInto('lot')
				.values({
					item_id: item.id,
					amount: String(1 + (i % 17)),
					unit: 'each',
					place_id: 1 + (i % 40),
					good_until: null,
					counted_on: '2027-01-02'
				})
				.execute();
		}
	});
}
