import {
	teachingDays,
	weekdayOf,
	type Day,
	type TeachingDays,
	type TeachingDaysInput,
	type Weekday
} from '$core/calendar/index.ts';
import { cautionsFor, type Caution, type Participant } from '$core/cautions/index.ts';
import { groupBy } from '$core/group-by.ts';
import {
	canConvert,
	convert,
	exact,
	isSome,
	smaller,
	ZERO,
	type Exact,
	type Unit
} from '$core/measure/index.ts';
import {
	isReady,
	needDays,
	needKey,
	NO_PORTIONS,
	standing,
	verdict,
	VERDICTS,
	type Habit,
	type HouseDays,
	type Need,
	type NeedDays,
	type Portions,
	type Standing,
	type Stream,
	type Verdict
} from '$core/readiness/index.ts';
import { daysOfLesson, lessonsADay } from '$core/plan/index.ts';
import { grossAmount, type Lot, type ServedLine } from '$core/supplies/index.ts';
import type { Row } from '../database/tables.ts';
import { habitsOf } from './habits.ts';
import { net, type Asked } from './netting.ts';
import { remember } from './remember.ts';
import { byId, type Snapshot } from '../stores/snapshot.ts';
import { wayTo } from './ways.ts';
import { bookDrafts, returnsOf, type Returning } from './book-needs.ts';
import { settingDrafts, type WholeNeed } from './whole-needs.ts';

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
	readonly run: Row<'run'>;
	readonly unit: Row<'unit'>;
	readonly weekdays: readonly Weekday[];
	readonly participants: readonly Row<'person'>[];
	readonly lessons: readonly LessonSituation[];
	/** Null while the run has no start or no weekdays. */
	readonly calendar: TeachingDays | null;
	readonly habits: Readonly<Record<Stream, Habit>>;
	readonly activities: readonly ActivitySituation[];
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

/** A need of the supplies stream with all that a screen says about it. Amounts are in `unit`. */
export type SupplyNeed = {
	readonly need: Need;
	readonly run: RunSituation;
	readonly lesson: LessonSituation;
	readonly line: Row<'supply_line'>;
	/** The activity that it belongs to; null for the lesson itself. */
	readonly extra: Row<'activity'> | null;
	readonly item: Row<'item'>;
	readonly unit: Unit;
	readonly amount: Exact;
	/** How many take part in the line. */
	readonly takingPart: number;
	readonly served: ServedLine | null;
	readonly standing: Standing;
	readonly supplier: Row<'supplier'> | null;
	/** The adult who does it, when it was given to one. */
	readonly doer: Row<'person'> | null;
	readonly days: NeedDays | null;
	/** Of the whole need: the worst of what is to be fetched and what is to be got. */
	readonly verdict: Verdict;
	readonly cautions: readonly Caution[];
	/** Lots of the item that cannot be compared with what is asked for. */
	readonly problem: string | null;
};

export type Situation = {
	readonly snapshot: Snapshot;
	readonly today: Day;
	readonly runs: readonly RunSituation[];
	/** The supplies stream. */
	readonly needs: readonly SupplyNeed[];
	/** The streams whose needs are one thing as a whole. */
	readonly whole: readonly WholeNeed[];
	/** Borrowed things that are to go back. */
	readonly returns: readonly Returning[];
};

