/**
 * The library's arithmetic: ISBNs, and as few trips as the holds and loans allow.
 */
export { isbnText, readIsbn, type Isbn } from './isbn.ts';
export { trips, type TripLoan, type Trips, type TripsInput, type WhyImpossible } from './trips.ts';
