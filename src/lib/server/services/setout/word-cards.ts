import { cutOut, type Label } from '$core/binders/index.ts';
import { Refusal } from '$core/error.ts';
import { printingOf, type Paper, type SheetPlan } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { parsed } from '$core/facts/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { wallOf } from './wall.ts';

/**
 * The words of a unit's wall, each on a card as large as the wall's places, all letters of one size so that they read
 * alike from afar. @throws Refusal where there is none
 */
export function wordCards(
	{ snapshot }: Situation,
	run: RunSituation,
	lesson: number | null
): { readonly paper: Paper; readonly sheets: readonly SheetPlan[] } {
	const words = snapshot.wallWords.filter(
		(one) => one.run_id === run.row.id && (lesson === null || one.lesson_id === lesson)
	);
	if (words.length === 0) throw new Refusal('No words on the wall yet, so there are no cards.');
	const wall = wallOf(snapshot, run);
	const { width, height } = PAPER_SIZES[snapshot.household.paper];
	const { edge } = printingOf(parsed(snapshot.household.printing));
	return {
		paper: { width, height },
		sheets: cutOut(
			words.map((one): Label => ({ lines: [one.text], even: true, isPoster: true })),
			{ width: wall.card_width_mm, height: wall.card_height_mm },
			{ width, height },
			edge
		)
	};
}
