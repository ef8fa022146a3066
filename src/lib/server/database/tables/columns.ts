import type { Habit } from '$core/readiness/index.ts';
/** Exact amounts are stored as text ("3/2"), lists as JSON, truth as 0 or 1, days as ISO dates. */
export type Amount = string;

export type Bit = 0 | 1;

export type HabitKind = Habit['kind'];
