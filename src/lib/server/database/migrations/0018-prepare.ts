import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** Sittings with their hour and what can't be done at them, jobs of preparing with their place and what they took. */
export const prepare: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'sitting', 'starts')) return;
		await run(
			db,
			`
alter table sitting add column starts text not null default '';
alter table sitting add column bars text not null default '[]';
alter table sitting add column series integer;
alter table sitting add column over integer not null default 0;
create table prep_job (
	id integer primary key autoincrement, key text not null unique, run_id integer not null references run(id),
	sitting_id integer references sitting(id), done_on text, work text, count integer, minutes real
) strict;
create index prep_job_run on prep_job(run_id);
create index prep_job_sitting on prep_job(sitting_id);
create table own_job (
	id integer primary key autoincrement, run_id integer not null references run(id), title text not null,
	minutes integer not null, ready_by text, done_on text
) strict;
create index own_job_run on own_job(run_id);
alter table household add column prep_rates text not null default '{}';
alter table household add column prep_habit text not null default 'batch';
`
		);
	}
};
