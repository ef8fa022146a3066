import fc from 'fast-check';
import loadHighs from 'highs';
import ISBN from 'isbn3';
import { describe, expect, it } from 'vitest';
import { solveWith } from '../../lib/solver/highs.ts';
import { addDays, daysBetween, weekdayOf, type Day, type Weekday } from '../calendar/index.ts';
import type { Program } from '../choice/index.ts';
import {
	misfit,
	playersMisfit,
	readIsbn,
	readResource,
	readUse,
	reportPile,
	sameness,
	spineWidth,
	trips,
	type TripLoan,
	type TripsInput
} from './index.ts';

describe('ISBN', () => {
	// ISO 2108 and the ISBN Users' Manual use this number as their example of both forms.
	it.each([
		'ISBN 0-306-40615-2',
		'isbn-10: 0306406152',
		'ISBN-13 978-0-306-40615-7',
		'978 0 306 40615 7',
		'978‑0‑306‑40615‑7'
	])('the standard’s own example as “%s”', (text) =>
		expect(readIsbn(text)).toEqual({
			isbn13: '9780306406157',
			isbn10: '0306406152',
			valid: true,
			why: null
		})
	);

	it('an X is a check digit of ten and nothing else; 979 has no short form', () => {
		expect(readIsbn('0 8044 2957 x')).toMatchObject({ isbn13: '9780804429573', isbn10: '080442957X' });
		expect(readIsbn('978080442957X').why).toContain('character');
		expect(readIsbn('X804429573').why).toContain('character');
		expect(readIsbn('979-8-88645-174-0')).toMatchObject({ valid: true, isbn10: null });
	});

	it('says the first thing that is wrong', () => {
		expect(readIsbn('978-O-306-40615-7').why).toBe('"O" is a character that cannot be there');
		expect(readIsbn('0-306-40615').why).toBe('wrong length: 9 digits, but it must have 10 or 13');
		expect(readIsbn('4006381333931').why).toContain('978 or 979');
		expect(readIsbn('978-0-306-40615-3').why).toBe('check digit is 3 but should be 7');
	});

	it('agrees with isbn3 on 10,000 numbers, right and wrong', () => {
		const digits = fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 9, maxLength: 9 });
		fc.assert(
			fc.property(
				digits,
				fc.constantFrom('978', '979'),
				fc.integer({ min: 0, max: 10 }),
				(nine, prefix, last) => {
					for (const text of [
						`${prefix}${nine.join('')}${last % 10}`,
						`${nine.join('')}${last === 10 ? 'X' : last}`
					]) {
						const ours = readIsbn(text);
						// The reference knows only groups that have been given out, so it is asked for its check digit.
						const body = text.slice(0, -1);
						const right = [...'0123456789X'].find((one) => checks(body + one));
						expect(ours.valid).toBe(text.at(-1) === right);
						const audit = ISBN.parse(text);
						if (audit?.isValid) {
							expect(ours.isbn13).toBe(audit.isbn13);
							expect(ours.isbn10).toBe(audit.isbn10 || null);
						}
					}
				}
			),
			{ numRuns: 5000 }
		);
	});
});

/** The two sums of the standard, written out. */
function checks(text: string): boolean {
	const values = [...text].map((one) => (one === 'X' ? 10 : Number(one)));
	if (text.length === 10) return values.reduce((sum, one, i) => sum + one * (10 - i), 0) % 11 === 0;
	if (text.includes('X')) return false;
	return values.reduce((sum, one, i) => sum + one * (i % 2 ? 3 : 1), 0) % 10 === 0;
}

const FROM: Day = '2027-01-04';

const loanOf = (shortest: number) =>
	fc
		.record({
			ready: fc.integer({ min: 0, max: 20 }),
			shelfDays: fc.integer({ min: 0, max: 8 }),
			wait: fc.integer({ min: 0, max: 9 }),
			use: fc.integer({ min: 0, max: 12 }),
			loanDays: fc.integer({ min: shortest, max: 21 }),
			renewals: fc.integer({ min: 0, max: 1 })
		})
		.map(({ ready, wait, use, ...rest }): Omit<TripLoan, 'id'> => ({
			...rest,
			readyOn: addDays(FROM, ready),
			useFrom: addDays(FROM, ready + wait),
			useTo: addDays(FROM, ready + wait + use)
		}));

