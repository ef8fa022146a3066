import { describe, expect, it } from 'vitest';
import { saidIn } from './index.ts';

describe('sentences of daily life', () => {
	it.each([
		['no more glue', 'gone', 'glue'],
		['out of glue', 'gone', 'glue'],
		['We’re out of glue!', 'gone', 'glue'],
		['the glue is empty', 'gone', 'glue'],
		['there is no more construction paper left', 'gone', 'construction paper'],
		['where is the glue', 'where', 'glue'],
		['Where’s my globe?', 'where', 'globe'],
		['do we have any magnets?', 'where', 'magnets'],
		['we have two globes', 'add', 'two globes'],
		['add flour', 'add', 'flour']
	])('%s', (typed, kind, words) => expect(saidIn(typed)).toEqual({ kind, words }));

	it('a name is none', () => {
		for (const name of ['glue', 'The Empty Pot', 'Notes on wood', 'We the people', 'nowhere'])
			expect(saidIn(name)).toBeNull();
	});
});
