import { addDays, dayText, startOfWeek, weekdayName, weekdayOf, type Day } from '$core/calendar/index.ts';
import { monthsOld } from '$core/cautions/index.ts';
import { capital, counted, listText, thingText } from '$core/words/index.ts';
import { exact, isSome } from '$core/measure/index.ts';
import { parsed } from '../../database/json.ts';
import type { Row } from '../../database/tables/index.ts';
import { stateByKey } from '../../snapshot/lookups.ts';
import { byId } from '../../snapshot/snapshot.ts';
import type { LessonSituation, RunSituation } from '../calendar/runs.ts';
import { placePath } from '../house/place-paths.ts';
import { usesView } from '../library/uses.ts';
import { pagesView } from '../plan/spines.ts';
import type { Situation } from '../readiness/situation.ts';
import { copyState, printKey, printsOf } from '../readiness/streams/prints.ts';
import { basketView, hasBasket } from '../setout/basket.ts';
import { isDangerous, shelfView, standingIn, traysOf } from '../setout/shelf.ts';

/** Something of a day that is ticked off. */
export type DayEntry = {
	readonly key: string;
	readonly text: string;
	readonly detail: string;
	readonly isDone: boolean;
	/** Not ready, as of now. */
	readonly isOpen: boolean;
};

export type DayGroup = { readonly name: string; readonly entries: readonly DayEntry[] };

export type DayView = {
	readonly day: Day;
	readonly title: string;
	readonly isToday: boolean;
	readonly sentence: string;
	readonly lessons: readonly { readonly title: string; readonly unit: string; readonly href: string }[];
	readonly groups: readonly DayGroup[];
	readonly cautions: readonly string[];
	/** What of the last day with ticks was not done. */
	readonly left: readonly (DayEntry & { readonly day: Day })[];
	readonly isShort: boolean;
	readonly minutes: number;
};

const SHORT = 'short';

/** The lessons of a day, of units in work. */
export const lessonsOn = (
	now: Situation,
	day: Day,
	run: RunSituation | null = null
): { readonly run: RunSituation; readonly lesson: LessonSituation }[] =>
	now.runs
		.filter((one) => one.row.state !== 'put away' && (run === null || one === run))
		.flatMap((one) =>
			one.lessons
				.filter((lesson) => !lesson.dropped && lesson.dates.includes(day))
				.map((lesson) => ({ run: one, lesson }))
		);

/** A day: what comes out, what is open, who gets which copies, what to start in the evening. */
export function dayView(now: Situation, day: Day, run: RunSituation | null = null): DayView {
	const ticks = new Set(now.snapshot.dayTicks.filter((one) => one.on_day === day).map((one) => one.key));
	const isShort = ticks.has(SHORT);
	const entry = (key: string, text: string, detail = '', isOpen = false): DayEntry => ({
		key,
		text,
		detail,
		isOpen,
		isDone: ticks.has(key)
	});
	const lessons = lessonsOn(now, day, run);
	const shown = isShort ? [] : lessons;
	const groups: DayGroup[] = [
		{ name: 'Shelf', entries: run === null && !isShort ? shelfEntries(now, day, entry) : [] },
		{ name: 'Morning basket', entries: run === null ? basketEntries(now, day, entry) : [] },
		{ name: 'Pages to open', entries: shown.flatMap((one) => pageEntries(now, one, entry)) },
		{ name: 'Copies', entries: shown.flatMap((one) => copyEntries(now, one, entry)) },
		{ name: 'Supplies', entries: shown.flatMap((one) => supplyEntries(now, one, entry)) },
		{ name: 'To go back', entries: run === null ? dueEntries(now, day, entry) : [] },
		{ name: 'This evening', entries: eveningEntries(now, day, run, entry) }
	].filter((one) => one.entries.length > 0);
	const open = groups.flatMap((one) => one.entries).filter((one) => one.isOpen);
	const count = groups.reduce((sum, one) => sum + one.entries.length, 0);
	return {
		day,
		title: dayText(day),
		isToday: day === now.today,
		sentence: isShort
			? 'A short day: only the basket.'
			: count === 0
				? 'Nothing planned.'
				: open.length
					? `Not ready yet: ${
							open.length > 3
								? `${open
										.slice(0, 3)
										.map((one) => one.text)
										.join(', ')}, and ${open.length - 3} more`
								: listText(open.map((one) => one.text))
						}.`
					: lessons.length
						? 'All of it is ready to set out.'
						: 'No lesson this day.',
		lessons: lessons.map(({ run: one, lesson }) => ({
			title: `${lesson.number} ${lesson.lesson.title}`,
			unit: one.unit.name,
			href: `/units/${one.row.id}/plan/paper?show=lessons`
		})),
		groups,
		cautions: isShort ? [] : cautionsOn(now, day, shown),
		left: leftBefore(now, day, run),
		isShort,
		minutes: hasBasket(now, day) ? basketView(now, day).minutes : 0
	};
}

