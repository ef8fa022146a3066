import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

export const plan: Migration = {
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
