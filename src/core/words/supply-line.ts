import { exact, numberText, type Unit } from '../measure/index.ts';
import { nameForCount } from '../naming/index.ts';
import { grossAmount, multiplier } from '../supplies/explode.ts';
import type { Per } from '../supplies/read/scope.ts';
import { thingText } from './words.ts';

/** What a supply line asks for, as it is shown. */
export type LineToSay = {
	readonly quantity: number | null;
	readonly to: number | null;
	readonly unit: Unit;
	readonly item: string;
	readonly per: Per;
	readonly groupSize: number | null;
};

/**
 * A supply line in one breath: the amount for one, and what that makes for the children who take part.
 *
 *     supplyLineText({ quantity: 6, to: null, unit: 'sheet', item: 'paper', per: 'child', groupSize: null }, 3)
 *     // { said: '6 sheets of paper', total: '× 3 = 18' }
 */
export function supplyLineText(line: LineToSay, children: number): { said: string; total: string | null } {
	const { quantity, to, unit, item } = line;
	if (quantity === null) return { said: `some ${nameForCount(item, 2)}`, total: timesText(line, children) };
	const said =
		to === null
			? thingText(exact(quantity), unit, item)
			: `${numberText(exact(quantity), unit)}–${thingText(exact(to), unit, item)}`;
	const times = timesText(line, children);
	if (times === null || (line.per === 'group' && line.groupSize === null)) return { said, total: times };
	const all = grossAmount({ ...line, quantity: to ?? quantity, spare: 0 }, children);
	return { said, total: `${times} = ${numberText(all, unit)}` };
}

function timesText({ per, groupSize }: LineToSay, children: number): string | null {
	if (per === 'family') return null;
	if (per === 'child') return `× ${children}`;
	if (per === 'group' && groupSize === null) return 'per group';
	const times = multiplier(per, groupSize, children);
	return `× ${times} ${per}${times === 1 ? '' : 's'}`;
}
