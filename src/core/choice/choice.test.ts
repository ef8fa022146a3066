import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { solveWith } from '../../lib/solver/highs.ts';
import { chooseActivities, lpText, type Choice, type ChoiceActivity, type ChoiceInput } from './index.ts';

const solve = solveWith(await loadHighs());

const activity = (id: string, more: Partial<ChoiceActivity>): ChoiceActivity => ({
	id,
	worth: 1,
	takes: {},
	weeks: [1],
	children: [],
	...more
});

const NOBODY = { children: [], weeks: [] };

/** Every set in every week, by trying them all: gaps, then worth, then the first limit, then weeks. */
function bruteForce({ activities, limits, cover }: ChoiceInput): number[] | null {
	let best: number[] | null = null;
	const weeks: (number | null)[] = activities.map(() => null);
	function tryFrom(i: number) {
		if (i < activities.length) {
			const { decided } = activities[i];
			const options =
				decided === 'out' ? [null] : [...(decided === 'in' ? [] : [null]), ...activities[i].weeks];
			for (const week of options) {
				weeks[i] = week;
				tryFrom(i + 1);
			}
			return;
		}
		const taken = (of: string, only: number | null) =>
			activities.reduce(
				(sum, one, k) =>
					weeks[k] !== null && (only === null || weeks[k] === only) ? sum + (one.takes[of] ?? 0) : sum,
				0
			);
		if (limits.some((limit) => taken(limit.of, limit.week) > limit.most)) return;
		const gaps = cover.children.flatMap((child) =>
			cover.weeks.filter(
				(week) => !activities.some((one, k) => weeks[k] === week && one.children.includes(child))
			)
		).length;
		const worth = activities.reduce((sum, one, k) => (weeks[k] === null ? sum : sum + one.worth), 0);
		const least = limits.length ? taken(limits[0].of, null) : 0;
		const early = weeks.reduce<number>((sum, week) => sum + (week ?? 0), 0);
		const score = [-gaps, worth, -least, -early];
		const at = best ? score.findIndex((one, k) => one !== best![k]) : 0;
		if (!best || (at >= 0 && score[at] > best[at])) best = score;
	}
	tryFrom(0);
	return best;
}

function scoreOf(input: ChoiceInput, choice: Choice): number[] {
	const byId = new Map(input.activities.map((one) => [one.id, one]));
	const first = input.limits[0]?.of;
	const least = choice.chosen.reduce(
		(sum, { id }) => sum + (first ? (byId.get(id)!.takes[first] ?? 0) : 0),
		0
	);
	return [
		-choice.uncovered.length,
		choice.worth,
		-least,
		-choice.chosen.reduce((sum, { week }) => sum + week, 0)
	].map((one) => one + 0);
}

