import { describe, expect, it } from 'vitest';
import { aheadIn } from './index.ts';

// Common practice, no source.
describe('what a remark beside a thing asks for before its day', () => {
	it.each([
		['soak overnight', 1],
		['freeze the night before', 1],
		['chill 1 hour', 1],
		['chill for 2-3 hours', 1],
		['start 3 days ahead', 3],
		['let dry overnight', 1],
		['at room temperature', 1],
		['dry for two days', 2],
		['sprouted, begin a week ahead', 7],
		['red; soak the evening before', 1]
	])('%s: %d', (note, days) => {
		expect(aheadIn(note)?.days).toBe(days);
	});

	it.each(['dried', 'frozen', 'clean and dry', 'dry 10 minutes', 'for 3 days of lessons', '12 in long', ''])(
		'%s: nothing',
		(note) => {
			expect(aheadIn(note)).toBeNull();
		}
	);
});
