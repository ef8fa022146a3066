import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** What is set out: trays and where they stand, what hangs on the wall, the morning basket, ticks of a day. */
export const setOut: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'tray', 'id')) return;
		await run(
			db,
			`
alter table household add column set_out text not null default '{}';
alter table household add column child_links text not null default '{}';
create table tray (
	id integer primary key autoincrement, run_id integer references run(id), title text not null,
	along_mm real not null, deep_mm real not null, high_mm real not null, skill text not null,
	children text, lessons text, pieces integer, dangerous integer not null default 0, steps text not null default '',
	stored_place_id integer references place(id), loved integer not null default 0,
	kind text not null default 'tray', base text not null default '', hidden text not null default '',
	keeps_days integer
) strict;
create index tray_run on tray(run_id);
create index tray_stored on tray(stored_place_id);
create table tray_standing (
	id integer primary key autoincrement, week_on text not null, tray_id integer not null references tray(id),
	place_id integer not null references place(id), position integer not null
) strict;
create index tray_standing_tray on tray_standing(tray_id);
create index tray_standing_place on tray_standing(place_id);
create table wall (
	id integer primary key autoincrement, run_id integer not null unique references run(id), kind text not null,
	width_mm real not null, height_mm real not null, card_width_mm real not null, card_height_mm real not null,
	gap_mm real not null, strip_mm real not null default 0, strip_text text not null default ''
) strict;
create table wall_word (
	id integer primary key autoincrement, run_id integer not null references run(id),
	lesson_id integer references lesson(id), position integer not null, text text not null,
	kept integer not null default 0, hidden_until text
) strict;
create index wall_word_run on wall_word(run_id);
create index wall_word_lesson on wall_word(lesson_id);
create table basket_part (
	id integer primary key autoincrement, title text not null, resource_id integer references resource(id),
	kind text not null, month text, minutes integer not null, page_by text, first_page integer, last_page integer,
	a_day integer not null default 1, since text
) strict;
create index basket_part_resource on basket_part(resource_id);
create table day_tick (
	id integer primary key autoincrement, on_day text not null, key text not null, unique (on_day, key)
) strict;
`
		);
	}
};
