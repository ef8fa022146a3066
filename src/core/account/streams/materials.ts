import { stockOf } from '../../reference/index.ts';
import { nameKey } from '../../naming/index.ts';
import type { SupplyUse } from '../../supplies/index.ts';
import type { Unit } from '../../measure/index.ts';
import { json, type Row, once, stateByKey, type Snapshot } from '../../facts/index.ts';
import type { LessonSituation, RunSituation } from '../runs.ts';
import {
	copyState,
	countOf,
	openRunSets,
	printKey,
	printsOf,
	withCopies,
	type PrintSituation
} from './prints.ts';
import { sheetsLeft } from '../print-plan.ts';
import { isFlagged } from './flagged-prints.ts';
import { slipsOf } from './slips.ts';

/** Something that printing and finishing takes, as it stands on a shopping list. */
export type Material = {
	readonly name: string;
	readonly amount: number;
	readonly unit: Unit;
	readonly use: SupplyUse;
};

export const POUCHES_ITEM = 'laminating pouch';

/** What all copies take that are still to be printed or finished, for the first lesson that wants one of them. */
function materialsOf(
	snapshot: Snapshot,
	run: RunSituation
): { readonly lesson: LessonSituation; readonly materials: readonly Material[] } | null {
	const states = stateByKey(snapshot);
	const amounts = new Map<string, Material>();
	const add = (name: string, amount: number, unit: Unit, use: SupplyUse) => {
		const known = amounts.get(name);
		if (amount > 0) amounts.set(name, { name, unit, use, amount: (known?.amount ?? 0) + amount });
	};
	let first: LessonSituation | null = null;
	const waiting: PrintSituation[] = [];
	const wanted = new Set<number>();
	const inRuns = openRunSets(snapshot);
	const opening = run.lessons.find((one) => !one.booked) ?? null;
	for (const print of printsOf(snapshot, run)) {
		const lesson = print.lesson ?? opening;
		if (print.off !== null || lesson === null || lesson.booked) continue;
		// What is copied from paper and was never sorted is copied elsewhere as well as here.
		if (isFlagged(print.row) && print.resource.document_id === null) continue;
		const { stock, finish } = print.judged;
		const all = countOf(print);
		const toPrint: PrintSituation['copies'][number][] = [];
		for (const copy of print.copies) {
			const { child, count } = copy;
			const stored = states.get(printKey(print, child?.id ?? null)) ?? null;
			if (stored?.decision === 'do without') continue;
			const state = copyState(print, stored);
			const sheets = (print.sheets * count) / all;
			// What is in a run takes the sheets of that.
			if (state === 'to print' && !inRuns.has(`${print.row.id}/${child?.id ?? ''}`)) toPrint.push(copy);
			if (state === 'to print' || state === 'printed') {
				const share = (print.finish.pouches * count) / all;
				if (finish.value === 'pouch') add(POUCHES_ITEM, share, 'each', 'consumed');
				if (finish.value === 'protector') add('page protector', sheets, 'each', 'consumed');
				if (finish.value === 'sleeve') {
					add('dry-erase sleeve', count, 'each', 'kept');
					add('dry-erase marker', count, 'each', 'kept');
				}
				add('binding coil', count * print.coils, 'each', 'consumed');
			}
			if (state !== 'filed' && state !== 'finished' && (first === null || lesson.number < first.number))
				first = lesson;
		}
		const waits = withCopies(print, toPrint);
		add(stockOf(stock.value).item, waits.sheets, 'sheet', 'consumed');
		waiting.push(waits);
		wanted.add(print.row.id);
	}
	add(stockOf('plain20').item, slipsOf(snapshot, waiting), 'sheet', 'consumed');
	for (const row of snapshot.printRuns) {
		if (row.run_id !== run.row.id || row.printed_on !== null) continue;
		const left = sheetsLeft(snapshot, run, row).filter((sheet) =>
			sheet.sets.some(({ print }) => wanted.has(print.row.id))
		);
		add(stockOf(row.stock).item, left.length, 'sheet', 'consumed');
	}
	if (first === null || amounts.size === 0) return null;
	if (amounts.size > 0 && [...amounts.values()].some((one) => one.unit === 'sheet'))
		add('printer ink', 1, 'each', 'some');
	return {
		lesson: first,
		materials: [...amounts.values()].map((one) => ({ ...one, amount: Math.ceil(one.amount - 1e-9) }))
	};
}

/** Lines of materials have ids of their own, below those of lists: nobody typed them, so nobody edits them. */
export const isMaterialLine = (line: Pick<Row<'supply_line'>, 'id'>) => line.id < 0;

/** By which the need of a material is known: its item, since its line is made anew each time. */
export const materialSource = (line: Row<'supply_line'>) => `print-${line.item_id}`;

const itemByKey = once((items: Snapshot['items']) => new Map(items.map((item) => [item.name_key, item])));
const itemByAlias = once(
	(aliases: Snapshot['aliases']) => new Map(aliases.map((alias) => [alias.name_key, alias.item_id]))
);

/** The materials of a run as lines of its supply list. */
export function materialLines(
	snapshot: Snapshot,
	run: RunSituation
): { readonly lesson: LessonSituation; readonly lines: readonly Row<'supply_line'>[] } | null {
	const wanted = materialsOf(snapshot, run);
	if (wanted === null) return null;
	const lines = wanted.materials.flatMap(({ name, amount, unit, use }): Row<'supply_line'>[] => {
		const key = nameKey(name);
		const item = itemByKey(snapshot.items).get(key)?.id ?? itemByAlias(snapshot.aliases).get(key);
		return item === undefined
			? []
			: [
					{
						id: -item,
						lesson_id: wanted.lesson.lesson.id,
						activity_id: null,
						position: 100_000,
						written: 'for printing',
						item_id: item,
						quantity: String(amount),
						quantity_to: null,
						unit,
						per: 'family',
						group_size: null,
						optional: 0,
						alternatives: json([]),
						note: 'for printing',
						needs_look: 0,
						use,
						out_until: null,
						spare: '0',
						participants: null,
						prepare_minutes: null,
						prepare_wait_days: 0,
						session: 1,
						claim: null,
						listed_on: null
					}
				];
	});
	return { lesson: wanted.lesson, lines };
}

/** All that printing may ask for, by name: the household knows these from its first print on. */
export const MATERIAL_NAMES: readonly { readonly name: string; readonly use: SupplyUse }[] = [
	{ name: POUCHES_ITEM, use: 'consumed' },
	{ name: 'page protector', use: 'consumed' },
	{ name: 'dry-erase sleeve', use: 'kept' },
	{ name: 'dry-erase marker', use: 'kept' },
	{ name: 'binding coil', use: 'consumed' },
	{ name: 'printer ink', use: 'some' }
];
