import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, dayText } from '$core/calendar/index.ts';
import { readKitParts, RUNGS } from '$core/gathering/index.ts';
import { canConvert, convert, exact, isSome, ZERO, type Exact } from '$core/measure/index.ts';
import { change } from '../../history/changes.ts';
import { addOffer } from '../../stores/buying/offers.ts';
import { setClaim } from '../../stores/gathering/supply-lines.ts';
import { setSources } from '../../stores/house/household.ts';
import { addOccasion } from '../../stores/house/occasions.ts';
import { addPlace, movePlace, passedBy, removePlace } from '../../stores/house/places.ts';
import { itemNamed, setItemSources } from '../../stores/stash/items.ts';
import {
	addLot,
	countLot,
	giveBack,
	moveLot,
	removeLot,
	setKit,
	splitLot,
	useUp
} from '../../stores/stash/lots.ts';
import { addSubstitute } from '../../stores/stash/substitutes.ts';
import { doer, openTestStore, situationOf } from '../../tests/household.ts';
import { cheapest } from '../buying/prices.ts';
import { buyingOf } from '../buying/shopping.ts';
import { occasionsOf, actsOf, sentenceOf, sourceOptions, type Situation } from '$core/account/index.ts';
import { arrange, chooseSource, tryNext } from '../readiness/steps.ts';
import { stashOf } from '../stash/stash.ts';
import { borrowLists } from './borrow.ts';
import { insteadOf, takeInstead } from './instead.ts';
import { gatherList } from './list.ts';
import { tick, walkOf } from './walk.ts';
import { sharesOf } from './who-gets.ts';

const TODAY = '2027-01-22';

async function demo() {
	const store = await openTestStore();
	const act = <T>(work: Parameters<typeof change<T>>[3]) => change(store.write, doer(), 'x', work);
	return { store, act, now: () => situationOf(store) };
}
const needsOf = (now: Situation, name: string) => now.needs.filter((one) => one.item.name === name);
const missingOf = (now: Situation, name: string) =>
	needsOf(now, name).filter((one) => isSome(one.standing.missing));

