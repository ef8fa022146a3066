import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

export const calendar: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table household add column country text;
alter table household add column region text;
alter table household add column feed_secret text;
`
		)
};
