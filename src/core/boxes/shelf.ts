import { HEAVY_KG } from './measures.ts';

/** The inside of a shelf, mm: from front to back, along it, and up to the next board (null: nothing above). */
export type Shelf = { readonly depth: number; readonly width: number; readonly height: number | null };

/** What stands on a shelf, mm along it and up; from left to right. */
export type Standing = { readonly name: string; readonly along: number; readonly high: number };

/** Walls and rim of a box add about so much to each of its sides, mm (common practice, no source). */
export const WALL = 10;

/** A box on its shelf: where it begins from the left, mm, how it stands, and what stays free. */
export type OnShelf = {
	readonly x: number;
	readonly along: number;
	readonly deep: number;
	readonly high: number;
	/** Its short side stands along the shelf. */
	readonly isTurned: boolean;
	readonly freeAlong: number;
};

/**
 * Where a box stands on a shelf, to the right of what is there, with the side along the shelf that leaves more room;
 * null where it does not fit.
 *
 * @example standOnShelf({ depth: 300, width: 900, height: 350 }, [], { length: 400, width: 280, height: 250 })
 * // { x: 0, along: 420, deep: 300, high: 260, isTurned: false, freeAlong: 480 }
 */
export function standOnShelf(
	shelf: Shelf,
	standing: readonly Standing[],
	inner: { readonly length: number; readonly width: number; readonly height: number }
): OnShelf | null {
	const x = standing.reduce((sum, one) => sum + one.along, 0);
	const long = inner.length + 2 * WALL;
	const short = inner.width + 2 * WALL;
	const high = inner.height + WALL;
	if (shelf.height !== null && high > shelf.height) return null;
	const ways = [
		{ along: short, deep: long, isTurned: true },
		{ along: long, deep: short, isTurned: false }
	].toSorted((a, b) => a.along - b.along);
	for (const way of ways)
		if (way.deep <= shelf.depth && x + way.along <= shelf.width)
			return { x, ...way, high, freeAlong: shelf.width - x - way.along };
	return null;
}

/** A shelf at about this height is easiest for something heavy, mm (NIOSH lifting equation: V = 75 cm). */
const EASY_MM = 750;
/** Over this, lifting needs a stool, mm (common practice, no source). */
const HIGH_MM = 1500;

/** Why a shelf of this height, mm, suits a box of this weight, kg, or doesn't; empty where there is nothing to say. */
export function shelfWhy(kg: number, floor: number | null): string {
	if (floor === null) return '';
	if (floor > HIGH_MM) return kg > HEAVY_KG ? 'too high for its weight' : 'high up, and light enough';
	return kg > HEAVY_KG ? 'a good height for something heavy' : '';
}

/** A shelf that takes a box: its height, mm, and what stays free along it. */
type Taking = { readonly floor: number | null; readonly box: Pick<OnShelf, 'freeAlong'> };

/**
 * Shelves for a box of this weight, kg, the best first: something heavy at the easiest height, anything else where the
 * least room stays free. Equal ones stay in their order.
 */
export function shelvesByFit<S extends Taking>(shelves: readonly S[], kg: number): S[] {
	const from = ({ floor }: S) => Math.abs((floor ?? EASY_MM) - EASY_MM);
	return shelves.toSorted((a, b) => (kg > HEAVY_KG ? from(a) - from(b) : a.box.freeAlong - b.box.freeAlong));
}
