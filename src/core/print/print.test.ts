import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PAPER_SIZES } from '../reference/index.ts';
import {
	breakEven,
	booklet,
	cards,
	CHOICES,
	finishing,
	gridOfFrames,
	groupRuns,
	judge,
	pageNumbersText,
	paperSwaps,
	printRun,
	readPages,
	ROLES,
	sheetCount,
	sheetsOf,
	suggestRoles,
	USUAL_PRINT_HABITS,
	type PrintSet,
	type ToFinish,
	type ToJudge
} from './index.ts';

const LETTER = { width: PAPER_SIZES.letter.width, height: PAPER_SIZES.letter.height };
const A4 = { width: PAPER_SIZES.A4.width, height: PAPER_SIZES.A4.height };

describe('sizes of sheets', () => {
	it('ISO 216: each A size is the next larger one halved, rounded down to whole millimeters', () => {
		const series = [PAPER_SIZES.A3, PAPER_SIZES.A4, PAPER_SIZES.A5, PAPER_SIZES.A6];
		for (const [index, size] of series.slice(1).entries()) {
			expect(size.height).toBe(series[index].width);
			expect(size.width).toBe(Math.floor(series[index].height / 2));
		}
	});
	it('ANSI/ASME Y14.1: letter 8½ × 11, legal 8½ × 14, tabloid 11 × 17 inches', () => {
		for (const [name, width, height] of [
			['letter', 8.5, 11],
			['legal', 8.5, 14],
			['tabloid', 11, 17]
		] as const) {
			expect(PAPER_SIZES[name].width).toBeCloseTo(width * 25.4, 9);
			expect(PAPER_SIZES[name].height).toBeCloseTo(height * 25.4, 9);
		}
	});
});

describe('imposition', () => {
	it('every card lies once in front, and its back behind it when the sheet is turned', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 60 }),
				fc.integer({ min: 1, max: 5 }),
				fc.integer({ min: 1, max: 5 }),
				fc.constantFrom('long-edge' as const, 'short-edge' as const),
				(count, rows, columns, flip) => {
					const { sheets } = cards(count, rows, columns, flip);
					const seen = sheets.flatMap(({ front }) => front.flat().filter((one) => one !== null));
					expect(seen).toEqual(Array.from({ length: count }, (_, index) => index + 1));
					for (const { front, back } of sheets)
						for (let row = 0; row < rows; row++)
							for (let column = 0; column < columns; column++) {
								const behind =
									flip === 'long-edge' ? back![row][columns - 1 - column] : back![rows - 1 - row][column];
								expect(behind).toBe(front[row][column]);
							}
				}
			)
		);
	});
	it('a booklet folded in the middle reads from 1 to its end', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 200 }), (pages) => {
				const { sheets } = booklet(pages);
				// From the outermost sheet in: the right of the front, the left of the back; and then out again.
				const inward = sheets.flatMap(({ front, back }) => [front[0][1], back![0][0]]);
				const outward = sheets.toReversed().flatMap(({ front, back }) => [back![0][1], front[0][0]]);
				const read = [...inward, ...outward].filter((one) => one !== null);
				expect(read).toEqual(Array.from({ length: pages }, (_, index) => index + 1));
			})
		);
	});
});

const page = fc.record({
	file: fc.constant(0),
	page: fc.integer({ min: 0, max: 400 }),
	width: fc.integer({ min: 60, max: 450 }),
	height: fc.integer({ min: 60, max: 900 })
});
const set: fc.Arbitrary<PrintSet> = fc.record({
	pages: fc.uniqueArray(page, { minLength: 1, maxLength: 17, selector: (one) => one.page }),
	layout: fc.constantFrom('pages', 'cards', 'cards and backs', 'cards, one back'),
	up: fc.constantFrom(1, 2, 4, 6, 8, 9),
	sides: fc.constantFrom(1 as const, 2 as const),
	slip: fc.constantFrom(null, ['Odile', 'Lesson 4'])
});

