import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import {
	byLesson,
	minutesFor,
	prep,
	rateOf,
	readSitting,
	WORK,
	type DoneWork,
	type PrepJob
} from './index.ts';

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
		// Only the last seven count.
		expect(rateOf('laminate', {}, done(90, 90, 90, 6, 6, 6, 6, 6, 6, 6)).seconds).toBe(60);
	});
	it('make minutes that grow with the count, up to the next half', () => {
		expect(minutesFor(6, 45)).toBe(4.5);
		expect(minutesFor(1, 8)).toBe(0.5);
		expect(minutesFor(0, 8)).toBe(0);
	});
});

describe('a sitting as one would say it', () => {
	it.each([
		['Tue and Thu 8 pm, 60 min', [2, 4], '20:00', 60, []],
		['tuesdays 20:30 for an hour', [2], '20:30', 60, []],
		['nap time mon-fri 45 min', [1, 2, 3, 4, 5], '13:00', 45, ['noise']],
		['Saturday 9am 3 hours no laminator', [6], '09:00', 180, ['heat']],
		['every day 1.5 h, small hands about', [1, 2, 3, 4, 5, 6, 7], null, 90, ['blades']],
		['weekdays at 2 pm, 20 min', [1, 2, 3, 4, 5], '14:00', 20, []],
		['Friday through Sunday 1 h', [5, 6, 7], null, 60, []],
		['Sun 1 h 30 min, no printer', [7], null, 90, ['printer']],
		['half an hour', [], null, 30, []],
		['Tue 0 min', [2], null, 0, []],
		['whenever', [], null, null, []]
	] as const)('%s', (text, weekdays, starts, minutes, bars) => {
		expect(readSitting(text)).toEqual({ weekdays, starts, minutes, bars });
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
