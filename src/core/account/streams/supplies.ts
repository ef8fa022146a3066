import { aheadIn } from '../../plan/index.ts';
import { addDays, type Day } from '../../calendar/index.ts';
import { cautionsFor, type Caution, type Participant } from '../../cautions/index.ts';
import type { Rung } from '../../gathering/index.ts';
import { groupBy } from '../../group-by.ts';
import {
	canConvert,
	convert,
	exact,
	isSome,
	dimensionOf,
	smaller,
	ZERO,
	type Exact,
	type Unit
} from '../../measure/index.ts';
import {
	isReady,
	needKey,
	NO_PORTIONS,
	standing,
	verdict,
	VERDICTS,
	type Need,
	type NeedDays,
	type Portions,
	type Standing,
	type Unserved,
	type Verdict
} from '../../readiness/index.ts';
import { grossAmount, type Lot, type ServedLine } from '../../supplies/index.ts';
import {
	parsed,
	type Row,
	placeByLot,
	stateByKey,
	once,
	remember,
	byId,
	type Snapshot
} from '../../facts/index.ts';
import {
	firstDay,
	takingPartOn,
	type ActivitySituation,
	type LessonSituation,
	type RunSituation
} from '../runs.ts';
import { occasionDays } from '../house/occasions.ts';
import { isMuchMore, knowledgeByItem, type KnownItem } from '../knowledge.ts';
import { lastGatherDay, sourceOf, waysWhenNotFound } from '../ladder.ts';
import { net, type Asked } from '../netting.ts';
import { isMaterialLine, materialLines, materialSource } from './materials.ts';
import { youngest } from '../house/ages.ts';
import { atHomeOn } from '../house/at-home.ts';
import { sittingOf } from '../sitting-of.ts';

/** A need of the supplies stream before its days are computed. */
export type SupplyDraft = Omit<SupplyNeed, 'days' | 'verdict'>;

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
	/** What the household knows of the thing. */
	readonly known: KnownItem;
	readonly supplier: Row<'supplier'> | null;
	/** Where what is missing comes from, and where it is tried after that. */
	readonly rung: Rung;
	readonly nextRung: Rung | null;
	/** The adult who does it, when it was given to one. */
	readonly doer: Row<'person'> | null;
	readonly days: NeedDays | null;
	/** Of the whole need: the worst of what is to be fetched and what is to be got. */
	readonly verdict: Verdict;
	readonly cautions: readonly Caution[];
	/** Lots of the item that cannot be compared with what is asked for. */
	readonly problem: string | null;
};

// What was computed for a row stands as long as nothing that it was computed from has changed.
const linesByLesson = remember<Map<string, Row<'supply_line'>[]>>();

const askedKnown = remember<Asked>();

const draftsKnown = remember<SupplyDraft>();

/** Stands for all of the household that a draft depends on, so that it is compared once. */
const houseKnown = remember<object>();

const needsKnown = remember<SupplyNeed>();

/**
 * The supplies of all runs in work, netted against the stash in one go; their days are not known yet.
 * With `only`, netting is still over all, but the drafts are those of one run.
 */
export function supplyDrafts(
	snapshot: Snapshot,
	runs: readonly RunSituation[],
	today: Day,
	only: RunSituation | null = null
): SupplyDraft[] {
	const asked = runs.flatMap((run) => askedOf(snapshot, run));
	const netted = net(snapshot, asked);
	const known = knowledgeByItem(snapshot, today);
	const errands = onErrands(snapshot);
	const { suppliers, household, people } = snapshot;
	const house = houseKnown(household, [suppliers, people, occasionDays(snapshot)], () => ({}));
	return (only ? asked.filter((one) => one.run === only) : asked).map((one) => {
		const given: Given = {
			served: netted.served.get(one.key) ?? null,
			unit: netted.unitOf.get(one.item.id) ?? one.line.unit,
			shown: netted.shown.get(one.key) ?? null,
			problem: netted.problems.get(one.key) ?? null,
			state: stateByKey(snapshot).get(one.key) ?? null,
			known: known.get(one.item.id)!,
			isOnErrand: errands.has(one.key),
			isBegun: stateByKey(snapshot).get(remarkKey(one.key))?.prepared === '1'
		};
		const isOpen = given.known.known === 'look' || given.known.known === 'assumed';
		return draftsKnown(
			one,
			[
				given.served,
				given.shown,
				given.unit,
				given.problem,
				given.state,
				given.known,
				given.isOnErrand,
				given.isBegun,
				house,
				// What is not known depends on the day.
				isOpen || one.date === null ? today : ''
			],
			() => draftNeed(snapshot, one, given, today)
		);
	});
}

