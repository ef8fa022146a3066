import { startOfWeek, type Day } from '../calendar/dates.ts';

/** A backup: when it was made, as ISO 8601 text in UTC. */
export type Kept = { readonly at: string };

const DAILY = 7;
const WEEKLY = 4;
const MONTHLY = 12;
/** The last ones stay in any case, since each was made before something that may have to be taken back. */
const LAST = 5;

/**
 * Which backups stay: the newest of each of the last 7 days that have one, of the last 4 weeks, of the last 12
 * months, and the last 5 of all. Common practice, no source.
 *
 *     keptBackups([{ at: '2026-11-26T02:00:00.000Z' }, { at: '2026-11-26T20:00:00.000Z' }])
 */
export function keptBackups<T extends Kept>(all: readonly T[]): T[] {
	const newestFirst = all.toSorted((a, b) => (a.at < b.at ? 1 : -1));
	const kept = new Set(newestFirst.slice(0, LAST));
	const dayOf = ({ at }: T): Day => at.slice(0, 10);
	for (const [most, periodOf] of [
		[DAILY, dayOf],
		[WEEKLY, (one: T) => startOfWeek(dayOf(one), 1)],
		[MONTHLY, (one: T) => dayOf(one).slice(0, 7)]
	] as const) {
		const seen = new Set<string>();
		for (const one of newestFirst) {
			const period = periodOf(one);
			if (seen.has(period)) continue;
			if (seen.size >= most) break;
			seen.add(period);
			kept.add(one);
		}
	}
	return newestFirst.filter((one) => kept.has(one));
}
