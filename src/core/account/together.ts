import type { Exact } from '../measure/index.ts';
import { together } from '../supplies/index.ts';
import type { SupplyNeed } from './streams/supplies.ts';

/** How much several needs of one thing come to: used up adds up, kept counts once. */
export function total(needs: readonly SupplyNeed[], amount: (one: SupplyNeed) => Exact): Exact {
	return together(needs.map((one) => ({ use: one.line.use, amount: amount(one) })));
}
