import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { matchEditions, type KnownPage } from './index.ts';

/** A page with words of its own, the same for the same number. */
const textOf = (seed: number) =>
	Array.from(
		{ length: 30 },
		(_, index) => `w${(Math.imul(seed * 31 + index, 2654435761) >>> 0).toString(36)}`
	).join(' ');
const pages = (seeds: readonly number[]): KnownPage[] =>
	seeds.map((seed, index) => ({ page: index + 1, text: textOf(seed), likeness: null }));
const seeds = (count: number) => Array.from({ length: count }, (_, index) => index + 1);

describe('a second edition', () => {
	it('of which two pages are new has all others again, moved by two', () => {
		const after = [...seeds(10), 900, 901, ...seeds(64).slice(10)];
		const { pages: found, gone } = matchEditions(pages(seeds(64)), pages(after));
		expect(gone).toEqual([]);
		expect(found.filter((one) => one.was === null).map((one) => one.page)).toEqual([11, 12]);
		expect(found.every((one) => !one.isChanged)).toBe(true);
		expect(found.slice(12).every((one) => one.was === one.page - 2)).toBe(true);
	});

	it('keeps each page by whatever order pages are put in, taken out and moved (a property)', () => {
		fc.assert(
			fc.property(
				fc.shuffledSubarray(seeds(20), { minLength: 1 }),
				fc.array(fc.integer({ min: 500, max: 600 }), { maxLength: 4 }),
				(kept, added) => {
					const after = [...kept.slice(0, 3), ...new Set(added), ...kept.slice(3)];
					const { pages: found, gone } = matchEditions(pages(seeds(20)), pages(after));
					expect(found.map((one) => one.was)).toEqual(after.map((seed) => (seed <= 20 ? seed : null)));
					expect(gone).toEqual(seeds(20).filter((seed) => !kept.includes(seed)));
				}
			)
		);
	});

	it('says which pages changed, and knows them again', () => {
		const before = pages(seeds(5));
		const after = before.map((one) =>
			one.page === 3
				? { ...one, text: `${one.text!.split(' ').slice(0, 24).join(' ')} quite another ending here` }
				: one
		);
		expect(matchEditions(before, after).pages.map((one) => [one.was, one.isChanged])).toEqual([
			[1, false],
			[2, false],
			[3, true],
			[4, false],
			[5, false]
		]);
	});

	it('knows pages without words by their pictures, in spite of a few bits', () => {
		const scan = (page: number, likeness: string): KnownPage => ({ page, text: '', likeness });
		const before = [scan(1, '0f0f0f0f0f0f0f0f'), scan(2, 'ff00ff00ff00ff00'), scan(3, '123456789abcdef0')];
		const after = [scan(1, '0f0f0f0f0f0f0f0d'), scan(2, 'aaaa5555aaaa5555'), scan(3, 'ff00ff00ff00ff01')];
		const { pages: found, gone } = matchEditions(before, after);
		expect(found.map((one) => one.was)).toEqual([1, null, 2]);
		expect(found.map((one) => one.isChanged)).toEqual([false, false, false]);
		expect(gone).toEqual([3]);
	});

	it('of equal pages keeps their order', () => {
		const lined = (count: number): KnownPage[] =>
			Array.from({ length: count }, (_, index) => ({
				page: index + 1,
				text: 'Name Date',
				likeness: '00ff00ff00ff00ff'
			}));
		expect(matchEditions(lined(3), lined(4)).pages.map((one) => one.was)).toEqual([1, 2, 3, null]);
	});
});
