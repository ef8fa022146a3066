import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '$core/calendar/index.ts';
import { isReady } from '$core/readiness/index.ts';
import { change } from '../../history/changes.ts';
import { readSnapshot } from '../../snapshot/snapshot.ts';
import { doer, openTestStore } from '../../tests/household.ts';
import { exact } from '$core/measure/index.ts';
import { ALL, type Act, actsOf, boardOf, computeSituation, type Situation } from '$core/account/index.ts';
import { arrange, gotAll, gotIt, prepared, takeStep } from './steps.ts';

/** What is still to be done for lessons that hold somebody up. */
const openNeeds = (now: Situation) =>
	[...now.needs, ...now.whole].filter(
		({ need, days }) =>
			need.required && !need.doWithout && need.useDay !== null && days !== null && !isReady(need)
	);

/** Nothing that holds a lesson up is in no task, and nothing that is done is in one. */
function agrees(now: Situation): void {
	const acts = actsOf(now);
	const keys = new Map<string, Act[]>();
	for (const act of acts) for (const key of act.keys) keys.set(key, [...(keys.get(key) ?? []), act]);
	for (const one of openNeeds(now))
		expect(
			keys.get(one.need.key)?.length ?? 0,
			`${one.need.key} of lesson ${one.lesson.number}`
		).toBeGreaterThan(0);
	const ready = new Set(
		[...now.needs, ...now.whole].filter(({ need }) => isReady(need)).map((one) => one.need.key)
	);
	for (const [key, own] of keys) {
		expect(ready.has(key), key).toBe(false);
		// Of one thing some can be gathered while the rest is bought; whatever is one thing as a whole is one task.
		if (now.whole.some((one) => one.need.key === key)) expect(own.length, key).toBe(1);
	}
	for (const act of acts) expect(act.actBy).toMatch(/^\d{4}-\d\d-\d\d$/);
	// The board says ready of exactly the lessons of which nothing is open.
	for (const run of now.runs.filter((one) => one.row.state === 'running'))
		for (const lesson of boardOf(now, run).lessons.filter(
			(one) => one.date !== null && one.outcome === null
		)) {
			const isOpen = openNeeds(now).some((one) => one.run === run && one.lesson.lesson.id === lesson.id);
			const cells = Object.values(lesson.streams).filter(
				(one) => one.behind.length > 0 && one.text !== 'extras only'
			);
			if (cells.length)
				expect(
					cells.every((one) => one.verdict === 'done'),
					lesson.title
				).toBe(!isOpen);
		}
}

type Trx = Parameters<Parameters<typeof change>[3]>[0];

/** Does what an act says, as its button does; those with a page of their own are left. */
async function doAct(trx: Trx, now: Situation, act: Act): Promise<boolean> {
	switch (act.kind) {
		case 'buy':
		case 'make':
		case 'free':
		case 'used':
		case 'receive':
			await (act.amount === ALL ? gotAll(trx, now, act.keys) : gotIt(trx, now, act.keys, exact(act.amount)));
			return true;
		case 'order':
		case 'ask':
		case 'hold':
		case 'wish':
			await arrange(trx, now, act.keys, null);
			return true;
		case 'prepare':
			await prepared(trx, now, act.keys);
			return true;
		case 'walk':
		case 'look':
		case 'run':
		case 'sit':
		case 'set out':
			return false;
		default:
			await takeStep(trx, now, act.keys);
			return true;
	}
}

describe('the account of all that is to be done', () => {
	it('never contradicts itself, whatever is done on whatever day; what is done is not asked again', async () => {
		await fc.assert(
			fc.asyncProperty(
				fc.array(fc.tuple(fc.nat(4), fc.nat(30)), { minLength: 4, maxLength: 14 }),
				async (deeds) => {
					const store = await openTestStore();
					const { household } = await readSnapshot(store.read);
					let today = household.fixed_today!;
					const now = async () => computeSituation(await readSnapshot(store.read), today);
					agrees(await now());
					for (const [days, pick] of deeds) {
						today = addDays(today, days);
						const before = await now();
						agrees(before);
						const acts = actsOf(before);
						const act = acts[pick % Math.max(1, acts.length)];
						if (!act) continue;
						const isDone = (await change(store.write, doer(), 'An act', (trx) => doAct(trx, before, act)))
							.result;
						const after = await now();
						agrees(after);
						if (isDone)
							expect(
								actsOf(after).some(
									(one) =>
										one.kind === act.kind && one.keys.join() === act.keys.join() && one.title === act.title
								),
								act.title
							).toBe(false);
					}
				}
			),
			{ numRuns: 10, seed: 7 }
		);
	});
});
