import type { Day } from '../calendar/index.ts';
import type { Backs, Frame, Ink, PrintChoices, Role } from '../print/index.ts';
import type { HomePaper, Stock } from '../reference/index.ts';
import type { Bit, Filled } from './columns.ts';
import type { Json } from './json.ts';

/** A PDF that is kept, named by the hash of its bytes. */
export interface DocumentTable {
	id: Filled<number>;
	/** The hash of its bytes, as hexadecimal text. */
	sha256: string;
	/** What it was called when it came. */
	name: string;
	bytes: number;
	pages: number;
	/** It carries scripts; they are never run, and are left out of what is printed. */
	scripts: Filled<Bit>;
	added_on: Day;
}

/** A page of a kept PDF as it was read; made anew from the file when it is lost, so it is no part of undo. */
export interface DocumentPageTable {
	id: Filled<number>;
	sha256: string;
	/** From 1. */
	page: number;
	width_mm: number;
	height_mm: number;
	/** Null until it was read. */
	text: string | null;
	frames: Filled<Json<readonly Frame[]>>;
	/** Share of its surface that is in color; null until its picture was made. */
	colored: number | null;
	/** Where it has ink, and by what its picture is known; null until that was made. */
	ink: Json<Ink> | null;
	likeness: string | null;
	/** Its largest words; null until it was read. */
	heading: string | null;
}

export const SOURCE_KINDS = ['guide', 'science', 'math', 'language', 'art', 'game', 'other'] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** Something of the library that a run is printed from. */
export interface PrintSourceTable {
	id: Filled<number>;
	run_id: number;
	resource_id: number;
	position: number;
	kind: SourceKind;
	/** Pages whose suggestion was dropped. */
	dropped: Filled<Json<readonly number[]>>;
	/** What it costs ready-printed; null where it is not sold so. */
	ready_cents: number | null;
	/** It is a book that will be bound, and what is cut out of it comes out first. */
	cut_from: Filled<Bit>;
}

/** Pages of a source with one role: what they are, for whom, and what was settled about printing them. */
export interface PrintTable {
	id: Filled<number>;
	run_id: number;
	source_id: number;
	/** Null: for the unit as a whole. */
	lesson_id: number | null;
	/** An activity whose page it is; with it skipped the page is not printed. */
	activity_id: number | null;
	title: string;
	role: Role;
	/** From 1, in the order in which they are printed. */
	pages: Json<readonly number[]>;
	/** Ids of those it is for; null is everyone. */
	participants: Json<readonly number[]> | null;
	/** Written on again and again. */
	again: Filled<Bit>;
	/** Its pages are cut out of the book itself, so nothing is printed; a gray copy takes their place. */
	from_book: Filled<Bit>;
	/** The print whose place this gray copy keeps; null for any other. */
	place_of: Filled<number | null>;
	/** How large its pages are, mm; null: as large as the paper. */
	page_width_mm: number | null;
	page_height_mm: number | null;
	/** Its pages were found to be fronts and backs. */
	backs: Backs | null;
	/** Pages that are made smaller to lie where the printer reaches. */
	fit: Filled<Json<readonly number[]>>;
	optional: Filled<Bit>;
	/** What the parent settled; the rest follows from the role. */
	choices: Filled<Json<Partial<PrintChoices>>>;
	note: Filled<string>;
}

/** One copy of a print in a run. */
export type RunSet = {
	readonly print: number;
	/** A child's id; null: the family's. */
	readonly child: number | null;
};

/** Prints that go through the printer together; their sheets follow from this row and the prints. */
export interface PrintRunTable {
	id: Filled<number>;
	run_id: number;
	stock: Stock;
	sides: 1 | 2;
	color: Bit;
	paper: HomePaper;
	/** Sets in order: each child's own together, or all copies of a page on one pile. */
	sets: Json<readonly RunSet[]>;
	piles: 'child' | 'print';
	slips: Bit;
	sheets: number;
	made_on: Day;
	printed_on: Day | null;
	/** Sheets that came out wrong: jammed, or on the wrong paper. */
	spoiled: Filled<number>;
	spoiled_stock: Stock | null;
	/** Sheets that came out already while others did not, by what is on them. */
	done: Filled<Json<readonly string[]>>;
}

/** Who gets pages of a role in a unit, where that is not everyone who can use them. */
export interface RoleChildrenTable {
	id: Filled<number>;
	run_id: number;
	role: Role;
	participants: Json<readonly number[]>;
}
