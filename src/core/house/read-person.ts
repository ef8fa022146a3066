import { isDay, type Day } from '../calendar/dates.ts';
import { allergiesIn } from '../cautions/allergens.ts';
import { bornAbout } from './age.ts';

/** Somebody as one would introduce them. */
export type TypedPerson = {
	readonly name: string;
	/** Null when the line names neither a date of birth nor an age. */
	readonly born: Day | null;
	/** Days by which the birth may lie before or after; 0 for a date, half a year for an age in years. */
	readonly bornWithin: number;
	/** By the names that labels use. */
	readonly allergies: readonly string[];
	/** Those of them of which nothing but the name is known. */
	readonly unknown: readonly string[];
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
const AGE_WORDS =
	'(?:about |almost |nearly )?(?:age[ds]? )?(\\d{1,3})(?: ?(½| 1/2))?[ -]*(years?|yrs?\\.?|yo|months?|mos?\\.?)?(?:[ -]*old)?';
const AGE = new RegExp(`^${AGE_WORDS}$`, 'i');
const NAME_WITH_AGE = new RegExp(`^(\\D*?\\p{L}['’.]?) (${AGE_WORDS})$`, 'iu');
/** “allergic to …”, “can’t have …”: what follows is an allergy. */
const BEFORE_ALLERGY =
	/^(.*?)\b(?:(?:is |has |with )*(?:an? )?(?:(?:severe|mild|food|known)(?:ly)? )*(?:allergic|allerg(?:y|ies)|intoleran(?:t|ces?)|sensitive|anaphyla\w+)(?: (?:to|of|are|is|include)\b)?|(?:can(?:no|['’])?t|may not|must not|doesn['’]t|does not) (?:have|eat|touch)|avoids?|no)\b(?: any\b)? *(.*)$/i;
/** “peanut allergy”, “lactose intolerant”, “gluten-free”: what stands before is one. */
const AFTER_ALLERGY = /^(.+?)(?: allerg(?:y|ies|ic)| intoleran(?:t|ce)| sensitivity|[ -]free)$/i;
/** One that says of nobody in particular that they are. */
const BEGINS_ALLERGY = /^(?:allergic|allerg(?:y|ies)|intolerant|can(?:no|['’])?t (?:have|eat))\b/i;
const NOTHING_TO_NOTE =
	/^(?:no|none|nothing|no (?:known )?(?:food )?allergies|allergies none|nka|nkda|epi-?pens?)$/i;
const FILLER =
	/^(?:(?:and|who|she|he|they|it|is|was|are|has|have|with|also|our|my|turns?|turning|born|birthday|in|on|a|an|the)(?:['’]s)? )+(?=.)/i;
/** Letters of a line; who writes more has forgotten to begin a new one. */
const LONGEST_LINE = 500;
/** A higher number among allergies is no age, years. */
const OLDEST_CHILD = 21;
const FILLER_BEHIND = /(?:^| )(?:born|birthday|is|was|on|in|b\.)$/i;
const DATE_MARK = '\u0001';
const CLOSED = '\u0002';

function month(text: string): string {
	return String(MONTHS.indexOf(text.slice(0, 3).toLowerCase()) + 1);
}

function iso(year: string, month: string, day: string): string {
	return `${year.padStart(4, '0')}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
}

/** Somebody while their line is being read. */
type Draft = {
	name: string;
	born: Day | null;
	bornWithin: number;
	allergies: string[];
	unknown: string[];
	unread: string[];
	/** A date that is none stands where a birth belongs. */
	hasDate: boolean;
	/** The last words were about allergies. */
	isListing: boolean;
};

const isAge = (part: string | undefined) =>
	part !== undefined && (AGE.test(part) || part.startsWith(DATE_MARK));
const isAllergen = (text: string) => allergiesIn(text).some((one) => one.isKnown);
const hasAge = (person: Draft) => person.born !== null || person.hasDate;

/**
 * Reads a line about one or several people, each with a date of birth or an age, in any usual form: with commas,
 * brackets, dashes or “and”, and allergies before or behind the age. Slashed dates are month first, unless `dayFirst`
 * or the first number says otherwise; a year of two digits stays as it is, as the year 16.
 *
 *     readPeople('Odile, May 3, 2016, allergic to peanuts and milk', false, '2027-01-22')
 *     // [{ name: 'Odile', born: '2016-05-03', bornWithin: 0, allergies: ['peanuts', 'milk'], unknown: [], unread: null }]
 *     readPeople('Ada 10, Bo 7 (tree nuts) and Cleo 3', false, '2027-01-22').length // 3
 *
 * Of adults nobody asks for an age, so that each name begins another one.
 */
export function readPeople(
	text: string,
	dayFirst: boolean,
	today: Day,
	who: 'children' | 'adults' = 'children'
): TypedPerson[] {
	if (text.length > LONGEST_LINE)
		return [
			{
				name: text.trim().slice(0, 40),
				born: null,
				bornWithin: 0,
				allergies: [],
				unknown: [],
				unread: 'all of it: a line isn’t that long'
			}
		];
	const dates: { raw: string; day: Day | null }[] = [];
	// Many blanks say no more than one, and take long to read around.
	let rest = text
		.replaceAll(DATE_MARK, ' ')
		.replaceAll(CLOSED, ' ')
		.replace(/\s+/g, ' ')
		.trim()
		.replace(/^(?:[-–—•*]|\d{1,2}[.)](?!\d)) ?/, '');
	for (const [pattern, read] of DATES)
		for (let found; (found = pattern.exec(rest)) && dates.length < 50;) {
			const day = read(found, dayFirst);
			rest = `${rest.slice(0, found.index)},${DATE_MARK}${dates.length},${rest.slice(found.index + found[0].length)}`;
			dates.push({ raw: found[0], day: isDay(day) ? day : null });
		}
	const parts = rest
		// What stands in brackets ends with them.
		.replace(/[)\]}]/g, `,${CLOSED},`)
		.replace(/\by ?\/ ?o\b/gi, 'yo')
		.split(
			/[,;()[\]{}·•|]| [-–—] |[–—]|: | ?\/ ?(?=\p{L})|(?<=\d|[\p{Ll}]{2})\. (?=\p{Lu})| (?:and|or|nor|&|\+) |: ?$|[.!] ?$/u
		)
		.map((part) => part.trim().replace(FILLER, '').replace(FILLER_BEHIND, '').trim())
		.filter(Boolean);
	const people: Draft[] = [];
	let loose: string[] = [];
	const last = () => people.at(-1);
	/** What was not understood before stays with whom it stood. */
	const settle = () => {
		last()?.unread.push(...loose);
		loose = [];
	};
	const begin = (name: string): Draft => {
		settle();
		const digits = /^(.*?\p{L}['’.]?) (\d.*)$/u.exec(name);
		people.push({
			name: digits ? digits[1] : name,
			born: null,
			bornWithin: 0,
			allergies: [],
			unknown: [],
			unread: digits ? [digits[2]] : [],
			hasDate: false,
			isListing: false
		});
		return last()!;
	};
	const addAllergy = (said: string) => {
		const person = last() ?? begin('');
		for (const { name, isKnown } of allergiesIn(said)) {
			if (!person.allergies.includes(name)) person.allergies.push(name);
			if (!isKnown && !person.unknown.includes(name)) person.unknown.push(name);
		}
		person.isListing = true;
	};
	const addAge = (part: string) => {
		const person = last() ?? begin('');
		if (hasAge(person)) {
			person.unread.push(part.startsWith(DATE_MARK) ? dates[Number(part.slice(1))].raw : part);
			return;
		}
		person.isListing = false;
		if (part.startsWith(DATE_MARK)) {
			const { raw, day } = dates[Number(part.slice(1))];
			person.hasDate = true;
			if (day) person.born = day;
			else person.unread.push(raw);
			return;
		}
		const [, count, half, unit = 'years'] = AGE.exec(part)!;
		const isMonths = /^m/i.test(unit);
		Object.assign(
			person,
			half && !isMonths
				? bornAbout(Number(count) * 12 + 6, 'months', today)
				: bornAbout(Number(count), isMonths ? 'months' : 'years', today)
		);
	};
	/** Words that are neither an age nor say of an allergy that they are one. */
	const addWords = (part: string, next: string | undefined) => {
		const person = last();
		if (!person) {
			begin(part);
			return;
		}
		const isCapital = /^\p{Lu}/u.test(part) && !isAllergen(part);
		const isNamed =
			who === 'adults'
				? isCapital || (!person.isListing && !isAllergen(part))
				: isAge(next)
					? hasAge(person) || isCapital
					: isCapital && next !== undefined && BEGINS_ALLERGY.test(next);
		if (isNamed) begin(part);
		else if (isAllergen(part) || person.isListing) addAllergy(part);
		else loose.push(part);
	};
	/** Whose allergy is named behind. */
	const readWho = (who: string) => {
		if (isAge(who) || NAME_WITH_AGE.test(who)) read(who, undefined);
		else begin(who);
	};
	const read = (part: string, next: string | undefined): void => {
		if (part === CLOSED) {
			if (last()) last()!.isListing = false;
			return;
		}
		if (isAge(part)) {
			settle();
			addAge(part);
			return;
		}
		if (last() && NOTHING_TO_NOTE.test(part)) return;
		const behind = AFTER_ALLERGY.exec(part);
		if (behind && !/^(?:food|known|no)$/i.test(behind[1])) {
			const [own, who] = splitOff(behind[1]);
			// “kiwi and mango allergies”: what stood before is one, too.
			const before = loose;
			loose = [];
			if (who) readWho(who);
			for (const one of before) {
				if (who || /^\p{Lu}/u.test(one)) last()?.unread.push(one);
				else addAllergy(one);
			}
			addAllergy(own);
			return;
		}
		const before = BEFORE_ALLERGY.exec(part);
		if (before) {
			const who = before[1].replace(FILLER, '').trim();
			if (who && !/^(?:she|he|they|food|known)(?:['’]s)?$/i.test(who)) readWho(who);
			settle();
			const person = last() ?? begin('');
			person.isListing = true;
			if (before[2] && !NOTHING_TO_NOTE.test(before[2])) addAllergy(before[2]);
			return;
		}
		const aged = NAME_WITH_AGE.exec(part);
		if (aged) {
			const name = aged[1].replace(/ (?:is|was|turns|turned)$/i, '').trim();
			// “red dye 40”
			if (last()?.isListing && Number(aged[3]) > OLDEST_CHILD) {
				addAllergy(part);
				return;
			}
			if (last() && isAllergen(name)) addAllergy(name);
			else begin(name);
			addAge(aged[2]);
			return;
		}
		// “Kim 7 nuts”
		const words = /^(.*?\p{L}['’.]?) (\d{1,3}(?: ?(?:years?|yrs?|yo|months?|mos?)(?: old)?)?) (.+)$/iu.exec(
			part
		);
		if (words && isAllergen(words[3])) {
			read(`${words[1]} ${words[2]}`, undefined);
			addAllergy(words[3]);
			return;
		}
		addWords(part, next);
	};
	for (const [i, part] of parts.entries())
		read(
			part,
			parts.slice(i + 1).find((one) => one !== CLOSED)
		);
	settle();
	return people.map(({ name, born, bornWithin, allergies, unknown, unread }) => ({
		name,
		born,
		bornWithin,
		allergies,
		unknown,
		unread: unread.length ? unread.join(', ') : null
	}));
}

/** “Bo has a tree nut” (allergy): the longest end that is known, and whose it is. */
function splitOff(text: string): readonly [allergen: string, who: string] {
	const said = /^(.*?) (?:has|with|is)(?: an?| the)? (.+)$/i.exec(text);
	if (said) return [said[2], said[1]];
	const words = text.split(' ');
	for (let from = 0; from < words.length; from++)
		if (isAllergen(words.slice(from).join(' ')))
			return [words.slice(from).join(' '), words.slice(0, from).join(' ')];
	return [text, ''];
}
