import type { Flip } from './imposition.ts';

/** How a printer and whoever feeds it treat paper, as far as it decides what a run's files have to be. */
export type PrinterWays = {
	/** It prints both sides by itself, or the pile is turned by hand. */
	readonly duplex: 'itself' | 'by hand';
	/** Which way a sheet lies when it comes out: its printed side down, so that a pile reads from the first page on, or up. */
	readonly delivers: 'face down' | 'face up';
	readonly flip: Flip;
	/** By hand: what came out last goes in first when the pile is put back. */
	readonly reversed: boolean;
};

/** What goes through the printer in one go: both sides, or all fronts, or all backs. */
export type Pass = 'both' | 'front' | 'back';

/**
 * Whether a pass has to begin with the last sheet, so that the pile that comes out reads from the first page on and,
 * turned by hand, each back lies behind its own front.
 *
 * A pile of single passes reads backward where sheets come out face up. By hand the second pass decides how the pile
 * lies: its backs come out down, so the fronts are seen, the last one that went in on top; or up, the other way about.
 * The fronts go in the order in which that pile is fed again.
 *
 * @example
 * beginsWithLast({ duplex: 'by hand', delivers: 'face down', flip: 'long-edge', reversed: true }, 'back', true) // true
 */
export function beginsWithLast(
	{ duplex, delivers, reversed }: PrinterWays,
	pass: Pass,
	isTwoSided: boolean
): boolean {
	if (duplex === 'itself' || !isTwoSided || pass === 'both') return delivers === 'face up';
	const backs = delivers === 'face down';
	return pass === 'back' || !reversed ? backs : !backs;
}

/** What a test print of two sheets shows: which sheet’s back is behind the front of the first one, or which front is on top; and how a back stands. */
export type TestPicture = { readonly isRight: boolean; readonly isUpright: boolean };

/**
 * The settings after somebody said what the test print shows, when it was printed with `ways`. By hand `isRight` is
 * whether the back of sheet 1 is behind its front; a printer that turns by itself never errs there, so it is whether
 * sheet 1 is on top.
 */
export function waysAfterTest(ways: PrinterWays, { isRight, isUpright }: TestPicture): PrinterWays {
	const turned: PrinterWays = {
		...ways,
		flip: isUpright ? ways.flip : ways.flip === 'long-edge' ? 'short-edge' : 'long-edge'
	};
	if (isRight) return turned;
	return ways.duplex === 'by hand'
		? { ...turned, reversed: !ways.reversed }
		: { ...turned, delivers: ways.delivers === 'face down' ? 'face up' : 'face down' };
}

/**
 * What is printed again after a sheet of a pass jammed: that pass from there on; and where backs jam, first the front
 * of that sheet, which goes onto the pile that is still to be fed. `order` are the sheets as they go in, `at` counts
 * them from 1.
 *
 * @example afterJam([5, 4, 3, 2, 1], 'back', 2) // { from: 2, frontOf: 4 }
 */
export function afterJam(
	order: readonly number[],
	pass: Pass,
	at: number
): { readonly from: number; readonly frontOf: number | null } {
	return { from: at, frontOf: pass === 'back' ? (order[at - 1] ?? null) : null };
}

/** A side on paper: which page of the file, from 0, and whether it stands on its head when the sheet is turned like a page in a book. */
export type PrintedSide = { readonly page: number; readonly isTurned: boolean };
export type PrintedSheet = { readonly front: PrintedSide | null; readonly back: PrintedSide | null };

/**
 * A printer that is only computed. It takes files by their number of pages and answers the pile that comes out, from
 * the top, fronts up, as somebody leafs through it. `jam`: the sheet that is lost in the last pass, counted as they go
 * in, from 1; what goes in after it stays in the tray and comes back as `left`, in the order in which it would be fed.
 *
 * @example
 * const printer = new SimulatedPrinter({ duplex: 'itself', delivers: 'face down', flip: 'long-edge', reversed: false });
 * printer.print(4, true); // pages 0 and 1 on the first sheet, 2 and 3 on the second
 * printer.pile()
 */
export class SimulatedPrinter {
	/** Sheets as they came out, the first one first, all from one pass. */
	private out: PrintedSheet[] = [];
	private lastWere: 'fronts' | 'backs' = 'fronts';
	/** Sheets with fronts that lie in the tray, in the order in which they are fed. */
	private tray: PrintedSheet[] = [];

	constructor(private readonly ways: PrinterWays) {}

	/**
	 * Prints a file onto fresh paper: a page a sheet, or two, `first` being the number of its first page. A jam loses its
	 * sheet and leaves the rest unprinted.
	 */
	print(pages: number, isTwoSided: boolean, jam: number | null = null, first = 0): void {
		const sheets = Array.from({ length: isTwoSided ? pages / 2 : pages }, (_, index): PrintedSheet =>
			isTwoSided
				? {
						front: { page: first + index * 2, isTurned: false },
						back: { page: first + index * 2 + 1, isTurned: this.ways.flip === 'short-edge' }
					}
				: { front: { page: first + index, isTurned: false }, back: null }
		);
		this.out.push(...(jam === null ? sheets : sheets.slice(0, jam - 1)));
		this.lastWere = 'fronts';
	}

	/** Takes the pile that came out and puts it back, the way its owner does. */
	putBack(): void {
		this.tray = this.ways.reversed ? this.out.toReversed() : this.out;
		this.out = [];
	}

	/** A sheet that was printed anew is laid onto the pile in the tray, where it is fed next. */
	layOnTray(sheet: PrintedSheet): void {
		this.tray = [sheet, ...this.tray];
	}

	/** Prints a file onto the second sides of what lies in the tray, `first` being the number of its first page. */
	printBacks(pages: number, first = 0, jam: number | null = null): void {
		const count = jam === null ? pages : jam - 1;
		this.out.push(
			...this.tray.slice(0, count).map((sheet, index) => ({
				...sheet,
				back: { page: first + index, isTurned: this.ways.flip === 'short-edge' }
			}))
		);
		this.tray = this.tray.slice(jam ?? pages);
		this.lastWere = 'backs';
	}

	/** Sheets that wait in the tray. */
	left(): number {
		return this.tray.length;
	}

	/** The pile from its top, fronts up. */
	pile(): readonly PrintedSheet[] {
		const isFirstOnTop = (this.ways.delivers === 'face down') === (this.lastWere === 'fronts');
		return isFirstOnTop ? [...this.out] : this.out.toReversed();
	}
}
