import { asStanding, emptyShelf, type Shelf } from './shelf-worth.ts';
import type { ShelfInput, Standing } from './shelf-rules.ts';

/** A week of the shelf as it stands after its lessons moved. */
export type Followed = {
	readonly standing: readonly Standing[];
	/** Trays of lessons that came into the week, and are set out now. */
	readonly comes: readonly string[];
	/** What goes: trays of lessons that have no day any more, and what gives its place. */
	readonly goes: readonly string[];
};

/**
 * The shelves of weeks that are planned already, after lessons moved: each tray of a lesson stands in its week where
 * it may, in place of one whose lesson left, or of an any-week tray; everything else stays as it was arranged, by
 * hand or by plan. Null for a week that has nothing set out, or that needs no change.
 *
 * @param planned what stands in each of the input's weeks
 * @param moved trays that were planned for a week which their lessons have left; what is out of its week for another
 *   reason was left out by plan or by hand, and stays so
 */
export function followShelf(
	input: ShelfInput,
	planned: readonly (readonly Pick<Standing, 'tray' | 'board'>[])[],
	moved: ReadonlySet<string>
): (Followed | null)[] {
	const { boards, trays, habit } = input;
	const at = new Map(trays.map((one, index) => [one.id, index]));
	const boardAt = new Map(boards.map((one, index) => [one.id, index]));
	return planned.map((stood, week): Followed | null => {
		if (habit === 'unit' || stood.length === 0) return null;
		const out = new Set(stood.map((one) => one.tray));
		const own = { ...input, children: input.childrenIn?.[week] ?? input.children };
		const shelf = emptyShelf(own, week, out);
		const comes = trays.filter((_, tray) => shelf.isLesson[tray] && shelf.mayStand[tray].length > 0);
		const missing = comes.filter((one) => moved.has(one.id) && !out.has(one.id));
		/** Its lesson is in other weeks, or has no day any more. */
		const hasLeft = (id: string) => {
			const { weeks } = trays[at.get(id)!];
			return weeks !== null && !weeks.includes(week);
		};
		const isGone = (id: string) => trays[at.get(id)!].weeks?.length === 0;
		if (missing.length === 0 && !stood.some((one) => at.has(one.tray) && isGone(one.tray))) return null;
		// What was arranged by hand stays, whatever it breaks: that is said where it stands.
		for (const one of stood) {
			const [tray, board] = [at.get(one.tray), boardAt.get(one.board)];
			if (tray !== undefined && board !== undefined && !isGone(one.tray)) shelf.put(tray, board);
		}
		for (const one of missing) {
			const place = placeFor(
				shelf,
				at.get(one.id)!,
				trays.map((other) => hasLeft(other.id))
			);
			if (place === null) continue;
			for (const other of place.gives) shelf.take(other);
			shelf.put(at.get(one.id)!, place.board);
		}
		const standing = asStanding(boards, trays, shelf.where);
		const now = new Set(standing.map((one) => one.tray));
		const came = [...now].filter((id) => !out.has(id));
		const goes = [...out].filter((id) => at.has(id) && !now.has(id));
		return came.length + goes.length === 0 ? null : { standing, comes: came, goes };
	});
}

type Place = { readonly board: number; readonly gives: readonly number[]; readonly worth: number };

/**
 * Where a tray is worth most: where there is room, else in place of trays whose lesson left, else of those for any
 * week, as few as make room. Null where the lessons' own trays leave none. The shelf is as before when this returns.
 */
function placeFor(shelf: Shelf, tray: number, hasLeft: readonly boolean[]): Place | null {
	const { where, isLesson, mayStand, hasRoom, put, take, worth } = shelf;
	/** What is missed least of a board's trays that are not for the week's lessons. */
	const leastOf = (board: number): number | null => {
		let least: { readonly other: number; readonly worth: number } | null = null;
		for (const isLeft of [true, false])
			for (const [other, on] of where.entries()) {
				if (on !== board || isLesson[other] || hasLeft[other] !== isLeft || (least && !isLeft)) continue;
				take(other);
				const now = worth();
				put(other, board);
				if (least === null || now > least.worth) least = { other, worth: now };
			}
		return least?.other ?? null;
	};
	const places = mayStand[tray].flatMap((board): Place[] => {
		const gives: number[] = [];
		for (;;) {
			const other = hasRoom(tray, board) ? null : leastOf(board);
			if (other === null) break;
			take(other);
			gives.push(other);
		}
		const own: Place[] = [];
		if (hasRoom(tray, board)) {
			put(tray, board);
			own.push({ board, gives, worth: worth() });
			take(tray);
		}
		for (const other of gives) put(other, board);
		return own;
	});
	const free = places.filter((one) => one.gives.length === 0);
	const [first, ...rest] = free.length ? free : places;
	return first ? rest.reduce((best, one) => (one.worth > best.worth ? one : best), first) : null;
}
