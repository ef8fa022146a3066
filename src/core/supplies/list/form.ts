import {
	bareNumbers,
	isTitleOf,
	legendOf,
	lessonHead,
	type LessonHeading,
	type Meaning,
	type Numbers,
	type WholeLine
} from '../../pasted/index.ts';

/** What the whole of a list shows of how its lines are meant. */
export type ListForm = {
	/** What bare numbers behind a thing are. */
	readonly numbers: Numbers;
	/** Such numbers stand there, so that it can be asked what they are. */
	readonly hasNumbers: boolean;
	readonly marks: ReadonlyMap<string, Meaning>;
	/** Lines that explain marks. */
	readonly legends: ReadonlySet<number>;
	/** Stars are set in front of all lines, or explained. */
	readonly starsAreKnown: boolean;
	/** Its headings carry the titles of the unit’s lessons: one with another title is of a lesson that is not there. */
	readonly headsAreTitled: boolean;
	/** Most lines say how much, or for which lesson. */
	readonly isMarked: boolean;
};

/** A longer line shows nothing of the form of a list. */
const LONGEST = 400;

const BEHIND = /[([]\s?(\d[\d\s.,;&/–—-]*(?:and \d+)?)\s?[)\]]/;
const SAYS_AMOUNT = /(?:^|[\s,(])(?:\d|½|¼|¾|⅓|⅔|one |two |three |four |five |six |a few |several |some )/i;

/** A list of a few lines shows less than this much of itself. */
const ENOUGH = 2;

/** Works out what marks, numbers and headings mean in a list, before any of its lines is read. */
export function formOf(
	lines: readonly WholeLine[],
	lessons: readonly LessonHeading[],
	asked: Numbers | null = null
): ListForm {
	const marks = new Map<string, Meaning>();
	const legends = new Set<number>();
	let said: Numbers | null = null;
	let heads = 0;
	let withTitle = 0;
	let likeOurs = 0;
	for (const { text, lineNumber, isFurniture } of lines) {
		if (isFurniture || text.trim() === '' || text.length > LONGEST) continue;
		const legend = legendOf(text.trim());
		if (legend) {
			legends.add(lineNumber);
			for (const [mark, meaning] of legend.marks) marks.set(mark, meaning);
			said ??= legend.numbers;
		} else {
			const head = lessonHead(text, lessons, null);
			if (!head) continue;
			heads++;
			if (head.rest === '' || head.isWeek) continue;
			withTitle++;
			if (isTitleOf(head.rest, head.named, lessons)) likeOurs++;
		}
	}
	const own = lines.filter(
		({ text, lineNumber, isFurniture }) =>
			!isFurniture && text.trim() !== '' && text.length <= LONGEST && !legends.has(lineNumber)
	);
	const most = Math.max(0, ...lessons.map((one) => one.number));
	const numbers = { lists: 0, over: 0, beside: 0, all: 0, dotted: 0, falls: 0 };
	for (const { text } of own) {
		const inner = BEHIND.exec(text);
		const bare = inner && bareNumbers(inner[1]);
		if (!inner || !bare) continue;
		numbers.all++;
		if (bare.isWeekDay) numbers.dotted++;
		else if (bare.most > most) numbers.over++;
		if (bare.falls) numbers.falls++;
		if (bare.isList) numbers.lists++;
		else if (!bare.isWeekDay && SAYS_AMOUNT.test(text.slice(0, inner.index))) numbers.beside++;
	}
	const starred = own.filter(({ text }) => /^\s*\*(?!\*)/.test(text)).length;
	const stars = own.filter(({ text }) => /^\s*\*|\*\s*$/.test(text)).length;
	const marked = own.filter(
		({ text }) => SAYS_AMOUNT.test(text) || /[([]/.test(text) || /\b(?:per|each|lessons?)\b/i.test(text)
	).length;
	return {
		numbers:
			asked ??
			numbersShown(said, numbers, { heads, lines: own.length, hasWeeks: lessons.some(({ place }) => place) }),
		headsAreTitled: likeOurs >= ENOUGH && likeOurs * 2 >= withTitle,
		hasNumbers: numbers.all >= ENOUGH,
		marks,
		legends,
		starsAreKnown:
			marks.has('*') ||
			stars === 0 ||
			(starred === stars && starred >= 0.8 * Math.max(1, own.length - heads - 2)),
		isMarked: marked * 2 >= own.length
	};
}

function numbersShown(
	said: Numbers | null,
	{
		lists,
		over,
		beside,
		all,
		dotted,
		falls
	}: Readonly<Record<'lists' | 'over' | 'beside' | 'all' | 'dotted' | 'falls', number>>,
	{ heads, lines, hasWeeks }: { heads: number; lines: number; hasWeeks: boolean }
): Numbers {
	if (
		said === 'week.day' ||
		(hasWeeks && dotted >= ENOUGH) ||
		(hasWeeks && falls > 0 && dotted + falls >= ENOUGH)
	)
		return hasWeeks ? 'week.day' : 'amount';
	if (said === 'lesson') return 'lesson';
	if (over * 5 > all) return 'amount';
	// Several numbers in one pair of brackets are no amount; nor is one beside an amount.
	if (lists >= 1 && lists + beside >= ENOUGH && all * 3 >= lines - heads) return 'lesson';
	if (heads >= ENOUGH) return 'amount';
	return beside >= ENOUGH && all * 2 >= lines ? 'lesson' : 'amount';
}
