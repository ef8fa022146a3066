import { clockText, dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { ABOUT_WORK, isTooQuick } from '$core/prepare/index.ts';
import { counted, durationText, listText, timeText } from '$core/words/index.ts';
import { parsed, type Row, stateByKey } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { jobDone, ownJobDone, placeJob } from '../../stores/prepare/jobs.ts';
import { updatePrint } from '../../stores/print/prints.ts';
import { updateSitting } from '../../stores/prepare/sittings.ts';
import { copyIs } from '../readiness/copies-moved.ts';
import { type Situation, workKey, copyState, printKey } from '$core/account/index.ts';
import { prepared, takeStep } from '../readiness/steps.ts';
import { jobsOf, type Job } from './jobs.ts';
import { leaveOutText, movesOf } from './leave-out.ts';
import { BETWEEN_IDS, brokenAt, minutesTogether, rowsOf, type RowView } from './rows.ts';

/** A sitting as its page shows it. */
export type SittingPage = {
	readonly id: number;
	readonly title: string;
	readonly sentence: string;
	/** What to have on the table before one begins. */
	readonly table: readonly string[];
	readonly cautions: readonly string[];
	readonly rows: readonly RowView[];
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
	const jobs = jobsOf(now).filter((job) => job.sitting?.id === id);
	const rows = rowsOf(now, jobs);
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
					: `${counted(rows.length, 'job')}, ${timeText(minutesTogether(jobs))} of ${durationText(row.minutes)}.`,
		table: [...new Set(jobs.flatMap((job) => (job.work ? ABOUT_WORK[job.work].table.split(', ') : [])))],
		cautions: CAUTIONS.filter((one) => jobs.some(one.for)).map((one) => one.text),
		rows,
		isOver: row.over === 1
	};
}

/** The jobs of a row that are still to be done; others were done meanwhile. */
function jobsIn(now: Situation, row: string): Job[] {
	const ids = row.split(BETWEEN_IDS);
	return jobsOf(now).filter((job) => ids.includes(job.id));
}

/**
 * The jobs of a row are done; their copies move on, and the rates learn from what they took. Answers it in words;
 * nothing where it was done already, as by a second tap.
 */
export async function finishJob(trx: Trx, now: Situation, row: string, took: number | null): Promise<string> {
	const jobs = jobsIn(now, row);
	if (jobs.length === 0) return '';
	const { today } = now;
	const [{ work }] = jobs;
	const count = jobs.reduce((sum, job) => sum + job.count, 0);
	for (const [of, job] of jobs.entries())
		for (const [at, key] of job.keys.entries()) {
			// Minutes and count stand on one row: they are those of all together.
			const isFirst = of === 0 && at === 0;
			await jobDone(trx, job.run.row.id, key, today, {
				work: isFirst ? work : null,
				count: isFirst && work ? count : null,
				minutes: isFirst ? took : null
			});
		}
	for (const job of jobs)
		if (job.id.startsWith('own-')) await ownJobDone(trx, Number(job.id.slice(4)), today);
		else if (job.need !== null) await needDone(trx, now, job.need);
	await printsDone(
		trx,
		now,
		jobs.filter((job) => job.prints.length > 0)
	);
	const title = rowsOf(now, jobs)[0].title;
	const minutes = jobs.reduce((sum, job) => sum + job.minutes, 0);
	if (took === null) return `${title}: done`;
	return isTooQuick(work, count, took)
		? `${title}: done in ${tookText(took)}, too quick to learn from`
		: `${title}: done in ${tookText(took)}, ${timeText(minutes)} planned`;
}

/** “40 s”, “12 min” */
const tookText = (minutes: number) =>
	minutes < 1.5 ? `${Math.max(1, Math.round(minutes * 60))} s` : durationText(Math.round(minutes));

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

async function printsDone(trx: Trx, now: Situation, jobs: readonly Job[]): Promise<void> {
	const states = stateByKey(now.snapshot);
	const isPrinting = jobs.some((job) => job.work === 'print' || job.work === 'print color');
	const done = new Set(now.snapshot.prepJobs.filter((one) => one.done_on !== null).map((one) => one.key));
	for (const key of jobs.flatMap((job) => job.keys)) done.add(key);
	for (const print of new Set(jobs.flatMap((job) => job.prints))) {
		const isFinished = print.finish.jobs.every((one) => done.has(workKey(print.row.id, one.kind)));
		for (const { child } of print.copies) {
			const state = copyState(print, states.get(printKey(print, child?.id ?? null)) ?? null);
			if (isPrinting && state === 'to print') await copyIs(trx, now, print, child?.id ?? null, 'printed');
			if (!isPrinting && isFinished && (state === 'printed' || state === 'to print'))
				await copyIs(trx, now, print, child?.id ?? null, 'finished');
		}
	}
}

/**
 * Enough for today: what is left goes to later sittings that have room and allow it; what none has room for waits.
 * Answers it in words.
 */
export async function stopSitting(trx: Trx, now: Situation, id: number): Promise<string> {
	const moves = movesOf(now, new Set([id]));
	for (const { job, to } of moves)
		for (const key of job.keys) await placeJob(trx, job.run.row.id, key, to?.id ?? null);
	await updateSitting(trx, id, { over: 1 });
	return ['Sitting over', leaveOutText(now, [id])].filter(Boolean).join('; ');
}

/** Moves the jobs of a row to another sitting, or to none, and says what is wrong with it there. */
export async function moveJob(
	trx: Trx,
	now: Situation,
	row: string,
	sitting: number | null
): Promise<string> {
	const jobs = jobsIn(now, row);
	if (jobs.length === 0) throw new Refusal('That job is done already, or no longer needed. Reload the page.');
	const to = sitting === null ? null : sittingRow(now, sitting);
	for (const job of jobs) for (const key of job.keys) await placeJob(trx, job.run.row.id, key, sitting);
	const [{ title }] = rowsOf(now, jobs);
	const moved = new Set(jobs.map((job) => job.id));
	const broken = to
		? [
				...jobs.flatMap((job) => brokenAt(now, job, to).filter((one) => !/comes first$/.test(one))),
				minutesTogether(jobsOf(now).filter((job) => moved.has(job.id) || job.sitting?.id === to.id)) >
				to.minutes
					? 'the sitting is too full then'
					: ''
			].filter((one, at, all) => one !== '' && all.indexOf(one) === at)
		: [];
	return `${title}: ${to ? dayText(to.held_on) : 'no sitting'}${broken.length ? `, but ${listText(broken)}` : ''}`;
}
