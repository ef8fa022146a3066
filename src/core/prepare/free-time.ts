import { addDays, weekdayOf, type Day } from '../calendar/index.ts';

/** One long day of preparing before a busy month; the month as “2027-02”, minutes in all. */
export type LongDay = {
	readonly day: Day;
	readonly minutes: number;
	readonly month: string;
	readonly busy: number;
};

const SATURDAY = 6;
/** A month with less than this is not busy, and no day is longer than that, minutes (common practice, no source). */
const BUSY_MINUTES = 120;
const LONGEST_MINUTES = 300;

/**
 * The Saturday before the month in which most has to be ready, the next one where that is past; null where no month is
 * busy, or a sitting as long is planned until then.
 *
 * @example longDay({ today: '2027-01-10', jobs: [{ readyBy: '2027-03-09', minutes: 200 }], sittings: [] })
 * // { day: '2027-02-27', minutes: 210, month: '2027-03', busy: 200 }
 */
export function longDay({
	today,
	jobs,
	sittings
}: {
	readonly today: Day;
	readonly jobs: readonly { readonly readyBy: Day | null; readonly minutes: number }[];
	readonly sittings: readonly { readonly day: Day; readonly minutes: number }[];
}): LongDay | null {
	const months = new Map<string, number>();
	for (const { readyBy, minutes } of jobs)
		if (readyBy !== null && readyBy > today)
			months.set(readyBy.slice(0, 7), (months.get(readyBy.slice(0, 7)) ?? 0) + minutes);
	const busiest = [...months].toSorted((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))[0];
	if (!busiest || busiest[1] < BUSY_MINUTES) return null;
	const [month, busy] = busiest;
	const tomorrow = addDays(today, 1);
	let day = addDays(`${month}-01`, -1);
	while (day >= tomorrow && weekdayOf(day) !== SATURDAY) day = addDays(day, -1);
	if (day < tomorrow) for (day = tomorrow; weekdayOf(day) !== SATURDAY;) day = addDays(day, 1);
	if (sittings.some((one) => one.day <= day && one.minutes >= BUSY_MINUTES)) return null;
	return { day, minutes: Math.min(LONGEST_MINUTES, Math.ceil(busy / 30) * 30), month, busy };
}

/** A job of which one knows what has to be done before it. */
type Waiting = { readonly id: string; readonly readyBy: Day | null; readonly after: readonly string[] };

/**
 * What is best done in so many minutes: what presses most and fits, each with what comes before it, in the order in
 * which the jobs are given. `together` says how long jobs take at one sitting.
 */
export function bestIn<J extends Waiting>(
	jobs: readonly J[],
	minutes: number,
	together: (jobs: readonly J[]) => number
): J[] {
	const known = new Map(jobs.map((one) => [one.id, one]));
	const withBefore = (id: string, all: Set<string>): Set<string> => {
		if (known.has(id) && !all.has(id)) {
			all.add(id);
			for (const one of known.get(id)!.after) withBefore(one, all);
		}
		return all;
	};
	const chosen = new Set<string>();
	const last = '9999-12-31';
	for (const job of jobs.toSorted((a, b) => ((a.readyBy ?? last) < (b.readyBy ?? last) ? -1 : 1))) {
		const ids = new Set([...chosen, ...withBefore(job.id, new Set())]);
		if (together(jobs.filter((one) => ids.has(one.id))) <= minutes) for (const id of ids) chosen.add(id);
	}
	return jobs.filter((one) => chosen.has(one.id));
}
