import {
	addDays,
	clockOf,
	later,
	occurrences,
	readDay,
	startOfWeek,
	weekdayOf,
	type Day,
	type Recurrence,
	type Weekday
} from '../calendar/index.ts';
import type { Bar } from './work.ts';

/** Times for preparing as one would say them; what was not said is null or empty. */
export type SaidTimes = {
	/** How they come again; null where single days were said. */
	readonly rule: Recurrence | null;
	readonly days: readonly Day[];
	/** Days of the rule on which there is no time. */
	readonly except: readonly Day[];
	/** The first day on which one can fall. */
	readonly from: Day | null;
	/** “20:00” */
	readonly starts: string | null;
	readonly minutes: number | null;
	readonly bars: readonly Bar[];
	/** Words that nothing was made of. What has any is asked about, never guessed. */
	readonly unread: readonly string[];
	/** Two things that can’t both be meant: single days and days that come again, or two lengths. */
	readonly conflict: 'days' | 'length' | null;
};

const MONTH =
	'(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\b\\.?';
const NTH_END = '(?:st|nd|rd|th)?';
const DATE = `(?:\\d{4}-\\d\\d-\\d\\d|${MONTH} \\d{1,2}(?!\\d)${NTH_END}(?:,? \\d{4}\\b)?|\\d{1,2}${NTH_END} (?:of )?${MONTH}(?: \\d{4}\\b)?|\\d{1,2}/\\d{1,2}(?:/\\d{4})?(?!\\d))`;
/** Another day of the same month: “Dec 12, 19 and 26”, and no length or clock. */
const MORE = `(?:,? ?(?:and |& ?)|, ?)\\d{1,2}(?!\\d)${NTH_END}(?! ?(?:[:./]|[ap]\\.?m|m|h|to\\b|-))`;
const DAY_NAME =
	'(?:mon(?:days?)?|tue(?:s|sdays?)?|wed(?:s|nesdays?)?|thu(?:r|rs|rsdays?)?|fri(?:days?)?|sat(?:urdays?)?|sun(?:days?)?)\\b\\.?';
const NUMBERS: Readonly<Record<string, number>> = {
	a: 1,
	an: 1,
	one: 1,
	two: 2,
	'a couple of': 2,
	'a couple': 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
	seven: 7,
	eight: 8,
	nine: 9,
	ten: 10,
	twelve: 12,
	fifteen: 15,
	twenty: 20,
	thirty: 30,
	forty: 40,
	'forty-five': 45,
	sixty: 60,
	ninety: 90
};
const COUNT = `(?:\\d{1,3}(?!\\d)|${Object.keys(NUMBERS)
	.toSorted((a, b) => b.length - a.length)
	.join('|')})`;
const ORDINALS: Readonly<Record<string, number>> = {
	first: 1,
	'1st': 1,
	second: 2,
	'2nd': 2,
	third: 3,
	'3rd': 3,
	fourth: 4,
	'4th': 4,
	fifth: 5,
	'5th': 5,
	last: -1
};
const ORDINAL = `(?:${Object.keys(ORDINALS).join('|')})`;
const AND = '(?:,? and |, ?| ?& ?| or )';
const OF_MONTH = '(?:(?:of|in) (?:the|each|every|a) months?|each month|every month|monthly)';
const TIME = '(?:noon|midnight|\\d{1,2}(?!\\d)(?:[:.]\\d\\d)?(?: ?[ap]\\.?m\\b\\.?)?)';

/** Words that say no more than what stands beside them. */
const FILLERS = new Set(
	`a about all also am and are around at available be can each every for free from had has have i im in is it just maybe
	 me mostly my of on only or our prep preparing so some starting that the then there time times to us usually we when
	 with work working i'm i’m week weeks month session sitting sittings sessions off once`.split(/\s+/)
);

