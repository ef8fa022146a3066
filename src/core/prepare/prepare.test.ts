import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import { prep, type PrepInput, type PrepJob, type PrepPlan } from './index.ts';

const START = '2027-01-04';
const SET_UPS = { printer: 0, laminator: 5, glue: 3 };

const inputs = (most: { jobs: number; sittings: number }): fc.Arbitrary<PrepInput> =>
	fc.record({
		jobs: fc
			.array(
				fc.record({
					minutes: fc.integer({ min: 1, max: 30 }),
					before: fc.array(fc.nat(20), { maxLength: 2 }),
					due: fc.integer({ min: 1, max: 14 }),
					setUp: fc.constantFrom(null, null, 'printer', 'laminator', 'glue')
				}),
				{ minLength: 1, maxLength: most.jobs }
			)
			.map((jobs) =>
				jobs.map(({ minutes, before, due, setUp }, at): PrepJob => ({
					id: `j${at}`,
					minutes,
					after: at === 0 ? [] : [...new Set(before.map((one) => `j${one % at}`))],
					readyBy: addDays(START, due),
					setUp
				}))
			),
		sittings: fc
			.array(fc.record({ day: fc.nat(13), minutes: fc.integer({ min: 0, max: 60 }) }), {
				minLength: 0,
				maxLength: most.sittings
			})
			.map((all) =>
				all.map(({ day, minutes }, at) => ({ id: `s${at}`, date: addDays(START, day), minutes }))
			),
		setUpMinutes: fc.constant(SET_UPS)
	});

type Cost = readonly [bad: number, unplaced: number, sittings: number, minutes: number];

