/**
 * What is computed, as one would say it: amounts of things, days, money, lists. Screens say it with these, too.
 */
export { labeled, labelOf, RIGHTS_TEXT, USE_OPTIONS } from './labels.ts';
export { LOAD_NAMES, loadText } from './load.ts';
export { supplyLineText, type LineToSay } from './supply-line.ts';
export {
	byText,
	capital,
	counted,
	dollarsTyped,
	durationText,
	lessonsText,
	lessonText,
	listText,
	money,
	monthName,
	numberTyped,
	pronoun,
	standingText,
	thingText,
	timely,
	timeText
} from './words.ts';
