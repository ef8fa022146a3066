import { CoreError } from '../error.ts';
import {
	inAllWeeks,
	inWeek,
	withoutTray,
	type ShelfInput,
	type ShelfWeek,
	type Standing
} from './shelf-rules.ts';
import { leftOut } from './left-out.ts';
import { asStanding, emptyShelf, type Filling, type Shelf } from './shelf-worth.ts';

/**
 * Which trays stand where in which week, by the aims of `shelf-worth.ts`: the lessons' trays first, then each child who
 * uses the shelf, and so on; nothing dangerous where a child under three gets at it. Each week on its own, after the
 * one before it. On small shelves no way of standing there is worth more; on large ones the search ends after some
 * steps. `before`: what stood in the week before the first.
 *
 * @throws CoreError without a board, on measures that are not above 0, and on two trays or boards of one id
 * @example
 * planShelf({ boards: [{ id: 'low', name: 'low', high: 300, along: 900, deep: 350, clear: 300 }],
 *   trays: [{ id: 'pour', title: 'Pouring', along: 400, deep: 300, high: 80, skill: 'fine motor', isDangerous: false,
 *     children: ['a'], weeks: null, isLoved: false }],
 *   children: [{ id: 'a', name: 'Ada', uses: true, easy: 740, most: 1100, isUnderThree: true }],
 *   weeks: 1, changes: 3, habit: 'weekly' })
 * // [{ standing: [{ tray: 'pour', board: 'low', x: 0 }], stays: [], comes: ['pour'], goes: [], without: [], left: [] }]
 */
export function planShelf(input: ShelfInput, before: readonly string[] = []): ShelfWeek[] {
	check(input);
	const { trays, weeks, habit } = input;
	const plan: ShelfWeek[] = [];
	let last = new Set(before);
	for (let week = 0; week < weeks; week++) {
		if (habit === 'unit' && plan.length) {
			const [first] = plan;
			plan.push({ ...first, stays: first.standing.map((one) => one.tray), comes: [], goes: [] });
			continue;
		}
		const asked = habit === 'unit' ? inAllWeeks(input) : inWeek(input, week);
		const which = habit === 'unit' ? null : week;
		const standing = fillWeek(asked, which, last);
		const now = new Set(standing.map((one) => one.tray));
		plan.push({
			standing,
			stays: [...now].filter((id) => last.has(id)),
			comes: [...now].filter((id) => !last.has(id)),
			goes: trays.map((one) => one.id).filter((id) => last.has(id) && !now.has(id)),
			without: withoutTray(asked, standing),
			left: leftOut(asked, which, standing, last)
		});
		last = now;
	}
	return plan;
}

function check({ boards, trays, weeks, changes }: ShelfInput): void {
	if (boards.length === 0) throw new CoreError('The shelf has no board yet.', 'boards');
	const isMeasure = (value: number) => Number.isFinite(value) && value > 0;
	for (const one of boards)
		if (![one.along, one.deep].every(isMeasure) || !(one.high >= 0))
			throw new CoreError(`“${one.name}” needs a length, a depth and a height off the floor.`, 'boards');
	for (const one of trays)
		if (![one.along, one.deep, one.high].every(isMeasure))
			throw new CoreError(`Each side of “${one.title}” is more than 0.`, 'trays');
	const isTwice = (ids: readonly string[]) => new Set(ids).size < ids.length;
	if (isTwice(boards.map((one) => one.id)) || isTwice(trays.map((one) => one.id)))
		throw new CoreError('Two trays or boards are the same.', 'trays');
	if (!Number.isInteger(weeks) || weeks < 0 || !(changes >= 0))
		throw new CoreError('Weeks and changes are counted whole, 0 or more.', 'weeks');
}

/** So many steps a week the search for something better goes on, after which the best so far is taken. */
const MOST_STEPS = 12_000;

