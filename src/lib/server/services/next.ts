import { actsOf, type Act } from './acts.ts';
import { sentenceOf, type Sentence } from './board.ts';
import type { Situation } from './situation.ts';

export type Next = { readonly sentence: Sentence; readonly acts: readonly Act[]; readonly later: number };

const SHOWN = 12;

/** The home page: the first gap over all units, then acts by date. */
export function nextOf(situation: Situation): Next {
	const acts = actsOf(situation);
	return {
		sentence: sentenceOf(situation, situation.needs, null),
		acts: acts.slice(0, SHOWN),
		later: Math.max(0, acts.length - SHOWN)
	};
}
