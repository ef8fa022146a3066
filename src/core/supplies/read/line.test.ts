import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readQuantity } from './quantity.ts';
import { readSupplyLine } from './line.ts';
import type { ReadLine } from './read-line.ts';

/**
 * How lists print things and how they are to be read. Common practice; the lines are made up. The
 * short form: amount unit item, then what differs from "1 each whole family, required, certain".
 */
function short(line: ReadLine): string {
	const amount =
		line.quantity === null
			? 'some'
			: String(Math.round(line.quantity * 1e6) / 1e6) + (line.to === null ? '' : `-${line.to}`);
	return [
		`${amount} ${line.unit} ${line.item}`,
		line.per === 'family' ? '' : `per ${line.per}${line.groupSize ?? ''}`,
		line.optional ? 'optional' : '',
		...line.or.map((other) => `or ${other.quantity ?? 'some'} ${other.unit} ${other.item}`),
		line.check ? 'look' : ''
	]
		.filter(Boolean)
		.join(', ');
}
const read = (text: string) => readSupplyLine(text).map(short).join(' | ');

describe('amounts', () => {
	it.each([
		['1½ cups sugar', '1.5 cup sugar'],
		['1 and 1/2 cups sugar', '1.5 cup sugar'],
		['one and a half cups sugar', '1.5 cup sugar'],
		['1-1/4 cups warm water', '1.25 cup warm water'],
		['half a cup of rice', '0.5 cup rice'],
		['three-quarters cup of oats', '0.75 cup oats'],
		['half an onion', '0.5 each onion'],
		['half a dozen eggs', '0.5 dozen egg'],
		['a couple of rubber bands', '2 each rubber band'],
		['twenty-four craft sticks', '24 each craft stick'],
		['1,000 beads', '1000 each bead'],
		['.5 cup milk', '0.5 cup milk'],
		['2/3 cup plus 2 tbsp water', '0.791667 cup water'],
		['10–12 craft sticks', '10-12 each craft stick'],
		['one or two oranges', '1-2 each orange'],
		['between 5 and 10 rocks', '5-10 each rock'],
		['1/2 to 3/4 cup sand', '0.5-0.75 cup sand'],
		['5 or more rocks', '5 each rock'],
		['12+ marbles', '12 each marble'],
		['about 1/4 cup of vinegar', '0.25 cup vinegar'],
		['up to 5 magnets', '5 each magnet'],
		['x4 glue sticks', '4 each glue stick'],
		['glue sticks x 4', '4 each glue stick'],
		['AA batteries (4)', '4 each aa battery'],
		['(3) plates', '3 each plate'],
		['12) ruler', '1 each ruler'],
		['yarn: 2 yards', '2 yd yarn'],
		['paper clips (about 20)', '20 each paper clip'],
		['potting soil, about 2 cups per child', '2 cup potting soil, per child']
	])('%s', (text, expected) => expect(read(text)).toBe(expected));

	it.each([
		['some yarn', 'some each yarn, look'],
		['enough string to reach the door', 'some each string, look'],
		['glue as needed', 'some each glue, look'],
		['salt to taste', 'some each salt, look'],
		['several sheets of card', 'some sheet card, look'],
		['blue food coloring, a few drops', 'some drop blue food coloring, look'],
		['1/0 cup salt', '1 cup salt, look']
	])('nothing is guessed silently: %s', (text, expected) => expect(read(text)).toBe(expected));
});

