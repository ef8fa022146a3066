import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	afterJam,
	beginsWithLast,
	booklet,
	sheetsOf,
	SimulatedPrinter,
	waysAfterTest,
	withBack,
	BLANK,
	type Paper,
	type PrinterWays,
	type PrintSet,
	type SheetPlan,
	type Side
} from './index.ts';

const LETTER: Paper = { width: 215.9, height: 279.4 };
const ALL: PrinterWays[] = (['itself', 'by hand'] as const).flatMap((duplex) =>
	(['face down', 'face up'] as const).flatMap((delivers) =>
		(['long-edge', 'short-edge'] as const).flatMap((flip) =>
			[true, false].map((reversed) => ({ duplex, delivers, flip, reversed }))
		)
	)
);
const named = ALL.map(
	(ways) => [`${ways.duplex}, ${ways.delivers}, ${ways.flip}, reversed ${ways.reversed}`, ways] as const
);

/** The sides of a pass in the order of its file. */
const file = (sheets: readonly SheetPlan[], ways: PrinterWays, pass: 'both' | 'front' | 'back') => {
	const isTwoSided = sheets.some((one) => one.back !== null);
	const inOrder = beginsWithLast(ways, pass, isTwoSided) ? sheets.toReversed() : sheets;
	return inOrder.flatMap((one) =>
		pass === 'front'
			? [one.front]
			: pass === 'back'
				? [one.back ?? BLANK]
				: isTwoSided
					? [one.front, one.back ?? BLANK]
					: [one.front]
	);
};

type Seen = { readonly front: Side | null; readonly back: Side | null };

/** A side half around the middle of its sheet, in words of its own: what is wanted is not taken from the code that is tested. */
const around = (side: Side): Side => ({
	...side,
	placed: side.placed.map((one) => ({
		...one,
		x: LETTER.width - one.x - one.width,
		y: LETTER.height - one.y - one.height,
		turn: ((one.turn + 180) % 360) as 0
	})),
	text: side.text.map((one) => ({
		...one,
		x: LETTER.width - one.x,
		y: LETTER.height - one.y,
		isTurned: !one.isTurned
	}))
});

/** What a printer with `real` ways makes of sheets whose files were made for `set` ways, as one leafs through it. */
function comesOut(sheets: readonly SheetPlan[], set: PrinterWays, real: PrinterWays): Seen[] {
	const printer = new SimulatedPrinter(real);
	const isTwoSided = sheets.some((one) => one.back !== null);
	if (!isTwoSided || real.duplex === 'itself') {
		const sides = file(sheets, set, 'both');
		printer.print(sides.length, isTwoSided);
		return printer.pile().map(({ front, back }) => ({
			front: front && sides[front.page],
			back: back && (back.isTurned ? around(sides[back.page]) : sides[back.page])
		}));
	}
	const [fronts, backs] = [file(sheets, set, 'front'), file(sheets, set, 'back')];
	printer.print(fronts.length, false);
	printer.putBack();
	printer.printBacks(backs.length);
	return printer.pile().map(({ front, back }) => ({
		front: front && fronts[front.page],
		back: back && (back.isTurned ? around(backs[back.page]) : backs[back.page])
	}));
}

const round = (value: number) => Math.round(value * 100) / 100 || 0;
const seenOn = (side: Side | null) =>
	side && {
		placed: side.placed.map(({ page, x, y, width, height, turn }) => ({
			page,
			x: round(x),
			y: round(y),
			width: round(width),
			height: round(height),
			turn
		})),
		text: side.text.map(({ text, x, y, isTurned = false }) => ({ text, x: round(x), y: round(y), isTurned }))
	};

/** The pile as it should be: every sheet in order, its back upright behind it. */
function wanted(sets: readonly PrintSet[]): Seen[] {
	const sheets = sheetsOf({ paper: LETTER, edge: 6, flip: 'long-edge', sets });
	const isTwoSided = sheets.some((one) => one.back !== null);
	return sheets.map(({ front, back }) => ({ front, back: isTwoSided ? (back ?? BLANK) : null }));
}

const pages = (count: number, from = 0, width = LETTER.width, height = LETTER.height) =>
	Array.from({ length: count }, (_, index) => ({ file: 0, page: from + index, width, height }));
const set = (more: Partial<PrintSet>): PrintSet => ({
	pages: pages(1),
	layout: 'pages',
	up: 1,
	sides: 1,
	slip: null,
	...more
});

const RUNS: readonly (readonly [string, readonly PrintSet[]])[] = [
	['single pages', [set({ pages: pages(5) })]],
	['two-sided pages', [set({ pages: pages(5), sides: 2 }), set({ pages: pages(2, 5), sides: 2 })]],
	['lying pages', [set({ pages: pages(4, 0, 279.4, 215.9), sides: 2 })]],
	[
		'cards with backs, four to a side',
		[set({ pages: pages(14), layout: 'cards and backs', up: 4, sides: 2 })]
	],
	['cards with one back', [set({ pages: pages(7), layout: 'cards, one back', up: 4, sides: 2 })]],
	[
		'slips between',
		[
			set({ pages: pages(3), sides: 2, slip: ['Ada', 'first'] }),
			set({ pages: pages(3, 3), sides: 2, slip: ['Bo'] })
		]
	]
];

