/** How a thing is used: it comes back whole, is gone afterwards, or some of a larger supply is gone. */
export type Use = 'kept' | 'used up' | 'some';
/** Whether a house has it: in practically every one, worth a look, or it has to be got. */
export type Staple = 'always' | 'often' | 'rarely';
export const PLACES_AT_HOME = [
	'kitchen',
	'pantry',
	'fridge',
	'bathroom',
	'laundry',
	'school supplies',
	'art supplies',
	'games and toys',
	'bookshelf',
	'office',
	'sewing box',
	'toolbox or garage',
	'recycling',
	'outdoors or yard',
	'medicine cabinet',
	'closet',
	'shop only'
] as const;
export type PlaceAtHome = (typeof PLACES_AT_HOME)[number];
/** What most houses do not keep may still be anywhere. */
export const ELSEWHERE: PlaceAtHome = 'shop only';
