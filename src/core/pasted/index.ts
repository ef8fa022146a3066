/** Text as people paste it: its lines, without the marks of a page, and the language it is in. */
export { BRACKETS, keepers, QUOTED } from './keepers.ts';
export { foreignLanguage } from './language.ts';
export { linesOf, withoutMarkup } from './lines.ts';
export { isTitleOf, lessonHead, withoutDate, type LessonHead } from './lesson-head.ts';
export { legendOf, takeMeanings, type Legend, type Meaning } from './legend.ts';
export {
	bareNumbers,
	lessonsNamed,
	lessonsOfWeeks,
	lessonsOnDays,
	numbersIn,
	takeMark,
	type LessonHeading,
	type Named,
	type Numbers
} from './lesson-marks.ts';
export { wholeLines, type WholeLine } from './whole-lines.ts';
