import SqliteDatabase from 'better-sqlite3';
import { Kysely, Migrator, sql, SqliteDialect } from 'kysely';
import { existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { MIGRATIONS } from './migrations/index.ts';
import { TRACKED, type Database } from './tables/index.ts';

export type Db = Kysely<Database>;

/** The household's data: one connection that writes, one that can only read. */
export type Store = { readonly write: Db; readonly read: Db; readonly close: () => Promise<void> };

/** The database's name in the data folder. */
export const FILE = 'gather-bin.sqlite';

/**
 * Opens the data folder, made when it is not there, and brings the database up to date. A copy of
 * the file is kept beside it before any migration runs.
 */
export async function openStore(folder: string): Promise<Store> {
	mkdirSync(folder, { recursive: true });
	const file = join(folder, FILE);
	const existed = existsSync(file);
	const connection = new SqliteDatabase(file);
	connection.pragma('journal_mode = WAL');
	connection.pragma('synchronous = NORMAL');
	connection.pragma('foreign_keys = ON');
	connection.pragma('busy_timeout = 5000');
	const write = new Kysely<Database>({ dialect: new SqliteDialect({ database: connection }) });
	await migrate(write, connection, existed ? folder : null);

	const reader = new SqliteDatabase(file, { readonly: true });
	reader.pragma('busy_timeout = 5000');
	const read = new Kysely<Database>({ dialect: new SqliteDialect({ database: reader }) });
	return {
		write,
		read,
		close: async () => {
			await read.destroy();
			await write.destroy();
		}
	};
}

async function migrate(db: Db, connection: SqliteDatabase.Database, copyTo: string | null) {
	const migrator = new Migrator({ db, provider: { getMigrations: async () => ({ ...MIGRATIONS }) } });
	const pending = (await migrator.getMigrations()).filter((migration) => !migration.executedAt);
	if (pending.length) {
		if (copyTo) await connection.backup(join(copyTo, `before-${pending[0].name}.sqlite`));
		// A table that others refer to can only be made anew while nobody checks; afterwards everything is checked.
		connection.pragma('foreign_keys = OFF');
		const { error } = await migrator.migrateToLatest();
		if (error)
			throw error instanceof Error ? error : new Error('The database could not be brought up to date.');
		const broken = connection.pragma('foreign_key_check') as unknown[];
		if (broken.length)
			throw new Error('The database was brought up to date, but its references do not hold.');
		connection.pragma('foreign_keys = ON');
		// What was undoable before looks different now.
		await db.deleteFrom('change').execute();
	}
	await watchRows(db);
}

/** Triggers that write down every row of the tracked tables before and after, while a change is open. */
async function watchRows(db: Db) {
	for (const table of TRACKED) {
		const { rows } = await sql<{ name: string }>`select name from pragma_table_info(${table})`.execute(db);
		const json = (row: 'old' | 'new') =>
			`json_object(${rows.map(({ name }) => `'${name}', ${row}."${name}"`).join(', ')})`;
		for (const [event, before, after, row] of [
			['insert', 'null', json('new'), 'new'],
			['update', json('old'), json('new'), 'new'],
			['delete', json('old'), 'null', 'old']
		]) {
			await sql.raw(`drop trigger if exists watch_${table}_${event}`).execute(db);
			await sql
				.raw(
					`create trigger watch_${table}_${event} after ${event} on ${table}
					when (select current_change from state) is not null
					begin
						insert into change_row (change_id, table_name, row_id, before, after)
						values ((select current_change from state), '${table}', ${row}.id, ${before}, ${after});
					end`
				)
				.execute(db);
		}
	}
}
