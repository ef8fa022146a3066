import { CoreError } from '../error.ts';
import { textWidth, wrapText, type Paper, type SheetSides, type Side } from '../print/index.ts';

/** A sheet of labels by its measures, mm; and by how much a printer is off, right and down. */
export type LabelSheet = {
	readonly columns: number;
	readonly rows: number;
	readonly width: number;
	readonly height: number;
	readonly left: number;
	readonly top: number;
	/** From the left edge of a label to that of the next, and from top to top. */
	readonly across: number;
	readonly down: number;
	readonly offsetX: number;
	readonly offsetY: number;
};

/** What stands on a label: the first line is set larger. */
export type Label = {
	readonly lines: readonly string[];
	/** All lines alike, and as large on every label of the sheet. */
	readonly even?: boolean;
	/** Of a card that is read from afar: its letters are as large as fit, in its middle. */
	readonly isPoster?: boolean;
};

const POINT = 25.4 / 72;
/** From line to line, of the size of the letters. */
const LEADING = 1.15;
/** Smaller than this nothing can be read on a shelf; steps in which a size is tried, in points. */
const SMALLEST = 5;
const STEP = 0.25;
const PADDING = 2.5;
/** Free above and below, mm: letters have room of their own there. */
const EDGE = 1;
/** Letters that are read from across a room, in points; bold ones are wider than the usual, so a share of what fits. */
const POSTER_POINTS = 64;
const POSTER_SHARE = 0.85;
/** What is higher is a card and no label any more, mm. */
const CARD_HEIGHT = 110;

/** A line in the size in which it fits into a width, at most `points`, at least the smallest. */
function sized(text: string, width: number, points: number, isBold: boolean): number {
	const wanted = textWidth(text, points, isBold);
	return Math.max(SMALLEST, Math.min(points, (points * width) / Math.max(wanted, 1e-9)));
}

/** Where the labels of a sheet lie, row by row, mm from its top left corner. */
export function labelPlaces(sheet: LabelSheet): { readonly x: number; readonly y: number }[] {
	return Array.from({ length: sheet.rows * sheet.columns }, (_, at) => ({
		x: sheet.left + sheet.offsetX + (at % sheet.columns) * sheet.across,
		y: sheet.top + sheet.offsetY + Math.floor(at / sheet.columns) * sheet.down
	}));
}

/** Labels set onto sheets, `from` places into the first one. @throws CoreError where the sheet of labels does not lie on the paper */
export function labelSheets(
	labels: readonly Label[],
	sheet: LabelSheet,
	paper: Paper,
	from = 0
): SheetSides[] {
	const places = labelPlaces({ ...sheet, offsetX: 0, offsetY: 0 });
	const [first, last] = [places[0], places.at(-1)];
	if (!first || !last || sheet.width <= 0 || sheet.height <= 0)
		throw new CoreError('A sheet of labels has at least one row and column, and labels with a size.');
	if (last.x + sheet.width > paper.width + 0.5 || last.y + sheet.height > paper.height + 0.5)
		throw new CoreError('These labels don’t fit on the paper: check rows, columns, and measures.');
	const boxes = labelPlaces(sheet).map((place) => ({ ...place, width: sheet.width, height: sheet.height }));
	const begin = from % places.length;
	const where = labels.map((_, at) => boxes[(begin + at) % places.length]);
	const count = Math.max(1, Math.ceil((begin + labels.length) / places.length));
	// Sizes are those of all labels, also where a sheet ends.
	const set = setAll(labels, where);
	return Array.from({ length: count }, (_, at): SheetSides => ({
		front: {
			placed: [],
			cuts: [],
			text: set.filter((_, label) => Math.floor((begin + label) / places.length) === at).flat()
		},
		back: null
	}));
}

type Box = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

/** The lines of a label broken so that none is wider than it, in a size. */
const broken = (lines: readonly string[], width: number, points: number) =>
	lines.flatMap((line) => wrapText(line, width - 2 * PADDING, points, true));

/** The largest size, in points, in which the lines of a label all fit into its box, broken where that helps. */
function evenSize(lines: readonly string[], box: Pick<Box, 'width' | 'height'>, limit = 20): number {
	// A word that is broken is harder to read than one that is smaller.
	const longest = lines.flatMap((line) => line.split(/\s+/));
	for (let points = limit; points > SMALLEST; points -= STEP) {
		if (longest.some((word) => textWidth(word, points, true) > box.width - 2 * PADDING)) continue;
		const high = broken(lines, box.width, points).length * points * LEADING * POINT;
		if (high <= box.height - 2 * EDGE) return points;
	}
	return SMALLEST;
}