describe('a pile that comes out of the printer', () => {
	describe.each(named)('%s', (_, ways) => {
		it.each(RUNS)('%s', (_, sets) => {
			const sheets = sheetsOf({ paper: LETTER, edge: 6, flip: ways.flip, sets });
			const pile = comesOut(sheets, ways, ways);
			const right = wanted(sets);
			expect(pile.map(({ front }) => seenOn(front))).toEqual(right.map(({ front }) => seenOn(front)));
			expect(pile.map(({ back }) => seenOn(back))).toEqual(right.map(({ back }) => seenOn(back)));
		});

		it('a booklet of eight reads on when it is folded', () => {
			const half = { width: LETTER.width, height: LETTER.height / 2 };
			const lay = ([left, right]: readonly (number | null)[], turn: 90 | 270): Side => ({
				placed: [left, right].flatMap((page, index) =>
					page === null
						? []
						: [
								{
									file: 0,
									page,
									x: 0,
									y: (turn === 90 ? index : 1 - index) * half.height,
									...half,
									turn,
									scale: 0.6
								}
							]
				),
				cuts: [],
				text: []
			});
			// The sheet lies: its upper edge is the right one of the upright sheet, and that of its back the left one.
			const sheets = booklet(8).sheets.map(({ front, back }) =>
				withBack(
					{ front: lay(front[0], 90), back: lay(back![0], 270), set: 0, copies: [0], isSlip: false },
					LETTER,
					ways.flip
				)
			);
			const pile = comesOut(sheets, ways, ways);
			// Read as a reader of the folded booklet does: along the lying sheet, front from left to right.
			const read = pile.map(({ front, back }) => ({
				front: front!.placed.toSorted((a, b) => a.y - b.y).map((one) => one.page),
				back: back!.placed.toSorted((a, b) => b.y - a.y).map((one) => one.page),
				turns: [front!.placed[0].turn, back!.placed[0].turn]
			}));
			expect(read).toEqual([
				{ front: [8, 1], back: [2, 7], turns: [90, 270] },
				{ front: [6, 3], back: [4, 5], turns: [90, 270] }
			]);
		});

		it('is right after the test print, whatever was set before', () => {
			for (const before of ALL.filter((one) => one.duplex === ways.duplex)) {
				const test = [0, 1].map((index): SheetPlan =>
					withBack(
						{
							front: { ...BLANK, text: [{ text: `front ${index}`, x: 20, y: 20, points: 20, bold: true }] },
							back: { ...BLANK, text: [{ text: `back ${index}`, x: 20, y: 20, points: 20, bold: true }] },
							set: 0,
							copies: [0],
							isSlip: false
						},
						LETTER,
						before.flip
					)
				);
				// By hand one sees after the first pass which side of the pile is printed.
				const told = ways.duplex === 'by hand' ? { ...before, delivers: ways.delivers } : before;
				const pile = comesOut(test, told, ways);
				const first = pile.find(({ front }) => front!.text[0].text === 'front 0')!;
				const after = waysAfterTest(told, {
					isRight:
						ways.duplex === 'by hand'
							? first.back!.text[0].text === 'back 0'
							: pile[0].front!.text[0].text === 'front 0',
					isUpright: !first.back!.text[0].isTurned
				});
				const sets = [set({ pages: pages(6), sides: 2 })];
				const sheets = sheetsOf({ paper: LETTER, edge: 6, flip: after.flip, sets });
				expect(comesOut(sheets, after, ways).map(({ back }) => seenOn(back))).toEqual(
					wanted(sets).map(({ back }) => seenOn(back))
				);
			}
		});
	});

	it('is whole after a jam at any sheet of the backs, by what is said to be printed again', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...ALL.filter((one) => one.duplex === 'by hand')),
				fc
					.integer({ min: 1, max: 7 })
					.chain((count) => fc.tuple(fc.constant(count), fc.integer({ min: 1, max: count }))),
				(ways, [count, jam]) => {
					const lastFirst = (pass: 'front' | 'back') => beginsWithLast(ways, pass, true);
					// Sheets by number, in the order in which each pass has them.
					const order = (pass: 'front' | 'back') =>
						Array.from({ length: count }, (_, index) => (lastFirst(pass) ? count - index : index + 1));
					const [fronts, backs] = [order('front'), order('back')];
					const printer = new SimulatedPrinter(ways);
					printer.print(count, false);
					printer.putBack();
					printer.printBacks(count, 0, jam);
					const again = afterJam(backs, 'back', jam);
					expect(printer.left()).toBe(count - again.from);
					printer.layOnTray({
						front: { page: fronts.indexOf(again.frontOf!), isTurned: false },
						back: null
					});
					printer.printBacks(count - again.from + 1, again.from - 1);
					expect(printer.pile().map(({ front, back }) => [fronts[front!.page], backs[back!.page]])).toEqual(
						Array.from({ length: count }, (_, index) => [index + 1, index + 1])
					);
				}
			)
		);
	});

	it('is whole after a jam in the first pass, or on both sides', () => {
		for (const ways of ALL)
			for (const jam of [1, 2, 3, 4]) {
				const isTwoSided = ways.duplex === 'itself';
				const printer = new SimulatedPrinter(ways);
				const whole = new SimulatedPrinter(ways);
				whole.print(isTwoSided ? 8 : 4, isTwoSided);
				printer.print(isTwoSided ? 8 : 4, isTwoSided, jam);
				const { from } = afterJam([1, 2, 3, 4], isTwoSided ? 'both' : 'front', jam);
				printer.print((isTwoSided ? 2 : 1) * (5 - from), isTwoSided);
				expect(printer.pile()).toHaveLength(whole.pile().length);
				// What goes on begins with its own first page again.
				const pageOf = (index: number) => printer.pile()[index].front!.page;
				const ends = ways.delivers === 'face down' ? pageOf(3) : pageOf(0);
				expect(ends).toBe((isTwoSided ? 2 : 1) * (4 - from));
			}
	});
});
