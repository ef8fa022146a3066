import { describe, expect, it } from 'vitest';
import { packs } from '$core/buying/index.ts';
import { exact, ZERO } from '$core/measure/index.ts';
import { money } from '$core/words/index.ts';
import { change, undo } from '../../history/changes.ts';
import { addOffer, setOfferStanding, setPrice } from '../../stores/buying/offers.ts';
import { setReimbursable } from '../../stores/buying/purchases.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { boughtPacks } from './purchases.ts';
import { buyingOf } from './shopping.ts';

async function demo() {
	const store = await openTestStore();
	return { store, now: await situationOf(store) };
}

describe('what is to be bought', () => {
	it('is what a lesson with a day lacks and a shop has, and nothing else', async () => {
		const { now } = await demo();
		const { things } = buyingOf(now, 'all', null);
		const missing = new Set(
			now.needs
				.filter(
					(one) =>
						one.need.useDay !== null &&
						!one.need.doWithout &&
						one.standing.missing.compare(ZERO) > 0 &&
						one.rung === 'bought'
				)
				.map((one) => one.item.name)
		);
		expect(new Set(things.map((one) => one.name))).toEqual(missing);
		const week = buyingOf(now, 'week', null).things;
		expect(week.length).toBeLessThan(things.length);
		for (const one of week) expect(missing).toContain(one.name);
	});

	it('an excluded offer is never taken, a preferred one always, though it is dearer', async () => {
		const { store, now } = await demo();
		const { things } = buyingOf(now, 'all', null);
		const thing = things.find((one) => one.offers.filter((offer) => !offer.problem).length > 1)!;
		const cheapestOf = async () => {
			const buying = buyingOf(await situationOf(store), 'all', null);
			const { key } = buying.things.find((one) => one.item === thing.item)!;
			const { buys } = packs(buying.input);
			return buys
				.filter((one) => one.item === key)
				.map(
					(one) =>
						buying.input.offers.find(
							(offer) => offer.item === one.item && offer.store === one.store && offer.size === one.size
						)!.id
				);
		};
		const [first] = await cheapestOf();
		const other = thing.offers.find((one) => one.id !== first && !one.problem)!;
		await change(store.write, doer(), 'x', (trx) => setOfferStanding(trx, first, 'excluded', 'crumbles'));
		expect(await cheapestOf()).not.toContain(first);
		await change(store.write, doer(), 'x', async (trx) => {
			await setOfferStanding(trx, first, 'usual', '');
			await setOfferStanding(trx, other.id, 'preferred', 'the good one');
		});
		expect(await cheapestOf()).toEqual([other.id]);
	});

	it('bought packs lie in the house, the need is met, the receipt and the new price are kept; undo takes all back', async () => {
		const { store, now } = await demo();
		const before = await allRows(store);
		const buying = buyingOf(now, 'all', null);
		const { buys } = packs(buying.input);
		const [buy] = buys;
		const thing = buying.things.find((one) => one.key === buy.item)!;
		const { id } = buying.input.offers.find(
			(one) => one.item === buy.item && one.store === buy.store && one.size === buy.size
		)!;
		const offer = now.snapshot.offers.find((one) => one.id === id)!;
		const stock = (rows: { item_id: number; amount: string }[]) =>
			rows.filter((one) => one.item_id === thing.item).reduce((sum, one) => sum.add(exact(one.amount)), ZERO);
		await change(store.write, doer(), 'bought', (trx) =>
			boughtPacks(trx, now, {
				offer: offer.id,
				count: buy.count,
				keys: thing.keys,
				cents: (offer.cents + 10) * buy.count
			})
		);
		const after = await situationOf(store);
		// Bought and had before is what is there now: nothing is used up by buying.
		expect(
			stock([...after.snapshot.lots])
				.sub(stock([...now.snapshot.lots]))
				.valueOf()
		).toBeCloseTo(buy.count * buy.size, 9);
		expect(buyingOf(after, 'all', null).things.some((one) => one.item === thing.item)).toBe(false);
		expect(after.snapshot.purchases).toMatchObject([
			{ item_id: thing.item, cents: (offer.cents + 10) * buy.count, reimbursable: 0 }
		]);
		expect(after.snapshot.offers.find((one) => one.id === offer.id)!.cents).toBe(offer.cents + 10);
		await change(store.write, doer(), 'claim', (trx) =>
			setReimbursable(trx, after.snapshot.purchases[0].id, true)
		);
		const claimed = buyingOf(await situationOf(store), 'all', null);
		expect(claimed.receipts[0].toClaim).toBe(true);
		expect(claimed.toClaim).toBe(money((offer.cents + 10) * buy.count));
		await undo(store.write, doer());
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('the same pack noted again is a new price, not a second offer; a pack of nothing is refused', async () => {
		const { store, now } = await demo();
		const [offer] = now.snapshot.offers;
		const note = (size: string, cents: number) =>
			change(store.write, doer(), 'price', (trx) =>
				addOffer(
					trx,
					{
						item: offer.item_id,
						supplier: offer.supplier_id,
						size: exact(size),
						unit: offer.unit,
						cents,
						aisle: ''
					},
					'2027-01-22'
				)
			);
		await note(offer.size, offer.cents + 50);
		await change(store.write, doer(), 'price', (trx) =>
			setPrice(trx, offer.id, offer.cents + 50, '2027-01-23')
		);
		const after = await situationOf(store);
		expect(after.snapshot.offers).toHaveLength(now.snapshot.offers.length);
		expect(after.snapshot.prices.filter((one) => one.offer_id === offer.id).map((one) => one.cents)).toEqual([
			offer.cents,
			offer.cents + 50
		]);
		await expect(note('0', 100)).rejects.toThrow('pack size must be more than 0');
	});

	it('sales tax is in every price that is compared', async () => {
		const { store, now } = await demo();
		await store.write.updateTable('household').set({ sales_tax: '10' }).execute();
		const taxed = buyingOf(await situationOf(store), 'all', null).input;
		for (const [i, one] of buyingOf(now, 'all', null).input.offers.entries())
			expect(taxed.offers[i].price).toBe(Math.round(one.price * 1.1));
	});
});
