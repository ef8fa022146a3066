import type { Day } from '../calendar/index.ts';
import { kitState, type KitState } from '../gathering/index.ts';
import { groupBy } from '../group-by.ts';
import {
	canConvert,
	convert,
	exact,
	exactText,
	isSome,
	unitIn,
	ZERO,
	type Exact,
	type System,
	type Unit
} from '../measure/index.ts';
import { holdBack, netSupplies, type Lot, type NetLine, type ServedLine } from '../supplies/index.ts';
import { type Row, remember, type Snapshot } from '../facts/index.ts';
import type { LessonSituation, RunSituation } from './runs.ts';

/** A supply line exploded over those who take part on its day. */
export type Asked = {
	readonly run: RunSituation;
	readonly lesson: LessonSituation;
	readonly line: Row<'supply_line'>;
	/** The activity that it belongs to; null for the lesson itself. */
	readonly extra: Row<'activity'> | null;
	readonly item: Row<'item'>;
	readonly key: string;
	readonly date: Day | null;
	readonly takingPart: readonly Row<'person'>[];
	/** In the line's own unit. */
	readonly amount: Exact;
};

/** What each line gets, the unit in which each item is counted, and what cannot be compared. */
export type Netted = {
	readonly served: ReadonlyMap<string, ServedLine>;
	/** What lines without a day would get of what those with one leave; nothing is promised to them. */
	readonly shown: ReadonlyMap<string, ServedLine>;
	readonly unitOf: ReadonlyMap<number, Unit>;
	readonly problems: ReadonlyMap<string, string>;
};

/** One netting over all runs. What cannot be compared with the stash is counted on its own and says so. */
export function net(snapshot: Snapshot, asked: readonly Asked[]): Netted {
	const { measures } = snapshot.household;
	const boxes = snapshot.runs.map((run) => run.collecting_place_id).filter((place) => place !== null);
	const { kitParts } = snapshot;
	const partsOf = partsByLot(kitParts, [], () => groupBy(kitParts, (part) => part.lot_id));
	const lotsOf = lotsByItem(snapshot.lots, [], () => groupBy(snapshot.lots, (lot) => lot.item_id));
	const served = new Map<string, ServedLine>();
	const shown = new Map<string, ServedLine>();
	const unitOf = new Map<number, Unit>();
	const problems = new Map<string, string>();
	for (const own of groupBy(asked, (one) => one.item.id).values()) {
		const { item } = own[0];
		const dated = own.filter((one) => one.date !== null);
		const lots = lotsOf.get(item.id) ?? [];
		const undated = own.filter((one) => one.date === null);
		const netted = nettedItems(item, [lots, dated, undated, boxes, measures, kitParts], () =>
			netItem(item, wholeKits(lots, partsOf), dated, undated, new Set(boxes), measures)
		);
		if (netted.unit) unitOf.set(item.id, netted.unit);
		for (const line of netted.served) served.set(line.line.id, line);
		for (const line of netted.shown) shown.set(line.line.id, line);
		for (const [key, problem] of netted.problems) problems.set(key, problem);
	}
	return { served, shown, unitOf, problems };
}

type NettedItem = {
	/** Null when there is none of it and no dated line asks. */
	readonly unit: Unit | null;
	readonly served: readonly ServedLine[];
	readonly shown: readonly ServedLine[];
	readonly problems: readonly (readonly [string, string])[];
};

const lotsByItem = remember<Map<number, Row<'lot'>[]>>();
const partsByLot = remember<Map<number, Row<'kit_part'>[]>>();
const nettedItems = remember<NettedItem>();

/** Lots as they can be used: of a kit only what its scarcest piece allows. */
function wholeKits(
	lots: readonly Row<'lot'>[],
	partsOf: ReadonlyMap<number, readonly Row<'kit_part'>[]>
): readonly Row<'lot'>[] {
	return lots.map((lot) => {
		const parts = partsOf.get(lot.id);
		return parts ? { ...lot, amount: exactText(kitOf(lot, parts).makings) } : lot;
	});
}

