import { CoreError } from '../error.ts';
import type { Paper, SheetPlan, Side } from '../print/index.ts';

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
export type Label = { readonly lines: readonly string[] };

const POINT = 25.4 / 72;
/** Letters are about so wide, of their size: enough to know when a line has to be set smaller. */
const LETTER = 0.52;
const PADDING = 2.5;

/** A line in the size in which it fits into a width, at most `points`, at least 5. */
function sized(text: string, width: number, points: number): number {
	const wanted = text.length * LETTER * points * POINT;
	return Math.max(5, Math.min(points, (points * width) / Math.max(wanted, 1e-9)));
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
): SheetPlan[] {
	const places = labelPlaces({ ...sheet, offsetX: 0, offsetY: 0 });
	const [first, last] = [places[0], places.at(-1)];
	if (!first || !last || sheet.width <= 0 || sheet.height <= 0)
		throw new CoreError('A sheet of labels has at least one row and column, and labels with a size.');
	if (last.x + sheet.width > paper.width + 0.5 || last.y + sheet.height > paper.height + 0.5)
		throw new CoreError('These labels don’t fit on the paper: check rows, columns, and measures.');
	const shifted = labelPlaces(sheet);
	const sheets: SheetPlan[] = [];
	let text: { text: string; x: number; y: number; points: number; bold: boolean }[] = [];
	const finish = () => {
		sheets.push({ front: { placed: [], cuts: [], text }, back: null, set: 0, isSlip: false });
		text = [];
	};
	let at = from % places.length;
	for (const { lines } of labels) {
		if (at === places.length) {
			finish();
			at = 0;
		}
		text.push(...setIn(lines, { ...shifted[at], width: sheet.width, height: sheet.height }));
		at++;
	}
	finish();
	return sheets;
}

type Box = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

/** Lines in a box, the first one larger, all within its edges. */
export function setIn(
	lines: readonly string[],
	box: Box
): { text: string; x: number; y: number; points: number; bold: boolean }[] {
	const width = box.width - 2 * PADDING;
	const room = box.height - 2 * PADDING;
	// One line large and the others small, as high as the box allows.
	const unit = room / (1.5 + (lines.length - 1));
	const [large, small] = [Math.min(20, (unit * 1.1) / POINT), Math.min(11, (unit * 0.8) / POINT)];
	let y = box.y + PADDING;
	return lines.map((text, index) => {
		const points = sized(text, width, index === 0 ? large : small);
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

/** Labels of one size on plain paper, with lines to cut along, as many on a sheet as fit between its edges. */
export function cutOut(
	labels: readonly Label[],
	size: { width: number; height: number },
	paper: Paper,
	edge: number
): SheetPlan[] {
	const columns = Math.floor((paper.width - 2 * edge) / size.width);
	const rows = Math.floor((paper.height - 2 * edge) / size.height);
	if (columns < 1 || rows < 1) throw new CoreError('A label of this size doesn’t fit on the paper.');
	const perSheet = columns * rows;
	return Array.from({ length: Math.ceil(labels.length / perSheet) }, (_, sheet): SheetPlan => {
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
				text: own.flatMap(({ lines }, at) => setIn(lines, boxes[at]))
			},
			back: null,
			set: 0,
			isSlip: false
		};
	});
}
