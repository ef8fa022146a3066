import { NO_AUTHORS, PLACE_NAMES, TITLE_WORDS } from '../../reference/title-words.ts';

const PARTICLE =
	/^(?:van|der|von|zu|de|la|del|della|di|da|dos|las|los|le|du|den|ter|ten|el|al|bin|ibn|af|av|y)$/u;
const INITIAL = /^(?:\p{Lu}\.)+-?(?:\p{Lu}\.)*$/u;
const CAPITALIZED = /^(?:\p{Lu}[\p{L}’'-]*|[OD][’']\p{Lu}\p{L}+)$/u;
const SUFFIX = /^(?:Jr|Sr)\.?$|^(?:II|III|IV)$/u;

/** Whether a word of a name could also stand in a title. */
const isTitleWord = (word: string): boolean => TITLE_WORDS.has(word.toLowerCase().replace(/[’']s$/u, ''));

/**
 * Whether a text looks like the name of one person: two to five capitalized words or initials, particles between.
 *
 *     isPerson('Lotte von Riedhof')   // true
 *     isPerson('Many Goats')          // false
 */
export function isPerson(text: string): boolean {
	const words = text.trim().split(/\s+/u);
	if (words.length < 2 || words.length > 5 || !wordsOfName(words)) return false;
	const full = words.filter((word) => CAPITALIZED.test(word) && !SUFFIX.test(word));
	if (full.length === 0) return false;
	// A family name may be a word ("Fox", "Finch"); a first name is none.
	return !isTitleWord(words[0]) && !(isTitleWord(words.at(-1)!) && /s$/iu.test(words.at(-1)!));
}

/** Whether a text behind "by" names somebody; one word is enough there. */
export function isAuthor(text: string): boolean {
	const words = text.trim().split(/\s+/u);
	if (words.length === 1) return CAPITALIZED.test(words[0]) && !NO_AUTHORS.has(words[0].toLowerCase());
	return words.length <= 6 && wordsOfName(words) && !/^(?:the|a|an|my|our|your)$/iu.test(words[0]);
}

function wordsOfName(words: readonly string[]): boolean {
	return (
		words.every(
			(word) => PARTICLE.test(word) || INITIAL.test(word) || CAPITALIZED.test(word) || SUFFIX.test(word)
		) && words.some((word) => CAPITALIZED.test(word))
	);
}

/** Whether what looks like an author may as well be a place ("by Heather Brook"). */
export function mayBePlace(name: string): boolean {
	const words = name.trim().split(/\s+/u);
	return (
		words.length === 2 && PLACE_NAMES.has(words[1].toLowerCase()) && PLANT_NAMES.has(words[0].toLowerCase())
	);
}

/** First names that describe a place just as well. */
const PLANT_NAMES: ReadonlySet<string> = new Set(
	'heather willow hazel rose lily iris fern ivy holly olive violet daisy laurel rowan ash forest river brook sandy misty rocky clay cliff dale glen robin wren jay heath lake autumn summer april may june winter rainy stony sunny ruby pearl crystal amber coral jade opal silver'.split(
		' '
	)
);

/**
 * The names in a text, in natural order: "Mara and Tom Ellison" shares the family name. Null where a part is no name.
 *
 *     namesIn('Lin Waverlow & Otis Marlpit')   // ['Lin Waverlow', 'Otis Marlpit']
 */
export function namesIn(text: string, one: (name: string) => boolean = isAuthor): string[] | null {
	const plain = text
		.replace(/,?\s*\bet al\.?$/iu, '')
		.replace(/\s*\((?:authors?|eds?\.?|editors?)\)/giu, '')
		.replace(/^(?:eds?\.|edited by|compiled by)\s+/iu, '')
		.replace(/,\s*eds?\.?$/iu, '')
		.trim();
	const parts = plain.split(/\s*(?:;|,?\s+(?:and|with)\s+|,?\s*&|,(?!\s*(?:Jr|Sr)\b))\s*/u).filter(Boolean);
	if (parts.length === 0) return null;
	const last = parts.at(-1)!.split(/\s+/u);
	const names = parts.map((part) =>
		parts.length > 1 && /^\p{Lu}[\p{L}’'.-]*$/u.test(part) && last.length > 1 && part !== parts.at(-1)
			? `${part} ${last.slice(1).join(' ')}`
			: part
	);
	return names.every(one) ? names : null;
}

const LAST = String.raw`(?:(?:de|la|los|las|van|der|von|den|del|di|da|du|le|ter|ten|el|al)\s+)*\p{Lu}[\p{L}’'-]+(?:[ -]\p{Lu}[\p{L}’'-]+)?`;
const FIRST = String.raw`(?:\p{Lu}\.(?:\s*\p{Lu}\.)*|\p{Lu}[\p{L}’'-]+(?:\s+(?:\p{Lu}\.|\p{Lu}[\p{L}’'-]+))*)(?:\s+(?:van|der|von|de|la))*`;
const ONE = `(?<last>${LAST}),\\s+(?<first>${FIRST})`;
const TURNED = new RegExp(`^${ONE}$`, 'u');
const FRONT = new RegExp(
	`^(?<first>${ONE.replaceAll('?<last>', '').replaceAll('?<first>', '')})(?<more>(?:\\s*(?:;|,?\\s*(?:and|&)|,)\\s*(?:${LAST},\\s+${FIRST}|${FIRST}\\s+${LAST}))*)`,
	'u'
);

/** "Ellison, Mara" in natural order; null where it is no such name. */
export function turned(text: string): string | null {
	const found = TURNED.exec(text.trim());
	return found && `${found.groups!.first} ${found.groups!.last}`;
}

/** The authors that a line begins with, family name first, and how long they are. */
export function turnedInFront(text: string): { names: string[]; length: number } | null {
	const found = FRONT.exec(text);
	if (!found) return null;
	const names: string[] = [];
	const first = turned(found.groups!.first);
	if (!first) return null;
	names.push(first);
	for (const part of found.groups!.more.split(/\s*(?:;|,?\s*\b(?:and)\b|,?\s*&)\s*/u).filter(Boolean)) {
		const name = turned(part.replace(/^,\s*/u, '')) ?? part.replace(/^,\s*/u, '').trim();
		if (!isAuthor(name)) return null;
		names.push(name);
	}
	return { names, length: found[0].length };
}
