import type { Day } from '../calendar/index.ts';
import { groupBy } from '../group-by.ts';
import { needDays, verdict, type HouseDays, type Need } from '../readiness/index.ts';
import { stateByKey, type Moment, type Snapshot } from '../facts/index.ts';
import { runsOf, type RunSituation } from './runs.ts';
import { libraryPlans, onTrips, type LibraryPlan } from './library-plans.ts';
import { returnsOf, type Returning } from './returns.ts';
import { bookDrafts } from './streams/books.ts';
import { printDrafts } from './streams/prints.ts';
import { remarkDrafts, settingDrafts } from './streams/setting.ts';
import { supplyDrafts, supplyNeed, type SupplyDraft, type SupplyNeed } from './streams/supplies.ts';
import type { WholeDraft, WholeNeed } from './whole-needs.ts';

/** All that is computed from one moment. */
export type Situation = Moment & {
	readonly runs: readonly RunSituation[];
	/** Those of them that are not put away: of others nothing is wanted, counted or set out. */
	readonly inWork: readonly RunSituation[];
	/** The supplies stream. */
	readonly needs: readonly SupplyNeed[];
	/** The streams whose needs are one thing as a whole. */
	readonly whole: readonly WholeNeed[];
	/** The trips to each library, from which pick-ups and returns have their days. */
	readonly trips: readonly LibraryPlan[];
	/** Borrowed things that are to go back. */
	readonly returns: readonly Returning[];
};

/**
 * Computes everything from one snapshot: calendars, netting over all active runs, days and verdicts. A unit
 * whose data cannot be computed is set aside with a word of why, so that every other page still opens.
 */
export function computeSituation(snapshot: Snapshot, today: Day): Situation {
	const runs = runsOf(snapshot, today);
	try {
		return situationOf(snapshot, today, runs);
	} catch {
		return situationOf(
			snapshot,
			today,
			runs.map((run) => (canCompute(snapshot, today, run) ? run : setAside(run)))
		);
	}
}

function canCompute(snapshot: Snapshot, today: Day, run: RunSituation): boolean {
	try {
		situationOf(snapshot, today, [run]);
		return true;
	} catch {
		return false;
	}
}

/** A unit without days and extras, from which nothing is computed. */
function setAside(run: RunSituation): RunSituation {
	return {
		...run,
		calendar: null,
		activities: [],
		lessons: run.lessons.map((lesson) => ({ ...lesson, dates: [], over: true, booked: true })),
		trouble:
			'Something in this unit can’t be computed, so it is set aside for now. Undo your last change, or go back to a backup.'
	};
}

const isInWork = ({ row }: RunSituation): boolean => row.state !== 'put away';

function situationOf(snapshot: Snapshot, today: Day, runs: readonly RunSituation[]): Situation {
	const inWork = runs.filter(isInWork);
	const drafts = supplyDrafts(snapshot, inWork, today);
	const wholeDrafts = inWork.flatMap((run) =>
		wholeDraftsOf(
			snapshot,
			run,
			today,
			drafts.filter((one) => one.run === run)
		)
	);
	const days = needDays(
		[...drafts, ...wholeDrafts].map((draft) => draft.need),
		houseDays(snapshot, today)
	);
	const needs = drafts.map((draft) => supplyNeed(draft, days.get(draft.need.key) ?? null, today));
	const alone = wholeDrafts.map((draft): WholeNeed => {
		const own = days.get(draft.need.key) ?? null;
		return { ...draft, days: own, verdict: verdict(draft.need, own ?? undefined, today) };
	});
	const trips = libraryPlans(snapshot, alone, today);
	const whole = onTrips(alone, trips, today);
	const returns = returnsOf(snapshot, runs, whole, trips, today);
	return { snapshot, today, runs, inWork, needs, whole, trips, returns };
}

/**
 * One run and its supplies as they would be in a snapshot in which nothing but this run was changed.
 * Supplies of other runs keep their days, so those are taken from `now`; what they take from the stash
 * is netted anew.
 */
export function computeRun(
	now: Situation,
	snapshot: Snapshot,
	id: number
): { readonly run: RunSituation; readonly needs: readonly SupplyNeed[] } {
	const runs = runsOf(snapshot, now.today);
	const run = runs.find((one) => one.row.id === id)!;
	const drafts = supplyDrafts(snapshot, runs.filter(isInWork), now.today, run);
	const whole = wholeDraftsOf(snapshot, run, now.today, drafts);
	// In the order in which all are computed together, since that decides who gets a sitting first.
	const inOrder = (others: readonly HasNeed[], own: readonly HasNeed[]) => {
		const byRun = groupBy(others, (one) => one.run.row.id);
		return runs.flatMap((one) => (one === run ? own : (byRun.get(one.row.id) ?? [])));
	};
	const days = needDays(
		[...inOrder(now.needs, drafts), ...inOrder(now.whole, whole)].map((one) => one.need),
		houseDays(snapshot, now.today)
	);
	return {
		run,
		needs: drafts.map((draft) => supplyNeed(draft, days.get(draft.need.key) ?? null, now.today))
	};
}

type HasNeed = { readonly need: Need; readonly run: RunSituation };

function wholeDraftsOf(
	snapshot: Snapshot,
	run: RunSituation,
	today: Day,
	supplies: readonly SupplyDraft[]
): WholeDraft[] {
	const stateOf = (key: string) => stateByKey(snapshot).get(key) ?? null;
	return [
		...bookDrafts(snapshot, run, today, stateOf),
		...printDrafts(snapshot, run, stateOf),
		...settingDrafts(snapshot, run, today, stateOf),
		...remarkDrafts(supplies, stateOf)
	];
}

function houseDays({ household, quiet, sittings }: Snapshot, today: Day): HouseDays {
	return {
		weekStart: household.week_start,
		noPreparing: quiet.map(({ from_on, to_on }) => ({ from: from_on, to: to_on })),
		sittings: sittings
			.filter((sitting) => sitting.over === 0 && sitting.held_on >= today)
			.map((sitting) => ({ date: sitting.held_on, minutes: sitting.minutes }))
	};
}
