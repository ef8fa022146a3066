import { STOCKS, stockOf, type Stock } from '../reference/index.ts';
import { counted } from '../words/index.ts';

/** A print as it goes into a run: all copies of it. */
export type ToPrint = {
	readonly id: number;
	readonly stock: Stock;
	readonly sides: 1 | 2;
	readonly color: boolean;
	/** The last day on which it can be printed; null where it has none. */
	readonly by: string | null;
};

/** Prints that go through the printer together. */
export type RunGroup<P extends ToPrint> = {
	readonly stock: Stock;
	readonly sides: 1 | 2;
	readonly color: boolean;
	readonly prints: readonly P[];
};

/**
 * Prints grouped into runs: one stock, one or two sides, color or gray together. Paper is swapped once for each stock:
 * all runs of a stock follow each other, the paper that lies in the printer goes first, then the lighter one. Within a
 * stock two sides go before one, and gray before color.
 */
export function groupRuns<P extends ToPrint>(prints: readonly P[], loaded: Stock = 'plain20'): RunGroup<P>[] {
	const groups = new Map<string, P[]>();
	for (const print of prints) {
		const key = [print.stock, print.sides, print.color].join('/');
		groups.set(key, [...(groups.get(key) ?? []), print]);
	}
	const rank = (stock: Stock) => (stock === loaded ? -1 : STOCKS.findIndex((one) => one.code === stock));
	return [...groups.values()]
		.map((own) => ({ stock: own[0].stock, sides: own[0].sides, color: own[0].color, prints: own }))
		.sort((a, b) => rank(a.stock) - rank(b.stock) || b.sides - a.sides || Number(a.color) - Number(b.color));
}

/**
 * A run as one says it.
 * @example runText({ stock: 'plain20', sides: 2, color: false }) === 'Copy paper, both sides, gray'
 */
export function runText({ stock, sides, color }: Pick<ToPrint, 'stock' | 'sides' | 'color'>): string {
	const { name } = stockOf(stock);
	return `${name.charAt(0).toUpperCase()}${name.slice(1)}, ${sides === 2 ? 'both sides' : 'one side'}, ${color ? 'color' : 'gray'}`;
}

/** How often paper is taken out and other put in while runs are printed in their order. */
export function paperSwaps(runs: readonly Pick<ToPrint, 'stock'>[]): number {
	return runs.filter((run, index) => index > 0 && runs[index - 1].stock !== run.stock).length;
}

/** What to load, in words: "Load 24 sheets of card stock." */
export function loadPaperText(stock: Stock, sheets: number): string {
	return `Load ${counted(sheets, 'sheet')} of ${stockOf(stock).name}.`;
}
