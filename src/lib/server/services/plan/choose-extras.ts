import type { ChoiceInput, ChoiceLimit } from '$core/choice/index.ts';
import { Refusal } from '$core/error.ts';
import { addLoads, MEASURES_OF_LOAD, type Load } from '$core/plan/index.ts';
import { parsed, type Json } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { placeActivity } from '../../stores/plan/activities.ts';
import { limitsOf, takingPartOn, type RunSituation, type Situation } from '$core/account/index.ts';
import { loadsOf, weekOf } from './load.ts';

/** What the solver is given, and the words to show its answer with. */
export type ChoiceView = {
	readonly input: ChoiceInput;
	readonly titles: Readonly<Record<string, string>>;
	readonly children: Readonly<Record<string, string>>;
	/** Where each is now: its week, or null in the pool. */
	readonly now: Readonly<Record<string, number | null>>;
	readonly limits: number;
};

/**
 * The choice of extras as an integer program: within what each week of lessons leaves of the family's
 * limits, something for each child in each week to come. What has a day keeps its week; required ones
 * are in, those done without are out.
 */
export function choiceOf(situation: Situation, run: RunSituation, budgetCents: number | null): ChoiceView {
	const { lessons, activities } = loadsOf(situation, run);
	const thisWeek = weekOf(situation, run, situation.today);
	const weekOfLesson = lessons
		.filter(({ lesson }) => lesson.dates.some((day) => day >= situation.today))
		.map(({ lesson, load }) => ({ week: weekOf(situation, run, lesson.dates[0]), load, lesson }))
		.filter(({ week }) => week >= thisWeek);
	const weeks = [...new Set(weekOfLesson.map(({ week }) => week))].sort((a, b) => a - b);
	const limits = limitsOf(run.row);
	const open = activities.filter(
		(one) =>
			!one.over &&
			(one.date === null || one.date >= situation.today) &&
			(one.lesson === null || one.date !== null)
	);
	const there = new Map(
		weeks.map((week) => [
			week,
			new Set(
				weekOfLesson
					.filter((one) => one.week === week)
					.flatMap(({ lesson }) => takingPartOn(run, null, lesson.dates[0]))
					.map((person) => person.id)
			)
		])
	);
	const spent = activities.filter((one) => !open.includes(one)).reduce((sum, one) => sum + one.load.cents, 0);
	const budget = budgetCents ?? limits.budget;
	const rows: ChoiceLimit[] = [
		...MEASURES_OF_LOAD.flatMap((of) => {
			const most = limits[of];
			if (most === null) return [];
			return weeks.map((week): ChoiceLimit => {
				const base = addLoads(weekOfLesson.filter((one) => one.week === week).map((one) => one.load));
				return { of, week, most: Math.max(0, most - base[of]) };
			});
		}),
		...(budget === null ? [] : [{ of: 'cents', week: null, most: Math.max(0, budget - spent) }])
	];
	return {
		input: {
			activities: open
				.map((one) => {
					const own = one.date === null ? null : weekOf(situation, run, one.date);
					return {
						id: String(one.activity.id),
						worth: one.activity.worth,
						takes: takesOf(one.load),
						weeks: own === null ? weeks : [own],
						children: childrenOf(run, one.activity).map(String),
						decided: one.activity.standing === 'required' ? ('in' as const) : null
					};
				})
				.filter((one) => one.weeks.length > 0),
			limits: rows,
			cover: {
				children: run.participants
					.filter(
						(person) => person.kind === 'child' && weeks.every((week) => there.get(week)!.has(person.id))
					)
					.map((person) => String(person.id)),
				weeks
			}
		},
		titles: Object.fromEntries(open.map(({ activity }) => [activity.id, activity.title])),
		children: Object.fromEntries(run.participants.map((person) => [person.id, person.name])),
		now: Object.fromEntries(
			open.map((one) => [one.activity.id, one.date === null ? null : weekOf(situation, run, one.date)])
		),
		limits: rows.length
	};
}

function takesOf(load: Load): Record<string, number> {
	return Object.fromEntries(MEASURES_OF_LOAD.map((of) => [of, load[of]]));
}

function childrenOf(run: RunSituation, activity: { participants: Json<readonly number[]> | null }): number[] {
	const named = activity.participants ? parsed(activity.participants) : null;
	return run.participants
		.filter((person) => person.kind !== 'adult' && (named === null || named.includes(person.id)))
		.map((person) => person.id);
}

/**
 * Puts the chosen activities into lessons of their weeks and the others back into the pool. Among the
 * lessons of a week the one with the fewest extras gets the next.
 *
 * @throws Refusal when the plan has changed so that a week has no lesson any more.
 */
export async function applyChoice(
	trx: Trx,
	situation: Situation,
	run: RunSituation,
	chosen: readonly { readonly id: number; readonly week: number }[]
): Promise<number> {
	const { now } = choiceOf(situation, run, null);
	const count = new Map<number, number>();
	for (const { lesson } of run.activities)
		if (lesson) count.set(lesson.lesson.id, (count.get(lesson.lesson.id) ?? 0) + 1);
	const wanted = new Map(chosen.map((one) => [one.id, one.week]));
	let moved = 0;
	for (const [key, week] of Object.entries(now)) {
		const id = Number(key);
		const to = wanted.get(id);
		if (to === undefined && week !== null) {
			await placeActivity(trx, run.row.id, id, { lesson: null, day: null });
			moved++;
		} else if (to !== undefined && week === null) {
			const lessons = run.lessons.filter(
				(one) =>
					one.dates.length > 0 &&
					one.dates[0] >= situation.today &&
					weekOf(situation, run, one.dates[0]) === to
			);
			if (lessons.length === 0)
				throw new Refusal('The plan has changed since this was worked out. Work it out again.');
			const best = lessons.reduce((a, b) =>
				(count.get(b.lesson.id) ?? 0) < (count.get(a.lesson.id) ?? 0) ? b : a
			);
			count.set(best.lesson.id, (count.get(best.lesson.id) ?? 0) + 1);
			await placeActivity(trx, run.row.id, id, { lesson: best.lesson.id, day: null });
			moved++;
		}
	}
	return moved;
}
