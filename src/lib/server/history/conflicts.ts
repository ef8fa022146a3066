import { Refusal } from '$core/error.ts';
import type { Db } from '../database/open.ts';
import type { TrackedTable } from '$core/facts/index.ts';
import { KEPT_CHANGES } from './changes.ts';

/**
 * What another device has done to a row since a page was loaded, by its label; null when nothing. Where that is
 * not known any more it counts as something.
 *
 * @param seen the revision that the page showed
 */
export async function changedElsewhere(
	trx: Db,
	table: TrackedTable,
	row: number,
	seen: number,
	device: string
): Promise<string | null> {
	const found = await trx
		.selectFrom('change_row')
		.innerJoin('change', 'change.id', 'change_row.change_id')
		.where('change_row.table_name', '=', table)
		.where('change_row.row_id', '=', row)
		.where('change.revision', '>', seen)
		.where('change.device', '!=', device)
		.select('change.label')
		.orderBy('change.revision', 'desc')
		.executeTakeFirst();
	return found?.label ?? (await forgottenSince(trx, seen));
}

/** After very many changes the first ones are forgotten, and nobody can say what they did. */
async function forgottenSince(trx: Db, seen: number): Promise<string | null> {
	const { last, revision } = await trx
		.selectFrom('change')
		.select((eb) => [eb.fn.max('id').as('last'), eb.fn.min('revision').as('revision')])
		.executeTakeFirstOrThrow();
	return last > KEPT_CHANGES && revision > seen + 1 ? `more than ${KEPT_CHANGES} changes` : null;
}

/** An edit that would go over something newer. The page keeps it and asks. */
export function conflict(newer: string, now: string): Refusal {
	return new Refusal(`Another device got there first: “${newer}”. ${now}`, 'seen');
}