/** Times of day that have a name, where the clock is not said; an hour that families have for it (common practice). */
const NAMED: readonly (readonly [RegExp, string])[] = [
	[/\bafter (?:lunch|lunchtime)\b/, '13:00'],
	[/\bbefore lunch\b/, '11:00'],
	[/\blunch ?(?:time)?\b|\bnoon\b|\bmid-?day\b/, '12:00'],
	[/\bafter (?:dinner|supper)\b/, '19:00'],
	[/\bafter school\b/, '15:30'],
	[/\bafter breakfast\b/, '09:00'],
	[/\bbefore breakfast\b/, '06:30'],
	[/\b(?:after|once|when) (?:bed ?time|(?:the )?(?:kids?|children|baby) (?:are |is )?in bed)\b/, '20:00'],
	[/\b(?:during |at )?(?:the )?nap(?:s|[- ]?times?)?\b/, '13:00'],
	[/\bafternoons?\b/, '14:00'],
	[/\bmornings?\b/, '09:00'],
	[/\b(?:evenings?|nights?|nightly|tonight)\b/, '20:00'],
	[/\b(?=(?:school|week)nights?\b)/, '20:00']
];

const BAR_WORDS: readonly (readonly [Bar, RegExp])[] = [
	[
		'noise',
		/\bquiet(?:ly)?(?: only)?\b|\bno noise\b|\b(?:the )?(?:kids?|children|baby|toddler)?(?: (?:is|are))? ?(?:asleep|sleeping)\b/g
	],
	['heat', /\b(?:no|without(?: the)?) (?:laminat(?:or|ing)|heat)\b/g],
	[
		'blades',
		/\bsmall hands(?: (?:about|around))?\b|\b(?:toddlers?|children|kids)(?: (?:is|are))? (?:about|around|awake)\b|\bno blades\b/g
	],
	['printer', /\b(?:no|without(?: the)?) print(?:er|ing)\b/g]
];

/** A text of which one phrase after the other is taken away. */
class Rest {
	text: string;
	constructor(text: string) {
		this.text = text;
	}
	/** Takes the first place where a pattern stands. */
	take(pattern: string | RegExp): RegExpExecArray | null {
		const found = (typeof pattern === 'string' ? new RegExp(`\\b${pattern}`) : pattern).exec(this.text);
		if (found)
			this.text = `${this.text.slice(0, found.index)} | ${this.text.slice(found.index + found[0].length)}`;
		return found;
	}
	/** Takes all of them. */
	takeAll(pattern: string): RegExpExecArray[] {
		const all: RegExpExecArray[] = [];
		for (let found = this.take(pattern); found; found = this.take(pattern)) all.push(found);
		return all;
	}
}

/**
 * Reads times for preparing as one says them: days of the week or of the month, single days, days off, a first and a
 * last one, clock, length, and what can’t be done at them. A nap is quiet. `today` decides which year and week is
 * meant; with `dayFirst` 3/6 is in June.
 *
 * @example readTimes('every other Saturday, 2 hours', '2026-12-01')
 * // rule FREQ=WEEKLY;INTERVAL=2;BYDAY=SA, minutes 120
 */
export function readTimes(text: string, today: Day, dayFirst = false): SaidTimes {
	const rest = new Rest(
		text
			.toLowerCase()
			.replace(/[’‘]/g, "'")
			.replace(/[–—]/g, '-')
			.replace(/½/g, ' 1/2')
			.replace(/\b(school|week) ?night(s?)\b/g, '$1night$2')
			.replace(/\s+/g, ' ')
			.trim()
	);
	const bars = BAR_WORDS.flatMap(([bar, words]): Bar[] => {
		const before = rest.text;
		rest.text = rest.text.replace(words, ' | ');
		return rest.text === before ? [] : [bar];
	});
	const read = (date: string) =>
		readDay(date.replace(/(\d)(?:st|nd|rd|th)\b/, '$1').replace(' of ', ' '), today, dayFirst);
	const minutesSaid = takeLength(rest);
	const off = takeExceptions(rest, read);
	const bounds = takeBounds(rest, read, today);
	const dates = takeDates(rest, read);
	const clock = takeClock(rest);
	if (clock.isNap && !bars.includes('noise')) bars.unshift('noise');
	const near = takeNear(rest, today);
	const rule = takeRule(rest, off.weekdays, bounds, clock.isEvery && dates.length + near.length === 0);
	const days = [...new Set([...dates, ...near, ...(clock.isTonight ? [today] : [])])].sort();
	return {
		rule: days.length ? null : rule,
		days,
		except: off.days,
		from: bounds.from,
		starts: clock.starts,
		minutes: minutesSaid ?? clock.minutes,
		bars,
		unread: rest.text
			.replace(/[|.,;:()!?&+/-]/g, ' ')
			.split(' ')
			.filter((word) => word !== '' && !FILLERS.has(word)),
		conflict:
			days.length && rule
				? 'days'
				: minutesSaid !== null && clock.minutes !== null && minutesSaid !== clock.minutes
					? 'length'
					: null
	};
}

