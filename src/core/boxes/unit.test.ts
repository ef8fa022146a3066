import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	above,
	backToFront,
	FILLABLE,
	HEAVY_KG,
	onPaper,
	openingStanding,
	pack,
	packUnit,
	sidesOf,
	SLANT,
	standOnShelf,
	USUAL_BOXES,
	WALL,
	goesIn,
	whichBox,
	type BoxKind,
	type ItemKind,
	type Soft
} from './index.ts';

const tote: BoxKind = { box: 'tote', length: 400, width: 300, height: 250, maxKg: 12, count: 2 };
const thing = (
	item: string,
	length: number,
	width: number,
	height: number,
	more: Partial<ItemKind> = {}
) => ({
	item,
	length,
	width,
	height,
	kg: 0.5,
	keepUpright: false,
	count: 1,
	...more
});
const things = fc
	.array(
		fc.record({
			length: fc.integer({ min: 20, max: 380 }),
			width: fc.integer({ min: 20, max: 280 }),
			height: fc.integer({ min: 5, max: 120 }),
			kg: fc.integer({ min: 0, max: 20 }).map((tenths) => tenths / 10),
			late: fc.integer({ min: 0, max: 1 }),
			count: fc.integer({ min: 1, max: 3 })
		}),
		{ maxLength: 6 }
	)
	.map((all) => all.map((one, at): ItemKind => ({ ...one, item: `i${at}`, keepUpright: false })));
const softThings = fc
	.array(
		fc.record({
			liters: fc.integer({ min: 1, max: 150 }).map((tenths) => tenths / 10),
			kg: fc.integer({ min: 0, max: 30 }).map((tenths) => tenths / 10)
		}),
		{ maxLength: 6 }
	)
	.map((all) => all.map((one, at): Soft => ({ ...one, item: `s${at}` })));

describe('a unit with soft things', () => {
	it('no soft thing is lost or doubled, none goes where there is no gap or where it is too heavy', () => {
		fc.assert(
			fc.property(things, softThings, (items, soft) => {
				const packing = packUnit({ boxes: [tote], items, soft }, undefined, 100_000);
				const placed = packing.soft.map((one) => one.item);
				expect([...placed, ...packing.softLeft].sort()).toEqual(soft.map((one) => one.item).sort());
				const liters = (tote.length * tote.width * tote.height) / 1e6;
				for (const box of packing.used) {
					const own = packing.soft
						.filter((one) => one.box === box.box && one.copy === box.copy)
						.map((one) => soft.find((other) => other.item === one.item)!);
					const room = box.items.length ? liters * (1 - box.fill) * FILLABLE : liters;
					expect(own.reduce((sum, one) => sum + one.liters, 0)).toBeLessThanOrEqual(room + 1e-6);
					const stiff = box.items.reduce(
						(sum, one) => sum + items.find((other) => other.item === one.item)!.kg,
						0
					);
					const kg = stiff + own.reduce((sum, one) => sum + one.kg, 0);
					expect(box.kg).toBeCloseTo(kg, 6);
					expect(kg).toBeLessThanOrEqual(tote.maxKg + 1e-6);
				}
				// What is left over would go into no box that nobody used.
				if (packing.used.length < tote.count)
					for (const item of packing.softLeft) {
						const one = soft.find((other) => other.item === item)!;
						expect(one.liters > liters || one.kg > tote.maxKg).toBe(true);
					}
			}),
			{ numRuns: 60 }
		);
	});
	it('says truly whether what is needed first lies on top', () => {
		fc.assert(
			fc.property(things, (items) => {
				const packing = packUnit({ boxes: [tote], items, soft: [] }, undefined, 100_000);
				const late = (item: string) => items.find((one) => one.item === item)!.late!;
				const isBuried = packing.used.some((box) =>
					box.items.some((below) =>
						box.items.some((over) => {
							const isOver =
								over.x < below.x + below.length &&
								below.x < over.x + over.length &&
								over.y < below.y + below.width &&
								below.y < over.y + over.width &&
								over.z >= below.z + below.height - 1e-6;
							return isOver && late(over.item) < late(below.item);
						})
					)
				);
				if (packing.isFirstOnTop) expect(isBuried).toBe(false);
			}),
			{ numRuns: 60 }
		);
	});
	it('two atlases and a reader: the reader of the first lesson comes to lie on top', () => {
		const items = [
			thing('reader', 230, 160, 20, { late: 1 }),
			thing('atlas', 400, 300, 20),
			thing('map book', 400, 300, 20)
		];
		const packing = packUnit({ boxes: [tote], items, soft: [] });
		expect(packing.isFirstOnTop).toBe(true);
		expect(packing.used[0].items.at(-1)).toMatchObject({ item: 'reader', z: 40 });
	});
});

