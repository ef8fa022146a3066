import type { PackedBox } from './pack.ts';

type Item = PackedBox['items'][number];
type Corner = readonly [x: number, y: number, z: number];

/** Depth is drawn at an angle, shortened to this share, as one sees a box from above its corner. */
export const SLANT = 0.45;

/** Where a point of the box stands in the drawing: mm from its upper left corner. */
export function onPaper(
	box: { readonly width: number; readonly height: number },
	[x, y, z]: Corner
): readonly [number, number] {
	return [x + y * SLANT, box.height + box.width * SLANT - z - y * SLANT];
}

/** Seen from the front, the right and above: what lies behind, below or left of another is drawn before it. */
const isBefore = (a: Item, b: Item) => a.y >= b.y + b.width || a.z + a.height <= b.z || a.x + a.length <= b.x;

/** Things in the order in which they are drawn, with their place in the order in which they go in. */
export function backToFront(items: readonly Item[]): { readonly item: Item; readonly index: number }[] {
	const left = items.map((item, index) => ({ item, index }));
	const order: typeof left = [];
	while (left.length) {
		const free = left.findIndex((one) =>
			left.every(
				(other) => other === one || isBefore(one.item, other.item) || !isBefore(other.item, one.item)
			)
		);
		order.push(...left.splice(Math.max(0, free), 1));
	}
	return order;
}

/** The front, the top and the right side of a thing, corner by corner. */
export function sidesOf({ x, y, z, length, width, height }: Item): readonly (readonly Corner[])[] {
	const [right, back, top] = [x + length, y + width, z + height];
	return [
		[
			[x, y, z],
			[right, y, z],
			[right, y, top],
			[x, y, top]
		],
		[
			[x, y, top],
			[right, y, top],
			[right, back, top],
			[x, back, top]
		],
		[
			[right, y, z],
			[right, back, z],
			[right, back, top],
			[right, y, top]
		]
	];
}

/** What lies on a thing, right on it or higher: it has to come out first, the uppermost before the others. */
export function above(items: readonly Item[], of: Item): Item[] {
	const isOver = (a: Item, b: Item) =>
		a.x < b.x + b.length &&
		b.x < a.x + a.length &&
		a.y < b.y + b.width &&
		b.y < a.y + a.width &&
		a.z >= b.z + b.height - 1e-6;
	const found = new Set<Item>();
	for (let rest: Item[] = [of]; rest.length;) {
		const one = rest.pop()!;
		for (const other of items)
			if (!found.has(other) && isOver(other, one)) {
				found.add(other);
				rest = [...rest, other];
			}
	}
	return [...found].toSorted((a, b) => b.z - a.z);
}
