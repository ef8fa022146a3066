/**
 * Amounts and their units: exact fractions, US and metric measures, volume to mass by density,
 * and amounts written for people ("1 ½ cups").
 */
export {
	canConvert,
	convert,
	densityOf,
	dimensionOf,
	isMeasured,
	ratio,
	type MeasureSystem
} from './convert.ts';
export {
	exact,
	exactText,
	sentText,
	isSome,
	larger,
	MOST_AMOUNT,
	ONE,
	requireAmount,
	roundUp,
	smaller,
	TOLERANCE,
	ZERO,
	type Exact
} from './exact.ts';
export { amountText, inSaidUnit, saidAmount, numberText, unitText } from './format.ts';
export {
	kilogramsOf,
	lengthText,
	readLength,
	readMillimeters,
	readSize,
	readWeight,
	systemOf,
	unitIn,
	weightText,
	type System
} from './system.ts';
export type { Unit } from '../reference/measures.ts';
