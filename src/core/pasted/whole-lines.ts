/** A line as it was meant: what the width of the page broke is joined, under the number of its first line. */
export type WholeLine = {
	/** From 1. */
	readonly lineNumber: number;
	readonly text: string;
	/** It belongs to the page and not to the list: a running head, a number, a date of printing. */
	readonly isFurniture: boolean;
};

const PAGE =
	/^(?:[-–—|•\s]*(?:page|pg\.?|p\.)?\s?\d{1,4}(?:\s?(?:of|\/)\s?\d{1,4})?[-–—|•\s]*|(?:printed|revised|updated|last (?:updated|changed|revised)|version|rev\.?|copyright|©).{0,60}|[^\p{L}\p{N}]*|(?:https?:\/\/|www\.)\S+|.{0,60}\((?:continued|cont(?:'d|\.|d)?)\)|(?:continued|cont(?:'d|\.)?)(?: (?:on|from) .{0,40})?|(?:see |turn )?(?:over|next page)\.?|.{3,60}[\s|–—-]+(?:page|pg\.?|p\.)\s?\d{1,4})$/iu;
const DATED =
	/^(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?,?\s)?(?:(?:jan|feb|mar|apr|may|jun|jul|aug|sep|sept|oct|nov|dec)[a-z]*\.?\s\d{1,2}(?:st|nd|rd|th)?(?:,?\s\d{2,4})?|\d{1,2}[/.]\d{1,2}(?:[/.]\d{2,4})?|(?:spring|summer|fall|autumn|winter|(?:jan|febr)uary|march|april|june|july|august|(?:sept|nov|dec)ember|october)\s\d{4})$/i;

/** What says only when or where a list was printed. */
const isOfPage = (text: string): boolean => PAGE.test(text) || DATED.test(text);

/** A line that waits for the next one, whatever that is. */
const WAITS = /(?:[,&+–]|\b(?:and|or|with|of|an?|the|for|per|in|on|to|from|if|that|which|your|into|at|by))$/i;
const SPLIT_WORD = /\p{Ll}-$/u;
const STARTS_NEW = /^(?:[\p{Lu}\d•*·▪●☐□✓[(–—½¼¾⅓⅔†‡]|-\s|an?\s\S+\s?$)/u;
const GOES_ON = /^(?:[\p{Ll}(]|\d+(?:\/\d+)?\)?\s?\p{Ll}|[A-Z][a-z]+\))/u;

const isOpen = (text: string): boolean =>
	(text.match(/[([]/g)?.length ?? 0) > (text.match(/[)\]]/g)?.length ?? 0);

/** A line of a page is not longer than this many characters. */
const LONGEST = 400;

/** More lines than these are no one line. */
const MOST_JOINED = 12;
/** What is shorter fills no page. */
const NARROWEST = 34;

/**
 * The lines of a text, each whole, and which of them belong to the page. A list whose lines are broken shows it by
 * some that cannot end where they do; only there a small letter at the beginning goes on with a full line above.
 */
export function wholeLines(raw: readonly string[]): WholeLine[] {
	const trimmed = raw.map((line) => line.trim());
	const heads = runningHeads(trimmed);
	const isFurniture = (at: number) =>
		trimmed[at] !== '' && trimmed[at].length < LONGEST && (heads.has(at) || isOfPage(trimmed[at]));
	const isProse = trimmed.map(
		(text) => text.length < LONGEST && /[.!?]["”]?$/.test(text) && text.split(' ').length > 5
	);
	const width = trimmed.reduce(
		(most, text) => (text.includes('\t') || text.length > LONGEST ? most : Math.max(most, text.length)),
		0
	);
	const forced = (at: number): boolean => {
		const text = trimmed[at];
		const next = trimmed[at + 1];
		if (!text || !next || text.length > LONGEST || next.length > LONGEST) return false;
		if (text.includes('\t') || next.includes('\t')) return false;
		if (isFurniture(at) || isFurniture(at + 1) || NAMES_PLACE.test(next)) return false;
		if (isOpen(text)) return !STARTS_NEW.test(next) || /^[A-Z\d][^([]*[)\]]/.test(next);
		if (SPLIT_WORD.test(text)) return /^\p{Ll}/u.test(next);
		if (!WAITS.test(text) || /:$/.test(text)) return false;
		return GOES_ON.test(next) && !/^(?:-|•)/.test(next) && text.split(' ').length > 2;
	};
	const seams = raw.flatMap((_, at) => (forced(at) ? [at] : []));
	const isBroken = seams.length > 1 || isProse.filter(Boolean).length > 1;
	const fills = (at: number): boolean => {
		const text = trimmed[at];
		const next = trimmed[at + 1];
		if (!isBroken || width < NARROWEST || !text || !next || text.length > LONGEST || /[)\]:.!?;]$/.test(text))
			return false;
		if (isFurniture(at) || isFurniture(at + 1) || text.includes('\t') || NAMES_PLACE.test(next)) return false;
		return /^\p{Ll}/u.test(next) && text.length + 1 + next.split(' ')[0].length > width;
	};
	// A paragraph goes on over lines that fill the page, with capitals and numbers, too.
	const flows = (at: number): boolean => {
		const text = trimmed[at];
		const next = trimmed[at + 1];
		if (
			!text ||
			!next ||
			width < 50 ||
			text.length > LONGEST ||
			text.length < width * 0.75 ||
			/[:]$/.test(text)
		)
			return false;
		if (isFurniture(at) || isFurniture(at + 1) || NAMES_PLACE.test(next)) return false;
		if (!isProse.some(Boolean) || /^[•*·▪●☐□-]/.test(next) || /[.!?]$/.test(text)) return false;
		return isSentence(text) && text.length + 1 + next.split(' ')[0].length > width * 0.9;
	};
	const lines: WholeLine[] = [];
	for (let at = 0; at < raw.length; at++) {
		const first = at;
		let text = raw[at];
		while (at - first < MOST_JOINED && at + 1 < raw.length && (forced(at) || fills(at) || flows(at))) {
			at++;
			text =
				SPLIT_WORD.test(text.trim()) && /^\p{Ll}/u.test(trimmed[at])
					? `${text.trim().slice(0, -1)}${trimmed[at]}`
					: `${text.trim()} ${trimmed[at]}`;
		}
		lines.push({ lineNumber: first + 1, text, isFurniture: isFurniture(first) });
	}
	return lines;
}

/** A line of running text, not a thing: it has a verb, or several sentences. */
function isSentence(text: string): boolean {
	return (
		/^[A-Z“"]/.test(text) &&
		(/[.!?] [A-Z]/.test(text) || /\b(?:you|we|will|please|is|are|have|needs?|bring|our|your)\b/i.test(text))
	);
}

/** The beginning of another lesson goes on with nothing. */
const NAMES_PLACE = /^(?:(?:lessons?|les\.?|weeks?|wks?\.?|days?|sessions?|chapters?)\s?#?\s?\d|l\d)/i;

const NAMES_LESSON = /^(?:lessons?|les|weeks?|wks?|days?|sessions?|class|part|unit|chapter)\b/i;

/** Lines that stand again, with or without a page's number: the title of the list at the head of each page. */
function runningHeads(lines: readonly string[]): Set<number> {
	const plain = lines.map((line) =>
		(line.length > LONGEST ? '' : line)
			.replace(
				/^\d{1,4}\s*[|•–—-]\s*|\s*(?:[|•–—-]\s*)?(?:page\s)?\d{1,4}$|\s*\((?:continued|cont(?:'d|\.|d)?)\)$/gi,
				''
			)
			.trim()
			.toLowerCase()
	);
	const isPage = lines.map((line) => line !== '' && line.length < LONGEST && isOfPage(line));
	const first = plain.findIndex((line, at) => line !== '' && !isPage[at]);
	/** Words of a title, or set beside the number of a page. */
	const isTitled = (line: string, at: readonly number[]): boolean =>
		/\b(?:unit|suppl|material|list|needs|study)/.test(line) ||
		at.some((one) => isPage[one - 1] || isPage[one + 1]) ||
		lines[at[0]].split(' ').every((word) => /^[^\p{L}]|^\p{Lu}/u.test(word));
	const heads = new Set<number>();
	const places = new Map<string, number[]>();
	for (const [at, line] of plain.entries()) {
		if (line === '') continue;
		const same = places.get(line);
		if (same) same.push(at);
		else places.set(line, [at]);
	}
	for (const [line, at] of places) {
		if (at.length < 2 || line.split(' ').length < 2 || NAMES_LESSON.test(line)) continue;
		const isTitle = at[0] === first && isTitled(line, at);
		// A title with the number of its page says that it is none of the list.
		const numbered = at.filter((one) =>
			/(?:[|•–—]|page|\s{2,})\s*\d{1,4}$|^\d{1,4}\s*[|•–—]/i.test(lines[one])
		);
		if (isTitle || numbered.length > 1) for (const one of at) heads.add(one);
	}
	return heads;
}
