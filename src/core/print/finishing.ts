import {
	AT_ONCE,
	PAPER_SIZES,
	POUCHES,
	SEALED_EDGE,
	stockOf,
	type HomePaper,
	type Stock
} from '../reference/index.ts';
import type { Binding, Cut, Finish } from './roles.ts';

/** What is made ready after printing. */
export type ToFinish = {
	readonly sheets: number;
	readonly copies: number;
	readonly stock: Stock;
	readonly finish: Finish;
	readonly cut: Cut;
	readonly binding: Binding;
	/** Pieces that one sheet is cut into, in rows and columns; one where it stays whole. */
	readonly rows: number;
	readonly columns: number;
	/** Only the outer leaves are laminated: sheets a copy. */
	readonly outerOnly: boolean;
	readonly paper: HomePaper;
};

export type FinishingJob = {
	readonly kind: 'laminate' | 'cut' | 'cut by hand' | 'bind' | 'staple' | 'bag';
	readonly count: number;
	readonly minutes: number;
};

export type Finishing = {
	readonly pouches: number;
	readonly cuts: number;
	/** In the order in which they are done. */
	readonly jobs: readonly FinishingJob[];
	/** In all, without warming up, which is done once a sitting. */
	readonly minutes: number;
};

export type FilmOrder = 'laminate first' | 'cut first';

/** Seconds that one of each kind takes. */
export type FinishingSeconds = Readonly<Record<FinishingJob['kind'], number>>;

/** Seconds as minutes, rounded up to a half. */
const minutesOf = (seconds: number) => Math.max(0, Math.ceil(seconds / 30 - 1e-9)) / 2;

/**
 * What finishing takes. Laminated first, a sheet takes one pouch and each is cut by itself; cut first, several sheets
 * go under the trimmer at once, but each piece wants a sealed edge of film, so that more pouches are needed and each
 * is cut once more. How long it takes are the household's own rates.
 */
export function finishing(print: ToFinish, order: FilmOrder, seconds: FinishingSeconds): Finishing {
	const { sheets, rows, columns } = print;
	const pieces = rows * columns;
	const isLaminated = print.finish === 'pouch';
	const laminated = print.outerOnly ? Math.min(sheets, print.copies) : sheets;
	const cutsPerSheet = print.cut === 'trim' && pieces > 1 ? rows - 1 + (columns - 1) : 0;
	const atOnce = stockOf(print.stock).isCard ? AT_ONCE.card : AT_ONCE.paper;
	const isCutFirst = order === 'cut first' && isLaminated && pieces > 1;
	const perPouch = isCutFirst ? piecesInPouch(rows, columns, print.paper) : pieces;
	const pouches = !isLaminated ? 0 : isCutFirst ? Math.ceil((laminated * pieces) / perPouch) : laminated;
	const stackCuts = Math.ceil(sheets / atOnce) * cutsPerSheet;
	const cuts = isCutFirst
		? stackCuts + pouches * Math.max(1, perPouch - 1)
		: isLaminated
			? laminated * cutsPerSheet + Math.ceil((sheets - laminated) / atOnce) * cutsPerSheet
			: stackCuts;
	const job = (kind: FinishingJob['kind'], count: number): FinishingJob[] =>
		count > 0 ? [{ kind, count, minutes: minutesOf(count * seconds[kind]) }] : [];
	const cutting = job('cut', cuts);
	const laminating = job('laminate', pouches);
	const jobs: FinishingJob[] = [
		...(isCutFirst ? [...cutting, ...laminating] : [...laminating, ...cutting]),
		...job('cut by hand', print.cut === 'shapes' ? sheets : 0),
		...job('staple', print.binding === 'staple' ? print.copies : 0),
		...job('bind', print.binding === 'coil' ? print.copies : 0),
		...job('bag', cuts > 0 ? print.copies : 0)
	];
	return { pouches, cuts, jobs, minutes: jobs.reduce((sum, one) => sum + one.minutes, 0) };
}

/** How many pieces of a sheet fit into one pouch when film is sealed all around each. */
function piecesInPouch(rows: number, columns: number, paper: HomePaper): number {
	const pouch = POUCHES[paper];
	const sheet = PAPER_SIZES[paper];
	const fits = (space: number, piece: number) =>
		Math.max(1, Math.floor((space - SEALED_EDGE) / (piece + SEALED_EDGE)));
	return Math.min(
		rows * columns,
		fits(pouch.width, sheet.width / columns) * fits(pouch.height, sheet.height / rows)
	);
}
