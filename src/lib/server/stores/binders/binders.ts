import { type HouseBinders, type Row, json } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

/** How the papers of a unit are kept, as it is chosen. */
export type BinderChoice = Pick<Row<'binder'>, 'way' | 'ring' | 'others'>;

/** Says how the papers of a unit are kept. */
export async function setBinder(trx: Trx, run: number, choice: BinderChoice): Promise<void> {
	await trx
		.insertInto('binder')
		.values({ ...choice, run_id: run })
		.onConflict((conflict) => conflict.column('run_id').doUpdateSet(choice))
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
