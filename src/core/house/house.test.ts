import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, isDay } from '../calendar/index.ts';
import { allergiesIn, cautionsFor, monthsOld, yearsOld } from '../cautions/index.ts';
import { bornAbout, isDayFirst, latestBirth, readPeople, readPlaces, type TypedPlace } from './index.ts';

const TODAY = '2027-01-22';

const readPerson = (line: string, dayFirst: boolean, today: string) => readPeople(line, dayFirst, today)[0];

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
		expect(readPerson(line, false, TODAY)).toEqual({
			name,
			born,
			bornWithin: 0,
			allergies: [],
			unknown: [],
			unread: null
		});
	});

	it('slashed dates go by the household where both readings exist', () => {
		expect(readPerson('Ode 3/5/2016', true, TODAY).born).toBe('2016-05-03');
		expect(readPerson('Ode 3/5/2016', false, TODAY).born).toBe('2016-03-05');
	});

	it('allergies get the names that labels use', () => {
		expect(
			readPerson('Perrin 2019-06-02, allergic to nuts, dairy and peanut', false, TODAY).allergies
		).toEqual(['tree nuts', 'peanuts', 'milk']);
		expect(readPerson('Perrin, 2019-06-02, allergies: kiwi', false, TODAY).allergies).toEqual(['kiwi']);
	});

	it('a date that does not exist, or other words, are said and not guessed', () => {
		expect(readPerson('Ode, 31.2.2020', false, TODAY)).toMatchObject({ born: null, unread: '31.2.2020' });
		expect(readPerson('Ode, February 30, 2020', false, TODAY)).toMatchObject({
			born: null,
			unread: 'February 30, 2020'
		});
		expect(readPerson('Ode, 7 dwarfs', false, TODAY).unread).toBe('7 dwarfs');
		expect(readPerson('Ode, seven', false, TODAY).unread).toBe('seven');
	});
});

describe('an age is as good as a date of birth', () => {
	it.each([
		['Odile, 10', 10, 183],
		['Odile 10', 10, 183],
		['Odile, age 10', 10, 183],
		['Odile (10 years old)', 10, 183],
		['Odile, 10-years-old, milk allergy', 10, 183],
		['Odile aged 10, allergic to milk', 10, 183],
		['Tamsin, 18 months', 1, 15],
		['Tamsin, 8 mo.', 0, 15]
	] as const)('%s', (line, years, within) => {
		const { name, born, bornWithin, unread } = readPerson(line, false, TODAY);
		expect([name.split(' ').length, yearsOld(born, TODAY), bornWithin, unread]).toEqual([
			1,
			years,
			within,
			null
		]);
	});

	it('allergies are read behind it, too', () => {
		expect(readPerson('Odile, 10, milk and egg allergies', false, TODAY).allergies).toEqual(['milk', 'egg']);
	});

	it('is the middle of that year of life, and the latest birth is that many years ago', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 110 }), fc.integer({ min: 0, max: 1500 }), (age, days) => {
				const today = addDays(TODAY, days);
				const about = bornAbout(age, 'years', today);
				expect(isDay(about.born)).toBe(true);
				expect(yearsOld(about.born, today)).toBe(age);
				expect(monthsOld(latestBirth(about)!, today)).toBe(age * 12);
			})
		);
	});

	it('cautions take the younger end: somebody of two may be just two for another year', () => {
		const { born, bornWithin } = readPerson('Tamsin, 2', false, TODAY);
		const on = (day: string) =>
			cautionsFor('bead', day, [{ name: 'Tamsin', born: latestBirth({ born, bornWithin }), allergies: [] }]);
		expect(on(addDays(TODAY, 300)).map((one) => one.who)).toEqual([['Tamsin']]);
		expect(on(addDays(TODAY, 370))).toEqual([]);
	});
});

