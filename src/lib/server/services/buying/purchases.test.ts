import { describe, expect, it } from 'vitest';
import { packsWithBundles } from '$core/buying/index.ts';
import { addDays } from '$core/calendar/index.ts';
import { exact, isSome, ZERO } from '$core/measure/index.ts';
import { claimsCsv } from '../../exchange/kinds/claims.ts';
import { change, undo } from '../../history/changes.ts';
import { changedElsewhere } from '../../history/conflicts.ts';
import { addBundle, bundleOf } from '../../stores/buying/bundles.ts';
import { errandOf, removeErrand, setErrands, type ErrandInput } from '../../stores/buying/errands.ts';
import { addOffer, removeOffer, setOfferStanding } from '../../stores/buying/offers.ts';
import { setReimbursable } from '../../stores/buying/purchases.ts';
import { countLot } from '../../stores/stash/lots.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { borrowLists } from '../gathering/borrow.ts';
import { actsOf, type Situation } from '$core/account/index.ts';
import { arrange, chooseSource } from '../readiness/steps.ts';
import { costOf } from './cost.ts';
import { errandsOf, tickErrand } from './errands.ts';
import { boughtBundle, boughtPacks, bringBack } from './purchases.ts';
import { receiptsOf } from './receipts.ts';
import { buyingOf } from './shopping.ts';

const TODAY = '2027-01-22';

async function demo() {
	const store = await openTestStore();
	const act = <T>(work: Parameters<typeof change<T>>[3], device = 'laptop') =>
		change(store.write, doer(null, device), 'x', work);
	return { store, act, now: () => situationOf(store) };
}
const thing = (now: Situation, name: string) =>
	buyingOf(now, 'all', null).things.find((one) => one.name === name)!;
const missing = (now: Situation, name: string) =>
	now.needs.filter((one) => one.item.name === name).reduce((sum, one) => sum.add(one.standing.missing), ZERO);

const costIn = (now: Situation) => costOf(now, now.runs[0]);

describe('what goes back to the shop', () => {
	it('leaves house and account as before the purchase, and the lesson lacks it again', async () => {
		const { store, act, now } = await demo();
		await act((trx) => trx.updateTable('supplier').set({ return_days: 14 }).execute());
		const before = await now();
		const [offer] = thing(before, 'orange').offers;
		await act(async (trx) =>
			boughtPacks(trx, before, { offer: offer.id, count: 6, keys: thing(before, 'orange').keys, cents: 474 })
		);
		const had = await now();
		expect(isSome(missing(had, 'orange'))).toBe(false);
		const purchase = had.snapshot.purchases.at(-1)!;
		expect(purchase).toMatchObject({ return_by: addDays(TODAY, 14), cents: 474 });
		expect(receiptsOf(had)[0]).toMatchObject({ canGoBack: true, back: 'can be returned until Fri, Feb 5' });
		await act(async (trx) => bringBack(trx, had, purchase.id));
		const after = await now();
		expect(missing(after, 'orange').equals(missing(before, 'orange'))).toBe(true);
		expect(receiptsOf(after)[0]).toMatchObject({ canGoBack: false, back: 'returned Fri, Jan 22' });
		expect(costIn(after)).toEqual(costIn(before));
		const events = await store.read
			.selectFrom('lot_event')
			.selectAll()
			.where('lot_id', '=', purchase.lot_id)
			.execute();
		expect(events.map((event) => event.kind)).toEqual(['bought', 'returned']);
		await expect(act(async (trx) => bringBack(trx, after, purchase.id))).rejects.toThrow('already returned');
	});

	it('after its last day the shop does not take it any more', async () => {
		const { act, now } = await demo();
		const before = await now();
		const [offer] = thing(before, 'orange').offers;
		await act((trx) => trx.updateTable('supplier').set({ return_days: 5 }).execute());
		await act(async (trx) =>
			boughtPacks(trx, await now(), {
				offer: offer.id,
				count: 1,
				keys: thing(before, 'orange').keys,
				cents: 79
			})
		);
		const later = { ...(await now()), today: addDays(TODAY, 6) };
		const id = later.snapshot.purchases.at(-1)!.id;
		await expect(act(async (trx) => bringBack(trx, later, id))).rejects.toThrow('last day to return orange');
		expect(receiptsOf(later)[0].canGoBack).toBe(false);
	});

	it('what a charter pays back is a list with its sum; what went back is not on it', async () => {
		const { act, now } = await demo();
		const start = await now();
		for (const name of ['orange', 'lemon'])
			await act(async (trx) => {
				const one = thing(start, name);
				return boughtPacks(trx, start, { offer: one.offers[0].id, count: 1, keys: one.keys, cents: 150 });
			});
		const ids = (await now()).snapshot.purchases.slice(-2).map((one) => one.id);
		await act(async (trx) => {
			for (const id of ids) await setReimbursable(trx, id, true);
		});
		expect(claimsCsv((await now()).snapshot)).toContain(',3.00');
		await act(async (trx) => bringBack(trx, await now(), ids[0]));
		const csv = claimsCsv((await now()).snapshot);
		expect(csv).toContain('lemon');
		expect(csv).not.toContain('orange');
		expect(csv.trim().split('\r\n').at(-1)).toBe(',Total,,,,1.50');
	});
});

