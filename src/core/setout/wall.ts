import { CoreError } from '../error.ts';

/** A wall, board or door with cards of one size; measures in mm. */
export type Wall = {
	readonly width: number;
	readonly height: number;
	readonly cardWidth: number;
	readonly cardHeight: number;
	readonly gap: number;
};

/** A rectangle on a board, from its upper left corner, mm. */
export type Spot = {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
};

/** A poster, map or chart of its own size. */
export type Poster = { readonly id: string; readonly width: number; readonly height: number };

export type WallLayout = {
	readonly columns: number;
	readonly rows: number;
	readonly room: number;
	/** Where each place begins, from the upper left corner, row by row, in the middle of the board. */
	readonly places: readonly { readonly x: number; readonly y: number }[];
};

export type PosterLayout = {
	readonly hung: readonly (Spot & { readonly id: string })[];
	/** Posters for which no room is left. */
	readonly left: readonly string[];
};

const NOISE = 1e-9;
/** No board of a home has more places; with more its measures are a slip. */
const MOST_PLACES = 2_000;

/**
 * How many cards hang on a board, and where: in rows and columns, all upright, with gaps between them. Places that a
 * poster covers, or that are nearer to it than the gap, are no places.
 *
 * @throws CoreError on measures that are not above 0, gaps below 0, and more than 2,000 places
 * @example layWall({ width: 900, height: 600, cardWidth: 140, cardHeight: 108, gap: 10 }).room // 30
 */
export function layWall(wall: Wall, posters: readonly Spot[] = []): WallLayout {
	const { cardWidth: width, cardHeight: height, gap } = wall;
	const { columns, rows, all } = gridOf(wall);
	const places = all.filter((place) => !posters.some((one) => isNear(one, { ...place, width, height }, gap)));
	return { columns, rows, room: places.length, places };
}

/** Whether two rectangles overlap, or are nearer to each other than the gap. */
const isNear = (a: Spot, b: Spot, gap: number): boolean =>
	a.x < b.x + b.width + gap - NOISE &&
	b.x < a.x + a.width + gap - NOISE &&
	a.y < b.y + b.height + gap - NOISE &&
	b.y < a.y + a.height + gap - NOISE;

function gridOf({ width, height, cardWidth, cardHeight, gap }: Wall) {
	if (![width, height].every((one) => Number.isFinite(one) && one > 0))
		throw new CoreError('A board of 0 holds nothing: give its width and height.', 'width');
	if (![cardWidth, cardHeight].every((one) => Number.isFinite(one) && one > 0))
		throw new CoreError('Each side of a card is more than 0.', 'cardWidth');
	if (!(gap >= 0)) throw new CoreError('The gap is 0 or more.', 'gap');
	const many = (room: number, card: number) => Math.max(0, Math.floor((room + gap) / (card + gap) + NOISE));
	const [columns, rows] = [many(width, cardWidth), many(height, cardHeight)];
	if (columns * rows > MOST_PLACES)
		throw new CoreError('That’s more than 2,000 cards on one board. Check the measures.', 'cardWidth');
	const left = (width - (columns * (cardWidth + gap) - gap)) / 2;
	const top = (height - (rows * (cardHeight + gap) - gap)) / 2;
	return {
		columns,
		rows,
		all: Array.from({ length: columns * rows }, (_, at) => ({
			x: left + (at % columns) * (cardWidth + gap),
			y: top + Math.floor(at / columns) * (cardHeight + gap)
		}))
	};
}

/**
 * Where posters hang, one after another, none over another: each where it takes the fewest places from the cards, then
 * as far up and as far right as it goes. Where one hangs does not depend on those that come after it.
 *
 * @throws CoreError as `layWall`, and on a poster of 0
 * @example
 * hangPosters({ width: 900, height: 600, cardWidth: 140, cardHeight: 108, gap: 10 },
 *   [{ id: 'map', width: 290, height: 226 }]).hung // [{ id: 'map', x: 605, y: 10, width: 290, height: 226 }]
 */
