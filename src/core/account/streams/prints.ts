import type { Day } from '../../calendar/index.ts';
import { groupBy } from '../../group-by.ts';
import {
	destinationText,
	finishing,
	FINISH_TEXT,
	CUT_TEXT,
	BINDING_TEXT,
	fitting,
	gridFor,
	judge,
	OF_THE_GUIDE,
	printingOf,
	sheetCount,
	ROLE_TEXT,
	type Finishing,
	type Judged
} from '../../print/index.ts';
import { needKey, type State } from '../../readiness/index.ts';
import { PAPER_SIZES } from '../../reference/index.ts';
import { counted, listText } from '../../words/index.ts';
import { ratesOf, secondsOf } from '../rates.ts';
import { json, parsed, type Row, once, remember, byId, colorKey, type Snapshot } from '../../facts/index.ts';
import { firstDay, type LessonSituation, type RunSituation } from '../runs.ts';
import { youngest } from '../house/ages.ts';
import { sittingOf, workKey } from '../sitting-of.ts';
import { flaggedPrints } from './flagged-prints.ts';
import { whoGets } from './who-gets.ts';
import type { Step, WholeDraft } from '../whole-needs.ts';

/** A print with all that follows from its role, its lesson and the household. */
export type PrintSituation = {
	readonly row: Row<'print'>;
	readonly run: RunSituation;
	readonly resource: Row<'resource'>;
	/** Its lesson; that of a print for the whole unit is null, and the first one wants it. */
	readonly lesson: LessonSituation | null;
	readonly pages: readonly number[];
	/** Those who take part in it on its day. */
	readonly children: readonly Row<'person'>[];
	readonly judged: Judged;
	/** Who gets copies, and how many each; null is the family. */
	readonly copies: readonly { readonly child: Row<'person'> | null; readonly count: number }[];
	/** What became one print: its own row, or those of all pages of a guide that is bound. */
	readonly rows: readonly Row<'print'>[];
	/** Of all its copies; what is cut apart shares sheets. */
	readonly sheets: number;
	/** Coils that each copy takes: pages of one guide are bound together. */
	readonly coils: number;
	/** Of all copies, in the household’s order of laminating and cutting. */
	readonly finish: Finishing;
	/** The same in the other order. */
	readonly otherwise: Finishing;
	/** Why it is not printed, in words; null where it is. */
	readonly off: string | null;
};

const known = remember<readonly PrintSituation[]>();
const printsByRun = once((prints: readonly Row<'print'>[]) => groupBy(prints, (print) => print.run_id));

/** The prints of a run, judged. */
export function printsOf(snapshot: Snapshot, run: RunSituation): readonly PrintSituation[] {
	const { prints, printSources, resources, household, people, documents, roleChildren, colors } = snapshot;
	const { uses, ranges, activityResources } = snapshot;
	const facts = [prints, printSources, resources, household, people, documents, roleChildren];
	// By value: one more job that was done changes a rate only now and then.
	const seconds = JSON.stringify(secondsOf(ratesOf(snapshot)));
	return known(run, [...facts, uses, ranges, activityResources, colors, seconds], () => {
		const bound = new Set<number>();
		const sources = byId(printSources);
		const ofResource = byId(resources);
		const own = printsByRun(prints).get(run.row.id) ?? [];
		return [
			...asPrinted(snapshot, run, own).map((rows) => ({
				rows,
				resource: ofResource.get(sources.get(rows[0].source_id)!.resource_id)!
			})),
			...flaggedPrints(snapshot, run).map(({ row, resource }) => ({ rows: [row], resource }))
		].map(({ rows, resource }) => situationOf(snapshot, run, rows, resource, bound));
	});
}

