import type { Day } from '../calendar/dates.ts';
import { USUAL_REACH } from '../reference/reach.ts';
import { cautionsFor, monthsOld, type Participant } from './cautions.ts';

/** Somebody in the house who may reach a place, whether or not they take part in a lesson. */
export type Reacher = Participant & {
	/** Measured, in mm; null takes what is usual for the age. */
	readonly reachMm: number | null;
};

/** How high a person reaches on a day, in mm; adults and people without a birth date reach everything. */
export function reachOf(person: Reacher, day: Day): number {
	if (person.reachMm !== null) return person.reachMm;
	if (person.born === null) return Infinity;
	const months = monthsOld(person.born, day);
	return USUAL_REACH.findLast((row) => row.fromMonths <= months)!.mm;
}

/**
 * Names of the children for whom a thing is not, and who reach the place where it lies.
 *
 *     withinReach('marble', 400, '2027-01-22', [tamsin])   // ['Tamsin']
 */
export function withinReach(item: string, floorMm: number, day: Day, people: readonly Reacher[]): string[] {
	const concerned = new Set(cautionsFor(item, day, people).flatMap((caution) => caution.who));
	return people
		.filter((person) => concerned.has(person.name) && person.born !== null && reachOf(person, day) >= floorMm)
		.map((person) => person.name);
}
