import { CoreError } from '../error.ts';
import { fill, fits, type Lying, type Piece, type Rule, type Space, type Work } from './fill.ts';

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
const MOST_WORK = 30_000_000;
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
	const work: Work = { done: 0 };
	let best: Try | null = null;
	// The same numbers each time: what is packed twice is packed alike.
	let seed = 2_463;
	const random = () => {
		seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648;
		return seed / 2_147_483_648;
	};
	const least = fewestBoxes(boxes, pieces);
	for (let round = 0; round < MOST_ROUNDS && (best === null || work.done < most); round++) {
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
		const tried = smaller(
			boxes,
			packAll(boxes, inOrder, rule, wish, round % 2 === 0, work),
			rule,
			wish,
			work
		);
		if (best === null || isBetter(boxes, tried, best)) best = tried;
		progress(Math.min(1, work.done / most));
		if (best.left.length === 0 && best.full.length <= least && (boxes.length === 1 || best.full.length === 0))
			break;
	}
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
