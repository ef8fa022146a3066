import { createRequire } from 'node:module';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	COILS,
	FILED_AS,
	PAPER_SIZES,
	PRONGS,
	RINGS,
	STOCKS,
	stockOf,
	type FiledAs
} from '../reference/index.ts';
import { textWidth, wrapText } from '../print/index.ts';
import {
	bursts,
	copiesOf,
	cutOut,
	labelPlaces,
	labelSheets,
	holdsOf,
	ringsFor,
	split,
	thickness,
	wayOf,
	WAYS,
	type BinderWay,
	type FiledLesson,
	type LabelSheet,
	type Layer
} from './index.ts';

const stack = (layers: Layer[], tabs = 0, pocketTabs = 0) =>
	thickness({ layers, tabs, pocketTabs, paper: 'letter' });

describe('thickness', () => {
	it('a ream of 20 lb letter paper weighs 5 lb: basis weight is that of 500 sheets of 17 × 22 in, four times as large', () => {
		const { kilograms } = stack([{ stock: 'plain20', sheets: 500, finish: 'none' }]);
		expect(kilograms / 0.45359237).toBeCloseTo(5, 2);
	});
	it('grammage follows from basis weight (ISO 536; bond 17 × 22, cover 20 × 26, index 25.5 × 30.5 in)', () => {
		const grammage = (pounds: number, width: number, height: number) =>
			(pounds * 453.59237) / (500 * width * 0.0254 * height * 0.0254);
		expect(stockOf('plain20').grams).toBeCloseTo(grammage(20, 17, 22), 1);
		expect(stockOf('plain24').grams).toBeCloseTo(grammage(24, 17, 22), 1);
		expect(stockOf('plain28').grams).toBeCloseTo(grammage(28, 17, 22), 1);
		expect(stockOf('cover65').grams).toBeCloseTo(grammage(65, 20, 26), 1);
		expect(stockOf('cover80').grams).toBeCloseTo(grammage(80, 20, 26), 1);
		expect(stockOf('index110').grams).toBeCloseTo(grammage(110, 25.5, 30.5), 1);
	});
	it('half an inch in protectors with 14 pocket dividers needs a three-inch binder (common practice)', () => {
		const sheets = Math.ceil(12.7 / stockOf('plain20').thick);
		expect(stack([{ stock: 'plain20', sheets, finish: 'protector' }], 0, 14).ring).toBe(76);
		expect(stack([{ stock: 'plain20', sheets, finish: 'none' }]).ring).toBe(25);
	});
	it('rings hold about the sheets that are printed on binders (common practice)', () => {
		for (const [size, sheets] of [
			[13, 95],
			[25, 215],
			[38, 340],
			[51, 460],
			[76, 680],
			[102, 880]
		])
			expect(RINGS.find((one) => one.size === size)!.holds / stockOf('plain20').thick).toBeCloseTo(
				sheets,
				-1.2
			);
	});
	it('grows with every sheet, holds what it says, and weighs what its parts weigh', () => {
		const layer = fc.record({
			stock: fc.constantFrom(...STOCKS.map((one) => one.code)),
			sheets: fc.nat(300),
			finish: fc.constantFrom(...(Object.keys(FILED_AS) as FiledAs[]))
		});
		fc.assert(
			fc.property(fc.array(layer, { maxLength: 6 }), layer, fc.nat(20), (layers, more, tabs) => {
				const [before, after] = [stack(layers, tabs), stack([...layers, more], tabs)];
				const alone = stack([more]);
				expect(after.millimetres).toBeCloseTo(before.millimetres + alone.millimetres, 6);
				expect(after.kilograms).toBeCloseTo(before.kilograms + alone.kilograms, 6);
				expect(after.binders).toBeGreaterThanOrEqual(before.binders);
				const { holds } = RINGS.find((one) => one.size === after.ring)!;
				expect(after.millimetres / after.binders).toBeLessThanOrEqual(holds + 1e-6);
				// One binder fewer would not hold it, nor would the next smaller ring.
				if (after.binders > 1)
					expect(after.millimetres / (after.binders - 1)).toBeGreaterThan(RINGS.at(-1)!.holds);
				const smaller = RINGS.filter((one) => one.size < after.ring).at(-1);
				if (smaller) expect(after.millimetres / after.binders).toBeGreaterThan(smaller.holds);
				if (after.coil !== null) {
					expect(after.coil - after.millimetres).toBeGreaterThanOrEqual(3.2 - 1e-6);
					for (const coil of COILS) if (coil < after.coil) expect(coil - after.millimetres).toBeLessThan(3.2);
				}
			})
		);
	});
	it('A4 weighs by ISO 216: sixteen sheets of A4 are one square meter', () => {
		expect(((PAPER_SIZES.A4.width * PAPER_SIZES.A4.height) / 1e6) * 16).toBeCloseTo(1, 2);
		expect(
			thickness({
				layers: [{ stock: 'plain20', sheets: 16, finish: 'none' }],
				tabs: 0,
				pocketTabs: 0,
				paper: 'A4'
			}).kilograms
		).toBeCloseTo(0.0752, 3);
	});
	it('an exact fit fits, and more than the largest is split evenly', () => {
		expect(ringsFor(9)).toEqual({ ring: 13, binders: 1 });
		expect(ringsFor(86)).toEqual({ ring: 102, binders: 1 });
		expect(ringsFor(86.01)).toEqual({ ring: 51, binders: 2 });
		expect(ringsFor(0)).toEqual({ ring: 13, binders: 1 });
		expect(stack([{ stock: 'plain20', sheets: 5000, finish: 'none' }]).binders).toBe(6);
	});
	it('refuses half a sheet and an unknown stock in words', () => {
		expect(() => stack([{ stock: 'plain20', sheets: 2.5, finish: 'none' }])).toThrow('counted whole');
		expect(() => stack([{ stock: 'papyrus' as 'plain20', sheets: 2, finish: 'none' }])).toThrow('no stock');
		expect(() => stack([], -1)).toThrow('Dividers');
	});
});

