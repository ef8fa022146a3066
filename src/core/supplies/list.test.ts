import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nameForCount, nameKey, singularName } from '../naming/index.ts';
import { compareLists, readSupplyList, usualUse, type KnownLine } from './index.ts';

const lessons = [
	{ id: 'a', number: 5, title: 'Hills on paper: contour lines' },
	{ id: 'b', number: 6, title: 'The round earth, flattened' }
];

describe('a whole list', () => {
	it('headings by number or title say where the lines belong', () => {
		const { lines, unknownHeadings } = readSupplyList(
			'1 ruler\nLesson 6: whatever it is called there\n2 oranges per child\n\nSupplies:\nglobe\nContour lines:\n1 cup flour\nLesson 44\nscissors',
			lessons
		);
		expect(lines.map((line) => [line.read.item, line.lessons])).toEqual([
			['ruler', []],
			['orange', ['b']],
			['globe', ['b']],
			['flour', ['a']],
			['scissors', []]
		]);
		expect(unknownHeadings).toEqual([{ lineNumber: 9, written: 'Lesson 44' }]);
		expect(lines[1]).toMatchObject({ lineNumber: 3, written: '2 oranges per child' });
	});

	it('takes any kind of line end', () => {
		expect(readSupplyList('glue\r\ntape\rstring\n', lessons).lines).toHaveLength(3);
	});
});

const line = (id: string, item: string, more: Partial<KnownLine> = {}): KnownLine => ({
	id,
	lesson: 'a',
	written: item,
	quantity: 1,
	to: null,
	unit: 'each',
	item,
	per: 'family',
	groupSize: null,
	optional: false,
	...more
});

describe('a list pasted again', () => {
	it('the same list changes nothing, whatever its order', () => {
		const known = fc.uniqueArray(fc.constantFrom('cork', 'bowl', 'needle', 'tape', 'string', 'globe'), {
			minLength: 1
		});
		fc.assert(
			fc.property(known, fc.infiniteStream(fc.nat()), (items, picks) => {
				const kept = items.map((item, i) => line(String(i), item));
				const order = [...kept].sort(() => (Number(picks.next().value) % 2 ? 1 : -1));
				const { matches, gone } = compareLists(kept, order);
				expect(gone).toEqual([]);
				matches.forEach((match, i) => {
					expect(match?.known.id).toBe(order[i].id);
					expect(match?.changed).toEqual([]);
				});
			})
		);
	});

	it('an amount that changed keeps its line; two lines of one item are not mixed up', () => {
		const known = [
			line('1', 'string', { quantity: 9, unit: 'ft', written: '9 ft string' }),
			line('2', 'string', { quantity: 2, unit: 'm', written: '2 m string' })
		];
		const read = [
			line('', 'strings', { quantity: 3, unit: 'm', written: '3 m strings' }),
			line('', 'string', { quantity: 9, unit: 'ft', written: '9 ft string' })
		];
		const { matches } = compareLists(known, read);
		expect(matches.map((match) => [match?.known.id, match?.changed])).toEqual([
			['2', ['quantity']],
			['1', []]
		]);
	});

	it('says what is gone, and whether the list really repeats its lesson', () => {
		const known = ['cork', 'bowl', 'needle'].map((item, i) => line(String(i), item));
		expect(compareLists(known, [line('', 'cork'), line('', 'bowl')]).gone).toMatchObject([
			{ item: 'needle', again: true }
		]);
		expect(compareLists(known, [line('', 'tape')]).gone.map((one) => one.again)).toEqual([
			false,
			false,
			false
		]);
		expect(compareLists(known, [line('', 'tape', { lesson: 'b' })]).gone).toEqual([]);
	});
});