describe('the sheets of a run', () => {
	it('hold every page of every set as often as they should, none twice, none lost', () => {
		fc.assert(
			fc.property(fc.array(set, { maxLength: 6 }), fc.constantFrom(LETTER, A4), (sets, paper) => {
				const sheets = sheetsOf({ paper, edge: 6, flip: 'long-edge', sets });
				for (const [index, one] of sets.entries()) {
					const own = sheets.filter((sheet) => sheet.set === index && !sheet.isSlip);
					const placed = own
						.flatMap(({ front, back }) => [...front.placed, ...(back?.placed ?? [])])
						.map((each) => each.page)
						.sort((a, b) => a - b);
					const { pages } = one;
					const wanted =
						one.layout === 'cards, one back' && pages.length > 1
							? [
									...pages.slice(0, -1).map((each) => each.page),
									...pages.slice(0, -1).map(() => pages.at(-1)!.page)
								]
							: pages.map((each) => each.page);
					expect(placed).toEqual(wanted.toSorted((a, b) => a - b));
					expect(own.length).toBe(sheetCount(one));
					expect(sheets.filter((sheet) => sheet.set === index && sheet.isSlip).length).toBe(one.slip ? 1 : 0);
				}
			})
		);
	});
	it('keep every page on the paper, in its own shape, true to size where it fits, apart from its neighbors', () => {
		fc.assert(
			fc.property(fc.array(set, { maxLength: 4 }), fc.constantFrom(LETTER, A4), (sets, paper) => {
				for (const { front, back, set: index } of sheetsOf({ paper, edge: 6, flip: 'long-edge', sets }))
					for (const side of [front, ...(back ? [back] : [])])
						for (const [at, one] of side.placed.entries()) {
							expect(one.x).toBeGreaterThan(-0.4);
							expect(one.y).toBeGreaterThan(-0.4);
							expect(one.x + one.width).toBeLessThan(paper.width + 0.4);
							expect(one.y + one.height).toBeLessThan(paper.height + 0.4);
							expect(one.scale).toBeLessThanOrEqual(1);
							const source = sets[index].pages.find((each) => each.page === one.page)!;
							const sizes = sets[index].pages
								.filter((each) => each.page === one.page)
								.map(({ width, height }) => (one.turn ? height / width : width / height));
							expect(sizes.some((shape) => Math.abs(one.width / one.height / shape - 1) < 1e-6)).toBe(true);
							if (sets[index].up === 1 && source.width <= 150 && source.height <= 200)
								expect(one.scale).toBe(1);
							for (const other of side.placed.slice(at + 1)) {
								const across = Math.min(one.x + one.width, other.x + other.width) - Math.max(one.x, other.x);
								const down = Math.min(one.y + one.height, other.y + other.height) - Math.max(one.y, other.y);
								expect(Math.min(across, down)).toBeLessThan(0.7);
							}
						}
			})
		);
	});
	it('A4 on letter is made smaller by what the printer reaches: 267.4 of 297 mm', () => {
		const [sheet] = sheetsOf({
			paper: LETTER,
			edge: 6,
			flip: 'long-edge',
			sets: [{ pages: [{ file: 0, page: 0, ...A4 }], layout: 'pages', up: 1, sides: 1, slip: null }]
		});
		expect(sheet.front.placed[0].scale).toBeCloseTo((279.4 - 12) / 297, 6);
		expect(sheet.back).toBeNull();
	});
	it('turned on the short edge every back is the one of the long edge, half around: pages, cards, and cuts', () => {
		const pages = Array.from({ length: 8 }, (_, page) => ({ file: 0, page, width: 100, height: 60 }));
		for (const layout of ['pages', 'cards and backs', 'cards, one back'] as const) {
			const of = (flip: 'long-edge' | 'short-edge') =>
				sheetsOf({ paper: LETTER, edge: 6, flip, sets: [{ pages, layout, up: 4, sides: 2, slip: null }] });
			const [long, short] = [of('long-edge'), of('short-edge')];
			for (const [at, { front, back }] of short.entries()) {
				expect(front).toEqual(long[at].front);
				const other = long[at].back!;
				expect(back!.placed.map(({ page, turn }) => [page, turn])).toEqual(
					other.placed.map(({ page, turn }) => [page, (turn + 180) % 360])
				);
				for (const [index, one] of back!.placed.entries()) {
					expect(one.x + one.width).toBeCloseTo(LETTER.width - other.placed[index].x, 6);
					expect(one.y + one.height).toBeCloseTo(LETTER.height - other.placed[index].y, 6);
				}
				expect(back!.cuts.length).toBe(other.cuts.length);
			}
		}
	});
	it('two half pages fill a letter sheet true to size, with one cut between them', () => {
		const [sheet] = sheetsOf({
			paper: LETTER,
			edge: 6,
			flip: 'long-edge',
			sets: [
				{
					pages: [0, 1].map((each) => ({ file: 0, page: each, width: 139.7, height: 215.9 })),
					layout: 'pages',
					up: 2,
					sides: 1,
					slip: null
				}
			]
		});
		expect(sheet.front.placed.map(({ scale, turn }) => [scale, turn])).toEqual([
			[1, 90],
			[1, 90]
		]);
		expect(sheet.front.cuts).toEqual([{ x1: 0, y1: 139.7, x2: 215.9, y2: 139.7 }]);
	});
});

