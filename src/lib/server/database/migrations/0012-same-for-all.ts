import type { Kysely, Migration } from 'kysely';
import { addColumn, hasColumn, run } from './run.ts';

/** What first forms of the plan and of gathering lacked, so that every household has the same tables. */
export const sameForAll: Migration = {
	up: async (db: Kysely<unknown>) => {
		await addColumn(db, 'household', 'frame', 'text');
		await addColumn(
			db,
			'spine',
			'read_on',
			`text not null default 'lessons' check (read_on in ('lessons', 'weekdays', 'every day'))`
		);
		if (await hasColumn(db, 'errand', 'bundle_id')) return;
		await run(
			db,
			`
create table errand_with_bundles (
	id integer primary key autoincrement, offer_id integer references offer(id),
	bundle_id integer references bundle(id), count integer not null,
	keys text not null, cents integer not null, done_on text,
	check ((offer_id is null) <> (bundle_id is null))
) strict;
insert into errand_with_bundles select id, offer_id, null, count, keys, cents, done_on from errand;
drop table errand;
alter table errand_with_bundles rename to errand;
`
		);
	}
};
