import type { Exact } from '../../measure/exact.ts';
import { amountAt } from './amount.ts';
import { normalize } from './normalize.ts';

/**
 * A typed number, 0 or more, as people write it ("1 1/2", "½", "2.5", "a dozen" is no number); null when it is none.
 *
 *     readQuantity('1 ½')?.valueOf()   // 1.5
 */
export function readQuantity(text: string): Exact | null {
	// In a list a dash begins a line; before a number alone it is a minus. Nothing is divided by 0.
	if (/^\s*[-−–]|\/\s*0+\s*$/.test(text)) return null;
	const amount = amountAt(normalize(text));
	return amount.quantity && amount.rest === '' && amount.unit === null && amount.to === null
		? amount.quantity
		: null;
}
