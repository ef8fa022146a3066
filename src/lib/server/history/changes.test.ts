import fc from 'fast-check';
import { copyFile, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it, onTestFinished } from 'vitest';
import { Refusal } from '$core/error.ts';
import { exact, exactText } from '$core/measure/index.ts';
import { FILE, openStore, type Store } from '../database/open.ts';
import { gatherList } from '../services/gathering/list.ts';
import { planOf } from '../services/plan/days.ts';
import { boardOf, computeSituation } from '$core/account/index.ts';
import { stashOf } from '../services/stash/stash.ts';
import type { Snapshot } from '$core/facts/index.ts';
import { readSnapshot } from '../snapshot/snapshot.ts';
import { setFeedSecret } from '../stores/house/household.ts';
import { addLine, removeLine } from '../stores/gathering/supply-lines.ts';
import { addLesson, orderLessons, removeLesson, setOutcome, updateLesson } from '../stores/plan/lessons.ts';
import { addBlocked, createUnit } from '../stores/plan/units.ts';
import { patchNeed } from '../stores/readiness/needs.ts';
import { addLot, countLot, moveLot, useUp } from '../stores/stash/lots.ts';
import { allRows, doer, openTestStore } from '../tests/household.ts';
import {
	change,
	changeInParts,
	FOR_GOOD,
	mendHalfDone,
	redo,
	revisionOf,
	undo,
	type Trx
} from './changes.ts';

const TODAY = '2027-01-22';
const lesson = (title: string) => ({ title, note: '', optional: 0 as const, sessions: 1 });

/** Things that can be done, each with a number to vary it. */
const deeds: ((trx: Trx, n: number) => Promise<unknown>)[] = [
	(trx, n) => createUnit(trx, `Unit ${n}`, TODAY),
	(trx, n) => addLesson(trx, 1, lesson(`Lesson ${n}`)),
	(trx, n) => updateLesson(trx, 1, 1 + (n % 3), lesson(`Changed ${n}`)),
	(trx, n) => removeLesson(trx, 1, 1 + (n % 14)),
	(trx, n) => orderLessons(trx, 1, [1 + (n % 13), 1 + ((n * 7) % 13)]),
	(trx) => addBlocked(trx, 1, '2027-02-23', '2027-02-24', 'trip'),
	(trx, n) => countLot(trx, 1 + (n % 100), exact(n), TODAY),
	(trx, n) => moveLot(trx, 1 + (n % 100), exact(n).div(3), 2 + (n % 10), TODAY),
	(trx, n) => useUp(trx, 1 + (n % 100), exact(n), 'each', 'thing', TODAY),
	(trx, n) =>
		addLot(
			trx,
			{ item_id: 1 + (n % 50), amount: exact(n), unit: 'each', place_id: 3, good_until: null },
			TODAY
		),
	(trx, n) => patchNeed(trx, 1, `1/supplies/${n % 5}/-/1`, { found: String(n), unit: 'each' }),
	async (trx, n) => {
		const row = await trx.selectFrom('lesson').select('id').orderBy('id', 'desc').executeTakeFirstOrThrow();
		return addLine(trx, {
			lesson: row.id,
			written: `${n} corks`,
			item: 'cork',
			quantity: n / 4,
			to: null,
			unit: 'each',
			per: 'child',
			groupSize: null,
			optional: false,
			or: [],
			note: null,
			check: false,
			use: 'consumed'
		});
	},
	async (trx) => {
		const row = await trx
			.selectFrom('supply_line')
			.select('id')
			.orderBy('id', 'desc')
			.executeTakeFirstOrThrow();
		return removeLine(trx, row.id);
	},
	(trx, n) => setOutcome(trx, 7 + (n % 3), 1, 'taught', TODAY)
];

async function doAll(store: Store, history: readonly (readonly [number, number])[]): Promise<number> {
	let done = 0;
	for (const [deed, n] of history) {
		try {
			const answer = await change(store.write, doer(), 'deed', (trx) => deeds[deed](trx, n));
			if (answer.changed) done++;
		} catch (error) {
			// Refused in words (a lesson that an earlier deed removed): nothing was changed.
			if (!(error instanceof Refusal)) throw error;
		}
	}
	return done;
}

const history = fc.array(fc.tuple(fc.nat({ max: deeds.length - 1 }), fc.integer({ min: 1, max: 60 })), {
	minLength: 1,
	maxLength: 14
});

