/** A page of a file, counted from 0, and which of the files of a plan it is in, counted from 0. */
export type PageOf = { readonly file: number; readonly page: number };

/** A quarter turn clockwise, in degrees. */
export type Turn = 0 | 90 | 180 | 270;

/**
 * A page as it lies on one side of a sheet: the box that it fills, in millimeters from the sheet's upper left corner,
 * and how it is turned. The box has the shape of the turned page.
 */
export type Placed = PageOf & {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
	readonly turn: Turn;
	/** How large it is against the original; 1 is true to size. */
	readonly scale: number;
	/** Some of its ink lies nearer to the edge of the sheet than the printer reaches. */
	readonly isCutOff?: boolean;
};

/** A line along which is cut, in millimeters from the upper left corner. */
export type CutLine = {
	readonly x1: number;
	readonly y1: number;
	readonly x2: number;
	readonly y2: number;
};

/** A line of our own words, its baseline's left end in millimeters from the upper left corner, its height in points. */
export type PrintedText = {
	readonly text: string;
	readonly x: number;
	readonly y: number;
	readonly points: number;
	readonly bold: boolean;
	/** It stands on its head: its end lies to the left of where it begins. */
	readonly isTurned?: boolean;
};

/** A black rectangle, in millimeters from the upper left corner. */
export type Block = {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
};

/** One side of a sheet. */
export type Side = {
	readonly placed: readonly Placed[];
	readonly cuts: readonly CutLine[];
	readonly text: readonly PrintedText[];
	/** Blocks of a code that is scanned; none on most sheets. */
	readonly blocks?: readonly Block[];
};

export const BLANK: Side = { placed: [], cuts: [], text: [] };

/** What is on a sheet; without a back it is printed on one side. */
export type SheetSides = { readonly front: Side; readonly back: Side | null };

/** A sheet of a run. */
export type SheetPlan = SheetSides & {
	/** Which of the run’s sets it belongs to, counted from 0; a slip belongs to the set that it leads in. */
	readonly set: number;
	/** Which copies of that set are on it, counted from 0; a slip is for the first one. */
	readonly copies: readonly number[];
	readonly isSlip: boolean;
};

/** Width and height in millimeters, upright. */
export type Paper = { readonly width: number; readonly height: number };
