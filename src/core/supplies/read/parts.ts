import { BRACKETS, keepers } from '../../pasted/index.ts';
import { JOINED_BY_AND } from '../../reference/list-words.ts';
import { isRemark } from './remarks.ts';

type Separator = '' | ',' | 'and' | 'or' | ';';
export type Part = { readonly separator: Separator; readonly text: string; readonly comma: boolean };

/** "(lemon juice can be used instead)", "(yarn works too)", "(substitute: towel)". */
const INSTEAD =
	/\s*\((?:([^()]+?) (?:can|may|could) (?:also )?be (?:used|substituted)(?: instead| too| as well)?|([^()]+?) (?:works?|will (?:do|work)|is fine|are fine)(?: too| as well| also| instead| fine)?|(?:substitutes?|alternatives?|alternately|alternatively|instead)[:,]?\s+([^()]+))\)/gi;

/** What is not cut: brackets, fixed pairs of words, numbers with "and" or "or", lists of lessons and pages. */
const TOGETHER: readonly RegExp[] = [
	BRACKETS,
	new RegExp(`\\b(?:${JOINED_BY_AND.join('|')})`, 'gi'),
	/\b(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten)\s+or\s+(?:\d|two|three|four|five|six|seven|eight|nine|ten|more|so|less|fewer)[\d/.]*/gi,
	/\b(?:an?|one) [a-z]+ or (?:two|three)\b|\b[a-z]+ or so of\b/gi,
	/\b(?:\d+|[a-z]+)\s+and\s+(?:an?|one)[- ](?:half|quarter|third)\b/gi,
	/\b\d+\s+and\s+\d+\/\d+/gi,
	/\bbetween \d+ and \d+/gi,
	/\b(?:lessons|pages|pp\.|steps|weeks|days|chapters|units|activities)\s+\d+(?:\s*(?:,\s*(?:and|or)?|and|or|-|to|through)\s*\d+)+/gi,
	/\bor (?=(?:similar|other|larger|bigger|smaller|equivalent|whatever|any|another|something|anything|comparable|a substitute|as needed|to taste)\b)[^,;]*/gi
];

/** Cuts a line at commas, "and" and "or" outside brackets, not inside numbers or fixed pairs of words. */
export function partsOf(line: string): Part[] {
	const plain = line
		.replace(/\s*\((?:or|and\/or)\s+([^()]*)\)/gi, ' or $1')
		.replace(INSTEAD, (_, a?: string, b?: string, c?: string) => ` or ${(a ?? b ?? c)!}`)
		.replace(/(\d),(?=\d{3}\b)/g, '$1');
	const { text, restore } = keepers(plain, TOGETHER);

	const parts: Part[] = [];
	const separator = /\s*([,;])\s*(?:(and|or|plus)\b\s*)?|\s+(and|or|plus)\b\s+/gi;
	let from = 0;
	let before: { separator: Separator; comma: boolean } = { separator: '', comma: false };
	for (let found = separator.exec(text); found; found = separator.exec(text)) {
		const piece = restore(text.slice(from, found.index)).trim();
		if (piece) parts.push({ ...before, text: piece });
		const joint = (found[2] ?? found[3] ?? '').toLowerCase();
		before = {
			separator: joint === 'or' ? 'or' : joint ? 'and' : found[1] === ';' ? ';' : ',',
			comma: found[1] !== undefined
		};
		from = found.index + found[0].length;
	}
	const last = restore(text.slice(from)).trim();
	if (last) parts.push({ ...before, text: last });
	return parts.map(withoutPairWord);
}

/** "either a trowel or a spoon", "both a ruler and a pencil": the word only says that two things follow. */
function withoutPairWord(part: Part): Part {
	const said = /^(?:either|both)\s+(?=\S)/i.exec(part.text);
	return said && !isRemark(part.text) ? { ...part, text: part.text.slice(said[0].length) } : part;
}