/**
 * The days that were meant, from today to a last one, each once and in order; where there is a rule also the day it
 * is counted from.
 */
export function daysOf(
	said: SaidTimes,
	today: Day,
	last: Day
): { readonly start: Day; readonly days: readonly Day[] } {
	const from = later(said.from ?? today, today);
	if (said.rule === null)
		return { start: from, days: said.days.filter((day) => day >= today && !said.except.includes(day)) };
	// Every other Saturday begins with the next one.
	const [first = from] = occurrences({ ...said.rule, interval: 1, count: null }, from, addDays(from, 400));
	return { start: first, days: occurrences(said.rule, first, last, said.except) };
}

type ReadDate = (text: string) => Day | null;

/** “Dec 24 to Jan 2” and “Dec 12-14” as all of their days; empty where that is none. */
function spanDays(from: Day | null, to: string, read: ReadDate): Day[] {
	if (from === null) return [];
	const end = /^\d{1,2}$/.test(to) ? `${from.slice(0, 8)}${to.padStart(2, '0')}` : read(to);
	const days: Day[] = [];
	for (let day = from; end !== null && day <= end && days.length < 370; day = addDays(day, 1)) days.push(day);
	return days;
}

const SPAN = ` ?(?:-|to|through|thru|until) ?(${DATE}|\\d{1,2}(?!\\d)(?! ?(?:[:.]|[ap]\\.?m|m|h)))`;
const LIST = `(${DATE})((?:${MORE})*)`;

/** The days of “Dec 12, 19 and 26”. */
function listDays(first: string, more: string, read: ReadDate): Day[] {
	const day = read(first);
	if (day === null) return [];
	return [day, ...(more.match(/\d{1,2}/g) ?? []).map((date) => `${day.slice(0, 8)}${date.padStart(2, '0')}`)];
}

function takeDates(rest: Rest, read: ReadDate): Day[] {
	const spans = rest
		.takeAll(`(?:on )?(${DATE})${SPAN}`)
		.flatMap(([, from, to]) => spanDays(read(from), to, read));
	return [
		...spans,
		...rest.takeAll(`(?:on )?${LIST}`).flatMap(([, first, more]) => listDays(first, more, read))
	];
}

const NOT =
	'(?:but )?(?:except(?:ing)?(?: for)?|excluding|not(?: on)?|without|skip(?:ping)?|other than|no)(?: the| any)? ';

function takeExceptions(rest: Rest, read: ReadDate): { days: Day[]; weekdays: Weekday[] } {
	const days: Day[] = [];
	const weekdays: Weekday[] = [];
	const one = `${DATE}(?:${SPAN})?`;
	for (const [, list] of rest.takeAll(`${NOT}(${one}(?:${MORE}|${AND}${one})*)`))
		days.push(...takeDates(new Rest(list), read));
	for (const [, list] of rest.takeAll(`${NOT}(${DAY_NAME}(?:${AND}${DAY_NAME})*)`))
		weekdays.push(...weekdaysIn(list));
	if (rest.take(`${NOT}weekends?\\b`)) weekdays.push(6, 7);
	return { days, weekdays };
}

type Bounds = { readonly from: Day | null; readonly until: Day | null; readonly count: number | null };

