import { sql, type Transaction } from 'kysely';
import { Refusal } from '$core/error.ts';
import type { Db } from '../database/open.ts';
import { TRACKED } from '$core/facts/index.ts';
import type { Database, HistoryRow } from '../database/tables/index.ts';
import { announce } from './news.ts';

/** Who does it, from where, and the id by which a repeated command is recognized. */
export type Doer = {
	readonly device: string;
	readonly actor: string | null;
	readonly operation: string | null;
};

export type Trx = Transaction<Database>;

/** What a change left behind: its label for the toast, or null when nothing changed. */
export type Done<T> = { readonly result: T; readonly changed: string | null; readonly revision: number };

/** How many changes can be undone, at least; older ones are forgotten. */
export const KEPT_CHANGES = 500;
const KEPT_OPERATIONS = 5000;

/** In the place of a label: done for good, so that it is neither told with an Undo nor ever undone. */
export const FOR_GOOD = Symbol('for good');

/**
 * Makes one change: all of it or nothing, in one transaction, with what undo needs. A command that
 * was answered before gets the same answer and changes nothing.
 */
export async function change<T>(
	db: Db,
	doer: Doer,
	label: string | typeof FOR_GOOD | ((result: T) => string),
	work: (trx: Trx) => Promise<T>
): Promise<Done<T>> {
	const done = await transaction(db, async (trx) => {
		const replayed = doer.operation ? await answeredBefore<T>(trx, doer.operation) : null;
		if (replayed) return replayed;
		// What was turned already is not offered to be turned again.
		const { id, revision } = await openChange(trx, doer, label === FOR_GOOD ? 'undo' : 'do', null);
		const result = await work(trx);
		const text = typeof label === 'function' ? label(result) : label === FOR_GOOD ? 'Saved for good' : label;
		const done = { result, ...(await closeChange(trx, id, revision, text)) };
		if (label === FOR_GOOD) return { ...done, changed: null };
		if (done.changed) await forgetUndone(trx, doer.device);
		if (doer.operation) await keepAnswer(trx, doer, doer.operation, done);
		return done;
	});
	if (label === FOR_GOOD) announce({ revision: done.revision });
	return told(done);
}

/** How long one part of a long change holds those up who write, in ms. */
const PART_MS = 150;
/** How long it holds everyone up at a time. */
const BREATH_MS = 20;

/**
 * A long change in parts, between which others write: `pause`, called now and then, lets others be answered, and
 * ends a part when it has taken long enough. It is one change all the same: undone in one step, taken back as a whole
 * when the work throws, and answered as before when it is sent twice. What a cut left half done is taken back by
 * `mendHalfDone`.
 */
export async function changeInParts<T>(
	db: Db,
	doer: Doer,
	label: string | ((result: T) => string),
	work: (trx: Trx, pause: () => Promise<void>) => Promise<T>
): Promise<Done<T>> {
	let part = await db.startTransaction().execute();
	const replayed = doer.operation ? await answeredBefore<T>(part, doer.operation) : null;
	if (replayed) {
		await part.rollback().execute();
		return replayed;
	}
	let begun = performance.now();
	let breathed = begun;
	const { id } = await openChange(part, doer, 'do', null);
	// Whoever works with it has the part that is open now.
	const relay = new Proxy({} as Trx, {
		get: (_, name) => {
			const value = Reflect.get(part, name) as unknown;
			return typeof value === 'function' ? (value.bind(part) as unknown) : value;
		}
	});
	const pause = async () => {
		const at = performance.now();
		if (at - breathed < BREATH_MS) return;
		if (at - begun < PART_MS) await new Promise((next) => setImmediate(next));
		else {
			await part.updateTable('state').set({ current_change: null }).execute();
			await touch(part, id);
			await part.commit().execute();
			// A turn of the loop in which others take their place before the next part.
			await new Promise((next) => setTimeout(next, 1));
			part = await db.startTransaction().execute();
			begun = performance.now();
			await part.updateTable('state').set({ current_change: id }).execute();
		}
		breathed = performance.now();
	};
	try {
		const result = await work(relay, pause);
		const revision = await touch(part, id);
		const text = typeof label === 'function' ? label(result) : label;
		const done = { result, ...(await closeChange(part, id, revision, text)) };
		if (done.changed) await forgetUndone(part, doer.device);
		if (doer.operation) await keepAnswer(part, doer, doer.operation, done);
		await part.commit().execute();
		return told(done);
	} catch (error) {
		await part.rollback().execute();
		await takeBack(db, id);
		throw inWords(error);
	}
}

