import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

export const first: Migration = {
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