/** Computes everything from one snapshot: calendars, netting over all active runs, days and verdicts. */
export function computeSituation(snapshot: Snapshot, today: Day): Situation {
	const runs = snapshot.runs.map((run) => {
		const { household, streamHabits, units, participants } = snapshot;
		const members = participants.filter((one) => one.run_id === run.id).map((one) => one.person_id);
		const lessons = ofRun(snapshot.lessons, run.id);
		const inputs = [
			household,
			streamHabits,
			units,
			lessons,
			sessionsOf(snapshot, lessons),
			snapshot.people.filter((person) => members.includes(person.id)),
			ofRun(snapshot.blocked, run.id),
			ofRun(snapshot.activities, run.id)
		];
		return runsKnown(run, inputs, () => runSituation(snapshot, run));
	});
	const asked = runs.filter(({ run }) => run.state !== 'put away').flatMap((run) => askedOf(snapshot, run));
	const netted = net(snapshot, asked);
	const house: HouseDays = {
		weekStart: snapshot.household.week_start,
		noPreparing: snapshot.quiet.map(({ from_on, to_on }) => ({ from: from_on, to: to_on })),
		sittings: snapshot.sittings.map((sitting) => ({ date: sitting.held_on, minutes: sitting.minutes }))
	};
	const drafts = asked.map((one) => {
		const given: Given = {
			served: netted.served.get(one.key) ?? null,
			unit: netted.unitOf.get(one.item.id) ?? one.line.unit,
			problem: netted.problems.get(one.key) ?? null,
			state: stateByKey(snapshot).get(one.key) ?? null
		};
		const { suppliers } = snapshot;
		const doer = given.state?.person_id ? byId(snapshot.people).get(given.state.person_id) : null;
		return draftsKnown(one, [...Object.values(given), suppliers, doer], () =>
			draftNeed(snapshot, one, given)
		);
	});
	const stateOf = (key: string) => stateByKey(snapshot).get(key) ?? null;
	const wholeDrafts = runs
		.filter(({ run }) => run.state !== 'put away')
		.flatMap((run) => [
			...bookDrafts(snapshot, run, today, stateOf),
			...settingDrafts(snapshot, run, stateOf)
		]);
	const days = needDays(
		[...drafts, ...wholeDrafts].map((draft) => draft.need),
		house
	);
	const needs = drafts.map((draft): SupplyNeed => {
		const own = days.get(draft.need.key) ?? null;
		return { ...draft, days: own, verdict: wholeVerdict(draft.need, draft.standing, own, today) };
	});
	const whole = wholeDrafts.map((draft): WholeNeed => {
		const own = days.get(draft.need.key) ?? null;
		return { ...draft, days: own, verdict: verdict(draft.need, own ?? undefined, today) };
	});
	return { snapshot, today, runs, needs, whole, returns: returnsOf(snapshot, runs, whole, today) };
}

// What was computed for a row stands as long as nothing that it was computed from has changed.
const runsKnown = remember<RunSituation>();
const rowsByRun = remember<ReadonlyMap<number, readonly unknown[]>>();
const sessionsByLesson = remember<Map<number, Row<'session'>[]>>();
const linesByLesson = remember<Map<string, Row<'supply_line'>[]>>();
const askedKnown = remember<Asked>();
const draftsKnown = remember<Draft>();

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
	const weekdays = JSON.parse(run.weekdays) as Weekday[];
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

