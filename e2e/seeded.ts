import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { openStore, type Db } from '../src/lib/server/database/open.ts';
import { seedDemo } from '../src/lib/server/demo/seed.ts';
import { fillHouse, fillLibrary } from '../scripts/large-household.ts';

/** Where the households lie that are made once before all journeys; each server gets a copy of its own. */
export const SEEDED = join('test-results', 'seeded');

const HOUSEHOLDS = {
	demo: seedDemo,
	largest: async (db: Db) => {
		await fillHouse(db);
		await fillLibrary(db);
	}
};
export type Seeded = keyof typeof HOUSEHOLDS;

export default async function seed(): Promise<void> {
	rmSync(SEEDED, { recursive: true, force: true });
	for (const [name, fill] of Object.entries(HOUSEHOLDS)) {
		const folder = join(SEEDED, name);
		mkdirSync(folder, { recursive: true });
		const store = await openStore(folder);
		await fill(store.write);
		await store.close();
	}
}
