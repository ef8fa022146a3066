import { nameKey } from '../naming/naming.ts';

/** A lesson of the unit that a pasted list may name. */
export type LessonHeading = {
	readonly id: string;
	readonly number: number;
	readonly title: string;
	/** Where it stands among weeks with days, if the guide counts so. */
	readonly place?: { readonly week: number; readonly day: number } | null;
};

/** The lessons that a mark or a heading names. */
export type Named = {
	readonly lessons: readonly string[];
	/** For every lesson of the unit. */
	readonly all: boolean;
	/** The first lesson of every week. */
	readonly weekly: boolean;
	/** It names one that the unit does not have. */
	readonly unknown: boolean;
};

/** What bare numbers in brackets are in a list. */
export type Numbers = 'lesson' | 'week.day' | 'amount' | 'neither';

const WORDS = [
	'zero',
	...'one two three four five six seven eight nine ten eleven twelve'.split(' ')
] as readonly string[];
export const NUMBER = `(?:\\d{1,3}|${WORDS.slice(1).join('|')})`;
const DASH = '(?:-|–|—|to|through|thru)';
const RANGE = `${NUMBER}(?:\\s?${DASH}\\s?(?:l\\s?)?${NUMBER})?`;
const AND = '\\s?(?:,\\s?(?:and\\s|&\\s?)?|;\\s?|&\\s?|\\+\\s?|/\\s?|and\\s)';
/** "1, 3-5 and 7", with the word of the first number before others, too. */
export const NUMBERS = `${RANGE}(?:${AND}(?:l|les\\.?|lessons?)?\\s?#?${RANGE}){0,40}`;

const LESSON =
	'(?:lessons?|less\\.?|lsns?\\.?|les\\.?|l|sessions?|classes|class|chapters?|ch\\.?|experiments?|days?)';
const OF_LESSONS = new RegExp(`^(?:for |in |used in |see )?${LESSON}\\.?\\s?#?\\s?(${NUMBERS})$`, 'i');
const OF_WEEKS = new RegExp(`^(?:for |in |used in )?(?:weeks?|wks?|w)\\.?\\s?#?\\s?(${NUMBERS})$`, 'i');
const OF_DAYS = new RegExp(
	`^(?:for |in |used in )?(?:weeks?|wks?|w)\\.?\\s?#?\\s?(${NUMBER})\\s?[,:;.–—-]?\\s?(?:days?|d)\\.?\\s?#?\\s?(${NUMBERS})$`,
	'i'
);
const ALL =
	/^(?:for |in |used in )?(?:all|all lessons|all the lessons|every lesson|each lesson|all sessions|every session|every class|all classes|all weeks|all unit|(?:the )?(?:whole|entire) unit|throughout|throughout the (?:unit|book|year|course|study|program)|every day|daily|always|ongoing)$/i;
const WEEKLY = /^(?:weekly|every week|each week|once a week|once each week)$/i;
const BARE = new RegExp(`^(${NUMBERS})$`, 'i');
const WEEK_DAY = /^\d{1,2}\s?[./-]\s?\d{1,2}$/;
/** A longer line is none of a list. */
const LONGEST = 1000;
/** More lessons than that are named by no mark. */
const MOST = 200;

/** "1", "one" as a number. */
export function numberOf(text: string): number {
	return /^\d/.test(text) ? Number(text) : WORDS.indexOf(text.toLowerCase());
}

/**
 * The numbers of a list, ranges spelled out, in their order.
 *
 *     numbersIn('1, 3-5 and 7')   // [1, 3, 4, 5, 7]
 */
export function numbersIn(text: string): number[] {
	const found: number[] = [];
	const range = new RegExp(`(${NUMBER})(?:\\s?${DASH}\\s?(?:l\\s?)?(${NUMBER}))?`, 'gi');
	for (const [, from, to] of text.matchAll(range)) {
		const [first, last] = [numberOf(from), numberOf(to ?? from)];
		for (let n = first; n <= Math.max(first, last) && found.length < MOST; n++) found.push(n);
	}
	return found;
}

const known = new WeakMap<
	readonly LessonHeading[],
	readonly { readonly id: string; readonly key: string }[]
>();

/** The titles of lessons as they are compared; made once for each list of lessons. */
export function titleKeys(
	lessons: readonly LessonHeading[]
): readonly { readonly id: string; readonly key: string }[] {
	const made = known.get(lessons) ?? lessons.map(({ id, title }) => ({ id, key: nameKey(title) }));
	known.set(lessons, made);
	return made;
}

const none: Named = { lessons: [], all: false, weekly: false, unknown: false };