describe('the ladder of a household', () => {
	it('what is not to be had goes to the next rung, with its own lead time and its own act', async () => {
		const { act, now } = await demo();
		const [orange] = missingOf(await now(), 'orange');
		const keys = missingOf(await now(), 'orange').map((one) => one.need.key);
		const lastBirthday = (await now()).snapshot.people
			.filter((one) => one.born && one.kind !== 'guest')
			.flatMap((one) => [`2026-${one.born!.slice(5)}`, `2027-${one.born!.slice(5)}`])
			.filter((day) => day <= orange.days!.inHandBy)
			.toSorted()
			.at(-1)!;
		await act(async (trx) =>
			setSources(trx, { ladder: RUNGS, days: { gift: 40 }, firstFrost: null, lastFrost: null })
		);
		await act(async (trx) => chooseSource(trx, await now(), keys, 'made'));
		const steps: string[] = [];
		for (;;) {
			const [one] = missingOf(await now(), 'orange');
			steps.push(one.rung);
			// Forty days before the last birthday that comes before it is wanted.
			if (one.rung === 'gift') expect(one.days!.actBy).toBe(addDays(lastBirthday, -40));
			if (one.rung === 'gift')
				expect(actsOf(await now()).map((each) => each.title)).toContainEqual(
					expect.stringMatching(/^Ask for .*orange/)
				);
			if (one.nextRung === null) break;
			await act(async (trx) => tryNext(trx, await now(), keys));
		}
		expect(steps).toEqual([...RUNGS]);
		await expect(act(async (trx) => tryNext(trx, await now(), keys))).rejects.toThrow('last option');
	});

	it('only what is on the bought rung stands on the shopping list', async () => {
		const { act, now } = await demo();
		const before = await now();
		expect(buyingOf(before, 'all', null).things.map((one) => one.name)).toContain('orange');
		const keys = missingOf(before, 'orange').map((one) => one.need.key);
		await act(async (trx) => chooseSource(trx, before, keys, 'free'));
		expect(buyingOf(await now(), 'all', null).things.map((one) => one.name)).not.toContain('orange');
	});

	it('a thing’s own order goes before the household’s; a source chosen by name before both', async () => {
		const { act, now } = await demo();
		const [one] = missingOf(await now(), 'orange');
		const item = { startDays: null, season: '' as const, makeCents: null, makeMinutes: null };
		await act((trx) => setItemSources(trx, one.item.id, { ...item, ladder: ['second-hand', 'bought'] }));
		expect(missingOf(await now(), 'orange')[0]).toMatchObject({
			rung: 'second-hand',
			nextRung: 'bought',
			supplier: null
		});
		const grocer = (await now()).snapshot.suppliers.find((each) => each.name === 'Corner Grocer')!;
		await act(async (trx) => chooseSource(trx, await now(), [one.need.key], grocer.id));
		const after = needsOf(await now(), 'orange').find((each) => each.need.key === one.need.key)!;
		expect(after).toMatchObject({ rung: 'bought', supplier: grocer });
	});

	it('offers every rung once: by whom it is, or by what is done', async () => {
		const { snapshot } = await (await demo()).now();
		const labels = sourceOptions(snapshot).map((one) => one.label);
		expect(new Set(labels).size).toBe(labels.length);
		expect(labels).toEqual(
			expect.arrayContaining(['make it', 'find it free', 'Corner Grocer', 'Fernhill Library'])
		);
		expect(labels).not.toContain('buy it');
	});

	it('what grows is begun so many days before; what the frost shuts in is gathered before it', async () => {
		const { act, now } = await demo();
		const [one] = missingOf(await now(), 'orange');
		const item = { ladder: ['free' as const], makeCents: null, makeMinutes: null };
		await act((trx) => setItemSources(trx, one.item.id, { ...item, startDays: 12, season: '' }));
		const grown = missingOf(await now(), 'orange')[0];
		// Three days to find it, twelve to grow.
		expect(grown.days!.actBy).toBe(addDays(grown.days!.inHandBy, -15));
		await act((trx) => setItemSources(trx, one.item.id, { ...item, startDays: null, season: 'open ground' }));
		await act((trx) => setSources(trx, { ladder: RUNGS, days: {}, firstFrost: '10-15', lastFrost: '04-20' }));
		const frozen = missingOf(await now(), 'orange')[0];
		expect(frozen.need.useDay! < '2027-04-20').toBe(true);
		expect(frozen.days!.actBy).toBe('2026-10-14');
		expect(frozen.verdict).toBe('late');
	});
});

