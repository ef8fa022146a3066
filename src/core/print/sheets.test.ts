import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	findBacks,
	fitting,
	judge,
	sheetCount,
	sheetsOf,
	suggestRoles,
	USUAL_PRINT_HABITS,
	type PrintSet,
	type ReadPage,
	type ToJudge
} from './index.ts';

const LETTER = { width: 215.9, height: 279.4 };
const HALF = { width: 139.7, height: 215.9 };
const A5 = { width: 148, height: 210 };
const CARD = { width: 63.5, height: 88.9 };
const pages = (count: number, size = LETTER) =>
	Array.from({ length: count }, (_, page) => ({ file: 0, page, ...size }));
const sheets = (set: Omit<PrintSet, 'slip'>) =>
	sheetsOf({ paper: LETTER, edge: 6, flip: 'long-edge', sets: [{ ...set, slip: null }] });
const usual: ToJudge = {
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
/** A print as it is laid out by what is settled about it. */
const laidOut = (more: Partial<ToJudge>, size: { width: number; height: number }, copies: number) => {
	const judged = judge({ ...usual, fits: fitting(size, LETTER), ...more }, USUAL_PRINT_HABITS);
	return {
		pages: pages(more.pages ?? 1, size),
		layout: judged.layout.value,
		up: judged.up.value,
		sides: judged.sides.value,
		copies,
		isCut: judged.cut.value === 'trim' && judged.up.value > 1
	};
};

describe('copies share sheets', () => {
	it('a half page for three children takes two', () => {
		expect(sheets(laidOut({}, HALF, 3)).map((one) => one.copies)).toEqual([[0, 1], [2]]);
	});
	it('twelve small cards with backs take two, each back behind its front, all within the printer’s reach', () => {
		const made = sheets(laidOut({ role: 'vocabulary', pages: 24, backs: 'each' }, CARD, 1));
		expect(made).toHaveLength(2);
		for (const { front, back } of made)
			for (const one of front.placed) {
				expect(one.scale).toBe(1);
				expect(Math.min(one.x, one.y)).toBeGreaterThanOrEqual(6);
				const behind = back!.placed.find((other) => other.page === one.page + 1)!;
				expect(behind.x).toBeCloseTo(LETTER.width - one.x - one.width, 6);
				expect(behind.y).toBeCloseTo(one.y, 6);
			}
	});
	it('a lone A5 page on letter lies there true to size', () => {
		const [{ front }] = sheets(laidOut({}, A5, 1));
		expect(front.placed[0]).toMatchObject({ scale: 1, width: 148, height: 210 });
	});

	/** The least sheets of pieces in cells by trying every way of filling sheet after sheet. */
	const least = (pieces: number, cells: number): number =>
		pieces <= 0
			? 0
			: 1 +
				Math.min(
					...Array.from({ length: Math.min(cells, pieces) }, (_, index) => least(pieces - index - 1, cells))
				);

	it('as few as trying everything finds, and never more than each copy by itself (a property)', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(
					'pages' as const,
					'cards' as const,
					'cards and backs' as const,
					'cards, one back' as const
				),
				fc.integer({ min: 1, max: 6 }),
				fc.constantFrom(2, 3, 4, 6),
				fc.constantFrom(1 as const, 2 as const),
				fc.integer({ min: 1, max: 4 }),
				(layout, count, up, sides, copies) => {
					const set = { pages: pages(count), layout, up, sides, copies, isCut: true };
					const ofOne = {
						pages: count,
						cards: count,
						'cards and backs': Math.ceil(count / 2),
						'cards, one back': Math.max(1, count - 1)
					}[layout];
					const pieces = (layout === 'pages' && sides === 2 ? Math.ceil(count / 2) : ofOne) * copies;
					expect(sheetCount(set)).toBe(least(pieces, up));
					expect(sheetCount(set)).toBeLessThanOrEqual(copies * sheetCount({ ...set, copies: 1 }));
				}
			)
		);
	});
	it('what stays whole begins on a sheet of its own for each copy', () => {
		expect(sheetCount({ pages: pages(3), layout: 'pages', up: 2, sides: 2, copies: 3, isCut: false })).toBe(
			3
		);
	});
});