describe('what a unit costs', () => {
	it('adds up: lessons, streams and the whole say the same, and buying moves it from planned to spent', async () => {
		const { act, now } = await demo();
		const before = await now();
		const cost = costIn(before);
		for (const key of ['spent', 'committed', 'planned'] as const) {
			expect(cost.lessons.reduce((sum, one) => sum + one[key], 0)).toBe(cost.total[key]);
			expect(cost.streams.reduce((sum, one) => sum + one[key], 0)).toBe(cost.total[key]);
		}
		expect(cost.unpriced).toContain('paper towel');
		const one = thing(before, 'chocolate coin');
		const offer = one.offers.find((each) => each.shop === 'Corner Grocer')!;
		await act(async (trx) =>
			boughtPacks(trx, before, { offer: offer.id, count: 1, keys: one.keys, cents: offer.cents })
		);
		const after = costIn(await now());
		expect(after.total.spent - cost.total.spent).toBe(offer.cents);
		expect(cost.total.planned - after.total.planned).toBe(offer.cents);
	});

	it('what is ordered is committed', async () => {
		const { act, now } = await demo();
		const before = await now();
		const keys = thing(before, 'bar magnet').keys;
		await act(async (trx) => arrange(trx, before, keys, null));
		const [was, is] = [costIn(before), costIn(await now())];
		expect(is.total.committed).toBeGreaterThan(was.total.committed);
		expect(is.total.committed + is.total.planned).toBe(was.total.committed + was.total.planned);
	});
});

describe('what is ordered', () => {
	it('where its source is late, the act names a shop that has it in time, unless that pack is excluded', async () => {
		const { store, act } = await demo();
		const magnet = async () =>
			actsOf(await situationOf(store)).find((one) => one.title === 'Order 1 bar magnet')!;
		expect((await magnet()).verdict).toBe('late');
		expect((await magnet()).detail).toContain('Mail order · still in time from Hobby & Hardware');
		const { offers, items, suppliers } = (await situationOf(store)).snapshot;
		const item = items.find((one) => one.name === 'bar magnet')!.id;
		const hobby = suppliers.find((one) => one.name === 'Hobby & Hardware')!.id;
		const offer = offers.find((one) => one.item_id === item && one.supplier_id === hobby)!;
		await act((trx) => setOfferStanding(trx, offer.id, 'excluded', 'too weak'));
		expect((await magnet()).detail).not.toContain('in time');
	});

	it('too late for its last lesson says so and is not taken, however cheap', async () => {
		const { act, now } = await demo();
		const start = await now();
		const { id: item } = start.snapshot.items.find((one) => one.name === 'orange')!;
		const mail = start.snapshot.suppliers.find((one) => one.kind === 'order')!;
		await act((trx) =>
			addOffer(trx, { item, supplier: mail.id, size: exact(6), unit: 'each', cents: 1, aisle: '' }, TODAY)
		);
		const { things, input } = buyingOf(await now(), 'all', null);
		const late = things.find((one) => one.item === item)!.offers.find((one) => one.cents === 1)!;
		// Seven working days before Mon, Jan 25, the day before the lesson.
		expect(late.problem).toMatch(/^arrives after the lesson; the last day to order was /);
		expect(input.offers.map((one) => one.id)).not.toContain(late.id);
		expect(input.offers.some((one) => one.item === 'orange')).toBe(true);
	});
});

