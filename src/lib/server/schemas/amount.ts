import { Refusal } from '$core/error.ts';
import { exact, requireAmount } from '$core/measure/index.ts';
import { readQuantity } from '$core/supplies/index.ts';

/** A number that a person types is not longer. */
const LONGEST = 40;

/** A typed amount, exactly. @throws Refusal at the field when it is none. */
export function typedAmount(text: string, path = 'amount') {
	if (/^\s*[-−–]\s*[\d.]/.test(text)) throw new Refusal('The amount must be 0 or more.', path);
	if (text.length > LONGEST) throw new Refusal('Enter the amount as a number, like 2, 0.5, or 1 1/2.', path);
	const amount = /^\d+\/0*[1-9]\d*$/.test(text) ? exact(text) : readQuantity(text);
	if (!amount) throw new Refusal('Enter the amount as a number, like 2, 0.5, or 1 1/2.', path);
	return requireAmount(amount, path);
}
