/** What something asks of a family. */
export type Load = {
	readonly minutes: number;
	/** Number of things made by hand. */
	readonly handsOn: number;
	readonly prepareMinutes: number;
	readonly cents: number;
	/** 0 clean … 3 very messy, added up. */
	readonly mess: number;
	/** Minutes for which an adult has to be there. */
	readonly adultMinutes: number;
};

export const MEASURES_OF_LOAD = [
	'minutes',
	'handsOn',
	'prepareMinutes',
	'cents',
	'mess',
	'adultMinutes'
] as const;
export type MeasureOfLoad = (typeof MEASURES_OF_LOAD)[number];

/** The most a family takes of each in a week; null is no limit. */
export type LoadLimits = Readonly<Record<MeasureOfLoad, number | null>>;

/** What the family can take of a unit: in a week, in money (cents), in projects; null where it sets no limit. */
export type RunLimits = LoadLimits & { readonly budget: number | null; readonly projects: number | null };

export const NO_LOAD: Load = {
	minutes: 0,
	handsOn: 0,
	prepareMinutes: 0,
	cents: 0,
	mess: 0,
	adultMinutes: 0
};

export function addLoads(loads: readonly Load[]): Load {
	return loads.reduce(
		(sum, one) =>
			Object.fromEntries(MEASURES_OF_LOAD.map((name) => [name, sum[name] + one[name]])) as unknown as Load,
		NO_LOAD
	);
}

/** One thing of a week that could go, move or be done in an easier way. */
export type Extra = {
	readonly id: string;
	readonly title: string;
	readonly load: Load;
	/** The family decided that it is wanted, so it is never proposed to go. */
	readonly required: boolean;
	/** What could be done instead ("watch it"), with its minutes; null is nothing. */
	readonly instead: { readonly title: string; readonly minutes: number } | null;
};

export type LoadWeek = {
	/** From 1. */
	readonly week: number;
	/** All that it holds, the extras included. */
	readonly load: Load;
	readonly extras: readonly Extra[];
};

export type Over = {
	readonly week: number;
	readonly of: MeasureOfLoad;
	readonly has: number;
	readonly most: number;
};

export type Suggestion = {
	readonly week: number;
	readonly extra: string;
	readonly way: 'instead' | 'move' | 'leave out';
	/** The week to move to, where there is room. */
	readonly to: number | null;
	/** The measures that are over and become less by it. */
	readonly helps: readonly MeasureOfLoad[];
	/** Whether the week is within all limits afterwards. */
	readonly enough: boolean;
};

/** Every week and measure that goes over its limit, in order. */
export function overLimits(weeks: readonly LoadWeek[], limits: LoadLimits): Over[] {
	return weeks.flatMap(({ week, load }) =>
		MEASURES_OF_LOAD.flatMap((of) => {
			const most = limits[of];
			return most !== null && load[of] > most ? [{ week, of, has: load[of], most }] : [];
		})
	);
}

/**
 * For each week that is too full, what to change: an easier way of doing something, else moving it to
 * the nearest week with room, else leaving it out. The change that brings the week furthest back comes
 * first, and further ones only until the week is within its limits. Required things stay.
 */
export function suggestions(weeks: readonly LoadWeek[], limits: LoadLimits): Suggestion[] {
	const loads = new Map(weeks.map(({ week, load }) => [week, load]));
	const result: Suggestion[] = [];
	for (const { week, extras } of weeks) {
		let open = extras.filter((extra) => !extra.required);
		for (;;) {
			const over = overOf(loads.get(week)!, limits);
			if (over.length === 0) break;
			const best = open
				.map((extra) => ({ extra, relief: relief(extra.load, over, loads.get(week)!, limits) }))
				.filter(({ relief }) => relief > 0)
				.sort((a, b) => b.relief - a.relief)[0]?.extra;
			if (!best) break;
			open = open.filter((extra) => extra !== best);
			const before = loads.get(week)!;
			const lighter = best.instead && { ...NO_LOAD, minutes: best.instead.minutes };
			const eased = lighter && plus(before, best.load, lighter);
			const easier = eased !== null && relief(minus(best.load, lighter!), over, before, limits) > 0;
			const to = easier ? null : roomFor(best, week, weeks, loads, limits);
			if (to !== null) loads.set(to, plus(loads.get(to)!, NO_LOAD, best.load));
			const after = easier ? eased : plus(before, best.load, NO_LOAD);
			loads.set(week, after);
			const left = overOf(after, limits);
			result.push({
				week,
				extra: best.id,
				way: easier ? 'instead' : to !== null ? 'move' : 'leave out',
				to,
				helps: over.filter((of) => after[of] < before[of]),
				enough: left.length === 0
			});
		}
	}
	return result;
}

function overOf(load: Load, limits: LoadLimits): MeasureOfLoad[] {
	return MEASURES_OF_LOAD.filter((of) => limits[of] !== null && load[of] > limits[of]!);
}

/** By how much of what is too much a thing brings a week back, measured against each limit. */
function relief(load: Load, over: readonly MeasureOfLoad[], week: Load, limits: LoadLimits): number {
	return over.reduce(
		(sum, of) => sum + Math.min(load[of], week[of] - limits[of]!) / Math.max(1, limits[of]!),
		0
	);
}

function minus(a: Load, b: Load): Load {
	return Object.fromEntries(
		MEASURES_OF_LOAD.map((of) => [of, Math.max(0, a[of] - b[of])])
	) as unknown as Load;
}

function plus(load: Load, without: Load, more: Load): Load {
	return Object.fromEntries(
		MEASURES_OF_LOAD.map((of) => [of, load[of] - without[of] + more[of]])
	) as unknown as Load;
}

function roomFor(
	extra: Extra,
	from: number,
	weeks: readonly LoadWeek[],
	loads: ReadonlyMap<number, Load>,
	limits: LoadLimits
): number | null {
	const near = weeks
		.filter(({ week }) => week !== from)
		.toSorted((a, b) => Math.abs(a.week - from) - Math.abs(b.week - from) || b.week - a.week);
	return (
		near.find(({ week }) => overOf(plus(loads.get(week)!, NO_LOAD, extra.load), limits).length === 0)?.week ??
		null
	);
}
