import { groupBy } from '$core/group-by.ts';
import { actsOf, type Act } from './acts.ts';
import { sentenceOf, type Sentence } from './board.ts';
import type { Situation } from './situation.ts';
import { listText } from './words.ts';

export type Next = {
	readonly sentence: Sentence;
	readonly acts: readonly Act[];
	readonly later: number;
	/** How many acts the others have been given, in words. */
	readonly withOthers: string;
};

const SHOWN = 12;

/**
 * The home page: the first gap over all units, then acts by date. For one adult (by id) only what
 * nobody else was asked to do.
 */
export function nextOf(situation: Situation, adult: number | null): Next {
	const all = actsOf(situation);
	const acts = adult === null ? all : all.filter((act) => act.doer === null || act.doer === adult);
	const others = groupBy(
		all.filter((act) => !acts.includes(act)),
		(act) => act.doer
	);
	return {
		withOthers: listText(
			[...others].map(
				([id, own]) => `${own.length} with ${situation.snapshot.people.find((one) => one.id === id)!.name}`
			)
		),
		sentence: sentenceOf(situation, situation.needs, null),
		acts: acts.slice(0, SHOWN),
		later: Math.max(0, acts.length - SHOWN)
	};
}
