import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { onTestFinished } from 'vitest';
import { FILE, openStore, type Store } from '../database/open.ts';
import { TRACKED } from '$core/facts/index.ts';
import { NOT_UNDONE } from '../database/tables/index.ts';
import { seedDemo } from '../demo/seed.ts';
import { change, type Doer, type Trx } from '../history/changes.ts';
import { computeSituation, type Situation } from '$core/account/index.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';

let demo: Promise<Buffer> | null = null;

/** The demo household's database as a file; made once for all tests of a file, since that takes a while. */
async function demoFile(): Promise<Buffer> {
	const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	const store = await openStore(folder);
	await seedDemo(store.write);
	await store.close();
	const file = await readFile(join(folder, FILE));
	await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
	return file;
}

/** An opened store in a folder of its own, with the demo household unless told otherwise. */
export async function openTestStore(seed = true): Promise<Store & { folder: string }> {
	const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	if (seed) await writeFile(join(folder, FILE), await (demo ??= demoFile()));
	const store = await openStore(folder);
	onTestFinished(async () => {
		await store.close();
		await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
	});
	return { ...store, folder };
}

/**
 * The household of this process, in a folder of its own. Made for `beforeAll` and `beforeEach`: answers how to
 * close it again.
 */
export async function openHousehold(demo = true): Promise<() => Promise<void>> {
	const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	process.env.GATHER_BIN_DATA = folder;
	process.env.GATHER_BIN_DEMO = demo ? '1' : '';
	const { closeStore, opened: store } = await import('../live/data.ts');
	await store();
	return async () => {
		await closeStore();
		// Pictures of pages may still be on their way into the folder.
		await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
		await rm(`${folder}.household`);
	};
}

export async function situationOf(store: Store): Promise<Situation> {
	const snapshot = await readSnapshot(store.read);
	return computeSituation(snapshot, snapshot.household.fixed_today!);
}

/** All rows that undo brings back, by table. */
export async function allRows(store: Store): Promise<Record<string, unknown[]>> {
	const tables: Record<string, unknown[]> = {};
	for (const table of TRACKED) {
		const left = new Set<string>(NOT_UNDONE[table]);
		const rows = await store.read.selectFrom(table).selectAll().orderBy('id').execute();
		tables[table] = rows.map((row) =>
			Object.fromEntries(Object.entries(row).filter(([name]) => !left.has(name)))
		);
	}
	return tables;
}

export const doer = (operation: string | null = null, device = 'laptop'): Doer => ({
	device,
	actor: null,
	operation
});

/** The demo's running unit, with what a test does to it. */
export async function mapsHouse() {
	const store = await openTestStore();
	const now = async () => {
		const situation = await situationOf(store);
		return { situation, run: situation.runs.find((one) => one.unit.name === 'Maps and Wayfinding')! };
	};
	return {
		store,
		now,
		/** Does something as one change, from what is there then. */
		does: async <T>(work: (trx: Trx, at: Awaited<ReturnType<typeof now>>) => Promise<T>): Promise<T> => {
			const at = await now();
			return (await change(store.write, doer(), 'A change', (trx) => work(trx, at))).result as T;
		}
	};
}
