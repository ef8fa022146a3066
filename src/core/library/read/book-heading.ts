import { labelSays, type Said } from './remarks.ts';

const PLACE =
	/^(?:lesson|day|week|wk|unit|chapter|session|module|part|section|topic|term|quarter)s?\.?\s+(?:#?\s?\d+[a-z]?|[ivxlc]+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b(?!.*\bby\s+\p{Lu})/iu;
const THINGS =
	'(?:books?|read[- ]?alouds?|readers?|titles?|resources?|literature|picture books?|chapter books?|board books?|book ?lists?|reading(?: lists?)?|fiction|non-?fiction|biograph(?:y|ies)|magazines?|videos?|dvds?|poetry|living books?|spines?|library(?: books?| lists?)?|references?|reference books?|bibliography|works cited|independent reading)';
const LIST_HEADING = new RegExp(
	`^(?:(?:the|our|your|some|suggested|recommended|required|additional|more|further|other|optional|supplemental|supplementary|extra|related|great|good|favorite|unit|lesson|weekly|family|early|easy) )*${THINGS}(?:(?:,? (?:and|&|or) )${THINGS})*(?: (?:suggestions?|recommendations?|ideas|lists?|needed|used|for [^:]*|to [^:]*|about [^:]*|on [^:]*|in [^:]*|by (?:age|grade|level|lesson|week|topic)))*:?$`,
	'i'
);
const COLUMN =
	/^(?:titles?|books?|authors?|by|written by|illustrators?|ages?|grades?|levels?|isbn(?:-1[03])?|pages?|notes?|remarks?|lessons?|weeks?|kind|type|format|year|publishers?|call numbers?|library|have|own)$/i;
/** What a list says to its readers: "Choose one for each lesson." */
const SAYS =
	/^(?:see also|see your|any (?:good )?books?|choose|pick|select|borrow|check|look for|ask|find|these|those|the following|titles|books|note|please|you|we|if|any of|most of|many of|all of|here|feel free|don[’']t|do not|read)\b.*(?:[.!]$|\b(?:your|you|we|about|on)\b)/i;

/**
 * What a heading of a book list says of the books below it; null where the line is none.
 *
 *     bookHeading('Read-Aloud Suggestions')   // { role: 'read aloud' }
 *     bookHeading('Lesson 4: Ponds')          // {}
 */
export function bookHeading(line: string): Partial<Said> | null {
	const text = line.replace(/[\s:]+$/, '').trim();
	if (PLACE.test(text)) return {};
	if (text.includes('\t') || / \| /.test(text)) {
		const cells = text.split(/\s*(?:\t|\|)\s*/);
		if (cells.every((cell) => COLUMN.test(cell.trim()))) return {};
	}
	const ends = line.trim().endsWith(':');
	if (ends || LIST_HEADING.test(text))
		return labelSays(text.replace(/\s+(?:suggestions?|recommendations?|ideas|lists?)$/i, '')) ?? {};
	if (/^#{1,6} /.test(text)) return {};
	return SAYS.test(text) &&
		!/\bby\s+\p{Lu}/u.test(text) &&
		text.split(' ').length > 3 &&
		/^(?:any|see)\b|[.!]$|\b(?:your|you|we)\b/i.test(line)
		? {}
		: null;
}
