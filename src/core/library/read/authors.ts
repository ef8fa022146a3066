import { keepers, BRACKETS } from '../../pasted/index.ts';
import { isPerson, isAuthor, namesIn } from './person.ts';

/** More authors than a list prints of one book. */
const MOST_AUTHORS = 12;

/** Words that name a publisher. */
const HOUSE =
	/\b(?:Press|Books|Publishing|Publishers?|Publications|House|Editions|University|Inc|Ltd|Company|& Sons|Brothers)\b\.?(?:,? (?:1[89]|20)\d\d)?$/;

/** The names that a text begins with, as far as they go. */
export function authorsInFront(text: string, certain: boolean): { names: string[]; behind: string } {
	const { text: kept, restore } = keepers(text, [BRACKETS]);
	const one = certain ? isAuthor : isPerson;
	const end = /\s*\uE000|\s+(?:[–—-]|--)\s+|\t|\s*;|(?<!\b(?:\p{Lu}|Jr|Sr|St))\.\s/u.exec(kept);
	const stretch = end ? kept.slice(0, end.index) : kept;
	const commas = stretch.split(/,\s+/);
	// "by Ruth Amsel, Harbor Press, 2011": the house that printed it is no author.
	const house = commas.findIndex((one, at) => at > 0 && HOUSE.test(one));
	for (let n = Math.min(house < 0 ? commas.length : house, MOST_AUTHORS); n > 0; n--) {
		const front = commas.slice(0, n).join(', ');
		const plain = front.replace(/\.$/, (dot) => (/\b(?:\p{L}|Jr|Sr)\.$/u.test(front) ? dot : ''));
		const names = namesIn(
			plain,
			n === 1 ? one : (name) => isPerson(name) || (certain && isAuthor(name) && n <= 1)
		);
		if (!names) continue;
		let behind = kept.slice(front.length);
		if (n === house) behind = behind.replace(/^,\s*[^,;()]{1,60}(?:,? (?:1[89]|20)\d\d)?/, '');
		const role = /^\s*\uE000\d+\uE000/.exec(behind);
		if (role && /^\((?:authors?|eds?\.?|editors?)\)$/i.test(restore(role[0].trim())))
			behind = behind.slice(role[0].length);
		return { names, behind: restore(behind) };
	}
	return { names: [], behind: text };
}
