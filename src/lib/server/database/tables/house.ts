import type { Rung } from '$core/gathering/index.ts';
import type { ReadingLevel } from '$core/house/index.ts';
import type { Generated } from 'kysely';
import type { Day, Weekday, YearDay } from '$core/calendar';
import type { System } from '$core/measure';
import type { Amount, HabitKind } from './columns.ts';
import type { HouseBinders } from './binders.ts';
import type { SetOut } from './setout.ts';
import type { OwnRates } from '$core/prepare';
import type { Printing } from '$core/print';
import type { Json } from '../json.ts';

export interface HouseholdTable {
	id: Generated<number>;
	name: string;
	zone: string;
	week_start: Weekday;
	/** A fixed day for the demo; null is the real one. */
	fixed_today: Day | null;
	measures: System;
	paper: Generated<'letter' | 'A4'>;
	/** Which steps of the first evening are done or skipped, as JSON. */
	evening: Generated<Json<EveningMarks>>;
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
	content_policy: Generated<Json<readonly string[]>>;
	/** In percent, added to every price. */
	sales_tax: Generated<Amount>;
	/** The order in which sources are tried, as JSON; null is the usual one. */
	ladder: Json<readonly string[]> | null;
	/** Days that each source usually takes, as JSON, where it is not the usual time. */
	rung_days: Generated<Json<Partial<Record<Rung, number>>>>;
	/** Between these the ground is frozen: month and day ("10-15"). */
	first_frost: string | null;
	last_frost: string | null;
	/** The printer, what printing costs, and how the household prints, as JSON; what is not said is as usual. */
	printing: Generated<Json<Partial<Printing>>>;
	/** Seconds for one of each kind of preparing, where the household settled them itself. */
	prep_rates: Generated<Json<OwnRates>>;
	/** Sheets of labels and prices of binders and their parts; what is not said is as usual. */
	binders: Generated<Json<Partial<HouseBinders>>>;
	/** All of one kind at once, or lesson after lesson. */
	prep_habit: Generated<'batch' | 'by lesson'>;
	/** Shelf, basket, and how often they change; what is not said is as usual. */
	set_out: Generated<Json<Partial<SetOut>>>;
	/** What makes the address of each child's own page, by the child's id. */
	child_links: Generated<Json<Readonly<Record<string, string>>>>;
}

export interface PersonTable {
	id: Generated<number>;
	name: string;
	kind: 'child' | 'guest' | 'adult';
	born: Day | null;
	/** Days by which the birth may lie before or after: 0 for a date, half a year where only the age is known. */
	born_within: Generated<number>;
	allergies: Json<readonly string[]>;
	/** Weekdays on which a guest is there; null is always. */
	weekdays: Json<readonly Weekday[]> | null;
	/** How high they reach; null takes what is usual for the age. */
	reach_mm: number | null;
	/** Grade or level, in the household's own words. */
	level: Generated<string>;
	/** How far they read, in each language, as JSON. */
	reads: Generated<Json<readonly ReadingLevel[]>>;
}

/** A stretch in which nothing is prepared. */
export interface QuietTable {
	id: Generated<number>;
	from_on: Day;
	to_on: Day;
	reason: string;
}

export interface PlaceTable {
	id: Generated<number>;
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
	id: Generated<number>;
	name: string;
	kind: 'shop' | 'order' | 'friend' | 'library';
	/** Days it is open, or works on orders. */
	weekdays: Json<readonly Weekday[]>;
	/** Working days of an order, days to ask before, days one usually waits for a hold. */
	lead_days: number;
	/** Of a library: days of a loan, how often it is renewed, days a hold is kept. */
	loan_days: Generated<number>;
	renewals: Generated<number>;
	shelf_days: Generated<number>;
	position: number;
	/** Of a shop: its delivery or parking, paid once a purchase, and from which sum on it is free. */
	fee_cents: Generated<number>;
	free_over_cents: number | null;
	/** For so many days it takes things back. */
	return_days: number | null;
}

/** A day on which somebody may give something: of every year ("12-24") or of one ("2027-03-20"). */
export interface OccasionTable {
	id: Generated<number>;
	name: string;
	day: YearDay;
}

/** A place in which something was found, in the order of the ticks. */
export interface PlaceStopTable {
	id: Generated<number>;
	place_id: number;
	on_day: Day;
}

/** The steps of a first evening that are done or skipped, and whether it is put aside. */
export type EveningMarks = Partial<
	Record<'who' | 'places' | 'measures' | 'unit' | 'list' | 'over', 'done' | 'skipped'>
>;
