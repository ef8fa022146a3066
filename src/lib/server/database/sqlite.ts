import SqliteDatabase from 'better-sqlite3';
import { CompiledQuery, SqliteDialect, SqliteDriver, type DatabaseConnection, type Driver } from 'kysely';
import { statSync } from 'node:fs';
import { setTimeout as after } from 'node:timers/promises';
import { HouseDamaged, HouseGone } from './faults.ts';

/** How long SQLite itself waits for another program, in ms. The server stands still meanwhile, so it is short. */
const WAIT_MS = 50;
/** How long a change waits in all for another program to let go of the file. */
const PATIENCE_MS = 5000;

/** Opens a file as every connection of ours is opened. */
export function connect(file: string, options: { readonly: boolean }): SqliteDatabase.Database {
	const connection = new SqliteDatabase(file, { ...options, timeout: WAIT_MS });
	if (!options.readonly) {
		connection.pragma('journal_mode = WAL');
		// With NORMAL a power cut takes back changes that were already acknowledged.
		connection.pragma('synchronous = FULL');
		connection.pragma('foreign_keys = ON');
	}
	return connection;
}

/** The dialect of the connection that writes: see its driver. */
export class WritingDialect extends SqliteDialect {
	/** `damage` is what is wrong with the file; then nothing is written into it. */
	constructor(
		private readonly database: SqliteDatabase.Database,
		private readonly damage: string | null
	) {
		super({ database });
	}

	override createDriver(): Driver {
		return new WritingDriver(this.database, this.damage);
	}
}

/**
 * Takes the right to write when a transaction begins, since one that takes it later can fail at once. It waits for
 * other programs without holding the server up, and writes into no file that was taken away.
 */
class WritingDriver extends SqliteDriver {
	readonly #inode: number;

	constructor(
		private readonly database: SqliteDatabase.Database,
		private readonly damage: string | null
	) {
		super({ database });
		this.#inode = statSync(database.name).ino;
	}

	override async beginTransaction(connection: DatabaseConnection): Promise<void> {
		if (this.damage !== null) throw new HouseDamaged(this.damage);
		this.#requireFile();
		const until = Date.now() + PATIENCE_MS;
		for (;;) {
			try {
				await connection.executeQuery(CompiledQuery.raw('begin immediate'));
				return;
			} catch (error) {
				const isBusy = error instanceof Error && 'code' in error && error.code === 'SQLITE_BUSY';
				if (!isBusy || Date.now() > until) throw error;
				await after(WAIT_MS);
			}
		}
	}

	/** SQLite ends a transaction by itself when the disk is full; a second end would hide why. */
	override async rollbackTransaction(connection: DatabaseConnection): Promise<void> {
		if (this.database.inTransaction) await super.rollbackTransaction(connection);
	}

	#requireFile(): void {
		let inode = 0;
		try {
			inode = statSync(this.database.name).ino;
		} catch {
			// Said below.
		}
		if (inode !== this.#inode)
			throw new HouseGone('The file of the household is not in its folder any more.');
	}
}
