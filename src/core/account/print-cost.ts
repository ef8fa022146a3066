import { printingOf, printRun, type PrintRunCost } from '../print/index.ts';
import { parsed, type Snapshot } from '../facts/index.ts';
import { countOf, layoutOf, type PrintSituation } from './streams/prints.ts';

/** What prints cost at home and at the copy shop, each with the copies that it names, and the slips between them. */
export function costOfPrints(
	snapshot: Snapshot,
	prints: readonly PrintSituation[],
	slips: number
): PrintRunCost {
	const { home, shop } = printingOf(parsed(snapshot.household.printing));
	const slip = {
		id: 'slips',
		pages: slips,
		copies: 1,
		sides: 1,
		up: 1,
		stock: 'plain20',
		colour: false
	} as const;
	return printRun({
		children: 0,
		prints: [
			...prints.map((print) => {
				const { judged } = print;
				const copies = countOf(print);
				// What shares sheets is laid out as one copy of all its pieces.
				const isShared = layoutOf(print, copies).isCut;
				const pieces = isShared ? copies : 1;
				const up = judged.up.value;
				// Each front has its back behind it, so that sides are filled by themselves.
				const backed = (count: number) => Math.ceil(count / up) * up * 2;
				const { length } = print.pages;
				const pages = {
					pages: length * pieces,
					cards: length * pieces,
					'cards and backs': backed(Math.ceil(length / 2) * pieces),
					'cards, one back': backed(Math.max(1, length - 1) * pieces)
				}[judged.layout.value];
				return {
					id: String(print.row.id),
					pages,
					copies: isShared ? 1 : copies,
					sides: judged.sides.value,
					up,
					stock: judged.stock.value,
					colour: judged.color.value,
					laminate: judged.finish.value === 'pouch'
				};
			}),
			...(slips > 0 ? [{ ...slip, laminate: false }] : [])
		],
		home,
		shop,
		readyMade: null
	});
}