const named = (loans: readonly Omit<TripLoan, 'id'>[]) => loans.map((loan, i) => ({ ...loan, id: `b${i}` }));

/** Every pair of days on which a loan can be fetched and brought back. */
function pairs(input: TripsInput, loan: TripLoan): [number, number][] {
	const number = (day: Day) => daysBetween(input.from, day);
	const last = number(input.to);
	const isOpen = (day: number) =>
		day >= 0 && day <= last && input.open.includes(weekdayOf(addDays(input.from, day)));
	const found: [number, number][] = [];
	for (
		let p = number(loan.readyOn);
		p <= Math.min(number(loan.readyOn) + loan.shelfDays, number(loan.useFrom));
		p++
	)
		for (let t = Math.max(p + 1, number(loan.useTo)); t <= p + loan.loanDays * (1 + loan.renewals); t++)
			if (isOpen(p) && isOpen(t)) found.push([p, t]);
	return found;
}

/** Tries every set of open days: fewest trips, latest pick-ups, earliest returns. */
function byTrying(input: TripsInput): [number, number, number] | null {
	const all = input.loans.map((loan) => pairs(input, loan)).filter((one) => one.length);
	const days = [...new Set(all.flat(2))];
	let best: [number, number, number] | null = null;
	for (let set = 0; set < 2 ** days.length; set++) {
		const taken = new Set(days.filter((_, i) => set & (1 << i)));
		if (best && taken.size > best[0]) continue;
		let [picks, backs, fits] = [0, 0, true];
		for (const loan of all) {
			const can = loan.filter(([p, t]) => taken.has(p) && taken.has(t));
			if (!can.length) {
				fits = false;
				break;
			}
			const latest = Math.max(...can.map(([p]) => p));
			picks += latest;
			backs += Math.min(...can.filter(([p]) => p === latest).map(([, t]) => t));
		}
		if (!fits) continue;
		const cost: [number, number, number] = [taken.size, -picks, backs];
		if (
			!best ||
			cost[0] < best[0] ||
			(cost[0] === best[0] && (cost[1] < best[1] || (cost[1] === best[1] && cost[2] < best[2])))
		)
			best = cost;
	}
	return best;
}

function costOf(input: TripsInput): [number, number, number] {
	const plan = trips(input);
	const sum = (days: readonly Day[]) => days.reduce((all, day) => all + daysBetween(input.from, day), 0);
	return [
		plan.trips.length,
		-sum(plan.loans.map((one) => one.pickUp)),
		sum(plan.loans.map((one) => one.takeBack))
	];
}

