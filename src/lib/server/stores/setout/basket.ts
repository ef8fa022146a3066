import { Refusal } from '$core/error.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';

export type BasketInput = Omit<Row<'basket_part'>, 'id'>;

export async function addBasketPart(trx: Trx, input: BasketInput): Promise<void> {
	await trx.insertInto('basket_part').values(input).execute();
}

export async function updateBasketPart(trx: Trx, id: number, patch: Partial<BasketInput>): Promise<void> {
	const { numUpdatedRows } = await trx
		.updateTable('basket_part')
		.set(patch)
		.where('id', '=', id)
		.executeTakeFirst();
	if (numUpdatedRows === 0n) throw new Refusal('That is gone already. Reload the page.');
}

export async function removeBasketPart(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('basket_part').where('id', '=', id).execute();
}
