import { groupBy } from '../group-by.ts';
import { requireDay, type Day } from '../calendar/dates.ts';
import { CoreError } from '../error.ts';
import { exact, ZERO, type Exact } from '../measure/exact.ts';
import type { Unit } from '../reference/measures.ts';
import { grossAmount } from './explode.ts';
import { compareText, netSupplies, requireUntil, type NetLine, type NetRow, type SupplyUse } from './net.ts';
import type { Per } from './read/scope.ts';

export type RequirementsInput = {
	readonly children: readonly { readonly id: string; readonly age: number }[];
	readonly lessons: readonly {
		readonly id: string;
		readonly date: Day;
		readonly supplies: readonly {
			readonly item: string;
			readonly quantity: number;
			readonly unit: Unit;
			readonly per: Per;
			readonly groupSize?: number | null;
			/** Ids of those who take part; null is everyone. */
			readonly children?: readonly string[] | null;
			readonly use: SupplyUse;
			readonly outUntil?: Day | null;
			readonly spare: number;
		}[];
	}[];
	readonly stash: readonly {
		readonly item: string;
		readonly quantity: number;
		readonly unit: Unit;
		readonly goodUntil?: Day | null;
	}[];
};

export type RequirementsRow = {
	readonly item: string;
	readonly use: SupplyUse;
	readonly unit: Unit;
	readonly gross: number;
	readonly fromStash: number;
	readonly net: number;
	readonly neededBy: Day | null;
	readonly byLesson: readonly {
		readonly lesson: string;
		readonly date: Day;
		readonly gross: number;
		readonly fromStash: number | null;
		readonly net: number | null;
	}[];
};

/**
 * What the lessons need in all, what the house has of it, and what is missing, per item and use.
 * Amounts are in one unit an item: that of its first lot, else of its first line by date.
 *
 * @throws CoreError for unknown children, a group without a size, a thing out until before its
 * lesson, or units that cannot be converted.
 */
export function requirements(input: RequirementsInput): { items: RequirementsRow[] } {
	const known = new Set(input.children.map((child) => child.id));
	const lessonOf = new Map<string, string>();
	const lines = input.lessons.flatMap((lesson, l) => {
		const date = requireDay(lesson.date, `lessons[${l}].date`);
		return lesson.supplies.map((supply, s): NetLine => {
			const path = `lessons[${l}].supplies[${s}]`;
			const unknown = supply.children?.find((child) => !known.has(child));
			if (unknown !== undefined)
				throw new CoreError(
					`${path}.children names ${unknown}, who is not among the children`,
					`${path}.children`
				);
			const groupSize = supply.groupSize ?? null;
			if (supply.per === 'group' && groupSize === null) {
				throw new CoreError(
					`${path}.groupSize: say how many children make a group for ${supply.item}`,
					`${path}.groupSize`
				);
			}
			const until = requireUntil(
				date,
				requireDay(supply.outUntil ?? date, `${path}.outUntil`),
				`${path}.outUntil`
			);
			const id = `${l}/${s}`;
			lessonOf.set(id, lesson.id);
			const takingPart = supply.children?.length ?? input.children.length;
			const amount = grossAmount({ ...supply, groupSize }, takingPart);
			return { id, item: supply.item, use: supply.use, date, until, amount, unit: supply.unit };
		});
	});
	const lots = input.stash.map((lot, i) => ({
		id: String(i),
		item: lot.item,
		amount: exact(lot.quantity),
		unit: lot.unit,
		goodUntil: lot.goodUntil ? requireDay(lot.goodUntil, `stash[${i}].goodUntil`) : null
	}));
	const order = new Map(input.lessons.map((lesson, i) => [lesson.id, i]));
	return { items: netSupplies(lines, lots).map((row) => byLesson(row, lessonOf, order)) };
}

function byLesson(row: NetRow, lessonOf: Map<string, string>, order: Map<string, number>): RequirementsRow {
	const lessons = groupBy(row.lines, (one) => lessonOf.get(one.line.id)!);
	const kept = row.use === 'kept';
	return {
		item: row.item,
		use: row.use,
		unit: row.unit,
		gross: row.gross.valueOf(),
		fromStash: row.fromStash.valueOf(),
		net: row.net.valueOf(),
		neededBy: row.neededBy,
		byLesson: [...lessons]
			.map(([lesson, lines]) => {
				const sum = (amount: (one: (typeof lines)[number]) => Exact) =>
					lines.reduce((total, one) => total.add(amount(one)), ZERO).valueOf();
				return {
					lesson,
					date: lines[0].line.date,
					gross: sum((one) => one.gross),
					fromStash: kept ? null : sum((one) => one.fromStash),
					net: kept ? null : sum((one) => one.net)
				};
			})
			.sort((a, b) => compareText(a.date, b.date) || order.get(a.lesson)! - order.get(b.lesson)!)
	};
}
