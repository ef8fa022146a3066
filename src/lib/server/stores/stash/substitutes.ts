import { Refusal } from '$core/error.ts';
import { exactText, isSome, type Exact, type Unit } from '$core/measure/index.ts';
import type { Row } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { itemNamed } from './items.ts';

/** Notes that so much of one thing stands in for so much of another. @throws Refusal for a thing for itself. */
export async function addSubstitute(
	trx: Trx,
	item: Row<'item'>,
	asked: { readonly amount: Exact; readonly unit: Unit },
	other: { readonly name: string; readonly amount: Exact; readonly unit: Unit }
): Promise<string> {
	const instead = await itemNamed(trx, other.name);
	if (instead.id === item.id)
		throw new Refusal(`${item.name} can’t be its own substitute. Name something else.`, 'other');
	if (!isSome(asked.amount) || !isSome(other.amount))
		throw new Refusal('Both amounts must be more than 0.', 'other');
	await trx
		.deleteFrom('substitute')
		.where('item_id', '=', item.id)
		.where('other_id', '=', instead.id)
		.execute();
	await trx
		.insertInto('substitute')
		.values({
			item_id: item.id,
			other_id: instead.id,
			amount: exactText(asked.amount),
			unit: asked.unit,
			other_amount: exactText(other.amount),
			other_unit: other.unit
		})
		.execute();
	return instead.name;
}

/** Forgets that one thing can stand in for another. */
export async function removeSubstitute(trx: Trx, id: number): Promise<void> {
	await trx.deleteFrom('substitute').where('id', '=', id).execute();
}
