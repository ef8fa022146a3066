import type { Action } from '@sveltejs/kit';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { exact } from '$core/measure/index.ts';
import { actions as errandActions } from '../../../routes/lists/errands/+page.server.ts';
import { actions as walkActions } from '../../../routes/lists/walk/+page.server.ts';
import { change, KEPT_CHANGES, undo } from '../history/changes.ts';
import { opened } from '../live/data.ts';
import { situation } from '../live/now.ts';
import { walkOf } from '../services/gathering/walk.ts';
import { setErrands } from '../stores/buying/errands.ts';
import { addOffer } from '../stores/buying/offers.ts';
import { openHousehold } from './household.ts';

type Answer = { status: number; data: { message: string; path: string | null } } | { changed: string | null };

/** A household with its server, and two phones that talk to it. */
function twoPhones() {
	let sent = 0;
	const send = async (
		actions: Record<string, Action>,
		name: string,
		device: string,
		form: Record<string, string>
	): Promise<Answer> => {
		const body = new FormData();
		for (const [field, value] of Object.entries({ operation: `op-${sent++}`, ...form }))
			body.set(field, value);
		const url = new URL(`http://localhost/?/${name}`);
		return (await actions[name]({
			params: {},
			url,
			locals: { device, actor: null },
			request: new Request(url, { method: 'POST', body })
		} as unknown as Parameters<Action>[0])) as Answer;
	};
	return {
		situation,
		revision: async () => (await situation()).snapshot.revision,
		lot: async (id: number) => (await situation()).snapshot.lots.find((one) => one.id === id)!,
		undo: async (device: string) => undo((await opened()).write, { device, actor: null, operation: null }),
		walk: (name: string, device: string, form: Record<string, string>) =>
			send(walkActions as unknown as Record<string, Action>, name, device, form),
		errands: (name: string, device: string, form: Record<string, string>) =>
			send(errandActions as unknown as Record<string, Action>, name, device, form),
		store: opened
	};
}

beforeEach(() => openHousehold());
const house = twoPhones();

/** A thing that the walk of the coming days fetches, with all that its tick needs. */
async function aRow(index = 0) {
	const now = await house.situation();
	const row = walkOf(now, null, 'all').places.flatMap((place) => place.rows)[index];
	return {
		lot: String(row.lot),
		form: { lot: String(row.lot), run: String(row.run), amount: row.amount, unit: row.unit, move: '' },
		text: row.text
	};
}

