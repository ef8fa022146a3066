import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, weekdayOf } from '../calendar/index.ts';
import { EASY_REACH, STATURE, USUAL_REACH } from '../reference/index.ts';
import {
	brokenRules,
	chooserOn,
	easyReach,
	endsOn,
	followShelf,
	isReadOn,
	leftOutText,
	fullAt,
	GAP,
	layWall,
	pagesOn,
	placeCards,
	planShelf,
	shelfChild,
	wallSteps,
	type Board,
	type ShelfChild,
	type ShelfInput,
	type ShelfWeek,
	type Tray
} from './index.ts';

const SKILLS = ['fine motor', 'counting', 'language'];
const house = (most: { boards: number; trays: number; children: number; along?: number }) =>
	fc
		.record({
			boards: fc.array(
				fc.record({
					high: fc.integer({ min: 5, max: 130 }).map((cm) => cm * 10),
					along: fc.integer({ min: 40, max: most.along ?? 130 }).map((cm) => cm * 10),
					deep: fc.integer({ min: 25, max: 45 }).map((cm) => cm * 10),
					clear: fc.option(fc.integer({ min: 10, max: 40 }).map((cm) => cm * 10))
				}),
				{ minLength: 1, maxLength: most.boards }
			),
			trays: fc.array(
				fc.record({
					along: fc.integer({ min: 15, max: 60 }).map((cm) => cm * 10),
					deep: fc.integer({ min: 15, max: 40 }).map((cm) => cm * 10),
					high: fc.integer({ min: 3, max: 30 }).map((cm) => cm * 10),
					skill: fc.constantFrom(...SKILLS),
					isDangerous: fc.boolean(),
					whom: fc.array(fc.nat(most.children - 1), { maxLength: 3 }),
					weeks: fc.option(fc.array(fc.nat(2), { minLength: 1, maxLength: 3 })),
					isLoved: fc.boolean()
				}),
				{ maxLength: most.trays }
			),
			children: fc.array(
				fc.record({
					uses: fc.boolean(),
					easy: fc.integer({ min: 60, max: 130 }).map((cm) => cm * 10),
					isUnderThree: fc.boolean()
				}),
				{ minLength: 1, maxLength: most.children }
			),
			changes: fc.nat(4),
			habit: fc.constantFrom('weekly' as const, 'unit' as const)
		})
		.map(({ boards, trays, children, changes, habit }): ShelfInput => {
			const ids = children.map((_, at) => `c${at}`);
			return {
				boards: boards.map((one, at): Board => ({ ...one, id: `b${at}`, name: `board ${at}` })),
				trays: trays.map(({ whom, ...one }, at): Tray => ({
					...one,
					id: `t${at}`,
					title: `tray ${at}`,
					children: [...new Set(whom.filter((index) => index < ids.length).map((index) => ids[index]))]
				})),
				children: children.map((one, at): ShelfChild => ({
					...one,
					id: ids[at],
					name: ids[at],
					most: Math.round(one.easy * 1.45)
				})),
				weeks: 3,
				changes,
				habit
			};
		});

