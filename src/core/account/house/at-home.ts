import { weekdayOf, type Day } from '../../calendar/index.ts';
import type { Caution, Participant } from '../../cautions/index.ts';
import { groupBy } from '../../group-by.ts';
import { listText } from '../../words/index.ts';
import { parsed, type Snapshot } from '../../facts/index.ts';
import { youngest } from './ages.ts';

/**
 * Whom cautions concern on a day, whether or not they take part in a lesson: everybody of the house, guests on the
 * days on which they come. Without a day every guest may be there.
 */
export function atHomeOn({ people }: Pick<Snapshot, 'people'>, date: Day | null): Participant[] {
	return people
		.filter(
			({ kind, weekdays }) =>
				kind !== 'guest' || weekdays === null || date === null || parsed(weekdays).includes(weekdayOf(date))
		)
		.map((person) => ({
			name: person.name,
			born: youngest(person),
			allergies: parsed(person.allergies)
		}));
}

/** Cautions with each rule once, for all whom it concerns on any of the days. */
export function mergedCautions(cautions: readonly Caution[]): Caution[] {
	return [...groupBy(cautions, ({ rule }) => rule).values()].map((same) => ({
		...same[0],
		who: [...new Set(same.flatMap(({ who }) => who))]
	}));
}

/** “Tamsin: Choking hazard. Keep it out of reach …”, every one of them, each rule once. */
export function cautionTexts(cautions: readonly Caution[]): string[] {
	return mergedCautions(cautions).map(({ who, text }) => (who.length ? `${listText(who)}: ${text}` : text));
}