describe('names', () => {
	it.each([
		['jars with lids', 'jar with lid'],
		['bars of soap', 'bar of soap'],
		['loaves of bread', 'loaf of bread'],
		['batteries', 'battery'],
		['cookies', 'cookie'],
		['boxes', 'box'],
		['compasses', 'compass'],
		['compass', 'compass'],
		['scissors', 'scissors'],
		['drinking glasses', 'drinking glass'],
		['paintbrushes', 'paintbrush'],
		['potatoes', 'potato']
	])('%s → %s', (many, one) => expect(singularName(many)).toBe(one));

	it('number, capitals and spaces do not make another item', () => {
		expect(nameKey(' Craft  Sticks ')).toBe(nameKey('craft stick'));
		expect(nameKey('craft stick')).not.toBe(nameKey('glue stick'));
	});

	it('amounts are followed by the right number', () => {
		expect(nameForCount('orange', 6)).toBe('oranges');
		expect(nameForCount('orange', 1)).toBe('orange');
		expect(nameForCount('flour', 3)).toBe('flour');
		expect(nameForCount('jar with lid', 2)).toBe('jars with lid');
		expect(nameForCount('scissors', 3)).toBe('scissors');
		expect(nameForCount('battery', 2)).toBe('batteries');
	});

	it('singular and plural come back to each other for plain nouns', () => {
		for (const noun of ['cork', 'box', 'berry', 'leaf', 'brush', 'tray', 'shoe', 'lens', 'knife', 'tomato']) {
			expect(singularName(nameForCount(noun, 2))).toBe(noun);
		}
	});

	it('tools are kept, materials used up, and some is taken of a roll or bottle (common practice)', () => {
		expect(
			['scissors', 'clipboard', 'glass bowl', 'measuring cup', 'magnifying glass'].map((name) =>
				usualUse(name)
			)
		).toEqual(Array(5).fill('kept'));
		expect(
			['paper cup', 'craft stick', 'cotton ball', 'flour', '1-inch brad'].map((name) => usualUse(name))
		).toEqual(Array(5).fill('consumed'));
		expect(['clear tape', 'white glue', 'food coloring'].map((name) => usualUse(name))).toEqual(
			Array(3).fill('some')
		);
		// What is measured is gone afterwards.
		expect(usualUse('white glue', 2, 'tbsp')).toBe('consumed');
	});
});

describe('headings of a list', () => {
	const read = (text: string, of = lessons) => readSupplyList(text, of);

	it('one that says for whom holds for the lines below it that do not say so', () => {
		const { lines } = read(
			'Materials for each child:\n2 corks\n1 net per pair\nOptional:\nkite\nLesson 6\nsand'
		);
		expect(
			lines.map(({ read: { item, per, optional }, fromHeading }) => [item, per, optional, fromHeading])
		).toEqual([
			['cork', 'child', false, 'Materials for each child:'],
			['net', 'pair', false, null],
			['kite', 'family', true, 'Optional:'],
			['sand', 'family', false, null]
		]);
	});

	it('what gave no thing is said, with what it would be; things behind a lesson’s number are its things', () => {
		const { leftOut, lines } = read(
			'Supplies:\nLesson 6: The round earth, flattened\nLesson 5: corks, chalk and twine\nTime: 30 minutes\n2 kites'
		);
		expect(lines.map((line) => [line.read.item, line.lessons])).toEqual([
			['cork', ['a']],
			['chalk', ['a']],
			['twine', ['a']],
			['kite', ['a']]
		]);
		expect(leftOut.map(({ written, isUnderstood }) => [written, isUnderstood])).toEqual([
			['Supplies:', true],
			['Lesson 6: The round earth, flattened', true],
			['Time: 30 minutes', false]
		]);
	});

	it('weeks and days name lessons of a guide that counts so', () => {
		const weekly = [
			{ id: 'a', number: 1, title: 'Layers', place: { week: 1, day: 1 } },
			{ id: 'b', number: 2, title: 'Sand', place: { week: 1, day: 2 } },
			{ id: 'c', number: 3, title: 'Inside a seed', place: { week: 2, day: 1 } }
		];
		const text = 'Week 1\nshovel\nDay 2\nsieve\nWeek 2, Day 1:\nbeans\nWeek 2 Day 2: 3 cups';
		expect(read(text, weekly).lines.map((line) => [line.read.item, line.lessons])).toEqual([
			['shovel', ['a', 'b']],
			['sieve', ['b']],
			['bean', ['c']],
			['cup', []]
		]);
		expect(read('Wk 2 Lesson 6\ncorks').lines[0].lessons).toEqual(['b']);
	});

	it('a list in another language is said and not guessed at', () => {
		const german = read('2 Blatt Papier pro Kind\nSchere und Kleber\nein Glas mit Wasser');
		expect(german.language).toBe('German');
		expect(german.lines.map(({ read: { item, quantity, check } }) => [item, quantity, check])).toEqual([
			['2 blatt papier pro kind', null, true],
			['schere und kleber', null, true],
			['ein glas mit wasser', null, true]
		]);
		expect(read('taco shells\n2 cups salsa\nmasa para tamales\n1 piñata').language).toBeNull();
	});
});
