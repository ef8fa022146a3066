import type { Kysely, Migration } from 'kysely';
import { addColumn, run } from './run.ts';

export const evening: Migration = {
	up: async (db: Kysely<unknown>) => {
		// The first form of the migration before this one had these two already.
		await addColumn(
			db,
			'household',
			'paper',
			`text not null default 'letter' check (paper in ('letter', 'A4'))`
		);
		await addColumn(db, 'need_state', 'person_id', 'integer references person(id)');
		await run(
			db,
			`
alter table household add column evening text not null default '{}';
create table stream_habit (
	id integer primary key autoincrement, run_id integer references run(id),
	stream text not null check (stream in ('books', 'copies', 'supplies', 'setting')),
	kind text not null, date text
) strict;
create unique index stream_habit_of on stream_habit(coalesce(run_id, 0), stream);
create table supplier_with_libraries (
	id integer primary key autoincrement, name text not null,
	kind text not null check (kind in ('shop', 'order', 'friend', 'library')), weekdays text not null,
	lead_days integer not null, position integer not null
) strict;
insert into supplier_with_libraries select id, name, kind, weekdays, lead_days, position from supplier;
drop table supplier;
alter table supplier_with_libraries rename to supplier;
create table import_draft (
	id integer primary key autoincrement, name text not null, text text not null, note text not null, at text not null
) strict;
`
		);
	}
};
