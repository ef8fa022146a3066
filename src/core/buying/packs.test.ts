import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { purchaseCase, purchaseProgram } from '../../../scripts/purchase-cases.ts';
import { packs, type Offer, type PacksInput, type Purchase, type Store } from './index.ts';

const one = (item: string, need: number) => ({ item, need });
const offer = (
	item: string,
	store: string,
	size: number,
	price: number,
	limit: number | null = null
): Offer => ({
	item,
	store,
	size,
	price,
	limit
});
const store = (name: string, fee = 0, freeOver: number | null = null): Store => ({
	store: name,
	fee,
	freeOver
});

/** Goods and fees of what is bought, counted anew. */
function costOf({ stores }: PacksInput, { buys }: Purchase): number {
	return stores.reduce((sum, { store, fee, freeOver }) => {
		const goods = buys
			.filter((one) => one.store === store)
			.reduce((all, one) => all + one.price * one.count, 0);
		if (!buys.some((one) => one.store === store)) return sum;
		return sum + goods + (freeOver !== null && goods >= freeOver ? 0 : fee);
	}, 0);
}

/** Every way of buying, with at most so many packs of each offer; only for small cases. */
function byTrying(input: PacksInput, most: number): readonly number[] | null {
	const counts = input.offers.map(() => 0);
	let best: readonly number[] | null = null;
	const visit = (i: number) => {
		if (i === counts.length) {
			const found = valued(input, counts);
			if (found && (best === null || compare(found, best) < 0)) best = found;
			return;
		}
		for (let n = 0; n <= Math.min(most, input.offers[i].limit ?? Infinity); n++) {
			counts[i] = n;
			visit(i + 1);
		}
		counts[i] = 0;
	};
	visit(0);
	return best;
}
/** Cost, stores, leftover, packs of counts by offer; null when a need is not met or there are too many stores. */
function valued(input: PacksInput, counts: readonly number[]): readonly number[] | null {
	let leftover = 0;
	for (const { item, need } of input.items) {
		const bought = input.offers.reduce(
			(sum, one, i) => (one.item === item ? sum + counts[i] * one.size : sum),
			0
		);
		if (bought < need) return null;
		if (need > 0) leftover += bought - need;
	}
	const used = input.stores.filter(({ store }) =>
		input.offers.some((one, i) => one.store === store && counts[i])
	);
	if (used.length > (input.maxStores ?? Infinity)) return null;
	const cost = used.reduce((sum, { store, fee, freeOver }) => {
		const goods = input.offers.reduce(
			(all, one, i) => (one.store === store ? all + counts[i] * one.price : all),
			0
		);
		return sum + goods + (freeOver !== null && goods >= freeOver ? 0 : fee);
	}, 0);
	return [cost, used.length, leftover, counts.reduce((sum, n) => sum + n, 0)];
}
function compare(a: readonly number[], b: readonly number[]): number {
	const at = a.findIndex((value, i) => value !== b[i]);
	return at < 0 ? 0 : a[at] - b[at];
}
const valueOf = (input: PacksInput, bought: Purchase) =>
	valued(
		input,
		input.offers.map(
			(one) =>
				bought.buys.find(
					(buy) =>
						buy.item === one.item &&
						buy.store === one.store &&
						buy.size === one.size &&
						buy.price === one.price
				)?.count ?? 0
		)
	);

const STORES = ['A', 'B', 'C'];
/** Small cases in which fees and thresholds bind; offers differ from each other, so that they can be told apart. */
const smallCase = fc
	.record({
		items: fc.uniqueArray(
			fc.record({ item: fc.constantFrom('flour', 'glue', 'wax'), need: fc.integer({ min: 0, max: 7 }) }),
			{ minLength: 1, maxLength: 2, selector: ({ item }) => item }
		),
		offers: fc.uniqueArray(
			fc.record({
				item: fc.constantFrom('flour', 'glue', 'wax'),
				store: fc.constantFrom(...STORES),
				size: fc.integer({ min: 1, max: 4 }),
				price: fc.integer({ min: 1, max: 9 }).map((n) => n * 50),
				limit: fc.option(fc.integer({ min: 1, max: 3 }))
			}),
			{ minLength: 1, maxLength: 5, selector: ({ item, store, size }) => `${item} ${store} ${size}` }
		),
		stores: fc.tuple(
			...STORES.map((name) =>
				fc.record({
					store: fc.constant(name),
					fee: fc.integer({ min: 0, max: 6 }).map((n) => n * 50),
					freeOver: fc.option(fc.integer({ min: 1, max: 16 }).map((n) => n * 50))
				})
			)
		),
		maxStores: fc.option(fc.integer({ min: 1, max: 2 }))
	})
	.map((input): PacksInput => ({
		...input,
		offers: input.offers.filter((one) => input.items.some(({ item }) => item === one.item))
	}));

