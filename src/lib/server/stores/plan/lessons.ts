import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { json, parsed, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { lastPosition } from '../position.ts';
import { dropPrints } from '../print/prints.ts';

export type LessonInput = Pick<Row<'lesson'>, 'title' | 'note' | 'optional' | 'sessions'> &
	Partial<Omit<Row<'lesson'>, 'id' | 'run_id' | 'position'>>;

/** Adds a lesson after the last one. */
export async function addLesson(trx: Trx, run: number, input: LessonInput): Promise<number> {
	const last = await lastPosition(trx.selectFrom('lesson').where('run_id', '=', run));
	const { id } = await trx
		.insertInto('lesson')
		.values({ run_id: run, position: last + 1, ...input })
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
	if (numUpdatedRows === 0n) throw new Refusal('That lesson is no longer in this unit. Reload the page.');
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
		throw new Refusal('One of the two lessons is gone. Reload the page.');
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
	await trx.deleteFrom('listed_book').where('lesson_id', '=', id).execute();
	await trx.deleteFrom('task').where('lesson_id', '=', id).execute();
	// With no lesson they would hang from the first day on.
	for (const table of ['wall_word', 'wall_poster'] as const)
		await trx.deleteFrom(table).where('lesson_id', '=', id).execute();
	// Its pages wait to be sorted again.
	const prints = await trx.selectFrom('print').select('id').where('lesson_id', '=', id).execute();
	await dropPrints(
		trx,
		run,
		prints.map((print) => print.id)
	);
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
	if (!there) throw new Refusal('That lesson is no longer in the plan. Reload the page.');
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

/** Adds a line to what is noted of a lesson. */
export async function addToNote(trx: Trx, lesson: number, text: string): Promise<void> {
	const row = await trx.selectFrom('lesson').select('note').where('id', '=', lesson).executeTakeFirst();
	if (!row) throw new Refusal('That lesson is gone. Reload the page.');
	const note = [row.note, text].filter(Boolean).join('; ').slice(0, 500);
	await trx.updateTable('lesson').set({ note }).where('id', '=', lesson).execute();
}

/** Teaches two lessons on one day: the second becomes part of the first, with all that it needs. */
export async function mergeLessons(trx: Trx, first: number, second: number): Promise<void> {
	const rows = await trx.selectFrom('lesson').selectAll().where('id', 'in', [first, second]).execute();
	const [kept, gone] = [rows.find((row) => row.id === first), rows.find((row) => row.id === second)];
	if (!kept || !gone) throw new Refusal('One of the two lessons is gone. Reload the page.');
	const last = await lastPosition(trx.selectFrom('supply_line').where('lesson_id', '=', first));
	await trx
		.updateTable('supply_line')
		.set((eb) => ({ lesson_id: first, position: eb('position', '+', last) }))
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
	for (const table of [
		'activity',
		'page_range',
		'resource_use',
		'listed_book',
		'print',
		'task',
		'wall_word',
		'wall_poster'
	] as const)
		await trx.updateTable(table).set({ lesson_id: first }).where('lesson_id', '=', second).execute();
	const trays = await trx.selectFrom('tray').select(['id', 'lessons']).execute();
	for (const { id, lessons } of trays) {
		const own = lessons && parsed(lessons);
		if (own?.includes(second))
			await trx
				.updateTable('tray')
				.set({ lessons: json([...new Set(own.map((one) => (one === second ? first : one)))]) })
				.where('id', '=', id)
				.execute();
	}
	await trx.deleteFrom('session').where('lesson_id', '=', second).execute();
	await trx.deleteFrom('lesson').where('id', '=', second).execute();
}
