import { CoreError } from '../error.ts';

/**
 * Pages as one types them, "12-18, 22" or "3 to 5, 9 and 10": in their order, each once.
 *
 * @example readPages('12-14, 22', 60) // [12, 13, 14, 22]
 * @throws CoreError with a sentence where something is no page, or not there.
 */
export function readPages(text: string, last: number): number[] {
	const parts = text
		// Blanks first: many of them in a row are one.
		.replace(/\s+/g, ' ')
		.replace(/\b(?:pages?|pp?\.?) ?/gi, '')
		.replace(/ ?(?:[-–—]|\bto\b) ?/gi, '-')
		.split(/[\s,;&]+|\band\b/)
		.filter(Boolean);
	if (parts.length === 0) throw new CoreError('Type the pages, like 12-18, 22.', 'pages');
	const pages = parts.flatMap((part) => {
		const [, from, to = from] = /^(\d{1,6})(?:-(\d{1,6}))?$/.exec(part) ?? [];
		if (!from) throw new CoreError(`“${part}” isn’t a page. Type pages like 12-18, 22.`, 'pages');
		const [a, b] = [Number(from), Number(to)];
		if (b < a) throw new CoreError(`${part} runs backward. Type the lower page first.`, 'pages');
		if (a < 1 || b > last)
			throw new CoreError(
				last === 1 ? 'There is only page 1.' : `There are pages 1 to ${last}; ${part} is outside.`,
				'pages'
			);
		return Array.from({ length: b - a + 1 }, (_, index) => a + index);
	});
	return [...new Set(pages)];
}

/**
 * Pages in a few signs.
 * @example pageNumbersText([12, 13, 14, 22]) === '12–14, 22'
 */
export function pageNumbersText(pages: readonly number[]): string {
	const runs: [number, number][] = [];
	for (const page of pages) {
		const last = runs.at(-1);
		if (last && page === last[1] + 1) last[1] = page;
		else runs.push([page, page]);
	}
	return runs.map(([from, to]) => (from === to ? `${from}` : `${from}–${to}`)).join(', ');
}
