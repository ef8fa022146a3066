import { EASY_REACH } from '../reference/reach.ts';
import { monthsOld, reachOf, type Reacher } from '../cautions/index.ts';
import type { Day } from '../calendar/dates.ts';

/**
 * Up to which height a child takes a tray and puts it back with ease, mm; adults and people without a birth date reach
 * everything. Of a measured reach it is the same share.
 */
export function easyReach(person: Reacher, day: Day): number {
	if (person.born === null) return Infinity;
	if (person.reachMm !== null) return Math.round(person.reachMm * EASY_SHARE);
	const months = monthsOld(person.born, day);
	return EASY_REACH.findLast((row) => row.fromMonths <= months)?.mm ?? 0;
}

/** Of what one gets at on tiptoe or climbing, so much is reached with ease: 0.86 of a height against 1.25 of it. */
const EASY_SHARE = 0.86 / 1.25;

/** A child whom the shelf has to be safe for, and who may use it. */
export type ShelfChild = {
	readonly id: string;
	readonly name: string;
	/** Takes trays from it. */
	readonly uses: boolean;
	/** Reaches with ease, mm. */
	readonly easy: number;
	/** Gets at, climbing or on tiptoe, mm. */
	readonly most: number;
	readonly isUnderThree: boolean;
};

const UNDER_THREE_MONTHS = 36;

/**
 * A child as the shelf sees it over some days: what it gets at by the age of the last one, since a birthday in between
 * counts; what it takes with ease, and whether it is under three, by that of the first.
 */
export function shelfChild(
	id: string,
	person: Reacher,
	uses: boolean,
	first: Day,
	last: Day = first
): ShelfChild {
	return {
		id,
		name: person.name,
		uses,
		easy: easyReach(person, first),
		most: reachOf(person, last),
		isUnderThree: person.born !== null && monthsOld(person.born, first) < UNDER_THREE_MONTHS
	};
}
