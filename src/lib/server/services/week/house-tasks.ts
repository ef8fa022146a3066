import { addDays, dayText, startOfWeek, type Day } from '$core/calendar/index.ts';
import { actRank, type ActKind } from '$core/readiness/index.ts';
import { boardsFor, isForWeek } from '$core/setout/index.ts';
import { byText, counted, durationText, lessonsText, listText } from '$core/words/index.ts';
import { usedIn } from '$core/facts/index.ts';
import type { RunSituation, Act, ActGroup, Situation } from '$core/account/index.ts';
import { jobsOf } from '../prepare/jobs.ts';
import { undecidedLessons } from '../library/book-list.ts';
import { basketView, hasBasket } from '../setout/basket.ts';
import { boardsOf, questionOf, standingIn, weeksAhead } from '../setout/shelf.ts';
import { shelfMoved } from '../setout/follow.ts';
import { growsSoon } from '../setout/grows.ts';
import { traysOf } from '../setout/trays.ts';
import { wallOn } from '../setout/wall.ts';
import { lessonsOn } from './day-entries.ts';

/** Days to get a book in, beside the wait for it. */
const DAYS_TO_CHOOSE = 7;
/** A library that says nothing else lets one wait so long (common practice). */
const USUAL_WAIT = 7;
/** What is to be decided later than that is left for later. */
const DAYS_SHOWN = 14;
/** The shelf of a week is set from so many days before it on. */
const DAYS_AHEAD = 4;

/**
 * What is decided or set anew, beside what lessons need: books of a guide’s list, the activity shelf, the morning
 * basket, the wall.
 */
export function houseTasks(now: Situation): ActGroup[] {
	return [
		...booksTask(now),
		...jobTasks(now),
		...shelfTask(now),
		...followTask(now),
		...growsTask(now),
		...basketTask(now),
		...wallTask(now)
	];
}

