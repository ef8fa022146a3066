import { describe, expect, it } from 'vitest';
import { answerLine } from './answer.ts';
import { COMPUTATIONS } from './computations.ts';

const ask = (name: string, input: unknown) => answerLine(JSON.stringify({ id: 'a1', do: name, in: input }));

describe('the calc command', () => {
	it('answers under the id of the case', () => {
		expect(ask('convert', { quantity: 2, from: 'cup', to: 'g', item: 'flour' })).toEqual({
			id: 'a1',
			out: { quantity: 250 }
		});
		expect(ask('supply-line', { text: 'Supplies:' })).toEqual({ id: 'a1', out: { lines: [] } });
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
	])('%s is an error in words, and the next case still runs', (_, name, input, words) => {
		const answer = ask(name, input);
		expect(answer).toMatchObject({ id: 'a1', error: { message: expect.stringMatching(words) as string } });
	});

	it('names the path of a wrong value', () => {
		const lessons = [{ id: 'A' }, { id: 'B', sessions: 0 }];
		expect(ask('teaching-days', { start: '2027-01-04', weekdays: [1], blocked: [], lessons })).toEqual({
			id: 'a1',
			error: { message: 'lessons[1].sessions must be a whole number, 1 or more', path: 'lessons[1].sessions' }
		});
	});

	it('what is not JSON has no id', () => {
		expect(answerLine('hello')).toEqual({
			id: null,
			error: { message: 'this line is not JSON', path: null }
		});
		expect(answerLine('[1]')).toMatchObject({ id: null, error: {} });
	});

	it('describes every computation in a line', () => {
		for (const { about } of Object.values(COMPUTATIONS)) expect(about).toMatch(/^[A-Z].*\.$/);
	});
});
