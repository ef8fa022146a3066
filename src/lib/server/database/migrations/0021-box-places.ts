import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** Boxes as places: what they may weigh, how things lie in them, what was moved; and boxes that are given on a first day. */
export const boxPlaces: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'box_detail', 'id')) return;
		await run(
			db,
			`
alter table boxed_thing add column soft integer not null default 0;
create table box_detail (
	id integer primary key autoincrement, place_id integer not null unique references place(id),
	form text not null default 'box', max_grams real, subject text not null default '', picture text
) strict;
create table box_layout (
	id integer primary key autoincrement, place_id integer not null unique references place(id),
	run_id integer not null references run(id), packed text not null
) strict;
create index box_layout_run on box_layout(run_id);
create table moving (
	id integer primary key autoincrement, on_day text not null, title text not null,
	resource_id integer references resource(id), boxed_thing_id integer references boxed_thing(id),
	from_place_id integer references place(id), to_place_id integer references place(id)
) strict;
create index moving_resource on moving(resource_id);
create index moving_boxed_thing on moving(boxed_thing_id);
create index moving_from on moving(from_place_id);
create index moving_to on moving(to_place_id);
create table opening_box (
	id integer primary key autoincrement, run_id integer not null unique references run(id),
	place_id integer references place(id), opens_on text, kinds text not null
) strict;
create index opening_box_place on opening_box(place_id);
create table opening_thing (
	id integer primary key autoincrement, run_id integer not null references run(id),
	resource_id integer references resource(id), title text not null, kind text not null, liters real,
	cents integer, hidden integer not null default 0, inside integer not null default 0, came_on text
) strict;
create index opening_thing_run on opening_thing(run_id);
create index opening_thing_resource on opening_thing(resource_id);
`
		);
	}
};
