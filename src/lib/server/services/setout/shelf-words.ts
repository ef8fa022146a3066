import { lengthText, type System } from '$core/measure/index.ts';
import {
	inDangerAt,
	leftOutText,
	type Broken,
	type LeftOut,
	type ShelfInput,
	type Tray
} from '$core/setout/index.ts';
import { listText } from '$core/words/index.ts';
import type { Situation } from '$core/account/index.ts';

/** A height as one says it: whole centimeters, or inches to the eighth. */
export const heightText = (mm: number, measures: System): string =>
	lengthText(measures === 'metric' ? Math.round(mm / 10) * 10 : mm, measures);

/** A broken rule as a sentence. */
export function brokenText(now: Situation, { boards, children, trays }: ShelfInput, one: Broken): string {
	const { measures } = now.snapshot.household;
	const mm = (length: number) => heightText(length, measures);
	const board = 'board' in one ? boards.find((other) => other.id === one.board) : undefined;
	const tray = 'tray' in one ? trays.find((other) => other.id === one.tray) : undefined;
	const child = 'child' in one ? children.find((other) => other.id === one.child) : undefined;
	switch (one.rule) {
		case 'danger':
			return `${tray!.title} is at ${mm(one.high)}, and ${child!.name} gets at ${mm(child!.most)}: not for a child under three.`;
		case 'too deep':
			return `${tray!.title} is deeper than the board ${board!.name}.`;
		case 'too tall':
			return `${tray!.title} is too tall for the board ${board!.name}.`;
		case 'no room':
			return `${board!.name} is too full by ${mm(one.over)}.`;
		case 'out of reach':
			return `${tray!.title} is at ${mm(one.high)}; ${child!.name} reaches ${mm(child!.easy)} with ease.`;
		case 'nothing for':
			return `Nothing here for ${child!.name}, at a height ${child!.name} reaches with ease.`;
	}
}

/** Why a tray is on its board, or not out in this week. */
export function whyOf(
	now: Situation,
	input: ShelfInput,
	tray: Tray,
	at: string | null,
	week: number | null,
	left: readonly LeftOut[]
): string {
	const { measures } = now.snapshot.household;
	const { boards, children } = input;
	const mm = (length: number) => heightText(length, measures);
	const board = boards.find((one) => one.id === at);
	if (board) {
		const small = children.filter((one) => one.isUnderThree);
		if (inDangerAt(board, children).length && tray.isDangerous) return '';
		const isForSmall = tray.children.every((id) => small.some((one) => one.id === id));
		if (tray.isDangerous && small.length && isForSmall && tray.children.length)
			return `handed down, with you beside ${listText(small.filter((one) => tray.children.includes(one.id)).map((one) => one.name))}; at ${mm(board.high)}, out of reach`;
		if (tray.isDangerous && small.length)
			return `at ${mm(board.high)}, out of reach of ${listText(small.map((one) => `${one.name} (${mm(one.most)})`))}`;
		const own = children.filter((one) => one.uses && tray.children.includes(one.id));
		const reached = own.filter((one) => one.easy >= board.high);
		const fits = tray.weeks && (week === null || tray.weeks.includes(week)) ? 'for this week’s lesson; ' : '';
		if (reached.length === 0) return `${fits}at ${mm(board.high)}, handed down`;
		const others = own.filter((one) => !reached.includes(one));
		const handed = others.length ? `; handed down to ${listText(others.map((one) => one.name))}` : '';
		return `${fits}at ${mm(board.high)}, which ${listText(reached.map((one) => one.name))} can reach${handed}`;
	}
	const out = left.find((one) => one.tray === tray.id);
	return out ? leftOutText(input, out) : 'for the lessons of another week';
}
