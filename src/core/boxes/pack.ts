import { CoreError } from '../error.ts';
import { seeded } from '../random.ts';
import { fill, fits, type Lying, type Piece, type Rule, type Space, type Work } from './fill.ts';
import { fillRooms, readied, type Habit, type Ready } from './spaces.ts';

/** Boxes of one kind: inner measures in mm, what one may weigh in kg, and how many there are. */
export type BoxKind = Space & { readonly box: string; readonly count: number };

/** Things of one kind: measures in mm, weight of one in kg. */
export type ItemKind = {
	readonly item: string;
	readonly length: number;
	readonly width: number;
	readonly height: number;
	readonly kg: number;
	readonly keepUpright: boolean;
	readonly count: number;
	/** Nothing may rest on it; it goes in last. */
	readonly fragile?: boolean;
	/** What is needed sooner lies higher: the larger, the later it goes in. */
	readonly late?: number;
};

export type PackInput = { readonly boxes: readonly BoxKind[]; readonly items: readonly ItemKind[] };

export type PackedBox = {
	readonly box: string;
	/** From 1 to its count. */
	readonly copy: number;
	readonly kg: number;
	/** Share of the box's volume. */
	readonly fill: number;
	/** In the order in which they go in. */
	readonly items: readonly (Omit<Lying, 'piece'> & { readonly item: string })[];
};

export type Packing = {
	readonly used: readonly PackedBox[];
	readonly left: readonly { readonly item: string; readonly count: number }[];
};

/** How far a packing has come, for a progress bar: 0 to 1. */
export type Progress = (share: number) => void;

/** One box with what lies in it. */
type Full = { readonly kind: number; readonly lying: readonly Lying[]; readonly kg: number };
type Try = { readonly full: readonly Full[]; readonly left: readonly Piece[] };

/** Looks that a search may take, some two seconds of an ordinary computer at most. */
const MOST_WORK = 13_000_000;
/** The share of it that goes to orders of pieces; the rest to closing box by box. */
const BY_ORDERS = 0.15;
/** So many rounds without anything better, and a search ends: with few things all has been tried by then. */
const MOST_STALE = 250;
/** Rounds that a search may take: with few things each one is short. */
const MOST_ROUNDS = 4_000;
const RULES: readonly Rule[] = ['low', 'flat', 'corner', 'wall'];

const volumeOf = (one: Pick<Space, 'length' | 'width' | 'height'>) => one.length * one.width * one.height;
const ORDERS: readonly ((piece: Piece) => number)[] = [
	volumeOf,
	(one) => one.length * one.width,
	(one) => Math.max(one.length, one.width, one.height),
	(one) => one.kg,
	(one) => one.height,
	(one) => one.kg / volumeOf(one)
];

/**
 * Puts things into boxes: fewest left out, then fewest boxes, then the smallest ones. Nothing floats, overlaps, stands
 * out or makes a box too heavy. As good as a strong heuristic; not proved to be the best. `most` bounds how much is
 * looked at.
 *
 * @throws CoreError on measures that are not above 0, weights below 0 and counts that are not whole
 * @example
 * pack({ boxes: [{ box: 'tote', length: 400, width: 300, height: 250, maxKg: 12, count: 3 }],
 *   items: [{ item: 'atlas', length: 300, width: 240, height: 20, kg: 1.1, keepUpright: false, count: 1 }] })
 * // { used: [{ box: 'tote', copy: 1, kg: 1.1, fill: 0.048, items: [{ item: 'atlas', x: 0, y: 0, z: 0, … }] }], left: [] }
 */
