import type { Day } from '../calendar/dates.ts';

/** What was said of a thing without counting it, and when. */
export type Statement = { readonly state: 'enough' | 'look' | 'none'; readonly saidOn: Day };

/**
 * What the household knows of a thing: there are lots of it; it has enough; every house has it; somebody looked and
 * there is none; or nobody has said, and it is to be looked for before it is bought.
 */
export type Knowledge = 'counted' | 'enough' | 'assumed' | 'none' | 'look';

/** What is asked of a thing to know it. */
export type Known = {
	readonly statement: Statement | null;
	/** Whether there are lots, also such as were counted to nothing. */
	readonly hasLots: boolean;
	/** Whether it is in practically every house. */
	readonly isInEveryHouse: boolean;
	/** It comes and goes: used up, dipped into, or perishable. What was said of such a thing grows old. */
	readonly comesAndGoes: boolean;
	/** Before this day a word on a thing that comes and goes is too old to count. */
	readonly oldBefore: Day;
};

/**
 * What is known of a thing. Any lot makes it counted, *enough* adds to that, *none* yields to a lot; *look* asks for
 * the rest of what was found in part.
 *
 *     knowledgeOf({ statement: null, hasLots: false, isInEveryHouse: true, … })   // 'assumed'
 *     knowledgeOf({ statement: null, hasLots: false, isInEveryHouse: false, … })  // 'look'
 */
export function knowledgeOf(thing: Known): Knowledge {
	const { statement, hasLots } = thing;
	const isOld = statement !== null && thing.comesAndGoes && statement.saidOn < thing.oldBefore;
	if (statement?.state === 'look') return 'look';
	if (statement?.state === 'enough' && !isOld) return 'enough';
	if (hasLots) return 'counted';
	if (statement) return isOld ? 'look' : 'none';
	return thing.isInEveryHouse ? 'assumed' : 'look';
}
