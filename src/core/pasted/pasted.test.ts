import { describe, expect, it } from 'vitest';
import { legendOf, lessonHead, lessonsNamed, takeMark, wholeLines } from './index.ts';

const lessons = Array.from({ length: 8 }, (_, i) => ({
	id: String(i + 1),
	number: i + 1,
	title: [
		'Honey Hunters',
		'Inside the Hive',
		'Queen, Worker, Drone',
		'The Dance',
		'Pollen',
		'Wax',
		'Enemies',
		'Bee Day'
	][i],
	place: { week: Math.floor(i / 2) + 1, day: (i % 2) + 1 }
}));

describe('lessons on a line, in the notations of guides', () => {
	it.each([
		['L1 & L3', '1 3'],
		['Lesson 2', '2'],
		['Lessons 1, 4', '1 4'],
		['Les. 2, 5–7', '2 5 6 7'],
		['Wk 2, Day 1', '3'],
		['W2D1', '3'],
		['Weeks 3 & 4', '5 6 7 8'],
		['weekly', '1 3 5 7'],
		['Lesson one', '1']
	])('%s', (text, ids) => expect(lessonsNamed(text, lessons, 'amount')!.lessons.join(' ')).toBe(ids));

	it.each([
		'Lesson 4. The Dance',
		'Lesson 4) The Dance',
		'LESSON FOUR -- The Dance',
		'Lesson IV: The Dance',
		'Lesson No. 4 The Dance',
		'4th lesson: The Dance',
		'Fourth lesson – The Dance',
		'[Lesson 4] The Dance',
		'**Lesson 4** The Dance',
		'Lesson 4 / The Dance',
		'Lesson 4 | The Dance',
		'~ Lesson 4 ~',
		'Lesson 4.'
	])('the heading “%s” begins lesson 4', (text) => {
		const head = lessonHead(text, lessons, null)!;
		expect(head.named.lessons).toEqual(['4']);
		expect(['The Dance', '']).toContain(head.rest);
	});
	it.each(['Lesson 1.5 cups', 'mixed nuts', 'Lesson mix'])('“%s” is none', (text) =>
		expect(lessonHead(text, lessons, null)?.named.lessons ?? []).not.toContain('4')
	);

	it('bare numbers only where the list has shown what they are', () => {
		expect(lessonsNamed('1, 3-5', lessons, 'amount')).toBeNull();
		expect(lessonsNamed('1, 3-5', lessons, 'lesson')!.lessons).toEqual(['1', '3', '4', '5']);
		expect(lessonsNamed('2.1, 3.2', lessons, 'week.day')!.lessons).toEqual(['3', '6']);
		expect(lessonsNamed('Lesson 12', lessons, 'lesson')).toMatchObject({ lessons: [], unknown: true });
	});

	it('a mark is taken off wherever it stands; what only tells of a lesson is none', () => {
		expect(takeMark('ribbon – Lessons 1, 4', lessons, 'amount').rest).toBe('ribbon');
		expect(takeMark('craft knife [2] adult only', lessons, 'lesson').rest).toBe('craft knife (adult only)');
		expect(takeMark('jars (optional; Lesson 2)', lessons, 'amount')).toMatchObject({
			rest: 'jars (optional)',
			named: { lessons: ['2'] }
		});
		expect(takeMark('sand left over from Lesson 2', lessons, 'amount').named).toBeNull();
		expect(takeMark('crayons (24)', lessons, 'amount').named).toBeNull();
	});
});

describe('legends', () => {
	it.each([
		['* = optional', { '*': 'optional' }],
		['(B) borrow, (P) purchase', { '(B)': 'borrow', '(P)': 'purchase' }],
		[
			'† adult only    ‡ ask the library    * optional',
			{ '†': 'adult only', '‡': 'ask the library', '*': 'optional' }
		],
		['Items marked with an asterisk (*) are optional.', { '*': 'optional' }],
		['c = per child', { c: 'child' }]
	])('%s', (line, expected) => {
		const { marks } = legendOf(line)!;
		expect(
			Object.fromEntries(
				[...marks].map(([mark, one]) => [mark, one.optional ? 'optional' : (one.per?.per ?? one.note)])
			)
		).toEqual(expected);
	});

	it('what the numbers are', () => {
		expect(legendOf('Numbers in parentheses are lesson numbers.')!.numbers).toBe('lesson');
		expect(legendOf('MASTER LIST (numbers are week.day)')!.numbers).toBe('week.day');
	});

	it('a thing with a mark is no legend', () => {
		for (const line of ['† hot plate', '*waxed paper', '2 cups flour', 'scissors (all)', 'jar = 1 qt jar'])
			expect(legendOf(line)?.marks.size ?? 0, line).toBe(0);
	});
});

describe('broken lines', () => {
	it('are joined where they cannot end, under the number of the first', () => {
		const text = [
			'rubber bands in different widths (about',
			'6 per child)',
			'shoebox with a hole cut in the',
			'lid'
		];
		expect(wholeLines(text).map(({ lineNumber, text }) => [lineNumber, text])).toEqual([
			[1, 'rubber bands in different widths (about 6 per child)'],
			[3, 'shoebox with a hole cut in the lid']
		]);
	});

	it('a heading of another lesson is never joined', () => {
		const text = [
			'This is a sentence that fills the width of its page, and there are more.',
			'A second line that is as long as the first one of this text, or nearly so',
			'Lesson 10',
			'tape'
		];
		expect(wholeLines(text).map((one) => one.text)).toContain('Lesson 10');
	});

	it('heads of pages and their numbers belong to the page', () => {
		const text = 'Sound Unit - Supplies\nprinted 3/14\nscissors\nSound Unit - Supplies\nPage 2\ntape'.split(
			'\n'
		);
		expect(
			wholeLines(text)
				.filter((one) => !one.isFurniture)
				.map((one) => one.text)
		).toEqual(['scissors', 'tape']);
	});
});