export function pack(input: PackInput, progress: Progress = () => undefined, most = MOST_WORK): Packing {
	check(input);
	const { boxes, items } = input;
	const pieces = items.flatMap((item, index) =>
		Array.from({ length: item.count }, (): Piece => ({
			item: index,
			length: item.length,
			width: item.width,
			height: item.height,
			kg: item.kg,
			keepUpright: item.keepUpright,
			fragile: item.fragile ?? false
		}))
	);
	const lateness = (piece: Piece) => (piece.fragile ? 1e6 : 0) + (items[piece.item].late ?? 0);
	const draw = seeded(2_463);
	const random = () => draw() / 2 ** 32;
	// What goes into no box at all is left whatever is tried.
	const possible = pieces.filter((piece) => boxes.some((box) => box.count > 0 && fits(piece, box)));
	const least = fewestBoxes(boxes, possible);
	const work: Work = { done: 0 };
	let best: Try | null = null;
	const isDone = () =>
		best !== null &&
		best.left.length === pieces.length - possible.length &&
		best.full.length <= least &&
		(boxes.length === 1 || best.full.length === 0);
	let stale = 0;
	const take = (tried: Try) => {
		stale++;
		if (best === null || isBetter(boxes, tried, best)) [best, stale] = [tried, 0];
		progress(Math.min(1, work.done / most));
	};
	// One order of pieces after another, all boxes by it.
	for (
		let round = 0;
		round < MOST_ROUNDS && stale < MOST_STALE && !isDone() && (best === null || work.done < most * BY_ORDERS);
		round++
	) {
		const rule = RULES[round % RULES.length];
		const byKey = ORDERS[Math.floor(round / RULES.length) % ORDERS.length];
		const spread = round < RULES.length * ORDERS.length ? 0 : 0.5;
		const keys = new Map(pieces.map((piece) => [piece, byKey(piece) * (1 - spread * random())]));
		const inOrder = pieces.toSorted((a, b) => lateness(a) - lateness(b) || keys.get(b)! - keys.get(a)!);
		// Later rounds try some things lying otherwise than is best for them alone.
		const wishes = new Map(
			spread > 0 ? pieces.map((piece) => [piece, random() < 0.5 ? Math.floor(random() * 6) : null]) : []
		);
		const wish = (piece: Piece) => wishes.get(piece) ?? null;
		take(smaller(boxes, packAll(boxes, inOrder, rule, wish, round % 2 === 0, work), rule, wish, work));
	}
	// One box closed as full as can be after the other; then a few boxes emptied and filled anew, again and again.
	stale = 0;
	const search = new Search(boxes, pieces, lateness, random, work);
	for (let round = 0; round < MOST_ROUNDS && stale < MOST_STALE && !isDone() && work.done < most; round++) {
		const isFresh = best === null || round % 8 === 0;
		const share = most * (isFresh ? 0.06 : 0.02);
		take(isFresh ? search.closeAll(share, round % 16 === 0) : search.again(best!, share));
	}
	// Boxes that the search has left give way to smaller ones where these take the same.
	take(smaller(boxes, best!, 'low', () => null, work));
	return asPacking(boxes, items, best!);
}

function check({ boxes, items }: PackInput): void {
	const isMeasure = (value: number) => Number.isFinite(value) && value > 0;
	const isCount = (value: number) => Number.isInteger(value) && value >= 0;
	for (const [at, box] of boxes.entries()) {
		if (![box.length, box.width, box.height].every(isMeasure))
			throw new CoreError(`Each side of “${box.box}” is more than 0 mm.`, `boxes[${at}]`);
		if (!Number.isFinite(box.maxKg) || box.maxKg < 0)
			throw new CoreError(`“${box.box}” can’t hold less than 0 kg.`, `boxes[${at}].maxKg`);
		if (!isCount(box.count)) throw new CoreError(`Boxes are counted whole, 0 or more.`, `boxes[${at}].count`);
		if (boxes.findIndex((one) => one.box === box.box) !== at)
			throw new CoreError(`Two boxes are called “${box.box}”.`, `boxes[${at}].box`);
	}
	for (const [at, item] of items.entries()) {
		if (![item.length, item.width, item.height].every(isMeasure))
			throw new CoreError(`Each side of “${item.item}” is more than 0 mm.`, `items[${at}]`);
		if (!Number.isFinite(item.kg) || item.kg < 0)
			throw new CoreError(`“${item.item}” can’t weigh less than 0 kg.`, `items[${at}].kg`);
		if (!isCount(item.count))
			throw new CoreError(`Things are counted whole, 0 or more.`, `items[${at}].count`);
		if (items.findIndex((one) => one.item === item.item) !== at)
			throw new CoreError(`Two things are called “${item.item}”.`, `items[${at}].item`);
	}
}

