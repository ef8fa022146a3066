import type { Kysely, Migration } from 'kysely';
import { hasColumn, run } from './run.ts';

/** Posters on the wall, and objects of a tray that are matched with cards. */
export const posters: Migration = {
	up: async (db: Kysely<unknown>) => {
		if (await hasColumn(db, 'wall_poster', 'id')) return;
		await run(
			db,
			`
alter table tray add column matches text not null default '[]';
create table wall_poster (
	id integer primary key autoincrement, run_id integer not null references run(id),
	lesson_id integer references lesson(id), resource_id integer references resource(id), title text not null,
	width_mm real not null, height_mm real not null, hidden_until text
) strict;
create index wall_poster_run on wall_poster(run_id);
create index wall_poster_lesson on wall_poster(lesson_id);
create index wall_poster_resource on wall_poster(resource_id);
`
		);
	}
};