describe('gifts', () => {
	it('come with an occasion: named, chosen, in time or said to be too late', async () => {
		const { act, now } = await demo();
		const missing = missingOf(await now(), 'orange');
		const keys = missing.map((one) => one.need.key);
		const inHandBy = missing[0].days!.inHandBy;
		await act(async (trx) => chooseSource(trx, await now(), keys, 'gift'));
		const wish = (acts: ReturnType<typeof actsOf>) =>
			acts.find((one) => /^Ask for .*orange/.test(one.title))!;
		expect(wish(actsOf(await now())).detail).toContain(
			`no gift occasion before ${dayText(addDays(inHandBy, 1))}`
		);
		const day = addDays(inHandBy, -2);
		await act((trx) => addOccasion(trx, `Name day, ${day}`));
		expect(wish(actsOf(await now())).detail).toContain(`for Name day, ${dayText(day)}`);
		const wishes = async () => borrowLists(await now()).find((one) => one.title === 'Gifts to ask for')!;
		const orange = async () => (await wishes()).rows.find((one) => one.text.includes('orange'))!;
		const row = await orange();
		expect(row.occasions[0]).toEqual({ value: day, label: `Name day, ${dayText(day)}` });
		for (const late of row.occasions.slice(1)) {
			expect(late.value > inHandBy).toBe(true);
			expect(late.label).toContain('too late');
		}
		expect((await wishes()).message).toContain('orange');
		await act(async (trx) => arrange(trx, await now(), row.keys.split(' '), day));
		expect((await orange()).promised).toBe(`asked for Name day, ${dayText(day)}`);
		expect((await wishes()).message).not.toContain('orange');
	});

	it.each([
		['gift', 'Ask for it as a gift today'],
		['second-hand', 'Find it used today']
	] as const)('the first gap says how a thing is got: %s', async (rung, words) => {
		const { act, now } = await demo();
		const [magnet] = missingOf(await now(), 'bar magnet');
		await act(async (trx) => chooseSource(trx, await now(), [magnet.need.key], rung));
		const { before, gap, after } = sentenceOf(await now(), null);
		expect(before + gap + after).toMatch(new RegExp(`is missing 1 bar magnet. ${words}`));
	});

	it('an occasion needs a day, and is noted once; birthdays come from the people', async () => {
		const { act, now } = await demo();
		const names = async () => occasionsOf((await now()).snapshot).map((one) => `${one.name} ${one.day}`);
		const before = await names();
		expect(before.length).toBeGreaterThan(0);
		expect(before.filter((one) => /’s birthday \d\d-\d\d$/.test(one))).toHaveLength(
			(await now()).snapshot.people.filter((one) => one.born && one.kind === 'child').length
		);
		await act((trx) => addOccasion(trx, 'Grandma stays with us, Mar 20'));
		await act((trx) => addOccasion(trx, 'Book fair on June 5 2027'));
		expect((await names()).slice(before.length)).toEqual([
			'Grandma stays with us 03-20',
			'Book fair 2027-06-05'
		]);
		await expect(act((trx) => addOccasion(trx, 'some day'))).rejects.toThrow('Say what it is and its day');
		await expect(act((trx) => addOccasion(trx, 'Mar 20'))).rejects.toThrow('Say what it is and its day');
		await expect(act((trx) => addOccasion(trx, 'grandma stays with us, March 20'))).rejects.toThrow(
			'already on the list'
		);
	});
});

describe('the way through the house', () => {
	it('is learned from the order of the ticks, room by room, until the places are put in another order', async () => {
		const { act, now } = await demo();
		const order = async () => walkOf(await now(), null, 'all');
		const noted = (await order()).places.map((one) => one.path);
		expect(noted.length).toBeGreaterThan(2);
		expect((await order()).learned).toBe(false);
		// From the last place to the first, one thing each.
		for (const place of (await order()).places.toReversed()) {
			const [row] = place.rows;
			await act(async (trx) =>
				tick(trx, await now(), {
					lot: row.lot,
					run: row.run,
					found: exact(row.amount),
					unit: row.unit,
					move: false
				})
			);
		}
		const after = await order();
		expect(after.learned).toBe(true);
		const room = (path: string) => path.split(' › ')[0];
		const rooms = (paths: string[]) => paths.map(room).filter((one, i, all) => one !== all[i - 1]);
		const left = after.places.map((one) => one.path);
		// A room is entered once, and the rooms come the other way round.
		expect(new Set(rooms(left)).size).toBe(rooms(left).length);
		const before = rooms(noted.filter((path) => left.includes(path)));
		expect(rooms(left)).toEqual(before.toReversed());
		const { places } = (await now()).snapshot;
		const first = places.find((one) => one.parent_id === null)!;
		await act((trx) => movePlace(trx, first.id, null, 0));
		expect((await order()).learned).toBe(false);
		expect((await order()).places.map((one) => one.path)).toEqual(
			noted.filter((path) => left.includes(path))
		);
	});

	it('remembers the last thirty walks and no more, and a place that is gone is no stop', async () => {
		const { store, act, now } = await demo();
		const { places } = (await now()).snapshot;
		for (let i = 0; i < 40; i++)
			await act(async (trx) => {
				await passedBy(trx, places[i % 3].id, addDays(TODAY, i));
				await passedBy(trx, places[i % 3].id, addDays(TODAY, i));
			});
		const stops = (await now()).snapshot.placeStops;
		expect(stops).toHaveLength(30);
		expect(stops[0].on_day).toBe(addDays(TODAY, 10));
		const id = await act((trx) =>
			addPlace(trx, null, {
				name: 'Shed',
				kind: 'room',
				length_mm: null,
				width_mm: null,
				height_mm: null,
				floor_mm: null
			})
		);
		await act((trx) => passedBy(trx, id.result, addDays(TODAY, 41)));
		await act((trx) => removePlace(trx, id.result));
		expect(
			(await store.read.selectFrom('place_stop').selectAll().execute()).map((one) => one.place_id)
		).not.toContain(id.result);
	});
});

