import { sql, type Kysely, type Migration } from 'kysely';

/** Runs statements one by one; the driver takes one at a time. */
async function run(db: Kysely<unknown>, statements: string) {
	// A trigger holds statements of its own, up to its end.
	for (const statement of statements.match(/\s*create trigger[\s\S]*?\bend;|[^;]*[^;\s][^;]*;/g) ?? []) {
		await sql.raw(statement).execute(db);
	}
}

const first: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
create table household (
	id integer primary key check (id = 1), name text not null, zone text not null,
	week_start integer not null check (week_start between 1 and 7), fixed_today text,
	measures text not null check (measures in ('us', 'metric')),
	habit text not null, habit_date text, count_age_days integer not null
) strict;
create table person (
	id integer primary key autoincrement, name text not null,
	kind text not null check (kind in ('child', 'guest', 'adult')), born text,
	allergies text not null default '[]', weekdays text
) strict;
create table place (
	id integer primary key autoincrement, parent_id integer references place(id), name text not null,
	kind text not null check (kind in ('room', 'furniture', 'shelf', 'box')), position integer not null
) strict;
create index place_parent on place(parent_id);
create table supplier (
	id integer primary key autoincrement, name text not null,
	kind text not null check (kind in ('shop', 'order', 'friend')), weekdays text not null,
	lead_days integer not null, position integer not null
) strict;
create table item (
	id integer primary key autoincrement, name text not null, name_key text not null unique,
	use text not null check (use in ('consumed', 'kept')), keep_back text, keep_back_unit text,
	keeps_days integer, supplier_id integer references supplier(id)
) strict;
create table lot (
	id integer primary key autoincrement, item_id integer not null references item(id), amount text not null,
	unit text not null, place_id integer references place(id), good_until text, counted_on text not null
) strict;
create index lot_item on lot(item_id);
create index lot_place on lot(place_id);
create table unit (id integer primary key autoincrement, name text not null) strict;
create table run (
	id integer primary key autoincrement, unit_id integer not null references unit(id), name text not null,
	state text not null check (state in ('collecting', 'running', 'put away')), start_on text, end_on text,
	weekdays text not null, keep_free integer not null default 0, habit text, habit_date text,
	collecting_place_id integer references place(id), copied_from integer references run(id)
) strict;
create index run_unit on run(unit_id);
create table run_participant (
	id integer primary key autoincrement, run_id integer not null references run(id),
	person_id integer not null references person(id), unique (run_id, person_id)
) strict;
create table blocked (
	id integer primary key autoincrement, run_id integer not null references run(id),
	from_on text not null, to_on text not null, reason text not null
) strict;
create index blocked_run on blocked(run_id);
create table lesson (
	id integer primary key autoincrement, run_id integer not null references run(id), position integer not null,
	title text not null, note text not null default '', optional integer not null default 0,
	sessions integer not null default 1 check (sessions >= 1)
) strict;
create index lesson_run on lesson(run_id, position);
create table session (
	id integer primary key autoincrement, lesson_id integer not null references lesson(id),
	ordinal integer not null, outcome text not null check (outcome in ('taught', 'partly taught', 'skipped')),
	held_on text not null, unique (lesson_id, ordinal)
) strict;
create table supply_line (
	id integer primary key autoincrement, lesson_id integer not null references lesson(id),
	position integer not null, written text not null, item_id integer not null references item(id),
	quantity text, quantity_to text, unit text not null,
	per text not null check (per in ('family', 'child', 'pair', 'group')), group_size integer,
	optional integer not null default 0, alternatives text not null default '[]', note text,
	needs_look integer not null default 0, use text not null check (use in ('consumed', 'kept')),
	out_until text, spare text not null default '0', participants text,
	prepare_minutes integer, prepare_wait_days integer not null default 0
) strict;
create index supply_line_lesson on supply_line(lesson_id, position);
create index supply_line_item on supply_line(item_id);
create table need_state (
	id integer primary key autoincrement, key text not null unique, run_id integer not null references run(id),
	decision text check (decision in ('do without')), supplier_id integer references supplier(id),
	unit text, arranged text not null default '0', found text not null default '0', prepared text not null default '0',
	out text not null default '0', promised text, note text
) strict;
create index need_state_run on need_state(run_id);
create table sitting (id integer primary key autoincrement, held_on text not null, minutes integer not null) strict;
create table change (
	id integer primary key autoincrement, revision integer not null,
	kind text not null check (kind in ('do', 'undo', 'redo')), target_id integer, label text not null,
	actor text, device text not null, at text not null, undone integer not null default 0
) strict;
create index change_device on change(device, id);
create table change_row (
	id integer primary key autoincrement, change_id integer not null references change(id) on delete cascade,
	table_name text not null, row_id integer not null, before text, after text
) strict;
create index change_row_change on change_row(change_id);
create table operation (id text primary key, device text not null, result text not null, at text not null) strict;
create table state (id integer primary key check (id = 1), revision integer not null, current_change integer) strict;
insert into state (id, revision) values (1, 0);
`
		)
};

const house: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table person add column reach_mm integer;
create table quiet (
	id integer primary key autoincrement, from_on text not null, to_on text not null, reason text not null
) strict;
alter table place add column length_mm integer;
alter table place add column width_mm integer;
alter table place add column height_mm integer;
alter table place add column floor_mm integer;
alter table lot add column opened_on text;
alter table item add column low_level text;
alter table item add column low_unit text;
create table item_alias (
	id integer primary key autoincrement, item_id integer not null references item(id), name text not null,
	name_key text not null unique
) strict;
create index item_alias_item on item_alias(item_id);
create table lot_event (
	id integer primary key autoincrement, item_id integer not null references item(id), lot_id integer,
	on_day text not null, kind text not null, amount text not null, unit text not null, place text not null
) strict;
create index lot_event_item on lot_event(item_id);
`
		)
};

