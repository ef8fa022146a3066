import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readPerson, readPlaces, type TypedPlace } from './index.ts';

const outline = (places: readonly TypedPlace[]): unknown =>
	places.map((place) => (place.inside.length ? [place.name, outline(place.inside)] : place.name));

describe('people in a line', () => {
	it.each([
		['Odile, May 3, 2016', 'Odile', '2016-05-03'],
		['Odile May 3rd 2016', 'Odile', '2016-05-03'],
		['Odile, 3 May 2016', 'Odile', '2016-05-03'],
		['Odile, 3. Sept. 2016', 'Odile', '2016-09-03'],
		['Odile 2016-05-03', 'Odile', '2016-05-03'],
		['Odile (born 2016-5-3)', 'Odile', '2016-05-03'],
		['Odile, 5/3/2016', 'Odile', '2016-05-03'],
		['Odile, 31/5/2016', 'Odile', '2016-05-31'],
		['Odile Marie, February 29, 2016', 'Odile Marie', '2016-02-29'],
		['Odile', 'Odile', null]
	])('%s', (line, name, born) => {
		expect(readPerson(line, false)).toEqual({ name, born, allergies: [], unread: null });
	});

	it('slashed dates go by the household where both readings exist', () => {
		expect(readPerson('Ode 3/5/2016', true).born).toBe('2016-05-03');
		expect(readPerson('Ode 3/5/2016', false).born).toBe('2016-03-05');
	});

	it('allergies get the names that labels use', () => {
		expect(readPerson('Perrin 2019-06-02, allergic to nuts, dairy and peanut', false).allergies).toEqual([
			'tree nuts',
			'milk',
			'peanuts'
		]);
		expect(readPerson('Perrin, 2019-06-02, allergies: kiwi', false).allergies).toEqual(['kiwi']);
	});

	it('a date that does not exist, or other words, are said and not guessed', () => {
		expect(readPerson('Ode, 31.2.2020', false)).toMatchObject({ born: null, unread: '31.2.2020' });
		expect(readPerson('Ode, February 30, 2020', false)).toMatchObject({
			born: null,
			unread: 'February 30, 2020'
		});
		expect(readPerson('Ode, 7 years', false).unread).toBe('7 years');
	});
});

describe('places as jotted down', () => {
	it('rooms with what is in them, deeper ones, indented ones, and names that come again', () => {
		expect(
			outline(
				readPlaces(
					'Kitchen: pantry > top shelf, drawer\nSchool room\n  desk: drawer 1\n  - blue box\nkitchen: cupboard'
				)
			)
		).toEqual([
			['Kitchen', [['pantry', ['top shelf']], 'drawer', 'cupboard']],
			['School room', [['desk', ['drawer 1']], 'blue box']]
		]);
		expect(outline(readPlaces('Attic, Basement and Garage'))).toEqual(['Attic', 'Basement and Garage']);
	});

	it('what a place is follows from its name, as far as that goes', () => {
		const kinds = (text: string) =>
			readPlaces(text).flatMap((place) => [place.kind, ...place.inside.map((one) => one.kind)]);
		expect(kinds('Kitchen: pantry, top shelf, blue tub, hook, left')).toEqual([
			'room',
			'furniture',
			'shelf',
			'box',
			'shelf',
			'shelf'
		]);
		expect(kinds('Craft box: lid')).toEqual(['box', 'shelf']);
	});

	it('nothing is a place of no name, and no name stands twice in one place', () => {
		fc.assert(
			fc.property(fc.string({ unit: 'grapheme', maxLength: 80 }), (text) => {
				const check = (list: readonly TypedPlace[]) => {
					const names = list.map((place) => place.name.toLowerCase());
					expect(new Set(names).size).toBe(names.length);
					for (const place of list) {
						expect(place.name.trim()).not.toBe('');
						check(place.inside);
					}
				};
				check(readPlaces(text));
			})
		);
	});
});
