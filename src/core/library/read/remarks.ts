import type { ResourceKind, ResourceRole } from '../kinds.ts';

/** What a book list says of a book besides title, author and number. */
export type Said = {
	kind: ResourceKind | null;
	role: ResourceRole | null;
	fromAge: number | null;
	toAge: number | null;
	pages: number | null;
	optional: boolean;
};

const KINDS: readonly (readonly [RegExp, ResourceKind])[] = [
	[/^(?:an? )?(?:picture|board)[ -]?books?$/i, 'picture book'],
	[/^(?:an? )?magazines?$/i, 'magazine'],
	[
		/^(?:an? )?(?:dvds?|cds?|audio ?books?|audio cds?|blu-?rays?|films?|movies?|videos?|documentar(?:y|ies))$/i,
		'disc'
	],
	[/^(?:an? )?(?:board |card )?games?$/i, 'game'],
	[/^(?:an? )?(?:science )?kits?$/i, 'kit']
];
const ROLES: readonly (readonly [RegExp, ResourceRole])[] = [
	[/^(?:an? )?(?:family )?read[- ]?alouds?(?: books?)?$|^to read aloud$/i, 'read aloud'],
	[
		/^(?:an? )?(?:readers?|independent read(?:ing|ers?)|read[- ]alones?|to read alone|for independent reading|chapter books? to read alone|easy readers? to read alone)$/i,
		'read alone'
	],
	[/^(?:an? )?(?:references?|reference books?|for reference|encyclopedias?|atlas(?:es)?)$/i, 'reference'],
	[/^(?:the |a )?spines?(?: books?)?$/i, 'spine'],
	[/^(?:wordless(?: books?)?|(?:just )?to look at|look at)$/i, 'look at']
];
/** Labels in front that say a role, and would be a note behind the title. */
const LABEL_ROLES: readonly (readonly [RegExp, ResourceRole])[] = [
	...ROLES,
	[/^(?:chapter books?|(?:early|easy|beginning) readers?)$/i, 'read alone']
];

const OPTIONAL = /^(?:optional|if available|if you can find it|not required)$/i;

/** Labels that say only what sort of book it is. */
const GENRE =
	/^(?:books?|biograph(?:y|ies)|(?:non-?)?fiction|novels?|poetry|poems?|folk ?tales?|stor(?:y|ies)|memoir)$/i;

/** What a label in front says; null where it says nothing that is known. */
export function labelSays(label: string): Partial<Said> | null {
	const text = label.replace(/\s+(?:for|of) (?:the )?(?:whole|entire) unit$/i, '').trim();
	const optional = /^optional\b/i.test(text);
	const rest = text.replace(/^optional\b[\s,:-]*/i, '').trim();
	if (rest === '') return optional ? { optional } : null;
	const kind = KINDS.find(([words]) => words.test(rest))?.[1];
	const role = LABEL_ROLES.find(([words]) => words.test(rest))?.[1];
	if (kind) return { kind, ...(optional && { optional }) };
	if (role) return { role, ...(optional && { optional }) };
	return GENRE.test(rest) ? (optional ? { optional } : {}) : null;
}

/** One remark behind a title; false where it says nothing that has a field and so is a note. */
export function takeRemark(said: Said, remark: string): boolean {
	const text = remark.trim().replace(/[.]$/, '');
	if (text === '') return true;
	const kind = KINDS.find(([words]) => words.test(text))?.[1];
	const role = ROLES.find(([words]) => words.test(text))?.[1];
	if (kind) said.kind ??= kind;
	else if (role) said.role ??= role;
	else if (OPTIONAL.test(text)) said.optional = true;
	else {
		const pages = /^(\d{1,4})\s*(?:pp?\.?|pgs?\.?|pages)$/i.exec(text);
		const ages = pages ? null : agesIn(text);
		if (pages) said.pages = Number(pages[1]);
		else if (ages) Object.assign(said, ages);
		else return false;
	}
	return true;
}

/** Pages or chapters that are to be read: a note as it is written. */
export const isReading = (text: string): boolean =>
	/^(?:read )?(?:pp?\.?|pages?|pgs?\.?|chapters?|ch\.?)\s*\d+(?:\s*(?:[-–—,]|to|and|&)\s*\d+)*$/i.test(
		text.trim()
	);

/** What is dropped: years, and publishers with their year. */
export const isImprint = (text: string): boolean =>
	/^(?:©\s*|c)?(?:1[5-9]|20)\d\d$/.test(text.trim()) ||
	/^(?:[\p{Lu}][\p{L}.’'-]+(?:,\s*[A-Z]{2})?:\s*)?(?:\p{Lu}[\p{L}.’'&-]*[\s,]+|&\s*|and\s+|of\s+)+(?:1[5-9]|20)\d\d$/u.test(
		text.trim()
	);

