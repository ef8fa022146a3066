import {
	foreignLanguage,
	isTitleOf,
	lessonHead,
	lessonsNamed,
	linesOf,
	takeMark,
	takeMeanings,
	wholeLines,
	withoutDate,
	type LessonHeading,
	type Meaning,
	type Named,
	type Numbers,
	type WholeLine
} from '../../pasted/index.ts';
import { DOUBT } from '../read/doubts.ts';
import { headingScope, isAmountOf, mayBeThings, onlyAnnounces } from '../read/heading.ts';
import { LONGEST, readSupplyLine, unread, withoutGaps } from '../read/line.ts';
import { normalize } from '../read/normalize.ts';
import type { ReadLine } from '../read/read-line.ts';
import { formOf, type ListForm } from './form.ts';
import { isKind, sectionOf, type Section } from './kinds.ts';
import { askedIn, isProse, sentencesOf } from './prose.ts';
import { tableLine, tableOf, type Ditto, type Table } from './table.ts';

/** One thing of a pasted list: as written, as read, and for which lessons. */
export type ListedLine = {
	/** Line of the text, from 1. */
	readonly lineNumber: number;
	readonly written: string;
	readonly read: ReadLine;
	/** The lessons that a mark or the heading above names, in the order of the unit; empty where none does. */
	readonly lessons: readonly string[];
	/** For every lesson of the unit. */
	readonly all: boolean;
	/** Whether the amount is for its lessons together, or for each of them. */
	readonly spread: 'total' | 'each';
	/** The heading above where it names a lesson that the unit does not have; null where it does not. */
	readonly ofMissing: string | null;
	/** The heading above that says for whom it is, or that it is optional, where the line does not. */
	readonly fromHeading: string | null;
};

/** A line that gave no thing. */
export type LeftOut = {
	readonly lineNumber: number;
	readonly written: string;
	readonly lesson: string | null;
	/** It may well name things ("Lesson 2: scissors, glue, tape"). */
	readonly maybe: boolean;
	/** Its use is known: it names a lesson, a kind, a mark, or belongs to the page. */
	readonly isUnderstood: boolean;
};

export type ReadList = {
	readonly lines: readonly ListedLine[];
	/** Every other line that is not empty. */
	readonly leftOut: readonly LeftOut[];
	/** Headings that name a lesson which the unit does not have. */
	readonly unknownHeadings: readonly { readonly lineNumber: number; readonly written: string }[];
	readonly form: ListForm;
	readonly language: string | null;
};

/** What is above a line: the lessons, the week, and what the last heading says. */
type Above = {
	missing: string | null;
	named: Named | null;
	week: number | null;
	section: Section | null;
	isWeek: boolean;
};

/** Lines that are read before others have their turn. */
const LINES_A_PART = 100;

/**
 * Reads a whole supply list as a book prints it: first how the list is made — what its marks and numbers mean, where
 * lines are broken, what are headings, tables and running text —, then each line by that. Every line that is not empty
 * is either a thing or left out.
 *
 *     readSupplyList('scissors (all)\nyarn, 2 m (1, 3)', lessons).lines.map(({ lessons }) => lessons)
 *
 * @param numbers what bare numbers in brackets are, where a person has said so
 */
export function readSupplyList(
	text: string,
	lessons: readonly LessonHeading[],
	numbers: Numbers | null = null
): ReadList {
	const reading = readingOf(text, lessons, numbers);
	for (;;) {
		const { done, value } = reading.next();
		if (done) return value;
	}
}

