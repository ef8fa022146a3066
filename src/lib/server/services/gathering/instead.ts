import { CoreError } from '$core/error.ts';
import { rankSubstitutes, type Substitute } from '$core/gathering/index.ts';
import { groupBy } from '$core/group-by.ts';
import {
	canConvert,
	convert,
	exact,
	exactText,
	isSome,
	larger,
	roundUp,
	ZERO,
	type Exact,
	type Unit
} from '$core/measure/index.ts';
import { nameKey } from '$core/supplies/index.ts';
import type { Row } from '../../database/tables.ts';
import type { Trx } from '../../history/changes.ts';
import { itemNamed } from '../../stores/stash/items.ts';
import { byId, type Snapshot } from '../../snapshot/snapshot.ts';
import { remember } from '../../snapshot/remember.ts';
import type { Situation } from '../readiness/situation.ts';
import type { SupplyNeed } from '../readiness/streams/supplies.ts';
import { money, thingText } from '../house/place-paths.ts';

/** Something that can be taken instead of a missing thing, as shown. */
export type InsteadShown = {
	readonly name: string;
	/** "2 cups of honey" */
	readonly amount: string;
	/** "lies at home", or what it would cost. */
	readonly why: string;
};

/** So much of the other for so much of the thing. */
type Trade = {
	readonly name: string;
	readonly amount: Exact;
	readonly unit: Unit;
	readonly otherAmount: Exact;
	readonly otherUnit: Unit;
};

/** What can be taken instead of what is missing: on hand first, then by cost, nothing that costs more. */
export function insteadOf(situation: Situation, needs: readonly SupplyNeed[]): InsteadShown[] {
	const { snapshot } = situation;
	const [{ item, unit, line }] = needs;
	const missing = needs.reduce(
		(sum, one) => (line.use === 'kept' ? larger(sum, one.standing.missing) : sum.add(one.standing.missing)),
		ZERO
	);
	if (!isSome(missing)) return [];
	const offered = tradesOf(snapshot, needs).flatMap((trade): (Substitute & { text: string })[] => {
		if (!canConvert(unit, trade.unit, item.name)) return [];
		const wanted = convert(missing, unit, trade.unit, item.name).div(trade.amount).mul(trade.otherAmount);
		return [
			{
				name: trade.name,
				wanted,
				free: freeAtHome(situation, trade.name, trade.otherUnit),
				cents: cheapest(snapshot, itemCalled(snapshot, trade.name), wanted, trade.otherUnit),
				text: thingText(wanted, trade.otherUnit, trade.name)
			}
		];
	});
	const texts = new Map(offered.map((one) => [one.name, one.text]));
	return rankSubstitutes(cheapest(snapshot, item, missing, unit), offered).map((one) => ({
		name: one.name,
		amount: texts.get(one.name)!,
		why: one.isOnHand ? 'lies at home' : one.cents === null ? 'no price known' : `about ${money(one.cents)}`
	}));
}

/**
 * Takes something instead: the lines that lack a thing ask for the other from now on, in its own amount. As the
 * book printed them stays on record.
 */
export async function takeInstead(
	trx: Trx,
	situation: Situation,
	keys: readonly string[],
	name: string
): Promise<string> {
	const needs = situation.needs.filter((one) => keys.includes(one.need.key) && isSome(one.standing.missing));
	if (needs.length === 0)
		throw new CoreError('That is not missing any more; the list has changed. Load the page again.');
	const trade = tradesOf(situation.snapshot, needs).find((one) => nameKey(one.name) === nameKey(name));
	if (!trade) throw new CoreError(`“${name}” is not known as something to take instead.`);
	const other = await itemNamed(trx, trade.name);
	for (const { line, item } of needs) {
		const scaled = (text: string | null) =>
			text === null
				? null
				: exactText(
						convert(exact(text), line.unit, trade.unit, item.name).div(trade.amount).mul(trade.otherAmount)
					);
		await trx
			.updateTable('supply_line')
			.set({
				item_id: other.id,
				quantity: scaled(line.quantity ?? '1'),
				quantity_to: scaled(line.quantity_to),
				unit: trade.otherUnit,
				note: [line.note, `instead of ${item.name}`].filter(Boolean).join('; ')
			})
			.where('id', '=', line.id)
			.execute();
	}
	return `${other.name} instead of ${needs[0].item.name}`;
}

