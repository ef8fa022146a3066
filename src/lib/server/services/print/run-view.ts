import { loadPaperText, runText, type Flip, type PrintRunCost, type SheetPlan } from '$core/print/index.ts';
import { counted, money } from '$core/words/index.ts';
import { type Row, stateByKey } from '$core/facts/index.ts';
import { type RunSituation, type Situation, costOfPrints, copyState, printKey } from '$core/account/index.ts';
import { runRow } from './print-runs.ts';
import { becomes, printingIn, runPlan, type PageSizes, type RunPlan } from './run-plan.ts';
import { rightsNote } from './sources.ts';

/** A run of prints as its page shows it. */
export type RunView = {
	readonly row: Row<'print_run'>;
	readonly text: string;
	readonly sentence: string;
	/** What to do at the printer, a step each. */
	readonly steps: readonly string[];
	readonly becomes: readonly { readonly sheets: number; readonly what: string; readonly next: string }[];
	readonly paper: { readonly width: number; readonly height: number };
	/** Only some of its sheets, in their order. */
	readonly sheets: readonly (SheetPlan & { readonly number: number; readonly label: string })[];
	readonly from: number;
	readonly all: number;
	readonly files: readonly string[];
	readonly duplex: 'one side' | 'itself' | 'by hand';
	readonly flip: Flip;
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
};

/** Sheets shown at a time. */
const SHEETS_A_PAGE = 12;

/** The plan of a run, all of it. */
export function planOf(now: Situation, run: RunSituation, id: number, sizes: PageSizes): RunPlan {
	return runPlan(now.snapshot, run, runRow(now.snapshot, run, id), sizes);
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
	const isPrinted = (one: (typeof plan.sets)[number]) =>
		copyState(one.print, states.get(printKey(one.print, one.child?.id ?? null)) ?? null) !== 'to print';
	const text = runText({ stock: row.stock, sides: row.sides, color: row.color === 1 });
	const all = plan.sheets.length;
	const isDouble = plan.sheets.some((one) => one.back !== null);
	const duplex = !isDouble ? 'one side' : printing.duplex;
	const cost = costOfRun(now, row, plan);
	const start = Math.min(Math.max(1, from), Math.max(1, all));
	const seconds = plan.sheets.reduce((sum, one) => sum + (one.back ? 2 : 1) * (row.color === 1 ? 12 : 6), 0);
	return {
		row,
		text,
		sentence: row.printed_on
			? `Printed: ${counted(all, 'sheet')}.`
			: `${counted(all, 'sheet')}, about ${counted(Math.max(1, Math.round(seconds / 60)), 'minute')} at the printer.`,
		steps: stepsOf(row, all, duplex, printing.flip),
		becomes: becomes(plan),
		paper: plan.paper,
		sheets: plan.sheets.slice(start - 1, start - 1 + SHEETS_A_PAGE).map((sheet, index) => ({
			...sheet,
			number: start + index,
			label: sheet.isSlip ? 'slip' : plan.sets[sheet.set].title
		})),
		from: start,
		all,
		files: plan.files,
		duplex,
		flip: printing.flip,
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
		scaled: scaledText(plan)
	};
}

function costOfRun({ snapshot }: Situation, row: Row<'print_run'>, plan: RunPlan): PrintRunCost {
	// What the pages look like may be known better now; the run goes through the printer as it was made.
	const color = { value: row.color === 1, why: '', isOwn: false };
	const prints = [...new Set(plan.sets.map((one) => one.print))].map((print) => ({
		...print,
		judged: { ...print.judged, color },
		copies: plan.sets.filter((one) => one.print === print).map((one) => ({ child: one.child, count: 1 }))
	}));
	return costOfPrints(snapshot, prints);
}

function costText({ home, shop, cheapest }: PrintRunCost): string {
	const said = (cents: number) => money(Math.round(cents));
	if (home === null && shop === null) return 'Set your prices to see what it costs.';
	if (home === null) return `${said(shop!)} at the copy store.`;
	if (shop === null) return `${said(home)} at home.`;
	return `${said(home)} at home, ${said(shop)} at the copy store: ${cheapest === 'shop' ? 'the store' : 'home'} is cheaper.`;
}

function stepsOf(row: Row<'print_run'>, sheets: number, duplex: RunView['duplex'], flip: Flip): string[] {
	const load = loadPaperText(row.stock, sheets);
	const color = row.color === 1 ? 'in color' : 'in gray';
	if (duplex === 'by hand')
		return [
			load,
			`Print the fronts ${color}, at actual size.`,
			'Turn the pile the way your test page showed, and put it back in.',
			'Print the backs.'
		];
	return [
		load,
		duplex === 'itself'
			? `Print ${color}, both sides, flip on the ${flip === 'long-edge' ? 'long' : 'short'} edge, at actual size.`
			: `Print ${color}, one side, at actual size.`
	];
}

/** Which pages do not fit at their own size. */
function scaledText(plan: RunPlan): string {
	const placed = plan.sheets.flatMap((sheet) => [...sheet.front.placed, ...(sheet.back?.placed ?? [])]);
	const smaller = placed.filter((one) => one.scale < 0.995);
	if (smaller.length === 0) return placed.length ? 'All pages are at actual size.' : '';
	const scales = smaller.map((one) => Math.round(one.scale * 100));
	const [least, most] = [Math.min(...scales), Math.max(...scales)];
	return `${smaller.length === placed.length ? 'All pages are' : `${counted(smaller.length, 'page')} ${smaller.length === 1 ? 'is' : 'are'}`} made smaller to fit: ${least === most ? `${least}%` : `${least}–${most}%`}.`;
}
