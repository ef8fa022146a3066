import {
	destinationText,
	loadPaperText,
	runText,
	type Pass,
	type PrinterWays,
	type PrintRunCost,
	type Printing,
	type Side
} from '$core/print/index.ts';
import { counted, money } from '$core/words/index.ts';
import { type Row, stateByKey } from '$core/facts/index.ts';
import {
	type RunSituation,
	type Situation,
	costOfPrints,
	copyState,
	finishText,
	printKey,
	runPlan,
	withCopies,
	type NamedSet,
	type PageSizes,
	type PrintSituation,
	type RunPlan
} from '$core/account/index.ts';
import type { Assembly } from '../../files/pdf/assemble.ts';
import { partOf, runRow, sheetsOfPass } from './print-runs.ts';
import { printingIn } from './printing-in.ts';
import { rightsNote } from './sources.ts';

/** What one file of a run prints, and in which order its sheets go in. */
export type PassView = {
	readonly pass: Pass;
	readonly label: string;
	/** The sheets by number, as they go in. */
	readonly order: readonly number[];
};

/** A run of prints as its page shows it. */
export type RunView = {
	readonly row: Row<'print_run'>;
	readonly text: string;
	readonly sentence: string;
	/** What to do at the printer, a step each. */
	readonly steps: readonly string[];
	readonly becomes: readonly { readonly sheets: number; readonly what: string; readonly next: string }[];
	readonly paper: { readonly width: number; readonly height: number };
	/** What the printer leaves white along each edge, mm. */
	readonly edge: number;
	/** Only some of its sheets, in their order. */
	readonly sheets: readonly {
		readonly front: Side;
		readonly back: Side | null;
		readonly number: number;
		readonly label: string;
		readonly isDone: boolean;
		/** A print of which ink is lost on it, and the pages. */
		readonly lost: { readonly print: number; readonly pages: readonly number[] } | null;
	}[];
	readonly from: number;
	readonly all: number;
	/** Sheets that are still to be printed. */
	readonly left: number;
	readonly files: readonly string[];
	readonly passes: readonly PassView[];
	/** Who has something in it, and whether it is printed. */
	readonly piles: readonly {
		readonly child: number | null;
		readonly name: string;
		readonly isPrinted: boolean;
	}[];
	readonly lessons: readonly {
		/** 0: what is for the unit as a whole. */
		readonly lesson: number;
		readonly title: string;
		readonly isPrinted: boolean;
	}[];
	readonly cost: string;
	readonly rights: readonly string[];
	/** Pages that are made smaller to fit, in words. */
	readonly scaled: string;
	/** What of the pages the printer would not reach, in words; empty where it reaches all of it. */
	readonly cutOff: string;
};

/** Sheets shown at a time. */
const SHEETS_A_PAGE = 12;

/** The plan of a run, all of it. */
export function planOf(now: Situation, run: RunSituation, id: number, sizes: PageSizes): RunPlan {
	return runPlan(now.snapshot, run, runRow(now.snapshot, run, id), sizes);
}

/** The files that a run is printed from: one for both sides, or fronts and backs where the pile is turned by hand. */
export function passesOf(plan: RunPlan, printing: PrinterWays): PassView[] {
	const order = (pass: Pass) => sheetsOfPass(plan, printing, pass).map((one) => one.number);
	const isTwoSided = plan.sheets.some((one) => one.back !== null);
	if (!isTwoSided || printing.duplex === 'itself')
		return [{ pass: 'both', label: 'Open the print file', order: order('both') }];
	return [
		{ pass: 'front', label: '1. Fronts', order: order('front') },
		{ pass: 'back', label: '2. Backs', order: order('back') }
	];
}

/** What the print file of a pass is made of, all of what is left or from one sheet to another as they go in; or a single sheet by its number. */
export function fileOf(
	now: Situation,
	run: RunSituation,
	id: number,
	plan: RunPlan,
	asked: {
		readonly pass: Pass;
		readonly from: number;
		readonly to: number | null;
		readonly sheet: number | null;
	}
): Assembly {
	const row = runRow(now.snapshot, run, id);
	const inOrder = sheetsOfPass(plan, printingIn(now.snapshot), asked.pass);
	const part =
		asked.sheet === null
			? partOf(inOrder, asked.from, asked.to ?? inOrder.length)
			: plan.sheets.filter((one) => one.number === asked.sheet);
	const some =
		asked.sheet !== null || part.length < inOrder.length ? `, ${counted(part.length, 'sheet')}` : '';
	return {
		title: `${run.unit.name}, ${runText({ stock: row.stock, sides: row.sides, color: row.color === 1 })}${some}`,
		paper: plan.paper,
		files: plan.files,
		sheets: part.map(({ front, back }) => ({ front, back })),
		sides: asked.pass,
		isGray: plan.losesColor
	};
}

