import { dayText, type Day } from '$core/calendar/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { placeJob } from '../../stores/prepare/jobs.ts';
import { removeSittings } from '../../stores/prepare/sittings.ts';
import { jobsOf, type Job } from './jobs.ts';
import { minutesTogether } from './rows.ts';
import { openSittings } from './sittings.ts';

/** A job of a sitting that is left out, and the one it goes to; null where no later one has room for it. */
export type Moves = { readonly job: Job; readonly to: Row<'sitting'> | null };

/**
 * Where the jobs of sittings go that are left out: each to the first later sitting that has the minutes, allows the
 * work, and is not before what it builds on; those that press first.
 */
export function movesOf(now: Situation, ids: ReadonlySet<number>): Moves[] {
	const jobs = jobsOf(now);
	const rest = openSittings(now).filter((one) => !ids.has(one.id));
	const held = new Map(
		rest.map((one) => [one.id, jobs.filter((job) => job.sitting?.id === one.id)] as const)
	);
	const day = new Map(jobs.map((job) => [job.id, job.sitting?.held_on ?? null]));
	return jobs
		.filter((job) => job.sitting !== null && ids.has(job.sitting.id))
		.toSorted((a, b) => ((a.readyBy ?? '9') < (b.readyBy ?? '9') ? -1 : 1) || (a.id < b.id ? -1 : 1))
		.map((job): Moves => {
			const from =
				job.after
					.flatMap((id) => day.get(id) ?? [])
					.toSorted()
					.at(-1) ?? job.sitting!.held_on;
			const to = rest.find(
				(one) =>
					one.held_on >= from &&
					!job.brings.some((bar) => parsed(one.bars).includes(bar)) &&
					minutesTogether([...held.get(one.id)!, job]) <= one.minutes
			);
			if (to) held.set(to.id, [...held.get(to.id)!, job]);
			day.set(job.id, to?.held_on ?? null);
			return { job, to: to ?? null };
		});
}

/** What leaving sittings out does to their jobs, in words; empty where they hold none. */
export function leaveOutText(now: Situation, ids: readonly number[]): string {
	const moves = movesOf(now, new Set(ids));
	const days = [...new Set(moves.flatMap(({ to }) => (to ? [dayText(to.held_on)] : [])))];
	const moved = moves.filter(({ to }) => to !== null).length;
	const waiting = moves.length - moved;
	const late = moves.filter(
		({ job, to }) => job.readyBy !== null && (to === null || to.held_on >= job.readyBy)
	);
	return [
		moved ? `${counted(moved, 'job')} ${moved === 1 ? 'moves' : 'move'} to ${listText(days)}` : '',
		waiting ? `${counted(waiting, 'job')} ${waiting === 1 ? 'has' : 'have'} no sitting then` : '',
		late.length ? `${listText(late.slice(0, 2).map(({ job }) => job.title))} would be late` : ''
	]
		.filter(Boolean)
		.join('; ');
}

/** Takes sittings out; their jobs go on to later ones. Answers what that did, in words. */
export async function leaveOut(trx: Trx, now: Situation, ids: readonly number[]): Promise<string> {
	const text = leaveOutText(now, ids);
	const moves = movesOf(now, new Set(ids));
	await removeSittings(trx, ids);
	for (const { job, to } of moves)
		for (const key of job.keys) await placeJob(trx, job.run.row.id, key, to?.id ?? null);
	return [`${counted(ids.length, 'sitting')} left out`, text].filter(Boolean).join('; ');
}

/** Sittings ahead that lie within some days. */
export const sittingsWithin = (now: Situation, from: Day, to: Day): number[] =>
	openSittings(now)
		.filter((one) => one.held_on >= from && one.held_on <= to)
		.map((one) => one.id);
