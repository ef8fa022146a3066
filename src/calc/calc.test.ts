import { describe, expect, it } from 'vitest';
import { answerLine } from './answer.ts';
import { COMPUTATIONS } from './computations.ts';

const ask = (name: string, input: unknown) => answerLine(JSON.stringify({ id: 'a1', do: name, in: input }));

describe('the calc command', () => {
	it('answers under the id of the case', async () => {
		expect(await ask('convert', { quantity: 2, from: 'cup', to: 'g', item: 'flour' })).toEqual({
			id: 'a1',
			out: { quantity: 250 }
		});
		expect(await ask('supply-line', { text: 'Supplies:' })).toEqual({ id: 'a1', out: { lines: [] } });
	});

	it.each<[string, string, unknown, RegExp]>([
		['an unknown field', 'convert', { quantity: 1, from: 'cup', to: 'ml', color: 'red' }, /color/],
		['a missing field', 'requirements', { children: [], lessons: [] }, /stash/],
		['a number as text', 'convert', { quantity: '1', from: 'cup', to: 'ml' }, /quantity/],
		['a unit that is none', 'convert', { quantity: 1, from: 'cups', to: 'ml' }, /from/],
		['below 0', 'convert', { quantity: -1, from: 'cup', to: 'ml' }, /quantity/],
		[
			'two lessons of one id',
			'teaching-days',
			{ start: '2027-01-04', weekdays: [1], blocked: [], lessons: [{ id: 'L' }, { id: 'L' }] },
			/lessons\[1\]/
		],
		[
			'no weekday',
			'teaching-days',
			{ start: '2027-01-04', weekdays: [], blocked: [], lessons: [] },
			/weekdays/
		],
		['a computation that is none', 'fold', {}, /fold/]
	])('%s is an error in words, and the next case still runs', async (_, name, input, words) => {
		const answer = await ask(name, input);
		expect(answer).toMatchObject({ id: 'a1', error: { message: expect.stringMatching(words) as string } });
	});

	it('names the path of a wrong value', async () => {
		const lessons = [{ id: 'A' }, { id: 'B', sessions: 0 }];
		expect(await ask('teaching-days', { start: '2027-01-04', weekdays: [1], blocked: [], lessons })).toEqual({
			id: 'a1',
			error: { message: 'lessons[1].sessions must be a whole number, 1 or more', path: 'lessons[1].sessions' }
		});
	});

	it('what is not JSON has no id', async () => {
		expect(await answerLine('hello')).toEqual({
			id: null,
			error: { message: 'this line is not JSON', path: null }
		});
		expect(await answerLine('[1]')).toMatchObject({ id: null, error: {} });
	});

	it('chooses activities with the solver', async () => {
		const activities = [
			{ id: 'atlas', worth: 3, takes: { minutes: 50 }, weeks: [1], children: ['a'] },
			{ id: 'kite', worth: 2, takes: { minutes: 30 }, weeks: [1], children: ['a'] },
			{ id: 'maze', worth: 2, takes: { minutes: 30 }, weeks: [1], children: ['b'] }
		];
		const limits = [{ of: 'minutes', most: 60, week: null }];
		const cover = { children: ['a', 'b'], weeks: [1] };
		expect(await ask('activity-choice', { activities, limits, cover })).toEqual({
			id: 'a1',
			out: {
				chosen: [
					{ id: 'kite', week: 1 },
					{ id: 'maze', week: 1 }
				],
				worth: 4,
				used: [{ of: 'minutes', most: 60, week: null, used: 60 }],
				uncovered: [],
				left: [{ id: 'atlas', over: ['minutes'] }]
			}
		});
		expect(
			await ask('activity-choice', {
				activities: [{ ...activities[0], decided: 'in' }],
				limits: [{ of: 'minutes', most: 40, week: null }],
				cover
			})
		).toMatchObject({ error: { message: expect.stringContaining('takes 50 of minutes') as string } });
	});

	it('describes every computation in a line', () => {
		for (const { about } of Object.values(COMPUTATIONS)) expect(about).toMatch(/^[A-Z].*\.$/);
	});
});
