const ENTITIES: Readonly<Record<string, string>> = {
	amp: '&',
	quot: '"',
	apos: "'",
	nbsp: ' ',
	ndash: '–',
	mdash: '—',
	bull: '•',
	deg: '°',
	times: '×',
	frasl: '/',
	frac12: '½',
	frac13: '⅓',
	frac23: '⅔',
	frac14: '¼',
	frac34: '¾',
	frac18: '⅛',
	lsquo: "'",
	rsquo: "'",
	ldquo: '"',
	rdquo: '"',
	hellip: '…'
};

/**
 * Entities and tags of a page that was pasted as text, as the text they stand for.
 *
 *     withoutMarkup('<li>&frac12; cup honey</li>')   // '½ cup honey'
 */
export function withoutMarkup(text: string): string {
	if (!/[&<]/.test(text)) return text;
	return text
		.replace(/<\/?(?:[a-z][a-z0-9]{0,15})(?:\s[^<>]{0,400})?\/?>|<!--[^<>]{0,400}-->/giu, ' ')
		.replace(
			/&(?:#(\d{1,6})|#x([0-9a-f]{1,5})|([a-z]{2,6}\d{0,2}));/giu,
			(all, digits?: string, hex?: string, name?: string) => {
				const code = digits ? Number(digits) : hex ? parseInt(hex, 16) : null;
				if (code !== null) return code >= 32 && code < 0xd800 ? String.fromCodePoint(code) : ' ';
				return ENTITIES[name!.toLowerCase()] ?? all;
			}
		);
}

/** The lines of a pasted text; where a page was pasted with its markup, its items and breaks are lines. */
export function linesOf(text: string): string[] {
	const plain = /<\/?(?:li|p|br|tr|div|ul|h[1-6])\b/i.test(text)
		? withoutMarkup(
				text.replace(/<(?:\/(?:li|p|tr|div|ul|ol|h[1-6])|br\s*\/?)\s*>/gi, '\n').replace(/<\/t[dh]>/gi, '\t')
			)
		: text;
	return plain.split(/\r\n|\r|\n/);
}
