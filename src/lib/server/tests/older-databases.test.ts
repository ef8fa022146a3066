import SqliteDatabase from 'better-sqlite3';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { sql } from 'kysely';
import { join } from 'node:path';
import { describe, expect, it, onTestFinished } from 'vitest';
import { FILE, openStore, type Store } from '../database/open.ts';
import { undo } from '../history/changes.ts';
import { allRows, doer, openTestStore, situationOf } from './household.ts';

/** A data folder whose database is made from a dump of `sqlite3 .dump`, opened. */
async function openDump(name: string): Promise<Store & { folder: string }> {
	const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	const file = new SqliteDatabase(join(folder, FILE));
	// A dump writes the search index as the tables that it consists of.
	file.unsafeMode();
	file.exec(await readFile(new URL(`older/${name}`, import.meta.url), 'utf8'));
	file.close();
	const store = await openStore(folder);
	onTestFinished(async () => {
		await store.close();
		await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
	});
	return { ...store, folder };
}

describe('a database that an older version made', () => {
	it('whose tables stay the same keeps what was undoable', async () => {
		const store = await openDump('0011-occasions-before-rooms.sql');
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
		for (let i = 0; i < 3; i++) undone.push((await undo(store.write, doer(null, device))).changed);
		expect(undone).toEqual([
			'Undone: Place added',
			'Undone: New unit',
			// A line that was added between went through tables that were made anew since.
			'Undone: At home: 3 kg flour'
		]);
		await expect(undo(store.write, doer(null, device))).rejects.toThrow('Nothing to undo.');
		const rows = await allRows(store);
		expect(rows.place.filter((one) => (one as { name: string }).name === 'bench')).toEqual([]);
		expect(rows.unit).toHaveLength(3);
	});

	it.each([
		['0001-first.sql', { unit: 2, item: 1, supply_line: 1, lot: 1 }],
		// First forms of migrations, which were changed after households had run them.
		['0002-house-with-paper.sql', { unit: 2 }],
		['0005-plan-before-frames.sql', { unit: 3 }],
		['0009-buying-before-wanted.sql', { unit: 3, offer: 5 }],
		[
			'0010-gathering-before-bundles.sql',
			{ unit: 3, offer: 5, errand: 0, item: 50, supply_line: 50, lot: 100 }
		],
		['0023-posters-before-checks.sql', { unit: 3, basket_part: 7, tray: 5, wall_word: 5, day_tick: 1 }],
		['0024-checks-before-spots.sql', { unit: 3, wall_word: 35 }],
		['0025-spots-before-print-sheets.sql', { unit: 3, print: 40, print_run: 1 }]
	])('%s comes up to date with its data and has the tables of a new one', async (name, least) => {
		const store = await openDump(name);
		const fresh = await openTestStore(false);
		expect(await shapeOf(store)).toEqual(await shapeOf(fresh));
		const rows = await allRows(store);
		for (const [table, count] of Object.entries(least))
			expect(rows[table].length, table).toBeGreaterThanOrEqual(count);
		const { runs } = await situationOf(store);
		expect(runs.length).toBeGreaterThan(0);
		expect(runs.every((run) => run.trouble === null)).toBe(true);
	});

	it('of a newer version is refused in words, and left as it is', async () => {
		const store = await openTestStore();
		await sql`insert into kysely_migration (name, timestamp) values ('0999-later', '2030')`.execute(
			store.write
		);
		await store.close();
		const before = await readFile(join(store.folder, FILE));
		await expect(openStore(store.folder)).rejects.toThrow(
			'written by a newer version of Gather Bin (0999-later)'
		);
		expect(await readFile(join(store.folder, FILE))).toEqual(before);
	});

	it('whose references would not hold afterwards is refused each time it is started', async () => {
		const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
		const file = new SqliteDatabase(join(folder, FILE));
		file.unsafeMode();
		file.exec(await readFile(new URL('older/0009-buying-before-wanted.sql', import.meta.url), 'utf8'));
		file.pragma('foreign_keys = OFF');
		file.exec('update lot set place_id = 99999 where id = 1');
		file.close();
		for (const _ of [1, 2])
			await expect(openStore(folder)).rejects.toThrow(/could not be brought up to date.*rows of lot/);
		const left = new SqliteDatabase(join(folder, FILE), { readonly: true });
		expect(left.prepare('select count(*) from kysely_migration').pluck().get()).toBe(9);
		left.close();
		await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
	});
});

/** Tables with their columns, whatever the order of these. */
async function shapeOf({ read }: Store): Promise<string[]> {
	const tables = await read.introspection.getTables();
	return tables
		.map(
			({ name, columns }) =>
				`${name}: ${columns
					.map((one) => `${one.name} ${one.dataType}`)
					.sort()
					.join(', ')}`
		)
		.sort();
}