/** No packing of all takes fewer boxes than this: by weight and by volume. */
function fewestBoxes(boxes: readonly BoxKind[], pieces: readonly Piece[]): number {
	const all = boxes.flatMap((box) => Array.from({ length: Math.min(box.count, pieces.length) }, () => box));
	const bound = (of: (box: BoxKind) => number, total: number) => {
		let sum = 0;
		const sizes = all.map(of).sort((a, b) => b - a);
		for (const [at, size] of sizes.entries()) {
			if (sum >= total - 1e-9) return at;
			sum += size;
		}
		return sizes.length;
	};
	const sum = (of: (piece: Piece) => number) => pieces.reduce((all, one) => all + of(one), 0);
	return Math.max(
		bound(volumeOf, sum(volumeOf)),
		bound(
			(box) => box.maxKg,
			sum((one) => one.kg)
		)
	);
}

/** Fills box after box, each time the kind that takes most: of the volume, or of the pieces. */
function packAll(
	boxes: readonly BoxKind[],
	pieces: readonly Piece[],
	rule: Rule,
	wish: (piece: Piece) => number | null,
	byVolume: boolean,
	work: Work
): Try {
	const there = boxes.map((box) => box.count);
	const full: Full[] = [];
	let left = [...pieces];
	while (left.length) {
		let best: { kind: number; lying: Lying[]; left: Piece[]; kg: number; worth: number } | null = null;
		for (const [kind, box] of boxes.entries()) {
			if (there[kind] === 0) continue;
			const filled = fill(box, left, rule, work, wish);
			if (filled.lying.length === 0) continue;
			const worth = byVolume
				? filled.lying.reduce((sum, one) => sum + volumeOf(one), 0)
				: filled.lying.length + filled.kg / 1e4;
			if (
				best === null ||
				worth > best.worth ||
				(worth === best.worth && volumeOf(box) < volumeOf(boxes[best.kind]))
			)
				best = { kind, worth, ...filled };
		}
		if (best === null) break;
		there[best.kind]--;
		full.push(best);
		({ left } = best);
	}
	return { full, left };
}

/** Closes one box at a time. */
class Search {
	private readonly boxes: readonly BoxKind[];
	private readonly ready: readonly Ready[];
	private readonly random: () => number;
	private readonly work: Work;
	private readonly lateness: (piece: Piece) => number;

	constructor(
		boxes: readonly BoxKind[],
		pieces: readonly Piece[],
		lateness: (piece: Piece) => number,
		random: () => number,
		work: Work
	) {
		this.boxes = boxes;
		this.lateness = lateness;
		this.ready = readied(pieces, lateness);
		this.random = random;
		this.work = work;
	}

	/** All pieces anew. `bySize` closes the kind that takes most; else the one that is filled best. */
	closeAll(most: number, bySize: boolean): Try {
		return this.close(
			this.ready,
			this.boxes.map((box) => box.count),
			most,
			bySize
		);
	}

