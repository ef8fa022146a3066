import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** PDFs with their pages, what is printed from them and how, and the runs that go through the printer. */
export const print: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'resource', 'document_id')) return;
		await run(
			db,
			`
create table document (
	id integer primary key autoincrement, sha256 text not null unique, name text not null, bytes integer not null,
	pages integer not null, scripts integer not null default 0, added_on text not null
) strict;
create table document_page (
	id integer primary key autoincrement, sha256 text not null, page integer not null, width_mm real not null,
	height_mm real not null, text text, frames text not null default '[]', colored real,
	unique (sha256, page)
) strict;
alter table resource add column document_id integer references document(id);
create table print_source (
	id integer primary key autoincrement, run_id integer not null references run(id),
	resource_id integer not null references resource(id), position integer not null, kind text not null,
	dropped text not null default '[]', ready_cents integer
) strict;
create index print_source_run on print_source(run_id, position);
create index print_source_resource on print_source(resource_id);
create table print (
	id integer primary key autoincrement, run_id integer not null references run(id),
	source_id integer not null references print_source(id), lesson_id integer references lesson(id),
	activity_id integer references activity(id), title text not null, role text not null, pages text not null,
	participants text, again integer not null default 0, from_book integer not null default 0,
	half integer not null default 0, optional integer not null default 0, choices text not null default '{}',
	note text not null default ''
) strict;
create index print_run_id on print(run_id);
create index print_source_id on print(source_id);
create index print_lesson on print(lesson_id);
create index print_activity on print(activity_id);
create table print_run (
	id integer primary key autoincrement, run_id integer not null references run(id), stock text not null,
	sides integer not null check (sides in (1, 2)), color integer not null, paper text not null, sets text not null,
	piles text not null check (piles in ('child', 'print')), slips integer not null, sheets integer not null,
	made_on text not null, printed_on text, spoiled integer not null default 0, spoiled_stock text
) strict;
create index print_run_run on print_run(run_id);
alter table household add column printing text not null default '{}';
`
		);
	}
};