describe('something instead', () => {
	it('what at home in full comes first, in its own amount, and taking it is what nets from then on', async () => {
		const { act, now } = await demo();
		const short = missingOf(await now(), 'orange');
		const missing = short.reduce((sum, one) => sum.add(one.standing.missing), ZERO);
		const [{ item }] = short;
		await act(async (trx) => {
			await addSubstitute(
				trx,
				item,
				{ amount: exact(1), unit: 'each' },
				{ name: 'tennis ball', amount: exact(2), unit: 'each' }
			);
			await addSubstitute(
				trx,
				item,
				{ amount: exact(1), unit: 'each' },
				{ name: 'gold globe', amount: exact(1), unit: 'each' }
			);
			const ball = await itemNamed(trx, 'tennis ball');
			await addLot(
				trx,
				{ item_id: ball.id, amount: missing.mul(2), unit: 'each', place_id: null, good_until: null },
				TODAY
			);
		});
		const offered = insteadOf(await now(), missingOf(await now(), 'orange'));
		// The globe has no price and oranges have one: it is not offered.
		expect(offered.map((one) => [one.name, one.why])).toEqual([['tennis ball', 'at home']]);
		const keys = short.map((one) => one.need.key);
		await act(async (trx) => takeInstead(trx, await now(), keys, 'tennis ball'));
		const after = needsOf(await now(), 'tennis ball').filter((one) => keys.includes(one.need.key));
		expect(after).toHaveLength(short.length);
		for (const one of after) {
			const was = short.find((each) => each.need.key === one.need.key)!;
			expect(one.amount.equals(was.amount.mul(2))).toBe(true);
			expect(one.line.written).toBe(was.line.written);
			expect(one.line.note).toContain('instead of orange');
		}
	});

	it('one that has to be bought is offered only up to the price of the thing itself', async () => {
		const { act, now } = await demo();
		const short = missingOf(await now(), 'orange');
		const total = short.reduce((sum, one) => sum.add(one.standing.missing), ZERO);
		const own = cheapest((await now()).snapshot, short[0].item, total, 'each')!;
		const shop = (await now()).snapshot.suppliers.find((one) => one.kind === 'shop')!;
		await act(async (trx) => {
			for (const [name, cents] of [
				['tangerine', own - 1],
				['grapefruit', own + 1]
			] as const) {
				await addSubstitute(
					trx,
					short[0].item,
					{ amount: total, unit: 'each' },
					{ name, amount: exact(1), unit: 'bag' }
				);
				const { id } = await itemNamed(trx, name);
				await addOffer(
					trx,
					{ item: id, supplier: shop.id, size: exact(1), unit: 'bag', cents, aisle: '' },
					TODAY
				);
			}
		});
		expect(insteadOf(await now(), missingOf(await now(), 'orange')).map((one) => one.name)).toEqual([
			'tangerine'
		]);
	});

	it('nothing stands in for itself, under another name neither', async () => {
		const { act, now } = await demo();
		const { item } = needsOf(await now(), 'orange')[0];
		await expect(
			act((trx) =>
				addSubstitute(
					trx,
					item,
					{ amount: exact(1), unit: 'each' },
					{ name: 'Oranges', amount: exact(1), unit: 'each' }
				)
			)
		).rejects.toThrow('can’t be its own substitute');
	});
});

