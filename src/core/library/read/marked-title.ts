import { isPerson, isAuthor, namesIn, turned } from './person.ts';
import { splitRemarks } from './remarks-behind.ts';

const MARKS: readonly RegExp[] = [
	/“([^“”]+)”/u,
	/(?<![\p{L}\d])"([^"]+)"/u,
	/(?<![\p{L}\d])‘([^‘]+?)’(?=$|[\s,.;:)])(?![^‘]*’(?=$|\s+by\b))/u,
	/(?<![\p{L}\d])_([^_]+)_/u,
	/(?<![\p{L}\d*])\*{1,3}([^*]+)\*{1,3}/u
];

/** A title in quotation marks, underscores or asterisks that begins the line or stands behind an author. */
export function markedTitle(text: string): { title: string; before: string; behind: string } | null {
	for (const mark of MARKS) {
		const found = mark.exec(text);
		if (!found) continue;
		const before = text.slice(0, found.index);
		const behind = text.slice(found.index + found[0].length);
		const author = before.replace(/[\s,:–—-]+$/, '').replace(/\.$/, '');
		const isAuthorBefore =
			before.trim() !== '' &&
			(/[,:–—-]\s*$|\.\s*$/.test(before) || /[,]$/.test(found[1])) &&
			(turned(author) !== null || namesIn(author, isPerson) !== null || isAuthor(author));
		if (before.trim() === '' || isAuthorBefore) {
			// 'The "Perfect" Puddle': a mark within a title is part of it.
			const goesOn = /^\s+(?!by\b|\()[\p{L}]/iu.test(behind) && !isPerson(splitRemarks(behind).front);
			if (before.trim() === '' && goesOn) continue;
			return { title: found[1], before, behind };
		}
	}
	return null;
}
