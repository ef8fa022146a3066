import fc from 'fast-check';
import rrule from 'rrule';
import { describe, expect, it } from 'vitest';
import { addDays, occurrences, readRule, ruleOf, type Recurrence, type Weekday } from './index.ts';

const { rrulestr } = rrule;
const weekday = fc.integer({ min: 1, max: 7 }) as fc.Arbitrary<Weekday>;
const start = fc.integer({ min: 0, max: 12_000 }).map((days) => addDays('2000-01-01', days));
const ends = fc.record({
	until: fc.constant(null),
	count: fc.option(fc.integer({ min: 1, max: 30 }), { nil: null })
});
const interval = fc.integer({ min: 1, max: 5 });
const rules: fc.Arbitrary<Recurrence> = fc
	.oneof(
		fc.record({
			freq: fc.constant('DAILY' as const),
			interval,
			byDay: fc.constant([]),
			byMonthDay: fc.constant([])
		}),
		fc.record({
			freq: fc.constant('WEEKLY' as const),
			interval,
			byDay: fc
				.uniqueArray(weekday, { minLength: 1, maxLength: 7 })
				.map((days) => days.map((one) => ({ weekday: one, nth: null }))),
			byMonthDay: fc.constant([])
		}),
		fc.record({
			freq: fc.constant('MONTHLY' as const),
			interval,
			byDay: fc.uniqueArray(fc.record({ weekday, nth: fc.constantFrom(1, 2, 3, 4, 5, -1) }), {
				minLength: 1,
				maxLength: 3,
				selector: (one) => `${one.weekday} ${one.nth}`
			}),
			byMonthDay: fc.constant([])
		}),
		fc.record({
			freq: fc.constant('MONTHLY' as const),
			interval,
			byDay: fc.constant([]),
			byMonthDay: fc.uniqueArray(fc.oneof(fc.integer({ min: 1, max: 31 }), fc.constant(-1)), {
				minLength: 1,
				maxLength: 3
			})
		})
	)
	.chain((rule) => ends.map((end) => ({ ...rule, ...end })));

describe('days that come again (RFC 5545), against the package rrule', () => {
	it('fall where it says, for any rule, first day and days left out', () => {
		fc.assert(
			fc.property(rules, start, fc.array(fc.nat(60), { maxLength: 3 }), (rule, first, gone) => {
				const last = addDays(first, 400);
				const except = gone.map((days) => addDays(first, days * 7));
				const plain = (day: string) => `${day.replaceAll('-', '')}T000000Z`;
				const theirs = rrulestr(
					[
						`DTSTART:${plain(first)}`,
						`RRULE:${ruleOf(rule)}`,
						...except.map((day) => `EXDATE:${plain(day)}`)
					].join('\n'),
					{ forceset: true }
				)
					.between(new Date(first), new Date(last), true)
					.map((date) => date.toISOString().slice(0, 10));
				expect(occurrences(rule, first, last, except)).toEqual(theirs);
			}),
			{ numRuns: 300 }
		);
	});
	it('are read back as they are written', () => {
		fc.assert(
			fc.property(rules, start, (rule, until) => {
				const ended = { ...rule, count: null, until };
				expect(readRule(ruleOf(rule))).toEqual(rule);
				expect(readRule(ruleOf(ended))).toEqual(ended);
			})
		);
		expect(() => readRule('FREQ=HOURLY')).toThrow('day, week, or month');
		expect(() => readRule('FREQ=DAILY;BYHOUR=8')).toThrow('BYHOUR');
	});
	// RFC 5545, section 3.8.5.3, three of its examples (from memory).
	it.each([
		[
			'FREQ=MONTHLY;COUNT=10;BYDAY=1FR',
			'1997-09-05',
			['1997-09-05', '1997-10-03', '1997-11-07', '1997-12-05']
		],
		[
			'FREQ=WEEKLY;INTERVAL=2;COUNT=8;BYDAY=TU,TH',
			'1997-09-02',
			['1997-09-02', '1997-09-04', '1997-09-16', '1997-09-18']
		],
		['FREQ=DAILY;INTERVAL=10;COUNT=5', '1997-09-02', ['1997-09-02', '1997-09-12', '1997-09-22', '1997-10-02']]
	])('%s', (rule, first, days) => {
		expect(occurrences(readRule(rule), first, '1998-12-31').slice(0, 4)).toEqual(days);
	});
});
