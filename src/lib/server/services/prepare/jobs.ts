import { addDays, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { ABOUT_WORK, minutesFor, SET_UP_MINUTES, WORK, type Bar, type Work } from '$core/prepare/index.ts';
import { printingOf } from '$core/print/index.ts';
import { capital, counted, lessonsText, listText } from '$core/words/index.ts';
import { parsed, type Row, stateByKey, once, byId, type Snapshot } from '$core/facts/index.ts';
import {
	type LessonSituation,
	type RunSituation,
	neededText,
	type Situation,
	workKey,
	copyState,
	countOf,
	openRunSets,
	printKey,
	printsOf,
	ratesOf,
	type PrintSituation
} from '$core/account/index.ts';
import { openSittings } from './sittings.ts';

/** A piece of preparing that is done in one go: one kind of work for one lesson, or something of its own. */
export type Job = {
	readonly id: string;
	readonly run: RunSituation;
	readonly lesson: LessonSituation | null;
	/** Null: no work with a rate. */
	readonly work: Work | null;
	readonly count: number;
	/** “Laminate 6 pouches” */
	readonly title: string;
	/** What of: the prints, by name. */
	readonly detail: string;
	readonly minutes: number;
	readonly setUp: string | null;
	readonly brings: readonly Bar[];
	/** Ids of jobs before it. */
	readonly after: readonly string[];
	/** The first day on which it would be late; null where nothing presses. */
	readonly readyBy: Day | null;
	/** The first day on which doing it is of no use any more: its lesson’s own, or what it has to wait before that. */
	readonly tooLateFrom: Day | null;
	/** Under these keys its place and its end are noted. */
	readonly keys: readonly string[];
	readonly prints: readonly PrintSituation[];
	/** The need that it prepares, where that is no print. */
	readonly need: string | null;
	/** Whether what it needs is in the house, so that it could be done now. */
	readonly isHere: boolean;
	/** The day from which what it needs is here; null where it is, or nobody knows. */
	readonly comesOn: Day | null;
	/** It doesn’t keep, and is made as late as is safe. */
	readonly isFresh: boolean;
	/** Where an accepted plan has put it. */
	readonly sitting: Row<'sitting'> | null;
};

const jobsByRun = once((_: Situation) => new Map<RunSituation, readonly Job[]>());

/** The jobs of all units in work, or of one of them, that are still to be done. Made once a situation. */
export function jobsOf(now: Situation, only: RunSituation | null = null): Job[] {
	return now.inWork
		.filter((run) => only === null || run === only)
		.flatMap((run) => {
			const known = jobsByRun(now);
			const jobs = known.get(run) ?? [...printJobs(now, run), ...needJobs(now, run), ...ownJobs(now, run)];
			known.set(run, jobs);
			return jobs;
		});
}

const wholeByKey = once(({ whole }: Situation) => new Map(whole.map((one) => [one.need.key, one])));

/** One kind of work on one print, as far as it is still to be done. */
type Part = {
	readonly print: PrintSituation;
	readonly work: Work;
	readonly count: number;
	readonly readyBy: Day | null;
	readonly tooLateFrom: Day | null;
};

/** Printing, and what it goes through the printer with. */
type PrintPart = Part & { readonly pile: string };

function printJobs(now: Situation, run: RunSituation): Job[] {
	const { snapshot } = now;
	const states = stateByKey(snapshot);
	const rows = new Map(snapshot.prepJobs.map((row) => [row.key, row]));
	const needs = wholeByKey(now);
	const opening = run.lessons.find((one) => !one.booked) ?? null;
	const inRuns = openRunSets(snapshot);
	const toPrinter: PrintPart[] = [];
	const parts = printsOf(snapshot, run).flatMap((print): Part[] => {
		const lesson = print.lesson ?? opening;
		if (print.off !== null || lesson === null || lesson.booked) return [];
		const all = countOf(print);
		let toPrint = 0;
		let toFinish = 0;
		let readyBy: Day | null = null;
		let tooLateFrom: Day | null = null;
		for (const { child, count } of print.copies) {
			const key = printKey(print, child?.id ?? null);
			const stored = states.get(key) ?? null;
			if (stored?.decision === 'do without') continue;
			const state = copyState(print, stored);
			if (state === 'to print') toPrint += count;
			if (state === 'to print' || state === 'printed') toFinish += count;
			else continue;
			const found = needs.get(key);
			readyBy = earliest([readyBy, found?.days?.readyBy ?? null]);
			tooLateFrom = earliest([tooLateFrom, found?.need.useDay ?? null]);
		}
		const days = { readyBy: readyBy === null ? null : addDays(readyBy, 1), tooLateFrom };
		const { judged } = print;
		// A run goes through the printer as it was made.
		const inRun = print.copies.flatMap(
			({ child }) => inRuns.get(`${print.row.id}/${child?.id ?? ''}`) ?? []
		)[0];
		const isColor = inRun ? inRun.color === 1 : judged.color.value;
		const printing: PrintPart[] =
			toPrint > 0
				? [
						{
							print,
							work: isColor ? 'print color' : 'print',
							count: Math.ceil((print.sheets * judged.sides.value * toPrint) / all),
							...days,
							pile: inRun
								? `run-${inRun.id}`
								: `${run.row.id}/print/${judged.stock.value}-${judged.sides.value}-${isColor ? 'color' : 'gray'}`
						}
					]
				: [];
		const finishing = print.finish.jobs.flatMap(({ kind, count }): Part[] => {
			const work = WORK.find((one) => one === kind);
			const isDone = (rows.get(workKey(print.row.id, kind))?.done_on ?? null) !== null;
			return work && toFinish > 0 && !isDone
				? [{ print, work, count: Math.ceil((count * toFinish) / all), ...days }]
				: [];
		});
		toPrinter.push(...printing);
		return finishing;
	});
	const printing = [...groupBy(toPrinter, (part) => part.pile)].flatMap(([pile, own]) =>
		printingJobs(now, run, pile, own)
	);
	const byLesson = groupBy(parts, (part) => part.print.lesson);
	return [
		...printing,
		...[...byLesson].flatMap(([lesson, own]) => finishingJobs(now, run, lesson, own, printing))
	];
}

/** Minutes of the longest sitting ahead, which no job should be longer than; without any there is no such end. */
const longestOf = (now: Situation) => Math.max(0, ...openSittings(now).map((one) => one.minutes)) || Infinity;

/**
 * Parts in piles that fit into one sitting each, in their order. What can’t wait for the next sitting is a pile of
 * its own, so that it doesn’t press all the others.
 */
function inPiles<P extends Part>(now: Situation, parts: readonly P[], setUp: string | null): P[][] {
	const rates = ratesOf(now.snapshot);
	const room = longestOf(now) - (setUp === null ? 0 : SET_UP_MINUTES[setUp]);
	const next = openSittings(now)[0]?.held_on ?? null;
	const presses = (one: Part) => next !== null && one.tooLateFrom !== null && one.tooLateFrom <= next;
	const piles: P[][] = [];
	let minutes = 0;
	for (const part of parts.toSorted((a, b) =>
		(a.readyBy ?? '9') < (b.readyBy ?? '9') ? -1 : a.readyBy === b.readyBy ? 0 : 1
	)) {
		const more = minutesFor(part.count, rates[part.work].seconds);
		const last = piles.at(-1);
		if (!last || minutes + more > room || presses(last[0]) !== presses(part)) {
			piles.push([part]);
			minutes = more;
		} else {
			last.push(part);
			minutes += more;
		}
	}
	return piles;
}

/** What goes through the printer in one go: a run, or what would become one; a long one by its lessons. */
function printingJobs(now: Situation, run: RunSituation, id: string, parts: readonly PrintPart[]): Job[] {
	const piles = inPiles(now, parts, ABOUT_WORK[parts[0].work].setUp);
	return piles.map((own, at) => {
		const lessons = [...new Set(own.map((one) => one.print.lesson))];
		const numbers = lessons.flatMap((one) => one?.number ?? []);
		const { work } = own[0];
		return {
			...jobOf(now, run, work, own, piles.length > 1 ? `${id}/${at + 1}` : id),
			lesson: lessons.length === 1 ? lessons[0] : null,
			detail: lessons.length > 1 && numbers.length > 1 ? capital(lessonsText(numbers)) : titlesOf(own),
			after: []
		};
	});
}

/** Work in its order where pieces are cut before they are laminated. */
export const CUT_FIRST: readonly Work[] = WORK.flatMap((work) =>
	work === 'laminate' ? (['cut', 'laminate'] as const) : work === 'cut' ? [] : [work]
);

function finishingJobs(
	now: Situation,
	run: RunSituation,
	lesson: LessonSituation | null,
	parts: readonly Part[],
	printing: readonly Job[]
): Job[] {
	const done: string[] = printing
		.filter((job) => job.prints.some((print) => parts.some((part) => part.print === print)))
		.map((job) => job.id);
	const { film } = printingOf(parsed(now.snapshot.household.printing));
	const order = film === 'cut first' ? CUT_FIRST : WORK;
	return order.flatMap((work): Job[] => {
		const own = parts.filter((part) => part.work === work);
		if (own.length === 0) return [];
		const id = `${run.row.id}/${lesson?.lesson.id ?? 'unit'}/${work}`;
		const after = [...done];
		const piles = inPiles(now, own, ABOUT_WORK[work].setUp);
		return piles.map((pile, at) => {
			const job = {
				...jobOf(now, run, work, pile, piles.length > 1 ? `${id}/${at + 1}` : id),
				lesson,
				detail: titlesOf(pile),
				after
			};
			done.push(job.id);
			return job;
		});
	});
}

/** One kind of work on some prints. */
function jobOf(
	now: Situation,
	run: RunSituation,
	work: Work,
	own: readonly Part[],
	id: string
): Omit<Job, 'lesson' | 'detail' | 'after'> {
	const count = own.reduce((sum, part) => sum + part.count, 0);
	const about = ABOUT_WORK[work];
	const keys = own.map((part) => workKey(part.print.row.id, work));
	return {
		id,
		run,
		work,
		count,
		title: workTitle(work, count),
		minutes: minutesFor(count, ratesOf(now.snapshot)[work].seconds),
		setUp: about.setUp,
		brings: about.brings,
		readyBy: earliest(own.map((part) => part.readyBy)),
		tooLateFrom: earliest(own.map((part) => part.tooLateFrom)),
		keys,
		prints: own.map((part) => part.print),
		need: null,
		isHere: true,
		comesOn: null,
		isFresh: false,
		sitting: sittingFor(now.snapshot, keys)
	};
}

/** “Laminate 6 pouches” */
export function workTitle(work: Work, count: number): string {
	const about = ABOUT_WORK[work];
	return capital(`${about.verb} ${counted(count, about.one, about.many)}`);
}

/** More titles than these are counted. */
const MOST_TITLES = 3;

function titlesOf(parts: readonly Part[]): string {
	const titles = parts.map((part) => part.print.row.title);
	const over = titles.length - MOST_TITLES;
	return listText(over > 1 ? [...titles.slice(0, MOST_TITLES), `${over} more`] : titles);
}

/** What has no promised day is expected within so many days before it has to be ready. */
const EXPECTED_DAYS = 6;

/** Things that have to be made ready before they are used: dough, measured supplies, a book to look through. */
function needJobs(now: Situation, run: RunSituation): Job[] {
	const { snapshot } = now;
	const supplies = now.needs
		.filter((one) => one.run === run)
		.map((one) => ({
			need: one.need,
			lesson: one.lesson,
			days: one.days,
			title: `Prep ${neededText([one], one.amount)}`
		}));
	const books = now.whole
		.filter((one) => one.run === run && one.need.stream !== 'copies')
		.map((one) => ({ need: one.need, lesson: one.lesson, days: one.days, title: `Preview ${one.title}` }));
	return [...supplies, ...books].flatMap(({ need, lesson, days, title }): Job[] => {
		const { prepare, state } = need;
		if (!prepare || need.doWithout || lesson.booked || lesson.dropped) return [];
		if (state !== 'missing' && state !== 'arranged' && state !== 'in hand') return [];
		return [
			{
				id: need.key,
				run,
				lesson,
				work: null,
				count: 1,
				title,
				detail: [
					state === 'in hand' ? '' : 'not here yet',
					prepare.waitDays ? `then it takes ${counted(prepare.waitDays, 'day')} to be ready` : ''
				]
					.filter(Boolean)
					.join('; '),
				minutes: prepare.minutes,
				setUp: null,
				brings: [],
				after: [],
				readyBy: days ? addDays(days.readyBy, 1 - prepare.waitDays) : null,
				tooLateFrom: need.useDay === null ? null : addDays(need.useDay, -prepare.waitDays),
				keys: [need.key],
				prints: [],
				need: need.key,
				isHere: state === 'in hand',
				comesOn:
					state === 'in hand' || !days ? null : (need.promised ?? addDays(days.readyBy, -EXPECTED_DAYS)),
				isFresh: need.keepsDays !== null || prepare.waitDays > 0,
				sitting: sittingFor(snapshot, [need.key])
			}
		];
	});
}

function ownJobs({ snapshot }: Situation, run: RunSituation): Job[] {
	return snapshot.ownJobs
		.filter((one) => one.run_id === run.row.id && one.done_on === null)
		.map((one): Job => {
			const key = `own-${one.id}`;
			return {
				id: key,
				run,
				lesson: null,
				work: null,
				count: 1,
				title: one.title,
				detail: '',
				minutes: one.minutes,
				setUp: null,
				brings: [],
				after: [],
				readyBy: one.ready_by,
				tooLateFrom: null,
				keys: [key],
				prints: [],
				need: null,
				isHere: true,
				comesOn: null,
				isFresh: false,
				sitting: sittingFor(snapshot, [key])
			};
		});
}

/** The first of some days; null where none is known. */
export function earliest(days: readonly (Day | null)[]): Day | null {
	return days.filter((day) => day !== null).toSorted()[0] ?? null;
}

function sittingFor(snapshot: Snapshot, keys: readonly string[]): Row<'sitting'> | null {
	const sittings = byId(snapshot.sittings);
	for (const row of snapshot.prepJobs) {
		if (!keys.includes(row.key) || row.done_on !== null) continue;
		const sitting = sittings.get(row.sitting_id ?? 0);
		if (sitting && sitting.over === 0) return sitting;
	}
	return null;
}