describe('bundles', () => {
	it('the one that is worth it is chosen, bought as a whole, and its price split over its things to the cent', async () => {
		const { act, now } = await demo();
		const start = await now();
		const shop = start.snapshot.suppliers.find((one) => one.name === 'Hobby & Hardware')!;
		await act((trx) =>
			addBundle(
				trx,
				{
					supplier: shop.id,
					name: 'harbor box',
					cents: 501,
					parts: [
						{ item: 'bar magnet', amount: exact(3), unit: 'each' },
						{ item: 'cork', amount: exact(12), unit: 'each' },
						{ item: 'paper boat', amount: exact(1), unit: 'each' }
					]
				},
				TODAY
			)
		);
		const buying = buyingOf(await now(), 'all', null);
		expect(buying.bundles).toHaveLength(1);
		const { bundles, cost, separately } = packsWithBundles(buying.input, buying.bundles);
		expect(bundles).toEqual([buying.bundles[0].bundle]);
		expect(cost).toBeLessThan(separately!);
		const keys = buying.things
			.filter((one) => ['bar magnet', 'cork'].includes(one.name))
			.flatMap((one) => one.keys);
		await act(async (trx) => boughtBundle(trx, await now(), buying.bundles[0].id, keys));
		const after = await now();
		expect(isSome(missing(after, 'bar magnet'))).toBe(false);
		expect(isSome(missing(after, 'cork'))).toBe(false);
		const bought = after.snapshot.purchases.slice(-3);
		expect(bought.reduce((sum, one) => sum + one.cents, 0)).toBe(501);
		expect(
			after.snapshot.lots.some(
				(lot) => after.snapshot.items.find((one) => one.id === lot.item_id)?.name === 'paper boat'
			)
		).toBe(true);
	});

	it('has to hold something; one that is gone says so', async () => {
		const { act } = await demo();
		await expect(
			act((trx) => addBundle(trx, { supplier: 1, name: 'air', cents: 1, parts: [] }, TODAY))
		).rejects.toThrow('Enter what’s in it');
		await expect(act((trx) => bundleOf(trx, 999))).rejects.toThrow('is gone');
	});
});

