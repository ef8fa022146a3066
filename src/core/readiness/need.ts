import type { Day, Weekday } from '../calendar/dates.ts';
import type { YearDay } from '../calendar/year-day.ts';

/** The four kinds of things that a lesson asks for. */
export type Stream = 'books' | 'copies' | 'supplies' | 'setting';

export const STREAMS: readonly Stream[] = ['books', 'copies', 'supplies', 'setting'];

/** In their order; states that a stream does not have are skipped. */
export const STATES = ['missing', 'arranged', 'in hand', 'prepared', 'out', 'back'] as const;
export type State = (typeof STATES)[number];

/** How far ahead a household works. */
export type Habit =
	| { readonly kind: 'day by day' }
	| { readonly kind: 'a week ahead' }
	| { readonly kind: 'before the unit' }
	| { readonly kind: 'before a date'; readonly date: Day };

export const HABITS: readonly Habit['kind'][] = [
	'day by day',
	'a week ahead',
	'before the unit',
	'before a date'
];

/** Days of the week on which somebody is open or at work, and dates on which they are not after all. */
export type OpenDays = { readonly weekdays: readonly Weekday[]; readonly closed?: readonly Day[] };

/** The way by which a need is got, with its lead time in whole days. */
export type Way =
	| { readonly kind: 'at home' }
	| { readonly kind: 'print' }
	| { readonly kind: 'hold'; readonly open: OpenDays; readonly waitDays: number; readonly shelfDays: number }
	| { readonly kind: 'order'; readonly works: OpenDays; readonly deliveryDays: number }
	| { readonly kind: 'shop'; readonly open: OpenDays }
	| { readonly kind: 'grow'; readonly orderDays: number; readonly growDays: number }
	| { readonly kind: 'ask'; readonly days: number }
	/** Wished for an occasion, so many days before it. */
	| { readonly kind: 'gift'; readonly occasions: readonly YearDay[]; readonly days: number }
	/** Looked for at home, in time for the ways by which it is got when it is not found, in their order. */
	| {
			readonly kind: 'look';
			readonly then: readonly Exclude<Way, { kind: 'look' }>[];
			/** The first day on which anybody can look. */
			readonly from: Day;
	  };

/** Work on a thing before it can be used: minutes at a sitting, then days of drying, freezing, growing. */
export type Preparing = {
	readonly minutes: number;
	readonly waitDays: number;
	/** The sitting that an accepted plan has chosen, else null. */
	readonly sitting: Day | null;
};

/** One thing that a session asks for. Derived from the plan; only state and decisions are stored. */
export type Need = {
	/** run / stream / source row / child or "-" / session */
	readonly key: string;
	readonly lesson: string;
	readonly stream: Stream;
	/** The day of its session; null when there is none, or the lesson was dropped. */
	readonly useDay: Day | null;
	/** Only required needs hold a lesson up. */
	readonly required: boolean;
	/** The parent decided to do without. */
	readonly doWithout: boolean;
	readonly state: State;
	/** Promised day of what is arranged, when there is one. */
	readonly promised: Day | null;
	readonly way: Way;
	readonly prepare: Preparing | null;
	/** Days a perishable thing keeps; null when it does not perish. */
	readonly keepsDays: number | null;
	readonly habit: Habit;
	/** First lesson day of the need's run. */
	readonly unitStart: Day | null;
	/** The day on which the house learned that it is wanted: what is done in a day is not late before. Left out where nobody noted it. */
	readonly since?: Day | null;
	/** So many days before its day it is wanted already, since something is begun with it; left out where nothing is. */
	readonly daysAhead?: number;
	/** The last day on which it can be got at all, as before the ground freezes; left out where there is none. */
	readonly notAfter?: Day | null;
};

/** The key under which state and decisions about a need are stored. */
export function needKey(
	run: string,
	stream: Stream,
	source: string,
	child: string | null,
	session: number
): string {
	return [run, stream, source, child ?? '-', session].join('/');
}

/** Whether nothing more has to happen before the lesson: prepared, or in hand where nothing is to be prepared. */
export function isReady(need: Pick<Need, 'state' | 'prepare'>): boolean {
	const goal = need.prepare ? 'prepared' : 'in hand';
	return STATES.indexOf(need.state) >= STATES.indexOf(goal);
}