describe('a snapshot brought up to date', () => {
	/** What is computed for each need, small enough to compare. */
	const computed = (snapshot: Snapshot) =>
		computeSituation(snapshot, TODAY).needs.map((one) => ({
			key: one.need.key,
			item: one.item,
			lesson: one.lesson,
			amount: exactText(one.amount),
			unit: one.unit,
			lots: one.served?.lots.map(({ lot, amount }) => [lot.id, exactText(amount)]),
			days: one.days,
			verdict: one.verdict,
			supplier: one.supplier,
			cautions: one.cautions,
			problem: one.problem
		}));

	/** What the screens of the running unit show. */
	const shown = (snapshot: Snapshot) => {
		const now = computeSituation(snapshot, TODAY);
		return [boardOf(now, now.runs[0]), gatherList(now, now.runs[0]), planOf(now, now.runs[0]), stashOf(now)];
	};

	it('is what a whole reading gives, and so is what was computed from it', async () => {
		const store = await openTestStore();
		let kept = await readSnapshot(store.read);
		await fc.assert(
			fc.asyncProperty(history, fc.nat({ max: 3 }), async (deedsDone, undone) => {
				const done = await doAll(store, deedsDone);
				for (let i = 0; i < Math.min(done, undone); i++) await undo(store.write, doer());
				kept = await readSnapshot(store.read, kept);
				const whole = await readSnapshot(store.read);
				expect(kept).toEqual(whole);
				expect(computed(kept)).toEqual(computed(whole));
				expect(shown(kept)).toEqual(shown(whole));
			}),
			{ numRuns: 20 }
		);
	});

	it('keeps the rows that nothing changed', async () => {
		const store = await openTestStore();
		const before = await readSnapshot(store.read);
		await change(store.write, doer(), 'Count', (trx) => countLot(trx, 1, exact(5), TODAY));
		const after = await readSnapshot(store.read, before);
		expect(after.lessons).toBe(before.lessons);
		expect(after.lots.filter((lot, i) => lot !== before.lots[i]).map((lot) => lot.id)).toEqual([1]);
	});
});

describe('undo', () => {
	it('any history, undone, gives the old tables back; done again, the new ones', async () => {
		const store = await openTestStore();
		await fc.assert(
			fc.asyncProperty(history, async (deedsDone) => {
				const before = await allRows(store);
				const done = await doAll(store, deedsDone);
				const after = await allRows(store);
				for (let i = 0; i < done; i++) await undo(store.write, doer());
				expect(await allRows(store)).toEqual(before);
				for (let i = 0; i < done; i++) await redo(store.write, doer());
				expect(await allRows(store)).toEqual(after);
				for (let i = 0; i < done; i++) await undo(store.write, doer());
			}),
			{ numRuns: 25 }
		);
	});

	it('reaches back over at least a hundred changes', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		for (let i = 0; i < 120; i++)
			await change(store.write, doer(), 'count', (trx) => countLot(trx, 1 + (i % 30), exact(i), TODAY));
		let undone = 0;
		for (;;) {
			try {
				await undo(store.write, doer());
				undone++;
			} catch {
				break;
			}
		}
		expect(undone).toBeGreaterThanOrEqual(100);
		expect(await allRows(store)).toEqual(before);
	});

	it('takes back what this device did, not what another did meanwhile', async () => {
		const store = await openTestStore();
		await change(store.write, doer(null, 'laptop'), 'laptop counts', (trx) =>
			countLot(trx, 1, exact(5), TODAY)
		);
		await change(store.write, doer(null, 'phone'), 'phone counts', (trx) =>
			countLot(trx, 2, exact(7), TODAY)
		);
		expect((await undo(store.write, doer(null, 'laptop'))).changed).toBe('Undone: laptop counts');
		const lots = await store.read
			.selectFrom('lot')
			.select(['id', 'amount'])
			.where('id', 'in', [1, 2])
			.execute();
		expect(lots.find((lot) => lot.id === 1)?.amount).not.toBe('5');
		expect(lots.find((lot) => lot.id === 2)?.amount).toBe('7');
	});

	it('takes back a row with a fraction that no decimal text holds', async () => {
		const store = await openTestStore();
		await change(store.write, doer(null, 'laptop'), 'Lift', (trx) =>
			trx.updateTable('household').set({ lift_grams: 215.89999999999998 }).execute()
		);
		await change(store.write, doer(null, 'laptop'), 'Lift', (trx) =>
			trx
				.updateTable('household')
				.set({ lift_grams: 0.1 + 0.2 })
				.execute()
		);
		await undo(store.write, doer(null, 'laptop'));
		await undo(store.write, doer(null, 'laptop'));
		expect(
			(await store.read.selectFrom('household').select('lift_grams').executeTakeFirstOrThrow()).lift_grams
		).toBeNull();
	});

	it('is refused in words when something it changed has changed again, and then changes nothing', async () => {
		const store = await openTestStore();
		await change(store.write, doer(null, 'laptop'), 'Count', (trx) => countLot(trx, 1, exact(5), TODAY));
		await change(store.write, doer(null, 'phone'), 'Count', (trx) => countLot(trx, 1, exact(6), TODAY));
		const before = await allRows(store);
		await expect(undo(store.write, doer(null, 'laptop'))).rejects.toThrow(/“Count” can’t be undone/);
		expect(await allRows(store)).toEqual(before);
	});

	it('after something new, what was undone cannot be done again', async () => {
		const store = await openTestStore();
		await change(store.write, doer(), 'one', (trx) => countLot(trx, 1, exact(5), TODAY));
		await undo(store.write, doer());
		await change(store.write, doer(), 'two', (trx) => countLot(trx, 2, exact(5), TODAY));
		await expect(redo(store.write, doer())).rejects.toThrow(/Nothing to redo/);
	});
});

