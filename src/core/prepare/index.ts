export { prep, type PrepInput, type PrepJob, type PrepPlan, type PrepSitting } from './prep.ts';
export { readSitting, type SaidSitting } from './read-sitting.ts';
export { byLesson, type PrepWays } from './by-lesson.ts';
export {
	ABOUT_WORK,
	BAR_TEXT,
	BARS,
	minutesFor,
	rateOf,
	SET_UP_MINUTES,
	WORK,
	type Bar,
	type DoneWork,
	type OwnRates,
	type Rate,
	type Work
} from './work.ts';