/** The same in parts, between which others may have their turn. */
export function* readingOf(
	text: string,
	lessons: readonly LessonHeading[],
	numbers: Numbers | null = null
): Generator<void, ReadList> {
	const language = foreignLanguage(text);
	const whole = wholeLines(linesOf(text));
	const form = formOf(whole, lessons, numbers);
	const lines: ListedLine[] = [];
	const leftOut: LeftOut[] = [];
	const unknownHeadings: { lineNumber: number; written: string }[] = [];
	const title = titleAt(whole, form, lessons);
	const signature = signatureAt(whole);
	const above: Above = { missing: null, named: null, week: null, section: null, isWeek: false };
	let table: Table | null = null;
	const ditto: Ditto = { named: null, week: null };
	for (const [at, line] of whole.entries()) {
		if (at % LINES_A_PART === LINES_A_PART - 1) yield;
		const written = withoutGaps(line.text).trim();
		if (written === '') continue;
		const before = lines.length;
		let isUnderstood = false;
		const put = (
			read: readonly ReadLine[],
			named: Named | null,
			meanings: readonly Meaning[],
			isEach: boolean
		) => {
			for (const one of read)
				lines.push(listed(one, { line, written, named, meanings, isEach, above, lessons }));
		};
		if (language) put(inOtherLanguage(written), null, [], false);
		else if (line.isFurniture || at === title || form.legends.has(line.lineNumber)) isUnderstood = true;
		else if (at === signature) isUnderstood = true;
		else if (line.text.length > LONGEST && !isProse(line.text.slice(0, LONGEST)))
			put(readSupplyLine(line.text), null, [], false);
		else {
			const header: Table | null = tableOf(line.text, lessons);
			const row = !header && table ? tableLine(line, table, lessons, ditto) : null;
			if (header) {
				table = header;
				ditto.named = null;
				isUnderstood = true;
			} else if (row && (row.rows.length > 0 || row.isOver)) {
				for (const one of row.rows) {
					const marked = takeMeanings(one.text, form.marks);
					const { rest, isEach } = withoutEach(marked.rest);
					const things = readSupplyLine(rest, true).map((thing): ReadLine => ({
						...thing,
						optional: thing.optional || one.optional,
						note: [thing.note, one.note].filter(Boolean).join('; ') || null
					}));
					put(things, one.named, marked.meanings, isEach);
				}
				isUnderstood = row.rows.length === 0;
			} else
				isUnderstood = readOne(line, written, whole[at + 1], { form, lessons, above, unknownHeadings, put });
		}
		if (lines.length === before)
			leftOut.push({
				lineNumber: line.lineNumber,
				written,
				lesson: above.named?.lessons[0] ?? null,
				maybe: !isUnderstood && mayBeThings(normalize(written)),
				isUnderstood: isUnderstood || !/\p{L}/u.test(written) || onlyAnnounces(normalize(written))
			});
	}
	return { lines, leftOut, unknownHeadings, form, language };
}

const TITLE =
	/\b(?:unit|study|list|suppl(?:y|ies)|materials?|needs?|inventory|gather|equipment|ingredients|checklist|shopping|co-?op|lab|club|camp|class|curriculum|season|what (?:you|to|we)|who brings|(?<!^)week|(?<!^)month)\b/i;

/** Where the title of a list stands; -1 where it has none. A first line without amount over a gap or a heading is one. */
function titleAt(lines: readonly WholeLine[], form: ListForm, lessons: readonly LessonHeading[]): number {
	const at = lines.findIndex(({ text, isFurniture }) => text.trim() !== '' && !isFurniture);
	if (at < 0) return -1;
	const text = lines[at].text.trim();
	if (text.length > LONGEST || text.endsWith(':')) return -1;
	const next = lines.slice(at + 1).find((line) => line.text.trim() !== '');
	if (
		!next ||
		lessonHead(text, lessons, null) ||
		tableOf(text, lessons) ||
		(isProse(text) && /[.!?,]$/.test(text))
	)
		return -1;
	if (/^[•*·▪☐□-]|^\d+\s?\p{L}|\d$|:\s+\d/u.test(text) || takeMark(text, lessons, form.numbers).named)
		return -1;
	const gaps = lines.filter((line) => line.text.trim() === '').length;
	const isOpen = lines[at + 1].text.trim() === '' && gaps * 2 < lines.length;
	const isOverHead =
		form.legends.has(next.lineNumber) ||
		next.isFurniture ||
		lessonHead(next.text, lessons, null) !== null ||
		tableOf(next.text, lessons) !== null ||
		isKind(next.text.trim());
	if (TITLE.test(text)) return isOpen || isOverHead || /^[\p{Lu}\d]/u.test(text) ? at : -1;
	return (isOpen && (text.split(' ').length > 1 || isOverHead)) || isOverHead ? at : -1;
}

