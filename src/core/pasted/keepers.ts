/** A sign of the private-use area stands around the number of what is kept together while a line is cut. */
const MARK = '\uE000';

/**
 * A text in which what the patterns find, in their order, is kept from being cut; `restore` puts it back into a piece.
 *
 *     const { text, restore } = keepers('bowl (red, blue), jar', [BRACKETS]);
 *     text.split(', ').map(restore)   // ['bowl (red, blue)', 'jar']
 */
export function keepers(
	line: string,
	patterns: readonly RegExp[]
): { text: string; restore: (piece: string) => string } {
	const kept: string[] = [];
	let text = line.replaceAll(MARK, '');
	for (const pattern of patterns)
		text = text.replace(pattern, (found) => `${MARK}${kept.push(found) - 1}${MARK}`);
	const restore = (piece: string): string => {
		const put = piece.replace(/\uE000(\d+)\uE000/g, (_, i: string) => kept[Number(i)]);
		return put === piece ? put : restore(put);
	};
	return { text, restore };
}

export const QUOTED = [/“[^“”]*”/g, /"[^"]*"/g] as const;

export const BRACKETS = /\([^()]*\)|\[[^[\]]*\]/g;
