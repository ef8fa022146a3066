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

/** Sides that differ by less are one: of a ball, or of the end of a can. */
const ALIKE = 1.15;
/** Corners of a curve as it is drawn. */
const CORNERS = 48;
/** The axis from front to back. */
const FRONT = 1;
type Vector = readonly [number, number, number];
type Point = readonly [number, number];

const scaled = (a: Vector, by: Vector): Vector => [a[0] * by[0], a[1] * by[1], a[2] * by[2]];
const cross = (a: Vector, b: Vector): Vector => [
	a[1] * b[2] - a[2] * b[1],
	a[2] * b[0] - a[0] * b[2],
	a[0] * b[1] - a[1] * b[0]
];
const unit = (a: Vector): Vector => {
	const long = Math.hypot(...a);
	return [a[0] / long, a[1] / long, a[2] / long];
};
const angles = Array.from({ length: CORNERS }, (_, at) => (2 * Math.PI * at) / CORNERS);

/** The corners of the least convex outline around points (Andrew's monotone chain). */
function hull(points: readonly Point[]): Point[] {
	const sorted = points.toSorted((a, b) => a[0] - b[0] || a[1] - b[1]);
	const half = (ordered: readonly Point[]) => {
		const chain: Point[] = [];
		for (const point of ordered) {
			while (
				chain.length > 1 &&
				(chain.at(-1)![0] - chain.at(-2)![0]) * (point[1] - chain.at(-2)![1]) -
					(chain.at(-1)![1] - chain.at(-2)![1]) * (point[0] - chain.at(-2)![0]) <=
					0
			)
				chain.pop();
			chain.push(point);
		}
		return chain.slice(0, -1);
	};
	return [...half(sorted), ...half(sorted.toReversed())];
}

/**
 * A round thing as it is drawn: its outline, and the end of a can that one sees; a ball has none. It stands along the
 * side that differs from the other two.
 */
export function roundOf(
	box: { readonly width: number; readonly height: number },
	item: Item
): { readonly outline: readonly Point[]; readonly end: readonly Point[] | null } {
	const sides: Vector = [item.length, item.width, item.height];
	const half: Vector = [sides[0] / 2, sides[1] / 2, sides[2] / 2];
	const center: Vector = [item.x + half[0], item.y + half[1], item.z + half[2]];
	const at = (corner: Vector) =>
		onPaper(box, [center[0] + corner[0], center[1] + corner[1], center[2] + corner[2]]);
	if (Math.max(...sides) / Math.min(...sides) < ALIKE) {
		// Seen along (-s, 1, -s), a ball's rim is the circle across that line, once its sides are made equal.
		const along: Vector = [-SLANT / half[0], 1 / half[1], -SLANT / half[2]];
		const first = unit(cross(along, [0, 0, 1]));
		const second = unit(cross(along, first));
		const rim = angles.map((angle): Vector => {
			const [c, s] = [Math.cos(angle), Math.sin(angle)];
			return [c * first[0] + s * second[0], c * first[1] + s * second[1], c * first[2] + s * second[2]];
		});
		return { outline: rim.map((one) => at(scaled(one, half))), end: null };
	}
	const differs = (axis: number) => {
		const [a, b] = sides.filter((_, other) => other !== axis);
		return Math.max(a, b) / Math.min(a, b);
	};
	const axis = [0, 1, 2].toSorted((a, b) => differs(a) - differs(b))[0];
	const circle = (side: 1 | -1) =>
		angles.map((angle) => {
			const [c, s] = [Math.cos(angle), Math.sin(angle)];
			const on: Vector = axis === 0 ? [side, c, s] : axis === 1 ? [c, side, s] : [c, s, side];
			return at(scaled(on, half));
		});
	// The right, the front and the upper end are seen.
	const seen = circle(axis === FRONT ? -1 : 1);
	return { outline: hull([...seen, ...circle(axis === FRONT ? 1 : -1)]), end: seen };
}

/** How a name stands on the front of a thing: along it or up it, in letters of this height; null where it has no room. */
export function nameOn(
	{ length, height }: Pick<Item, 'length' | 'height'>,
	letters: number,
	size: { readonly least: number; readonly most: number }
): { readonly size: number; readonly isUp: boolean } | null {
	const fit = (along: number, across: number) =>
		Math.min(size.most, across * 0.7, (along * 0.92) / (letters * LETTER_WIDTH));
	const flat = fit(length, height);
	const up = fit(height, length);
	const best = Math.max(flat, up);
	return best < size.least ? null : { size: best, isUp: up > flat };
}

/** Letters are about so wide, of their height. */
const LETTER_WIDTH = 0.66;