describe('who gets what is at home', () => {
	it('is served by date, shown, and turned around by a claim; what is given out stays the same', async () => {
		const { act, now } = await demo();
		const start = await now();
		const { item } = needsOf(start, 'orange')[0];
		await act((trx) =>
			addLot(
				trx,
				{ item_id: item.id, amount: exact(2), unit: 'each', place_id: null, good_until: null },
				TODAY
			)
		);
		// A second line for the same thing, in the last lesson.
		const last = start.runs[0].lessons.findLast((one) => one.dates.length > 0)!;
		await act(async (trx) => {
			const { id: _, ...line } = needsOf(start, 'orange')[0].line;
			await trx
				.insertInto('supply_line')
				.values({ ...line, lesson_id: last.lesson.id, activity_id: null })
				.execute();
		});
		const given = (of: Situation) =>
			needsOf(of, 'orange').reduce((sum, one) => sum.add(one.served?.fromStash ?? ZERO), ZERO);
		const before = await now();
		const shares = sharesOf(before).get(item.id)!;
		expect(shares.length).toBeGreaterThan(1);
		expect(shares.at(-1)).toMatchObject({ isShort: true, claim: null });
		const line = needsOf(before, 'orange').find((one) => one.lesson.lesson.id === last.lesson.id)!.line.id;
		await act((trx) => setClaim(trx, line, 'first'));
		const after = await now();
		expect(sharesOf(after).get(item.id)![0]).toMatchObject({ line, claim: 'first' });
		expect(isSome(needsOf(after, 'orange').find((one) => one.line.id === line)!.served!.fromStash)).toBe(
			true
		);
		expect(given(after).equals(given(before))).toBe(true);
		await act((trx) => setClaim(trx, line, null));
		expect(sharesOf(await now()).get(item.id)).toEqual(shares);
		await expect(act((trx) => setClaim(trx, 99_999, 'first'))).rejects.toThrow('no longer on the list');
	});
});

describe('kits', () => {
	it('a kit for 25 used by 3 leaves 22; a lost piece takes makings away from the lessons', async () => {
		const { act, now } = await demo();
		const kit = await act(async (trx) => {
			const item = await itemNamed(trx, 'felt heart kit');
			const lot = await addLot(
				trx,
				{ item_id: item.id, amount: exact(25), unit: 'each', place_id: null, good_until: null },
				TODAY
			);
			await setKit(trx, lot, 25, readKitParts('1 felt heart\n2 googly eyes', exact(25)).parts);
			await useUp(trx, lot, exact(3), 'each', item.name, TODAY);
			return { item: item.id, lot };
		});
		const { item, lot } = kit.result;
		const shown = async () => stashOf(await now()).items.find((one) => one.id === item)!.lots[0];
		expect(await shown()).toMatchObject({
			kit: '22 of 25 sets left',
			kitParts: '1 felt heart, 22 there\n2 googly eyes, 44 there'
		});
		const lesson = (await now()).runs[0].lessons.findLast((one) => one.dates.length > 0)!;
		await act(async (trx) => {
			const { id: _, ...line } = (await now()).needs[0].line;
			await trx
				.insertInto('supply_line')
				.values({
					...line,
					item_id: item,
					quantity: '22',
					unit: 'each',
					per: 'family',
					use: 'consumed',
					lesson_id: lesson.lesson.id,
					activity_id: null,
					spare: '0'
				})
				.execute();
		});
		expect(isSome(needsOf(await now(), 'felt heart kit')[0].standing.missing)).toBe(false);
		await act((trx) =>
			setKit(trx, lot, 25, readKitParts('1 felt heart\n2 googly eyes, 39 there', exact(22)).parts)
		);
		expect((await shown()).kit).toBe('22 of 25 sets left, pieces for 19, 5 googly eyes missing');
		expect(needsOf(await now(), 'felt heart kit')[0].standing.missing.valueOf()).toBe(3);
	});
});