/** Notes that so much of one thing stands in for so much of another. @throws CoreError for a thing for itself. */
export async function addSubstitute(
	trx: Trx,
	item: Row<'item'>,
	asked: { readonly amount: Exact; readonly unit: Unit },
	other: { readonly name: string; readonly amount: Exact; readonly unit: Unit }
): Promise<string> {
	const instead = await itemNamed(trx, other.name);
	if (instead.id === item.id)
		throw new CoreError(`${item.name} cannot stand in for itself. Name something else.`, 'other');
	if (!isSome(asked.amount) || !isSome(other.amount))
		throw new CoreError('Both amounts have to be more than nothing.', 'other');
	await trx
		.deleteFrom('substitute')
		.where('item_id', '=', item.id)
		.where('other_id', '=', instead.id)
		.execute();
	await trx
		.insertInto('substitute')
		.values({
			item_id: item.id,
			other_id: instead.id,
			amount: exactText(asked.amount),
			unit: asked.unit,
			other_amount: exactText(other.amount),
			other_unit: other.unit
		})
		.execute();
	return instead.name;
}

/** Forgets that one thing can stand in for another. */
export async function removeSubstitute(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('substitute').where('id', '=', id).execute();
}

/** What the household knows to take instead, and what the list itself names. */
function tradesOf(snapshot: Snapshot, needs: readonly SupplyNeed[]): Trade[] {
	const [{ item, unit }] = needs;
	const items = byId(snapshot.items);
	const known = snapshot.substitutes
		.filter((one) => one.item_id === item.id)
		.map((one): Trade => ({
			name: items.get(one.other_id)!.name,
			amount: exact(one.amount),
			unit: one.unit,
			otherAmount: exact(one.other_amount),
			otherUnit: one.other_unit
		}));
	const printed = needs.flatMap(({ line }) =>
		(JSON.parse(line.alternatives) as { item: string; quantity: number | null; unit: Unit }[]).map(
			(other): Trade => ({
				name: other.item,
				// Printed without an amount of its own, as much of it is taken.
				amount: other.quantity === null ? exact(1) : exact(line.quantity_to ?? line.quantity ?? '1'),
				unit: other.quantity === null ? unit : line.unit,
				otherAmount: other.quantity === null ? exact(1) : exact(other.quantity),
				otherUnit: other.quantity === null ? unit : other.unit
			})
		)
	);
	const all = [...known, ...printed].filter(
		(one) => nameKey(one.name) !== item.name_key && isSome(one.amount) && isSome(one.otherAmount)
	);
	return [...groupBy(all, (one) => nameKey(one.name)).values()].map(([first]) => first);
}

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

/** The least that an amount costs in whole packs of one kind, in cents; null where no price is known. */
export function cheapest(
	snapshot: Snapshot,
	item: Row<'item'> | null,
	amount: Exact,
	unit: Unit
): number | null {
	if (!item) return null;
	const offers = offersByItem(snapshot.offers, [], () => groupBy(snapshot.offers, (one) => one.item_id));
	const costs = (offers.get(item.id) ?? [])
		.filter((one) => one.standing !== 'excluded' && canConvert(one.unit, unit, item.name))
		.map(
			(one) => roundUp(amount.div(convert(exact(one.size), one.unit, unit, item.name))).valueOf() * one.cents
		);
	return costs.length ? Math.min(...costs) : null;
}

const offersByItem = remember<ReadonlyMap<number, readonly Row<'offer'>[]>>();
const itemsByKey = remember<ReadonlyMap<string, Row<'item'>>>();

/** The household's item of a name; null when there is none. */
export function itemCalled({ items }: Snapshot, name: string): Row<'item'> | null {
	const known = itemsByKey(items, [], () => new Map(items.map((item) => [item.name_key, item])));
	return known.get(nameKey(name)) ?? null;
}