/** Checks a plan against the rules, written apart from the planner. */
function check(input: ShelfInput, weeks: readonly ShelfWeek[]): void {
	expect(weeks).toHaveLength(input.weeks);
	let before = new Set<string>();
	for (const [at, week] of weeks.entries()) {
		const ids = week.standing.map((one) => one.tray);
		expect(new Set(ids).size).toBe(ids.length);
		for (const board of input.boards) {
			const own = week.standing.filter((one) => one.board === board.id).toSorted((a, b) => a.x - b.x);
			for (const [index, one] of own.entries()) {
				const tray = input.trays.find((other) => other.id === one.tray)!;
				expect(tray.deep).toBeLessThanOrEqual(board.deep);
				if (board.clear !== null) expect(tray.high).toBeLessThanOrEqual(board.clear);
				expect(one.x + tray.along).toBeLessThanOrEqual(board.along);
				if (index > 0) {
					const left = input.trays.find((other) => other.id === own[index - 1].tray)!;
					expect(one.x).toBe(own[index - 1].x + left.along + GAP);
				} else expect(one.x).toBe(0);
				if (input.habit === 'weekly' && tray.weeks) expect(tray.weeks).toContain(at);
				// The law that never fails: nothing dangerous where a child under three gets at it.
				if (tray.isDangerous)
					for (const child of input.children)
						if (child.isUnderThree) expect(child.most).toBeLessThan(board.high);
			}
		}
		const now = new Set(ids);
		expect(new Set(week.comes)).toEqual(new Set(ids.filter((id) => !before.has(id))));
		expect(new Set(week.goes)).toEqual(new Set([...before].filter((id) => !now.has(id))));
		expect(new Set(week.stays)).toEqual(new Set(ids.filter((id) => before.has(id))));
		for (const child of input.children.filter((one) => one.uses)) {
			const isServed = week.standing.some((one) => {
				const tray = input.trays.find((other) => other.id === one.tray)!;
				const board = input.boards.find((other) => other.id === one.board)!;
				return tray.children.includes(child.id) && board.high <= child.easy;
			});
			expect(week.without.includes(child.id)).toBe(!isServed);
		}
		before = now;
	}
}

