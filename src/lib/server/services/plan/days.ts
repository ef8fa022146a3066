import {
	addDays,
	blockedTest,
	dayText,
	startOfWeek,
	weekdayName,
	weekdayOf,
	type Day
} from '$core/calendar/index.ts';
import { counted, listText } from '$core/words/index.ts';
import { linesOfLessons } from '$core/facts/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';

export type StripDay = {
	readonly day: Day;
	readonly kind: 'lesson' | 'taught' | 'spare' | 'blocked' | 'off';
	/** Number of the lesson, when there is one. */
	readonly label: string;
	readonly title: string;
	readonly isToday: boolean;
};

export type PlanLesson = {
	readonly id: number;
	readonly number: number;
	readonly title: string;
	readonly note: string;
	readonly optional: boolean;
	readonly sessions: number;
	readonly days: string;
	readonly dropped: boolean;
	readonly outcome: string | null;
	/** Its day has come and nobody has said how it went. */
	readonly asksOutcome: boolean;
	readonly supplies: number;
};

export type Plan = {
	readonly sentence: string;
	readonly weeks: readonly (readonly StripDay[])[];
	readonly lessons: readonly PlanLesson[];
	readonly blocked: readonly { readonly id: number; readonly text: string; readonly reason: string }[];
};

/** The plan of one run: how the lessons fall, in words, as a strip of days, and as a list. */
export function planOf(situation: Situation, run: RunSituation): Plan {
	const lineCount = new Map<number, number>();
	for (const line of linesOfLessons(situation.snapshot))
		lineCount.set(line.lesson_id, (lineCount.get(line.lesson_id) ?? 0) + 1);
	return {
		sentence: planSentence(run),
		weeks: stripOf(situation, run),
		lessons: run.lessons.map((one) => ({
			id: one.lesson.id,
			number: one.number,
			title: one.lesson.title,
			note: one.lesson.note,
			optional: one.lesson.optional === 1,
			sessions: one.lesson.sessions,
			days: one.dropped
				? 'dropped, doesn’t fit'
				: one.dates.length
					? one.dates.map(dayText).join('; ')
					: 'no date',
			dropped: one.dropped,
			outcome: one.over ? (one.outcomes.at(-1)?.outcome ?? null) : null,
			asksOutcome: !one.over && (one.dates[one.outcomes.length] ?? '9999') <= situation.today,
			supplies: lineCount.get(one.lesson.id) ?? 0
		})),
		blocked: situation.snapshot.blocked
			.filter((one) => one.run_id === run.row.id)
			.map((one) => ({
				id: one.id,
				text:
					one.from_on === one.to_on
						? dayText(one.from_on)
						: `${dayText(one.from_on)} through ${dayText(one.to_on)}`,
				reason: one.reason
			}))
	};
}

function planSentence(run: RunSituation): string {
	const { calendar } = run;
	const sessions = run.lessons.reduce((sum, one) => sum + one.sessions, 0);
	if (run.lessons.length === 0) return 'No lessons yet. Type the first one below.';
	if (!calendar)
		return `${counted(run.lessons.length, 'lesson')}, no dates yet. Set a first day and your school days to schedule ${run.lessons.length === 1 ? 'it' : 'them'}.`;
	const finish = calendar.finish ? `ending ${dayText(calendar.finish)}` : 'none with a day';
	if (calendar.count === null)
		return `${counted(run.lessons.length, 'lesson')}, ${finish}. Set a last day to see how many days you have to spare.`;
	if (calendar.shortBy > 0) {
		const short = calendar.shortBy === 1 ? '1 doesn’t' : `${calendar.shortBy} don’t`;
		return `${counted(calendar.count, 'school day')} for ${counted(sessions, 'lesson day')}: ${short} fit. Move the last day, add a weekday, or make lessons optional.`;
	}
	const dropped = calendar.dropped.length;
	const spare = `${counted(calendar.spare ?? 0, 'day')} to spare`;
	const lost = dropped
		? ` ${counted(dropped, 'optional lesson')} ${dropped === 1 ? 'was' : 'were'} dropped to fit.`
		: '';
	return `${counted(calendar.count, 'school day')} for ${counted(sessions, 'lesson day')}, ${finish}. ${spare}.${lost}`;
}

/** "Tue and Thu" */
export function weekdaysText(run: RunSituation): string {
	return listText(run.weekdays.toSorted().map((weekday) => weekdayName(weekday)));
}

const MOST_WEEKS = 60;

function stripOf(situation: Situation, run: RunSituation): StripDay[][] {
	const { calendar } = run;
	const start = run.row.start_on;
	if (!calendar || !start) return [];
	const end = run.row.end_on ?? calendar.finish ?? start;
	const lessonOn = new Map(
		run.lessons.flatMap((one) =>
			one.dates.map((day, i) => [day, { one, taught: i < one.outcomes.length }] as const)
		)
	);
	const own = situation.snapshot.blocked.filter((one) => one.run_id === run.row.id);
	const isBlocked = blockedTest(own.map((one) => ({ from: one.from_on, to: one.to_on })));
	const weeks: StripDay[][] = [];
	for (
		let monday = startOfWeek(start, situation.snapshot.household.week_start);
		monday <= end && weeks.length < MOST_WEEKS;
		monday = addDays(monday, 7)
	) {
		weeks.push(Array.from({ length: 7 }, (_, i) => stripDay(addDays(monday, i))));
	}
	return weeks;

	function stripDay(day: Day): StripDay {
		const isToday = day === situation.today;
		const at = lessonOn.get(day);
		if (at) {
			const title = `${dayText(day)}: lesson ${at.one.number}, ${at.one.lesson.title}`;
			return { day, kind: at.taught ? 'taught' : 'lesson', label: String(at.one.number), title, isToday };
		}
		const inside = day >= start! && day <= end;
		if (inside && isBlocked(day)) {
			const reason = own.find((one) => one.from_on <= day && day <= one.to_on)?.reason ?? 'blocked';
			return { day, kind: 'blocked', label: '', title: `${dayText(day)}: ${reason}`, isToday };
		}
		const teaches = inside && run.weekdays.includes(weekdayOf(day));
		return {
			day,
			kind: teaches ? 'spare' : 'off',
			label: '',
			title: teaches ? `${dayText(day)}: to spare` : dayText(day),
			isToday
		};
	}
}