describe('units and names', () => {
	it.each([
		['2 boxes tissues', '2 box tissue'],
		['empty tissue box', '1 each empty tissue box'],
		['meter stick', '1 each meter stick'],
		['1 can opener', '1 each can opener'],
		['10 sheet protectors', '10 each sheet protector'],
		['3 cans', '3 each can'],
		['2 T. vinegar', '2 tbsp vinegar'],
		['1 t. salt', '1 tsp salt'],
		['1 C. milk', '1 cup milk'],
		['8 fl. oz. water', '8 floz water'],
		['1 packet yeast', '1 pack yeast'],
		['3 skeins yarn', '3 ball yarn'],
		['a piece of paper', '1 sheet paper'],
		['2 pieces of construction paper', '2 sheet construction paper'],
		['2 bars of soap', '2 each bar of soap'],
		['deck of cards', '1 each deck of cards'],
		['a handful of dried beans', '1 handful dried bean'],
		['1 box of 24 crayons', '1 box crayon'],
		['5 lb bag of flour', '1 bag flour'],
		['1 16-oz bottle of white glue', '1 bottle white glue'],
		['1 can (15 oz) black beans', '1 can black bean'],
		['30 cm of ribbon', '30 cm ribbon'],
		["3' of string", '3 ft string'],
		['a 12-inch piece of string', '12 in string'],
		['two 12-inch pieces of string', '24 in string'],
		['string, about 24 in long', '24 in string'],
		['2 pairs of tweezers', '2 each tweezers'],
		['scissors (1 pair per child)', '1 each scissors, per child'],
		['rubber gloves, 1 pair per child', '1 pair rubber glove, per child'],
		['2 jars with lids', '2 each jar'],
		['3 lenses', '3 each lens'],
		['6 leaves', '6 each leaf'],
		['canvas', '1 each canvas'],
		['2 cups rolled oats', '2 cup rolled oats'],
		['safety glasses', '1 each safety glasses'],
		['lg. paper plate', '1 each large paper plate']
	])('%s', (text, expected) => expect(read(text)).toBe(expected));

	it.each([
		['12 inch ruler', '1 each 12 inch ruler'],
		['10 3x5 index cards', '10 each 3x5 index card'],
		['9" x 12" felt', '1 each 9" x 12" felt'],
		['2 2-liter bottles', '2 each 2-liter bottle'],
		['8 oz cup', '1 each 8 oz cup'],
		['24 1-inch brads', '24 each 1-inch brad'],
		['12 #2 pencils', '12 each #2 pencil'],
		['half-inch binder', '1 each half-inch binder'],
		['poster board, 22x28', '1 each 22x28 poster board']
	])('a size stays in the name: %s', (text, expected) => expect(read(text)).toBe(expected));

	it.each([
		['construction paper, blue', '1 each blue construction paper'],
		['permanent markers, black', '1 each black permanent marker'],
		['plastic cups, clear', '1 each clear plastic cup'],
		['apple, orange, and banana', '1 each apple | 1 each orange | 1 each banana']
	])('words that choose the thing stay: %s', (text, expected) => expect(read(text)).toBe(expected));

	it('what describes state, purpose or preparation goes to the note', () => {
		const note = (text: string) => readSupplyLine(text).map((line) => [line.item, line.note]);
		expect(note('newspaper, torn into strips')).toEqual([['newspaper', 'torn into strips']]);
		expect(note('toothpicks for stirring')).toEqual([['toothpick', 'for stirring']]);
		expect(note('cardboard box or similar')).toEqual([['cardboard box', 'or similar']]);
		expect(note('1 cup (240 ml) milk')).toEqual([['milk', '240 ml']]);
		expect(note('soup can, empty and clean')[0][0]).toBe('soup can');
		expect(note('small objects such as buttons, beads, and shells').map(([item]) => item)).toEqual([
			'small object'
		]);
	});
});

describe('for whom, and whether it must be', () => {
	it.each([
		['1 sheet/child', '1 each sheet, per child'],
		['Each child will need a pencil and a notebook', '1 each pencil, per child | 1 each notebook, per child'],
		['2 magnets for every two children', '2 each magnet, per pair'],
		['1 map per group of three', '1 each map, per group3'],
		['1 ruler per team', '1 each ruler, per group, look'],
		['2 pencils per child and 1 ruler per pair', '2 each pencil, per child | 1 each ruler, per pair'],
		['1 orange per child, plus one extra', '1 each orange, per child | 1 each orange'],
		['stickers, if desired', '1 each sticker, optional'],
		['glitter (optional), glue', '1 each glitter, optional | 1 each glue'],
		['glue, glitter (optional)', '1 each glue, optional | 1 each glitter, optional'],
		['One per child: paper plate', '1 each paper plate, per child'],
		['3 pencils each', '3 each pencil, look']
	])('%s', (text, expected) => expect(read(text)).toBe(expected));
});