/** A new revision for what a change has done so far: whoever has read an older one reads its rows again. */
async function touch(trx: Trx, id: number): Promise<number> {
	const revision = await nextRevision(trx);
	await trx.updateTable('change').set({ revision }).where('id', '=', id).execute();
	return revision;
}

async function keepAnswer<T>(trx: Trx, { device }: Doer, id: string, done: Done<T>): Promise<void> {
	await trx
		.insertInto('operation')
		.values({ id, device, result: JSON.stringify(done), at: now() })
		.execute();
}

/** The label of a change that has not come to its end. */
const HALF_DONE = '';

/** Takes back what a cut of the power, or of the server, left half done. */
export async function mendHalfDone(db: Db): Promise<void> {
	await db.updateTable('state').set({ current_change: null }).execute();
	const rows = await db.selectFrom('change').select('id').where('label', '=', HALF_DONE).execute();
	for (const { id } of rows) await takeBack(db, id);
}

async function takeBack(db: Db, id: number): Promise<void> {
	await transaction(db, async (trx) => {
		const target = await trx.selectFrom('change').selectAll().where('id', '=', id).executeTakeFirst();
		if (!target) return;
		await sql`pragma defer_foreign_keys = on`.execute(trx);
		const doer = { device: target.device, actor: target.actor, operation: null };
		// Written down as any turn is, since others may have read what was half done.
		const turning = await openChange(trx, doer, 'undo', null);
		const rows = await rowsOf(trx, id);
		for (const row of rows.toReversed())
			await setRow(trx, row.table_name, row.row_id, row.after, row.before, 'What was half done');
		await closeChange(trx, turning.id, turning.revision, 'Taken back');
		await trx.deleteFrom('change').where('id', '=', id).execute();
	});
}

function rowsOf(trx: Trx, change: number) {
	return trx.selectFrom('change_row').selectAll().where('change_id', '=', change).orderBy('id').execute();
}

/** One transaction; what points at a row that is gone is told in words. */
async function transaction<T>(db: Db, work: (trx: Trx) => Promise<T>): Promise<T> {
	try {
		return await db.transaction().execute(work);
	} catch (error) {
		throw inWords(error);
	}
}

/** What points at a row that is gone, in words; any other error as it is. */
function inWords(error: unknown): unknown {
	const isGone = error instanceof Error && 'code' in error && error.code === 'SQLITE_CONSTRAINT_FOREIGNKEY';
	return isGone ? new Refusal('Something this depends on was removed or is in use. Reload the page.') : error;
}

/** Tells the other windows of a change that is kept. */
function told<T>(done: Done<T>): Done<T> {
	if (done.changed) announce({ revision: done.revision });
	return done;
}

async function answeredBefore<T>(trx: Trx, operation: string): Promise<Done<T> | null> {
	const row = await trx
		.selectFrom('operation')
		.select('result')
		.where('id', '=', operation)
		.executeTakeFirst();
	return row ? (JSON.parse(row.result) as Done<T>) : null;
}

async function openChange(trx: Trx, doer: Doer, kind: HistoryRow<'change'>['kind'], target: number | null) {
	const revision = await nextRevision(trx);
	const { id } = await trx
		.insertInto('change')
		.values({
			revision,
			kind,
			target_id: target,
			label: HALF_DONE,
			actor: doer.actor,
			device: doer.device,
			at: now(),
			undone: 0
		})
		.returning('id')
		.executeTakeFirstOrThrow();
	await trx.updateTable('state').set({ current_change: id }).execute();
	return { id, revision };
}

async function nextRevision(trx: Trx): Promise<number> {
	const { revision } = await trx
		.updateTable('state')
		.set((eb) => ({ revision: eb('revision', '+', 1) }))
		.returning('revision')
		.executeTakeFirstOrThrow();
	return revision;
}

async function closeChange(trx: Trx, id: number, revision: number, label: string) {
	await trx.updateTable('state').set({ current_change: null }).execute();
	const touched = await trx
		.selectFrom('change_row')
		.select('id')
		.where('change_id', '=', id)
		.limit(1)
		.executeTakeFirst();
	if (!touched) {
		await trx.deleteFrom('change').where('id', '=', id).execute();
		return { changed: null, revision };
	}
	await trx.updateTable('change').set({ label }).where('id', '=', id).execute();
	await trx
		.deleteFrom('change')
		.where('id', '<=', id - KEPT_CHANGES)
		.execute();
	await sql`delete from operation where rowid <= (select max(rowid) from operation) - ${KEPT_OPERATIONS}`.execute(
		trx
	);
	return { changed: label, revision };
}

