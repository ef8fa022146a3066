import { addDays, dayText, startOfWeek, type Day } from '$core/calendar/index.ts';
import { monthsOld, reachOf } from '$core/cautions/index.ts';
import { counted, listText } from '$core/words/index.ts';
import type { Situation } from '$core/account/index.ts';
import { byId } from '$core/facts/index.ts';
import { reachers } from '../house/reach.ts';
import { boardsOf, standingIn } from './shelf.ts';
import { heightText } from './shelf-words.ts';
import { isDangerous } from './trays.ts';

/** So many days before it a birthday that changes the shelf is said. */
const DAYS_AHEAD = 21;

/** Only what endangers children under three has to be out of reach, months. */
const UNDER_THREE = 36;

/** A day from which a child gets at more of the shelf. */
export type Grows = {
	readonly day: Day;
	/** "From Sun, Dec 20 Pippa reaches 43 1/4 in: Marble run moves up." */
	readonly text: string;
	/** Trays that stand within that reach then and must not, as the plan of that week or of this one has it. */
	readonly trays: readonly string[];
};

/** Children under three who get at more from a day of the coming weeks on, each said before it is so. */
export function growsSoon(now: Situation): Grows[] {
	const { snapshot, today } = now;
	const boards = new Map(boardsOf(now).boards.map((one) => [Number(one.id), one]));
	if (boards.size === 0) return [];
	const trays = byId(snapshot.trays);
	const weekStart = snapshot.household.week_start;
	return reachers(now).flatMap((one): Grows[] => {
		if (one.born === null) return [];
		const before = reachOf(one, today);
		const days = Array.from({ length: DAYS_AHEAD }, (_, more) => addDays(today, more + 1));
		const day = days.find(
			(other) => monthsOld(one.born!, other) < UNDER_THREE && reachOf(one, other) > before
		);
		if (day === undefined) return [];
		const after = reachOf(one, day);
		const own = standingIn(now, startOfWeek(day, weekStart));
		const standing = own.length ? own : standingIn(now, startOfWeek(today, weekStart));
		const within = standing.flatMap(({ tray_id, place_id }) => {
			const [tray, board] = [trays.get(tray_id), boards.get(place_id)];
			return tray && board && isDangerous(tray, day) && board.high >= before && board.high < after
				? [tray.title]
				: [];
		});
		const moves =
			within.length === 0
				? ''
				: `: ${within.length > 3 ? counted(within.length, 'tray') : listText(within)} ${within.length === 1 ? 'moves' : 'move'} up`;
		return [
			{
				day,
				text: `From ${dayText(day)} ${one.name} reaches ${heightText(after, snapshot.household.measures)}${moves}.`,
				trays: within
			}
		];
	});
}
