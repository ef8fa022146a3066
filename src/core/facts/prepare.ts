import type { Day } from '../calendar/index.ts';
import type { Bar, Work } from '../prepare/index.ts';
import type { Bit, Filled } from './columns.ts';
import type { Json } from './json.ts';

/** A time that the household has for preparing. */
export interface SittingTable {
	id: Filled<number>;
	held_on: Day;
	minutes: number;
	/** “20:00”; empty where nobody said. */
	starts: Filled<string>;
	/** What can't be done at it. */
	bars: Filled<Json<readonly Bar[]>>;
	/** Those that were entered together share a number; null for a single one. */
	series: number | null;
	/** It is behind the household; what was not done goes on to the next. */
	over: Filled<Bit>;
}

/** How sittings that were entered together come again, as RFC 5545 has it; its number is their `series`. */
export interface SittingSeriesTable {
	id: Filled<number>;
	/** DTSTART: the day it is counted from. */
	starts_on: Day;
	/** The value of its RRULE. */
	rule: string;
	/** EXDATE: its days on which there is no sitting. */
	left_out: Json<readonly Day[]>;
}

/** Where a job of preparing was put, and that it was done. */
export interface PrepJobTable {
	id: Filled<number>;
	/** print-12/laminate, own-3, or the key of the need that it prepares */
	key: string;
	run_id: number;
	/** Null: no plan has placed it. */
	sitting_id: number | null;
	done_on: Day | null;
	/** What a rate is learned from: the kind of work, how many, and minutes in all; on one row of each job. */
	work: Work | null;
	count: number | null;
	minutes: number | null;
}

/** A job that the household noted itself. */
export interface OwnJobTable {
	id: Filled<number>;
	run_id: number;
	title: string;
	minutes: number;
	/** The first day on which it would be late; null where nothing presses. */
	ready_by: Day | null;
	done_on: Day | null;
}
