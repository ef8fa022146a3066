import { describe, expect, it } from 'vitest';
import { levelsText, readLevels } from './index.ts';

describe('reading levels', () => {
	it('a language and its grade each; what is written reads back the same', () => {
		const levels = readLevels('English 5, spanish K; Latin grade 2.5');
		expect(levels).toEqual([
			{ language: 'English', grade: 5 },
			{ language: 'Spanish', grade: 0 },
			{ language: 'Latin', grade: 2.5 }
		]);
		expect(readLevels(levelsText(levels))).toEqual(levels);
		expect(readLevels('')).toEqual([]);
	});

	it.each([
		['well', 'isn’t a language with its grade'],
		['English 99', 'grades go from K to 12'],
		['English 3, English 4', 'listed twice']
	])('“%s” is refused in words', (text, words) => expect(() => readLevels(text)).toThrow(words));
});
