import { CoreError } from '../error.ts';
import { cards, type Flip } from './imposition.ts';
import type { PrintChoices } from './judge.ts';
import {
	BLANK,
	type CutLine,
	type PageOf,
	type Paper,
	type Placed,
	type PrintedText,
	type SheetPlan,
	type Side,
	type Turn
} from './sheet-plan.ts';

/** A page with its size in millimeters, as it is seen. */
export type SizedPage = PageOf & { readonly width: number; readonly height: number };

/** One copy of one print: it begins on a sheet of its own. */
export type PrintSet = {
	readonly pages: readonly SizedPage[];
	readonly layout: PrintChoices['layout'];
	readonly up: number;
	readonly sides: 1 | 2;
	/** Lines of the slip that leads it in, the first one large; null: no slip. */
	readonly slip: readonly string[] | null;
};

export type SheetsInput = {
	readonly paper: Paper;
	/** What the printer leaves white along each edge, mm. */
	readonly edge: number;
	readonly flip: Flip;
	readonly sets: readonly PrintSet[];
};

/** Pages of different size that still count as the same, mm. */
const SAME = 0.6;

/**
 * The sheets of a run, in the order in which they are printed. A page that fits lies there true to size; a larger one is
 * made smaller until it fits between the edges that the printer leaves white. One that fits better lying is turned.
 *
 * @example
 * sheetsOf({ paper: { width: 210, height: 297 }, edge: 5, flip: 'long-edge', sets: [{ pages: [
 *   { file: 0, page: 0, width: 210, height: 297 }], layout: 'pages', up: 1, sides: 1, slip: null }] })
 * // one sheet, the page at 0, 0, scale 1
 */
export function sheetsOf({ paper, edge, flip, sets }: SheetsInput): SheetPlan[] {
	return sets.flatMap((set, index) => {
		const slip: SheetPlan[] = set.slip
			? [{ front: { ...BLANK, text: slipText(set.slip, edge) }, back: null, set: index, isSlip: true }]
			: [];
		const sides = set.layout === 'pages' ? sidesOfPages(set, paper, edge) : sidesOfCards(set, paper, edge);
		return [
			...slip,
			...sides.map((one): SheetPlan => ({ ...withBack(one, paper, flip), set: index, isSlip: false }))
		];
	});
}

/**
 * A sheet as a printer turns it: on the long edge a back lies as it is, on the short edge every back is turned half
 * around, so that the sheet reads on when it is turned like a page in a book.
 */
export function withBack<T extends Pick<SheetPlan, 'back'>>(sheet: T, paper: Paper, flip: Flip): T {
	return flip === 'long-edge' || sheet.back === null
		? sheet
		: { ...sheet, back: turnedAround(sheet.back, paper) };
}

/** A side half around the middle of its sheet. */
function turnedAround({ placed, cuts, text, blocks }: Side, { width, height }: Paper): Side {
	return {
		placed: placed.map((one) => ({
			...one,
			x: width - one.x - one.width,
			y: height - one.y - one.height,
			turn: ((one.turn + 180) % 360) as Turn
		})),
		cuts: cuts.map(({ x1, y1, x2, y2 }) => ({
			x1: width - x2,
			y1: height - y2,
			x2: width - x1,
			y2: height - y1
		})),
		text: text.map((one) => ({ ...one, x: width - one.x, y: height - one.y, isTurned: !one.isTurned })),
		...(blocks && {
			blocks: blocks.map((one) => ({
				...one,
				x: width - one.x - one.width,
				y: height - one.y - one.height
			}))
		})
	};
}

/** How many sheets a set takes, without its slip. */
export function sheetCount({ pages, layout, up, sides }: Omit<PrintSet, 'slip'>): number {
	if (layout === 'pages') return Math.ceil(Math.ceil(pages.length / up) / sides);
	return Math.ceil(frontsOf(pages, layout).length / up);
}

type Sheet = Pick<SheetPlan, 'front' | 'back'>;

function sidesOfPages({ pages, up, sides }: PrintSet, paper: Paper, edge: number): Sheet[] {
	const { rows, columns } = gridFor(up, pages[0], paper);
	const faces = chunks(pages, up).map((face): Side => ({
		placed: chunks(face, columns).flatMap((row, y) =>
			row.map((page, x) => placedIn(page, cell(paper, rows, columns, y, x), paper, edge))
		),
		cuts: cutLines(paper, rows, columns),
		text: []
	}));
	return chunks(faces, sides).map(([front, back]) => ({ front, back: sides === 2 ? (back ?? BLANK) : null }));
}

function frontsOf<P>(pages: readonly P[], layout: PrintSet['layout']): readonly P[] {
	if (layout === 'cards and backs') return pages.filter((_, index) => index % 2 === 0);
	if (layout === 'cards, one back') return pages.slice(0, Math.max(1, pages.length - 1));
	return pages;
}

