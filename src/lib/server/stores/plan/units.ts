import type { Day, Weekday } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { Rhythm } from '$core/plan/index.ts';
import { json } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { checkHabits, setStreamHabits, type Habits } from '../house/habits.ts';

/** Makes a unit with its first run; all children and guests of the household take part. */
export async function createUnit(trx: Trx, name: string, today: Day): Promise<number> {
	const unit = await trx.insertInto('unit').values({ name }).returning('id').executeTakeFirstOrThrow();
	const box = await trx
		.insertInto('place')
		.values({ parent_id: null, name: `Bin for ${name}`, kind: 'box', position: 1000 })
		.returning('id')
		.executeTakeFirstOrThrow();
	const run = await trx
		.insertInto('run')
		.values({
			unit_id: unit.id,
			name: today.slice(0, 4),
			state: 'collecting',
			start_on: null,
			end_on: null,
			weekdays: json<readonly Weekday[]>([]),
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
		throw new Refusal('The last day must be after the first day.', 'end');
	}
	checkHabits(input.habits);
	await setStreamHabits(trx, run, input.habits);
	await trx
		.updateTable('run')
		.set({
			start_on: input.start,
			end_on: input.end,
			weekdays: json(input.weekdays),
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
	if (to < from) throw new Refusal('The last day off must be after the first.', 'to');
	await trx.insertInto('blocked').values({ run_id: run, from_on: from, to_on: to, reason }).execute();
}

export async function removeBlocked(trx: Trx, run: number, id: number): Promise<void> {
	await trx.deleteFrom('blocked').where('id', '=', id).where('run_id', '=', run).execute();
}

export async function setWeekdays(trx: Trx, run: number, weekdays: readonly Weekday[]): Promise<void> {
	await trx
		.updateTable('run')
		.set({ weekdays: json(weekdays) })
		.where('id', '=', run)
		.execute();
}

export async function setStart(trx: Trx, run: number, start: Day): Promise<void> {
	await trx.updateTable('run').set({ start_on: start }).where('id', '=', run).execute();
}

export async function moveEnd(trx: Trx, run: number, end: Day): Promise<void> {
	await trx.updateTable('run').set({ end_on: end }).where('id', '=', run).execute();
}

/** How the lessons of a run follow each other. */
export async function setRhythm(trx: Trx, run: number, rhythm: Rhythm, days: number): Promise<void> {
	await trx.updateTable('run').set({ rhythm, rhythm_days: days }).where('id', '=', run).execute();
}

/** The most that the family takes in a week of a run, as JSON by name. */
export async function setLimits(trx: Trx, run: number, limits: object): Promise<void> {
	await trx
		.updateTable('run')
		.set({ limits: json(limits) })
		.where('id', '=', run)
		.execute();
}
