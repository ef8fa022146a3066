import type { Day } from '../calendar/index.ts';
import type { CopyingRight, ResourceKind, ResourceRole } from '../library/index.ts';
import type { Bit, Filled } from './columns.ts';
import type { Json } from './json.ts';

/** A book or any other thing of the library, ours or not. */
export interface ResourceTable {
	id: Filled<number>;
	title: string;
	/** With commas between. */
	authors: Filled<string>;
	kind: ResourceKind;
	isbn13: string | null;
	publisher: Filled<string>;
	year: number | null;
	language: Filled<string>;
	pages: number | null;
	/** What it is, in a sentence or two. */
	about: Filled<string>;
	/** With commas between. */
	topics: Filled<string>;
	from_age: number | null;
	to_age: number | null;
	/** Reading level as a school grade. */
	grade: number | null;
	/** Content notes that the household goes by, as JSON. */
	content: Filled<Json<readonly string[]>>;
	/** Paid by a charter, which wants it back. */
	charter: Filled<Bit>;
	/** It is the household's own. */
	owned: Filled<Bit>;
	copies: Filled<number>;
	place_id: number | null;
	/** Where it is borrowed or bought when it is not ours. */
	supplier_id: number | null;
	condition: Filled<string>;
	cents: number | null;
	came_from: Filled<string>;
	rights: Filled<CopyingRight>;
	players_from: number | null;
	players_to: number | null;
	pieces: number | null;
	pieces_missing: Filled<string>;
	small_parts: Filled<Bit>;
	/** Thickness of its spine as it stands on the shelf, where it was measured. */
	width_mm: number | null;
	hardcover: Filled<Bit>;
	/** Of a link: where it is, what one needs for it. */
	address: Filled<string>;
	service: Filled<string>;
	device: Filled<string>;
	minutes: number | null;
	/** The notes one would stick on its cover, a line each. */
	notes: Filled<string>;
	liked: Filled<'' | 'good' | 'all right' | 'not used'>;
	added_on: Day;
	/** The name of its picture among the household's files. */
	picture: string | null;
	/** What it is about, as a word that other books of ours with much the same inside carry, too; empty: none. */
	alike: Filled<string>;
	/** How it is to be got where it is not ours; empty: from a library, if there is one. */
	get_by: Filled<'' | 'borrow' | 'buy'>;
	/** Its pages as a PDF that is kept. */
	document_id: number | null;
}

/** A book that the guide of a run lists, as printed, and what was decided about it. */
export interface ListedBookTable {
	id: Filled<number>;
	run_id: number;
	/** Null: for the whole unit. */
	lesson_id: number | null;
	position: number;
	written: string;
	title: string;
	/** With commas between. */
	authors: Filled<string>;
	isbn13: string | null;
	kind: ResourceKind;
	role: ResourceRole | null;
	from_age: number | null;
	to_age: number | null;
	pages: number | null;
	optional: Filled<Bit>;
	note: Filled<string>;
	needs_look: Filled<Bit>;
	choice: Filled<'' | 'have' | 'borrow' | 'buy' | 'skip'>;
	/** The entry of the library that it is. */
	resource_id: number | null;
	/** Ids of the uses that the decision made. */
	uses: Filled<Json<readonly number[]>>;
	/** A like title of the library was said to be another book. */
	is_other: Filled<Bit>;
	/** What the library's computer said of it; null while it was not asked. */
	at_library: Json<AtLibrary> | null;
}

/** Copies that the library has of a title, and how many wait for one. */
export type AtLibrary = {
	readonly copies: number;
	readonly waiting: number;
	readonly isbn: string;
	readonly on: Day;
};

/** A resource that an activity takes together with its supplies. */
export interface ActivityResourceTable {
	id: Filled<number>;
	activity_id: number;
	resource_id: number;
}

/** A piece out of a set, lent to a tray or elsewhere; the set stays its home. */
export interface LentPieceTable {
	id: Filled<number>;
	resource_id: number;
	piece: string;
	activity_id: number | null;
	/** Where it is, in the household's words. */
	lent_to: string;
	lent_on: Day;
}

/** A resource in a lesson, and what for. */
export interface ResourceUseTable {
	id: Filled<number>;
	resource_id: number;
	lesson_id: number;
	role: ResourceRole;
	from_page: number | null;
	to_page: number | null;
	/** Ids of those it is for; null is everyone. */
	participants: Json<readonly number[]> | null;
	minutes: number | null;
	/** A parent looks at it first, for so long. */
	preview_minutes: number | null;
	required: Filled<Bit>;
	note: Filled<string>;
}

/** A book that came from somewhere (in), or that somebody has from us (out). */
export interface LoanTable {
	id: Filled<number>;
	resource_id: number;
	direction: 'in' | 'out';
	supplier_id: number | null;
	borrower: Filled<string>;
	state: 'hold placed' | 'ready' | 'on loan' | 'back';
	placed_on: Day | null;
	/** When the hold is expected on the shelf. */
	expected_on: Day | null;
	ready_on: Day | null;
	fetched_on: Day | null;
	due_on: Day | null;
	/** How often it has been renewed. */
	renewed: Filled<number>;
	back_on: Day | null;
	note: Filled<string>;
	/** As the library's own computer calls the hold; null while it has not been told. */
	hold_number: string | null;
}