describe('the plan of a shelf', () => {
	it('keeps every rule on random houses', () => {
		fc.assert(
			fc.property(house({ boards: 4, trays: 12, children: 4 }), (input) => check(input, planShelf(input))),
			{ numRuns: 150 }
		);
	});
	it('is worth as much as the best of all ways of standing there, aim by aim, with and without a week before', () => {
		/** What a way of standing is worth, written apart from the planner: the aims in their order. */
		const aims = (
			input: ShelfInput,
			before: ReadonlySet<string>,
			standing: { tray: string; board: string }[]
		) => {
			const users = input.children.filter((one) => one.uses);
			const out = standing.map((one) => {
				const tray = input.trays.find((other) => other.id === one.tray)!;
				const board = input.boards.find((other) => other.id === one.board)!;
				const reachedBy = users.filter(
					(child) => tray.children.includes(child.id) && board.high <= child.easy
				);
				return { tray, reachedBy };
			});
			const own = users.map((child) => out.filter((one) => one.reachedBy.includes(child)).length);
			const within = out.filter((one) => one.reachedBy.length > 0);
			const came = out.filter((one) => !before.has(one.tray.id)).length;
			return [
				out.filter((one) => one.tray.weeks !== null).length,
				own.filter((count) => count > 0).length,
				before.size === 0 ? 0 : -Math.max(0, came - input.changes),
				within.filter((one) => one.tray.weeks !== null).length,
				new Set(within.map((one) => one.tray.skill)).size,
				out.length - came,
				12 * own.reduce((sum, count) => sum + Math.min(2, Math.max(0, count - 1)), 0) +
					out.length +
					8 * within.length +
					15 * out.filter((one) => one.tray.isLoved).length
			];
		};
		const isMore = (a: readonly number[], b: readonly number[]) => {
			const at = a.findIndex((value, index) => value !== b[index]);
			return at >= 0 && a[at] > b[at];
		};
		fc.assert(
			fc.property(
				house({ boards: 3, trays: 6, children: 3, along: 80 }),
				fc.array(fc.nat(5), { maxLength: 4 }),
				(drawn, stood) => {
					const input: ShelfInput = { ...drawn, habit: 'weekly', weeks: 1 };
					const { boards, trays } = input;
					const before = new Set(stood.flatMap((at) => trays[at]?.id ?? []));
					const [first] = planShelf(input, [...before]);
					let best: number[] | null = null;
					const ways = (boards.length + 1) ** trays.length;
					for (let way = 0; way < ways; way++) {
						let rest = way;
						const standing = trays.flatMap((tray) => {
							const board = rest % (boards.length + 1);
							rest = Math.floor(rest / (boards.length + 1));
							return board === 0 ? [] : [{ tray: tray.id, board: boards[board - 1].id }];
						});
						const isAllowed =
							standing.every((one) => {
								const tray = trays.find((other) => other.id === one.tray)!;
								return tray.weeks === null || tray.weeks.includes(0);
							}) && brokenRules(input, 0, standing).every((one) => one.rule === 'nothing for');
						if (!isAllowed) continue;
						const worth = aims(input, before, standing);
						if (best === null || isMore(worth, best)) best = worth;
					}
					expect(aims(input, before, [...first.standing])).toEqual(best);
				}
			),
			{ numRuns: 250 }
		);
	});
	it('breaks no rule that the drawing of its week names, but that nothing is left for a child', () => {
		fc.assert(
			fc.property(house({ boards: 4, trays: 12, children: 4 }), (input) => {
				for (const [at, { standing }] of planShelf({ ...input, habit: 'weekly' }).entries())
					expect(brokenRules(input, at, standing).filter((one) => one.rule !== 'nothing for')).toEqual([]);
			}),
			{ numRuns: 100 }
		);
	});
	it('what is left out has a reason that is true: one more tray would not stand there, or be one change too many', () => {
		fc.assert(
			fc.property(house({ boards: 3, trays: 10, children: 3 }), (drawn) => {
				const input: ShelfInput = { ...drawn, habit: 'weekly' };
				const weeks = planShelf(input);
				for (const [at, week] of weeks.entries()) {
					const suits = input.trays.filter((one) => one.weeks === null || one.weeks.includes(at));
					expect(
						new Set([...week.left.map((one) => one.tray), ...week.standing.map((one) => one.tray)])
					).toEqual(new Set(suits.map((one) => one.id)));
					for (const { tray, why } of week.left) {
						const could = input.boards.filter((board) =>
							brokenRules(input, at, [...week.standing, { tray, board: board.id }]).every(
								(one) => one.rule === 'nothing for'
							)
						);
						if (why === 'enough changes') expect(week.comes.length).toBeGreaterThanOrEqual(input.changes);
						else
							expect(
								could.filter((board) => input.trays.find((one) => one.id === tray)!.along <= board.along)
							).toEqual([]);
					}
				}
			}),
			{ numRuns: 100 }
		);
	});
	it('after any change by hand, a danger is named', () => {
		fc.assert(
			fc.property(
				house({ boards: 4, trays: 8, children: 3 }),
				fc.array(fc.tuple(fc.nat(7), fc.nat(3)), { minLength: 1, maxLength: 4 }),
				(input, moves) => {
					const standing = planShelf(input)[0].standing.map((one) => ({ tray: one.tray, board: one.board }));
					for (const [tray, board] of moves) {
						const id = input.trays[tray % Math.max(1, input.trays.length)]?.id;
						if (id === undefined) continue;
						const at = standing.findIndex((one) => one.tray === id);
						if (at >= 0) standing.splice(at, 1);
						standing.push({ tray: id, board: input.boards[board % input.boards.length].id });
					}
					const named = new Set(
						brokenRules(input, 0, standing).flatMap((one) =>
							one.rule === 'danger' ? [`${one.tray} ${one.child}`] : []
						)
					);
					for (const { tray, board } of standing)
						for (const child of input.children) {
							const isDanger =
								input.trays.find((one) => one.id === tray)!.isDangerous &&
								child.isUnderThree &&
								child.most >= input.boards.find((one) => one.id === board)!.high;
							expect(named.has(`${tray} ${child.id}`)).toBe(isDanger);
						}
				}
			),
			{ numRuns: 150 }
		);
	});
	it('brings no more new trays in a week than wanted, unless a lesson’s would be missed or a child have nothing', () => {
		fc.assert(
			fc.property(house({ boards: 3, trays: 10, children: 3 }), (input) => {
				const weeks = planShelf({ ...input, habit: 'weekly' });
				for (const [at, week] of weeks.entries()) {
					if (at === 0 || week.comes.length <= input.changes || week.stays.length + week.goes.length === 0)
						continue;
					for (const id of week.comes) {
						if (input.trays.find((one) => one.id === id)!.weeks !== null) continue;
						// Leaving it away would leave a child without a tray.
						const rest = week.standing.filter((one) => one.tray !== id);
						const without = brokenRules(input, at, rest).filter((one) => one.rule === 'nothing for').length;
						expect(without).toBeGreaterThan(week.without.length);
					}
				}
			}),
			{ numRuns: 100 }
		);
	});
	it('a lesson’s tray stands above a child’s easy reach before any-week trays do, and says that it is handed down', () => {
		const input: ShelfInput = {
			boards: [{ id: 'high', name: 'high', high: 900, along: 900, deep: 350, clear: null }],
			trays: ['any', 'lesson', 'other'].map((id) => ({
				id,
				title: id,
				along: 440,
				deep: 300,
				high: 80,
				skill: 'fine motor',
				isDangerous: false,
				children: id === 'lesson' ? ['small'] : ['small', 'big'],
				weeks: id === 'lesson' ? [0] : null,
				isLoved: id === 'other'
			})),
			children: [
				{ id: 'small', name: 'Moss', uses: true, easy: 740, most: 1100, isUnderThree: true },
				{ id: 'big', name: 'Wren', uses: true, easy: 1190, most: 1700, isUnderThree: false }
			],
			weeks: 1,
			changes: 2,
			habit: 'weekly'
		};
		const [week] = planShelf(input);
		expect(week.standing.map((one) => one.tray)).toEqual(['lesson', 'other']);
		expect(brokenRules(input, 0, week.standing).map((one) => one.rule)).toEqual(['nothing for']);
		expect(week.left.map((one) => `${one.tray}: ${leftOutText(input, one)}`)).toEqual([
			'any: others go first this week'
		]);
		const wide = { ...input, trays: input.trays.map((one) => ({ ...one, along: 950 })) };
		expect(planShelf(wide)[0].left.map((one) => leftOutText(wide, one))).toEqual(
			Array(3).fill('too wide for every board')
		);
		// By hand it is said of an any-week tray that nobody it is for gets at it.
		const low = { ...input, trays: [{ ...input.trays[0], children: ['small'] }] };
		expect(planShelf(low)[0].left.map((one) => leftOutText(low, one))).toEqual([
			'every board it fits is above what Moss can reach'
		]);
	});
	it('a toddler’s pouring stands low, needle work high, and what fits the week’s lesson comes', () => {
		const board = (id: string, high: number): Board => ({
			id,
			name: id,
			high,
			along: 900,
			deep: 350,
			clear: 300
		});
		const tray = (id: string, more: Partial<Tray>): Tray => ({
			id,
			title: id,
			along: 400,
			deep: 300,
			high: 80,
			skill: 'fine motor',
			isDangerous: false,
			children: ['big'],
			weeks: null,
			isLoved: false,
			...more
		});
		const weeks = planShelf({
			boards: [board('low', 200), board('high', 1150)],
			trays: [
				tray('pouring', { children: ['small'] }),
				tray('needles', { isDangerous: true }),
				tray('compass', { weeks: [1], skill: 'language' }),
				tray('beads', { isDangerous: true, children: ['small'] })
			],
			children: [
				{ id: 'small', name: 'Moss', uses: true, easy: 740, most: 1100, isUnderThree: true },
				{ id: 'big', name: 'Wren', uses: true, easy: 1190, most: 1700, isUnderThree: false }
			],
			weeks: 2,
			changes: 2,
			habit: 'weekly'
		});
		const at = (week: number, id: string) => weeks[week].standing.find((one) => one.tray === id)?.board;
		expect(at(0, 'pouring')).toBe('low');
		expect(at(0, 'needles')).toBe('high');
		expect(at(0, 'compass')).toBeUndefined();
		expect(weeks[1].comes).toEqual(['compass']);
		expect(weeks.flatMap((one) => one.without)).toEqual([]);
	});
	it('a shelf without a board, a tray of no size: a sentence', () => {
		const input = { boards: [], trays: [], children: [], weeks: 1, changes: 3, habit: 'weekly' as const };
		expect(() => planShelf(input)).toThrow('The shelf has no board yet.');
	});
});

