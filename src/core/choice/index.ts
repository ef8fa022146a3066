/** Choice: which of many optional activities to do, exactly the best set within the family's limits. */
export {
	chooseActivities,
	OverDecided,
	type Choice,
	type ChoiceActivity,
	type ChoiceInput,
	type ChoiceLimit
} from './choose.ts';
export { lpText, type Program, type Solve } from './program.ts';
