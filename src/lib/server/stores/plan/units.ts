import type { Day, Weekday } from '$core/calendar/index.ts';
import { CoreError } from '$core/error.ts';
import type { Rhythm } from '$core/plan/index.ts';
import type { Row } from '../../database/tables.ts';
import type { Trx } from '../../history/changes.ts';
import { checkHabits, setStreamHabits, type Habits } from '../house/habits.ts';

/** Makes a unit with its first run; all children and guests of the household take part. */
export async function createUnit(trx: Trx, name: string, today: Day): Promise<number> {
	const unit = await trx.insertInto('unit').values({ name }).returning('id').executeTakeFirstOrThrow();
	const box = await trx
		.insertInto('place')
		.values({ parent_id: null, name: `Box for ${name}`, kind: 'box', position: 1000 })
		.returning('id')
		.executeTakeFirstOrThrow();
	const run = await trx
		.insertInto('run')
		.values({
			unit_id: unit.id,
			name: `${today.slice(0, 4)} run`,
			state: 'collecting',
			start_on: null,
			end_on: null,
			weekdays: '[]',
			keep_free: 0,
			habit: null,
			habit_date: null,
			collecting_place_id: box.id,
			copied_from: null
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	const children = await trx.selectFrom('person').select('id').where('kind', '!=', 'adult').execute();
	if (children.length) {
		await trx
			.insertInto('run_participant')
			.values(children.map((child) => ({ run_id: run.id, person_id: child.id })))
			.execute();
	}
	return run.id;
}

export type CalendarInput = {
	readonly start: Day | null;
	readonly end: Day | null;
	readonly weekdays: readonly Weekday[];
	readonly keepFree: number;
	readonly habits: Habits;
	/** Where its things are brought together; null is nowhere of their own, not given keeps it. */
	readonly collectingPlace?: number | null;
};

/** Sets on which days a run is taught and how far ahead the household works for it. */
export async function setCalendar(trx: Trx, run: number, input: CalendarInput): Promise<void> {
	if (input.start && input.end && input.end < input.start) {
		throw new CoreError('The last day must not be before the first.', 'end');
	}
	checkHabits(input.habits);
	await setStreamHabits(trx, run, input.habits);
	await trx
		.updateTable('run')
		.set({
			start_on: input.start,
			end_on: input.end,
			weekdays: JSON.stringify(input.weekdays),
			keep_free: input.keepFree,
			habit: input.habits.kind,
			habit_date: input.habits.date,
			collecting_place_id: input.collectingPlace,
			state: input.start && input.weekdays.length ? 'running' : 'collecting'
		})
		.where('id', '=', run)
		.execute();
}

export async function addBlocked(trx: Trx, run: number, from: Day, to: Day, reason: string): Promise<void> {
	if (to < from) throw new CoreError('The last day off must not be before the first.', 'to');
	await trx.insertInto('blocked').values({ run_id: run, from_on: from, to_on: to, reason }).execute();
}

export async function removeBlocked(trx: Trx, run: number, id: number): Promise<void> {
	await trx.deleteFrom('blocked').where('id', '=', id).where('run_id', '=', run).execute();
}

export type LessonInput = Pick<Row<'lesson'>, 'title' | 'note' | 'optional' | 'sessions'> &
	Partial<Omit<Row<'lesson'>, 'id' | 'run_id' | 'position'>>;

/** Adds a lesson after the last one. */
export async function addLesson(trx: Trx, run: number, input: LessonInput): Promise<number> {
	const { last } = await trx
		.selectFrom('lesson')
		.select((eb) => eb.fn.max('position').as('last'))
		.where('run_id', '=', run)
		.executeTakeFirstOrThrow();
	const { id } = await trx
		.insertInto('lesson')
		.values({ run_id: run, position: Number(last ?? 0) + 1, ...input })
		.returning('id')
		.executeTakeFirstOrThrow();
	return id;
}

export async function updateLesson(trx: Trx, run: number, id: number, input: LessonInput): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('lesson')
		.set(input)
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (numUpdatedRows === 0n)
		throw new CoreError('That lesson is not in the unit any more. Load the page again.');
}

/** Puts the lessons of a run in the given order; lessons not named keep theirs after them. */
export async function orderLessons(trx: Trx, run: number, order: readonly number[]): Promise<void> {
	const lessons = await trx
		.selectFrom('lesson')
		.select(['id', 'position'])
		.where('run_id', '=', run)
		.orderBy('position')
		.orderBy('id')
		.execute();
	const named = order.filter((id) => lessons.some((lesson) => lesson.id === id));
	const all = [...named, ...lessons.map((lesson) => lesson.id).filter((id) => !named.includes(id))];
	for (const [i, id] of all.entries()) {
		if (lessons.find((lesson) => lesson.id === id)!.position === i + 1) continue;
		await trx
			.updateTable('lesson')
			.set({ position: i + 1 })
			.where('id', '=', id)
			.execute();
	}
}

/** Two lessons of one run change places in its order. */
export async function swapLessons(trx: Trx, first: number, second: number): Promise<void> {
	const rows = await trx
		.selectFrom('lesson')
		.select(['id', 'run_id', 'position'])
		.where('id', 'in', [first, second])
		.execute();
	if (rows.length !== 2 || rows[0].run_id !== rows[1].run_id)
		throw new CoreError('One of the two lessons is not here any more. Load the page again.');
	const [a, b] = rows;
	await trx.updateTable('lesson').set({ position: b.position }).where('id', '=', a.id).execute();
	await trx.updateTable('lesson').set({ position: a.position }).where('id', '=', b.id).execute();
}

/** Takes a lesson out of the plan, with its supply lines and outcomes. */
export async function removeLesson(trx: Trx, run: number, id: number): Promise<void> {
	const lesson = await trx
		.selectFrom('lesson')
		.select('id')
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!lesson) return;
	await trx.deleteFrom('supply_line').where('lesson_id', '=', id).execute();
	await trx.deleteFrom('session').where('lesson_id', '=', id).execute();
	await trx.deleteFrom('page_range').where('lesson_id', '=', id).execute();
	await trx.deleteFrom('resource_use').where('lesson_id', '=', id).execute();
	await trx.deleteFrom('task').where('lesson_id', '=', id).execute();
	// What was to be done in it goes back to the pool.
	await trx.updateTable('activity').set({ lesson_id: null }).where('lesson_id', '=', id).execute();
	await trx.deleteFrom('lesson').where('id', '=', id).execute();
}

