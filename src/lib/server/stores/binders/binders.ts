import type { BinderChoice } from '../../database/tables/plan.ts';
import type { HouseBinders } from '../../database/tables/house.ts';
import { json } from '../../database/json.ts';
import type { Trx } from '../../history/changes.ts';

/** Says how the papers of a unit are kept. */
export async function setBinder(trx: Trx, run: number, binder: BinderChoice): Promise<void> {
	await trx
		.updateTable('run')
		.set({ binder: json(binder) })
		.where('id', '=', run)
		.execute();
}

/** Sets the household's sheet of labels, and what binders and their parts cost. */
export async function setHouseBinders(trx: Trx, binders: Partial<HouseBinders>): Promise<void> {
	await trx
		.updateTable('household')
		.set({ binders: json(binders) })
		.where('id', '=', 1)
		.execute();
}
