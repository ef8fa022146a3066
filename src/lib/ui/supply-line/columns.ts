/** Lines of one lesson that stand in one column. */
export type Part<L> = {
	readonly lesson: number;
	/** Not what goes on from the column before. */
	readonly isFirst: boolean;
	/** Lines above it in its column. */
	readonly from: number;
	readonly lines: readonly L[];
};

/** A lesson is not cut for so few lines. */
export const FEW = 12;

/**
 * Lessons in two columns of as many lines, in their order; a long one is cut in two. What is beyond the first `most`
 * lines waits.
 */
export function inColumns<L>(
	lessons: readonly { readonly lesson: number; readonly lines: readonly L[] }[],
	most: number
): readonly (readonly Part<L>[])[] {
	const all = lessons.reduce((sum, one) => sum + one.lines.length, 0);
	const half = Math.ceil(Math.min(most, all) / 2);
	const halves: [Part<L>[], Part<L>[]] = [[], []];
	let count = 0;
	for (const { lesson, lines } of lessons) {
		for (let at = 0; at < lines.length && count < 2 * half;) {
			const column = count < half ? 0 : 1;
			const left = half * (column + 1) - count;
			// A few lines more or less are no reason to cut a lesson.
			const size =
				lines.length - at <= left + FEW && column === 0
					? lines.length - at
					: Math.min(left, lines.length - at);
			halves[column].push({
				lesson,
				isFirst: at === 0,
				from: count - half * column,
				lines: lines.slice(at, at + size)
			});
			at += size;
			count += size;
		}
	}
	return halves.filter((column) => column.length > 0);
}