const evening: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table household add column paper text not null default 'letter' check (paper in ('letter', 'A4'));
alter table household add column evening text not null default '{}';
alter table need_state add column person_id integer references person(id);
create table stream_habit (
	id integer primary key autoincrement, run_id integer references run(id),
	stream text not null check (stream in ('books', 'copies', 'supplies', 'setting')),
	kind text not null, date text
) strict;
create unique index stream_habit_of on stream_habit(coalesce(run_id, 0), stream);
create table supplier_with_libraries (
	id integer primary key autoincrement, name text not null,
	kind text not null check (kind in ('shop', 'order', 'friend', 'library')), weekdays text not null,
	lead_days integer not null, position integer not null
) strict;
insert into supplier_with_libraries select id, name, kind, weekdays, lead_days, position from supplier;
drop table supplier;
alter table supplier_with_libraries rename to supplier;
create table import_draft (
	id integer primary key autoincrement, name text not null, text text not null, note text not null, at text not null
) strict;
`
		)
};

const calendar: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table household add column country text;
alter table household add column region text;
alter table household add column feed_secret text;
`
		)
};

const plan: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table run add column rhythm text not null default 'fixed days'
	check (rhythm in ('fixed days', 'topics', 'reading between', 'fast', 'checklist'));
alter table run add column rhythm_days integer not null default 1;
alter table run add column limits text not null default '{}';
alter table lesson add column topic text not null default '';
alter table lesson add column objective text not null default '';
alter table lesson add column vocabulary text not null default '';
alter table lesson add column questions text not null default '';
alter table lesson add column minutes integer;
alter table lesson add column extension text not null default '';
alter table lesson add column extension_for text not null default '[]';
alter table lesson add column first_page integer;
alter table person add column level text not null default '';
alter table household add column frame text;
create table activity (
	id integer primary key autoincrement, run_id integer not null references run(id),
	lesson_id integer references lesson(id), day text, title text not null, kind text not null,
	standing text not null default 'extra' check (standing in ('required', 'extra', 'do without')),
	minutes integer not null, adult integer not null default 0, mess integer not null default 0,
	cents integer not null default 0, worth integer not null default 3, participants text, from_age integer,
	to_age integer, subjects text not null default '', weather text not null default '',
	start_days_before integer not null default 0, instead text not null default '', instead_minutes integer,
	times integer not null default 1, daily integer not null default 0, done integer not null default 0,
	note text not null default ''
) strict;
create index activity_run on activity(run_id);
create table spine (
	id integer primary key autoincrement, run_id integer not null references run(id), position integer not null,
	title text not null, counted text not null check (counted in ('pages', 'chapters')), first_page integer not null,
	last_page integer not null, words_per_page integer, state text not null default 'in use'
	check (state in ('in use', 'set aside')), reached integer,
	read_on text not null default 'lessons' check (read_on in ('lessons', 'weekdays', 'every day'))
) strict;
create index spine_run on spine(run_id);
create table page_range (
	id integer primary key autoincrement, spine_id integer not null references spine(id),
	lesson_id integer not null references lesson(id), from_page integer not null, to_page integer not null,
	way text not null check (way in ('read aloud', 'read alone', 'look at', 'skip')), participants text,
	minutes integer, note text not null default ''
) strict;
create index page_range_spine on page_range(spine_id);
create table task (
	id integer primary key autoincrement, lesson_id integer not null references lesson(id),
	person_id integer not null references person(id), text text not null, minutes integer, done integer not null default 0
) strict;
create table goal (
	id integer primary key autoincrement, run_id integer not null references run(id),
	person_id integer not null references person(id), text text not null
) strict;
create table supply_line_of_activities (
	id integer primary key autoincrement, lesson_id integer references lesson(id),
	activity_id integer references activity(id), position integer not null, written text not null,
	item_id integer not null references item(id), quantity text, quantity_to text, unit text not null,
	per text not null check (per in ('family', 'child', 'pair', 'group')), group_size integer,
	optional integer not null default 0, alternatives text not null default '[]', note text, needs_look integer not null default 0,
	use text not null check (use in ('consumed', 'kept')), out_until text, spare text not null default '0',
	participants text, prepare_minutes integer, prepare_wait_days integer not null default 0,
	session integer not null default 1, check ((lesson_id is null) <> (activity_id is null))
) strict;
insert into supply_line_of_activities select id, lesson_id, null, position, written, item_id, quantity, quantity_to,
	unit, per, group_size, optional, alternatives, note, needs_look, use, out_until, spare, participants,
	prepare_minutes, prepare_wait_days, 1 from supply_line;
