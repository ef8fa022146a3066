import { describe, expect, it } from 'vitest';
import { thingId, thingRef } from './thing-id.ts';

describe('names of things', () => {
	it('are taken apart as they were put together', () => {
		for (const kind of ['title', 'item', 'own', 'binder'] as const)
			expect(thingRef(thingId(kind, 12))).toEqual({ kind, key: 12 });
	});
	it('that name none are none', () => {
		for (const text of [
			'',
			'title',
			'title-',
			'title-1.5',
			'title--1',
			'lot-3',
			'supplies',
			' own-3',
			'own-3x'
		])
			expect(thingRef(text), text).toBeNull();
	});
});
