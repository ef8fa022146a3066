import { cutOut, type Label } from '$core/binders/index.ts';
import { Refusal } from '$core/error.ts';
import { printingOf, type Paper, type SheetSides } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { parsed, type Row } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import { isDangerous, piecesOf, smallIn, storedAt, traysOf } from './trays.ts';

/** A card that stands in its tray, mm: four on a sheet. */
const CARD = { width: 95, height: 125 };
/** A card that an object is laid on, mm. */
const MATCH = { width: 63, height: 40 };
/** Steps that a card holds; further ones stand on a further card. */
const MOST_STEPS = 8;

/** Cards of trays: what it is, its steps, how many pieces to count, where it is kept; then those that objects are matched with. @throws Refusal where no tray is there */
export function trayCards(
	now: Situation,
	only: readonly number[] | null
): { readonly paper: Paper; readonly sheets: readonly SheetSides[] } {
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
				trays.flatMap((one) => cardsOf(now, one).map((lines): Label => ({ lines }))),
				CARD,
				{ width, height },
				edge
			),
			...(pairs.length ? cutOut(pairs, MATCH, { width, height }, edge) : [])
		]
	};
}

/** The lines of a tray’s card; of one with many steps, of as many cards as hold all of them. */
function cardsOf(now: Situation, row: Row<'tray'>): string[][] {
	const names = new Map(now.snapshot.people.map((one) => [one.id, one.name]));
	const small = new Set(smallIn(now, row).map((one) => one.id));
	const children =
		row.children && parsed(row.children).flatMap((id) => (small.has(id) ? [] : (names.get(id) ?? [])));
	const steps = row.steps
		.split('\n')
		.map((one) => one.trim())
		.filter(Boolean);
	const stored = storedAt(now, row);
	const ending = () => [
		...(row.kind === 'sensory' && row.hidden ? [`Find: ${row.hidden}`] : []),
		...(piecesOf(row) ? [`Count ${counted(piecesOf(row)!, 'piece')} back in.`] : []),
		...(stored ? [`Lives in ${stored}.`] : []),
		...(isDangerous(row, now.today) ? ['Not for a child under three.'] : [])
	];

	const parts = Math.max(1, Math.ceil(steps.length / MOST_STEPS));
	return Array.from({ length: parts }, (_, part) => [
		parts > 1 ? `${row.title} (${part + 1} of ${parts})` : row.title,
		...(part === 0
			? [[row.skill, children?.length ? `for ${listText(children)}` : ''].filter(Boolean).join(', ')]
			: []),
		...steps.map((one, at) => `${at + 1}. ${one}`).slice(part * MOST_STEPS, (part + 1) * MOST_STEPS),
		...(part === parts - 1 ? ending() : [])
	]);
}
