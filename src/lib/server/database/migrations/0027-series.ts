import type { Migration } from 'kysely';
import { addColumn, run } from './run.ts';

/**
 * Sittings that come again have their rule; those that were entered before it keep their days, and have none. Things
 * for boxes keep what was typed of them, and the house says what one lifts.
 */
export const series: Migration = {
	async up(db) {
		await addColumn(db, 'boxed_thing', 'size_said', "text not null default ''");
		await addColumn(db, 'boxed_thing', 'weight_said', "text not null default ''");
		await addColumn(db, 'household', 'lift_grams', 'real');
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