describe('ink that the printer does not reach', () => {
	const ink = { left: 0.2, top: 0.01, right: 0.2, bottom: 0.2 };
	const page = { file: 0, page: 0, ...LETTER, ink };
	const placed = (more: object, size = {}) =>
		sheets({ pages: [{ ...page, ...size, ...more }], layout: 'pages', up: 1, sides: 1 })[0].front.placed[0];
	it('is said, and lies inside once the page is fitted there', () => {
		expect(placed({}).isCutOff).toBe(true);
		const inside = placed({ isInside: true });
		expect(inside.isCutOff).toBeUndefined();
		expect([inside.x, inside.y].every((one) => one >= 6)).toBe(true);
		expect(inside.scale).toBeLessThan(1);
	});
	it('is followed when the page is turned to lie on the sheet', () => {
		// Its upper edge comes to lie at the right one of the sheet, 2.2 mm from it.
		expect(placed({}, { width: LETTER.height, height: LETTER.width }).isCutOff).toBe(true);
		expect(
			placed({ ink: { ...ink, top: 0.1 } }, { width: LETTER.height, height: LETTER.width }).isCutOff
		).toBeUndefined();
	});
	it('of a white page there is none', () => {
		expect(placed({ ink: { left: 1, top: 1, right: 1, bottom: 1 } }).isCutOff).toBeUndefined();
	});
});

describe('fronts and backs in a guide', () => {
	const frames = [0, 1, 2, 3].map((at) => ({
		x: 0.06 + (at % 2) * 0.45,
		y: 0.08 + (at >> 1) * 0.44,
		width: 0.42,
		height: 0.42
	}));
	const read = (page: number, text: string, cards = true): ReadPage => ({
		page,
		text,
		frames: cards ? frames : [],
		width: 216,
		height: 279
	});
	it.each([
		['Bird cards, backs', 'each'],
		['Card backs', 'each'],
		['Back of page 12', 'each'],
		['(backs)', 'each'],
		['More bird cards', null],
		['Go back to page 3', null]
	])('“%s”: %s', (text, found) => {
		expect(findBacks([read(12, 'Bird picture cards'), read(13, text)], [12, 13])).toBe(found);
	});
	it('by what the guide says of its pages', () => {
		const guide = [
			read(1, 'Print pages 12 and 13 back to back on card stock.', false),
			read(12, 'Bird picture cards'),
			read(13, 'a bird')
		];
		expect(findBacks(guide, [12, 13])).toBe('each');
	});
	it('a last page is the back of all', () => {
		const deck = [read(1, 'Fact cards'), read(2, 'Fact cards'), read(3, 'Card back')];
		expect(findBacks(deck, [1, 2, 3])).toBe('last');
	});
	it('go together as one suggestion, printed on one sheet that takes one pouch', () => {
		const roles = suggestRoles([read(12, 'Bird picture cards'), read(13, 'Bird cards, backs')], []);
		expect(roles.map((one) => one.role)).toEqual(['vocabulary', 'vocabulary']);
		expect(sheetCount(laidOut({ role: 'vocabulary', pages: 2, backs: 'each' }, LETTER, 1))).toBe(1);
	});
	it('small pages are cards, and what fits on a sheet is no poster', () => {
		const small = Array.from({ length: 6 }, (_, index) => ({
			...read(index + 1, 'root', false),
			width: 63,
			height: 89
		}));
		const roles = suggestRoles([...small, { ...read(7, 'A root', false) }], []);
		expect(roles.filter((one) => one.role === 'vocabulary').map((one) => one.page)).toEqual([
			1, 2, 3, 4, 5, 6
		]);
		expect(roles.some((one) => one.role === 'poster')).toBe(false);
	});
});
