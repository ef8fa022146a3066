import { cheapestWholePacks } from '$core/buying/index.ts';
import { groupBy } from '$core/group-by.ts';
import { canConvert, convert, exact, type Exact, type Unit } from '$core/measure/index.ts';
import type { Row } from '../../database/tables/index.ts';
import { once } from '../../snapshot/remember.ts';
import type { Snapshot } from '../../snapshot/snapshot.ts';

/** The least that an amount costs in whole packs of one kind, in cents; null where no price is known. */
export function cheapest(
	snapshot: Snapshot,
	item: Row<'item'> | null,
	amount: Exact,
	unit: Unit
): number | null {
	if (!item) return null;
	const offers = offersByItem(snapshot.offers);
	return cheapestWholePacks(
		amount,
		(offers.get(item.id) ?? [])
			.filter((one) => one.standing !== 'excluded' && canConvert(one.unit, unit, item.name))
			.map(({ size, unit: its, cents }) => ({ size: convert(exact(size), its, unit, item.name), cents }))
	);
}

const offersByItem = once((offers: readonly Row<'offer'>[]) => groupBy(offers, (offer) => offer.item_id));
