import { sql } from 'kysely';
import { execFile } from 'node:child_process';
import { mkdtemp, open, readdir, rename, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it, onTestFinished } from 'vitest';
import { change } from '../history/changes.ts';
import { allRows, doer, openTestStore } from '../tests/household.ts';
import { faultText } from './faults.ts';
import { FILE, openStore, type Store } from './open.ts';

const rename_ = (store: Store, name: string) =>
	change(store.write, doer(), 'Household', (trx) =>
		trx.updateTable('household').set({ name }).where('id', '=', 1).execute()
	);

/** What somebody is told of what went wrong. */
async function told(work: Promise<unknown>): Promise<string | null> {
	return work.then(
		() => 'it went well',
		(error: unknown) => faultText(error)
	);
}

describe('what can happen to a disk', () => {
	it('it is full: said, nothing is changed, and the next change goes well again', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		const { rows } = await sql<{ page_count: number }>`pragma page_count`.execute(store.write);
		await sql.raw(`pragma max_page_count = ${rows[0].page_count}`).execute(store.write);
		expect(await told(rename_(store, 'x'.repeat(5_000_000)))).toContain('The disk is full. Nothing changed');
		expect(await allRows(store)).toEqual(before);
		await sql.raw('pragma max_page_count = 1000000').execute(store.write);
		expect((await rename_(store, 'The house')).changed).toBe('Household');
	});

	it('the file is taken away while it is open: a change is refused, and what was read can be read', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		await rename(join(store.folder, FILE), join(store.folder, 'elsewhere'));
		expect(await told(rename_(store, 'lost'))).toContain('no longer in its folder');
		expect(await allRows(store)).toEqual(before);
		await rename(join(store.folder, 'elsewhere'), join(store.folder, FILE));
		expect((await rename_(store, 'back')).changed).toBe('Household');
	});

	it('a page of the file is garbled: said at the start, read as far as it goes, and nothing is written', async () => {
		const store = await openTestStore();
		const { rows } = await sql<{ rootpage: number }>`
			select rootpage from sqlite_master where name = 'lot'`.execute(store.read);
		const { rows: sizes } = await sql<{ page_size: number }>`pragma page_size`.execute(store.read);
		await store.close();
		const file = await open(join(store.folder, FILE), 'r+');
		const size = sizes[0].page_size;
		await file.write(Buffer.alloc(size, 0x5a), 0, size, (rows[0].rootpage - 1) * size);
		await file.close();
		const again = await openStore(store.folder);
		onTestFinished(() => again.close());
		expect(again.damage).toContain('lot');
		expect(await told(rename_(again, 'more damage'))).toContain('go back to a backup');
		expect((await again.read.selectFrom('lesson').selectAll().execute()).length).toBeGreaterThan(10);
		expect(await told(again.read.selectFrom('lot').selectAll().execute())).toContain(
			'The household’s file is damaged'
		);
	});

	it('another program holds the file for a moment: the change waits without holding the server up', async () => {
		const store = await openTestStore();
		const holder = `
			import SqliteDatabase from 'better-sqlite3';
			const file = new SqliteDatabase(process.argv[1]);
			file.exec('begin immediate');
			console.log('held');
			setTimeout(() => { file.exec('commit'); file.close(); }, 700);`;
		const child = execFile(process.execPath, ['--input-type=module', '-e', holder, join(store.folder, FILE)]);
		await new Promise((held) => child.stdout!.once('data', held));
		let turns = 0;
		const timer = setInterval(() => turns++, 5);
		expect((await rename_(store, 'The house')).changed).toBe('Household');
		clearInterval(timer);
		// The loop turned while it waited.
		expect(turns).toBeGreaterThan(3);
	});

	it('the folder is for its owner’s eyes only; what is no household is left alone', async () => {
		const store = await openTestStore();
		expect((await stat(store.folder)).mode & 0o077).toBe(0);
		const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
		onTestFinished(() => rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 }));
		await writeFile(join(folder, FILE), 'These are the notes of my aunt, and no database.'.repeat(100));
		await expect(openStore(folder)).rejects.toThrow(/damaged/);
		expect((await readdir(folder)).includes(FILE)).toBe(true);
	});
});
