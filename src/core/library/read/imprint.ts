import { keepers, BRACKETS } from '../../pasted/index.ts';
import type { Book } from './book.ts';
import { MADE_BY, takeRemarks } from './remarks-behind.ts';
import { isImprint } from './remarks.ts';

/** Behind a title of a bibliography, words that all begin with a capital are the publisher. */
const isPublisher = (text: string): boolean =>
	/^(?:\p{Lu}[\p{L}.’'&-]*(?:,? |: )?|& |and |of ){1,6}(?:,? ?(?:1[5-9]|20)\d\d)?$/u.test(text) &&
	!MADE_BY.test(text);

/** Publisher and year are dropped, the rest is remarks. */
export function takeImprint(book: Book, text: string): void {
	const { text: kept, restore } = keepers(text, [BRACKETS]);
	for (const part of kept.split(
		/(?<!\b(?:Illus|Ill|Trans|Eds?|Vol|No|\p{Lu}))\.(?:\s+|$)|(\uE000\d+\uE000)|\s+[–—-]\s+/u
	)) {
		if (!part) continue;
		const plain = restore(part).replace(/^[\s.,]+|[\s.,]+$/g, '');
		if (plain !== '' && !isImprint(plain) && !isPublisher(plain)) takeRemarks(book, restore(part));
	}
}