function lessonsNumbered(numbers: readonly number[], lessons: readonly LessonHeading[]): Named {
	const ids = numbers.map((number) => lessons.find((one) => one.number === number)?.id);
	return named(ids);
}

/** Lessons once each, in the order in which they were named. */
function named(ids: readonly (string | undefined)[]): Named {
	const known = ids.filter((id) => id !== undefined);
	return { ...none, lessons: [...new Set(known)], unknown: known.length < ids.length };
}

/** All lessons of some weeks. */
export function lessonsOfWeeks(weeks: readonly number[], lessons: readonly LessonHeading[]): Named {
	const own = lessons.filter(({ place }) => place && weeks.includes(place.week));
	const isThere = (week: number) => own.some(({ place }) => place!.week === week);
	return { ...named(own.map((one) => one.id)), unknown: !weeks.every(isThere) };
}

/** The lessons on some days of a week. */
export function lessonsOnDays(
	week: number,
	days: readonly number[],
	lessons: readonly LessonHeading[]
): Named {
	return named(days.map((day) => lessons.find(({ place }) => place?.week === week && place.day === day)?.id));
}

/**
 * The lessons that a mark names, in any of the notations of guides; null where it names none. Bare numbers are what
 * the list has shown them to be.
 *
 *     lessonsNamed('Les. 2, 5–7', lessons, 'amount')   // lessons 2, 5, 6 and 7
 */
export function lessonsNamed(
	text: string,
	lessons: readonly LessonHeading[],
	numbers: Numbers
): Named | null {
	const mark = text
		.replace(/\s+/g, ' ')
		.replace(/[\s.:;,]+$/, '')
		.trim();
	if (mark === '' || mark.length > 120) return null;
	if (ALL.test(mark)) return { ...none, all: true };
	if (WEEKLY.test(mark)) {
		const weeks = [...new Set(lessons.map(({ place }) => place?.week ?? null))];
		const firsts = weeks.map((week) => lessons.find(({ place }) => (place?.week ?? null) === week)?.id);
		return weeks[0] === null ? { ...none, all: true } : { ...named(firsts), weekly: true };
	}
	const days = OF_DAYS.exec(mark);
	if (days) return lessonsOnDays(numberOf(days[1]), numbersIn(days[2]), lessons);
	const several = mark.split(/\s?[;&]\s?|,\s(?=w)|\sand\s(?=w)/i);
	if (several.length > 1 && several.every((one) => OF_DAYS.test(one)))
		return several
			.map((one) => lessonsNamed(one, lessons, numbers)!)
			.reduce((sum, one) => ({
				...sum,
				lessons: [...new Set([...sum.lessons, ...one.lessons])],
				unknown: sum.unknown || one.unknown
			}));
	const weeks = OF_WEEKS.exec(mark);
	if (weeks) return lessonsOfWeeks(numbersIn(weeks[1]), lessons);
	const own = OF_LESSONS.exec(mark);
	if (own) return lessonsNumbered(numbersIn(own[1]), lessons);
	if (numbers === 'week.day') {
		const pairs = mark.split(/\s?[,;&]\s?|\sand\s/);
		if (pairs.every((pair) => WEEK_DAY.test(pair)))
			return named(
				pairs.map((pair) => {
					const [week, day] = pair.split(/\s?[./-]\s?/).map(Number);
					return lessons.find(({ place }) => place?.week === week && place.day === day)?.id;
				})
			);
	}
	const bare = numbers === 'lesson' || numbers === 'week.day' ? BARE.exec(mark) : null;
	if (bare) return lessonsNumbered(numbersIn(bare[1]), lessons);
	return null;
}

/** Whether a text is bare numbers, and how they look. */
export function bareNumbers(text: string): {
	readonly most: number;
	readonly isList: boolean;
	readonly isWeekDay: boolean;
	readonly falls: boolean;
} | null {
	const mark = text.trim();
	const pairs = mark.split(/\s?[,;&]\s?|\sand\s/);
	const dotted = pairs.every((pair) => /^\d{1,2}[./]\d{1,2}$/.test(pair));
	const dashed = pairs.every((pair) => /^\d{1,2}\s?[-–]\s?\d{1,2}$/.test(pair));
	if (!dotted && !BARE.test(mark)) return null;
	const falls =
		dashed &&
		pairs.some((pair) => ((a, b) => a >= b)(...(pair.split(/\s?[-–]\s?/).map(Number) as [number, number])));
	return {
		most: Math.max(...numbersIn(mark)),
		isList: !dotted && /[^\da-z]/i.test(mark.replace(/\s/g, '')),
		isWeekDay: dotted,
		falls
	};
}

const GROUPS = /\(([^()]{1,120})\)|\[([^[\]]{1,120})\]/g;

