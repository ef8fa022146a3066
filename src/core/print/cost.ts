import { CoreError } from '../error.ts';
import { exact, ZERO, type Exact } from '../measure/index.ts';
import { STOCKS, type Stock } from '../reference/index.ts';

/** For whom a print is copied: one for each child, one for the family, or so many. */
export type Copies = 'child' | 'family' | number;

export type PrintInput = {
	readonly id: string;
	readonly pages: number;
	readonly copies: Copies;
	readonly sides: 1 | 2;
	/** Pages on one side. */
	readonly up: number;
	readonly stock: Stock;
	readonly colour: boolean;
	readonly laminate: boolean;
};

/** Prices in cents, parts of a cent allowed; one that is not known is missing or null. */
export type HomePrices = {
	readonly paper?: Readonly<Record<string, number | null>> | null;
	readonly colourSide?: number | null;
	readonly greySide?: number | null;
	readonly pouch?: number | null;
};
export type ShopPrices = {
	readonly colourSide?: number | null;
	readonly greySide?: number | null;
	/** For a sheet, on top of its sides. Copy paper has none. */
	readonly stockExtra?: Readonly<Record<string, number | null>> | null;
	readonly pouch?: number | null;
};

export type PrintRunInput = {
	readonly children: number;
	readonly prints: readonly PrintInput[];
	readonly home: HomePrices;
	readonly shop: ShopPrices | null;
	readonly readyMade: number | null;
};

export type PrintRunCost = {
	readonly prints: readonly {
		readonly id: string;
		readonly copies: number;
		readonly sheets: number;
		readonly sides: number;
		readonly pouches: number;
	}[];
	readonly byStock: readonly { readonly stock: Stock; readonly sheets: number }[];
	readonly sides: { readonly colour: number; readonly grey: number };
	readonly pouches: number;
	/** Cents; null where a price that the run needs is not known. */
	readonly home: number | null;
	readonly shop: number | null;
	readonly readyMade: number | null;
	readonly cheapest: 'home' | 'shop' | 'readyMade' | null;
};

/**
 * Sheets, sides and pouches of some prints, and what each way of getting them costs. Prices are added up exactly.
 *
 * @example
 * printRun({ children: 2, prints: [{ id: 'a', pages: 3, copies: 'child', sides: 2, up: 1, stock: 'plain20',
 *   colour: false, laminate: false }], home: { paper: { plain20: 1 }, greySide: 3 }, shop: null, readyMade: null })
 * // 4 sheets, 6 sides, 22 cents at home
 * @throws CoreError where a count is no whole number of at least 1, or an id stands twice.
 */
export function printRun({ children, prints, home, shop, readyMade }: PrintRunInput): PrintRunCost {
	requireCount(children, 'children', 0);
	const counted = prints.map((print, index) => {
		requireCount(print.pages, `prints[${index}].pages`);
		requireCount(print.up, `prints[${index}].up`);
		if (typeof print.copies === 'number') requireCount(print.copies, `prints[${index}].copies`);
		if (prints.findIndex((one) => one.id === print.id) !== index)
			throw new CoreError(`The print “${print.id}” stands there twice.`, `prints[${index}].id`);
		const copies = copiesOf(print.copies, children);
		const sides = Math.ceil(print.pages / print.up);
		const sheets = Math.ceil(sides / print.sides);
		return {
			print,
			copies,
			sheets: sheets * copies,
			sides: sides * copies,
			pouches: print.laminate ? sheets * copies : 0
		};
	});
	const sum = (of: readonly { readonly count: number }[]) => of.reduce((all, one) => all + one.count, 0);
	const used = new Map<Stock, number>();
	for (const { print, sheets } of counted) used.set(print.stock, (used.get(print.stock) ?? 0) + sheets);
	const sides = {
		colour: sum(counted.filter(({ print }) => print.colour).map((one) => ({ count: one.sides }))),
		grey: sum(counted.filter(({ print }) => !print.colour).map((one) => ({ count: one.sides })))
	};
	const pouches = sum(counted.map((one) => ({ count: one.pouches })));
	const ways = {
		home: total([
			[sides.colour, home.colourSide],
			[sides.grey, home.greySide],
			[pouches, home.pouch],
			...[...used].map(([stock, sheets]): Part => [sheets, home.paper?.[stock]])
		]),
		shop:
			shop &&
			total([
				[sides.colour, shop.colourSide],
				[sides.grey, shop.greySide],
				[pouches, shop.pouch],
				...[...used].map(([stock, sheets]): Part => [
					sheets,
					shop.stockExtra?.[stock] ?? (stock === 'plain20' ? 0 : null)
				])
			]),
		readyMade
	};
	const known = (['home', 'shop', 'readyMade'] as const).filter((way) => ways[way] !== null);
	return {
		prints: counted.map(({ print, copies, sheets, sides, pouches }) => ({
			id: print.id,
			copies,
			sheets,
			sides,
			pouches
		})),
		byStock: [...used]
			.filter(([, sheets]) => sheets > 0)
			.map(([stock, sheets]) => ({ stock, sheets }))
			.sort((a, b) => rank(a.stock) - rank(b.stock)),
		sides,
		pouches,
		...ways,
		cheapest: known.reduce<(typeof known)[number] | null>(
			(best, way) => (best === null || ways[way]! < ways[best]! ? way : best),
			null
		)
	};
}

const rank = (stock: Stock) => STOCKS.findIndex((one) => one.code === stock);

/** How many copies are made where so many children take part. */
export function copiesOf(copies: Copies, children: number): number {
	return copies === 'child' ? children : copies === 'family' ? 1 : copies;
}

type Part = readonly [count: number, price: number | null | undefined];

/** Null where a price is missing for something of which there is some. */
function total(parts: readonly Part[]): number | null {
	let sum: Exact = ZERO;
	for (const [count, price] of parts) {
		if (count === 0) continue;
		if (price === null || price === undefined) return null;
		sum = sum.add(exact(price).mul(count));
	}
	return sum.valueOf();
}

function requireCount(value: number, path: string, least = 1): void {
	if (!Number.isSafeInteger(value) || value < least)
		throw new CoreError(`${path} must be a whole number of at least ${least}.`, path);
}

/**
 * From how many sides on a ready-made set is cheaper than printing each at `perSide` cents: the first count whose
 * price is above the set's. Null where printing costs nothing.
 *
 * @example breakEven(2450, 18) === 137
 */
export function breakEven(readyMade: number, perSide: number): number | null {
	if (perSide <= 0) return null;
	return Math.floor(exact(readyMade).div(exact(perSide)).valueOf()) + 1;
}
