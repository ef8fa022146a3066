import ICAL from 'ical.js';
import vm from 'node:vm';
import { setImmediate as others } from 'node:timers/promises';
import { addDays, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';

export type DayOff = { readonly from: Day; readonly to: Day; readonly reason: string };

const MOST_EVENTS = 2000;
const MOST_DAYS = 400;
/** Most times that one event is written out: thirty years of days. */
const MOST_TIMES = 12_000;
/** How long the server works at it before it answers others, in ms. */
const SLICE_MS = 20;
/** How long one step of a rule may take; one that never comes true would take for ever. */
const STEP_MS = 100;
/** Steps that are tried again, in all of a calendar. */
const MOST_AGAIN = 20;
/** How long a whole calendar may take. */
const BUDGET_MS = 5000;
const LONGEST_EVENT = 20_000;

/** The clock by which is read, ms, and how long one step of a rule may take. */
export type Patience = { readonly now: () => number; readonly stepMs: number };

const PATIENCE: Patience = { now: () => performance.now(), stepMs: STEP_MS };

/**
 * The events of an iCalendar text that touch a span of days, each with its days; what repeats is
 * written out. Times of day do not matter: a day with an event is a day. What cannot be read, or whose rule
 * never comes true, is left out.
 *
 * @throws Refusal when the text is no calendar, or takes too long.
 */
export async function daysOffIn(
	text: string,
	from: Day,
	to: Day,
	{ now, stepMs }: Patience = PATIENCE
): Promise<DayOff[]> {
	if (!/BEGIN:VCALENDAR/i.test(text.slice(0, 1000)) || !/END:VCALENDAR/i.test(text.slice(-1000)))
		throw new Refusal(
			'That isn’t a calendar file. Export one from your calendar; its name ends in .ics.',
			'ics'
		);
	const found: DayOff[] = [];
	const begun = now();
	let slice = begun;
	let again = MOST_AGAIN;
	for (const one of eventsIn(text)) {
		const at = now();
		if (at - begun > BUDGET_MS)
			throw new Refusal(
				'That calendar takes too long to read. Export only the weeks of the unit from it.',
				'ics'
			);
		if (at - slice > SLICE_MS) {
			await others();
			slice = now();
		}
		// In a single step, so that even a rule without an end is ended.
		let days = within(stepMs, () => daysOf(one, from, to));
		// On a busy computer a step may have waited for others rather than worked: then it is tried again.
		for (let more = 0; days === null && more < 2 && again > 0; more++, again--) {
			await others();
			slice = now();
			days = within(stepMs, () => daysOf(one, from, to));
		}
		found.push(...(days ?? []));
	}
	return found
		.map((one) => ({ ...one, from: one.from < from ? from : one.from, to: one.to > to ? to : one.to }))
		.sort((a, b) => (a.from < b.from ? -1 : 1))
		.slice(0, MOST_DAYS);
}

/** The texts of the events, one by one; their time zones do not matter. */
function* eventsIn(text: string): Generator<string> {
	let at = 0;
	for (let i = 0; i < MOST_EVENTS; i++) {
		const start = text.indexOf('BEGIN:VEVENT', at);
		if (start < 0) return;
		const end = text.indexOf('END:VEVENT', start);
		if (end < 0) return;
		at = end + 'END:VEVENT'.length;
		if (at - start <= LONGEST_EVENT) yield text.slice(start, at);
	}
}

const STEP = new vm.Script('work()');
const step: { work: () => unknown } = { work: () => null };
const CONTEXT = vm.createContext(step);

/** Does pure work that is ended when it takes longer than so many ms; null then, and when it fails. */
function within<T>(ms: number, work: () => T): T | null {
	try {
		step.work = work;
		return STEP.runInContext(CONTEXT, { timeout: ms }) as T;
	} catch {
		return null;
	}
}

function daysOf(text: string, from: Day, to: Day): DayOff[] {
	const calendar = new ICAL.Component(ICAL.parse(`BEGIN:VCALENDAR\r\n${text}\r\nEND:VCALENDAR`) as unknown[]);
	const component = calendar.getFirstSubcomponent('vevent');
	const event = component && new ICAL.Event(component);
	if (!event?.startDate) return [];
	const found: DayOff[] = [];
	const reason = (event.summary || 'busy').slice(0, 100);
	const add = (start: ICAL.Time, end: ICAL.Time) => {
		const first = start.toString().slice(0, 10);
		// The end of an all-day event is the morning after; at midnight a timed one is over as well.
		const open = end.isDate || (end.hour === 0 && end.minute === 0 && end.second === 0);
		const last = open ? addDays(end.toString().slice(0, 10), -1) : end.toString().slice(0, 10);
		const day = { from: first, to: last < first ? first : last, reason };
		if (day.to >= from && day.from <= to) found.push(day);
	};
	if (!event.isRecurring()) {
		add(event.startDate, event.endDate);
		return found;
	}
	const days = event.iterator();
	const length = event.duration;
	let before = '';
	for (let i = 0, next = days.next(); next && i < MOST_TIMES; i++, next = days.next()) {
		const day = next.toString().slice(0, 10);
		if (day > to || found.length >= MOST_DAYS) break;
		// What comes every hour says no more than what comes every day.
		if (day === before) continue;
		before = day;
		const end = next.clone();
		end.addDuration(length);
		add(next, end);
	}
	return found;
}