describe('several things, and one thing or another', () => {
	it.each([
		['pen and/or pencil', '1 each pen, or 1 each pencil'],
		['crayons, markers, or colored pencils', '1 each crayon, or 1 each marker, or 1 each colored pencil'],
		['scissors, paper, and glue or tape', '1 each scissors | 1 each paper | 1 each glue, or 1 each tape'],
		['1 cup sugar or 1/2 cup honey', '1 cup sugar, or 0.5 cup honey'],
		['string or yarn, about 2 ft', '2 ft string, or 2 ft yarn'],
		['1 cup sand (or salt)', '1 cup sand, or 1 cup salt'],
		['red or blue paint', '1 each red paint, or 1 each blue paint'],
		['red, blue and yellow paint', '1 each red paint | 1 each blue paint | 1 each yellow paint'],
		['paint: red, yellow, blue', '1 each red paint | 1 each yellow paint | 1 each blue paint'],
		['1 bottle each of red and blue paint', '1 bottle red paint | 1 bottle blue paint'],
		['flour and salt, 1 cup each', '1 cup flour | 1 cup salt'],
		['large bowl or jar', '1 each large bowl, or 1 each jar, look'],
		['paper or plastic cups', '1 each paper, or 1 each plastic cup, look'],
		['white glue or glue stick', '1 each white glue, or 1 each glue stick'],
		['colored pencils, crayons, or markers', '1 each colored pencil, or 1 each crayon, or 1 each marker'],
		['glass jar or clear plastic cup', '1 each glass jar, or 1 each clear plastic cup'],
		['2 salt and pepper shakers', '2 each salt and pepper shaker'],
		['large and small bowls', '1 each large and small bowl, look'],
		['2 cups flour, 1 cup salt, 1 cup water', '2 cup flour | 1 cup salt | 1 cup water']
	])('%s', (text, expected) => expect(read(text)).toBe(expected));

	it.each([
		'Lesson 4: Contour lines',
		'SUPPLIES',
		"You'll need:",
		'Week 3',
		'Materials needed for Lesson 4',
		'No supplies needed',
		'',
		'---',
		'5'
	])('a heading or nothing: %j', (text) => expect(readSupplyLine(text)).toEqual([]));

	it.each([
		['From the kitchen: flour, salt', '1 each flour | 1 each salt'],
		['Lesson 5 supplies: string, cork', '1 each string | 1 each cork']
	])('a label is dropped: %s', (text, expected) => expect(read(text)).toBe(expected));
});

describe('whatever is typed', () => {
	it('gives lines of the agreed shape and never fails', () => {
		const words = [
			'1',
			'½',
			'2-3',
			'cup',
			'of',
			'flour',
			',',
			'and',
			'or',
			'(',
			')',
			'/',
			'per child',
			'each',
			'red',
			'optional',
			':',
			'"',
			'🎈',
			'שלוש',
			'9x12'
		];
		const text = fc.oneof(
			fc.string({ unit: 'grapheme' }),
			fc.array(fc.constantFrom(...words)).map((parts) => parts.join(' '))
		);
		fc.assert(
			fc.property(text, (line) => {
				for (const one of readSupplyLine(line)) {
					expect(one.item).toBe(one.item.trim());
					expect(one.item.length).toBeGreaterThan(0);
					expect(one.quantity === null || (Number.isFinite(one.quantity) && one.quantity >= 0)).toBe(true);
					expect(one.quantity !== null || one.check).toBe(true);
				}
			}),
			{ numRuns: 500 }
		);
	});

	it('a line too long to be one is kept for a look', () => {
		expect(readSupplyLine('scissors '.repeat(500))).toMatchObject([{ check: true, quantity: null }]);
	});

	it('typed numbers', () => {
		expect(readQuantity('1 ½')?.valueOf()).toBe(1.5);
		expect(readQuantity('2.5')?.valueOf()).toBe(2.5);
		expect(readQuantity('2 cups')).toBeNull();
		for (const below of ['-2', '−1/2', ' -0.5', '– 3', '1/0', '3 / 00'])
			expect(readQuantity(below)).toBeNull();
		expect(readQuantity('lots')).toBeNull();
		expect(readQuantity('')).toBeNull();
	});
});
