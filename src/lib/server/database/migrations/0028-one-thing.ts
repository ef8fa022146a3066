import type { Migration } from 'kysely';
import { addColumn, run } from './run.ts';

/**
 * A thing of a supply list is measured and moved as the one thing that it is; and a thing of another unit, of the
 * library or of a list goes into a unit's boxes, too, without being there twice.
 */
export const oneThing: Migration = {
	async up(db) {
		await addColumn(db, 'boxed_thing', 'item_id', 'integer references item(id)');
		await addColumn(db, 'boxed_thing', 'round', 'integer not null default 0');
		await addColumn(db, 'moving', 'item_id', 'integer references item(id)');
		await run(
			db,
			`
create unique index if not exists boxed_thing_item on boxed_thing(item_id);
create table if not exists unit_thing (
	id integer primary key autoincrement, run_id integer not null references run(id), thing text not null,
	unique (run_id, thing)
) strict;
`
		);
	}
};
