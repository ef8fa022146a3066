import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import type { Weekday } from '$core/calendar/index.ts';
import { json } from '$core/facts/index.ts';
import { change, undo } from '../../history/changes.ts';
import { addBlocked, setCalendar } from '../../stores/plan/units.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { icalOf } from '../plan/calendar-file.ts';
import { fitTexts, makeFit } from '../plan/make-fit.ts';
import { missableDays, missedPreview, rollOn } from '../plan/roll-on.ts';
import { applyWhatIf, isAsked, whatIf, type WhatIf } from '../plan/what-if.ts';
import { computeRun, computeSituation, type SupplyNeed } from '$core/account/index.ts';
import { holidayRows, holidaysBetween } from './holidays.ts';

const STAMP = new Date(Date.UTC(2027, 0, 22));

type Event = { uid: string; day: string; end: string; summary: string; sequence: number };

/** Reads a calendar file with a library that has nothing to do with the one that wrote it. */
function events(text: string): Event[] {
	return new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => {
		const event = new ICAL.Event(one);
		// Only an evening of preparing has its hour.
		expect(event.startDate.isDate).toBe(!event.uid.startsWith('sitting-'));
		return {
			uid: event.uid,
			day: event.startDate.toString(),
			end: event.endDate.toString(),
			summary: event.summary,
			sequence: Number(one.getFirstPropertyValue('sequence'))
		};
	});
}

describe('holidays', () => {
	// US Office of Personnel Management, federal holidays of 2027 (5 U.S.C. 6103), as observed from Monday to Friday.
	it('the federal holidays of the United States in 2027', () => {
		const days = holidaysBetween('US', null, '2027-01-01', '2027-12-31').map((one) => one.from);
		expect(days).toEqual(
			expect.arrayContaining([
				'2027-01-01',
				'2027-01-18',
				'2027-02-15',
				'2027-05-31',
				'2027-06-18',
				'2027-07-05',
				'2027-09-06',
				'2027-10-11',
				'2027-11-11',
				'2027-11-25',
				'2027-12-24'
			])
		);
	});

	it('Easter Monday where it is a holiday, by the published date of Easter; regions differ', () => {
		// Easter 2027 is on March 28, Easter 2028 on April 16 (the Gregorian computus).
		const easter = (year: number) =>
			holidaysBetween('DE', null, `${year}-03-01`, `${year}-04-30`).find(
				(one) => one.name === 'Easter Monday'
			)?.from;
		expect([easter(2027), easter(2028)]).toEqual(['2027-03-29', '2028-04-17']);
		const epiphany = (region: string) =>
			holidaysBetween('DE', region, '2027-01-02', '2027-01-31').some((one) => one.from === '2027-01-06');
		expect([epiphany('BY'), epiphany('BE')]).toEqual([true, false]);
	});

	it('those on a teaching day are offered, and switched on and off as days without lessons', async () => {
		const store = await openTestStore();
		await change(store.write, doer(), 'days', (trx) =>
			setCalendar(trx, 2, {
				start: '2027-05-24',
				end: '2027-07-09',
				weekdays: [1],
				keepFree: 0,
				habits: { kind: null, date: null, streams: {} }
			})
		);
		const rows = async () => {
			const now = await situationOf(store);
			return holidayRows(
				now,
				now.runs.find((one) => one.row.id === 2)!
			);
		};
		expect((await rows()).map((row) => [row.from, row.blocked !== null])).toEqual([
			['2027-05-31', false],
			['2027-07-05', false]
		]);
		await change(store.write, doer(), 'block', (trx) =>
			addBlocked(trx, 2, '2027-05-31', '2027-05-31', 'Memorial Day')
		);
		expect((await rows()).map((row) => row.blocked !== null)).toEqual([true, false]);
	});
});

describe('the calendar file', () => {
	it('has every lesson, day off and act as an all-day event, whatever the zone of the server', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		const run = now.runs[0];
		const read = events(icalOf(now, run, STAMP));
		for (const lesson of run.lessons)
			lesson.dates.forEach((day, i) => {
				const event = read.find((one) => one.uid === `lesson-${lesson.lesson.id}-${i + 1}@gather-bin`)!;
				expect(event.day).toBe(day);
				expect(event.summary).toContain(lesson.lesson.title);
			});
		const off = now.snapshot.blocked.filter((one) => one.run_id === 1);
		expect(read.filter((one) => one.uid.startsWith('off-'))).toHaveLength(off.length);
		expect(read.find((one) => one.summary === 'Buy 6 oranges')?.day).toBe('2027-01-23');
		expect(new Set(read.map((one) => one.uid)).size).toBe(read.length);
	});

	it('read again after a change, it is the same events with a higher sequence', async () => {
		const store = await openTestStore();
		const before = events(icalOf(await situationOf(store), null, STAMP));
		await change(store.write, doer(), 'missed', (trx) => rollOn(trx, 1, '2027-01-26'));
		const after = events(icalOf(await situationOf(store), null, STAMP));
		const lessons = (read: Event[]) =>
			read.filter((one) => one.uid.startsWith('lesson-')).map((one) => one.uid);
		expect(lessons(after)).toEqual(lessons(before));
		expect(after[0].sequence).toBeGreaterThan(before[0].sequence);
		expect(after.find((one) => one.day === '2027-01-26' && one.uid.startsWith('lesson-'))).toBeUndefined();
	});
});