const lesson = (number: number, sheets: number): FiledLesson => ({
	lesson: `Lesson ${number}`,
	number,
	filed: [
		{ stock: 'plain20', sheets, laminated: false, child: null, what: 'student', title: 'Pages' },
		{ stock: 'plain20', sheets: 1, laminated: false, child: 'Odile', what: 'student', title: 'Journal' },
		{ stock: 'cover65', sheets: 1, laminated: true, child: null, what: 'cards', title: 'Cards' }
	]
});

describe('ways to keep a unit', () => {
	const input = {
		lessons: [1, 2, 3].map((n) => lesson(n, 10)),
		guideSheets: 40,
		children: ['Odile'],
		paper: 'letter',
		others: 0
	} as const;
	it('a binder grows by each lesson to the thickness of all of it', () => {
		for (const way of WAYS)
			for (const { sections, stack } of wayOf({ ...input, way }).containers) {
				expect(sections.reduce((sum, one) => sum + one.millimetres, 0)).toBeCloseTo(stack.millimetres, 5);
				expect(sections.at(-1)!.upTo).toBeCloseTo(stack.millimetres, 5);
			}
	});
	it('worked by hand: in protectors with pocket dividers', () => {
		const [binder] = wayOf({ ...input, way: 'protectors', guideSheets: 0 }).containers;
		// A lesson: 11 sheets of 0.097 + 0.27, a laminated card sheet of 0.236 + 0.152, a divider of 0.9.
		expect(binder.sections[0].millimetres).toBeCloseTo(11 * 0.367 + 0.388 + 0.9, 6);
		expect(wayOf({ ...input, way: 'protectors', guideSheets: 0 }).parts).toContainEqual({
			item: 'page protector',
			count: 33
		});
	});
	it('what a child’s binder holds already counts, and each sheet is in one place', () => {
		const { containers } = wayOf({ ...input, way: 'per child', others: 20 });
		const child = containers.find((one) => one.name.startsWith('Odile'))!;
		expect(child.stack.millimetres).toBeCloseTo(20 + 3 * (0.097 + 0.3), 6);
		expect(child.stack.ring).toBe(38);
	});
	it('a unit with nothing to file has nothing to keep it in', () => {
		for (const way of WAYS)
			expect(wayOf({ ...input, way, guideSheets: 0, lessons: [] }).containers).toEqual([]);
	});
	it('says with which lesson it will not close, and splits at whole lessons so that each part closes', () => {
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 1, maxLength: 20 }), (sheets) => {
				const [binder] = wayOf({
					...input,
					way: 'screen',
					lessons: sheets.map((count, at) => lesson(at + 1, count))
				}).containers;
				const holds = 33;
				const burst = bursts(binder, holds);
				if (burst === null) expect(binder.stack.millimetres).toBeLessThanOrEqual(holds + 1e-6);
				else {
					expect(burst.upTo).toBeGreaterThan(holds);
					const before = binder.sections.find((one) => one.number === burst.number - 1);
					if (before) expect(before.upTo).toBeLessThanOrEqual(holds + 1e-6);
				}
			})
		);
	});
	it('each part of a split closes, in the fewest, lessons whole and in their order; one that is too much is split itself', () => {
		const thick = fc.oneof(fc.double({ min: 0.1, max: 90, noNaN: true }), fc.constantFrom(51.6, 45, 20.0001));
		fc.assert(
			fc.property(
				fc.array(thick, { minLength: 1, maxLength: 12 }),
				fc.constantFrom(20, 45, 86),
				fc.constantFrom(0, 7, 30),
				(stacks, holds, others) => {
					let upTo = 0;
					const sections = stacks.map((millimetres, at) => ({
						lesson: `Lesson ${at + 1}`,
						number: at + 1,
						millimetres,
						upTo: (upTo += millimetres),
						titles: ['page']
					}));
					const parts = split({ sections }, holds, others);
					const sum = (part: (typeof parts)[number]) => part.reduce((all, one) => all + one.millimetres, 0);
					for (const part of parts) expect(sum(part)).toBeLessThanOrEqual(holds + 1e-6);
					// Nothing is lost, nothing changes its place, and only what is too thick is in parts.
					const numbers = parts.flat().map((one) => one.number);
					expect(numbers).toEqual(numbers.toSorted((a, b) => a - b));
					for (const one of sections) {
						const own = parts.flat().filter((piece) => piece.number === one.number);
						expect(sum(own)).toBeCloseTo(one.millimetres, 6);
						expect(own.length).toBe(Math.ceil(one.millimetres / holds - 1e-9));
					}
					// As few as any way of cutting the row of pieces: those are all ways, tried one by one.
					const pieces = parts.flat();
					if (pieces.length <= 12) {
						let fewest = Infinity;
						for (let cuts = 0; cuts < 1 << (pieces.length - 1); cuts++) {
							let [room, count, isRight] = [holds - Math.min(others, holds), 1, true];
							for (const [at, piece] of pieces.entries()) {
								if (at > 0 && cuts & (1 << (at - 1))) [room, count] = [holds, count + 1];
								room -= piece.millimetres;
								if (room < -1e-6) isRight = false;
							}
							if (isRight) fewest = Math.min(fewest, count);
						}
						// Where the first binder has no room at all, the next one is the first.
						expect(parts.length).toBeLessThanOrEqual(fewest);
					}
				}
			)
		);
		// Three of 51.6 mm in rings for 86 mm: three binders, and none of 103.2 mm.
		const three = [1, 2, 3].map((number) => ({
			lesson: '',
			number,
			millimetres: 51.6,
			upTo: 51.6 * number,
			titles: []
		}));
		expect(split({ sections: three }, 86).map((part) => part.length)).toEqual([1, 1, 1]);
	});
	it('round rings hold about a quarter less than D rings (common practice, no source)', () => {
		expect([13, 25, 38, 51, 76, 102].map((size) => holdsOf(size, 'round'))).toEqual([
			6.8, 15.8, 24.8, 33.8, 49.5, 64.5
		]);
		const rings = (shape: 'D' | 'round') =>
			wayOf({ ...input, way: 'protectors', shape }).containers[0].one!.ring!;
		expect(rings('round')).toBeGreaterThan(rings('D'));
	});
});

