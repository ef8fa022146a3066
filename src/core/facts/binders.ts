import type { Filled } from './columns.ts';
import type { BinderWay, LabelSheet } from '../binders/index.ts';
import type { RingShape } from '../reference/index.ts';

/** How a unit's papers are kept. */
export interface BinderTable {
	id: Filled<number>;
	run_id: number;
	way: BinderWay;
	/** Nominal size of the rings of the binder that there is, mm; null: none is chosen. */
	ring: number | null;
	/** What is in each child's binder from other subjects, mm. */
	others: Filled<number>;
}

/** What a household keeps papers with. */
export type HouseBinders = {
	readonly labels: LabelSheet;
	/** Cents for one, by the name of the part. */
	readonly prices: Readonly<Record<string, number>>;
	/** How its rings are bent; missing until somebody said. */
	readonly rings: RingShape;
};
