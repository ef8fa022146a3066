import type { Alternative, Per, SupplyUse } from '../supplies/index.ts';
import type { Day } from '../calendar/index.ts';
import type { Rung } from '../gathering/index.ts';
import type { Unit } from '../measure/index.ts';
import type { Stream } from '../readiness/index.ts';
import type { Amount, Bit, HabitKind, Filled } from './columns.ts';
import type { Json } from './json.ts';

export interface SupplyLineTable {
	id: Filled<number>;
	/** Of a lesson, or of an activity. */
	lesson_id: number | null;
	activity_id: number | null;
	position: number;
	/** The line as the book prints it. */
	written: string;
	item_id: number;
	/** Null: some, and nobody has said how much. */
	quantity: Amount | null;
	quantity_to: Amount | null;
	unit: Unit;
	per: Per;
	group_size: number | null;
	optional: Bit;
	alternatives: Json<readonly Alternative[]>;
	note: string | null;
	needs_look: Bit;
	use: SupplyUse;
	out_until: Day | null;
	spare: Filled<Amount>;
	/** Ids of those who take part; null is everyone of the run. */
	participants: Json<readonly number[]> | null;
	prepare_minutes: number | null;
	prepare_wait_days: Filled<number>;
	/** Which day of its lesson wants it, from 1. */
	session: Filled<number>;
	/** Served before or after all others that want the same, whatever their day. */
	claim: 'first' | 'last' | null;
	/** The day on which it came onto the list; null for lines of before that was kept. */
	listed_on: Day | null;
}

export interface NeedStateTable {
	id: Filled<number>;
	key: string;
	run_id: number;
	decision: 'do without' | null;
	supplier_id: number | null;
	/** Unit of the four amounts. */
	unit: Unit | null;
	arranged: Filled<Amount>;
	found: Filled<Amount>;
	prepared: Filled<Amount>;
	out: Filled<Amount>;
	promised: Day | null;
	note: string | null;
	/** The adult who does the next step. */
	person_id: number | null;
	/** The source that it was moved to. */
	rung: Rung | null;
}

/** How far ahead one stream is made ready, for one run or (null) for the household. */
export interface StreamHabitTable {
	id: Filled<number>;
	run_id: number | null;
	stream: Stream;
	kind: HabitKind;
	date: Day | null;
}