describe('the account of the stash', () => {
	it('what was bought and found is used, left, lost or brought back, whatever happens in which order', async () => {
		const store = await openTestStore();
		const { snapshot } = await situationOf(store);
		const places = snapshot.places.slice(0, 4).map((place) => place.id);
		const sum = (amounts: readonly Exact[]) => amounts.reduce((all, one) => all.add(one), ZERO);
		const amount = fc.integer({ min: 1, max: 40 });
		const step = fc.record({
			kind: fc.constantFrom('buy', 'find', 'use', 'move', 'split', 'count', 'lose', 'return'),
			amount,
			place: fc.constantFrom(...places),
			which: fc.nat(20)
		});
		let round = 0;
		await fc.assert(
			fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 25 }), async (steps) => {
				const name = `counter ${'abcdefghijklmnopqrstuvwxyz'[round % 26]}${'abcdefghijklmnopqrstuvwxyz'[Math.floor(round++ / 26)]}`;
				const { result: item } = await change(store.write, doer(), 'x', (trx) => itemNamed(trx, name));
				await change(store.write, doer(), 'x', async (trx) => {
					for (const one of steps) {
						const lots = await trx
							.selectFrom('lot')
							.selectAll()
							.where('item_id', '=', item.id)
							.orderBy('id')
							.execute();
						const lot = lots[one.which % Math.max(1, lots.length)];
						const some = exact(one.amount);
						const fresh = {
							item_id: item.id,
							amount: some,
							unit: 'each' as const,
							place_id: one.place,
							good_until: null
						};
						if (one.kind === 'buy' || one.kind === 'find' || !lot)
							await addLot(trx, fresh, TODAY, one.kind === 'buy' ? 'bought' : 'added');
						else if (one.kind === 'use') await useUp(trx, lot.id, some, 'each', name, TODAY);
						else if (one.kind === 'move') await moveLot(trx, lot.id, some, one.place, TODAY);
						else if (one.kind === 'split')
							await splitLot(trx, lot.id, some, one.place, TODAY).catch(() => undefined);
						else if (one.kind === 'count') await countLot(trx, lot.id, some, TODAY);
						else if (one.kind === 'lose') await removeLot(trx, lot.id, TODAY);
						else await giveBack(trx, lot.id, some, TODAY);
					}
				});
				const lots = await store.read
					.selectFrom('lot')
					.select('amount')
					.where('item_id', '=', item.id)
					.execute();
				const events = await store.read
					.selectFrom('lot_event')
					.selectAll()
					.where('item_id', '=', item.id)
					.execute();
				const of = (...kinds: string[]) =>
					sum(events.filter((event) => kinds.includes(event.kind)).map((event) => exact(event.amount)));
				const left = sum(lots.map((lot) => exact(lot.amount)));
				expect(of('bought', 'added').toFraction()).toBe(
					of('used', 'lost', 'returned').add(left).toFraction()
				);
				for (const lot of lots) expect(exact(lot.amount).compare(ZERO)).toBeGreaterThanOrEqual(0);
			}),
			{ numRuns: 60 }
		);
	});

	it('no lot is promised twice over all units', async () => {
		const { act, now } = await demo();
		const places = (await now()).snapshot.places;
		await fc.assert(
			fc.asyncProperty(
				fc.array(fc.tuple(fc.nat(30), fc.integer({ min: 1, max: 9 })), { maxLength: 6 }),
				async (adds) => {
					await act(async (trx) => {
						const items = await trx.selectFrom('item').selectAll().execute();
						for (const [which, amount] of adds) {
							const item = items[which % items.length];
							await addLot(
								trx,
								{
									item_id: item.id,
									amount: exact(amount),
									unit: 'each',
									place_id: places[0].id,
									good_until: null
								},
								TODAY
							);
						}
					});
					const { needs, snapshot } = await now();
					for (const lot of snapshot.lots) {
						const item = snapshot.items.find((one) => one.id === lot.item_id)!;
						const promised = needs
							.filter((one) => one.line.use === 'consumed')
							.flatMap((one) =>
								(one.served?.lots ?? [])
									.filter((each) => each.lot.id === String(lot.id))
									.map((each) => ({ ...each, unit: one.unit }))
							)
							.filter((each) => canConvert(each.unit, lot.unit, item.name))
							.reduce((sum, each) => sum.add(convert(each.amount, each.unit, lot.unit, item.name)), ZERO);
						expect(promised.compare(exact(lot.amount))).toBeLessThanOrEqual(0);
					}
				}
			),
			{ numRuns: 8 }
		);
	});
});

describe('the list of a unit', () => {
	it('says where a missing thing comes from and what is next', async () => {
		const { now } = await demo();
		const situation = await now();
		const row = gatherList(situation, situation.runs[0]).rows.find((one) => one.name === 'bar magnet')!;
		expect(row).toMatchObject({ sourceText: 'Mail order', next: '' });
		expect(situation.snapshot.suppliers.find((one) => String(one.id) === row.source)?.name).toBe(
			'Mail order'
		);
	});
});
