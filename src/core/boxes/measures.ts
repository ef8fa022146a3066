import type { ResourceKind } from '../library/index.ts';
import { spineWidth } from '../library/index.ts';

/** How large and heavy a thing is: mm and kg, as it lies flat. */
export type Measures = {
	readonly length: number;
	readonly width: number;
	readonly height: number;
	readonly kg: number;
};

/** Usual sizes by kind, mm, and weight, kg (common practice; measured ones go first). */
const USUAL: Readonly<Record<Exclude<ResourceKind, 'link' | 'live specimen'>, Measures>> = {
	book: { length: 230, width: 155, height: 20, kg: 0.4 },
	'picture book': { length: 280, width: 240, height: 10, kg: 0.4 },
	game: { length: 270, width: 270, height: 65, kg: 1 },
	kit: { length: 300, width: 220, height: 90, kg: 0.9 },
	model: { length: 200, width: 150, height: 150, kg: 0.6 },
	puzzle: { length: 300, width: 220, height: 50, kg: 0.6 },
	poster: { length: 600, width: 60, height: 60, kg: 0.1 },
	disc: { length: 190, width: 135, height: 15, kg: 0.1 },
	magazine: { length: 280, width: 215, height: 4, kg: 0.15 },
	'card set': { length: 120, width: 90, height: 30, kg: 0.2 },
	printable: { length: 280, width: 216, height: 5, kg: 0.2 }
};

/** Weight of a book's paper, kg for each mm³: a block of uncoated paper has about 0.77 g/cm³ (20 lb bond: 75.2 g/m² in 0.097 mm). */
const PAPER_KG = 75.2 / 0.097 / 1e9;

/**
 * How large a thing of the library is, from its kind, and for a book from its pages; null for what takes no room.
 *
 * @example usualMeasures({ kind: 'disc', pages: null, hardcover: false, widthMm: null })
 * // { length: 190, width: 135, height: 15, kg: 0.1 }
 */
export function usualMeasures(thing: {
	readonly kind: ResourceKind;
	readonly pages: number | null;
	readonly hardcover: boolean;
	readonly widthMm: number | null;
}): Measures | null {
	if (thing.kind === 'link' || thing.kind === 'live specimen') return null;
	const usual = USUAL[thing.kind];
	if (thing.kind !== 'book' && thing.kind !== 'picture book') return usual;
	const height = Math.max(2, Math.round(spineWidth(thing) * 10) / 10);
	const kg = usual.length * usual.width * height * PAPER_KG;
	return { ...usual, height, kg: Math.round(kg * 100) / 100 };
}

/**
 * The recommended weight limit of the revised NIOSH lifting equation, kg: hands `reach` cm before the ankles, at
 * `height` cm, lifted over `travel` cm, without twisting, now and then, grip fair (0.95).
 * Waters et al. 1993, Ergonomics 36; NIOSH 94-110 (from memory).
 *
 * @example liftingLimit({ reach: 40, height: 0, travel: 75 }).toFixed(1) // '9.3'
 */
export function liftingLimit({
	reach,
	height,
	travel
}: {
	readonly reach: number;
	readonly height: number;
	readonly travel: number;
}): number {
	const horizontal = Math.min(1, 25 / Math.max(25, reach));
	const vertical = 1 - 0.003 * Math.abs(height - 75);
	const distance = Math.min(1, 0.82 + 4.5 / Math.max(25, travel));
	return 23 * horizontal * vertical * distance * 0.95;
}

/** Over the first a box is heavy, over the second nobody lifts it alone (NIOSH lifting equation). */
export const HEAVY_KG = 9;
export const NOT_ALONE_KG = 23;

/** What is said of a box that weighs so much, kg; empty where anybody lifts it. */
export const liftingCaution = (kg: number): string =>
	kg > NOT_ALONE_KG
		? 'Over 23 kg (51 lb): don’t lift it alone.'
		: kg > HEAVY_KG
			? 'Over 9 kg (20 lb): heavy. Lift it close to you.'
			: '';

/** One kind of loose supplies takes so much room, liters, and weighs so much, kg (common practice, no source). */
export const SUPPLY = { liters: 0.3, kg: 0.1 };

/** Things over this room, or this thick, are the bulky half of a unit: liters and mm (common practice, no source). */
const BULKY = { liters: 2, thick: 60 };

/** Whether a thing belongs in a box where what is flat stands on a shelf; sides in mm. */
export const isBulky = (one: Pick<Measures, 'length' | 'width' | 'height'>): boolean =>
	(one.length * one.width * one.height) / 1e6 > BULKY.liters ||
	Math.min(one.length, one.width, one.height) > BULKY.thick;