/**
 * Twelve lessons of 2 family sheets, 1 sheet of cards (laminated) and a journal page for each of three children, and a
 * guide of 30 sheets: what each way takes, worked by hand.
 *
 * protectors: a divider for each lesson 12; protectors for 30 + 12 × (2 + 3) = 90; mm: guide 30 × 0.367 = 11.01, a lesson
 * 5 × 0.367 + 0.388 + 0.9 = 3.123, twelve 37.476; 48.486 in all: 3 in rings (66).
 * folders: 12 folders of 5 × 0.097 + 0.388 + the guide’s two (30 × 0.097 = 2.91 mm is one); ring: 2.91 + 12 × (0.873 + 0.9) = 24.2: 1½ in.
 * per child: 3 × 12 tabs; a child’s binder 12 × (0.097 + 0.3) = 4.76: ½ in, three; yours: 2.91 + 12 × (0.194 + 0.388 + 0.3) = 13.5: 1 in, 12 tabs.
 * prongs: three folders; your binder as before, 12 tabs.
 * coil: 2.91 + 3.2 → 8 mm coil, 12 envelopes. expanding: 12 clips, 13 pockets with the guide: one file.
 * bags: 12 bags; binder 2.91 + 12 × (0.485 + 0.3) = 12.33: 1 in, 12 tabs. screen: 12 × (0.485 + 0.388 + 0.3) = 14.08: 1 in, 12 tabs.
 */