describe('which box to get', () => {
	it('the advice takes all of it, in as many boxes as it says, none over what is light', () => {
		fc.assert(
			fc.property(things, softThings, (items, soft) => {
				for (const answer of whichBox({ items, soft })) {
					const light = Math.max(HEAVY_KG, ...items.map((one) => one.kg), ...soft.map((one) => one.kg));
					expect(answer.heaviestKg).toBeLessThanOrEqual(light + 1e-6);
					const size = USUAL_BOXES.find((one) => one.name === answer.name)!;
					const room = (size.length * size.width * size.height * answer.count) / 1e9;
					// What is too large for it is named, and judges nothing else.
					const inside = items.filter((one) => !answer.left.includes(one.item));
					for (const one of items) expect(answer.left.includes(one.item)).toBe(!goesIn(one, size));
					const volume = inside.reduce(
						(sum, one) => sum + (one.length * one.width * one.height * one.count) / 1e9,
						0
					);
					expect(volume).toBeLessThanOrEqual(room + 1e-9);
				}
			}),
			{ numRuns: 8 }
		);
	});
	it('an atlas of 30 × 24 cm goes into the smallest that is long enough; 27 cm of thickness into none so low', () => {
		const [first, ...others] = whichBox({ items: [thing('atlas', 300, 240, 20)], soft: [] });
		expect(first).toMatchObject({ name: 'small box', count: 1 });
		expect(others.find((one) => one.name === 'shoebox')).toMatchObject({ count: 0, left: ['atlas'] });
		const globe = whichBox({ items: [thing('globe', 270, 270, 270)], soft: [] });
		expect(globe[0].name).toBe('large tub');
		expect(globe.filter((one) => one.left.length === 0)).toHaveLength(1);
		// One thing that is too large is named; the size still says how many hold the others, however many those are.
		const many = whichBox({
			items: [thing('pole', 1800, 40, 40), { ...thing('game', 290, 170, 100), count: 12 }],
			soft: []
		}).find((one) => one.name === 'shoebox')!;
		expect(many).toMatchObject({ count: 12, left: ['pole'] });
	});
});

describe('a box on its shelf', () => {
	const shelf = { depth: 400, width: 900, height: 300 };
	const inner = { length: 380, width: 280, height: 250 };
	it('stands right of what is there, its short side to the front where the shelf is deep enough', () => {
		expect(standOnShelf(shelf, [{ name: 'books', along: 250, high: 240 }], inner)).toEqual({
			x: 250,
			along: 280 + 2 * WALL,
			deep: 400,
			high: 260,
			isTurned: true,
			freeAlong: 350
		});
		expect(standOnShelf({ ...shelf, depth: 320 }, [], inner)).toMatchObject({ along: 400, isTurned: false });
	});
	it('does not fit where it is too high, too deep, or no room is left', () => {
		expect(standOnShelf({ ...shelf, height: 259 }, [], inner)).toBeNull();
		expect(standOnShelf({ ...shelf, height: null }, [], inner)).not.toBeNull();
		expect(standOnShelf({ ...shelf, depth: 299 }, [], inner)).toBeNull();
		expect(standOnShelf(shelf, [{ name: 'boxes', along: 601, high: 200 }], inner)).toBeNull();
		expect(standOnShelf(shelf, [{ name: 'boxes', along: 600, high: 200 }], inner)).not.toBeNull();
	});
});

describe('the drawing of a box', () => {
	const { used } = pack({
		boxes: [tote],
		items: [thing('a', 400, 150, 60), thing('b', 200, 150, 90, { count: 3 }), thing('c', 100, 80, 50)]
	});
	const distance = (a: readonly [number, number], b: readonly [number, number]) =>
		Math.hypot(a[0] - b[0], a[1] - b[1]);
	it('lengths and heights are as long on paper as they are, depths shortened alike', () => {
		for (const one of used[0].items) {
			const [front, top] = sidesOf(one).map((side) => side.map((corner) => onPaper(tote, corner)));
			expect(distance(front[0], front[1])).toBeCloseTo(one.length, 6);
			expect(distance(front[1], front[2])).toBeCloseTo(one.height, 6);
			expect(distance(top[1], top[2])).toBeCloseTo(one.width * SLANT * Math.SQRT2, 6);
		}
	});
	it('nothing is drawn outside the box’s own drawing', () => {
		const [right, bottom] = [tote.length + tote.width * SLANT, tote.height + tote.width * SLANT];
		for (const one of used[0].items)
			for (const corner of sidesOf(one).flat()) {
				const [x, y] = onPaper(tote, corner);
				expect(x).toBeGreaterThanOrEqual(-1e-6);
				expect(x).toBeLessThanOrEqual(right + 1e-6);
				expect(y).toBeGreaterThanOrEqual(-1e-6);
				expect(y).toBeLessThanOrEqual(bottom + 1e-6);
			}
	});
	it('what lies behind, below or to the left is drawn first', () => {
		const order = backToFront(used[0].items);
		expect(order).toHaveLength(used[0].items.length);
		for (const [at, { item: a }] of order.entries())
			for (const { item: b } of order.slice(at + 1)) {
				const hides = b.y >= a.y + a.width && b.x + b.length > a.x && b.x < a.x + a.length;
				expect(hides && b.z === a.z).toBe(false);
			}
	});
	it('what lies on a thing is lifted out from the top', () => {
		const pile = ['atlas', 'book', 'cards'].map((item, at) => ({
			item,
			x: at * 10,
			y: 0,
			z: at * 20,
			length: 200,
			width: 100,
			height: 20
		}));
		const beside = { item: 'globe', x: 300, y: 0, z: 0, length: 90, width: 90, height: 200 };
		expect(above([...pile, beside], pile[0]).map((one) => one.item)).toEqual(['cards', 'book']);
		expect(above([...pile, beside], beside)).toEqual([]);
	});
});

it('an opening box says what it has nothing of, what is on the way, how full it is and what it cost', () => {
	expect(
		openingStanding(
			[
				{ kind: 'game', liters: 2, cents: 1200, isInside: true },
				{ kind: 'fiction', liters: null, cents: 899, isInside: true },
				{ kind: 'food', liters: 1, cents: 300, isInside: false }
			],
			['fiction', 'game', 'film', 'food'],
			26
		)
	).toEqual({ lacks: ['film'], coming: ['food'], liters: 2.6, fill: 0.1, cents: 2099 });
	expect(openingStanding([], ['film'], null)).toMatchObject({ lacks: ['film'], fill: null, cents: 0 });
});
