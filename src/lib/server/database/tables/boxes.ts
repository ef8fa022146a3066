import type { Generated } from 'kysely';
import type { Bit } from './columns.ts';

/** Measures of a title of the library as the family took them; or a thing of a unit that is in no list. */
export interface BoxedThingTable {
	id: Generated<number>;
	/** The unit that an own thing belongs to; null for measures of a title. */
	run_id: number | null;
	resource_id: number | null;
	title: string;
	length_mm: number;
	width_mm: number;
	height_mm: number;
	/** Of one. */
	grams: number;
	count: Generated<number>;
	upright: Generated<Bit>;
	fragile: Generated<Bit>;
	/** The box that an own thing lies in. */
	place_id: Generated<number | null>;
}