drop table supply_line;
alter table supply_line_of_activities rename to supply_line;
create index supply_line_lesson on supply_line(lesson_id, position);
create index supply_line_activity on supply_line(activity_id);
create index supply_line_item on supply_line(item_id);
`
		)
};

const children: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table person add column reads text not null default '[]';
alter table activity add column helper_id integer references person(id);
alter table task add column activity_id integer references activity(id);
`
		)
};

const library: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table supplier add column loan_days integer not null default 21;
alter table supplier add column renewals integer not null default 1;
alter table supplier add column shelf_days integer not null default 7;
create table resource (
	id integer primary key autoincrement, title text not null, authors text not null default '',
	kind text not null, isbn13 text, publisher text not null default '', year integer,
	language text not null default '', pages integer, about text not null default '', topics text not null default '',
	from_age integer, to_age integer, grade real, content text not null default '[]',
	charter integer not null default 0, owned integer not null default 1, copies integer not null default 1,
	place_id integer references place(id), supplier_id integer references supplier(id),
	condition text not null default '', cents integer, came_from text not null default '',
	rights text not null default 'own family', players_from integer, players_to integer, pieces integer,
	pieces_missing text not null default '', small_parts integer not null default 0, width_mm real,
	hardcover integer not null default 0, address text not null default '', service text not null default '',
	device text not null default '', minutes integer, notes text not null default '',
	liked text not null default '', added_on text not null
) strict;
create index resource_isbn on resource(isbn13);
create index resource_place on resource(place_id);
create virtual table resource_words using fts5(
	title, authors, topics, notes, content='', contentless_delete=1,
	tokenize="unicode61 remove_diacritics 2", prefix='2 3'
);
create virtual table resource_terms using fts5vocab(resource_words, row);
create trigger resource_words_insert after insert on resource begin
	insert into resource_words (rowid, title, authors, topics, notes)
	values (new.id, new.title, new.authors, new.topics, new.notes || ' ' || new.about);
end;
create trigger resource_words_delete after delete on resource begin
	delete from resource_words where rowid = old.id;
end;
create trigger resource_words_update after update of title, authors, topics, notes, about on resource begin
	delete from resource_words where rowid = old.id;
	insert into resource_words (rowid, title, authors, topics, notes)
	values (new.id, new.title, new.authors, new.topics, new.notes || ' ' || new.about);
end;
create table resource_use (
	id integer primary key autoincrement, resource_id integer not null references resource(id),
	lesson_id integer not null references lesson(id), role text not null, from_page integer, to_page integer,
	participants text, minutes integer, preview_minutes integer, required integer not null default 1,
	note text not null default ''
) strict;
create index resource_use_resource on resource_use(resource_id);
create index resource_use_lesson on resource_use(lesson_id);
create table loan (
	id integer primary key autoincrement, resource_id integer not null references resource(id),
	direction text not null check (direction in ('in', 'out')), supplier_id integer references supplier(id),
	borrower text not null default '', state text not null
	check (state in ('hold placed', 'ready', 'on loan', 'back')), placed_on text, expected_on text, ready_on text,
	fetched_on text, due_on text, renewed integer not null default 0, back_on text, note text not null default ''
) strict;
create index loan_resource on loan(resource_id);
alter table spine add column resource_id integer references resource(id);
`
		)
};

/** Things that an activity takes from the library, pieces lent from sets, pictures, and the library's own computer. */
const lending: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
create table activity_resource (
	id integer primary key autoincrement, activity_id integer not null references activity(id),
	resource_id integer not null references resource(id), unique (activity_id, resource_id)
) strict;
create table lent_piece (
	id integer primary key autoincrement, resource_id integer not null references resource(id), piece text not null,
	activity_id integer references activity(id), lent_to text not null, lent_on text not null
) strict;
alter table resource add column picture text;
alter table loan add column hold_number text;
alter table household add column content_policy text not null default '[]';
`
		)
};

