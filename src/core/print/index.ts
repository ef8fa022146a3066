/**
 * Print: what a page of a guide is, how it is printed and finished and why, the sheets of a run with every page in its
 * place, runs that swap little paper, and what each way of getting them costs.
 */
export {
	breakEven,
	copiesOf,
	printRun,
	type Copies,
	type HomePrices,
	type PrintInput,
	type PrintRunCost,
	type PrintRunInput,
	type ShopPrices
} from './cost.ts';
export { matchEditions, type Edition, type KnownPage } from './editions.ts';
export { finishing, type FilmOrder, type Finishing, type ToFinish } from './finishing.ts';
export { booklet, cards, type Flip } from './imposition.ts';
export {
	CHOICES,
	CUT_ROLES,
	judge,
	OF_THE_GUIDE,
	USUAL_PRINT_HABITS,
	type Backs,
	type Judged,
	type PrintChoices,
	type PrintHabits,
	type ToJudge
} from './judge.ts';
export type { Frame, Ink, PageLook, PageWords } from './looks.ts';
export { pageNumbersText, readPages } from './page-numbers.ts';
export {
	BINDING_TEXT,
	BINDINGS,
	CUT_TEXT,
	CUTS,
	DESTINATIONS,
	destinationText,
	FINISH_TEXT,
	FINISHES,
	PAGES_A_SIDE,
	ROLE_TEXT,
	ROLES,
	type Binding,
	type Cut,
	type Destination,
	type Finish,
	type Role
} from './roles.ts';
export { printingOf, type Printing } from './printing.ts';
export {
	afterJam,
	beginsWithLast,
	SimulatedPrinter,
	waysAfterTest,
	type Pass,
	type PrintedSheet,
	type PrinterWays,
	type TestPicture
} from './printer.ts';
export { groupRuns, loadPaperText, paperSwaps, runText, type RunGroup, type ToPrint } from './runs.ts';
export { fitting, gridFor, sheetCount, sheetsOf, withBack, type PrintSet, type SizedPage } from './sheets.ts';
export {
	BLANK,
	type CutLine,
	type PageOf,
	type Paper,
	type Placed,
	type PrintedText,
	type SheetPlan,
	type SheetSides,
	type Block,
	type Side,
	type Turn
} from './sheet-plan.ts';
export {
	findBacks,
	gridOfFrames,
	groupSuggestions,
	namingLine,
	roleOfTitle,
	suggestRoles,
	type ReadPage,
	type Suggestion
} from './suggest.ts';
export { textWidth, wrapText } from './letters.ts';
