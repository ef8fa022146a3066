import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findBest } from './index.ts';

const names = [
	'craft stick',
	'glue stick',
	'watercolor paper',
	'café table',
	'compass',
	'flour',
	'cornflower seeds',
	'top shelf'
].map((name) => ({ name }));
const find = (typed: string) => findBest(names, typed, 3).map(({ name }) => name);

describe('finding', () => {
	it.each<[string, string]>([
		['craft', 'craft stick'],
		['Craft Stick', 'craft stick'],
		['stick gl', 'glue stick'],
		['crfat', 'craft stick'],
		['waterclor', 'watercolor paper'],
		['cafe', 'café table'],
		['compas', 'compass'],
		['flour', 'flour'],
		['shef', 'top shelf']
	])('“%s” finds %s first', (typed, name) => expect(find(typed)[0]).toBe(name));

	it('finds nothing for what is not there, and for nothing', () => {
		expect(find('zeppelin')).toEqual([]);
		expect(find('  ')).toEqual([]);
	});

	it('every name is found by itself, and with one letter left out of a long word', () => {
		fc.assert(
			fc.property(fc.constantFrom(...names), fc.nat(), ({ name }, at) => {
				expect(find(name)[0]).toBe(name);
				const word = name.split(' ').toSorted((a, b) => b.length - a.length)[0];
				const gap = 1 + (at % (word.length - 1));
				if (word.length > 4) expect(find(word.slice(0, gap) + word.slice(gap + 1))).toContain(name);
			})
		);
	});
});
