import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

/** Where things come from, what is taken instead, kits, bundles, returns, and the list that is taken to a shop. */
export const gathering: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			// The first form of the migration before this one had no such table yet.
			`
create table if not exists wanted (
	id integer primary key autoincrement, what text not null, run_id integer references run(id),
	person_id integer references person(id), most_cents integer, look_at text not null default '',
	noted_on text not null, found_on text, found_cents integer
) strict;
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
