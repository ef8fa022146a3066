import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../calendar/index.ts';
import {
	addLoads,
	daysOfLesson,
	forecastEnd,
	gridOf,
	isReadingDay,
	MEASURES_OF_LOAD,
	NO_LOAD,
	overLimits,
	pagesLeft,
	rangesFromStarts,
	beginText,
	readActivity,
	usualDaysAhead,
	readFlag,
	readFrame,
	sharePages,
	suggestions,
	USUAL_FRAME,
	readQuestions,
	type LoadLimits,
	type LoadWeek
} from './index.ts';

const NO_LIMITS = Object.fromEntries(MEASURES_OF_LOAD.map((of) => [of, null])) as LoadLimits;

describe('pages', () => {
	it('188 pages over 13 lessons: 14 or 15 each', () => {
		const { ranges, left } = sharePages({ from: 1, to: 188 }, Array<number>(13).fill(1));
		expect(left).toBeNull();
		expect(new Set(ranges.map((one) => one!.to - one!.from + 1))).toEqual(new Set([14, 15]));
	});

	it('every page is shared once and in order, a lesson of two days has its double share, what is over is left', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 50 }),
				fc.integer({ min: 0, max: 400 }),
				fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 30 }),
				fc.option(fc.integer({ min: 1, max: 20 })),
				(from, more, days, most) => {
					const book = { from, to: from + more };
					const { ranges, left } = sharePages(book, days, most);
					const pages = [...ranges, left].flatMap((one) =>
						one ? Array.from({ length: one.to - one.from + 1 }, (_, i) => one.from + i) : []
					);
					expect(pages).toEqual(Array.from({ length: more + 1 }, (_, i) => from + i));
					const all = days.reduce((sum, one) => sum + one, 0);
					const shared = most === null ? more + 1 : Math.min(more + 1, most * all);
					ranges.forEach((one, i) =>
						expect(
							Math.abs((one ? one.to - one.from + 1 : 0) - (shared * days[i]) / all)
						).toBeLessThanOrEqual(1)
					);
					expect(
						pagesLeft(
							book,
							ranges.filter((one) => one !== null)
						)
					).toEqual(left ? [left] : []);
				}
			)
		);
	});

	it('a table of contents names the first pages; each range ends before the next begins', () => {
		expect(rangesFromStarts([3, 9, null, 22], 30)).toEqual([
			{ from: 3, to: 8 },
			{ from: 9, to: 21 },
			null,
			{ from: 22, to: 30 }
		]);
	});

	it('what cannot be shared is said', () => {
		expect(() => sharePages({ from: 9, to: 3 }, [1])).toThrow('not before the first');
		expect(() => sharePages({ from: 1, to: 3 }, [])).toThrow('no lessons');
	});
});

describe('as one would say it', () => {
	const names = ['Odile', 'Perrin', 'Tamsin'];
	it.each([
		['12–19 alone Odile, 15 min: how scale works', 12, 19, 'read alone', ['Odile'], 15, 'how scale works'],
		['p. 7', 7, 7, 'read aloud', [], null, ''],
		['pages 30 to 35 look at, with Tamsin and Perrin', 30, 35, 'look at', ['Perrin', 'Tamsin'], null, ''],
		['22-25 skip: wrong in the book', 22, 25, 'skip', [], null, 'wrong in the book']
	])('the flag “%s”', (text, from, to, way, who, minutes, note) => {
		expect(readFlag(text, names)).toEqual({ pages: { from, to }, way, who, minutes, note });
	});

	it('pages out of order are no pages', () => expect(readFlag('19-12', names).pages).toBeNull());

	it('an activity in one line', () => {
		expect(
			readActivity('Salt dough island, craft, 45 min, messy, with an adult, $4, begin 2 days before', names)
		).toMatchObject({
			title: 'Salt dough island',
			kind: 'craft',
			minutes: 45,
			mess: 2,
			adult: true,
			cents: 400,
			startDaysBefore: 2,
			times: 1,
			daily: false
		});
		expect(readActivity('Wind log, project, 5 min, 24 times, daily, for Odile', names)).toMatchObject({
			times: 24,
			daily: true,
			who: ['Odile']
		});
		expect(readActivity('Sextant, project, ages 8 to 11', names)).toMatchObject({ fromAge: 8, toAge: 11 });
	});

	it.each([
		['Freeze the arctic animals', 1, 'Freeze the arctic animals'],
		['thaw the dough, snack', 1, 'thaw the dough'],
		['Charge the tablet', 1, 'Charge the tablet'],
		['Sprout beans in a jar', 4, 'Sprout beans in a jar'],
		['Grow salt crystals', 5, 'Grow salt crystals'],
		['Overnight oats, snack', 1, 'Start Overnight oats'],
		['Freeze tag, game, start 0 days before', 0, 'Freeze tag'],
		['Salt dough island', 0, 'Start Salt dough island'],
		['Dyeing with onion skins', 0, 'Start Dyeing with onion skins']
	])('what “%s” is begun ahead, and how that is said', (text, days, begins) => {
		const { title, startDaysBefore } = readActivity(text, []);
		expect(startDaysBefore).toBe(days);
		expect(beginText(title)).toBe(begins);
		expect(usualDaysAhead(title)).toBe(text.includes('0 days') ? 1 : days);
	});

	it('a frame; a line that is none of it is named', () => {
		expect(readFrame(USUAL_FRAME)).toMatchObject({ unread: [], books: [{ count: 1 }, { count: 1 }] });
		expect(readFrame('Opening: map\nFridays: cake\nBooks: lots')).toMatchObject({
			opening: ['map'],
			unread: [
				{ lineNumber: 2, written: 'Fridays: cake' },
				{ lineNumber: 3, written: 'Books: lots' }
			]
		});
	});
});

