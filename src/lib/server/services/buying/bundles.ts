import { withTax, type Bundle } from '$core/buying/index.ts';
import { groupBy } from '$core/group-by.ts';
import { canConvert, convert, exact } from '$core/measure/index.ts';
import { listText, money, thingText } from '$core/words/index.ts';
import { byId } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';
import type { ToBuy } from './to-buy.ts';

export type BundleShown = Bundle & {
	readonly id: number;
	readonly name: string;
	/** "6 dowels, 1 roll tape" */
	readonly text: string;
	readonly price_text: string;
};

/** Bundles that hold something of what is missing, in the units in which it is counted. */
export function bundlesOf({ snapshot }: Situation, rows: readonly ToBuy[]): BundleShown[] {
	const partsOf = groupBy(snapshot.bundleParts, (part) => part.bundle_id);
	return snapshot.bundles.flatMap((bundle): BundleShown[] => {
		const parts = partsOf.get(bundle.id) ?? [];
		const served = parts.flatMap((part) =>
			rows.flatMap(({ thing, item, unit }) =>
				item.id === part.item_id && canConvert(part.unit, unit, item.name)
					? [
							{
								item: thing.key,
								size: convert(exact(part.amount), part.unit, unit, item.name).valueOf()
							}
						]
					: []
			)
		);
		if (served.length === 0) return [];
		return [
			{
				id: bundle.id,
				bundle: String(bundle.id),
				store: String(bundle.supplier_id),
				price: withTax(bundle.cents, snapshot.household.sales_tax),
				parts: served,
				name: bundle.name,
				text: listText(
					parts.map((part) =>
						thingText(exact(part.amount), part.unit, byId(snapshot.items).get(part.item_id)?.name ?? '')
					)
				),
				price_text: money(bundle.cents)
			}
		];
	});
}