describe('what printing costs', () => {
	// Worked by hand: 3 children × 12 color pages on both sides are 18 sheets and 36 sides;
	// 18 × 1.2 ¢ + 36 × 9 ¢ = 21.6 + 324 = 345.6 ¢. Cards: 8 sheets × (9 + 9 + 14) = 256 ¢.
	it('to the cent, by an example worked by hand', () => {
		const answer = printRun({
			children: 3,
			prints: [
				{
					id: 'a',
					pages: 12,
					copies: 'child',
					sides: 2,
					up: 1,
					stock: 'plain20',
					colour: true,
					laminate: false
				},
				{
					id: 'b',
					pages: 8,
					copies: 'family',
					sides: 1,
					up: 1,
					stock: 'cover65',
					colour: true,
					laminate: true
				}
			],
			home: { paper: { plain20: 1.2, cover65: 9 }, colourSide: 9, greySide: 2.5, pouch: 14 },
			shop: null,
			readyMade: null
		});
		expect(answer.home).toBe(601.6);
		expect(answer.byStock).toEqual([
			{ stock: 'plain20', sheets: 18 },
			{ stock: 'cover65', sheets: 8 }
		]);
	});
	it('a ready-printed set for 24.50 is cheaper than 18 cents a side from 137 sides on: 136 × 18 = 2448, 137 × 18 = 2466', () => {
		expect(breakEven(2450, 18)).toBe(137);
		expect(breakEven(2448, 18)).toBe(137);
		expect(breakEven(2450, 0)).toBeNull();
	});
	it('the break-even is the first count that costs more', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 100_000 }), fc.integer({ min: 1, max: 500 }), (price, side) => {
				const from = breakEven(price, side)!;
				expect(from * side).toBeGreaterThan(price);
				expect((from - 1) * side).toBeLessThanOrEqual(price);
			})
		);
	});
});

describe('pages as they are typed', () => {
	it.each([
		['12-18, 22', [12, 13, 14, 15, 16, 17, 18, 22]],
		['pp. 3 to 5 and 9', [3, 4, 5, 9]],
		['7–8;2', [7, 8, 2]],
		['4, 4, 3-4', [4, 3]]
	])('%s', (text, pages) => expect(readPages(text, 60)).toEqual(pages));
	it.each([
		['', 'Type the pages'],
		['12-9', 'runs backward'],
		['61', 'There are pages 1 to 60'],
		['0', 'There are pages 1 to 60'],
		['blue', '“blue” isn’t a page']
	])('%s is said to be wrong', (text, said) => expect(() => readPages(text, 60)).toThrow(said));
	it('what is written is read again', () => {
		fc.assert(
			fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 400 }), { minLength: 1 }), (pages) => {
				const sorted = pages.toSorted((a, b) => a - b);
				expect(readPages(pageNumbersText(sorted), 400)).toEqual(sorted);
			})
		);
	});
});

const plain: ToJudge = {
	role: 'student',
	pages: 1,
	children: 3,
	colored: null,
	again: false,
	fromBook: false,
	keepsPlace: false,
	fits: 1,
	backs: null,
	later: null,
	own: {}
};