describe('changes', () => {
	it('a command sent twice counts once and gets the same answer', async () => {
		const store = await openTestStore();
		const once = () =>
			change(store.write, doer('op-1'), 'Lot added', (trx) =>
				addLot(trx, { item_id: 1, amount: exact(2), unit: 'each', place_id: null, good_until: null }, TODAY)
			);
		const first = await once();
		const before = await allRows(store);
		expect(await once()).toEqual(first);
		expect(await allRows(store)).toEqual(before);
	});

	it('a change that fails half way leaves nothing behind', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		const revision = await revisionOf(store.read);
		await expect(
			change(store.write, doer(), 'half', async (trx) => {
				await addLesson(trx, 1, lesson('half'));
				throw new Error('power cut');
			})
		).rejects.toThrow('power cut');
		expect(await allRows(store)).toEqual(before);
		expect(await revisionOf(store.read)).toBe(revision);
	});

	it('a change of nothing says so, and there is no toast for it', async () => {
		const store = await openTestStore();
		expect((await change(store.write, doer(), 'nothing', () => Promise.resolve(1))).changed).toBeNull();
	});

	it('the reading connection cannot write', async () => {
		const store = await openTestStore();
		await expect(store.read.deleteFrom('lot').execute()).rejects.toThrow(/readonly/);
	});
});

describe('opening', () => {
	it('opens again what it wrote, and keeps a copy before a migration of what was there', async () => {
		const store = await openTestStore();
		const again = await openStore(store.folder);
		onTestFinished(() => again.close());
		expect(await allRows(again)).toEqual(await allRows(store));
		await store.write.deleteFrom('kysely_migration' as never).execute();
		for (const { name } of await tables(store)) await store.write.schema.dropTable(name).execute();
		const kept: string[] = [];
		const keep = (_: unknown, before: string) => Promise.resolve(void kept.push(before));
		const migrated = await openStore(store.folder, { keep });
		onTestFinished(() => migrated.close());
		expect(kept).toEqual(['0001-first']);
	});
});

describe('an address that was taken away', () => {
	it('never comes back, whatever is undone and done again', async () => {
		const store = await openTestStore();
		const secret = async () => (await readSnapshot(store.read)).household.feed_secret;
		const setTo = (to: string | null) =>
			change(store.write, doer(), FOR_GOOD, (trx) => setFeedSecret(trx, to));
		const rename = (name: string) =>
			change(store.write, doer(), 'Household', (trx) =>
				trx.updateTable('household').set({ name }).where('id', '=', 1).execute()
			);
		await rename('before');
		await setTo('an-address');
		await rename('between');
		expect((await setTo(null)).changed).toBeNull();
		await rename('after');
		for (let i = 0; i < 3; i++) {
			await undo(store.write, doer());
			expect(await secret()).toBeNull();
		}
		for (let i = 0; i < 3; i++) {
			await redo(store.write, doer());
			expect(await secret()).toBeNull();
		}
	});
});