function takeBounds(rest: Rest, read: ReadDate, today: Day): Bounds {
	const from = rest.take(
		`(?:from|starting(?: on)?|beginning(?: on)?|as of|after) (${DATE})(?! ?(?:-|to\\b|through|thru))`
	);
	const until = rest.take(
		`(?:until|till?|through|thru|up to|ending(?: on)?) (?:the )?(?:end of )?(${DATE}|${MONTH})`
	);
	const within = rest.take(`(?:in|during) (${MONTH})`);
	const fromTo = from || until ? null : rest.take(`from (${DATE}) (?:to|through|thru|-) (${DATE})`);
	const weeks =
		rest.take(`for (?:the next )?(${COUNT}) weeks?\\b`) ?? rest.take(`the next (${COUNT}) weeks?\\b`);
	const times = rest.take(`(${COUNT}) times\\b`);
	const nextWeek = rest.take('next week\\b');
	const thisWeek = nextWeek ? null : rest.take('this week\\b');
	const monday = addDays(startOfWeek(today, 1), nextWeek ? 7 : 0);
	const monthEnd = within ? read(within[1]) : null;
	const begins = from
		? read(from[1])
		: fromTo
			? read(fromTo[1])
			: nextWeek
				? monday
				: monthEnd
					? later(`${monthEnd.slice(0, 8)}01`, today)
					: null;
	return {
		from: begins,
		until: until
			? read(until[1])
			: fromTo
				? read(fromTo[2])
				: nextWeek || thisWeek
					? addDays(monday, 6)
					: (monthEnd ?? (weeks ? addDays(begins ?? today, numberIn(weeks[1]) * 7 - 1) : null)),
		count: times ? numberIn(times[1]) : null
	};
}

const numberIn = (text: string) => NUMBERS[text] ?? Number(text);

/** “1 h 30”, “an hour and a half”, “1 1/2 hours”, “three quarters of an hour”, “90 min”. */
function takeLength(rest: Rest): number | null {
	if (rest.take('(?:three[- ]quarters of an hour)\\b')) return 45;
	if (rest.take('(?:a )?quarter (?:of an )?hour\\b')) return 15;
	if (rest.take('(?:an )?hour and a half\\b')) return 90;
	if (rest.take('(?:half an|a half|half) hour\\b')) return 30;
	const mixed = rest.take(`(${COUNT}) (?:and )?(?:1/2|a half) ?(?:h(?:ou)?rs?|h)\\b`);
	if (mixed) return numberIn(mixed[1]) * 60 + 30;
	const hours =
		rest.take(
			/(?<![\d:])(\d{1,2}(?:[.,]\d{1,2})?) ?(?:hours?|hrs?|h)(?:(\d\d)(?:min|m)?\b| ?(?:and )?(\d{1,2}) ?(?:minutes?|mins?|m)\b|\b)/
		) ?? rest.take(`(${COUNT}) (?:hours?|hrs?)\\b`);
	if (hours) {
		const joined = hours[2] ?? hours[3];
		const more = joined ? null : rest.take(/\b(\d{1,2}) ?(?:minutes?|mins?|m)\b/);
		const number = NUMBERS[hours[1]] ?? Number(hours[1].replace(',', '.'));
		return Math.round(number * 60) + Number(joined ?? more?.[1] ?? 0);
	}
	const minutes =
		rest.take(/\b(\d{1,3}) ?(?:minutes?|mins?|m)\b/) ?? rest.take(`(${COUNT}) (?:minutes?|mins?)\\b`);
	return minutes ? numberIn(minutes[1]) : null;
}

type Clock = {
	starts: string | null;
	minutes: number | null;
	isNap: boolean;
	isTonight: boolean;
	/** “evenings”: all of them, where no day is said. */
	isEvery: boolean;
};