describe('when it does not fit, or a day is missed', () => {
	it('says beforehand what rolling on moves, and does that', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		expect(missableDays(now.runs[0])[0]).toEqual({ day: '2027-01-26', text: 'Tue, Jan 26, lesson 6' });
		expect(missedPreview(now, 1, '2027-01-26')!.text).toBe(
			'8 lessons move, ending Thu, Mar 4; 2 days to spare'
		);
		await change(store.write, doer(), 'missed', (trx) => rollOn(trx, 1, '2027-01-26'));
		const after = (await situationOf(store)).runs[0];
		expect(after.calendar).toMatchObject({ finish: '2027-03-04', spare: 2 });
		expect(after.lessons.map((one) => one.lesson.id)).toEqual(
			now.runs[0].lessons.map((one) => one.lesson.id)
		);
	});

	it('each way does what it says, conserves the supply lines, and can be undone', async () => {
		const store = await openTestStore();
		await change(store.write, doer(), 'end', (trx) =>
			trx.updateTable('run').set({ end_on: '2027-02-18' }).where('id', '=', 1).execute()
		);
		const before = await allRows(store);
		const short = await situationOf(store);
		const ways = fitTexts(short, short.runs[0]);
		expect(ways.length).toBeGreaterThan(3);
		for (const way of ways) {
			const { changed } = await change(
				store.write,
				doer(),
				(what: string) => what,
				(trx) => makeFit(trx, short, short.runs[0], way.id)
			);
			expect(changed).toBe(way.title);
			const after = await situationOf(store);
			expect(after.snapshot.lines).toHaveLength(short.snapshot.lines.length);
			if (way.result.includes('still')) continue;
			expect(after.runs[0].calendar?.shortBy).toBe(0);
			await undo(store.write, doer());
			expect(await allRows(store)).toEqual(before);
		}
		await expect(
			change(store.write, doer(), 'fit', (trx) => makeFit(trx, short, short.runs[0], 'nothing'))
		).rejects.toThrow('no longer needed');
	});
});

describe('what if', () => {
	const nothing: WhatIf = {
		children: null,
		start: null,
		weekdays: [],
		drop: [],
		without: [],
		budgetCents: null
	};

	it('answers for one run what is computed for all at once', async () => {
		const now = await situationOf(await openTestStore());
		for (const run of now.runs) {
			const asked = {
				...now.snapshot,
				runs: now.snapshot.runs.map((one) =>
					one.id === run.row.id ? { ...one, weekdays: json<readonly Weekday[]>([1, 5]) } : one
				),
				participants: now.snapshot.participants.slice(1),
				lessons: now.snapshot.lessons.filter((one) => one.id !== run.lessons.at(-1)?.lesson.id)
			};
			const all = computeSituation(asked, now.today);
			const one = computeRun(now, asked, run.row.id);
			const told = (needs: readonly SupplyNeed[]) =>
				needs
					.filter((need) => need.run.row.id === run.row.id)
					.map((need) => [
						need.need.key,
						need.verdict,
						need.days,
						need.amount.toFraction(),
						need.standing.state
					]);
			expect(told(one.needs)).toEqual(told(all.needs));
			expect(one.run.calendar).toEqual(all.runs.find((other) => other.row.id === run.row.id)!.calendar);
		}
	});

	it('nothing asked changes nothing; the house is not touched by asking', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		const before = await allRows(store);
		expect(isAsked(nothing)).toBe(false);
		expect(whatIf(now, now.runs[0], nothing)).toEqual({ lines: [], things: [] });
		whatIf(now, now.runs[0], { ...nothing, children: 5, drop: [6] });
		expect(await allRows(store)).toEqual(before);
	});

	it('five children instead of three: two oranges more for each of them', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		const answer = whatIf(now, now.runs[0], { ...nothing, children: 5 });
		expect(answer.lines).toContainEqual({ what: 'Children', before: '3', after: '5' });
		expect(answer.things).toContainEqual({ name: 'orange', before: '6 oranges', after: '10 oranges' });
		const fewer = whatIf(now, now.runs[0], { ...nothing, children: 1 });
		expect(fewer.things).toContainEqual({ name: 'orange', before: '6 oranges', after: '2 oranges' });
	});

	it('what it says about days is what happens when it is done, and undo takes it back', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		const before = await allRows(store);
		const ask: WhatIf = { ...nothing, weekdays: [1, 2, 4], drop: [now.runs[0].lessons[8].lesson.id] };
		const answer = whatIf(now, now.runs[0], ask);
		expect(answer.lines).toContainEqual({ what: 'Lessons', before: '13', after: '12' });
		const last = answer.lines.find((line) => line.what === 'Last lesson')!;
		await change(store.write, doer(), 'what if', (trx) => applyWhatIf(trx, now.runs[0], ask));
		const after = await situationOf(store);
		expect(whatIf(after, after.runs[0], nothing).lines).toEqual([]);
		expect(icalOf(after, after.runs[0], STAMP)).toContain('BEGIN:VEVENT');
		const { finish } = after.runs[0].calendar!;
		expect(last.after).toContain(String(Number(finish!.slice(8))));
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
});
