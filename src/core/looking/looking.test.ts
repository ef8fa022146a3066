import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLACES_AT_HOME } from '../reference/index.ts';
import { huntMinutes, knowledgeOf, likelyPlaces, type HousePlace, type Known } from './index.ts';

const known: Known = {
	statement: null,
	hasLots: false,
	isInEveryHouse: false,
	comesAndGoes: true,
	oldBefore: '2027-01-01'
};
const said = (state: 'enough' | 'look' | 'none', saidOn = '2027-01-10') => ({ state, saidOn });

describe('what is known of a thing', () => {
	it.each([
		['nobody has said', {}, 'look'],
		['every house has it', { isInEveryHouse: true }, 'assumed'],
		['counted, also to nothing', { hasLots: true }, 'counted'],
		['counted, and in every house', { hasLots: true, isInEveryHouse: true }, 'counted'],
		['enough', { statement: said('enough') }, 'enough'],
		['enough adds to what was counted', { statement: said('enough'), hasLots: true }, 'enough'],
		['none', { statement: said('none') }, 'none'],
		['none yields to a later lot', { statement: said('none'), hasLots: true }, 'counted'],
		['none, though every house has it', { statement: said('none'), isInEveryHouse: true }, 'none'],
		['taken out of what every house has', { statement: said('look'), isInEveryHouse: true }, 'look'],
		['the rest of what was found in part', { statement: said('look'), hasLots: true }, 'look'],
		['enough, long ago, of what comes and goes', { statement: said('enough', '2026-06-01') }, 'look'],
		['none, long ago, of what comes and goes', { statement: said('none', '2026-06-01') }, 'look'],
		[
			'enough, long ago, of a kept thing',
			{ statement: said('enough', '2026-06-01'), comesAndGoes: false },
			'enough'
		],
		[
			'none, long ago, of a kept thing',
			{ statement: said('none', '2026-06-01'), comesAndGoes: false },
			'none'
		]
	] as const)('%s', (_, more, expected) => expect(knowledgeOf({ ...known, ...more })).toBe(expected));
});

describe('where a thing may lie', () => {
	const house: HousePlace[] = [
		{ id: 1, path: ['Kitchen'] },
		{ id: 2, path: ['Kitchen', 'pantry'] },
		{ id: 3, path: ['Kitchen', 'junk drawer'] },
		{ id: 4, path: ['School room'] },
		{ id: 5, path: ['School room', 'craft cart'] },
		{ id: 6, path: ['Garage'] },
		{ id: 7, path: ['Hall', 'closet'] }
	];
	const none = new Map<number, number>();

	it('goes by the names of the places, the surest first (common practice)', () => {
		expect(likelyPlaces('pantry', house, none)).toEqual([2, 1]);
		expect(likelyPlaces('kitchen', house, none)[0]).toBe(1);
		expect(likelyPlaces('art supplies', house, none)[0]).toBe(5);
		expect(likelyPlaces('toolbox or garage', house, none)).toEqual([6]);
		expect(likelyPlaces('closet', house, none)).toEqual([7]);
		expect(likelyPlaces('laundry', house, none)).toEqual([]);
	});

	it('what was found there before counts more than any name', () => {
		expect(likelyPlaces('art supplies', house, new Map([[3, 2]]))[0]).toBe(3);
	});

	it('every kind answers with places of the house, each once', () => {
		const name = fc.constantFrom('kitchen', 'big closet', 'art', 'shelf 3', 'Garage', 'yard', 'x');
		fc.assert(
			fc.property(
				fc.array(fc.array(name, { minLength: 1, maxLength: 3 }), { maxLength: 12 }),
				fc.constantFrom(...PLACES_AT_HOME),
				fc.array(fc.tuple(fc.nat(14), fc.nat(3))),
				(paths, kind, found) => {
					const places = paths.map((path, id) => ({ id, path }));
					const likely = likelyPlaces(kind, places, new Map(found));
					expect(new Set(likely).size).toBe(likely.length);
					for (const id of likely) expect(places.some((place) => place.id === id)).toBe(true);
				}
			)
		);
	});
});

it('a hunt takes 20 s a thing and 30 s a place, at least a minute (common practice)', () => {
	expect(huntMinutes(21, 6)).toBe(10);
	expect(huntMinutes(1, 1)).toBe(1);
	expect(huntMinutes(0, 0)).toBe(1);
});
