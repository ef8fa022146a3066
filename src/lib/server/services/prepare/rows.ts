import { addDays, dayText, type Day } from '$core/calendar/index.ts';
import { yearsOld } from '$core/cautions/index.ts';
import { SET_UP_MINUTES, WORK, type Bar, type Work } from '$core/prepare/index.ts';
import { groupBy } from '$core/group-by.ts';
import { lessonsText, listText, timeText } from '$core/words/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import { printingOf } from '$core/print/index.ts';
import type { Situation } from '$core/account/index.ts';
import { CUT_FIRST, jobsOf, workTitle, type Job } from './jobs.ts';

export type JobView = {
	readonly id: string;
	readonly title: string;
	readonly of: string;
	readonly detail: string;
	readonly minutes: number;
	readonly time: string;
	readonly by: string;
	readonly isLate: boolean;
	/** What else could be done where it is late. */
	readonly instead: readonly string[];
	/** Rules that its sitting breaks, in words; empty where none is. */
	readonly broken: readonly string[];
	readonly own: number | null;
	/** Late, and could be left without its film. */
	readonly canBare: boolean;
	/** Late: the lesson that could begin a lesson day later, and its day now. */
	readonly later: { readonly lesson: number; readonly run: number; readonly day: Day } | null;
};

/** What is done at one go at a sitting: a job, or those of one kind for several lessons, with its parts. */
export type RowView = {
	/** The ids of its jobs, as forms send them. */
	readonly key: string;
	readonly title: string;
	readonly of: string;
	readonly detail: string;
	readonly minutes: number;
	readonly time: string;
	/** What is set up right before it, and the minutes that takes; null where it stands already, or nothing is. */
	readonly setUp: { readonly name: string; readonly minutes: number } | null;
	readonly by: string;
	readonly isLate: boolean;
	readonly broken: readonly string[];
	readonly parts: readonly JobView[];
};

/** Between the ids of the jobs of a row. */
export const BETWEEN_IDS = '|';

export function jobView(now: Situation, job: Job): JobView {
	const { readyBy, sitting } = job;
	const isLate = readyBy !== null && (sitting ? sitting.held_on >= readyBy : readyBy <= now.today);
	return {
		id: job.id,
		title: job.title,
		of: job.lesson ? `${job.run.unit.name}, lesson ${job.lesson.number}` : job.run.unit.name,
		detail: job.detail,
		minutes: job.minutes,
		time: timeText(job.minutes),
		by: readyBy === null ? '' : dayText(addDays(readyBy, -1)),
		isLate,
		instead: isLate ? insteadOf(now, job) : [],
		broken: sitting ? brokenAt(now, job, sitting) : [],
		own: job.id.startsWith('own-') ? Number(job.id.slice(4)) : null,
		canBare: isLate && job.work === 'laminate',
		later: isLate ? laterOf(now, job) : null
	};
}

function laterOf({ today }: Situation, { lesson, run }: Job): JobView['later'] {
	const day = lesson?.dates[0];
	return lesson && day && day >= today ? { lesson: lesson.number, run: run.row.id, day } : null;
}

/** What a parent can do about a job that would be late. */
function insteadOf(now: Situation, job: Job): string[] {
	const helper = job.run.participants.find((one) => (yearsOld(one.born, now.today) ?? 0) >= 9);
	const ready = now.snapshot.printSources.some(
		(one) => one.run_id === job.run.row.id && one.ready_cents !== null
	);
	return [
		(job.work === 'cut by hand' || job.work === 'bag') && helper ? `${helper.name} can do it` : '',
		job.work === 'cut' && helper ? `${helper.name} can cut with scissors` : '',
		job.work === 'print' || job.work === 'print color' ? 'have it printed at the copy store' : '',
		ready && job.prints.length ? 'buy the set ready-made' : '',
		'a free evening today'
	].filter(Boolean);
}

const BROKEN_TEXT: Readonly<Record<Bar, string>> = {
	noise: 'it’s noisy, and that time is quiet',
	heat: 'it’s hot, and there’s no laminator then',
	blades: 'it has blades or heat, and small hands are about then',
	printer: 'there’s no printer then'
};

