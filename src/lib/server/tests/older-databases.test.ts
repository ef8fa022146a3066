import SqliteDatabase from 'better-sqlite3';
import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it, onTestFinished } from 'vitest';
import { FILE, openStore, type Store } from '../database/open.ts';
import { undo } from '../history/changes.ts';
import { allRows, doer, situationOf } from './household.ts';

/** A data folder whose database is made from a dump of `sqlite3 .dump`, opened. */
async function openDump(name: string): Promise<Store & { folder: string }> {
	const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	const file = new SqliteDatabase(join(folder, FILE));
	// A dump writes the search index as the tables that it consists of.
	file.unsafeMode();
	file.exec(await readFile(new URL(name, import.meta.url), 'utf8'));
	file.close();
	const store = await openStore(folder);
	onTestFinished(async () => {
		await store.close();
		await rm(folder, { recursive: true });
	});
	return { ...store, folder };
}

describe('a database that an older version made', () => {
	it('opens as it is, and what was undoable still is', async () => {
		const store = await openDump('before-rooms.sql');
		// Nothing had to be migrated, so no copy was made before.
		expect((await readdir(store.folder)).filter((one) => one.startsWith('before-'))).toEqual([]);
		const { needs, runs } = await situationOf(store);
		expect(runs.map((run) => run.unit.name)).toEqual([
			'Maps and Wayfinding',
			'Kites and Wind',
			'Bread and Grain',
			'Bridges'
		]);
		expect(needs.find((one) => one.line.written === '4 paper cups per child')?.item.name).toBe('paper cup');

		const device = 'a'.repeat(32);
		const undone: (string | null)[] = [];
		for (let i = 0; i < 4; i++) undone.push((await undo(store.write, doer(null, device))).changed);
		expect(undone).toEqual([
			'Undone: Place added',
			'Undone: New unit',
			'Undone: Added: paper cup',
			'Undone: At home: 3 kg flour'
		]);
		await expect(undo(store.write, doer(null, device))).rejects.toThrow('There is nothing to undo.');
		const rows = await allRows(store);
		expect(rows.place.filter((one) => (one as { name: string }).name === 'bench')).toEqual([]);
		expect(rows.unit).toHaveLength(3);
	});
});