export function hangPosters(wall: Wall, posters: readonly Poster[]): PosterLayout {
	const { cardWidth, cardHeight, gap } = wall;
	const { columns, rows, all } = gridOf(wall);
	const cells = all.map((one) => ({ ...one, width: cardWidth, height: cardHeight }));
	const lefts = cells.slice(0, columns).map((one) => one.x);
	const tops = cells.filter((_, at) => at % columns === 0).map((one) => one.y);
	const hung: (Spot & { id: string })[] = [];
	const left: string[] = [];
	for (const { id, width, height } of posters) {
		if (![width, height].every((one) => Number.isFinite(one) && one > 0))
			throw new CoreError('Each side of a poster is more than 0.', 'posterWidth');
		const isFree = cells.map((cell) => !hung.some((one) => isNear(one, cell, gap)));
		/** Free places above and left of a row and a column, so that those under a spot are told from four sums. */
		const sums = Array.from({ length: rows + 1 }, () => new Array<number>(columns + 1).fill(0));
		for (let row = 0; row < rows; row++)
			for (let column = 0; column < columns; column++)
				sums[row + 1][column + 1] =
					sums[row][column + 1] +
					sums[row + 1][column] -
					sums[row][column] +
					Number(isFree[row * columns + column]);
		const takes = ({ x, y }: Spot) => {
			const [c1, c2] = touched(lefts, cardWidth, x - gap, x + width + gap);
			const [r1, r2] = touched(tops, cardHeight, y - gap, y + height + gap);
			return sums[r2][c2] - sums[r1][c2] - sums[r2][c1] + sums[r1][c1];
		};
		// Tried at the edges of the board, of other posters, and of cards: beside these a poster costs least.
		const xs = [
			0,
			wall.width - width,
			...hung.flatMap((one) => [one.x + one.width + gap, one.x - gap - width]),
			...lefts.flatMap((x) => [x, x + cardWidth - width])
		];
		const ys = [
			0,
			wall.height - height,
			...hung.flatMap((one) => [one.y + one.height + gap, one.y - gap - height]),
			...tops.flatMap((y) => [y, y + cardHeight - height])
		];
		let best: { spot: Spot; taken: number } | null = null;
		for (const y of [...new Set(ys)].toSorted((a, b) => a - b))
			for (const x of [...new Set(xs)].toSorted((a, b) => b - a)) {
				const spot = { x, y, width, height };
				if (x < -NOISE || y < -NOISE || x + width > wall.width + NOISE || y + height > wall.height + NOISE)
					continue;
				if (hung.some((one) => isNear(one, spot, gap))) continue;
				const taken = takes(spot);
				if (best === null || taken < best.taken) best = { spot, taken };
			}
		if (best) hung.push({ id, ...best.spot });
		else left.push(id);
	}
	return { hung, left };
}

/** Which of several equal stretches lie between two ends at least in part: from one index, before another. */
function touched(starts: readonly number[], size: number, from: number, to: number): [number, number] {
	const first = starts.findIndex((one) => one + size > from + NOISE);
	const after = starts.findIndex((one) => one >= to - NOISE);
	const end = after < 0 ? starts.length : after;
	return first < 0 || first > end ? [end, end] : [first, end];
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
 * to the end stay. A lesson's own words never push each other off. The room is that of the board, or of each lesson
 * where posters that come with one take some of it.
 */
export function wallSteps(
	lessons: readonly { readonly lesson: string; readonly words: readonly string[] }[],
	rooms: number | readonly number[],
	kept: ReadonlySet<string> = new Set()
): WallStep[] {
	let up: string[] = [];
	return lessons.map(({ lesson, words }, at) => {
		const room = typeof rooms === 'number' ? rooms : rooms[at];
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

/** What a place of the board is called: its corner in whole mm, “150,118”. */
export const placeName = ({ x, y }: Pick<Spot, 'x' | 'y'>): string => `${Math.round(x)},${Math.round(y)}`;

/**
 * Which card is at which place after each lesson. A card stays where it hangs as long as its place is there; one that
 * somebody gave a place hangs there; the others take the first free one. A card that hangs on gives way only to one
 * that was put into its place.
 *
 * @param up what hangs after each lesson, as `wallSteps` has it
 * @param places the names of the places there are after each lesson, in their order
 * @param wanted the place that somebody gave to a card
 * @returns for each lesson its cards, each with its place
 * @example
 * placeCards([['a', 'b'], ['b', 'c']], [['1', '2'], ['1', '2']], new Map())
 * // [Map { a → '1', b → '2' }, Map { b → '2', c → '1' }]
 */
export function placeCards(
	up: readonly (readonly string[])[],
	places: readonly (readonly string[])[],
	wanted: ReadonlyMap<string, string>
): ReadonlyMap<string, string>[] {
	let before: ReadonlyMap<string, string> = new Map();
	return up.map((cards, at) => {
		const free = new Set(places[at]);
		const now = new Map<string, string>();
		const hang = (those: readonly string[], placeOf: (card: string) => string | undefined) => {
			for (const card of those) {
				const place = now.has(card) ? undefined : placeOf(card);
				if (place === undefined || !free.delete(place)) continue;
				now.set(card, place);
			}
		};
		const stays = cards.filter((card) => before.has(card));
		hang(stays, (card) => wanted.get(card));
		hang(stays, (card) => before.get(card));
		hang(cards, (card) => wanted.get(card));
		for (const card of cards) hang([card], () => free.values().next().value);
		before = now;
		return now;
	});
}
