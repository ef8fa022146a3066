import type { Generated, Selectable } from 'kysely';
import type { Day, Weekday, YearDay } from '$core/calendar';
import type { Rung } from '$core/gathering';
import type { CopyingRight, ResourceKind, ResourceRole } from '$core/library';
import type { System, Unit } from '$core/measure';
import type { ActivityKind, ReadingWay, Rhythm } from '$core/plan';
import type { Stream } from '$core/readiness';
import type { Per, SupplyUse } from '$core/supplies';

/** Exact amounts are stored as text ("3/2"), lists as JSON, truth as 0 or 1, days as ISO dates. */
type Amount = string;
type Json = string;
type Flag = 0 | 1;

export type HabitKind = 'day by day' | 'a week ahead' | 'before the unit' | 'before a date';

export interface HouseholdTable {
	id: Generated<number>;
	name: string;
	zone: string;
	week_start: Weekday;
	/** A fixed day for the demo; null is the real one. */
	fixed_today: Day | null;
	measures: System;
	paper: Generated<'letter' | 'A4'>;
	/** Which steps of the first evening are done or skipped, as JSON. */
	evening: Generated<Json>;
	/** Whose public holidays are offered (ISO 3166 codes). */
	country: string | null;
	region: string | null;
	/** What makes the address of the calendar feed; null is none. */
	feed_secret: string | null;
	/** What every new unit begins with, a line each; null is the usual frame. */
	frame: string | null;
	habit: HabitKind;
	habit_date: Day | null;
	/** A count older than this many days is shown with "look again". */
	count_age_days: number;
	/** Content notes that are warned about before anything is bought or planned, as JSON. */
	content_policy: Generated<Json>;
	/** In percent, added to every price. */
	sales_tax: Generated<Amount>;
	/** The order in which sources are tried, as JSON; null is the usual one. */
	ladder: Json | null;
	/** Days that each source usually takes, as JSON, where it is not the usual time. */
	rung_days: Generated<Json>;
	/** Between these the ground is frozen: month and day ("10-15"). */
	first_frost: string | null;
	last_frost: string | null;
}

export interface PersonTable {
	id: Generated<number>;
	name: string;
	kind: 'child' | 'guest' | 'adult';
	born: Day | null;
	allergies: Json;
	/** Weekdays on which a guest is there; null is always. */
	weekdays: Json | null;
	/** How high they reach; null takes what is usual for the age. */
	reach_mm: number | null;
	/** Grade or level, in the household's own words. */
	level: Generated<string>;
	/** How far they read, in each language, as JSON. */
	reads: Generated<Json>;
}

/** A stretch in which nothing is prepared. */
export interface QuietTable {
	id: Generated<number>;
	from_on: Day;
	to_on: Day;
	reason: string;
}

export interface PlaceTable {
	id: Generated<number>;
	parent_id: number | null;
	name: string;
	kind: 'room' | 'furniture' | 'shelf' | 'box';
	/** Walking order among its neighbours. */
	position: number;
	/** Inner measures, and how high its floor is above the room's. */
	length_mm: number | null;
	width_mm: number | null;
	height_mm: number | null;
	floor_mm: number | null;
}

export interface SupplierTable {
	id: Generated<number>;
	name: string;
	kind: 'shop' | 'order' | 'friend' | 'library';
	/** Days it is open, or works on orders. */
	weekdays: Json;
	/** Working days of an order, days to ask before, days one usually waits for a hold. */
	lead_days: number;
	/** Of a library: days of a loan, how often it is renewed, days a hold is kept. */
	loan_days: Generated<number>;
	renewals: Generated<number>;
	shelf_days: Generated<number>;
	position: number;
	/** Of a shop: its delivery or parking, paid once a purchase, and from which sum on it is free. */
	fee_cents: Generated<number>;
	free_over_cents: number | null;
	/** For so many days it takes things back. */
	return_days: number | null;
}

export interface ItemTable {
	id: Generated<number>;
	name: string;
	name_key: string;
	use: SupplyUse;
	/** Always left for the kitchen. */
	keep_back: Amount | null;
	keep_back_unit: Unit | null;
	/** Days it keeps; null when it does not perish. */
	keeps_days: number | null;
	supplier_id: number | null;
	/** Below this it is said to run low. */
	low_level: Amount | null;
	low_unit: Unit | null;
	/** Its own order of sources, as JSON; null is as its usual source and the household say. */
	ladder: Json | null;
	/** Days that it grows, hatches or stands before it can be used. */
	start_days: number | null;
	/** "open ground": can be gathered only while the ground is not frozen. */
	season: Generated<'' | 'open ground'>;
	/** What one of it costs to make, and how long that takes. */
	make_cents: number | null;
	make_minutes: number | null;
}

