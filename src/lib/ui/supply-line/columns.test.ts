import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FEW, inColumns } from './columns.ts';

const lesson = (id: number, count: number) => ({
	lesson: id,
	lines: Array.from({ length: count }, (_, at) => `${id}.${at}`)
});

describe('lines of a list in two columns', () => {
	it('every line up to the most stands once, in its order, whatever the lessons hold', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 0, max: 80 }), { maxLength: 20 }),
				fc.integer({ min: 1, max: 600 }),
				(counts, most) => {
					const lessons = counts.map((count, at) => lesson(at + 1, count));
					const all = lessons.flatMap((one) => one.lines);
					const parts = inColumns(lessons, most).flat();
					const shown = parts.flatMap((one) => one.lines);
					expect(shown).toEqual(all.slice(0, shown.length));
					expect(shown.length).toBeGreaterThanOrEqual(Math.min(most, all.length));
					expect(shown.length).toBeLessThanOrEqual(most + FEW + 1);
					for (const id of new Set(parts.map((one) => one.lesson)))
						expect(parts.filter((one) => one.lesson === id && one.isFirst)).toHaveLength(1);
				}
			)
		);
	});
	it('a lesson is cut only where the columns would be uneven by more than a few lines', () => {
		expect(
			inColumns([lesson(1, 10), lesson(2, 12)], 600).map((column) => column.map((one) => one.lesson))
		).toEqual([[1, 2]]);
		const [left, right] = inColumns([lesson(1, 20), lesson(2, 60)], 600);
		expect(left.map((one) => one.lines.length)).toEqual([20, 20]);
		expect(right).toMatchObject([{ lesson: 2, isFirst: false, from: 0 }]);
		expect(right[0].lines).toHaveLength(40);
	});
});