/** The activity shelf without a plan for the coming week. */
function shelfTask(now: Situation): ActGroup[] {
	const { snapshot, today } = now;
	if (boardsOf(now).boards.length === 0 || traysOf(now).length === 0) return [];
	const thisWeek = startOfWeek(today, snapshot.household.week_start);
	// A week that the planner cannot plan, or that teaches nothing, asks for nothing.
	const planned = weeksAhead(now);
	const hasTray = (week: Day) => {
		const input = questionOf(now, week);
		return input.trays.some(
			(tray) => isForWeek(tray, planned.indexOf(week)) && boardsFor(tray, input).length > 0
		);
	};
	return [thisWeek, addDays(thisWeek, 7)]
		.filter(
			(week) =>
				planned.includes(week) &&
				addDays(week, -DAYS_AHEAD) <= today &&
				standingIn(now, week).length === 0 &&
				hasTray(week)
		)
		.flatMap((week) => {
			const by = setBy(now, week);
			const days = Array.from({ length: 7 }, (_, at) => addDays(week, at));
			if (by === null || !days.some((day) => day >= today && lessonsOn(now, day).length > 0)) return [];
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

/** The evening before the first day of a week whose sheet says what comes and goes; null where no day is left. */
function setBy(now: Situation, week: Day): Day | null {
	const first = Array.from({ length: 7 }, (_, at) => addDays(week, at)).find(
		(day) => day >= now.today && (lessonsOn(now, day).length > 0 || hasBasket(now, day))
	);
	if (first === undefined) return null;
	return addDays(first, -1) < now.today ? now.today : addDays(first, -1);
}

/** Lessons moved, and shelves that are set already don't fit them any more: one tap lets them follow. */
function followTask(now: Situation): ActGroup[] {
	const moved = shelfMoved(now);
	if (moved.length === 0) return [];
	return [
		task(now, {
			kind: 'follow',
			id: `follow|${moved.map((one) => `${one.week}:${one.followed.comes.join('+')}`).join('|')}`,
			title: 'Let the shelf follow: lessons have moved',
			detail: moved.map((one) => one.text).join(' '),
			by: setBy(now, moved[0].week) ?? now.today,
			href: null
		})
	];
}

/** Jobs that the household noted itself and that no sitting has: nothing else asks for them. */
function jobTasks(now: Situation): ActGroup[] {
	const { today } = now;
	return jobsOf(now)
		.filter(
			(job) =>
				job.id.startsWith('own-') &&
				job.readyBy !== null &&
				(job.sitting === null || job.sitting.over === 1 || job.sitting.held_on < today)
		)
		.map((job) => {
			const by = addDays(job.readyBy!, -1);
			return task(now, {
				kind: 'job',
				id: job.id,
				run: job.run,
				title: job.title,
				detail: [durationText(job.minutes), job.detail].filter(Boolean).join(' · '),
				by,
				href: null
			});
		});
}

/** A birthday after which a child gets at what it must not. */
function growsTask(now: Situation): ActGroup[] {
	return growsSoon(now)
		.filter((one) => one.trays.length > 0)
		.map((one) => {
			const before = addDays(one.day, -1);
			return task(now, {
				id: `grows|${one.day}`,
				title: `Set the shelf anew before ${dayText(one.day)}`,
				detail: one.text,
				by: before < now.today ? now.today : before,
				href: `/week/shelf?of=${one.day}`
			});
		});
}

/** Books of a guide’s list are chosen before they would have to be asked for. */
function booksTask(now: Situation): ActGroup[] {
	const { snapshot, today } = now;
	const library = snapshot.suppliers.find((one) => one.kind === 'library');
	const ahead = DAYS_TO_CHOOSE + (library?.lead_days ?? USUAL_WAIT);
	return now.inWork.flatMap((run) => {
		const soon = undecidedLessons(snapshot, run).filter((one) => one.dates.length > 0);
		if (soon.length === 0) return [];
		const by = addDays(soon[0].dates[0], -ahead);
		if (by > addDays(today, DAYS_SHOWN)) return [];
		return [
			task(now, {
				kind: 'choose',
				id: `choose|${run.row.id}`,
				run,
				title: `Choose books for ${lessonsText(soon.map((one) => one.number))}`,
				detail: `lesson ${soon[0].number} is on ${dayText(soon[0].dates[0])}`,
				by: by < today ? today : by,
				href: `/units/${run.row.id}/books`
			})
		];
	});
}

/** What goes up and comes down on the wall for the next day that changes it; it is checked off on that day’s sheet. */
function wallTask(now: Situation): ActGroup[] {
	const { today } = now;
	for (let day = today; day <= addDays(today, DAYS_AHEAD); day = addDays(day, 1)) {
		const entries = lessonsOn(now, day).flatMap(({ run, lesson }) =>
			wallOn(now, run, lesson, day).filter((one) => !isTicked(now, day, one.key))
		);
		if (entries.length === 0) continue;
		const before = addDays(day, -1);
		return [
			task(now, {
				id: `wall|${day}`,
				title: `Set the wall for ${dayText(day)}`,
				detail: entries.map((one) => one.text).join(', '),
				by: before < today ? today : before,
				href: `/week/${day}`
			})
		];
	}
	return [];
}

const isTicked = ({ snapshot }: Situation, day: Day, key: string): boolean =>
	snapshot.dayTicks.some((one) => one.on_day === day && one.key === key);

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
					detail: [...ended.map((one) => one.ends), nextForBasket(now)].filter(Boolean).join(' · '),
					by: today,
					href: '/week/basket'
				})
			];
}

/** What could come into the basket next: a book of the house that a lesson to come uses, and that is not in it; else any. */
function nextForBasket({ snapshot, inWork }: Situation): string {
	const inBasket = new Set(snapshot.basketParts.map((one) => one.resource_id));
	const coming = usedIn(
		snapshot,
		inWork.flatMap((run) => run.lessons.filter((one) => !one.over).map((one) => one.lesson.id))
	);
	const books = snapshot.resources
		.filter((one) => one.owned === 1 && BOOKS.has(one.kind) && !inBasket.has(one.id))
		.toSorted((a, b) => Number(coming.has(b.id)) - Number(coming.has(a.id)) || a.id - b.id);
	return books.length ? `next could be ${books[0].title}` : '';
}

const BOOKS: ReadonlySet<string> = new Set(['book', 'picture book']);

function task(
	{ today }: Situation,
	of: {
		readonly kind?: ActKind;
		readonly run?: RunSituation;
		readonly id: string;
		readonly title: string;
		readonly detail: string;
		readonly by: Day;
		readonly href: string | null;
	}
): ActGroup {
	const kind = of.kind ?? 'set out';
	return {
		actBy: of.by,
		doer: null,
		rank: actRank(kind),
		inWords: (): Act => ({
			id: of.id,
			kind,
			run: of.run?.row.id ?? 0,
			unitName: of.run?.unit.name ?? 'Week',
			title: of.title,
			detail: of.detail,
			actBy: of.by,
			when: byText(of.by, today),
			verdict: of.by < today ? 'late' : 'due',
			doer: null,
			keys: [of.id],
			amount: '1',
			parts: [],
			ways: [],
			href: of.href
		})
	};
}
