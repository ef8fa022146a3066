import { addDays, dayText, startOfWeek, weekdayName, weekdayOf, type Day } from '$core/calendar/index.ts';
import { counted } from '$core/words/index.ts';
import { usedIn } from '$core/facts/index.ts';
import { type RunSituation, placePath, type Situation } from '$core/account/index.ts';
import { hasBasket } from '../setout/basket.ts';
import { lessonsOn } from './day-entries.ts';
import { type DayView, dayView } from './day.ts';

/** The days of a week, each in short. */
export type WeekView = {
	readonly week: Day;
	readonly title: string;
	readonly sentence: string;
	/** Where a house without days for its lessons goes on. */
	readonly hint: { readonly text: string; readonly href: string } | null;
	readonly before: Day;
	readonly after: Day;
	readonly days: readonly DayView[];
};

/** The week that a day is in; of all units, or of one. */
export function weekView(now: Situation, day: Day, run: RunSituation | null = null): WeekView {
	const week = startOfWeek(day, now.snapshot.household.week_start);
	const days = Array.from({ length: 7 }, (_, at) => dayView(now, addDays(week, at), run));
	const lessons = days.reduce((sum, one) => sum + one.lessons.length, 0);
	const open = days.find((one) => one.day >= now.today && !one.isReady);
	return {
		week,
		title: `Week of ${dayText(week)}`,
		sentence: lessons
			? `${counted(lessons, 'lesson')} this week.${open ? ` ${weekdayName(weekdayOf(open.day), 'long')}: ${open.sentence.charAt(0).toLowerCase()}${open.sentence.slice(1)}` : ' All of it is ready.'}`
			: 'No lessons this week.',
		hint: lessons ? null : hintFor(now, run),
		before: addDays(week, -7),
		after: addDays(week, 7),
		days
	};
}

function hintFor(now: Situation, run: RunSituation | null): WeekView['hint'] {
	const runs = run ? [run] : now.inWork;
	if (runs.length === 0) return { text: 'Start with a unit and its lessons', href: '/units' };
	const isDated = runs.some((one) => one.lessons.some((lesson) => lesson.dates.length > 0));
	return isDated
		? null
		: { text: `Give ${runs[0].unit.name} its days`, href: `/units/${runs[0].row.id}/plan` };
}

/** The day from which one looks ahead: today, or the next week's first day where this week holds nothing more. */
export function dayAhead(now: Situation): Day {
	const { today } = now;
	const next = addDays(startOfWeek(today, now.snapshot.household.week_start), 7);
	for (let day = today; day < next; day = addDays(day, 1))
		if (lessonsOn(now, day).length > 0 || hasBasket(now, day)) return today;
	return lessonsOn(now, next).length > 0 ||
		[1, 2, 3, 4, 5, 6].some((more) => lessonsOn(now, addDays(next, more)).length > 0)
		? next
		: today;
}

/** Days that are looked ahead for the next one with a lesson. */
const AHEAD = 7;

/** Whether the next day with a lesson is ready, in a sentence; null where none comes within a week. */
export function readyFor(
	now: Situation
): { readonly day: Day; readonly name: string; readonly sentence: string } | null {
	for (let more = 1; more <= AHEAD; more++) {
		const day = addDays(now.today, more);
		if (lessonsOn(now, day).length === 0) continue;
		return { day, name: weekdayName(weekdayOf(day), 'long'), sentence: dayView(now, day).sentence };
	}
	return null;
}

/** Things that go along to a waiting room or into the car: small, quiet, complete in themselves. */
export function awaySet(now: Situation): { readonly title: string; readonly why: string }[] {
	const { snapshot } = now;
	const SMALL = new Set(['card set', 'disc', 'book', 'picture book', 'puzzle']);
	const running = now.runs.filter((one) => one.row.state === 'running');
	const lessons = new Set(
		running.flatMap((one) => one.lessons.filter((lesson) => !lesson.over).map((lesson) => lesson.lesson.id))
	);
	const used = usedIn(snapshot, lessons);
	const hands = snapshot.basketParts
		.filter((one) => one.kind === 'hands')
		.map((one) => ({ title: one.title, why: 'for busy hands' }));
	const fitting = snapshot.resources
		.filter((one) => one.owned === 1 && SMALL.has(one.kind) && used.has(one.id))
		.toSorted(
			(a, b) =>
				Number(b.kind === 'card set') - Number(a.kind === 'card set') || (a.pages ?? 0) - (b.pages ?? 0)
		)
		.slice(0, 5)
		.map((one) => ({ title: one.title, why: `${one.kind}, ${placePath(snapshot.places, one.place_id)}` }));
	return [...hands.slice(0, 2), ...fitting];
}
