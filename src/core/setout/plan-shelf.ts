import { CoreError } from '../error.ts';
import {
	boardsFor,
	GAP,
	inAllWeeks,
	inWeek,
	isForWeek,
	withoutTray,
	type ShelfInput,
	type ShelfWeek,
	type Standing
} from './shelf-rules.ts';

/** What a shelf is worth in points; more is better. Each child served goes before all else. */
const WORTH = { served: 10_000, fits: 60, skill: 40, stays: 25, loved: 15, second: 12, any: 8 };

type Filling = (number | null)[];

/**
 * Which trays stand where in which week: every child who uses the shelf has one within reach, nothing dangerous where
 * a child under three gets at it, what fits the week's lessons first, many skills, few changes, and what was loved
 * again. A search that improves a first answer until nothing simple helps; `standing` of week 0 may be given by hand.
 *
 * @throws CoreError without a board, on measures that are not above 0, and on two trays or boards of one id
 * @example
 * planShelf({ boards: [{ id: 'low', name: 'low', high: 300, along: 900, deep: 350, clear: 300 }],
 *   trays: [{ id: 'pour', title: 'Pouring', along: 400, deep: 300, high: 80, skill: 'fine motor', isDangerous: false,
 *     children: ['a'], weeks: null, isLoved: false }],
 *   children: [{ id: 'a', name: 'Ada', uses: true, easy: 740, most: 1100, isUnderThree: true }],
 *   weeks: 1, changes: 3, habit: 'weekly' })
 * // [{ standing: [{ tray: 'pour', board: 'low', x: 0 }], stays: [], comes: ['pour'], goes: [], without: [] }]
 */
export function planShelf(input: ShelfInput, before: readonly string[] = [], from = 0): ShelfWeek[] {
	check(input);
	const { trays, weeks, habit } = input;
	const plan: ShelfWeek[] = [];
	let last = new Set(before);
	for (let week = from; week < weeks; week++) {
		if (habit === 'unit' && plan.length) {
			const [first] = plan;
			plan.push({ ...first, stays: first.standing.map((one) => one.tray), comes: [], goes: [] });
			continue;
		}
		const asked = habit === 'unit' ? inAllWeeks(input) : inWeek(input, week);
		const standing = fillWeek(asked, habit === 'unit' ? null : week, last);
		const now = new Set(standing.map((one) => one.tray));
		plan.push({
			standing,
			stays: [...now].filter((id) => last.has(id)),
			comes: [...now].filter((id) => !last.has(id)),
			goes: trays.map((one) => one.id).filter((id) => last.has(id) && !now.has(id)),
			without: withoutTray(asked, standing)
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

/** The trays of one week. Without a week (set once for the unit) every tray fits. */
function fillWeek(input: ShelfInput, week: number | null, last: ReadonlySet<string>): Standing[] {
	const { boards, trays, children, changes } = input;
	const users = children.filter((one) => one.uses);
	const mayStand = trays.map((tray) => boardsFor(tray, input).map((board) => boards.indexOf(board)));
	const fits = trays.map((tray) => week === null || isForWeek(tray, week));
	const serves = trays.map((tray) => users.map((child) => tray.children.includes(child.id)));
	const reaches = boards.map((board) => users.map((child) => board.high <= child.easy));
	const skills = [...new Set(trays.map((one) => one.skill))];
	const skillOf = trays.map((one) => skills.indexOf(one.skill));
	const isLast = trays.map((one) => last.has(one.id));
	const isFree = last.size === 0;

	/** Points of a shelf; no points where its changes are too many without serving one child more. */
	const worthOf = (where: Filling): number => {
		const served = users.map(() => 0);
		const seen = new Set<number>();
		let worth = 0;
		let came = 0;
		for (const [tray, board] of where.entries()) {
			if (board === null) continue;
			let isReached = false;
			for (let child = 0; child < users.length; child++)
				if (serves[tray][child] && reaches[board][child]) {
					served[child]++;
					isReached = true;
				}
			// A tray that none of its children reaches serves nobody: an older child is handed it.
			worth += isReached ? (trays[tray].weeks === null ? WORTH.any : WORTH.fits) : 1;
			if (isReached) seen.add(skillOf[tray]);
			if (trays[tray].isLoved) worth += WORTH.loved;
			if (isLast[tray]) worth += WORTH.stays;
			else came++;
		}
		for (const count of served)
			worth += (count > 0 ? WORTH.served : 0) + WORTH.second * Math.min(2, Math.max(0, count - 1));
		worth += WORTH.skill * seen.size;
		return isFree ? worth : worth - Math.max(0, came - changes) * WORTH.served * 0.5;
	};

	const room = boards.map((one) => one.along);
	const used = boards.map(() => 0);
	const counts = boards.map(() => 0);
	const takes = (tray: number, board: number) => trays[tray].along + (counts[board] > 0 ? GAP : 0);
	const where: Filling = trays.map(() => null);
	const put = (tray: number, board: number) => {
		used[board] += takes(tray, board);
		counts[board]++;
		where[tray] = board;
	};
	const take = (tray: number) => {
		const board = where[tray]!;
		counts[board]--;
		used[board] -= trays[tray].along + (counts[board] > 0 ? GAP : 0);
		where[tray] = null;
	};
	const hasRoom = (tray: number, board: number) => used[board] + takes(tray, board) <= room[board];
	const may = (tray: number) => fits[tray];

	// First the children, the smallest reach first, each by the lowest board that does.
	const order = trays
		.map((_, at) => at)
		.filter(may)
		.toSorted(
			(a, b) =>
				Number(isLast[b]) - Number(isLast[a]) ||
				Number(trays[b].weeks !== null) - Number(trays[a].weeks !== null) ||
				Number(trays[b].isLoved) - Number(trays[a].isLoved) ||
				(trays[a].id < trays[b].id ? -1 : 1)
		);
	const byReach = users.map((_, at) => at).toSorted((a, b) => users[a].easy - users[b].easy);
	for (const child of byReach) {
		if (where.some((board, tray) => board !== null && serves[tray][child] && reaches[board][child])) continue;
		for (const tray of order) {
			if (where[tray] !== null || !serves[tray][child]) continue;
			const board = mayStand[tray].find((at) => reaches[at][child] && hasRoom(tray, at));
			if (board === undefined) continue;
			put(tray, board);
			break;
		}
	}
	let worth = worthOf(where);
	/** Keeps a step if it is worth more. */
	const better = () => {
		const now = worthOf(where);
		if (now <= worth) return false;
		worth = now;
		return true;
	};
	const tryPut = (tray: number): boolean => {
		for (const board of mayStand[tray]) {
			if (!hasRoom(tray, board)) continue;
			put(tray, board);
			if (better()) return true;
			take(tray);
		}
		return false;
	};
	for (let isMoving = true, rounds = 0; isMoving && rounds < 60; rounds++) {
		isMoving = false;
		for (const tray of order) {
			if (where[tray] === null) {
				if (tryPut(tray)) isMoving = true;
				else if (trySwap(tray)) isMoving = true;
			} else if (tryMove(tray)) isMoving = true;
		}
	}
	return asStanding(input, where);

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

/** Trays in their places: on each board from the left, in the order of the list. */
function asStanding({ boards, trays }: ShelfInput, where: Filling): Standing[] {
	return boards.flatMap((board, at) => {
		let x = 0;
		return trays.flatMap((tray, index): Standing[] => {
			if (where[index] !== at) return [];
			const own = { tray: tray.id, board: board.id, x };
			x += tray.along + GAP;
			return [own];
		});
	});
}
