import type { Day } from '../calendar/index.ts';
import type { Unit } from '../measure/index.ts';
import type { Amount, Bit, Filled } from './columns.ts';

/** A pack of an item in a shop, at the price that was seen last. */
export interface OfferTable {
	id: Filled<number>;
	item_id: number;
	supplier_id: number;
	size: Amount;
	unit: Unit;
	cents: number;
	seen_on: Day;
	/** Where it stands in the shop. */
	aisle: Filled<string>;
	standing: Filled<'usual' | 'preferred' | 'excluded'>;
	/** Why it is preferred or excluded. */
	why: Filled<string>;
	/** The most packs of it that can be bought. */
	most_packs: number | null;
}

/** What a pack cost before. */
export interface PriceTable {
	id: Filled<number>;
	offer_id: number;
	on_day: Day;
	cents: number;
}

/** What was really bought and paid. */
export interface PurchaseTable {
	id: Filled<number>;
	item_id: number;
	supplier_id: number | null;
	run_id: number | null;
	on_day: Day;
	amount: Amount;
	unit: Unit;
	cents: number;
	/** A charter or somebody else pays it back. */
	reimbursable: Filled<Bit>;
	/** The first lesson that it was bought for. */
	lesson_id: number | null;
	/** The lot that it came into. */
	lot_id: number | null;
	/** The last day on which the shop takes it back, and when it did. */
	return_by: Day | null;
	returned_on: Day | null;
}

/** Several things sold together. */
export interface BundleTable {
	id: Filled<number>;
	supplier_id: number;
	name: string;
	cents: number;
	seen_on: Day;
}

export interface BundlePartTable {
	id: Filled<number>;
	bundle_id: number;
	item_id: number;
	amount: Amount;
	unit: Unit;
}

/** Packs, or a bundle, on the list that is taken to a shop. */
export interface ErrandTable {
	id: Filled<number>;
	offer_id: number | null;
	bundle_id: number | null;
	count: number;
	/** Keys of the needs that they serve, with spaces between. */
	keys: string;
	/** What they are expected to cost together, tax included. */
	cents: number;
	done_on: Day | null;
}

/** An aisle in which something was ticked, in the order of the ticks. */
export interface StopTable {
	id: Filled<number>;
	supplier_id: number;
	on_day: Day;
	aisle: string;
}

/** Something to look out for, over months and years. */
export interface WantedTable {
	id: Filled<number>;
	what: string;
	run_id: number | null;
	person_id: number | null;
	/** The most one would pay. */
	most_cents: number | null;
	/** Where to look for it. */
	look_at: Filled<string>;
	noted_on: Day;
	found_on: Day | null;
	found_cents: number | null;
}
