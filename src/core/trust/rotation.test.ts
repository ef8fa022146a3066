import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/dates.ts';
import { keptBackups } from './rotation.ts';

const nightly = (first: string, days: number) =>
	Array.from({ length: days }, (_, i) => ({ at: `${addDays(first, i)}T02:00:00.000Z` }));

describe('which backups stay', () => {
	it('of a year of nights: seven days, four weeks, twelve months', () => {
		const days = keptBackups(nightly('2026-01-01', 365)).map(({ at }) => at.slice(0, 10));
		expect(days).toEqual([
			// The last seven nights.
			'2026-12-31',
			'2026-12-30',
			'2026-12-29',
			'2026-12-28',
			'2026-12-27',
			'2026-12-26',
			'2026-12-25',
			// The last nights (Sundays) of the weeks before, and of the months before.
			'2026-12-20',
			'2026-12-13',
			'2026-11-30',
			'2026-10-31',
			'2026-09-30',
			'2026-08-31',
			'2026-07-31',
			'2026-06-30',
			'2026-05-31',
			'2026-04-30',
			'2026-03-31',
			'2026-02-28',
			'2026-01-31'
		]);
	});

	it('the last five stay, though all are of one hour', () => {
		const all = Array.from({ length: 9 }, (_, i) => ({ at: `2026-11-27T10:0${i}:00.000Z` }));
		expect(keptBackups(all).map(({ at }) => at.slice(11, 16))).toEqual([
			'10:08',
			'10:07',
			'10:06',
			'10:05',
			'10:04'
		]);
	});

	it('the newest always stays, never more than 28, and what stays once stays when asked again', () => {
		const time = fc
			.date({ min: new Date('2020-01-01'), max: new Date('2027-01-01'), noInvalidDate: true })
			.map((date) => ({ at: date.toISOString() }));
		fc.assert(
			fc.property(fc.array(time, { minLength: 1, maxLength: 200 }), (all) => {
				const kept = keptBackups(all);
				expect(kept[0].at).toBe(
					all
						.map(({ at }) => at)
						.sort()
						.at(-1)
				);
				expect(kept.length).toBeLessThanOrEqual(28);
				expect(keptBackups(kept)).toEqual(kept);
			})
		);
	});
});
