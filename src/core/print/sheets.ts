import { CoreError } from '../error.ts';
import { cards, type Flip } from './imposition.ts';
import type { PrintChoices } from './judge.ts';
import type { Ink } from './looks.ts';
import {
	BLANK,
	type CutLine,
	type PageOf,
	type Paper,
	type Placed,
	type PrintedText,
	type SheetPlan,
	type SheetSides,
	type Side,
	type Turn
} from './sheet-plan.ts';

/** Width and height in millimeters, as it is seen. */
type Size = { readonly width: number; readonly height: number };

/** A page with its size. */
export type SizedPage = PageOf &
	Size & {
		/** Where it has ink; null or missing while nobody has looked. */
		readonly ink?: Ink | null;
		/** Made smaller until it lies within the edges that the printer leaves white, though it would fit the paper. */
		readonly isInside?: boolean;
	};

/** A print as it is laid onto sheets. */
export type PrintSet = {
	readonly pages: readonly SizedPage[];
	readonly layout: PrintChoices['layout'];
	readonly up: number;
	readonly sides: 1 | 2;
	/** How many copies of it; one where nothing is said. */
	readonly copies?: number;
	/** What lies side by side is cut apart, so that copies share sheets; else each begins on a sheet of its own. */
	readonly isCut?: boolean;
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
 * The sheets of a run, in the order in which they lie on the pile. A page that fits lies there true to size; a larger
 * one is made smaller until it fits between the edges that the printer leaves white. One that fits better lying is turned.
 *
 * @example
 * sheetsOf({ paper: { width: 210, height: 297 }, edge: 5, flip: 'long-edge', sets: [{ pages: [
 *   { file: 0, page: 0, width: 210, height: 297 }], layout: 'pages', up: 1, sides: 1, slip: null }] })
 * // one sheet, the page at 0, 0, scale 1
 */
export function sheetsOf({ paper, edge, flip, sets }: SheetsInput): SheetPlan[] {
	return sets.flatMap((set, index) => {
		const slip: SheetPlan[] = set.slip
			? [
					{
						front: { ...BLANK, text: slipText(set.slip, edge) },
						back: null,
						set: index,
						copies: [0],
						isSlip: true
					}
				]
			: [];
		return [
			...slip,
			...laidOut(set).map((faces): SheetPlan => ({
				...withBack(sidesOf(faces, set, paper, edge), paper, flip),
				set: index,
				copies: [...new Set(faces.pieces.map((one) => one.copy))],
				isSlip: false
			}))
		];
	});
}

/**
 * A sheet as a printer turns it: on the long edge a back lies as it is, on the short edge every back is turned half
 * around, so that the sheet reads on when it is turned like a page in a book.
 */
export function withBack<T extends Pick<SheetSides, 'back'>>(sheet: T, paper: Paper, flip: Flip): T {
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
export function sheetCount(set: Omit<PrintSet, 'slip'>): number {
	return laidOut(set).length;
}

/** Something that lies in a cell of a sheet, with what is behind it, and the copy that it is of. */
type Piece = { readonly front: SizedPage | null; readonly back: SizedPage | null; readonly copy: number };

/** What is on one sheet, cell by cell as the front is seen; `isMirrored`: a back lies behind its own front. */
type Faces = { readonly pieces: readonly Piece[]; readonly hasBack: boolean; readonly isMirrored: boolean };

/**
 * Which pages lie on which sheets. What is cut apart goes piece by piece, the copies one after another, so that no
 * more cells stay empty than on the last sheet; that is the least, since a sheet holds no more than its cells.
 */
function laidOut(set: Omit<PrintSet, 'slip'>): Faces[] {
	const copies = Array.from({ length: set.copies ?? 1 }, (_, copy) => copy);
	const isInPieces = set.layout !== 'pages' || (set.isCut === true && set.up > 1);
	if (!isInPieces) return copies.flatMap((copy) => facesOfPages(set, copy));
	const pieces = copies.map((copy) => piecesOf(set, copy));
	const together = set.isCut ? [pieces.flat()] : pieces;
	return together.flatMap((own) => {
		const hasBack = own.some((one) => one.back !== null);
		return chunks(own, set.up).map((some) => ({ pieces: some, hasBack, isMirrored: true }));
	});
}

/** Pages that go on reading: first the front of a sheet is filled, then its back. */
function facesOfPages({ pages, up, sides }: Omit<PrintSet, 'slip'>, copy: number): Faces[] {
	return chunks(chunks(pages, up), sides).map(([front, back = []]) => ({
		pieces: Array.from({ length: Math.max(front.length, back.length) }, (_, index) => ({
			front: front[index] ?? null,
			back: back[index] ?? null,
			copy
		})),
		hasBack: sides === 2,
		isMirrored: false
	}));
}

function piecesOf({ pages, layout, sides }: Omit<PrintSet, 'slip'>, copy: number): Piece[] {
	switch (layout) {
		case 'pages':
			return chunks(pages, sides).map(([front, back = null]) => ({ front, back, copy }));
		case 'cards':
			return pages.map((front) => ({ front, back: null, copy }));
		case 'cards and backs':
			return chunks(pages, 2).map(([front, back = null]) => ({ front, back, copy }));
		case 'cards, one back': {
			const back = pages.length > 1 ? pages.at(-1)! : null;
			return pages.slice(0, Math.max(1, pages.length - 1)).map((front) => ({ front, back, copy }));
		}
	}
}

function sidesOf(
	{ pieces, hasBack, isMirrored }: Faces,
	set: PrintSet,
	paper: Paper,
	edge: number
): SheetSides {
	const size = set.pages[0];
	const { rows, columns } = gridFor(set.up, size, paper);
	const area = areaOf(size, rows, columns, paper, edge);
	const [grid] = cards(pieces.length, rows, columns, 'long-edge').sheets;
	const side = (isBack: boolean): Side => ({
		placed: (isBack && isMirrored ? grid.back! : grid.front).flatMap((numbers, row) =>
			numbers.flatMap((number, column) => {
				const piece = number === null ? null : pieces[number - 1];
				const page = isBack ? piece?.back : piece?.front;
				return page ? [placedIn(page, cell(area, rows, columns, row, column), paper, edge)] : [];
			})
		),
		cuts: isBack && isMirrored ? [] : cutLines(area, paper, rows, columns),
		text: []
	});
	return { front: side(false), back: hasBack ? side(true) : null };
}

/**
 * What of a sheet its cells divide: all of it, or as much less as true to size pages leave free, so that those at its
 * edges come to lie where the printer reaches.
 */
function areaOf(size: Size, rows: number, columns: number, paper: Paper, edge: number): Cell {
	const isUpright = fit(size, paper.width / columns, paper.height / rows).turn === 0;
	const [across, down] = isUpright ? [size.width, size.height] : [size.height, size.width];
	const free = (whole: number, used: number) =>
		rows * columns === 1 ? 0 : Math.min(edge, Math.max(0, (whole - used) / 2));
	const [x, y] = [free(paper.width, across * columns), free(paper.height, down * rows)];
	return { x, y, width: paper.width - 2 * x, height: paper.height - 2 * y };
}

/**
 * How many pages of a size lie on one side true to size, in rows and columns; 1 where only one does, or none.
 * @example fitting({ width: 139.7, height: 215.9 }, { width: 215.9, height: 279.4 }) === 2
 */
export function fitting({ width, height }: Size, paper: Paper): number {
	const along = (whole: number, one: number) => Math.floor((whole + SAME) / one);
	const most = (across: number, down: number) => along(paper.width, across) * along(paper.height, down);
	return Math.min(MOST_ON_A_SIDE, Math.max(1, most(width, height), most(height, width)));
}
const MOST_ON_A_SIDE = 36;

type Cell = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

function cell(area: Cell, rows: number, columns: number, row: number, column: number): Cell {
	const width = area.width / columns;
	const height = area.height / rows;
	return { x: area.x + column * width, y: area.y + row * height, width, height };
}

/** Rows and columns of so many pages on a sheet: those in which a page comes out largest. */
export function gridFor(
	up: number,
	page: { readonly width: number; readonly height: number },
	paper: Paper
): { rows: number; columns: number } {
	if (!Number.isSafeInteger(up) || up < 1 || up > MOST_ON_A_SIDE)
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
	const isTrue = whole.scale >= 1 && !page.isInside;
	const { turn } = isTrue ? whole : inside;
	const scale = isTrue ? 1 : inside.scale;
	const width = (turn === 0 ? page.width : page.height) * scale;
	const height = (turn === 0 ? page.height : page.width) * scale;
	const around = isTrue ? box : inner;
	const placed: Placed = {
		file: page.file,
		page: page.page,
		x: around.x + (around.width - width) / 2,
		y: around.y + (around.height - height) / 2,
		width,
		height,
		turn,
		scale
	};
	return page.ink && reachesEdge(placed, page.ink, paper, edge) ? { ...placed, isCutOff: true } : placed;
}

/** Ink that lies so little beyond the printer's reach counts as within, mm. */
const HARDLY = 0.3;

/** Whether ink of a page lies where the printer leaves the sheet white. */
function reachesEdge({ x, y, width, height, turn }: Placed, ink: Ink, paper: Paper, edge: number): boolean {
	const { left, top, right, bottom } = ink;
	if (left + right >= 1 || top + bottom >= 1) return false;
	const around = [top, right, bottom, left];
	// Turned clockwise by a quarter, what was at the left is on top.
	const turned = around.map((_, side) => around[(side - turn / 90 + 4) % 4]);
	const least = edge - HARDLY;
	return (
		y + turned[0] * height < least ||
		paper.width - (x + width - turned[1] * width) < least ||
		paper.height - (y + height - turned[2] * height) < least ||
		x + turned[3] * width < least
	);
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

/** Where is cut: between the cells, and around them where they do not reach to the edges of the sheet. */
function cutLines(area: Cell, { width, height }: Paper, rows: number, columns: number): CutLine[] {
	if (rows * columns === 1) return [];
	const lines = (from: number, length: number, count: number) =>
		Array.from({ length: count + 1 }, (_, index) => from + (index * length) / count).filter(
			(_, index) => (index > 0 && index < count) || from > SAME
		);
	return [
		...lines(area.y, area.height, rows).map((y) => ({ x1: 0, y1: y, x2: width, y2: y })),
		...lines(area.x, area.width, columns).map((x) => ({ x1: x, y1: 0, x2: x, y2: height }))
	];
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
