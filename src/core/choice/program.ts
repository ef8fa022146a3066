/**
 * An integer program over variables that are 0 or 1: the largest sum of `worth`, with every row between
 * its bounds. All numbers are whole, so that a solution can be checked without rounding.
 */
export type Program = {
	readonly worth: readonly number[];
	readonly rows: readonly {
		readonly terms: readonly { readonly variable: number; readonly times: number }[];
		readonly least: number | null;
		readonly most: number | null;
	}[];
};

/** Answers the value of each variable in a best solution, or null when there is none. */
export type Solve = (program: Program) => readonly number[] | null;

/** The program in the LP text format, which general solvers read. */
export function lpText(program: Program): string {
	const sum = (terms: readonly { variable: number; times: number }[]) =>
		terms.map(({ variable, times }) => `${times < 0 ? '-' : '+'} ${Math.abs(times)} x${variable}`).join(' ');
	const worth = program.worth
		.map((times, variable) => ({ variable, times }))
		.filter(({ times }) => times !== 0);
	const rows = program.rows.flatMap(({ terms, least, most }, i) => {
		if (terms.length === 0) return [];
		return [
			...(least === null ? [] : [` least${i}: ${sum(terms)} >= ${least}`]),
			...(most === null ? [] : [` most${i}: ${sum(terms)} <= ${most}`])
		];
	});
	return [
		'Maximize',
		` worth: ${worth.length ? sum(worth) : '0 x0'}`,
		'Subject To',
		...rows,
		'Binary',
		...program.worth.map((_, i) => ` x${i}`),
		'End',
		''
	].join('\n');
}
