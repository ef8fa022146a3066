import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** How the papers of a unit are kept, and the household's labels and prices of binders. */
export const binders: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'household', 'binders')) return;
		await run(
			db,
			`
create table binder (
	id integer primary key autoincrement, run_id integer not null unique references run(id), way text not null,
	ring integer, others real not null default 0
) strict;
alter table household add column binders text not null default '{}';
`
		);
	}
};
