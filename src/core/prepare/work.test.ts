import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import {
	byLesson,
	minutesFor,
	prep,
	rateOf,
	readTook,
	WORK,
	type DoneWork,
	type PrepJob,
	type PrepInput,
	whyNot
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

describe('plans that are equally good', () => {
	const job = (id: string, minutes: number, readyBy: string, more: Partial<PrepJob> = {}): PrepJob => ({
		id,
		minutes,
		after: [],
		readyBy,
		setUp: null,
		...more
	});
	const evenings = ['2026-12-15', '2026-12-17', '2026-12-22', '2026-12-24'].map((date) => ({
		id: date,
		date,
		minutes: 60
	}));
	const planOf = (jobs: PrepJob[]) =>
		Object.fromEntries(
			prep({ jobs, sittings: evenings, setUpMinutes: {} }).sittings.map((one) => [one.id, one.jobs])
		);
	it('do what is overdue at the next evening, and nothing at the last one that would do', () => {
		expect(planOf([job('overdue', 20, '2026-11-20'), job('later', 20, '2027-02-01')])).toEqual({
			'2026-12-15': ['overdue', 'later']
		});
	});
	it('give the first evening to what has least time left, and what is wanted fresh the last safe one', () => {
		expect(
			planOf([
				job('far', 50, '2027-02-01'),
				job('near', 50, '2026-12-23'),
				job('dough', 50, '2026-12-23', { isFresh: true })
			])
		).toEqual({ '2026-12-15': ['near'], '2026-12-17': ['far'], '2026-12-22': ['dough'] });
	});
	it('leave what is not here yet until it comes, unless that would be too late', () => {
		const book = (notBefore: string) => job('look through', 20, '2026-12-24', { notBefore });
		expect(planOf([job('cut', 20, '2026-12-20'), book('2026-12-18')])).toEqual({
			'2026-12-15': ['cut'],
			'2026-12-22': ['look through']
		});
		expect(planOf([book('2026-12-30')])).toEqual({ '2026-12-15': ['look through'] });
	});
	it('leave no job at a later evening than one that is used and has room for it', () => {
		const jobs = fc.array(
			fc.record({
				minutes: fc.integer({ min: 1, max: 12 }).map((n) => n * 5),
				due: fc.integer({ min: -5, max: 14 })
			}),
			{ minLength: 1, maxLength: 5 }
		);
		fc.assert(
			fc.property(jobs, (all) => {
				const list = all.map((one, at) => job(`job ${at}`, one.minutes, addDays('2026-12-15', one.due)));
				const plan = prep({ jobs: list, sittings: evenings, setUpMinutes: {} });
				const at = new Map(plan.sittings.flatMap((one) => one.jobs.map((id) => [id, one.id] as const)));
				// Moving one job alone to an earlier evening that is used and has room is never possible.
				for (const one of plan.sittings)
					for (const id of one.jobs)
						for (const earlier of plan.sittings.filter((other) => other.id < one.id)) {
							const minutes = list.find((each) => each.id === id)!.minutes;
							expect(earlier.minutes + minutes > 60 || one.jobs.length === 1).toBe(true);
						}
				expect(at.size + plan.unplaced.length).toBe(list.length);
			}),
			{ numRuns: 60 }
		);
	});
});

describe('why some jobs have no place', () => {
	const quiet = (minutes: number) => [{ id: 's', date: '2026-12-15', minutes, bars: ['noise'] }];
	const printing = (id: string, minutes: number) => ({
		id,
		minutes,
		after: [],
		readyBy: '2026-12-20',
		setUp: 'printer',
		brings: ['noise', 'printer']
	});
	const why = (input: PrepInput) => whyNot(input, prep(input), '2026-12-10', 'printer');
	it('noisy ones at quiet evenings: allowed, one loud hour, or given away, each with what it brings', () => {
		const input = {
			jobs: [
				printing('a', 10),
				{ ...printing('b', 5), after: ['a'], setUp: null, brings: [] },
				printing('c', 20)
			],
			sittings: quiet(60),
			setUpMinutes: { printer: 0 }
		};
		expect(why(input)).toEqual([
			{
				why: 'barred',
				jobs: ['a', 'b', 'c'],
				bars: ['noise'],
				minutes: 20,
				ways: [
					{ kind: 'allow', places: 3 },
					{ kind: 'add', day: '2026-12-19', minutes: 60, places: 3 },
					{ kind: 'give away', jobs: ['a', 'c'], places: 3 }
				]
			}
		]);
	});
	it('one that is longer than any evening, and evenings that are full, say so', () => {
		const long = {
			jobs: [{ ...printing('long', 150), brings: [], setUp: null }],
			sittings: [{ id: 's', date: '2026-12-15', minutes: 60 }],
			setUpMinutes: {}
		};
		expect(why(long)).toMatchObject([{ why: 'too long', ways: [{ kind: 'add', minutes: 150, places: 1 }] }]);
		const full = { ...long, jobs: ['a', 'b'].map((id) => ({ ...long.jobs[0], id, minutes: 50 })) };
		expect(why(full)).toMatchObject([{ why: 'no room', ways: [{ kind: 'add', places: 1 }] }]);
	});
});
