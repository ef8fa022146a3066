import { describe, expect, it } from 'vitest';
import { exact } from '$core/measure/index.ts';
import type { Store } from '../../database/open.ts';
import { change } from '../../history/changes.ts';
import { readSnapshot } from '../../snapshot/snapshot.ts';
import { markEvening, seedEmpty, setHousehold, setMeasures } from '../../stores/house/household.ts';
import { addLesson } from '../../stores/plan/lessons.ts';
import { createUnit, setCalendar } from '../../stores/plan/units.ts';
import { itemNamed } from '../../stores/stash/items.ts';
import { addLot, eventsOfItem, eventsOfLot, splitLot } from '../../stores/stash/lots.ts';
import { doer, openTestStore, situationOf } from '../../tests/household.ts';
import { lessonsTyped } from '../plan/contents.ts';
import { actsOf, nextOf, computeSituation } from '$core/account/index.ts';
import { giveTo } from '../readiness/steps.ts';
import { eventText } from '../stash/stash.ts';
import { eveningOf } from './first-evening.ts';
import { addPeopleTyped } from './people-typed.ts';
import { addPlacesTyped } from './places-typed.ts';

const TODAY = '2027-01-22';

async function emptyHouse(): Promise<Store> {
	const store = await openTestStore(false);
	await seedEmpty(store.write, 'America/Chicago');
	return store;
}
const now = async (store: Store) => computeSituation(await readSnapshot(store.read), TODAY);
const states = async (store: Store) => eveningOf(await now(store)).steps.map((step) => step.state);

describe('the first evening', () => {
	it('goes on at the first step that is neither done nor skipped; what is there counts, whoever entered it', async () => {
		const store = await emptyHouse();
		expect(eveningOf(await now(store))).toMatchObject({ next: 'who', isOpen: true });
		await change(store.write, doer(), 'people', async (trx) =>
			addPeopleTyped(trx, await now(store), 'Odile, May 3, 2016\n\nTamsin 2024-05-19', 'Juno and Ferris')
		);
		await change(store.write, doer(), 'skip', (trx) => markEvening(trx, { places: 'skipped' }));
		expect(await states(store)).toEqual(['done', 'skipped', 'open', 'open', 'open']);
		await change(store.write, doer(), 'unit', async (trx) => {
			const run = await createUnit(trx, 'Ponds', TODAY);
			for (const lesson of lessonsTyped('Lesson 1 Jars … 3\n  lids\nLesson 2 Frogs'))
				await addLesson(trx, run, lesson);
		});
		expect(await states(store)).toEqual(['done', 'skipped', 'open', 'done', 'open']);
		const { lessons } = (await now(store)).runs[0];
		expect(lessons.map(({ lesson }) => [lesson.note, lesson.first_page])).toEqual([
			['lids', 3],
			['', null]
		]);
		await change(store.write, doer(), 'over', (trx) => markEvening(trx, { over: 'done' }));
		expect(eveningOf(await now(store))).toMatchObject({ next: 'measures', isOpen: false });
	});

	it.each([
		['Odile', 'Line 1, “Odile”: add an age or a birth date'],
		['Odile 2016-05-03\nOde, 2027-01-23', 'Line 2, “Ode, 2027-01-23”: that birth date hasn’t come yet.'],
		['Ode, 1/1/1700', 'that birth date is long ago.'],
		['2016-05-03', 'start with the name.'],
		['Ode, seven', 'couldn’t read “seven”.']
	])('people that cannot be read: %s', async (text, words) => {
		const store = await emptyHouse();
		const before = await now(store);
		await expect(
			change(store.write, doer(), 'people', (trx) => addPeopleTyped(trx, before, text, ''))
		).rejects.toMatchObject({ message: expect.stringContaining(words), path: 'children' });
		expect((await now(store)).snapshot.people).toEqual([]);
	});

	it('places typed again are the same places; the demo household has had its evening', async () => {
		const store = await emptyHouse();
		const add = (text: string) => change(store.write, doer(), 'places', (trx) => addPlacesTyped(trx, text));
		expect((await add('Kitchen: pantry > top shelf')).result).toBe(3);
		expect((await add('kitchen: Pantry, drawer')).result).toBe(1);
		expect((await now(store)).snapshot.places.map((place) => place.name)).toEqual(
			expect.arrayContaining(['Kitchen', 'pantry', 'top shelf', 'drawer'])
		);
		await expect(add(' , ;')).rejects.toThrow('No places found');
		expect(() => lessonsTyped('Contents\n3')).toThrow('No lessons found');
		const demo = await openTestStore();
		expect(eveningOf(await situationOf(demo)).isOpen).toBe(false);
	});
});