describe('the choice of activities', () => {
	// The 0-1 knapsack of 10 items in the open collection KNAPSACK_01 (problem P01; numbers from memory): best profit 309.
	it('solves a published knapsack', () => {
		const weights = [23, 31, 29, 44, 53, 38, 63, 85, 89, 82];
		const profits = [92, 57, 49, 68, 60, 43, 67, 84, 87, 72];
		const choice = chooseActivities(
			{
				activities: weights.map((weight, i) =>
					activity(`${i + 1}`, { worth: profits[i], takes: { weight } })
				),
				limits: [{ of: 'weight', most: 165, week: null }],
				cover: NOBODY
			},
			solve
		);
		expect(choice.worth).toBe(309);
		expect(choice.chosen.map(({ id }) => Number(id))).toEqual([1, 2, 3, 4, 6]);
		expect(choice.used[0].used).toBe(165);
	});

	// Problem P07 of the same collection: capacity 750, best profit 1458.
	it('solves a second one, with closer numbers', () => {
		const weights = [70, 73, 77, 80, 82, 87, 90, 94, 98, 106, 110, 113, 115, 118, 120];
		const profits = [135, 139, 149, 150, 156, 163, 173, 184, 192, 201, 210, 214, 221, 229, 240];
		const choice = chooseActivities(
			{
				activities: weights.map((weight, i) =>
					activity(`${i + 1}`, { worth: profits[i], takes: { weight } })
				),
				limits: [{ of: 'weight', most: 750, week: null }],
				cover: NOBODY
			},
			solve
		);
		expect(choice.worth).toBe(1458);
		expect(choice.chosen.map(({ id }) => Number(id))).toEqual([1, 3, 5, 7, 8, 9, 14, 15]);
	});

	it('is as good as trying every set, on some hundred small cases', () => {
		const small = fc.record({
			activities: fc
				.array(
					fc.record({
						worth: fc.integer({ min: 1, max: 5 }),
						minutes: fc.integer({ min: 0, max: 60 }),
						cents: fc.integer({ min: 0, max: 900 }),
						weeks: fc.uniqueArray(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 2 }),
						children: fc.subarray(['a', 'b']),
						decided: fc.constantFrom(null, null, null, 'out' as const, 'in' as const)
					}),
					{ minLength: 1, maxLength: 6 }
				)
				.map((rows) =>
					rows.map(({ minutes, cents, ...row }, i) => ({ id: `x${i}`, takes: { minutes, cents }, ...row }))
				),
			limits: fc
				.tuple(
					fc.integer({ min: 0, max: 150 }),
					fc.integer({ min: 0, max: 2000 }),
					fc.integer({ min: 20, max: 90 })
				)
				.map(([minutes, cents, weekly]) => [
					{ of: 'minutes', most: minutes, week: null },
					{ of: 'cents', most: cents, week: null },
					{ of: 'minutes', most: weekly, week: 2 }
				]),
			cover: fc.record({
				children: fc.constantFrom(['a'], ['a', 'b'], []),
				weeks: fc.constantFrom([1], [1, 2], [])
			})
		});
		let solved = 0;
		fc.assert(
			fc.property(small, (input: ChoiceInput) => {
				const best = bruteForce(input);
				if (best === null) {
					expect(() => chooseActivities(input, solve)).toThrow(/decided already/);
					return;
				}
				solved++;
				const choice = chooseActivities(input, solve);
				expect(scoreOf(input, choice)).toEqual(best.map((one) => one + 0));
			}),
			{ numRuns: 150 }
		);
		expect(solved).toBeGreaterThan(50);
	});

	it('gives every child something before it gives anybody more', () => {
		const choice = chooseActivities(
			{
				activities: [
					activity('big', { worth: 5, takes: { minutes: 60 }, children: ['a'] }),
					activity('tray', { worth: 1, takes: { minutes: 20 }, children: ['b'] }),
					activity('song', { worth: 1, takes: { minutes: 10 }, children: ['a'] })
				],
				limits: [{ of: 'minutes', most: 60, week: null }],
				cover: { children: ['a', 'b'], weeks: [1, 2] }
			},
			solve
		);
		expect(choice.chosen.map(({ id }) => id)).toEqual(['tray', 'song']);
		expect(choice.uncovered).toEqual([
			{ child: 'a', week: 2 },
			{ child: 'b', week: 2 }
		]);
		expect(choice.left).toEqual([{ id: 'big', over: ['minutes'] }]);
	});

	it('keeps what is decided, and says so when that alone is too much', () => {
		const input: ChoiceInput = {
			activities: [
				activity('dull', { worth: 1, takes: { mess: 3 }, decided: 'in' }),
				activity('fine', { worth: 9, takes: { mess: 1 }, decided: 'out' }),
				activity('good', { worth: 5, takes: { mess: 1 } })
			],
			limits: [{ of: 'mess', most: 3, week: 1 }],
			cover: NOBODY
		};
		expect(chooseActivities(input, solve).chosen.map(({ id }) => id)).toEqual(['dull']);
		const less = { ...input, limits: [{ of: 'mess', most: 2, week: 1 }] };
		expect(() => chooseActivities(less, solve)).toThrow(
			'What is decided already takes 3 of mess in week 1, and the limit is 2'
		);
	});

	it('an empty pool is an empty choice', () => {
		expect(
			chooseActivities({ activities: [], limits: [], cover: { children: ['a'], weeks: [1] } }, solve)
		).toEqual({
			chosen: [],
			worth: 0,
			used: [],
			uncovered: [{ child: 'a', week: 1 }],
			left: []
		});
	});

	it.each<[string, Partial<ChoiceActivity>, RegExp]>([
		['half a worth', { worth: 0.5 }, /worth must be a whole number/],
		['less than nothing', { takes: { minutes: -1 } }, /takes.minutes must be/],
		['no week', { weeks: [] }, /weeks must name weeks/],
		['a week twice', { weeks: [2, 2] }, /twice/]
	])('%s is refused in words', (_, more, words) => {
		const input = { activities: [activity('a', more)], limits: [], cover: NOBODY };
		expect(() => chooseActivities(input, solve)).toThrow(words);
	});

	it('an answer of a solver that breaks a limit is not believed', () => {
		const input: ChoiceInput = {
			activities: [activity('a', { takes: { minutes: 9 } })],
			limits: [{ of: 'minutes', most: 5, week: null }],
			cover: NOBODY
		};
		expect(() => chooseActivities(input, (program) => program.worth.map(() => 1))).toThrow(/breaks a limit/);
	});

	it('writes the program as text that other solvers read', () => {
		expect(
			lpText({
				worth: [3, -1],
				rows: [
					{
						terms: [
							{ variable: 0, times: 2 },
							{ variable: 1, times: -1 }
						],
						least: 0,
						most: 4
					},
					{ terms: [], least: null, most: 1 }
				]
			})
		).toBe(
			'Maximize\n worth: + 3 x0 - 1 x1\nSubject To\n least0: + 2 x0 - 1 x1 >= 0\n most0: + 2 x0 - 1 x1 <= 4\nBinary\n x0\n x1\nEnd\n'
		);
	});
});