/** A draft with its days, and how it stands today; the very same object as long as both are as they were. */
export function supplyNeed(draft: SupplyDraft, days: NeedDays | null, today: Day): SupplyNeed {
	return needsKnown(draft, [today, ...(days ? Object.values(days) : [])], () => ({
		...draft,
		days,
		verdict: wholeVerdict(draft.need, draft.standing, days, today)
	}));
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
	const printed = materialLines(snapshot, run);
	return [
		...run.lessons
			.filter((lesson) => !lesson.booked)
			.flatMap((lesson) => asked(linesOf.get(`lesson ${lesson.lesson.id}`) ?? [], lesson, null)),
		...(printed ? asked(printed.lines, printed.lesson, null) : []),
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
		key: needKey(
			String(run.row.id),
			'supplies',
			isMaterialLine(line) ? materialSource(line) : String(line.id),
			null,
			1
		),
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

/** What netting and the parent's decisions say about a line. */
type Given = {
	readonly served: ServedLine | null;
	/** In which its item is counted. */
	readonly unit: Unit;
	/** What lots would give a line without a day, after all that have one. */
	readonly shown: ServedLine | null;
	readonly problem: string | null;
	readonly state: Row<'need_state'> | null;
	readonly known: KnownItem;
	readonly isOnErrand: boolean;
	/** What its remark asks for before its day was done, so it is there. */
	readonly isBegun: boolean;
};

/** The key of the need that a supply's remark asks for ("soak overnight"). */
export const remarkKey = (supplyKey: string): string => supplyKey.replace('/supplies/', '/setting/line-');

/** The keys of the needs that an errand is to serve. */
const onErrands = once(
	({ errands }: Snapshot): ReadonlySet<string> => new Set(errands.flatMap(({ keys }) => keys.split(' ')))
);

function draftNeed(snapshot: Snapshot, one: Asked, given: Given, today: Day): SupplyDraft {
	const { served, shown, problem, state } = given;
	const lots = served ?? shown;
	const unit = problem || !lots ? one.line.unit : given.unit;
	const amount = lots?.gross ?? one.amount;
	const collecting = one.run.row.collecting_place_id;
	const places = placeByLot(snapshot);
	const collected = (served?.lots ?? []).reduce(
		(sum, { lot, amount: taken }) =>
			collecting !== null && places.get(lot.id) === collecting ? sum.add(taken) : sum,
		ZERO
	);
	const stored = portionsIn(unit, state, one.item.name);
	const gathered = collected.compare(stored.found) > 0 ? collected : stored.found;
	const found = given.isBegun && gathered.compare(amount) < 0 ? amount : gathered;
	const prepares = one.line.prepare_minutes !== null;
	const useDay = one.lesson.dropped && !one.extra?.day ? null : one.date;
	// In a unit without dates the ages are those of today.
	const on = one.date ?? one.run.row.start_on ?? today;
	const cautions = cautionsFor(one.item.name, on, atHomeOn(snapshot, one.date));
	const unserved = lots && !isSome(lots.net) ? MISSING : unservedOf(snapshot, one, given, useDay, on, today);
	const reserved = lots?.fromStash ?? ZERO;
	const stands = standing(amount, reserved, { ...stored, found }, prepares, unserved);
	const source = sourceOf(snapshot, state, one.item);
	return {
		need: {
			key: one.key,
			lesson: String(one.lesson.lesson.id),
			stream: 'supplies',
			useDay,
			// Extras never hold a lesson up.
			required: one.line.optional === 0 && (one.extra === null || one.extra.standing === 'required'),
			doWithout: state?.decision === 'do without',
			state: stands.state,
			promised: state?.promised ?? null,
			way:
				isSome(stands.missing) || isSome(stands.arranged)
					? source.way
					: isSome(stands.toLook)
						? {
								kind: 'look',
								then: waysWhenNotFound(snapshot, state, one.item),
								from: today
							}
						: { kind: 'at home' },
			prepare: prepares
				? {
						minutes: one.line.prepare_minutes!,
						waitDays: one.line.prepare_wait_days,
						sitting: sittingOf(snapshot, [one.key])
					}
				: null,
			keepsDays: one.item.keeps_days,
			habit: one.run.habits.supplies,
			unitStart: firstDay(one.run),
			since: knownSince(one.line, given.known),
			daysAhead: one.line.id > 0 ? (aheadIn(one.line.note)?.days ?? 1) - 1 : 0,
			notAfter: lastGatherDay(snapshot.household, one.item, useDay)
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
		supplier: source.supplier,
		rung: source.rung,
		nextRung: source.next,
		doer: state?.person_id ? (snapshot.people.find((person) => person.id === state.person_id) ?? null) : null,
		known: given.known,
		cautions,
		problem: unserved.kind === 'missing' ? problem : null
	};
}

/** Since when it is known that a thing is wanted and, where somebody looked, not there. */
function knownSince({ listed_on }: Row<'supply_line'>, { known, statement }: KnownItem): Day | null {
	return listed_on && known === 'none' && statement && statement.said_on > listed_on
		? statement.said_on
		: listed_on;
}

/** What becomes of an amount that no lot serves, from what is known of its thing. */
function unservedOf(
	snapshot: Snapshot,
	{ line, item, amount, takingPart }: Asked,
	given: Given,
	useDay: Day | null,
	on: Day,
	today: Day
): Unserved {
	const { state } = given;
	const { known, statement } = given.known;
	if ((known === 'counted' || known === 'none') && !given.problem) return MISSING;
	const { thing } = given.known;
	/** Whether what is there on a day still is when it is used. */
	const keepsFrom = (day: Day) =>
		item.keeps_days === null || useDay === null || useDay <= addDays(day, item.keeps_days);
	if (known === 'enough') {
		if (!keepsFrom(statement!.said_on)) return MISSING;
		// It was said of what was asked for then.
		const isMore =
			line.use !== 'some' && isMuchMore(statement!, amount, line.unit, item.name, line.listed_on);
		return { kind: isMore ? 'look' : 'enough' };
	}
	// A bottle or roll serves what is measured out of it.
	if (given.problem && thing.use === 'some' && MEASURED.includes(dimensionOf(line.unit)))
		return { kind: 'enough' };
	const wasLookedFor =
		given.isOnErrand ||
		(state &&
			(state.rung || state.supplier_id || isSome(exact(state.arranged)) || isSome(exact(state.found))));
	if (wasLookedFor || !keepsFrom(today)) return MISSING;
	if (known === 'look') return { kind: 'look' };
	if (known !== 'assumed') return MISSING;
	if (thing.notAThing) return { kind: 'assumed', most: null };
	// By those who take part: what is said of others in the house would have half of it looked for.
	if (cautionsFor(item.name, on, takingPart.map(participant)).some(({ who }) => who.length > 0))
		return { kind: 'look' };
	const isOneEach = line.use === 'kept' && line.unit === 'each';
	return { kind: 'assumed', most: isOneEach ? exact(Math.max(1, snapshot.people.length)) : null };
}

const MISSING: Unserved = { kind: 'missing' };
const MEASURED: readonly string[] = ['volume', 'mass', 'length'];

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
	return { name: person.name, born: youngest(person), allergies: parsed(person.allergies) };
}

/** The worse of what is to be got and what is to be fetched from its place at home. */
function wholeVerdict(need: Need, stands: Standing, days: NeedDays | null, today: Day): Verdict {
	const own = verdict(need, days ?? undefined, today);
	if (!days || !isSome(stands.toFetch) || need.doWithout || isReady(need) || need.way.kind === 'at home')
		return own;
	const fetch = verdict({ ...need, state: 'missing' }, { ...days, actBy: days.inHandBy }, today);
	return VERDICTS[Math.min(VERDICTS.indexOf(own), VERDICTS.indexOf(fetch))];
}

/** How much of a need's amount lies in a lot and waits to be fetched, in the need's unit. */
export function toFetchFrom(one: SupplyNeed, snapshot: Snapshot): { lot: Lot; amount: Exact }[] {
	const collecting = one.run.row.collecting_place_id;
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
