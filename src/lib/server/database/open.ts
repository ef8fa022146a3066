import type SqliteDatabase from 'better-sqlite3';
import { Kysely, Migrator, sql, SqliteDialect } from 'kysely';
import { chmodSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { faultText, StartRefusal } from './faults.ts';
import { lockFolder } from './folder-lock.ts';
import { MIGRATIONS } from './migrations/index.ts';
import { connect, WritingDialect } from './sqlite.ts';
import { TRACKED } from '$core/facts/index.ts';
import { NOT_UNDONE, type Database } from './tables/index.ts';

export type Db = Kysely<Database>;

/** The household's data: one connection that writes, one that can only read. */
export type Store = {
	readonly write: Db;
	readonly read: Db;
	/** What the check at the start found wrong with the file; null when it is sound. */
	readonly damage: string | null;
	readonly close: () => Promise<void>;
};

/** The database's name in the data folder. */
export const FILE = 'gather-bin.sqlite';

type Options = {
	/** Keeps the file as it is before it is brought up to date; called with the migration that comes first. */
	readonly keep?: (connection: SqliteDatabase.Database, before: string) => Promise<void>;
};

/**
 * Opens the data folder for this process alone, made when it is not there, and brings the database up to date.
 * @throws StartRefusal where another server has it, the file is none of ours, or a newer version wrote it.
 */
export async function openStore(folder: string, options: Options = {}): Promise<Store> {
	mkdirSync(folder, { recursive: true });
	const release = lockFolder(folder);
	try {
		const store = await openLocked(folder, options);
		return { ...store, close: () => store.close().finally(release) };
	} catch (error) {
		release();
		throw error;
	}
}

async function openLocked(folder: string, { keep }: Options): Promise<Store> {
	keepToOwner(folder);
	const file = join(folder, FILE);
	rmSync(`${file}.next`, { force: true });
	const existed = existsSync(file);
	const connection = opened(file);
	const damage = existed ? damageOf(connection) : null;
	const pending = damage === null ? pendingIn(connection) : [];
	if (pending.length && existed && hasTables(connection)) {
		await keep?.(connection, pending[0]);
		await migrateAside(connection, file);
		return openLocked(folder, {});
	}
	const write = new Kysely<Database>({ dialect: new WritingDialect(connection, damage) });
	if (damage === null) {
		if (pending.length) {
			connection.pragma('foreign_keys = OFF');
			await migrate(write);
			connection.pragma('foreign_keys = ON');
		}
		// In one go: hundreds of statements of their own would each wait for the disk, and fill the log.
		await write.transaction().execute(watchRows);
	}
	const read = new Kysely<Database>({
		dialect: new SqliteDialect({ database: connect(file, { readonly: true }) })
	});
	return {
		write,
		read,
		damage,
		close: async () => {
			await read.destroy();
			await write.destroy();
		}
	};
}

/** Nobody else on this computer has to read a family's records; a disk that knows no rights has to do without. */
function keepToOwner(folder: string): void {
	try {
		chmodSync(folder, 0o700);
	} catch {
		// A folder of somebody else's, or on a disk without rights: it is used as it was given.
	}
}

function opened(file: string): SqliteDatabase.Database {
	try {
		return connect(file, { readonly: false });
	} catch (error) {
		const why = faultText(error);
		throw why === null ? error : new StartRefusal(`${file}: ${why}`);
	}
}

/** What SQLite's own short check says against the file; null when it says nothing. */
function damageOf(connection: SqliteDatabase.Database): string | null {
	try {
		const said = connection.pragma('quick_check(5)') as { quick_check: string }[];
		return said[0]?.quick_check === 'ok' ? null : said.map((one) => one.quick_check).join('; ');
	} catch (error) {
		if (faultText(error) === null) throw error;
		return (error as Error).message;
	}
}

function hasTables(connection: SqliteDatabase.Database): boolean {
	return connection.prepare(`select 1 from sqlite_master where type = 'table' limit 1`).get() !== undefined;
}

const migrationsOf = (connection: SqliteDatabase.Database) =>
	connection.prepare('select name from kysely_migration').pluck().all() as string[];

/** The first migration of a file that this version does not know; null where it knows them all. */
export function newerThanThis(connection: SqliteDatabase.Database): string | null {
	const isOurs = connection.prepare(`select 1 from sqlite_master where name = 'kysely_migration'`).get();
	if (!isOurs) return null;
	return migrationsOf(connection).find((name) => !(name in MIGRATIONS)) ?? null;
}

/** Migrations that the file lacks, in order. @throws StartRefusal where it has one that this version does not know. */
function pendingIn(connection: SqliteDatabase.Database): string[] {
	const isNew = !connection.prepare(`select 1 from sqlite_master where name = 'kysely_migration'`).get();
	if (isNew && hasTables(connection))
		throw new StartRefusal(`${connection.name} was not written by Gather Bin, so it is left alone.`);
	const done = isNew ? [] : migrationsOf(connection);
	const newer = newerThanThis(connection);
	if (newer)
		throw new StartRefusal(
			`${connection.name} was written by a newer version of Gather Bin (${newer}). Start that version, or go back to a backup that is older.`
		);
	return Object.keys(MIGRATIONS).filter((name) => !done.includes(name));
}

/** Brings a copy up to date, checks it, and only then puts it in the place of the file. */
async function migrateAside(connection: SqliteDatabase.Database, file: string): Promise<void> {
	const next = `${file}.next`;
	await connection.backup(next);
	const copy = connect(next, { readonly: false });
	const db = new Kysely<Database>({ dialect: new WritingDialect(copy, null) });
	try {
		// A table that others refer to can only be made anew while nobody checks; afterwards everything is checked.
		copy.pragma('foreign_keys = OFF');
		await migrate(db);
		const broken = copy.pragma('foreign_key_check') as { table: string }[];
		const check = copy.pragma('integrity_check(5)', { simple: true });
		if (broken.length || check !== 'ok')
			throw new StartRefusal(
				`${file} could not be brought up to date: ${broken.length ? `rows of ${broken[0].table} would refer to nothing` : String(check)}. It was left as it is; the version before this one still opens it.`
			);
		// Rows that were written down for undo fit only into tables of the same shape.
		const [before, after] = [shapesOf(connection), shapesOf(copy)];
		const reshaped = [...new Set([...before.keys(), ...after.keys()])].filter(
			(table) => before.get(table) !== after.get(table)
		);
		if (reshaped.length)
			await db
				.deleteFrom('change')
				.where('id', 'in', (from) =>
					from.selectFrom('change_row').select('change_id').where('table_name', 'in', reshaped)
				)
				.execute();
		copy.pragma('wal_checkpoint(TRUNCATE)');
		copy.pragma('journal_mode = DELETE');
	} catch (error) {
		await db.destroy();
		connection.close();
		rmSync(next, { force: true });
		throw error;
	}
	await db.destroy();
	// The last connection takes the log along, so that none is left beside the new file.
	connection.close();
	for (const log of ['-wal', '-shm']) rmSync(file + log, { force: true });
	renameSync(next, file);
}

/** How each table was made. */
function shapesOf(connection: SqliteDatabase.Database): Map<string, string> {
	const tables = connection
		.prepare(`select name, sql from sqlite_master where type = 'table' and name not like 'kysely%'`)
		.all() as { name: string; sql: string }[];
	return new Map(tables.map(({ name, sql: made }) => [name, made]));
}

async function migrate(db: Db): Promise<void> {
	const migrator = new Migrator({ db, provider: { getMigrations: async () => ({ ...MIGRATIONS }) } });
	const { error } = await migrator.migrateToLatest();
	if (error)
		throw error instanceof Error ? error : new Error('The database could not be brought up to date.');
}

/** Triggers that write down every row of the tracked tables before and after, while a change is open. */
async function watchRows(db: Db) {
	for (const table of TRACKED) {
		const { rows } = await sql<{ name: string }>`select name from pragma_table_info(${table})`.execute(db);
		const left: readonly string[] = NOT_UNDONE[table] ?? [];
		const columns = rows.filter(({ name }) => !left.includes(name));
		const json = (row: 'old' | 'new') =>
			`json_object(${columns.map(({ name }) => `'${name}', ${row}."${name}"`).join(', ')})`;
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
