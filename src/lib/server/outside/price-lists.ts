import { env } from '$env/dynamic/private';
import { nameKey } from '$core/naming/index.ts';
import { PRICE_LISTS } from '../../../../demo/price-lists.ts';

/** A pack as a shop's list has it. */
export type ListedPack = {
	readonly shop: string;
	readonly item: string;
	/** As printed: "1 kg", "12". */
	readonly pack: string;
	readonly cents: number;
	readonly aisle: string;
};

/** Whoever knows what shops ask for things. */
export interface PriceSource {
	/** All packs of the named things, in the shops of the given names. */
	packsOf(items: readonly string[], shops: readonly string[]): Promise<readonly ListedPack[]>;
}

/** The lists of two invented shops; only the demo has them. Null where nobody knows prices. */
export function priceSource(): PriceSource | null {
	if (!env.GATHER_BIN_DEMO) return null;
	return {
		packsOf: (items, shops) => {
			const wanted = new Set(items.map(nameKey));
			return Promise.resolve(
				PRICE_LISTS.filter(([shop, item]) => shops.includes(shop) && wanted.has(nameKey(item))).map(
					([shop, item, pack, dollars, aisle]) => ({
						shop,
						item,
						pack,
						cents: Math.round(dollars * 100),
						aisle
					})
				)
			);
		}
	};
}
