import type { Db } from '../src/lib/server/database/open.ts';
import { addLine, type LineInput } from '../src/lib/server/stores/gathering/supply-lines.ts';
import { itemNamed } from '../src/lib/server/stores/stash/items.ts';
import { addDays, type Weekday } from '../src/core/calendar/index.ts';
import { json } from '../src/core/facts/index.ts';
import { ACTIVITY_KINDS, readActivity } from '../src/core/plan/index.ts';
import { typedActivity } from '../src/lib/server/services/plan/activity-typed.ts';
import { addActivity } from '../src/lib/server/stores/plan/activities.ts';
import { addRange, addSpine } from '../src/lib/server/stores/plan/spines.ts';
import { createUnit, setCalendar, setLimits } from '../src/lib/server/stores/plan/units.ts';
import { addLesson } from '../src/lib/server/stores/plan/lessons.ts';
import { seedEmpty } from '../src/lib/server/stores/house/household.ts';

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
					allergies: json<readonly string[]>([]),
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
				weekdays: json<readonly Weekday[]>([2, 4]),
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
				await addLine(
					trx,
					lineOf(lesson, item, {
						quantity: 1 + (s % 4),
						per: (['family', 'child', 'pair'] as const)[s % 3],
						use: s % 5 ? 'consumed' : 'kept'
					})
				);
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

/** A line of a list, with what differs from line to line. */
function lineOf(lesson: number, item: string, own: Pick<LineInput, 'quantity' | 'per' | 'use'>): LineInput {
	return {
		...own,
		lesson,
		item,
		written: `2 ${item} per child`,
		to: null,
		unit: 'each',
		groupSize: null,
		optional: false,
		or: [],
		note: null,
		check: false
	};
}

/**
 * The house at its largest: 2,000 lots in 150 places, 3 units of 40 lessons with 8 lines, 10 activities
 * and pages of a book each.
 */
export async function fillHouse(db: Db, linesALesson = 8): Promise<void> {
	await seedEmpty(db, 'America/Chicago');
	await db.transaction().execute(async (trx) => {
		for (let i = 0; i < 4; i++) {
			await trx
				.insertInto('person')
				.values({
					name: `Child ${i}`,
					kind: 'child',
					born: `20${15 + 3 * i}-05-01`,
					allergies: json<readonly string[]>([]),
					weekdays: null
				})
				.execute();
		}
		for (let i = 1; i <= 150; i++) {
			await trx
				.insertInto('place')
				.values({
					parent_id: i <= 10 ? null : i <= 50 ? 1 + (i % 10) : 11 + (i % 40),
					name: `place ${i}`,
					kind: i <= 10 ? 'room' : i <= 50 ? 'furniture' : 'shelf',
					position: i,
					floor_mm: i > 50 ? (i % 5) * 400 : null
				})
				.execute();
		}
		for (let i = 0; i < 2000; i++) {
			const item = await itemNamed(
				trx,
				`${['red', 'blue', 'small', 'round'][i % 4]} thing number ${i % 900}`
			);
			await trx
				.insertInto('lot')
				.values({
					item_id: item.id,
					amount: String(1 + (i % 17)),
					unit: 'each',
					place_id: 1 + (i % 150),
					good_until: i % 9 ? null : addDays('2027-02-01', i % 60),
					counted_on: i % 5 ? '2027-01-02' : '2026-06-01'
				})
				.execute();
		}
		for (let u = 0; u < 3; u++) {
			const run = await createUnit(trx, `Unit ${u}`, '2027-01-22');
			await setCalendar(trx, run, {
				start: '2027-01-04',
				end: null,
				weekdays: u === 0 ? [2, 4] : [1, 3, 5],
				keepFree: 0,
				habits: { kind: null, date: null, streams: {} }
			});
			const spine = await addSpine(trx, run, {
				title: `Book ${u}`,
				counted: 'pages',
				first_page: 1,
				last_page: 240,
				words_per_page: 250
			});
			for (let l = 0; l < 40; l++) {
				const lesson = await addLesson(trx, run, {
					title: `Lesson ${l}`,
					note: '',
					optional: 0,
					sessions: 1
				});
				for (let s = 0; s < linesALesson; s++) {
					const item = `${['red', 'blue', 'small', 'round'][(l + s) % 4]} thing number ${(l * 29 + s * 7 + u * 300) % 900}`;
					await addLine(
						trx,
						lineOf(lesson, item, {
							quantity: 1 + (s % 4),
							per: (['family', 'child', 'pair'] as const)[s % 3],
							use: s % 5 ? 'consumed' : 'kept'
						})
					);
				}
				await addRange(trx, run, spine, lesson, {
					from: 1 + 5 * l,
					to: 5 + 5 * l,
					way: 'read aloud',
					minutes: null,
					note: '',
					participants: null
				});
				for (let a = 0; a < 10; a++) {
					const typed = readActivity(
						`Activity ${l}-${a}, ${ACTIVITY_KINDS[a]}, ${10 + ((a * 7 + l) % 40)} min, $${a % 4}`,
						[]
					);
					// Half of them wait in the pool.
					await addActivity(
						trx,
						run,
						{ ...typedActivity([], typed), supplies: a % 3 ? '' : `1 red thing number ${a * 4}` },
						{ lesson: a % 2 ? lesson : null, day: null }
					);
				}
			}
			await setLimits(trx, run, {
				minutes: 600,
				handsOn: 8,
				cents: 3000,
				mess: 9,
				adultMinutes: 300,
				budget: 20_000
			});
		}
	});
}