describe('what is settled about a print', () => {
	const settled = (more: Partial<ToJudge>, habits = USUAL_PRINT_HABITS) =>
		judge({ ...plain, ...more }, habits);
	it('cards are handled: card, laminated, one set for all; student pages are each child’s own, bare', () => {
		const vocabulary = settled({ role: 'vocabulary' });
		expect([
			vocabulary.stock.value,
			vocabulary.finish.value,
			vocabulary.copies.value,
			vocabulary.cut.value
		]).toEqual(['cover65', 'pouch', 'family', 'trim']);
		const student = settled({});
		expect([student.finish.value, student.copies.value, student.color.value]).toEqual([
			'bare',
			'child',
			false
		]);
	});
	it('what is written on again goes into a sleeve; a page cut out of a bound book leaves a gray copy', () => {
		expect(settled({ again: true }).finish).toMatchObject({
			value: 'sleeve',
			why: 'written on again and again'
		});
		const original = settled({ role: 'map', fromBook: true });
		expect([original.copies.value, original.copies.why]).toEqual([
			'family',
			'the page itself is cut out, and there is one'
		]);
		const left = settled({ role: 'vocabulary', keepsPlace: true });
		expect([left.printed, left.copies, left.color, left.finish, left.cut].map((one) => one.value)).toEqual([
			true,
			'family',
			false,
			'bare',
			'none'
		]);
	});
	it('the schools: nearly all is laminated; one master; the guide on a screen or bound', () => {
		expect(settled({ role: 'poster' }).finish.value).toBe('bare');
		expect(
			settled({ role: 'poster' }, { ...USUAL_PRINT_HABITS, laminating: 'nearly all' }).finish.value
		).toBe('pouch');
		expect(settled({}, { ...USUAL_PRINT_HABITS, copying: 'from the master' }).copies.value).toBe('family');
		expect(settled({ role: 'teacher' }).printed.value).toBe(false);
		expect(settled({ role: 'planning' }).printed.value).toBe(true);
		const bound = settled({ role: 'teacher' }, { ...USUAL_PRINT_HABITS, guide: 'bound' });
		expect([bound.printed.value, bound.binding.value]).toEqual([true, 'coil']);
	});
	it('what comes again for a younger child is laminated, and says so', () => {
		expect(settled({ role: 'poster', later: 'Tamsin, about 2031' }).finish).toMatchObject({
			value: 'pouch',
			why: 'comes again: Tamsin, about 2031'
		});
	});
	it('every choice of every role has a reason, and the parent’s own goes first', () => {
		for (const role of ROLES) {
			const judged = settled({ role });
			for (const choice of CHOICES) expect(judged[choice].why, `${role} ${choice}`).not.toBe('');
			const own = settled({ role, own: { copies: 7, stock: 'plain32', finish: 'protector' } });
			expect([own.copies.value, own.stock.value, own.finish.value]).toEqual([7, 'plain32', 'protector']);
			expect(own.finish.isOwn).toBe(true);
		}
	});
});

describe('what pages seem to be', () => {
	const read = (text: string, more = {}) => ({ page: 1, text, frames: [], width: 216, height: 279, ...more });
	const lessons = [
		{ id: 'a', number: 1, title: 'A map of the table' },
		{ id: 'd', number: 4, title: 'Scale' }
	];
	it.each([
		['Lesson 4\nVocabulary Cards', 'vocabulary'],
		['Lesson 4: Three-part cards', 'three-part'],
		['Cut out the animals along the lines.', 'cut-outs'],
		['Copy one per student\nJoin the dots', 'student'],
		['ANSWER KEY\nLesson 4: 12 cm', 'answers'],
		['My Nature Journal', 'journal'],
		['Lesson 1\nA map of the table\nTeacher notes\nSet four things out.', 'teacher'],
		['Contents\n1 A map of the table', 'skip'],
		['Weekly Planner', 'planning'],
		['Board game: to the treasure', 'game'],
		['Mini-book: the needle', 'mini-book'],
		['Blank map of the world', 'map']
	])('%s', (text, role) => expect(suggestRoles([read(text)], lessons)[0]?.role).toBe(role));
	it('a lesson named by a heading holds for the pages after it, with the reason', () => {
		const found = suggestRoles(
			[read('Lesson 4\nTeacher notes'), read('Student page', { page: 2 }), read('Vocabulary', { page: 3 })],
			lessons
		);
		expect(found.map((one) => [one.page, one.lesson, one.lessonWhy])).toEqual([
			[1, 'd', 'named on it'],
			[2, 'd', 'follows page 1'],
			[3, 'd', 'follows page 1']
		]);
	});
	it('four equal frames are cards, a page larger than the others is a poster, an empty one is nothing', () => {
		const frame = (x: number, y: number) => ({ x, y, width: 0.42, height: 0.42 });
		const four = [frame(0.05, 0.05), frame(0.53, 0.05), frame(0.05, 0.53), frame(0.53, 0.53)];
		expect(gridOfFrames([...four, ...four])).toMatchObject({ count: 4, rows: 2, columns: 2 });
		expect(suggestRoles([read('', { frames: four })], lessons)[0]).toMatchObject({
			role: 'vocabulary',
			why: '4 equal frames on the page'
		});
		const pages = [1, 2, 3, 4].map((page) => read('', { page, height: page === 3 ? 560 : 279 }));
		expect(suggestRoles(pages, lessons).map((one) => [one.page, one.role])).toEqual([[3, 'poster']]);
	});
});

