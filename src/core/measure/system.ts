import type { Unit } from '../reference/measures.ts';
import { canConvert, dimensionOf } from './convert.ts';
import { exact, type Exact } from './exact.ts';
import { numberText } from './format.ts';

/** In which measures a household thinks. */
export type System = 'us' | 'metric';

const US: ReadonlySet<Unit> = new Set([
	...(['cup', 'floz', 'pint', 'quart', 'gallon'] as const),
	...(['oz', 'lb', 'in', 'ft', 'yd'] as const)
]);
const METRIC: ReadonlySet<Unit> = new Set(['ml', 'l', 'g', 'kg', 'mm', 'cm', 'm']);

/** The system that a unit belongs to; null for those that both use (spoons, pieces, packs). */
export function systemOf(unit: Unit): System | null {
	return US.has(unit) ? 'us' : METRIC.has(unit) ? 'metric' : null;
}

/**
 * The unit in which a household of that system counts a thing that is given in `unit`. Volumes of
 * what has a known density are weighed in metric kitchens.
 *
 *     unitIn('metric', 'cup', 'flour')   // 'g'
 *     unitIn('us', 'kg', 'flour')        // 'lb'
 */
export function unitIn(system: System, unit: Unit, item: string): Unit {
	const own = systemOf(unit);
	if (own === null || own === system) return unit;
	const large = ['kg', 'l', 'm', 'lb', 'yd', 'quart', 'gallon'].includes(unit);
	switch (dimensionOf(unit)) {
		case 'mass':
			return system === 'metric' ? 'g' : large ? 'lb' : 'oz';
		case 'volume':
			if (system === 'us') return large ? 'quart' : 'cup';
			return canConvert(unit, 'g', item) ? 'g' : 'ml';
		default:
			return system === 'metric' ? 'cm' : large ? 'ft' : 'in';
	}
}

