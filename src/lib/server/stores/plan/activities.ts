import type { Day } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { readSupplyList, usualUse } from '$core/supplies/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { addLine, removeLine } from '../gathering/supply-lines.ts';

export type ActivityInput = Omit<Row<'activity'>, 'id' | 'run_id' | 'lesson_id' | 'day' | 'done'> & {
	/** What it needs, a line each, as a supply list prints it. */
	readonly supplies: string;
	/** What it takes from the library, by id; left out, it stays as it is. */
	readonly resources?: readonly number[];
};

/** Where an activity goes: into a lesson, onto a day of its own, or (neither) back to the pool. */
export type ActivityPlace = { readonly lesson: number | null; readonly day: Day | null };

/** Adds an activity to a run, into its pool unless it has a place. */
export async function addActivity(
	trx: Trx,
	run: number,
	{ supplies, resources = [], ...columns }: ActivityInput,
	place: ActivityPlace = { lesson: null, day: null }
): Promise<number> {
	await requireLesson(trx, run, place.lesson);
	const { id } = await trx
		.insertInto('activity')
		.values({ ...columns, run_id: run, lesson_id: place.lesson, day: place.day })
		.returning('id')
		.executeTakeFirstOrThrow();
	await setSupplies(trx, id, supplies);
	await setResources(trx, id, resources);
	return id;
}

export async function updateActivity(
	trx: Trx,
	run: number,
	id: number,
	{ supplies, resources, ...columns }: ActivityInput
): Promise<void> {
	await activityOf(trx, run, id);
	await trx.updateTable('activity').set(columns).where('id', '=', id).execute();
	await setSupplies(trx, id, supplies);
	if (resources) await setResources(trx, id, resources);
}

/** Moves an activity to a lesson, a day or the pool; what is known about its needs goes along. */
export async function placeActivity(trx: Trx, run: number, id: number, place: ActivityPlace): Promise<void> {
	await activityOf(trx, run, id);
	await requireLesson(trx, run, place.lesson);
	await trx
		.updateTable('activity')
		.set({ lesson_id: place.lesson, day: place.lesson === null ? place.day : null })
		.where('id', '=', id)
		.execute();
}

export async function setStanding(
	trx: Trx,
	run: number,
	id: number,
	standing: Row<'activity'>['standing']
): Promise<void> {
	await activityOf(trx, run, id);
	await trx.updateTable('activity').set({ standing }).where('id', '=', id).execute();
}

/** Does the easier thing instead: its minutes, nothing to make, nothing to get. */
export async function doInstead(trx: Trx, run: number, id: number): Promise<void> {
	const one = await activityOf(trx, run, id);
	if (!one.instead) throw new Refusal('There’s no easier version of this yet.');
	await trx
		.updateTable('activity')
		.set({
			title: one.instead,
			note: `instead of: ${one.title}`,
			kind: 'film',
			minutes: one.instead_minutes ?? one.minutes,
			mess: 0,
			cents: 0,
			adult: 0,
			start_days_before: 0,
			instead: '',
			instead_minutes: null
		})
		.where('id', '=', id)
		.execute();
	await trx.deleteFrom('supply_line').where('activity_id', '=', id).execute();
	await setResources(trx, id, []);
}

/** Writes down that it was done once more (or once less). */
export async function countDone(trx: Trx, run: number, id: number, by: 1 | -1): Promise<void> {
	const one = await activityOf(trx, run, id);
	const done = Math.min(one.times, Math.max(0, one.done + by));
	await trx.updateTable('activity').set({ done }).where('id', '=', id).execute();
}

export async function removeActivity(trx: Trx, run: number, id: number): Promise<void> {
	await activityOf(trx, run, id);
	await trx.deleteFrom('supply_line').where('activity_id', '=', id).execute();
	await setResources(trx, id, []);
	for (const table of ['task', 'lent_piece', 'print'] as const)
		await trx.updateTable(table).set({ activity_id: null }).where('activity_id', '=', id).execute();
	await trx.deleteFrom('activity').where('id', '=', id).execute();
}

async function activityOf(trx: Trx, run: number, id: number): Promise<Row<'activity'>> {
	const row = await trx
		.selectFrom('activity')
		.selectAll()
		.where('id', '=', id)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!row) throw new Refusal('That activity is no longer in this unit. Reload the page.');
	return row;
}

async function requireLesson(trx: Trx, run: number, lesson: number | null): Promise<void> {
	if (lesson === null) return;
	const row = await trx
		.selectFrom('lesson')
		.select('id')
		.where('id', '=', lesson)
		.where('run_id', '=', run)
		.executeTakeFirst();
	if (!row) throw new Refusal('That lesson is no longer in this unit. Reload the page.');
}

/** Makes the supply lines say what is written; lines written as before keep their ids. */
async function setSupplies(trx: Trx, activity: number, text: string): Promise<void> {
	const now = await trx.selectFrom('supply_line').selectAll().where('activity_id', '=', activity).execute();
	const left = [...now];
	for (const { read, written } of readSupplyList(text, []).lines) {
		const same = left.findIndex((line) => line.written === written);
		if (same >= 0) left.splice(same, 1);
		else
			await addLine(trx, {
				...read,
				lesson: null,
				activity,
				written,
				use: usualUse(read.item, read.quantity, read.unit)
			});
	}
	for (const line of left) await removeLine(trx, line.id);
}

/** Makes it take just these from the library; rows that stay keep their ids. */
async function setResources(trx: Trx, activity: number, wanted: readonly number[]): Promise<void> {
	const now = await trx
		.selectFrom('activity_resource')
		.select(['id', 'resource_id'])
		.where('activity_id', '=', activity)
		.execute();
	for (const { id, resource_id } of now)
		if (!wanted.includes(resource_id))
			await trx.deleteFrom('activity_resource').where('id', '=', id).execute();
	for (const resource of new Set(wanted))
		if (!now.some((one) => one.resource_id === resource))
			await trx
				.insertInto('activity_resource')
				.values({ activity_id: activity, resource_id: resource })
				.execute();
}
