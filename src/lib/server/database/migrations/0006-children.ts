import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

export const children: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table person add column reads text not null default '[]';
alter table activity add column helper_id integer references person(id);
alter table task add column activity_id integer references activity(id);
`
		)
};
