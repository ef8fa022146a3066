import { canConvert, convert, exact, isSome, smaller, type Exact, type Unit } from '$core/measure/index.ts';
import { nameKey } from '$core/naming/index.ts';
import { stockOf } from '$core/reference/index.ts';
import type { Trx } from '../../history/changes.ts';
import type { Moment } from '$core/facts/index.ts';
import { useUp } from '../../stores/stash/lots.ts';
import { countOf, POUCHES_ITEM, type PrintSituation } from '$core/account/index.ts';

/** Takes an amount of a thing out of the lots that are there, the first ones first; what nobody counted is not booked. */
export async function spend(
	trx: Trx,
	{ snapshot, today }: Moment,
	name: string,
	amount: Exact,
	unit: Unit
): Promise<void> {
	const key = nameKey(name);
	const item =
		snapshot.items.find((one) => one.name_key === key) ??
		snapshot.items.find(
			(one) => one.id === snapshot.aliases.find((alias) => alias.name_key === key)?.item_id
		);
	if (!item) return;
	let left = amount;
	// Read anew: an earlier copy of the same change may have taken from them.
	const lots = await trx.selectFrom('lot').selectAll().where('item_id', '=', item.id).orderBy('id').execute();
	for (const lot of lots) {
		if (!isSome(left) || !canConvert(lot.unit, unit, item.name)) continue;
		const share = smaller(left, convert(exact(lot.amount), lot.unit, unit, item.name));
		if (!isSome(share)) continue;
		await useUp(trx, lot.id, share, unit, item.name, today);
		left = left.sub(share);
	}
}

/** Books what a copy took when it was printed: its paper. */
export async function spendPaper(
	trx: Trx,
	now: Moment,
	print: PrintSituation,
	copies: number
): Promise<void> {
	await spend(
		trx,
		now,
		stockOf(print.judged.stock.value).item,
		shareOf(print, print.sheets, copies),
		'sheet'
	);
}

/** What some of its copies take of what all of them do: they may share a sheet. */
const shareOf = (print: PrintSituation, whole: number, copies: number): Exact =>
	exact(whole).mul(copies).div(countOf(print));

/** Books what a copy took when it was finished: pouches, protectors, coils. */
export async function spendFinish(
	trx: Trx,
	now: Moment,
	print: PrintSituation,
	copies: number
): Promise<void> {
	const { finish } = print.judged;
	if (finish.value === 'pouch')
		await spend(trx, now, POUCHES_ITEM, shareOf(print, print.finish.pouches, copies), 'each');
	if (finish.value === 'protector')
		await spend(trx, now, 'page protector', shareOf(print, print.sheets, copies), 'each');
	if (print.coils > 0) await spend(trx, now, 'binding coil', exact(print.coils * copies), 'each');
}
