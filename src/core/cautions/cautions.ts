import type { Day } from '../calendar/dates.ts';
import { nameKey } from '../naming/naming.ts';
import { ALLERGEN_SOURCE, CAUTION_RULES, type CautionRule } from '../reference/caution-rules.ts';
import type { Source } from '../reference/sources.ts';
import { allergiesIn, mayHold } from './allergens.ts';

/** Someone who takes part, guests and adults included. */
export type Participant = {
	readonly name: string;
	/** Null for adults whose birth date is not kept. */
	readonly born: Day | null;
	readonly allergies: readonly string[];
};

export type Caution = {
	readonly rule: string;
	/** Those it concerns on that day; empty when it concerns everyone. */
	readonly who: readonly string[];
	readonly text: string;
	readonly source: Source;
};

/** Whole months between birth and a day; a child born later is 0 months old. */
export function monthsOld(born: Day, on: Day): number {
	const monthsTo = (day: Day) => Number(day.slice(0, 4)) * 12 + Number(day.slice(5, 7));
	const dayOf = (day: Day) => Number(day.slice(8));
	return Math.max(0, monthsTo(on) - monthsTo(born) - (dayOf(on) < dayOf(born) ? 1 : 0));
}

/** Whole years between birth and a day; null where the birth is not known. */
export function yearsOld(born: Day | null, on: Day): number | null {
	return born === null ? null : Math.floor(monthsOld(born, on) / 12);
}

/**
 * The usual cautions about a thing on a day, for those who take part.
 *
 *     cautionsFor('bead', '2027-01-26', [{ name: 'Tamsin', born: '2024-05-02', allergies: [] }])
 *     // [{ rule: 'small-parts', who: ['Tamsin'], text: 'Fits in a small mouth …' }]
 */
export function cautionsFor(item: string, day: Day, people: readonly Participant[]): Caution[] {
	const name = keyOf(item);
	const found: Caution[] = [];
	for (const rule of rulesFor(name)) {
		const who =
			rule.underMonths === null
				? []
				: people
						.filter((person) => person.born !== null && monthsOld(person.born, day) < rule.underMonths!)
						.map((person) => person.name);
		if (rule.underMonths !== null && who.length === 0) continue;
		found.push({ rule: rule.id, who, text: rule.text, source: rule.source });
	}
	return [...found, ...allergyCautions(item, people)];
}

/** One caution for each allergen that the thing may hold, with all who have that allergy. */
function allergyCautions(item: string, people: readonly Participant[]): Caution[] {
	const who = new Map<string, string[]>();
	for (const person of people)
		for (const allergy of new Set(person.allergies.flatMap(allergiesIn).map((one) => one.name)))
			who.set(allergy, [...(who.get(allergy) ?? []), person.name]);
	return [...who]
		.filter(([allergy]) => mayHold(item, allergy))
		.map(([allergy, names]) => ({
			rule: `${ALLERGY}${allergy}`,
			who: names,
			text: `${allergy[0].toUpperCase()}${allergy.slice(1)} allergy: read the label or use something else.`,
			source: ALLERGEN_SOURCE
		}));
}

/** How the rule of a caution about an allergy begins. */
const ALLERGY = 'allergy-';

/** Rules about what can choke somebody small. */
const CHOKING: ReadonlySet<string> = new Set([
	'small-parts',
	'small-ball',
	'balloon',
	'choking-food',
	'water-beads',
	'magnets'
]);

/** Whether a caution is about an allergy or what can choke, or do worse inside: such a one is never left out of a list. */
export const isGrave = ({ rule }: Caution): boolean => rule.startsWith(ALLERGY) || CHOKING.has(rule);

const known = new Map<string, readonly CautionRule[]>();
const keys = new Map<string, string>();
const MOST_KNOWN = 5000;

/** The rules about a thing, whoever takes part; looked up once for each name. */
function rulesFor(name: string): readonly CautionRule[] {
	let rules = known.get(name);
	if (!rules) {
		rules = CAUTION_RULES.filter(
			({ things, except = [] }) =>
				things.some((thing) => hasWords(name, thing)) && !except.some((thing) => hasWords(name, thing))
		);
		if (known.size >= MOST_KNOWN) known.clear();
		known.set(name, rules);
	}
	return rules;
}

/** Whether a phrase stands in a name as whole words. */
function hasWords(name: string, phrase: string): boolean {
	return ` ${name} `.includes(` ${keyOf(phrase)} `);
}

/** The same names come thousands of times in one computation. */
function keyOf(phrase: string): string {
	let key = keys.get(phrase);
	if (key === undefined) {
		if (keys.size >= MOST_KNOWN) keys.clear();
		keys.set(phrase, (key = nameKey(phrase)));
	}
	return key;
}
