import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** The books that a guide lists, what is decided about each, and which of ours have much the same inside. */
export const bookLists: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'resource', 'alike')) return;
		await run(
			db,
			`
create table listed_book (
	id integer primary key autoincrement, run_id integer not null references run(id),
	lesson_id integer references lesson(id), position integer not null, written text not null, title text not null,
	authors text not null default '', isbn13 text, kind text not null, role text, from_age integer, to_age integer,
	pages integer, optional integer not null default 0, note text not null default '',
	needs_look integer not null default 0,
	choice text not null default '' check (choice in ('', 'have', 'borrow', 'buy', 'skip')),
	resource_id integer references resource(id), uses text not null default '[]',
	is_other integer not null default 0, at_library text
) strict;
create index listed_book_run on listed_book(run_id, position);
create index listed_book_lesson on listed_book(lesson_id);
create index listed_book_resource on listed_book(resource_id);
alter table resource add column alike text not null default '';
alter table resource add column get_by text not null default '' check (get_by in ('', 'borrow', 'buy'));
`
		);
	}
};
