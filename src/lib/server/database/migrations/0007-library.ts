import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

export const library: Migration = {
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
