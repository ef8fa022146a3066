import type { Generated } from 'kysely';
import type { Day } from '$core/calendar';
import type { CopyingRight, ResourceKind, ResourceRole } from '$core/library';
import type { Bit } from './columns.ts';
import type { Json } from '../json.ts';

/** A book or any other thing of the library, ours or not. */
export interface ResourceTable {
	id: Generated<number>;
	title: string;
	/** With commas between. */
	authors: Generated<string>;
	kind: ResourceKind;
	isbn13: string | null;
	publisher: Generated<string>;
	year: number | null;
	language: Generated<string>;
	pages: number | null;
	/** What it is, in a sentence or two. */
	about: Generated<string>;
	/** With commas between. */
	topics: Generated<string>;
	from_age: number | null;
	to_age: number | null;
	/** Reading level as a school grade. */
	grade: number | null;
	/** Content notes that the household goes by, as JSON. */
	content: Generated<Json<readonly string[]>>;
	/** Paid by a charter, which wants it back. */
	charter: Generated<Bit>;
	/** It is the household's own. */
	owned: Generated<Bit>;
	copies: Generated<number>;
	place_id: number | null;
	/** Where it is borrowed or bought when it is not ours. */
	supplier_id: number | null;
	condition: Generated<string>;
	cents: number | null;
	came_from: Generated<string>;
	rights: Generated<CopyingRight>;
	players_from: number | null;
	players_to: number | null;
	pieces: number | null;
	pieces_missing: Generated<string>;
	small_parts: Generated<Bit>;
	/** Thickness of its spine as it stands on the shelf, where it was measured. */
	width_mm: number | null;
	hardcover: Generated<Bit>;
	/** Of a link: where it is, what one needs for it. */
	address: Generated<string>;
	service: Generated<string>;
	device: Generated<string>;
	minutes: number | null;
	/** The notes one would stick on its cover, a line each. */
	notes: Generated<string>;
	liked: Generated<'' | 'good' | 'all right' | 'not used'>;
	added_on: Day;
	/** The name of its picture among the household's files. */
	picture: string | null;
	/** What it is about, as a word that other books of ours with much the same inside carry, too; empty: none. */
	alike: Generated<string>;
	/** How it is to be got where it is not ours; empty: from a library, if there is one. */
	get_by: Generated<'' | 'borrow' | 'buy'>;
	/** Its pages as a PDF that is kept. */
	document_id: number | null;
}

/** A book that the guide of a run lists, as printed, and what was decided about it. */
export interface ListedBookTable {
	id: Generated<number>;
	run_id: number;
	/** Null: for the whole unit. */
	lesson_id: number | null;
	position: number;
	written: string;
	title: string;
	/** With commas between. */
	authors: Generated<string>;
	isbn13: string | null;
	kind: ResourceKind;
	role: ResourceRole | null;
	from_age: number | null;
	to_age: number | null;
	pages: number | null;
	optional: Generated<Bit>;
	note: Generated<string>;
	needs_look: Generated<Bit>;
	choice: Generated<'' | 'have' | 'borrow' | 'buy' | 'skip'>;
	/** The entry of the library that it is. */
	resource_id: number | null;
	/** Ids of the uses that the decision made. */
	uses: Generated<Json<readonly number[]>>;
	/** A like title of the library was said to be another book. */
	is_other: Generated<Bit>;
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
	id: Generated<number>;
	activity_id: number;
	resource_id: number;
}

/** A piece out of a set, lent to a tray or elsewhere; the set stays its home. */
export interface LentPieceTable {
	id: Generated<number>;
	resource_id: number;
	piece: string;
	activity_id: number | null;
	/** Where it is, in the household's words. */
	lent_to: string;
	lent_on: Day;
}

/** A resource in a lesson, and what for. */
export interface ResourceUseTable {
	id: Generated<number>;
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
	required: Generated<Bit>;
	note: Generated<string>;
}

/** A book that came from somewhere (in), or that somebody has from us (out). */
export interface LoanTable {
	id: Generated<number>;
	resource_id: number;
	direction: 'in' | 'out';
	supplier_id: number | null;
	borrower: Generated<string>;
	state: 'hold placed' | 'ready' | 'on loan' | 'back';
	placed_on: Day | null;
	/** When the hold is expected on the shelf. */
	expected_on: Day | null;
	ready_on: Day | null;
	fetched_on: Day | null;
	due_on: Day | null;
	/** How often it has been renewed. */
	renewed: Generated<number>;
	back_on: Day | null;
	note: Generated<string>;
	/** As the library's own computer calls the hold; null while it has not been told. */
	hold_number: string | null;
}
