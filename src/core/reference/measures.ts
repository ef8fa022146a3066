import { DEFINITION, NIST_44, type Source } from './sources.ts';

/** Every unit that an amount can be in. */
export const UNITS = [
	'each',
	'pair',
	'dozen',
	'cup',
	'tbsp',
	'tsp',
	'floz',
	'pint',
	'quart',
	'gallon',
	'ml',
	'l',
	'oz',
	'lb',
	'g',
	'kg',
	'in',
	'ft',
	'yd',
	'mm',
	'cm',
	'm',
	'sheet',
	'roll',
	'pack',
	'box',
	'bag',
	'bottle',
	'can',
	'jar',
	'tube',
	'stick',
	'ball',
	'spool',
	'bunch',
	'pinch',
	'drop',
	'handful'
] as const;

export type Unit = (typeof UNITS)[number];

/** What a unit measures. Units of the last kind convert only to themselves. */
export type Dimension = 'volume' | 'mass' | 'length' | 'count' | 'container';

export type MeasureRow = {
	readonly dimension: Exclude<Dimension, 'container'>;
	/** How many base units (ml, g, mm, each) one unit is, as an exact decimal or fraction. */
	readonly is: string;
	/** The same with metric kitchen measures, where they differ (practice in metric kitchens). */
	readonly metricCup?: string;
	readonly source: Source;
};

const US_GALLON_ML = '3785.411784';

function partOfGallon(parts: number): string {
	// 3785.411784 ml is 473176473/125000 ml; each part of it is a fraction with the same numerator.
	return `473176473/${125000 * parts}`;
}

/** Exact sizes of the units that convert, by unit. */
export const MEASURES: Readonly<Partial<Record<Unit, MeasureRow>>> = {
	gallon: { dimension: 'volume', is: US_GALLON_ML, source: NIST_44 },
	quart: { dimension: 'volume', is: partOfGallon(4), source: NIST_44 },
	pint: { dimension: 'volume', is: partOfGallon(8), source: NIST_44 },
	cup: { dimension: 'volume', is: partOfGallon(16), metricCup: '250', source: NIST_44 },
	floz: { dimension: 'volume', is: partOfGallon(128), source: NIST_44 },
	tbsp: { dimension: 'volume', is: partOfGallon(256), metricCup: '15', source: NIST_44 },
	tsp: { dimension: 'volume', is: partOfGallon(768), metricCup: '5', source: NIST_44 },
	ml: { dimension: 'volume', is: '1', source: DEFINITION },
	l: { dimension: 'volume', is: '1000', source: DEFINITION },
	lb: { dimension: 'mass', is: '453.59237', source: NIST_44 },
	oz: { dimension: 'mass', is: '28.349523125', source: NIST_44 },
	g: { dimension: 'mass', is: '1', source: DEFINITION },
	kg: { dimension: 'mass', is: '1000', source: DEFINITION },
	in: { dimension: 'length', is: '25.4', source: NIST_44 },
	ft: { dimension: 'length', is: '304.8', source: NIST_44 },
	yd: { dimension: 'length', is: '914.4', source: NIST_44 },
	mm: { dimension: 'length', is: '1', source: DEFINITION },
	cm: { dimension: 'length', is: '10', source: DEFINITION },
	m: { dimension: 'length', is: '1000', source: DEFINITION },
	each: { dimension: 'count', is: '1', source: DEFINITION },
	pair: { dimension: 'count', is: '2', source: DEFINITION },
	dozen: { dimension: 'count', is: '12', source: DEFINITION }
};
