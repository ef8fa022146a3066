import { Refusal } from '$core/error.ts';
import type { Day } from '$core/calendar/index.ts';
import type { Bar } from '$core/prepare/index.ts';
import { json, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type SittingInput = {
	readonly days: readonly Day[];
	readonly minutes: number;
	readonly starts: string;
	readonly bars: readonly Bar[];
};

/** Adds a sitting on each of some days; several are one series. */
export async function addSittings(trx: Trx, { days, minutes, starts, bars }: SittingInput): Promise<void> {
	const { last } = await trx
		.selectFrom('sitting')
		.select((eb) => eb.fn.max('series').as('last'))
		.executeTakeFirstOrThrow();
	const series = days.length > 1 ? (last ?? 0) + 1 : null;
	for (const day of days)
		await trx
			.insertInto('sitting')
			.values({ held_on: day, minutes, starts, bars: json(bars), series })
			.execute();
}

/** Takes sittings away; what was planned for them waits again. */
export async function removeSittings(trx: Trx, ids: readonly number[]): Promise<void> {
	if (ids.length === 0) return;
	await trx.updateTable('prep_job').set({ sitting_id: null }).where('sitting_id', 'in', ids).execute();
	await trx.deleteFrom('sitting').where('id', 'in', ids).execute();
}

export async function updateSitting(
	trx: Trx,
	id: number,
	patch: Partial<Pick<Row<'sitting'>, 'minutes' | 'starts' | 'held_on' | 'over'>>
): Promise<void> {
	await sittingRow(trx, id);
	await trx.updateTable('sitting').set(patch).where('id', '=', id).execute();
}

async function sittingRow(trx: Trx, id: number): Promise<Row<'sitting'>> {
	const row = await trx.selectFrom('sitting').selectAll().where('id', '=', id).executeTakeFirst();
	if (!row) throw new Refusal('That sitting is gone. Reload the page.');
	return row;
}
