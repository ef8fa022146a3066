import { describe, expect, it } from 'vitest';
import { exact } from '$core/measure/index.ts';
import { change } from '../../history/changes.ts';
import { removeSupplier, saveSupplier } from '../../stores/buying/suppliers.ts';
import { addQuiet } from '../../stores/house/household.ts';
import { addPerson, updatePerson } from '../../stores/house/people.ts';
import { setOutcome } from '../../stores/plan/lessons.ts';
import { addLot, countLot, updateLot } from '../../stores/stash/lots.ts';
import { doer, openTestStore, situationOf } from '../../tests/household.ts';
import { findAnything } from '../find/find-anything.ts';
import { placeOptions, nextOf } from '$core/account/index.ts';
import { openOutcomes } from '../plan/outcomes.ts';
import { pauseAll, pausePreview } from '../plan/roll-on.ts';
import { countAgain } from './count-again.ts';
import { stashOf } from './stash.ts';

const TODAY = '2027-01-22';

describe('the stash', () => {
	it('says what is there, what is promised to lessons, and what wants attention', async () => {
		const store = await openTestStore();
		const brads = () =>
			situationOf(store).then((now) => stashOf(now).items.find((item) => item.name === '1-inch brad')!);
		expect(await brads()).toMatchObject({ total: '40', reserved: '39', low: false });
		await store.write
			.updateTable('item')
			.set({ low_level: '50', low_unit: 'each' })
			.where('name', '=', '1-inch brad')
			.execute();
		expect((await brads()).low).toBe(true);
		expect(stashOf(await situationOf(store)).sentence).toContain('1 running low');
	});

	it('amounts in units that do not compare stand side by side', async () => {
		const store = await openTestStore();
		const { items } = (await situationOf(store)).snapshot;
		const flour = items.find((item) => item.name === 'flour')!;
		const lot = { item_id: flour.id, place_id: null, good_until: null };
		await change(store.write, doer(), 'bag', (trx) =>
			addLot(trx, { ...lot, amount: exact(1), unit: 'bag' }, TODAY)
		);
		await change(store.write, doer(), 'cup', (trx) =>
			addLot(trx, { ...lot, amount: exact(2), unit: 'cup' }, TODAY)
		);
		expect(stashOf(await situationOf(store)).items.find((item) => item.id === flour.id)!.total).toBe(
			'2.25 kg + 1 bag'
		);
	});

	it('what goes off within the month is said', async () => {
		const store = await openTestStore();
		await change(store.write, doer(), 'date', (trx) =>
			updateLot(
				trx,
				1,
				{ item_id: 1, amount: exact(2), unit: 'kg', place_id: 3, good_until: '2027-02-10', opened: true },
				TODAY
			)
		);
		const now = await situationOf(store);
		expect(stashOf(now).items.find((item) => item.id === 1)!.lots[0]).toMatchObject({
			goesOff: true,
			opened: true,
			goodText: 'expires Wed, Feb 10'
		});
		expect(now.snapshot.lots.find((lot) => lot.id === 1)?.opened_on).toBe(TODAY);
	});

	it('every change of a lot is in its history', async () => {
		const store = await openTestStore();
		await change(store.write, doer(), 'count', (trx) => countLot(trx, 1, exact(1), TODAY));
		const events = await store.read.selectFrom('lot_event').selectAll().where('lot_id', '=', 1).execute();
		expect(events).toMatchObject([
			{ kind: 'lost', amount: '1', unit: 'kg', place: 'top shelf' },
			{ kind: 'counted', amount: '1', unit: 'kg', place: 'top shelf', on_day: TODAY }
		]);
	});

	it('counting again asks for what lessons want soon and what was counted long ago, and for nothing else', async () => {
		const store = await openTestStore();
		const rows = async () => countAgain(await situationOf(store)).flatMap((place) => place.rows);
		const asked = await rows();
		expect(asked.find((row) => row.item === 'paper plate')?.why).toBe('lesson 6 needs it');
		expect(asked.find((row) => row.item === 'marble')?.why).toContain('counted Fri, Jul 3 2026');
		expect(asked.some((row) => row.item === 'grain mill')).toBe(false);
		const plates = asked.find((row) => row.item === 'paper plate')!;
		await change(store.write, doer(), 'count', (trx) => countLot(trx, plates.lot, exact(14), TODAY));
		expect((await rows()).some((row) => row.item === 'paper plate')).toBe(false);
	});

	it('places are offered by their path, in walking order', async () => {
		const options = placeOptions(await situationOf(await openTestStore())).map((option) => option.label);
		expect(options.slice(0, 3)).toEqual(['Kitchen', 'Kitchen › pantry', 'Kitchen › pantry › top shelf']);
	});
});

