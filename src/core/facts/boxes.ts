import type { Day } from '../calendar/index.ts';
import type { OpeningKind, PackedBox } from '../boxes/index.ts';
import type { Bit, Filled } from './columns.ts';
import type { Json } from './json.ts';
import type { ThingId } from './thing-id.ts';

/** Measures of a title or of a supply as the family took them; or a thing of a unit that is in no list. */
export interface BoxedThingTable {
	id: Filled<number>;
	/** The unit that an own thing belongs to; null for measures of a title or a supply. */
	run_id: number | null;
	resource_id: number | null;
	item_id: Filled<number | null>;
	title: string;
	length_mm: number;
	width_mm: number;
	height_mm: number;
	/** Of one. */
	grams: number;
	count: Filled<number>;
	upright: Filled<Bit>;
	fragile: Filled<Bit>;
	/** The box that an own thing lies in. */
	place_id: Filled<number | null>;
	/** It gives way and fills gaps: its measures say how much room it takes, not its shape. */
	soft: Filled<Bit>;
	/** A ball or a can: it is packed as its sides say, and drawn round. */
	round: Filled<Bit>;
	/** Size and weight as they were typed; empty where they came otherwise. */
	size_said: Filled<string>;
	weight_said: Filled<string>;
}

/** What is known of a box beside its measures. */
export interface BoxDetailTable {
	id: Filled<number>;
	place_id: number;
	form: Filled<'box' | 'tub' | 'basket' | 'drawer'>;
	/** What may be in it; null is what one lifts with ease. */
	max_grams: number | null;
	/** Of an open bin: the subject whose things live in it; empty is none. */
	subject: Filled<string>;
	/** The name of a picture of the open box among the household's files. */
	picture: string | null;
}

/** How the things of a unit lie in a box, as they were packed. */
export interface BoxLayoutTable {
	id: Filled<number>;
	place_id: number;
	run_id: number;
	packed: Json<PackedBox>;
}

/** A thing was moved. */
export interface MovingTable {
	id: Filled<number>;
	on_day: Day;
	title: string;
	resource_id: number | null;
	boxed_thing_id: number | null;
	item_id: Filled<number | null>;
	from_place_id: number | null;
	to_place_id: number | null;
}

/** A thing of another unit, of the library or of a list that goes into this unit's boxes, too. */
export interface UnitThingTable {
	id: Filled<number>;
	run_id: number;
	thing: ThingId;
}

/** The box of a unit that fills over months and is given on its first day. */
export interface OpeningBoxTable {
	id: Filled<number>;
	run_id: number;
	place_id: number | null;
	/** Null is the unit's first day. */
	opens_on: Day | null;
	/** Kinds of things that belong in it, as JSON. */
	kinds: Json<readonly OpeningKind[]>;
}

/** Something for an opening box. */
export interface OpeningThingTable {
	id: Filled<number>;
	run_id: number;
	resource_id: number | null;
	title: string;
	kind: OpeningKind;
	liters: number | null;
	cents: number | null;
	/** Nobody may see it before its day. */
	hidden: Filled<Bit>;
	/** It is in the box already. */
	inside: Filled<Bit>;
	came_on: Day | null;
}
