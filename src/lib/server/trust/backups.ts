import SqliteDatabase from 'better-sqlite3';
import { randomBytes } from 'node:crypto';
import { constants, existsSync } from 'node:fs';
import { copyFile, link, mkdir, open, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Refusal } from '../../../core/error.ts';
import { keptBackups } from '../../../core/trust/index.ts';
import { StartRefusal } from '../database/faults.ts';
import { lockFolder } from '../database/folder-lock.ts';
import { FILE, newerThanThis } from '../database/open.ts';

/** Why a backup was made. */
export const REASONS = {
	night: 'every night',
	asked: 'asked for',
	migration: 'before a new version',
	import: 'before a file was imported',
	restore: 'before going back to another'
} as const;
export type Reason = keyof typeof REASONS;

/** What is in a backup, counted when it was made. */
export type Contents = {
	readonly household: string;
	readonly units: number;
	readonly lessons: number;
	readonly supplies: number;
	readonly books: number;
	readonly pictures: number;
};

export type Backup = {
	/** Its folder's name, by which it is asked for. */
	readonly name: string;
	/** When, as ISO 8601 text in UTC. */
	readonly at: string;
	readonly why: Reason;
	readonly contents: Contents;
};

const FOLDER = 'backups';
const PICTURES = 'files';
const NOTE = 'backup.json';
const NAME = /^\d{8}T\d{9}Z-[0-9a-f]{4}$/;

/**
 * Makes a backup of the household in `folder`: the database while it is in use, and the pictures. It is written
 * aside, checked by opening it, and named only then; what the rotation does not keep is removed.
 * @throws Refusal where the copy does not pass its check; nothing is left of it then.
 */
export async function backUp(
	folder: string,
	why: Reason,
	{ at = new Date(), connection }: { at?: Date; connection?: SqliteDatabase.Database } = {}
): Promise<Backup> {
	const backups = join(folder, FOLDER);
	await mkdir(backups, { recursive: true, mode: 0o700 });
	const name = `${at.toISOString().replace(/[-:.]/g, '')}-${randomBytes(2).toString('hex')}`;
	const aside = join(backups, `${name}.part`);
	try {
		await mkdir(aside, { mode: 0o700 });
		await copyDatabase(connection ?? join(folder, FILE), join(aside, FILE));
		const pictures = await linkPictures(join(folder, PICTURES), join(aside, PICTURES));
		const contents = { ...checked(join(aside, FILE)), pictures };
		const note = { at: at.toISOString(), why, contents };
		await writeFile(join(aside, NOTE), JSON.stringify(note));
		for (const file of [FILE, NOTE]) await flush(join(aside, file));
		await rename(aside, join(backups, name));
		await flush(backups);
		await rotate(folder);
		return { name, ...note };
	} catch (error) {
		await rm(aside, { recursive: true, force: true });
		throw error;
	}
}

async function copyDatabase(from: SqliteDatabase.Database | string, to: string): Promise<void> {
	const connection = typeof from === 'string' ? new SqliteDatabase(from, { readonly: true }) : from;
	try {
		await connection.backup(to);
	} finally {
		if (connection !== from) connection.close();
	}
	// Without a log beside it, a copy is one file.
	const copy = new SqliteDatabase(to);
	copy.pragma('journal_mode = DELETE');
	copy.close();
}

/** Pictures never change once they are written, so that a second name for the same bytes is a copy. */
async function linkPictures(from: string, to: string): Promise<number> {
	let count = 0;
	if (!existsSync(from)) return count;
	for (const entry of await readdir(from, { recursive: true, withFileTypes: true })) {
		if (!entry.isFile() || entry.name.endsWith('.part')) continue;
		const under = join(to, entry.parentPath.slice(from.length));
		await mkdir(under, { recursive: true, mode: 0o700 });
		await copyOrLink(join(entry.parentPath, entry.name), join(under, entry.name));
		count++;
	}
	return count;
}

async function copyOrLink(from: string, to: string): Promise<void> {
	if (existsSync(to)) return;
	try {
		await link(from, to);
	} catch {
		// Some disks know no second names.
		await copyFile(from, to, constants.COPYFILE_EXCL);
	}
}

