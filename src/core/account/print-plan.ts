import {
	destinationText,
	printingOf,
	sheetsOf,
	type Ink,
	type Paper,
	type PrintSet,
	type SheetPlan
} from '../print/index.ts';
import { PAPER_SIZES } from '../reference/index.ts';
import { listText } from '../words/index.ts';
import { parsed, type Row, type RunSet, byId, stateByKey, type Snapshot } from '../facts/index.ts';
import type { RunSituation } from './runs.ts';
import {
	copyState,
	finishText,
	layoutOf,
	printKey,
	printsOf,
	type PrintSituation
} from './streams/prints.ts';
import { isShared } from './streams/slips.ts';

/** What is known of a page: its size in millimeters, where it has ink, how much of it is in color; null while nobody has looked. */
export type PageFacts = {
	readonly width: number;
	readonly height: number;
	readonly ink: Ink | null;
	readonly colored: number | null;
};
/** Pages by hash of their file; a page that was not read yet is as large as the paper. */
export type PageSizes = ReadonlyMap<string, readonly PageFacts[]>;

/** One set of a run: a copy of a print for somebody. */
export type NamedSet = {
	readonly print: PrintSituation;
	readonly child: Row<'person'> | null;
	/** "Odile: Journal page: my street" */
	readonly title: string;
};

/** A sheet of a run with what it is for. */
export type RunSheet = SheetPlan & {
	/** From 1, as the sheets lie on the pile. */
	readonly number: number;
	/** By what is on it: so it is known again when others have come out already. */
	readonly key: string;
	readonly sets: readonly NamedSet[];
	/** It came out of the printer already. */
	readonly isDone: boolean;
};

/** A run with every page in its place. */
export type RunPlan = {
	readonly paper: Paper;
	/** Hashes of the files that its pages come from. */
	readonly files: readonly string[];
	readonly sheets: readonly RunSheet[];
	readonly sets: readonly NamedSet[];
	/** Sets that have no file: they are copied by hand. */
	readonly byHand: readonly NamedSet[];
	/** Pages have color, and the run is gray. */
	readonly losesColor: boolean;
};

/**
 * The copies of prints in the order in which they come out: each child's together, or all copies of a print on one
 * pile. What shares sheets goes before: it is cut apart and handed out.
 */
export function setsInOrder(prints: readonly PrintSituation[], piles: Row<'print_run'>['piles']): RunSet[] {
	const inOrder = prints.toSorted(
		(a, b) => (a.lesson?.number ?? 0) - (b.lesson?.number ?? 0) || a.row.id - b.row.id
	);
	const setsOf = (some: readonly PrintSituation[]) =>
		some.flatMap((print) =>
			print.copies.flatMap(({ child, count }) =>
				Array.from({ length: count }, (): RunSet => ({ print: print.row.id, child: child?.id ?? null }))
			)
		);
	if (piles === 'print') return setsOf(inOrder);
	const sets = setsOf(inOrder.filter((print) => !isShared(print)));
	const order = [...new Set(sets.map((set) => set.child))].sort((a, b) => (a ?? 0) - (b ?? 0));
	return [
		...setsOf(inOrder.filter(isShared)),
		...order.flatMap((child) => sets.filter((set) => set.child === child))
	];
}

/** The sets of a run that are still there, with their names. */
export function namedSets(snapshot: Snapshot, run: RunSituation, sets: readonly RunSet[]): NamedSet[] {
	const prints = new Map(printsOf(snapshot, run).map((one) => [one.row.id, one]));
	const people = byId(snapshot.people);
	return sets.flatMap((set): NamedSet[] => {
		const print = prints.get(set.print);
		const child = set.child === null ? null : (people.get(set.child) ?? null);
		return print
			? [{ print, child, title: child ? `${child.name}: ${print.row.title}` : print.row.title }]
			: [];
	});
}

/** Sets that are laid out as one: those of a print whose copies share sheets; any other by itself. */
function groupsOf(sets: readonly NamedSet[]): NamedSet[][] {
	const shared = new Map<PrintSituation, NamedSet[]>();
	const groups: NamedSet[][] = [];
	for (const one of sets) {
		const known = shared.get(one.print);
		if (known) {
			known.push(one);
			continue;
		}
		const group = [one];
		if (isShared(one.print)) shared.set(one.print, group);
		groups.push(group);
	}
	return groups;
}

/** A run as far as its sheets follow from it. */
export type ToLayOut = Pick<Row<'print_run'>, 'sets' | 'paper' | 'piles' | 'slips' | 'color'> &
	Partial<Pick<Row<'print_run'>, 'done' | 'printed_on'>>;

