import { dayText, startOfWeek, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { followShelf, type Followed } from '$core/setout/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { byId, once, parsed } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { setWeek } from '../../stores/setout/trays.ts';
import { lessonsById, shelfQuestion, standingIn } from './shelf.ts';

/** A week whose shelf was set before its lessons moved. */
export type ShelfMoved = {
	readonly week: Day;
	/** "Week of Mon, Jan 11: Match the map symbols comes, Spooning goes." */
	readonly text: string;
	readonly followed: Followed;
};

/** Weeks from this one on that are set and don't fit their lessons any more, with what one tap changes. */
export const shelfMoved = once((now: Situation): readonly ShelfMoved[] => {
	const { input, weeks } = shelfQuestion(now);
	if (input.boards.length === 0) return [];
	const trays = byId(now.snapshot.trays);
	const titles = (ids: readonly string[]) =>
		listText(ids.flatMap((id) => trays.get(Number(id))?.title ?? []));
	const planned = weeks.map((week) =>
		onBoards(now, week).map((one) => ({ tray: String(one.tray_id), board: String(one.place_id) }))
	);
	return followShelf(input, planned, planned.some((one) => one.length) ? leftBehind(now) : new Set()).flatMap(
		(followed, at): ShelfMoved[] => {
			if (followed === null) return [];
			const { comes, goes } = followed;
			return [
				{
					week: weeks[at],
					text: `Week of ${dayText(weeks[at])}: ${[
						comes.length ? `${titles(comes)} ${comes.length === 1 ? 'comes' : 'come'}` : '',
						goes.length ? `${titles(goes)} ${goes.length === 1 ? 'goes' : 'go'}` : ''
					]
						.filter(Boolean)
						.join(', ')}.`,
					followed
				}
			];
		}
	);
});

/** Trays that stand in a week, past or to come, in which none of their lessons is any more. */
function leftBehind(now: Situation): Set<string> {
	const trays = byId(now.snapshot.trays);
	const weekStart = now.snapshot.household.week_start;
	return new Set(
		now.snapshot.trayStandings.flatMap(({ tray_id, week_on }) => {
			const lessons = trays.get(tray_id)?.lessons;
			const days = lessons
				? parsed(lessons).flatMap((id) => lessonsById(now).get(id)?.lesson.dates ?? [])
				: [];
			return lessons && !days.some((day) => startOfWeek(day, weekStart) === week_on) ? [String(tray_id)] : [];
		})
	);
}

/** What stands on boards that have measures; of others nothing is said, and what stands there stays. */
function onBoards(now: Situation, week: Day) {
	const boards = new Set(shelfQuestion(now).input.boards.map((one) => Number(one.id)));
	return standingIn(now, week).filter((one) => boards.has(one.place_id));
}

/** What moved lessons do to shelves that are set: how many weeks no longer fit that do now; empty for none. */
export function shelfMovesText(before: Situation, after: Situation): string {
	const now = new Set(shelfMoved(before).map((one) => one.week));
	const more = shelfMoved(after).filter((one) => !now.has(one.week)).length;
	return more ? `the shelf of ${counted(more, 'week')} no longer fits; one tap mends that` : '';
}

/** Sets those weeks as they were said. @throws Refusal where nothing is to be moved any more */
export async function letShelfFollow(trx: Trx, now: Situation): Promise<string> {
	const moved = shelfMoved(now);
	if (moved.length === 0) throw new Refusal('The shelf fits its lessons already.');
	for (const { week, followed } of moved) {
		const known = new Set(onBoards(now, week));
		await setWeek(trx, week, [
			...standingIn(now, week)
				.filter((one) => !known.has(one))
				.map((one) => ({ tray: one.tray_id, place: one.place_id })),
			...followed.standing.map((one) => ({ tray: Number(one.tray), place: Number(one.board) }))
		]);
	}
	return `Shelf set anew for ${counted(moved.length, 'week')}`;
}
