/** What a mark says of the things that carry it. */
export type Meaning = {
	readonly optional: boolean;
	/** For whom it is; a family where nothing is said. */
	readonly per: { readonly per: 'child' | 'pair'; readonly groupSize: null } | null;
	readonly all: boolean;
	/** What has no field of its own ("adult only"). */
	readonly note: string | null;
};

/** What a list explains of its own marks. */
export type Legend = {
	/** By the mark as it stands on the lines: "*", "†", "(B)", "c". */
	readonly marks: ReadonlyMap<string, Meaning>;
	/** What it says of bare numbers; null where it says nothing. */
	readonly numbers: 'lesson' | 'week.day' | null;
};

const SIGN = '[*†‡§#^~+•◊♦◆★☆✦✓✔✪¶°@&%!¹²³]{1,3}';
const BRACKETED = '[(\\[][A-Za-z]{1,4}[)\\]]';
const SIGNS = new RegExp(`^${SIGN}$`, 'u');

const NUMBERS_ARE =
	/\b(?:numbers?|numerals?|figures?|digits?|no\.s)\b.{0,60}\b(?:lessons?|sessions?|weeks?|days?)\b|\blessons?\b.{0,40}\b(?:in|stand|given|shown|listed)\b.{0,30}(?:parenthes|bracket|\(\s?\)|\[\s?\])|^[([]?#s?[)\]]?\s?(?:=|means?)\s?(?:the )?lessons?|[([]\s?(?:\d+|n|x|#)(?:\s?,\s?\d+)*\s?[)\]]\s?(?:=|means?|is|are)\s?(?:the )?(?:used in )?lessons?/i;
const WEEK_DAY =
	/week\s?[.,-]\s?day|weeks? and days?|week, then day|\bweek\.day\b|(?:\d|n)\.(?:\d|n).{0,30}week/i;
const NAMES: Readonly<Record<string, string>> = {
	asterisk: '*',
	asterisks: '*',
	star: '*',
	stars: '*',
	dagger: '†'
};

const OPTIONAL =
	/\boptional\b|not required|if (?:you (?:have|wish|like|want)|available|possible|desired)|nice to have|can be (?:left out|skipped)/i;
const EACH =
	/\b(?:per|each|every|for each|for every|one each)\s?(child|student|kid|pupil|pair|family|household)?\b/i;
const ALWAYS =
	/\b(?:all|every|each) (?:the )?(?:lessons?|weeks?|sessions?|times?|classes|days?)\b|throughout|whole unit/i;
/** Words that a mark without a sign between usually stands for (common practice of printed lists). */
const KNOWN =
	/^(?:optional(?: (?:items?|things|supplies|but .*))?|adults? (?:only|help|needed|supervision|use)|grown-?ups? only|borrow(?: it)?|buy|purchase|(?:ask|from|at|see) the library|library(?: for .*)?|per child|each child|one each|per family|at home|on hand|have(?: it| on hand)?|found at home|teacher brings?|consumable|used up|reusable|all lessons|every lesson|every week|needed (?:all|every).*)$/i;

/** What a mark means, from the words of the legend. */
export function meaningOf(words: string): Meaning {
	const text = words
		.replace(/^(?:the )?(?:items?|things|supplies) (?:that |which )?(?:are |is )?/i, '')
		.trim();
	const each = EACH.exec(text)?.[1]?.toLowerCase();
	const optional = OPTIONAL.test(text);
	const all = ALWAYS.test(text);
	const per = all
		? null
		: each === 'pair'
			? ({ per: 'pair', groupSize: null } as const)
			: each && !/family|household/.test(each)
				? ({ per: 'child', groupSize: null } as const)
				: null;
	return {
		optional,
		per,
		all,
		note: optional || all || each ? null : text.toLowerCase().replace(/[.)]+$/, '')
	};
}

const SAYS = new RegExp(
	`^(${SIGN}|${BRACKETED}|[A-Za-z]{1,2})\\s?(=|means?\\b|stands for\\b|is for\\b|:|–|—|-)\\s?(.+)$`,
	'u'
);
const BARE = new RegExp(`^(${SIGN}|${BRACKETED})\\s?(.+)$`, 'u');
const MARKED_WITH = new RegExp(
	`^(.+?) (?:items?|things|supplies|materials)?\\s?(?:are|is|have been)?\\s?(?:marked|shown|followed|preceded|indicated|noted|starred|carry|have|bear)\\s?(?:with|by)?\\s?(?:an? )?(${SIGN}|${BRACKETED}|asterisks?|stars?|dagger).{0,12}$`,
	'iu'
);
const WITH_MARK = new RegExp(
	`^(?:an? |the )?(?:items?|things|supplies|those|anything|everything|materials)?\\s?(?:marked |followed )?(?:with |by )?(?:an? )?(${SIGN}|${BRACKETED}|asterisks?|stars?|dagger)(?:\\s?[("']\\*["')])? (?:are|is|means?|indicates?|shows?|marks?)\\s(.+)$`,
	'iu'
);
const STARS = /^(?:stars?|asterisks?)\b[^=]{0,30}=\s?(.+)$/i;
const STARRED = /^starred (?:items?|things|supplies|materials) (?:are |is )?(.+)$/i;

/**
 * What a line explains of marks; null where it is no legend.
 *
 *     legendOf('(B) borrow, (P) purchase')!.marks.get('(B)')!.note   // 'borrow'
 */
export function legendOf(line: string): Legend | null {
	if (line.length > 300) return null;
	const text = line.trim();
	const numbers = NUMBERS_ARE.test(text) ? (WEEK_DAY.test(text) ? 'week.day' : 'lesson') : null;
	const inner = /^[^([]*[([](.*)[)\]]\s*$/.exec(text)?.[1];
	const own = /^[([](.*)[)\]]$/.exec(text)?.[1] ?? text;
	for (const part of [...(inner && inner !== own ? [inner] : []), own]) {
		const marks = marksIn(part);
		if (marks.size > 0 || (numbers && part === own)) {
			if (marks.size > 0 || numbers) return { marks, numbers };
		}
	}
	return null;
}

const CUT = new RegExp(
	`\\s*(?:;|\\||\\t|\\s{2,}|\\.\\s(?=\\S))\\s*|,\\s(?=(?:and )?(?:${SIGN}|${BRACKETED}|[A-Za-z]{1,2}\\s?=))(?:and )?`,
	'u'
);

function marksIn(text: string): Map<string, Meaning> {
	const marks = new Map<string, Meaning>();
	const plain = text
		.replace(/^(?:key|legend|notes?|symbols?|codes?|marks?)\s?(?:to marks)?:\s?/i, '')
		.replace(/\.$/, '');
	const clauses = plain
		.split(CUT)
		.map((one) => one.trim())
		.filter(Boolean);
	let unread = 0;
	for (const clause of clauses) {
		const found = clauseOf(clause);
		if (found) marks.set(found.mark, meaningOf(found.words));
		else if (!NUMBERS_ARE.test(clause)) unread++;
	}
	return unread > marks.size ? new Map() : marks;
}

function clauseOf(text: string): { mark: string; words: string } | null {
	const clause = text.replace(/^["“'‘]([^"”'’]{1,4})["”'’]/, '$1');
	const said = SAYS.exec(clause);
	if (said) {
		const [, mark, by, words] = said;
		const isLetter = /^[A-Za-z]/.test(mark);
		if (by === '=' || /^(?:means?|stands|is)/.test(by) || (!isLetter && KNOWN.test(words)))
			return { mark, words };
	}
	const bare = BARE.exec(clause);
	if (bare && KNOWN.test(bare[2])) return { mark: bare[1], words: bare[2] };
	const starred = STARRED.exec(clause) ?? STARS.exec(clause);
	if (starred) return { mark: '*', words: starred[1] };
	const behind = MARKED_WITH.exec(clause);
	if (behind) return { mark: NAMES[behind[2].toLowerCase()] ?? behind[2], words: behind[1] };
	const front = WITH_MARK.exec(clause);
	if (front) return { mark: NAMES[front[1].toLowerCase()] ?? front[1], words: front[2] };
	return null;
}

/** A line without the marks that a legend explains, and what they mean. */
export function takeMeanings(
	line: string,
	marks: ReadonlyMap<string, Meaning>
): { readonly rest: string; readonly meanings: readonly Meaning[] } {
	let rest = line;
	const meanings: Meaning[] = [];
	for (const [mark, meaning] of marks) {
		const without = withoutMark(rest, mark);
		if (without === null) continue;
		rest = without;
		meanings.push(meaning);
	}
	return { rest, meanings };
}

const escaped = (text: string) => text.replace(/[\\^$.*+?()[\]{}|/]/g, '\\$&');

/** The line without one mark; null where it does not stand there. */
function withoutMark(line: string, mark: string): string | null {
	const letters = /[A-Za-z]+/.exec(mark)?.[0];
	if (SIGNS.test(mark)) {
		const own = escaped(mark);
		const same = escaped(mark[0]);
		// One star of two is another mark.
		const found = new RegExp(`(?<!${same})[(]?${own}(?!${same})[)]?`, 'u').exec(line);
		if (!found) return null;
		return `${line.slice(0, found.index)} ${line.slice(found.index + found[0].length)}`
			.replace(/\s+/g, ' ')
			.trim();
	}
	if (!letters) return null;
	const bracketed = new RegExp(`\\s?[(\\[]${letters}[)\\]]`).exec(line);
	if (bracketed)
		return `${line.slice(0, bracketed.index)} ${line.slice(bracketed.index + bracketed[0].length)}`
			.replace(/\s+/g, ' ')
			.trim();
	if (/^[([]/.test(mark)) return null;
	const bare = new RegExp(`^${letters}(?:\\s?[:–—-]\\s|\\s+)(?=\\S)|(?:\\s|,\\s?|/)${letters}$`).exec(line);
	return bare && `${line.slice(0, bare.index)}${line.slice(bare.index + bare[0].length)}`.trim();
}
