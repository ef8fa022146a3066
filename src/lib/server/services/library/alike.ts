import { titleKey } from '$core/library/index.ts';
import { singularWord } from '$core/naming/index.ts';
import { counted } from '$core/words/index.ts';
import type { Row, Snapshot } from '$core/facts/index.ts';

/**
 * What to know before another book of a kind is bought: that our own on it have much the same inside. A book is of
 * that kind where its title or what it is about has the word that ours carry.
 */
export function alikeText(
	snapshot: Snapshot,
	book: {
		readonly title: string;
		readonly note?: string;
		readonly topics?: string;
		readonly resource_id?: number | null;
	}
): string | null {
	const marked = snapshot.resources.filter(
		(one) =>
			one.alike !== '' &&
			one.owned === 1 &&
			one.id !== book.resource_id &&
			titleKey(one.title) !== titleKey(book.title)
	);
	if (marked.length === 0) return null;
	const words = new Set(wordsIn(`${book.title} ${book.topics ?? ''} ${book.note ?? ''}`));
	const about = new Set(
		marked.map((one) => one.alike).filter((word) => wordsIn(word).every((one) => words.has(one)))
	);
	const [first] = about;
	if (first === undefined) return null;
	const count = marked.filter((one: Row<'resource'>) => one.alike === first).length;
	return count === 1
		? `Ours on ${first} has much the same inside.`
		: `Our ${counted(count, 'book')} on ${first} have much the same inside.`;
}

const wordsIn = (text: string): string[] => (text.toLowerCase().match(/\p{L}{3,}/gu) ?? []).map(singularWord);
