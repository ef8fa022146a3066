import { cutOut, type Label } from '$core/binders/index.ts';
import { Refusal } from '$core/error.ts';
import { printingOf, type Paper, type SheetPlan } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import { isDangerous, piecesOf, storedAt, traysOf } from './trays.ts';

/** A card that stands in its tray, mm: four on a sheet. */
const CARD = { width: 95, height: 125 };
/** A card that an object is laid on, mm. */
const MATCH = { width: 63, height: 40 };
const MOST_STEPS = 8;

/** Cards of trays: what it is, its steps, how many pieces to count, where it is kept; then those that objects are matched with. @throws Refusal where no tray is there */
export function trayCards(
	now: Situation,
	only: readonly number[] | null
): { readonly paper: Paper; readonly sheets: readonly SheetPlan[] } {
	const trays = traysOf(now).filter((one) => only === null || only.includes(one.id));
	if (trays.length === 0) throw new Refusal('No trays yet, so there are no cards.');
	const pairs = trays.flatMap((one) =>
		parsed(one.matches).map((name): Label => ({ lines: [name], even: true }))
	);
	const { width, height } = PAPER_SIZES[now.snapshot.household.paper];
	const { edge } = printingOf(parsed(now.snapshot.household.printing));
	return {
		paper: { width, height },
		sheets: [
			...cutOut(
				trays.map((one): Label => ({ lines: cardLines(now, one) })),
				CARD,
				{ width, height },
				edge
			),
			...(pairs.length ? cutOut(pairs, MATCH, { width, height }, edge) : [])
		]
	};
}

function cardLines(now: Situation, row: Row<'tray'>): string[] {
	const names = new Map(now.snapshot.people.map((one) => [one.id, one.name]));
	const children = row.children && parsed(row.children).flatMap((id) => names.get(id) ?? []);
	const steps = row.steps
		.split('\n')
		.map((one) => one.trim())
		.filter(Boolean);
	const stored = storedAt(now, row);
	return [
		row.title,
		[row.skill, children ? `for ${listText(children)}` : ''].filter(Boolean).join(', '),
		...steps.slice(0, MOST_STEPS).map((one, at) => `${at + 1}. ${one}`),
		...(row.kind === 'sensory' && row.hidden ? [`Find: ${row.hidden}`] : []),
		...(piecesOf(row) ? [`Count ${counted(piecesOf(row)!, 'piece')} back in.`] : []),
		...(stored ? [`Lives in ${stored}.`] : []),
		...(isDangerous(row, now.today) ? ['Not for a child under three.'] : [])
	];
}
