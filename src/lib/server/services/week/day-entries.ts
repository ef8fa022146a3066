import { addDays, clockFace, clockText, dayText, startOfWeek, type Day } from '$core/calendar/index.ts';
import { capital, counted, listText } from '$core/words/index.ts';
import { timesFrom } from '$core/setout/index.ts';
import { stateByKey, byId, thingId, type Snapshot } from '$core/facts/index.ts';
import {
	type LessonSituation,
	type RunSituation,
	placePath,
	placesOfThing,
	whereText,
	awayText,
	isAway,
	wholeByLesson,
	neededText,
	type Situation,
	copyState,
	printKey,
	printsOf,
	type SupplyNeed
} from '$core/account/index.ts';
import { usesView } from '../library/uses.ts';
import { pagesView } from '../plan/spines.ts';
import { jobsOf } from '../prepare/jobs.ts';
import { basketView, hasBasket, isForToday } from '../setout/basket.ts';
import { fillingsDue } from '../setout/filling.ts';
import { ledgeView } from '../setout/ledge.ts';
import { daysOnly, setOutOf, standingIn } from '../setout/shelf.ts';
import { piecesOf, traysOf } from '../setout/trays.ts';
import { wallOn } from '../setout/wall.ts';

/** Something of a day that is ticked off. */
export type DayEntry = {
	readonly key: string;
	readonly text: string;
	readonly detail: string;
	readonly isDone: boolean;
	/** Not ready, as of now. */
	readonly isOpen: boolean;
	/** Where it is done, for what has a page of its own; null where a tick does it. */
	readonly href: string | null;
};

export type DayGroup = {
	readonly name: string;
	readonly entries: readonly DayEntry[];
	/** Why nothing stands there, where it could not be worked out. */
	readonly trouble: string | null;
};

export type Make = (key: string, text: string, detail?: string, isOpen?: boolean) => DayEntry;

export type LessonOn = { readonly run: RunSituation; readonly lesson: LessonSituation };

/** The lessons of a day, of units in work. */
export const lessonsOn = (
	now: Situation,
	day: Day,
	run: RunSituation | null = null
): { readonly run: RunSituation; readonly lesson: LessonSituation }[] =>
	now.inWork
		.filter((one) => run === null || one === run)
		.flatMap((one) =>
			one.lessons
				.filter((lesson) => !lesson.dropped && lesson.dates.includes(day))
				.map((lesson) => ({ run: one, lesson }))
		);

/** A lesson of which nothing else is said takes so long, minutes (common practice). */
const LESSON_MINUTES = 40;

export const minutesOf = ({ lesson }: LessonSituation): number => lesson.minutes ?? LESSON_MINUTES;

/** When each of several things begins, one after another; no times where the family has not said when the morning does. */
export function timesOn(now: Situation, minutes: readonly number[]): string[] {
	const { dayStart } = setOutOf(now);
	if (dayStart === null) return minutes.map(() => '');
	// Children read times in steps of five minutes.
	return timesFrom(
		dayStart,
		minutes.map((one) => Math.ceil(one / 5) * 5)
	).map((time) => (time === null ? '' : clockFace(time, now.snapshot.household.measures)));
}

/** The first day of a week that has a lesson or a basket; in a week without one its first day. */
function firstDayOf(now: Situation, week: Day): Day {
	for (let at = 0; at < 7; at++) {
		const day = addDays(week, at);
		if (lessonsOn(now, day).length > 0 || hasBasket(now, day)) return day;
	}
	return week;
}

/** On the first school day of a week what comes and goes; on any day what comes out for that day alone. */
export function shelfEntries(now: Situation, day: Day, entry: Make): DayEntry[] {
	const week = startOfWeek(day, now.snapshot.household.week_start);
	const only = daysOnly(now, week)
		.filter((one) => one.day === day)
		.flatMap(({ trays, without }) =>
			trays.map((tray) =>
				entry(
					`only-${tray.id}`,
					`At the table, while ${without} is away: ${tray.title}`,
					[piecesText(tray), `put it away before ${without} is back`].filter(Boolean).join(', ')
				)
			)
		);
	const standing = standingIn(now, week);
	if (standing.length === 0) return only;
	const trays = byId(now.snapshot.trays);
	const before = new Set(standingIn(now, addDays(week, -7)).map((one) => one.tray_id));
	const isOut = new Set(standing.map((one) => one.tray_id));
	if (day !== firstDayOf(now, week)) return only;
	const comes = standing
		.filter((one) => !before.has(one.tray_id))
		.map((one) => {
			const tray = trays.get(one.tray_id)!;
			return entry(
				`tray-${tray.id}`,
				`Set out ${tray.title}`,
				[
					placePath(now.snapshot.places, one.place_id),
					piecesText(tray),
					tray.stored_place_id ? `from ${placePath(now.snapshot.places, tray.stored_place_id)}` : ''
				]
					.filter(Boolean)
					.join(', ')
			);
		});
	const goes = traysOf(now)
		.filter((one) => before.has(one.id) && !isOut.has(one.id))
		.map((one) =>
			entry(
				`back-${one.id}`,
				`Put away ${one.title}`,
				piecesOf(one) ? `count ${counted(piecesOf(one)!, 'piece')} back in` : ''
			)
		);
	const filled = fillingsDue(now, week).map(({ tray, since }) =>
		entry(
			`fill-${tray.id}-${week}`,
			`Change what fills ${tray.title}`,
			[tray.base, `keeps ${counted(tray.keeps_days!, 'day')}`, `out since ${dayText(since)}`]
				.filter(Boolean)
				.join(', ')
		)
	);
	return [...comes, ...goes, ...filled, ...only];
}