describe('trips to the library', () => {
	it('is as good as trying every set of days', () => {
		fc.assert(
			fc.property(
				fc.array(loanOf(2), { minLength: 1, maxLength: 5 }),
				fc.subarray([1, 2, 3, 4, 5, 6, 7] as Weekday[], { minLength: 1, maxLength: 3 }),
				(loans, open) => {
					const input = { open, from: FROM, to: addDays(FROM, 38), loans: named(loans) };
					expect(costOf(input)).toEqual(byTrying(input) ?? [0, -0, 0]);
				}
			),
			{ numRuns: 300 }
		);
	});

	it('short loans, where the two days of a loan pull apart', () => {
		fc.assert(
			fc.property(fc.array(loanOf(1), { minLength: 2, maxLength: 6 }), (loans) => {
				const short = named(loans).map((loan) => ({
					...loan,
					loanDays: Math.min(7, loan.loanDays),
					renewals: 0
				}));
				const input = { open: [2, 4, 6] as Weekday[], from: FROM, to: addDays(FROM, 36), loans: short };
				expect(costOf(input)).toEqual(byTrying(input) ?? [0, -0, 0]);
			}),
			{ numRuns: 150 }
		);
	});

	it('needs no more trips than the solver finds, with twenty loans', async () => {
		const solve = solveWith(await loadHighs());
		fc.assert(
			fc.property(fc.array(loanOf(5), { minLength: 12, maxLength: 20 }), (loans) => {
				const input = {
					open: [1, 2, 3, 4, 5, 6] as Weekday[],
					from: FROM,
					to: addDays(FROM, 60),
					loans: named(loans)
				};
				expect(costOf(input)[0]).toBe(bySolver(input, solve));
			}),
			{ numRuns: 10, endOnFailure: true }
		);
	});

	it('every book is fetched in its time and brought back by its due day; what cannot be is said, and why', () => {
		fc.assert(
			fc.property(fc.array(loanOf(1), { maxLength: 30 }), (loans) => {
				const input = { open: [2, 5] as Weekday[], from: FROM, to: addDays(FROM, 45), loans: named(loans) };
				const plan = trips(input);
				expect([...plan.loans, ...plan.impossible].map((one) => one.id).sort()).toEqual(
					input.loans.map((one) => one.id).sort()
				);
				const used = new Set(plan.loans.flatMap((one) => [one.pickUp, one.takeBack]));
				expect([...used].sort()).toEqual(plan.trips);
				for (const one of plan.loans) {
					const loan = input.loans.find(({ id }) => id === one.id)!;
					const day = (date: Day) => daysBetween(FROM, date);
					expect(pairs(input, loan)).toContainEqual([day(one.pickUp), day(one.takeBack)]);
					expect(one.due).toBe(addDays(one.pickUp, loan.loanDays * (1 + loan.renewals)));
				}
				for (const { id, why } of plan.impossible) {
					const loan = input.loans.find((one) => one.id === id)!;
					expect(pairs(input, loan)).toEqual([]);
					const always = { ...input, open: [1, 2, 3, 4, 5, 6, 7] as Weekday[], to: addDays(FROM, 400) };
					if (why === 'loan too short for its use') expect(pairs(always, loan)).toEqual([]);
					else expect(pairs(always, loan)).not.toEqual([]);
				}
			})
		);
	});

	it('what is on loan already only goes back, on a trip that is made anyway where one is in time', () => {
		const loan = {
			id: 'hold',
			readyOn: '2027-01-12',
			shelfDays: 3,
			useFrom: '2027-01-14',
			useTo: '2027-01-20',
			loanDays: 21,
			renewals: 0
		};
		const plan = trips({
			open: [1, 2, 3, 4, 5],
			from: FROM,
			to: '2027-02-26',
			loans: [loan],
			returns: [
				{ id: 'here', backFrom: '2027-01-05', backTo: '2027-01-13' },
				{ id: 'weekend', backFrom: '2027-01-09', backTo: '2027-01-10' },
				{ id: 'long', backFrom: '2026-12-20', backTo: '2027-02-20' }
			]
		});
		expect(plan.trips).toEqual(['2027-01-13', '2027-01-20']);
		expect(plan.returns).toEqual([
			{ id: 'here', takeBack: '2027-01-13' },
			{ id: 'long', takeBack: '2027-01-13' }
		]);
		expect(plan.impossible).toEqual([{ id: 'weekend', why: 'library closed on every day that would do' }]);
	});

	it('a book that is fetched on its only day of use goes back on a later trip', () => {
		const loan = {
			id: 'a',
			readyOn: '2027-01-12',
			shelfDays: 0,
			useFrom: '2027-01-12',
			useTo: '2027-01-12',
			loanDays: 7,
			renewals: 0
		};
		const plan = trips({ open: [1, 2, 3, 4, 5], from: FROM, to: '2027-01-31', loans: [loan] });
		expect(plan.trips).toEqual(['2027-01-12', '2027-01-13']);
		expect(trips({ open: [2], from: FROM, to: FROM, loans: [] })).toEqual({
			trips: [],
			loans: [],
			returns: [],
			impossible: []
		});
		expect(() => trips({ open: [2], from: FROM, to: '2027-01-01', loans: [] })).toThrow('before from');
		expect(() =>
			trips({ open: [2], from: FROM, to: '2027-01-31', loans: [{ ...loan, useTo: '2027-01-11' }] })
		).toThrow('useTo must not be before useFrom');
	});
});

