import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { Alike } from '$core/supplies/index.ts';
import type { Trx } from '../../history/changes.ts';
import {
	addLine,
	removeLine,
	updateLine,
	type LessonLineInput
} from '../../stores/gathering/supply-lines.ts';
import { nameAlso } from '../../stores/stash/items.ts';
import type { RunSituation } from '$core/account/index.ts';

/** A line of a reviewed list: new (no id) or one that is there; `path` is where its fields stand in the form. */
export type ReviewedLine = {
	readonly id: number | null;
	readonly path: string;
	readonly line: LessonLineInput;
};

/** How many lines a saved list added, changed and took away. */
export type SavedList = { readonly added: number; readonly changed: number; readonly removed: number };

/** Keeps a reviewed list of a run. @throws Refusal where a line names a lesson of another unit. */
export async function saveReviewed(
	trx: Trx,
	run: RunSituation,
	rows: readonly ReviewedLine[],
	gone: readonly number[],
	same: readonly Alike[],
	today: Day,
	pause: () => Promise<void>
): Promise<SavedList> {
	const own = new Set(run.lessons.map(({ lesson }) => lesson.id));
	const foreign = rows.find(({ line }) => !own.has(line.lesson));
	if (foreign) throw new Refusal('That lesson isn’t in this unit.', `${foreign.path}lesson`);
	let added = 0;
	let changed = 0;
	for (const { id, line } of rows) {
		if (id === null) {
			await addLine(trx, { ...line, listedOn: today });
			added++;
		} else if (await updateLine(trx, id, line)) changed++;
		await pause();
	}
	for (const id of gone) {
		await removeLine(trx, id);
		await pause();
	}
	// Only now the more general name leads to the other: its lines are there.
	for (const { general, specific } of same) await nameAlso(trx, specific, general);
	return { added, changed, removed: gone.length };
}

/** "List saved: 4 new, 1 changed, 0 gone" */
export function savedText({ added, changed, removed }: SavedList): string {
	return `List saved: ${added} new, ${changed} changed, ${removed} removed`;
}
