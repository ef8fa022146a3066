/** Reading: so many pages a day that a book ends on its last day, and how long that takes. */
export {
	readingMinutes,
	readingPlan,
	readingRate,
	wordsEach,
	type Counted,
	type ReadingDay,
	type ReadingPlan,
	type ReadingPlanInput
} from './reading.ts';
