import { describe, expect, it } from 'vitest';

import { byId, thingId } from '$core/facts/index.ts';
import { placesOfThing, whereText, type Situation } from '$core/account/index.ts';
import { exact } from '$core/measure/index.ts';
import type { PackedBox } from '$core/boxes/index.ts';
import { undo } from '../../history/changes.ts';
import { setLayout } from '../../stores/boxes/boxes.ts';
import { addThing } from '../../stores/boxes/things.ts';
import { addPlace } from '../../stores/house/places.ts';
import { allRows, doer, mapsHouse } from '../../tests/household.ts';
import { binderThings } from '../binders/view.ts';
import { findAnything } from '../find/find-anything.ts';
import { gatherList } from '../gathering/list.ts';
import { walkOf } from '../gathering/walk.ts';
import { answer } from '../looking/answers.ts';
import { dayView } from '../week/day.ts';
import { addAsOne } from './adding.ts';
import { boxPage } from './box-page.ts';
import { moveThing, placeBefore } from './moving.ts';
import { withOthers } from './putting-away.ts';
import { kgIn, thingsOf } from './things.ts';

const SIZE = {
	title: 'Globe',
	length_mm: 300,
	width_mm: 250,
	height_mm: 250,
	grams: 900,
	count: 1,
	upright: 0,
	fragile: 0,
	soft: 0
} as const;
/** One thing lies on another. */
const stacked = (box: number, below: string, over: string): PackedBox => ({
	box: String(box),
	copy: 1,
	kg: 1,
	fill: 0.1,
	items: [
		{ item: below, x: 0, y: 0, z: 0, length: 200, width: 200, height: 50 },
		{ item: over, x: 0, y: 0, z: 50, length: 200, width: 200, height: 50 }
	]
});
const boxNamed = ({ snapshot }: Situation, name: string) =>
	snapshot.places.find((one) => one.name === name)!.id;

/** A supply of the unit that is kept, at home or not yet. */
async function house() {
	const at = await mapsHouse();
	const { situation, run } = await at.now();
	const need = situation.needs.find(
		({ run: of, line, item, known, lesson, need }) =>
			of === run &&
			line.use === 'kept' &&
			known.thing.staple === 'rarely' &&
			!known.hasLots &&
			known.statement === null &&
			need.required &&
			lesson.dates.length > 0 &&
			situation.needs.filter((one) => one.item.id === item.id).length === 1
	)!;
	const name = need.item.name;
	const list = async () => {
		const { situation, run } = await at.now();
		return thingsOf(situation, run, binderThings(situation, run));
	};
	return { ...at, need, name, item: need.item.id, id: thingId('item', need.item.id), list };
}

