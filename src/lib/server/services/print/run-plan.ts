import {
	destinationText,
	sheetsOf,
	type Paper,
	type PrintSet,
	type Printing,
	type SheetPlan
} from '$core/print/index.ts';
import { printingOf } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { parsed, type Row, type RunSet, byId, type Snapshot } from '$core/facts/index.ts';
import { type RunSituation, finishText, printsOf, type PrintSituation } from '$core/account/index.ts';

/** Sizes of pages in millimeters, by hash of the file; a page that was not read yet is as large as the paper. */
export type PageSizes = ReadonlyMap<string, readonly { readonly width: number; readonly height: number }[]>;

/** One set of a run: a copy of a print for somebody. */
export type NamedSet = {
	readonly print: PrintSituation;
	readonly child: Row<'person'> | null;
	/** "Odile: Journal page: my street" */
	readonly title: string;
};

/** A run with every page in its place. */
export type RunPlan = {
	readonly paper: Paper;
	/** Hashes of the files that its pages come from. */
	readonly files: readonly string[];
	readonly sheets: readonly SheetPlan[];
	readonly sets: readonly NamedSet[];
	/** Sets that have no file: they are copied by hand. */
	readonly byHand: readonly NamedSet[];
};

/** The copies of prints in the order in which they come out: each child's together, or all copies of a print on one pile. */
export function setsInOrder(prints: readonly PrintSituation[], piles: Row<'print_run'>['piles']): RunSet[] {
	const inOrder = prints.toSorted(
		(a, b) => (a.lesson?.number ?? 0) - (b.lesson?.number ?? 0) || a.row.id - b.row.id
	);
	const sets = inOrder.flatMap((print) =>
		print.copies.flatMap(({ child, count }) =>
			Array.from({ length: count }, (): RunSet => ({ print: print.row.id, child: child?.id ?? null }))
		)
	);
	if (piles === 'print') return sets;
	const order = [...new Set(sets.map((set) => set.child))].sort((a, b) => (a ?? 0) - (b ?? 0));
	return order.flatMap((child) => sets.filter((set) => set.child === child));
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

/** Where every page of a run lies. */
export function runPlan(
	snapshot: Snapshot,
	run: RunSituation,
	row: Pick<Row<'print_run'>, 'sets' | 'paper' | 'piles' | 'slips'>,
	sizes: PageSizes
): RunPlan {
	const printing = printingOf(parsed(snapshot.household.printing));
	const named = namedSets(snapshot, run, parsed(row.sets));
	const documents = byId(snapshot.documents);
	const { width, height } = PAPER_SIZES[row.paper];
	const paper = { width, height };
	const files: string[] = [];
	const fileOf = (one: NamedSet) => documents.get(one.print.resource.document_id ?? 0)?.sha256 ?? null;
	const sets = named.filter((one) => fileOf(one) !== null);
	const isSlipped = row.slips === 1 && slipsHelp(sets, row.piles);
	const laidOut = sets.map((one, index): PrintSet => {
		const sha256 = fileOf(one)!;
		if (!files.includes(sha256)) files.push(sha256);
		const file = files.indexOf(sha256);
		const { judged, pages } = one.print;
		const known = sizes.get(sha256);
		const isFirst = index === 0 || pileOf(sets[index - 1], row.piles) !== pileOf(one, row.piles);
		return {
			pages: pages.map((page) => ({ file, page: page - 1, ...(known?.[page - 1] ?? paper) })),
			layout: judged.layout.value,
			up: judged.up.value,
			sides: judged.sides.value,
			slip: isSlipped && isFirst ? slipOf(one, sets, row.piles) : null
		};
	});
	return {
		paper,
		files,
		sheets: sheetsOf({ paper, edge: printing.edge, flip: printing.flip, sets: laidOut }),
		sets,
		byHand: named.filter((one) => fileOf(one) === null)
	};
}

/** What lies on one pile: all of one child, or all copies of one print. */
function pileOf({ print, child }: NamedSet, piles: Row<'print_run'>['piles']): string {
	return piles === 'child' ? `child ${child?.id ?? ''}` : `print ${print.row.id}`;
}

/** Slips part piles; a single pile needs none. */
function slipsHelp(sets: readonly NamedSet[], piles: Row<'print_run'>['piles']): boolean {
	return new Set(sets.map((one) => pileOf(one, piles))).size > 1;
}

/** Most lines that a slip lists. */
const MOST_LINES = 18;

function slipOf(first: NamedSet, sets: readonly NamedSet[], piles: Row<'print_run'>['piles']): string[] {
	const pile = pileOf(first, piles);
	const own = sets.filter((one) => pileOf(one, piles) === pile);
	const lines = own.map((one) => {
		const lesson = one.print.lesson ? `Lesson ${one.print.lesson.number}: ` : '';
		const next = [finishText(one.print), destinationText(one.print.judged.to.value, one.child?.name)]
			.filter(Boolean)
			.join(', then ');
		return piles === 'child'
			? `${lesson}${one.print.row.title} — ${next}`
			: `${one.child?.name ?? 'Family'}: ${next}`;
	});
	const head =
		piles === 'child'
			? (first.child?.name ?? 'For the family')
			: `${first.print.lesson ? `Lesson ${first.print.lesson.number}: ` : ''}${first.print.row.title}`;
	return [
		head,
		...lines.slice(0, MOST_LINES),
		...(lines.length > MOST_LINES ? [`and ${lines.length - MOST_LINES} more`] : [])
	];
}

/** What a run becomes, a line each: how many sheets, what they are, what is done with them next. */
export function becomes(plan: RunPlan): { sheets: number; what: string; next: string }[] {
	const bySet = new Map<PrintSituation, number>();
	for (const sheet of plan.sheets) {
		if (sheet.isSlip) continue;
		const { print } = plan.sets[sheet.set];
		bySet.set(print, (bySet.get(print) ?? 0) + 1);
	}
	return [...bySet].map(([print, sheets]) => ({
		sheets,
		what: `${print.row.title}${print.lesson ? ` (lesson ${print.lesson.number})` : ''}`,
		next: [finishText(print), destinationText(print.judged.to.value)].filter(Boolean).join(', then ')
	}));
}

/** The household's printing as it is, with what is usual where it said nothing. */
export const printingIn = ({ household }: Snapshot): Printing => printingOf(parsed(household.printing));