	/** Some boxes, the emptiest among them, and what is left, are filled anew. */
	again(from: Try, most: number): Try {
		const { full, left } = from;
		if (full.length === 0) return from;
		const filled = full.map((one) => this.fillOf(one));
		const emptiest = filled.indexOf(Math.min(...filled));
		const chosen = new Set([this.random() < 0.8 ? emptiest : Math.floor(this.random() * full.length)]);
		const wanted = Math.min(full.length, 2 + Math.floor(this.random() * 2));
		while (chosen.size < wanted) chosen.add(Math.floor(this.random() * full.length));
		const opened = full.filter((_, at) => chosen.has(at));
		const there = this.boxes.map(
			(box, kind) => box.count - full.filter((one, at) => one.kind === kind && !chosen.has(at)).length
		);
		const pieces = readied(
			[...opened.flatMap((one) => one.lying.map(({ piece }) => piece)), ...left],
			this.lateness
		);
		const closed = this.close(pieces, there, most, this.random() < 0.5);
		return { full: [...full.filter((_, at) => !chosen.has(at)), ...closed.full], left: closed.left };
	}

	private fillOf({ kind, lying }: Full): number {
		return lying.reduce((sum, one) => sum + volumeOf(one), 0) / volumeOf(this.boxes[kind]);
	}

	private close(pieces: readonly Ready[], there: number[], most: number, bySize: boolean): Try {
		const full: Full[] = [];
		let left = [...pieces];
		const until = this.work.done + most;
		while (left.length) {
			const kinds = this.boxes.flatMap((_, kind) => (there[kind] > 0 ? [kind] : []));
			// What is left of the work is for all boxes that are still to be closed.
			const volume = left.reduce((sum, one) => sum + one.volume * one.pieces.length, 0);
			const each =
				(until - this.work.done) /
				Math.max(
					1,
					kinds.length * Math.ceil(volume / Math.max(1, ...kinds.map((kind) => volumeOf(this.boxes[kind]))))
				);
			let best: (Full & { readonly left: Ready[]; readonly worth: number }) | null = null;
			for (const kind of kinds) {
				const one = this.fullest(kind, left, each);
				if (one.lying.length === 0) continue;
				const share = one.lying.reduce((sum, { piece }) => sum + volumeOf(piece), 0);
				const worth = bySize || one.left.length === 0 ? share : share / volumeOf(this.boxes[kind]);
				if (
					best === null || (one.left.length === 0) !== (best.left.length === 0)
						? best === null || one.left.length === 0
						: worth > best.worth + 1e-9 ||
							(worth > best.worth - 1e-9 && volumeOf(this.boxes[kind]) < volumeOf(this.boxes[best.kind]))
				)
					best = { kind, ...one, worth };
			}
			if (best === null) break;
			there[best.kind]--;
			full.push({ kind: best.kind, lying: best.lying, kg: best.kg });
			({ left } = best);
		}
		return { full, left: left.flatMap((one) => one.pieces) };
	}

	/** Now and then a box as long, wide or high as some pieces are together: what fits exactly in it fits well. */
	private within(
		box: BoxKind,
		sums: Readonly<Record<'length' | 'width' | 'height', readonly number[]>>
	): BoxKind {
		const side = (which: 'length' | 'width' | 'height') => {
			const own = sums[which];
			return own.length === 0 || this.random() < 0.4
				? box[which]
				: own[Math.floor(this.random() * own.length)];
		};
		return { ...box, length: side('length'), width: side('width'), height: side('height') };
	}

	/** What two or three pieces are together along each side of a box, where that is nearly as long; as often as it comes. */
	private sums(box: BoxKind, pieces: readonly Ready[]) {
		const all = [
			...new Set(pieces.flatMap(({ pieces: [piece] }) => [piece.length, piece.width, piece.height]))
		].slice(0, 40);
		const near = (to: number) => {
			const found: number[] = [];
			const add = (sum: number) => {
				if (sum <= to + 1e-6 && sum >= to * NEARLY) found.push(sum);
			};
			for (const [i, a] of all.entries()) {
				add(a);
				for (const [j, b] of all.slice(i).entries()) {
					add(a + b);
					if (a + b < to) for (const c of all.slice(i + j)) add(a + b + c);
				}
			}
			return found;
		};
		this.work.done += all.length ** 3 / 2;
		return { length: near(box.length), width: near(box.width), height: near(box.height) };
	}

