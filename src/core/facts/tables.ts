import type { Columns } from './columns.ts';
import type { BinderTable } from './binders.ts';
import type {
	BoxedThingTable,
	BoxDetailTable,
	BoxLayoutTable,
	MovingTable,
	UnitThingTable,
	OpeningBoxTable,
	OpeningThingTable
} from './boxes.ts';
import type {
	OfferTable,
	PriceTable,
	PurchaseTable,
	WantedTable,
	BundleTable,
	BundlePartTable,
	ErrandTable,
	StopTable
} from './buying.ts';
import type {
	HouseholdTable,
	PersonTable,
	PlaceTable,
	SupplierTable,
	OccasionTable,
	PlaceStopTable,
	QuietTable
} from './house.ts';
import type {
	ResourceTable,
	ResourceUseTable,
	LoanTable,
	ActivityResourceTable,
	LentPieceTable,
	ListedBookTable
} from './library.ts';
import type {
	UnitTable,
	RunTable,
	RunParticipantTable,
	BlockedTable,
	LessonTable,
	ActivityTable,
	SpineTable,
	PageRangeTable,
	TaskTable,
	GoalTable,
	SessionTable
} from './plan.ts';
import type { SittingSeriesTable, SittingTable, PrepJobTable, OwnJobTable } from './prepare.ts';
import type {
	DocumentTable,
	DocumentPageTable,
	PrintSourceTable,
	PrintTable,
	PrintRunTable,
	RoleChildrenTable
} from './print.ts';
import type { SupplyLineTable, NeedStateTable, StreamHabitTable } from './readiness.ts';
import type {
	TrayTable,
	TrayStandingTable,
	WallTable,
	WallWordTable,
	WallPosterTable,
	BasketPartTable,
	DayTickTable
} from './setout.ts';
import type {
	ItemTable,
	LotTable,
	SubstituteTable,
	KitPartTable,
	StatementTable,
	NotHereTable,
	ItemAliasTable,
	LotEventTable
} from './stash.ts';

/** What is kept of a household, by table. */
export interface Tables {
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
	document: DocumentTable;
	document_page: DocumentPageTable;
	print_source: PrintSourceTable;
	print: PrintTable;
	print_run: PrintRunTable;
	role_children: RoleChildrenTable;
	activity_resource: ActivityResourceTable;
	lent_piece: LentPieceTable;
	listed_book: ListedBookTable;
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
	statement: StatementTable;
	not_here: NotHereTable;
	page_range: PageRangeTable;
	task: TaskTable;
	goal: GoalTable;
	session: SessionTable;
	supply_line: SupplyLineTable;
	need_state: NeedStateTable;
	sitting: SittingTable;
	sitting_series: SittingSeriesTable;
	prep_job: PrepJobTable;
	own_job: OwnJobTable;
	binder: BinderTable;
	boxed_thing: BoxedThingTable;
	box_detail: BoxDetailTable;
	box_layout: BoxLayoutTable;
	moving: MovingTable;
	unit_thing: UnitThingTable;
	opening_box: OpeningBoxTable;
	opening_thing: OpeningThingTable;
	tray: TrayTable;
	tray_standing: TrayStandingTable;
	wall: WallTable;
	wall_word: WallWordTable;
	wall_poster: WallPosterTable;
	basket_part: BasketPartTable;
	day_tick: DayTickTable;
	quiet: QuietTable;
	item_alias: ItemAliasTable;
	lot_event: LotEventTable;
	stream_habit: StreamHabitTable;
}

/** A row as it is read. */
export type Row<T extends keyof Tables> = Columns<Tables[T]>;

/**
 * Every table whose rows undo brings back. Those with a list stand under its name in the snapshot, in the order of
 * these columns; of the household there is one row, and the history of lots is only read for one of them.
 */
