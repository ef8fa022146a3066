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
