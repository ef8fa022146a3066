import { CoreError } from '../error.ts';
import { nameKey } from '../naming/naming.ts';
import { DENSITIES, type DensityRow } from '../reference/densities.ts';
import { MEASURES, UNITS, type Dimension, type Unit } from '../reference/measures.ts';
import { exact, type Exact } from './exact.ts';

/** US customary, or metric kitchen measures for cup, tbsp and tsp (densities stay per US cup). */
export type MeasureSystem = 'us' | 'metric-cup';

type Size = { readonly dimension: Dimension; readonly us: Exact; readonly metricCup: Exact };

const SIZES: ReadonlyMap<string, Size> = new Map(
	UNITS.map((unit): [string, Size] => {
		const row = MEASURES[unit];
		if (!row) return [unit, { dimension: 'container', us: exact(1), metricCup: exact(1) }];
		const us = exact(row.is);
		return [unit, { dimension: row.dimension, us, metricCup: row.metricCup ? exact(row.metricCup) : us }];
	})
);

const CUP_ML = SIZES.get('cup')!.us;

/** Volume, mass, length, count, or a container of no fixed size (box, roll, sheet …). */
export function dimensionOf(unit: Unit): Dimension {
	return SIZES.get(unit)!.dimension;
}

/** Whether parts of the unit can be taken: true for volumes, masses and lengths. */
export function isMeasured(unit: Unit): boolean {
	const dimension = dimensionOf(unit);
	return dimension === 'volume' || dimension === 'mass' || dimension === 'length';
}

/**
 * How many `to` one `from` is, exactly.
 *
 *     ratio('cup', 'g', 'flour').valueOf()   // 125
 *
 * @throws CoreError naming the item and both units when they cannot be converted.
 */
export function ratio(from: Unit, to: Unit, item: string | null, system: MeasureSystem = 'us'): Exact {
	if (from === to) return exact(1);
	const a = SIZES.get(from)!;
	const b = SIZES.get(to)!;
	const sizeA = system === 'us' ? a.us : a.metricCup;
	const sizeB = system === 'us' ? b.us : b.metricCup;
	if (a.dimension === b.dimension && a.dimension !== 'container') return sizeA.div(sizeB);
	const named = item ? `${item} from ${from} to ${to}` : `from ${from} to ${to}`;
	const volumeToMass = a.dimension === 'volume' && b.dimension === 'mass';
	const massToVolume = a.dimension === 'mass' && b.dimension === 'volume';
	if (!volumeToMass && !massToVolume)
		throw new CoreError(`Can’t convert ${named}: they measure different things.`);
	const density = item ? densityOf(item) : null;
	if (!density) {
		throw new CoreError(
			item
				? `Can’t convert ${named}: no density is known for ${item}.`
				: `Can’t convert ${named}: say which item, a density is needed.`
		);
	}
	const gramsPerMl = exact(density.gramsPerCup).div(CUP_ML);
	return volumeToMass ? sizeA.mul(gramsPerMl).div(sizeB) : sizeA.div(gramsPerMl).div(sizeB);
}

/**
 * An amount in another unit, exactly.
 *
 *     convert(exact(2), 'cup', 'g', 'flour').valueOf()   // 250
 *
 * @throws CoreError when no conversion exists, or none is known for the item.
 */
export function convert(
	quantity: Exact,
	from: Unit,
	to: Unit,
	item: string | null,
	system: MeasureSystem = 'us'
): Exact {
	return from === to ? quantity : quantity.mul(ratio(from, to, item, system));
}

/** Whether `convert` would succeed. */
export function canConvert(from: Unit, to: Unit, item: string | null): boolean {
	if (from === to) return true;
	try {
		ratio(from, to, item);
		return true;
	} catch {
		return false;
	}
}

const byName: ReadonlyMap<string, DensityRow> = new Map(
	DENSITIES.flatMap((row) => namesOf(row.name).map((name): [string, DensityRow] => [densityKey(name), row]))
);

/** The name without capitals, number or hyphens. */
function densityKey(name: string): string {
	return nameKey(name.replaceAll('-', ' '));
}

/**
 * The names a density row answers to: as the table writes it, without its brackets or what follows
 * a comma, and with any of those words in front ("flour (all-purpose)" → "flour", "all-purpose flour").
 */
function namesOf(name: string): string[] {
	const plain = name.replace(/\s*[(,].*$/, '');
	const kinds = name
		.slice(plain.length)
		.split(/[ ,()]+/)
		.filter(Boolean);
	const names = [name, plain];
	for (let chosen = 1; chosen < 1 << kinds.length; chosen++) {
		names.push([...kinds.filter((_, i) => chosen & (1 << i)), plain].join(' '));
	}
	return names;
}

/** The density row for an item as named on a list, or null. "rice flour" is not flour. */
export function densityOf(item: string): DensityRow | null {
	return byName.get(densityKey(item)) ?? null;
}
