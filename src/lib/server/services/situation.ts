import type { Day } from '$core/calendar/index.ts';
import { needDays, verdict, type HouseDays } from '$core/readiness/index.ts';
import type { Snapshot } from '../stores/snapshot.ts';
import { bookDrafts, returnsOf, type Returning } from './book-needs.ts';
import { runsOf, type RunSituation } from './runs.ts';
import { stateByKey, supplyDrafts, supplyNeed, type SupplyNeed } from './supply-needs.ts';
import { settingDrafts, type WholeNeed } from './whole-needs.ts';

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
	const runs = runsOf(snapshot);
	const inWork = runs.filter(({ run }) => run.state !== 'put away');
	const drafts = supplyDrafts(snapshot, inWork);
	const stateOf = (key: string) => stateByKey(snapshot).get(key) ?? null;
	const wholeDrafts = inWork.flatMap((run) => [
		...bookDrafts(snapshot, run, today, stateOf),
		...settingDrafts(snapshot, run, stateOf)
	]);
	const house: HouseDays = {
		weekStart: snapshot.household.week_start,
		noPreparing: snapshot.quiet.map(({ from_on, to_on }) => ({ from: from_on, to: to_on })),
		sittings: snapshot.sittings.map((sitting) => ({ date: sitting.held_on, minutes: sitting.minutes }))
	};
	const days = needDays(
		[...drafts, ...wholeDrafts].map((draft) => draft.need),
		house
	);
	const needs = drafts.map((draft) => supplyNeed(draft, days.get(draft.need.key) ?? null, today));
	const whole = wholeDrafts.map((draft): WholeNeed => {
		const own = days.get(draft.need.key) ?? null;
		return { ...draft, days: own, verdict: verdict(draft.need, own ?? undefined, today) };
	});
	return { snapshot, today, runs, needs, whole, returns: returnsOf(snapshot, runs, whole, today) };
}
