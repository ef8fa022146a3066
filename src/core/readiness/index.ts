/**
 * Readiness: what a lesson asks for as needs in four streams, their states, the days worked backwards
 * from the lesson, and how it stands with each need, each lesson and the unit.
 */
export { comesOn, lastDayToAct, needDays, readyBy, type HouseDays, type NeedDays } from './days.ts';
export {
	isReady,
	needKey,
	HABITS,
	STATES,
	STREAMS,
	type Habit,
	type Need,
	type OpenDays,
	type Preparing,
	type State,
	type Stream,
	type Way
} from './need.ts';
export { NO_PORTIONS, standing, type Portions, type Standing, type Unserved } from './portions.ts';
export {
	DUE_DAYS,
	firstGap,
	lessonReadiness,
	verdict,
	VERDICTS,
	type LessonReadiness,
	type Verdict
} from './verdict.ts';
export { ACT_KINDS, actRank, type ActKind } from './act-kinds.ts';
