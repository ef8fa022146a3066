import { CoreError } from '../error.ts';
import type { Program, Solve } from './program.ts';

export type ChoiceActivity = {
	readonly id: string;
	/** How much the family wants it; whole, 1 or more. */
	readonly worth: number;
	/** What it takes, by the names of the limits (minutes, cents …); whole, 0 or more, 0 where left out. */
	readonly takes: Readonly<Record<string, number>>;
	/** Weeks in which it can be done, from 1. */
	readonly weeks: readonly number[];
	/** For which children it is something. */
	readonly children: readonly string[];
	/** Chosen or left out by the family already. */
	readonly decided?: 'in' | 'out' | null;
};

/** The most that may be taken of something: in one week, or (null) over the whole unit. */
export type ChoiceLimit = { readonly of: string; readonly most: number; readonly week: number | null };

export type ChoiceInput = {
	readonly activities: readonly ChoiceActivity[];
	readonly limits: readonly ChoiceLimit[];
	/** At least one activity for each of these children in each of these weeks, where that can be. */
	readonly cover: { readonly children: readonly string[]; readonly weeks: readonly number[] };
};

export type Choice = {
	/** In the order given. */
	readonly chosen: readonly { readonly id: string; readonly week: number }[];
	readonly worth: number;
	/** What the chosen ones take of each limit. */
	readonly used: readonly (ChoiceLimit & { readonly used: number })[];
	/** Children with nothing in a week, since nothing for them fits. */
	readonly uncovered: readonly { readonly child: string; readonly week: number }[];
	/** The others, with the limits that keep each of them out now; none where it is worth less than what is in. */
	readonly left: readonly { readonly id: string; readonly over: readonly string[] }[];
};

/** What the family decided alone goes over a limit: over which, and by how much. */
export class OverDecided extends CoreError {
	constructor(readonly over: (ChoiceLimit & { readonly taken: number }) | null) {
		const when = over?.week ? ` in week ${over.week}` : '';
		super(
			over
				? `What is decided already takes ${over.taken} of ${over.of}${when}, and the limit is ${over.most}`
				: 'What is decided already does not fit into the limits',
			'limits'
		);
	}
}

type Placed = { readonly activity: ChoiceActivity; readonly week: number };

/**
 * The best set of activities within the limits. First as few children without anything in a week as
 * possible, then the greatest worth, then the fewest minutes (or whatever the first limit is of), and
 * among equals the earlier weeks. What the family decided stands.
 *
 *     chooseActivities({ activities: [{ id: 'kite', worth: 3, takes: { minutes: 40 }, weeks: [1], children: ['a'] }],
 *       limits: [{ of: 'minutes', most: 60, week: null }], cover: { children: ['a'], weeks: [1] } }, solve).chosen
 *     // [{ id: 'kite', week: 1 }]
 *
 * @throws OverDecided when what is decided alone goes over a limit.
 */
export function chooseActivities(input: ChoiceInput, solve: Solve): Choice {
	check(input);
	const { activities, limits, cover } = input;
	const places: Placed[] = activities.flatMap((activity) =>
		activity.decided === 'out' ? [] : activity.weeks.map((week) => ({ activity, week }))
	);
	const gaps = cover.children.flatMap((child) => cover.weeks.map((week) => ({ child, week })));
	const first = limits[0]?.of;
	const base: Program['rows'] = [
		...activities.map((activity) => ({
			terms: termsOf(places, (place) => (place.activity === activity ? 1 : 0)),
			least: activity.decided === 'in' ? 1 : null,
			most: 1
		})),
		...limits.map((limit) => ({
			terms: termsOf(places, (place) => takenFrom(place, limit)),
			least: null,
			most: limit.most
		})),
		...gaps.map((gap, i) => ({
			terms: [
				...termsOf(places, (place) => (covers(place, gap) ? 1 : 0)),
				{ variable: places.length + i, times: 1 }
			],
			least: 1,
			most: null
		}))
	];
	// One aim after the other: a solver works with rounded numbers, and sums of such different sizes would be too near.
	const aims = [
		[...places.map(() => 0), ...gaps.map(() => -1)],
		[...places.map(({ activity }) => activity.worth), ...gaps.map(() => 0)],
		[...places.map(({ activity }) => -takes(activity, first)), ...gaps.map(() => 0)],
		[...places.map(({ week }) => -week), ...gaps.map(() => 0)]
	];
	const rows = [...base];
	let values: readonly number[] = [];
	for (const worth of aims) {
		if (worth.every((one) => one === 0) && values.length) continue;
		const solved = solve({ worth, rows });
		if (!solved) throw overDecided(input);
		values = solved.map((value) => Math.round(value));
		const reached = worth.reduce((sum, one, i) => sum + one * values[i], 0);
		rows.push({ terms: worth.flatMap(term), least: reached, most: null });
	}
	return answer(input, places, gaps, values);
}

