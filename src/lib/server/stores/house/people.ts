import type { Day, Weekday } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import type { ReadingLevel } from '$core/house/index.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type PersonInput = {
	readonly name: string;
	readonly kind: Row<'person'>['kind'];
	readonly born: Day | null;
	/** Days by which that may be wrong; 0 where it is left out. */
	readonly bornWithin?: number;
	readonly allergies: readonly string[];
	/** Days on which a guest is there; empty is always. */
	readonly weekdays: readonly Weekday[];
	/** How high they reach, in mm; null takes what is usual for the age. */
	readonly reachMm: number | null;
	/** Whether they fill in pages; null or left out goes by the age. */
	readonly writes?: boolean | null;
	/** Grade or level, in the household's own words. */
	readonly level?: string;
	readonly reads?: readonly ReadingLevel[];
};

const columns = (input: PersonInput) => ({
	name: input.name,
	kind: input.kind,
	born: input.born,
	born_within: input.bornWithin ?? 0,
	allergies: json(input.allergies),
	weekdays: input.kind === 'guest' && input.weekdays.length ? json(input.weekdays) : null,
	reach_mm: input.reachMm,
	writes: input.writes === true ? (1 as const) : input.writes === false ? (0 as const) : null,
	level: input.level ?? '',
	reads: json(input.reads ?? [])
});

/** Adds someone; children and guests take part in every unit that is not put away. */
export async function addPerson(trx: Trx, input: PersonInput): Promise<number> {
	const { id } = await trx
		.insertInto('person')
		.values(columns(input))
		.returning('id')
		.executeTakeFirstOrThrow();
	if (input.kind !== 'adult') {
		const runs = await trx.selectFrom('run').select('id').where('state', '!=', 'put away').execute();
		for (const run of runs)
			await trx.insertInto('run_participant').values({ run_id: run.id, person_id: id }).execute();
	}
	return id;
}

export async function updatePerson(trx: Trx, id: number, input: PersonInput): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('person')
		.set(columns(input))
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That person is no longer in the household. Reload the page.');
}

/** Takes someone out of the household and out of all units. */
export async function removePerson(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('run_participant').where('person_id', '=', id).execute();
	await trx.deleteFrom('task').where('person_id', '=', id).execute();
	await trx.deleteFrom('goal').where('person_id', '=', id).execute();
	await trx.updateTable('activity').set({ helper_id: null }).where('helper_id', '=', id).execute();
	for (const table of ['need_state', 'wanted'] as const)
		await trx.updateTable(table).set({ person_id: null }).where('person_id', '=', id).execute();
	await trx.deleteFrom('person').where('id', '=', id).execute();
}