/** What an opened kit still gives. */
export function kitOf(lot: Row<'lot'>, parts: readonly Row<'kit_part'>[]): KitState {
	return kitState(
		exact(lot.amount),
		parts.map(({ name, each, there }) => ({ name, each: exact(each), there: exact(there) }))
	);
}

/** The lines of one item against its lots, those without a day after all others. `boxes` are the collecting places of all units. */
function netItem(
	item: Row<'item'>,
	own: readonly Row<'lot'>[],
	dated: readonly Asked[],
	undated: readonly Asked[],
	boxes: ReadonlySet<number>,
	measures: System
): NettedItem {
	const inStock = own.filter((lot) => isSome(exact(lot.amount)));
	const first = inStock[0]?.unit ?? (dated[0] ?? undated[0])?.line.unit;
	if (!first) return { unit: null, served: [], shown: [], problems: [] };
	const unit = unitIn(measures, first, item.name);
	const problems: [string, string][] = [];
	const lineOf = (one: Asked): NetLine => {
		const comparable = canConvert(one.line.unit, unit, item.name);
		const date = one.date ?? NO_DAY;
		if (!comparable) {
			problems.push([
				one.key,
				`The list says ${one.line.unit}, you count in ${unit}, and they can’t be compared. Count it the way the list does.`
			]);
		}
		return {
			id: one.key,
			// Lines that cannot be compared form an item of their own, which no lot serves.
			item: comparable ? item.name : `${item.name}\u0000${one.line.unit}`,
			use: one.line.use,
			date,
			until: one.line.out_until && one.line.out_until > date ? one.line.out_until : date,
			amount: comparable ? convert(one.amount, one.line.unit, unit, item.name) : one.amount,
			unit: comparable ? unit : one.line.unit,
			claim: one.line.claim
		};
	};
	const lines = dated.map(lineOf);
	const wanted = new Set(dated.map((one) => one.run.row.collecting_place_id));
	const lots = lotsInOrder(item, unit, inStock, wanted, boxes);
	const served = netSupplies(lines, lots).flatMap((row) => row.lines);
	return {
		unit,
		served,
		shown: undated.length
			? netSupplies(undated.map(lineOf), leftBy(served, lots)).flatMap((row) => row.lines)
			: [],
		problems
	};
}

/** For netting, lines without a day come before anything goes off. */
const NO_DAY = '2000-01-01';

/** The lots as those leave them who use them up; what is kept comes back. */
function leftBy(served: readonly ServedLine[], lots: readonly Lot[]): Lot[] {
	const taken = new Map<string, Exact>();
	for (const { line, lots } of served)
		if (line.use === 'consumed')
			for (const { lot, amount } of lots) taken.set(lot.id, (taken.get(lot.id) ?? ZERO).add(amount));
	return lots.map((lot) => ({ ...lot, amount: lot.amount.sub(taken.get(lot.id) ?? ZERO) }));
}

/** The lots that can be compared, in the order in which they are taken, without what is kept back. */
function lotsInOrder(
	item: Row<'item'>,
	unit: Unit,
	inStock: readonly Row<'lot'>[],
	wanted: ReadonlySet<number | null>,
	boxes: ReadonlySet<number>
): Lot[] {
	// What lies in the box of a unit that wants it is taken first, what lies in another unit's box last.
	const rank = (lot: Row<'lot'>) =>
		lot.place_id === null || !boxes.has(lot.place_id) ? 1 : wanted.has(lot.place_id) ? 0 : 2;
	const lots = inStock
		.toSorted((a, b) => rank(a) - rank(b))
		.filter((lot) => canConvert(lot.unit, unit, item.name))
		.map((lot): Lot => ({
			id: String(lot.id),
			item: item.name,
			amount: convert(exact(lot.amount), lot.unit, unit, item.name),
			unit,
			goodUntil: lot.good_until
		}));
	const keepUnit = item.keep_back_unit ?? unit;
	if (!item.keep_back || !canConvert(keepUnit, unit, item.name)) return lots;
	return holdBack(lots, convert(exact(item.keep_back), keepUnit, unit, item.name), unit);
}