const GRADE: Readonly<Record<string, number>> = {
	k: 0,
	kindergarten: 0,
	'pre-k': -2,
	prek: -2,
	'pre k': -2,
	preschool: -2,
	first: 1,
	second: 2,
	third: 3,
	fourth: 4,
	fifth: 5,
	sixth: 6,
	seventh: 7,
	eighth: 8
};
const LEVEL = String.raw`(?:pre-?\s?k|k(?:indergarten)?|preschool|\d{1,2}(?:st|nd|rd|th)?)`;
const TO = String.raw`\s*(?:[-–—]|to|through|thru)\s*`;

type Ages = { fromAge: number | null; toAge: number | null };

/**
 * Ages that a remark says; grades become ages: K is 5 to 6, grade n is n + 5 to n + 6. Null where it says none.
 *
 *     agesIn('K–2')      // { fromAge: 5, toAge: 8 }
 *     agesIn('age 6+')   // { fromAge: 6, toAge: null }
 */
export function agesIn(remark: string): Ages | null {
	const text = remark
		.trim()
		.toLowerCase()
		.replace(/^(?:for|best for|suitable for|recommended for)\s+/, '')
		.replace(/\s+(?:only|approx\.?)$/, '');
	if (/^(?:for )?all ages$|^any age$|^whole family$/.test(text)) return { fromAge: 0, toAge: null };
	const old = String.raw`\s*(?:years?(?: |-)?olds?|years?|yrs?\.?|yr\.? olds?)?`;
	const upTo = new RegExp(`^(?:ages? )?up to (?:age )?(\\d{1,2})${old}$`).exec(text);
	if (upTo) return { fromAge: 0, toAge: Number(upTo[1]) };
	const open = new RegExp(
		`^(?:ages?:?\\s*)?(\\d{1,2})${old}\\s*(?:\\+|(?:and|&) (?:up|older|above|over)|or older|up)${old}$`
	).exec(text);
	if (open) return { fromAge: Number(open[1]), toAge: null };
	const range = new RegExp(`^(ages?:?\\s*)?(\\d{1,2})${old}${TO}(\\d{1,2})(${old})$`).exec(text);
	if (range && (range[1] || range[4].trim())) return { fromAge: Number(range[2]), toAge: Number(range[3]) };
	const one = new RegExp(`^(?:ages?:?\\s*)(\\d{1,2})${old}$`).exec(text);
	if (one) return { fromAge: Number(one[1]), toAge: Number(one[1]) };
	return grades(text);
}

function grades(text: string): Ages | null {
	const said = String.raw`(?:grades?|gr\.?|grade levels?)`;
	const found = new RegExp(
		`^(?<word>${said}:?\\s*)?(?<from>${LEVEL}|first|second|third|fourth|fifth|sixth|seventh|eighth)(?:${TO}(?<to>${LEVEL}|first|second|third|fourth|fifth|sixth|seventh|eighth))?(?<open>\\s*(?:\\+|(?:and|&) (?:up|above|older)))?(?<behind>\\s*(?:grades?|graders?))?$`
	).exec(text);
	if (!found) return null;
	const { word, from, to, open, behind } = found.groups!;
	const isLetter = /^(?:k|pre|kinder)/.test(from);
	if (!word && !behind && !isLetter) return null;
	const [first, last] = [gradeOf(from), to === undefined ? null : gradeOf(to)];
	return {
		fromAge: first === -2 ? 3 : first + 5,
		toAge: open ? null : (last ?? first) === -2 ? 5 : (last ?? first) + 6
	};
}

function gradeOf(text: string): number {
	const plain = text.trim();
	return GRADE[plain] ?? Number(plain.replace(/\D/g, ''));
}

/**
 * The pages to read that a note names; null where it names none.
 *
 *     pagesToRead('great pictures; pp. 10–14')   // { from: 10, to: 14 }
 */
export function pagesToRead(note: string): { from: number; to: number } | null {
	const found =
		/(?:^|[;,]\s*)(?:read )?(?:pp?\.?|pages?|pgs?\.?)\s*(\d{1,4})(?:\s*(?:[-–—]|to)\s*(\d{1,4}))?(?=$|[;,])/i.exec(
			note.trim()
		);
	if (!found) return null;
	const [from, to] = [Number(found[1]), Number(found[2] ?? found[1])];
	return from >= 1 && to >= from ? { from, to } : null;
}
