import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

/** When somebody may give something, and in which order the house is walked. */
export const occasions: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
create table occasion (
	id integer primary key autoincrement, name text not null, day text not null
) strict;
create table place_stop (
	id integer primary key autoincrement, place_id integer not null references place(id), on_day text not null
) strict;
`
		)
};
