import { addDays, dayText, dayWindow, startOfWeek, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import { beginText } from '$core/plan/index.ts';
import { counted, labelOf, listText, monthName } from '$core/words/index.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';

export type MonthDay = {
	readonly day: Day;
	readonly number: number;
	readonly text: string;
	readonly inMonth: boolean;
	readonly isToday: boolean;
	readonly blocked: string;
	readonly lessons: readonly {
		readonly text: string;
		readonly title: string;
		readonly own: boolean;
		readonly reading: boolean;
	}[];
	readonly extras: readonly {
		readonly id: number;
		readonly title: string;
		readonly about: string;
		readonly fixed: boolean;
	}[];
	/** What is begun on it for a later day: “Freeze the sea animals”. */
	readonly begins: readonly string[];
};

export type MonthView = {
	readonly sentence: string;
	readonly title: string;
	readonly before: string;
	readonly after: string;
	readonly weekdays: readonly string[];
	readonly weeks: readonly (readonly MonthDay[])[];
	readonly pool: readonly { readonly id: number; readonly title: string; readonly about: string }[];
	/** Days on which another unit is taught as well. */
	readonly competing: readonly { readonly day: string; readonly text: string }[];
};

const NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** A month of a run at a glance: its lessons, those of other units, and the extras that have a day. */
export function monthView(situation: Situation, run: RunSituation, month: string): MonthView {
	const first: Day = `${month}-01`;
	const [year, number] = month.split('-').map(Number);
	const after = number === 12 ? `${year + 1}-01` : `${year}-${String(number + 1).padStart(2, '0')}`;
	const before = number === 1 ? `${year - 1}-12` : `${year}-${String(number - 1).padStart(2, '0')}`;
	const { week_start } = situation.snapshot.household;
	const lessons = lessonsByDay(situation, run);
	const extras = groupBy(
		run.activities.filter((one) => one.date !== null && one.activity.standing !== 'do without'),
		(one) => one.date!
	);
	const begins = groupBy(
		run.activities.filter((one) => one.date !== null && one.activity.start_days_before > 0 && !one.over),
		(one) => addDays(one.date!, -one.activity.start_days_before)
	);
	const blocked = situation.snapshot.blocked.filter((one) => one.run_id === run.row.id);
	const weeks: MonthDay[][] = [];
	for (let monday = startOfWeek(first, week_start); monday < `${after}-01`; monday = addDays(monday, 7)) {
		weeks.push(
			Array.from({ length: 7 }, (_, i) => {
				const day = addDays(monday, i);
				return {
					day,
					number: Number(day.slice(8)),
					text: dayText(day),
					inMonth: day.startsWith(month),
					isToday: day === situation.today,
					blocked: blocked.find((one) => one.from_on <= day && day <= one.to_on)?.reason ?? '',
					lessons: lessons.get(day) ?? [],
					extras: (extras.get(day) ?? []).map(({ activity }) => ({
						id: activity.id,
						title: activity.title,
						about: `${labelOf(activity.kind)}, ${activity.minutes} min`,
						fixed: activity.lesson_id !== null
					})),
					begins: (begins.get(day) ?? []).map(({ activity }) => beginText(activity.title))
				};
			})
		);
	}
	const pool = run.activities
		.filter((one) => one.date === null && one.activity.lesson_id === null && !one.over)
		.map(({ activity }) => ({
			id: activity.id,
			title: activity.title,
			about: `${labelOf(activity.kind)}, ${activity.minutes} min`
		}));
	const competing = [...lessons]
		.filter(
			([day, rows]) => day.startsWith(month) && rows.some((row) => row.own) && rows.some((row) => !row.own)
		)
		.sort(([a], [b]) => (a < b ? -1 : 1))
		.map(([day, rows]) => ({ day: dayText(day), text: listText(rows.map((row) => row.title)) }));
	return {
		sentence: sentenceOf(weeks, pool.length, competing.length),
		title: `${monthName(month)} ${year}`,
		before,
		after,
		weekdays: Array.from({ length: 7 }, (_, i) => NAMES[(week_start - 1 + i) % 7]),
		weeks,
		pool,
		competing
	};
}

function lessonsByDay(situation: Situation, own: RunSituation): Map<Day, MonthDay['lessons'][number][]> {
	const active = situation.runs.filter((run) => run === own || run.row.state === 'running');
	return groupByDay(
		active.flatMap((run) =>
			run.lessons.flatMap((lesson) =>
				lesson.dates.map((day, i) => {
					const reading = run.row.rhythm === 'reading between' && i >= lesson.lesson.sessions;
					return {
						day,
						row: {
							text:
								run === own ? `${lesson.number} ${lesson.lesson.title}` : `${run.unit.name} ${lesson.number}`,
							title: `${run.unit.name}: lesson ${lesson.number}, ${lesson.lesson.title}${reading ? ', reading day' : ''}`,
							own: run === own,
							reading
						}
					};
				})
			)
		)
	);
}

function groupByDay<T>(rows: readonly { day: Day; row: T }[]): Map<Day, T[]> {
	return new Map([...groupBy(rows, ({ day }) => day)].map(([day, own]) => [day, own.map(({ row }) => row)]));
}

function sentenceOf(weeks: readonly (readonly MonthDay[])[], pool: number, competing: number): string {
	const days = weeks.flat().filter((day) => day.inMonth);
	const lessons = days.reduce((sum, day) => sum + day.lessons.filter((one) => one.own).length, 0);
	const extras = days.reduce((sum, day) => sum + day.extras.length, 0);
	const parts = [
		`${counted(lessons, 'lesson')} and ${counted(extras, 'extra')} this month`,
		pool ? `${counted(pool, 'more idea')} with no date` : '',
		competing ? `${counted(competing, 'day')} also ${competing === 1 ? 'has' : 'have'} another unit` : ''
	];
	return `${parts.filter(Boolean).join('; ')}.`;
}

/** The month a run is looked at in: as asked, else today's while it runs, else its first. */
export function monthAsked(situation: Situation, run: RunSituation, asked: string | null): string {
	const { from, to } = dayWindow('plan', situation.today);
	if (asked && /^\d{4}-(0[1-9]|1[0-2])$/.test(asked) && asked >= from.slice(0, 7) && asked <= to)
		return asked;
	const start = run.row.start_on;
	return (start && start > situation.today ? start : situation.today).slice(0, 7);
}
