import { convert } from '../measure/convert.ts';
import { isSome, smaller, type Exact } from '../measure/exact.ts';
import type { Unit } from '../reference/measures.ts';
import type { Lot } from './net.ts';

/**
 * The lots of one item less what the household always keeps back ("leave 500 g of flour for the
 * kitchen"). It is kept from what would be used last, so that nothing goes off for it.
 */
export function holdBack(lots: readonly Lot[], keep: Exact, unit: Unit): Lot[] {
	let left = keep;
	const lasting = lots.toSorted((a, b) => ((a.goodUntil ?? '9999') < (b.goodUntil ?? '9999') ? 1 : -1));
	const kept = new Map<string, Exact>();
	for (const lot of lasting) {
		if (!isSome(left)) break;
		const amount = convert(lot.amount, lot.unit, unit, lot.item);
		const take = smaller(amount, left);
		left = left.sub(take);
		kept.set(lot.id, convert(take, unit, lot.unit, lot.item));
	}
	return lots.map((lot) => (kept.has(lot.id) ? { ...lot, amount: lot.amount.sub(kept.get(lot.id)!) } : lot));
}
