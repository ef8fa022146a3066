import {
	boardsFor,
	GAP,
	isForWeek,
	reachesNobody,
	type Board,
	type ShelfInput,
	type Tray
} from './shelf-rules.ts';

/** Which board each tray stands on, by their places in the lists; null: it is away. */
export type Filling = (number | null)[];

/**
 * A shelf while it is being filled for one week: what stands where, whether there is room, and what it is worth. The
 * aims go strictly in this order, a higher one before any number of the lower ones: trays of the week’s lessons are
 * out; every child who uses the shelf has something within reach; no more trays come new than wanted; lesson trays
 * are within reach; many skills; what stood before stays; then a second tray for a child, what was loved, and a full
 * shelf. Danger and size are no aims: such a tray has no board to stand on.
 */
export type Shelf = {
	/** Boards on which each tray may stand, from below; none where it has nothing to do on this shelf this week. */
	readonly mayStand: readonly (readonly number[])[];
	readonly isLesson: readonly boolean[];
	readonly where: Readonly<Filling>;
	put(tray: number, board: number): void;
	take(tray: number): void;
	hasRoom(tray: number, board: number): boolean;
	/** Points; more is better. */
	worth(): number;
	/** Points that no filling goes beyond that has what stands now, and of `rest` whatever else finds room. */
	worthAtMost(rest: readonly number[]): number;
};

/** What is counted for the aims, the first first. */
type Tally = {
	lessons: number;
	served: number;
	over: number;
	within: number;
	skills: number;
	stays: number;
	small: number;
};

/** Points of the last aim: a second tray for a child, one that was loved, any tray within reach, any at all. */
const SMALL = { second: 12, loved: 15, within: 8, any: 1 };
const MOST_SECOND = 2;

/** An empty shelf for a week, counted from 0, after one on which `last` stood. Without a week every tray fits. */
export function emptyShelf(input: ShelfInput, week: number | null, last: ReadonlySet<string>): Shelf {
	const { boards, trays, changes } = input;
	const users = input.children.filter((one) => one.uses);
	const isLesson = trays.map((tray) => tray.weeks !== null && (week === null || isForWeek(tray, week)));
	const mayStand = trays.map((tray, at) =>
		tray.weeks !== null && !isLesson[at]
			? []
			: boardsFor(tray, input)
					.filter((board) => isLesson[at] || tray.isDangerous || !reachesNobody(tray, board, users))
					.map((board) => boards.indexOf(board))
	);
	const serves = trays.map((tray) =>
		boards.map((board) =>
			users.flatMap((child, at) => (tray.children.includes(child.id) && board.high <= child.easy ? [at] : []))
		)
	);
	const servesAnywhere = trays.map((_, at) => [
		...new Set(mayStand[at].flatMap((board) => serves[at][board]))
	]);
	const kinds = [...new Set(trays.map((one) => one.skill))];
	const skillOf = trays.map((one) => kinds.indexOf(one.skill));
	const isLast = trays.map((one) => last.has(one.id));
	const isFirst = last.size === 0;
	const pointsOf = pointsFor(trays.length, users.length, kinds.length);

	const where: Filling = trays.map(() => null);
	const used = boards.map(() => 0);
	const counts = boards.map(() => 0);
	const served = users.map(() => 0);
	const skills = kinds.map(() => 0);
	const sum = { lessons: 0, came: 0, within: 0, stays: 0, small: 0 };

	const takes = (tray: number, board: number) => trays[tray].along + (counts[board] > 0 ? GAP : 0);
	const hasRoom = (tray: number, board: number) => used[board] + takes(tray, board) <= boards[board].along;
	function add(tray: number, board: number, sign: 1 | -1): void {
		const own = serves[tray][board];
		const isWithin = own.length > 0;
		for (const child of own) served[child] += sign;
		// A tray that none of its children reaches teaches no skill by itself: it is handed down.
		if (isWithin) skills[skillOf[tray]] += sign;
		if (isLesson[tray]) sum.lessons += sign;
		if (isLesson[tray] && isWithin) sum.within += sign;
		if (isLast[tray]) sum.stays += sign;
		else sum.came += sign;
		sum.small += sign * smallOf(trays[tray], isWithin);
		counts[board] += sign;
	}
	const over = () => (isFirst ? 0 : Math.max(0, sum.came - changes));
	const secondOf = (count: number) => Math.min(MOST_SECOND, Math.max(0, count - 1));

	return {
		mayStand,
		isLesson,
		where,
		hasRoom,
		put(tray, board) {
			used[board] += takes(tray, board);
			add(tray, board, 1);
			where[tray] = board;
		},
		take(tray) {
			const board = where[tray]!;
			add(tray, board, -1);
			used[board] -= takes(tray, board);
			where[tray] = null;
		},
		worth: () =>
			pointsOf({
				lessons: sum.lessons,
				served: served.filter((count) => count > 0).length,
				over: over(),
				within: sum.within,
				skills: skills.filter((count) => count > 0).length,
				stays: sum.stays,
				small: sum.small + SMALL.second * served.reduce((all, count) => all + secondOf(count), 0)
			}),
		worthAtMost(rest) {
			const more = { lessons: 0, within: 0, stays: 0, small: 0 };
			const [childMore, skillMore] = [served.slice(), skills.slice()];
			for (const tray of rest) {
				if (!mayStand[tray].some((board) => hasRoom(tray, board))) continue;
				const isWithin = servesAnywhere[tray].length > 0;
				for (const child of servesAnywhere[tray]) childMore[child]++;
				if (isWithin) skillMore[skillOf[tray]]++;
				if (isLesson[tray]) more.lessons++;
				if (isLesson[tray] && isWithin) more.within++;
				if (isLast[tray]) more.stays++;
				more.small += smallOf(trays[tray], isWithin);
			}
			return pointsOf({
				lessons: sum.lessons + more.lessons,
				served: childMore.filter((count) => count > 0).length,
				over: over(),
				within: sum.within + more.within,
				skills: skillMore.filter((count) => count > 0).length,
				stays: sum.stays + more.stays,
				small:
					sum.small + more.small + SMALL.second * childMore.reduce((all, count) => all + secondOf(count), 0)
			});
		}
	};
}

const smallOf = (tray: Tray, isWithin: boolean): number =>
	SMALL.any + (isWithin ? SMALL.within : 0) + (tray.isLoved ? SMALL.loved : 0);

/** Points by which one of a higher aim is always worth more than all of the lower ones together. */
function pointsFor(trays: number, users: number, skills: number): (tally: Tally) => number {
	const small = users * MOST_SECOND * SMALL.second + trays * (SMALL.any + SMALL.within + SMALL.loved);
	const stay = small + 1;
	const skill = stay * (trays + 1);
	const within = skill * (skills + 1);
	const over = within * (trays + 1);
	const served = over * (trays + 1);
	const lesson = served * (users + 1);
	return (tally) =>
		tally.lessons * lesson +
		tally.served * served -
		tally.over * over +
		tally.within * within +
		tally.skills * skill +
		tally.stays * stay +
		tally.small;
}

/** Trays in their places: on each board from the left, in the order of the list. */
export function asStanding(boards: readonly Board[], trays: readonly Tray[], where: Readonly<Filling>) {
	return boards.flatMap((board, at) => {
		let x = 0;
		return trays.flatMap((tray, index) => {
			if (where[index] !== at) return [];
			const own = { tray: tray.id, board: board.id, x };
			x += tray.along + GAP;
			return [own];
		});
	});
}
