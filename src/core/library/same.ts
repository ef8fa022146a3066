/** What is compared of two resources. */
export type Work = { readonly title: string; readonly authors: string; readonly isbn13: string | null };

export type Sameness = 'same ISBN' | 'another edition' | 'nearly the same title';

/** A title without its subtitle, leading article, accents, case and signs. */
export function titleKey(title: string): string {
	const [main] = title.split(/\s*[:–—]\s+|\s+\(/);
	// "Film: across the ice": a single word before the colon says what it is, not which one.
	return plain(/\s/.test(main.trim()) ? main : title)
		.replace(/^(?:the|a|an)\s+/, '')
		.replace(/\s+/g, ' ')
		.trim();
}

function plain(text: string): string {
	return text
		.normalize('NFD')
		.replace(/\p{M}/gu, '')
		.toLowerCase()
		.replace(/[^\p{L}\p{N}]+/gu, ' ')
		.trim();
}

/** The family name of the first author, however it is written. */
function surname(authors: string): string {
	const [first] = authors.split(/[;,&]| and /i);
	return (
		plain(first ?? '')
			.split(' ')
			.at(-1) ?? ''
	);
}

/**
 * Whether two entries are the same thing, and how: one ISBN; one title by one author in another edition;
 * or titles that differ by a letter or two. Null when they are not.
 */
export function sameness(a: Work, b: Work): Sameness | null {
	if (a.isbn13 && a.isbn13 === b.isbn13) return 'same ISBN';
	const [x, y] = [titleKey(a.title), titleKey(b.title)];
	if (!x || !y) return null;
	const [one, other] = [surname(a.authors), surname(b.authors)];
	const sameAuthor = !one || !other || one === other;
	if (x === y) return sameAuthor ? (one && other ? 'another edition' : 'nearly the same title') : null;
	if (!sameAuthor || Math.min(x.length, y.length) < 8) return null;
	return differsLittle(x, y) ? 'nearly the same title' : null;
}

/** At most two letters wrong, missing or too many; digits never differ ("Book 1", "Book 2"). */
function differsLittle(a: string, b: string): boolean {
	if (a.replace(/\D/g, '') !== b.replace(/\D/g, '')) return false;
	if (Math.abs(a.length - b.length) > 2) return false;
	let last = Array.from({ length: b.length + 1 }, (_, i) => i);
	for (let i = 1; i <= a.length; i++) {
		const row = [i];
		for (let j = 1; j <= b.length; j++)
			row[j] = Math.min(last[j] + 1, row[j - 1] + 1, last[j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1));
		if (Math.min(...row) > 2) return false;
		last = row;
	}
	return last[b.length] <= 2;
}
