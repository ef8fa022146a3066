import ICAL from 'ical.js';
import { addDays, type Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';

export type DayOff = { readonly from: Day; readonly to: Day; readonly reason: string };

const MOST_EVENTS = 2000;
const MOST_DAYS = 400;

/**
 * The events of an iCalendar text that touch a span of days, each with its days; what repeats is
 * written out. Times of day do not matter: a day with an event is a day.
 *
 * @throws Refusal when the text is no calendar.
 */
export function daysOffIn(text: string, from: Day, to: Day): DayOff[] {
	let events: ICAL.Event[];
	try {
		events = new ICAL.Component(ICAL.parse(text) as unknown[])
			.getAllSubcomponents('vevent')
			.slice(0, MOST_EVENTS)
			.map((one) => new ICAL.Event(one));
	} catch {
		throw new Refusal(
			'That is no calendar file. Export one from your calendar; its name ends in .ics.',
			'ics'
		);
	}
	const found: DayOff[] = [];
	for (const event of events) {
		if (!event.startDate) continue;
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
			continue;
		}
		const days = event.iterator();
		for (let i = 0, next = days.next(); next && i < MOST_DAYS * 10; i++, next = days.next()) {
			if (next.toString().slice(0, 10) > to) break;
			const { startDate, endDate } = event.getOccurrenceDetails(next);
			add(startDate, endDate);
		}
	}
	return found
		.map((one) => ({ ...one, from: one.from < from ? from : one.from, to: one.to > to ? to : one.to }))
		.sort((a, b) => (a.from < b.from ? -1 : 1))
		.slice(0, MOST_DAYS);
}