/** A large library: 20,000 resources and 60,000 uses in the lessons of the house at its largest. */
export async function fillLibrary(db: Db): Promise<void> {
	const words = [
		'River',
		'Lantern',
		'Beetle',
		'Harbor',
		'Meadow',
		'Comet',
		'Loom',
		'Glacier',
		'Fiddle',
		'Orchard'
	];
	const kinds = ['book', 'picture book', 'game', 'kit', 'printable'] as const;
	await db.transaction().execute(async (trx) => {
		const lessons = await trx.selectFrom('lesson').select('id').execute();
		for (let at = 0; at < 20_000; at += 500) {
			await trx
				.insertInto('resource')
				.values(
					Array.from({ length: 500 }, (_, k) => {
						const i = at + k;
						return {
							title: `The ${words[i % 10]} and the ${words[(i * 7 + 3) % 10]} no. ${i}`,
							authors: `Author ${i % 900}`,
							kind: kinds[i % 5],
							topics: `topic ${i % 40}, topic ${(i * 3) % 40}`,
							pages: 20 + (i % 300),
							from_age: i % 9,
							to_age: 4 + (i % 12),
							owned: i % 6 ? (1 as const) : (0 as const),
							place_id: 1 + (i % 150),
							added_on: '2026-09-01'
						};
					})
				)
				.execute();
		}
		for (let at = 0; at < 60_000; at += 1000) {
			await trx
				.insertInto('resource_use')
				.values(
					Array.from({ length: 1000 }, (_, k) => ({
						resource_id: 1 + (((at + k) * 17) % 20_000),
						// Most of them in lessons of long ago; a few hundred in the units that run.
						lesson_id: lessons[(at + k) % lessons.length].id,
						role: 'look at' as const,
						note: ''
					}))
				)
				.execute();
		}
	});
}

/** On top of it, so many things on the lists of the first run that nobody has looked for, in kinds that houses keep. */
export async function fillUnlooked(db: Db, things: number): Promise<void> {
	const KINDS = ['paint', 'ribbon', 'box', 'bowl', 'game', 'rope', 'card', 'jar', 'stick', 'shirt'];
	await db.transaction().execute(async (trx) => {
		const lessons = await trx.selectFrom('lesson').select('id').where('run_id', '=', 1).execute();
		for (let i = 0; i < things; i++) {
			const item = `kind ${i} ${KINDS[i % KINDS.length]}`;
			await addLine(
				trx,
				lineOf(lessons[i % lessons.length].id, item, { quantity: 2, per: 'family', use: 'consumed' })
			);
		}
	});
}
