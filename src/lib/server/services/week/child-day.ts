import { dayText, startOfWeek, type Day } from '$core/calendar/index.ts';
import { monthsOld } from '$core/cautions/index.ts';
import { parsed, type Row, byId } from '$core/facts/index.ts';
import { type Situation, printsOf } from '$core/account/index.ts';
import { basketView, hasBasket } from '../setout/basket.ts';
import { daysOnly, standingIn } from '../setout/shelf.ts';
import { isDangerous } from '../setout/trays.ts';
import { type DayEntry, lessonsOn, minutesOf, timesOn } from './day-entries.ts';

/** A child's own day: big, read-only but for ticks. */
export type ChildDay = {
	readonly name: string;
	readonly title: string;
	readonly entries: readonly (DayEntry & {
		readonly picture: string;
		/** When it begins, where the family has said when the morning does: “9:20”. */
		readonly time: string;
	})[];
};

/** What is there for one child on a day: trays within reach, the child's copies and tasks. */
export function childDay(now: Situation, person: Row<'person'>, day: Day): ChildDay {
	const { snapshot } = now;
	const ticks = new Set(snapshot.dayTicks.filter((one) => one.on_day === day).map((one) => one.key));
	const own = `child-${person.id}-`;
	const entry = (key: string, text: string, detail: string, picture: string, minutes = 0) => ({
		minutes,
		key: own + key,
		text,
		detail,
		picture,
		isOpen: false,
		href: null,
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
	const only = daysOnly(now, week)
		.filter((one) => one.day === day)
		.flatMap((one) => one.trays)
		.filter(
			(tray) =>
				(tray.children === null || parsed(tray.children).includes(person.id)) &&
				!isDangerousFor(now, tray, person, day)
		)
		.map((tray) => entry(`tray-${tray.id}`, tray.title, taskOf(tray, person) ?? 'at the table', 'tray'));
	const tasks = snapshot.tasks
		.filter(
			(one) => one.person_id === person.id && lessons.some(({ lesson }) => lesson.lesson.id === one.lesson_id)
		)
		.map((one) =>
			entry(`task-${one.id}`, one.text, one.minutes ? `${one.minutes} min` : '', 'task', one.minutes ?? 0)
		);
	const copies = lessons.flatMap(({ run, lesson }) =>
		printsOf(snapshot, run)
			.filter((one) => one.lesson === lesson && one.judged.printed.value && one.off === null)
			.filter((one) => one.copies.some(({ child }) => child?.id === person.id))
			.map((one) => entry(`copy-${one.row.id}`, one.row.title, 'your page', 'page'))
	);
	const basket = hasBasket(now, day) ? basketView(now, day) : null;
	const entries = [
		...(basket
			? [
					entry(
						'basket',
						'Morning basket',
						basket.chooser === person.name ? 'You choose today!' : '',
						'basket',
						basket.minutes
					)
				]
			: []),
		...lessons.map(({ lesson }) =>
			entry(`lesson-${lesson.lesson.id}`, lesson.lesson.title, '', 'lesson', minutesOf(lesson))
		),
		...tasks,
		...copies,
		...shelf,
		...only
	];
	const times = timesOn(
		now,
		entries.map((one) => one.minutes)
	);
	return {
		name: person.name,
		title: dayText(day),
		entries: entries.map(({ minutes: _, ...one }, at) => ({
			...one,
			time: times[at]
		}))
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
