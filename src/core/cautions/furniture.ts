import type { Day } from '../calendar/dates.ts';
import type { Source } from '../reference/sources.ts';
import { monthsOld, type Caution } from './cautions.ts';
import type { Reacher } from './reach.ts';

/** Clothing storage from 27 in (686 mm) on has to stand up to a climbing child; the rounded figure is the usual advice. */
export const TALL_FURNITURE = {
	fromMm: 700,
	/** The standard looks at children under six. */
	underMonths: 72,
	source: { kind: 'published', name: 'ASTM F2057, US STURDY Act', fromMemory: true } satisfies Source
} as const;

/**
 * The caution about a piece of furniture whose highest shelf or top is at `topMm`, or null.
 *
 *     furnitureCaution(1800, '2027-01-22', [tamsin])?.who   // ['Tamsin']
 */
export function furnitureCaution(topMm: number, day: Day, people: readonly Reacher[]): Caution | null {
	if (topMm <= TALL_FURNITURE.fromMm) return null;
	const who = people
		.filter((person) => person.born !== null && monthsOld(person.born, day) < TALL_FURNITURE.underMonths)
		.map((person) => person.name);
	if (who.length === 0) return null;
	return {
		rule: 'tall-furniture',
		who,
		text: 'Can tip over if climbed. Anchor it to the wall.',
		source: TALL_FURNITURE.source
	};
}
