import { describe, expect, it } from 'vitest';
import { readContents } from '$core/plan/index.ts';
import { readPerson, readPlaces } from '$core/house/index.ts';
import { readSupplyList } from '$core/supplies/index.ts';
import { isBibtex, readBibtex } from '../exchange/formats/bibtex.ts';
import { readCsv } from '../exchange/formats/csv.ts';
import { isMarcxml, readMarcxml } from '../exchange/formats/marcxml.ts';
import { daysOffIn } from '../services/calendar/days-off-in.ts';

/** Kinds of text on which reading can take far longer than the text is long. */
const KINDS: Readonly<Record<string, (n: number) => string>> = {
	'blanks inside': (n) => `a${' '.repeat(n)}b`,
	'blanks alone': (n) => ' '.repeat(n),
	'tabs before a number': (n) => `a${'\t'.repeat(n)}1`,
	'a leader that leads nowhere': (n) => `Lesson 1 x${'.'.repeat(n)}y`,
	'a leader with gaps': (n) => `Title ${'. '.repeat(n)}x`,
	'dots at the end': (n) => `Title ${'.'.repeat(n)}`,
	underscores: (n) => `Title ${'_'.repeat(n)}x`,
	'empty lines': (n) => `a\n${'\n'.repeat(n)}b`,
	'lines of blanks': (n) => `a\n${'  \n'.repeat(n)}b`,
	commas: (n) => `a${','.repeat(n)}`,
	'a long list in a line': (n) => `2 cups a${', b'.repeat(n)}`,
	'open brackets': (n) => '('.repeat(n),
	'nested brackets': (n) => `${'('.repeat(n)}a${')'.repeat(n)}`,
	digits: (n) => '1'.repeat(n),
	'numbers in a row': (n) => '1 '.repeat(n),
	'fractions of fractions': (n) => '1/'.repeat(n),
	dashes: (n) => `${'-'.repeat(n)}a`,
	quotes: (n) => `${'"'.repeat(n)}a`,
	'the same word': (n) => 'paper '.repeat(n),
	'and, and': (n) => 'a and '.repeat(n),
	'or, or': (n) => 'glue or '.repeat(n),
	'per child, per child': (n) => '2 per child '.repeat(n),
	'one long word': (n) => 'x'.repeat(n),
	bullets: (n) => `${'• '.repeat(n)}a`,
	emoji: (n) => '😀'.repeat(n),
	'accents on a letter': (n) => `e${'\u0301'.repeat(n)}`,
	'empty comments of XML': (n) => '<!-- -->'.repeat(n),
	'comments that do not end': (n) => '<!-- '.repeat(n),
	'records in records': (n) => '<record>'.repeat(n),
	'attributes without end': (n) => `<record ${'a="b" '.repeat(n)}>`,
	'an entity in an entity': (n) =>
		`<!DOCTYPE x [${Array.from({ length: Math.min(n, 40) }, (_, i) => `<!ENTITY a${i + 1} "&a${i};&a${i};">`).join('')}]><record>&a9;</record>`,
	'entries of BibTeX': (n) => '@book{'.repeat(n),
	'braces of BibTeX': (n) => `@book{x, title={${'{'.repeat(n)}`,
	'remarks of BibTeX': (n) => '%\n'.repeat(n),
	'a quote that does not close': (n) => `a,b\n"${'x,'.repeat(n)}`,
	'many columns': (n) => `a${',a'.repeat(n)}\n1`,
	'a long cell': (n) => `a,b\n${'z'.repeat(n)},1`,
	'Roman numerals': (n) => `Chapter ${'ivxlc'.repeat(n)}`,
	'allergies of allergies': (n) => `Odile ${'allergies '.repeat(n)}`,
	'places in places': (n) => 'a > '.repeat(n)
};

const READERS: Readonly<Record<string, (text: string) => unknown>> = {
	'a supply list': (text) => readSupplyList(text, [{ id: '1', number: 1, title: 'Kites' }]),
	'a table of contents': readContents,
	places: readPlaces,
	people: (text) => text.split('\n').map((line) => readPerson(line, false)),
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
	it.each(Object.entries(KINDS))('%s', (_, textOf) => {
		let before = timeOf(read, textOf(SIZES[0]));
		for (const size of SIZES.slice(1)) {
			const now = timeOf(read, textOf(size));
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
