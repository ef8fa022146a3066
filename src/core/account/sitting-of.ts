import type { Day } from '../calendar/index.ts';
import { once, byId, type Snapshot } from '../facts/index.ts';

/** The days of sittings that an accepted plan chose for jobs that are still to be done, by the key of the job. */
const placed = once((jobs: Snapshot['prepJobs']) => new Map(jobs.map((job) => [job.key, job])));

/** The first sitting at which one of these jobs is done; null where no plan has placed them. */
export function sittingOf(snapshot: Snapshot, keys: readonly string[]): Day | null {
	const sittings = byId(snapshot.sittings);
	const days = keys.flatMap((key) => {
		const job = placed(snapshot.prepJobs).get(key);
		const sitting = job && job.done_on === null ? sittings.get(job.sitting_id ?? 0) : undefined;
		return sitting && sitting.over === 0 ? [sitting.held_on] : [];
	});
	return days.toSorted()[0] ?? null;
}

/** The key of one kind of work on a print. */
export const workKey = (print: number, work: string) => `print-${print}/${work}`;
