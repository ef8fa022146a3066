import type { Exact } from '../../measure/exact.ts';
import { amountAt } from './amount.ts';
import { normalize } from './normalize.ts';

/**
 * A typed number as people write it ("1 1/2", "½", "2.5", "a dozen" is no number); null when it is none.
 *
 *     readQuantity('1 ½')?.valueOf()   // 1.5
 */
export function readQuantity(text: string): Exact | null {
	const amount = amountAt(normalize(text));
	return amount.quantity && amount.rest === '' && amount.unit === null && amount.to === null
		? amount.quantity
		: null;
}
