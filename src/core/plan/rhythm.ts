/**
 * How lessons follow each other. Practitioners differ; fixed days is the default, since most plan by
 * weekdays: a lesson a teaching day. Topics take k days each. With reading days between, each lesson
 * day is followed by k days for its books. A fast unit puts k lessons on each day. A checklist has no dates.
 */
export const RHYTHMS = ['fixed days', 'topics', 'reading between', 'fast', 'checklist'] as const;
export type Rhythm = (typeof RHYTHMS)[number];

/** Teaching days that a lesson takes in a rhythm: its own, or those that the rhythm gives to each. */
export function daysOfLesson(rhythm: Rhythm, k: number, own: number): number {
	if (rhythm === 'topics') return own > 1 ? own : k;
	if (rhythm === 'reading between') return own + k;
	return own;
}

/** Lessons on one day. */
export function lessonsADay(rhythm: Rhythm, k: number): number {
	return rhythm === 'fast' ? k : 1;
}

/** What a day of a lesson is for, from 1: with reading days between, the last ones are for its books. */
export function isReadingDay(rhythm: Rhythm, k: number, own: number, ordinal: number): boolean {
	return rhythm === 'reading between' && ordinal > own && ordinal <= own + k;
}