/** The same question as an integer program: one pair of days for each loan, a trip on every day of a pair. */
function bySolver(input: TripsInput, solve: (program: Program) => readonly number[] | null): number {
	const all = input.loans.map((loan) => pairs(input, loan)).filter((one) => one.length);
	const days = [...new Set(all.flat(2))];
	if (days.length === 0) return 0;
	const chosen = all.flatMap((loan, i) => loan.map((pair) => ({ i, pair })));
	const rows: Program['rows'] = [
		...all.map((_, i) => ({
			terms: chosen.flatMap((one, k) => (one.i === i ? [{ variable: days.length + k, times: 1 }] : [])),
			least: 1,
			most: null
		})),
		// For each loan and day: the pairs with that day need the trip.
		...all.flatMap((_, i) =>
			days.map((day, d) => ({
				terms: [
					{ variable: d, times: 1 },
					...chosen.flatMap((one, k) =>
						one.i === i && one.pair.includes(day) ? [{ variable: days.length + k, times: -1 }] : []
					)
				],
				least: 0,
				most: null
			}))
		)
	];
	// At most one pair for each loan, so that the rows above hold it to its trips.
	const once = all.map((_, i) => ({
		terms: chosen.flatMap((one, k) => (one.i === i ? [{ variable: days.length + k, times: 1 }] : [])),
		least: null,
		most: 1
	}));
	const values = solve({ worth: [...days.map(() => -1), ...chosen.map(() => 0)], rows: [...rows, ...once] })!;
	return days.filter((_, i) => Math.round(values[i]) === 1).length;
}

describe('a line about a book', () => {
	it('title, author, kind, pages, ages; what is left are places and topics', () => {
		expect(
			readResource('Old Roads by Nell Arkwright, picture book, 132 pages, ages 9-13, desk, maps')
		).toMatchObject({
			title: 'Old Roads',
			authors: 'Nell Arkwright',
			kind: 'picture book',
			pages: 132,
			fromAge: 9,
			toAge: 13,
			rest: ['desk', 'maps']
		});
		expect(readResource('Harvest, board game, 2-4 players, 72 pieces, ages 7 and up')).toMatchObject({
			kind: 'game',
			playersFrom: 2,
			playersTo: 4,
			pieces: 72,
			fromAge: 7,
			toAge: null
		});
		expect(readResource('Harbor view, https://example.org/cam, 20 min')).toMatchObject({
			kind: 'link',
			minutes: 20
		});
		expect(readResource('978-0-306-40615-7')).toMatchObject({ title: '', isbn13: '9780306406157' });
		expect(() => readResource('ISBN 978-0-306-40615-3')).toThrow('check digit is 3 but should be 7');
		expect(() => readResource(' , ')).toThrow('Type a title');
	});

	it.each([
		[
			'read aloud 12–18, 15 min: why maps lie',
			'read aloud',
			{ from: 12, to: 18 },
			[],
			15,
			null,
			'why maps lie'
		],
		[
			'read alone Odile 20–34, 20 min, preview 15 min',
			'read alone',
			{ from: 20, to: 34 },
			['Odile'],
			20,
			15,
			''
		],
		['one activity, Tamsin', 'one activity', null, ['Tamsin'], null, null, ''],
		['listen or watch 25 min', 'listen or watch', null, [], 25, null, ''],
		[
			'wrong in the book 8: the north arrow',
			'wrong in the book',
			{ from: 8, to: 8 },
			[],
			null,
			null,
			'the north arrow'
		]
	] as const)('the slip “%s”', (text, role, pages, who, minutes, previewMinutes, note) => {
		expect(readUse(text, ['Odile', 'Perrin', 'Tamsin'])).toEqual({
			role,
			pages,
			who,
			minutes,
			previewMinutes,
			note
		});
	});
});