type Make = (key: string, text: string, detail?: string, isOpen?: boolean) => DayEntry;

/** On the first school day of a week what comes and goes; on every day what stands there for its lesson. */
function shelfEntries(now: Situation, day: Day, entry: Make): DayEntry[] {
	const week = startOfWeek(day, now.snapshot.household.week_start);
	const standing = standingIn(now, week);
	if (standing.length === 0) return [];
	const trays = byId(now.snapshot.trays);
	const before = new Set(standingIn(now, addDays(week, -7)).map((one) => one.tray_id));
	const isOut = new Set(standing.map((one) => one.tray_id));
	if (day !== week) return [];
	const comes = standing
		.filter((one) => !before.has(one.tray_id))
		.map((one) => {
			const tray = trays.get(one.tray_id)!;
			return entry(
				`tray-${tray.id}`,
				`Set out ${tray.title}`,
				[
					placePath(now.snapshot.places, one.place_id),
					tray.pieces ? `count ${counted(tray.pieces, 'piece')}` : '',
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
				one.pieces ? `count ${counted(one.pieces, 'piece')} back in` : ''
			)
		);
	return [...comes, ...goes];
}

function basketEntries(now: Situation, day: Day, entry: Make): DayEntry[] {
	if (!hasBasket(now, day)) return [];
	const { parts, chooser } = basketView(now, day);
	return [
		...(chooser ? [entry('chooser', `${chooser} chooses today`)] : []),
		...parts
			.filter((one) => one.pages !== 'not today' && one.pages !== 'read to its end')
			.map((one) =>
				entry(
					`basket-${one.id}`,
					one.title,
					[one.pages, one.kind === 'hands' ? 'for busy hands' : `${one.minutes} min`, one.where]
						.filter(Boolean)
						.join(', ')
				)
			)
	];
}

type LessonOn = { readonly run: RunSituation; readonly lesson: LessonSituation };

function pageEntries(now: Situation, { run, lesson }: LessonOn, entry: Make): DayEntry[] {
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
	const uses = usesView(now, run, true).lessons.find((one) => one.lesson === lesson.lesson.id)?.uses ?? [];
	return [
		...spines,
		...uses
			.filter((one) => !one.isRemark)
			.map((one) => {
				const resource = resources.get(one.resource)!;
				const isHere = resource.owned === 1 || resource.kind === 'link';
				const onLoan = now.snapshot.loans.some(
					(loan) => loan.resource_id === resource.id && loan.state === 'on loan'
				);
				return entry(
					`use-${one.id}`,
					one.title,
					[
						one.text,
						resource.owned === 1 && resource.place_id !== null
							? placePath(now.snapshot.places, resource.place_id)
							: onLoan
								? 'on loan'
								: ''
					]
						.filter(Boolean)
						.join(', '),
					!isHere && !onLoan
				);
			})
	];
}

function copyEntries(now: Situation, { run, lesson }: LessonOn, entry: Make): DayEntry[] {
	const states = stateByKey(now.snapshot);
	return printsOf(now.snapshot, run)
		.filter((one) => one.lesson === lesson && one.judged.printed.value && one.off === null)
		.flatMap((print) =>
			print.copies.map(({ child, count }) => {
				const stored = states.get(printKey(print, child?.id ?? null)) ?? null;
				const state = stored?.decision === 'do without' ? 'left out' : copyState(print, stored);
				return entry(
					`copy-${print.row.id}-${child?.id ?? 0}`,
					[print.row.title, child ? `for ${child.name}` : '', count > 1 ? `× ${count}` : '']
						.filter(Boolean)
						.join(' '),
					state,
					state === 'to print'
				);
			})
		);
}

function supplyEntries(now: Situation, { run, lesson }: LessonOn, entry: Make): DayEntry[] {
	const { snapshot } = now;
	return now.needs
		.filter((one) => one.run === run && one.lesson === lesson && !one.need.doWithout && one.line.id > 0)
		.map((one) => {
			const lots = snapshot.lots
				.filter((lot) => lot.item_id === one.item.id && lot.amount !== '0')
				.toSorted(
					(a, b) =>
						Number(b.place_id === run.row.collecting_place_id) -
						Number(a.place_id === run.row.collecting_place_id)
				);
			// What is at home counts as here, found or not: the list says where.
			const isMissing = one.served === null ? one.problem !== null : isSome(one.served.net);
			return entry(
				`need-${one.need.key}`,
				capital(thingText(exact(one.amount), one.unit, one.item.name)),
				isMissing
					? 'not here yet'
					: lots.length && lots[0].place_id !== null
						? placePath(snapshot.places, lots[0].place_id)
						: 'at home',
				isMissing
			);
		});
}

function dueEntries(now: Situation, day: Day, entry: Make): DayEntry[] {
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

/** What is started on this evening for a later day, and the sitting of the day. */
function eveningEntries(now: Situation, day: Day, run: RunSituation | null, entry: Make): DayEntry[] {
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
				`setting-${one.need.key}`,
				one.step!.title,
				one.need.useDay ? `for ${dayText(one.need.useDay)}` : '',
				false
			)
		);
	const sittings =
		run === null
			? now.snapshot.sittings
					.filter((one) => one.held_on === day && one.over === 0)
					.map((one) =>
						entry(
							`sitting-${one.id}`,
							`Preparing${one.starts ? ` at ${one.starts}` : ''}`,
							`${one.minutes} min`
						)
					)
			: [];
	return [...settings, ...sittings];
}

/** More than these are not read. */
const MOST_CAUTIONS = 8;

/** Age marks, small parts and pictures that a younger child at home should not get at, before something is set out. */
function cautionsOn(now: Situation, day: Day, lessons: readonly LessonOn[]): string[] {
	const { snapshot } = now;
	const young = snapshot.people.filter((one) => one.kind !== 'adult' && one.born !== null);
	const under = (months: number) => young.filter((one) => monthsOld(one.born!, day) < months);
	const names = (people: readonly Row<'person'>[]) => listText(people.map((one) => one.name));
	const own = new Set(lessons.map((one) => one.lesson.lesson.id));
	const used = new Set(
		snapshot.uses.filter((one) => own.has(one.lesson_id ?? 0)).map((one) => one.resource_id)
	);
	const said = new Set<string>();
	for (const one of now.needs)
		if (own.has(one.lesson.lesson.id))
			for (const caution of one.cautions)
				said.add(
					`${capital(one.item.name)}: ${caution.who.length ? `${listText(caution.who)}. ` : ''}${caution.text}`
				);
	for (const resource of snapshot.resources) {
		if (!used.has(resource.id)) continue;
		const small = under(36);
		if (resource.small_parts === 1 && small.length)
			said.add(`${resource.title} has small parts: keep it from ${names(small)}.`);
		const isMarked = ['game', 'kit', 'puzzle', 'model'].includes(resource.kind) && resource.from_age !== null;
		const younger = isMarked ? under(resource.from_age! * 12) : [];
		if (younger.length)
			said.add(`${resource.title} is marked from age ${resource.from_age}: not for ${names(younger)} alone.`);
		if (parsed(resource.content).some((note) => /anatom/i.test(note)) && under(96).length)
			said.add(`${resource.title} has anatomical pictures: look before ${names(under(96))} does.`);
	}
	// Where a tray was moved into a toddler's reach by hand, that is said first, and every day.
	const small = under(36);
	const shelf = small.length ? shelfView(now, startOfWeek(day, snapshot.household.week_start)).trays : [];
	const inReach: string[] = [];
	for (const tray of shelf.filter((one) => one.board !== null && one.isDangerous)) {
		if (tray.dangers.length) inReach.push(...tray.dangers);
		else said.add(`${tray.title} on the shelf is nothing for ${names(small)}: check that it’s still high up.`);
	}
	return [...inReach, ...said].slice(0, MOST_CAUTIONS);
}

/** What was not done on the last day before, within a week, on which anything was ticked. */
function leftBefore(now: Situation, day: Day, run: RunSituation | null): DayView['left'] {
	if (day !== now.today) return [];
	for (let back = 1; back <= 7; back++) {
		const before = addDays(day, -back);
		const ticks = now.snapshot.dayTicks.filter((one) => one.on_day === before);
		if (ticks.length === 0) continue;
		const done = new Set([
			...ticks.map((one) => one.key),
			...now.snapshot.dayTicks.filter((one) => one.on_day === day).map((one) => one.key)
		]);
		if (done.has(SHORT)) return [];
		const groups = [
			...shelfEntries(now, before, (key, text, detail = '', isOpen = false) => ({
				key,
				text,
				detail,
				isOpen,
				isDone: false
			})),
			...lessonsOn(now, before, run).flatMap((one) => [
				...copyEntries(now, one, (key, text, detail = '', isOpen = false) => ({
					key,
					text,
					detail,
					isOpen,
					isDone: false
				}))
			])
		];
		return groups.filter((one) => !done.has(one.key)).map((one) => ({ ...one, day: before }));
	}
	return [];
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

/** The days of a week, each in short. */
export type WeekView = {
	readonly week: Day;
	readonly title: string;
	readonly sentence: string;
	readonly before: Day;
	readonly after: Day;
	readonly days: readonly DayView[];
};

/** The week that a day is in; of all units, or of one. */
export function weekView(now: Situation, day: Day, run: RunSituation | null = null): WeekView {
	const week = startOfWeek(day, now.snapshot.household.week_start);
	const days = Array.from({ length: 7 }, (_, at) => dayView(now, addDays(week, at), run));
	const lessons = days.reduce((sum, one) => sum + one.lessons.length, 0);
	const open = days.find(
		(one) => one.day >= now.today && one.groups.some((group) => group.entries.some((entry) => entry.isOpen))
	);
	return {
		week,
		title: `Week of ${dayText(week)}`,
		sentence: lessons
			? `${counted(lessons, 'lesson')} this week.${open ? ` ${weekdayName(weekdayOf(open.day), 'long')}: ${open.sentence.charAt(0).toLowerCase()}${open.sentence.slice(1)}` : ' All of it is ready.'}`
			: 'No lessons this week.',
		before: addDays(week, -7),
		after: addDays(week, 7),
		days
	};
}

/** Things that go along to a waiting room or into the car: small, quiet, complete in themselves. */
export function awaySet(now: Situation): { readonly title: string; readonly why: string }[] {
	const { snapshot } = now;
	const SMALL = new Set(['card set', 'disc', 'book', 'picture book', 'puzzle']);
	const running = now.runs.filter((one) => one.row.state === 'running');
	const lessons = new Set(
		running.flatMap((one) => one.lessons.filter((lesson) => !lesson.over).map((lesson) => lesson.lesson.id))
	);
	const used = new Set(
		snapshot.uses.filter((one) => lessons.has(one.lesson_id ?? 0)).map((one) => one.resource_id)
	);
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

/** A child's own day: big, read-only but for ticks. */
export type ChildDay = {
	readonly name: string;
	readonly title: string;
	readonly entries: readonly (DayEntry & { readonly picture: string })[];
};

/** What is there for one child on a day: trays within reach, the child's copies and tasks. */
export function childDay(now: Situation, person: Row<'person'>, day: Day): ChildDay {
	const { snapshot } = now;
	const ticks = new Set(snapshot.dayTicks.filter((one) => one.on_day === day).map((one) => one.key));
	const own = `child-${person.id}-`;
	const entry = (key: string, text: string, detail: string, picture: string) => ({
		key: own + key,
		text,
		detail,
		picture,
		isOpen: false,
		isDone: ticks.has(own + key)
	});
	const lessons = lessonsOn(now, day).filter(({ run }) =>
		run.participants.some((one) => one.id === person.id)
	);
	const week = startOfWeek(day, snapshot.household.week_start);
	const trays = byId(snapshot.trays);
	const shelf = standingIn(now, week).flatMap(({ tray_id, place_id }) => {
		const tray = trays.get(tray_id)!;
		const whom = tray.children && parsed(tray.children);
		const isMine = whom === null || whom.includes(person.id);
		return isMine && !isDangerousFor(now, tray, person, day)
			? [
					entry(
						`tray-${tray.id}`,
						tray.title,
						taskOf(tray, person) ?? byId(snapshot.places).get(place_id)?.name ?? '',
						'tray'
					)
				]
			: [];
	});
	const tasks = snapshot.tasks
		.filter(
			(one) => one.person_id === person.id && lessons.some(({ lesson }) => lesson.lesson.id === one.lesson_id)
		)
		.map((one) => entry(`task-${one.id}`, one.text, one.minutes ? `${one.minutes} min` : '', 'task'));
	const copies = lessons.flatMap(({ run, lesson }) =>
		printsOf(snapshot, run)
			.filter((one) => one.lesson === lesson && one.judged.printed.value && one.off === null)
			.filter((one) => one.copies.some(({ child }) => child?.id === person.id))
			.map((one) => entry(`copy-${one.row.id}`, one.row.title, 'your page', 'page'))
	);
	const basket = hasBasket(now, day) ? basketView(now, day) : null;
	return {
		name: person.name,
		title: dayText(day),
		entries: [
			...(basket
				? [
						entry(
							'basket',
							'Morning basket',
							basket.chooser === person.name ? 'You choose today!' : '',
							'basket'
						)
					]
				: []),
			...lessons.map(({ lesson }) => entry(`lesson-${lesson.lesson.id}`, lesson.lesson.title, '', 'lesson')),
			...tasks,
			...copies,
			...shelf
		]
	};
}

/** A step of a tray that begins with a child's name is that child's task: “Ivo: count to ten”. */
function taskOf(tray: Row<'tray'>, person: Row<'person'>): string | null {
	const own = tray.steps
		.split('\n')
		.map((one) => one.trim())
		.find((one) => one.toLowerCase().startsWith(`${person.name.toLowerCase()}:`));
	return own ? own.slice(person.name.length + 1).trim() : null;
}

const isDangerousFor = (now: Situation, tray: Row<'tray'>, person: Row<'person'>, day: Day) =>
	isDangerous(tray, now.today) && person.born !== null && monthsOld(person.born, day) < 36;