export function runView(
	now: Situation,
	run: RunSituation,
	id: number,
	sizes: PageSizes,
	from: number
): RunView {
	const { snapshot } = now;
	const row = runRow(snapshot, run, id);
	const plan = planOf(now, run, id, sizes);
	const printing = printingIn(snapshot);
	const states = stateByKey(snapshot);
	const isPrinted = (one: NamedSet) =>
		copyState(one.print, states.get(printKey(one.print, one.child?.id ?? null)) ?? null) !== 'to print';
	const text = runText({ stock: row.stock, sides: row.sides, color: row.color === 1 });
	const all = plan.sheets.length;
	const left = plan.sheets.filter((one) => !one.isDone);
	const passes = passesOf(plan, printing);
	const cost = costOfRun(now, row, plan);
	const start = Math.min(Math.max(1, from), Math.max(1, all));
	const seconds = left.reduce((sum, one) => sum + (one.back ? 2 : 1) * (row.color === 1 ? 12 : 6), 0);
	return {
		row,
		text,
		sentence: row.printed_on
			? `Printed: ${counted(all, 'sheet')}.`
			: left.length < all
				? `${counted(left.length, 'sheet')} of ${all} still to print, ${atPrinter(seconds)}.`
				: `${counted(all, 'sheet')}, ${atPrinter(seconds)}.`,
		steps: stepsOf(row, row.printed_on ? all : left.length, passes, plan, printing),
		becomes: becomes(plan),
		paper: plan.paper,
		edge: printing.edge,
		sheets: plan.sheets
			.slice(start - 1, start - 1 + SHEETS_A_PAGE)
			.map(({ front, back, number, isDone, isSlip, sets }) => ({
				front,
				back,
				number,
				isDone,
				label: isSlip ? 'slip' : labelOf(sets),
				lost: lostOn(sets, front, back)
			})),
		from: start,
		all,
		left: left.length,
		files: plan.files,
		passes,
		piles: [...new Map(plan.sets.map((one) => [one.child?.id ?? null, one.child])).entries()].map(
			([child, person]) => ({
				child,
				name: person?.name ?? 'Family',
				isPrinted: plan.sets.filter((one) => (one.child?.id ?? null) === child).every(isPrinted)
			})
		),
		lessons: [...new Set(plan.sets.map((one) => one.print.lesson))]
			.sort((a, b) => (a?.number ?? 0) - (b?.number ?? 0))
			.map((lesson) => ({
				lesson: lesson?.lesson.id ?? 0,
				title: lesson ? `lesson ${lesson.number}` : 'for the whole unit',
				isPrinted: plan.sets.filter((one) => one.print.lesson === lesson).every(isPrinted)
			})),
		cost: costText(cost),
		rights: [...new Set(plan.sets.map((one) => rightsNote(one.print.resource.rights, run)))],
		scaled: scaledText(plan),
		cutOff: cutOffText(plan, printing.edge)
	};
}

const atPrinter = (seconds: number) =>
	`about ${counted(Math.max(1, Math.round(seconds / 60)), 'minute')} at the printer`;

/** "Ada, Bo: Journal page: my street" */
function labelOf(sets: readonly NamedSet[]): string {
	const titles = [...new Set(sets.map((one) => one.print.row.title))];
	const names = [...new Set(sets.flatMap((one) => one.child?.name ?? []))];
	return [names.join(', '), titles.join(', ')].filter(Boolean).join(': ');
}

const placedOn = (front: Side, back: Side | null) => [...front.placed, ...(back?.placed ?? [])];

/** The print of a sheet of which ink is lost, with the pages, counted from 1. */
function lostOn(sets: readonly NamedSet[], front: Side, back: Side | null) {
	const pages = [...new Set(placedOn(front, back).flatMap((one) => (one.isCutOff ? [one.page + 1] : [])))];
	return pages.length ? { print: sets[0].print.row.id, pages } : null;
}

