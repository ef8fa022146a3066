import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	hangPosters,
	inDangerAt,
	layWall,
	onDaysWithout,
	timesFrom,
	type Board,
	type Poster,
	type ShelfChild,
	type Spot,
	type Tray
} from './index.ts';

const wall = fc.record({
	width: fc.integer({ min: 200, max: 1600 }),
	height: fc.integer({ min: 200, max: 1200 }),
	cardWidth: fc.integer({ min: 60, max: 250 }),
	cardHeight: fc.integer({ min: 60, max: 250 }),
	gap: fc.integer({ min: 0, max: 25 })
});
/** A board in whole centimeters, and small, so that every place on it can be tried. */
const small = fc.record({
	width: fc.integer({ min: 20, max: 60 }).map((cm) => cm * 10),
	height: fc.integer({ min: 20, max: 45 }).map((cm) => cm * 10),
	cardWidth: fc.integer({ min: 6, max: 25 }).map((cm) => cm * 10),
	cardHeight: fc.integer({ min: 6, max: 25 }).map((cm) => cm * 10),
	gap: fc.constantFrom(0, 10, 20)
});
const posters = (most: number) =>
	fc
		.array(
			fc.record({ width: fc.integer({ min: 50, max: 900 }), height: fc.integer({ min: 50, max: 900 }) }),
			{ maxLength: most }
		)
		.map((all) => all.map((one, at): Poster => ({ ...one, id: `p${at}` })));

/** How far two rectangles are from each other along the axis on which they are farther apart; below 0: they overlap. */
const apart = (a: Spot, b: Spot) =>
	Math.max(
		Math.max(a.x, b.x) - Math.min(a.x + a.width, b.x + b.width),
		Math.max(a.y, b.y) - Math.min(a.y + a.height, b.y + b.height)
	);

describe('posters on a board', () => {
	it('hang inside, a gap apart from each other and from every card, and together take no more than its area', () => {
		fc.assert(
			fc.property(wall, posters(6), (board, all) => {
				const { hung, left } = hangPosters(board, all);
				expect([...hung.map((one) => one.id), ...left].toSorted()).toEqual(
					all.map((one) => one.id).toSorted()
				);
				const { places, room } = layWall(board, hung);
				const cards = places.map((one) => ({ ...one, width: board.cardWidth, height: board.cardHeight }));
				for (const [at, one] of hung.entries()) {
					expect(one.x).toBeGreaterThanOrEqual(-1e-6);
					expect(one.y).toBeGreaterThanOrEqual(-1e-6);
					expect(one.x + one.width).toBeLessThanOrEqual(board.width + 1e-6);
					expect(one.y + one.height).toBeLessThanOrEqual(board.height + 1e-6);
					for (const other of [...hung.slice(at + 1), ...cards])
						expect(apart(one, other)).toBeGreaterThanOrEqual(board.gap - 1e-6);
				}
				const area = hung.reduce((sum, one) => sum + one.width * one.height, 0);
				expect(area + room * board.cardWidth * board.cardHeight).toBeLessThanOrEqual(
					board.width * board.height + 1e-6
				);
			}),
			{ numRuns: 150 }
		);
	});
	it('one poster alone costs no more cards than at any other place, tried all over it', () => {
		fc.assert(
			fc.property(
				small,
				fc.tuple(fc.integer({ min: 5, max: 60 }), fc.integer({ min: 5, max: 45 })),
				(board, [w, h]) => {
					const poster = { id: 'p', width: w * 10, height: h * 10 };
					const { hung, left } = hangPosters(board, [poster]);
					const fits = poster.width <= board.width && poster.height <= board.height;
					expect(left.length === 0).toBe(fits);
					if (!fits) return;
					const own = layWall(board, hung).room;
					const { places } = layWall(board);
					let most = 0;
					for (let x = 0; x + poster.width <= board.width; x += 10)
						for (let y = 0; y + poster.height <= board.height; y += 10) {
							const spot = { ...poster, x, y };
							const room = places.filter(
								(place) =>
									apart(spot, { ...place, width: board.cardWidth, height: board.cardHeight }) >=
									board.gap - 1e-9
							).length;
							most = Math.max(most, room);
						}
					expect(own).toBeGreaterThanOrEqual(most);
				}
			),
			{ numRuns: 60 }
		);
	});
	it('those that hang stay where they are when another comes', () => {
		fc.assert(
			fc.property(wall, posters(5), (board, all) => {
				const whole = hangPosters(board, all).hung;
				const before = hangPosters(board, all.slice(0, -1)).hung;
				expect(whole.filter((one) => before.some((other) => other.id === one.id))).toEqual(before);
			}),
			{ numRuns: 80 }
		);
	});
	it('by hand: a map of two cards by two on a board of six by five leaves 26 of 30 places', () => {
		const board = { width: 900, height: 600, cardWidth: 140, cardHeight: 108, gap: 10 };
		expect(layWall(board).room).toBe(30);
		const { hung } = hangPosters(board, [{ id: 'map', width: 290, height: 226 }]);
		expect(layWall(board, hung).room).toBe(26);
		expect(hangPosters(board, [{ id: 'wide', width: 901, height: 10 }]).left).toEqual(['wide']);
	});
	it('a poster of 0, and cards of a millimeter on a wall of meters: a sentence', () => {
		const board = { width: 900, height: 600, cardWidth: 140, cardHeight: 108, gap: 10 };
		expect(() => hangPosters(board, [{ id: 'x', width: 0, height: 10 }])).toThrow('more than 0');
		expect(() => layWall({ ...board, width: 9000, cardWidth: 1, cardHeight: 1 })).toThrow(
			'more than 2,000 cards'
		);
	});
});

