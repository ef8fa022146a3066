import { describe, expect, it } from 'vitest';
import { readDay } from '../../calendar/read-day.ts';
import { readStashLine } from './stash-line.ts';

const places = [
	{ id: '1', names: ['pantry', 'Kitchen › pantry'] },
	{ id: '2', names: ['top shelf', 'pantry top shelf'] },
	{ id: '3', names: ['desk'] }
];
const read = (text: string) =>
	readStashLine(text, places, '2027-01-22').map((line) => [
		line.quantity,
		line.unit,
		line.item,
		line.place,
		line.goodUntil
	]);

describe('what the house has, as one would say it', () => {
	it.each<[string, unknown[]]>([
		['flour 2 kg pantry, till June', [2, 'kg', 'flour', '1', '2027-06-30']],
		['5 lb flour, pantry, use by June', [5, 'lb', 'flour', '1', '2027-06-30']],
		['5 lb flour, pantry, best by June', [5, 'lb', 'flour', '1', '2027-06-30']],
		['flour 5 lb pantry, expires June 3', [5, 'lb', 'flour', '1', '2027-06-03']],
		['yeast 3 packets, best if used by 2027-05-01', [3, 'pack', 'yeast', null, '2027-05-01']],
		['2 kg flour, pantry', [2, 'kg', 'flour', '1', null]],
		['3 pairs of scissors in the desk', [3, 'each', 'scissors', '3', null]],
		['12 glue sticks pantry top shelf', [12, 'each', 'glue stick', '2', null]],
		['honey 1 jar, pantry, best before 2028-03-01', [1, 'jar', 'honey', '1', '2028-03-01']],
		['globe', [1, 'each', 'globe', null, null]],
		['desk lamp', [1, 'each', 'desk lamp', null, null]],
		['1 1/2 cups sugar pantry', [1.5, 'cup', 'sugar', '1', null]]
	])('%s', (text, expected) => expect(read(text)).toEqual([expected]));

	it('several things for one place', () => {
		expect(read('scissors, tape and 3 rulers, desk')).toEqual([
			[1, 'each', 'scissors', '3', null],
			[1, 'each', 'tape', '3', null],
			[3, 'each', 'ruler', '3', null]
		]);
	});

	it('reads a slashed date in the order of the household', () => {
		const until = (text: string, dayFirst: boolean) =>
			readStashLine(text, places, '2027-01-22', dayFirst)[0].goodUntil;
		expect(until('flour 2 kg, use by 3/6/2027', false)).toBe('2027-03-06');
		expect(until('flour 2 kg, use by 3/6/2027', true)).toBe('2027-06-03');
		expect(until('flour 2 kg, use by 25/6/2027', false)).toBe('2027-06-25');
		expect(until('flour 2 kg, use by 6/25/2027', true)).toBe('2027-06-25');
	});

	it('says what it could not read', () => {
		expect(readStashLine('milk 1 l, till the cows come home', places, '2027-01-22')[0]).toMatchObject({
			item: 'milk',
			goodUntil: null,
			unread: 'till the cows come home'
		});
	});

	it.each([
		['June', '2027-06-30'],
		['January', '2027-01-31'],
		['jan 5', '2028-01-05'],
		['3 June 2029', '2029-06-03'],
		['June 3', '2027-06-03'],
		['end of February', '2027-02-28'],
		['Dec', '2027-12-31'],
		['6/3/2027', '2027-06-03'],
		['Febtober 40', null],
		['Febtober', null],
		['marchy 3', null],
		['Sept 3', '2027-09-03'],
		['3 JUN. 2028', '2028-06-03'],
		['2/30', null]
	])('till %s', (text, expected) => expect(readDay(text, '2027-01-22')).toBe(expected));
});
