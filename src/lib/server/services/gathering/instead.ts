import { Refusal } from '$core/error.ts';
import { rankSubstitutes, type Substitute } from '$core/gathering/index.ts';
import { groupBy } from '$core/group-by.ts';
import { canConvert, convert, exact, exactText, isSome, type Exact, type Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { money, thingText } from '$core/words/index.ts';
import { parsed, byId, type Snapshot } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { replaceThing } from '../../stores/gathering/supply-lines.ts';
import { itemNamed } from '../../stores/stash/items.ts';
import { cheapest } from '../buying/prices.ts';
import { type Situation, type SupplyNeed, total } from '$core/account/index.ts';
import { freeAtHome, hasEnough, itemCalled } from '../stash/free.ts';

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
	const [{ item, unit }] = needs;
	const missing = total(needs, (one) => one.standing.missing);
	if (!isSome(missing)) return [];
	const offered = tradesOf(snapshot, needs).flatMap((trade): (Substitute & { text: string })[] => {
		if (!canConvert(unit, trade.unit, item.name)) return [];
		const wanted = convert(missing, unit, trade.unit, item.name).div(trade.amount).mul(trade.otherAmount);
		return [
			{
				name: trade.name,
				wanted,
				free: hasEnough(situation, trade.name) ? wanted : freeAtHome(situation, trade.name, trade.otherUnit),
				cents: cheapest(snapshot, itemCalled(snapshot, trade.name), wanted, trade.otherUnit),
				text: thingText(wanted, trade.otherUnit, trade.name)
			}
		];
	});
	const texts = new Map(offered.map((one) => [one.name, one.text]));
	return rankSubstitutes(cheapest(snapshot, item, missing, unit), offered).map((one) => ({
		name: one.name,
		amount: texts.get(one.name)!,
		why: one.isOnHand ? 'at home' : one.cents === null ? 'no price yet' : `about ${money(one.cents)}`
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
	const needs = situation.needs.filter(
		({ need, standing }) => keys.includes(need.key) && isSome(standing.missing.add(standing.toLook))
	);
	if (needs.length === 0)
		throw new Refusal('That’s no longer missing; the list has changed. Reload the page.');
	const trade = tradesOf(situation.snapshot, needs).find((one) => nameKey(one.name) === nameKey(name));
	if (!trade) throw new Refusal(`“${name}” isn’t a known substitute.`);
	const other = await itemNamed(trx, trade.name);
	for (const { line, item } of needs) {
		const scaled = (text: string | null) =>
			text === null
				? null
				: exactText(
						convert(exact(text), line.unit, trade.unit, item.name).div(trade.amount).mul(trade.otherAmount)
					);
		await replaceThing(trx, line.id, {
			item_id: other.id,
			quantity: scaled(line.quantity ?? '1'),
			quantity_to: scaled(line.quantity_to),
			unit: trade.otherUnit,
			note: [line.note, `instead of ${item.name}`].filter(Boolean).join('; ')
		});
	}
	return `${other.name} instead of ${needs[0].item.name}`;
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
		parsed(line.alternatives).map((other): Trade => ({
			name: other.item,
			// Printed without an amount of its own, as much of it is taken.
			amount: other.quantity === null ? exact(1) : exact(line.quantity_to ?? line.quantity ?? '1'),
			unit: other.quantity === null ? unit : line.unit,
			otherAmount: other.quantity === null ? exact(1) : exact(other.quantity),
			otherUnit: other.quantity === null ? unit : other.unit
		}))
	);
	const all = [...known, ...printed].filter(
		(one) => nameKey(one.name) !== item.name_key && isSome(one.amount) && isSome(one.otherAmount)
	);
	return [...groupBy(all, (one) => nameKey(one.name)).values()].map(([first]) => first);
}