describe('days without a toddler', () => {
	const child = (id: string, more: Partial<ShelfChild>): ShelfChild => ({
		id,
		name: id,
		uses: true,
		easy: 1100,
		most: 1600,
		isUnderThree: false,
		...more
	});
	const tray = (id: string, more: Partial<Tray>): Tray => ({
		id,
		title: id,
		along: 400,
		deep: 300,
		high: 80,
		skill: 'fine motor',
		isDangerous: true,
		children: ['big'],
		weeks: null,
		isLoved: false,
		...more
	});
	const low: Board = { id: 'low', name: 'low', high: 300, along: 900, deep: 350, clear: 300 };
	const children = [child('small', { easy: 740, most: 1100, isUnderThree: true }), child('big', {})];

	it('bring out what is safe on no board, those of the week’s lesson first, and nothing else', () => {
		const trays = [
			tray('any', { isLoved: true }),
			tray('fits', { weeks: [2] }),
			tray('other week', { weeks: [1] }),
			tray('harmless', { isDangerous: false }),
			tray('out', {}),
			tray('for the small one', { children: ['small'] })
		];
		const home = [
			{ day: 'Mon', children: ['small', 'big'] },
			{ day: 'Wed', children: ['big'] },
			{ day: 'Thu', children: [] }
		];
		expect(onDaysWithout({ boards: [low], trays, children }, 2, [{ tray: 'out' }], home)).toEqual([
			{ day: 'Wed', trays: ['fits'] },
			{ day: 'Thu', trays: ['any'] }
		]);
		// With a board high enough they stand there, and need no day.
		const high = { ...low, id: 'high', high: 1200 };
		expect(onDaysWithout({ boards: [low, high], trays, children }, 2, [], home)).toEqual([]);
		expect(onDaysWithout({ boards: [low], trays, children: [child('big', {})] }, 2, [], home)).toEqual([]);
	});
	it('never on a day on which a child under three is at home', () => {
		fc.assert(
			fc.property(
				fc.array(fc.boolean(), { minLength: 1, maxLength: 3 }),
				fc.array(fc.array(fc.nat(3), { maxLength: 4 }), { maxLength: 7 }),
				fc.array(fc.tuple(fc.boolean(), fc.integer({ min: 100, max: 500 })), { maxLength: 8 }),
				fc.integer({ min: 50, max: 1400 }),
				(small, homes, kinds, high) => {
					const family = small.map((isUnderThree, at) =>
						child(`c${at}`, { isUnderThree, most: isUnderThree ? 1100 : 1600 })
					);
					const boards = [{ ...low, high }];
					const trays = kinds.map(([isDangerous, along], at) =>
						tray(`t${at}`, { isDangerous, along, children: family.map((one) => one.id) })
					);
					const home = homes.map((ids, day) => ({
						day,
						children: family.filter((_, at) => ids.includes(at)).map((one) => one.id)
					}));
					for (const { day, trays: out } of onDaysWithout({ boards, trays, children: family }, 0, [], home)) {
						expect(home[day].children.some((id) => family.find((one) => one.id === id)!.isUnderThree)).toBe(
							false
						);
						expect(out.length).toBeLessThanOrEqual(2);
						for (const id of out) {
							const one = trays.find((other) => other.id === id)!;
							expect(one.isDangerous).toBe(true);
							// No board that it fits on would have been safe.
							expect(one.along > low.along || inDangerAt(boards[0], family).length > 0).toBe(true);
						}
					}
				}
			),
			{ numRuns: 200 }
		);
	});
});

describe('times of a morning', () => {
	it('follow one another; what takes no time has none, and nothing begins after midnight', () => {
		expect(timesFrom('09:00', [20, 0, 45, 10])).toEqual(['09:00', null, '09:20', '10:05']);
		expect(timesFrom('23:30', [40, 5])).toEqual(['23:30', null]);
		expect(timesFrom('07:05', [])).toEqual([]);
	});
	it('are apart by the minutes between them', () => {
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 2, maxLength: 10 }), (minutes) => {
				const at = timesFrom('06:00', minutes).map((time) => {
					const [hours, past] = time!.split(':').map(Number);
					return hours * 60 + past;
				});
				for (let i = 1; i < at.length; i++) expect(at[i] - at[i - 1]).toBe(minutes[i - 1]);
			})
		);
	});
});
