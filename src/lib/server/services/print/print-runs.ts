import { Refusal } from '$core/error.ts';
import {
	beginsWithLast,
	groupRuns,
	paperSwaps,
	runText,
	type Pass,
	type PrinterWays,
	type RunGroup,
	type ToPrint
} from '$core/print/index.ts';
import { counted } from '$core/words/index.ts';
import { json, parsed, type Row, stateByKey, type Snapshot } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addPrintRun, removePrintRun, updatePrintRun } from '../../stores/print/prints.ts';
import {
	type RunSituation,
	type Situation,
	copyState,
	printKey,
	printsOf,
	withCopies,
	type PrintSituation,
	runPlan,
	setsInOrder,
	withDone,
	type NamedSet,
	type PageSizes,
	type RunPlan,
	type RunSheet
} from '$core/account/index.ts';
import { copyIs } from '../readiness/copies-moved.ts';
import { printingIn } from './printing-in.ts';

/** A print that waits for the printer, with only those copies that are not printed. */
export type Waiting = ToPrint & { readonly print: PrintSituation };

/** Which copies are in a run that is still to be printed. */
const inRuns = (snapshot: Snapshot, run: RunSituation) =>
	new Set(
		snapshot.printRuns
			.filter((one) => one.run_id === run.row.id && one.printed_on === null)
			.flatMap((one) => parsed(one.sets).map((set) => `${set.print}/${set.child ?? ''}`))
	);

/** Prints with copies that are neither printed nor in a run, each with only these copies. */
export function waitingPrints(
	{ snapshot, whole }: Situation,
	run: RunSituation,
	until: string | null = null
): Waiting[] {
	const states = stateByKey(snapshot);
	const taken = inRuns(snapshot, run);
	const days = new Map(whole.map((one) => [one.need.key, one.days?.actBy ?? null]));
	return printsOf(snapshot, run).flatMap((print): Waiting[] => {
		if (print.off !== null) return [];
		const copies = print.copies.filter(({ child }) => {
			const stored = states.get(printKey(print, child?.id ?? null)) ?? null;
			return (
				copyState(print, stored) === 'to print' &&
				stored?.decision !== 'do without' &&
				!taken.has(`${print.row.id}/${child?.id ?? ''}`)
			);
		});
		if (copies.length === 0) return [];
		const by = days.get(printKey(print, copies[0].child?.id ?? null)) ?? null;
		if (until !== null && (by === null || by > until)) return [];
		const { judged } = print;
		return [
			{
				id: print.row.id,
				stock: judged.stock.value,
				sides: judged.sides.value,
				color: judged.color.value,
				by,
				print: withCopies(print, copies)
			}
		];
	});
}

/** Prints without a file are copied by hand; they are in no run. */
export const hasFile = ({ print }: Waiting) => print.resource.document_id !== null;

/** Waiting prints as the runs that they make, in the order that swaps least paper. */
export function proposedRuns(waiting: readonly Waiting[]): RunGroup<Waiting>[] {
	return groupRuns(waiting.filter(hasFile));
}

/** Notes the runs of all that waits. Answers how many. @throws Refusal where nothing waits. */
export async function makeRuns(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	sizes: PageSizes,
	until: string | null = null
): Promise<number> {
	const groups = proposedRuns(waitingPrints(now, run, until));
	if (groups.length === 0)
		throw new Refusal('Nothing waits for the printer. Sort some pages first, or look at the runs below.');
	const { slips } = printingIn(now.snapshot);
	for (const { stock, sides, color, prints } of groups) {
		const isOwn = prints.some(({ print }) => print.copies.some(({ child }) => child !== null));
		const piles = isOwn ? 'child' : 'print';
		const sets = setsInOrder(
			prints.map(({ print }) => print),
			piles
		);
		const row = {
			stock,
			sides,
			color: color ? (1 as const) : (0 as const),
			paper: now.snapshot.household.paper,
			piles: piles as Row<'print_run'>['piles'],
			// A slip of card for each pile would be a waste.
			slips: slips && stock === 'plain20' ? (1 as const) : (0 as const)
		};
		const sheets = runPlan(now.snapshot, run, { ...row, sets: json(sets) }, sizes).sheets.length;
		await addPrintRun(trx, run.row.id, { ...row, sets, sheets, made_on: now.today });
	}
	return groups.length;
}

