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
export { HEAVY_KG, liftingLimit, NOT_ALONE_KG, usualMeasures, type Measures } from './measures.ts';
