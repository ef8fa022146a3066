import { dev } from '$app/environment';
import { env } from '$env/dynamic/private';
import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { StartRefusal } from '../database/faults.ts';
import { FILE, openStore, type Store } from '../database/open.ts';
import { keepGuide } from '../demo/guide-file.ts';
import { seedDemo } from '../demo/seed.ts';
import { mendHalfDone } from '../history/changes.ts';
import { seedEmpty } from '../stores/house/household.ts';
import { backUp } from '../trust/backups.ts';

let data: Promise<Store> | null = null;

/** Where the household's data lie. */
export function dataFolder(): string {
	return env.GATHER_BIN_DATA || 'data';
}

/** The household's data, opened once for the process. */
export function opened(): Promise<Store> {
	return (data ??= open());
}

async function open(): Promise<Store> {
	const folder = dataFolder();
	requireHouse(folder);
	const made = await openStore(folder, {
		keep: async (connection) => void (await backUp(folder, 'migration', { connection }))
	});
	// A first start that was cut off has left a file without a household.
	if (made.damage === null && (await isEmpty(made))) {
		if (env.GATHER_BIN_DEMO) await seedDemo(made.write);
		else await seedEmpty(made.write, systemZone());
	}
	if (env.GATHER_BIN_DEMO) await keepGuide(folder);
	if (made.damage === null) await mendHalfDone(made.write);
	noteHouse(folder);
	if (made.damage !== null)
		console.error(
			`The household's file is damaged (${made.damage}). It can be read as far as it goes, and nothing is written to it; go back to a backup in Household, under Health.`
		);
	if (dev) console.info(`Data is in ${folder}`);
	return made;
}

/**
 * A word beside the data folder that it holds a household. It stays when the folder's disk is not there, so that no
 * new and empty house is begun in its place.
 */
const markerOf = (folder: string) => `${resolve(folder)}.household`;

/**
 * Lets a house be made in a folder that never held one.
 * @throws StartRefusal where the folder held one, or holds other things of one, and it is not there now.
 */
function requireHouse(folder: string): void {
	if (existsSync(resolve(folder, FILE))) return;
	const lost = ['backups', 'files'].filter(
		(name) => existsSync(resolve(folder, name)) && readdirSync(resolve(folder, name)).length
	);
	const isKnown = existsSync(markerOf(folder)) || lost.length > 0;
	if (isKnown && !env.GATHER_BIN_NEW && !env.GATHER_BIN_DEMO)
		throw new StartRefusal(
			`The folder ${resolve(folder)} held a household, and its file is gone. If it is on another disk, is that disk connected? ` +
				`To go back to a backup: npm run restore. To start a new, empty household anyway: start once with GATHER_BIN_NEW=yes.`
		);
}

async function isEmpty({ read }: Store): Promise<boolean> {
	return !(await read.selectFrom('household').select('id').executeTakeFirst());
}

function noteHouse(folder: string): void {
	try {
		writeFileSync(markerOf(folder), 'The folder of this name holds the records of a household.\n', {
			mode: 0o600
		});
	} catch {
		// Where nothing may be written beside the folder, it has to do without.
	}
}

export async function closeStore(): Promise<void> {
	const before = data;
	data = null;
	if (before) await (await before).close();
}

/** Whether a store is still the one of this process: what goes on in the background ends with it. */
export async function isOpen(store: Store): Promise<boolean> {
	return data !== null && (await data) === store;
}

/** Closes the house for some work on its files, during which everyone waits, and opens it again in any case. */
export async function whileClosed<T>(work: () => Promise<T>): Promise<T> {
	const before = data;
	const worked = (async () => {
		await (await before)?.close();
		return work();
	})();
	data = worked.then(open, open);
	await data;
	return worked;
}

function systemZone(): string {
	return Intl.DateTimeFormat().resolvedOptions().timeZone;
}
