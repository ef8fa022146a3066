/** What a household puts into every unit, whatever it is about. */
export type Frame = {
	/** Lessons before the first and after the last one. */
	readonly opening: readonly string[];
	readonly closing: readonly string[];
	/** Extras, once in each week. */
	readonly weekly: readonly string[];
	/** How many flags of each way a lesson should have: "1 read aloud". */
	readonly books: readonly {
		readonly count: number;
		readonly way: 'read aloud' | 'read alone' | 'look at';
	}[];
	/** Lines that are none of these, and where they stand. */
	readonly unread: readonly { readonly lineNumber: number; readonly written: string }[];
};

/** Common practice, no source: what many home-taught units begin and end with. */
export const USUAL_FRAME = `Opening: Introduction, and find it on the map
Weekly: Fun day, fun day, 60 min
Weekly: A movie about it, movie, 45 min
Closing: Show what we know
Books: 1 read aloud, 1 look at`;

const BOOK = /^(\d{1,2})\s+(read aloud|read alone|look at)s?$/i;

/**
 * Reads a frame, a line each: "Opening: …", "Weekly: …", "Closing: …", "Books: 1 read aloud, 2 look at".
 * What a weekly line says is an activity as one would say it.
 */
export function readFrame(text: string): Frame {
	const opening: string[] = [];
	const closing: string[] = [];
	const weekly: string[] = [];
	const books: { count: number; way: Frame['books'][number]['way'] }[] = [];
	const unread: { lineNumber: number; written: string }[] = [];
	text.split(/\r?\n/).forEach((line, i) => {
		const written = line.trim();
		if (!written) return;
		const [, word, said] = /^(\p{L}+)\s*:\s*(.+)$/u.exec(written) ?? [];
		switch (word?.toLowerCase()) {
			case 'opening':
				return void opening.push(said);
			case 'closing':
				return void closing.push(said);
			case 'weekly':
				return void weekly.push(said);
			case 'books': {
				const parts = said.split(/\s*,\s*/).map((part) => BOOK.exec(part));
				if (parts.every((part) => part !== null)) {
					for (const [, count, way] of parts)
						books.push({ count: Number(count), way: way.toLowerCase() as (typeof books)[number]['way'] });
					return;
				}
			}
		}
		unread.push({ lineNumber: i + 1, written });
	});
	return { opening, closing, weekly, books, unread };
}