/** Where the name stands that closes a letter, under thanks or a wish; -1 where there is none. */
function signatureAt(lines: readonly WholeLine[]): number {
	const at = lines.findLastIndex((line) => line.text.trim() !== '');
	const before = lines
		.slice(Math.max(0, at - 3), Math.max(0, at))
		.findLast((line) => line.text.trim() !== '');
	const text = lines[at]?.text.trim() ?? '';
	const isName =
		before !== undefined &&
		before.text.length < LONGEST &&
		isProse(before.text.trim()) &&
		/^(?:[-–—~]\s?)?(?:(?:Miss|Ms|Mrs|Mr|Dr)\.? )?\p{Lu}[\p{L}'.]*(?: (?:and |& )?\p{Lu}[\p{L}'.]*){0,3}$/u.test(
			text
		);
	return isName ? at : -1;
}

/** A lesson that the unit does not have. */
const MISSING: Named = { lessons: [], all: false, weekly: false, unknown: true };

type Reading = {
	readonly form: ListForm;
	readonly lessons: readonly LessonHeading[];
	readonly above: Above;
	readonly unknownHeadings: { lineNumber: number; written: string }[];
	readonly put: (
		read: readonly ReadLine[],
		named: Named | null,
		meanings: readonly Meaning[],
		isEach: boolean
	) => void;
};

/** One line that is none of a table. Answers whether it is understood where it gave no thing. */
function readOne(
	line: WholeLine,
	written: string,
	next: WholeLine | undefined,
	{ form, lessons, above, unknownHeadings, put }: Reading
): boolean {
	const head = lessonHead(written, lessons, above.week);
	if (head) {
		// "Lesson 1 – Kites: dowels, string": the title, and what it needs.
		const [, front, needs] = /^([^:]{3,80}):\s+(\S.*)$/.exec(head.rest) ?? [];
		const isBoth = needs !== undefined && isTitleOf(front, head.named, lessons) && front !== '';
		const behind = isBoth ? needs : head.rest;
		const isText = isProse(behind);
		const isTitle =
			!isText &&
			!isBoth &&
			(isTitleOf(behind, head.named, lessons) || (head.isWeek && !/[,;]|^\d/.test(behind)));
		const things = isTitle || isText ? [] : isBoth ? readSupplyLine(needs, true) : thingsBehind(behind);
		const isOther = form.headsAreTitled && !isTitle && !isText && things.length === 0;
		const named = isOther ? MISSING : head.named;
		const isMissing = named.unknown && named.lessons.length === 0;
		if (isMissing) unknownHeadings.push({ lineNumber: line.lineNumber, written });
		above.missing = isMissing ? written : null;
		if (things.length && (head.named.all || head.named.weekly)) {
			put(things, head.named, [], false);
			return true;
		}
		above.named = named;
		above.week = head.week;
		above.isWeek = head.isWeek;
		above.section = null;
		if (isText) readProse(behind, { form, lessons, put });
		else put(things, null, [], false);
		return true;
	}
	if (NONE.test(withoutDate(written))) return true;
	if (ELSEWHERE.test(written)) return false;
	const plain = written.replace(/^[\s•·▪●☐□–—-]+(?=\S)/u, '');
	if (isProse(plain) && !/^(?:note|notes):/i.test(plain)) {
		readProse(plain, { form, lessons, put });
		return true;
	}
	const columns = thingsSideBySide(line.text);
	if (columns) {
		for (const cell of columns)
			readOne({ ...line, text: cell }, cell, undefined, { form, lessons, above, unknownHeadings, put });
		return true;
	}
	const marked = takeMark(whoBrings(withoutGapsKept(line.text)), lessons, form.numbers);
	const { rest: unmarked, meanings } = takeMeanings(marked.rest, form.marks);
	const { rest, isEach } = withoutEach(unmarked);
	const scope = headingScope(normalize(written));
	const isBare = marked.named === null && meanings.length === 0;
	if (isBare && isHeadingHere(written, next, form)) {
		above.section = sectionOf(written, scope);
		return (
			above.section !== null ||
			isKind(normalize(written)) ||
			/:$/.test(written) ||
			written === written.toUpperCase()
		);
	}
	const read = readSupplyLine(rest);
	if (read.length === 0) {
		above.section = sectionOf(written, scope);
		return above.section !== null;
	}
	const hasStar = !form.starsAreKnown && /^\s*[•-]?\s*\*|\*\s*$/.test(line.text);
	put(hasStar ? read.map((one) => doubting(one, DOUBT.star)) : read, marked.named, meanings, isEach);
	return false;
}

