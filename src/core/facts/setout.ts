import type { Day, Weekday } from '../calendar/index.ts';
import type { Bit, Filled } from './columns.ts';
import type { Json } from './json.ts';

/** How the household sets out; what is not said is as usual. */
export type SetOut = {
	/** The place whose boards are the activity shelf. */
	readonly shelf: number | null;
	/** Trays that may come new in a week. */
	readonly changes: number;
	/** Set anew each week, or once for a unit. */
	readonly habit: 'weekly' | 'unit';
	/** Children who take trays from it; null is all who take part in a running unit or are under six. */
	readonly users: readonly number[] | null;
	/** Days of the morning basket, and the first day of those who choose. */
	readonly basketDays: readonly Weekday[];
	readonly basketSince: Day | null;
	/** How long the book ledge is, mm. */
	readonly ledge: number | null;
	/** The place whose cushions the books of the week go to that find no room on the ledge. */
	readonly corner: number | null;
	/** When the morning begins, “09:00”; null: the day plan has no times. */
	readonly dayStart: string | null;
	/** Weekdays on which somebody is not at home in the morning, by the person’s id. */
	readonly away: Readonly<Record<string, readonly Weekday[]>>;
	/** Inner measures of the basket, mm. */
	readonly basketSize: { readonly length: number; readonly width: number; readonly height: number } | null;
};

/** A tray of the activity shelf, or a sensory bin. */
export interface TrayTable {
	id: Filled<number>;
	/** Null: of no unit. */
	run_id: number | null;
	title: string;
	along_mm: number;
	deep_mm: number;
	high_mm: number;
	skill: string;
	/** Ids of those it is right for; null is all who use the shelf. */
	children: Json<readonly number[]> | null;
	/** Ids of the lessons it belongs to; null is any week. */
	lessons: Json<readonly number[]> | null;
	/** Pieces to count when it is put back. */
	pieces: number | null;
	dangerous: Filled<Bit>;
	/** A line each. */
	steps: Filled<string>;
	stored_place_id: number | null;
	loved: Filled<Bit>;
	kind: Filled<'tray' | 'sensory'>;
	/** Of a sensory bin: what fills it, what is hidden in it, and how long it keeps. */
	base: Filled<string>;
	hidden: Filled<string>;
	keeps_days: number | null;
	/** Objects that each lie with a card of the same name. */
	matches: Filled<Json<readonly string[]>>;
}

/** A tray on a board in a week, from the left. */
export interface TrayStandingTable {
	id: Filled<number>;
	/** The first day of the week. */
	week_on: Day;
	tray_id: number;
	place_id: number;
	position: number;
}

/** Where a unit's words hang. */
export interface WallTable {
	id: Filled<number>;
	run_id: number;
	kind: 'whiteboard' | 'wall' | 'door';
	width_mm: number;
	height_mm: number;
	card_width_mm: number;
	card_height_mm: number;
	gap_mm: number;
	/** A title or timeline strip along the top: its height, 0 for none, and what stands on it. */
	strip_mm: Filled<number>;
	strip_text: Filled<string>;
}

/** A card that comes up with a lesson. */
export interface WallWordTable {
	id: Filled<number>;
	run_id: number;
	/** Null: from the first day on. */
	lesson_id: number | null;
	position: number;
	text: string;
	/** It stays to the end. */
	kept: Filled<Bit>;
	/** Nobody sees it before that day. */
	hidden_until: Day | null;
	/** The place on the board that somebody gave it, “150,118”: its corner in mm; empty for any free one. */
	spot: Filled<string>;
	/** What it means, for the back of its card; empty where nobody said. */
	meaning: Filled<string>;
}

/** A poster, map or chart that hangs from a lesson on. */
export interface WallPosterTable {
	id: Filled<number>;
	run_id: number;
	/** Null: from the first day on. */
	lesson_id: number | null;
	/** Where it is in the library. */
	resource_id: number | null;
	title: string;
	width_mm: number;
	height_mm: number;
	/** Nobody sees it before that day. */
	hidden_until: Day | null;
}

/** Something in the morning basket. */
export interface BasketPartTable {
	id: Filled<number>;
	title: string;
	resource_id: number | null;
	/** It stays, is there in one month, or keeps hands busy while one listens. */
	kind: 'stays' | 'month' | 'hands';
	/** 2027-01 */
	month: string | null;
	minutes: number;
	page_by: 'date' | 'bookmark' | null;
	first_page: number | null;
	last_page: number | null;
	a_day: Filled<number>;
	since: Day | null;
}

/** Something of a day is done. */
export interface DayTickTable {
	id: Filled<number>;
	on_day: Day;
	key: string;
}
