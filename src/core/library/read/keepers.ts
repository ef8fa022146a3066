/** Marks of the private-use area stand for what is kept together while a line is cut. */
export const keepers = (
	text: string,
	patterns: readonly RegExp[]
): { text: string; restore: (piece: string) => string } => {
	const kept: string[] = [];
	let marked = text;
	for (const pattern of patterns)
		marked = marked.replace(pattern, (found) => `\uE000${kept.push(found) - 1}\uE000`);
	const restore = (piece: string): string => {
		const put = piece.replace(/\uE000(\d+)\uE000/g, (_, i: string) => kept[Number(i)]);
		return put === piece ? put : restore(put);
	};
	return { text: marked, restore };
};

export const QUOTED = [/“[^“”]*”/g, /"[^"]*"/g] as const;

export const BRACKETS = /\([^()]*\)|\[[^[\]]*\]/g;
