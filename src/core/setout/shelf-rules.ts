import type { ShelfChild } from './reach.ts';

/** A board of the activity shelf, mm: how high it is, how long, how deep, and what is free above it (null: all). */
export type Board = {
	readonly id: string;
	readonly name: string;
	readonly high: number;
	readonly along: number;
	readonly deep: number;
	readonly clear: number | null;
};

/** A tray with its activity. Measures in mm. */
export type Tray = {
	readonly id: string;
	readonly title: string;
	readonly along: number;
	readonly deep: number;
	readonly high: number;
	readonly skill: string;
	/** Small parts, cords, needles: nothing for a child under three. */
	readonly isDangerous: boolean;
	/** Whom it is right for. */
	readonly children: readonly string[];
	/** Weeks whose lessons it fits, counted from 0; null: any week. */
	readonly weeks: readonly number[] | null;
	/** A child loved it. */
	readonly isLoved: boolean;
};

export type ShelfInput = {
	readonly boards: readonly Board[];
	readonly trays: readonly Tray[];
	readonly children: readonly ShelfChild[];
	/** The same children with the reach of each week, since they grow; left out: as in `children` in every week. */
	readonly childrenIn?: readonly (readonly ShelfChild[])[];
	readonly weeks: number;
	/** Trays that may come new in one week, after the first. */
	readonly changes: number;
	/** Set once for all weeks, or anew each week. */
	readonly habit: 'weekly' | 'unit';
};

/** A tray on its board, from the left, mm. */
export type Standing = { readonly tray: string; readonly board: string; readonly x: number };

export type ShelfWeek = {
	readonly standing: readonly Standing[];
	readonly stays: readonly string[];
	readonly comes: readonly string[];
	readonly goes: readonly string[];
	/** Children who use the shelf and have nothing on it that they reach. */
	readonly without: readonly string[];
	/** What could have been out in this week and isn't, with the reason. */
	readonly left: readonly LeftOut[];
};

/** Why a tray is not out. The first reason that holds. */
export type LeftOut = {
	readonly tray: string;
	readonly isLesson: boolean;
	readonly why:
		| 'too wide'
		| 'too deep'
		| 'too tall'
		| 'too large'
		| 'no safe board'
		| 'out of reach'
		| 'enough changes'
		| 'no room';
};

/** What is wrong with a tray where it is, or with a week. */
export type Broken =
	| { readonly rule: 'danger'; readonly tray: string; readonly child: string; readonly high: number }
	| { readonly rule: 'too deep' | 'too tall'; readonly tray: string; readonly board: string }
	| { readonly rule: 'no room'; readonly board: string; readonly over: number }
	| { readonly rule: 'out of reach'; readonly tray: string; readonly child: string; readonly high: number }
	| { readonly rule: 'nothing for'; readonly child: string };

/** Between trays a hand goes, mm (common practice). */
export const GAP = 20;

/** What is asked, with the children as they are in one week. */
export const inWeek = <T extends Pick<ShelfInput, 'children' | 'childrenIn'>>(input: T, week: number): T => ({
	...input,
	children: input.childrenIn?.[week] ?? input.children
});

/** The same for a shelf that stands for all weeks: each reaches with ease what it does at first, and gets at what it does at last. */
export function inAllWeeks<T extends Pick<ShelfInput, 'children' | 'childrenIn'>>(input: T): T {
	const weeks = [input.children, ...(input.childrenIn ?? [])];
	return {
		...input,
		children: input.children.map((child) => {
			const all = weeks.flatMap((week) => week.filter((one) => one.id === child.id));
			return {
				...child,
				easy: Math.min(...all.map((one) => one.easy)),
				most: Math.max(...all.map((one) => one.most)),
				isUnderThree: all.some((one) => one.isUnderThree)
			};
		})
	};
}

/** Width that trays take on a board, mm, with the gaps between them. */
export const widthOf = (trays: readonly Pick<Tray, 'along'>[]): number =>
	trays.reduce((sum, one) => sum + one.along, 0) + GAP * Math.max(0, trays.length - 1);

/** Whether a tray stands on a board at all, by depth and height. */
export const standsOn = (tray: Tray, board: Board) =>
	tray.deep <= board.deep && (board.clear === null || tray.high <= board.clear) && tray.along <= board.along;

/** Children under three who get at a board: nothing dangerous may stand there. */
export const inDangerAt = (board: Board, children: readonly ShelfChild[]): ShelfChild[] =>
	children.filter((child) => child.isUnderThree && child.most >= board.high);

/** The boards on which a tray may stand at all: by its size, and not where it endangers somebody. */
export const boardsFor = (
	tray: Tray,
	{ boards, children }: Pick<ShelfInput, 'boards' | 'children'>
): Board[] =>
	boards.filter(
		(board) => standsOn(tray, board) && !(tray.isDangerous && inDangerAt(board, children).length > 0)
	);

/** Whether a tray belongs into a week, counted from 0. */
export const isForWeek = (tray: Tray, week: number): boolean =>
	tray.weeks === null || tray.weeks.includes(week);

