/** A lesson as a book's table of contents prints it. */
export type ContentsLesson = {
	/** As printed, or null when the book does not number them. */
	readonly number: number | null;
	readonly title: string;
	/** First page, where one is printed. */
	readonly page: number | null;
	/** What the book lists below the lesson. */
	readonly topics: readonly string[];
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
	readonly label: 'lesson' | 'other' | 'number' | 'none';
	readonly word: string;
	readonly number: number | null;
	title: string;
	page: number | null;
	/** A number behind the title with nothing but a space between: perhaps its page. */
	readonly maybePage: number | null;
};

const NUMBER_WORDS =
	'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen'.split(' ');
const LABEL = new RegExp(
	`^(lessons?|chapters?|weeks?|days?|topics?|sessions?|modules?|units?|parts?|sections?|ch\\.?)\\s+#?(\\d{1,3}|[ivxlc]{1,6}|${NUMBER_WORDS.join('|')})\\b(?:\\s*(?:[-–—]|to)\\s*\\d{1,3})?\\s*[:.)–—-]*\\s*(.*)$`,
	'i'
);
const NUMBERED = /^(\d{1,3})\s*(?:[.:)–—]|\s-\s|\s)\s*(\D.*)$/;
const LEADER =
	/^(.*?)(?:\s*(?:\.{2,}|…|·{2,}|_{2,}|(?:\s\.){2,})[\s.…·_]*|\t+\s*|\s{2,})(?:p{1,2}\.?\s*|page\s*)?(\d{1,4}|[ivxl]{1,6})(?:\s*[-–—]\s*\d{1,4})?\s*$/i;
const COMMA_PAGE = /^(.*?)[,(]?\s*\b(?:pp?\.|pages?)\s*(\d{1,4})(?:\s*[-–—]\s*\d{1,4})?\)?\s*$/i;
const SPACE_PAGE = /^(.*\S)\s+(\d{1,4})\s*$/;
const HEADING = /^(?:table of )?contents?:?$/i;
const MATTER =
	/^(?:introduction|foreword|preface|acknowledge?ments?|appendix.*|glossary|index|bibliography|references|resources|answer keys?|answers|how to use.*|about (?:the|this) .*|welcome.*|supply lists?|materials? lists?|book lists?|notes to .*|scope and sequence|schedule|copyright.*|credits|epilogue|printables?|templates?)$/i;
const ROMAN: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10, l: 50, c: 100 };

/**
 * Reads a table of contents as pasted: "Lesson 3 Scale and Distance … 22". Lines below a lesson that
 * carry no number of their own are its topics; front and back matter is left out and said.
 *
 *     readContents('Lesson 1 A map of the table ...... 5').lessons[0]
 *     // { number: 1, title: 'A map of the table', page: 5, topics: [], lineNumber: 1 }
 */
export function readContents(text: string): ReadContents {
	const leftOut: { lineNumber: number; written: string; why: string }[] = [];
	const entries: Entry[] = [];
	text.split(/\r\n|\r|\n/).forEach((line, i) => {
		const written = line.trim();
		if (!written) return;
		if (written.length > LONGEST) {
			leftOut.push({ lineNumber: i + 1, written: `${written.slice(0, 80)}…`, why: 'too long for a title' });
			return;
		}
		if (HEADING.test(written)) leftOut.push({ lineNumber: i + 1, written, why: 'a heading' });
		else if (!/\p{L}/u.test(written)) leftOut.push({ lineNumber: i + 1, written, why: 'no words in it' });
		else entries.push(entryOf(withoutRuns(line), i + 1));
	});
	takeBarePages(entries);
	const joined = joinWrapped(entries);
	const kind = lessonLabel(joined);
	const labelled = new Set(joined.filter((entry) => entry.label === kind).map((entry) => entry.number));
	const lessons: (Omit<ContentsLesson, 'topics'> & { topics: string[]; indent: number })[] = [];
	for (const entry of joined) {
		const out = (why: string) => leftOut.push({ lineNumber: entry.lineNumber, written: entry.written, why });
		const last = lessons.at(-1);
		if (MATTER.test(entry.title)) out('not a lesson');
		else if (isLesson(entry, kind) || (last && goesOn(entry, last) && !labelled.has(entry.number))) {
			const { number, page, lineNumber, indent } = entry;
			lessons.push({
				number,
				title: entry.title || `${entry.word} ${number}`,
				page,
				topics: [],
				lineNumber,
				indent
			});
		} else if (entry.label === 'other') out('a heading over several lessons');
		else if (last && (entry.indent > last.indent || kind !== 'none')) last.topics.push(entry.title);
		else out('no number where the others have one');
	}
	return {
		lessons: lessons.map(({ number, title, page, topics, lineNumber }) => ({
			number,
			title,
			page,
			topics,
			lineNumber
		})),
		leftOut: leftOut.sort((a, b) => a.lineNumber - b.lineNumber)
	};
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
			.slice(0, 400)
	);
}

function entryOf(line: string, lineNumber: number): Entry {
	const indent = line.replaceAll('\t', '    ').search(/\S/);
	const written = line.trim();
	const plain = written.replace(/^[-*•▪–]\s+/, '');
	const paged = LEADER.exec(plain) ?? COMMA_PAGE.exec(plain);
	const page = paged && /^\d+$/.test(paged[2]) ? Number(paged[2]) : null;
	const front = (paged ? paged[1] : plain).replace(/[\s.…·_,]+$/u, '');
	const labelled = LABEL.exec(front);
	const numbered = labelled ? null : NUMBERED.exec(front);
	const word = labelled ? labelled[1].replace(/\.$/, '').replace(/s$/i, '').toLowerCase() : '';
	const title = tidy(labelled ? labelled[3] : numbered ? numbered[2] : front);
	const bare = paged ? null : SPACE_PAGE.exec(title);
	return {
		lineNumber,
		written,
		indent,
		word: word ? word[0].toUpperCase() + word.slice(1) : '',
		label: labelled
			? /^(unit|part|section|module)$/.test(word)
				? 'other'
				: 'lesson'
			: numbered
				? 'number'
				: 'none',
		number: labelled ? numberOf(labelled[2]) : numbered ? Number(numbered[1]) : null,
		title,
		page,
		maybePage: bare ? Number(bare[2]) : null
	};
}

function tidy(title: string): string {
	return title
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
	if (paged.length < 3 || paged.length * 10 < entries.length * 6) return;
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
			paged * 2 > entries.length &&
			last.label !== 'none' &&
			last.page === null &&
			entry.label === 'none' &&
			entry.page !== null &&
			!MATTER.test(entry.title)
		) {
			last.title = tidy(`${last.title} ${entry.title}`);
			last.page = entry.page;
		} else result.push({ ...entry });
	}
	return result;
}

/** What marks a lesson in this book: its word, else its number, else nothing. */
function lessonLabel(entries: readonly Entry[]): Entry['label'] {
	for (const label of ['lesson', 'number', 'other'] as const)
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

function isLesson(entry: Entry, kind: Entry['label']): boolean {
	if (kind === 'none') return entry.indent === 0 || entry.page !== null;
	return entry.label === kind;
}
