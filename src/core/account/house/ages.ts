import type { Day } from '../../calendar/index.ts';
import { allergiesIn, monthsOld } from '../../cautions/index.ts';
import { latestBirth } from '../../house/index.ts';
import { counted, listText } from '../../words/index.ts';
import type { Row } from '../../facts/index.ts';

type Born = Pick<Row<'person'>, 'born' | 'born_within'>;

/** The birth that cautions go by: where only the age is known, the latest that it can be. */
export function youngest({ born, born_within }: Born): Day | null {
	return latestBirth({ born, bornWithin: born_within });
}

/** "10", "about 10", "18 months"; empty where no birth is known. */
export function ageText({ born, born_within }: Born, today: Day): string {
	if (born === null) return '';
	const months = monthsOld(born, today);
	return `${born_within ? 'about ' : ''}${months < 24 ? counted(months, 'month') : Math.floor(months / 12)}`;
}

/**
 * How somebody was understood, said back: “Kim, about 7: tree nuts”. An allergy of which nothing more is known than
 * its name is said to be one.
 */
export function personText(
	person: Born & { readonly name: string; readonly allergies: readonly string[] },
	today: Day
): string {
	const allergies = person.allergies.map((one) =>
		allergiesIn(one).some((known) => known.isKnown) ? one : `${one} (we only know its name)`
	);
	return [[person.name, ageText(person, today)].filter(Boolean).join(', '), listText(allergies)]
		.filter(Boolean)
		.join(': ');
}
