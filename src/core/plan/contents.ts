import { linesOf } from '../pasted/index.ts';
import { asMeant, isNoLesson, takeSaid } from './contents-line.ts';

/** A lesson as a book's table of contents prints it. */
export type ContentsLesson = {
	/** As printed, or null when the book does not number them. */
	readonly number: number | null;
	readonly title: string;
	/** First page, where one is printed. */
	readonly page: number | null;
	/** What the book lists below the lesson. */
	readonly topics: readonly string[];
	/** Month and day as printed, "12-22"; null where there is none. */
	readonly date: string | null;
	/** Week and day as printed; null where none is. */
	readonly week: number | null;
	readonly day: number | null;
	/** The week that it stands in, where weeks have days. */
	readonly within: { readonly week: number; readonly title: string; readonly day: number } | null;
	/** Days that it takes, where they stand below it. */
	readonly sessions: number;
	readonly optional: boolean;
	/** Line of the text, from 1. */
	readonly lineNumber: number;
};

export type ReadContents = {
	readonly lessons: readonly ContentsLesson[];
	/** Lines that are no lesson, and why. */
	readonly leftOut: readonly {
		readonly lineNumber: number;
		readonly written: string;
		readonly why: string;
	}[];
};

type Entry = {
	readonly lineNumber: number;
	readonly written: string;
	readonly indent: number;
	/** "Lesson", "3." … in front of the title. */
	readonly label: 'lesson' | 'week' | 'day' | 'other' | 'number' | 'none';
	readonly word: string;
	readonly optional: boolean;
	readonly number: number | null;
	readonly date: string | null;
	readonly sessions: number | null;
	/** The week in front of a day on one line. */
	readonly week: number | null;
	title: string;
	page: number | null;
	/** A number behind the title with nothing but a space between: perhaps its page. */
	readonly maybePage: number | null;
};

const NUMBER_WORDS =
	'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen'.split(' ');
const LABEL = new RegExp(
	`^(lessons?|class(?:es)?|meetings?|workshops?|investigations?|experiments?|chapters?|weeks?|days?|topics?|sessions?|modules?|units?|parts?|sections?|ch\\.?|wk\\.?|les\\.?|mon(?:day)?|tue(?:s(?:day)?)?|wed(?:nesday)?|thu(?:rs(?:day)?)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)(?:(?<=\\w{3}day|mon|tues?|wed|thu(?:rs)?|fri|sat|sun)(?=\\s*[:.–—-])|\\s+#?(\\d{1,3}|[ivxlc]{1,6}|${NUMBER_WORDS.join('|')})\\b)(?:\\s*(?:[-–—]|to)\\s*\\d{1,3})?\\s*[:.)–—-]*\\s*(.*)$`,
	'i'
);
const SHORT = /^([lwd])\s?(\d{1,2})(?:\s*[:.)–—-]|\s)\s*(.*)$/i;
const NUMBERED = /^(\d{1,3}|\d{1,2}\.\d{1,2})\s*(?:[.:)–—]|\s-\s|\s)\s*(\D.*)$/;
const ROMAN_NUMBERED = /^([IVXLC]{1,6})(?:\s*[.:)–—]|\s-\s|\s)\s*(\D.*)$/;
const LEADER =
	/^(.*?)(?:\s*(?:\.{2,}|…|·{2,}|_{2,}|(?:\s[.·]){2,})[\s.…·_]*|\t+\s*|\s{2,})(?:p{1,2}\.?\s*|page\s*)?(\d{1,4}|\d[\dlIO|]{1,3}|[ivxl]{1,6})(?:\s*[-–—]\s*\d{1,4})?\s*$/i;