describe('several people, and allergies in every usual form', () => {
	const said = (line: string, who: 'children' | 'adults' = 'children') =>
		readPeople(line, false, TODAY, who)
			.map(
				({ name, born, allergies, unread }) =>
					`${name} ${born ? yearsOld(born, TODAY) : '?'}${allergies.length ? `: ${allergies.join(', ')}` : ''}${unread ? ` !${unread}` : ''}`
			)
			.join(' · ');

	it.each([
		['Kim 7 (allergic to tree nuts)', 'Kim 7: tree nuts'],
		['Bo, allergic to peanuts and tree nuts, 7', 'Bo 7: peanuts, tree nuts'],
		['Ada 10, Bo 7 (peanuts) and Cleo 3', 'Ada 10 · Bo 7: peanuts · Cleo 3'],
		['Ada (10), Bo - 7 - tree nuts, Cleo – 18 months', 'Ada 10 · Bo 7: tree nuts · Cleo 1'],
		['Ada, 10 · Bo, 7: peanuts · Cleo, 3', 'Ada 10 · Bo 7: peanuts · Cleo 3'],
		[
			'Ada 10, Kim 7 (allergic to tree nuts) and Cleo, allergic to milk and quinoa, 3',
			'Ada 10 · Kim 7: tree nuts · Cleo 3: milk, quinoa'
		],
		['kim, 7, nuts, bo, 9', 'kim 7: tree nuts, peanuts · bo 9'],
		['Ada is 10. Bo has a nut allergy and is 7.', 'Ada 10 · Bo 7: tree nuts, peanuts'],
		['Kim 7 peanut allergy', 'Kim 7: peanuts'],
		['Kim [7] allergies - nuts / dairy', 'Kim 7: tree nuts, peanuts, milk'],
		['Kim, 7 y/o, can’t have eggs or soy', 'Kim 7: egg, soybeans'],
		['Theo (4, dairy-free)', 'Theo 4: milk'],
		['Theo, 4, celiac', 'Theo 4: wheat'],
		['Kim, 7, kiwi and mango allergies', 'Kim 7: kiwi, mango'],
		['Kim 7, no allergies', 'Kim 7'],
		['- Kim (7 yrs old) ALLERGIC TO NUTS!', 'Kim 7: tree nuts, peanuts'],
		['Sol 4 (egg, dairy products, shellfish)', 'Sol 4: egg, milk, crustacean shellfish, mollusks'],
		['Kim 7, vegetarian', 'Kim 7 !vegetarian'],
		// Who has no age is asked about, never given the next one's.
		['Ada allergic to nuts, Bo, 7', 'Ada ?: tree nuts, peanuts · Bo 7']
	])('%s', (line, as) => expect(said(line)).toBe(as));

	it('adults need no age', () => {
		expect(said('Juno, Ferris (allergic to shellfish) and Mae', 'adults')).toBe(
			'Juno ? · Ferris ?: crustacean shellfish, mollusks · Mae ?'
		);
	});

	it('what is not known of an allergy is kept by its name, and said', () => {
		expect(readPerson('Bo 7, allergic to quinoa and milk', false, TODAY)).toMatchObject({
			allergies: ['quinoa', 'milk'],
			unknown: ['quinoa']
		});
	});

	it('whatever is typed of an allergy is on the list or said to be unread', () => {
		const words = fc.constantFrom('nuts', 'milk', 'egg', 'quinoa', 'tree nuts', 'shellfish', 'red dye 40');
		const forms = fc.constantFrom<(one: string) => string>(
			(one) => `Kim 7 (allergic to ${one})`,
			(one) => `Kim, allergic to ${one}, 7`,
			(one) => `Kim - 7 - ${one} allergy`,
			(one) => `Kim: 7 (allergies: ${one})`,
			(one) => `Ada 9, Kim 7 (${one} allergy), Bo 3`
		);
		fc.assert(
			fc.property(words, forms, (word, form) => {
				const kim = readPeople(form(word), false, TODAY).find((one) => one.name === 'Kim')!;
				const names = allergiesIn(word).map((one) => one.name);
				expect(kim.unread ?? kim.allergies.join()).toBe(kim.unread ?? names.join());
				expect(yearsOld(kim.born, TODAY)).toBe(7);
			})
		);
	});
});

describe('whether the day or the month comes first', () => {
	// Unicode CLDR 45, short date formats by territory: en-US M/d/yy, en-GB dd/MM/y, de-DE dd.MM.yy.
	it.each([
		['US', 'America/Chicago', false],
		['GB', 'America/Chicago', true],
		[null, 'America/Chicago', false],
		[null, 'America/Indiana/Knox', false],
		[null, 'Pacific/Honolulu', false],
		[null, 'America/Mexico_City', true],
		[null, 'Europe/London', true],
		[null, 'Australia/Sydney', true],
		[null, 'UTC', false]
	])('%s, %s', (country, zone, dayFirst) => expect(isDayFirst(country, zone)).toBe(dayFirst));
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
		expect(outline(readPlaces('kitchen - pantry > top, junk drawer\nhall, den - desk\nbins 1 - 4'))).toEqual([
			['kitchen', [['pantry', ['top']], 'junk drawer']],
			'hall',
			'den - desk',
			'bins 1 - 4'
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
