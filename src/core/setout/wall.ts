import { CoreError } from '../error.ts';

/** A wall, board or door with cards of one size; measures in mm. */
export type Wall = {
	readonly width: number;
	readonly height: number;
	readonly cardWidth: number;
	readonly cardHeight: number;
	readonly gap: number;
};

export type WallLayout = {
	readonly columns: number;
	readonly rows: number;
	readonly room: number;
	/** Where each place begins, from the upper left corner, row by row, in the middle of the board. */
	readonly places: readonly { readonly x: number; readonly y: number }[];
};

const NOISE = 1e-9;

/**
 * How many cards hang on a board, and where: in rows and columns, all upright, with gaps between them.
 *
 * @throws CoreError on measures that are not above 0 and gaps below 0
 * @example layWall({ width: 900, height: 600, cardWidth: 140, cardHeight: 108, gap: 10 }).room // 30
 */
export function layWall({ width, height, cardWidth, cardHeight, gap }: Wall): WallLayout {
	if (![width, height].every((one) => Number.isFinite(one) && one > 0))
		throw new CoreError('A board of 0 holds nothing: give its width and height.', 'width');
	if (![cardWidth, cardHeight].every((one) => Number.isFinite(one) && one > 0))
		throw new CoreError('Each side of a card is more than 0.', 'cardWidth');
	if (!(gap >= 0)) throw new CoreError('The gap is 0 or more.', 'gap');
	const many = (room: number, card: number) => Math.max(0, Math.floor((room + gap) / (card + gap) + NOISE));
	const [columns, rows] = [many(width, cardWidth), many(height, cardHeight)];
	const left = (width - (columns * (cardWidth + gap) - gap)) / 2;
	const top = (height - (rows * (cardHeight + gap) - gap)) / 2;
	return {
		columns,
		rows,
		room: columns * rows,
		places: Array.from({ length: columns * rows }, (_, at) => ({
			x: left + (at % columns) * (cardWidth + gap),
			y: top + Math.floor(at / columns) * (cardHeight + gap)
		}))
	};
}

/** What hangs after a lesson. */
export type WallStep = {
	readonly lesson: string;
	readonly comes: readonly string[];
	/** What has to come down first: the oldest ones. */
	readonly down: readonly string[];
	readonly up: readonly string[];
	/** Words of this very lesson that find no place even on an empty board. */
	readonly left: readonly string[];
};

/**
 * Words that come up with each lesson and those that must come down for them, the oldest first; words that are kept up
 * to the end stay. A lesson's own words never push each other off.
 */
export function wallSteps(
	lessons: readonly { readonly lesson: string; readonly words: readonly string[] }[],
	room: number,
	kept: ReadonlySet<string> = new Set()
): WallStep[] {
	let up: string[] = [];
	return lessons.map(({ lesson, words }) => {
		const stays = up.filter((word) => kept.has(word)).length;
		const comes = words.slice(0, Math.max(0, room - stays));
		const left = words.slice(comes.length);
		const over = Math.max(0, up.length + comes.length - room);
		const down = up.filter((word) => !kept.has(word)).slice(0, over);
		const gone = new Set(down);
		up = [...up.filter((word) => !gone.has(word)), ...comes];
		return { lesson, comes, down, up, left };
	});
}

/** The first lesson whose words find no free place, by its index; null while all hang together. */
export function fullAt(steps: readonly WallStep[]): number | null {
	const at = steps.findIndex((one) => one.down.length > 0 || one.left.length > 0);
	return at < 0 ? null : at;
}
