import { SPELLINGS } from '../../reference/list-words.ts';
import { UNITS, type Unit } from '../../reference/measures.ts';

/**
 * The unit that a word means, as lists and spreadsheets write it; null when it is none.
 *
 *     readUnit('Grams')   // 'g'
 *     readUnit('pcs')     // 'each'
 */
export function readUnit(text: string): Unit | null {
	const word = text.trim().replace(/\.$/, '');
	const unit = UNITS.find((one) => one === word.toLowerCase());
	if (unit) return unit;
	if (/^(?:pcs?|pieces?|x|items?|units?|count|ct)$/i.test(word)) return 'each';
	if (/^(?:fl\.? ?oz|fluid ounces?)$/i.test(word)) return 'floz';
	return (SPELLINGS.get(word) ?? SPELLINGS.get(word.toLowerCase()))?.unit ?? null;
}
