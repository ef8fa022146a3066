import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clockFace, clockText, readClock } from './index.ts';

describe('a time of day', () => {
	it.each([
		['9', '09:00'],
		['9:05', '09:05'],
		['8.30', '08:30'],
		['8:30 pm', '20:30'],
		['12 am', '00:00'],
		['12 p.m.', '12:00'],
		['20:00', '20:00'],
		['24:00', null],
		['9:75', null],
		['half past nine', null],
		['', null]
	] as const)('“%s” is read', (text, time) => expect(readClock(text)).toBe(time));

	it('as it is said in the United States, it is read as the same again; on a clock’s face it needs no half of the day', () => {
		fc.assert(
			fc.property(fc.nat(23), fc.nat(59), (hour, minute) => {
				const time = `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
				// Written out by the language itself, which knows the custom.
				const said = new Intl.DateTimeFormat('en-US', {
					hour: 'numeric',
					minute: '2-digit',
					timeZone: 'UTC'
				})
					.format(Date.UTC(2027, 0, 5, hour, minute))
					.replace(/\s/g, ' ')
					.toLowerCase();
				expect(clockText(time, 'us')).toBe(said);
				expect(readClock(said)).toBe(time);
				expect(readClock(clockText(time, 'metric'))).toBe(time);
				expect(said).toContain(clockFace(time, 'us'));
			})
		);
		expect(clockFace('09:20', 'metric')).toBe('9:20');
	});
});
