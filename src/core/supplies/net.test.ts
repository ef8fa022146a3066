import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type Day } from '../calendar/index.ts';
import { exact, isSome, ZERO } from '../measure/index.ts';
import { netSupplies, type Lot, type NetLine } from './index.ts';

const START = '2027-01-04';
const day = (offset: number): Day => addDays(START, offset);

const lines = fc.array(
	fc.record({
		at: fc.integer({ min: 0, max: 20 }),
		amount: fc.integer({ min: 1, max: 9 }),
		claim: fc.constantFrom(null, null, null, 'first' as const, 'last' as const)
	}),
	{ minLength: 1, maxLength: 10 }
);
const lots = fc.array(
	fc.record({
		amount: fc.integer({ min: 0, max: 9 }),
		until: fc.option(fc.integer({ min: -2, max: 22 }), { nil: null })
	}),
	{ maxLength: 6 }
);
type RawLine = { at: number; amount: number; claim: 'first' | 'last' | null };
type RawLot = { amount: number; until: number | null };

const lineOf = ({ at, amount, claim }: RawLine, i: number): NetLine => ({
	id: String(i),
	item: 'x',
	use: 'consumed',
	date: day(at),
	until: day(at),
	amount: exact(amount),
	unit: 'each',
	claim
});
const lotOf = ({ amount, until }: RawLot, i: number): Lot => ({
	id: String(i),
	item: 'x',
	amount: exact(amount),
	unit: 'each',
	goodUntil: until === null ? null : day(until)
});
const netted = (asked: readonly RawLine[], stock: readonly RawLot[]) => {
	const [row] = netSupplies(asked.map(lineOf), stock.map(lotOf));
	return row;
};

/** Piece by piece: each line, in its order, takes the piece that goes off first of those still good. */
function byPieces(asked: readonly RawLine[], stock: readonly RawLot[]): Map<string, number[]> {
	const pieces = stock.flatMap((lot, i) =>
		Array.from({ length: lot.amount }, () => ({ lot: i, until: lot.until ?? Infinity }))
	);
	const rank = { first: 0, last: 2 };
	const inOrder = asked
		.map((line, i) => ({ ...line, i }))
		.sort(
			(a, b) => (a.claim ? rank[a.claim] : 1) - (b.claim ? rank[b.claim] : 1) || a.at - b.at || a.i - b.i
		);
	const taken = new Map<string, number[]>();
	for (const line of inOrder) {
		const own = stock.map(() => 0);
		for (let n = 0; n < line.amount; n++) {
			const good = pieces.filter((piece) => piece.until >= line.at);
			if (good.length === 0) break;
			const first = good.reduce((so, piece) =>
				piece.until < so.until || (piece.until === so.until && piece.lot < so.lot) ? piece : so
			);
			pieces.splice(pieces.indexOf(first), 1);
			own[first.lot]++;
		}
		taken.set(String(line.i), own);
	}
	return taken;
}

describe('what is used up', () => {
	it('takes first what goes off first and never what has gone off, as piece by piece, claims and all', () => {
		fc.assert(
			fc.property(lines, lots, (asked, stock) => {
				const expected = byPieces(asked, stock);
				for (const one of netted(asked, stock).lines) {
					const own = stock.map(() => 0);
					for (const { lot, amount } of one.lots) own[Number(lot.id)] += amount.valueOf();
					expect(own).toEqual(expected.get(one.line.id));
				}
			}),
			{ numRuns: 400 }
		);
	});

	it('a claim never changes how much of what lasts is given out, only to whom', () => {
		fc.assert(
			fc.property(lines, lots, (asked, stock) => {
				const lasting = stock.map((lot) => ({ ...lot, until: null }));
				const plain = asked.map((line) => ({ ...line, claim: null }));
				const given = (of: readonly RawLine[]) => netted(of, lasting).fromStash.toFraction();
				expect(given(asked)).toBe(given(plain));
			})
		);
	});

	it('who is served first lacks nothing while the house has enough for it alone', () => {
		fc.assert(
			fc.property(lines, fc.nat(9), (asked, chosen) => {
				const at = chosen % asked.length;
				const claimed = asked.map((line, i) => ({ ...line, claim: i === at ? ('first' as const) : null }));
				const row = netted(claimed, [{ amount: asked[at].amount, until: null }]);
				expect(isSome(row.lines.find((one) => one.line.id === String(at))!.net)).toBe(false);
				expect(row.lines[0].line.id).toBe(String(at));
			})
		);
	});

	it('is needed by the first day on which somebody is short, wherever the claims put him', () => {
		fc.assert(
			fc.property(lines, lots, (asked, stock) => {
				const row = netted(asked, stock);
				const short = row.lines.filter((one) => isSome(one.net)).map((one) => one.line.date);
				expect(row.neededBy).toBe(short.length ? short.reduce((a, b) => (a < b ? a : b)) : null);
				expect(row.lines.reduce((sum, one) => sum.add(one.fromStash).add(one.net), ZERO).toFraction()).toBe(
					row.gross.toFraction()
				);
			})
		);
	});
});

describe('some of it', () => {
	const some = (at: number, amount: number, i: number): NetLine => ({
		...lineOf({ at, amount, claim: null }, i),
		use: 'some'
	});

	it('one roll serves every lesson and is booked by none', () => {
		const [row] = netSupplies(
			[some(0, 1, 0), some(4, 1, 1), some(9, 1, 2)],
			[lotOf({ amount: 1, until: null }, 0)]
		);
		expect([row.use, row.gross.valueOf(), row.net.valueOf(), row.neededBy]).toEqual(['some', 1, 0, null]);
		expect(row.lines.map((line) => line.fromStash.valueOf())).toEqual([1, 1, 1]);
	});

	it('wants as many containers as the line with the most of them', () => {
		const [row] = netSupplies([some(0, 1, 0), some(4, 3, 1)], [lotOf({ amount: 2, until: null }, 0)]);
		expect([row.gross.valueOf(), row.net.valueOf(), row.neededBy]).toEqual([3, 1, day(4)]);
	});

	it('stands back behind what is used up and what is kept on the same days', () => {
		const asked: NetLine[] = [
			lineOf({ at: 2, amount: 2, claim: null }, 0),
			{ ...lineOf({ at: 3, amount: 1, claim: null }, 1), use: 'kept' },
			some(3, 1, 2)
		];
		const rows = netSupplies(asked, [lotOf({ amount: 3, until: null }, 0)]);
		expect(rows.map((row) => [row.use, row.net.valueOf()])).toEqual(
			expect.arrayContaining([
				['consumed', 0],
				['kept', 0],
				['some', 1]
			])
		);
	});

	it('never gets more than is there, and never more than it wants', () => {
		fc.assert(
			fc.property(lines, lots, (asked, stock) => {
				const [row] = netSupplies(
					asked.map((line, i) => some(line.at, line.amount, i)),
					stock.map(lotOf)
				);
				const all = stock.reduce((sum, lot) => sum + lot.amount, 0);
				for (const one of row.lines) {
					expect(one.fromStash.compare(one.gross)).toBeLessThanOrEqual(0);
					expect(one.fromStash.valueOf()).toBeLessThanOrEqual(all);
					expect(one.fromStash.add(one.net).equals(one.gross)).toBe(true);
				}
				expect(row.gross.valueOf()).toBe(Math.max(...asked.map((line) => line.amount)));
			})
		);
	});
});