const piecesText = (tray: Parameters<typeof piecesOf>[0]) =>
	piecesOf(tray) ? `count ${counted(piecesOf(tray)!, 'piece')}` : '';

/** At the wall before a lesson’s first session. */
export const wallEntries = (now: Situation, { run, lesson }: LessonOn, day: Day, entry: Make): DayEntry[] =>
	wallOn(now, run, lesson, day).map(({ key, text, detail }) => entry(key, text, detail));

/** On the first day of a week: which books stand on the ledge, and which go to the reading corner. */
export function bookEntries(now: Situation, day: Day, entry: Make): DayEntry[] {
	if (day !== firstDayOf(now, startOfWeek(day, now.snapshot.household.week_start))) return [];
	const { length, books, corner } = ledgeView(now, day);
	return [
		...(length === null || books.length === 0
			? []
			: [
					entry(
						`ledge-${day}`,
						`Book ledge: ${counted(books.length, 'book')}`,
						books.map((one) => one.title).join(', ')
					)
				]),
		...(corner === null || corner.books.length === 0
			? []
			: [
					entry(
						`corner-${day}`,
						`${corner.name}: ${counted(corner.books.length, 'book')}`,
						corner.books.map((one) => one.title).join(', ')
					)
				])
	];
}

export function basketEntries(now: Situation, day: Day, entry: Make): DayEntry[] {
	if (!hasBasket(now, day)) return [];
	const { parts, chooser } = basketView(now, day);
	const always = parts.filter((one) => isForToday(one) && !one.pages);
	return [
		...(chooser ? [entry('chooser', `${chooser} chooses today`)] : []),
		...parts
			.filter((one) => isForToday(one) && one.pages)
			.map((one) =>
				entry(
					`basket-${one.id}`,
					one.title,
					[one.pages, one.kind === 'hands' ? 'for busy hands' : `${one.minutes} min`, one.where]
						.filter(Boolean)
						.join(', ')
				)
			),
		// One line for what is there every day, with nothing to open.
		...(always.length
			? [
					entry(
						always.map((one) => `basket-${one.id}`).join(' '),
						listText(always.map((one) => one.title)),
						always.length > 1 ? 'always in the basket' : (always[0].where ?? '')
					)
				]
			: [])
	];
}

export function pageEntries(now: Situation, { run, lesson }: LessonOn, entry: Make): DayEntry[] {
	const resources = byId(now.snapshot.resources);
	const spines = pagesView(now, run, []).spines.flatMap((spine) =>
		spine.rows
			.filter((row) => row.lesson === lesson.lesson.id)
			.flatMap((row) =>
				row.flags.map((flag) =>
					entry(`range-${flag.id}`, spine.title, [flag.pages, flag.text].filter(Boolean).join(', '))
				)
			)
	);
	const ofLesson = wholeByLesson(now).get(lesson) ?? [];
	const uses = usesView(now, run, true).lessons.find((one) => one.lesson === lesson.lesson.id)?.uses ?? [];
	return [
		...spines,
		...uses
			.filter((one) => !one.isRemark)
			.map((one) => {
				const resource = resources.get(one.resource)!;
				// Whether it is here, and where else it is, is what readiness says of it.
				const whole = ofLesson.find((each) => each.book?.resource.id === resource.id);
				const away = whole !== undefined && isAway(whole) ? whole : null;
				return entry(
					`use-${one.id}`,
					one.title,
					[
						one.text,
						away
							? away.stands
							: resource.owned === 1 && resource.place_id !== null
								? whereText(now.snapshot, thingId('title', resource.id))
								: whole?.book?.loan
									? 'on loan'
									: ''
					]
						.filter(Boolean)
						.join(', '),
					away?.need.required
				);
			})
	];
}

