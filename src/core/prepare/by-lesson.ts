import { prep, type PrepInput, type PrepJob, type PrepPlan } from './prep.ts';

/** The two habits of preparing, side by side. */
export type PrepWays = { readonly batch: PrepPlan; readonly byLesson: PrepPlan };

/**
 * The plan of a household that finishes one lesson before it begins the next: all jobs of a lesson are one piece of
 * work, for which everything is set up anew. A lesson that is longer than every sitting stays in its jobs.
 * `lessonOf` answers the lesson of a job; null where it stands alone.
 */
export function byLesson(input: PrepInput, lessonOf: (id: string) => string | null): PrepPlan {
	const longest = Math.max(0, ...input.sittings.map((one) => one.minutes));
	const groups = new Map<string, PrepJob[]>();
	for (const job of input.jobs) {
		const lesson = lessonOf(job.id);
		const key = lesson === null ? `job ${job.id}` : `lesson ${lesson}`;
		groups.set(key, [...(groups.get(key) ?? []), job]);
	}
	const members = new Map<string, PrepJob[]>();
	const blockOf = new Map<string, string>();
	for (const [key, jobs] of groups) {
		const isWhole = jobs.length > 1 && lengthOf(jobs, input.setUpMinutes) <= longest;
		for (const part of isWhole ? [jobs] : jobs.map((job) => [job])) {
			const id = isWhole ? key : part[0].id;
			members.set(id, part);
			for (const job of part) blockOf.set(job.id, id);
		}
	}
	const blocks = [...members].map(([id, jobs]): PrepJob => ({
		id,
		minutes: jobs.length > 1 ? lengthOf(jobs, input.setUpMinutes) : jobs[0].minutes,
		after: [...new Set(jobs.flatMap((job) => job.after.map((one) => blockOf.get(one)!)))].filter(
			(one) => one !== id
		),
		readyBy: jobs.map((job) => job.readyBy).sort()[0],
		setUp: jobs.length > 1 ? null : jobs[0].setUp,
		brings: [...new Set(jobs.flatMap((job) => job.brings ?? []))],
		...latest(jobs)
	}));
	const plan = prep({ ...input, jobs: blocks });
	const open = (ids: readonly string[]) => ids.flatMap((id) => members.get(id)!.map((job) => job.id));
	return {
		sittings: plan.sittings.map((one) => ({ ...one, jobs: open(one.jobs) })),
		late: open(plan.late),
		unplaced: open(plan.unplaced)
	};
}

function lengthOf(jobs: readonly PrepJob[], setUpMinutes: Readonly<Record<string, number>>): number {
	const setUps = new Set(jobs.flatMap((job) => job.setUp ?? []));
	return (
		jobs.reduce((sum, job) => sum + job.minutes, 0) +
		[...setUps].reduce((sum, name) => sum + setUpMinutes[name], 0)
	);
}

/** A lesson begins when the last thing for it is here. */
function latest(jobs: readonly PrepJob[]): Pick<PrepJob, 'notBefore'> {
	const day = jobs
		.flatMap((job) => job.notBefore ?? [])
		.toSorted()
		.at(-1);
	return day === undefined ? {} : { notBefore: day };
}
