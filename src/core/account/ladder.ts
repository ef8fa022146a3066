import type { Day } from '../calendar/index.ts';
import {
	lastDayBeforeFrost,
	nextRung,
	readLadder,
	rungOf,
	RUNGS,
	USUAL_RUNG_DAYS,
	type Rung
} from '../gathering/index.ts';
import { lastDayToAct, type ActKind, type Way } from '../readiness/index.ts';
import { parsed, type Row, type Snapshot } from '../facts/index.ts';
import { occasionDays } from './house/occasions.ts';
import { wayTo } from './way-to.ts';

/** Where a missing thing comes from: the rung of the ladder, who that is, and the way there. */
export type Source = {
	readonly rung: Rung;
	/** Null where nobody is asked: it is made, found or looked for. */
	readonly supplier: Row<'supplier'> | null;
	readonly way: Way;
	/** Where it would be tried after this; null at the end. */
	readonly next: Rung | null;
};

const KINDS: Readonly<Partial<Record<Rung, readonly Row<'supplier'>['kind'][]>>> = {
	borrowed: ['friend', 'library'],
	bought: ['shop', 'order']
};

/** The household's order of sources. */
export function householdLadder(household: Row<'household'>): Rung[] {
	return household.ladder ? readLadder(parsed(household.ladder)) : [...RUNGS];
}

/** Days that each rung takes at this household. */
export function rungDays(household: Row<'household'>): Record<Rung, number> {
	return { ...USUAL_RUNG_DAYS, ...parsed(household.rung_days) };
}

/** Where a thing that is missing comes from, as decided for the need, else for the item, else as usual. */
export function sourceOf(snapshot: Snapshot, state: Row<'need_state'> | null, item: Row<'item'>): Source {
	const chosen =
		snapshot.suppliers.find((one) => one.id === (state?.supplier_id ?? item.supplier_id)) ?? null;
	const own = item.ladder ? readLadder(parsed(item.ladder)) : null;
	const usual = chosen ? rungOfSupplier(chosen) : 'bought';
	return sourceOn(snapshot, item, chosen, rungOf(state?.rung ?? null, own, usual));
}

/**
 * The ways by which a thing is got when it is not found at home, from its present rung down. A gift and what is
 * bought used come by chance, so they count only where nothing follows; without any store known it takes a day.
 */
export function waysWhenNotFound(
	snapshot: Snapshot,
	state: Row<'need_state'> | null,
	item: Row<'item'>
): Extract<Way, { kind: 'look' }>['then'] {
	const ways: Source[] = [];
	const seen = new Set<Rung>();
	for (let one: Source | null = sourceOf(snapshot, state, item); one;) {
		ways.push(one);
		seen.add(one.rung);
		one = one.next && !seen.has(one.next) ? sourceOn(snapshot, item, null, one.next) : null;
	}
	const sure = ways.filter(
		({ rung }, i) => i === ways.length - 1 || (rung !== 'gift' && rung !== 'second-hand')
	);
	return sure.map(({ rung, supplier, way }) =>
		rung === 'bought' && !supplier && way.kind === 'ask' ? { ...way, days: Math.max(1, way.days) } : way
	) as Extract<Way, { kind: 'look' }>['then'];
}

function sourceOn(snapshot: Snapshot, item: Row<'item'>, chosen: Row<'supplier'> | null, rung: Rung): Source {
	const { household, suppliers } = snapshot;
	const own = item.ladder ? readLadder(parsed(item.ladder)) : null;
	const kinds = KINDS[rung] ?? [];
	const supplier =
		chosen && kinds.includes(chosen.kind)
			? chosen
			: (suppliers.find((one) => kinds.includes(one.kind)) ?? null);
	const days = rungDays(household)[rung];
	const occasions = occasionDays(snapshot);
	const asked: Way = supplier
		? wayTo(supplier)
		: rung === 'gift' && occasions.length
			? { kind: 'gift', occasions, days }
			: { kind: 'ask', days };
	return {
		rung,
		supplier,
		way: item.start_days === null ? asked : grown(asked, item.start_days),
		next: nextRung(own ?? householdLadder(household), rung)
	};
}