/** Puts a run's piles in another order, or its slips on or off. */
export async function changeRun(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	id: number,
	patch: { readonly piles: Row<'print_run'>['piles']; readonly slips: boolean }
): Promise<void> {
	const row = runRow(snapshot, run, id);
	const sets = parsed(row.sets);
	const prints = printsOf(snapshot, run).filter((one) => sets.some((set) => set.print === one.row.id));
	const inOrder = setsInOrder(
		prints.map((print) => ({
			...print,
			copies: print.copies.filter(({ child }) =>
				sets.some((set) => set.print === print.row.id && set.child === (child?.id ?? null))
			)
		})),
		patch.piles
	);
	await updatePrintRun(trx, run.row.id, id, {
		piles: patch.piles,
		slips: patch.slips ? 1 : 0,
		sets: inOrder
	});
}

/** A run of prints of a unit's run. @throws Refusal where it is gone. */
export function runRow(snapshot: Snapshot, run: RunSituation, id: number): Row<'print_run'> {
	const row = snapshot.printRuns.find((one) => one.id === id && one.run_id === run.row.id);
	if (!row) throw new Refusal('That print run is gone. Reload the page.');
	return row;
}

/**
 * It came out of the printer: the whole run, or only what is for a child or a lesson. Answers it in words.
 * @throws Refusal where nothing of it is left to be printed.
 */
export async function printed(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	id: number,
	only: { readonly child?: number | null; readonly lesson?: number } | null = null
): Promise<string> {
	const row = runRow(now.snapshot, run, id);
	const plan = runPlan(now.snapshot, run, row, new Map());
	const all = [...plan.sets, ...plan.byHand];
	const chosen = all.filter(
		({ print, child }) =>
			only === null ||
			((only.lesson === undefined || only.lesson === (print.lesson?.lesson.id ?? 0)) &&
				(only.child === undefined || only.child === (child?.id ?? null)))
	);
	if (chosen.length === 0) throw new Refusal('None of these is in this run. Reload the page.');
	const isWhole = await cameOut(trx, now, run, row, plan, (set) => chosen.includes(set), new Set());
	const what = runText({ stock: row.stock, sides: row.sides, color: row.color === 1 });
	return only === null || isWhole ? `${what}: printed` : `${counted(chosen.length, 'set')} printed`;
}

/**
 * Some sheets came out well, others did not: those are kept by what is on them. What is wholly out counts as printed.
 * `from` and `to` count the sheets as they went into the printer in that pass, from 1. Answers it in words.
 * @throws Refusal where there are no such sheets.
 */
export async function someCameOut(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	id: number,
	{ pass, from, to }: { readonly pass: Pass; readonly from: number; readonly to: number }
): Promise<string> {
	const row = runRow(now.snapshot, run, id);
	const plan = runPlan(now.snapshot, run, row, new Map());
	const some = partOf(sheetsOfPass(plan, printingIn(now.snapshot), pass), from, to);
	const keys = new Set(some.map((one) => one.key));
	const isWhole = await cameOut(trx, now, run, row, plan, () => false, keys);
	return isWhole
		? `${runText({ stock: row.stock, sides: row.sides, color: row.color === 1 })}: printed`
		: `${counted(some.length, 'sheet')} kept as printed`;
}