/** After something new, what was undone before cannot be done again. */
async function forgetUndone(trx: Trx, device: string) {
	await trx.deleteFrom('change').where('device', '=', device).where('undone', '=', 1).execute();
}

/** The device's own change that was undone, or not, and comes first in that order. */
function ownChange(trx: Trx, device: string, undone: 0 | 1, order: 'asc' | 'desc') {
	return trx
		.selectFrom('change')
		.selectAll()
		.where('device', '=', device)
		.where('kind', '=', 'do')
		.where('label', '<>', HALF_DONE)
		.where('undone', '=', undone)
		.orderBy('id', order)
		.limit(1)
		.executeTakeFirst();
}

/** Takes back the device's own latest change. Refused in words when a row is no longer as it was left. */
export async function undo(db: Db, doer: Doer): Promise<Done<null>> {
	const done = await transaction(db, async (trx) => {
		const target = await ownChange(trx, doer.device, 0, 'desc');
		if (!target) throw new Refusal('Nothing to undo.');
		return turn(trx, doer, target, 'undo');
	});
	return told(done);
}

/** Does again what the device undid last. */
export async function redo(db: Db, doer: Doer): Promise<Done<null>> {
	const done = await transaction(db, async (trx) => {
		const target = await ownChange(trx, doer.device, 1, 'asc');
		if (!target) throw new Refusal('Nothing to redo.');
		return turn(trx, doer, target, 'redo');
	});
	return told(done);
}

async function turn(
	trx: Trx,
	doer: Doer,
	target: HistoryRow<'change'>,
	kind: 'undo' | 'redo'
): Promise<Done<null>> {
	const rows = await rowsOf(trx, target.id);
	await sql`pragma defer_foreign_keys = on`.execute(trx);
	const { id, revision } = await openChange(trx, doer, kind, target.id);
	for (const row of kind === 'undo' ? rows.toReversed() : rows) {
		const [from, to] = kind === 'undo' ? [row.after, row.before] : [row.before, row.after];
		await setRow(trx, row.table_name, row.row_id, from, to, target.label);
	}
	await trx
		.updateTable('change')
		.set({ undone: kind === 'undo' ? 1 : 0 })
		.where('id', '=', target.id)
		.execute();
	const done = await closeChange(
		trx,
		id,
		revision,
		kind === 'undo' ? `Undone: ${target.label}` : `Redone: ${target.label}`
	);
	return { result: null, ...done };
}

async function setRow(
	trx: Trx,
	table: string,
	id: number,
	from: string | null,
	to: string | null,
	label: string
) {
	const name = TRACKED.find((tracked) => tracked === table);
	if (!name) throw new Error(`The table ${table} isn’t tracked.`);
	const current = await trx.selectFrom(name).selectAll().where('id', '=', id).executeTakeFirst();
	if (!isSameRow(current, from)) {
		throw new Refusal(`“${label}” can’t be undone: part of it has changed since.`);
	}
	if (to === null) await trx.deleteFrom(name).where('id', '=', id).execute();
	else if (from === null) await trx.insertInto(name).values(JSON.parse(to)).execute();
	else await trx.updateTable(name).set(JSON.parse(to)).where('id', '=', id).execute();
}

function isSameRow(current: object | undefined, written: string | null): boolean {
	if (!current || written === null) return !current && written === null;
	const row = JSON.parse(written) as Record<string, unknown>;
	// Columns that are not undone are not in what was written down.
	const tracked = Object.entries(current).filter(([name]) => name in row);
	const said = (entries: [string, unknown][]) =>
		JSON.stringify(
			entries.sort().map(([name, value]) => [name, isFraction(value) ? value.toPrecision(DIGITS) : value])
		);
	return said(tracked) === said(Object.entries(row));
}

/** SQLite writes a fraction into JSON with so many digits; the last ones of the number itself may be others. */
const DIGITS = 14;
const isFraction = (value: unknown): value is number => typeof value === 'number' && !Number.isInteger(value);

/** The revision that the household's data stands at. */
export async function revisionOf(db: Db): Promise<number> {
	return (await db.selectFrom('state').select('revision').executeTakeFirstOrThrow()).revision;
}

/** Goes on from a revision that was told to others, after an older state was put in its place. */
export async function continueFrom(db: Db, revision: number): Promise<void> {
	await db.updateTable('state').set({ revision }).execute();
	announce({ revision });
}

function now(): string {
	return new Date().toISOString();
}