/** Another name that the household uses for an item. */
export interface ItemAliasTable {
	id: Generated<number>;
	item_id: number;
	name: string;
	name_key: string;
}

/** What happened to a lot: counted, added, moved, used, opened. */
export interface LotEventTable {
	id: Generated<number>;
	item_id: number;
	lot_id: number | null;
	on_day: Day;
	/** Moved is to a place, came is from one: two sides of one moving. */
	kind: 'added' | 'counted' | 'moved' | 'came' | 'used' | 'opened' | 'bought' | 'lost' | 'returned';
	amount: Amount;
	unit: Unit;
	/** The place as it was called then. */
	place: string;
}

export interface LotTable {
	id: Generated<number>;
	item_id: number;
	amount: Amount;
	unit: Unit;
	place_id: number | null;
	good_until: Day | null;
	counted_on: Day;
	opened_on: Day | null;
	/** Of a kit: for how many makings it was when it was full. */
	kit_of: number | null;
	/** The name of its picture among the household's files. */
	picture: string | null;
}

export interface UnitTable {
	id: Generated<number>;
	name: string;
}

export interface RunTable {
	id: Generated<number>;
	unit_id: number;
	name: string;
	state: 'collecting' | 'running' | 'put away';
	start_on: Day | null;
	end_on: Day | null;
	weekdays: Json;
	keep_free: number;
	/** Null takes the household's habit. */
	habit: HabitKind | null;
	habit_date: Day | null;
	collecting_place_id: number | null;
	copied_from: number | null;
	rhythm: Generated<Rhythm>;
	/** Days of a topic, reading days after a lesson, or lessons a day, as the rhythm says. */
	rhythm_days: Generated<number>;
	/** The most the family takes in a week, by name, as JSON. */
	limits: Generated<Json>;
}

export interface RunParticipantTable {
	id: Generated<number>;
	run_id: number;
	person_id: number;
}

export interface BlockedTable {
	id: Generated<number>;
	run_id: number;
	from_on: Day;
	to_on: Day;
	reason: string;
}

export interface LessonTable {
	id: Generated<number>;
	run_id: number;
	position: number;
	title: string;
	note: string;
	optional: Flag;
	sessions: number;
	topic: Generated<string>;
	objective: Generated<string>;
	/** Words and questions, one on each line. */
	vocabulary: Generated<string>;
	questions: Generated<string>;
	minutes: number | null;
	/** More for older children, and for whom (ids). */
	extension: Generated<string>;
	extension_for: Generated<Json>;
	/** Where the lesson begins in the book whose contents it comes from. */
	first_page: number | null;
}

/** Something to do beside the lesson itself: in a lesson, on a day of its own, or (neither) in the pool. */
export interface ActivityTable {
	id: Generated<number>;
	run_id: number;
	lesson_id: number | null;
	day: Day | null;
	title: string;
	kind: ActivityKind;
	standing: Generated<'required' | 'extra' | 'do without'>;
	minutes: number;
	/** An adult is needed all the time. */
	adult: Generated<Flag>;
	/** 0 clean … 3 very messy. */
	mess: Generated<number>;
	cents: Generated<number>;
	/** How much the family wants it, 1 to 5. */
	worth: Generated<number>;
	/** Ids of those it is for; null is everyone. */
	participants: Json | null;
	from_age: number | null;
	to_age: number | null;
	/** Subjects it counts for, with commas. */
	subjects: Generated<string>;
	weather: Generated<string>;
	start_days_before: Generated<number>;
	/** An easier way, and its minutes. */
	instead: Generated<string>;
	instead_minutes: number | null;
	/** How often it is done in all, and how often it has been. */
	times: Generated<number>;
	daily: Generated<Flag>;
	done: Generated<number>;
	note: Generated<string>;
	/** An older child who helps the younger ones with it. */
	helper_id: number | null;
}

/** A book that carries the unit. */
export interface SpineTable {
	id: Generated<number>;
	run_id: number;
	position: number;
	title: string;
	counted: 'pages' | 'chapters';
	first_page: number;
	last_page: number;
	words_per_page: number | null;
	state: Generated<'in use' | 'set aside'>;
	/** The last page that has been read. */
	reached: number | null;
	/** The book of the library that it is. */
	resource_id: number | null;
	/** On which days it is read. */
	read_on: Generated<'lessons' | 'weekdays' | 'every day'>;
}

/** Pages of a spine in a lesson: a flag. */
export interface PageRangeTable {
	id: Generated<number>;
	spine_id: number;
	lesson_id: number;
	from_page: number;
	to_page: number;
	way: ReadingWay;
	participants: Json | null;
	minutes: number | null;
	note: Generated<string>;
}

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
	content: Generated<Json>;
	/** Paid by a charter, which wants it back. */
	charter: Generated<Flag>;
	/** It is the household's own. */
	owned: Generated<Flag>;
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
	small_parts: Generated<Flag>;
	/** Thickness of its spine as it stands on the shelf, where it was measured. */
	width_mm: number | null;
	hardcover: Generated<Flag>;
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
}

