import SqliteDatabase from 'better-sqlite3';
import { mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { StartRefusal } from '../database/faults.ts';
import { FILE, openStore } from '../database/open.ts';
import { change } from '../history/changes.ts';
import { addPlace } from '../stores/house/places.ts';
import { allRows, doer, openTestStore } from '../tests/household.ts';
import { backUp, backupsIn, restore } from './backups.ts';

/** A household with a picture, in a folder of its own. */
async function house() {
	const store = await openTestStore();
	const pictures = join(store.folder, 'files', 'ab');
	await mkdir(pictures, { recursive: true });
	await writeFile(join(pictures, 'abc.png'), 'a picture');
	return store;
}

const addShed = (store: Awaited<ReturnType<typeof house>>, name = 'Shed') =>
	change(store.write, doer(), 'Place added', (trx) =>
		addPlace(trx, null, {
			name,
			kind: 'room',
			length_mm: null,
			width_mm: null,
			height_mm: null,
			floor_mm: null
		})
	);

describe('backups', () => {
	it('hold the whole household and its pictures, and say what is in them', async () => {
		const store = await house();
		const made = await backUp(store.folder, 'asked');
		const rows = await allRows(store);
		expect(made.contents).toMatchObject({
			units: rows.run.length,
			lessons: rows.lesson.length,
			supplies: rows.lot.length,
			books: rows.resource.length,
			pictures: 1
		});
		const folder = join(store.folder, 'backups', made.name);
		expect(await readFile(join(folder, 'files', 'ab', 'abc.png'), 'utf8')).toBe('a picture');
		expect((await readdir(folder)).sort()).toEqual(['backup.json', 'files', FILE]);
		expect(await backupsIn(store.folder)).toEqual([made]);
	});

	it('of a newer version is refused before anything is changed', async () => {
		const store = await house();
		const { name } = await backUp(store.folder, 'night');
		const copy = new SqliteDatabase(join(store.folder, 'backups', name, FILE));
		copy.prepare('insert into kysely_migration (name, timestamp) values (?, ?)').run('0999-later', 'now');
		copy.close();
		await store.close();
		await expect(restore(store.folder, name)).rejects.toThrow('newer version of Gather Bin (0999-later)');
		expect(await backupsIn(store.folder)).toHaveLength(1);
	});

	it('going back gives every row as it was, and what was there is one more backup to come back to', async () => {
		const store = await house();
		const then = await allRows(store);
		const { name } = await backUp(store.folder, 'night');
		await addShed(store);
		const later = await allRows(store);
		expect(later).not.toEqual(then);
		await rm(join(store.folder, 'files'), { recursive: true });
		await store.close();

		await restore(store.folder, name);
		const back = await openStore(store.folder);
		expect(await allRows(back)).toEqual(then);
		expect(await readFile(join(store.folder, 'files', 'ab', 'abc.png'), 'utf8')).toBe('a picture');
		await back.close();

		const [today] = await backupsIn(store.folder);
		expect(today.why).toBe('restore');
		await restore(store.folder, today.name);
		const again = await openStore(store.folder);
		expect(await allRows(again)).toEqual(later);
		await again.close();
	});

	it('a log that an ended server left beside the old file is not read into the restored one', async () => {
		const store = await house();
		const { name } = await backUp(store.folder, 'night');
		const then = await allRows(store);
		for (let i = 0; i < 20; i++) await addShed(store, `Shed ${i}`);
		// As after a kill: the log with the changes is still there.
		const log = await readFile(join(store.folder, `${FILE}-wal`));
		expect(log.length).toBeGreaterThan(0);
		await store.close();
		await writeFile(join(store.folder, `${FILE}-wal`), log);
		await restore(store.folder, name);
		const back = await openStore(store.folder);
		expect(await allRows(back)).toEqual(then);
		await back.close();
	});

	it('one that is damaged is refused in words, and nothing is changed', async () => {
		const store = await house();
		const { name } = await backUp(store.folder, 'asked');
		const file = join(store.folder, 'backups', name, FILE);
		const bytes = await readFile(file);
		bytes.fill(0x5a, 5000, 60_000);
		await rm(file);
		await writeFile(file, bytes);
		const before = await allRows(store);
		await store.close();
		await expect(restore(store.folder, name)).rejects.toThrow(/damaged|cannot be opened/);
		await expect(restore(store.folder, '20200101T000000000Z-abcd')).rejects.toThrow('That backup is gone');
		const same = await openStore(store.folder);
		expect(await allRows(same)).toEqual(before);
		await same.close();
	});

	it('a household that is damaged itself is put aside, and a backup takes its place', async () => {
		const store = await house();
		const then = await allRows(store);
		const { name } = await backUp(store.folder, 'night');
		await store.close();
		const file = join(store.folder, FILE);
		const bytes = await readFile(file);
		bytes.fill(0x5a, 4096, bytes.length);
		await writeFile(file, bytes);
		await restore(store.folder, name);
		const back = await openStore(store.folder);
		expect(back.damage).toBeNull();
		expect(await allRows(back)).toEqual(then);
		await back.close();
		expect((await readdir(store.folder)).some((one) => one.includes('.damaged-'))).toBe(true);
	});

	it('while a server works with the folder, nobody goes back', async () => {
		const store = await house();
		const { name } = await backUp(store.folder, 'asked');
		const other = new SqliteDatabase(join(store.folder, FILE));
		other.close();
		const script = `
			import { restore } from './src/lib/server/trust/backups.ts';
			await restore(process.argv[1], process.argv[2]).catch((error) => console.log(error.name, error.message));`;
		const { execFile } = await import('node:child_process');
		const said = await new Promise<string>((answer) =>
			execFile(
				process.execPath,
				['--import', 'tsx', '--input-type=module', '-e', script, store.folder, name],
				(_, out, err) => answer(out + err)
			)
		);
		expect(said).toContain(StartRefusal.name);
		expect(said).toContain('Another Gather Bin works with the folder');
		expect(said).toContain(`process ${process.pid}`);
	});

	it('one that a power cut left half made is no backup, and goes with the next', async () => {
		const store = await house();
		await mkdir(join(store.folder, 'backups', '20270101T020000000Z-beef.part'), { recursive: true });
		expect(await backupsIn(store.folder)).toEqual([]);
		await backUp(store.folder, 'asked');
		expect(await readdir(join(store.folder, 'backups'))).toHaveLength(1);
	});
});