describe('a shelf whose lessons have moved', () => {
	it('sets out what came into a week, moves nothing else, and gives away only what is not for its lessons', () => {
		fc.assert(
			fc.property(
				house({ boards: 3, trays: 10, children: 3 }),
				fc.integer({ min: 1, max: 2 }),
				(drawn, by) => {
					const before: ShelfInput = { ...drawn, habit: 'weekly' };
					const planned = planShelf(before).map((one) => one.standing);
					const input = {
						...before,
						trays: before.trays.map((one) => ({
							...one,
							weeks: one.weeks && one.weeks.map((week) => week + by).filter((week) => week < 3)
						}))
					};
					const trayOf = (id: string) => input.trays.find((one) => one.id === id)!;
					const moved = new Set(
						planned.flatMap((stood, week) =>
							stood.flatMap(({ tray }) => (trayOf(tray).weeks?.includes(week) === false ? [tray] : []))
						)
					);
					for (const [week, followed] of followShelf(input, planned, moved).entries()) {
						const stood = planned[week];
						const after = followed?.standing ?? stood;
						const isOut = new Set(after.map((one) => one.tray));
						expect(new Set(followed?.comes)).toEqual(
							new Set([...isOut].filter((id) => !stood.some((one) => one.tray === id)))
						);
						for (const { tray, board } of stood) {
							if (isOut.has(tray)) expect(after.find((one) => one.tray === tray)!.board).toBe(board);
							else expect(trayOf(tray).weeks?.includes(week) ?? false).toBe(false);
						}
						for (const id of followed?.comes ?? []) expect(trayOf(id).weeks).toContain(week);
						const added = brokenRules(input, week, after).filter((one) => one.rule !== 'nothing for');
						const had = brokenRules(input, week, stood).filter((one) => one.rule !== 'nothing for');
						expect(had).toEqual(expect.arrayContaining(added));
						// What could have come and didn't: the lessons' own trays leave no room on any board safe for it.
						if (stood.length === 0) continue;
						const ofLessons = after.filter((one) => trayOf(one.tray).weeks?.includes(week));
						for (const tray of input.trays.filter(
							(one) => one.weeks?.includes(week) && moved.has(one.id) && !isOut.has(one.id)
						))
							for (const board of input.boards) {
								const broken = brokenRules(input, week, [...ofLessons, { tray: tray.id, board: board.id }]);
								const isTooLong = tray.along > board.along;
								expect(isTooLong || broken.some((one) => one.rule !== 'nothing for')).toBe(true);
							}
					}
				}
			),
			{ numRuns: 150 }
		);
	});
});

