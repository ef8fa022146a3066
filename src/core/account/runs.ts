import {
	teachingDays,
	weekdayOf,
	type Day,
	type TeachingDays,
	type TeachingDaysInput,
	type Weekday
} from '../calendar/index.ts';
import { CoreError } from '../error.ts';
import { groupBy } from '../group-by.ts';
import { daysOfLesson, lessonsADay, MEASURES_OF_LOAD, type LoadLimits } from '../plan/index.ts';
import type { Habit, Stream } from '../readiness/index.ts';
import { parsed, type Json, type Row, remember, type Snapshot } from '../facts/index.ts';
import { habitsOf } from './house/habits.ts';

/** A lesson with its days. */
export type LessonSituation = {
	readonly lesson: Row<'lesson'>;
	/** From 1, in the order of the plan. */
	readonly number: number;
	readonly dates: readonly Day[];
	readonly dropped: boolean;
	/** Teaching days it takes in the rhythm of its run. */
	readonly sessions: number;
	readonly outcomes: readonly Row<'session'>[];
	/** Every session has an outcome. */
	readonly over: boolean;
	/** Its supplies have been used, or are not wanted any more. */
	readonly booked: boolean;
};

export type RunSituation = {
	readonly row: Row<'run'>;
	readonly unit: Row<'unit'>;
	readonly weekdays: readonly Weekday[];
	readonly participants: readonly Row<'person'>[];
	readonly lessons: readonly LessonSituation[];
	/** Null while the run has no start or no weekdays, and where its days cannot be computed. */
	readonly calendar: TeachingDays | null;
	/** Why it could not be computed, as a sentence; the rest of the house goes on without its days. */
	readonly trouble: string | null;
	readonly habits: Readonly<Record<Stream, Habit>>;
	readonly activities: readonly ActivitySituation[];
	/** By which the ages of the children go where a lesson has no day: the first day that it teaches, else today. */
	readonly agesOn: Day;
};

/** An activity with its lesson and day; in the pool it has neither. */
export type ActivitySituation = {
	readonly activity: Row<'activity'>;
	/** The lesson it is in, or after which its own day falls; null in the pool. */
	readonly lesson: LessonSituation | null;
	readonly date: Day | null;
	/** Not to be done, or done. */
	readonly over: boolean;
};

// What was computed for a run stands as long as nothing that it was computed from has changed.
const runsKnown = remember<RunSituation>();

const rowsByRun = remember<ReadonlyMap<number, readonly unknown[]>>();

const sessionsByLesson = remember<Map<number, Row<'session'>[]>>();

/** All runs of a snapshot with their calendars, lessons and activities. */
export function runsOf(snapshot: Snapshot, today: Day): RunSituation[] {
	return snapshot.runs.map((run) => {
		const { household, streamHabits, units, participants } = snapshot;
		const members = new Set(participants.filter((one) => one.run_id === run.id).map((one) => one.person_id));
		const lessons = ofRun(snapshot.lessons, run.id);
		const inputs = [
			household,
			streamHabits,
			units,
			lessons,
			sessionsOf(snapshot, lessons),
			snapshot.people.filter((person) => members.has(person.id)),
			ofRun(snapshot.blocked, run.id),
			ofRun(snapshot.activities, run.id),
			today
		];
		return runsKnown(run, inputs, () => runSituation(snapshot, run, today));
	});
}

/** The rows of one table that belong to a run. */
function ofRun<T extends { readonly run_id: number }>(rows: readonly T[], run: number): readonly T[] {
	const byRun = rowsByRun(rows, [], () => groupBy(rows, (row) => row.run_id)) as ReadonlyMap<
		number,
		readonly T[]
	>;
	return byRun.get(run) ?? [];
}

function sessionsOf({ sessions }: Snapshot, lessons: readonly Row<'lesson'>[]): Row<'session'>[] {
	const byLesson = sessionsByLesson(sessions, [], () => groupBy(sessions, (one) => one.lesson_id));
	return lessons.flatMap((lesson) => byLesson.get(lesson.id) ?? []);
}

/** What the days of a run are computed from; null while it has no start or no weekdays. */
export function calendarInput(snapshot: Snapshot, run: Row<'run'>): TeachingDaysInput | null {
	const weekdays = parsed(run.weekdays);
	if (!run.start_on || weekdays.length === 0 || run.rhythm === 'checklist') return null;
	return {
		aDay: lessonsADay(run.rhythm, run.rhythm_days),
		start: run.start_on,
		end: run.end_on,
		weekdays,
		blocked: snapshot.blocked
			.filter((one) => one.run_id === run.id)
			.map(({ from_on, to_on }) => ({ from: from_on, to: to_on })),
		lessons: snapshot.lessons
			.filter((lesson) => lesson.run_id === run.id)
			.map((lesson) => ({
				id: String(lesson.id),
				sessions: daysOfLesson(run.rhythm, run.rhythm_days, lesson.sessions),
				optional: lesson.optional === 1
			})),
		keepFree: run.keep_free
	};
}

