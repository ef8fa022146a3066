import SqliteDatabase from 'better-sqlite3';
import { readFileSync, realpathSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { StartRefusal } from './faults.ts';

/** Held by this process, with how often; a folder may be opened again by the server that has it. */
const held = new Map<string, { lock: SqliteDatabase.Database; times: number }>();

/**
 * Takes a data folder for this process alone. The lock is the operating system's own, so that it goes with the
 * process however it ends and none is ever left behind. Answers how to let go of it.
 * @throws StartRefusal naming who has it.
 */
export function lockFolder(folder: string): () => void {
	const path = realpathSync(folder);
	let one = held.get(path);
	if (!one) held.set(path, (one = { lock: take(path), times: 0 }));
	one.times++;
	let isHeld = true;
	return () => {
		if (!isHeld) return;
		isHeld = false;
		if (--one.times > 0) return;
		held.delete(path);
		one.lock.close();
	};
}

function take(path: string): SqliteDatabase.Database {
	const note = join(path, 'in-use.json');
	const lock = new SqliteDatabase(join(path, 'in-use.lock'), { timeout: 0 });
	try {
		lock.pragma('journal_mode = MEMORY');
		lock.exec('begin exclusive');
	} catch (error) {
		lock.close();
		if (!(error instanceof Error && 'code' in error && error.code === 'SQLITE_BUSY')) throw error;
		throw new StartRefusal(
			`Another Gather Bin works with the folder ${path}${ownerOf(note)}. Two at once could spoil it: end the other one first, or name another folder in GATHER_BIN_DATA.`
		);
	}
	writeFileSync(note, JSON.stringify({ process: process.pid, since: new Date().toISOString() }));
	return lock;
}

function ownerOf(note: string): string {
	try {
		const { process, since } = JSON.parse(readFileSync(note, 'utf8')) as { process: number; since: string };
		return ` (process ${process}, since ${since})`;
	} catch {
		return '';
	}
}