function takeClock(rest: Rest): Clock {
	const isNap = /\bnap/.test(rest.text);
	const isEvery = /\b(?:evenings|nights|nightly|mornings|afternoons)\b/.test(rest.text);
	const isTonight = /\btonight\b/.test(rest.text);
	const isMorning = /\bmornings?\b/.test(rest.text);
	const isLater = /\b(?:evenings?|nights?|tonight|afternoons?|after (?:lunch|dinner|supper|school))\b/.test(
		rest.text
	);
	const range = rest.take(`(?:from |between |at )?(${TIME}) ?(?:-|to|until|till?|and) ?(${TIME})(?![\\d/])`);
	let starts: string | null = null;
	let minutes: number | null = null;
	if (range) {
		const half = isMorning ? 'a' : isLater ? 'p' : null;
		const [fromHalf, toHalf] = [halfOf(range[1]) ?? half, halfOf(range[2]) ?? half];
		// With neither am nor pm the first one says which half of the day it is.
		const isOpen = fromHalf === null && toHalf === null;
		const begins = isOpen ? timeOf(range[1], null, null) : null;
		const to = timeOf(range[2], toHalf, null);
		const from = begins ?? timeOf(range[1], fromHalf, to);
		if (from !== null && to !== null) {
			let end = to;
			// “9 to 12” and “9 am to 1”: the end comes after.
			if (isOpen && end > from + 720) end -= 720;
			if (end <= from && toHalf === null && end + 720 > from) end += 720;
			starts = clockFrom(from);
			minutes = (end - from + 1440) % 1440 || null;
		}
	} else {
		const single =
			rest.take(/\b(?:at )?(\d{1,2}:\d\d)( ?[ap]\.?m\b\.?)?/) ??
			rest.take(/\b(?:at )?(\d{1,2})( ?[ap]\.?m\b\.?)/) ??
			rest.take(/\bat (\d{1,2})\b(?! ?(?:min|h))()/);
		if (single) {
			const said = `${single[1]}${single[2] ?? ''}`;
			const at = timeOf(said, halfOf(said) ?? (isMorning ? 'a' : isLater ? 'p' : null), null);
			starts = at === null ? null : clockFrom(at);
		}
	}
	for (const [words, at] of NAMED) if (rest.take(words)) starts ??= at;
	return { starts, minutes, isNap, isTonight, isEvery };
}

const halfOf = (text: string) =>
	/([ap])\.?m/.exec(text)?.[1] ?? (text === 'noon' || text === 'midnight' ? 'p' : null);
const clockFrom = (minutes: number) =>
	clockOf(String(Math.floor(minutes / 60) % 24), String(minutes % 60), undefined);

/** Minutes of a day. Without am and pm: before `end` where that helps; else from 1 to 8 it is after noon. */
function timeOf(text: string, half: string | null, end: number | null): number | null {
	if (text === 'noon') return 720;
	if (text === 'midnight') return 1440;
	const [, hour, minute = '0'] = /^(\d{1,2})(?:[:.](\d\d))?/.exec(text)!;
	const hours = Number(hour);
	if (hours > 23 || Number(minute) > 59) return null;
	const written = /^\d\d:/.test(text) || hours > 12 || hours === 0;
	const at = (hours % 12) * 60 + Number(minute);
	if (half === null && written) return hours * 60 + Number(minute);
	if (half !== null) return at + (half === 'p' ? 720 : 0);
	if (end !== null) return at + 720 < end ? at + 720 : at;
	return at + (hours <= 8 || hours === 12 ? 720 : 0);
}

/** “tomorrow”, “this Saturday”, “next Tuesday”. */
function takeNear(rest: Rest, today: Day): Day[] {
	const days: Day[] = [];
	if (rest.take('day after tomorrow\\b')) days.push(addDays(today, 2));
	if (rest.take('tomorrow\\b')) days.push(addDays(today, 1));
	if (rest.take('today\\b')) days.push(today);
	for (const [, which, name] of rest.takeAll(`(this|next|the coming|coming) (${DAY_NAME})`)) {
		const [weekday] = weekdaysIn(name);
		const monday = addDays(startOfWeek(today, 1), 7);
		const first = addDays(today, (weekday - weekdayOf(today) + 7) % 7);
		days.push(
			which === 'next'
				? addDays(monday, weekday - 1)
				: which === 'this' || first > today
					? first
					: addDays(first, 7)
		);
	}
	return days;
}

const NAMES = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
const weekdayIn = (name: string) => (NAMES.indexOf(name.slice(0, 3)) + 1) as Weekday;
const weekdaysIn = (text: string) =>
	(text.match(new RegExp(`\\b${DAY_NAME}`, 'g')) ?? []).map((name) => weekdayIn(name));
const ALL: readonly Weekday[] = [1, 2, 3, 4, 5, 6, 7];

