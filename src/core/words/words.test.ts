import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exact } from '../measure/index.ts';
import {
	byText,
	capital,
	counted,
	dollarsTyped,
	durationText,
	lessonsText,
	lessonText,
	listText,
	loadText,
	money,
	monthName,
	numberTyped,
	pronoun,
	standingText,
	thingText,
	timely
} from './index.ts';

describe('amounts of things', () => {
	it.each([
		['6', 'each', 'orange', '6 oranges'],
		['1', 'each', 'orange', '1 orange'],
		['1/2', 'each', 'orange', '½ orange'],
		['1', 'each', 'scissors', '1 pair of scissors'],
		['3', 'each', 'blunt scissors', '3 pairs of blunt scissors'],
		['1', 'each', 'tweezers', '1 pair of tweezers'],
		['2', 'roll', 'masking tape', '2 rolls of masking tape'],
		['375', 'g', 'flour', '375 g flour'],
		['3', 'ft', 'garden hose', '3 ft garden hose']
	] as const)('%s %s %s is said as one would', (amount, unit, name, said) => {
		expect(thingText(exact(amount), unit, name)).toBe(said);
	});
	it('them or it; a number as it is typed', () => {
		expect([pronoun(exact('2'), 'each'), pronoun(exact('1'), 'each'), pronoun(exact('2'), 'cup')]).toEqual([
			'them',
			'it',
			'it'
		]);
		expect(['6', '3/4', '3/2', '1/3'].map((one) => numberTyped(exact(one)))).toEqual([
			'6',
			'0.75',
			'1.5',
			'1/3'
		]);
	});
});

describe('lists and counts', () => {
	it('are joined as the language itself joins them', () => {
		const english = new Intl.ListFormat('en-US');
		fc.assert(
			fc.property(fc.array(fc.stringMatching(/^[a-z]{1,6}$/), { maxLength: 6 }), (parts) => {
				expect(listText(parts)).toBe(english.format(parts));
			})
		);
	});
	it('have an s, or their own plural, for all but one', () => {
		expect([0, 1, 2, 1200].map((one) => counted(one, 'lesson'))).toEqual([
			'0 lessons',
			'1 lesson',
			'2 lessons',
			'1,200 lessons'
		]);
		expect(counted(2, 'child', 'children')).toBe('2 children');
		expect(lessonsText([4, 3, 4])).toBe('lessons 3 and 4');
		expect(lessonsText([7])).toBe('lesson 7');
		expect([loadText('handsOn', 1), loadText('cents', 450), loadText('prepareMinutes', 75)]).toEqual([
			'1 project',
			'$4.50',
			'1 h 15 min of prep'
		]);
	});
});

describe('times and money', () => {
	it('minutes are hours and minutes, none of them lost', () => {
		fc.assert(
			fc.property(fc.nat(3000), (minutes) => {
				const [, hours = '0', rest = '0'] = /^(?:(\d+) h)? ?(?:(\d+) min)?$/.exec(durationText(minutes))!;
				expect(Number(hours) * 60 + Number(rest)).toBe(minutes);
				expect(Number(rest)).toBeLessThan(60);
			})
		);
		expect([durationText(0), durationText(60), durationText(95)]).toEqual(['0 min', '1 h', '1 h 35 min']);
	});
	it('money is as the language writes it; months are named as it names them', () => {
		const dollars = new Intl.NumberFormat('en-US', {
			style: 'currency',
			currency: 'USD',
			useGrouping: false
		});
		fc.assert(
			fc.property(fc.nat(2_000_000), (cents) => {
				expect(money(cents)).toBe(dollars.format(cents / 100));
				expect(Math.round(Number(dollarsTyped(cents)) * 100)).toBe(cents);
			})
		);
		const english = new Intl.DateTimeFormat('en-US', { month: 'long', timeZone: 'UTC' });
		for (let month = 1; month <= 12; month++)
			expect(monthName(`2027-${String(month).padStart(2, '0')}`)).toBe(
				english.format(Date.UTC(2027, month - 1, 1))
			);
	});
	it('days to act by: before, on, and after', () => {
		const today = '2027-01-22';
		expect([byText('2027-01-23', today), byText(today, today), byText('2027-01-19', today)]).toEqual([
			'by tomorrow',
			'today',
			'late since Tue, Jan 19'
		]);
		expect(timely('order it', '2027-01-20', today)).toBe(
			'Order it today; Wed, Jan 20 was the last day to be on time.'
		);
		expect(timely('order it', null, today)).toBe('Order it.');
		expect(standingText('at risk', 'by Tuesday')).toBe('may be late, by Tuesday');
		expect(standingText('late', 'late since Tuesday')).toBe('late since Tuesday');
		expect(capital('')).toBe('');
		expect(lessonText(8, '2027-02-02', today)).toBe('Lesson 8 on Tue, Feb 2');
		expect([
			lessonText(8, today, today),
			lessonText(8, '2027-01-26', today),
			lessonText(8, null, today)
		]).toEqual(['Today’s lesson', 'Tuesday’s lesson', 'Lesson 8']);
	});
});
