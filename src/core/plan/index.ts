/** Plans: contents and pages of books, activities, rhythms, what each child has, and what a week asks. */
export {
	ACTIVITY_KINDS,
	isHandsOn,
	MESS,
	readActivity,
	type ActivityKind,
	type TypedActivity
} from './activity.ts';
export { aheadIn, beginText, usualDaysAhead, type Ahead } from './ahead.ts';
export { readContents, weekAndDay, withinText, type ContentsLesson, type ReadContents } from './contents.ts';
export { namesIn, readFlag, READING_WAYS, type Flag, type ReadingWay } from './flag.ts';
export { forecastEnd } from './forecast.ts';
export { readFrame, USUAL_FRAME, type Frame } from './frame.ts';
export { gridOf, type GridCell, type GridLesson, type Offer } from './grid.ts';
export {
	addLoads,
	MEASURES_OF_LOAD,
	NO_LOAD,
	overLimits,
	suggestions,
	type Extra,
	type Load,
	type LoadLimits,
	type RunLimits,
	type LoadWeek,
	type MeasureOfLoad,
	type Over,
	type Suggestion
} from './load.ts';
export {
	pagesLeft,
	pagesText,
	rangesFromStarts,
	requirePages,
	sharePages,
	type PageRange,
	type SharedPages
} from './pages.ts';
export { readQuestions, type Question } from './questions.ts';
export { daysOfLesson, isReadingDay, lessonsADay, RHYTHMS, type Rhythm } from './rhythm.ts';
