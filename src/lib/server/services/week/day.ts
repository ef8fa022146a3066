import { addDays, dayText, startOfWeek, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { listText } from '$core/words/index.ts';
import { once } from '$core/facts/index.ts';
import { type RunSituation, lessonStand, type Situation } from '$core/account/index.ts';
import type { Trx } from '../../history/changes.ts';
import { tickDay } from '../../stores/setout/trays.ts';
import { inPlace } from '../../snapshot/in-place.ts';
import { recordOutcome } from '../plan/outcomes.ts';
import { takeStep } from '../readiness/steps.ts';
import { basketView, hasBasket } from '../setout/basket.ts';
import { standingIn } from '../setout/shelf.ts';
import {
	type DayEntry,
	type DayGroup,
	type LessonOn,
	type Make,
	SETTING,
	TAUGHT,
	taughtEntries,
	minutesOf,
	timesOn,
	lessonsOn,
	shelfEntries,
	basketEntries,
	pageEntries,
	bookEntries,
	copyEntries,
	wallEntries,
	supplyEntries,
	dueEntries,
	extraEntries,
	eveningEntries
} from './day-entries.ts';
import { cautionsOn } from './day-cautions.ts';

export type DayView = {
	readonly day: Day;
	readonly title: string;
	readonly isToday: boolean;
	readonly sentence: string;
	/** Nothing has to be got, gathered or prepared for it any more. */
	readonly isReady: boolean;
	readonly lessons: readonly { readonly title: string; readonly unit: string; readonly href: string }[];
	readonly groups: readonly DayGroup[];
	readonly cautions: readonly string[];
	/** What of the last day with ticks was not done. */
	readonly left: readonly (DayEntry & { readonly day: Day })[];
	readonly isShort: boolean;
	/** What a child reads, one after another, with its time where the family has said when the morning begins. */
	readonly strips: readonly { readonly text: string; readonly time: string }[];
};

const SHORT = 'short';

/** Days that are kept of one situation; a month of them, and a bit. */
const MOST_KEPT = 40;
const keptDays = once((_: Situation) => new Map<string, DayView>());

/** A day: what comes out, what is open, who gets which copies, what to start in the evening. Made once a situation. */
export function dayView(now: Situation, day: Day, run: RunSituation | null = null): DayView {
	const kept = keptDays(now);
	const key = `${day} ${run?.row.id ?? ''}`;
	const view = kept.get(key) ?? newDayView(now, day, run);
	if (kept.size >= MOST_KEPT) kept.clear();
	kept.set(key, view);
	return view;
}

function newDayView(now: Situation, day: Day, run: RunSituation | null): DayView {
	const ticks = new Set(now.snapshot.dayTicks.filter((one) => one.on_day === day).map((one) => one.key));
	const isShort = ticks.has(SHORT);
	const isTicked = (key: string) => key.split(' ').every((one) => ticks.has(one));
	const entry = (key: string, text: string, detail = '', isOpen = false): DayEntry => ({
		key,
		text,
		detail,
		isOpen,
		href: null,
		isDone: isTicked(key)
	});
	const lessons = lessonsOn(now, day, run);
	const shown = isShort ? [] : lessons;
	const units = new Set(shown.map((one) => one.run));
	/** What each lesson brings; with lessons of two units on one day, each line names its own. */
	const ofLessons = (work: (one: LessonOn, entry: Make) => DayEntry[]): DayEntry[] =>
		shown.flatMap((one) =>
			work(
				one,
				units.size < 2
					? entry
					: (key, text, detail = '', isOpen = false) =>
							entry(key, text, [one.run.unit.name, detail].filter(Boolean).join(' · '), isOpen)
			)
		);
	const group = (name: string, work: () => DayEntry[]): DayGroup => {
		const { value, trouble } = inPlace(name, work, []);
		return { name, entries: value, trouble };
	};
	const groups: DayGroup[] = [
		group('Shelf', () => (run === null && !isShort ? shelfEntries(now, day, entry) : [])),
		group('Wall', () => ofLessons((one, make) => wallEntries(now, one, day, make))),
		group('Books to set out', () => (run === null && !isShort ? bookEntries(now, day, entry) : [])),
		group('Morning basket', () => (run === null ? basketEntries(now, day, entry) : [])),
		group('Pages to open', () => ofLessons((one, make) => pageEntries(now, one, make))),
		group('Copies', () => ofLessons((one, make) => copyEntries(now, one, make))),
		group('Supplies', () => ofLessons((one, make) => supplyEntries(now, one, make))),
		group('Also today', () => (isShort ? [] : extraEntries(now, day, run, entry))),
		group('To go back', () => (run === null ? dueEntries(now, day, entry) : [])),
		group('This evening', () => eveningEntries(now, day, run, entry)),
		group('Afterward', () => ofLessons((one, make) => taughtEntries(now, one, day, make)))
	].filter((one) => one.entries.length > 0 || one.trouble !== null);
	const cautions = inPlace('Cautions', () => (isShort ? [] : cautionsOn(now, day, shown)), []);
	const trouble = [...groups, cautions].find((one) => one.trouble !== null)?.trouble ?? null;
	const open = groups.flatMap((one) => one.entries).filter((one) => one.isOpen);
	const toDo = shown.flatMap(({ lesson }) => (lesson.booked ? [] : lessonStand(now, lesson).toDo));
	const count = groups.reduce((sum, one) => sum + one.entries.length, 0);
	return {
		day,
		title: dayText(day),
		isToday: day === now.today,
		isReady: trouble === null && open.length === 0 && toDo.length === 0,
		sentence: isShort
			? `A short day: only the basket.${lessons.length ? ` ${listText(lessons.map(({ lesson }) => lesson.lesson.title))} can wait.` : ''}`
			: trouble !== null
				? trouble
				: count === 0
					? dayOffText(now, day, run)
					: open.length
						? `Not ready yet: ${firstOf(open.map((one) => one.text))}.`
						: lessons.length === 0
							? 'No lesson this day.'
							: toDo.length
								? `All of it is at home. Still to do: ${firstOf(toDo)}.`
								: 'All of it is ready to set out.',
		lessons: lessons.map(({ run: one, lesson }) => ({
			title: `${lesson.number} ${lesson.lesson.title}`,
			unit: one.unit.name,
			href: `/units/${one.row.id}/plan/paper?show=lessons`
		})),
		groups,
		cautions: [...cautions.value, ...(cautions.trouble ? [cautions.trouble] : [])],
		left: inPlace('Left from before', () => leftBefore(now, day, run), []).value,
		isShort,
		strips: inPlace('Strips', () => stripsOf(now, day, shown, groups), []).value
	};
}

/** Why a day has nothing, where somebody said so. */
function dayOffText({ snapshot, inWork }: Situation, day: Day, run: RunSituation | null): string {
	const off = snapshot.blocked.find(
		(one) =>
			one.from_on <= day &&
			day <= one.to_on &&
			one.reason !== '' &&
			(run ? one.run_id === run.row.id : inWork.some(({ row }) => row.id === one.run_id))
	);
	return off ? `Day off: ${off.reason}.` : 'Nothing planned.';
}

/** The first three, and how many more. */
const firstOf = (what: readonly string[]): string =>
	what.length > 3 ? `${what.slice(0, 3).join(', ')}, and ${what.length - 3} more` : listText([...what]);

/** Strips that a child reads: the basket, the lessons, then what is always there. */
function stripsOf(
	now: Situation,
	day: Day,
	lessons: readonly LessonOn[],
	groups: readonly DayGroup[]
): DayView['strips'] {
	const strips = [
		...(hasBasket(now, day) ? [{ text: 'Morning basket', minutes: basketView(now, day).minutes }] : []),
		...lessons.map(({ lesson }) => ({ text: lesson.lesson.title, minutes: minutesOf(lesson) })),
		...(groups.some((one) => one.name === 'Copies') ? [{ text: 'My pages', minutes: 0 }] : []),
		...(standingIn(now, startOfWeek(day, now.snapshot.household.week_start)).length
			? [{ text: 'Choose a tray', minutes: 0 }]
			: []),
		{ text: 'Put away', minutes: 0 }
	];
	const times = timesOn(
		now,
		strips.map((one) => one.minutes)
	);
	return strips.map(({ text }, at) => ({ text, time: times[at] }));
}

/** Days after which what was not done is let go. */
const MOST_DAYS_LEFT = 7;

/**
 * What was not done on the days before, until it is done or let go: trays, the wall, pages. A house that checks
 * nothing off is not reminded of anything.
 */
function leftBefore(now: Situation, day: Day, run: RunSituation | null): DayView['left'] {
	if (day !== now.today) return [];
	const from = addDays(day, -MOST_DAYS_LEFT);
	const ticks = now.snapshot.dayTicks.filter((one) => one.on_day >= from && one.on_day <= day);
	if (!ticks.some((one) => one.on_day < day)) return [];
	const done = new Set(ticks.map((one) => one.key));
	const open: Make = (key, text, detail = '', isOpen = false) => ({
		key,
		text,
		detail,
		isOpen,
		href: null,
		isDone: false
	});
	const first = ticks.map((one) => one.on_day).toSorted()[0];
	const left = new Map<string, DayView['left'][number]>();
	for (let before = first; before < day; before = addDays(before, 1)) {
		const lessons = lessonsOn(now, before, run);
		for (const one of [
			...shelfEntries(now, before, open),
			...lessons.flatMap((lesson) => [
				...wallEntries(now, lesson, before, open),
				...copyEntries(now, lesson, open)
			])
		])
			if (!one.key.split(' ').every((key) => done.has(key))) left.set(one.key, { ...one, day: before });
	}
	return [...left.values()];
}

/** A lesson that is checked off on its sheet was taught; nobody is asked about it again. */
async function taught(trx: Trx, now: Situation, id: number, isDone: boolean): Promise<void> {
	const lesson = now.runs.flatMap((run) => run.lessons).find((one) => one.lesson.id === id);
	if (!lesson || lesson.over === isDone) return;
	if (!isDone) throw new Refusal('It’s written down as taught. Undo that, or change it under Plan.');
	if ((lesson.dates[lesson.outcomes.length] ?? '') <= now.today) await recordOutcome(trx, now, id, 'taught');
}

/**
 * Checks something of a day off, or all of a group (keys with blanks between), or takes that back. What is started in the evening is started for its lesson, too, so
 * that Next says the same. Answers it in words.
 */
export async function checkOff(
	trx: Trx,
	now: Situation,
	tick: { readonly day: Day; readonly key: string; readonly done: boolean; readonly what: string }
): Promise<string> {
	const keys = tick.key.split(' ').filter(Boolean);
	for (const key of keys) await tickDay(trx, tick.day, key, tick.done);
	for (const key of keys)
		if (key.startsWith(TAUGHT)) await taught(trx, now, Number(key.slice(TAUGHT.length)), tick.done);
	const started = tick.done
		? keys.flatMap((key) => (key.startsWith(SETTING) ? [key.slice(SETTING.length)] : []))
		: [];
	// What was started meanwhile, on Next or another phone, is not started again.
	const open = started.filter((key) => now.whole.some((one) => one.need.key === key && one.step !== null));
	const said = open.length ? await takeStep(trx, now, open) : null;
	if (said && keys.length === 1) return said;
	return tick.done ? `Done: ${tick.what}` : `Not done: ${tick.what}`;
}
