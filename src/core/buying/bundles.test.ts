import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { packsWithBundles, type Bundle, type PacksInput } from './index.ts';

const stores = [
	{ store: 'a', fee: 150, freeOver: 900 },
	{ store: 'b', fee: 0, freeOver: null }
];

/**
 * Every number of every pack and every set of bundles. Four packs cover any need of the cases, and one more can
 * pay to come by free delivery: two cost more than the fee of 150 that they save. Of a thing that the bundles
 * serve in full nobody buys packs as well.
 */
function byTrying(input: PacksInput, bundles: readonly Bundle[]): number {
	let least = Infinity;
	const counts = input.offers.map(() => 0);
	const cost = (chosen: readonly Bundle[]) => {
		for (const { item, need } of input.items) {
			const got =
				input.offers.reduce((sum, offer, i) => sum + (offer.item === item ? counts[i] * offer.size : 0), 0) +
				chosen.reduce(
					(sum, one) => sum + one.parts.reduce((own, part) => own + (part.item === item ? part.size : 0), 0),
					0
				);
			if (got < need) return Infinity;
			const bundled = chosen.reduce(
				(sum, one) => sum + one.parts.reduce((own, part) => own + (part.item === item ? part.size : 0), 0),
				0
			);
			if (bundled >= need && bundled < got) return Infinity;
		}
		return stores.reduce((sum, { store, fee, freeOver }) => {
			const goods =
				input.offers.reduce(
					(own, offer, i) => own + (offer.store === store ? counts[i] * offer.price : 0),
					0
				) + chosen.reduce((own, one) => own + (one.store === store ? one.price : 0), 0);
			const visited =
				input.offers.some((offer, i) => offer.store === store && counts[i] > 0) ||
				chosen.some((one) => one.store === store);
			return sum + goods + (visited && (freeOver === null || goods < freeOver) ? fee : 0);
		}, 0);
	};
	const go = (at: number) => {
		if (at < counts.length) {
			for (counts[at] = 0; counts[at] <= 5; counts[at]++) go(at + 1);
			counts[at] = 0;
			return;
		}
		for (let set = 0; set < 1 << bundles.length; set++)
			least = Math.min(least, cost(bundles.filter((_, i) => set & (1 << i))));
	};
	go(0);
	return least;
}

describe('bundles', () => {
	it('cost what trying everything says, fees and free delivery counted, on 150 random cases', () => {
		const store = fc.constantFrom('a', 'b');
		const price = fc.integer({ min: 80, max: 700 });
		fc.assert(
			fc.property(
				fc.tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 1, max: 4 })),
				fc.array(
					fc.record({ item: fc.constantFrom('x', 'y'), store, size: fc.integer({ min: 1, max: 3 }), price }),
					{ maxLength: 2 }
				),
				fc.array(
					fc.record({
						store,
						price,
						parts: fc.tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 1, max: 4 }))
					}),
					{ maxLength: 2 }
				),
				([x, y], more, raw) => {
					const input: PacksInput = {
						items: [
							{ item: 'x', need: x },
							{ item: 'y', need: y }
						],
						offers: [
							{ item: 'x', store: 'a', size: 1, price: 310, limit: null },
							{ item: 'y', store: 'b', size: 1, price: 290, limit: null },
							...more.map((offer) => ({ ...offer, limit: null }))
						],
						stores,
						maxStores: null
					};
					const bundles = raw.map((one, i): Bundle => ({
						bundle: `set ${i}`,
						store: one.store,
						price: one.price,
						parts: [
							{ item: 'x', size: one.parts[0] },
							{ item: 'y', size: one.parts[1] }
						]
					}));
					const found = packsWithBundles(input, bundles);
					expect(found.cost).toBe(byTrying(input, bundles));
					expect(found.separately).toBe(byTrying(input, []));
				}
			),
			{ numRuns: 150 }
		);
	});

	it('a thing that is sold nowhere else is served by its bundle', () => {
		const input: PacksInput = { items: [{ item: 'x', need: 2 }], offers: [], stores, maxStores: null };
		const kit: Bundle = { bundle: 'kit', store: 'b', price: 999, parts: [{ item: 'x', size: 2 }] };
		expect(packsWithBundles(input, [kit])).toMatchObject({ cost: 999, bundles: ['kit'], separately: null });
		expect(() => packsWithBundles(input, [])).toThrow('No offer covers');
	});

	it('says what is wrong with a bundle', () => {
		const input: PacksInput = { items: [], offers: [], stores, maxStores: null };
		const kit: Bundle = { bundle: 'kit', store: 'b', price: 1, parts: [] };
		expect(() => packsWithBundles(input, [kit])).toThrow('Say what kit holds');
		expect(() => packsWithBundles(input, [{ ...kit, parts: [{ item: 'x', size: 0 }] }])).toThrow(
			'below what is possible'
		);
	});
});
