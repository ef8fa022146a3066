import { describe, expect, it } from 'vitest';
import { nameOn, roundOf, SLANT } from './drawing.ts';

const BOX = { width: 400, height: 300 };
const lying = (length: number, width: number, height: number) => ({
	item: 'one',
	x: 10,
	y: 20,
	z: 30,
	length,
	width,
	height
});
/** Area of an outline, by the shoelace formula. */
const area = (points: readonly (readonly [number, number])[]) =>
	Math.abs(
		points.reduce((sum, [x, y], at) => {
			const [nextX, nextY] = points[(at + 1) % points.length];
			return sum + x * nextY - nextX * y;
		}, 0)
	) / 2;
const near = (found: number, wanted: number) => expect(Math.abs(found / wanted - 1)).toBeLessThan(0.01);

describe('round things', () => {
	it('a ball is the ellipse that a sphere becomes at this angle: r by r × √(1 + 2 s²)', () => {
		const { outline, end } = roundOf(BOX, lying(200, 200, 200));
		expect(end).toBeNull();
		near(area(outline), Math.PI * 100 ** 2 * Math.sqrt(1 + 2 * SLANT ** 2));
		// Its middle is where the middle of the thing is drawn.
		const [x, y] = [0, 1].map((at) => outline.reduce((sum, one) => sum + one[at], 0) / outline.length);
		near(x, 110 + 120 * SLANT);
		near(y, BOX.height + BOX.width * SLANT - 130 - 120 * SLANT);
	});
	it('a can shows the end that one sees, and is as broad as its ends', () => {
		const standing = roundOf(BOX, lying(100, 100, 250));
		near(area(standing.end!), Math.PI * 50 ** 2 * SLANT);
		near(area(standing.outline), Math.PI * 50 ** 2 * SLANT + 250 * 100 * Math.hypot(1, SLANT));
		// Lying to the front its end is a circle.
		const toFront = roundOf(BOX, lying(100, 250, 100));
		near(area(toFront.end!), Math.PI * 50 ** 2);
		const [left] = toFront.end!.map(([x]) => x).toSorted((a, b) => a - b);
		near(left, 10 + 20 * SLANT);
		// Lying across, its right end.
		const across = roundOf(BOX, lying(250, 100, 100));
		near(Math.max(...across.outline.map(([x]) => x)), Math.max(...across.end!.map(([x]) => x)));
	});
});

describe('a name on the front of a thing', () => {
	const size = { least: 8, most: 16 };
	it('stands along it, up it where that has more room, and is left out where it would be too small', () => {
		expect(nameOn({ length: 200, height: 60 }, 10, size)).toEqual({ size: 16, isUp: false });
		expect(nameOn({ length: 20, height: 200 }, 10, size)).toMatchObject({ isUp: true });
		expect(nameOn({ length: 9, height: 200 }, 10, size)).toBeNull();
		expect(nameOn({ length: 40, height: 40 }, 30, size)).toBeNull();
	});
	it('never leaves the front', () => {
		for (const [length, height, letters] of [
			[100, 30, 12],
			[30, 120, 12],
			[64, 64, 6]
		]) {
			const found = nameOn({ length, height }, letters, size)!;
			const [along, across] = found.isUp ? [height, length] : [length, height];
			expect(letters * 0.66 * found.size).toBeLessThanOrEqual(along);
			expect(found.size).toBeLessThanOrEqual(across);
		}
	});
});
