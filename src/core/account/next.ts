import { groupBy } from '../group-by.ts';
import { listText } from '../words/index.ts';
import { byDay, type Act, type ActGroup } from './act.ts';
import { actGroups } from './acts.ts';
import { sentenceOf, type Sentence } from './first-gap.ts';
import type { Situation } from './situation.ts';

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
 * nobody else was asked to do; with what is set anew for the whole house.
 */
export function nextOf(
	situation: Situation,
	adult: number | null,
	ofTheHouse: readonly ActGroup[] = []
): Next {
	const all = [...actGroups(situation), ...ofTheHouse].sort(byDay);
	const isMine = (group: ActGroup) => adult === null || group.doer === null || group.doer === adult;
	const mine = all.filter(isMine);
	const others = groupBy(
		all.filter((group) => !isMine(group)),
		(group) => group.doer
	);
	return {
		withOthers: listText(
			[...others].map(
				([id, own]) => `${own.length} with ${situation.snapshot.people.find((one) => one.id === id)!.name}`
			)
		),
		sentence: sentenceOf(situation, null),
		acts: mine.slice(0, SHOWN).map((group) => group.inWords()),
		later: Math.max(0, mine.length - SHOWN)
	};
}