/** Where every page of a run lies. */
export function runPlan(snapshot: Snapshot, run: RunSituation, row: ToLayOut, sizes: PageSizes): RunPlan {
	const printing = printingOf(parsed(snapshot.household.printing));
	const named = namedSets(snapshot, run, parsed(row.sets));
	const documents = byId(snapshot.documents);
	const { width, height } = PAPER_SIZES[row.paper];
	const paper = { width, height };
	const files: string[] = [];
	const fileOf = (one: NamedSet) => documents.get(one.print.resource.document_id ?? 0)?.sha256 ?? null;
	const sets = named.filter((one) => fileOf(one) !== null);
	const groups = groupsOf(sets);
	const isSlipped = row.slips === 1 && new Set(groups.map((one) => pileOf(one, row.piles))).size > 1;
	let losesColor = false;
	const laidOut = groups.map((group, index): PrintSet => {
		const [{ print }] = group;
		const sha256 = fileOf(group[0])!;
		if (!files.includes(sha256)) files.push(sha256);
		const file = files.indexOf(sha256);
		const known = sizes.get(sha256);
		const fit = new Set(parsed(print.row.fit));
		const isFirst = index === 0 || pileOf(groups[index - 1], row.piles) !== pileOf(group, row.piles);
		if (row.color === 0 && print.pages.some((page) => (known?.[page - 1]?.colored ?? 1) > 0))
			losesColor = true;
		return {
			pages: print.pages.map((page) => {
				const facts = known?.[page - 1];
				return {
					file,
					page: page - 1,
					width: facts?.width ?? paper.width,
					height: facts?.height ?? paper.height,
					ink: facts?.ink ?? null,
					isInside: fit.has(page)
				};
			}),
			...layoutOf(print, group.length),
			slip: isSlipped && isFirst ? slipOf(group, groups, row.piles) : null
		};
	});
	const sheets = sheetsOf({ paper, edge: printing.edge, flip: printing.flip, sets: laidOut });
	return {
		paper,
		files,
		sheets: namedSheets(snapshot, row, sheets, groups),
		sets,
		byHand: named.filter((one) => fileOf(one) === null),
		losesColor
	};
}

/** The sheets with what each is for, and whether it came out already. */
function namedSheets(
	snapshot: Snapshot,
	row: ToLayOut,
	sheets: readonly SheetPlan[],
	groups: readonly (readonly NamedSet[])[]
): RunSheet[] {
	const states = stateByKey(snapshot);
	const done = new Set(row.done ? parsed(row.done) : []);
	const isPrinted = ({ print, child }: NamedSet) =>
		copyState(print, states.get(printKey(print, child?.id ?? null)) ?? null) !== 'to print';
	const times = new Map<string, number>();
	const named = sheets.map((sheet, index) => {
		const sets = sheet.copies.map((copy) => groups[sheet.set][copy]);
		const on = sets.map(({ print, child }) => `${print.row.id}/${child?.id ?? ''}`).join('+');
		const base = sheet.isSlip ? `slip ${on}` : on;
		const time = (times.get(base) ?? 0) + 1;
		times.set(base, time);
		return { ...sheet, number: index + 1, key: `${base}#${time}`, sets, isDone: false };
	});
	return withDone(
		named,
		({ key, isSlip, sets }) => Boolean(row.printed_on) || done.has(key) || (!isSlip && sets.every(isPrinted))
	);
}

/** The same sheets, those marked that came out already. A slip leads in what still comes, and is done with it. */
export function withDone(sheets: readonly RunSheet[], isDone: (sheet: RunSheet) => boolean): RunSheet[] {
	const marked = sheets.map((sheet) => ({ ...sheet, isDone: isDone(sheet) }));
	return marked.map((sheet, index) => {
		if (!sheet.isSlip || sheet.isDone) return sheet;
		const next = marked.findIndex((other, at) => at > index && other.isSlip);
		const pile = marked.slice(index + 1, next < 0 ? marked.length : next);
		return { ...sheet, isDone: pile.every((one) => one.isDone) };
	});
}

/** What lies on one pile: all of one child, or all copies of one print, or what is cut apart and handed out. */
function pileOf(group: readonly NamedSet[], piles: Row<'print_run'>['piles']): string {
	const [{ print, child }] = group;
	if (piles === 'print') return `print ${print.row.id}`;
	return isShared(print) ? 'to hand out' : `child ${child?.id ?? ''}`;
}

/** Most lines that a slip lists. */
const MOST_LINES = 18;

function slipOf(
	first: readonly NamedSet[],
	groups: readonly (readonly NamedSet[])[],
	piles: Row<'print_run'>['piles']
): string[] {
	const pile = pileOf(first, piles);
	const own = groups.filter((one) => pileOf(one, piles) === pile);
	const lines = own.flatMap((group) => {
		const [{ print, child }] = group;
		const lesson = print.lesson ? `Lesson ${print.lesson.number}: ` : '';
		const next = (name: string | undefined) =>
			[finishText(print), destinationText(print.judged.to.value, name)].filter(Boolean).join(', then ');
		if (group.length > 1)
			return [
				`${lesson}${print.row.title} — ${next(undefined)}, for ${listText([...new Set(group.map((one) => one.child?.name ?? 'the family'))])}`
			];
		return [
			piles === 'child'
				? `${lesson}${print.row.title} — ${next(child?.name)}`
				: `${child?.name ?? 'Family'}: ${next(child?.name)}`
		];
	});
	const unique = countedLines(lines);
	const [{ print, child }] = first;
	const head =
		piles === 'print'
			? `${print.lesson ? `Lesson ${print.lesson.number}: ` : ''}${print.row.title}`
			: pile === 'to hand out'
				? 'Cut apart and hand out'
				: (child?.name ?? 'For the family');
	return [
		head,
		...unique.slice(0, MOST_LINES),
		...(unique.length > MOST_LINES ? [`and ${unique.length - MOST_LINES} more`] : [])
	];
}

/** Lines that say the same stand there once, with how often. */
function countedLines(lines: readonly string[]): string[] {
	const times = new Map<string, number>();
	for (const line of lines) times.set(line, (times.get(line) ?? 0) + 1);
	return [...times].map(([line, count]) => (count > 1 ? `${line} (${count} times)` : line));
}

const NO_SIZES: PageSizes = new Map();

/** The sheets of a run that are still to be printed. How many there are follows without knowing how large pages are. */
export function sheetsLeft(
	snapshot: Snapshot,
	run: RunSituation,
	row: Row<'print_run'>
): readonly RunSheet[] {
	return runPlan(snapshot, run, row, NO_SIZES).sheets.filter((one) => !one.isDone);
}
