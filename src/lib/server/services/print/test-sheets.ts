import {
	beginsWithLast,
	withBack,
	type Pass,
	type Paper,
	type PrinterWays,
	type Printing,
	type SheetSides,
	type Side
} from '$core/print/index.ts';

/** Sheets of the test print. */
const SHEETS = 2;

/**
 * Two sheets that show how a printer turns and in which order it feeds: each side has the number of its sheet, large
 * and at its upper edge, and its front a frame at the white edge. They are made as every run’s are with what is set
 * now, in the order in which they go in.
 */
export function testSheets(
	paper: Paper,
	printing: Pick<Printing, 'edge'> & PrinterWays,
	pass: Pass
): SheetSides[] {
	const { edge } = printing;
	const frame = [
		{ x1: edge, y1: edge, x2: paper.width - edge, y2: edge },
		{ x1: edge, y1: paper.height - edge, x2: paper.width - edge, y2: paper.height - edge },
		{ x1: edge, y1: edge, x2: edge, y2: paper.height - edge },
		{ x1: paper.width - edge, y1: edge, x2: paper.width - edge, y2: paper.height - edge }
	];
	const side = (sheet: number, name: string, lines: readonly string[]): Side => ({
		placed: [],
		cuts: name === 'front' ? frame : [],
		text: [
			{ text: String(sheet), x: paper.width / 2 - 18, y: 75, points: 180, bold: true },
			{ text: name, x: paper.width / 2 - 16, y: 95, points: 34, bold: true },
			...lines.map((text, index) => ({ text, x: 30, y: 125 + index * 9, points: 14, bold: false }))
		]
	});
	const sheets = Array.from({ length: SHEETS }, (_, index) =>
		withBack(
			{
				front: side(index + 1, 'front', [
					`The frame is ${edge} mm from the edge. Where a side of it is cut off,`,
					'set the white edge larger under Household, Printing.'
				]),
				back: side(index + 1, 'back', [])
			},
			paper,
			printing.flip
		)
	);
	return beginsWithLast(printing, pass, true) ? sheets.toReversed() : sheets;
}
