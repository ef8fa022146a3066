/**
 * Days: calendar dates as text, weekdays, the teaching days of a unit and how the lessons fall on them.
 */
export * from './dates.ts';
export * from './read-day.ts';
export * from './year-day.ts';
export * from './teaching-days.ts';
export * from './fit.ts';
