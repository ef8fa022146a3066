/**
 * The one account of a household: from the facts of a moment to each need with its state, its days, its step and why;
 * the acts that they come to, how each lesson stands, and the sentence of what is next.
 */
export { ALL, type Act, type ActGroup } from './act.ts';
export { actsOf } from './acts.ts';
export { boardOf } from './board.ts';
export { sentenceOf } from './first-gap.ts';
export { ageText, personText, youngest } from './house/ages.ts';
export { atHomeOn, cautionTexts, mergedCautions } from './house/at-home.ts';
export { policyText, policyWarnings } from './house/content-policy.ts';
export { habitsTyped } from './house/habits.ts';
export { comingOccasions, occasionsOf } from './house/occasions.ts';
export { placeOptions, placePath, placesInOrder } from './house/place-paths.ts';
export { liftedFirst, placesOfThing, thingName, whereText } from './house/whereabouts.ts';
export { isMuchMore, knowledgeByItem, thingOfItem } from './knowledge.ts';
export { RUNG_TEXT, householdLadder, rungDays, rungOfSupplier, sourceOptions } from './ladder.ts';
export { awayText, isAway, lessonStand, wholeByLesson } from './lesson-stand.ts';
export { type LibraryPlan, type PlannedBook, firstOpen } from './library-plans.ts';
export { missingThings } from './missing.ts';
export { isVague, neededText } from './need-text.ts';
export { kitOf } from './netting.ts';
export { nextOf } from './next.ts';
export { costOfPrints } from './print-cost.ts';
export {
	namedSets,
	runPlan,
	setsInOrder,
	sheetsLeft,
	withDone,
	type NamedSet,
	type PageFacts,
	type PageSizes,
	type RunPlan,
	type RunSheet
} from './print-plan.ts';
export {
	type ActivitySituation,
	type LessonSituation,
	type RunSituation,
	calendarInput,
	limitsOf,
	nextLessons,
	takingPartOn
} from './runs.ts';
export { ratesOf, sourcesOfRate, type Rates } from './rates.ts';
export { workKey } from './sitting-of.ts';
export { type Situation, computeRun, computeSituation } from './situation.ts';
export { NOT_HELD } from './streams/book-standing.ts';
export { MATERIAL_NAMES, POUCHES_ITEM, isMaterialLine } from './streams/materials.ts';
export {
	type CopyState,
	type PrintSituation,
	copyState,
	countOf,
	finishText,
	layoutOf,
	openRunSets,
	printKey,
	printsOf,
	usualTitle,
	withCopies
} from './streams/prints.ts';
export { isShared, slipsOf } from './streams/slips.ts';
export { isFlagged } from './streams/flagged-prints.ts';
export { FILLED_IN, writesOn } from './streams/who-gets.ts';
export { settingKey } from './streams/setting.ts';
export { type SupplyNeed, toFetchFrom } from './streams/supplies.ts';
export { total } from './together.ts';
export { wayTo } from './way-to.ts';
export { type WholeNeed } from './whole-needs.ts';
