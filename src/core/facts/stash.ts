import type { Day } from '../calendar/index.ts';
import type { Unit } from '../measure/index.ts';
import type { SupplyUse } from '../supplies/index.ts';
import type { Amount, Filled } from './columns.ts';
import type { Json } from './json.ts';

export interface ItemTable {
	id: Filled<number>;
	name: string;
	name_key: string;
	use: SupplyUse;
	/** Always left for the kitchen. */
	keep_back: Amount | null;
	keep_back_unit: Unit | null;
	/** Days it keeps; null when it does not perish. */
	keeps_days: number | null;
	supplier_id: number | null;
	/** Below this it is said to run low. */
	low_level: Amount | null;
	low_unit: Unit | null;
	/** Its own order of sources, as JSON; null is as its usual source and the household say. */
	ladder: Json<readonly string[]> | null;
	/** Days that it grows, hatches or stands before it can be used. */
	start_days: number | null;
	/** "open ground": can be gathered only while the ground is not frozen. */
	season: Filled<'' | 'open ground'>;
	/** What one of it costs to make, and how long that takes. */
	make_cents: number | null;
	make_minutes: number | null;
}

/** Another name that the household uses for an item. */
export interface ItemAliasTable {
	id: Filled<number>;
	item_id: number;
	name: string;
	name_key: string;
}

/** What happened to a lot: counted, added, moved, used, opened. */
export interface LotEventTable {
	id: Filled<number>;
	item_id: number;
	lot_id: number | null;
	on_day: Day;
	/** Moved is to a place, came is from one: two sides of one moving. */
	kind: 'added' | 'counted' | 'moved' | 'came' | 'used' | 'opened' | 'bought' | 'lost' | 'returned';
	amount: Amount;
	unit: Unit;
	/** The place as it was called then. */
	place: string;
}

export interface LotTable {
	id: Filled<number>;
	item_id: number;
	amount: Amount;
	unit: Unit;
	place_id: number | null;
	good_until: Day | null;
	counted_on: Day;
	opened_on: Day | null;
	/** Of a kit: for how many makings it was when it was full. */
	kit_of: number | null;
	/** The name of its picture among the household's files. */
	picture: string | null;
}

/** What can be taken instead of an item: so much of the other for so much of it. */
export interface SubstituteTable {
	id: Filled<number>;
	item_id: number;
	other_id: number;
	amount: Amount;
	unit: Unit;
	other_amount: Amount;
	other_unit: Unit;
}

/** A kind of piece in a kit: for one making, and as counted last. */
export interface KitPartTable {
	id: Filled<number>;
	lot_id: number;
	name: string;
	each: Amount;
	there: Amount;
}

/** What was said of a thing without counting it: one row for each thing, the newest word. */
export interface StatementTable {
	id: Filled<number>;
	item_id: number;
	/** There is enough of it; it is to be looked for; or somebody looked and there is none. */
	state: 'enough' | 'look' | 'none';
	/** Where it is, or null where nobody said. */
	place_id: number | null;
	said_on: Day;
	/** How much was asked for in all when it was said. */
	asked: Amount | null;
	asked_unit: Unit | null;
}

/** Where a thing was looked for in vain: a place of the house, or a usual kind of place that it has no name for. */
export interface NotHereTable {
	id: Filled<number>;
	item_id: number;
	place_id: number | null;
	kind: Filled<string>;
	on_day: Day;
}
