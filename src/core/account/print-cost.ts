import { printingOf, printRun, type PrintRunCost } from '../print/index.ts';
import { parsed, type Snapshot } from '../facts/index.ts';
import type { PrintSituation } from './streams/prints.ts';

/** What prints cost at home and at the copy shop, each with the copies that it names. */
export function costOfPrints(snapshot: Snapshot, prints: readonly PrintSituation[]): PrintRunCost {
	const { home, shop } = printingOf(parsed(snapshot.household.printing));
	return printRun({
		children: 0,
		prints: prints.map((print) => {
			const { judged, copies } = print;
			const isBacked = judged.layout.value === 'cards, one back';
			return {
				id: String(print.row.id),
				pages: isBacked ? Math.max(1, print.pages.length - 1) * 2 : print.pages.length,
				copies: copies.reduce((sum, one) => sum + one.count, 0),
				sides: judged.sides.value,
				up: judged.up.value,
				stock: judged.stock.value,
				colour: judged.color.value,
				laminate: judged.finish.value === 'pouch'
			};
		}),
		home,
		shop,
		readyMade: null
	});
}
