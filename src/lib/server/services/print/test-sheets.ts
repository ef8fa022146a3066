import { withBack, type Paper, type Printing, type SheetPlan, type Side } from '$core/print/index.ts';

/**
 * Two sheets that teach how a printer turns: their fronts are numbered and framed at the white edge, and each back,
 * made as every run's backs are with what is set now, says what to change by what is found on its front.
 */
export function testSheets(
	paper: Paper,
	{ edge, flip, reversed }: Pick<Printing, 'edge' | 'flip' | 'reversed'>
): SheetPlan[] {
	const frame = [
		{ x1: edge, y1: edge, x2: paper.width - edge, y2: edge },
		{ x1: edge, y1: paper.height - edge, x2: paper.width - edge, y2: paper.height - edge },
		{ x1: edge, y1: edge, x2: edge, y2: paper.height - edge },
		{ x1: paper.width - edge, y1: edge, x2: paper.width - edge, y2: paper.height - edge }
	];
	const side = (lines: readonly string[]): Side => ({
		placed: [],
		cuts: frame,
		text: lines.map((text, index) => ({
			text,
			x: 25,
			y: index === 0 ? 45 : 52 + index * 9,
			points: index === 0 ? 34 : 14,
			bold: index === 0
		}))
	});
	const [now, other] = flip === 'long-edge' ? ['long edge', 'short edge'] : ['short edge', 'long edge'];
	return [1, 2].map((sheet) =>
		withBack(
			{
				front: side([
					`Front of sheet ${sheet}`,
					'This edge is the top.',
					`The frame is ${edge} mm from the edge. If a side of it is cut off,`,
					'set the white edge larger under Household, Printing.'
				]),
				back: side([
					`Back of sheet ${sheet}`,
					`Is “Front of sheet ${sheet}” on the other side? Then the order is right. If not,`,
					`${reversed ? 'uncheck' : 'check'} “Print backs in reverse order”.`,
					`Turn the sheet like a page in a book. Does this stand upright? Then “${now}”`,
					`is right. If it stands on its head, choose “${other}”. Then print both again.`
				]),
				set: 0,
				isSlip: false
			},
			paper,
			flip
		)
	);
}