describe('the list that is taken along', () => {
	async function taken() {
		const { store, act, now } = await demo();
		const buying = buyingOf(await now(), 'all', null);
		const list = buying.things.flatMap((one): ErrandInput[] =>
			one.offers.length === 0
				? []
				: [{ offer: one.offers[0].id, bundle: null, count: 1, keys: one.keys, cents: one.offers[0].cents }]
		);
		await act((trx) => setErrands(trx, list));
		return { store, act, now, list };
	}
	const rows = (now: Situation) =>
		errandsOf(now).flatMap((shop) => shop.aisles.flatMap((aisle) => aisle.rows));

	it('a tick buys once, however often it comes; undo takes it out of house and account', async () => {
		const { store, act, now } = await taken();
		const [{ id }] = rows(await now());
		const before = await allRows(store);
		await act(async (trx) => tickErrand(trx, await now(), id, 123));
		await act(async (trx) => tickErrand(trx, await now(), id, 123));
		const after = await now();
		expect(after.snapshot.purchases.filter((one) => one.cents === 123)).toHaveLength(1);
		expect(rows(after).find((one) => one.id === id)).toMatchObject({ done: true, paid: '1.23' });
		// Another price for what is in the cart already corrects the list and the receipt, and buys nothing more.
		await act(async (trx) => tickErrand(trx, await now(), id, 150));
		const corrected = await now();
		expect(corrected.snapshot.purchases.map((one) => one.cents)).toEqual(
			after.snapshot.purchases.map((one) => (one.cents === 123 ? 150 : one.cents))
		);
		expect(rows(corrected).find((one) => one.id === id)).toMatchObject({ paid: '1.50' });
		// One pack without sales tax: the price that is known of it from now on.
		const { offer_id } = corrected.snapshot.errands.find((one) => one.id === id)!;
		expect(corrected.snapshot.offers.find((one) => one.id === offer_id)!.cents).toBe(150);
		await undo(store.write, doer());
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('a bundle in the cart that cost something else corrects all of its receipts, to the cent', async () => {
		const { act, now } = await demo();
		const { snapshot, needs } = await now();
		const keys = needs.filter((one) => ['cork', 'orange'].includes(one.item.name)).map((one) => one.need.key);
		await act((trx) =>
			addBundle(
				trx,
				{
					supplier: snapshot.suppliers[0].id,
					name: 'a bag of both',
					cents: 900,
					parts: [
						{ item: 'cork', amount: exact(12), unit: 'each' },
						{ item: 'orange', amount: exact(6), unit: 'each' }
					]
				},
				TODAY
			)
		);
		const [bundle] = (await now()).snapshot.bundles;
		await act((trx) => setErrands(trx, [{ offer: null, bundle: bundle.id, count: 1, keys, cents: 900 }]));
		const [{ id }] = (await now()).snapshot.errands;
		const paid = async () => (await now()).snapshot.purchases.map((one) => one.cents);
		await act(async (trx) => tickErrand(trx, await now(), id, 900));
		const first = await paid();
		expect(first).toHaveLength(2);
		expect(first.reduce((sum, cents) => sum + cents, 0)).toBe(900);
		await act(async (trx) => tickErrand(trx, await now(), id, 751));
		const second = await paid();
		expect(second).toHaveLength(2);
		expect(second.reduce((sum, cents) => sum + cents, 0)).toBe(751);
		expect((await now()).snapshot.errands[0]).toMatchObject({ cents: 751, done_on: TODAY });
	});

	it('learns in which order a shop is walked from the order of the ticks', async () => {
		const { act, now } = await taken();
		const shop = errandsOf(await now()).find((one) => one.aisles.length > 2)!;
		expect(shop.learned).toBe(false);
		const byName = shop.aisles.map((one) => one.aisle);
		expect(byName).toEqual(byName.toSorted());
		const walked = shop.aisles.toReversed();
		for (const { rows: own } of walked)
			await act(async (trx) => tickErrand(trx, await now(), own[0].id, 100));
		const after = errandsOf(await now()).find((one) => one.id === shop.id)!;
		expect(after.learned).toBe(true);
		expect(after.aisles.map((one) => one.aisle)).toEqual(byName.toReversed());
	});

	it('an offer that is removed leaves the list; a tick for it says so and changes nothing', async () => {
		const { store, act, now, list } = await taken();
		const gone = (await now()).snapshot.errands.find((one) => one.offer_id === list[0].offer)!;
		await act((trx) => removeOffer(trx, list[0].offer!));
		const before = await allRows(store);
		expect(rows(await now()).some((one) => one.id === gone.id)).toBe(false);
		await expect(act(async (trx) => tickErrand(trx, await now(), gone.id, 1))).rejects.toThrow(
			'no longer on the list'
		);
		expect(await allRows(store)).toEqual(before);
		const [next] = rows(await now());
		await act((trx) => removeErrand(trx, next.id));
		await expect(act((trx) => errandOf(trx, next.id))).rejects.toThrow('no longer on the list');
	});
});

describe('what others are asked for', () => {
	it('stands by person with when, until it was asked for; second-hand with the most to pay', async () => {
		const { act, now } = await demo();
		const start = await now();
		const friend = start.snapshot.suppliers.find((one) => one.kind === 'friend')!;
		await act(async (trx) => chooseSource(trx, start, thing(start, 'cork').keys, friend.id));
		await act(async (trx) => chooseSource(trx, await now(), thing(start, 'bar magnet').keys, 'second-hand'));
		const lists = borrowLists(await now());
		const friends = lists.find((one) => one.title === friend.name)!;
		expect(friends.rows.find((one) => one.text.includes('cork'))).toMatchObject({ promised: '' });
		expect(friends.message).toContain('could we borrow these?');
		expect(friends.message).toContain('cork');
		const hunt = lists.find((one) => one.rung === 'second-hand')!;
		// One magnet new: $4.25 at the hardware shop; half of it is the most.
		expect(hunt.rows[0].atMost).toBe('up to $2.12 ($4.25 new)');
		const keys = friends.rows.find((one) => one.text.includes('cork'))!.keys.split(' ');
		await act(async (trx) => arrange(trx, await now(), keys, '2027-01-30'));
		const after = borrowLists(await now()).find((one) => one.title === friend.name)!;
		expect(after.rows.find((one) => one.text.includes('cork'))!.promised).toBe('expected Sat, Jan 30');
		expect(after.message).not.toContain('cork');
	});
});

describe('two devices', () => {
	it('what another one did since is named; one’s own and older changes are none', async () => {
		const { store, act, now } = await demo();
		const seen = (await now()).snapshot.revision;
		await act((trx) => countLot(trx, 1, exact(3), TODAY), 'phone');
		expect(await changedElsewhere(store.read, 'lot', 1, seen, 'laptop')).toBe('x');
		expect(await changedElsewhere(store.read, 'lot', 1, seen, 'phone')).toBeNull();
		expect(await changedElsewhere(store.read, 'lot', 2, seen, 'laptop')).toBeNull();
		expect(
			await changedElsewhere(store.read, 'lot', 1, (await now()).snapshot.revision, 'laptop')
		).toBeNull();
	});
});

describe('a coming unit', () => {
	it('its undated wants give worth to what is left over', async () => {
		const { act, now } = await demo();
		const start = await now();
		const cork = start.snapshot.items.find((one) => one.name === 'cork')!;
		const collecting = start.runs.find((one) => one.row.state === 'collecting')!;
		await act(async (trx) => {
			const { id: _, ...line } = start.needs[0].line;
			await trx
				.insertInto('supply_line')
				.values({
					...line,
					item_id: cork.id,
					quantity: '4',
					unit: 'each',
					per: 'family',
					spare: '0',
					use: 'consumed',
					lesson_id: collecting.lessons[0].lesson.id,
					activity_id: null
				})
				.execute();
			const shop = start.snapshot.suppliers[0];
			await addOffer(
				trx,
				{ item: cork.id, supplier: shop.id, size: exact(100), unit: 'each', cents: 1000, aisle: '' },
				TODAY
			);
		});
		expect(buyingOf(await now(), 'all', null).coming['cork']).toMatchObject({
			units: collecting.unit.name,
			amount: 4,
			centsEach: 10
		});
	});
});