/** Checks a plan against the rules, and answers what it costs. Written apart from the planner. */
function costOf({ jobs, sittings }: PrepInput, plan: PrepPlan): Cost {
	const order = sittings.toSorted((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
	const at = new Map<string, [number, number]>();
	let last = -1;
	let all = 0;
	for (const used of plan.sittings) {
		const rank = order.findIndex((one) => one.id === used.id);
		expect(rank).toBeGreaterThan(last);
		last = rank;
		const own = used.jobs.map((id) => jobs.find((job) => job.id === id)!);
		const setUps = new Set(own.flatMap((job) => (job.setUp ? [job.setUp] : [])));
		let minutes = own.reduce((sum, job) => sum + job.minutes, 0);
		for (const name of setUps) minutes += SET_UPS[name as keyof typeof SET_UPS];
		expect(used.minutes).toBe(minutes);
		expect(minutes).toBeLessThanOrEqual(order[rank].minutes);
		all += minutes;
		for (const [place, id] of used.jobs.entries()) {
			expect(at.has(id)).toBe(false);
			at.set(id, [rank, place]);
		}
	}
	for (const job of jobs)
		for (const before of at.has(job.id) ? job.after : []) {
			const [first, second] = [at.get(before), at.get(job.id)!];
			expect(first, `${job.id} after ${before}`).toBeDefined();
			expect(first![0] < second[0] || (first![0] === second[0] && first![1] < second[1])).toBe(true);
		}
	const late = jobs.filter((job) => at.has(job.id) && order[at.get(job.id)![0]].date >= job.readyBy);
	expect(plan.late).toEqual(late.map((job) => job.id));
	expect(plan.unplaced).toEqual(jobs.filter((job) => !at.has(job.id)).map((job) => job.id));
	return [late.length + plan.unplaced.length, plan.unplaced.length, plan.sittings.length, all];
}

/** The least cost of all ways to place the jobs, by trying each. */
function leastCost({ jobs, sittings }: PrepInput): Cost {
	const order = sittings.toSorted((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
	let best: Cost = [Infinity, 0, 0, 0];
	const where = new Map<string, number>();
	const go = (index: number) => {
		if (index === jobs.length) {
			let minutes = 0;
			let used = 0;
			for (const [rank, sitting] of order.entries()) {
				const own = jobs.filter((job) => where.get(job.id) === rank);
				const setUps = new Set(own.flatMap((job) => (job.setUp ? [job.setUp] : [])));
				const sum =
					own.reduce((all, job) => all + job.minutes, 0) +
					[...setUps].reduce((all, name) => all + SET_UPS[name as keyof typeof SET_UPS], 0);
				if (sum > sitting.minutes) return;
				minutes += sum;
				if (own.length) used++;
			}
			const unplaced = jobs.filter((job) => where.get(job.id) === -1).length;
			const late = jobs.filter((job) => {
				const rank = where.get(job.id)!;
				return rank >= 0 && order[rank].date >= job.readyBy;
			}).length;
			const cost: Cost = [late + unplaced, unplaced, used, minutes];
			const differs = cost.findIndex((value, at) => value !== best[at]);
			if (differs >= 0 && cost[differs] < best[differs]) best = cost;
			return;
		}
		const job = jobs[index];
		const from = Math.max(0, ...job.after.map((id) => where.get(id)!));
		const isStuck = job.after.some((id) => where.get(id) === -1);
		for (let rank = isStuck ? order.length : from; rank < order.length; rank++) {
			where.set(job.id, rank);
			go(index + 1);
		}
		where.set(job.id, -1);
		go(index + 1);
	};
	go(0);
	return best;
}

describe('jobs into sittings', () => {
	it('is as good as the best of all ways, on small cases', () => {
		fc.assert(
			fc.property(inputs({ jobs: 5, sittings: 4 }), (input) => {
				expect(costOf(input, prep(input))).toEqual(leastCost(input));
			}),
			{ numRuns: 150 }
		);
	});
	it('keeps every rule on large cases, and leaves nothing out that has room', () => {
		fc.assert(
			fc.property(inputs({ jobs: 40, sittings: 12 }), (input) => {
				const plan = prep(input);
				costOf(input, plan);
				const setUpsAt = new Map(
					plan.sittings.map((one) => [
						one.id,
						new Set(one.jobs.flatMap((id) => input.jobs.find((job) => job.id === id)!.setUp ?? []))
					])
				);
				for (const id of plan.unplaced) {
					const job = input.jobs.find((one) => one.id === id)!;
					if (job.after.length) continue;
					for (const sitting of input.sittings) {
						const taken = plan.sittings.find((one) => one.id === sitting.id)?.minutes ?? 0;
						const isSetUp = job.setUp === null || setUpsAt.get(sitting.id)?.has(job.setUp);
						const more = isSetUp ? 0 : SET_UPS[job.setUp as keyof typeof SET_UPS];
						expect(taken + job.minutes + more).toBeGreaterThan(sitting.minutes);
					}
				}
			}),
			{ numRuns: 12 }
		);
	});
	it('finds a plan that is known to be there: twelve full sittings', () => {
		const days = Array.from({ length: 12 }, (_, at) => addDays(START, at * 3));
		// Five jobs of 11 and a warm-up of 5 fill each hour; each has to be done by then.
		const jobs = days.flatMap((date, at) =>
			Array.from({ length: 5 }, (_, index): PrepJob => ({
				id: `${at}-${index}`,
				minutes: 11,
				after: index ? [`${at}-${index - 1}`] : [],
				readyBy: addDays(date, 1),
				setUp: 'laminator'
			}))
		);
		const plan = prep({
			jobs: jobs.toReversed(),
			sittings: days.map((date, at) => ({ id: `s${at}`, date, minutes: 60 })),
			setUpMinutes: SET_UPS
		});
		expect([plan.late, plan.unplaced, plan.sittings.length]).toEqual([[], [], 12]);
	});
	it('follows the longest path of a network, the textbook’s example of a critical path', () => {
		// A-B-D-F of 3 + 4 + 5 + 2 days is the longest path; a sitting a day of one unit each makes days of minutes.
		const job = (id: string, minutes: number, ...after: string[]): PrepJob => ({
			id,
			minutes,
			after,
			readyBy: addDays(START, 30),
			setUp: null
		});
		const jobs = [
			job('F', 2, 'D', 'E'),
			job('D', 5, 'B'),
			job('E', 1, 'C'),
			job('C', 2, 'A'),
			job('B', 4, 'A'),
			job('A', 3)
		];
		const sitting = (minutes: number, at: number) => ({ id: `s${at}`, date: addDays(START, at), minutes });
		// All of it takes 17; sittings as long as the steps of the longest path hold them one after another.
		const plan = prep({ jobs, sittings: [3, 6, 6, 2].map(sitting), setUpMinutes: {} });
		expect(plan.sittings.map((one) => one.jobs.toSorted())).toEqual([['A'], ['B', 'C'], ['D', 'E'], ['F']]);
	});
	it('says which jobs wait for each other, which are unknown, and what has no minutes', () => {
		const job = (id: string, after: string[], setUp: string | null = null): PrepJob => ({
			id,
			minutes: 5,
			after,
			readyBy: START,
			setUp
		});
		const plan = (jobs: PrepJob[]) => () => prep({ jobs, sittings: [], setUpMinutes: {} });
		expect(plan([job('a', ['b']), job('b', ['c']), job('c', ['b'])])).toThrow('wait for each other: b, c');
		expect(plan([job('a', ['x'])])).toThrow('“x”, which isn’t among the jobs');
		expect(plan([job('a', [], 'kiln')])).toThrow('how long setting up the kiln takes');
		expect(plan([job('a', []), job('a', [])])).toThrow('Two jobs are called “a”');
		expect(prep({ jobs: [job('a', [])], sittings: [], setUpMinutes: {} }).unplaced).toEqual(['a']);
	});
});