describe('rhythms', () => {
	it('topics take k days unless a lesson says more; reading days follow the lesson', () => {
		expect([daysOfLesson('topics', 3, 1), daysOfLesson('topics', 3, 2)]).toEqual([3, 2]);
		expect(daysOfLesson('reading between', 1, 2)).toBe(3);
		expect([1, 2, 3].map((day) => isReadingDay('reading between', 1, 2, day))).toEqual([false, false, true]);
	});
});

describe('how long it goes on', () => {
	it('at the pace so far: 2 of 6 in ten days, so 4 more in twenty', () => {
		expect(forecastEnd({ times: 6, done: 2, begun: '2027-01-12', daily: false }, '2027-01-22')).toBe(
			addDays('2027-01-22', 20)
		);
	});

	it('daily: one a day from today; nothing left, or no pace yet, has no end', () => {
		const log = { times: 24, done: 13, begun: '2027-01-05', daily: true };
		expect(forecastEnd(log, '2027-01-22')).toBe('2027-02-01');
		expect(forecastEnd({ ...log, done: 24 }, '2027-01-22')).toBeNull();
		expect(forecastEnd({ ...log, done: 0, daily: false }, '2027-01-22')).toBeNull();
	});
});

describe('each child in each lesson', () => {
	it('what is for the age or named for the child counts, what is not is said, and nothing is a hole', () => {
		const [older, younger] = gridOf([
			{
				id: 'L1',
				there: [
					{ child: 'a', age: 10 },
					{ child: 'b', age: 2 }
				],
				offers: [
					{ what: 'lesson', children: null, fromAge: 5, toAge: null, minutes: 40 },
					{ what: 'alone', children: ['a'], fromAge: null, toAge: null, minutes: 15 }
				]
			}
		]);
		expect(older).toMatchObject({ has: ['lesson', 'alone'], minutes: 55, unfit: [] });
		expect(younger).toMatchObject({ has: [], minutes: 0, unfit: ['lesson'] });
	});
});

describe('too much', () => {
	const extra = (id: string, minutes: number, more: object = {}) => ({
		id,
		title: id,
		load: { ...NO_LOAD, minutes },
		required: false,
		instead: null,
		...more
	});

	it('the easier way first, else the nearest week with room, else leaving out', () => {
		const weeks: LoadWeek[] = [
			{
				week: 1,
				load: { ...NO_LOAD, minutes: 200 },
				extras: [extra('globe', 120, { instead: { title: 'film', minutes: 20 } })]
			},
			{ week: 2, load: { ...NO_LOAD, minutes: 150 }, extras: [extra('map', 60)] },
			{ week: 3, load: { ...NO_LOAD, minutes: 30 }, extras: [] }
		];
		expect(suggestions(weeks, { ...NO_LIMITS, minutes: 110 })).toEqual([
			{ week: 1, extra: 'globe', way: 'instead', to: null, helps: ['minutes'], enough: true },
			{ week: 2, extra: 'map', way: 'move', to: 3, helps: ['minutes'], enough: true }
		]);
		expect(suggestions(weeks.slice(1, 2), { ...NO_LIMITS, minutes: 110 })).toMatchObject([
			{ extra: 'map', way: 'leave out' }
		]);
	});

	it('never proposes what is required, nor anything where nothing is over; moving never fills another week', () => {
		const week = fc.record({
			base: fc.integer({ min: 0, max: 200 }),
			extras: fc.array(fc.record({ minutes: fc.integer({ min: 1, max: 120 }), required: fc.boolean() }), {
				maxLength: 5
			})
		});
		fc.assert(
			fc.property(fc.array(week, { maxLength: 6 }), fc.integer({ min: 50, max: 300 }), (given, most) => {
				const weeks = given.map(({ base, extras }, i): LoadWeek => {
					const own = extras.map((one, j) => extra(`${i}-${j}`, one.minutes, { required: one.required }));
					return {
						week: i + 1,
						extras: own,
						load: addLoads([{ ...NO_LOAD, minutes: base }, ...own.map((one) => one.load)])
					};
				});
				const limits = { ...NO_LIMITS, minutes: most };
				const full = new Set(overLimits(weeks, limits).map((one) => one.week));
				const after = new Map(weeks.map((one) => [one.week, one.load.minutes]));
				for (const help of suggestions(weeks, limits)) {
					const one = weeks[help.week - 1].extras.find(({ id }) => id === help.extra)!;
					expect(one.required).toBe(false);
					expect(full).toContain(help.week);
					after.set(help.week, after.get(help.week)! - one.load.minutes);
					if (help.to !== null) {
						after.set(help.to, after.get(help.to)! + one.load.minutes);
						expect(after.get(help.to)!).toBeLessThanOrEqual(most);
					}
				}
			})
		);
	});
});

describe('questions', () => {
	it('come with the page that is named before or after them, in the order of the pages', () => {
		expect(
			readQuestions(
				'Why is north up?\nWhat is a scale? (p. 9)\npages 14-15: What is a legend for?\n\np.3 Who drew it?\nHow many pages has it?\np. 7'
			)
		).toEqual([
			{ page: 3, text: 'Who drew it?' },
			{ page: 9, text: 'What is a scale?' },
			{ page: 14, text: 'What is a legend for?' },
			{ page: null, text: 'Why is north up?' },
			{ page: null, text: 'How many pages has it?' },
			{ page: null, text: 'p. 7' }
		]);
	});
});