/** A pack of an item in a shop, at the price that was seen last. */
export interface OfferTable {
	id: Generated<number>;
	item_id: number;
	supplier_id: number;
	size: Amount;
	unit: Unit;
	cents: number;
	seen_on: Day;
	/** Where it stands in the shop. */
	aisle: Generated<string>;
	standing: Generated<'usual' | 'preferred' | 'excluded'>;
	/** Why it is preferred or excluded. */
	why: Generated<string>;
	/** The most packs of it that can be bought. */
	most_packs: number | null;
}

/** What a pack cost before. */
export interface PriceTable {
	id: Generated<number>;
	offer_id: number;
	on_day: Day;
	cents: number;
}

/** What was really bought and paid. */
export interface PurchaseTable {
	id: Generated<number>;
	item_id: number;
	supplier_id: number | null;
	run_id: number | null;
	on_day: Day;
	amount: Amount;
	unit: Unit;
	cents: number;
	/** A charter or somebody else pays it back. */
	reimbursable: Generated<Flag>;
	/** The first lesson that it was bought for. */
	lesson_id: number | null;
	/** The lot that it came into. */
	lot_id: number | null;
	/** The last day on which the shop takes it back, and when it did. */
	return_by: Day | null;
	returned_on: Day | null;
}

/** What can be taken instead of an item: so much of the other for so much of it. */
export interface SubstituteTable {
	id: Generated<number>;
	item_id: number;
	other_id: number;
	amount: Amount;
	unit: Unit;
	other_amount: Amount;
	other_unit: Unit;
}

/** A kind of piece in a kit: for one making, and as counted last. */
export interface KitPartTable {
	id: Generated<number>;
	lot_id: number;
	name: string;
	each: Amount;
	there: Amount;
}

/** Several things sold together. */
export interface BundleTable {
	id: Generated<number>;
	supplier_id: number;
	name: string;
	cents: number;
	seen_on: Day;
}

export interface BundlePartTable {
	id: Generated<number>;
	bundle_id: number;
	item_id: number;
	amount: Amount;
	unit: Unit;
}

/** Packs, or a bundle, on the list that is taken to a shop. */
export interface ErrandTable {
	id: Generated<number>;
	offer_id: number | null;
	bundle_id: number | null;
	count: number;
	/** Keys of the needs that they serve, with spaces between. */
	keys: string;
	/** What they are expected to cost together, tax included. */
	cents: number;
	done_on: Day | null;
}

/** An aisle in which something was ticked, in the order of the ticks. */
export interface StopTable {
	id: Generated<number>;
	supplier_id: number;
	on_day: Day;
	aisle: string;
}

/** A day on which somebody may give something: of every year ("12-24") or of one ("2027-03-20"). */
export interface OccasionTable {
	id: Generated<number>;
	name: string;
	day: YearDay;
}

/** A place in which something was found, in the order of the ticks. */
export interface PlaceStopTable {
	id: Generated<number>;
	place_id: number;
	on_day: Day;
}

/** Something to look out for, over months and years. */
export interface WantedTable {
	id: Generated<number>;
	what: string;
	run_id: number | null;
	person_id: number | null;
	/** The most one would pay. */
	most_cents: number | null;
	/** Where to look for it. */
	look_at: Generated<string>;
	noted_on: Day;
	found_on: Day | null;
	found_cents: number | null;
}

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
	participants: Json | null;
	minutes: number | null;
	/** A parent looks at it first, for so long. */
	preview_minutes: number | null;
	required: Generated<Flag>;
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

/** Work of one child's own in a lesson. */
export interface TaskTable {
	id: Generated<number>;
	lesson_id: number;
	person_id: number;
	text: string;
	minutes: number | null;
	done: Generated<Flag>;
	/** What it is this child's part of; null is the lesson itself. */
	activity_id: number | null;
}

/** What a child is to come to in this run. */
export interface GoalTable {
	id: Generated<number>;
	run_id: number;
	person_id: number;
	text: string;
}

export interface SessionTable {
	id: Generated<number>;
	lesson_id: number;
	/** From 1. */
	ordinal: number;
	outcome: 'taught' | 'partly taught' | 'skipped';
	held_on: Day;
}