/** The rows of each print: the pages of a guide that is bound are one, whatever lessons they are of. */
function asPrinted(
	{ household }: Snapshot,
	run: RunSituation,
	own: readonly Row<'print'>[]
): readonly Row<'print'>[][] {
	if (printingOf(parsed(household.printing)).guide !== 'bound') return own.map((row) => [row]);
	const dropped = new Set(run.lessons.flatMap((one) => (one.dropped ? [one.lesson.id] : [])));
	const groups = groupBy(own, (row) => {
		const isBound =
			OF_THE_GUIDE.includes(row.role) && row.place_of === null && !dropped.has(row.lesson_id ?? 0);
		const { printed = true, copies = 'family', binding = 'coil', ...others } = parsed(row.choices);
		return isBound && printed && copies === 'family' && binding === 'coil'
			? `${row.source_id} ${JSON.stringify(others)}`
			: `print ${row.id}`;
	});
	return [...groups.values()].map((rows) => rows.toSorted((a, b) => parsed(a.pages)[0] - parsed(b.pages)[0]));
}

/** One row for pages that are bound together: they are for the unit as a whole, in their order. */
function together(rows: readonly Row<'print'>[], resource: Row<'resource'>): Row<'print'> {
	const [first] = rows;
	if (rows.length === 1) return first;
	return {
		...first,
		title: `Your pages of ${resource.title}`,
		lesson_id: null,
		activity_id: null,
		optional: 0,
		pages: json([...new Set(rows.flatMap((row) => parsed(row.pages)))].sort((a, b) => a - b)),
		fit: json([...new Set(rows.flatMap((row) => parsed(row.fit)))])
	};
}

/** How its pages are laid onto sheets, with as many copies as are asked for. */
export function layoutOf(print: Pick<PrintSituation, 'judged'>, copies: number) {
	const { layout, up, sides, cut } = print.judged;
	return {
		layout: layout.value,
		up: up.value,
		sides: sides.value,
		copies,
		isCut: cut.value === 'trim' && up.value > 1
	};
}

/** The same print with some of its copies only, and the sheets that these take. */
export function withCopies(print: PrintSituation, copies: PrintSituation['copies']): PrintSituation {
	const all = copies.reduce((sum, one) => sum + one.count, 0);
	return {
		...print,
		copies,
		sheets: all === 0 ? 0 : sheetCount({ pages: blankPages(print.pages.length), ...layoutOf(print, all) })
	};
}

/** For counting sheets it is of no matter how large pages are. */
const blankPages = (count: number) =>
	Array.from({ length: count }, (_, page) => ({ file: 0, page, width: 1, height: 1 }));

/** How many copies are made of it. */
export const countOf = ({ copies }: Pick<PrintSituation, 'copies'>): number =>
	copies.reduce((sum, one) => sum + one.count, 0);

function situationOf(
	snapshot: Snapshot,
	run: RunSituation,
	rows: readonly Row<'print'>[],
	resource: Row<'resource'>,
	/** Sources whose guide has its coil from an earlier print. */
	bound: Set<number>
): PrintSituation {
	const row = together(rows, resource);
	const document = byId(snapshot.documents).get(resource.document_id ?? 0) ?? null;
	const lesson = run.lessons.find((one) => one.lesson.id === row.lesson_id) ?? null;
	const activity = run.activities.find((one) => one.activity.id === row.activity_id) ?? null;
	const pages = parsed(row.pages);
	const printing = printingOf(parsed(snapshot.household.printing));
	const { children, tooYoung } = whoGets(snapshot, run, row, dayOf(lesson));
	const paper = PAPER_SIZES[snapshot.household.paper];
	const size = { width: row.page_width_mm ?? paper.width, height: row.page_height_mm ?? paper.height };
	const looked = pages.map((page) => snapshot.colors.get(colorKey(document?.sha256 ?? '', page)));
	const judged = judge(
		{
			role: row.role,
			pages: pages.length,
			children: children.length,
			colored: looked.every((one) => one !== undefined) ? Math.max(0, ...looked) : null,
			again: row.again === 1,
			fromBook: row.from_book === 1,
			keepsPlace: row.place_of !== null,
			fits: fitting(size, paper),
			backs: row.backs,
			later: laterChild(snapshot, run),
			own: parsed(row.choices)
		},
		printing
	);
	const copies =
		judged.copies.value === 'child'
			? children.map((child) => ({ child, count: 1 }))
			: [{ child: null, count: judged.copies.value === 'family' ? 1 : judged.copies.value }];
	const all = copies.reduce((sum, one) => sum + one.count, 0);
	const sheets =
		all === 0 ? 0 : sheetCount({ pages: blankPages(pages.length), ...layoutOf({ judged }, all) });
	const isOfGuide = OF_THE_GUIDE.includes(row.role);
	const isCoiled = judged.binding.value === 'coil' && judged.printed.value;
	const coils = isCoiled && !(isOfGuide && bound.has(row.source_id)) ? 1 : 0;
	if (isCoiled && isOfGuide) bound.add(row.source_id);
	const grid = judged.up.value > 1 ? gridFor(judged.up.value, size, paper) : cardsOnPage(row);
	const seconds = secondsOf(ratesOf(snapshot));
	const toFinish = {
		sheets,
		copies: all,
		stock: judged.stock.value,
		finish: judged.finish.value,
		cut: judged.cut.value,
		binding: judged.binding.value === 'coil' && !coils ? ('none' as const) : judged.binding.value,
		...grid,
		outerOnly: row.role === 'mini-book',
		paper: snapshot.household.paper
	};
	return {
		row,
		rows,
		run,
		resource,
		lesson,
		pages,
		children,
		judged,
		copies,
		sheets,
		coils,
		finish: finishing(toFinish, printing.film, seconds),
		otherwise: finishing(toFinish, printing.film === 'cut first' ? 'laminate first' : 'cut first', seconds),
		off: !judged.printed.value
			? judged.printed.why
			: lesson?.dropped
				? 'its lesson was dropped'
				: activity && (activity.over || activity.activity.standing === 'do without')
					? `“${activity.activity.title}” is skipped`
					: lesson?.over
						? 'its lesson is over'
						: all === 0
							? tooYoung.length
								? `${listText(tooYoung.map((one) => one.name))} can’t write yet. Choose who gets it, if they should`
								: 'no one takes part on its day'
							: null
	};
}

