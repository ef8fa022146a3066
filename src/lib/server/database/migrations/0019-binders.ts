import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** How the papers of a unit are kept, and the household's labels and prices of binders. */
export const binders: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'run', 'binder')) return;
		await run(
			db,
			`
alter table run add column binder text not null default '{}';
alter table household add column binders text not null default '{}';
`
		);
	}
};