describe('two phones in one house', () => {
	it('a count never goes over a newer one of the other phone unseen, whatever the order', async () => {
		const rows = await Promise.all([aRow(0), aRow(1)]);
		const step = fc.oneof(
			fc.record({
				kind: fc.constant('count' as const),
				device: fc.constantFrom('one', 'two'),
				row: fc.constantFrom(0, 1),
				amount: fc.integer({ min: 0, max: 9 }).map(String)
			}),
			fc.record({ kind: fc.constant('look' as const), device: fc.constantFrom('one', 'two') })
		);
		await fc.assert(
			fc.asyncProperty(fc.array(step, { minLength: 2, maxLength: 12 }), async (steps) => {
				const start = await house.revision();
				const seen: Record<string, number> = { one: start, two: start };
				// Who last changed a lot, and when.
				const last = new Map<string, { device: string; revision: number }>();
				for (const one of steps) {
					if (one.kind === 'look') {
						seen[one.device] = await house.revision();
						continue;
					}
					const { lot } = rows[one.row];
					const before = await house.lot(Number(lot));
					const answer = await house.walk('there', one.device, {
						lot,
						amount: one.amount,
						seen: String(seen[one.device])
					});
					const newer = last.get(lot);
					const isUnseen = newer && newer.device !== one.device && newer.revision > seen[one.device];
					const after = await house.lot(Number(lot));
					if (isUnseen) {
						if (!('status' in answer)) throw new Error('it went over a newer count');
						expect(answer.data.path).toBe('seen');
						expect(answer.data.message).toMatch(
							/^Another device got there first: “Count fixed: .*Count there now: .*\.$/
						);
						expect(after).toEqual(before);
					} else {
						expect(answer).not.toHaveProperty('status');
						expect(after.amount).toBe(one.amount);
						if ('changed' in answer && answer.changed)
							last.set(lot, { device: one.device, revision: await house.revision() });
					}
				}
			}),
			{ numRuns: 25 }
		);
	});

	it('a thing that both have ticked is found once, and neither is asked', async () => {
		const { form, text } = await aRow();
		const seen = String(await house.revision());
		expect(await house.walk('found', 'one', { ...form, seen })).toMatchObject({ changed: `Found: ${text}` });
		const { placeStops, lots } = (await house.situation()).snapshot;
		expect(await house.walk('found', 'two', { ...form, seen })).toMatchObject({ changed: null });
		const after = (await house.situation()).snapshot;
		expect(after.lots).toEqual(lots);
		expect(after.placeStops).toEqual(placeStops);
	});

	it('a tick for what another phone has counted away waits for a decision, then can be done or left', async () => {
		const { form, lot } = await aRow();
		const seen = String(await house.revision());
		await house.walk('there', 'two', { lot, amount: '0' });
		const met = await house.walk('found', 'one', { ...form, seen });
		expect(met).toMatchObject({ status: 400, data: { path: 'seen' } });
		// Use mine: there is nothing to take, and it says so.
		const again = await house.walk('found', 'one', { ...form, seen: String(await house.revision()) });
		expect(again).toMatchObject({ status: 400, data: { path: null } });
		// Once the other phone takes its count back, the tick is as good as new.
		await house.undo('two');
		expect(await house.walk('found', 'one', { ...form, seen: String(await house.revision()) })).toMatchObject(
			{
				changed: expect.stringMatching(/^Found: /) as string
			}
		);
	});

	it('one’s own older page is no other phone', async () => {
		const { lot } = await aRow();
		const seen = String(await house.revision());
		await house.walk('there', 'one', { lot, amount: '3', seen });
		expect(await house.walk('there', 'one', { lot, amount: '4', seen })).toMatchObject({
			changed: expect.stringMatching(/^Count fixed/) as string
		});
	});

	it('the same act sent twice, as after a lost answer, is done once and answered alike', async () => {
		const { form } = await aRow();
		const seen = String(await house.revision());
		const first = await house.walk('found', 'one', { ...form, seen, operation: 'lost answer' });
		const at = await house.revision();
		expect(await house.walk('found', 'one', { ...form, seen, operation: 'lost answer' })).toEqual(first);
		expect(await house.revision()).toBe(at);
	});

	it('a price of one phone does not go over that of the other', async () => {
		const { snapshot, today, needs } = await house.situation();
		const keys = needs.filter((one) => one.item.name === 'orange').map((one) => one.need.key);
		const { write } = await house.store();
		const maker = { device: 'laptop', actor: null, operation: null };
		await change(write, maker, 'list', async (trx) => {
			const offer = await addOffer(
				trx,
				{
					item: snapshot.items.find((one) => one.name === 'orange')!.id,
					supplier: snapshot.suppliers[0].id,
					size: exact(1),
					unit: 'each',
					cents: 60,
					aisle: 'fruit'
				},
				today
			);
			await setErrands(trx, [{ offer, bundle: null, count: 6, keys, cents: 360 }]);
		});
		const [{ id }] = (await house.situation()).snapshot.errands;
		const seen = String(await house.revision());
		expect(await house.errands('bought', 'one', { id: String(id), paid: '3.60', seen })).toMatchObject({
			changed: '6 oranges: bought'
		});
		const met = await house.errands('bought', 'two', { id: String(id), paid: '3.30', seen });
		expect(met).toMatchObject({ status: 400, data: { path: 'seen' } });
		expect('data' in met && met.data.message).toContain('It’s in the cart for $3.60.');
		const now = String(await house.revision());
		await house.errands('bought', 'two', { id: String(id), paid: '3.30', seen: now });
		const after = (await house.situation()).snapshot;
		expect(after.purchases.at(-1)!.cents).toBe(330);
		expect(after.errands[0].cents).toBe(330);
		// The oranges came into the house once.
		const orange = after.items.find((one) => one.name === 'orange')!.id;
		expect(after.lots.filter((one) => one.item_id === orange).map((one) => one.amount)).toEqual(['6']);
	});

	it('a tick that waited for longer than changes are remembered is asked about', async () => {
		const { lot } = await aRow();
		const seen = String(await house.revision());
		const { write } = await house.store();
		const place = (await house.situation()).snapshot.places[0];
		for (let i = 0; i <= KEPT_CHANGES + 1; i++)
			await change(write, { device: 'two', actor: null, operation: null }, 'renamed', (trx) =>
				trx
					.updateTable('place')
					.set({ name: `room ${i}` })
					.where('id', '=', place.id)
					.execute()
			);
		expect(await house.walk('there', 'one', { lot, amount: '1', seen })).toMatchObject({
			status: 400,
			data: { path: 'seen', message: expect.stringContaining(`more than ${KEPT_CHANGES} changes`) as string }
		});
	});
});
