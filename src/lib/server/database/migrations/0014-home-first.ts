import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/**
 * What is said of a thing without counting it, where it was looked for in vain, and a third use, some of it, for
 * which both tables with a check on the use are made anew.
 */
export const homeFirst: Migration = {
	up: async (db: Kysely<unknown>) => {
		// An earlier form of this migration may have stopped half way.
		if (await hasColumn(db, 'supply_line', 'listed_on')) return;
		await run(
			db,
			`
create table item_of_three_uses (
	id integer primary key autoincrement, name text not null, name_key text not null unique,
	use text not null check (use in ('consumed', 'kept', 'some')), keep_back text, keep_back_unit text,
	keeps_days integer, supplier_id integer references supplier(id), low_level text, low_unit text, ladder text,
	start_days integer, season text not null default '' check (season in ('', 'open ground')), make_cents integer,
	make_minutes integer
) strict;
insert into item_of_three_uses select id, name, name_key, use, keep_back, keep_back_unit, keeps_days, supplier_id,
	low_level, low_unit, ladder, start_days, season, make_cents, make_minutes from item;
drop table item;
alter table item_of_three_uses rename to item;
create table supply_line_of_three_uses (
	id integer primary key autoincrement, lesson_id integer references lesson(id),
	activity_id integer references activity(id), position integer not null, written text not null,
	item_id integer not null references item(id), quantity text, quantity_to text, unit text not null,
	per text not null check (per in ('family', 'child', 'pair', 'group')), group_size integer,
	optional integer not null default 0, alternatives text not null default '[]', note text, needs_look integer not null default 0,
	use text not null check (use in ('consumed', 'kept', 'some')), out_until text, spare text not null default '0',
	participants text, prepare_minutes integer, prepare_wait_days integer not null default 0,
	session integer not null default 1, claim text check (claim in ('first', 'last')), listed_on text,
	check ((lesson_id is null) <> (activity_id is null))
) strict;
insert into supply_line_of_three_uses select id, lesson_id, activity_id, position, written, item_id, quantity,
	quantity_to, unit, per, group_size, optional, alternatives, note, needs_look, use, out_until, spare, participants,
	prepare_minutes, prepare_wait_days, session, claim, null from supply_line;
drop table supply_line;
alter table supply_line_of_three_uses rename to supply_line;
create index supply_line_lesson on supply_line(lesson_id, position);
create index supply_line_activity on supply_line(activity_id);
create index supply_line_item on supply_line(item_id);
create table statement (
	id integer primary key autoincrement, item_id integer not null unique references item(id),
	state text not null check (state in ('enough', 'look', 'none')), place_id integer references place(id),
	said_on text not null, asked text, asked_unit text
) strict;
create table not_here (
	id integer primary key autoincrement, item_id integer not null references item(id),
	place_id integer references place(id), kind text not null default '', on_day text not null
) strict;
create index not_here_item on not_here(item_id);
`
		);
	}
};
