import { keepers, BRACKETS } from '../../pasted/index.ts';
import { type Book, nothing } from './book.ts';
import { takeRemark, isReading, isImprint } from './remarks.ts';

export const MADE_BY =
	/^(?:and |with )?(?:illus(?:trat(?:ed|ions?|or))?\.?|ill\.|translated|trans\.|retold|adapted|photographs?|photos|pictures|art|edited)\b/i;

/** Whether a text says only what has a field. */
export function takesAll(text: string): boolean {
	const said = nothing();
	return text
		.replace(/[()]/g, ',')
		.split(/\s*[,;]\s*/)
		.filter(Boolean)
		.every((part) => takeRemark(said, part) || isReading(part) || isImprint(part));
}

/** Remarks that lists print behind a book, which are no names. */
export const isKnownNote = (text: string): boolean =>
	/^(?:(?!and |or |but )\p{Ll}|out of print|our |we |try |see |has |have |great |good |lovely |beautiful |lesson |for |not |also |only |ask |check |hard to|library|your |any |use |read |skip |these |this |chapters? |pages? |pp?\.)/u.test(
		text.trim()
	) || /\b(?:library|print|lesson|pictures|illustrations|edition|favorite|copy|copies)\b/i.test(text);

/** A text without the brackets at its end, and these. */
export function splitRemarks(text: string): { front: string; remarks: string } {
	const found = /^(.*?\S)\s*((?:[,\s]*\([^()]*\)[,.\s]*)+)$/.exec(text.trim());
	return found && found[1]
		? { front: found[1].replace(/,$/, ''), remarks: found[2] }
		: { front: text.trim(), remarks: '' };
}

/** Brackets at the end of a title, or before "by", are remarks. */
export function cutTitle(front: string): { title: string; remarks: string } {
	const found = /^(.*\S)((?:\s*\([^()]*\))+)$/.exec(front);
	return found ? { title: found[1], remarks: found[2] } : { title: front, remarks: '' };
}

/** Takes remarks apart: what has a field goes there, the rest is a note as it is written. */
export function takeRemarks(book: Book, text: string): void {
	const { text: kept, restore } = keepers(text, [BRACKETS]);
	const groups = kept
		.split(/(\uE000\d+\uE000)|\s+(?:[–—-]|--)\s+|^(?:[–—-]|--)\s+|\t+|\s*;\s*/)
		.filter((group): group is string => Boolean(group?.trim()));
	for (const group of groups) {
		const inner = restore(group)
			.trim()
			.replace(/^[([]|[)\]]$/g, '')
			.replace(/^[\s,.;:–—-]+|[\s,.;:]+$/g, '');
		if (inner === '') continue;
		const parts = inner.split(/\s*,\s*|\s*;\s*/);
		const left: string[] = [];
		for (const part of parts) {
			const plain = part.trim();
			if (plain === '' || isImprint(plain) || /^(?:author|authors|et al\.?)$/i.test(plain)) continue;
			if (takeRemark(book, plain)) continue;
			left.push(isReading(plain) ? plain.replace(/^read\s+(?=p)/i, '') : plain);
		}
		if (left.length) book.notes.push(left.join(', '));
	}
}