export function copyEntries(now: Situation, { run, lesson }: LessonOn, entry: Make): DayEntry[] {
	const states = stateByKey(now.snapshot);
	const ofLesson = wholeByLesson(now).get(lesson) ?? [];
	// A line for each page, with its children.
	return printsOf(now.snapshot, run)
		.filter((one) => one.lesson === lesson && one.judged.printed.value && one.off === null)
		.map((print) => {
			const copies = print.copies.map(({ child, count }) => {
				const key = printKey(print, child?.id ?? null);
				const stored = states.get(key) ?? null;
				return {
					key,
					child,
					count,
					state: stored?.decision === 'do without' ? 'left out' : copyState(print, stored)
				};
			});
			const names = copies.flatMap(({ child }) => child?.name ?? []);
			const count = copies.reduce((sum, one) => sum + one.count, 0);
			const same = copies.every((one) => one.state === copies[0]?.state);
			return entry(
				copies.map(({ child }) => `copy-${print.row.id}-${child?.id ?? 0}`).join(' '),
				names.length
					? `${print.row.title}: ${listText(names)}`
					: `${print.row.title}${count > 1 ? ` × ${count}` : ''}`,
				[
					print.row.optional ? 'optional' : '',
					...(same
						? [copies[0]?.state ?? '']
						: copies.map(({ child, state }) => `${child?.name ?? 'one'} ${state}`))
				]
					.filter(Boolean)
					.join(', '),
				ofLesson.some(
					(one) => copies.some(({ key }) => one.need.key === key) && one.need.required && isAway(one)
				)
			);
		});
}

/** Where it lies: in the unit’s own box before anywhere else, or where somebody said that it is. */
function placeText(snapshot: Snapshot, { run, item }: SupplyNeed): string {
	const id = thingId('item', item.id);
	const places = placesOfThing(snapshot, id);
	const bin = run.row.collecting_place_id;
	const place = places.find((one) => one === bin) ?? places[0];
	return place === undefined ? 'at home' : whereText(snapshot, id, place);
}

export function supplyEntries(now: Situation, { run, lesson }: LessonOn, entry: Make): DayEntry[] {
	const { snapshot } = now;
	return now.needs
		.filter((one) => one.run === run && one.lesson === lesson && !one.need.doWithout && one.line.id > 0)
		.map((one) => {
			const away = awayText(one);
			const optional = one.need.required ? '' : 'optional';
			return entry(
				`need-${one.need.key}`,
				capital(neededText([one], one.amount)),
				[optional, away ?? placeText(snapshot, one)].filter(Boolean).join(', '),
				// What is optional makes nothing not ready.
				away !== null && one.need.required
			);
		});
}

/** Extras of a day: an outing with its place, a film with its minutes, a project. */
export const extraEntries = (now: Situation, day: Day, run: RunSituation | null, entry: Make): DayEntry[] =>
	now.inWork
		.filter((one) => run === null || one === run)
		.flatMap((one) => one.activities)
		.filter(({ activity, date, over }) => date === day && !over && activity.standing !== 'do without')
		.map(({ activity }) =>
			entry(
				`extra-${activity.id}`,
				activity.title,
				[
					activity.kind,
					activity.minutes ? `${activity.minutes} min` : '',
					activity.weather,
					activity.note,
					activity.standing === 'extra' ? 'optional' : ''
				]
					.filter(Boolean)
					.join(', ')
			)
		);

export function dueEntries(now: Situation, day: Day, entry: Make): DayEntry[] {
	return now.returns
		.filter((one) => one.by === day)
		.map((one) =>
			entry(
				`return-${one.loan.id}`,
				`${one.resource.title} back to ${one.supplier?.name ?? 'its owner'}`,
				one.why
			)
		);
}

/** How the key of a lesson that was taught begins. */
export const TAUGHT = 'taught-';

/** On the day of a lesson or after it: that it was taught, which is the answer to whether it happened. */
export const taughtEntries = (now: Situation, { lesson }: LessonOn, day: Day, entry: Make): DayEntry[] =>
	day > now.today
		? []
		: [
				{
					...entry(`${TAUGHT}${lesson.lesson.id}`, `Taught: ${lesson.lesson.title}`),
					isDone: lesson.over || (lesson.dates[lesson.outcomes.length] ?? day) > day
				}
			];

/** How the key of something that is started begins. */
export const SETTING = 'setting-';

/** What is started on this evening for a later day, and the sitting of the day. */
export function eveningEntries(now: Situation, day: Day, run: RunSituation | null, entry: Make): DayEntry[] {
	const settings = now.whole
		.filter(
			(one) =>
				one.need.stream === 'setting' &&
				(run === null || one.run === run) &&
				!one.need.doWithout &&
				one.step !== null &&
				one.days !== null &&
				one.days.actBy !== null &&
				(one.days.actBy === day || (day === now.today && one.days.actBy < day))
		)
		.map((one) =>
			entry(
				`${SETTING}${one.need.key}`,
				one.step!.title,
				one.need.useDay ? `for ${dayText(one.need.useDay)}` : '',
				false
			)
		);
	const busy = new Set(jobsOf(now).map((job) => job.sitting?.id));
	const sittings =
		run === null
			? now.snapshot.sittings
					// One with nothing to do is no entry; an evening that is free is offered under Prepare.
					.filter((one) => one.held_on === day && one.over === 0 && busy.has(one.id))
					.map((one) => ({
						...entry(
							`sitting-${one.id}`,
							`Preparing${one.starts ? ` at ${clockText(one.starts, now.snapshot.household.measures)}` : ''}`,
							`${one.minutes} min`
						),
						href: `/sittings/${one.id}`
					}))
			: [];
	return [...settings, ...sittings];
}
