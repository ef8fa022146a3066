import { clockOf, type Weekday } from '../calendar/index.ts';
import type { Bar } from './work.ts';

/** A sitting as one would say it; what was not said is null or empty. */
export type SaidSitting = {
	readonly weekdays: readonly Weekday[];
	/** “20:00” */
	readonly starts: string | null;
	readonly minutes: number | null;
	readonly bars: readonly Bar[];
};

const DAYS: readonly RegExp[] = [
	/\bmon(?:days?)?\b/i,
	/\btue(?:s|sdays?)?\b/i,
	/\bwed(?:s|nesdays?)?\b/i,
	/\bthu(?:r|rs|rsdays?)?\b/i,
	/\bfri(?:days?)?\b/i,
	/\bsat(?:urdays?)?\b/i,
	/\bsun(?:days?)?\b/i
];
const NAMES = '(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*';
/** “Mon-Fri”, “Monday to Thursday” */
const SPAN = new RegExp(`\\b(${NAMES})\\s*(?:-|–|to|through)\\s*(${NAMES})\\b`, 'gi');
const WEEKDAYS = /\bweekdays?\b/i;
const dayIn = (name: string) => DAYS.findIndex((day) => day.test(name));
const MINUTES = /(\d{1,3})\s*(?:min(?:ute)?s?|m)\b/i;
const HOURS = /(\d{1,2}(?:[.,]\d)?|an?|half an)\s*(?:h(?:ou)?rs?|h)\b/i;
const CLOCK = /\b(?:(\d{1,2}):(\d{2})|(\d{1,2})(?=\s*[ap]\.?m))\s*(?:([ap])\.?m\.?)?/i;
const NAP = /\bnap(?:s|[- ]?time)?\b/i;

const BAR_WORDS: readonly (readonly [Bar, RegExp])[] = [
	['noise', /\bquiet|\bnap|\basleep|\bsleeping|\bno noise/i],
	['heat', /\bno laminat|\bwithout (?:the )?laminat|\bno heat/i],
	['blades', /\bsmall hands|\btoddler|\bchildren about|\bkids about|\bno blades/i],
	['printer', /\bno print|\bwithout (?:the )?printer/i]
];

/**
 * Reads a time for preparing: days of the week, clock, length, and what can’t be done at it. A nap is quiet.
 *
 * @example readSitting('Tue and Thu 8 pm, 60 min')
 * // { weekdays: [2, 4], starts: '20:00', minutes: 60, bars: [] }
 */
export function readSitting(text: string): SaidSitting {
	const clock = CLOCK.exec(text);
	const rest = clock ? text.replace(clock[0], ' ') : text;
	const daily = /\b(?:every ?day|daily|each day)\b/i.test(text);
	const spans = [...rest.matchAll(SPAN)].map(([, from, to]) => [dayIn(from), dayIn(to)] as const);
	const isSaid = (at: number) =>
		DAYS[at].test(rest) ||
		(at < 5 && WEEKDAYS.test(rest)) ||
		spans.some(([from, to]) => (from <= to ? from <= at && at <= to : at >= from || at <= to));
	return {
		weekdays: DAYS.flatMap((_, at) => (daily || isSaid(at) ? [(at + 1) as Weekday] : [])),
		starts: clock ? clockOf(clock[1] ?? clock[3], clock[2], clock[4]) : NAP.test(text) ? '13:00' : null,
		minutes: minutesIn(rest),
		bars: BAR_WORDS.flatMap(([bar, words]) => (words.test(text) ? [bar] : []))
	};
}

function minutesIn(text: string): number | null {
	const hours = HOURS.exec(text);
	const minutes = MINUTES.exec(text);
	if (!hours && !minutes) return null;
	const said = hours?.[1].toLowerCase() ?? '0';
	const number = said === 'half an' ? 0.5 : /^an?$/.test(said) ? 1 : Number(said.replace(',', '.'));
	return Math.round(number * 60) + Number(minutes?.[1] ?? 0);
}
