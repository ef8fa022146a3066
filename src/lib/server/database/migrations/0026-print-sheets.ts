import type { Migration } from 'kysely';
import { addColumn, hasColumn, run } from './run.ts';

/**
 * Pages have their size instead of being half a sheet or not, and what their pictures tell; who gets pages is said by
 * role, and who fills pages in; a run knows the sheets that came out already.
 */
export const printSheets: Migration = {
	async up(db) {
		await addColumn(db, 'document_page', 'ink', 'text');
		await addColumn(db, 'document_page', 'likeness', 'text');
		await addColumn(db, 'document_page', 'heading', 'text');
		await addColumn(db, 'print', 'page_width_mm', 'real');
		await addColumn(db, 'print', 'page_height_mm', 'real');
		await addColumn(db, 'print', 'backs', "text check (backs in ('each', 'last'))");
		await addColumn(db, 'print', 'fit', "text not null default '[]'");
		await addColumn(db, 'print_run', 'done', "text not null default '[]'");
		await addColumn(db, 'person', 'writes', 'integer check (writes in (0, 1))');
		if (await hasColumn(db, 'print', 'half'))
			// Triggers name the columns of the table; they are made anew when the database is opened.
			await run(
				db,
				`
update print set page_width_mm = 139.7, page_height_mm = 215.9 where half = 1;
drop trigger if exists watch_print_insert;
drop trigger if exists watch_print_update;
drop trigger if exists watch_print_delete;
alter table print drop column half;
`
			);
		await run(
			db,
			`
create table if not exists role_children (
	id integer primary key autoincrement, run_id integer not null references run(id), role text not null,
	participants text not null, unique (run_id, role)
) strict;
`
		);
	}
};