/** Opens a copy and checks all of it. Answers what is in it. @throws Refusal where it is not whole. */
function checked(file: string): Omit<Contents, 'pictures'> {
	const copy = new SqliteDatabase(file, { readonly: true });
	try {
		const said = copy.pragma('integrity_check(1)', { simple: true });
		if (said !== 'ok') throw new Refusal(`The copy is damaged: ${String(said)}.`);
		const newer = newerThanThis(copy);
		if (newer)
			throw new Refusal(
				`That backup is from a newer version of Gather Bin (${newer}). Start that version to go back to it.`
			);
		const count = (table: string) => copy.prepare(`select count(*) from ${table}`).pluck().get() as number;
		const has = (table: string) =>
			copy.prepare(`select 1 from sqlite_master where type = 'table' and name = ?`).get(table) !== undefined;
		return {
			household: (copy.prepare('select name from household').pluck().get() as string | undefined) ?? '',
			units: count('run'),
			lessons: count('lesson'),
			supplies: count('lot'),
			books: has('resource') ? count('resource') : 0
		};
	} catch (error) {
		if (error instanceof Refusal) throw error;
		throw new Refusal(`That backup can’t be opened: ${(error as Error).message}.`);
	} finally {
		copy.close();
	}
}

/** Waits until a file or folder is on the disk itself. */
async function flush(path: string): Promise<void> {
	const handle = await open(path, 'r');
	try {
		await handle.sync();
	} finally {
		await handle.close();
	}
}

/** All backups of a folder, the newest first; what is no whole backup is left out. */
export async function backupsIn(folder: string): Promise<Backup[]> {
	const backups = join(folder, FOLDER);
	if (!existsSync(backups)) return [];
	const found: Backup[] = [];
	for (const name of await readdir(backups)) {
		if (!NAME.test(name)) continue;
		try {
			found.push({
				name,
				...(JSON.parse(await readFile(join(backups, name, NOTE), 'utf8')) as Omit<Backup, 'name'>)
			});
		} catch {
			// A folder without its note is none of ours.
		}
	}
	return found.sort((a, b) => (a.at < b.at ? 1 : -1));
}

async function rotate(folder: string): Promise<void> {
	const all = await backupsIn(folder);
	const kept = new Set(keptBackups(all).map((one) => one.name));
	for (const { name } of all)
		if (!kept.has(name)) await rm(join(folder, FOLDER, name), { recursive: true, force: true });
	// What a power cut left half made.
	for (const name of await readdir(join(folder, FOLDER)))
		if (name.endsWith('.part')) await rm(join(folder, FOLDER, name), { recursive: true, force: true });
}

/** A backup by its name, opened and checked. @throws Refusal where it is not there, or not whole. */
export async function soundBackup(folder: string, name: string): Promise<Backup> {
	const backup = (await backupsIn(folder)).find((one) => one.name === name);
	if (!backup) throw new Refusal('That backup is gone.');
	checked(join(folder, FOLDER, name, FILE));
	return backup;
}

/**
 * Puts a backup in the place of the household in `folder`, which nobody has open: first what is there now is kept
 * as one more backup, and a log beside the old file goes with it. Pictures are added, none is taken away.
 * Answers what was put back.
 * @throws Refusal for a backup that is not there or not whole; then nothing is changed.
 * @throws StartRefusal while a server works with the folder.
 */
export async function restore(folder: string, name: string): Promise<Backup> {
	const backup = await soundBackup(folder, name);
	const from = join(folder, FOLDER, name);
	const release = lockFolder(folder);
	try {
		const file = join(folder, FILE);
		const next = `${file}.next`;
		await rm(next, { force: true });
		await copyFile(join(from, FILE), next);
		await flush(next);
		await linkPictures(join(from, PICTURES), join(folder, PICTURES));
		if (existsSync(file)) await keepWhatIsThere(folder, name);
		// A log of the old file would be read into the new one.
		for (const log of ['-wal', '-shm']) await rm(file + log, { force: true });
		await rename(next, file);
		await flush(folder);
		return backup;
	} finally {
		release();
	}
}

/** A file that is too damaged for a backup is put aside as it is. */
async function keepWhatIsThere(folder: string, name: string): Promise<void> {
	const file = join(folder, FILE);
	try {
		await backUp(folder, 'restore');
	} catch (error) {
		if (error instanceof StartRefusal) throw error;
		for (const end of ['', '-wal'])
			if (existsSync(file + end)) await rename(file + end, `${file}.damaged-${name}${end}`);
	}
}
