import { breakEven, runText, type PrintRunCost } from '$core/print/index.ts';
import { counted, money } from '$core/words/index.ts';
import type { Row, Snapshot } from '$core/facts/index.ts';
import { type RunSituation, costOfPrints, slipsOf, type PrintSituation } from '$core/account/index.ts';
import { printingIn } from './printing-in.ts';

/** What some prints cost: at home, at the copy store, each run where it is cheaper, and ready-made. */
export type CostView = {
	readonly runs: readonly {
		readonly text: string;
		readonly sheets: number;
		readonly sides: number;
		readonly home: string;
		readonly shop: string;
		readonly cheapest: 'home' | 'shop' | null;
	}[];
	readonly home: string;
	readonly shop: string;
	/** Each run where it is cheaper; empty where that is one of the two. */
	readonly mixed: string;
	readonly sentence: string;
};

const said = (cents: number | null) => (cents === null ? 'a price is missing' : money(Math.round(cents)));

/** The cost of runs, and in words where a ready-made set would be cheaper. */
export function costView(
	snapshot: Snapshot,
	run: RunSituation,
	groups: readonly {
		readonly stock: Row<'print_run'>['stock'];
		readonly sides: 1 | 2;
		readonly color: boolean;
		readonly prints: readonly PrintSituation[];
	}[]
): CostView {
	const costs = groups.map((group) => ({
		group,
		cost: costOfPrints(snapshot, group.prints, slipsOf(snapshot, group.prints))
	}));
	const sum = (way: 'home' | 'shop') =>
		costs.reduce<number | null>(
			(all, { cost }) => (all === null || cost[way] === null ? null : all + cost[way]),
			0
		);
	const [home, shop] = [sum('home'), sum('shop')];
	const mixed = costs.reduce<number | null>((all, { cost }) => {
		const least = [cost.home, cost.shop].filter((one) => one !== null).sort((a, b) => a - b)[0];
		return all === null || least === undefined ? null : all + least;
	}, 0);
	const both = [home, shop].filter((one) => one !== null);
	return {
		runs: costs.map(({ group, cost }) => ({
			text: runText(group),
			sheets: cost.byStock.reduce((all, one) => all + one.sheets, 0),
			sides: cost.sides.colour + cost.sides.grey,
			home: said(cost.home),
			shop: said(cost.shop),
			cheapest: cost.cheapest === 'readyMade' ? null : cost.cheapest
		})),
		home: said(home),
		shop: said(shop),
		mixed: mixed !== null && both.every((one) => mixed < one - 0.5) ? said(mixed) : '',
		sentence: readyMadeText(
			snapshot,
			run,
			costs.map(({ cost }) => cost),
			home
		)
	};
}

function readyMadeText(
	snapshot: Snapshot,
	run: RunSituation,
	costs: readonly PrintRunCost[],
	home: number | null
): string {
	const ready = snapshot.printSources.filter((one) => one.run_id === run.row.id && one.ready_cents !== null);
	if (ready.length === 0) return '';
	const price = ready.reduce((sum, one) => sum + one.ready_cents!, 0);
	const { shop } = printingIn(snapshot);
	const sides = costs.reduce((sum, one) => sum + one.sides.colour + one.sides.grey, 0);
	const from = shop.colourSide ? breakEven(price, shop.colourSide) : null;
	const at =
		from === null ? '' : `At the copy store’s price it is cheaper from ${counted(from, 'color side')} on; `;
	const isCheaper = home !== null && price < home;
	return `Ready-made for ${money(price)}. ${at}you print ${counted(sides, 'side')}${
		home === null
			? '.'
			: isCheaper
				? `, which costs ${said(home)} at home: the ready-made set is cheaper.`
				: ', and printing at home is cheaper.'
	}`;
}