describe('a thing has one place', () => {
	it('“Have it” makes a thing that Boxes knows; measured it is still that one, and undone all is as it was', async () => {
		const { store, does, item, id, name, list } = await house();
		const before = await allRows(store);
		await does((trx, at) =>
			answer(trx, at.situation, { item, answer: 'have', place: null, amount: null, unit: null })
		);
		expect((await list()).filter((one) => one.id === id)).toMatchObject([{ isMeasured: false, soft: true }]);
		await does((trx, at) =>
			addAsOne(trx, at.situation, at.run, [], { ...SIZE, title: name.toUpperCase() }, '')
		);
		expect((await list()).filter((one) => one.title.toLowerCase() === name)).toMatchObject([
			{ id, isMeasured: true, length: 300, kg: 0.9 }
		]);
		// Said twice it is refused, not doubled.
		await expect(
			does((trx, at) => addAsOne(trx, at.situation, at.run, [], { ...SIZE, title: name }, ''))
		).rejects.toThrow('in the list already');
		await undo(store.write, doer());
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
	it('there are as many as were counted, in the list, in the box and in its weight', async () => {
		const { now, does, item, id, name, list } = await house();
		const box = boxNamed((await now()).situation, 'sewing basket');
		await does((trx, at) =>
			addAsOne(trx, at.situation, at.run, [], { ...SIZE, title: name, height_mm: 50 }, '')
		);
		await does((trx, at) =>
			answer(trx, at.situation, { item, answer: 'have', place: box, amount: exact('4'), unit: 'each' })
		);
		expect((await list()).find((one) => one.id === id)).toMatchObject({ count: 4, place: box });
		const { situation } = await now();
		const page = boxPage(situation, box)!;
		expect(page.inside.find((one) => one.id === id)!.detail).toBe('4');
		const others = page.inside.filter((one) => one.id !== id);
		expect(page.kg).toBeCloseTo(
			4 * 0.9 + others.reduce((sum, one) => sum + kgIn(situation, one.id, box), 0),
			1
		);
	});
	it('once packed every page names its box, and what to lift out first', async () => {
		const { store, now, does, item, id, need, name } = await house();
		const { situation } = await now();
		const box = boxNamed(situation, 'sewing basket');
		const over = situation.snapshot.resources.find((one) => one.title === 'The Patient Mapmaker')!;
		await does((trx, at) =>
			addAsOne(trx, at.situation, at.run, [], { ...SIZE, title: name, height_mm: 50 }, '')
		);
		await does((trx, at) => moveThing(trx, at.situation, id, box));
		await does((trx, at) => moveThing(trx, at.situation, thingId('title', over.id), box));
		await does((trx, at) => setLayout(trx, box, at.run.row.id, stacked(box, id, thingId('title', over.id))));
		const after = await now();
		const where = whereText(after.situation.snapshot, id);
		expect(where).toMatch(/sewing basket, under The Patient Mapmaker$/);
		const row = walkOf(after.situation, null, 'all')
			.places.flatMap((place) => place.hunt.map((one) => ({ ...one, path: place.path })))
			.find((one) => one.item === item)!;
		expect(`${row.path}, under ${row.under}`).toBe(where);
		const found = (await findAnything(store.read, after.situation, `where is the ${name}`))[0];
		expect(found).toEqual({ name, detail: where, href: `/boxes/${box}?thing=${id}` });
		const day = need.lesson.dates[0];
		expect(JSON.stringify(dayView(after.situation, day))).toContain(where);
		const { rows } = gatherList(after.situation, after.run);
		expect(JSON.stringify(rows.find((one) => one.item === item))).toContain(where);
		expect(boxPage(after.situation, box)!.inside.map((one) => one.id)).toContain(id);
		// What lies on it and is taken out has not to be lifted any more.
		await does((trx, at) => moveThing(trx, at.situation, thingId('title', over.id), null));
		expect(whereText((await now()).situation.snapshot, id)).not.toContain('under');
	});
	it('packed anew and taken out it goes back to where it was before any box, and a page from before says where it is', async () => {
		const { now, does } = await house();
		const { situation, run } = await now();
		const first = boxNamed(situation, 'box for Maps');
		const second = await does((trx) =>
			addPlace(trx, null, {
				name: 'Second box',
				kind: 'box',
				length_mm: 600,
				width_mm: 400,
				height_mm: 300,
				floor_mm: null
			})
		);
		const book = situation.snapshot.resources.find((one) => one.title === 'The Patient Mapmaker')!;
		const id = thingId('title', book.id);
		for (const box of [first, second]) {
			await does((trx, at) => moveThing(trx, at.situation, id, box));
			await does((trx) => setLayout(trx, box, run.row.id, stacked(box, id, 'own-1')));
		}
		const after = (await now()).situation;
		expect(placesOfThing(after.snapshot, id)).toEqual([second]);
		expect(placeBefore(after, id, second)).toBe(book.place_id);
		expect(boxPage(after, first)!.inside.map((one) => one.id)).not.toContain(id);
	});
	it('the same thing in two units is asked about, once, and then lies in one place for both', async () => {
		const { now, does } = await house();
		const { situation, run } = await now();
		const other = situation.runs.find((one) => one.row.id !== run.row.id)!;
		const tent = await does((trx) => addThing(trx, other.row.id, { ...SIZE, title: 'Tent' }));
		const id = thingId('own', tent);
		const add = (same: string) =>
			does((trx, at) => addAsOne(trx, at.situation, at.run, [], { ...SIZE, title: 'tents' }, same));
		await expect(add('')).rejects.toMatchObject({
			message: expect.stringContaining(`${other.unit.name} has one`),
			path: `same ${id}`
		});
		await add(id);
		const ours = async () => {
			const { situation, run } = await now();
			return thingsOf(situation, run, []).filter((one) => one.title === 'Tent');
		};
		expect(await ours()).toMatchObject([{ id, isAlso: true, own: null }]);
		// In the other unit's box it stays there, and is said so.
		const box = boxNamed(situation, 'box for Kites');
		await does((trx, at) => moveThing(trx, at.situation, id, box));
		await does((trx) => setLayout(trx, box, other.row.id, stacked(box, id, 'own-1')));
		const after = await now();
		expect(withOthers(after.situation, after.run, await ours()).map((one) => one.text)).toEqual([
			`Tent, ${whereText(after.situation.snapshot, id)}, with ${other.unit.name}`
		]);
		expect(byId(after.situation.snapshot.boxedThings).size).toBe(
			byId(situation.snapshot.boxedThings).size + 1
		);
	});
});