describe('reach', () => {
	it('rests on the growth charts: ease at 0.86 of an average height, what is got at at least 1.2 times it', () => {
		for (const { fromMonths, mm } of EASY_REACH)
			expect(mm / STATURE.find((one) => one.months === fromMonths)!.mm).toBeCloseTo(0.86, 1);
		for (const { months, mm } of STATURE)
			expect(USUAL_REACH.findLast((one) => one.fromMonths <= months)!.mm).toBeGreaterThanOrEqual(mm * 1.1);
		// By hand: 86 cm at two years, of which 0.86 are 74 cm.
		const toddler = { name: 'Moss', born: '2024-09-01', allergies: [], reachMm: null };
		expect(easyReach(toddler, '2026-11-28')).toBe(740);
		expect(shelfChild('1', toddler, true, '2026-11-28')).toMatchObject({ isUnderThree: true, most: 1100 });
		expect(easyReach({ ...toddler, born: null }, '2026-11-28')).toBe(Infinity);
		expect(easyReach({ ...toddler, reachMm: 1000 }, '2026-11-28')).toBe(688);
	});
});

describe('the wall', () => {
	it('no layout holds more than its area, every card hangs inside and none on another, and one more row or column would not', () => {
		const mm = (most: number, min = 20) => fc.integer({ min, max: most });
		fc.assert(
			fc.property(mm(2000), mm(1500), mm(300, 40), mm(300, 40), fc.nat(30), (width, height, w, h, gap) => {
				const { room, columns, rows, places } = layWall({
					width,
					height,
					cardWidth: w,
					cardHeight: h,
					gap
				});
				expect(room * w * h).toBeLessThanOrEqual(width * height);
				for (const { x, y } of places) {
					expect(x).toBeGreaterThanOrEqual(-1e-9);
					expect(y).toBeGreaterThanOrEqual(-1e-9);
					expect(x + w).toBeLessThanOrEqual(width + 1e-9);
					expect(y + h).toBeLessThanOrEqual(height + 1e-9);
				}
				for (const [at, a] of places.slice(0, 40).entries())
					for (const b of places.slice(at + 1, 40))
						expect(Math.abs(a.x - b.x) >= w - 1e-9 || Math.abs(a.y - b.y) >= h - 1e-9).toBe(true);
				expect((columns + 1) * w + columns * gap).toBeGreaterThan(width);
				expect((rows + 1) * h + rows * gap).toBeGreaterThan(height);
			}),
			{ numRuns: 200 }
		);
		expect(() => layWall({ width: 0, height: 600, cardWidth: 100, cardHeight: 80, gap: 5 })).toThrow(
			'A board of 0 holds nothing'
		);
	});
	it('by hand: room for five, lessons of two, two, two and three words', () => {
		const steps = wallSteps(
			[
				{ lesson: '1', words: ['a', 'b'] },
				{ lesson: '2', words: ['c', 'd'] },
				{ lesson: '3', words: ['e', 'f'] },
				{ lesson: '4', words: ['g', 'h', 'i'] }
			],
			5,
			new Set(['b'])
		);
		expect(steps.map((one) => one.down)).toEqual([[], [], ['a'], ['c', 'd', 'e']]);
		expect(steps.at(-1)!.up).toEqual(['b', 'f', 'g', 'h', 'i']);
		expect(fullAt(steps)).toBe(2);
	});
	it('each card has a place of its own and stays there; one that was given a place has it from its first lesson on', () => {
		fc.assert(
			fc.property(
				fc.array(fc.nat(4), { minLength: 1, maxLength: 8 }),
				fc.integer({ min: 1, max: 9 }),
				fc.array(fc.tuple(fc.nat(20), fc.nat(8)), { maxLength: 4 }),
				(counts, room, given) => {
					const lessons = counts.map((count, lesson) => ({
						lesson: String(lesson),
						words: Array.from({ length: count }, (_, at) => `${lesson}/${at}`)
					}));
					const steps = wallSteps(lessons, room);
					const places = Array.from({ length: room }, (_, at) => `p${at}`);
					const words = lessons.flatMap((one) => one.words);
					// Each place is given to one card at most.
					const wanted = new Map(
						[
							...new Map(
								given.map(([word, place]) => [places[place % room], words[word % Math.max(1, words.length)]])
							)
						].flatMap(([place, word]) => (word === undefined ? [] : [[word, place] as const]))
					);
					const placed = placeCards(
						steps.map((one) => one.up),
						steps.map(() => places),
						wanted
					);
					for (const [at, step] of steps.entries()) {
						expect(new Set(placed[at].keys())).toEqual(new Set(step.up));
						expect(new Set(placed[at].values()).size).toBe(step.up.length);
						const before = placed[at - 1];
						for (const word of step.up) {
							if (wanted.size === 0 && before?.has(word)) expect(placed[at].get(word)).toBe(before.get(word));
							const place = wanted.get(word);
							const isTaken = [...(before ?? [])].some(
								([other, on]) => on === place && other !== word && step.up.includes(other)
							);
							if (place !== undefined && !isTaken) expect(placed[at].get(word)).toBe(place);
						}
					}
				}
			)
		);
	});
	it('never more hang than there is room for; no word is lost', () => {
		fc.assert(
			fc.property(fc.array(fc.tuple(fc.nat(6), fc.nat(20)), { maxLength: 12 }), (given) => {
				const counts = given.map(([count]) => count);
				// A poster that comes with a lesson takes places from then on.
				const rooms = given.map(([, room]) => room);
				const lessons = counts.map((count, lesson) => ({
					lesson: String(lesson),
					words: Array.from({ length: count }, (_, at) => `${lesson}/${at}`)
				}));
				const steps = wallSteps(lessons, rooms);
				for (const [at, step] of steps.entries()) {
					expect(step.up.length).toBeLessThanOrEqual(rooms[at]);
					expect([...step.comes, ...step.left]).toEqual(lessons[at].words);
					for (const word of step.comes) expect(step.up).toContain(word);
				}
			})
		);
	});
});

