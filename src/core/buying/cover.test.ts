import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cheapest, compareCosts, coverOf, isAsGood, millionths, relaxed, waysToCover } from './cover.ts';
import type { PackOffer } from './cover.ts';

const ALL = 0b111;
const offers = fc
	.array(
		fc.record({
			size: fc.integer({ min: 1, max: 6 }).map((n) => n * 1_000_000),
			price: fc.integer({ min: 1, max: 30 }).map((n) => n * 10),
			limit: fc.option(fc.integer({ min: 1, max: 4 })).map((most) => most ?? Infinity),
			store: fc.integer({ min: 0, max: 2 })
		}),
		{ minLength: 1, maxLength: 5 }
	)
	.map((list) => list.map((one, index): PackOffer => ({ ...one, index })));
const need = fc.integer({ min: 1, max: 12 }).map((n) => n * 1_000_000);

/** Every choice of counts that covers the need; as many packs of an offer as could ever be of use. */
function everyWay(want: number, list: readonly PackOffer[]) {
	let ways: { cents: number; amount: number; packs: number }[] = [{ cents: 0, amount: 0, packs: 0 }];
	for (const { size, price, limit } of list) {
		const most = Math.min(limit, Math.ceil(want / size));
		ways = ways.flatMap((way) =>
			Array.from({ length: most + 1 }, (_, n) => ({
				cents: way.cents + n * price,
				amount: way.amount + n * size,
				packs: way.packs + n
			}))
		);
	}
	return ways.filter(({ amount }) => amount >= want);
}

describe('covering one item', () => {
	it('the cheapest way is the cheapest of all: cents, then what is left over, then packs', () => {
		fc.assert(
			fc.property(need, offers, (want, list) => {
				const found = cheapest(coverOf(want, list), ALL);
				const all = everyWay(want, list).map((way) => [way.cents, way.amount - want, way.packs] as const);
				const best = all.sort(compareCosts)[0] ?? null;
				expect(found).toEqual(best);
			})
		);
	});

	it('relaxed prices never come to more than the cheapest way, and to just that where nothing is worth anything', () => {
		fc.assert(
			fc.property(need, offers, fc.double({ min: 0, max: 1, noNaN: true }), (want, list, worth) => {
				const cover = coverOf(want, list);
				const best = cheapest(cover, ALL);
				fc.pre(best !== null);
				const watched = [{ store: 1, cents: 500 }];
				expect(relaxed(cover, ALL, watched, [worth]).cents).toBeLessThanOrEqual(best![0] + 1e-9);
				if (list.every((one) => one.limit === Infinity))
					expect(relaxed(cover, ALL, watched, [0]).cents).toBeCloseTo(best![0], 9);
			})
		);
	});

	it('of the ways up to a price none is as good as another in everything, and the cheapest is the first', () => {
		fc.assert(
			fc.property(need, offers, fc.integer({ min: 0, max: 300 }), (want, list, more) => {
				const cover = coverOf(want, list);
				const best = cheapest(cover, ALL);
				fc.pre(best !== null);
				const watched = [{ store: 0, cents: 400 }];
				const ways = waysToCover(
					cover,
					{ stores: ALL, watched, worth: [0], most: best![0] + more, withTies: true },
					() => undefined
				);
				expect(ways[0].cost).toEqual(best);
				for (const [i, one] of ways.entries()) {
					expect(one.cost[0]).toBeLessThanOrEqual(best![0] + more);
					for (const [k, other] of ways.entries()) if (i !== k) expect(isAsGood(other, one)).toBe(false);
					let amount = 0;
					let cents = 0;
					for (let at = one.packs; at; at = at.before) {
						amount += at.count * at.offer.size;
						cents += at.count * at.offer.price;
						expect(at.count).toBeLessThanOrEqual(at.offer.limit);
					}
					expect(amount).toBeGreaterThanOrEqual(want);
					expect(cents).toBe(one.cost[0]);
				}
			})
		);
	});

	it('a third three times is one, and an excess of a millionth does not count', () => {
		const third: PackOffer = { size: millionths(1 / 3), price: 100, limit: Infinity, store: 0, index: 0 };
		expect(cheapest(coverOf(millionths(1), [third]), ALL)).toEqual([300, 0, 3]);
		const whole: PackOffer = { ...third, size: millionths(1) };
		expect(cheapest(coverOf(millionths(1.000001), [whole]), ALL)).toEqual([100, 0, 1]);
		expect(cheapest(coverOf(millionths(1.1), [whole]), ALL)?.[2]).toBe(2);
	});
});