/** Pages of cards have four of them, those of mini-books two leaves (common practice); others are cut nowhere. */
function cardsOnPage(row: Row<'print'>): { rows: number; columns: number } {
	if (row.role === 'vocabulary' || row.role === 'three-part') return { rows: 2, columns: 2 };
	return { rows: row.role === 'mini-book' ? 2 : 1, columns: 1 };
}

const dayOf = (lesson: LessonSituation | null): Day | null =>
	lesson?.dates[Math.min(lesson.outcomes.length, lesson.dates.length - 1)] ?? null;

/** A younger child for whom the unit comes again: "Tamsin, about 2031"; null where there is none. */
function laterChild(snapshot: Snapshot, run: RunSituation): string | null {
	const taking = run.participants.flatMap((one) => (one.born ? [youngest(one)!] : []));
	if (taking.length === 0) return null;
	const latest = taking.reduce((a, b) => (a > b ? a : b));
	const there = new Set(run.participants.map((one) => one.id));
	const later = snapshot.people.filter(
		(one) => one.kind === 'child' && !there.has(one.id) && one.born !== null && one.born > latest
	);
	if (later.length === 0) return null;
	const [first] = later.toSorted((a, b) => (a.born! < b.born! ? -1 : 1));
	const start = run.row.start_on?.slice(0, 4);
	const year =
		Number(start ?? latest.slice(0, 4)) + Number(first.born!.slice(0, 4)) - Number(latest.slice(0, 4));
	return start ? `${first.name}, about ${year}` : first.name;
}

/** The key of one copy, or of all that the family gets. */
export function printKey(print: PrintSituation, child: number | null): string {
	return needKey(
		String(print.run.row.id),
		'copies',
		`print-${print.row.id}`,
		child === null ? null : String(child),
		1
	);
}

export type CopyState = 'to print' | 'printed' | 'finished' | 'filed';

/** How far a copy has come. What is cut out of the book itself was never to be printed. */
export function copyState(print: Pick<PrintSituation, 'row'>, stored: Row<'need_state'> | null): CopyState {
	if (stored?.out === '1') return 'filed';
	if (stored?.prepared === '1') return 'finished';
	return stored?.found === '1' || print.row.from_book === 1 ? 'printed' : 'to print';
}

