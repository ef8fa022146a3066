import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { weekdayOf } from '../calendar/index.ts';
import { bestIn, longDay } from './free-time.ts';

const job = (readyBy: string | null, minutes: number) => ({ readyBy, minutes });

describe('a long day before a busy month', () => {
	// By hand, from a calendar of 2027: March 1 is a Monday, so the Saturday before it is February 27.
	it('is the Saturday before the month in which most is due, in half hours, five of them at most', () => {
		const jobs = [job('2027-03-09', 130), job('2027-03-30', 70), job('2027-02-20', 150), job(null, 900)];
		expect(longDay({ today: '2027-01-10', jobs, sittings: [] })).toEqual({
			day: '2027-02-27',
			minutes: 210,
			month: '2027-03',
			busy: 200
		});
		expect(longDay({ today: '2027-01-10', jobs: [job('2027-03-09', 700)], sittings: [] })!.minutes).toBe(300);
	});
	it('is the next Saturday where that one is past', () => {
		expect(longDay({ today: '2027-03-03', jobs: [job('2027-03-20', 120)], sittings: [] })!.day).toBe(
			'2027-03-06'
		);
	});
	it('is none where no month is busy, what is due is over, or a long sitting is planned until then', () => {
		expect(longDay({ today: '2027-01-10', jobs: [job('2027-03-09', 119)], sittings: [] })).toBeNull();
		expect(longDay({ today: '2027-03-09', jobs: [job('2027-03-09', 500)], sittings: [] })).toBeNull();
		const jobs = [job('2027-03-09', 200)];
		const at = (day: string, minutes: number) =>
			longDay({ today: '2027-01-10', jobs, sittings: [{ day, minutes }] });
		expect(at('2027-02-20', 120)).toBeNull();
		expect(at('2027-02-20', 119)).not.toBeNull();
		expect(at('2027-02-28', 300)).not.toBeNull();
	});
	it('is a Saturday that is not past, whatever is due', () => {
		const days = fc
			.date({ min: new Date('2027-01-01'), max: new Date('2028-12-31'), noInvalidDate: true })
			.map((one) => one.toISOString().slice(0, 10));
		fc.assert(
			fc.property(days, fc.array(fc.tuple(days, fc.integer({ min: 1, max: 400 }))), (today, due) => {
				const jobs = due.map(([day, minutes]) => job(day, minutes));
				const found = longDay({ today, jobs, sittings: [] });
				if (!found) return;
				expect(weekdayOf(found.day)).toBe(6);
				expect(found.day > today).toBe(true);
				expect(found.minutes % 30).toBe(0);
				expect(found.minutes).toBeLessThanOrEqual(300);
			})
		);
	});
});

describe('what is best done in a free evening', () => {
	const one = (id: string, readyBy: string | null, minutes: number, after: readonly string[] = []) => ({
		id,
		readyBy,
		minutes,
		after
	});
	const sum = (jobs: readonly { readonly minutes: number }[]) =>
		jobs.reduce((all, { minutes }) => all + minutes, 0);
	it('takes what presses first, each with what comes before it; what does not fit lets a later one in', () => {
		const jobs = [
			one('print', '2027-03-09', 20),
			one('cut', '2027-03-02', 15, ['print']),
			one('paint', '2027-03-01', 90),
			one('bag', null, 10, ['cut'])
		];
		expect(bestIn(jobs, 40, sum).map(({ id }) => id)).toEqual(['print', 'cut']);
		expect(bestIn(jobs, 45, sum).map(({ id }) => id)).toEqual(['print', 'cut', 'bag']);
		expect(bestIn(jobs, 30, sum)).toEqual([jobs[0]]);
		expect(bestIn(jobs, 90, sum).map(({ id }) => id)).toEqual(['paint']);
		expect(bestIn(jobs, 5, sum)).toEqual([]);
		// What comes before what comes before it, too.
		const chain = [one('a', null, 10), one('b', null, 10, ['a']), one('c', '2027-03-01', 10, ['b'])];
		expect(bestIn(chain, 20, sum).map(({ id }) => id)).toEqual(['a', 'b']);
		expect(bestIn(chain, 30, sum)).toEqual(chain);
	});
	it('never takes longer than there is, nor a job without what comes before it', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						readyBy: fc.option(fc.constantFrom('2027-03-01', '2027-03-02', '2027-03-03')),
						minutes: fc.integer({ min: 1, max: 60 }),
						before: fc.option(fc.nat(8))
					}),
					{ maxLength: 9 }
				),
				fc.integer({ min: 1, max: 200 }),
				(given, minutes) => {
					const jobs = given.map(({ readyBy, minutes, before }, at) =>
						one(String(at), readyBy, minutes, before !== null && before < at ? [String(before)] : [])
					);
					const found = bestIn(jobs, minutes, sum);
					expect(sum(found)).toBeLessThanOrEqual(minutes);
					const ids = new Set(found.map(({ id }) => id));
					for (const { after } of found) for (const id of after) expect(ids.has(id)).toBe(true);
				}
			)
		);
	});
});