const MM: Readonly<Record<string, string>> = {
	mm: '1',
	cm: '10',
	m: '1000',
	in: '25.4',
	inch: '25.4',
	inches: '25.4',
	'"': '25.4',
	'″': '25.4',
	ft: '304.8',
	foot: '304.8',
	feet: '304.8',
	"'": '304.8',
	'′': '304.8'
};
const PART =
	/\s*(\d*\s*[½¼¾⅓⅔⅛⅜⅝⅞]|\d+\/0*[1-9]\d*|\d+(?:\.\d+)?(?:\s+\d+\/0*[1-9]\d*)?)\s*([a-z]+|["'″′])?\.?/giy;
const GLYPH: Readonly<Record<string, string>> = {
	'½': '1/2',
	'¼': '1/4',
	'¾': '3/4',
	'⅓': '1/3',
	'⅔': '2/3',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
};

/**
 * A length as one types it, in whole millimetres; a bare number is in centimetres or inches, as the
 * household measures. Null when it is no length.
 *
 *     readLength('12 1/2', 'us')       // 318
 *     readLength('4 ft 2 in', 'us')    // 1270
 *     readLength('32', 'metric')       // 320
 */
export function readLength(text: string, system: System): number | null {
	const mm = readMillimeters(text, system);
	return mm === null ? null : Math.round(mm);
}

/** The same to a part of a millimeter, for what is measured finely: a sheet of labels, a box. */
export function readMillimeters(text: string, system: System): number | null {
	const typed = spelled(text);
	if (typed === '') return null;
	let mm = exact(0);
	PART.lastIndex = 0;
	while (PART.lastIndex < typed.length) {
		const found = PART.exec(typed);
		if (!found) return null;
		const unit = found[2] ?? (system === 'us' ? 'in' : 'cm');
		if (!Object.hasOwn(MM, unit)) return null;
		mm = mm.add(numberOf(found[1]).mul(exact(MM[unit])));
	}
	return mm.valueOf();
}

/** What was typed with its numbers spelled alike: “.75”, “7-1/4” and “12,5”. */
const spelled = (text: string): string =>
	text
		.trim()
		.toLowerCase()
		.replace(/(\d),(\d)/g, '$1.$2')
		.replace(/(^|[^\d])\.(\d)/g, '$10.$2')
		.replace(/(\d)\s*-\s*(\d+\/\d)/g, '$1 $2');

/**
 * The three sides of a thing as one types them in one field, in mm; a unit at the end counts for all that have none.
 * Null where it is no such size.
 *
 *     readSize('12 x 9 1/2 x 3 in', 'metric')   // [304.8, 241.3, 76.2]
 *     readSize('30×22×5', 'metric')             // [300, 220, 50]
 */
export function readSize(text: string, system: System): [number, number, number] | null {
	const parts = spelled(text).split(/\s*(?:x|×|\*|\bby\b)\s*/);
	if (parts.length !== 3) return null;
	const unit = /([a-z]+|["″'′])\.?$/.exec(parts[2])?.[1] ?? '';
	const sides = parts.map((part) =>
		readMillimeters(/[a-z"″'′]/.test(part) ? part : `${part} ${unit}`, system)
	);
	return sides.every((mm) => mm !== null && mm > 0) ? (sides as [number, number, number]) : null;
}

const KG: Readonly<Record<string, number>> = {
	kg: 1,
	kilo: 1,
	kilos: 1,
	g: 0.001,
	gram: 0.001,
	grams: 0.001,
	lb: 0.45359237,
	lbs: 0.45359237,
	pound: 0.45359237,
	pounds: 0.45359237,
	oz: 0.45359237 / 16,
	ounce: 0.45359237 / 16,
	ounces: 0.45359237 / 16
};

/**
 * A weight as one types it, in kg; a bare number is in pounds or kilograms, as the household measures. Null when it is
 * no weight.
 *
 *     readWeight('1 lb 8 oz', 'metric')   // 0.68…
 *     readWeight('500 g', 'us')           // 0.5
 */
export function readWeight(text: string, system: System): number | null {
	const typed = spelled(text);
	if (typed === '') return null;
	let kg = 0;
	PART.lastIndex = 0;
	while (PART.lastIndex < typed.length) {
		const found = PART.exec(typed);
		if (!found) return null;
		const unit = found[2] ?? (system === 'us' ? 'lb' : 'kg');
		if (!Object.hasOwn(KG, unit)) return null;
		kg += numberOf(found[1]).valueOf() * KG[unit];
	}
	return kg;
}

function numberOf(text: string): Exact {
	const whole = text.replace(/[½¼¾⅓⅔⅛⅜⅝⅞]/u, (glyph) => ` ${GLYPH[glyph]}`).trim();
	return whole
		.split(/\s+/)
		.map((part) => exact(part))
		.reduce((sum, part) => sum.add(part), exact(0));
}

/**
 * A length for people: centimetres to the millimetre, inches to the eighth.
 *
 *     lengthText(318, 'us')       // '12½ in'
 *     lengthText(318, 'metric')   // '31.8 cm'
 */
export function lengthText(mm: number, system: System): string {
	if (system === 'metric') return `${numberText(exact(mm).div(10), 'cm')} cm`;
	const eighths = Math.round((mm / 25.4) * 8);
	return `${numberText(exact(eighths).div(8), 'in')} in`;
}

const KG_A_POUND = 0.45359237;

/**
 * A weight for people: kilograms to the tenth, pounds to the half.
 *
 *     weightText(4, 'us')       // '9 lb'
 *     weightText(4, 'metric')   // '4.0 kg'
 */
export function weightText(kg: number, system: System): string {
	if (system === 'metric') return `${kg.toFixed(1)} kg`;
	const pounds = kg / KG_A_POUND;
	return pounds < 2 ? `${pounds.toFixed(1)} lb` : `${Math.round(pounds * 2) / 2} lb`;
}

/** Kilograms of a number in the house's measures: pounds or kilograms. */
export const kilogramsOf = (typed: number, system: System): number =>
	system === 'metric' ? typed : typed * KG_A_POUND;
