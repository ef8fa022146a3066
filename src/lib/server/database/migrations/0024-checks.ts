import { sql, type Kysely, type Migration } from 'kysely';
import { run } from './run.ts';

/**
 * What the morning basket holds can always be computed: a bookmark lies at most behind the last page, and pages and
 * minutes are counted. What an older version took beyond that is brought to its limit.
 */
export const checks: Migration = {
	up: async (db: Kysely<unknown>) => {
		const { rows } =
			await sql`select 1 from sqlite_master where name = 'basket_part' and sql like '%check%'`.execute(db);
		if (rows.length > 0) return;
		await run(
			db,
			`
create table basket_part_checked (
	id integer primary key autoincrement, title text not null, resource_id integer references resource(id),
	kind text not null check (kind in ('stays', 'month', 'hands')), month text,
	minutes integer not null check (minutes between 0 and 240),
	page_by text check (page_by in ('date', 'bookmark')),
	first_page integer check (first_page >= 1), last_page integer check (last_page >= 1),
	a_day integer not null default 1 check (a_day between 1 and 200), since text,
	check (page_by is null or (first_page is not null and last_page is not null and since is not null)),
	check (first_page is null or last_page is null or first_page <= last_page + 1)
) strict;
insert into basket_part_checked
	select id, title, resource_id, case when kind in ('stays', 'month', 'hands') then kind else 'stays' end, month,
		min(max(minutes, 0), 240),
		case when first_page is null or last_page is null or since is null then null else page_by end,
		max(1, min(first_page, coalesce(max(last_page, 1) + 1, first_page))), max(1, last_page),
		min(max(a_day, 1), 200), since
	from basket_part;
drop table basket_part;
alter table basket_part_checked rename to basket_part;
create index basket_part_resource on basket_part(resource_id);
`
		);
	}
};
