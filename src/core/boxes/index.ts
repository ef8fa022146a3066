export {
	pack,
	type BoxKind,
	type ItemKind,
	type PackedBox,
	type Packing,
	type PackInput,
	type Progress
} from './pack.ts';
export { waysToLie } from './fill.ts';
export {
	HEAVY_KG,
	isBulky,
	liftingCaution,
	liftingLimit,
	SUPPLY,
	usualMeasures,
	type Measures
} from './measures.ts';
export { above, backToFront, nameOn, onPaper, roundOf, sidesOf, SLANT } from './drawing.ts';
export {
	shelvesByFit,
	shelfWhy,
	standOnShelf,
	WALL,
	type OnShelf,
	type Shelf,
	type Standing
} from './shelf.ts';
export {
	LOOSE,
	FILLABLE,
	packUnit,
	USUAL_BOXES,
	whichBox,
	type BoxSize,
	type SizeAnswer,
	type Soft,
	type UnitPacking,
	type UnitQuestion
} from './unit.ts';
export {
	OPENING_KINDS,
	OPENING_LITERS,
	OPENING_TEXT,
	openingStanding,
	type OpeningKind,
	type OpeningThing
} from './opening.ts';
export { goesIn } from './fill.ts';
