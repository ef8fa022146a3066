import { CoreError } from '../error.ts';
import { addDays, daysBetween, requireDay, weekdayOf, type Day, type Weekday } from './dates.ts';

export type Blocked = Day | { readonly from: Day; readonly to: Day };

export type PlannedLesson = {
	readonly id: string;
	/** Teaching days it takes; whole, 1 or more. */
	readonly sessions?: number;
	readonly optional?: boolean;
};

export type TeachingDaysInput = {
	readonly start: Day;
	readonly end?: Day | null;
	readonly weekdays: readonly Weekday[];
	readonly blocked: readonly Blocked[];
	readonly lessons: readonly PlannedLesson[];
	/** Teaching days kept as slack. */
	readonly keepFree?: number;
	/** Sessions on one teaching day, as in a fast unit; whole, 1 or more, 1 when left out. */
	readonly aDay?: number;
};

export type TeachingDays = {
	/** Teaching days from start to end, both included; null without an end. */
	readonly count: number | null;
	readonly lessons: readonly { readonly id: string; readonly dates: readonly Day[] }[];
	readonly finish: Day | null;
	readonly spare: number | null;
	readonly shortBy: number;
	readonly dropped: readonly string[];
};

/** How far ahead teaching days are looked for. */
const FURTHEST_DAYS = 366 * 60;

/**
 * On which days the lessons fall and whether they fit: one session a teaching day (or `aDay` of them),
 * in order, without gaps. Optional lessons are dropped from the last one backwards until the rest fits.
 *
 *     teachingDays({ start: '2027-01-11', weekdays: [2, 4], blocked: [], lessons: [{ id: 'L1' }] })
 *     // { lessons: [{ id: 'L1', dates: ['2027-01-12'] }], finish: '2027-01-12', count: null, … }
 *
 * @throws CoreError for empty weekdays, a date that does not exist, an end before its start, or none within sixty years.
 */
export function teachingDays(input: TeachingDaysInput): TeachingDays {
	const { lessons, keepFree = 0, aDay = 1 } = input;
	const end = input.end ?? null;
	checkInput(input, end);

	const isBlocked = blockedTest(input.blocked);
	const sessionsOf = (lesson: PlannedLesson) => lesson.sessions ?? 1;
	let needed = lessons.reduce((sum, lesson) => sum + sessionsOf(lesson), 0);
	const limit = end ?? addDays(input.start, FURTHEST_DAYS);
	const days: Day[] = [];
	for (
		let day = input.start;
		day <= limit && (end !== null || days.length * aDay < needed);
		day = addDays(day, 1)
	) {
		if (input.weekdays.includes(weekdayOf(day)) && !isBlocked(day)) days.push(day);
	}
	if (end === null && days.length * aDay < needed) {
		throw new CoreError(
			'There is no end of the blocked days: the lessons find no day in sixty years.',
			'blocked'
		);
	}

	const room = end === null ? needed : Math.max(0, days.length - keepFree) * aDay;
	const dropped = new Set<PlannedLesson>();
	for (let i = lessons.length - 1; i >= 0 && needed > room; i--) {
		if (!lessons[i].optional) continue;
		dropped.add(lessons[i]);
		needed -= sessionsOf(lessons[i]);
	}

	let used = 0;
	const placed = lessons.map((lesson) => {
		if (dropped.has(lesson)) return { id: lesson.id, dates: [] };
		const slots = Math.max(0, Math.min(sessionsOf(lesson), room - used));
		const dates = Array.from({ length: slots }, (_, i) => days[Math.floor((used + i) / aDay)]);
		used += slots;
		return { id: lesson.id, dates };
	});
	return {
		count: end === null ? null : days.length,
		lessons: placed,
		finish: used > 0 ? days[Math.ceil(used / aDay) - 1] : null,
		spare: end === null ? null : Math.max(0, days.length - Math.ceil(used / aDay) - keepFree),
		shortBy: Math.max(0, needed - room),
		dropped: lessons.filter((lesson) => dropped.has(lesson)).map((lesson) => lesson.id)
	};
}

function checkInput(input: TeachingDaysInput, end: Day | null) {
	requireDay(input.start, 'start');
	if (end !== null) {
		requireDay(end, 'end');
		if (end < input.start) throw new CoreError('end must not be before start', 'end');
		if (daysBetween(input.start, end) > FURTHEST_DAYS)
			throw new CoreError('There are more than sixty years between start and end.', 'end');
	}
	if (!Number.isInteger(input.aDay ?? 1) || (input.aDay ?? 1) < 1)
		throw new CoreError('aDay must be a whole number, 1 or more', 'aDay');
	if (input.weekdays.length === 0)
		throw new CoreError('weekdays must name at least one day of the week', 'weekdays');
	input.blocked.forEach((blocked, i) => {
		if (typeof blocked === 'string') return void requireDay(blocked, `blocked[${i}]`);
		requireDay(blocked.from, `blocked[${i}].from`);
		requireDay(blocked.to, `blocked[${i}].to`);
		if (blocked.to < blocked.from)
			throw new CoreError(`blocked[${i}].to must not be before its from`, `blocked[${i}].to`);
	});
	input.lessons.forEach((lesson, i) => {
		const sessions = lesson.sessions ?? 1;
		if (!Number.isInteger(sessions) || sessions < 1) {
			throw new CoreError(
				`lessons[${i}].sessions must be a whole number, 1 or more`,
				`lessons[${i}].sessions`
			);
		}
	});
}

/** A test whether a day is blocked, over ranges merged once. */
export function blockedTest(blocked: readonly Blocked[]): (day: Day) => boolean {
	const single = new Set(blocked.filter((one) => typeof one === 'string'));
	const ranges = blocked.filter((one) => typeof one !== 'string');
	return (day) => single.has(day) || ranges.some(({ from, to }) => from <= day && day <= to);
}

/** The last day on or before `day` that passes the test, looking back at most `within` days; else null. */
export function lastDay(day: Day, passes: (day: Day) => boolean, within = 60): Day | null {
	for (let back = 0; back <= within; back++) {
		const candidate = addDays(day, -back);
		if (passes(candidate)) return candidate;
	}
	return null;
}