describe('who does it', () => {
	it('an act given to one adult is on her list and not on the other’s; children are not asked', async () => {
		const store = await openTestStore();
		const situation = await situationOf(store);
		const act = actsOf(situation).find((one) => one.title === 'Buy 6 oranges')!;
		const [juno, ferris] = situation.snapshot.people.filter((person) => person.kind === 'adult');
		await change(store.write, doer(), 'give', (trx) => giveTo(trx, situation, act.keys, ferris.id));
		const given = await situationOf(store);
		const titles = (adult: number | null) => nextOf(given, adult).acts.map((one) => one.title);
		expect(titles(null)).toContain('Buy 6 oranges');
		expect(titles(ferris.id)).toContain('Buy 6 oranges');
		expect(titles(juno.id)).not.toContain('Buy 6 oranges');
		expect(nextOf(given, juno.id).withOthers).toBe('1 with Ferris');
		const child = situation.snapshot.people.find((person) => person.kind === 'child')!;
		await expect(
			change(store.write, doer(), 'give', (trx) => giveTo(trx, given, act.keys, child.id))
		).rejects.toThrow('Only an adult');
	});
});

describe('habits', () => {
	const habits = (kind: 'a week ahead', streams = {}) => ({ kind, date: null, streams });
	const supplies = async (store: Store) => (await situationOf(store)).runs[0].habits.supplies.kind;

	it('what is said for the unit counts before the household, for the stream before all', async () => {
		const store = await openTestStore();
		const house = {
			name: 'Marrow',
			zone: 'America/Chicago',
			weekStart: 1,
			measures: 'metric',
			paper: 'letter',
			countAgeDays: 120,
			country: null,
			region: null,
			contentPolicy: [],
			salesTax: 0
		} as const;
		const unit = { start: '2027-01-05', end: null, weekdays: [2, 4], keepFree: 0 } as const;
		const set = (
			own: Parameters<typeof setHousehold>[1]['habits'],
			run: typeof own | { kind: null; date: null; streams: object }
		) =>
			change(store.write, doer(), 'habits', async (trx) => {
				await setHousehold(trx, { ...house, habits: own });
				await setCalendar(trx, 1, { ...unit, habits: run });
			});
		const none = { kind: null, date: null, streams: {} };
		await set(habits('a week ahead', { supplies: 'day by day' }), none);
		expect(await supplies(store)).toBe('day by day');
		expect((await situationOf(store)).runs[0].habits.copies.kind).toBe('a week ahead');
		await set(habits('a week ahead', { supplies: 'day by day' }), {
			...none,
			kind: 'before the unit'
		} as never);
		expect(await supplies(store)).toBe('before the unit');
		await set(habits('a week ahead'), { kind: null, date: null, streams: { supplies: 'day by day' } });
		expect(await supplies(store)).toBe('day by day');
		await expect(set(habits('a week ahead', { books: 'before a date' }), none)).rejects.toMatchObject({
			path: 'habitDate'
		});
	});

	it('metric or not: the same need, in other units', async () => {
		const store = await openTestStore();
		const ribbon = async () => (await situationOf(store)).needs.find((one) => one.item.name === 'ribbon')!;
		const metric = await ribbon();
		await change(store.write, doer(), 'measures', (trx) =>
			setMeasures(trx, { zone: 'America/Chicago', weekStart: 1, measures: 'us', paper: 'A4' })
		);
		const us = await ribbon();
		expect([metric.unit, us.unit]).toEqual(['cm', 'yd']);
		// A yard is 91.44 cm: NIST Handbook 44, appendix C.
		expect(metric.amount.equals(us.amount.mul('91.44'))).toBe(true);
		expect(metric.standing.missing.equals(us.standing.missing.mul('91.44'))).toBe(true);
	});
});

describe('splitting a lot', () => {
	it('conserves what there is, refuses more than there is, and both lots know what happened', async () => {
		const store = await openTestStore();
		const { result } = await change(store.write, doer(), 'lot', async (trx) => {
			const item = await itemNamed(trx, 'brass ring');
			const lot = {
				item_id: item.id,
				amount: exact('5/2'),
				unit: 'm',
				place_id: 2,
				good_until: null
			} as const;
			return { item: item.id, lot: await addLot(trx, lot, TODAY) };
		});
		const split = (amount: string, place: number) =>
			change(store.write, doer(), 'split', (trx) => splitLot(trx, result.lot, exact(amount), place, TODAY));
		await expect(split('3', 3)).rejects.toThrow('There’s only 2.5 m.');
		await expect(split('1', 2)).rejects.toThrow('It’s already there');
		await expect(split('0', 3)).rejects.toThrow('more than 0');
		await split('1/3', 3);
		const lots = (await situationOf(store)).snapshot.lots.filter((lot) => lot.item_id === result.item);
		expect(lots.map((lot) => lot.amount).sort()).toEqual(['1/3', '13/6']);
		const other = lots.find((lot) => lot.id !== result.lot)!;
		expect((await eventsOfLot(store.read, result.lot)).map(eventText)[0]).toMatch(/moved to .+, 0\.333 m/);
		expect((await eventsOfLot(store.read, other.id)).map(eventText)[0]).toMatch(/moved from .+, 0\.333 m/);
		expect((await eventsOfItem(store.read, result.item)).map((event) => event.kind)).toEqual([
			'moved',
			'added'
		]);
	});
});
