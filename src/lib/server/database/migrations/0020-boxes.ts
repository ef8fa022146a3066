import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** Measures of things that go into boxes, and things of a unit that are in no list. */
export const boxes: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'boxed_thing', 'id')) return;
		await run(
			db,
			`
create table boxed_thing (
	id integer primary key autoincrement, run_id integer references run(id),
	resource_id integer unique references resource(id), title text not null, length_mm real not null,
	width_mm real not null, height_mm real not null, grams real not null, count integer not null default 1,
	upright integer not null default 0, fragile integer not null default 0, place_id integer references place(id)
) strict;
create index boxed_thing_run on boxed_thing(run_id);
create index boxed_thing_place on boxed_thing(place_id);
`
		);
	}
};
