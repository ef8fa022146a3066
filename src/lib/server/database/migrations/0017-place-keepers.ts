import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** Gray copies that are bound in the place of pages that are cut out of a book. */
export const placeKeepers: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'print', 'place_of')) return;
		await run(
			db,
			`
alter table print add column place_of integer references print(id);
create index print_place on print(place_of);
alter table print_source add column cut_from integer not null default 0;
`
		);
	}
};
