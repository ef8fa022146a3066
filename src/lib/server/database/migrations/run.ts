import { sql, type Kysely } from 'kysely';

/** Runs statements one by one; the driver takes one at a time. */
export async function run(db: Kysely<unknown>, statements: string) {
	// A trigger holds statements of its own, up to its end.
	for (const statement of statements.match(/\s*create trigger[\s\S]*?\bend;|[^;]*[^;\s][^;]*;/g) ?? []) {
		await sql.raw(statement).execute(db);
	}
}

/** Whether a table is there and has a column. */
export async function hasColumn(db: Kysely<unknown>, table: string, column: string): Promise<boolean> {
	const { rows } = await sql`select 1 from pragma_table_info(${table}) where name = ${column}`.execute(db);
	return rows.length > 0;
}

/** Adds a column, unless an earlier form of a migration has added it. */
export async function addColumn(
	db: Kysely<unknown>,
	table: string,
	column: string,
	definition: string
): Promise<void> {
	if (!(await hasColumn(db, table, column)))
		await sql.raw(`alter table ${table} add column ${column} ${definition}`).execute(db);
}
