import { describe, expect, it } from 'vitest';
import { daysOffIn } from './days-off-in.ts';

const calendar = (...events: string[]) =>
	[
		'BEGIN:VCALENDAR',
		'VERSION:2.0',
		'PRODID:-//example//example//EN',
		...events.map(
			(one) => `BEGIN:VEVENT\nUID:${one.length}@example.com\nDTSTAMP:19970714T170000Z\n${one}\nEND:VEVENT`
		),
		'END:VCALENDAR'
	]
		.join('\n')
		.replaceAll('\n', '\r\n');

/** No machine is too busy for these: time stands still, and a step takes as long as it takes. */
const PATIENT = { now: () => 0, stepMs: 120_000 };

/** Days of a span of events, "09-02" for each. */
const daysOf = async (event: string, from: string, to: string) =>
	(await daysOffIn(calendar(event), from, to, PATIENT)).map((one) => one.from.slice(5));

/** The examples of RFC 5545, 3.8.5.3 (Recurrence Rule), with the days that it gives for each; from memory. */
describe('what repeats falls on the days that RFC 5545 gives', () => {
	it('daily for 10 occurrences: September 2 to 11', async () =>
		expect(
			await daysOf(
				'DTSTART:19970902T090000\nDURATION:PT1H\nRRULE:FREQ=DAILY;COUNT=10',
				'1997-01-01',
				'1998-12-31'
			)
		).toEqual(Array.from({ length: 10 }, (_, i) => `09-${String(i + 2).padStart(2, '0')}`)));

	it('weekly for 10 occurrences', async () =>
		expect(
			await daysOf(
				'DTSTART:19970902T090000\nDURATION:PT1H\nRRULE:FREQ=WEEKLY;COUNT=10',
				'1997-01-01',
				'1998-12-31'
			)
		).toEqual(['09-02', '09-09', '09-16', '09-23', '09-30', '10-07', '10-14', '10-21', '10-28', '11-04']));

	it('every other week on Monday, Wednesday and Friday until December 24, 1997', async () =>
		expect(
			await daysOf(
				'DTSTART:19970901T090000\nDURATION:PT1H\nRRULE:FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR',
				'1997-01-01',
				'1998-12-31'
			)
		).toEqual(
			'09-01 09-03 09-05 09-15 09-17 09-19 09-29 10-01 10-03 10-13 10-15 10-17 10-27 10-29 10-31 11-10 11-12 11-14 11-24 11-26 11-28 12-08 12-10 12-12 12-22'.split(
				' '
			)
		));

	it('monthly on the first Friday for 10 occurrences', async () =>
		expect(
			await daysOf(
				'DTSTART:19970905T090000\nDURATION:PT1H\nRRULE:FREQ=MONTHLY;COUNT=10;BYDAY=1FR',
				'1997-01-01',
				'1998-12-31'
			)
		).toEqual(['09-05', '10-03', '11-07', '12-05', '01-02', '02-06', '03-06', '04-03', '05-01', '06-05']));

	it('yearly in June and July for 10 occurrences', async () =>
		expect(
			(
				await daysOffIn(
					calendar('DTSTART:19970610T090000\nDURATION:PT1H\nRRULE:FREQ=YEARLY;COUNT=10;BYMONTH=6,7'),
					'1997-01-01',
					'2003-01-01',
					PATIENT
				)
			).map((one) => one.from)
		).toEqual([1997, 1998, 1999, 2000, 2001].flatMap((year) => [`${year}-06-10`, `${year}-07-10`])));

	it('an all-day event ends the day before its end (3.6.1: June 28 to July 8)', async () =>
		expect(
			await daysOffIn(
				calendar('DTSTART;VALUE=DATE:20070628\nDTEND;VALUE=DATE:20070709\nSUMMARY:A festival'),
				'2007-01-01',
				'2007-12-31',
				PATIENT
			)
		).toEqual([{ from: '2007-06-28', to: '2007-07-08', reason: 'A festival' }]));
});

describe('days off from a calendar', () => {
	it('are cut to the span that is asked for, without what lies outside', async () => {
		const text = calendar(
			'DTSTART;VALUE=DATE:20270220\nDTEND;VALUE=DATE:20270310\nSUMMARY:away',
			'DTSTART;VALUE=DATE:20270501\nSUMMARY:too late for this unit, by far',
			'DTSTART:20270115T180000\nDTEND:20270116T000000\nSUMMARY:over at midnight here'
		);
		expect(await daysOffIn(text, '2027-01-11', '2027-03-02', PATIENT)).toEqual([
			{ from: '2027-01-15', to: '2027-01-15', reason: 'over at midnight here' },
			{ from: '2027-02-20', to: '2027-03-02', reason: 'away' }
		]);
	});

	it('one without a name is busy; one without an end is a day', async () =>
		expect(
			await daysOffIn(calendar('DTSTART;VALUE=DATE:20270220'), '2027-01-01', '2027-12-31', PATIENT)
		).toEqual([{ from: '2027-02-20', to: '2027-02-20', reason: 'busy' }]));

	it('one that never ends does not either keep anybody waiting', async () =>
		expect(
			await daysOffIn(
				calendar('DTSTART;VALUE=DATE:20000101\nRRULE:FREQ=DAILY\nSUMMARY:always'),
				'2000-01-01',
				'2099-12-31',
				PATIENT
			)
		).toHaveLength(400));

	it.each(['', 'not a calendar', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n', '{"a":1}'])(
		'“%s” is no calendar, and it says so',
		(text) =>
			expect(daysOffIn(text, '2027-01-01', '2027-12-31')).rejects.toThrow('That isn’t a calendar file')
	);

	const three = calendar(
		...Array.from(
			{ length: 300 },
			(_, i) => `DTSTART;VALUE=DATE:2024010${(i % 9) + 1}\nRRULE:FREQ=WEEKLY\nSUMMARY:club ${i}`
		)
	);
	it('three hundred that repeat for years are all read, and others get their turn between them', async () => {
		let time = 0;
		let turns = 0;
		let isReading = true;
		const others = (async () => {
			while (isReading) {
				await new Promise((next) => setImmediate(next));
				turns += 1;
			}
		})();
		const days = await daysOffIn(three, '2027-01-11', '2027-01-24', {
			now: () => (time += 1),
			stepMs: 120_000
		});
		isReading = false;
		await others;
		expect(new Set(days.map((one) => one.reason)).size).toBe(300);
		expect(turns).toBeGreaterThan(5);
	});

	it('one that takes too long is refused with what to do', async () => {
		let time = 0;
		await expect(
			daysOffIn(three, '2027-01-11', '2027-01-24', { now: () => (time += 1000), stepMs: 120_000 })
		).rejects.toThrow('That calendar takes too long to read.');
	});
});