describe('runs', () => {
	it('swap paper once for each stock but the first, whatever the prints', () => {
		const print = fc.record({
			id: fc.nat(),
			stock: fc.constantFrom('plain20' as const, 'cover65' as const, 'plain28' as const),
			sides: fc.constantFrom(1 as const, 2 as const),
			color: fc.boolean(),
			by: fc.constant(null)
		});
		fc.assert(
			fc.property(fc.array(print), (prints) => {
				const runs = groupRuns(prints);
				expect(runs.flatMap((run) => run.prints).length).toBe(prints.length);
				for (const run of runs)
					for (const one of run.prints)
						expect([one.stock, one.sides, one.color]).toEqual([run.stock, run.sides, run.color]);
				expect(paperSwaps(runs)).toBe(Math.max(0, new Set(prints.map((one) => one.stock)).size - 1));
			})
		);
	});
});

describe('finishing', () => {
	const cardsOfFour: ToFinish = {
		sheets: 6,
		copies: 1,
		stock: 'cover65',
		finish: 'pouch',
		cut: 'trim',
		binding: 'none',
		rows: 2,
		columns: 2,
		outerOnly: false,
		paper: 'letter'
	};
	// By hand: laminated first, 6 pouches and 6 × 2 cuts, each sheet by itself. Cut first, two stacks of 3 sheets of
	// card take 2 × 2 cuts; a card of 108 × 140 mm with 3 mm of film all around lies 2 × 2 in a pouch of 229 × 292 mm:
	// 2 × (108 + 3) + 3 = 225, 2 × (139.7 + 3) + 3 = 288.4. So 6 pouches again, and 3 cuts for each.
	const SECONDS = { laminate: 45, cut: 8, 'cut by hand': 40, staple: 15, bind: 360, bag: 60 };
	it('both orders, worked by hand', () => {
		expect(finishing(cardsOfFour, 'laminate first', SECONDS)).toMatchObject({ pouches: 6, cuts: 12 });
		expect(finishing(cardsOfFour, 'cut first', SECONDS)).toMatchObject({ pouches: 6, cuts: 22 });
	});
	it('minutes by the rates: 6 pouches × 45 s = 4.5, 12 cuts × 8 s = 96 s → 2, a bag 1', () => {
		const { jobs, minutes } = finishing(cardsOfFour, 'laminate first', SECONDS);
		expect(jobs.map((one) => [one.kind, one.minutes])).toEqual([
			['laminate', 4.5],
			['cut', 2],
			['bag', 1]
		]);
		expect(minutes).toBe(7.5);
	});
	it('takes as long as this household takes', () => {
		const slow = { ...SECONDS, laminate: 90 };
		expect(finishing(cardsOfFour, 'laminate first', slow).minutes).toBe(12);
	});
	it('of a mini-book only the outer leaf is laminated', () => {
		expect(
			finishing(
				{ ...cardsOfFour, sheets: 9, copies: 3, outerOnly: true, cut: 'none' },
				'laminate first',
				SECONDS
			).pouches
		).toBe(3);
	});
});