	/** One box as full as some tries make it: by room, or by weight where that is what ends it. */
	private fullest(kind: number, pieces: readonly Ready[], most: number) {
		const box = this.boxes[kind];
		const until = this.work.done + most;
		const all = volumeOf(box);
		const sides = this.sums(box, pieces);
		let best: ReturnType<typeof fillRooms> | null = null;
		let worth = -1;
		for (let round = 0; best === null || this.work.done < until; round++) {
			const habit: Habit = {
				from: FROM[Math.floor(this.random() * FROM.length)],
				best: BEST[Math.floor(this.random() * BEST.length)],
				chance: round === 0 ? 0 : CHANCE * this.random()
			};
			const one = fillRooms(this.within(box, sides), pieces, habit, this.random, this.work);
			const now = one.lying.reduce(
				(sum, { piece }) => sum + Math.max(volumeOf(piece) / all, box.maxKg > 0 ? piece.kg / box.maxKg : 0),
				0
			);
			if (now > worth) [best, worth] = [one, now];
			if (one.left.length === 0 || worth > 1 - 1e-9) break;
			// What each round takes beside looking: with few things that is most of it.
			this.work.done += 250;
		}
		return best!;
	}
}

const FROM: readonly Habit['from'][] = ['floor', 'wall', 'side', 'corner'];
const BEST: readonly Habit['best'][] = ['exact', 'exact', 'snug', 'volume'];
const CHANCE = 0.6;
/** The least share of a side that pieces together have to be long. */
const NEARLY = 0.9;

/** Each box that is used gives way to a smaller one that takes the same. */
function smaller(
	boxes: readonly BoxKind[],
	{ full, left }: Try,
	rule: Rule,
	wish: (piece: Piece) => number | null,
	work: Work
): Try {
	const there = boxes.map((box, kind) => box.count - full.filter((one) => one.kind === kind).length);
	const bySize = boxes.map((_, kind) => kind).sort((a, b) => volumeOf(boxes[a]) - volumeOf(boxes[b]));
	return {
		left,
		full: full.map((one): Full => {
			const pieces = one.lying.map(({ piece }) => piece);
			for (const kind of bySize) {
				if (volumeOf(boxes[kind]) >= volumeOf(boxes[one.kind])) break;
				if (there[kind] === 0 || !pieces.every((piece) => fits(piece, boxes[kind]))) continue;
				const filled = fill(boxes[kind], pieces, rule, work, wish);
				if (filled.left.length) continue;
				there[kind]--;
				there[one.kind]++;
				return { kind, ...filled };
			}
			return one;
		})
	};
}

function isBetter(boxes: readonly BoxKind[], a: Try, b: Try): boolean {
	const volume = ({ full }: Try) => full.reduce((sum, one) => sum + volumeOf(boxes[one.kind]), 0);
	return (
		(a.left.length - b.left.length ||
			a.full.length - b.full.length ||
			Math.sign(volume(a) - volume(b) + 1e-6)) < 0
	);
}

const clean = (value: number) => Math.round(value * 1e9) / 1e9;

function asPacking(boxes: readonly BoxKind[], items: readonly ItemKind[], { full, left }: Try): Packing {
	const copies = boxes.map(() => 0);
	return {
		used: full
			.toSorted((a, b) => a.kind - b.kind)
			.map(({ kind, lying }) => ({
				box: boxes[kind].box,
				copy: ++copies[kind],
				kg: clean(lying.reduce((sum, one) => sum + one.piece.kg, 0)),
				fill: lying.reduce((sum, one) => sum + volumeOf(one), 0) / volumeOf(boxes[kind]),
				items: lying.map(({ piece, ...where }) => ({ item: items[piece.item].item, ...where }))
			})),
		left: items.flatMap(({ item }, index) => {
			const count = left.filter((piece) => piece.item === index).length;
			return count ? [{ item, count }] : [];
		})
	};
}
