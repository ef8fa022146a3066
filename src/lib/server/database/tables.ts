import type { Selectable } from 'kysely';
import type {
	BundlePartTable,
	BundleTable,
	ErrandTable,
	OfferTable,
	PriceTable,
	PurchaseTable,
	StopTable,
	WantedTable
} from './tables/buying.ts';
import type {
	ChangeRowTable,
	ChangeTable,
	ImportDraftTable,
	OperationTable,
	StateTable
} from './tables/history.ts';
import type {
	HouseholdTable,
	OccasionTable,
	PersonTable,
	PlaceStopTable,
	PlaceTable,
	QuietTable,
	SupplierTable
} from './tables/house.ts';
import type {
	ActivityResourceTable,
	LentPieceTable,
	LoanTable,
	ResourceTable,
	ResourceUseTable
} from './tables/library.ts';
import type {
	ActivityTable,
	BlockedTable,
	GoalTable,
	LessonTable,
	PageRangeTable,
	RunParticipantTable,
	RunTable,
	SessionTable,
	SpineTable,
	TaskTable,
	UnitTable
} from './tables/plan.ts';
import type { NeedStateTable, SittingTable, StreamHabitTable, SupplyLineTable } from './tables/readiness.ts';
import type {
	ItemAliasTable,
	ItemTable,
	KitPartTable,
	LotEventTable,
	LotTable,
	SubstituteTable
} from './tables/stash.ts';

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