export interface SupplyLineTable {
	id: Generated<number>;
	/** Of a lesson, or of an activity. */
	lesson_id: number | null;
	activity_id: number | null;
	position: number;
	/** The line as the book prints it. */
	written: string;
	item_id: number;
	/** Null: some, and nobody has said how much. */
	quantity: Amount | null;
	quantity_to: Amount | null;
	unit: Unit;
	per: Per;
	group_size: number | null;
	optional: Flag;
	alternatives: Json;
	note: string | null;
	needs_look: Flag;
	use: SupplyUse;
	out_until: Day | null;
	spare: Generated<Amount>;
	/** Ids of those who take part; null is everyone of the run. */
	participants: Json | null;
	prepare_minutes: number | null;
	prepare_wait_days: Generated<number>;
	/** Which day of its lesson wants it, from 1. */
	session: Generated<number>;
	/** Served before or after all others that want the same, whatever their day. */
	claim: 'first' | 'last' | null;
}

export interface NeedStateTable {
	id: Generated<number>;
	key: string;
	run_id: number;
	decision: 'do without' | null;
	supplier_id: number | null;
	/** Unit of the four amounts. */
	unit: Unit | null;
	arranged: Generated<Amount>;
	found: Generated<Amount>;
	prepared: Generated<Amount>;
	out: Generated<Amount>;
	promised: Day | null;
	note: string | null;
	/** The adult who does the next step. */
	person_id: number | null;
	/** The source that it was moved to. */
	rung: Rung | null;
}

/** How far ahead one stream is made ready, for one run or (null) for the household. */
export interface StreamHabitTable {
	id: Generated<number>;
	run_id: number | null;
	stream: Stream;
	kind: HabitKind;
	date: Day | null;
}

/** A file that was brought in and waits for its confirmation. */
export interface ImportDraftTable {
	id: Generated<number>;
	name: string;
	text: string;
	/** What is to be said about how it was read. */
	note: string;
	at: string;
}

export interface SittingTable {
	id: Generated<number>;
	held_on: Day;
	minutes: number;
}

export interface ChangeTable {
	id: Generated<number>;
	revision: number;
	kind: 'do' | 'undo' | 'redo';
	/** The change that an undo or redo is about. */
	target_id: number | null;
	label: string;
	actor: string | null;
	device: string;
	/** ISO time, from the real clock. */
	at: string;
	undone: Flag;
}

export interface ChangeRowTable {
	id: Generated<number>;
	change_id: number;
	table_name: string;
	row_id: number;
	before: string | null;
	after: string | null;
}

export interface OperationTable {
	id: string;
	device: string;
	result: string;
	at: string;
}

export interface StateTable {
	id: number;
	revision: number;
	current_change: number | null;
}

export interface Database {
	household: HouseholdTable;
	person: PersonTable;
	place: PlaceTable;
	supplier: SupplierTable;
	item: ItemTable;
	lot: LotTable;
	unit: UnitTable;
	run: RunTable;
	run_participant: RunParticipantTable;
	blocked: BlockedTable;
	lesson: LessonTable;
	activity: ActivityTable;
	spine: SpineTable;
	resource: ResourceTable;
	resource_use: ResourceUseTable;
	loan: LoanTable;
	activity_resource: ActivityResourceTable;
	lent_piece: LentPieceTable;
	offer: OfferTable;
	price: PriceTable;
	purchase: PurchaseTable;
	wanted: WantedTable;
	substitute: SubstituteTable;
	kit_part: KitPartTable;
	bundle: BundleTable;
	bundle_part: BundlePartTable;
	errand: ErrandTable;
	stop: StopTable;
	occasion: OccasionTable;
	place_stop: PlaceStopTable;
	page_range: PageRangeTable;
	task: TaskTable;
	goal: GoalTable;
	session: SessionTable;
	supply_line: SupplyLineTable;
	need_state: NeedStateTable;
	sitting: SittingTable;
	quiet: QuietTable;
	item_alias: ItemAliasTable;
	lot_event: LotEventTable;
	stream_habit: StreamHabitTable;
	import_draft: ImportDraftTable;
	change: ChangeTable;
	change_row: ChangeRowTable;
	operation: OperationTable;
	state: StateTable;
}

export type Row<T extends keyof Database> = Selectable<Database[T]>;

/** Tables whose rows undo brings back. */
export const TRACKED = [
	'household',
	'person',
	'place',
	'supplier',
	'item',
	'lot',
	'unit',
	'run',
	'run_participant',
	'blocked',
	'lesson',
	'session',
	'supply_line',
	'need_state',
	'sitting',
	'quiet',
	'item_alias',
	'lot_event',
	'stream_habit',
	'activity',
	'spine',
	'page_range',
	'task',
	'goal',
	'resource',
	'resource_use',
	'loan',
	'activity_resource',
	'lent_piece',
	'offer',
	'price',
	'purchase',
	'wanted',
	'substitute',
	'kit_part',
	'bundle',
	'bundle_part',
	'errand',
	'stop',
	'occasion',
	'place_stop'
] as const satisfies readonly (keyof Database)[];
