import { readPages, suggestRoles } from '$core/print/index.ts';
import { describe, expect, it } from 'vitest';
import { readBookList, readResource } from '$core/library/index.ts';
import { readContents } from '$core/plan/index.ts';
import { readPeople, readPlaces } from '$core/house/index.ts';
import { readSupplyList } from '$core/supplies/index.ts';
import { isBibtex, readBibtex } from '../exchange/formats/bibtex.ts';
import { readCsv } from '../exchange/formats/csv.ts';
import { isMarcxml, readMarcxml } from '../exchange/formats/marcxml.ts';
import { daysOffIn } from '../services/calendar/days-off-in.ts';
import { BAD_TEXTS } from './bad-texts.ts';

const READERS: Readonly<Record<string, (text: string) => unknown>> = {
	'a supply list': (text) => readSupplyList(text, [{ id: '1', number: 1, title: 'Kites' }]),
	'a book list': (text) => readBookList(text, [{ id: '1', number: 1, title: 'Kites' }]),
	'a line of the library': readResource,
	'a table of contents': readContents,
	places: readPlaces,
	people: (text) => text.split('\n').map((line) => readPeople(line, false, '2027-01-22')),
	'pages as typed': (text) => readPages(text, 400),
	'a page of a guide': (text) =>
		suggestRoles(
			[{ page: 1, text, frames: [], width: 216, height: 279 }],
			[{ id: '1', number: 1, title: 'Kites' }]
		),
	'a table': readCsv,
	MARCXML: (text) => isMarcxml(text) && readMarcxml(text),
	'MARCXML, whatever it is': readMarcxml,
	BibTeX: (text) => isBibtex(text) && readBibtex(text),
	'BibTeX, whatever it is': readBibtex
};

/** The least time of three readings, in ms: what the machine does beside it only ever adds. */
function timeOf(read: (text: string) => unknown, text: string): number {
	let least = Infinity;
	for (let i = 0; i < 3; i++) {
		const begun = performance.now();
		try {
			read(text);
		} catch {
			// Refused in words, which is an answer as well.
		}
		least = Math.min(least, performance.now() - begun);
		if (least < SHORT_MS) break;
	}
	return least;
}

/** What is read in less is no trouble, whatever the next size takes. */
const SHORT_MS = 8;
const SIZES = [1000, 2000, 4000, 8000, 16_000];
/** Twice the text takes twice as long; a growth with the square takes four times. */
const MOST_GROWTH = 3;

describe.each(Object.entries(READERS))('%s is read in a time that grows with its length', (_, read) => {
	it.each(Object.entries(BAD_TEXTS))('%s', (_, textOf) => {
		let before = timeOf(read, textOf(SIZES[0]));
		for (const size of SIZES.slice(1)) {
			let now = timeOf(read, textOf(size));
			// A machine that was busy just then says nothing; what grows too fast does so every time.
			for (let i = 0; i < 4 && before >= SHORT_MS && now / before >= MOST_GROWTH; i++) {
				before = timeOf(read, textOf(size / 2));
				now = timeOf(read, textOf(size));
			}
			if (before >= SHORT_MS) expect(now / before, `${size}`).toBeLessThan(MOST_GROWTH);
			before = now;
		}
	});
});

describe('a calendar', () => {
	it.each([
		['a rule that never comes true', 'RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'],
		['a sixth Monday', 'RRULE:FREQ=MONTHLY;BYDAY=6MO'],
		['every second', 'RRULE:FREQ=SECONDLY']
	])('with %s is read around it', async (_, rule) => {
		const event = (more: string, name: string) =>
			`BEGIN:VEVENT\r\nUID:${name}@example.com\r\n${more}\r\nSUMMARY:${name}\r\nEND:VEVENT`;
		const text = [
			'BEGIN:VCALENDAR',
			...Array.from({ length: 10 }, () => event(`DTSTART;VALUE=DATE:20270101\r\n${rule}`, 'odd')),
			event('DTSTART;VALUE=DATE:20270220', 'away'),
			'END:VCALENDAR'
		].join('\r\n');
		const days = await daysOffIn(text, '2027-02-01', '2027-12-31');
		expect(days.map((one) => one.reason)).toContain('away');
	});
});
