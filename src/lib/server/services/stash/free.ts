import { canConvert, convert, exact, larger, ZERO, type Exact, type Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { type Row, once, type Snapshot } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';

/** What lies at home of a thing and is promised to nobody. */
export function freeAtHome({ snapshot, needs }: Situation, name: string, unit: Unit): Exact {
	const item = itemCalled(snapshot, name);
	if (!item) return ZERO;
	const there = snapshot.lots
		.filter((lot) => lot.item_id === item.id && canConvert(lot.unit, unit, name))
		.reduce((sum, lot) => sum.add(convert(exact(lot.amount), lot.unit, unit, name)), ZERO);
	const promised = needs
		.filter((one) => one.item === item && one.served && canConvert(one.unit, unit, name))
		.reduce((sum, one) => sum.add(convert(one.served!.fromStash, one.unit, unit, name)), ZERO);
	const kept =
		item.keep_back && item.keep_back_unit && canConvert(item.keep_back_unit, unit, name)
			? convert(exact(item.keep_back), item.keep_back_unit, unit, name)
			: ZERO;
	return larger(ZERO, there.sub(promised).sub(kept));
}

/** Whether the household said that it has enough of a thing, whatever was counted. */
export function hasEnough({ snapshot }: Situation, name: string): boolean {
	const item = itemCalled(snapshot, name);
	return snapshot.statements.some((one) => one.item_id === item?.id && one.state === 'enough');
}

const itemsByKey = once(
	(items: readonly Row<'item'>[]): ReadonlyMap<string, Row<'item'>> =>
		new Map(items.map((item) => [item.name_key, item]))
);

/** The household's item of a name; null when there is none. */
export function itemCalled({ items }: Snapshot, name: string): Row<'item'> | null {
	return itemsByKey(items).get(nameKey(name)) ?? null;
}