/** Writes down how one session of a lesson went. */
export async function setOutcome(
	trx: Trx,
	lesson: number,
	ordinal: number,
	outcome: Row<'session'>['outcome'],
	heldOn: Day
): Promise<void> {
	const there = await trx.selectFrom('lesson').select('id').where('id', '=', lesson).executeTakeFirst();
	if (!there) throw new CoreError('That lesson is not in the plan any more. Load the page again.');
	await trx
		.insertInto('session')
		.values({ lesson_id: lesson, ordinal, outcome, held_on: heldOn })
		.onConflict((conflict) =>
			conflict.columns(['lesson_id', 'ordinal']).doUpdateSet({ outcome, held_on: heldOn })
		)
		.execute();
}

/** Lets a lesson go first when days are short. */
export async function setOptional(trx: Trx, lesson: number): Promise<void> {
	await trx.updateTable('lesson').set({ optional: 1 }).where('id', '=', lesson).execute();
}

export async function setWeekdays(trx: Trx, run: number, weekdays: readonly Weekday[]): Promise<void> {
	await trx
		.updateTable('run')
		.set({ weekdays: JSON.stringify(weekdays) })
		.where('id', '=', run)
		.execute();
}

export async function setStart(trx: Trx, run: number, start: Day): Promise<void> {
	await trx.updateTable('run').set({ start_on: start }).where('id', '=', run).execute();
}

export async function moveEnd(trx: Trx, run: number, end: Day): Promise<void> {
	await trx.updateTable('run').set({ end_on: end }).where('id', '=', run).execute();
}

/** Teaches two lessons on one day: the second becomes part of the first, with all that it needs. */
export async function mergeLessons(trx: Trx, first: number, second: number): Promise<void> {
	const rows = await trx.selectFrom('lesson').selectAll().where('id', 'in', [first, second]).execute();
	const [kept, gone] = [rows.find((row) => row.id === first), rows.find((row) => row.id === second)];
	if (!kept || !gone)
		throw new CoreError('One of the two lessons is not here any more. Load the page again.');
	const { last } = await trx
		.selectFrom('supply_line')
		.select((eb) => eb.fn.max('position').as('last'))
		.where('lesson_id', '=', first)
		.executeTakeFirstOrThrow();
	await trx
		.updateTable('supply_line')
		.set((eb) => ({ lesson_id: first, position: eb('position', '+', Number(last ?? 0)) }))
		.where('lesson_id', '=', second)
		.execute();
	await trx
		.updateTable('lesson')
		.set({
			title: `${kept.title} · ${gone.title}`.slice(0, 200),
			note: [kept.note, gone.note].filter(Boolean).join('; ').slice(0, 500),
			optional: kept.optional && gone.optional
		})
		.where('id', '=', first)
		.execute();
	for (const table of ['activity', 'page_range', 'resource_use', 'task'] as const)
		await trx.updateTable(table).set({ lesson_id: first }).where('lesson_id', '=', second).execute();
	await trx.deleteFrom('session').where('lesson_id', '=', second).execute();
	await trx.deleteFrom('lesson').where('id', '=', second).execute();
}

/** How the lessons of a run follow each other. */
export async function setRhythm(trx: Trx, run: number, rhythm: Rhythm, days: number): Promise<void> {
	await trx.updateTable('run').set({ rhythm, rhythm_days: days }).where('id', '=', run).execute();
}

/** The most that the family takes in a week of a run, as JSON by name. */
export async function setLimits(trx: Trx, run: number, limits: object): Promise<void> {
	await trx
		.updateTable('run')
		.set({ limits: JSON.stringify(limits) })
		.where('id', '=', run)
		.execute();
}

/** Gives one child work of its own in a lesson. */
export async function addTask(
	trx: Trx,
	lesson: number,
	person: number,
	text: string,
	minutes: number | null,
	activity: number | null = null
): Promise<void> {
	await trx
		.insertInto('task')
		.values({ lesson_id: lesson, person_id: person, text, minutes, activity_id: activity })
		.execute();
}

export async function removeTask(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('task').where('id', '=', id).execute();
}

/** Writes down what a child is to come to in a run; an empty text takes it away. */
export async function setGoal(trx: Trx, run: number, person: number, text: string): Promise<void> {
	await trx.deleteFrom('goal').where('run_id', '=', run).where('person_id', '=', person).execute();
	if (text) await trx.insertInto('goal').values({ run_id: run, person_id: person, text }).execute();
}
