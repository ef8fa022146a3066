import type { HomePaper } from '../reference/index.ts';
import type { Rung } from '../gathering/index.ts';
import type { ReadingLevel } from '../house/index.ts';
import type { Day, Weekday, YearDay } from '../calendar/index.ts';
import type { System } from '../measure/index.ts';
import type { Amount, Bit, HabitKind, Filled } from './columns.ts';
import type { HouseBinders } from './binders.ts';
import type { SetOut } from './setout.ts';
import type { OwnRates } from '../prepare/index.ts';
import type { Printing } from '../print/index.ts';
import type { Json } from './json.ts';

export interface HouseholdTable {
	id: Filled<number>;
	name: string;
	zone: string;
	week_start: Weekday;
	/** A fixed day for the demo; null is the real one. */
	fixed_today: Day | null;
	measures: System;
	paper: Filled<HomePaper>;
	/** Which steps of the first evening are done or skipped, as JSON. */
	evening: Filled<Json<EveningMarks>>;
	/** Whose public holidays are offered (ISO 3166 codes). */
	country: string | null;
	region: string | null;
	/** What makes the address of the calendar feed; null is none. */
	feed_secret: string | null;
	/** What every new unit begins with, a line each; null is the usual frame. */
	frame: string | null;
	habit: HabitKind;
	habit_date: Day | null;
	/** A count older than this many days is shown with "look again". */
	count_age_days: number;
	/** Content notes that are warned about before anything is bought or planned, as JSON. */
	content_policy: Filled<Json<readonly string[]>>;
	/** In percent, added to every price. */
	sales_tax: Filled<Amount>;
	/** The order in which sources are tried, as JSON; null is the usual one. */
	ladder: Json<readonly string[]> | null;
	/** Days that each source usually takes, as JSON, where it is not the usual time. */
	rung_days: Filled<Json<Partial<Record<Rung, number>>>>;
	/** Between these the ground is frozen: month and day ("10-15"). */
	first_frost: string | null;
	last_frost: string | null;
	/** The printer, what printing costs, and how the household prints, as JSON; what is not said is as usual. */
	printing: Filled<Json<Partial<Printing>>>;
	/** Seconds for one of each kind of preparing, where the household settled them itself. */
	prep_rates: Filled<Json<OwnRates>>;
	/** Sheets of labels and prices of binders and their parts; what is not said is as usual. */
	binders: Filled<Json<Partial<HouseBinders>>>;
	/** What a box may weigh, grams; null is what one lifts with ease. */
	lift_grams: number | null;
	/** All of one kind at once, or lesson after lesson. */
	prep_habit: Filled<'batch' | 'by lesson'>;
	/** Shelf, basket, and how often they change; what is not said is as usual. */
	set_out: Filled<Json<Partial<SetOut>>>;
	/** What makes the address of each child's own page, by the child's id. */
	child_links: Filled<Json<Readonly<Record<string, string>>>>;
}

export interface PersonTable {
	id: Filled<number>;
	name: string;
	kind: 'child' | 'guest' | 'adult';
	born: Day | null;
	/** Days by which the birth may lie before or after: 0 for a date, half a year where only the age is known. */
	born_within: Filled<number>;
	allergies: Json<readonly string[]>;
	/** Weekdays on which a guest is there; null is always. */
	weekdays: Json<readonly Weekday[]> | null;
	/** How high they reach; null takes what is usual for the age. */
	reach_mm: number | null;
	/** Grade or level, in the household's own words. */
	level: Filled<string>;
	/** Whether they fill in pages; null goes by the age. */
	writes: Bit | null;
	/** How far they read, in each language, as JSON. */
	reads: Filled<Json<readonly ReadingLevel[]>>;
}

/** A stretch in which nothing is prepared. */
export interface QuietTable {
	id: Filled<number>;
	from_on: Day;
	to_on: Day;
	reason: string;
}

export interface PlaceTable {
	id: Filled<number>;
	parent_id: number | null;
	name: string;
	kind: 'room' | 'furniture' | 'shelf' | 'box';
	/** Walking order among its neighbours. */
	position: number;
	/** Inner measures, and how high its floor is above the room's. */
	length_mm: number | null;
	width_mm: number | null;
	height_mm: number | null;
	floor_mm: number | null;
}

export interface SupplierTable {
	id: Filled<number>;
	name: string;
	kind: 'shop' | 'order' | 'friend' | 'library';
	/** Days it is open, or works on orders. */
	weekdays: Json<readonly Weekday[]>;
	/** Working days of an order, days to ask before, days one usually waits for a hold. */
	lead_days: number;
	/** Of a library: days of a loan, how often it is renewed, days a hold is kept. */
	loan_days: Filled<number>;
	renewals: Filled<number>;
	shelf_days: Filled<number>;
	position: number;
	/** Of a shop: its delivery or parking, paid once a purchase, and from which sum on it is free. */
	fee_cents: Filled<number>;
	free_over_cents: number | null;
	/** For so many days it takes things back. */
	return_days: number | null;
}

/** A day on which somebody may give something: of every year ("12-24") or of one ("2027-03-20"). */
export interface OccasionTable {
	id: Filled<number>;
	name: string;
	day: YearDay;
}

/** A place in which something was found, in the order of the ticks. */
export interface PlaceStopTable {
	id: Filled<number>;
	place_id: number;
	on_day: Day;
}

/** The steps of a first evening that are done or skipped, and whether it is put aside. */
export type EveningMarks = Partial<
	Record<'who' | 'places' | 'measures' | 'unit' | 'list' | 'over', 'done' | 'skipped'>
>;
