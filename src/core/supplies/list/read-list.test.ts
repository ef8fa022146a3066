import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dividedOver, readSupplyList, type ListedLine } from '../index.ts';
import { exact } from '../../measure/index.ts';
import { OWN_LISTS } from './own-lists.ts';

const unitOf = (lessons: number, aWeek: number, titles: readonly string[] = []) =>
	Array.from({ length: lessons }, (_, i) => ({
		id: String(i + 1),
		number: i + 1,
		title: titles[i] ?? `Topic ${String.fromCharCode(65 + i)}`,
		place: aWeek ? { week: Math.floor(i / aWeek) + 1, day: (i % aWeek) + 1 } : null
	}));

/** One thing in a line: how much of what, for whom, and for which lessons. */
const said = ({ read, lessons, all, spread }: ListedLine): string =>
	[
		read.quantity ?? 'some',
		read.unit,
		read.item,
		read.per === 'family' ? '' : `per ${read.per}${read.groupSize ?? ''}`,
		read.optional ? 'optional' : '',
		read.or.length ? `or ${read.or.map((one) => one.item).join(', ')}` : '',
		read.check ? '?' : '',
		'|',
		all ? 'all' : lessons.join(' '),
		spread === 'total' ? 'in all' : ''
	]
		.filter((part) => part !== '')
		.join(' ');