function cutOffText(plan: RunPlan, edge: number): string {
	const lost = plan.sheets.flatMap(({ front, back }) =>
		placedOn(front, back).flatMap((one) => (one.isCutOff ? [`${one.file}/${one.page}`] : []))
	);
	const count = new Set(lost).size;
	if (count === 0) return '';
	return `${counted(count, 'page')} ${count === 1 ? 'has' : 'have'} ink closer to the edge than ${edge} mm, where your printer leaves paper white: it would be cut off.`;
}

/** The prints of a run with the pages of which ink would be lost. */
export function cutOffPages(plan: RunPlan): Map<number, number[]> {
	const found = new Map<number, Set<number>>();
	for (const { sets, front, back } of plan.sheets) {
		const lost = lostOn(sets, front, back);
		if (lost) found.set(lost.print, new Set([...(found.get(lost.print) ?? []), ...lost.pages]));
	}
	return new Map([...found].map(([print, pages]) => [print, [...pages]]));
}

/** What a run becomes, a line each: how many sheets, what they are, what is done with them next. */
function becomes(plan: RunPlan): { sheets: number; what: string; next: string }[] {
	const byPrint = new Map<PrintSituation | null, number>();
	for (const sheet of plan.sheets) {
		const print = sheet.isSlip ? null : sheet.sets[0].print;
		byPrint.set(print, (byPrint.get(print) ?? 0) + 1);
	}
	return [...byPrint]
		.toSorted(([a], [b]) => Number(a === null) - Number(b === null))
		.map(([print, sheets]) =>
			print === null
				? { sheets, what: sheets === 1 ? 'A slip' : 'Slips', next: 'between the piles' }
				: {
						sheets,
						what: `${print.row.title}${print.lesson ? ` (lesson ${print.lesson.number})` : ''}`,
						next: [finishText(print), destinationText(print.judged.to.value)].filter(Boolean).join(', then ')
					}
		);
}

function costOfRun({ snapshot }: Situation, row: Row<'print_run'>, plan: RunPlan): PrintRunCost {
	// What the pages look like may be known better now; the run goes through the printer as it was made.
	const color = { value: row.color === 1, why: '', isOwn: false };
	const prints = [...new Set(plan.sets.map((one) => one.print))].map((print) =>
		withCopies(
			{ ...print, judged: { ...print.judged, color } },
			plan.sets.filter((one) => one.print === print).map((one) => ({ child: one.child, count: 1 }))
		)
	);
	return costOfPrints(snapshot, prints, plan.sheets.filter((one) => one.isSlip).length);
}

function costText({ home, shop, cheapest }: PrintRunCost): string {
	const said = (cents: number) => money(Math.round(cents));
	if (home === null && shop === null) return 'Set your prices to see what it costs.';
	if (home === null) return `${said(shop!)} at the copy store.`;
	if (shop === null) return `${said(home)} at home.`;
	return `${said(home)} at home, ${said(shop)} at the copy store: ${cheapest === 'shop' ? 'the store' : 'home'} is cheaper.`;
}

function stepsOf(
	row: Row<'print_run'>,
	sheets: number,
	passes: readonly PassView[],
	plan: RunPlan,
	{ flip }: Printing
): string[] {
	const load = loadPaperText(row.stock, sheets);
	const color = row.color === 1 ? 'in color' : 'in gray';
	if (passes.length > 1)
		return [
			load,
			`Print the fronts ${color}, at actual size.`,
			'Turn the pile the way your test print showed, and put it back in.',
			'Print the backs.'
		];
	return [
		load,
		plan.sheets.some((one) => one.back !== null)
			? `Print ${color}, both sides, flip on the ${flip === 'long-edge' ? 'long' : 'short'} edge, at actual size.`
			: `Print ${color}, one side, at actual size.`
	];
}

/** Which pages do not fit at their own size. */
function scaledText(plan: RunPlan): string {
	const placed = plan.sheets.flatMap(({ front, back }) => placedOn(front, back));
	const smaller = placed.filter((one) => one.scale < 0.995);
	if (smaller.length === 0) return placed.length ? 'All pages are at actual size.' : '';
	const scales = smaller.map((one) => Math.round(one.scale * 100));
	const [least, most] = [Math.min(...scales), Math.max(...scales)];
	return `${smaller.length === placed.length ? 'All pages are' : `${counted(smaller.length, 'page')} ${smaller.length === 1 ? 'is' : 'are'}`} made smaller to fit: ${least === most ? `${least}%` : `${least}–${most}%`}.`;
}
