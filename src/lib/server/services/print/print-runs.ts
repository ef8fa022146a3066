import { Refusal } from '$core/error.ts';
import { groupRuns, paperSwaps, runText, type RunGroup, type ToPrint } from '$core/print/index.ts';
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
	type Colors,
	type PrintSituation
} from '$core/account/index.ts';
import { copyIs } from '../readiness/copies-moved.ts';
import { printingIn, runPlan, setsInOrder, type PageSizes } from './run-plan.ts';

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
	colors: Colors | null,
	until: string | null = null
): Waiting[] {
	const states = stateByKey(snapshot);
	const taken = inRuns(snapshot, run);
	const days = new Map(whole.map((one) => [one.need.key, one.days?.actBy ?? null]));
	return printsOf(snapshot, run, colors).flatMap((print): Waiting[] => {
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
				print: { ...print, copies }
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
	colors: Colors | null,
	sizes: PageSizes,
	until: string | null = null
): Promise<number> {
	const groups = proposedRuns(waitingPrints(now, run, colors, until));
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
	patch: { readonly piles: Row<'print_run'>['piles']; readonly slips: boolean },
	sizes: PageSizes
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
	const slips = patch.slips ? 1 : 0;
	const plan = runPlan(snapshot, run, { ...row, piles: patch.piles, slips, sets: json(inOrder) }, sizes);
	await updatePrintRun(trx, run.row.id, id, {
		piles: patch.piles,
		slips,
		sets: inOrder,
		sheets: plan.sheets.length
	});
}

/** A run of prints of a unit's run. @throws Refusal where it is gone. */
export function runRow(snapshot: Snapshot, run: RunSituation, id: number): Row<'print_run'> {
	const row = snapshot.printRuns.find((one) => one.id === id && one.run_id === run.row.id);
	if (!row) throw new Refusal('That print run is gone. Reload the page.');
	return row;
}

/**
 * It came out of the printer: the whole run, or only some of its copies. Answers it in words.
 * @throws Refusal where nothing of it is left to be printed.
 */
export async function printed(
	trx: Trx,
	now: Situation,
	run: RunSituation,
	id: number,
	only: { readonly child?: number | null; readonly lesson?: number } | null = null
): Promise<string> {
	const { snapshot, today } = now;
	const row = runRow(snapshot, run, id);
	const prints = new Map(printsOf(snapshot, run).map((one) => [one.row.id, one]));
	const states = stateByKey(snapshot);
	const sets = parsed(row.sets);
	const chosen = sets.filter(
		(set) =>
			only === null ||
			((only.lesson === undefined || only.lesson === (prints.get(set.print)?.lesson?.lesson.id ?? 0)) &&
				(only.child === undefined || only.child === set.child))
	);
	if (chosen.length === 0) throw new Refusal('None of these is in this run. Reload the page.');
	const isPrinted = (set: (typeof sets)[number]) => {
		const print = prints.get(set.print);
		return (
			!print ||
			chosen.includes(set) ||
			copyState(print, states.get(printKey(print, set.child)) ?? null) !== 'to print'
		);
	};
	for (const set of new Map(chosen.map((one) => [`${one.print}/${one.child}`, one])).values()) {
		const print = prints.get(set.print);
		if (print && copyState(print, states.get(printKey(print, set.child)) ?? null) === 'to print')
			await copyIs(trx, now, print, set.child, 'printed');
	}
	const isWhole = sets.every(isPrinted);
	if (isWhole) await updatePrintRun(trx, run.row.id, id, { printed_on: today });
	const what = runText({ stock: row.stock, sides: row.sides, color: row.color === 1 });
	return only === null || isWhole ? `${what}: printed` : `${counted(chosen.length, 'set')} printed`;
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
	await updatePrintRun(trx, run.row.id, id, { printed_on: null });
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
