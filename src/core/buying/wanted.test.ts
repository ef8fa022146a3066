import { describe, expect, it } from 'vitest';
import { readWanted } from './index.ts';

const UNITS = ['Maps and Wayfinding', 'Kites and Wind'];
const PEOPLE = ['Odile', 'Perrin'];
const read = (text: string) => readWanted(text, UNITS, PEOPLE);

describe('something to look out for, as one would jot it down', () => {
	it('thing, unit, price and place', () =>
		expect(read('brass compass, for Maps, up to $12, flea market')).toEqual({
			what: 'brass compass',
			unit: 'Maps and Wayfinding',
			person: null,
			mostCents: 1200,
			where: 'flea market'
		}));
	it('a child, and a price with cents', () =>
		expect(read('rain boots, Perrin, $4.50')).toMatchObject({ person: 'Perrin', mostCents: 450, where: '' }));
	it('what is neither is where to look', () =>
		expect(read('sextant, the Aldens, attic sales')).toMatchObject({
			unit: null,
			where: 'the Aldens, attic sales'
		}));
	it('no thing is a sentence', () => expect(() => read(' , $3')).toThrow('what you’re looking for'));
});