describe('what each of the eight ways takes, worked by hand', () => {
	const lessons = Array.from({ length: 12 }, (_, at): FiledLesson => ({
		lesson: `Lesson ${at + 1}`,
		number: at + 1,
		filed: [
			{ stock: 'plain20', sheets: 2, laminated: false, child: null, what: 'student', title: 'Pages' },
			{ stock: 'cover65', sheets: 1, laminated: true, child: null, what: 'cards', title: 'Cards' },
			...['Ada', 'Bo', 'Cy'].map((child) => ({
				stock: 'plain20' as const,
				sheets: 1,
				laminated: false,
				child,
				what: 'student' as const,
				title: 'Journal'
			}))
		]
	}));
	const partsOf = (way: BinderWay) =>
		Object.fromEntries(
			wayOf({
				way,
				lessons,
				guideSheets: 30,
				children: ['Ada', 'Bo', 'Cy'],
				paper: 'letter',
				others: 0
			}).parts.map(({ item, count }) => [item, count])
		);
	it.each([
		['protectors', { 'binder, 76 mm rings': 1, 'page protector': 90, 'pocket divider': 12 }],
		['folders', { 'binder, 38 mm rings': 1, 'pocket folder, three holes': 13 }],
		['per child', { 'binder, 13 mm rings': 3, 'binder, 25 mm rings': 1, 'tab divider': 48 }],
		['prongs', { 'binder, 25 mm rings': 1, 'pronged folder': 3, 'tab divider': 12 }],
		['coil', { 'binding coil, 8 mm': 1, 'large envelope': 12 }],
		['expanding', { 'expanding file': 1, 'binder clip': 12 }],
		['bags', { 'binder, 25 mm rings': 1, 'tab divider': 12, 'zip bag': 12 }],
		['screen', { 'binder, 25 mm rings': 1, 'tab divider': 12 }]
	] as const)('%s', (way, parts) => {
		expect(partsOf(way)).toEqual(parts);
	});
	it('with nothing of the family’s, each child’s binder has its 12 dividers, and no other binder has any', () => {
		const own = lessons.map((one) => ({ ...one, filed: one.filed.filter((filed) => filed.child !== null) }));
		const parts = (way: BinderWay) =>
			wayOf({ way, lessons: own, guideSheets: 0, children: ['Ada', 'Bo', 'Cy'], paper: 'letter', others: 0 })
				.parts;
		expect(parts('per child').find((one) => one.item === 'tab divider')?.count).toBe(36);
		expect(parts('prongs')).toEqual([{ item: 'pronged folder', count: 3 }]);
	});
	it('a huge lesson is in several envelopes, and pockets of more than one file', () => {
		const huge: FiledLesson[] = [{ ...lessons[0], filed: [{ ...lessons[0].filed[0], sheets: 1053 }] }];
		const way = (name: BinderWay) =>
			wayOf({ way: name, lessons: huge, guideSheets: 0, children: [], paper: 'letter', others: 0 });
		// 1,053 sheets are 102.1 mm: nine envelopes of 12 mm, five clips of 25 mm, two binders of 86 mm.
		expect(way('coil').parts).toEqual([{ item: 'large envelope', count: 9 }]);
		expect(way('expanding').parts).toContainEqual({ item: 'binder clip', count: 5 });
		expect(way('screen').containers[0].copies.map((part) => part[0].part)).toEqual([
			{ number: 1, of: 2 },
			{ number: 2, of: 2 }
		]);
	});
});

