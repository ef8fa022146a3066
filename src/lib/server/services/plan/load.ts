import { Refusal } from '$core/error.ts';
import { addDays, daysBetween, dayText, startOfWeek, type Day } from '$core/calendar/index.ts';
import { groupBy } from '$core/group-by.ts';
import {
	addLoads,
	isHandsOn,
	MEASURES_OF_LOAD,
	NO_LOAD,
	overLimits,
	suggestions,
	type Extra,
	type Load,
	type LoadLimits,
	type LoadWeek,
	type RunLimits,
	type Suggestion
} from '$core/plan/index.ts';
import { counted, LOAD_NAMES, loadText } from '$core/words/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { doInstead, placeActivity } from '../../stores/plan/activities.ts';
import { limitsOf, type ActivitySituation, type RunSituation, type Situation } from '$core/account/index.ts';
import { minutesOfRange } from './spines.ts';

/** Common practice, no source: how long a lesson takes when nobody has said. */
export const USUAL_LESSON_MINUTES = 40;

export type LoadLesson = {
	readonly number: number;
	readonly title: string;
	readonly day: string;
	readonly week: number;
	readonly load: Load;
	/** Minutes of the load by what they are for. */
	readonly parts: { readonly lesson: number; readonly reading: number; readonly extras: number };
};

export type LoadView = {
	readonly sentence: string;
	readonly lessons: readonly LoadLesson[];
	readonly weeks: readonly {
		readonly week: number;
		readonly from: string;
		readonly load: Load;
		readonly over: readonly string[];
	}[];
	readonly limits: RunLimits;
	readonly suggestions: readonly {
		readonly id: string;
		readonly activity: number;
		readonly title: string;
		readonly why: string;
		readonly way: Suggestion['way'];
		readonly week: number;
		readonly to: number | null;
		readonly button: string;
	}[];
	readonly mix: string | null;
};

/** The week of a run that a day lies in, from 1. */
export function weekOf(situation: Situation, run: RunSituation, day: Day): number {
	const first = startOfWeek(run.row.start_on ?? day, situation.snapshot.household.week_start);
	return Math.floor(daysBetween(first, day) / 7) + 1;
}

/** The first day of a week of a run. */
export function firstOfWeek(situation: Situation, run: RunSituation, week: number): Day {
	const start = run.row.start_on ?? situation.today;
	return addDays(startOfWeek(start, situation.snapshot.household.week_start), 7 * (week - 1));
}

/** What one activity asks. */
export function loadOfActivity(activity: Row<'activity'>, lines: readonly Row<'supply_line'>[]): Load {
	return {
		minutes: activity.minutes,
		handsOn: isHandsOn(activity.kind) ? 1 : 0,
		prepareMinutes: lines.reduce((sum, line) => sum + (line.prepare_minutes ?? 0), 0),
		cents: activity.cents,
		mess: activity.mess,
		adultMinutes: activity.adult ? activity.minutes : 0
	};
}

/** What every lesson asks without the extras, and each activity that is in the plan. */
export function loadsOf(situation: Situation, run: RunSituation) {
	const { snapshot } = situation;
	const linesOf = groupBy(snapshot.lines, (line) =>
		line.activity_id === null ? `lesson ${line.lesson_id}` : `activity ${line.activity_id}`
	);
	const spines = new Map(
		snapshot.spines.filter((spine) => spine.run_id === run.row.id).map((spine) => [spine.id, spine])
	);
	const rangesOf = groupBy(
		snapshot.ranges.filter((range) => spines.has(range.spine_id) && range.way !== 'skip'),
		(range) => range.lesson_id
	);
	const lessons = run.lessons.map((one) => {
		const reading = (rangesOf.get(one.lesson.id) ?? []).reduce(
			(sum, range) => sum + minutesOfRange(range, spines.get(range.spine_id)!),
			0
		);
		const own = (one.lesson.minutes ?? USUAL_LESSON_MINUTES) * one.lesson.sessions;
		const lines = linesOf.get(`lesson ${one.lesson.id}`) ?? [];
		return {
			lesson: one,
			own,
			reading,
			load: {
				...NO_LOAD,
				minutes: own + reading,
				prepareMinutes: lines.reduce((sum, line) => sum + (line.prepare_minutes ?? 0), 0)
			}
		};
	});
	const activities = run.activities
		.filter((one) => one.activity.standing !== 'do without')
		.map((one) => ({
			...one,
			load: loadOfActivity(one.activity, linesOf.get(`activity ${one.activity.id}`) ?? [])
		}));
	return { lessons, activities };
}

