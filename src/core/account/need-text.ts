import type { Exact } from '../measure/index.ts';
import { nameForCount } from '../naming/index.ts';
import { thingText } from '../words/index.ts';
import type { SupplyNeed } from './streams/supplies.ts';

type Said = Pick<SupplyNeed, 'line' | 'item' | 'unit'>;

/** The name in the plural where the list prints it so: "crayons"; null where it does not. */
function printedMany({ item, line }: Said): string | null {
	const many = nameForCount(item.name, 2);
	return line.written.toLowerCase().includes(many) ? many : null;
}

/**
 * Whether a number would say what nobody knows: some of a roll or bottle, a line that gives no amount, or one that
 * prints "crayons" and nothing more.
 */
export function isVague(needs: readonly Said[]): boolean {
	return needs.every(
		(one) =>
			(one.line.use === 'some' && one.line.unit === 'each') ||
			one.line.quantity === null ||
			(one.line.quantity === '1' &&
				one.line.unit === 'each' &&
				one.line.per === 'family' &&
				printedMany(one) !== null &&
				!/\b(?:1|an?|one)\b/i.test(one.line.written))
	);
}

/** "2 cups flour", or "crayons" where no number was said. */
export function neededText(needs: readonly Said[], amount: Exact): string {
	const [{ item, unit }] = needs;
	return isVague(needs) ? (printedMany(needs[0]) ?? item.name) : thingText(amount, unit, item.name);
}