describe('letters', () => {
	it('are as wide as the font’s own file says (read by fontkit)', () => {
		const require = createRequire(import.meta.url);
		const fontkit = require('fontkit') as {
			openSync(path: string): {
				unitsPerEm: number;
				layout(text: string, features: string[]): { advanceWidth: number };
				glyphForCodePoint(code: number): { advanceWidth: number };
			};
		};
		for (const [weight, isBold] of [
			[400, false],
			[700, true]
		] as const) {
			const font = fontkit.openSync(
				require.resolve(
					`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`
				)
			);
			for (const text of [
				'Latitude and longitude: a needle that knows north',
				'WAVES 1234567890 (iii)',
				'Fjörd, naïve'
			]) {
				const theirs = [...text].reduce(
					(sum, sign) => sum + font.glyphForCodePoint(sign.codePointAt(0)!).advanceWidth / font.unitsPerEm,
					0
				);
				expect(textWidth(text, 10, isBold) / ((10 * 25.4) / 72)).toBeCloseTo(theirs, 1);
			}
		}
	});
	it('a text is broken into lines that fit, and no letter is lost', () => {
		fc.assert(
			fc.property(
				fc.array(fc.stringMatching(/^[A-Za-z]{1,30}$/), { maxLength: 12 }),
				fc.integer({ min: 12, max: 180 }),
				fc.integer({ min: 6, max: 22 }),
				(words, width, points) => {
					const lines = wrapText(words.join(' '), width, points, true);
					expect(lines.join('').replaceAll(' ', '')).toBe(words.join(''));
					for (const line of lines)
						if (line.length > 1) expect(textWidth(line, points, true)).toBeLessThanOrEqual(width);
				}
			)
		);
	});
	it('54 letters stand on a tab in two lines of about ten points', () => {
		const name = '12 Streets and lines: town maps and transit maps today';
		expect(name).toHaveLength(54);
		const [sheet] = cutOut(
			[{ lines: [name], even: true }],
			{ width: 76, height: 12.7 },
			PAPER_SIZES.letter,
			6
		);
		expect(sheet.front.text).toHaveLength(2);
		for (const line of sheet.front.text) {
			expect(line.points).toBeGreaterThanOrEqual(10);
			expect(textWidth(line.text, line.points, true)).toBeLessThanOrEqual(76 - 5);
		}
	});
});

