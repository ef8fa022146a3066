import type { Way } from '../readiness/index.ts';
import { parsed, type Row, remember } from '../facts/index.ts';

const known = remember<Way>();

/** How something is got from a shop, a friend or a library, with the days that takes. */
export function wayTo(supplier: Row<'supplier'> | null): Way {
	return supplier ? known(supplier, [], () => wayOf(supplier)) : { kind: 'ask', days: 0 };
}

function wayOf(supplier: Row<'supplier'>): Way {
	const weekdays = parsed(supplier.weekdays);
	if (supplier.kind === 'order')
		return { kind: 'order', works: { weekdays }, deliveryDays: supplier.lead_days };
	if (supplier.kind === 'library')
		return {
			kind: 'hold',
			open: { weekdays },
			waitDays: supplier.lead_days,
			shelfDays: supplier.shelf_days
		};
	if (supplier.kind === 'friend') return { kind: 'ask', days: supplier.lead_days };
	return { kind: 'shop', open: { weekdays } };
}
