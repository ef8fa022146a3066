import type { Day } from '../../calendar/index.ts';
import { STREAMS, type Habit, type Stream } from '../../readiness/index.ts';
import type { Row, HabitKind, Snapshot } from '../../facts/index.ts';

/**
 * How far ahead each stream of a run is made ready. What is said for the run counts before what is
 * said for the household, and in each of them what is said for the stream before what is said for all.
 */
export function habitsOf(snapshot: Snapshot, run: Row<'run'>): Record<Stream, Habit> {
	const said = (of: number | null, stream: Stream) =>
		snapshot.streamHabits.find((one) => one.run_id === of && one.stream === stream);
	const { household } = snapshot;
	return Object.fromEntries(
		STREAMS.map((stream) => {
			const own = said(run.id, stream);
			const house = said(null, stream);
			if (own) return [stream, habit(own.kind, own.date)];
			if (run.habit) return [stream, habit(run.habit, run.habit_date)];
			if (house) return [stream, habit(house.kind, house.date)];
			return [stream, habit(household.habit, household.habit_date)];
		})
	) as Record<Stream, Habit>;
}

function habit(kind: HabitKind, date: Day | null): Habit {
	if (kind !== 'before a date') return { kind };
	return date ? { kind, date } : { kind: 'a week ahead' };
}

/** What a form shows: the kind for each stream that has its own, and the date. */
export function habitsTyped(
	snapshot: Snapshot,
	of: { readonly run: number | null; readonly kind: HabitKind | null; readonly date: Day | null }
): { kind: HabitKind | null; date: Day | null; streams: Partial<Record<Stream, HabitKind>> } {
	const own = snapshot.streamHabits.filter((one) => one.run_id === of.run);
	return {
		kind: of.kind,
		date: of.date ?? own.find((one) => one.date)?.date ?? null,
		streams: Object.fromEntries(own.map((one) => [one.stream, one.kind]))
	};
}