describe('labels', () => {
	const paper = PAPER_SIZES.letter;
	const sheet: LabelSheet = {
		columns: 3,
		rows: 10,
		width: 66.7,
		height: 25.4,
		left: 4.8,
		top: 12.7,
		across: 69.9,
		down: 25.4,
		offsetX: 0,
		offsetY: 0
	};
	it('every label is on a sheet once, within its own edges, and moved as the printer is off', () => {
		const labels = fc.array(
			fc.record({
				lines: fc.array(fc.string({ minLength: 1, maxLength: 40 }), { minLength: 1, maxLength: 4 }),
				even: fc.boolean()
			}),
			{ maxLength: 70 }
		);
		fc.assert(
			fc.property(labels, fc.nat(29), (labels, from) => {
				const sheets = labelSheets(labels, sheet, paper, from);
				const lines = sheets.flatMap((one) => one.front.text);
				const letters = (texts: readonly string[]) => texts.join('').replace(/\s/g, '');
				expect(letters(lines.map((one) => one.text))).toBe(letters(labels.flatMap((one) => one.lines)));
				const places = labelPlaces(sheet);
				for (const one of lines)
					expect(
						places.some(
							({ x, y }) =>
								one.x >= x - 1e-6 &&
								one.x <= x + sheet.width &&
								one.y >= y &&
								one.y <= y + sheet.height + 1e-6
						)
					).toBe(true);
				const moved = labelSheets(labels, { ...sheet, offsetX: 1.5, offsetY: -0.5 }, paper, from);
				expect(moved.flatMap((one) => one.front.text).map((one) => one.x)).toEqual(
					lines.map((one) => expect.closeTo(one.x + 1.5, 6) as number)
				);
			}),
			{ numRuns: 60 }
		);
	});
	it('refuses labels that stand out over the paper, in words', () => {
		expect(() => labelSheets([], { ...sheet, rows: 12 }, paper)).toThrow('don’t fit on the paper');
		expect(() => cutOut([{ lines: ['a'] }], { width: 300, height: 20 }, paper, 6)).toThrow('doesn’t fit');
	});
	it('to cut out: all of them, none twice, each in its frame', () => {
		const labels = Array.from({ length: 23 }, (_, at) => ({ lines: [`label ${at}`] }));
		const sheets = cutOut(labels, { width: 90, height: 60 }, paper, 6);
		expect(sheets).toHaveLength(Math.ceil(23 / 8));
		expect(sheets.flatMap((one) => one.front.text).map((one) => one.text)).toEqual(
			labels.map((one) => one.lines[0])
		);
	});
});

describe('a pronged folder for each child', () => {
	const lesson = (number: number, sheets: number): FiledLesson => ({
		lesson: `lesson ${number}`,
		number,
		filed: ['Ada', 'Bo'].map((child) => ({
			stock: 'plain20' as const,
			sheets,
			laminated: false,
			child,
			what: 'student' as const,
			title: 'page'
		}))
	});
	const way = (lessons: readonly FiledLesson[]) =>
		wayOf({ way: 'prongs', lessons, guideSheets: 0, children: ['Ada', 'Bo'], paper: 'letter', others: 0 });
	it('holds a hundred sheets of 0.097 mm, and is full with the lesson that brings more', () => {
		const fits = way([lesson(1, 50), lesson(2, 50)]);
		expect(fits.containers.map((one) => [one.name, one.kind, copiesOf(one)])).toEqual([
			['Ada’s folder', 'prongs', 1],
			['Bo’s folder', 'prongs', 1]
		]);
		expect(fits.parts.find((one) => one.item === 'pronged folder')?.count).toBe(2);
		const full = way([lesson(1, 50), lesson(2, 60)]);
		expect(bursts(full.containers[0], PRONGS.holds)?.number).toBe(2);
		expect(full.parts.find((one) => one.item === 'pronged folder')?.count).toBe(4);
	});
	it('weighs its paper and itself: a ream of 500 sheets is 5 lb', () => {
		const { kilograms } = way([lesson(1, 50)]);
		expect(kilograms).toBeCloseTo((100 / 500) * 5 * 0.45359237 + 2 * PRONGS.emptyKg, 3);
	});
});
