import type { PageRange } from './pages.ts';

/** How pages are taken in. */
export const READING_WAYS = ['read aloud', 'read alone', 'look at', 'skip'] as const;
export type ReadingWay = (typeof READING_WAYS)[number];

/** A flag as one would stick it on a page: which pages, how, by whom, how long, what for. */
export type Flag = {
	readonly pages: PageRange | null;
	readonly way: ReadingWay;
	/** Names as the household knows them; empty is everyone. */
	readonly who: readonly string[];
	readonly minutes: number | null;
	readonly note: string;
};

const PAGES = /^\s*(?:pages?|pp?\.?|chapters?|ch\.?)?\s*(\d{1,4})(?:\s*(?:[-–—]|to|through)\s*(\d{1,4}))?/i;
const MINUTES = /\b(\d{1,3})\s*(?:min(?:ute)?s?|')(?=\W|$)/i;
const WAYS: readonly (readonly [RegExp, ReadingWay])[] = [
	[/\b(?:skip|leave out)\b/i, 'skip'],
	[
		/\b(?:read )?(?:alone|by (?:him|her|them)sel(?:f|ves)|on (?:his|her|their) own|silent(?:ly)?)\b/i,
		'read alone'
	],
	[/\b(?:look(?: at)?|pictures?(?: only)?)\b/i, 'look at'],
	[/\b(?:read )?(?:aloud|out loud|together)\b/i, 'read aloud']
];

/**
 * Reads a flag as one types it. What follows a colon is what it is for; names of the household and the
 * words for how and how long are taken out of the rest, in any order.
 *
 *     readFlag('12–19 alone Odile, 15 min: how scale works', ['Odile', 'Perrin'])
 *     // { pages: { from: 12, to: 19 }, way: 'read alone', who: ['Odile'], minutes: 15, note: 'how scale works' }
 */
export function readFlag(text: string, names: readonly string[]): Flag {
	const colon = text.indexOf(':');
	let rest = colon < 0 ? text : text.slice(0, colon);
	const said = colon < 0 ? '' : text.slice(colon + 1).trim();
	const take = (pattern: RegExp) => {
		const found = pattern.exec(rest);
		if (found) rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
		return found;
	};
	const pages = take(PAGES);
	const from = pages ? Number(pages[1]) : 0;
	const to = pages ? Number(pages[2] ?? pages[1]) : 0;
	const minutes = take(MINUTES);
	const way = WAYS.find(([pattern]) => take(pattern) !== null)?.[1] ?? 'read aloud';
	const who = namesIn(rest, names);
	for (const name of who) take(wordOf(name));
	const words = rest
		.replace(/\b(?:with|for|by|and|everyone|all|read)\b/gi, ' ')
		.replace(/[,;&]+/g, ' ')
		.trim()
		.replace(/\s+/g, ' ');
	return {
		pages: pages && from >= 1 && to >= from ? { from, to } : null,
		way,
		who,
		minutes: minutes ? Number(minutes[1]) : null,
		note: [words, said].filter(Boolean).join(': ')
	};
}

/** The names of the household that stand in a text as whole words, in the household's order. */
export function namesIn(text: string, names: readonly string[]): string[] {
	return names.filter((name) => wordOf(name).test(text));
}

function wordOf(name: string): RegExp {
	const escaped = name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
	return new RegExp(`(?<![\\p{L}\\p{N}])${escaped}(?![\\p{L}\\p{N}])`, 'iu');
}
