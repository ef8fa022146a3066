import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { STREAMS, type Stream } from '$core/readiness/index.ts';
import type { HabitKind } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

/** How far ahead to work: one way for all, and others for single streams. The date goes with 'before a date'. */
export type Habits = {
	/** Null, for a run, takes the household's. */
	readonly kind: HabitKind | null;
	readonly date: Day | null;
	readonly streams: Readonly<Partial<Record<Stream, HabitKind>>>;
};

/** @throws Refusal when a date is wanted and none is given. */
export function checkHabits(habits: Habits): void {
	const kinds = [habits.kind, ...Object.values(habits.streams)];
	if (kinds.includes('before a date') && !habits.date)
		throw new Refusal('Enter the date before which all is ready.', 'habitDate');
}

/** Keeps the ways of single streams, of one run or (null) of the household. */
export async function setStreamHabits(trx: Trx, run: number | null, habits: Habits): Promise<void> {
	const current = await trx.selectFrom('stream_habit').selectAll().where('run_id', 'is', run).execute();
	for (const stream of STREAMS) {
		const before = current.find((one) => one.stream === stream);
		const kind = habits.streams[stream] ?? null;
		const date = kind === 'before a date' ? habits.date : null;
		if (kind === null) {
			if (before) await trx.deleteFrom('stream_habit').where('id', '=', before.id).execute();
		} else if (!before) {
			await trx.insertInto('stream_habit').values({ run_id: run, stream, kind, date }).execute();
		} else if (before.kind !== kind || before.date !== date) {
			await trx.updateTable('stream_habit').set({ kind, date }).where('id', '=', before.id).execute();
		}
	}
}