function sidesOfCards(set: PrintSet, paper: Paper, edge: number): Sheet[] {
	const { pages, layout, up } = set;
	const fronts = frontsOf(pages, layout);
	const backOf = (card: number): SizedPage | undefined =>
		layout === 'cards and backs'
			? pages[card * 2 + 1]
			: layout === 'cards, one back' && pages.length > 1
				? pages.at(-1)
				: undefined;
	const { rows, columns } = gridFor(up, fronts[0], paper);
	const hasBacks = layout !== 'cards' && fronts.some((_, card) => backOf(card));
	const side = (grid: readonly (readonly (SizedPage | null | undefined)[])[]) =>
		grid.flatMap((row, y) =>
			row.flatMap((page, x) => (page ? [placedIn(page, cell(paper, rows, columns, y, x), paper, edge)] : []))
		);
	return cards(fronts.length, rows, columns, hasBacks ? 'long-edge' : null).sheets.map(({ front, back }) => ({
		front: {
			placed: side(front.map((row) => row.map((card) => (card === null ? null : fronts[card - 1])))),
			cuts: cutLines(paper, rows, columns),
			text: []
		},
		back: back && {
			placed: side(back.map((row) => row.map((card) => (card === null ? null : backOf(card - 1))))),
			cuts: [],
			text: []
		}
	}));
}

type Cell = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

function cell(paper: Paper, rows: number, columns: number, row: number, column: number): Cell {
	const width = paper.width / columns;
	const height = paper.height / rows;
	return { x: column * width, y: row * height, width, height };
}

/** Rows and columns of so many pages on a sheet: those in which a page comes out largest. */
export function gridFor(
	up: number,
	page: { readonly width: number; readonly height: number },
	paper: Paper
): { rows: number; columns: number } {
	if (!Number.isSafeInteger(up) || up < 1 || up > 36)
		throw new CoreError('1 to 36 pages fit on a side.', 'up');
	const ways = Array.from({ length: up }, (_, index) => index + 1)
		.filter((rows) => up % rows === 0)
		.map((rows) => {
			const columns = up / rows;
			return { rows, columns, scale: fit(page, paper.width / columns, paper.height / rows).scale };
		});
	const best = ways.reduce((a, b) => (b.scale > a.scale + 1e-9 ? b : a));
	return { rows: best.rows, columns: best.columns };
}

/** How large a page can be in a box at most, and whether it lies on its side for that. */
function fit(page: { width: number; height: number }, width: number, height: number) {
	const upright = Math.min(width / page.width, height / page.height);
	const lying = Math.min(width / page.height, height / page.width);
	return lying > upright + 1e-6 ? { scale: lying, turn: 90 as Turn } : { scale: upright, turn: 0 as Turn };
}

/** A page in the middle of its cell: true to size where it fits, else as large as fits between the white edges. */
function placedIn(page: SizedPage, box: Cell, paper: Paper, edge: number): Placed {
	const whole = fit({ width: page.width - SAME, height: page.height - SAME }, box.width, box.height);
	const inner = printable(box, paper, edge);
	const inside = fit(page, inner.width, inner.height);
	const isTrue = whole.scale >= 1;
	const { turn } = isTrue ? whole : inside;
	const scale = isTrue ? 1 : inside.scale;
	const width = (turn === 0 ? page.width : page.height) * scale;
	const height = (turn === 0 ? page.height : page.width) * scale;
	const around = isTrue ? box : inner;
	return {
		file: page.file,
		page: page.page,
		x: around.x + (around.width - width) / 2,
		y: around.y + (around.height - height) / 2,
		width,
		height,
		turn,
		scale
	};
}

/** What of a cell the printer reaches, with as much kept free on its other side, so that backs lie behind fronts. */
function printable({ x, y, width, height }: Cell, paper: Paper, edge: number): Cell {
	const left = Math.max(0, edge - x);
	const right = Math.max(0, x + width - (paper.width - edge));
	const top = Math.max(0, edge - y);
	const bottom = Math.max(0, y + height - (paper.height - edge));
	const [across, down] = [Math.max(left, right), Math.max(top, bottom)];
	return { x: x + across, y: y + down, width: width - 2 * across, height: height - 2 * down };
}

function cutLines({ width, height }: Paper, rows: number, columns: number): CutLine[] {
	const across = Array.from({ length: rows - 1 }, (_, index) => {
		const y = ((index + 1) * height) / rows;
		return { x1: 0, y1: y, x2: width, y2: y };
	});
	const down = Array.from({ length: columns - 1 }, (_, index) => {
		const x = ((index + 1) * width) / columns;
		return { x1: x, y1: 0, x2: x, y2: height };
	});
	return [...across, ...down];
}

/** Letters of a slip's line at its size; a longer one goes on below. */
const SLIP_LETTERS = 72;

/** The first line of a slip large, the others below. */
function slipText(lines: readonly string[], edge: number): PrintedText[] {
	const left = Math.max(20, edge + 5);
	const [head = '', ...rest] = lines;
	const below = rest.flatMap((line) => wrapped(line, SLIP_LETTERS));
	return [
		{ text: head, x: left, y: 40, points: head.length > 28 ? 20 : 30, bold: true },
		...below.map((text, index) => ({ text, x: left, y: 55 + index * 7.5, points: 13, bold: false }))
	];
}

/** A line in parts of so many letters, broken between words. */
function wrapped(line: string, most: number): string[] {
	const parts: string[] = [];
	for (const word of line.split(' ')) {
		const last = parts.at(-1);
		if (last !== undefined && last.length + 1 + word.length <= most)
			parts[parts.length - 1] = `${last} ${word}`;
		else parts.push(parts.length ? `    ${word}` : word);
	}
	return parts;
}

function chunks<T>(list: readonly T[], size: number): T[][] {
	return Array.from({ length: Math.ceil(list.length / size) }, (_, index) =>
		list.slice(index * size, index * size + size)
	);
}