/** Minutes, projects, preparing and cost by lesson and week against what the family takes, and what would help. */
export function loadView(situation: Situation, run: RunSituation): LoadView {
	const { lessons, activities } = loadsOf(situation, run);
	const limits = limitsOf(run.row);
	const dated = activities.filter((one) => one.date !== null);
	const rows = lessons
		.filter(({ lesson }) => lesson.dates.length > 0)
		.map(({ lesson, own, reading, load }): LoadLesson => {
			const mine = activities.filter((one) => one.lesson === lesson);
			const all = addLoads([load, ...mine.map((one) => one.load)]);
			return {
				number: lesson.number,
				title: lesson.lesson.title,
				day: dayText(lesson.dates[0]),
				week: weekOf(situation, run, lesson.dates[0]),
				load: all,
				parts: { lesson: own, reading, extras: all.minutes - own - reading }
			};
		});
	const byWeek = new Map<number, { loads: Load[]; extras: Extra[] }>();
	const week = (number: number) => {
		let one = byWeek.get(number);
		if (!one) byWeek.set(number, (one = { loads: [], extras: [] }));
		return one;
	};
	for (const { lesson, load } of lessons)
		if (lesson.dates.length) week(weekOf(situation, run, lesson.dates[0])).loads.push(load);
	for (const one of dated) {
		const own = week(weekOf(situation, run, one.date!));
		own.loads.push(one.load);
		if (!one.over && one.date! >= situation.today) own.extras.push(asExtra(one));
	}
	const weeks = [...byWeek]
		.sort(([a], [b]) => a - b)
		.map(([number, { loads, extras }]): LoadWeek => ({ week: number, load: addLoads(loads), extras }));
	const over = overLimits(weeks, limits);
	const thisWeek = weekOf(situation, run, situation.today);
	const helps = suggestions(
		weeks.filter((one) => one.week >= thisWeek),
		limits
	);
	return {
		sentence: sentenceOf(weeks, over, limits),
		lessons: rows,
		weeks: weeks.map((one) => ({
			week: one.week,
			from: dayText(firstOfWeek(situation, run, one.week)),
			load: one.load,
			over: over
				.filter((o) => o.week === one.week)
				.map((o) => `${loadText(o.of, o.has)}, limit ${loadText(o.of, o.most)}`)
		})),
		limits,
		suggestions: helps.map((help) => suggestionText(help, dated)),
		mix: mixText(limits.projects, activities)
	};
}

function asExtra({ activity, load }: ActivitySituation & { readonly load: Load }): Extra {
	return {
		id: String(activity.id),
		title: activity.title,
		load,
		required: activity.standing === 'required',
		instead: activity.instead
			? { title: activity.instead, minutes: activity.instead_minutes ?? activity.minutes }
			: null
	};
}

function sentenceOf(
	weeks: readonly LoadWeek[],
	over: ReturnType<typeof overLimits>,
	limits: LoadLimits
): string {
	if (weeks.length === 0) return 'Nothing is scheduled yet.';
	const heaviest = weeks.reduce((a, b) => (b.load.minutes > a.load.minutes ? b : a));
	const most = `Week ${heaviest.week} is the fullest, at ${loadText('minutes', heaviest.load.minutes)}`;
	if (MEASURES_OF_LOAD.every((of) => limits[of] === null))
		return `${most}. Set your weekly limits below to see what’s too much.`;
	if (over.length === 0) return `${most}. Every week is within your limits.`;
	const [first] = over;
	const full = new Set(over.map((one) => one.week)).size;
	return `${full === 1 ? '1 week is' : `${full} weeks are`} too full. Week ${first.week} has ${loadText(first.of, first.has)}; your limit is ${loadText(first.of, first.most)}.`;
}

function suggestionText(
	help: Suggestion,
	dated: readonly ActivitySituation[]
): LoadView['suggestions'][number] {
	const { activity } = dated.find((one) => String(one.activity.id) === help.extra)!;
	const less = `less ${help.helps.map((of) => LOAD_NAMES[of]).join(' and ')} in week ${help.week}`;
	const then = help.enough ? '; that’s enough' : '';
	const title =
		help.way === 'instead'
			? `Swap ${activity.title} for ${activity.instead}`
			: help.way === 'move'
				? `Move ${activity.title} to week ${help.to}, which has room`
				: `Take out ${activity.title}`;
	return {
		id: `${help.way} ${activity.id}`,
		activity: activity.id,
		title,
		why: less + then,
		way: help.way,
		week: help.week,
		to: help.to,
		button: help.way === 'instead' ? 'Swap' : help.way === 'move' ? 'Move' : 'Move to ideas'
	};
}

function mixText(projects: number | null, activities: readonly { readonly load: Load }[]): string | null {
	if (projects === null) return null;
	const has = activities.reduce((sum, one) => sum + one.load.handsOn, 0);
	return has > projects
		? `${counted(has, 'hands-on project')}; your limit is ${projects}.`
		: `${has} of ${counted(projects, 'hands-on project')}.`;
}

/**
 * Makes a week lighter by one activity: what was noted instead of it, another week, or the pool of extras.
 * @throws Refusal when that week has no lesson any more.
 */
export async function easeWeek(
	trx: Trx,
	situation: Situation,
	run: RunSituation,
	asked: {
		readonly activity: number;
		readonly way: 'instead' | 'move' | 'leave out';
		/** The week to move it to. */
		readonly to: number | null;
	}
): Promise<void> {
	if (asked.way === 'instead') return doInstead(trx, run.row.id, asked.activity);
	if (asked.way === 'leave out')
		return placeActivity(trx, run.row.id, asked.activity, { lesson: null, day: null });
	const lesson = run.lessons.find(
		(one) => one.dates.length > 0 && !one.over && weekOf(situation, run, one.dates[0]) === asked.to
	);
	if (!lesson) throw new Refusal('That week no longer has a lesson. Reload the page.');
	await placeActivity(trx, run.row.id, asked.activity, { lesson: lesson.lesson.id, day: null });
}