const COMMA_PAGE = /^(.*?)[,(]?\s*\b(?:pp?\.?|pgs?\.?|pages?)\s*(\d{1,4})(?:\s*[-–—]\s*\d{1,4})?\)?\s*$/i;
const SPACE_PAGE = /^(.*\S)\s+(\d{1,4})\s*$/;
const HEADING = /^(?:table of )?contents?:?$/i;
const MATTER =
	/^(?:introduction|foreword|preface|acknowledge?ments?|appendix.*|appendices|glossary|index|dedication|contents|before (?:you|we) (?:begin|start).*|getting (?:started|ready)|what (?:to|you(?:'ll| will)?) (?:buy|need|gather|bring).*|to the (?:teacher|parent|student|reader)s?.*|a (?:note|word|letter) (?:to|from|for|about).*|for further (?:reading|study).*|further (?:reading|study)|certificates?.*|planning (?:pages?|guide|sheets?).*|teacher'?s?'? (?:notes?|guide|pages?).*|overview|calendar|(?:a )?(?:note|letter) to .*|suggested .*|recommended .*|(?:unit )?(?:supplies|materials)(?: (?:needed|checklist))?|(?:master )?(?:supply|materials|shopping|book|reading|resource|video|vocabulary|word) ?lists?.*|list of .*|copy ?work pages|patterns(?: and .*)?|maps and .* to copy|pages to copy|student pages|blackline masters?.*|extras?|additional .*|more (?:books|resources|ideas).*|standards.*|objectives|goals|philosophy|final (?:notes|thoughts)|works cited|sources|photo credits|permissions|terms of use|license|cover|title page|thank you.*|welcome!?|hello!?|bibliography|references|resources|answer keys?|answers|how to use.*|about (?:the|this) .*|welcome.*|supply lists?|materials? lists?|book lists?|notes to .*|scope and sequence|schedule|copyright.*|credits|epilogue|printables?|templates?)$/i;
const ROMAN: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10, l: 50, c: 100 };

/**
 * Reads a table of contents as pasted: "Lesson 3 Scale and Distance … 22". Lines below a lesson that
 * carry no number of their own are its topics; front and back matter is left out and said. Days inside weeks are the
 * lessons, days inside a lesson its sessions. Lines that were left out can be let in, as they are written.
 *
 *     readContents('Lesson 1 A map of the table ...... 5').lessons[0]
 *     // { number: 1, title: 'A map of the table', page: 5, topics: [], … }
 */
export function readContents(text: string, letIn: ReadonlySet<string> = new Set()): ReadContents {
	const leftOut: { lineNumber: number; written: string; why: string }[] = [];
	const entries: Entry[] = [];
	for (const { line, lineNumber } of inOneColumn(linesOf(text))) {
		const written = line.trim();
		if (!written) continue;
		if (written.length > LONGEST) {
			leftOut.push({ lineNumber, written: `${written.slice(0, 80)}…`, why: 'too long for a title' });
			continue;
		}
		if (HEADING.test(asMeant(written).replace(/[\s.…·_ivxl\d]+$/u, '')))
			leftOut.push({ lineNumber, written, why: 'a heading' });
		else if (!/\p{L}/u.test(written)) leftOut.push({ lineNumber, written, why: 'no words in it' });
		else entries.push(entryOf(withoutRuns(line), lineNumber));
	}
	takeRoman(entries);
	takeBarePages(entries);
	const joined = joinWrapped(entries);
	const kind = lessonLabel(joined);
	// Where lines carry dates, one without is no lesson.
	const isDated = joined.filter((entry) => entry.date !== null).length * 2 > joined.length;
	const labelled = new Set(joined.filter((entry) => entry.label === kind).map((entry) => entry.number));
	const lessons: (Omit<ContentsLesson, 'topics'> & { topics: string[]; indent: number; days: number })[] = [];
	let week = null as { week: number; title: string; days: number } | null;
	for (const entry of joined) {
		const out = (why: string) => leftOut.push({ lineNumber: entry.lineNumber, written: entry.written, why });
		const last = lessons.at(-1);
		const isIn = letIn.has(entry.written);
		if (entry.label === 'week' && kind !== 'week' && !isIn) {
			week = { week: entry.number ?? (week?.week ?? 0) + 1, title: entry.title, days: 0 };
			out(kind === 'day' ? 'a week, with its days below' : 'a heading over several lessons');
		} else if (MATTER.test(asMeant(entry.title)) && !isIn) out('not a lesson');
		else if (isNoLesson(entry.title) && !isIn) out('no lesson that day');
		else if (
			isIn ||
			isLesson(entry, kind, isDated) ||
			(last && goesOn(entry, last) && !labelled.has(entry.number))
		) {
			const { number, page, lineNumber, indent, optional, date } = entry;
			const isDay = entry.label === 'day';
			if (week) week.days = isDay ? (number ?? week.days + 1) : week.days + 1;
			lessons.push({
				number,
				title: entry.title || `${entry.word} ${number ?? ''}`.trim(),
				page,
				topics: [],
				date,
				week: entry.week ?? week?.week ?? (entry.label === 'week' ? number : null),
				day: isDay ? number : null,
				within:
					entry.week !== null && isDay
						? { week: entry.week, title: '', day: number ?? 1 }
						: week && kind === 'day'
							? { week: week.week, title: week.title, day: week.days }
							: null,
				sessions: entry.sessions ?? 1,
				optional,
				lineNumber,
				indent,
				days: 0
			});
		} else if (entry.label === 'day' && last) {
			// The days of a lesson are its sessions.
			last.days++;
			if (entry.title) last.topics.push(entry.title);
		} else if (entry.label === 'other') out('a heading over several lessons');
		else if (last && (entry.indent > last.indent || kind !== 'none')) last.topics.push(entry.title);
		else out('no number where the others have one');
	}
	return {
		lessons: lessons.map(({ indent: _, days, ...lesson }) => ({
			...lesson,
			sessions: Math.max(lesson.sessions, days)
		})),
		leftOut: leftOut.sort((a, b) => a.lineNumber - b.lineNumber)
	};
}

type Numbered = { readonly line: string; readonly lineNumber: number };

const COLUMN_GAP = /\s{2,}|\t/;
const COUNTED =
	/^(?:(?:[Ll]esson|LESSON|[Cc]hapter|[Ww]eek|[Dd]ay|[Tt]opic|[Ss]ession|[Uu]nit|L|Ch\.?)\s*)?#?(?:(\d{1,3})|([IVXLC]{1,6}))(?=[.:)\s–—-]).*\p{L}/u;

/** Two columns that were pasted as one: the right one counts on where the left one ends. */
function inOneColumn(lines: readonly string[]): Numbered[] {
	const plain = lines.map((line, i) => ({ line, lineNumber: i + 1 }));
	const numberIn = (text: string) => {
		const [, digits, roman] = COUNTED.exec(text.trim()) ?? [];
		return digits ? Number(digits) : roman ? (numberOf(roman) ?? NaN) : NaN;
	};
	const halves = plain.map(({ line, lineNumber }) => {
		if (line.length > 400) return null;
		const pieces = line.trim().split(COLUMN_GAP);
		for (let i = 1; i < pieces.length; i++) {
			const right = line.trim().slice(line.trim().indexOf(pieces[i], pieces.slice(0, i).join('').length));
			const left = line
				.trim()
				.slice(0, line.trim().length - right.length)
				.trim();
			// A number alone may be the page of the left one; the words of a title follow a lesson's.
			const isLesson = /\p{Ll}/u.test(/^[\dIVXLC]+$/.test(pieces[i]) ? (pieces[i + 1] ?? '') : pieces[i]);
			if (isLesson && numberIn(right) > numberIn(left)) return { left, right, lineNumber };
		}
		return null;
	});
	const two = halves.filter((half) => half !== null);
	if (two.length < 2 || two.length * 2 < plain.filter(({ line }) => /\p{L}/u.test(line)).length) return plain;
	const lastLeft = Math.max(...two.map(({ left }) => numberIn(left)));
	if (numberIn(two[0].right) <= lastLeft - 1) return plain;
	return [
		...plain.map((one, i) => ({ ...one, line: halves[i]?.left ?? one.line })),
		...two.map(({ right, lineNumber }) => ({ line: right, lineNumber }))
	];
}

/** "I. Rocks", "II. Minerals": capital letters are numbers only where they count on from the first. */
function takeRoman(entries: Entry[]): void {
	const at = entries.flatMap((entry, i) => {
		const found = entry.label === 'none' ? ROMAN_NUMBERED.exec(entry.title) : null;
		return found ? [{ i, number: numberOf(found[1]), title: found[2] }] : [];
	});
	if (at.length < 2 || at.some(({ number }, i) => number !== i + 1)) return;
	for (const { i, number, title } of at)
		entries[i] = { ...entries[i], label: 'number', number, title: tidy(title) };
}

/** Where a lesson stands among weeks and days, as its note says it. */
export function withinText({ week, title, day }: NonNullable<ContentsLesson['within']>): string {
	return `Week ${week}${title ? `: ${title}` : ''}, day ${day}`;
}

/**
 * Week and day of a lesson, from a note that says them; null where it says none.
 *
 *     weekAndDay('Week 2: Seeds, day 1')   // { week: 2, day: 1 }
 */
export function weekAndDay(note: string): { week: number; day: number } | null {
	const found = /^Week (\d{1,3})\b[^\n]{0,200}?, day (\d{1,2})\b/.exec(note);
	return found && { week: Number(found[1]), day: Number(found[2]) };
}

/** A line of a table of contents is not longer than this many characters, its leader aside. */
const LONGEST = 3000;

/** Leaders and gaps say as much with four signs as with four hundred, and are read in a moment. */
function withoutRuns(line: string): string {
	const indent = /^\s{0,40}/.exec(line)![0];
	return (
		indent +
		line
			.trim()
			.replace(/([.·_…])\1{3,}/g, '$1$1$1')
			.replace(/(?: \.){4,}/g, ' . . .')
			.replace(/[^\S\t]{3,}/g, '  ')
			.replace(/\t{2,}/g, '\t')
			.replace(/^\|\s*|\s*\|$/g, '')
			.replace(/\s*\|\s*/g, '  ')
			.slice(0, 400)
	);
}

const KIND_OF_LABEL: readonly (readonly [RegExp, Entry['label']])[] = [
	[/^(?:unit|part|section|module)$/, 'other'],
	[/^(?:week|wk|w)$/, 'week'],
	[/^(?:day|d|mon|tue|wed|thu|fri|sat|sun)/, 'day']
];

function entryOf(line: string, lineNumber: number): Entry {
	const indent = line.replaceAll('\t', '    ').search(/\S/);
	const written = line.trim();
	const said = written.replace(/^[-*•▪–]\s+/, '');
	const about = takeSaid(said);
	const optional = /^\(?optional\)?\s*[:–—-]?\s+|\s*\(optional\)(?=\s*(?:$|[:.–—-]))/i.exec(about.rest);
	const plain = withoutLeaders(optional ? about.rest.replace(optional[0], '') : about.rest);
	const paged = LEADER.exec(plain) ?? COMMA_PAGE.exec(plain);
	const page =
		paged && /\d/.test(paged[2]) ? Number(paged[2].replace(/[lI|]/g, '1').replace(/O/g, '0')) : null;
	// What stood behind the page, or in front of it, may still be said of the lesson.
	const inner = paged ? takeSaid(paged[1]) : null;
	const front = (inner?.rest ?? plain).replace(/[\s.…·_,]+$/u, '');
	const outer = WEEK_AND_DAY.exec(front);
	const labelled = LABEL.exec(outer ? outer[2] : asLabelled(front)) ?? SHORT.exec(front);
	const numbered = labelled ? null : NUMBERED.exec(front);
	const word = labelled
		? labelled[1]
				.replace(/\.$/, '')
				.replace(/(?<!^tue|^thur|^clas)s$/i, '')
				.toLowerCase()
		: '';
	const title = tidy(labelled ? labelled[3] : numbered ? numbered[2] : front);
	const bare = paged ? null : SPACE_PAGE.exec(title);
	return {
		lineNumber,
		written,
		indent,
		word: word ? word[0].toUpperCase() + word.slice(1) : '',
		label: labelled
			? (KIND_OF_LABEL.find(([words]) => words.test(word))?.[1] ?? 'lesson')
			: numbered
				? 'number'
				: 'none',
		optional: optional !== null || /\(optional\)/i.test(front),
		date: about.date ?? inner?.date ?? null,
		sessions: about.sessions ?? inner?.sessions ?? spanOf(labelled),
		week: outer ? numberOf(outer[1]) : null,
		number: labelled
			? labelled[2]
				? numberOf(labelled[2])
				: null
			: numbered && !numbered[1].includes('.')
				? Number(numbered[1])
				: null,
		title,
		page,
		maybePage: bare ? Number(bare[2]) : null
	};
}

const WEEK_AND_DAY = new RegExp(
	`^(?:weeks?|wk\\.?)\\s?#?(\\d{1,2}|${NUMBER_WORDS.join('|')})\\s?[,:;.–—-]?\\s(days?\\s.*)$`,
	'i'
);

/** Two or more days that one line names: "Days 3–4". */
function spanOf(labelled: RegExpExecArray | null): number | null {
	const found = labelled && /^\S+\s+#?(\d{1,3})\s*(?:[-–—&]|to|and)\s*(\d{1,3})\b/i.exec(labelled[0]);
	const span = found ? Number(found[2]) - Number(found[1]) + 1 : 0;
	return span > 1 && span < 11 ? span : null;
}

/** A label that was spelled with a figure ("Less0n 6"), as it was meant. */
const asLabelled = (front: string): string =>
	front.replace(/^[\p{L}\d]{4,8}(?=\s+#?\d)/u, (word) =>
		/\d/.test(word) && /^(?:lesson|chapter|session|week)$/.test(asMeant(word)) ? asMeant(word) : word
	);

/** Dots that a bad copy mixed with other marks, as a row of dots. */
const withoutLeaders = (line: string): string =>
	line.replace(/\s?(?:[.·,'’_…]\s?){4,}(?=[\divxlI]{1,5}$)/u, ' ... ');

function tidy(title: string): string {
	return title
		.replace(/\s*\(optional\)\s*/i, ' ')
		.replace(/^[:.)–—\s-]+/, '')
		.replace(/[\s:.…·_–—-]+$/u, '')
		.replace(/\s+/g, ' ')
		.slice(0, 200);
}

function numberOf(text: string): number | null {
	if (/^\d+$/.test(text)) return Number(text);
	const word = NUMBER_WORDS.indexOf(text.toLowerCase());
	if (word >= 0) return word + 1;
	const values = [...text.toLowerCase()].map((letter) => ROMAN[letter]);
	return values.reduce((sum, value, i) => sum + (value < (values[i + 1] ?? 0) ? -value : value), 0);
}

/**
 * Takes numbers behind a single space as pages only where most lines have a page, those behind leaders
 * counted, and none goes back.
 */
function takeBarePages(entries: readonly Entry[]): void {
	const pageOf = (entry: Entry) => entry.page ?? entry.maybePage;
	const paged = entries.filter((entry) => pageOf(entry) !== null);
	const lines = entries.filter((entry) => entry.page !== null || !['other', 'week'].includes(entry.label));
	if (paged.length < 3 || paged.length * 10 < lines.length * 6) return;
	if (paged.some((entry, i) => i > 0 && pageOf(entry)! < pageOf(paged[i - 1])!)) return;
	for (const entry of paged) {
		if (entry.page !== null) continue;
		entry.page = entry.maybePage;
		entry.title = tidy(entry.title.replace(/\s+\d{1,4}$/, ''));
	}
}

/** A title that was broken over two lines: the first has a number and no page, the second the page. */
function joinWrapped(entries: readonly Entry[]): Entry[] {
	const paged = entries.filter((entry) => entry.page !== null).length;
	const result: Entry[] = [];
	for (const entry of entries) {
		const last = result.at(-1);
		if (
			last &&
			paged * 2 >= entries.filter((one) => !['other', 'week'].includes(one.label)).length &&
			last.label !== 'none' &&
			last.page === null &&
			entry.label === 'none' &&
			entry.page !== null &&
			!MATTER.test(entry.title)
		) {
			last.title = tidy(`${last.title}${last.written.endsWith(',') ? ',' : ''} ${entry.title}`);
			last.page = entry.page;
		} else result.push({ ...entry });
	}
	return result;
}

/**
 * What marks a lesson in this book: its word, the days of weeks, else its number, its weeks, its parts, or nothing.
 * Days below lessons are their sessions.
 */
function lessonLabel(entries: readonly Entry[]): Entry['label'] {
	for (const label of ['lesson', 'day', 'number', 'week', 'other'] as const)
		if (entries.some((entry) => entry.label === label)) return label;
	return 'none';
}

/** "4. Bake day" behind "Lesson 3 Mold": counted on without the word, and no topic of a list below it. */
function goesOn(entry: Entry, last: { number: number | null; topics: readonly string[]; indent: number }) {
	return (
		entry.label === 'number' &&
		last.number !== null &&
		entry.number === last.number + 1 &&
		last.topics.length === 0 &&
		entry.indent <= last.indent
	);
}

function isLesson(entry: Entry, kind: Entry['label'], isDated: boolean): boolean {
	if (kind === 'none' && isDated) return entry.date !== null;
	if (kind === 'none') return entry.indent === 0 || entry.page !== null;
	return entry.label === kind;
}
