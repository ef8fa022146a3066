/**
 * Days: calendar dates as text, weekdays, the teaching days of a unit and how the lessons fall on them.
 */
export {
	addDays,
	dayFromToday,
	dayMeant,
	daysBetween,
	dayText,
	dayWindow,
	earlier,
	isDay,
	later,
	requireDay,
	startOfWeek,
	weekdayName,
	weekdayOf,
	type Day,
	type DayKind,
	type Weekday
} from './dates.ts';
export { clockFace, clockOf, clockText, readClock } from './clock.ts';
export { readDay } from './read-day.ts';
export { lastTime, nextTime, readEndDay, type YearDay } from './year-day.ts';
export {
	blockedTest,
	lastDay,
	teachingDays,
	type Blocked,
	type PlannedLesson,
	type TeachingDays,
	type TeachingDaysInput
} from './teaching-days.ts';
export { waysToFit, type FitOption } from './fit.ts';
export { occurrences, readRule, ruleOf, type Recurrence } from './recurrence.ts';