/** What is done after printing, in words: "laminated, cut apart". Empty where nothing is. */
export function finishText({ judged }: PrintSituation): string {
	return listText(
		[
			judged.finish.value === 'bare' ? '' : FINISH_TEXT[judged.finish.value],
			judged.cut.value === 'none' ? '' : CUT_TEXT[judged.cut.value],
			judged.binding.value === 'none' ? '' : BINDING_TEXT[judged.binding.value]
		].filter(Boolean)
	);
}

const STATE_OF: Readonly<Record<CopyState, State>> = {
	'to print': 'missing',
	printed: 'in hand',
	finished: 'prepared',
	filed: 'out'
};

/** What has to be printed, a copy and lesson each. */
export function printDrafts(
	snapshot: Snapshot,
	run: RunSituation,
	stateOf: (key: string) => Row<'need_state'> | null
): WholeDraft[] {
	const open = openRunSets(snapshot);
	const first = run.lessons.find((one) => !one.booked) ?? null;
	return printsOf(snapshot, run).flatMap((print): WholeDraft[] => {
		const lesson = print.lesson ?? first;
		if (print.off !== null || lesson === null || lesson.booked) return [];
		const finish = finishText(print);
		const minutes = print.finish.minutes / print.copies.length;
		return print.copies.map(({ child, count }): WholeDraft => {
			const key = printKey(print, child?.id ?? null);
			const stored = stateOf(key);
			const state = copyState(print, stored);
			const inRun = open.get(`${print.row.id}/${child?.id ?? ''}`) ?? null;
			return {
				need: {
					key,
					lesson: String(lesson.lesson.id),
					stream: 'copies',
					useDay: lesson.dropped ? null : dayOf(lesson),
					required: print.row.optional === 0,
					doWithout: stored?.decision === 'do without',
					state: STATE_OF[state],
					promised: null,
					way: { kind: 'print' },
					prepare: finish
						? {
								minutes: Math.ceil(minutes),
								waitDays: 0,
								sitting: sittingOf(
									snapshot,
									print.finish.jobs.map((job) => workKey(print.row.id, job.kind))
								)
							}
						: null,
					keepsDays: null,
					habit: run.habits.copies,
					unitStart: firstDay(run)
				},
				run,
				lesson,
				title: child ? `${print.row.title} for ${child.name}` : print.row.title,
				stands:
					state === 'to print'
						? inRun
							? 'in a print run'
							: count > 1
								? `${counted(count, 'copy', 'copies')} to print`
								: 'to print'
						: state === 'printed' && finish
							? `${print.row.from_book ? 'out of the book; still to be' : 'printed; still to be'} ${finish}`
							: state === 'filed'
								? `filed ${destinationText(print.judged.to.value, child?.name)}`
								: state,
				step: stepOf(print, lesson, state, finish, inRun),
				book: null,
				doer: snapshot.people.find((person) => person.id === stored?.person_id) ?? null
			};
		});
	});
}

function stepOf(
	print: PrintSituation,
	lesson: LessonSituation,
	state: CopyState,
	finish: string,
	inRun: Row<'print_run'> | null
): Step | null {
	const whose = print.lesson ? `lesson ${lesson.number}’s pages` : 'the unit’s pages';
	if (state === 'to print')
		return { kind: 'print', title: `Print ${whose}`, short: 'print it', detail: print.row.title, run: inRun };
	if (state === 'printed' && finish)
		return {
			kind: 'finish',
			title: `Finish ${whose}`,
			short: 'finish it',
			detail: `${print.row.title}: ${finish}`
		};
	return null;
}

/** The run that is not printed yet of each copy that is in one, by "print/child". */
export const openRunSets = once(
	({ printRuns }: Snapshot): ReadonlyMap<string, Row<'print_run'>> =>
		new Map(
			printRuns
				.filter((one) => one.printed_on === null)
				.flatMap((one) =>
					parsed(one.sets).map(({ print, child }) => [`${print}/${child ?? ''}`, one] as const)
				)
		)
);

/** What a print is called until somebody names it: by its role and its first lines. */
export function usualTitle(role: Row<'print'>['role'], heading: string, page: number): string {
	const [name] = ROLE_TEXT[role];
	const [first] = name.toLowerCase().split(/[ -]/);
	if (!heading) return `${name}, page ${page}`;
	return heading.toLowerCase().includes(first) ? heading : `${name}: ${heading}`;
}
