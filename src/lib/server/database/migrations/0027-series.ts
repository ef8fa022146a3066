import type { Migration } from 'kysely';
import { run } from './run.ts';

/** Sittings that come again have their rule. Those that were entered before it keep their days, and have none. */
export const series: Migration = {
	async up(db) {
		await run(
			db,
			`
create table if not exists sitting_series (
	id integer primary key autoincrement, starts_on text not null, rule text not null, left_out text not null default '[]'
) strict;
`
		);
	}
};
