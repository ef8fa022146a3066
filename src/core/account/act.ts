import { dayText, type Day } from '../calendar/index.ts';
import type { ActKind, Verdict } from '../readiness/index.ts';
import { counted, lessonsText, listText } from '../words/index.ts';
import type { RunSituation } from './runs.ts';
import type { SupplyNeed } from './streams/supplies.ts';
import type { WholeNeed } from './whole-needs.ts';

/** One thing to do in the house or outside, with everything its main button needs. */
export type Act = {
	readonly id: string;
	readonly kind: ActKind;
	readonly run: number;
	readonly unitName: string;
	readonly title: string;
	readonly detail: string;
	readonly actBy: Day;
	readonly when: string;
	readonly verdict: Verdict;
	/** The adult who does it; null while nobody was asked. */
	readonly doer: number | null;
	/** Keys of the needs that it moves on; a walk only is given away by them. */
	readonly keys: readonly string[];
	/** In all, as one would say it, as text ("3/2"), in the needs' unit; “all” of several things. */
	readonly amount: string;
	/** What else can be said of it in one tap: it isn’t there yet, it can’t be had here, or where it can in time. */
	readonly ways: readonly OtherWay[];
	/** The things of one purchase, each of which can be got, or not, by itself; empty where there is one. */
	readonly parts: readonly ActPart[];
	/** Where it is done, for what has a page of its own; null where one tap does it. */
	readonly href: string | null;
};

/** One thing of several that an act is about. */
export type ActPart = {
	readonly title: string;
	readonly keys: readonly string[];
	readonly amount: string;
	/** What else can be said of it. */
	readonly ways: readonly OtherWay[];
};

/** Another button of an act, the action that it posts to, and the source that it chooses. */
export type OtherWay = {
	readonly to: 'notYet' | 'next' | 'source' | 'without';
	readonly label: string;
	readonly source: number | null;
};

/** A button that an act has beside its main one. */
export const otherWay = (to: OtherWay['to'], label: string, source: number | null = null): OtherWay => ({
	to,
	label,
	source
});

/** All that is asked for of several things. */
export const ALL = 'all';

/** Steps of several needs that one act does together. */
export type ActGroup = {
	readonly actBy: Day;
	readonly doer: number | null;
	/** Among acts of one day: fetching first, then getting, then preparing. */
	readonly rank: number;
	/** The act with everything its row says. */
	readonly inWords: () => Act;
};

/** The order of acts: by their day, then by what is done first on one day. */
export const byDay = (a: ActGroup, b: ActGroup): number =>
	a.actBy < b.actBy ? -1 : a.actBy > b.actBy ? 1 : a.rank - b.rank;

/** The sitting that an accepted plan has put a work into; null where there is none, or it has passed. */
export const sittingOf = ({ need, days }: SupplyNeed | WholeNeed): Day | null =>
	need.prepare?.sitting && days?.sitting === need.prepare.sitting ? days.sitting : null;

/** “flour, salt, string, and 2 more” */
export function someOf(names: readonly string[]): string {
	const MOST = 3;
	return listText([...names.slice(0, MOST), ...(names.length > MOST ? [`${names.length - MOST} more`] : [])]);
}

/** The unit that something is for, or how many. */
export function unitsText(runs: readonly RunSituation[]): string {
	const units = new Set(runs.map((one) => one.unit.name));
	return units.size > 1 ? counted(units.size, 'unit') : runs[0].unit.name;
}

/** “for lessons 9 and 10”, of one lesson with its day. */
export function forLessons(of: readonly { lesson: SupplyNeed['lesson']; useDay: Day }[]): string {
	const said = lessonsText(of.map(({ lesson }) => lesson.number));
	const isOne = of.every(({ lesson }) => lesson.number === of[0].lesson.number);
	return `for ${said}${isOne ? ` (${dayText(of[0].useDay)})` : ''}`;
}