/** Whether a tray is for children who use the shelf, and none of them takes it from a board with ease. */
export function reachesNobody(
	tray: Tray,
	board: Board,
	children: readonly Pick<ShelfChild, 'id' | 'uses' | 'easy'>[]
): boolean {
	const own = children.filter((child) => child.uses && tray.children.includes(child.id));
	return own.length > 0 && own.every((child) => child.easy < board.high);
}

/**
 * All rules that a week breaks (counted from 0; null: every one), whoever arranged it. A plan of `planShelf` breaks no
 * rule but “nothing for”, and that only where no tray is right for a child, or the lessons' trays leave no room. A
 * lesson's tray above the reach of its children is handed down, and so is what is dangerous.
 */
export function brokenRules(
	{ boards, trays, children }: Pick<ShelfInput, 'boards' | 'trays' | 'children'>,
	week: number | null,
	standing: readonly Pick<Standing, 'tray' | 'board'>[]
): Broken[] {
	const boardOf = new Map(boards.map((one) => [one.id, one]));
	const trayOf = new Map(trays.map((one) => [one.id, one]));
	const broken: Broken[] = [];
	for (const { tray: id, board: at } of standing) {
		const [tray, board] = [trayOf.get(id), boardOf.get(at)];
		if (!tray || !board) continue;
		if (tray.isDangerous)
			for (const child of inDangerAt(board, children))
				broken.push({ rule: 'danger', tray: id, child: child.id, high: board.high });
		if (tray.deep > board.deep) broken.push({ rule: 'too deep', tray: id, board: at });
		if (board.clear !== null && tray.high > board.clear)
			broken.push({ rule: 'too tall', tray: id, board: at });
		const isHanded = tray.isDangerous || (tray.weeks !== null && (week === null || isForWeek(tray, week)));
		if (!isHanded && reachesNobody(tray, board, children))
			for (const child of children)
				if (child.uses && tray.children.includes(child.id))
					broken.push({ rule: 'out of reach', tray: id, child: child.id, high: board.high });
	}
	for (const board of boards) {
		const own = standing.filter((one) => one.board === board.id).flatMap((one) => trayOf.get(one.tray) ?? []);
		const over = widthOf(own) - board.along;
		if (over > 0) broken.push({ rule: 'no room', board: board.id, over });
	}
	for (const child of withoutTray({ boards, trays, children }, standing))
		broken.push({ rule: 'nothing for', child });
	return broken;
}

/** Trays that come out on one day, at the table, at most (common practice). */
const MOST_A_DAY = 2;

/**
 * What comes out only on days without the children under three, and is put away before they are back: dangerous trays
 * that suit the week, stand on no board, and for which no board is safe. `home` says of each weekday which children
 * are at home; those of the week’s lessons go first, then what was loved, spread over the days.
 */
export function onDaysWithout<W>(
	{ boards, trays, children }: Pick<ShelfInput, 'boards' | 'trays' | 'children'>,
	week: number,
	standing: readonly Pick<Standing, 'tray'>[],
	home: readonly { readonly day: W; readonly children: readonly string[] }[]
): { readonly day: W; readonly trays: readonly string[] }[] {
	const small = children.filter((one) => one.isUnderThree);
	const days = home.filter((one) => !small.some((child) => one.children.includes(child.id)));
	if (small.length === 0 || days.length === 0) return [];
	const isOut = new Set(standing.map((one) => one.tray));
	const waiting = trays
		.filter(
			(tray) =>
				tray.isDangerous &&
				!isOut.has(tray.id) &&
				tray.children.some((id) => !small.some((child) => child.id === id)) &&
				(tray.weeks === null || tray.weeks.includes(week)) &&
				!boards.some((board) => standsOn(tray, board) && inDangerAt(board, small).length === 0)
		)
		.toSorted(
			(a, b) =>
				Number(b.weeks !== null) - Number(a.weeks !== null) ||
				Number(b.isLoved) - Number(a.isLoved) ||
				(a.id < b.id ? -1 : 1)
		)
		.slice(0, days.length * MOST_A_DAY);
	return days
		.map(({ day }, at) => ({
			day,
			trays: waiting.filter((_, index) => index % days.length === at).map((one) => one.id)
		}))
		.filter((one) => one.trays.length > 0);
}

/** Children who use the shelf and reach no tray on it that is right for them. */
export function withoutTray(
	{ boards, trays, children }: Pick<ShelfInput, 'boards' | 'trays' | 'children'>,
	standing: readonly Pick<Standing, 'tray' | 'board'>[]
): string[] {
	const boardOf = new Map(boards.map((one) => [one.id, one]));
	const trayOf = new Map(trays.map((one) => [one.id, one]));
	return children
		.filter((child) => child.uses)
		.filter(
			(child) =>
				!standing.some(
					(one) =>
						trayOf.get(one.tray)!.children.includes(child.id) && boardOf.get(one.board)!.high <= child.easy
				)
		)
		.map((child) => child.id);
}