export const KEPT = {
	household: { list: null, order: ['id'] },
	person: { list: 'people', order: ['id'] },
	place: { list: 'places', order: ['position', 'id'] },
	supplier: { list: 'suppliers', order: ['position', 'id'] },
	item: { list: 'items', order: ['id'] },
	lot: { list: 'lots', order: ['id'] },
	unit: { list: 'units', order: ['id'] },
	run: { list: 'runs', order: ['id'] },
	run_participant: { list: 'participants', order: ['id'] },
	blocked: { list: 'blocked', order: ['from_on', 'id'] },
	lesson: { list: 'lessons', order: ['position', 'id'] },
	session: { list: 'sessions', order: ['ordinal', 'id'] },
	supply_line: { list: 'lines', order: ['position', 'id'] },
	need_state: { list: 'needStates', order: ['id'] },
	sitting: { list: 'sittings', order: ['held_on', 'id'] },
	sitting_series: { list: 'sittingSeries', order: ['id'] },
	prep_job: { list: 'prepJobs', order: ['id'] },
	own_job: { list: 'ownJobs', order: ['id'] },
	binder: { list: 'binders', order: ['id'] },
	boxed_thing: { list: 'boxedThings', order: ['id'] },
	box_detail: { list: 'boxDetails', order: ['id'] },
	box_layout: { list: 'boxLayouts', order: ['id'] },
	moving: { list: 'movings', order: ['id'] },
	unit_thing: { list: 'unitThings', order: ['id'] },
	opening_box: { list: 'openingBoxes', order: ['id'] },
	opening_thing: { list: 'openingThings', order: ['id'] },
	tray: { list: 'trays', order: ['id'] },
	tray_standing: { list: 'trayStandings', order: ['week_on', 'position', 'id'] },
	wall: { list: 'walls', order: ['id'] },
	wall_word: { list: 'wallWords', order: ['position', 'id'] },
	wall_poster: { list: 'wallPosters', order: ['id'] },
	basket_part: { list: 'basketParts', order: ['id'] },
	day_tick: { list: 'dayTicks', order: ['id'] },
	quiet: { list: 'quiet', order: ['from_on', 'id'] },
	item_alias: { list: 'aliases', order: ['id'] },
	lot_event: { list: null, order: ['id'] },
	stream_habit: { list: 'streamHabits', order: ['id'] },
	activity: { list: 'activities', order: ['id'] },
	spine: { list: 'spines', order: ['position', 'id'] },
	page_range: { list: 'ranges', order: ['from_page', 'id'] },
	task: { list: 'tasks', order: ['id'] },
	goal: { list: 'goals', order: ['id'] },
	resource: { list: 'resources', order: ['id'] },
	resource_use: { list: 'uses', order: ['id'] },
	loan: { list: 'loans', order: ['id'] },
	activity_resource: { list: 'activityResources', order: ['id'] },
	lent_piece: { list: 'lentPieces', order: ['id'] },
	listed_book: { list: 'listedBooks', order: ['position', 'id'] },
	offer: { list: 'offers', order: ['id'] },
	price: { list: 'prices', order: ['on_day', 'id'] },
	purchase: { list: 'purchases', order: ['on_day', 'id'] },
	wanted: { list: 'wanted', order: ['id'] },
	substitute: { list: 'substitutes', order: ['id'] },
	kit_part: { list: 'kitParts', order: ['id'] },
	bundle: { list: 'bundles', order: ['id'] },
	bundle_part: { list: 'bundleParts', order: ['id'] },
	errand: { list: 'errands', order: ['id'] },
	stop: { list: 'stops', order: ['id'] },
	occasion: { list: 'occasions', order: ['id'] },
	place_stop: { list: 'placeStops', order: ['id'] },
	statement: { list: 'statements', order: ['id'] },
	not_here: { list: 'notHere', order: ['id'] },
	document: { list: 'documents', order: ['id'] },
	print_source: { list: 'printSources', order: ['position', 'id'] },
	print: { list: 'prints', order: ['id'] },
	print_run: { list: 'printRuns', order: ['id'] },
	role_children: { list: 'roleChildren', order: ['id'] }
} as const satisfies {
	readonly [T in keyof Tables]?: { readonly list: string | null; readonly order: readonly string[] };
};

type Kept = typeof KEPT;
export type TrackedTable = keyof Kept;
export const TRACKED = Object.keys(KEPT) as readonly TrackedTable[];

/** The rows of the tables that have a list in the snapshot, by its name. */
export type Lists = {
	readonly [T in TrackedTable as Kept[T]['list'] extends string ? Kept[T]['list'] : never]: readonly Row<T>[];
};
