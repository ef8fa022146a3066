import type { MeasureOfLoad } from '../plan/index.ts';
import { counted, money } from './words.ts';

/** What weighs on a week, in a word: "less prep and mess". */
export const LOAD_NAMES: Readonly<Record<MeasureOfLoad, string>> = {
	minutes: 'time',
	handsOn: 'projects',
	prepareMinutes: 'prep',
	cents: 'money',
	mess: 'mess',
	adultMinutes: 'an adult’s time'
};

/**
 * An amount of what weighs on a week, with its unit.
 * @example loadText('prepareMinutes', 75) === '1 h 15 min of prep'
 */
export function loadText(of: MeasureOfLoad, amount: number): string {
	if (of === 'cents') return money(amount);
	if (of === 'handsOn') return counted(amount, 'project');
	if (of === 'mess') return counted(amount, 'mess point');
	const hours = Math.floor(amount / 60);
	const text = [hours ? `${hours} h` : '', amount % 60 || !hours ? `${amount % 60} min` : '']
		.filter(Boolean)
		.join(' ');
	return of === 'minutes' ? text : `${text} of ${LOAD_NAMES[of]}`;
}