/** What shops ask for things, and what was bought. */
const buying: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table supplier add column fee_cents integer not null default 0;
alter table supplier add column free_over_cents integer;
alter table household add column sales_tax text not null default '0';
create table offer (
	id integer primary key autoincrement, item_id integer not null references item(id),
	supplier_id integer not null references supplier(id), size text not null, unit text not null,
	cents integer not null, seen_on text not null, aisle text not null default '',
	standing text not null default 'usual' check (standing in ('usual', 'preferred', 'excluded')),
	why text not null default '', most_packs integer
) strict;
create index offer_item on offer(item_id);
create table price (
	id integer primary key autoincrement, offer_id integer not null references offer(id), on_day text not null,
	cents integer not null
) strict;
create index price_offer on price(offer_id);
create table purchase (
	id integer primary key autoincrement, item_id integer not null references item(id),
	supplier_id integer references supplier(id), run_id integer references run(id), on_day text not null,
	amount text not null, unit text not null, cents integer not null, reimbursable integer not null default 0
) strict;
create index purchase_item on purchase(item_id);
create table wanted (
	id integer primary key autoincrement, what text not null, run_id integer references run(id),
	person_id integer references person(id), most_cents integer, look_at text not null default '',
	noted_on text not null, found_on text, found_cents integer
) strict;
`
		)
};

/** Where things come from, what is taken instead, kits, bundles, returns, and the list that is taken to a shop. */
const gathering: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table household add column ladder text;
alter table household add column rung_days text not null default '{}';
alter table household add column first_frost text;
alter table household add column last_frost text;
alter table item add column ladder text;
alter table item add column start_days integer;
alter table item add column season text not null default '' check (season in ('', 'open ground'));
alter table item add column make_cents integer;
alter table item add column make_minutes integer;
alter table need_state add column rung text;
alter table supply_line add column claim text check (claim in ('first', 'last'));
alter table supplier add column return_days integer;
alter table lot add column kit_of integer;
alter table lot add column picture text;
alter table purchase add column lesson_id integer references lesson(id);
alter table purchase add column lot_id integer;
alter table purchase add column return_by text;
alter table purchase add column returned_on text;
create table substitute (
	id integer primary key autoincrement, item_id integer not null references item(id),
	other_id integer not null references item(id), amount text not null, unit text not null,
	other_amount text not null, other_unit text not null
) strict;
create index substitute_item on substitute(item_id);
create table kit_part (
	id integer primary key autoincrement, lot_id integer not null, name text not null, each text not null,
	there text not null
) strict;
create index kit_part_lot on kit_part(lot_id);
create table bundle (
	id integer primary key autoincrement, supplier_id integer not null references supplier(id), name text not null,
	cents integer not null, seen_on text not null
) strict;
create table bundle_part (
	id integer primary key autoincrement, bundle_id integer not null references bundle(id),
	item_id integer not null references item(id), amount text not null, unit text not null
) strict;
create table errand (
	id integer primary key autoincrement, offer_id integer references offer(id),
	bundle_id integer references bundle(id), count integer not null,
	keys text not null, cents integer not null, done_on text,
	check ((offer_id is null) <> (bundle_id is null))
) strict;
create table stop (
	id integer primary key autoincrement, supplier_id integer not null references supplier(id), on_day text not null,
	aisle text not null
) strict;
`
		)
};

/** When somebody may give something, and in which order the house is walked. */
const occasions: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
create table occasion (
	id integer primary key autoincrement, name text not null, day text not null
) strict;
create table place_stop (
	id integer primary key autoincrement, place_id integer not null references place(id), on_day text not null
) strict;
`
		)
};

/** All migrations by name, run in the order of their names. */
export const MIGRATIONS: Readonly<Record<string, Migration>> = {
	'0001-first': first,
	'0002-house': house,
	'0003-evening': evening,
	'0004-calendar': calendar,
	'0005-plan': plan,
	'0006-children': children,
	'0007-library': library,
	'0008-lending': lending,
	'0009-buying': buying,
	'0010-gathering': gathering,
	'0011-occasions': occasions
};
