import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLACES_AT_HOME } from '../reference/at-home.ts';
import { THINGS } from '../reference/things.ts';
import { UNITS } from '../reference/measures.ts';
import { thingOf } from './thing.ts';

/** Common practice, no source: what a parent says of things that no table names in just these words. */
const SAID: readonly (readonly [string, number | null, (typeof UNITS)[number], string, string])[] = [
	['small glass jar with a lid', 2, 'each', 'kept', 'kitchen'],
	['blue painter’s tape', 1, 'roll', 'some', 'toolbox or garage'],
	['bright red tempera paint', null, 'each', 'some', 'art supplies'],
	['bright red tempera paint', 0.5, 'cup', 'used up', 'art supplies'],
	['wide craft stick', 12, 'each', 'used up', 'art supplies'],
	['metal soup spoon', 1, 'each', 'kept', 'kitchen'],
	['thick slice of white bread', 2, 'each', 'used up', 'pantry'],
	['green food coloring', 4, 'drop', 'some', 'pantry'],
	['blue liquid watercolor', 3, 'drop', 'some', 'art supplies'],
	['cotton string', 3, 'ft', 'used up', 'toolbox or garage'],
	['lined notebook paper', 3, 'sheet', 'used up', 'school supplies'],
	['picture book about the sea', 1, 'each', 'kept', 'bookshelf'],
	['field guide to northern birds', 1, 'each', 'kept', 'bookshelf'],
	['small smooth river stone', 6, 'each', 'kept', 'outdoors or yard'],
	['unsweetened cranberry juice', 1, 'cup', 'used up', 'fridge'],
	['plastic toy dinosaur', 3, 'each', 'kept', 'games and toys'],
	['empty oatmeal container', 1, 'each', 'used up', 'recycling'],
	['sharp sewing needle', 1, 'each', 'kept', 'sewing box'],
	['strong bar magnet', 1, 'each', 'kept', 'shop only'],
	['small bag of rock salt', 1, 'bag', 'used up', 'pantry']
];

describe('what a parent would say of a thing', () => {
	it.each(SAID)('%s, %s %s: %s, %s', (item, quantity, unit, use, place) => {
		expect(thingOf(item, quantity, unit)).toMatchObject({ notAThing: false, use, place });
	});

	it.each([
		'none',
		'no supplies needed',
		'a sunny day',
		'an adult to help with the oven',
		'your chart from Lesson 3',
		'video link on p. 88',
		'an open field',
		'access to the internet',
		'trip to a farm'
	])('%s is no thing', (item) => {
		expect(thingOf(item, null, 'each')).toEqual({ notAThing: true, use: null, staple: null, place: null });
	});

	it('every name gets an answer, whatever it is', () => {
		fc.assert(
			fc.property(
				fc.string({ maxLength: 200 }),
				fc.option(fc.double({ min: 0, max: 1000, noNaN: true })),
				fc.constantFrom(...UNITS),
				(item, quantity, unit) => {
					const said = thingOf(item, quantity, unit);
					if (!said.notAThing) expect(PLACES_AT_HOME).toContain(said.place);
				}
			)
		);
	});

	it('a color or a size in front changes nothing', () => {
		const names = new Set(THINGS.map(({ name }) => name));
		const changed = [...names].flatMap((name) =>
			['large', 'blue', 'two-inch'].flatMap((word) => {
				const described = `${word} ${name}`;
				// Together they may name another thing: "blue tape" is the painter's.
				if (names.has(described)) return [];
				const [plain, said] = [thingOf(name, 1, 'each'), thingOf(described, 1, 'each')];
				return JSON.stringify(plain) === JSON.stringify(said) ? [] : [described];
			})
		);
		expect(changed).toEqual([]);
	});

	it('no name stands in two rows that disagree on its use', () => {
		const uses = new Map<string, Set<string>>();
		for (const { name, use } of THINGS) uses.set(name, (uses.get(name) ?? new Set()).add(use));
		expect([...uses].filter(([, said]) => said.size > 1).map(([name]) => name)).toEqual([]);
	});
});
