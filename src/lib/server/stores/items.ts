import { nameKey, usualUse, type SupplyUse } from '$core/supplies/index.ts';
import type { Row } from '../database/tables.ts';
import type { Trx } from './changes.ts';

/** The household's item of that name, whatever its number or capitals; made when there is none. */
export async function itemNamed(trx: Trx, name: string, use?: SupplyUse): Promise<Row<'item'>> {
	const key = nameKey(name);
	const known = await trx.selectFrom('item').selectAll().where('name_key', '=', key).executeTakeFirst();
	if (known) return known;
	return trx
		.insertInto('item')
		.values({
			name: name.trim().toLowerCase(),
			name_key: key,
			use: use ?? usualUse(name),
			keep_back: null,
			keep_back_unit: null,
			keeps_days: null,
			supplier_id: null
		})
		.returningAll()
		.executeTakeFirstOrThrow();
}
