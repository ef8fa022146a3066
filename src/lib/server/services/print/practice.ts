import { afterJam, SimulatedPrinter, type Pass, type PrinterWays } from '$core/print/index.ts';
import { counted } from '$core/words/index.ts';
import { type RunPlan, type RunSheet } from '$core/account/index.ts';
import { passesOf } from './run-view.ts';
import { sheetsOfPass } from './print-runs.ts';

/** What the practice printer is like, and the sheet on which its last pass jams; `goesOn` does what is said after a jam. */
export type Practice = {
	readonly ways: Omit<PrinterWays, 'duplex'>;
	readonly jam: number | null;
	readonly goesOn: boolean;
};

/** A side as it lies in the pile: which page of which pass’s file, and whether it stands on its head. */
export type PracticeSide = { readonly pass: Pass; readonly page: number; readonly isTurned: boolean };

export type PracticePile = {
	/** From the top, fronts up. */
	readonly sheets: readonly {
		readonly front: PracticeSide | null;
		readonly back: PracticeSide | null;
		/** What is wrong with it, in words; empty where nothing is. */
		readonly wrong: string;
	}[];
	readonly sentence: string;
};

/** Sends the files of a run, made for the household’s own settings, to the practice printer. */
export function practised(plan: RunPlan, own: PrinterWays, { ways, jam, goesOn }: Practice): PracticePile {
	const passes = passesOf(plan, own);
	const isTwoSided = plan.sheets.some((one) => one.back !== null);
	const printer = new SimulatedPrinter({ ...ways, duplex: own.duplex });
	const [first, second] = passes.length === 1 ? (['both', 'both'] as const) : (['front', 'back'] as const);
	const [fronts, backs] = [sheetsOfPass(plan, own, first), sheetsOfPass(plan, own, second)];
	const count = fronts.length;
	const stuck = jam !== null && jam <= count ? jam : null;
	/** Sheets that go through anew after the jam, from this one on. */
	let again = 0;
	if (passes.length === 1) {
		const pages = isTwoSided ? 2 : 1;
		printer.print(count * pages, isTwoSided, stuck);
		if (stuck !== null && goesOn) {
			again = stuck - 1;
			printer.print((count - again) * pages, isTwoSided, null, again * pages);
		}
	} else {
		printer.print(count, false);
		printer.putBack();
		printer.printBacks(count, 0, stuck);
		if (stuck !== null && goesOn) {
			const order = backs.map((one) => one.number);
			const { frontOf } = afterJam(order, 'back', stuck);
			const page = fronts.findIndex((one) => one.number === frontOf);
			printer.layOnTray({ front: { page, isTurned: false }, back: null });
			printer.printBacks(count - stuck + 1, stuck - 1);
		}
	}
	const sheetOf = (side: { readonly page: number } | null, from: readonly RunSheet[]): RunSheet | null =>
		side && from[passes.length === 1 && isTwoSided ? Math.floor(side.page / 2) : side.page];
	const pile = printer.pile();
	const sheets = pile.map(({ front, back }, index) => {
		const [on, behind] = [sheetOf(front, fronts), sheetOf(back, backs)];
		const before = index > 0 ? sheetOf(pile[index - 1].front, fronts) : null;
		return {
			front: front && { pass: first, ...front },
			back: back && { pass: second, ...back },
			wrong: wrongOf(on, behind, before, back !== null && back.isTurned !== (own.flip === 'short-edge'))
		};
	});
	return { sheets, sentence: sentenceOf(sheets, stuck, goesOn, printer.left()) };
}

function wrongOf(
	on: RunSheet | null,
	behind: RunSheet | null,
	before: RunSheet | null,
	isTurned: boolean
): string {
	if (on && behind && on !== behind) return `sheet ${behind.number}’s back is behind sheet ${on.number}`;
	const isSeen = behind?.back && behind.back.placed.length + behind.back.text.length > 0;
	if (isTurned && isSeen) return 'its back stands on its head';
	return before && on && before.number > on.number
		? `sheet ${on.number} comes after sheet ${before.number}`
		: '';
}

function sentenceOf(
	sheets: PracticePile['sheets'],
	jam: number | null,
	goesOn: boolean,
	waiting: number
): string {
	if (jam !== null && !goesOn)
		return `It jammed on sheet ${jam}: ${counted(sheets.length, 'sheet')} came out${waiting ? `, ${waiting} wait in the tray` : ''}.`;
	const wrong = sheets.filter((one) => one.wrong).length;
	return wrong === 0
		? 'Every sheet is in its place, and each back is behind its own front.'
		: `${wrong} of ${counted(sheets.length, 'sheet')} came out wrong. Print the test on this printer, and tap what you see.`;
}
