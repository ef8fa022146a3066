import { CoreError } from '../error.ts';
import {
	COILS,
	FILED_AS,
	PAPER_SIZES,
	RINGS,
	STOCKS,
	TABS,
	COIL_CLEARANCE,
	type FiledAs,
	type HomePaper,
	type Stock
} from '../reference/index.ts';

/** Sheets of one kind in a stack. */
export type Layer = { readonly stock: Stock; readonly sheets: number; readonly finish: FiledAs };

export type StackInput = {
	readonly layers: readonly Layer[];
	/** Plain dividers, and those with a pocket. */
	readonly tabs: number;
	readonly pocketTabs: number;
	readonly paper: HomePaper;
};

/** How thick and heavy a stack is, and what holds it. */
export type Stack = {
	readonly millimetres: number;
	/** The smallest ring that holds it, by its nominal size in mm; of each binder where it takes several. */
	readonly ring: number;
	readonly binders: number;
	/** The smallest coil, mm; null where none is large enough or one sheet is in a protector. */
	readonly coil: number | null;
	/** Paper, film and dividers, without binder or coil. */
	readonly kilograms: number;
};

/** Sums of decimal fractions are a little off in binary; this is far below any measure. */
const NOISE = 1e-9;
const clean = (value: number) => Math.round(value * 1e9) / 1e9;

/**
 * Thickness and weight of what is filed, with the ring, the number of binders and the coil that it takes.
 *
 * @throws CoreError on an unknown stock and on sheets or dividers that are no whole number
 * @example
 * thickness({ layers: [{ stock: 'plain20', sheets: 60, finish: 'none' }], tabs: 0, pocketTabs: 0, paper: 'letter' })
 * // { millimetres: 5.82, ring: 13, binders: 1, coil: 10, kilograms: 0.27217493952 }
 */
export function thickness({ layers, tabs, pocketTabs, paper }: StackInput): Stack {
	const isCount = (value: number) => Number.isInteger(value) && value >= 0;
	for (const [at, layer] of layers.entries()) {
		if (!STOCKS.some((one) => one.code === layer.stock))
			throw new CoreError(`There is no stock called “${layer.stock}”.`, `layers[${at}].stock`);
		if (!isCount(layer.sheets))
			throw new CoreError('Sheets are counted whole, 0 or more.', `layers[${at}].sheets`);
	}
	if (!isCount(tabs) || !isCount(pocketTabs))
		throw new CoreError('Dividers are counted whole, 0 or more.', 'tabs');
	const { width, height } = PAPER_SIZES[paper];
	const squareMeters = (width * height) / 1e6;
	let millimetres = tabs * TABS.plain.thick + pocketTabs * TABS.pocket.thick;
	let grams = tabs * TABS.plain.grams + pocketTabs * TABS.pocket.grams;
	for (const { stock, sheets, finish } of layers) {
		const { thick, grams: ofPaper } = STOCKS.find((one) => one.code === stock)!;
		const film = FILED_AS[finish];
		millimetres += sheets * (thick + film.thick);
		grams += sheets * (ofPaper + film.grams) * squareMeters;
	}
	const isInProtectors = layers.some((one) => one.finish === 'protector' && one.sheets > 0);
	return {
		millimetres: clean(millimetres),
		...ringsFor(millimetres),
		coil: isInProtectors ? null : coilFor(millimetres),
		kilograms: clean(grams / 1000)
	};
}

/** The smallest ring that holds a stack; over the largest one, that of each of the fewest binders it is split over evenly. */
export function ringsFor(millimetres: number): { readonly ring: number; readonly binders: number } {
	const largest = RINGS.at(-1)!;
	const binders = Math.max(1, Math.ceil(millimetres / largest.holds - NOISE));
	const each = millimetres / binders;
	const ring = RINGS.find((one) => each <= one.holds + NOISE) ?? largest;
	return { ring: ring.size, binders };
}

/** The smallest coil that closes around a stack, mm; null where none does. */
export function coilFor(millimetres: number): number | null {
	return COILS.find((coil) => coil + NOISE >= millimetres + COIL_CLEARANCE) ?? null;
}
