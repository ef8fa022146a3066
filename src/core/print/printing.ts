import type { Stock } from '../reference/index.ts';
import type { HomePrices, ShopPrices } from './cost.ts';
import type { FilmOrder } from './finishing.ts';
import { USUAL_PRINT_HABITS, type PrintHabits } from './judge.ts';
import type { PrinterWays } from './printer.ts';

/** The household's printer and trimmings, its prices, and how it prints. Prices in cents. */
export type Printing = PrintHabits &
	PrinterWays & {
		/** What stays white along each edge, mm. */
		readonly edge: number;
		readonly slips: boolean;
		/** What is laminated and cut: whole sheets first, or the pieces, with film sealed around each. */
		readonly film: FilmOrder;
		/** The largest file that is taken, MB. */
		readonly most: number;
		readonly home: HomePrices;
		readonly shop: ShopPrices;
	};

/** Cents a sheet where nobody has said what it costs (common practice; packs differ). */
const PAPER_CENTS: Partial<Record<Stock, number>> = {
	plain20: 1.2,
	plain24: 2,
	plain28: 3,
	plain32: 4,
	cover65: 9
};

/** What holds until the household says otherwise: usual figures of the trade, to be changed in place. */
export const USUAL_PRINTING: Printing = {
	...USUAL_PRINT_HABITS,
	duplex: 'itself',
	delivers: 'face down',
	flip: 'long-edge',
	reversed: true,
	edge: 6,
	slips: true,
	film: 'laminate first',
	most: 300,
	home: { paper: PAPER_CENTS, colourSide: 9, greySide: 2.5, pouch: 14 },
	shop: { colourSide: 18, greySide: 9, stockExtra: { cover65: 15 }, pouch: 190 }
};

/** The household's own, with the usual where it said nothing. */
export function printingOf(own: Partial<Printing>): Printing {
	return {
		...USUAL_PRINTING,
		...own,
		home: { ...USUAL_PRINTING.home, ...own.home },
		shop: { ...USUAL_PRINTING.shop, ...own.shop }
	};
}
