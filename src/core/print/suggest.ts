import { nameKey } from '../naming/index.ts';
import { lessonHead, type LessonHeading } from '../pasted/index.ts';
import { counted } from '../words/index.ts';
import type { Backs } from './judge.ts';
import type { Frame } from './looks.ts';
import type { Role } from './roles.ts';

/** A page of a source as it was read. */
export type ReadPage = {
	/** From 1. */
	readonly page: number;
	readonly text: string;
	readonly frames: readonly Frame[];
	/** As it is seen, mm. */
	readonly width: number;
	readonly height: number;
};

export type Suggestion = {
	readonly page: number;
	readonly role: Role;
	readonly why: string;
	/** Its lesson's id; null where nothing says it. */
	readonly lesson: string | null;
	readonly lessonWhy: string;
	/** It is written on again and again. */
	readonly again: boolean;
};

type Sign = { readonly role: Role; readonly says: RegExp; readonly whole?: boolean };

/** Words by which guides name a kind of page; the first that is found counts. Those of headings go before those of any line. */
const IN_HEADING: readonly Sign[] = [
	{ role: 'answers', says: /\b(?:answer keys?|answers|solutions)\b/i },
	{ role: 'three-part', says: /\b(?:three|3)[- ]part cards?\b|\bnomenclature cards?\b|\bcontrol cards?\b/i },
	{
		role: 'vocabulary',
		says: /\b(?:vocabulary|word wall|flash ?|picture|fact|command|question|matching|memory) ?cards?\b|\bvocabulary\b/i
	},
	{
		role: 'mini-book',
		says: /\bmini[- ]?(?:book|booklet)s?\b|\blap ?book\b|\bfold(?:able|ed)? book\b|\blittle book\b/i
	},
	{
		role: 'cut-outs',
		says: /\bcut[- ]?outs?\b|\bcut and (?:paste|glue|sort)\b|\bpaper doll\b|\bsorting (?:pieces|strips)\b/i
	},
	{ role: 'game', says: /\b(?:board )?game\b|\bbingo\b|\bspinner\b|\bplaying pieces\b/i },
	{ role: 'journal', says: /\b(?:journal|notebooking|nature (?:log|diary)|log sheet|my observations)\b/i },
	{ role: 'map', says: /\b(?:outline |blank )?maps?\b(?! skills| and )/i },
	{ role: 'poster', says: /\bposter\b|\banchor chart\b|\btimeline (?:strip|banner)\b/i },
	{
		role: 'planning',
		says: /\b(?:planner|planning|schedule|supply list|supplies list|materials list|book list|pacing|at a glance|checklist for (?:the )?(?:parent|teacher))\b/i
	},
	{
		role: 'teacher',
		says: /\b(?:teacher(?:['’]s)?|parent|leader|instructor)(?: notes?| guide| page| background)?\b|\bbackground (?:information|for)\b|\bhow to use\b|\bread[- ]?aloud script\b/i
	},
	{
		role: 'student',
		says: /\b(?:worksheet|student (?:page|sheet|copy)|activity (?:page|sheet)|practice (?:page|sheet)|quiz|test yourself|puzzle|word search|crossword|coloring page)\b/i
	},
	{
		role: 'skip',
		says: /^(?:table of )?contents$|\bcopyright\b|\bterms of use\b|\ball rights reserved\b|\bthis page (?:is )?(?:intentionally )?(?:left )?blank\b/i
	}
];
const IN_TEXT: readonly Sign[] = [
	{
		role: 'skip',
		says: /\ball rights reserved\b|\bthis page (?:is |was )?(?:intentionally )?(?:left )?blank\b|\bterms of use\b/i
	},
	{
		role: 'cut-outs',
		says: /\bcut (?:out|along|apart|these)\b|\bcut on the (?:dotted|dashed|solid) lines?\b/i
	},
	{ role: 'mini-book', says: /\bfold (?:along|on|in half|the page)\b/i },
	{
		role: 'student',
		says: /\bcopy one (?:per|for each) (?:student|child|learner)\b|\bone per (?:student|child|learner)\b|\bname:?\s*_{3,}|^name:?\s*$|\bdate:?\s*_{3,}/im
	},
	{
		role: 'game',
		says: /\b(?:roll the die|move (?:your|one) (?:piece|marker|space)|first player|draw a card|start\b[\s\S]{0,600}\bfinish)\b/i
	},
	{ role: 'answers', says: /\banswers will vary\b/i },
	{
		role: 'teacher',
		says: /\b(?:ask the (?:children|students|child|class)|explain (?:to|that)|you will need|prepare ahead|objectives?:|discuss with)\b/i
	}
];
/** What is written on again and again. */
const AGAIN =
	/\b(?:weather (?:chart|calendar)|daily|every day|trace|tracing|handwriting|reuse|re-?usable|dry[- ]?erase|chore chart|calendar)\b/i;
/** Words that call a page the backs of another, and sentences that have two pages printed back to back. */
const BACKS =
	/\bcard backs?\b|\bbacks? (?:of|side|for) \b|^(?:the )?backs?\b|\bback side\b|(?:[(–—,:-] {0,2}|^)backs?\)?$/im;
const BACK_TO_BACK =
	/\bpages? (\d{1,4})\s{0,3}(?:and|&|to|through|[–-])\s{0,3}(\d{1,4})[^.\n]{0,40}(?:back[- ]to[- ]back|double[- ]sided|two[- ]sided|front and back|both sides)/i;
/** A line longer than this is no heading. */
const HEADING = 60;
/** Pages with so many words are read by the parent. */
const MANY_WORDS = 180;

/**
 * What each page of a source seems to be, and why, from its words and what it looks like. A lesson named by a heading
 * holds until the next one. A page of which nothing tells anything gets no suggestion.
 *
 * @example
 * suggestRoles([{ page: 1, text: 'Lesson 4\nVocabulary Cards', frames: [], width: 216, height: 279 }],
 *   [{ id: 'd', number: 4, title: 'Scale' }])
 * // [{ page: 1, role: 'vocabulary', why: 'says “Vocabulary Cards”', lesson: 'd', … }]
 */
export function suggestRoles(pages: readonly ReadPage[], lessons: readonly LessonHeading[]): Suggestion[] {
	let lesson: { id: string; page: number } | null = null;
	const result: Suggestion[] = [];
	const sizes = new Map(pages.map((one) => [one.page, one]));
	const usual = usualArea(pages);
	const titles = lessons.map(({ title }) => nameKey(title)).filter((title) => title.length > 3);
	const backs = backPages(pages);
	for (const one of pages) {
		const lines = linesOf(one);
		const first = lines.slice(0, 4).filter((line) => line.length <= HEADING);
		const named = [...first, ...lines.slice(-2).filter((line) => line.length <= HEADING)].flatMap(
			(line) => lessonHead(line, lessons, null)?.named.lessons ?? []
		);
		if (new Set(named).size === 1) lesson = { id: named[0], page: one.page };
		// What its lesson is called says nothing of the page: “A map of the table” may be notes for the teacher.
		const headings = first.map((line) => withoutTitle(line, titles)).filter(Boolean);
		const before = result.at(-1);
		const found =
			(before && backs.has(one.page) && before.page === one.page - 1
				? { role: before.role, why: `the backs of page ${before.page}` }
				: null) ??
			roleOf(one, headings, lines, usual) ??
			(before &&
			before.page === one.page - 1 &&
			isUnusual(one, usual) &&
			isSameSize(one, sizes.get(before.page)!)
				? { role: before.role, why: `as large as page ${before.page}` }
				: null);
		if (found === null) continue;
		const isNamed = lesson?.page === one.page;
		const isOfLesson =
			lesson !== null &&
			found.role !== 'skip' &&
			found.role !== 'planning' &&
			(isNamed || found.role !== 'answers');
		result.push({
			page: one.page,
			...found,
			lesson: isOfLesson ? lesson!.id : null,
			lessonWhy: !isOfLesson ? '' : isNamed ? 'named on it' : `follows page ${lesson!.page}`,
			again: AGAIN.test(headings.join('\n')) && ['student', 'map', 'journal'].includes(found.role)
		});
	}
	return result;
}

/** A line without the lesson’s title with which it begins; the words after that may still say what the page is. */
function withoutTitle(line: string, titles: readonly string[]): string {
	const key = nameKey(line);
	const title = titles.find((one) => key === one || key.startsWith(`${one} `));
	return title ? line.split(/\s+/).slice(title.split(' ').length).join(' ') : line;
}

const linesOf = ({ text }: ReadPage) =>
	text
		.split('\n')
		.map((line) => line.trim())
		.filter(Boolean);

/** Pages that are backs of the page before: they say so among their first or last lines, or the guide says which pages go back to back. */
function backPages(pages: readonly ReadPage[]): ReadonlySet<number> {
	const known = new Set(pages.map((one) => one.page));
	const found = new Set<number>();
	for (const [index, one] of pages.entries()) {
		const lines = linesOf(one);
		const named = [...lines.slice(0, 3), ...lines.slice(-2)].filter((line) => line.length <= HEADING);
		const before = pages[index - 1];
		const [own, others] = [gridOfFrames(one.frames), before && gridOfFrames(before.frames)];
		const isAlike = !own || !others || (own.rows === others.rows && own.columns === others.columns);
		if (before?.page === one.page - 1 && isAlike && named.some((line) => BACKS.test(line)))
			found.add(one.page);
		const said = BACK_TO_BACK.exec(one.text);
		if (!said) continue;
		const [from, to] = [Number(said[1]), Number(said[2])];
		for (let page = from + 1; page <= Math.min(to, from + 200); page += 2)
			if (known.has(page)) found.add(page);
	}
	return found;
}

/**
 * Whether pages that are printed together are fronts and backs: each second one is called the back of the one before,
 * or the last one that of all.
 *
 * @example
 * findBacks([{ page: 12, text: 'Bird cards', … }, { page: 13, text: 'Bird cards, backs', … }], [12, 13]) === 'each'
 */
export function findBacks(read: readonly ReadPage[], pages: readonly number[]): Backs | null {
	const backs = backPages(read);
	const are = pages.map((page) => backs.has(page));
	if (pages.length < 2 || !are.some(Boolean)) return null;
	if (pages.length % 2 === 0 && are.every((isBack, index) => isBack === (index % 2 === 1))) return 'each';
	return are.slice(0, -1).every((isBack) => !isBack) && are.at(-1) ? 'last' : null;
}

/**
 * What something is by its title alone; null where that tells nothing.
 * @example roleOfTitle('Globe net to cut out') === 'cut-outs'
 */
export function roleOfTitle(title: string): Role | null {
	const sign = [...IN_HEADING, ...IN_TEXT].find(({ says }) => says.test(title));
	return sign && sign.role !== 'skip' ? sign.role : null;
}

/**
 * The line by which a page says what it is, among its first and last ones; null where none does.
 * @example namingLine('game', 'Lesson 4\nBoard game: to the harbor') === 'Board game: to the harbor'
 */
export function namingLine(role: Role, text: string): string | null {
	const lines = text
		.split('\n')
		.map((line) => line.trim())
		.filter(Boolean);
	const signs = IN_HEADING.filter((sign) => sign.role === role);
	return (
		[...lines.slice(0, 4), ...lines.slice(-2)].find(
			(line) => line.length <= HEADING && signs.some(({ says }) => says.test(line))
		) ?? null
	);
}

function roleOf(
	page: ReadPage,
	headings: readonly string[],
	lines: readonly string[],
	usual: number
): { role: Role; why: string } | null {
	for (const line of headings)
		for (const { role, says } of IN_HEADING)
			if (says.test(line)) return { role, why: `says “${short(line)}”` };
	const grid = gridOfFrames(page.frames);
	if (grid && grid.count >= 4 && grid.count <= 12)
		return {
			role: grid.isThreePart ? 'three-part' : 'vocabulary',
			why: grid.isThreePart
				? 'cards with a picture, a word, and both together'
				: `${counted(grid.count, 'equal frame')} on the page`
		};
	const area = page.width * page.height;
	if (area > usual * 1.6 && area > LARGEST_SHEET)
		return { role: 'poster', why: 'larger than the other pages' };
	if (area < CARD) return { role: 'vocabulary', why: 'as small as a card' };
	const text = lines.join('\n');
	for (const { role, says } of IN_TEXT) {
		const said = says.exec(text);
		if (said) return { role, why: `says “${short(said[0])}”` };
	}
	if (lines.length === 0 && page.frames.length === 0) return null;
	if (text.split(/\s+/).length >= MANY_WORDS) return { role: 'teacher', why: 'mostly text to read' };
	return null;
}

/** More than a sheet of A4 or letter, mm²: what fits on one is no poster for its size. */
const LARGEST_SHEET = 210 * 297 * 1.05;
/** A fifth of a sheet, mm². */
const CARD = (215.9 * 279.4) / 5;

/** Smaller or larger than the pages of a source usually are. */
const isUnusual = ({ width, height }: ReadPage, usual: number) =>
	width * height < usual * 0.8 || width * height > usual * 1.25;
const isSameSize = (a: ReadPage, b: ReadPage) =>
	Math.abs(a.width - b.width) < 2 && Math.abs(a.height - b.height) < 2;

const short = (text: string) => {
	const line = text.replace(/_+/g, '').replace(/\s+/g, ' ').trim();
	return line.length > 40 ? `${line.slice(0, 39)}…` : line;
};

function usualArea(pages: readonly ReadPage[]): number {
	const areas = pages.map(({ width, height }) => width * height).sort((a, b) => a - b);
	return areas[Math.floor(areas.length / 2)] ?? 1;
}

/** Two lengths, as shares of a page, that count as equal. */
const EQUAL = 0.02;

/** Frames of one size that lie in rows and columns: cards. Frames within frames count once. */
export function gridOfFrames(
	frames: readonly Frame[]
): { count: number; rows: number; columns: number; isThreePart: boolean } | null {
	const cards = frames.filter((one) => one.width < 0.6 && one.height < 0.6);
	const groups: Frame[][] = [];
	for (const one of cards) {
		const group = groups.find(
			([first]) => Math.abs(first.width - one.width) < EQUAL && Math.abs(first.height - one.height) < EQUAL
		);
		const isTwice = group?.some(
			(other) => Math.abs(other.x - one.x) < EQUAL && Math.abs(other.y - one.y) < EQUAL
		);
		if (!group) groups.push([one]);
		else if (!isTwice) group.push(one);
	}
	const best = groups
		.filter((group) => group.length >= 4)
		.map((group) => {
			const rows = distinct(group.map((one) => one.y));
			const columns = distinct(group.map((one) => one.x));
			return { group, rows, columns };
		})
		.filter(({ group, rows, columns }) => rows * columns === group.length)
		.sort((a, b) => area(b.group) - area(a.group))[0];
	if (!best || area(best.group) < 0.25) return null;
	const [{ width, height }] = best.group;
	// A picture with its word, the picture alone, and the word alone, which is a strip below it.
	const strips = groups.some(
		([first]) =>
			first !== best.group[0] &&
			Math.abs(first.width - width) < EQUAL &&
			first.height < height * 0.5 &&
			first.height > 0.03
	);
	return { count: best.group.length, rows: best.rows, columns: best.columns, isThreePart: strips };
}

const area = (group: readonly Frame[]) => group.reduce((sum, one) => sum + one.width * one.height, 0);

function distinct(values: readonly number[]): number {
	const sorted = values.toSorted((a, b) => a - b);
	return sorted.filter((value, index) => index === 0 || value - sorted[index - 1] > EQUAL * 1.5).length;
}

/** Pages that follow each other with the same suggestion, as one print each. */
export function groupSuggestions(suggestions: readonly Suggestion[]): Suggestion[][] {
	const groups: Suggestion[][] = [];
	for (const one of suggestions) {
		const last = groups.at(-1)?.at(-1);
		const isNext =
			last !== undefined &&
			last.page === one.page - 1 &&
			last.role === one.role &&
			last.lesson === one.lesson &&
			last.again === one.again;
		if (isNext) groups.at(-1)!.push(one);
		else groups.push([one]);
	}
	return groups;
}
