import type { Habit } from '../readiness/index.ts';
/** Exact amounts are stored as text ("3/2"), lists as JSON, truth as 0 or 1, days as ISO dates. */
export type Amount = string;

export type Bit = 0 | 1;

export type HabitKind = Habit['kind'];

declare const fills: unique symbol;

/** A column that is filled in where nothing is said of it. */
export type Filled<T> = { readonly [fills]: T };

/** The columns of a row as it is read. */
export type Columns<T> = { [K in keyof T]: T[K] extends Filled<infer V> ? V : T[K] };
