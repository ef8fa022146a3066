import { cutOut, type Label } from '$core/binders/index.ts';
import { Refusal } from '$core/error.ts';
import { printingOf, withBack, type Paper, type SheetSides } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { parsed } from '$core/facts/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { wallOf } from './wall.ts';

/**
 * The words of a unit's wall, each on a card as large as the wall's places, all letters of one size so that they read
 * alike from afar; what a word means, on its back. @throws Refusal where there is none
 */
export function wordCards(
	{ snapshot }: Situation,
	run: RunSituation,
	lesson: number | null
): { readonly paper: Paper; readonly sheets: readonly SheetSides[] } {
	const words = snapshot.wallWords.filter(
		(one) => one.run_id === run.row.id && (lesson === null || one.lesson_id === lesson)
	);
	if (words.length === 0) throw new Refusal('No words on the wall yet, so there are no cards.');
	const wall = wallOf(snapshot, run);
	const { width, height } = PAPER_SIZES[snapshot.household.paper];
	const paper = { width, height };
	const { edge, flip } = printingOf(parsed(snapshot.household.printing));
	const sheets = cutOut(
		words.map((one): Label => ({ lines: [one.text], even: true, isPoster: true })),
		{ width: wall.card_width_mm, height: wall.card_height_mm },
		paper,
		edge,
		words.some((one) => one.meaning !== '')
			? words.map((one): Label => ({ lines: linesOf(one.meaning), even: true }))
			: null
	);
	return { paper, sheets: sheets.map((one) => withBack(one, paper, flip)) };
}

/** A line of a meaning holds about so many letters on a usual card (common practice). */
const LINE = 26;

/** A meaning broken between its words. */
function linesOf(meaning: string): string[] {
	return meaning
		.split(/\s+/)
		.filter(Boolean)
		.reduce<string[]>((lines, word) => {
			const last = lines.at(-1);
			return last !== undefined && last.length + word.length < LINE
				? [...lines.slice(0, -1), `${last} ${word}`]
				: [...lines, word];
		}, []);
}
