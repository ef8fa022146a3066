import type { Kysely, Migration } from 'kysely';
import { run } from './run.ts';

/** What shops ask for things, and what was bought. */
export const buying: Migration = {
	up: (db: Kysely<unknown>) =>
		run(
			db,
			`
alter table supplier add column fee_cents integer not null default 0;
alter table supplier add column free_over_cents integer;
alter table household add column sales_tax text not null default '0';
create table offer (
	id integer primary key autoincrement, item_id integer not null references item(id),
	supplier_id integer not null references supplier(id), size text not null, unit text not null,
	cents integer not null, seen_on text not null, aisle text not null default '',
	standing text not null default 'usual' check (standing in ('usual', 'preferred', 'excluded')),
	why text not null default '', most_packs integer
) strict;
create index offer_item on offer(item_id);
create table price (
	id integer primary key autoincrement, offer_id integer not null references offer(id), on_day text not null,
	cents integer not null
) strict;
create index price_offer on price(offer_id);
create table purchase (
	id integer primary key autoincrement, item_id integer not null references item(id),
	supplier_id integer references supplier(id), run_id integer references run(id), on_day text not null,
	amount text not null, unit text not null, cents integer not null, reimbursable integer not null default 0
) strict;
create index purchase_item on purchase(item_id);
create table wanted (
	id integer primary key autoincrement, what text not null, run_id integer references run(id),
	person_id integer references person(id), most_cents integer, look_at text not null default '',
	noted_on text not null, found_on text, found_cents integer
) strict;
`
		)
};
