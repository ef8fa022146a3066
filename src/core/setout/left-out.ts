import { counted, listText } from '../words/index.ts';
import {
	boardsFor,
	inDangerAt,
	isForWeek,
	reachesNobody,
	standsOn,
	widthOf,
	type Board,
	type LeftOut,
	type ShelfInput,
	type Standing,
	type Tray
} from './shelf-rules.ts';

/**
 * What suits a week, counted from 0 (null: every one), and is not out in it, each with the reason. `before`: what stood
 * in the week before.
 */
export function leftOut(
	input: Pick<ShelfInput, 'boards' | 'trays' | 'children' | 'changes'>,
	week: number | null,
	standing: readonly Pick<Standing, 'tray' | 'board'>[],
	before: ReadonlySet<string>
): LeftOut[] {
	const { boards, trays, children, changes } = input;
	const isOut = new Set(standing.map((one) => one.tray));
	const came = standing.filter((one) => !before.has(one.tray)).length;
	const trayOf = new Map(trays.map((one) => [one.id, one]));
	const hasRoom = (tray: Tray, board: Board) =>
		widthOf([
			tray,
			...standing.flatMap((one) => (one.board === board.id ? (trayOf.get(one.tray) ?? []) : []))
		]) <= board.along;
	const whyNot = (tray: Tray): LeftOut['why'] => {
		const fitting = boards.filter((board) => standsOn(tray, board));
		if (fitting.length === 0)
			return boards.every((board) => tray.along > board.along)
				? 'too wide'
				: boards.every((board) => tray.deep > board.deep)
					? 'too deep'
					: boards.every((board) => board.clear !== null && tray.high > board.clear)
						? 'too tall'
						: 'too large';
		const safe = boardsFor(tray, input);
		if (safe.length === 0) return 'no safe board';
		const isHanded = tray.weeks !== null || tray.isDangerous;
		const within = isHanded ? safe : safe.filter((board) => !reachesNobody(tray, board, children));
		if (within.length === 0) return 'out of reach';
		return before.size > 0 && came >= changes && within.some((board) => hasRoom(tray, board))
			? 'enough changes'
			: 'no room';
	};
	return trays
		.filter((tray) => !isOut.has(tray.id) && (week === null || isForWeek(tray, week)))
		.map((tray) => ({ tray: tray.id, isLesson: tray.weeks !== null, why: whyNot(tray) }));
}

/** The reason as it is said behind the tray's name, without a capital or a period. */
export function leftOutText(
	{ boards, trays, children, changes }: Pick<ShelfInput, 'boards' | 'trays' | 'children' | 'changes'>,
	{ tray: id, isLesson, why }: LeftOut
): string {
	const tray = trays.find((one) => one.id === id)!;
	switch (why) {
		case 'no safe board': {
			const names = new Set(
				boards
					.filter((board) => standsOn(tray, board))
					.flatMap((board) => inDangerAt(board, children).map((child) => child.name))
			);
			const whom = listText([...names]);
			return `nothing for a child under three, and no board is out of ${whom}’s reach: only while you watch, or on a day without ${whom}`;
		}
		case 'out of reach': {
			const whom = children.filter((one) => one.uses && tray.children.includes(one.id));
			return `every board it fits is above what ${listText(whom.map((one) => one.name))} can reach`;
		}
		case 'enough changes':
			return changes === 0
				? 'no new trays, as you set'
				: `${counted(changes, 'new tray')} a week at most, as you set`;
		case 'no room':
			return isLesson ? 'for this week’s lesson, but the boards are full' : 'others go first this week';
		default:
			return `${why} for every board`;
	}
}
