/**
 * The library's knowledge: ISBNs, what a line about a book says, whether two entries are the same thing,
 * for whom something is, how thick it stands, and as few trips as the holds and loans allow.
 */
export { readIsbn, type Isbn } from './isbn.ts';
export { misfit, playersMisfit, type Fitting, type Reader } from './fit.ts';
export {
	COPYING_RIGHTS,
	isRemark,
	RESOURCE_KINDS,
	RESOURCE_ROLES,
	type CopyingRight,
	type ResourceKind,
	type ResourceRole
} from './kinds.ts';
export { readResource, type TypedResource } from './resource.ts';
export { reportPile, type PileReport, type PileThing } from './pile.ts';
export { sameness, titleKey, type Sameness, type Work } from './same.ts';
export { readBookLine } from './read/book-line.ts';
export type { ReadBook } from './read/book.ts';
export { readBookList, type ListedBook, type ReadBookList } from './read/book-list.ts';
export { compareBooks, type ComparedBook } from './read/compare-books.ts';
export { pagesToRead } from './read/remarks.ts';
export { readUse, type TypedUse } from './use.ts';
export { loansInARow, swapForOneLoan, type LoanStretch, type OrderedLesson } from './short-loan.ts';
export { spineWidth } from './shelf.ts';
export {
	trips,
	type TripLoan,
	type TripReturn,
	type Trips,
	type TripsInput,
	type WhyImpossible
} from './trips.ts';