function runSituation(snapshot: Snapshot, run: Row<'run'>): RunSituation {
	const own = snapshot.lessons.filter((lesson) => lesson.run_id === run.id);
	const weekdays = JSON.parse(run.weekdays) as Weekday[];
	const input = calendarInput(snapshot, run);
	const calendar = input && teachingDays(input);
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
		run,
		unit: snapshot.units.find((unit) => unit.id === run.unit_id)!,
		weekdays,
		participants: snapshot.people.filter((person) => members.has(person.id)),
		lessons,
		calendar,
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

/** The lines of all lessons that are not over, exploded over those who take part on the day. */
function askedOf(snapshot: Snapshot, run: RunSituation): Asked[] {
	const items = byId(snapshot.items);
	const linesOf = linesByLesson(snapshot.lines, [], () =>
		groupBy(snapshot.lines, (line) =>
			line.activity_id === null ? `lesson ${line.lesson_id}` : `activity ${line.activity_id}`
		)
	);
	const asked = (
		lines: readonly Row<'supply_line'>[],
		lesson: LessonSituation,
		extra: ActivitySituation | null
	) =>
		lines.map((line) => {
			const item = items.get(line.item_id)!;
			return askedKnown(line, [run, lesson, item, extra], () => askedOfLine(run, lesson, line, item, extra));
		});
	return [
		...run.lessons
			.filter((lesson) => !lesson.booked)
			.flatMap((lesson) => asked(linesOf.get(`lesson ${lesson.lesson.id}`) ?? [], lesson, null)),
		// What is in the pool has no day yet, so it asks for nothing.
		...run.activities.flatMap((extra) =>
			extra.over || extra.lesson === null || (extra.activity.day === null && extra.lesson.booked)
				? []
				: asked(linesOf.get(`activity ${extra.activity.id}`) ?? [], extra.lesson, extra)
		)
	];
}

function askedOfLine(
	run: RunSituation,
	lesson: LessonSituation,
	line: Row<'supply_line'>,
	item: Row<'item'>,
	extra: ActivitySituation | null
): Asked {
	// Supplies are for the day that asks for them, or else for the first session that is still to come.
	const session = Math.max(lesson.outcomes.length, line.session - 1);
	const date = extra?.date ?? lesson.dates[Math.min(session, lesson.dates.length - 1)] ?? null;
	const takingPart = takingPartOn(run, line.participants ?? extra?.activity.participants ?? null, date);
	return {
		extra: extra?.activity ?? null,
		run,
		lesson,
		line,
		item,
		key: needKey(String(run.run.id), 'supplies', String(line.id), null, 1),
		date,
		takingPart,
		amount: grossAmount(
			{
				// The upper end of a range, so that nothing runs short; "some" counts as one until somebody says.
				quantity: exact(line.quantity_to ?? line.quantity ?? '1'),
				unit: line.unit,
				per: line.per,
				// A group of unknown size is taken as everybody together, and the line asks for a look.
				groupSize: line.group_size ?? Math.max(1, takingPart.length),
				spare: exact(line.spare).valueOf()
			},
			takingPart.length
		)
	};
}

/** Who of the run is there on a day, of those chosen by their ids as JSON (null: of everyone). */
export function takingPartOn(run: RunSituation, ids: string | null, date: Day | null): Row<'person'>[] {
	const chosen = ids ? new Set(listed(ids) as number[]) : null;
	return run.participants.filter((person) => {
		if (chosen && !chosen.has(person.id)) return false;
		if (!person.weekdays || date === null) return person.kind === 'child';
		return (listed(person.weekdays) as number[]).includes(weekdayOf(date));
	});
}

type Draft = Omit<SupplyNeed, 'days' | 'verdict'>;

/** What netting and the parent's decisions say about a line. */
type Given = {
	readonly served: ServedLine | null;
	/** In which its item is counted. */
	readonly unit: Unit;
	readonly problem: string | null;
	readonly state: Row<'need_state'> | null;
};

function draftNeed(snapshot: Snapshot, one: Asked, { served, problem, state, ...given }: Given): Draft {
	const unit = problem || !served ? one.line.unit : given.unit;
	const amount = served?.gross ?? one.amount;
	const collecting = one.run.run.collecting_place_id;
	const places = placeByLot(snapshot);
	const collected = (served?.lots ?? []).reduce(
		(sum, { lot, amount: taken }) =>
			collecting !== null && places.get(lot.id) === collecting ? sum.add(taken) : sum,
		ZERO
	);
	const stored = portionsIn(unit, state, one.item.name);
	const found = collected.compare(stored.found) > 0 ? collected : stored.found;
	const prepares = one.line.prepare_minutes !== null;
	const stands = standing(amount, served?.fromStash ?? ZERO, { ...stored, found }, prepares);
	const supplier = supplierOf(snapshot, state, one.item);
	const people = one.takingPart.map(participant);
	return {
		need: {
			key: one.key,
			lesson: String(one.lesson.lesson.id),
			stream: 'supplies',
			useDay: one.lesson.dropped && !one.extra?.day ? null : one.date,
			// Extras never hold a lesson up.
			required: one.line.optional === 0 && (one.extra === null || one.extra.standing === 'required'),
			doWithout: state?.decision === 'do without',
			state: stands.state,
			promised: state?.promised ?? null,
			way: isSome(stands.missing) || isSome(stands.arranged) ? wayTo(supplier) : { kind: 'at home' },
			prepare: prepares
				? { minutes: one.line.prepare_minutes!, waitDays: one.line.prepare_wait_days, sitting: null }
				: null,
			keepsDays: one.item.keeps_days,
			habit: one.run.habits.supplies,
			unitStart: one.run.lessons.find((lesson) => lesson.dates.length)?.dates[0] ?? null
		},
		run: one.run,
		lesson: one.lesson,
		line: one.line,
		extra: one.extra,
		item: one.item,
		unit,
		amount,
		takingPart: one.takingPart.length,
		served,
		standing: stands,
		supplier,
		doer: state?.person_id ? (snapshot.people.find((person) => person.id === state.person_id) ?? null) : null,
		cautions: cautionsFor(one.item.name, one.date ?? one.run.run.start_on ?? '2000-01-01', people),
		problem
	};
}

/** Stored portions in the need's unit; amounts that were noted in a unit which no longer compares do not count. */
function portionsIn(unit: Unit, state: Row<'need_state'> | null, item: string): Portions {
	if (!state) return NO_PORTIONS;
	const from = state.unit ?? unit;
	if (!canConvert(from, unit, item)) return NO_PORTIONS;
	const amount = (text: string) => convert(exact(text), from, unit, item);
	return {
		arranged: amount(state.arranged),
		found: amount(state.found),
		prepared: amount(state.prepared),
		out: amount(state.out)
	};
}

function participant(person: Row<'person'>): Participant {
	return { name: person.name, born: person.born, allergies: listed(person.allergies) as string[] };
}

/** Where a missing thing is got: as decided for it, else for its item, else the household's first shop. */
function supplierOf(
	snapshot: Snapshot,
	state: Row<'need_state'> | null,
	item: Row<'item'>
): Row<'supplier'> | null {
	const id = state?.supplier_id ?? item.supplier_id;
	return snapshot.suppliers.find((supplier) => supplier.id === id) ?? snapshot.suppliers[0] ?? null;
}

/** The worse of what is to be got and what is to be fetched from its place at home. */
function wholeVerdict(need: Need, stands: Standing, days: NeedDays | null, today: Day): Verdict {
	const own = verdict(need, days ?? undefined, today);
	if (!days || !isSome(stands.toFetch) || need.doWithout || isReady(need) || need.way.kind === 'at home')
		return own;
	const fetch = verdict({ ...need, state: 'missing' }, { ...days, actBy: days.inHandBy }, today);
	return VERDICTS[Math.min(VERDICTS.indexOf(own), VERDICTS.indexOf(fetch))];
}

/** Lists as stored; the same few texts come a thousand times in one computation. */
const lists = new Map<string, unknown>();
const MOST_LISTS = 1000;
function listed(text: string): unknown {
	let list = lists.get(text);
	if (list === undefined) {
		if (lists.size >= MOST_LISTS) lists.clear();
		lists.set(text, (list = JSON.parse(text) as unknown));
	}
	return list;
}

/** Look-up tables of a snapshot, made once for each. */
const states = new WeakMap<Snapshot, Map<string, Row<'need_state'>>>();
function stateByKey(snapshot: Snapshot): Map<string, Row<'need_state'>> {
	let map = states.get(snapshot);
	if (!map) states.set(snapshot, (map = new Map(snapshot.needStates.map((state) => [state.key, state]))));
	return map;
}

const places = new WeakMap<Snapshot, Map<string, number | null>>();
function placeByLot(snapshot: Snapshot): Map<string, number | null> {
	let map = places.get(snapshot);
	if (!map) places.set(snapshot, (map = new Map(snapshot.lots.map((lot) => [String(lot.id), lot.place_id]))));
	return map;
}

/** How much of a need's amount lies in a lot and waits to be fetched, in the need's unit. */
export function toFetchFrom(one: SupplyNeed, snapshot: Snapshot): { lot: Lot; amount: Exact }[] {
	const collecting = one.run.run.collecting_place_id;
	const at = placeByLot(snapshot);
	let left = one.standing.toFetch;
	const result: { lot: Lot; amount: Exact }[] = [];
	for (const { lot, amount } of (one.served?.lots ?? []).toReversed()) {
		if (!isSome(left)) break;
		if (collecting !== null && at.get(lot.id) === collecting) continue;
		const take = smaller(left, amount);
		left = left.sub(take);
		result.push({ lot, amount: take });
	}
	return result.toReversed();
}