/** A calendar that cannot be computed is a state of its unit, never an error that the whole house sees. */
function calendarOf(input: TeachingDaysInput | null): Pick<RunSituation, 'calendar' | 'trouble'> {
	try {
		return { calendar: input && teachingDays(input), trouble: null };
	} catch (error) {
		if (!(error instanceof CoreError)) throw error;
		return {
			calendar: null,
			trouble:
				error.path === 'blocked'
					? 'All its remaining days are days off, so no lesson has a day. Remove or shorten a day off.'
					: 'Its first and last day can’t be right. Fix them under Plan.'
		};
	}
}

function runSituation(snapshot: Snapshot, run: Row<'run'>, today: Day): RunSituation {
	const own = snapshot.lessons.filter((lesson) => lesson.run_id === run.id);
	const weekdays = parsed(run.weekdays);
	const input = calendarInput(snapshot, run);
	const { calendar, trouble } = calendarOf(input);
	const dates = new Map(calendar?.lessons.map((lesson) => [lesson.id, lesson.dates]));
	const dropped = new Set(calendar?.dropped);
	const members = new Set(
		snapshot.participants.filter((one) => one.run_id === run.id).map((one) => one.person_id)
	);
	const outcomesOf = groupBy(snapshot.sessions, (session) => session.lesson_id);
	const lessons = own.map((lesson, i): LessonSituation => {
		const outcomes = outcomesOf.get(lesson.id) ?? [];
		const sessions = daysOfLesson(run.rhythm, run.rhythm_days, lesson.sessions);
		return {
			lesson,
			number: i + 1,
			dates: dates.get(String(lesson.id)) ?? [],
			dropped: dropped.has(String(lesson.id)),
			sessions,
			outcomes,
			over: outcomes.length >= sessions,
			booked: outcomes.length >= sessions || outcomes.some((one) => one.outcome !== 'skipped')
		};
	});
	return {
		row: run,
		agesOn: lessons.find((one) => one.dates.length > 0)?.dates[0] ?? today,
		unit: snapshot.units.find((unit) => unit.id === run.unit_id)!,
		weekdays,
		participants: snapshot.people.filter((person) => members.has(person.id)),
		lessons,
		calendar,
		trouble,
		habits: habitsOf(snapshot, run),
		activities: snapshot.activities
			.filter((activity) => activity.run_id === run.id)
			.map((activity) => placed(activity, lessons))
	};
}

/** An extra on a day of its own belongs to the last lesson that has begun by then. */
function placed(activity: Row<'activity'>, lessons: readonly LessonSituation[]): ActivitySituation {
	const { day } = activity;
	const over = activity.standing === 'do without' || activity.done >= activity.times;
	const lesson =
		lessons.find((one) => one.lesson.id === activity.lesson_id) ??
		(day === null
			? null
			: (lessons.findLast((one) => one.dates.length > 0 && one.dates[0] <= day) ?? lessons[0] ?? null));
	const next = lesson && lesson.dates[Math.min(lesson.outcomes.length, lesson.dates.length - 1)];
	return { activity, lesson, date: day ?? next ?? null, over };
}

/** Who of the run is there on a day, of those chosen by their ids as JSON (null: of everyone). */
export function takingPartOn(
	run: RunSituation,
	ids: Json<readonly number[]> | null,
	date: Day | null
): Row<'person'>[] {
	const chosen = ids ? new Set(parsed(ids)) : null;
	return run.participants.filter((person) => {
		if (chosen && !chosen.has(person.id)) return false;
		if (!person.weekdays || date === null) return person.kind === 'child';
		return parsed(person.weekdays).includes(weekdayOf(date));
	});
}

/** The next lesson of each run that has a day and is not over. */
export function nextLessons(runs: readonly RunSituation[]): Map<RunSituation, LessonSituation | undefined> {
	return new Map(runs.map((run) => [run, run.lessons.find((one) => !one.over && one.dates.length > 0)]));
}

/** What the family can take of a unit: in a week, in money, in projects; null where it sets no limit. */
export type RunLimits = LoadLimits & { readonly budget: number | null; readonly projects: number | null };

/** The limits of a run. */
export function limitsOf(run: Row<'run'>): RunLimits {
	const set = parsed(run.limits);
	return {
		...(Object.fromEntries(MEASURES_OF_LOAD.map((of) => [of, set[of] ?? null])) as LoadLimits),
		budget: set.budget ?? null,
		projects: set.projects ?? null
	};
}

/** The first day that a run teaches; null where it has no dates. */
export function firstDay(run: RunSituation): Day | null {
	return run.lessons.find((one) => one.dates.length)?.dates[0] ?? null;
}