/** A line without the mark that names its lessons, and what that says. */
export type Marked = { readonly rest: string; readonly named: Named | null };

const LEADING_WORDS = new RegExp(
	`^(.{2,}?)(?:\\s?[–—]+\\s?|\\s-+\\s|\\s?[,;:]\\s?|\\s+)((?:for |in |used in )?(?:lessons?|lsns?\\.?|les\\.?|weeks?|wks?\\.?|all lessons|every lesson|all sessions|throughout|weekly)\\b.{0,80}|l\\d.{0,60})$`,
	'i'
);

/** Behind dots, a wide gap or a dash at the end of a line. */
const BEHIND_GAP = new RegExp(
	`^(.*?\\S)(?:\\s?\\.{3,}\\s?|\\s{2,}|\\t+|\\s[–—-]\\s|:\\s)(${NUMBERS}|all)$`,
	'i'
);

/**
 * Takes the mark that names lessons off a line: in brackets anywhere in it, or behind a dash or a comma at its end.
 *
 *     takeMark('ribbon – Lessons 1, 4', lessons, 'amount')   // { rest: 'ribbon', named: lessons 1 and 4 }
 */
export function takeMark(line: string, lessons: readonly LessonHeading[], numbers: Numbers): Marked {
	if (line.length > LONGEST) return { rest: line, named: null };
	const groups = [...line.matchAll(GROUPS)].reverse();
	for (const group of groups) {
		const inner = group[1] ?? group[2];
		const isNothing = numbers === 'neither' && bareNumbers(inner) !== null;
		const found = isNothing ? { named: null, left: '' } : insideOf(inner, lessons, numbers);
		if (!found) continue;
		const left = found.left === '' ? ' ' : ` (${found.left}) `;
		const behind = line.slice(group.index + group[0].length).trim();
		// Words behind the mark tell of the thing ("craft knife [2.2] adult only").
		const more =
			/^[–—-]?\s?[a-z]/i.test(behind) && group.index > 0 ? `(${behind.replace(/[()]/g, ' ')})` : behind;
		const rest = `${line.slice(0, group.index)}${left}${more}`;
		return {
			rest: rest
				.replace(/\s+/g, ' ')
				.replace(/ (?=[,.;:])/g, '')
				.trim(),
			named: found.named
		};
	}
	const behind = LEADING_WORDS.exec(line);
	// "left over from Lesson 2" tells of the thing and is no mark.
	const isTold = behind && /\b(?:from|in|of|with|since|after|like|as|see|to)$/i.test(behind[1]);
	const found = behind && !isTold ? lessonsNamed(behind[2], lessons, 'amount') : null;
	if (behind && found) return { rest: behind[1].trim(), named: found };
	const wide = BEHIND_GAP.exec(line);
	const numbered =
		wide && (numbers === 'lesson' || numbers === 'week.day' || /^[a-z]/i.test(wide[2]))
			? lessonsNamed(wide[2], lessons, numbers)
			: null;
	if (wide && numbered) return { rest: wide[1], named: numbered };
	return { rest: line, named: null };
}

/** What stands in brackets: the lessons, maybe beside something else ("optional; Lessons 2, 3"). */
function insideOf(
	inner: string,
	lessons: readonly LessonHeading[],
	numbers: Numbers
): { named: Named; left: string } | null {
	const whole = lessonsNamed(inner, lessons, numbers) ?? titled(inner, lessons);
	if (whole) return { named: whole, left: '' };
	const pieces = inner.split(/\s?;\s?/);
	for (const [at, piece] of pieces.entries()) {
		const named = pieces.length > 1 ? lessonsNamed(piece, lessons, numbers) : null;
		if (named) return { named, left: pieces.filter((_, i) => i !== at).join('; ') };
	}
	const [, front, behind] = /^(.+?),? ?((?:for )?(?:lessons?|les\.?|wks?\.?|weeks?)\b.*)$/i.exec(inner) ?? [];
	const last = behind && lessonsNamed(behind, lessons, 'amount');
	if (last) return { named: last, left: front.replace(/[\s,–—-]+$/, '') };
	const [, first, rest] =
		/^((?:lessons?|les\.?|wks?\.?|weeks?)[^,;:]+?)\s?[,:–—]\s?(\D.*)$/i.exec(inner) ?? [];
	const begins = first && lessonsNamed(first, lessons, 'amount');
	return begins ? { named: begins, left: rest } : null;
}

function titled(inner: string, lessons: readonly LessonHeading[]): Named | null {
	const key = nameKey(inner);
	const own = key.length > 3 ? titleKeys(lessons).find((one) => one.key === key) : undefined;
	return own ? { ...none, lessons: [own.id] } : null;
}
