/**
 * Where things come from that are not at home: the ladder of sources with its next rung, what can be taken
 * instead, what the season allows, what an opened kit still gives, whether a class kit pays, and the order in
 * which a shop is walked.
 */
export { kitOrSingles, type KitAnswer, type KitChoice } from './kit-or-singles.ts';
export { afterMaking, kitState, readKitParts, type KitPart, type KitState } from './kit.ts';
export {
	nextRung,
	readLadder,
	rungNamed,
	rungOf,
	RUNG_WORDS,
	RUNGS,
	USUAL_RUNG_DAYS,
	type Rung
} from './ladder.ts';
export { lastDayBeforeFrost, type Frost } from './season.ts';
export { rankSubstitutes, type Ranked, type Substitute } from './substitutes.ts';
export { walkingOrder } from './walking-order.ts';
