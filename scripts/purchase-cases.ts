import type { Offer, PacksInput } from '../src/core/buying/index.ts';

/**
 * A repeatable case: items × stores × four sizes each; fees of a third to one item's price, waived at two of
 * three stores from a sum of up to `asked` cents over 1,000 on.
 */
export function purchaseCase(
	items: number,
	stores: number,
	seed: number,
	most: number,
	asked: number
): PacksInput {
	let state = seed;
	const random = (below: number) => {
		state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
		return Math.floor((state / 2_147_483_648) * below);
	};
	const needs = Array.from({ length: items }, (_, i) => ({ item: `item ${i}`, need: 1 + random(most) }));
	return {
		items: needs,
		offers: needs.flatMap(({ item }) =>
			Array.from({ length: stores }, (_, s) =>
				[1, 2, 5, 10].map((size): Offer => ({
					item,
					store: `S${s}`,
					size,
					price: size * (60 + random(80)) + 40,
					limit: null
				}))
			).flat()
		),
		stores: Array.from({ length: stores }, (_, s) => ({
			store: `S${s}`,
			fee: 300 + random(500),
			freeOver: random(3) ? 1000 + random(asked) : null
		})),
		maxStores: null
	};
}

/** The case as an integer program in the CPLEX LP format: packs, stores that are used, fees that are waived. */
export function purchaseProgram({ items, offers, stores }: PacksInput): string {
	const terms = (list: readonly string[]) => list.join(' + ');
	const costs = [
		...offers.map((one, i) => `${one.price} x${i}`),
		...stores.map((one, s) => `${one.fee} u${s}`)
	];
	const rows = items.map(
		({ item, need }) =>
			`${terms(offers.flatMap((one, i) => (one.item === item ? [`${one.size} x${i}`] : [])))} >= ${need}`
	);
	for (const [s, { store, freeOver }] of stores.entries()) {
		// A pack more than the need of every item is never bought, so this is large enough.
		const own = offers.flatMap((one, i) => (one.store === store ? [i] : []));
		for (const i of own) rows.push(`x${i} - 1000 u${s} - 1000 w${s} <= 0`);
		if (freeOver === null) rows.push(`w${s} <= 0`);
		else rows.push(`${terms(own.map((i) => `${offers[i].price} x${i}`))} - ${freeOver} w${s} >= 0`);
	}
	const whole = offers.map((_, i) => `x${i}`).join(' ');
	const truth = stores.map((_, s) => `u${s} w${s}`).join(' ');
	return `Minimize\n obj: ${terms(costs)}\nSubject To\n${rows.map((row, i) => ` c${i}: ${row}`).join('\n')}\nGeneral\n ${whole}\nBinary\n ${truth}\nEnd`;
}