const IN_LESSON =
	/^(?:for|in|on|during|by|throughout) (?:the |our |your )?((?:whole unit|entire unit|every lesson|all lessons|unit|(?:lessons?|sessions?|weeks?|days?|class)\s[\d\s,&a-z–-]{1,30}?|(?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|last) (?:lesson|session|class|meeting|week)))(?=,| (?:you|we|please|each|every|bring|the|they|everyone|your|our)\b)/i;

/** "Lesson 4: 1 candle" amid running text. */
const LESSON_HEAD = /^((?:lessons?|sessions?|weeks?|days?|class)\s\d[\d\s,&–-]{0,12}):\s/i;
/** "Lesson two uses a dozen beans": the lesson itself asks. */
const LESSON_NEEDS =
	/^(?:the )?((?:lesson|session|week|day|class) (?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)|(?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|last) (?:lesson|session|class|meeting|week)) (?:also |will )?(?:uses?|needs?|requires?|calls? for|takes?|wants?|asks? for):? (?=\S)/i;
const NOTHING_BUT = /^(?:nothing but|nothing more than|only|just) /i;
const ORDINALS = 'first second third fourth fifth sixth seventh eighth ninth tenth'.split(' ');

/** "first lesson" as "lesson 1"; "unit" as the whole of it. */
function inNumbers(named: string, last: number): string {
	const [, word, of] = /^(\w+) (lesson|session|class|meeting|week)$/i.exec(named) ?? [];
	const at = word ? ORDINALS.indexOf(word.toLowerCase()) + 1 || (/^last$/i.test(word) ? last : 0) : 0;
	return at ? `${/week/i.test(of) ? 'week' : 'lesson'} ${at}` : named.replace(/^unit$/i, 'whole unit');
}

/** Running text: what its sentences ask for, each for the lesson that was named last. */
function readProse(text: string, { form, lessons, put }: Pick<Reading, 'form' | 'lessons' | 'put'>): void {
	let named: Named | null = null;
	let found: { read: ReadLine[]; named: Named | null; isEach: boolean } | null = null;
	const flush = () => {
		if (found) put(found.read, found.named, [], found.isEach);
		found = null;
	};
	for (const sentence of sentencesOf(text)) {
		if (sentence.length > LONGEST) continue;
		const head = LESSON_HEAD.exec(sentence);
		const needs = LESSON_NEEDS.exec(sentence);
		const lead = head ?? needs ?? IN_LESSON.exec(sentence);
		named = (lead && lessonsNamed(inNumbers(lead[1], lessons.length), lessons, 'amount')) ?? named;
		const rest = lead ? sentence.slice(lead[0].length).replace(/^[\s,]+/, '') : sentence;
		const asked =
			askedIn(rest) ??
			((head ?? needs) && { text: rest.replace(NOTHING_BUT, '').replace(/[.!]+$/, ''), optional: false });
		if (!asked) {
			// What is done in a lesson is done with things: the line before it says that a sentence was left out.
			const last: ReadLine | undefined = found?.read.at(-1);
			if (lead && found && last)
				found.read = [...found.read.slice(0, -1), doubting(last, DOUBT.unread(sentence))];
			continue;
		}
		const marked = takeMark(asked.text, lessons, form.numbers);
		const { rest: line, isEach } = withoutEach(marked.rest);
		flush();
		found = {
			read: readSupplyLine(line, true).map((one) => ({ ...one, optional: one.optional || asked.optional })),
			named: marked.named ?? named,
			isEach
		};
	}
	flush();
}

