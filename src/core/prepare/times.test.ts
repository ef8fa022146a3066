import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ruleOf } from '../calendar/index.ts';
import { daysOf, readTimes, recurrenceText, timesProblem, timesText } from './index.ts';

/** A Tuesday. */
const TODAY = '2026-12-01';
const LAST = '2027-03-01';

describe('times as one says them', () => {
	it.each([
		// rule, clock, minutes
		['every other Saturday, 2 hours', 'FREQ=WEEKLY;INTERVAL=2;BYDAY=SA', null, 120],
		['every 2 weeks on Wed 20:00 1h30', 'FREQ=WEEKLY;INTERVAL=2;BYDAY=WE', '20:00', 90],
		['every third Friday 10-11:30 am', 'FREQ=WEEKLY;INTERVAL=3;BYDAY=FR', '10:00', 90],
		['every other day 30 minutes at night', 'FREQ=DAILY;INTERVAL=2', '20:00', 30],
		['first Saturday of the month, 3 h', 'FREQ=MONTHLY;BYDAY=1SA', null, 180],
		['2nd and 4th Tuesdays 7-9 pm', 'FREQ=MONTHLY;BYDAY=2TU,4TU', '19:00', 120],
		['last Friday of each month, after dinner, an hour and a half', 'FREQ=MONTHLY;BYDAY=-1FR', '19:00', 90],
		['the 1st and 15th of each month at 6 pm, 1 1/2 hours', 'FREQ=MONTHLY;BYMONTHDAY=1,15', '18:00', 90],
		['Saturdays 9 am to noon', 'FREQ=WEEKLY;BYDAY=SA', '09:00', 180],
		['Sun 1pm-3pm', 'FREQ=WEEKLY;BYDAY=SU', '13:00', 120],
		['Sat 9-1', 'FREQ=WEEKLY;BYDAY=SA', '09:00', 240],
		['Friday 7-9', 'FREQ=WEEKLY;BYDAY=FR', '19:00', 120],
		['Mon 14:00-15:30', 'FREQ=WEEKLY;BYDAY=MO', '14:00', 90],
		['Saturdays 10 pm to 1 am', 'FREQ=WEEKLY;BYDAY=SA', '22:00', 180],
		['weekends 90 min', 'FREQ=WEEKLY;BYDAY=SA,SU', null, 90],
		['Sat at noon, 1 h', 'FREQ=WEEKLY;BYDAY=SA', '12:00', 60],
		['after lunch on weekdays, 30 min', 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR', '13:00', 30],
		['evenings, 1 hour', 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR,SA,SU', '20:00', 60],
		['school nights 8:30pm 45m', 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,SU', '20:30', 45],
		['every day except Sundays 8 pm 30 min', 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR,SA', '20:00', 30],
		['Tues/Thurs 8pm 45 min', 'FREQ=WEEKLY;BYDAY=TU,TH', '20:00', 45],
		['Thursdays until Dec 18, 7 pm, 1 h', 'FREQ=WEEKLY;BYDAY=TH;UNTIL=20261218', '19:00', 60],
		['Tuesdays 8 pm 1 hr 6 times', 'FREQ=WEEKLY;BYDAY=TU;COUNT=6', '20:00', 60],
		['every Saturday in January 10am-1pm', 'FREQ=WEEKLY;BYDAY=SA;UNTIL=20270131', '10:00', 180],
		['tuesdays 20:30 for an hour', 'FREQ=WEEKLY;BYDAY=TU', '20:30', 60],
		['Tue 0 min', 'FREQ=WEEKLY;BYDAY=TU', null, 0]
	] as const)('%s', (text, rule, starts, minutes) => {
		const said = readTimes(text, TODAY);
		expect([said.rule && ruleOf(said.rule), said.starts, said.minutes]).toEqual([rule, starts, minutes]);
		expect([said.unread, said.conflict]).toEqual([[], null]);
	});

	it.each([
		['tomorrow 7pm 1 hour', ['2026-12-02'], '19:00', 60],
		['tonight 45 min', ['2026-12-01'], '20:00', 45],
		['Dec 12 2:30pm 90 min', ['2026-12-12'], '14:30', 90],
		['12/12 2pm 1 h', ['2026-12-12'], '14:00', 60],
		['2026-12-19 9:00 2h', ['2026-12-19'], '09:00', 120],
		['Dec 12, 19 and 26 from 9 to 11', ['2026-12-12', '2026-12-19', '2026-12-26'], '09:00', 120],
		['Dec 20-22, 2 hours in the morning', ['2026-12-20', '2026-12-21', '2026-12-22'], '09:00', 120],
		['this Sunday 1 h', ['2026-12-06'], null, 60],
		['next Saturday 9-12', ['2026-12-12'], '09:00', 180]
	] as const)('%s', (text, days, starts, minutes) => {
		const said = readTimes(text, TODAY);
		expect([said.days, said.starts, said.minutes, said.rule]).toEqual([days, starts, minutes, null]);
		expect(timesProblem(said, TODAY, LAST)).toBeNull();
	});

	it.each([
		['Saturdays except Dec 26, 1 h', ['2026-12-26']],
		['Mondays 7pm 1 h, not on Dec 21', ['2026-12-21']],
		['Weekends 10–12, except Dec 19–20 and Dec 26', ['2026-12-19', '2026-12-20', '2026-12-26']],
		['Sat 10 to 12:30, not Dec 26 or Jan 2', ['2026-12-26', '2027-01-02']]
	] as const)('%s: those days are left out', (text, except) => {
		const said = readTimes(text, TODAY);
		expect(said.except).toEqual(except);
		for (const day of except) expect(daysOf(said, TODAY, LAST).days).not.toContain(day);
		expect(daysOf({ ...said, except: [] }, TODAY, LAST).days).toEqual(expect.arrayContaining([...except]));
		expect(timesProblem(said, TODAY, LAST)).toBeNull();
	});

	it.each([
		['Tue and Thu 8 pm, 60 min, quiet', ['noise']],
		['nap time mon-fri 45 min', ['noise']],
		['Saturday 9am 3 hours no laminator', ['heat']],
		['every day 1.5 h, small hands about', ['blades']],
		['Sun 1 h, no printer, baby asleep', ['noise', 'printer']]
	] as const)('%s: what can’t be done then', (text, bars) => {
		expect(readTimes(text, TODAY).bars).toEqual(bars);
	});

	it.each([
		['twice a week 1 h', '“twice” can’t be read here'],
		['Sundays after church 1 h', '“after church” can’t be read here'],
		['Tue 8 pm 60 min and Sat 9 am', 'a line of its own'],
		['half an hour', 'Say on which days'],
		['Tue and Thu', 'Say how long it is'],
		['Tue 0 min', 'holds nothing'],
		['Tue 13 hours', 'At most 12 hours'],
		['Sat 9-12, 2 hours', 'Two lengths'],
		['every Tue and Dec 12, 1 h', 'lines of their own'],
		['2026-11-12 1 h', 'That day is over']
	])('%s: is asked about, and never guessed', (text, problem) => {
		expect(timesProblem(readTimes(text, TODAY), TODAY, LAST)).toContain(problem);
	});

	it('are said back with their next four dates', () => {
		const said = readTimes('every other Saturday 9 am to noon, quiet, except Dec 19', TODAY);
		expect(timesText(said, TODAY, LAST, 'us')).toBe(
			'Every other Sat, without Sat, Dec 19, 9:00 am, 3 h, quiet only. Next: Sat, Dec 5; Sat, Jan 2; Sat, Jan 16; Sat, Jan 30, and 2 more.'
		);
		expect(recurrenceText(readTimes('weekdays 1 h', TODAY).rule!)).toBe('every weekday');
	});

	it('never throw, whatever is typed, and lose no word in silence', () => {
		const words = fc.constantFrom(
			...'every other second Sat Tue-Thu noon 9 am to - 1/2 1 h 30 min Dec 12 26th except not on until of the month xyzzy naptime 99'.split(
				' '
			)
		);
		fc.assert(
			fc.property(fc.array(words, { maxLength: 12 }), fc.string(), (list, tail) => {
				const text = `${list.join(' ')} ${tail}`;
				const said = readTimes(text, TODAY);
				if (/\bxyzzy\b/.test(list.join(' '))) expect(said.unread.join(' ')).toContain('xyzzy');
				if (timesProblem(said, TODAY, LAST) === null)
					expect(timesText(said, TODAY, LAST, 'us')).toMatch(/(Next|On): /);
			})
		);
	});
});
