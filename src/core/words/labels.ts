import { ELSEWHERE } from '../reference/at-home.ts';
import type { CopyingRight } from '../library/index.ts';
import type { SupplyUse } from '../supplies/net.ts';

/** What is kept under one word and shown under another, where the other is the one that people say. */
const LABELS: Readonly<Record<string, string>> = {
	[ELSEWHERE]: 'anywhere else',
	'shelf tray': 'tray',
	outing: 'field trip',
	film: 'movie',
	'hands-busy work': 'busy hands',
	disc: 'CD or DVD',
	'one activity': 'for an activity',
	'leave out': 'missing pages',
	'wrong in the book': 'error in the book',
	'all right': 'okay',
	'not used': 'didn’t use'
};

/** Who may copy, as it is said after "Copies allowed". */
export const RIGHTS_TEXT: Readonly<Record<CopyingRight, string>> = {
	'own family': 'our family',
	'one class': 'one class',
	none: 'no copies',
	ask: 'ask first'
};

/**
 * The word for a stored kind, role or rating.
 * @example labelOf('outing') === 'field trip'
 * @example labelOf('game') === 'game'
 */
export function labelOf(value: string): string {
	return LABELS[value] ?? value;
}

/** The three uses of a supply, as options of a field. */
export const USE_OPTIONS: readonly { readonly value: SupplyUse; readonly label: string }[] = [
	{ value: 'consumed', label: 'used up' },
	{ value: 'kept', label: 'kept' },
	{ value: 'some', label: 'some of it' }
];

/** A stored value as an option of a field. */
export function labeled(value: string): { value: string; label: string } {
	return { value, label: labelOf(value) };
}