/** What only points to another lesson's things. */
const ELSEWHERE =
	/^(?:see|refer to|same (?:\w+ ){0,2}as|as (?:in|for)|repeat) (?:.{0,40} )?(?:lessons?|weeks?|days?|sessions?)\b/i;

/** What says that nothing is wanted, or that there is no lesson. */
const NONE =
	/^(?:no (?:class|school|lesson|materials?|supplies|special (?:materials?|supplies)|new (?:materials?|supplies)|meeting|co-?op|prep)\b|nothing (?:new|special|needed|to (?:get|buy|bring|gather))?\b|none\b)/i;

/** Two or three things in columns, set apart by wide gaps; null where the line is one thing. */
function thingsSideBySide(text: string): string[] | null {
	const cells = text.trim().split(/\s{3,}/);
	const isThing = (cell: string) =>
		/\p{L}{3}/u.test(cell) && !isAmountOf(cell) && !/^[a-z(]{0,2}(?:per|each|for|with)\b/i.test(cell);
	return cells.length > 1 && cells.length < 5 && cells.every(isThing) ? cells : null;
}

const EACH_BRINGS =
	/^(\W*(?:each|every) (?:child|student|family|pair|group|kid)) (?:will |should |must )?(?:brings?|needs?) (?=[^:]+$)/i;
const SOMEBODY_BRINGS =
	/^(\W*(?:the )?(?:teachers?|leaders?|instructors?|tutors?|hosts?|hostess|volunteers?|parents?|helpers?) (?:will )?(?:brings?|provides?|supply|supplies)) (?=[^:]+$)/i;

/** "Each family brings 1 plate" as a label with what it labels. */
const whoBrings = (text: string): string =>
	text.replace(EACH_BRINGS, '$1: ').replace(SOMEBODY_BRINGS, '$1: ');

const withoutGapsKept = (text: string): string => text.trim().replace(/ {3,}/g, '  ');

const doubting = (line: ReadLine, doubt: string): ReadLine => ({
	...line,
	doubts: [...line.doubts, doubt],
	check: true
});

const EACH =
	/,?\s*\(?\b(?:per|each|every|for each|for every|a|an) (?:lesson|session|time|week|day|meeting)\b\)?|,?\s*\((?:each|every) time\)/i;

/** A line without "each lesson", which says that its amount is for each of them. */
function withoutEach(text: string): { rest: string; isEach: boolean } {
	const found = EACH.exec(text);
	if (!found || found.index === 0) return { rest: text, isEach: false };
	return {
		rest: `${text.slice(0, found.index)}${text.slice(found.index + found[0].length)}`.trim(),
		isEach: true
	};
}

/** Things that stand behind a lesson on its own line; none where what stands there is a title. */
function thingsBehind(rest: string): ReadLine[] {
	const read = readSupplyLine(rest);
	const isListed =
		/[,;]/.test(rest) ||
		(/^\p{Ll}/u.test(rest) && rest.split(' ').length < 4) ||
		/^\d/.test(rest) ||
		read.some((one) => one.amountSaid);
	return isListed ? read : [];
}

const OPTIONAL =
	/^(?:optional|extras?|if (?:available|possible|you have (?:it|them))|nice to have)(?: (?:items?|supplies|materials|things|extras?))?$/i;

const FOR_WHOM =
	/^(?:for|per) (?:the |each |every |your )?(?:teacher|leader|parent|mom|adult|child|children|famil(?:y|ies)|class|group|pair|student|team|house)s?(?: (?:only|to share))?$/i;

/** Whether a line without amount and mark stands over the lines below it, and names nothing to fetch. */
function isHeadingHere(written: string, next: WholeLine | undefined, form: ListForm): boolean {
	const text = written.replace(/^[•·▪●☐□\s]+/u, '').trim();
	if (/:$/.test(text)) return true;
	const letters = text.replace(/[^\p{L}]/gu, '');
	if (letters.length > 3 && letters === letters.toUpperCase() && !/\d/.test(text)) return true;
	if (/\d/.test(text)) return false;
	if (OPTIONAL.test(text) || FOR_WHOM.test(text)) return true;
	const core = text.replace(/\s*\([^()]*\)$/, '');
	const isFollowed = next !== undefined && next.text.trim() !== '';
	return isKind(core) && (isFollowed || form.isMarked || core.split(' ').length > 1);
}

function listed(
	one: ReadLine,
	of: {
		readonly line: WholeLine;
		readonly written: string;
		readonly named: Named | null;
		readonly meanings: readonly Meaning[];
		readonly isEach: boolean;
		readonly above: Above;
		readonly lessons: readonly LessonHeading[];
	}
): ListedLine {
	const { above } = of;
	const { section } = above;
	const isAlways = of.named === null && (of.meanings.some((each) => each.all) || section?.all === true);
	const named = of.named ?? (isAlways ? null : above.named);
	const all = isAlways || named?.all === true;
	const order = new Map(of.lessons.map((lesson, at) => [lesson.id, at]));
	const lessons = all ? [] : (named?.lessons ?? []).toSorted((a, b) => order.get(a)! - order.get(b)!);
	const scoped = section && inSection(one, section);
	const read = of.meanings.reduce(withMeaning, scoped ?? one);
	return {
		lineNumber: of.line.lineNumber,
		written: of.written,
		read: named?.unknown ? doubting(read, DOUBT.lesson) : read,
		lessons: named?.unknown && lessons.length === 0 ? [] : lessons,
		all,
		ofMissing: of.named || isAlways ? null : above.missing,
		spread: lessons.length > 1 && !of.isEach && !named?.weekly ? 'total' : 'each',
		fromHeading: scoped && section ? section.written : null
	};
}

function withMeaning(line: ReadLine, meaning: Meaning): ReadLine {
	return {
		...line,
		optional: line.optional || meaning.optional,
		...(meaning.per && line.per === 'family' ? meaning.per : {}),
		note: [line.note, meaning.note].filter(Boolean).join('; ') || null
	};
}

function inOtherLanguage(written: string): ReadLine[] {
	return /\p{L}/u.test(written) && !written.endsWith(':')
		? [{ ...unread(written), doubts: [DOUBT.language] }]
		: [];
}

/** A line as its heading has it; null where the line itself says it all. */
function inSection(line: ReadLine, section: Section): ReadLine | null {
	const takesPer = section.per !== null && line.per === 'family';
	const takesOptional = section.optional && !line.optional;
	if (!takesPer && !takesOptional && !section.note) return null;
	const { per, groupSize } = takesPer ? section.per! : line;
	const unknownSize = per === 'group' && groupSize === null && !line.doubts.includes(DOUBT.groupSize);
	const doubts = unknownSize ? [...line.doubts, DOUBT.groupSize] : line.doubts;
	return {
		...line,
		per,
		groupSize,
		optional: line.optional || section.optional,
		note: [line.note, section.note].filter(Boolean).join('; ') || null,
		doubts,
		check: doubts.length > 0
	};
}
