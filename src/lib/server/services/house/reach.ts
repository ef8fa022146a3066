import { withinReach, type Reacher } from '$core/cautions/index.ts';
import { listText } from '$core/words/index.ts';
import { type Moment, byId } from '$core/facts/index.ts';
import { youngest } from '$core/account/index.ts';

/** Everybody in the house, with how high they reach. */
export function reachers({ snapshot }: Moment): Reacher[] {
	return snapshot.people.map((person) => ({
		name: person.name,
		born: youngest(person),
		allergies: [],
		reachMm: person.reach_mm
	}));
}

/** "Tamsin can reach it", where the height of the place is known; empty when nobody does for whom it is not. */
export function reachText(moment: Moment, item: string, place: number | null): string {
	const floor = floorOf(moment, place);
	if (floor === null) return '';
	const who = withinReach(item, floor, moment.today, reachers(moment));
	return who.length ? `${listText(who)} can reach it` : '';
}

/** The height of a place, or of the nearest one around it that has one. */
function floorOf(moment: Moment, place: number | null): number | null {
	for (let at = place; at !== null;) {
		const row = byId(moment.snapshot.places).get(at);
		if (!row) return null;
		if (row.floor_mm !== null) return row.floor_mm;
		at = row.parent_id;
	}
	return null;
}
