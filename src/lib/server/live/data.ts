import { dev } from '$app/environment';
import { env } from '$env/dynamic/private';
import { openStore, type Store } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { seedEmpty } from '../stores/house/household.ts';

let data: Promise<Store> | null = null;

/** The household's data, opened once for the process. */
export function opened(): Promise<Store> {
	return (data ??= open());
}

async function open(): Promise<Store> {
	const folder = env.GATHER_BIN_DATA || 'data';
	const made = await openStore(folder);
	const { count } = await made.write
		.selectFrom('household')
		.select((eb) => eb.fn.countAll<number>().as('count'))
		.executeTakeFirstOrThrow();
	if (count === 0) {
		if (env.GATHER_BIN_DEMO) await seedDemo(made.write);
		else await seedEmpty(made.write, systemZone());
	}
	if (dev) console.info(`Data lies in ${folder}`);
	return made;
}

export async function closeStore(): Promise<void> {
	if (data) await (await data).close();
	data = null;
}

function systemZone(): string {
	return Intl.DateTimeFormat().resolvedOptions().timeZone;
}
