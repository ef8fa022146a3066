import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

export const house: Migration = {
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
