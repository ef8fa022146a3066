export { prep, type PrepInput, type PrepJob, type PrepPlan, type PrepSitting } from './prep.ts';
export { daysOf, readTimes, type SaidTimes } from './read-times.ts';
export { byLesson, type PrepWays } from './by-lesson.ts';
export {
	ABOUT_WORK,
	BAR_TEXT,
	BARS,
	isTooQuick,
	learnedFrom,
	minutesFor,
	rateOf,
	readTook,
	SET_UP_MINUTES,
	WORK,
	type Bar,
	type DoneWork,
	type OwnRates,
	type Rate,
	type Work
} from './work.ts';
export { MOST_MINUTES, recurrenceText, timesProblem, timesText } from './times-text.ts';
export { whyNot, type PlanWay, type WhyNot } from './why-not.ts';
export { bestIn, longDay } from './free-time.ts';
