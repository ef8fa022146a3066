import { CoreError } from '$core/error.ts';
import type { Db } from '../database/open.ts';
import type { TRACKED } from '../database/tables.ts';

/**
 * What another device has done to a row since a page was loaded, by its label; null when nothing.
 *
 * @param seen the revision that the page showed
 */
export async function changedElsewhere(
	trx: Db,
	table: (typeof TRACKED)[number],
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
	return found?.label ?? null;
}

/** An edit that would go over something newer. The page keeps it and asks. */
export function conflict(newer: string, now: string): CoreError {
	return new CoreError(`Meanwhile, on another device: “${newer}”. ${now}`, 'seen');
}
