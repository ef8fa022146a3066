/**
 * Readiness: what a lesson asks for as needs in four streams, their states, the days worked backwards
 * from the lesson, and how it stands with each need, each lesson and the unit.
 */
export * from './days.ts';
export * from './need.ts';
export * from './portions.ts';
export * from './verdict.ts';
