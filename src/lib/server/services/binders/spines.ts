import { holdsOf } from '$core/binders/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { binderOf, resultOf } from './view.ts';

/** A closed ring binder from its back, with its label; measures in mm. */
export type SpineView = {
	readonly name: string;
	readonly count: number;
	readonly wide: number;
	readonly high: number;
	readonly label: { readonly wide: number; readonly high: number; readonly lines: readonly string[] };
};

/** A binder for letter paper is about so high; its label is shorter by a thumb at each end (common practice). */
const HIGH = 290;
const LABEL_HIGH = 240;
/** The back is wider than what the rings hold by its two boards (common practice). */
const BOARDS = 10;
/** A label leaves so much of the back free at each side. */
const FREE = 2;

/** The backs of a unit's ring binders. */
export function spinesOf(now: Situation, run: RunSituation): SpineView[] {
	const { way } = binderOf(now, run);
	return resultOf(now, run, way)
		.containers.filter((one) => one.kind === 'ring')
		.map(({ name, one, copies }): SpineView => {
			// Round rings hold less in the same covers.
			const wide = holdsOf(one!.ring!, 'D') + BOARDS;
			const label = wide - 2 * FREE;
			return {
				name,
				count: copies.length,
				wide,
				high: HIGH,
				label: {
					wide: label,
					high: LABEL_HIGH,
					// Across, so that it can be read on the shelf, in short lines near the top.
					lines: [run.unit.name, name.replace(/^The unit’s binder$/, '')]
						.filter(Boolean)
						.flatMap((line) => inLines(line, Math.max(6, Math.floor(label / 3))))
				}
			};
		});
}

/** A name in lines of so many letters; a longer word has a line of its own. */
function inLines(text: string, letters: number): string[] {
	return text.split(' ').reduce<string[]>((all, word) => {
		const last = all.at(-1);
		if (last !== undefined && (last + word).length < letters) all[all.length - 1] = `${last} ${word}`;
		else all.push(word);
		return all;
	}, []);
}
