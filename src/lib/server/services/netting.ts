import type { Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { canConvert, convert, exact, unitIn, ZERO, type Exact, type Unit } from '$core/measure/index.ts';
import { holdBack, netSupplies, type Lot, type NetLine, type ServedLine } from '$core/supplies/index.ts';
import type { Row } from '../database/tables.ts';
import type { Snapshot } from '../stores/snapshot.ts';
import type { LessonSituation, RunSituation } from './situation.ts';

/** A supply line exploded over those who take part on its day. */
export type Asked = {
	readonly run: RunSituation;
	readonly lesson: LessonSituation;
	readonly line: Row<'supply_line'>;
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
	readonly unitOf: ReadonlyMap<number, Unit>;
	readonly problems: ReadonlyMap<string, string>;
};

/** One netting over all runs. What cannot be compared with the stash is counted on its own and says so. */
export function net(snapshot: Snapshot, asked: readonly Asked[]): Netted {
	const { measures } = snapshot.household;
	const unitOf = new Map<number, Unit>();
	const problems = new Map<string, string>();
	const dated = asked.filter((one) => one.date !== null);
	const datedOf = groupBy(dated, (one) => one.item.id);
	const boxes = new Set(
		snapshot.runs.map((run) => run.collecting_place_id).filter((place) => place !== null)
	);
	const itemsAsked = new Map(asked.map((one) => [one.item.id, one.item]));
	const lots: Lot[] = [];
	for (const [itemId, own] of groupBy(snapshot.lots, (lot) => lot.item_id)) {
		const item = itemsAsked.get(itemId);
		const inStock = own.filter((lot) => exact(lot.amount).compare(0) > 0);
		if (!item || inStock.length === 0) continue;
		const unit = unitIn(measures, inStock[0].unit, item.name);
		unitOf.set(itemId, unit);
		// What lies in the box of a unit that wants it is taken first, what lies in another unit's box last.
		const wanted = new Set((datedOf.get(itemId) ?? []).map((one) => one.run.run.collecting_place_id));
		const rank = (lot: Row<'lot'>) =>
			lot.place_id === null || !boxes.has(lot.place_id) ? 1 : wanted.has(lot.place_id) ? 0 : 2;
		const sorted = inStock.toSorted((a, b) => rank(a) - rank(b));
		const mine = sorted
			.filter((lot) => canConvert(lot.unit, unit, item.name))
			.map((lot): Lot => ({
				id: String(lot.id),
				item: item.name,
				amount: convert(exact(lot.amount), lot.unit, unit, item.name),
				unit,
				goodUntil: lot.good_until
			}));
		const back = item.keep_back ? exact(item.keep_back) : ZERO;
		const keepUnit = item.keep_back_unit ?? unit;
		lots.push(
			...(canConvert(keepUnit, unit, item.name)
				? holdBack(mine, convert(back, keepUnit, unit, item.name), unit)
				: mine)
		);
	}
	for (const one of dated) {
		if (!unitOf.has(one.item.id)) unitOf.set(one.item.id, unitIn(measures, one.line.unit, one.item.name));
	}
	const lines = dated.map((one): NetLine => {
		const unit = unitOf.get(one.item.id)!;
		const comparable = canConvert(one.line.unit, unit, one.item.name);
		if (!comparable) {
			problems.set(
				one.key,
				`Asked for in ${one.line.unit}, counted in ${unit}: these cannot be compared. Count it the way the list asks.`
			);
		}
		return {
			id: one.key,
			// Lines that cannot be compared form an item of their own, which no lot serves.
			item: comparable ? one.item.name : `${one.item.name}\u0000${one.line.unit}`,
			use: one.line.use,
			date: one.date!,
			until: one.line.out_until && one.line.out_until > one.date! ? one.line.out_until : one.date!,
			amount: comparable ? convert(one.amount, one.line.unit, unit, one.item.name) : one.amount,
			unit: comparable ? unit : one.line.unit
		};
	});
	const served = new Map(
		netSupplies(lines, lots).flatMap((row) => row.lines.map((line) => [line.line.id, line]))
	);
	return { served, unitOf, problems };
}
