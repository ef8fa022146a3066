import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeEach, expect, it, onTestFinished } from 'vitest';
import { FILE, openStore } from '../database/open.ts';
import { closeStore, opened } from './data.ts';

let folder = '';
beforeEach(async () => {
	folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	process.env.GATHER_BIN_DATA = folder;
	process.env.GATHER_BIN_DEMO = '';
	onTestFinished(async () => {
		// A start that was refused has nothing to close.
		await closeStore().catch(() => null);
		await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
		await rm(`${folder}.household`, { force: true });
	});
});

const households = async () =>
	(await (await opened()).read.selectFrom('household').selectAll().execute()).length;

it('a first start that was cut off before it had a household gets one at the next', async () => {
	await (await openStore(folder)).close();
	expect(await households()).toBe(1);
});

it('where a household was and is not now, none is begun in its place', async () => {
	expect(await households()).toBe(1);
	await closeStore();
	await rm(join(folder, FILE));
	await expect(opened()).rejects.toThrow('held a household, and its file is gone');
});