function takeRule(
	rest: Rest,
	off: readonly Weekday[],
	{ until, count }: Bounds,
	isEvery: boolean
): Recurrence | null {
	const ends = { until, count };
	const onDays = (byDay: readonly Weekday[], interval = 1): Recurrence => ({
		freq: 'WEEKLY',
		interval,
		byDay: [...new Set(byDay)]
			.filter((one) => !off.includes(one))
			.sort((a, b) => a - b)
			.map((weekday) => ({ weekday, nth: null })),
		byMonthDay: [],
		...ends
	});
	const someDays =
		rest.take(`every (${COUNT}) days\\b`) ??
		rest.take('(?:every (?:other|second|2nd)|alternate) (?:days?|evenings?|nights?)\\b()');
	if (someDays)
		return {
			freq: 'DAILY',
			interval: someDays[1] ? numberIn(someDays[1]) : 2,
			byDay: [],
			byMonthDay: [],
			...ends
		};
	const interval = takeInterval(rest);
	const monthly = interval === null ? takeMonthly(rest) : null;
	if (monthly) return { freq: 'MONTHLY', interval: 1, ...monthly, ...ends };
	const days: Weekday[] = [];
	for (const [, from, to] of rest.takeAll(`(${DAY_NAME}) ?(?:-|to|through|thru) ?(${DAY_NAME})`)) {
		const [first, last] = [weekdayIn(from), weekdayIn(to)];
		days.push(
			...ALL.filter((one) => (first <= last ? first <= one && one <= last : one >= first || one <= last))
		);
	}
	for (const [name] of rest.takeAll(DAY_NAME)) days.push(weekdayIn(name));
	if (rest.take('(?:weekdays?|weeknights?|workdays?|work days?)\\b')) days.push(1, 2, 3, 4, 5);
	if (rest.take('schoolnights?\\b')) days.push(7, 1, 2, 3, 4);
	if (rest.take('weekends?\\b')) days.push(6, 7);
	if (rest.take('(?:every ?day|daily|each day|all week|every)\\b(?! (?:sitting|week))') && days.length === 0)
		return onDays(ALL);
	if (days.length) return onDays(days, interval ?? 1);
	return isEvery ? onDays(ALL) : null;
}

/** Weeks from one to the next; null where nothing is said of it. “Every third Friday” is every three weeks. */
function takeInterval(rest: Rest): number | null {
	if (
		rest.take(
			`(?:every (?:other|second|2nd) weeks?|bi-?weekly|fortnightly|(?:on )?alternat(?:e|ing) weeks?)\\b`
		)
	)
		return 2;
	const weeks = rest.take(`every (${COUNT}) weeks?\\b`) ?? rest.take(`every (${ORDINAL}) week\\b`);
	if (weeks) return ORDINALS[weeks[1]] ?? numberIn(weeks[1]);
	const named = new RegExp(
		`\\b(?:every (other|second|2nd|third|3rd|fourth|4th)|(alternat)(?:e|ing)) (?=${DAY_NAME}(?!(?:${AND}${DAY_NAME})* ${OF_MONTH}))`
	);
	const found = rest.take(named);
	return found ? (ORDINALS[found[1]] ?? 2) : null;
}

function takeMonthly(rest: Rest): Pick<Recurrence, 'byDay' | 'byMonthDay'> | null {
	const weekday = rest.take(
		`(?:every |on |the )*(${ORDINAL}(?:${AND}(?:the )?${ORDINAL})*) (${DAY_NAME}(?:${AND}${DAY_NAME})*)(?: ${OF_MONTH})?`
	);
	if (weekday)
		return {
			byDay: (weekday[1].match(new RegExp(`\\b${ORDINAL}`, 'g')) ?? []).flatMap((nth) =>
				weekdaysIn(weekday[2]).map((one) => ({ weekday: one, nth: ORDINALS[nth] }))
			),
			byMonthDay: []
		};
	if (rest.take(`(?:the )?last day ${OF_MONTH}`)) return { byDay: [], byMonthDay: [-1] };
	const dates = rest.take(
		`(?:on )?(?:the )?(\\d{1,2}(?:st|nd|rd|th)(?:${AND}(?:the )?\\d{1,2}(?:st|nd|rd|th))*) ${OF_MONTH}`
	);
	return dates ? { byDay: [], byMonthDay: (dates[1].match(/\d{1,2}/g) ?? []).map(Number) } : null;
}
