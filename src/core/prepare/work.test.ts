import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import { byLesson, minutesFor, prep, rateOf, readTook, WORK, type DoneWork, type PrepJob } from './index.ts';

describe('rates', () => {
	const done = (...minutes: number[]) =>
		minutes.map((one): DoneWork => ({ work: 'laminate', count: 6, minutes: one }));
	it('are usual until three jobs were done, then the median of the last ones, unless the household says', () => {
		expect(rateOf('laminate', {}, done(6, 6))).toEqual({ seconds: 45, from: 'usual', learned: null });
		expect(rateOf('laminate', {}, done(6, 5, 9))).toEqual({ seconds: 60, from: 'learned', learned: 60 });
		expect(rateOf('laminate', { laminate: 50 }, done(6, 5, 9))).toEqual({
			seconds: 50,
			from: 'own',
			learned: 60
		});
		// An evening with a jam among many does not move it.
		expect(rateOf('laminate', {}, done(6, 6, 6, 6, 90)).seconds).toBe(60);
		// A clock that was stopped at once is no work: under a fifth of the usual teaches nothing.
		expect(rateOf('laminate', {}, done(6, 6, 6, 0.1, 0.2, 0.8)).seconds).toBe(60);
		// Only the last seven count.
		expect(rateOf('laminate', {}, done(90, 90, 90, 6, 6, 6, 6, 6, 6, 6)).seconds).toBe(60);
	});
	it('are taken from a clock with its seconds', () => {
		expect([readTook('12'), readTook('1.5'), readTook('0:45'), readTook('10:30')]).toEqual([
			12, 1.5, 0.75, 10.5
		]);
		expect([readTook('0:75'), readTook('soon'), readTook('-3')]).toEqual([null, null, null]);
	});
	it('make minutes that grow with the count, up to the next half', () => {
		expect(minutesFor(6, 45)).toBe(4.5);
		expect(minutesFor(1, 8)).toBe(0.5);
		expect(minutesFor(0, 8)).toBe(0);
	});
});

describe('lesson by lesson', () => {
	const START = '2027-01-04';
	it('places the same jobs, each lesson at one sitting where it fits, and never in less time', () => {
		const jobs = fc
			.array(
				fc.record({
					lesson: fc.nat(3),
					work: fc.nat(WORK.length - 1),
					minutes: fc.integer({ min: 1, max: 9 })
				}),
				{
					minLength: 1,
					maxLength: 12
				}
			)
			.map((all) => {
				const last = new Map<number, string>();
				return all.map(({ lesson, work, minutes }, at) => {
					const id = `${lesson}/${at}`;
					const after = last.has(lesson) ? [last.get(lesson)!] : [];
					last.set(lesson, id);
					return {
						id,
						minutes,
						after,
						readyBy: addDays(START, 40),
						setUp: WORK[work] === 'laminate' ? 'laminator' : null
					} satisfies PrepJob;
				});
			});
		fc.assert(
			fc.property(jobs, (jobs) => {
				const input = {
					jobs,
					sittings: Array.from({ length: 8 }, (_, at) => ({
						id: `s${at}`,
						date: addDays(START, at),
						minutes: 120
					})),
					setUpMinutes: { laminator: 5 }
				};
				const lessonOf = (id: string) => id.split('/')[0];
				const [batch, blocks] = [prep(input), byLesson(input, lessonOf)];
				const all = (plan: typeof batch) => plan.sittings.flatMap((one) => one.jobs).toSorted();
				expect(all(blocks)).toEqual(all(batch));
				const minutes = (plan: typeof batch) => plan.sittings.reduce((sum, one) => sum + one.minutes, 0);
				expect(minutes(blocks)).toBeGreaterThanOrEqual(minutes(batch));
				for (const lesson of new Set(jobs.map((job) => lessonOf(job.id))))
					expect(
						blocks.sittings.filter((one) => one.jobs.some((id) => lessonOf(id) === lesson))
					).toHaveLength(1);
			}),
			{ numRuns: 40 }
		);
	});
	it('nothing that a sitting bars is done at it', () => {
		const plan = prep({
			jobs: [
				{ id: 'laminate', minutes: 5, after: [], readyBy: addDays(START, 9), setUp: null, brings: ['heat'] },
				{ id: 'fold', minutes: 5, after: [], readyBy: addDays(START, 9), setUp: null }
			],
			sittings: [
				{ id: 'nap', date: START, minutes: 60, bars: ['heat'] },
				{ id: 'evening', date: addDays(START, 1), minutes: 60 }
			],
			setUpMinutes: {}
		});
		expect(plan.sittings).toEqual([{ id: 'evening', jobs: ['laminate', 'fold'], minutes: 10 }]);
	});
});
