import { addDays, clockText, dayText, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import {
	BAR_TEXT,
	bestIn,
	longDay,
	type PrepInput,
	type PrepJob,
	type PrepSitting,
	SET_UP_MINUTES
} from '$core/prepare/index.ts';
import { counted, durationText, monthName, timeText } from '$core/words/index.ts';
import { byId, parsed, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { placeJob } from '../../stores/prepare/jobs.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { earliest, jobsOf, type Job } from './jobs.ts';
import { brokenAt, jobView, minutesTogether, rowsOf, type RowView } from './rows.ts';
import { offOn, openSittings } from './sittings.ts';

/** At most so many of the next sittings are planned at once. */
const MOST_SITTINGS = 24;

/** What the planner takes; with `lessons` the second habit can be worked out as well. */
export type PlanQuestion = {
	readonly input: PrepInput;
	readonly lessons: Readonly<Record<string, string | null>>;
	readonly titles: Readonly<Record<string, string>>;
	readonly today: Day;
};

export function planQuestion(now: Situation): PlanQuestion {
	const jobs = jobsOf(now);
	const sittings = openSittings(now).slice(0, MOST_SITTINGS);
	const last = sittings.at(-1)?.held_on ?? now.today;
	const ids = new Set(jobs.map((one) => one.id));
	return {
		input: {
			jobs: jobs.map((job): PrepJob => ({
				id: job.id,
				minutes: job.minutes,
				after: job.after.filter((id) => ids.has(id)),
				// What nothing presses is never late.
				readyBy: job.readyBy ?? addDays(last, 1),
				setUp: job.setUp,
				brings: job.brings,
				isFresh: job.isFresh,
				...(job.comesOn === null ? {} : { notBefore: job.comesOn })
			})),
			sittings: sittings.map((one): PrepSitting => ({
				id: String(one.id),
				date: one.held_on,
				minutes: one.minutes,
				bars: parsed(one.bars)
			})),
			setUpMinutes: SET_UP_MINUTES
		},
		lessons: Object.fromEntries(
			jobs.map((job) => [job.id, job.lesson ? String(job.lesson.lesson.id) : null])
		),
		titles: Object.fromEntries(jobs.map((job) => [job.id, job.title])),
		today: now.today
	};
}

/**
 * Takes a plan over: each job at its sitting, or at none. What its sitting would do only after its lesson stays out of
 * it, so that Next asks for it by its own day. @throws Refusal where jobs or sittings have changed since.
 */
export async function acceptPlan(
	trx: Trx,
	now: Situation,
	placed: Readonly<Record<string, number>>
): Promise<{ readonly placed: number; readonly tooLate: number }> {
	const jobs = jobsOf(now);
	const open = byId(openSittings(now));
	const known = jobs.filter((job) => job.id in placed);
	if (known.length < Object.keys(placed).length || known.some((job) => !open.has(placed[job.id])))
		throw new Refusal('Your jobs or sittings changed meanwhile. Plan again.');
	const isOfUse = (job: Job) =>
		job.tooLateFrom === null || open.get(placed[job.id])!.held_on < job.tooLateFrom;
	for (const job of jobs)
		for (const key of job.keys) {
			const sitting = job.id in placed && isOfUse(job) ? placed[job.id] : null;
			if (sitting !== (job.sitting?.id ?? null)) await placeJob(trx, job.run.row.id, key, sitting);
		}
	const tooLate = known.filter((job) => !isOfUse(job)).length;
	return { placed: known.length - tooLate, tooLate };
}

export type SittingView = {
	readonly id: number;
	readonly day: string;
	readonly about: string;
	readonly bars: readonly string[];
	readonly minutes: number;
	readonly taken: number;
	readonly series: number | null;
	readonly isToday: boolean;
	/** “sick week”: it lies in days on which nothing is taught; empty on any other. */
	readonly off: string;
	readonly rows: readonly RowView[];
	/** Its jobs, and what is set up for them, are longer than it. */
	readonly isOverfull: boolean;
};

/** What waits for a sitting, with the first one that it could go to without breaking a rule. */
export type WaitingRow = RowView & {
	readonly fits: { readonly id: number; readonly day: string } | null;
};

export type PrepareView = {
	readonly sentence: string;
	readonly detail: string;
	readonly sittings: readonly SittingView[];
	/** Jobs of this unit that no sitting has. */
	readonly waiting: readonly WaitingRow[];
	/** Ids of those that cannot be done in time any more. */
	readonly late: number;
	readonly minutes: number;
	readonly habit: Row<'household'>['prep_habit'];
	readonly hasJobs: boolean;
	readonly longDay: LongDay | null;
};

/** The Prepare page of a unit: the household's sittings with what is planned, and what waits. */
export function prepareView(now: Situation, run: RunSituation): PrepareView {
	const jobs = jobsOf(now);
	const own = jobs.filter((job) => job.run === run);
	const { toPlace, cannotWait } = unplacedOf(now, own);
	const waiting = [...cannotWait, ...toPlace].toSorted((a, b) =>
		(a.readyBy ?? '9') < (b.readyBy ?? '9') ? -1 : 1
	);
	const sittings = openSittings(now).map((sitting) => sittingView(now, sitting, jobs));
	const late = own.filter((job) => jobView(now, job).isLate).length;
	const minutes = minutesTogether(own);
	return {
		...sentenceOf(now, own, sittings, late),
		sittings,
		waiting: rowsOf(now, waiting).map((row): WaitingRow => ({ ...row, fits: firstFit(now, row) })),
		late,
		minutes,
		habit: now.snapshot.household.prep_habit,
		hasJobs: jobs.length > 0,
		longDay: longDayFor(now, jobs)
	};
}

/** The first sitting that has room for a row and breaks no rule by it. */
function firstFit(now: Situation, row: RowView): WaitingRow['fits'] {
	const jobs = jobsOf(now);
	const own = jobs.filter((job) => row.parts.some((part) => part.id === job.id));
	const found = openSittings(now).find(
		(one) =>
			own.every((job) => brokenAt(now, job, one).length === 0) &&
			minutesTogether([...jobs.filter((job) => job.sitting?.id === one.id), ...own]) <= one.minutes
	);
	return found ? { id: found.id, day: dayText(found.held_on) } : null;
}

function sittingView(now: Situation, sitting: Row<'sitting'>, jobs: readonly Job[]): SittingView {
	const own = jobs.filter((job) => job.sitting?.id === sitting.id);
	return {
		id: sitting.id,
		day: dayText(sitting.held_on),
		about: [
			sitting.starts && clockText(sitting.starts, now.snapshot.household.measures),
			durationText(sitting.minutes)
		]
			.filter(Boolean)
			.join(', '),
		bars: parsed(sitting.bars).map((bar) => BAR_TEXT[bar]),
		minutes: sitting.minutes,
		taken: minutesTogether(own),
		series: sitting.series,
		isToday: sitting.held_on === now.today,
		off: offOn(now, sitting.held_on),
		rows: rowsOf(now, own),
		isOverfull: minutesTogether(own) > sitting.minutes + 0.01
	};
}

/** One long day of preparing before a busy month. */
export type LongDay = { readonly day: Day; readonly minutes: number; readonly why: string };

/** The long day that is worth while, with why; null where none is. */
export function longDayFor(now: Situation, jobs: readonly Job[]): LongDay | null {
	const found = longDay({
		today: now.today,
		jobs,
		sittings: openSittings(now).map((one) => ({ day: one.held_on, minutes: one.minutes }))
	});
	return (
		found && {
			day: found.day,
			minutes: found.minutes,
			why: `${timeText(found.busy)} of it for ${monthName(found.month)}`
		}
	);
}

/** Jobs without a sitting: those that one of the coming ones could do of use, and those that none could. */
export function unplacedOf(
	now: Situation,
	jobs: readonly Job[]
): { readonly toPlace: Job[]; readonly cannotWait: Job[] } {
	const waiting = jobs.filter((job) => job.sitting === null || job.sitting.held_on < now.today);
	const next = openSittings(now)[0]?.held_on;
	const cannot = (job: Job) => next !== undefined && job.tooLateFrom !== null && job.tooLateFrom <= next;
	return { toPlace: waiting.filter((job) => !cannot(job)), cannotWait: waiting.filter(cannot) };
}

function sentenceOf(
	now: Situation,
	own: readonly Job[],
	sittings: readonly SittingView[],
	late: number
): { sentence: string; detail: string } {
	if (own.length === 0)
		return {
			sentence: 'Nothing to prepare.',
			detail: 'Sort pages under Print, or note a job below, and the work shows up here.'
		};
	const said = (jobs: readonly Job[]) => `${counted(jobs.length, 'job')}, ${timeText(minutesTogether(jobs))}`;
	if (sittings.length === 0)
		return {
			sentence: `${said(own)} of preparing. When do you have time?`,
			detail: 'Say it below, such as Tue and Thu 8 pm, 60 min.'
		};
	const { toPlace, cannotWait } = unplacedOf(now, own);
	const next = sittings.find((one) => one.rows.length);
	const by = earliest(cannotWait.map((job) => job.readyBy));
	const details = [
		late ? `${counted(late, 'job')} can’t be ready in time.` : '',
		cannotWait.length
			? `${counted(cannotWait.length, 'job')} can’t wait for your next sitting${by ? `: do ${cannotWait.length === 1 ? 'it' : 'them'} by ${dayText(addDays(by, -1))}` : ''}.`
			: ''
	];
	if (toPlace.length > 0)
		return {
			sentence: `${said(toPlace)}, to place into your sittings.`,
			detail: details.filter(Boolean).join(' ')
		};
	return {
		sentence: next
			? `${next.isToday ? 'Today' : next.day}: ${counted(next.rows.length, 'job')}, ${timeText(next.taken)}.`
			: `${said(cannotWait)}, before your next sitting.`,
		detail: [...details, cannotWait.length ? '' : 'Every job has its sitting.'].filter(Boolean).join(' ')
	};
}

/** What is best done in so many minutes today: what presses most and fits, in its order. */
export const freeEvening = (now: Situation, minutes: number): RowView[] =>
	rowsOf(
		now,
		bestIn(
			jobsOf(now).filter((job) => job.isHere),
			minutes,
			minutesTogether
		)
	);