describe('the same thing twice', () => {
	const work = (title: string, authors = '', isbn13: string | null = null) => ({ title, authors, isbn13 });
	it('by ISBN, by title and author, by a letter or two; volumes are not the same', () => {
		expect(sameness(work('A', '', '9780306406157'), work('B', '', '9780306406157'))).toBe('same ISBN');
		expect(
			sameness(work('The Old Roads: A Journey', 'Nell Arkwright'), work('Old Roads', 'Arkwright, Nell'))
		).toBe('another edition');
		expect(
			sameness(work('The Old Roads: A Journey', 'Nell Arkwright'), work('Old Roads', 'N. Arkwright'))
		).toBe('another edition');
		expect(sameness(work('The Mill on the Marsh'), work('The Mill on the Mrash'))).toBe(
			'nearly the same title'
		);
		expect(sameness(work('Rivers of the World 1'), work('Rivers of the World 2'))).toBeNull();
		expect(sameness(work('Storm'), work('Stork'))).toBeNull();
		expect(sameness(work('Film: the mill'), work('Film: the ice'))).toBeNull();
	});
});

describe('for whom, and how thick', () => {
	const book = {
		kind: 'book' as const,
		fromAge: 8,
		toAge: 12,
		grade: 5,
		language: 'English',
		smallParts: false,
		playersFrom: null,
		playersTo: null
	};
	const reader = (age: number, grade: number) => ({
		name: 'Perrin',
		age,
		reads: [{ language: 'English', grade }]
	});
	it('ages count for every role, the reading level for reading alone', () => {
		expect(misfit(book, reader(7, 2), 'read aloud')).toBe('ages 8 and up; Perrin is 7');
		expect(misfit(book, reader(13, 8), 'read aloud')).toBe('up to age 12; Perrin is 13');
		expect(misfit(book, reader(9, 2), 'read aloud')).toBeNull();
		expect(misfit(book, reader(9, 2), 'read alone')).toContain('grade 5 level');
		expect(misfit(book, reader(9, 4), 'read alone')).toBeNull();
		expect(misfit({ ...book, language: 'Spanish' }, reader(9, 9), 'read alone')).toBe(
			'Perrin doesn’t read Spanish'
		);
	});

	// 16 CFR 1501: small parts are not for children under three.
	it('small parts are not for a child under three', () => {
		const kit = { ...book, fromAge: null, smallParts: true };
		expect(misfit(kit, reader(2, 0), 'one activity')).toContain('under three');
		expect(misfit(kit, reader(3, 0), 'one activity')).toBeNull();
	});

	it('players, and the spine from its pages unless it was measured', () => {
		expect(playersMisfit({ ...book, playersFrom: 2, playersTo: 4 }, 5)).toContain('4 players at most');
		expect(playersMisfit({ ...book, playersFrom: 2, playersTo: 4 }, 3)).toBeNull();
		// 500 sheets of copy paper, a ream, are about 49 mm thick (common practice: two inches).
		expect(spineWidth({ widthMm: null, pages: 1000, hardcover: false })).toBeCloseTo(49.1, 1);
		expect(spineWidth({ widthMm: 12, pages: 1000, hardcover: true })).toBe(12);
	});
});

describe('a pile that carries a unit', () => {
	const thing = (id: string, kind: 'book' | 'picture book' | 'game', pages: number | null, fromAge = 3) => ({
		id,
		kind,
		pages,
		fromAge,
		toAge: null,
		grade: null,
		language: '',
		smallParts: false,
		playersFrom: null,
		playersTo: null
	});
	const children = [
		{ name: 'Odile', age: 10, reads: [] },
		{ name: 'Tamsin', age: 2, reads: [] }
	];
	it('wants a spine, a read-aloud, something per child and something to do', () => {
		expect(reportPile([thing('a', 'picture book', 32)], children)).toEqual({
			spine: null,
			lacks: ['a spine', 'something for Tamsin', 'something to do']
		});
		const whole = [
			thing('a', 'book', 120, 8),
			thing('b', 'book', 180, 8),
			thing('c', 'picture book', 24, 2),
			thing('d', 'game', null, 6)
		];
		expect(reportPile(whole, children)).toEqual({ spine: 'b', lacks: [] });
	});
});
