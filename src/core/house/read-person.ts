import { isDay, type Day } from '../calendar/dates.ts';
import { bornAbout } from './age.ts';
import { ALLERGENS } from '../reference/caution-rules.ts';

/** Somebody as one would introduce them. */
export type TypedPerson = {
	readonly name: string;
	/** Null when the line names neither a date of birth nor an age. */
	readonly born: Day | null;
	/** Days by which the birth may lie before or after; 0 for a date, half a year for an age in years. */
	readonly bornWithin: number;
	readonly allergies: readonly string[];
	/** Words that look like a date of birth and are none. */
	readonly unread: string | null;
};

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const MONTH = '(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?';
const DATES: readonly (readonly [RegExp, (found: RegExpExecArray, dayFirst: boolean) => string])[] = [
	[/\b(\d{4})-(\d{1,2})-(\d{1,2})\b/, ([, y, m, d]) => iso(y, m, d)],
	[
		new RegExp(`\\b(\\d{1,2})(?:st|nd|rd|th)?\\.?\\s+(${MONTH}),?\\s+(\\d{4})\\b`, 'i'),
		([, d, m, y]) => iso(y, month(m), d)
	],
	[
		new RegExp(`\\b(${MONTH})\\s+(\\d{1,2})(?:st|nd|rd|th)?,?\\s+(\\d{4})\\b`, 'i'),
		([, m, d, y]) => iso(y, month(m), d)
	],
	[
		/\b(\d{1,2})[/.](\d{1,2})[/.](\d{4}|\d{2})\b/,
		([, a, b, y], dayFirst) => (dayFirst || Number(a) > 12 ? iso(y, b, a) : iso(y, a, b))
	]
];
const ALLERGIC = /[,;]?\s*\b(?:is )?allerg(?:ic to|y to|ies|y)\b:?\s*(.+)$/i;

/** "milk allergy", "nut and egg allergies", at the end of a line. */
const ALLERGY_OF = /[,;]\s*([^,;]{2,60}?)\s+allerg(?:y|ies)\s*$/i;
const AGE = /^(?:age[ds]?\s+)?(\d{1,3})[\s-]*(years?|yrs?\.?|y\/?o|months?|mos?\.?)?(?:[\s-]*old)?$/i;

function month(text: string): string {
	return String(MONTHS.indexOf(text.slice(0, 3).toLowerCase()) + 1);
}

function iso(year: string, month: string, day: string): string {
	return `${year.padStart(4, '0')}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
}

/**
 * Reads one line about a person, with a date of birth or an age. Slashed dates are month first, unless `dayFirst`
 * or the first number says otherwise; a year of two digits stays as it is, as the year 16.
 *
 *     readPerson('Odile, May 3, 2016, allergic to peanuts and milk', false, '2027-01-22')
 *     // { name: 'Odile', born: '2016-05-03', bornWithin: 0, allergies: ['peanuts', 'milk'], unread: null }
 *     readPerson('Perrin 7', false, '2027-01-22').born // '2019-07-23', within 183 days
 */
export function readPerson(text: string, dayFirst: boolean, today: Day): TypedPerson {
	// Many blanks say no more than one, and take long to read around.
	let rest = text.trim().replace(/\s{2,}/g, ' ');
	let allergies: string[] = [];
	const allergic = ALLERGIC.exec(rest) ?? ALLERGY_OF.exec(rest);
	if (allergic) {
		rest = rest.slice(0, allergic.index);
		allergies = allergic[1]
			.split(/\s*(?:[,;]|\band\b)\s*/i)
			.map(allergen)
			.filter(Boolean);
	}
	let born: Day | null = null;
	let unread: string | null = null;
	for (const [pattern, read] of DATES) {
		const found = pattern.exec(rest);
		if (!found) continue;
		const day = read(found, dayFirst);
		if (isDay(day)) born = day;
		else unread = found[0];
		rest = `${rest.slice(0, found.index)}, ${rest.slice(found.index + found[0].length)}`;
		break;
	}
	const name = rest
		.replace(/\b(?:born|birthday|was|is|on|in)\b/gi, ' ')
		.split(/[,;()]/)
		.map((part) => part.trim().replace(/\s+/g, ' '))
		.filter(Boolean);
	let bornWithin = 0;
	if (!born && !unread) {
		// "Odile 10" as well as "Odile, 10".
		const [, bare, behind] = /^(.*?\D)\s+((?:age[ds]?\s+)?\d{1,3}\b.*)$/i.exec(name[0] ?? '') ?? [];
		if (bare && AGE.test(behind)) name.splice(0, 1, bare.trim(), behind);
		const at = name.findIndex((part, i) => i > 0 && AGE.test(part));
		if (at > 0) {
			const [, count, unit = 'years'] = AGE.exec(name[at])!;
			({ born, bornWithin } = bornAbout(Number(count), /^m/i.test(unit) ? 'months' : 'years', today));
			name.splice(at, 1);
		}
	}
	const [first = '', ...others] = name;
	return {
		name: first,
		born,
		bornWithin,
		allergies,
		unread: unread ?? (others.length ? others.join(', ') : null)
	};
}

/** The name that the cautions know, for what people call it ("peanut", "eggs", "dairy"). */
function allergen(said: string): string {
	const word = said.trim().toLowerCase();
	const other: Readonly<Record<string, string>> = {
		dairy: 'milk',
		nuts: 'tree nuts',
		nut: 'tree nuts',
		gluten: 'wheat',
		soy: 'soybeans',
		shellfish: 'crustacean shellfish'
	};
	if (Object.hasOwn(other, word)) return other[word];
	const known = Object.keys(ALLERGENS);
	return known.find((one) => one === word || one === `${word}s` || `${one}s` === word) ?? word;
}