describe('the morning basket', () => {
	const days = { weekdays: [1, 2, 3, 4, 5] as const, off: ['2027-01-18'] };
	it('a page a day by date is the day of the year, whatever was read before', () => {
		const book = { by: 'date' as const, first: 1, last: 365, aDay: 1, since: '2027-01-01' };
		expect(pagesOn(book, days, '2027-01-22')).toEqual({ from: 22, to: 22 });
		expect(pagesOn(book, days, '2027-01-23')).toEqual({ from: 23, to: 23 });
		expect(endsOn(book, days)).toBe('2027-12-31');
		expect(pagesOn(book, days, '2028-01-01')).toBeNull();
	});
	it('by bookmark, worked on a calendar: from Mon, Jan 11, two pages each weekday but Jan 18', () => {
		const book = { by: 'bookmark' as const, first: 41, last: 64, aDay: 2, since: '2027-01-11' };
		expect(pagesOn(book, days, '2027-01-11')).toEqual({ from: 41, to: 42 });
		expect(pagesOn(book, days, '2027-01-15')).toEqual({ from: 49, to: 50 });
		expect(pagesOn(book, days, '2027-01-16')).toBeNull();
		expect(pagesOn(book, days, '2027-01-18')).toBeNull();
		// Five days of the first week, then Tue to Fri: Jan 22 is the ninth basket day.
		expect(pagesOn(book, days, '2027-01-22')).toEqual({ from: 57, to: 58 });
		// 24 pages are twelve days: Jan 25, 26 and 27 are the tenth to twelfth.
		expect(endsOn(book, days)).toBe('2027-01-27');
		expect(pagesOn(book, days, '2027-01-28')).toBeNull();
		expect(endsOn(book, { weekdays: [], off: [] })).toBeNull();
	});
	it('a book whose bookmark lies behind its last page is finished, on the day on which it went there', () => {
		const book = { by: 'bookmark' as const, first: 49, last: 48, aDay: 2, since: '2027-01-22' };
		expect(pagesOn(book, days, '2027-01-22')).toBeNull();
		expect(endsOn(book, days)).toBe('2027-01-22');
		expect(isReadOn(book, days, '2027-01-22')).toBe(true);
		expect(isReadOn({ ...book, first: 48 }, days, '2027-01-22')).toBe(false);
		expect(isReadOn({ ...book, first: 48 }, days, '2027-01-23')).toBe(true);
		expect(() => pagesOn({ ...book, first: 50 }, days, '2027-01-22')).toThrow('The last page comes after');
	});
	it('every page is read once, in order, up to the last day', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 50 }),
				fc.integer({ min: 0, max: 60 }),
				fc.integer({ min: 1, max: 5 }),
				fc.subarray([1, 2, 3, 4, 5, 6, 7] as const, { minLength: 1 }),
				(first, more, aDay, weekdays) => {
					const book = { by: 'bookmark' as const, first, last: first + more, aDay, since: '2027-01-01' };
					const read: number[] = [];
					const end = endsOn(book, { weekdays, off: [] })!;
					for (let day = book.since; day <= end; day = addDays(day, 1)) {
						const pages = pagesOn(book, { weekdays, off: [] }, day);
						expect(pages !== null).toBe(weekdays.includes(weekdayOf(day)));
						if (pages) for (let page = pages.from; page <= pages.to; page++) read.push(page);
					}
					expect(read).toEqual(Array.from({ length: more + 1 }, (_, at) => first + at));
				}
			),
			{ numRuns: 60 }
		);
	});
	it('who chooses goes around over basket days', () => {
		const names = ['Wren', 'Ivo', 'Moss'];
		const chosen = ['2027-01-15', '2027-01-16', '2027-01-18', '2027-01-19', '2027-01-20', '2027-01-21'].map(
			(day) => chooserOn(names, days, '2027-01-15', day)
		);
		expect(chosen).toEqual(['Wren', null, null, 'Ivo', 'Moss', 'Wren']);
		expect(chooserOn([], days, '2027-01-15', '2027-01-15')).toBeNull();
	});
});
