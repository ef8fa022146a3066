import { clockText, dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { ABOUT_WORK, SET_UP_MINUTES } from '$core/prepare/index.ts';
import { counted, durationText, listText } from '$core/words/index.ts';
import { parsed, type Row, stateByKey } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { jobDone, ownJobDone, placeJob } from '../../stores/prepare/jobs.ts';
import { updatePrint } from '../../stores/print/prints.ts';
import { updateSitting } from '../../stores/prepare/sittings.ts';
import { copyIs } from '../readiness/copies-moved.ts';
import { type Situation, workKey, copyState, printKey } from '$core/account/index.ts';
import { prepared, takeStep } from '../readiness/steps.ts';
import { jobsOf, type Job } from './jobs.ts';
import { inOrder, jobView, minutesTogether, openSittings, type JobView } from './plan.ts';

/** A sitting as its page shows it. */
export type SittingPage = {
	readonly id: number;
	readonly title: string;
	readonly sentence: string;
	/** What to have on the table before one begins. */
	readonly table: readonly string[];
	readonly cautions: readonly string[];
	readonly jobs: readonly (JobView & { readonly setUp: string; readonly unit: number })[];
	readonly isOver: boolean;
};

const CAUTIONS: readonly { readonly for: (job: Job) => boolean; readonly text: string }[] = [
	{
		for: (job) => job.work === 'laminate',
		text: 'The laminator’s rollers are hot: an adult feeds it. No thermal paper, crayon, or wet glue. Follow its own manual.'
	},
	{
		for: (job) => job.work === 'cut',
		text: 'The trimmer’s blade is sharp: an adult cuts, or watches closely.'
	},
	{
		for: (job) => /glue gun|hot glue/i.test(job.title + job.detail),
		text: 'Hot glue burns: an adult holds the gun, and it rests on its stand.'
	},
	{
		for: (job) => /\bwax\b/i.test(job.title + job.detail),
		text: 'Hot wax: an adult melts it in a water bath, never on direct heat.'
	}
];

export function sittingRow({ snapshot }: Situation, id: number): Row<'sitting'> {
	const row = snapshot.sittings.find((one) => one.id === id);
	if (!row) throw new Refusal('No sitting here. It may have been removed.');
	return row;
}

export function sittingPage(now: Situation, id: number): SittingPage {
	const row = sittingRow(now, id);
	const jobs = inOrder(jobsOf(now).filter((job) => job.sitting?.id === id));
	const setUps = new Set<string>();
	const minutes = Math.round(minutesTogether(jobs));
	return {
		id,
		title: [dayText(row.held_on), row.starts && clockText(row.starts, now.snapshot.household.measures)]
			.filter(Boolean)
			.join(', '),
		sentence:
			row.over === 1
				? 'This sitting is over.'
				: jobs.length === 0
					? 'Nothing left to do here.'
					: `${counted(jobs.length, 'job')}, ${durationText(minutes)} of ${durationText(row.minutes)}.`,
		table: [...new Set(jobs.flatMap((job) => (job.work ? ABOUT_WORK[job.work].table.split(', ') : [])))],
		cautions: CAUTIONS.filter((one) => jobs.some(one.for)).map((one) => one.text),
		jobs: jobs.map((job) => {
			const isNew = job.setUp !== null && !setUps.has(job.setUp);
			if (job.setUp) setUps.add(job.setUp);
			const warm = isNew ? SET_UP_MINUTES[job.setUp!] : 0;
			return {
				...jobView(now, job),
				setUp: warm ? `first let the ${job.setUp} warm up, ${warm} min` : '',
				unit: job.run.row.id
			};
		}),
		isOver: row.over === 1
	};
}

/** A job is done; its copies move on, and the rates learn from what it took. Answers it in words. */
export async function finishJob(trx: Trx, now: Situation, id: string, took: number | null): Promise<string> {
	const job = jobsOf(now).find((one) => one.id === id);
	if (!job) throw new Refusal('That job is done already, or no longer needed. Reload the page.');
	const { today } = now;
	for (const [at, key] of job.keys.entries())
		await jobDone(trx, job.run.row.id, key, today, {
			// Minutes and count stand on one row: they are those of the whole job.
			work: at === 0 ? job.work : null,
			count: at === 0 && job.work ? job.count : null,
			minutes: at === 0 ? took : null
		});
	if (job.id.startsWith('own-')) await ownJobDone(trx, Number(job.id.slice(4)), today);
	else if (job.need !== null) await needDone(trx, now, job.need);
	else await printsDone(trx, now, job);
	return `${job.title}: done, ${durationText(Math.round(took ?? job.minutes))}`;
}

/** What would be laminated too late stays without its film. Answers it in words. @throws Refusal where the job is gone */
export async function leaveBare(trx: Trx, now: Situation, id: string): Promise<string> {
	const job = jobsOf(now).find((one) => one.id === id && one.work === 'laminate');
	if (!job) throw new Refusal('That job is done already, or no longer needed. Reload the page.');
	for (const { row } of job.prints)
		await updatePrint(trx, job.run.row.id, row.id, {
			choices: { ...parsed(row.choices), finish: 'bare' }
		});
	return `Left bare: ${listText(job.prints.map((one) => one.row.title))}`;
}

async function needDone(trx: Trx, now: Situation, key: string): Promise<void> {
	if (now.needs.some((one) => one.need.key === key)) await prepared(trx, now, [key]);
	else {
		// What is taken next is its preview only where the book is here.
		const need = now.whole.find((one) => one.need.key === key);
		if (need && need.need.state !== 'in hand') throw new Refusal(`${need.title} isn’t here yet.`);
		await takeStep(trx, now, [key]);
	}
}

async function printsDone(trx: Trx, now: Situation, job: Job): Promise<void> {
	const states = stateByKey(now.snapshot);
	const isPrinting = job.work === 'print' || job.work === 'print color';
	const done = new Set(now.snapshot.prepJobs.filter((one) => one.done_on !== null).map((one) => one.key));
	for (const key of job.keys) done.add(key);
	for (const print of job.prints) {
		const isFinished = print.finish.jobs.every((one) => done.has(workKey(print.row.id, one.kind)));
		for (const { child } of print.copies) {
			const state = copyState(print, states.get(printKey(print, child?.id ?? null)) ?? null);
			if (isPrinting && state === 'to print') await copyIs(trx, now, print, child?.id ?? null, 'printed');
			if (!isPrinting && isFinished && (state === 'printed' || state === 'to print'))
				await copyIs(trx, now, print, child?.id ?? null, 'finished');
		}
	}
}

/** Enough for today: what is left goes on to the next sitting, if there is one. Answers it in words. */
export async function stopSitting(trx: Trx, now: Situation, id: number): Promise<string> {
	const row = sittingRow(now, id);
	const left = jobsOf(now).filter((job) => job.sitting?.id === id);
	const next = openSittings(now).find((one) => one.id !== id && one.held_on >= row.held_on);
	for (const job of left)
		for (const key of job.keys) await placeJob(trx, job.run.row.id, key, next?.id ?? null);
	await updateSitting(trx, id, { over: 1 });
	if (left.length === 0) return 'Sitting over';
	return next
		? `${counted(left.length, 'job')} moved to ${dayText(next.held_on)}`
		: `${counted(left.length, 'job')} waiting for a sitting`;
}

/** Moves one job to another sitting, or to none. */
export async function moveJob(trx: Trx, now: Situation, id: string, sitting: number | null): Promise<string> {
	const job = jobsOf(now).find((one) => one.id === id);
	if (!job) throw new Refusal('That job is done already, or no longer needed. Reload the page.');
	const to = sitting === null ? null : sittingRow(now, sitting);
	for (const key of job.keys) await placeJob(trx, job.run.row.id, key, sitting);
	return `${job.title}: ${to ? dayText(to.held_on) : 'no sitting'}`;
}
