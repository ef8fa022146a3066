import { sql, type Kysely } from 'kysely';

/** Runs statements one by one; the driver takes one at a time. */
export async function run(db: Kysely<unknown>, statements: string) {
	// A trigger holds statements of its own, up to its end.
	for (const statement of statements.match(/\s*create trigger[\s\S]*?\bend;|[^;]*[^;\s][^;]*;/g) ?? []) {
		await sql.raw(statement).execute(db);
	}
}
