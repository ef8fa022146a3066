import { dev } from '$app/environment';
import { env } from '$env/dynamic/private';
import type { Day } from '$core/calendar/index.ts';
import { openStore, type Store } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { seedEmpty } from '../stores/household.ts';
import { computeSituation, type Situation } from '../services/readiness/situation.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';
import { revisionOf } from '../history/changes.ts';

let opened: Promise<Store> | null = null;
let cached: { revision: number; today: Day; situation: Situation } | null = null;

/** The household's data, opened once for the process. */
export function store(): Promise<Store> {
	return (opened ??= open());
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
	if (opened) await (await opened).close();
	opened = null;
	cached = null;
}

function systemZone(): string {
	return Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** Today in the household's zone, or its fixed day. */
export function todayIn(household: { zone: string; fixed_today: Day | null }): Day {
	if (household.fixed_today) return household.fixed_today;
	return new Intl.DateTimeFormat('sv-SE', { timeZone: household.zone }).format(new Date());
}

/** The computed situation, cached by revision and day. */
export async function situation(): Promise<Situation> {
	const { read } = await store();
	const revision = await revisionOf(read);
	if (cached && cached.revision === revision) {
		const today = todayIn(cached.situation.snapshot.household);
		if (today === cached.today) return cached.situation;
	}
	const snapshot = await readSnapshot(read, cached?.situation.snapshot);
	const today = todayIn(snapshot.household);
	const fresh = computeSituation(snapshot, today);
	cached = { revision: snapshot.revision, today, situation: fresh };
	return fresh;
}
