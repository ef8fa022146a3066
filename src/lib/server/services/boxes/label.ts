import { cutOut, frame, setEven, setIn } from '$core/binders/index.ts';
import { weightText } from '$core/measure/index.ts';
import { printingOf, type Paper, type SheetPlan, type Side } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { counted } from '$core/words/index.ts';
import { parsed } from '../../database/json.ts';
import type { Situation } from '../readiness/situation.ts';
import type { BoxPage } from './box-page.ts';
import { qrModules } from './qr.ts';

/** A label that is read from two steps away, mm; its code can be scanned from an arm's length (common practice). */
const LABEL = { width: 180, height: 120 };
const CODE = 40;
const PADDING = 5;
/** More lines are not read on a lid. */
const MOST_LINES = 14;

/** The contents label of a box: what it is, what is in it, how heavy it is, and a code that opens its page. */
export function boxLabel(
	now: Situation,
	box: BoxPage,
	address: string
): { readonly paper: Paper; readonly sheets: readonly SheetPlan[] } {
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
		one.id.startsWith('lot-') ? `${one.title}, ${one.detail}` : one.title
	);
	const shown = names.length > MOST_LINES * 2 ? names.slice(0, MOST_LINES * 2 - 1) : names;
	const lines = [
		...shown,
		...(names.length > shown.length ? [`and ${names.length - shown.length} more: scan the code`] : [])
	];
	const left = { x: at.x, y: at.y, width: LABEL.width - CODE - PADDING, height: CODE + PADDING };
	const half = Math.ceil(lines.length / 2);
	const columns = lines.length > MOST_LINES / 2 ? [lines.slice(0, half), lines.slice(half)] : [lines];
	const columnWidth = LABEL.width / columns.length;
	const body: Side['text'] = columns.flatMap((own, index) => {
		const line = Math.min(7, (LABEL.height - CODE - 2 * PADDING) / Math.max(1, half));
		return setEven(own, {
			x: at.x + index * columnWidth,
			y: at.y + CODE + PADDING,
			width: columnWidth,
			height: line * Math.max(1, own.length) + 5
		}).map((one) => ({ ...one, bold: false }));
	});
	return {
		paper,
		sheets: [
			{
				...sheet,
				front: {
					placed: [],
					cuts: frame(at),
					text: [...setIn([box.name, about], { ...left, height: 26 }), ...body],
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
