import { isDay, type Day } from '../calendar/dates.ts';
import { ALLERGENS } from '../reference/caution-rules.ts';

/** Somebody as one would introduce them. */
export type TypedPerson = {
	readonly name: string;
	/** Null when the line names no date of birth. */
	readonly born: Day | null;
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

function month(text: string): string {
	return String(MONTHS.indexOf(text.slice(0, 3).toLowerCase()) + 1);
}

function iso(year: string, month: string, day: string): string {
	return `${year.padStart(4, '0')}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
}

/**
 * Reads one line about a person. Slashed dates are month first, unless `dayFirst` or the first
 * number says otherwise; a year of two digits stays as it is, as the year 16.
 *
 *     readPerson('Odile, May 3, 2016, allergic to peanuts and milk', false)
 *     // { name: 'Odile', born: '2016-05-03', allergies: ['peanuts', 'milk'], unread: null }
 */
export function readPerson(text: string, dayFirst: boolean): TypedPerson {
	// Many blanks say no more than one, and take long to read around.
	let rest = text.trim().replace(/\s{2,}/g, ' ');
	let allergies: string[] = [];
	const allergic = ALLERGIC.exec(rest);
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
	const [first = '', ...others] = name;
	return { name: first, born, allergies, unread: unread ?? (others.length ? others.join(', ') : null) };
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