describe('a long change in parts', () => {
	/** Adds so many places, slowly, as a file of them would. */
	const many =
		(count: number, each: (i: number) => Promise<void> = () => Promise.resolve()) =>
		async (trx: Trx, pause: () => Promise<void>) => {
			for (let i = 0; i < count; i++) {
				await trx
					.insertInto('place')
					.values({ name: `shelf ${i}`, kind: 'shelf', position: i, parent_id: null })
					.execute();
				await each(i);
				await pause();
			}
		};
	const slowly = () => new Promise<void>((next) => setTimeout(next, 20));

	it('lets others write between its parts, and is undone in one step without what they did', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		const waits: number[] = [];
		let isOver = false;
		const long = changeInParts(store.write, doer(), 'Brought in', many(40, slowly)).finally(
			() => (isOver = true)
		);
		let ticks = 0;
		while (!isOver) {
			const asked = performance.now();
			await change(store.write, doer(null, 'phone'), 'tick', (trx) =>
				trx
					.updateTable('household')
					.set({ name: `House ${ticks++}` })
					.execute()
			);
			waits.push(performance.now() - asked);
			await slowly();
		}
		expect((await long).changed).toBe('Brought in');
		// It takes a second in all; nobody waits for all of it.
		expect(ticks).toBeGreaterThan(3);
		await undo(store.write, doer());
		const after = await allRows(store);
		expect(after.place).toEqual(before.place);
		expect(after.household).not.toEqual(before.household);
	});

	it('that is stopped leaves nothing, though parts of it were kept already', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		const stopped = changeInParts(
			store.write,
			doer(),
			'Brought in',
			many(40, async (i) => {
				await slowly();
				if (i === 30) throw new Refusal('Stopped.');
			})
		);
		await expect(stopped).rejects.toThrow('Stopped.');
		expect(await allRows(store)).toEqual(before);
		await expect(undo(store.write, doer())).rejects.toThrow('Nothing to undo');
	});

	it('whoever reads in between sees afterwards what is there, stopped or not', async () => {
		for (const isStopped of [false, true]) {
			const store = await openTestStore();
			let seen = await readSnapshot(store.read);
			const long = changeInParts(
				store.write,
				doer(),
				'Brought in',
				many(40, async (i) => {
					await slowly();
					seen = await readSnapshot(store.read, seen);
					if (i % 9 === 0)
						// Others go on meanwhile, so that revisions are not the change's own.
						void change(store.write, doer(null, 'phone'), 'tick', (trx) =>
							trx
								.updateTable('household')
								.set({ name: `House ${i}` })
								.execute()
						);
					if (isStopped && i === 30) throw new Refusal('Stopped.');
				})
			);
			await long.catch(() => null);
			await change(store.write, doer(null, 'phone'), 'tick', (trx) =>
				trx.updateTable('household').set({ name: 'at last' }).execute()
			);
			seen = await readSnapshot(store.read, seen);
			expect(seen).toEqual(await readSnapshot(store.read));
		}
	});

	it('that a cut ended half-way is taken back at the next start', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		let reached = () => {};
		const halfWay = new Promise<void>((on) => (reached = on));
		void changeInParts(
			store.write,
			doer(),
			'Brought in',
			many(400, async (i) => {
				await slowly();
				if (i === 30) reached();
			})
		).catch(() => 'the process of this test goes on, the server would not');
		await halfWay;
		const copy = await openCopy(store);
		expect(await allRows(copy)).not.toEqual(before);
		await mendHalfDone(copy.write);
		expect(await allRows(copy)).toEqual(before);
	});
});

/** What a cut of the power leaves: the files as they are now. */
async function openCopy(store: Store & { folder: string }): Promise<Store> {
	const folder = await mkdtemp(join(tmpdir(), 'gather-bin-'));
	for (const end of ['', '-wal']) await copyFile(join(store.folder, FILE + end), join(folder, FILE + end));
	const copy = await openStore(folder);
	onTestFinished(async () => {
		await copy.close();
		await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
	});
	return copy;
}

async function tables(store: Store): Promise<{ name: string }[]> {
	await store.write.executeQuery(
		(await import('kysely')).sql`pragma foreign_keys = off`.compile(store.write)
	);
	// The search index keeps tables of its own, which go with it.
	return (await store.write.introspection.getTables()).filter(
		(table) => !table.name.startsWith('sqlite_') && !table.name.startsWith('resource_words_')
	);
}