describe('whole lists', () => {
	it.each(OWN_LISTS.map((list) => [list.name, list] as const))('%s', (_, list) => {
		const { lines } = readSupplyList(list.text, unitOf(list.lessons, list.aWeek, list.titles));
		expect(lines.map(said)).toEqual(list.things);
	});

	it('nothing is lost: every line that is not empty is a thing, left out, or joined to one before', () => {
		const lines = fc.array(
			fc.oneof(
				fc.constantFrom(...OWN_LISTS.flatMap((list) => list.text.split('\n'))),
				fc.string({ maxLength: 40 })
			),
			{ maxLength: 30 }
		);
		fc.assert(
			fc.property(lines, (all) => {
				const text = all.join('\n');
				const read = readSupplyList(text, unitOf(8, 2));
				const given = new Set([...read.lines, ...read.leftOut].map((one) => one.lineNumber));
				const words = [...read.lines, ...read.leftOut].map((one) => one.written).join(' ');
				text.split(/\r\n|\r|\n/).forEach((line, at) => {
					if (line.trim() === '' || given.has(at + 1)) return;
					// A broken line stands in the one that it goes on with.
					expect(words).toContain(line.trim().split(/\s+/).at(-1));
				});
			}),
			{ numRuns: 300 }
		);
	});

	it('what a mark means changes no line without it', () => {
		const plain = fc.constantFrom('2 corks per child', 'scissors', 'yarn, 2 m', '1 cup flour');
		fc.assert(
			fc.property(fc.array(fc.tuple(plain, fc.boolean()), { minLength: 1, maxLength: 12 }), (all) => {
				const text = all.map(([line, isMarked]) => (isMarked ? `${line} †` : line)).join('\n');
				const things = (legend: string) =>
					readSupplyList(`† = ${legend}\n\nLesson 1\n${text}`, unitOf(2, 0)).lines;
				const [one, other] = [things('optional'), things('adult only')];
				expect(one).toHaveLength(all.length);
				all.forEach(([, isMarked], i) => {
					expect(one[i].read.optional).toBe(isMarked);
					expect(other[i].read.note?.includes('adult only') ?? false).toBe(isMarked);
					if (!isMarked) expect(one[i].read).toEqual(other[i].read);
				});
			})
		);
	});

	it('lines with marks give the same things for the same lessons in any order', () => {
		const marked = [
			'yellow paper, 2 sheets per child (1, 3)',
			'scissors (all)',
			'glue, 1 bottle (1, 3-5)',
			'bubble wrap, 1 yd (2)',
			'egg cartons, 3 (2, 8)',
			'index cards, 2 per child each lesson (1, 3, 5)',
			'hand lens, 1 per pair (2, 3, 7)'
		];
		const of = (lines: readonly string[]) =>
			readSupplyList(`Numbers in parentheses are lessons.\n\n${lines.join('\n')}`, unitOf(8, 2))
				.lines.map(said)
				.toSorted();
		fc.assert(
			fc.property(fc.shuffledSubarray(marked, { minLength: marked.length }), (lines) => {
				expect(of(lines)).toEqual(of(marked));
			})
		);
	});

	it('numbers in brackets are what a person says they are', () => {
		const text = 'corks (1, 3)\npins, 1 box (2)\nrings, 6 (1, 2)';
		const of = (numbers: 'lesson' | 'amount' | 'neither') =>
			readSupplyList(text, unitOf(4, 0), numbers).lines.map((line) => line.lessons.join(' '));
		expect(of('lesson')).toEqual(['1 3', '2', '1 2']);
		expect(of('amount').join('')).toBe('');
		expect(readSupplyList(text, unitOf(4, 0), 'neither').lines.map((line) => line.read.item)).toEqual([
			'cork',
			'pin',
			'ring'
		]);
	});

	it('a heading with a title of its own is of a lesson that is not there, where the others have ours', () => {
		const titles = ['Kites', 'Gliders', 'Parachutes'];
		const text = 'Lesson 1: Kites\nsilk\nLesson 2: Wind socks\nhoop\nLesson 3: Gliders\nbalsa';
		const { lines } = readSupplyList(text, unitOf(3, 0, titles));
		expect(lines.map((line) => [line.read.item, line.lessons, line.ofMissing])).toEqual([
			['silk', ['1'], null],
			['hoop', [], 'Lesson 2: Wind socks'],
			['balsa', ['2'], null]
		]);
	});
	it('headings with a period behind the number begin their lesson, too', () => {
		const text = 'Lesson 1 - Kites\nsilk\nLesson 2. Gliders\nbalsa\nLesson 3) Parachutes\nstring';
		const { lines } = readSupplyList(text, unitOf(3, 0, ['Kites', 'Gliders', 'Parachutes']));
		expect(lines.map((line) => [line.read.item, line.lessons])).toEqual([
			['silk', ['1']],
			['balsa', ['2']],
			['string', ['3']]
		]);
	});
	it('in running text a lesson may ask itself; a sentence of a lesson that is left out is said', () => {
		const text =
			'For lesson one you will need silk and two dowels. Lesson two uses a sheet of balsa. In the third lesson we tie string to handkerchiefs. Bring an old tray for lesson 3.';
		const { lines } = readSupplyList(text, unitOf(3, 0, ['Kites', 'Gliders', 'Parachutes']));
		expect(lines.map((line) => [line.read.item, line.lessons])).toEqual([
			['silk', ['1']],
			['dowel', ['1']],
			['balsa', ['2']],
			['old tray', ['3']]
		]);
		expect(lines[2].read.doubts).toEqual([
			'“In the third lesson we tie string to handkerchiefs.” was left out.'
		]);
	});
});

describe('one amount over several lessons', () => {
	it('whole things stay whole, at least one each; what is measured is divided', () => {
		expect(dividedOver(exact(7), 'each', 3).map(Number)).toEqual([3, 2, 2]);
		expect(dividedOver(exact(1), 'each', 2).map(Number)).toEqual([1, 1]);
		expect(dividedOver(exact(5), 'lb', 2).map((one) => one.toFraction(true))).toEqual(['2 1/2', '2 1/2']);
	});

	it('the parts add up, where it is enough for one each', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 500 }), fc.integer({ min: 1, max: 20 }), (amount, lessons) => {
				const parts = dividedOver(exact(amount), 'each', lessons).map(Number);
				const sum = parts.reduce((a, b) => a + b, 0);
				expect(sum).toBe(Math.max(amount, lessons));
				expect(Math.max(...parts) - Math.min(...parts)).toBeLessThanOrEqual(1);
			})
		);
	});
});