/** What is wrong with a job at a sitting, in words: a rule of the sitting, its day, or what it builds on. */
export function brokenAt(now: Situation, job: Job, sitting: Row<'sitting'>): string[] {
	const bars = parsed(sitting.bars);
	const { readyBy, tooLateFrom } = job;
	const before = jobsOf(now).filter(
		(one) => job.after.includes(one.id) && (one.sitting === null || one.sitting.held_on > sitting.held_on)
	);
	return [
		...job.brings.filter((bar) => bars.includes(bar)).map((bar) => BROKEN_TEXT[bar]),
		tooLateFrom !== null && tooLateFrom <= sitting.held_on
			? 'its lesson is over by then'
			: readyBy !== null && readyBy <= sitting.held_on
				? `it’s wanted by ${dayText(addDays(readyBy, -1))}`
				: '',
		before.length ? `“${before[0].title}” comes first` : ''
	].filter((one, at, all) => one !== '' && all.indexOf(one) === at);
}

/** Jobs of one sitting as they are done: one kind at a go, what presses first among what has no kind. */
export function rowsOf(now: Situation, jobs: readonly Job[]): RowView[] {
	const { film } = printingOf(parsed(now.snapshot.household.printing));
	const order: readonly (Work | null)[] = [null, ...(film === 'cut first' ? CUT_FIRST : WORK)];
	const stands = new Set<string>();
	return order.flatMap((work) => {
		const own = jobs
			.filter((job) => job.work === work)
			.toSorted((a, b) => ((a.readyBy ?? '9') < (b.readyBy ?? '9') ? -1 : a.readyBy === b.readyBy ? 0 : 1));
		// A run is one job, and so is a thing of its own.
		const goes =
			work === null || work === 'print' || work === 'print color' ? own.map((job) => [job]) : [own];
		return goes.filter((go) => go.length > 0).map((go) => rowOf(now, go, stands));
	});
}

/** `stands` is what is set up already; what this row sets up is added. */
function rowOf(now: Situation, jobs: readonly Job[], stands: Set<string>): RowView {
	const [first] = jobs;
	const parts = jobs.map((job) => jobView(now, job));
	const minutes = jobs.reduce((sum, job) => sum + job.minutes, 0);
	const setUp = first.setUp !== null && !stands.has(first.setUp) ? first.setUp : null;
	if (setUp !== null) stands.add(setUp);
	const units = groupBy(jobs, (job) => job.run);
	const by = parts.find((one) => one.by !== '')?.by ?? '';
	return {
		key: jobs.map((job) => job.id).join(BETWEEN_IDS),
		title:
			jobs.length > 1 && first.work
				? workTitle(
						first.work,
						jobs.reduce((sum, job) => sum + job.count, 0)
					)
				: first.title,
		of:
			jobs.length > 1
				? listText(
						[...units].map(([run, own]) => {
							const numbers = own.flatMap((job) => job.lesson?.number ?? []);
							return numbers.length ? `${run.unit.name}, ${lessonsText(numbers)}` : run.unit.name;
						})
					)
				: parts[0].of,
		detail: jobs.length > 1 ? '' : parts[0].detail,
		minutes,
		time: timeText(minutes),
		setUp:
			setUp !== null && SET_UP_MINUTES[setUp] > 0 ? { name: setUp, minutes: SET_UP_MINUTES[setUp] } : null,
		by,
		isLate: parts.some((one) => one.isLate),
		broken: [...new Set(parts.flatMap((one) => one.broken))],
		parts
	};
}

/** Whole minutes of jobs with what is set up for them, as they are done at one sitting. */
export function minutesTogether(jobs: readonly Job[]): number {
	const setUps = new Set(jobs.flatMap((job) => job.setUp ?? []));
	return (
		jobs.reduce((sum, job) => sum + job.minutes, 0) +
		[...setUps].reduce((sum, name) => sum + SET_UP_MINUTES[name], 0)
	);
}
