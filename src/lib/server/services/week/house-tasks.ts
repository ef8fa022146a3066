import { addDays, startOfWeek, type Day } from '$core/calendar/index.ts';
import { actRank, type ActKind } from '$core/readiness/index.ts';
import { byText, counted, listText } from '$core/words/index.ts';
import type { Act, ActGroup } from '../readiness/act.ts';
import type { Situation } from '../readiness/situation.ts';
import { basketView, hasBasket } from '../setout/basket.ts';
import { boardsOf, standingIn, weeksAhead } from '../setout/shelf.ts';
import { traysOf } from '../setout/trays.ts';
import { lessonsOn } from './day-entries.ts';

/** The shelf of a week is set from so many days before it on. */
const DAYS_AHEAD = 4;

/** What is set anew for the whole house, beside what lessons need: the activity shelf, the morning basket. */
export function houseTasks(now: Situation): ActGroup[] {
	return [...shelfTask(now), ...basketTask(now)];
}

/** The activity shelf without a plan for the coming week, once anything ever stood on it. */
function shelfTask(now: Situation): ActGroup[] {
	const { snapshot, today } = now;
	if (snapshot.trayStandings.length === 0 || boardsOf(now).boards.length === 0 || traysOf(now).length === 0)
		return [];
	const thisWeek = startOfWeek(today, snapshot.household.week_start);
	// A week that the planner cannot plan, or that teaches nothing, asks for nothing.
	const planned = weeksAhead(now);
	return [thisWeek, addDays(thisWeek, 7)]
		.filter(
			(week) =>
				planned.includes(week) && addDays(week, -DAYS_AHEAD) <= today && standingIn(now, week).length === 0
		)
		.flatMap((week) => {
			const days = Array.from({ length: 7 }, (_, at) => addDays(week, at));
			const first = days.find(
				(day) => day >= today && (lessonsOn(now, day).length > 0 || hasBasket(now, day))
			);
			if (!first || !days.some((day) => day >= today && lessonsOn(now, day).length > 0)) return [];
			const by = addDays(first, -1) < today ? today : addDays(first, -1);
			return [
				task(now, {
					id: `shelf|${week}`,
					title: week === thisWeek ? 'Set the shelf for this week' : 'Set the shelf for next week',
					detail: counted(traysOf(now).length, 'tray'),
					by,
					href: `/week/shelf?of=${week}`
				})
			];
		});
}

/** What of the basket was read to its end goes out, and something else comes in. */
function basketTask(now: Situation): ActGroup[] {
	const { today } = now;
	const ended = basketView(now, today).parts.filter((one) => one.isRead);
	return ended.length === 0
		? []
		: [
				task(now, {
					id: `basket|${ended.map((one) => one.id).join()}`,
					title: `Change the morning basket: ${listText(ended.map((one) => one.title))} ${ended.length === 1 ? 'is' : 'are'} finished`,
					detail: ended.map((one) => one.ends).join(', '),
					by: today,
					href: '/week/basket'
				})
			];
}

function task(
	{ today }: Situation,
	of: {
		readonly id: string;
		readonly title: string;
		readonly detail: string;
		readonly by: Day;
		readonly href: string;
	}
): ActGroup {
	const kind: ActKind = 'set out';
	return {
		actBy: of.by,
		doer: null,
		rank: actRank(kind),
		inWords: (): Act => ({
			id: of.id,
			kind,
			run: 0,
			unitName: 'Week',
			title: of.title,
			detail: of.detail,
			actBy: of.by,
			when: byText(of.by, today),
			verdict: 'due',
			doer: null,
			keys: [of.id],
			amount: '1',
			ways: [],
			href: of.href
		})
	};
}
