/** A box as far as filling it goes: inner measures in mm. */
export type Space = {
	readonly length: number;
	readonly width: number;
	readonly height: number;
	readonly maxKg: number;
};

/** A piece that goes into a box. */
export type Piece = Omit<Space, 'maxKg'> & {
	/** Which item it is one of. */
	readonly item: number;
	readonly kg: number;
	readonly keepUpright: boolean;
	/** Nothing may rest on it. */
	readonly fragile: boolean;
};

/** A piece where it lies: x along the box's length, y along its width, z upwards. */
export type Lying = {
	readonly piece: Piece;
	readonly x: number;
	readonly y: number;
	readonly z: number;
	readonly length: number;
	readonly width: number;
	readonly height: number;
};

/** Which of two places is the better one. */
export type Rule = 'low' | 'flat' | 'corner' | 'wall';

/** At least this share of a base rests on something. */
const SUPPORT = 0.7;
const NOISE = 1e-6;
const KG_NOISE = 1e-9;
/** More places than these are thinned to those right beside something. */
const MOST_PLACES = 900;

/** Counts what was looked at, so that a search ends without a clock. */
export type Work = { done: number };

/** The ways in which a piece can lie, the flattest first. */
export function waysToLie(
	piece: Pick<Piece, 'length' | 'width' | 'height' | 'keepUpright'>
): [number, number, number][] {
	const { length: l, width: w, height: h } = piece;
	const all: [number, number, number][] = [
		[l, w, h],
		[w, l, h]
	];
	if (!piece.keepUpright) all.push([l, h, w], [h, l, w], [w, h, l], [h, w, l]);
	const seen = new Set<string>();
	return all.filter((way) => !seen.has(way.join('/')) && seen.add(way.join('/'))).sort((a, b) => a[2] - b[2]);
}

/** Whether a piece goes into an empty box. */
export function fits(piece: Piece, box: Space): boolean {
	return piece.kg <= box.maxKg + KG_NOISE && goesIn(piece, box);
}

/** Whether a thing goes into an empty box in one of the ways in which it can lie, whatever it weighs. */
export function goesIn(
	thing: Omit<Space, 'maxKg'> & { readonly keepUpright?: boolean },
	box: Omit<Space, 'maxKg'>
): boolean {
	return waysToLie({ ...thing, keepUpright: thing.keepUpright ?? false }).some(
		([l, w, h]) => l <= box.length + NOISE && w <= box.width + NOISE && h <= box.height + NOISE
	);
}

/**
 * Puts pieces into one box, one after another, each where it lies best; what finds no place is left. Every piece
 * rests on the floor or on pieces below it. `wish` numbers the way in which a piece is tried first, null: all alike.
 */
export function fill(
	box: Space,
	pieces: readonly Piece[],
	rule: Rule,
	work: Work,
	wish: (piece: Piece) => number | null = () => null
): { readonly lying: Lying[]; readonly left: Piece[]; readonly kg: number } {
	const lying: Lying[] = [];
	let left: Piece[] = [];
	let kg = 0;
	const failed = new Set<number>();
	const put = (piece: Piece): boolean => {
		if (failed.has(piece.item) || kg + piece.kg > box.maxKg + KG_NOISE) return false;
		const ways = waysToLie(piece);
		const first = wish(piece);
		const place =
			(first === null ? null : bestPlace(box, lying, piece, [ways[first % ways.length]], rule, work)) ??
			bestPlace(box, lying, piece, ways, rule, work);
		if (place === null) {
			failed.add(piece.item);
			return false;
		}
		lying.push(place);
		kg += piece.kg;
		return true;
	};
	for (const piece of pieces) if (!put(piece)) left.push(piece);
	// What came later may carry what found no support before.
	for (let before = -1; before !== left.length && left.length;) {
		before = left.length;
		failed.clear();
		left = left.filter((piece) => !put(piece));
	}
	return { lying, left, kg };
}

function bestPlace(
	box: Space,
	lying: readonly Lying[],
	piece: Piece,
	ways: readonly [number, number, number][],
	rule: Rule,
	work: Work
): Lying | null {
	const xs = new Set([0]);
	const ys = new Set([0]);
	for (const one of lying) {
		xs.add(one.x + one.length);
		xs.add(one.x);
		ys.add(one.y + one.width);
		ys.add(one.y);
	}
	const places: [number, number][] =
		xs.size * ys.size <= MOST_PLACES
			? [...xs].flatMap((x) => [...ys].map((y): [number, number] => [x, y]))
			: [
					[0, 0],
					...lying.flatMap((one): [number, number][] => [
						[one.x + one.length, one.y],
						[one.x, one.y + one.width],
						[one.x, one.y],
						[one.x + one.length, 0],
						[0, one.y + one.width]
					])
				];
	let best: Lying | null = null;
	let least: readonly number[] = [];
	for (const [length, width, height] of ways) {
		if (height > box.height + NOISE) continue;
		for (const [x, y] of places) {
			if (x + length > box.length + NOISE || y + width > box.width + NOISE) continue;
			work.done += lying.length + 1;
			let z = 0;
			for (const one of lying)
				if (
					one.z + one.height > z &&
					one.x < x + length - NOISE &&
					x < one.x + one.length - NOISE &&
					one.y < y + width - NOISE &&
					y < one.y + one.width - NOISE
				)
					z = one.z + one.height;
			if (z + height > box.height + NOISE) continue;
			const score =
				rule === 'low'
					? [z, y, x, height]
					: rule === 'flat'
						? [z + height, z, y, x]
						: rule === 'corner'
							? [z, Math.max(x, y), x + y, height]
							: [x + length, z, y, height];
			if (best !== null && !isLess(score, least)) continue;
			if (z > 0 && !isSupported(lying, { x, y, z, length, width })) continue;
			best = { piece, x, y, z, length, width, height };
			least = score;
		}
	}
	return best;
}

function isLess(a: readonly number[], b: readonly number[]): boolean {
	for (let i = 0; i < a.length; i++) if (Math.abs(a[i] - b[i]) > NOISE) return a[i] < b[i];
	return false;
}

/** Whether enough of a base rests on what lies below, and none of that is fragile. */
export function isSupported(
	lying: readonly Lying[],
	{ x, y, z, length, width }: Pick<Lying, 'x' | 'y' | 'z' | 'length' | 'width'>
): boolean {
	let carried = 0;
	for (const one of lying) {
		const across = Math.min(x + length, one.x + one.length) - Math.max(x, one.x);
		const deep = Math.min(y + width, one.y + one.width) - Math.max(y, one.y);
		if (across <= NOISE || deep <= NOISE || Math.abs(one.z + one.height - z) > NOISE) continue;
		if (one.piece.fragile) return false;
		carried += across * deep;
	}
	return carried >= SUPPORT * length * width - NOISE;
}