/** The trays of one week. Without a week (set once for the unit) every tray fits. */
function fillWeek(input: ShelfInput, week: number | null, last: ReadonlySet<string>): Standing[] {
	const shelf = emptyShelf(input, week, last);
	const { trays } = input;
	const order = trays
		.map((_, at) => at)
		.filter((at) => shelf.mayStand[at].length > 0)
		.toSorted(
			(a, b) =>
				Number(shelf.isLesson[b]) - Number(shelf.isLesson[a]) ||
				Number(last.has(trays[b].id)) - Number(last.has(trays[a].id)) ||
				Number(trays[b].isLoved) - Number(trays[a].isLoved) ||
				(trays[a].id < trays[b].id ? -1 : 1)
		);
	improve(shelf, order);
	return asStanding(input.boards, trays, tryEverything(shelf, order, [...shelf.where]));
}

/** Puts, moves and swaps trays as long as one of these is worth it. */
function improve(shelf: Shelf, order: readonly number[]): void {
	const { where, mayStand, put, take, hasRoom } = shelf;
	let worth = shelf.worth();
	/** Keeps a step if it is worth more. */
	const better = () => {
		const now = shelf.worth();
		if (now <= worth) return false;
		worth = now;
		return true;
	};
	for (let isMoving = true, rounds = 0; isMoving && rounds < 60; rounds++) {
		isMoving = false;
		for (const tray of order)
			if (where[tray] === null ? tryPut(tray) || trySwap(tray) : tryMove(tray)) isMoving = true;
	}

	function tryPut(tray: number): boolean {
		for (const board of mayStand[tray]) {
			if (!hasRoom(tray, board)) continue;
			put(tray, board);
			if (better()) return true;
			take(tray);
		}
		return false;
	}
	/** One tray more where another stood, which goes or moves on to another board. */
	function trySwap(tray: number): boolean {
		for (const other of order) {
			const from = where[other];
			if (from === null || other === tray) continue;
			take(other);
			for (const board of mayStand[tray]) {
				if (!hasRoom(tray, board)) continue;
				put(tray, board);
				if (better()) return true;
				for (const on of mayStand[other]) {
					if (!hasRoom(other, on)) continue;
					put(other, on);
					if (better()) return true;
					take(other);
				}
				take(tray);
			}
			put(other, from);
		}
		return false;
	}
	/** A tray off the shelf, to another board, or two that change places. */
	function tryMove(tray: number): boolean {
		const from = where[tray]!;
		take(tray);
		if (better()) return true;
		put(tray, from);
		for (const board of mayStand[tray]) {
			if (board === from) continue;
			take(tray);
			if (hasRoom(tray, board)) {
				put(tray, board);
				if (better()) return true;
				take(tray);
			}
			for (const other of order) {
				if (where[other] !== board || !mayStand[other].includes(from)) continue;
				take(other);
				if (hasRoom(tray, board)) {
					put(tray, board);
					if (hasRoom(other, from)) {
						put(other, from);
						if (better()) return true;
						take(other);
					}
					take(tray);
				}
				put(other, board);
			}
			put(tray, from);
		}
		return false;
	}
}

/**
 * Tries every way of standing that may be worth more than the one known, which is then proved the best; on a shelf so
 * large that the steps don’t suffice, the best that was found. Leaves the shelf as it may be.
 */
function tryEverything(shelf: Shelf, order: readonly number[], known: Filling): Filling {
	const { where, mayStand, put, take, hasRoom } = shelf;
	let best = shelf.worth();
	let found = known;
	for (const tray of order) if (where[tray] !== null) take(tray);
	let steps = 0;
	const from = (at: number): void => {
		if (++steps > MOST_STEPS) return;
		if (at === order.length) {
			const now = shelf.worth();
			if (now > best) [best, found] = [now, [...where]];
			return;
		}
		if (shelf.worthAtMost(order.slice(at)) <= best) return;
		const tray = order[at];
		for (const board of mayStand[tray]) {
			if (!hasRoom(tray, board)) continue;
			put(tray, board);
			from(at + 1);
			take(tray);
		}
		from(at + 1);
	};
	from(0);
	return found;
}