const term = (times: number, variable: number) => (times === 0 ? [] : [{ variable, times }]);

function termsOf(places: readonly Placed[], times: (place: Placed) => number) {
	return places.flatMap((place, variable) => term(times(place), variable));
}

function takes(activity: ChoiceActivity, of: string | undefined): number {
	return of === undefined ? 0 : (activity.takes[of] ?? 0);
}

function takenFrom({ activity, week }: Placed, limit: ChoiceLimit): number {
	return limit.week === null || limit.week === week ? takes(activity, limit.of) : 0;
}

function covers({ activity, week }: Placed, gap: { child: string; week: number }): boolean {
	return week === gap.week && activity.children.includes(gap.child);
}

/** Reads the solution and proves it: nothing over a limit, nothing twice, what is decided kept. */
function answer(
	input: ChoiceInput,
	places: readonly Placed[],
	gaps: readonly { child: string; week: number }[],
	values: readonly number[]
): Choice {
	const chosen = places.filter((_, i) => values[i] === 1);
	const used = input.limits.map((limit) => ({
		...limit,
		used: chosen.reduce((sum, place) => sum + takenFrom(place, limit), 0)
	}));
	const ids = new Set(chosen.map(({ activity }) => activity.id));
	const broken =
		used.some((limit) => limit.used > limit.most) ||
		ids.size !== chosen.length ||
		input.activities.some((one) => one.decided === 'in' && !ids.has(one.id));
	if (broken) throw new CoreError('The solver gave an answer that breaks a limit');
	return {
		chosen: chosen.map(({ activity, week }) => ({ id: activity.id, week })),
		worth: chosen.reduce((sum, { activity }) => sum + activity.worth, 0),
		used,
		uncovered: gaps.filter((gap) => !chosen.some((place) => covers(place, gap))),
		left: input.activities
			.filter((activity) => !ids.has(activity.id))
			.map((activity) => ({ id: activity.id, over: overLimits(activity, used) }))
	};
}

/** The limits that would be broken in every week in which it could still be done. */
function overLimits(activity: ChoiceActivity, used: Choice['used']): string[] {
	const byWeek = activity.weeks.map((week) =>
		used
			.filter((limit) => limit.used + takenFrom({ activity, week }, limit) > limit.most)
			.map((limit) => limit.of)
	);
	if (byWeek.some((over) => over.length === 0)) return [];
	return [...new Set(byWeek.flat())];
}

function overDecided({ activities, limits }: ChoiceInput): OverDecided {
	const fixed = activities.filter((activity) => activity.decided === 'in');
	for (const limit of limits) {
		const sure = fixed.filter(
			({ weeks }) => limit.week === null || (weeks.length === 1 && weeks[0] === limit.week)
		);
		const takenAlready = sure.reduce((total, activity) => total + takes(activity, limit.of), 0);
		if (takenAlready > limit.most) return new OverDecided({ ...limit, taken: takenAlready });
	}
	return new OverDecided(null);
}

function check({ activities, limits, cover }: ChoiceInput): void {
	const whole = (value: number, least: number) => Number.isSafeInteger(value) && value >= least;
	const known = new Set<string>();
	activities.forEach((activity, i) => {
		const path = `activities[${i}]`;
		if (known.has(activity.id)) throw new CoreError(`${path}.id is there twice`, `${path}.id`);
		known.add(activity.id);
		if (!whole(activity.worth, 1))
			throw new CoreError(`${path}.worth must be a whole number, 1 or more`, `${path}.worth`);
		for (const [name, taken] of Object.entries(activity.takes)) {
			if (!whole(taken, 0))
				throw new CoreError(
					`${path}.takes.${name} must be a whole number, 0 or more`,
					`${path}.takes.${name}`
				);
		}
		if (activity.weeks.length === 0 || !activity.weeks.every((week) => whole(week, 1)))
			throw new CoreError(`${path}.weeks must name weeks from 1`, `${path}.weeks`);
		if (new Set(activity.weeks).size !== activity.weeks.length)
			throw new CoreError(`${path}.weeks names a week twice`, `${path}.weeks`);
	});
	limits.forEach((limit, i) => {
		if (!whole(limit.most, 0))
			throw new CoreError(`limits[${i}].most must be a whole number, 0 or more`, `limits[${i}].most`);
	});
	if (!cover.weeks.every((week) => whole(week, 1)))
		throw new CoreError('cover.weeks must name weeks from 1', 'cover.weeks');
}