/** Notes what came out: sets as a whole, sheets by their keys. Answers whether nothing of the run is left. */
async function cameOut(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	row: Row<'print_run'>,
	plan: RunPlan,
	isOut: (set: NamedSet) => boolean,
	keys: ReadonlySet<string>
): Promise<boolean> {
	const states = stateByKey(now.snapshot);
	const wasPrinted = ({ print, child }: NamedSet) =>
		copyState(print, states.get(printKey(print, child?.id ?? null)) ?? null) !== 'to print';
	const marked = withDone(
		plan.sheets,
		(sheet) =>
			sheet.isDone ||
			keys.has(sheet.key) ||
			(!sheet.isSlip && sheet.sets.every((set) => isOut(set) || wasPrinted(set)))
	);
	const waits = new Set(marked.filter((one) => !one.isDone && !one.isSlip).flatMap((one) => one.sets));
	const isDone = (set: NamedSet) =>
		isOut(set) || wasPrinted(set) || (!plan.byHand.includes(set) && !waits.has(set));
	const all = [...plan.sets, ...plan.byHand];
	const copies = new Map(all.map((set) => [`${set.print.row.id}/${set.child?.id ?? ''}`, set]));
	for (const [key, set] of copies) {
		const same = all.filter((one) => `${one.print.row.id}/${one.child?.id ?? ''}` === key);
		if (!wasPrinted(set) && same.every(isDone))
			await copyIs(trx, now, set.print, set.child?.id ?? null, 'printed');
	}
	const isWhole = all.every(isDone);
	await updatePrintRun(trx, run.row.id, row.id, {
		printed_on: isWhole ? now.today : null,
		done: isWhole ? [] : marked.filter((one) => one.isDone).map((one) => one.key)
	});
	return isWhole;
}

/** The sheets of a run that a pass still prints, in the order in which they go in. A run that is printed goes through whole. */
export function sheetsOfPass(plan: RunPlan, printing: PrinterWays, pass: Pass): readonly RunSheet[] {
	const left = plan.sheets.filter((one) => !one.isDone);
	const sheets = left.length ? left : plan.sheets;
	const isTwoSided = plan.sheets.some((one) => one.back !== null);
	return beginsWithLast(printing, pass, isTwoSided) ? sheets.toReversed() : sheets;
}

/** Sheets of a pass from one to another, counted from 1. @throws Refusal in words where there are not so many. */
export function partOf(sheets: readonly RunSheet[], from: number, to: number): readonly RunSheet[] {
	if (from > sheets.length || to > sheets.length)
		throw new Refusal(
			`There are ${counted(sheets.length, 'sheet')} to print: count from 1 to ${sheets.length}.`,
			'to'
		);
	if (from > to) throw new Refusal(`Enter the sheets in their order: from ${to} to ${from}.`, 'to');
	return sheets.slice(from - 1, to);
}

/** It came out wrong after all: its copies are to be printed again. */
export async function unprinted(trx: Trx, now: Situation, run: RunSituation, id: number): Promise<void> {
	const { snapshot } = now;
	const row = runRow(snapshot, run, id);
	const prints = new Map(printsOf(snapshot, run).map((one) => [one.row.id, one]));
	for (const set of parsed(row.sets)) {
		const print = prints.get(set.print);
		if (print) await copyIs(trx, now, print, set.child, 'to print');
	}
	await updatePrintRun(trx, run.row.id, id, { printed_on: null, done: [] });
}

/** Takes a run apart: what it held waits again, unless it was printed. */
export async function dropRun(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	id: number
): Promise<void> {
	runRow(snapshot, run, id);
	await removePrintRun(trx, run.row.id, id);
}

/** Takes a print out of runs that are not printed: it was settled anew, and goes into the next ones. */
export async function leaveRuns(
	trx: Trx,
	{ snapshot }: Situation,
	run: RunSituation,
	print: number
): Promise<void> {
	for (const row of snapshot.printRuns) {
		if (row.run_id !== run.row.id || row.printed_on !== null) continue;
		const sets = parsed(row.sets);
		const left = sets.filter((set) => set.print !== print);
		if (left.length === sets.length) continue;
		if (left.length === 0) await removePrintRun(trx, run.row.id, row.id);
		else await updatePrintRun(trx, run.row.id, row.id, { sets: left });
	}
}

/** How often paper is changed while runs are printed in their order, in words. */
export function swapsText(runs: readonly Pick<ToPrint, 'stock'>[]): string {
	const swaps = paperSwaps(runs);
	return swaps === 0 ? 'without changing paper' : `changing paper ${swaps === 1 ? 'once' : `${swaps} times`}`;
}
