import type { Day } from '$core/calendar/index.ts';
import type { Db } from '../database/open.ts';
import { revisionOf } from '../history/changes.ts';
import { computeSituation, type Situation } from '$core/account/index.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';
import { opened } from './data.ts';

/** What was computed last, for each opened database: one that is closed takes it along. */
const known = new WeakMap<Db, Situation>();

/** Today in the household's zone, or its fixed day. */
export function todayIn(household: { zone: string; fixed_today: Day | null }): Day {
	if (household.fixed_today) return household.fixed_today;
	return new Intl.DateTimeFormat('sv-SE', { timeZone: household.zone }).format(new Date());
}

/** What the account is computed from has changed outside its tables: it is computed anew. */
export function forgetSituation(read: Db): void {
	known.delete(read);
}

/** The computed situation, the same as long as revision and day are. */
export async function situation(): Promise<Situation> {
	const { read } = await opened();
	const before = known.get(read);
	if (
		before?.snapshot.revision === (await revisionOf(read)) &&
		before.today === todayIn(before.snapshot.household)
	)
		return before;
	const snapshot = await readSnapshot(read, before?.snapshot);
	const fresh = computeSituation(snapshot, todayIn(snapshot.household));
	known.set(read, fresh);
	return fresh;
}