describe('find', () => {
	it('finds things with their place, lessons with their day, units and pages', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		const first = async (typed: string) => (await findAnything(store.read, now, typed))[0];
		expect(await first('glas bowl')).toMatchObject({ name: 'glass bowl', detail: '1, Kitchen › cupboard' });
		expect(await first('needle knows north')).toMatchObject({
			detail: 'lesson 8 of Maps and Wayfinding, Tue, Feb 2',
			href: '/units/1'
		});
		expect(await first('kites and wind')).toMatchObject({ name: 'Kites and Wind' });
		expect((await first('bar magnet')).detail).toBe('none at home');
		expect(await first('shadow stars')).toMatchObject({
			name: 'Shadows and Stars',
			detail: 'book, at Fernhill Library'
		});
		expect((await first('add flour 2 kg')).href).toBe('/home/supplies?add=flour+2+kg');
	});
});

describe('a sick week', () => {
	it('says beforehand what it does, and does that', async () => {
		const store = await openTestStore();
		const preview = pausePreview(await situationOf(store));
		expect(preview).toEqual([
			{ unitName: 'Maps and Wayfinding', text: '8 lessons move, ending Tue, Mar 9; 1 day to spare' }
		]);
		const done = await change(
			store.write,
			doer(),
			(until) => `until ${until}`,
			async (trx) => pauseAll(trx, await situationOf(store))
		);
		expect(done.changed).toBe('until Thu, Jan 28');
		const { runs } = await situationOf(store);
		expect(runs[0].calendar).toMatchObject({ finish: '2027-03-09', spare: 1 });
	});
});

describe('lessons that are over', () => {
	it('a past lesson without an outcome is asked about, and keeps what it needs reserved', async () => {
		const store = await openTestStore();
		await store.write.updateTable('household').set({ fixed_today: '2027-01-27' }).execute();
		const now = await situationOf(store);
		expect(openOutcomes(now)).toMatchObject([
			{ title: 'Lesson 6, The round earth, flattened', day: 'Tue, Jan 26' }
		]);
		expect(now.needs.some((one) => one.lesson.number === 6)).toBe(true);
		await change(store.write, doer(), 'outcome', (trx) => setOutcome(trx, 6, 1, 'skipped', '2027-01-26'));
		expect(openOutcomes(await situationOf(store))).toEqual([]);
	});
});

describe('people, shops and quiet days', () => {
	const wren = {
		name: 'Wren',
		kind: 'child' as const,
		born: '2020-04-01',
		allergies: ['peanuts'],
		weekdays: [],
		reachMm: null
	};

	it('a child who joins takes part at once; a guest only on the days that are theirs', async () => {
		const store = await openTestStore();
		const oranges = async () =>
			(await situationOf(store)).needs.find((one) => one.item.name === 'orange')!.amount.valueOf();
		expect(await oranges()).toBe(6);
		const { result: id } = await change(store.write, doer(), 'child', (trx) => addPerson(trx, wren));
		expect(await oranges()).toBe(8);
		await change(store.write, doer(), 'guest', (trx) =>
			updatePerson(trx, id, { ...wren, kind: 'guest', weekdays: [5] })
		);
		expect(await oranges()).toBe(6);
		await change(store.write, doer(), 'guest', (trx) =>
			updatePerson(trx, id, { ...wren, kind: 'guest', weekdays: [2] })
		);
		expect(await oranges()).toBe(8);
	});

	it('a shop that is closed on the day moves the act before it; a shop taken away gives way to the first', async () => {
		const store = await openTestStore();
		const act = async () =>
			nextOf(await situationOf(store), null).acts.find((one) => one.title === 'Buy 6 oranges')!;
		expect((await act()).actBy).toBe('2027-01-23');
		await change(store.write, doer(), 'shop', (trx) =>
			saveSupplier(trx, 1, { name: 'Corner Grocer', kind: 'shop', weekdays: [5], leadDays: 0 })
		);
		expect((await act()).actBy).toBe('2027-01-22');
		await change(store.write, doer(), 'shop', (trx) => removeSupplier(trx, 2));
		const cork = (await situationOf(store)).needs.find((one) => one.item.name === 'cork')!;
		expect(cork.supplier?.name).toBe('Corner Grocer');
		await expect(
			change(store.write, doer(), 'shop', (trx) =>
				saveSupplier(trx, null, { name: 'Never', kind: 'shop', weekdays: [], leadDays: 0 })
			)
		).rejects.toThrow('open day');
	});

	it('days without preparing move what would end in them before them', async () => {
		const store = await openTestStore();
		const readyBy = async () =>
			(await situationOf(store)).needs.find((one) => one.item.name === 'paper plate')!.days!.readyBy;
		expect(await readyBy()).toBe('2027-01-24');
		await change(store.write, doer(), 'quiet', (trx) => addQuiet(trx, '2027-01-23', '2027-01-31', 'trip'));
		expect(await readyBy()).toBe('2027-01-22');
		await expect(
			change(store.write, doer(), 'quiet', (trx) => addQuiet(trx, '2027-01-23', '2027-01-20', 'trip'))
		).rejects.toThrow('after the first');
	});
});
