import { splitCents, withoutTax, withTax } from '$core/buying/index.ts';
import { addDays, dayText } from '$core/calendar/index.ts';
import { Refusal } from '$core/error.ts';
import { canConvert, convert, exact, exactText, isSome, smaller } from '$core/measure/index.ts';
import { thingText } from '$core/words/index.ts';
import { type Row, byId, type Snapshot } from '$core/facts/index.ts';
import type { Trx } from '../../history/changes.ts';
import { bundleOf } from '../../stores/buying/bundles.ts';
import { setErrandCents } from '../../stores/buying/errands.ts';
import { offerOf, setPrice } from '../../stores/buying/offers.ts';
import { addPurchase, purchaseOf, setReceiptCents, setReturned } from '../../stores/buying/purchases.ts';
import { patchNeed } from '../../stores/readiness/needs.ts';
import { addLot, giveBack } from '../../stores/stash/lots.ts';
import type { Situation } from '$core/account/index.ts';
import { tookIn } from '../readiness/steps.ts';
import { cheapest } from './prices.ts';

/**
 * The shop takes something back: out of the house, out of the account, and what it was bought for lacks it again,
 * so that an exchange begins by itself. Answers it in words.
 */
export async function bringBack(trx: Trx, situation: Situation, id: number): Promise<string> {
	const purchase = await purchaseOf(trx, id);
	const { name } = byId(situation.snapshot.items).get(purchase.item_id)!;
	if (purchase.returned_on !== null) throw new Refusal(`${name} is already returned.`);
	if (purchase.return_by !== null && purchase.return_by < situation.today)
		throw new Refusal(`The last day to return ${name} was ${dayText(purchase.return_by)}.`);
	const amount = exact(purchase.amount);
	if (purchase.lot_id !== null && byId(situation.snapshot.lots).has(purchase.lot_id))
		await giveBack(trx, purchase.lot_id, amount, situation.today);
	let left = amount;
	const had = situation.needs
		.filter((one) => one.item.id === purchase.item_id && one.run.row.id === purchase.run_id)
		.toReversed();
	for (const one of had) {
		if (!isSome(left)) break;
		if (!canConvert(purchase.unit, one.unit, name)) continue;
		const share = smaller(convert(left, purchase.unit, one.unit, name), one.standing.inHand);
		if (!isSome(share)) continue;
		await patchNeed(trx, one.run.row.id, one.need.key, {
			found: exactText(one.standing.inHand.sub(share)),
			unit: one.unit
		});
		left = left.sub(convert(share, one.unit, purchase.unit, name));
	}
	await setReturned(trx, id, situation.today);
	return thingText(amount, purchase.unit, name);
}

/** Packs were bought and paid: into the house, onto the record, and the price as it is now. Answers it in words. */
export async function boughtPacks(
	trx: Trx,
	situation: Situation,
	bought: {
		readonly offer: number;
		readonly count: number;
		readonly keys: readonly string[];
		readonly cents: number;
	}
): Promise<string> {
	const { today } = situation;
	const offer = await offerOf(trx, bought.offer);
	const need = situation.needs.find(
		(one) => bought.keys.includes(one.need.key) && one.item.id === offer.item_id
	);
	if (!need) throw new Refusal('That’s no longer needed; the list has changed. Reload the page.');
	const amount = convert(exact(offer.size).mul(bought.count), offer.unit, need.unit, need.item.name);
	const { words, lot } = await tookIn(trx, situation, bought.keys, amount);
	const shop = byId(situation.snapshot.suppliers).get(offer.supplier_id);
	await addPurchase(trx, {
		item_id: offer.item_id,
		supplier_id: offer.supplier_id,
		run_id: need.run.row.id,
		on_day: today,
		amount: exactText(amount),
		unit: need.unit,
		cents: bought.cents,
		reimbursable: 0,
		lesson_id: need.lesson.lesson.id,
		lot_id: lot,
		return_by: shop?.return_days ? addDays(today, shop.return_days) : null,
		returned_on: null
	});
	await priceSeen(trx, situation, bought);
	return words;
}

/** What packs cost in the shop, tax included, is their price from today on. */
async function priceSeen(
	trx: Trx,
	{ snapshot, today }: Situation,
	{ offer, count, cents }: { readonly offer: number; readonly count: number; readonly cents: number }
): Promise<void> {
	await setPrice(trx, offer, withoutTax(cents, count, snapshot.household.sales_tax), today);
}

/** What is in the cart already cost something else: the list, the receipts and the price say so. */
export async function correctPaid(
	trx: Trx,
	situation: Situation,
	errand: Row<'errand'>,
	cents: number
): Promise<void> {
	const { snapshot } = situation;
	if (errand.bundle_id !== null) {
		const { bundle, parts } = await bundleOf(trx, errand.bundle_id);
		const shares = bundleShares(snapshot, parts, cents);
		for (const [i, part] of parts.entries())
			await setReceiptCents(trx, part.item_id, bundle.supplier_id, errand.done_on!, shares[i]);
	} else {
		const offer = await offerOf(trx, errand.offer_id!);
		await setReceiptCents(trx, offer.item_id, offer.supplier_id, errand.done_on!, cents);
		await priceSeen(trx, situation, { offer: offer.id, count: errand.count, cents });
	}
	await setErrandCents(trx, errand.id, cents);
}

/** The price of a bundle split over its things by what they cost alone. */
function bundleShares(snapshot: Snapshot, parts: readonly Row<'bundle_part'>[], cents: number): number[] {
	const items = byId(snapshot.items);
	return splitCents(
		cents,
		parts.map((part) => cheapest(snapshot, items.get(part.item_id)!, exact(part.amount), part.unit) ?? 1)
	);
}

/**
 * A bundle was bought: each of its things into the house, the price split over them by what they cost alone, so
 * that every lesson bears its part. Answers it in words.
 */
export async function boughtBundle(
	trx: Trx,
	situation: Situation,
	id: number,
	keys: readonly string[],
	/** What was paid for all of it; null is as it was noted, with sales tax. */
	paid: number | null = null
): Promise<string> {
	const { bundle, parts } = await bundleOf(trx, id);
	const { snapshot, today } = situation;
	const items = byId(snapshot.items);
	const shares = bundleShares(snapshot, parts, paid ?? withTax(bundle.cents, snapshot.household.sales_tax));
	const shop = byId(snapshot.suppliers).get(bundle.supplier_id);
	for (const [i, part] of parts.entries()) {
		const item = items.get(part.item_id)!;
		const needs = situation.needs.filter(
			(one) => one.item === item && keys.includes(one.need.key) && canConvert(part.unit, one.unit, item.name)
		);
		const lot = needs.length
			? (
					await tookIn(
						trx,
						situation,
						needs.map((one) => one.need.key),
						convert(exact(part.amount), part.unit, needs[0].unit, item.name)
					)
				).lot
			: await addLot(
					trx,
					{
						item_id: item.id,
						amount: exact(part.amount),
						unit: part.unit,
						place_id: null,
						good_until: null
					},
					today,
					'bought'
				);
		await addPurchase(trx, {
			item_id: item.id,
			supplier_id: bundle.supplier_id,
			run_id: needs[0]?.run.row.id ?? null,
			on_day: today,
			amount: part.amount,
			unit: part.unit,
			cents: shares[i],
			reimbursable: 0,
			lesson_id: needs[0]?.lesson.lesson.id ?? null,
			lot_id: lot,
			return_by: shop?.return_days ? addDays(today, shop.return_days) : null,
			returned_on: null
		});
	}
	return bundle.name;
}
