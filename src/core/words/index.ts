/**
 * What is computed, as one would say it: amounts of things, days, money, lists. Screens say it with these, too.
 */
export {
	byText,
	dollarsTyped,
	lessonsText,
	lessonText,
	listText,
	money,
	numberTyped,
	pronoun,
	thingText
} from './words.ts';
