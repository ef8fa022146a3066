import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

/** Things that an activity takes from the library, pieces lent from sets, pictures, and the library's own computer. */
export const lending: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
create table activity_resource (
	id integer primary key autoincrement, activity_id integer not null references activity(id),
	resource_id integer not null references resource(id), unique (activity_id, resource_id)
) strict;
create table lent_piece (
	id integer primary key autoincrement, resource_id integer not null references resource(id), piece text not null,
	activity_id integer references activity(id), lent_to text not null, lent_on text not null
) strict;
alter table resource add column picture text;
alter table loan add column hold_number text;
alter table household add column content_policy text not null default '[]';
`
		)
};