/** The lines of each label in its box; those whose lines are alike have one size on all. */
function setAll(labels: readonly Label[], boxes: readonly Box[]): Side['text'][] {
	const points = Math.min(
		Infinity,
		...labels.flatMap(({ lines, even, isPoster }, at) =>
			even
				? [isPoster ? POSTER_SHARE * evenSize(lines, boxes[at], POSTER_POINTS) : evenSize(lines, boxes[at])]
				: []
		)
	);
	return labels.map(({ lines, even, isPoster }, at) => {
		if (!even) return setIn(lines, boxes[at]);
		const set = setEven(lines, boxes[at], points);
		const free = (text: string) => boxes[at].width - textWidth(text, points, true);
		return isPoster
			? set.map((one) => ({ ...one, x: boxes[at].x + Math.max(PADDING, free(one.text) / 2) }))
			: set;
	});
}

/** Lines of one size in the middle of a box's height, broken where they are wider than it. */
export function setEven(lines: readonly string[], box: Box, points = evenSize(lines, box)): Side['text'] {
	const line = points * POINT * LEADING;
	const set = broken(lines, box.width, points);
	const top = box.y + (box.height - line * set.length) / 2;
	return set.map((text, index) => ({
		text,
		x: box.x + PADDING,
		y: top + (index + 0.8) * line,
		points,
		bold: true
	}));
}

/** Lines in a box, the first one larger, all within its edges. */
export function setIn(lines: readonly string[], box: Box): Side['text'] {
	const width = box.width - 2 * PADDING;
	const room = box.height - 2 * PADDING;
	// One line large and the others small, as high as the box allows.
	const unit = room / (1.5 + (lines.length - 1));
	// A card that stands in a tray is read from where one stands, a label from near.
	const most = box.height > CARD_HEIGHT ? { large: 24, small: 15 } : { large: 20, small: 11 };
	const [large, small] = [
		Math.min(most.large, (unit * 1.1) / POINT),
		Math.min(most.small, (unit * 0.8) / POINT)
	];
	let y = box.y + PADDING;
	return lines.map((text, index) => {
		const points = sized(text, width, index === 0 ? large : small, index === 0);
		const line =
			index === 0 ? Math.min(unit * 1.5, large * POINT * 1.35) : Math.min(unit, small * POINT * 1.45);
		y += line;
		return { text, x: box.x + PADDING, y: y - line * 0.25, points, bold: index === 0 };
	});
}

/** A frame to cut along. */
export function frame({ x, y, width, height }: Box): Side['cuts'] {
	return [
		{ x1: x, y1: y, x2: x + width, y2: y },
		{ x1: x, y1: y + height, x2: x + width, y2: y + height },
		{ x1: x, y1: y, x2: x, y2: y + height },
		{ x1: x + width, y1: y, x2: x + width, y2: y + height }
	];
}

/**
 * Labels of one size on plain paper, with lines to cut along, as many on a sheet as fit between its edges. With `backs`,
 * one for each label, each stands behind its own once the sheet is turned on its long edge.
 */
export function cutOut(
	labels: readonly Label[],
	size: { width: number; height: number },
	paper: Paper,
	edge: number,
	backs: readonly Label[] | null = null
): SheetSides[] {
	const columns = Math.floor((paper.width - 2 * edge) / size.width);
	const rows = Math.floor((paper.height - 2 * edge) / size.height);
	if (columns < 1 || rows < 1) throw new CoreError('A label of this size doesn’t fit on the paper.');
	const perSheet = columns * rows;
	return Array.from({ length: Math.ceil(labels.length / perSheet) }, (_, sheet): SheetSides => {
		const own = labels.slice(sheet * perSheet, (sheet + 1) * perSheet);
		const boxes = own.map((_, at) => ({
			x: edge + (at % columns) * size.width,
			y: edge + Math.floor(at / columns) * size.height,
			...size
		}));
		return {
			front: {
				placed: [],
				cuts: boxes.flatMap(frame),
				text: setAll(own, boxes).flat()
			},
			back: backs && {
				placed: [],
				cuts: [],
				text: setAll(
					backs.slice(sheet * perSheet, (sheet + 1) * perSheet),
					boxes.map((one) => ({ ...one, x: paper.width - one.x - one.width }))
				).flat()
			}
		};
	});
}
