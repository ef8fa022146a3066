/**
 * The tables that the core computes with, as data, each row with its source, so that a screen can
 * show why a number is what it is.
 */
export { ALLERGENS, OTHER_ALLERGENS } from './allergens.ts';
export {
	ALLERGEN_SOURCE,
	CAUTION_RULES,
	SMALL_BALL,
	SMALL_PARTS_CYLINDER,
	type CautionRule
} from './caution-rules.ts';
export { DENSITIES, type DensityRow } from './densities.ts';
export {
	BY_LENGTH,
	COLOUR_THINGS,
	COLOURED,
	COLOURS,
	FIXED_COMPOUNDS,
	JOINED_BY_AND,
	KINDS,
	MATERIALS,
	SHADES,
	SINGLE_PAIRS,
	SIZES,
	SPELLINGS,
	STATES,
	UNIT_COMPOUNDS,
	VESSELS,
	type UnitSpelling
} from './list-words.ts';
export { MEASURES, UNITS, type Dimension, type MeasureRow, type Unit } from './measures.ts';
export { EASY_REACH, STATURE, USUAL_REACH } from './reach.ts';
export { DEFINITION, NIST_44, PRACTICE, sourceText, USDA, type Source } from './sources.ts';
export { ELSEWHERE, PLACES_AT_HOME, type PlaceAtHome, type Staple } from './at-home.ts';
export {
	AT_ONCE,
	HOME_PAPERS,
	PAPER_NAMES,
	PAPER_SIZES,
	POUCHES,
	PRINT_RATES,
	SEALED_EDGE,
	stockOf,
	STOCKS,
	type HomePaper,
	type Stock
} from './paper.ts';
export {
	COIL_CLEARANCE,
	COILS,
	EMPTY_KG,
	FILE_POCKETS,
	FILED_AS,
	HOLDS,
	PRONGS,
	RING_SHAPES,
	RINGS,
	TABS,
	type FiledAs,
	type RingShape
} from './binders.ts';
export { WRITES_FROM_MONTHS } from './writing.ts';