export function rungOfSupplier({ kind }: Row<'supplier'>): Rung {
	return kind === 'friend' || kind === 'library' ? 'borrowed' : 'bought';
}

/** What has to grow or hatch is begun so many days before, after the days that it takes to come. */
function grown(way: Way, growDays: number): Way {
	const orderDays =
		way.kind === 'order'
			? way.deliveryDays
			: way.kind === 'ask' || way.kind === 'gift'
				? way.days
				: way.kind === 'hold'
					? way.waitDays
					: 0;
	return { kind: 'grow', orderDays, growDays };
}

/** The last day on which a thing of the open ground can be gathered; null where the season does not matter. */
export function lastGatherDay(household: Row<'household'>, item: Row<'item'>, use: Day | null): Day | null {
	const { first_frost: first, last_frost: last } = household;
	if (item.season === '' || use === null || !first || !last) return null;
	return lastDayBeforeFrost(use, { first, last });
}

/** A shop that is known to sell a thing and from which it still comes in time, where its own source is late. */
export function inTimeElsewhere(
	{ offers, suppliers }: Snapshot,
	item: number,
	inHandBy: Day,
	today: Day
): Row<'supplier'> | null {
	const sellers = offers.flatMap((one) =>
		one.item_id === item && one.standing !== 'excluded' ? [one.supplier_id] : []
	);
	return (
		suppliers.find((one) => sellers.includes(one.id) && lastDayToAct(wayTo(one), inHandBy) >= today) ?? null
	);
}

/** The step by which something is got. */
export type GettingKind = Extract<
	ActKind,
	'buy' | 'order' | 'ask' | 'hold' | 'make' | 'free' | 'wish' | 'used'
>;

const KIND_OF_SUPPLIER = { shop: 'buy', order: 'order', friend: 'ask', library: 'hold' } as const;
const KIND_OF_RUNG: Readonly<Record<Rung, GettingKind>> = {
	made: 'make',
	free: 'free',
	borrowed: 'ask',
	gift: 'wish',
	'second-hand': 'used',
	bought: 'buy'
};

/** How a thing is got from where it comes from. */
export function gettingKind({ supplier, rung }: Pick<Source, 'supplier' | 'rung'>): GettingKind {
	return supplier ? KIND_OF_SUPPLIER[supplier.kind] : KIND_OF_RUNG[rung];
}

const GETTING: Readonly<Record<GettingKind, string>> = {
	buy: 'buy {}',
	order: 'order {}',
	ask: 'ask to borrow {}',
	hold: 'place a hold on {}',
	make: 'make {}',
	free: 'find {} free',
	wish: 'ask for {} as a gift',
	used: 'find {} used'
};

/** "order it", "ask for 2 kites as a gift": the step by which something is got. */
export function gettingText(kind: GettingKind, what: string): string {
	return GETTING[kind].replace('{}', () => what);
}

/** What a rung is called on a button or in a sentence. */
export const RUNG_TEXT: Readonly<Record<Rung, string>> = {
	made: 'make it',
	free: 'find it free',
	borrowed: 'borrow it',
	gift: 'ask for it as a gift',
	'second-hand': 'buy it used',
	bought: 'buy it new'
};

/** All that a missing thing can come from: rungs nobody is asked on, and everybody the household knows. */
export function sourceOptions({ suppliers }: Snapshot): { value: string; label: string }[] {
	const alone = RUNGS.filter(
		(rung) => !KINDS[rung] || !suppliers.some((one) => KINDS[rung]!.includes(one.kind))
	);
	return [
		...alone.map((rung) => ({ value: rung as string, label: RUNG_TEXT[rung] })),
		...suppliers.map((supplier) => ({ value: String(supplier.id), label: supplier.name }))
	];
}
