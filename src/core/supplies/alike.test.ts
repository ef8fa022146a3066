import { describe, expect, it } from 'vitest';
import { alikeNames } from './alike.ts';

const pairs = (names: string[], known: string[] = []) =>
	alikeNames(names, known).map(({ general, specific }) => `${general} = ${specific}`);

// Common practice, no source: which names a parent would take for one thing.
describe('names that may be one thing', () => {
	it('differ by a word that only tells which one is meant', () => {
		expect(pairs(['glue', 'white glue', 'scissors'])).toEqual(['glue = white glue']);
		expect(pairs(['jars', 'glass jar'])).toEqual(['jars = glass jar']);
		expect(pairs(['wooden spoon', 'spoon'])).toEqual(['spoon = wooden spoon']);
	});

	it('are not asked about where the word makes another thing of it', () => {
		expect(pairs(['ball', 'cotton ball'])).toEqual([]);
		expect(pairs(['band', 'rubber band'])).toEqual([]);
		expect(pairs(['soda', 'baking soda'])).toEqual([]);
	});

	it('are not asked about where a name has several others, or the house knows both', () => {
		expect(pairs(['paint', 'red paint', 'blue paint'])).toEqual([]);
		expect(pairs(['glue'], ['white glue'])).toEqual(['glue = white glue']);
		expect(pairs(['glue', 'white glue'], ['glue', 'white glue'])).toEqual([]);
	});
});
