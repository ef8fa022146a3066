import { Refusal } from '$core/error.ts';
import type { Day } from '$core/calendar/index.ts';
import type { Bar } from '$core/prepare/index.ts';
import { json, parsed, type Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type SittingInput = {
	readonly days: readonly Day[];
	readonly minutes: number;
	readonly starts: string;
	readonly bars: readonly Bar[];
	/** How they come again; null for single days. */
	readonly rule: { readonly startsOn: Day; readonly rule: string; readonly except: readonly Day[] } | null;
};

/** Adds a sitting on each of some days; several, and those of a rule, are one series. */
export async function addSittings(
	trx: Trx,
	{ days, minutes, starts, bars, rule }: SittingInput
): Promise<void> {
	const { last } = await trx
		.selectFrom('sitting')
		.select((eb) => eb.fn.max('series').as('last'))
		.executeTakeFirstOrThrow();
	const { known } = await trx
		.selectFrom('sitting_series')
		.select((eb) => eb.fn.max('id').as('known'))
		.executeTakeFirstOrThrow();
	const series = days.length > 1 || rule ? Math.max(last ?? 0, known ?? 0) + 1 : null;
	if (rule && series !== null)
		await trx
			.insertInto('sitting_series')
			.values({ id: series, starts_on: rule.startsOn, rule: rule.rule, left_out: json(rule.except) })
			.execute();
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
	const gone = await trx.selectFrom('sitting').selectAll().where('id', 'in', ids).execute();
	await trx.deleteFrom('sitting').where('id', 'in', ids).execute();
	for (const series of new Set(gone.flatMap((one) => one.series ?? [])))
		await leaveOutOfSeries(
			trx,
			series,
			gone.filter((one) => one.series === series).map((one) => one.held_on)
		);
}

/** Days of a series on which there is no sitting (EXDATE); a series without any sitting left goes. */
async function leaveOutOfSeries(trx: Trx, id: number, days: readonly Day[]): Promise<void> {
	const row = await trx.selectFrom('sitting_series').selectAll().where('id', '=', id).executeTakeFirst();
	if (!row) return;
	const left = await trx.selectFrom('sitting').select('id').where('series', '=', id).executeTakeFirst();
	if (left)
		await trx
			.updateTable('sitting_series')
			.set({ left_out: json([...new Set([...parsed(row.left_out), ...days])].sort()) })
			.where('id', '=', id)
			.execute();
	else await trx.deleteFrom('sitting_series').where('id', '=', id).execute();
}

/** What a sitting doesn’t allow, taken back at all of some sittings. */
export async function allowAt(
	trx: Trx,
	sittings: readonly Row<'sitting'>[],
	bars: readonly Bar[]
): Promise<void> {
	for (const { id, bars: own } of sittings)
		await trx
			.updateTable('sitting')
			.set({ bars: json(parsed(own).filter((bar) => !bars.includes(bar))) })
			.where('id', '=', id)
			.execute();
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
