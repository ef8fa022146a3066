import { isMeasured } from '../../measure/convert.ts';
import { singularName, singularWord } from '../../naming/naming.ts';
import { BY_LENGTH } from '../../reference/list-words.ts';
import { thingOf } from '../thing.ts';
import { type Amount, amountAt, containerBehind, headWord } from './amount.ts';
import { isRemark, isColour } from './remarks.ts';
import { thingScope } from './scope.ts';
import { lengthOf, isCounter } from './thing.ts';

/** "a tube for the chimney": the word for the unit is the thing. */
export function unitIsThing(amount: Amount): boolean {
	const { unit, unitWord, rest } = amount;
	return unit !== null && unitWord !== null && !isMeasured(unit) && /^(?:for|to|with) /i.test(rest);
}

const HOLDS: ReadonlySet<string> = new Set(['jar', 'bottle', 'can']);

/** A number and a name of its own begin a new thing even after a comma. */
export function startsNewThing(text: string, before: string): boolean {
	if (lengthOf(text) || containerBehind(text)) return false;
	const amount = amountAt(thingScope(text.replace(/(?<=\S)\s*\([^()]*\)/g, '')).rest);
	if (unitIsThing(amount)) return true;
	// "a brush, 2 cups" are two things; "flour, 2 cups" is one.
	if (amount.unit === 'cup' && amount.rest === '' && /^cups?$/i.test(amount.unitWord ?? ''))
		return (
			BY_LENGTH.has(singularWord(headWord(before))) ||
			thingOf(singularName(before.toLowerCase()), null, 'each').use === 'kept'
		);
	// "a thermometer, 2 jars": what is kept and stands alone comes in no jar.
	if (amount.unit && HOLDS.has(amount.unit) && amount.rest === '' && amount.quantity) {
		const head = headWord(before);
		return (
			singularWord(head) === head && thingOf(singularName(before.toLowerCase()), null, 'each').use === 'kept'
		);
	}
	return (
		amount.quantity !== null &&
		amount.rest !== '' &&
		!isRemark(amount.rest, true) &&
		!/^per /i.test(amount.rest) &&
		!isColour(amount.rest) &&
		!isRemark(text) &&
		!isCounter(amount.rest) &&
		!/^(?:long|wide|tall|in length|or so|thick|across|high)/i.test(amount.rest)
	);
}
