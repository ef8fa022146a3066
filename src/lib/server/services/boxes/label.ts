import { cutOut, frame } from '$core/binders/index.ts';
import { weightText } from '$core/measure/index.ts';
import { printingOf, type Paper, type SheetSides, type Side } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { counted } from '$core/words/index.ts';
import { parsed } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import type { BoxPage } from './box-page.ts';
import { qrModules } from './qr.ts';

/** A label that is read from two steps away, mm; its code can be scanned from an arm's length (common practice). */
const LABEL = { width: 180, height: 120 };
const CODE = 40;
const PADDING = 5;
const LINE = 7;
const POINT = 25.4 / 72;
/** Letters are about so wide, of their size. */
const LETTER = 0.55;
/** The size, points, in which a line goes into a width in mm, `most` at most. */
const pointsFor = (text: string, width: number, most: number) =>
	Math.min(most, width / (Math.max(1, text.length) * LETTER * POINT));
/** More lines are not read on a lid. */
const MOST_LINES = 14;

/** The contents label of a box: what it is, what is in it, how heavy it is, and a code that opens its page. */
export function boxLabel(
	now: Situation,
	box: BoxPage,
	address: string
): { readonly paper: Paper; readonly sheets: readonly SheetSides[] } {
	const { width, height } = PAPER_SIZES[now.snapshot.household.paper];
	const paper = { width, height };
	const { edge } = printingOf(parsed(now.snapshot.household.printing));
	const [sheet] = cutOut([{ lines: [] }], LABEL, paper, edge);
	const at = { x: edge, y: edge, ...LABEL };
	const weight = box.kg === null ? '' : weightText(box.kg, now.snapshot.household.measures);
	const about = [box.unit?.name ?? box.detail?.subject ?? '', counted(box.inside.length, 'thing'), weight]
		.filter(Boolean)
		.join(', ');
	const names = box.inside.map((one) =>
		one.id.startsWith('item-') && one.detail ? `${one.title}, ${one.detail}` : one.title
	);
	const shown = names.length > MOST_LINES * 2 ? names.slice(0, MOST_LINES * 2 - 1) : names;
	const lines = [
		...shown,
		...(names.length > shown.length ? [`and ${names.length - shown.length} more: scan the code`] : [])
	];
	const half = Math.ceil(lines.length / 2);
	const columns = lines.length > MOST_LINES / 2 ? [lines.slice(0, half), lines.slice(half)] : [lines];
	const top = at.y + CODE + 2 * PADDING;
	const line = Math.min(
		LINE,
		(LABEL.height - CODE - 3 * PADDING) / Math.max(1, ...columns.map((one) => one.length))
	);
	const columnWidth = LABEL.width / columns.length - 2 * PADDING;
	const body: Side['text'] = columns.flatMap((own, index) =>
		own.map((text, row) => ({
			text,
			x: at.x + PADDING + (index * LABEL.width) / columns.length,
			y: top + (row + 0.8) * line,
			points: pointsFor(text, columnWidth, (line / POINT) * 0.8),
			bold: false
		}))
	);
	const head = LABEL.width - CODE - 3 * PADDING;
	const text: Side['text'] = [
		{ text: box.name, x: at.x + PADDING, y: at.y + 19, points: pointsFor(box.name, head, 40), bold: true },
		{ text: about, x: at.x + PADDING, y: at.y + 31, points: pointsFor(about, head, 15), bold: false },
		...body
	];
	return {
		paper,
		sheets: [
			{
				...sheet,
				front: {
					placed: [],
					cuts: frame(at),
					text,
					blocks: qrModules(address, {
						x: at.x + LABEL.width - CODE - PADDING,
						y: at.y + PADDING,
						size: CODE
					})
				}
			}
		]
	};
}