describe('what to buy where', () => {
	it('is what trying everything finds, ties and all, on 400 small cases', () => {
		// Seven packs of the smallest size meet any need; more only pay to reach a threshold of 800 cents.
		const MOST = 7;
		fc.assert(
			fc.property(smallCase, (input) => {
				fc.pre(input.offers.length > 0 && input.offers.length <= 4);
				const best = byTrying(input, MOST);
				if (best === null) {
					expect(() => packs(input)).toThrow(/covers the need of/);
					return;
				}
				const bought = packs(input);
				expect(bought.optimal).toBe(true);
				expect(bought.cost).toBe(costOf(input, bought));
				// A threshold may be reached with more packs than were tried: then it is cheaper.
				if (bought.buys.every((buy) => buy.count <= MOST)) expect(valueOf(input, bought)).toEqual(best);
				else expect(compare(valueOf(input, bought)!, best)).toBeLessThan(0);
			}),
			{ numRuns: 400, seed: 20270122 }
		);
	});

	it('buys one pack more to get there when that makes it cheaper, and not when it does not', () => {
		const input = (freeOver: number): PacksInput => ({
			items: [one('clay', 3)],
			offers: [offer('clay', 'A', 1, 300)],
			stores: [store('A', 500, freeOver)],
			maxStores: null
		});
		expect(packs(input(1200))).toMatchObject({
			cost: 1200,
			fees: [{ store: 'A', fee: 0 }],
			leftover: [{ quantity: 1 }]
		});
		expect(packs(input(1500))).toMatchObject({ cost: 1400, fees: [{ store: 'A', fee: 500 }] });
	});

	it('exact with thirds and tenths: three packs of a third are one', () => {
		const third = packs({
			items: [one('sand', 1), one('salt', 0.3)],
			offers: [offer('sand', 'A', 1 / 3, 100), offer('salt', 'A', 0.1, 10)],
			stores: [store('A')],
			maxStores: null
		});
		expect(third.buys.map((buy) => buy.count)).toEqual([3, 3]);
		expect(third.leftover.map((one) => one.quantity)).toEqual([0, 0]);
	});

	it('more needed never costs less, and a substitute offer more never costs more', () => {
		fc.assert(
			fc.property(smallCase, fc.integer({ min: 1, max: 3 }), (input, more) => {
				const wider: PacksInput = {
					...input,
					offers: [...input.offers, offer(input.items[0].item, 'A', 5, 125)]
				};
				const larger: PacksInput = {
					...wider,
					items: wider.items.map(({ item, need }) => ({ item, need: need + more }))
				};
				let before: Purchase;
				try {
					before = packs(input);
				} catch {
					return;
				}
				const now = packs(wider);
				expect(now.cost).toBeLessThanOrEqual(before.cost);
				try {
					expect(packs(larger).cost).toBeGreaterThanOrEqual(now.cost);
				} catch (error) {
					// A limit may be too small for more.
					expect(String(error)).toContain('covers the need');
				}
			}),
			{ numRuns: 200, seed: 7 }
		);
	});

	it('a dearer pack of the same size is bought where it lifts the goods over what waives the fee', () => {
		const offer = (item: string, store: string, price: number) => ({
			item,
			store,
			size: 1,
			price,
			limit: null
		});
		const bought = packs({
			items: [
				{ item: 'x', need: 4 },
				{ item: 'y', need: 1 }
			],
			offers: [offer('x', 'a', 310), offer('x', 'a', 197), offer('y', 'b', 290)],
			stores: [
				{ store: 'a', fee: 150, freeOver: 900 },
				{ store: 'b', fee: 0, freeOver: null }
			],
			maxStores: null
		});
		// 3 × 197 + 310 = 901 without the fee, and 290; four at 197 would be 788 with it.
		expect(bought).toMatchObject({ cost: 1191, optimal: true });
		expect(bought.fees).toContainEqual({ store: 'a', fee: 0 });
	});

	it('says which need no offer covers, also within so many stores', () => {
		const input: PacksInput = {
			items: [one('flour', 2), one('wax', 1)],
			offers: [offer('flour', 'A', 1, 100), offer('wax', 'B', 1, 100)],
			stores: [store('A'), store('B')],
			maxStores: 1
		};
		expect(() => packs(input)).toThrow('Within one store no offer covers the need of wax');
		expect(() => packs({ ...input, offers: input.offers.slice(0, 1) })).toThrow(
			'No offer covers the need of wax'
		);
		expect(() => packs({ ...input, offers: [offer('flour', 'A', 0, 1)] })).toThrow('size must be above 0');
		expect(() => packs({ ...input, offers: [offer('flour', 'Z', 1, 1)] })).toThrow('not among the stores');
	});

	it('when the time is over it gives what it has, and a bound that is not above the best', () => {
		const input = purchaseCase(12, 4, 7, 40, 4000);
		const best = packs(input);
		const cut = packs(input, () => true);
		if (!cut.optimal) {
			expect(cut.bound).toBeLessThanOrEqual(best.cost);
			expect(cut.cost).toBeGreaterThanOrEqual(best.cost);
			expect(cut.cost).toBe(costOf(input, cut));
		} else expect(cut.cost).toBe(best.cost);
	});
});

describe('against HiGHS, a general solver of integer programs', () => {
	let highs: Awaited<ReturnType<typeof loadHighs>>;
	beforeAll(async () => {
		highs = await loadHighs();
	});

	it('the same least cost on 30 random cases of 3 to 5 items', () => {
		for (let seed = 1; seed <= 30; seed++) {
			const input = purchaseCase(3 + (seed % 3), 2 + (seed % 2), seed, 12, 1200);
			const solved = highs.solve(purchaseProgram(input), { output_flag: false, mip_rel_gap: 0 });
			expect(solved.Status).toBe('Optimal');
			expect(packs(input).cost).toBe(Math.round(solved.ObjectiveValue));
		}
	});
});
