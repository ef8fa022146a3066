import { sql } from 'kysely';
import { describe, expect, it } from 'vitest';
import type { TrackedTable } from '$core/facts/index.ts';
import { change, type Trx } from '../history/changes.ts';
import { removeBundle } from '../stores/buying/bundles.ts';
import { removeErrand } from '../stores/buying/errands.ts';
import { removeOffer } from '../stores/buying/offers.ts';
import { removeSupplier } from '../stores/buying/suppliers.ts';
import { removeWanted } from '../stores/buying/wanted.ts';
import { removeLine } from '../stores/gathering/supply-lines.ts';
import { removeOccasion } from '../stores/house/occasions.ts';
import { removePerson } from '../stores/house/people.ts';
import { removePlace } from '../stores/house/places.ts';
import { removeResource, removeUse } from '../stores/library/resources.ts';
import { removeActivity } from '../stores/plan/activities.ts';
import { removeLesson } from '../stores/plan/lessons.ts';
import { removeRange, removeSpine } from '../stores/plan/spines.ts';
import { removeLot } from '../stores/stash/lots.ts';
import { removeSubstitute } from '../stores/stash/substitutes.ts';
import { doer, openTestStore } from './household.ts';

type Remove = (trx: Trx, id: number, run: number) => Promise<unknown>;

/** What can be taken away, and how. */
const REMOVALS: Readonly<Partial<Record<TrackedTable, Remove>>> = {
	person: removePerson,
	place: removePlace,
	supplier: removeSupplier,
	lot: (trx, id) => removeLot(trx, id, '2027-01-22'),
	offer: removeOffer,
	bundle: removeBundle,
	errand: removeErrand,
	wanted: removeWanted,
	occasion: removeOccasion,
	substitute: removeSubstitute,
	supply_line: removeLine,
	resource: removeResource,
	resource_use: (trx, id, run) => removeUse(trx, run, id),
	activity: (trx, id, run) => removeActivity(trx, run, id),
	lesson: (trx, id, run) => removeLesson(trx, run, id),
	spine: (trx, id, run) => removeSpine(trx, run, id),
	page_range: (trx, id, run) => removeRange(trx, run, id)
};

/** How the run of a row is found. */
const OF_LESSON = '(select run_id from lesson where lesson.id = lesson_id)';
const RUN_OF: Readonly<Record<string, string>> = {
	activity: 'run_id',
	lesson: 'run_id',
	spine: 'run_id',
	resource_use: OF_LESSON,
	page_range: OF_LESSON
};

type Reference = { readonly child: string; readonly column: string; readonly parent: string };

/** Which column of which table refers to which table, as the database itself has it. */
async function references(db: Trx): Promise<Reference[]> {
	const { rows } = await sql<Reference>`
		select m.name as child, f."from" as "column", f."table" as parent
		from sqlite_master m, pragma_foreign_key_list(m.name) f
		where m.type = 'table' order by 1, 2`.execute(db);
	return rows;
}

describe('what refers to a row that is removed', async () => {
	it.each(Object.entries(REMOVALS))(
		'%s: goes along, lets go of it, or is a reason in words not to',
		async (table, remove) => {
			const all = await references((await openTestStore()).read as Trx);
			expect(all.length).toBeGreaterThan(40);
			const own = all.filter((one) => one.parent === table);
			for (const { child, column } of own) {
				const { write } = await openTestStore();
				const run = RUN_OF[table] ?? 'null';
				const {
					rows: [row, other]
				} = await sql<{ id: number; run: number | null }>`select id, ${sql.raw(run)} as run
					from ${sql.table(table)} order by id limit 2`.execute(write);
				if (!row) continue;
				// Whatever referred to it so far refers to another, so that this one reference is what counts.
				if (other)
					for (const one of own)
						await sql`update or ignore ${sql.table(one.child)} set ${sql.ref(one.column)} = ${other.id}
							where ${sql.ref(one.column)} = ${row.id}`.execute(write);
				// One that refers to another row so far refers to this one; a pair that must be unique stays as it is.
				await sql`update or ignore ${sql.table(child)} set ${sql.ref(column)} = ${row.id}
					where id = (select max(id) from ${sql.table(child)} where id <> ${row.id})`.execute(write);
				const said = await change(write, doer(), 'removed', (trx) => remove(trx, row.id, row.run ?? 0)).then(
					() => '',
					(refusal: Error) => refusal.message
				);
				expect(said, `${child}.${column}`).not.toContain('Something that this belongs to');
			}
		}
	);
});
