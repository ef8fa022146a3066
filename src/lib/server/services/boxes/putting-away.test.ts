import { describe, expect, it } from 'vitest';
import { LOOSE, packUnit, type UnitPacking } from '$core/boxes/index.ts';
import { undo } from '../../history/changes.ts';
import { removeResource } from '../../stores/library/resources.ts';
import { addThing, measureListed } from '../../stores/boxes/things.ts';
import { allRows, doer, mapsHouse } from '../../tests/household.ts';
import type { RunSituation, Situation } from '$core/account/index.ts';
import { binderNames, binderThings } from '../binders/view.ts';
import { boxPage } from './box-page.ts';
import { moveThing } from './moving.ts';
import {
	boxesOf,
	leaveOutBinders,
	looseSupplies,
	packQuestion,
	putAway,
	type PutAway
} from './putting-away.ts';
import { thingsOf } from './things.ts';

type Now = { situation: Situation; run: RunSituation };
const thingsIn = ({ situation, run }: Now) => thingsOf(situation, run, binderThings(situation, run));
const packed = (at: Now) =>
	packUnit(
		packQuestion(
			thingsIn(at),
			boxesOf(at.situation, at.run),
			looseSupplies(at.situation, at.run, thingsIn(at)).length
		)
	);
/** As the page sends it. */
const sent = (packing: UnitPacking): PutAway =>
	packing.used.map((one) => ({
		place: Number(one.box),
		packed: one,
		soft: packing.soft.filter((soft) => soft.box === one.box).map((soft) => soft.item)
	}));

describe('putting a unit away', () => {
	it('all of the demo’s unit goes into the house’s boxes, and lies there afterwards; undone it lies where it was', async () => {
		const { store, now, does } = await mapsHouse();
		const before = await allRows(store);
		const at = await now();
		const things = thingsIn(at);
		expect(things.map((one) => one.title)).toEqual(
			expect.arrayContaining(['Globe', 'Maps and Wayfinding binder', 'Felt map with pieces'])
		);
		const packing = packed(at);
		expect(packing.left).toEqual([]);
		expect(packing.softLeft).toEqual([]);
		expect(packing.soft.map((one) => one.item)).toContain(LOOSE);
		await does((trx, at) =>
			putAway(trx, at.situation, at.run, binderThings(at.situation, at.run), sent(packing))
		);
		const after = await now();
		const placed = thingsIn(after);
		expect(placed).toHaveLength(things.length);
		const used = new Set(packing.used.map((one) => Number(one.box)));
		for (const one of placed) expect(used.has(one.place!), one.title).toBe(true);
		// The page of each box shows all that went in, as it lies.
		for (const one of packing.used) {
			const page = boxPage(after.situation, Number(one.box))!;
			expect(page.packed!.items).toHaveLength(one.items.length);
			for (const { item } of page.packed!.items) expect(page.titles[item]).toBeTruthy();
			expect(Math.abs(page.kg! - one.kg)).toBeLessThanOrEqual(0.0501);
		}
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
	it('what is taken out is gone from the drawing and the weight, and the way it took is remembered', async () => {
		const { now, does } = await mapsHouse();
		const packing = packed(await now());
		await does((trx, at) =>
			putAway(trx, at.situation, at.run, binderThings(at.situation, at.run), sent(packing))
		);
		const before = await now();
		const book = thingsIn(before).find(
			(one) => one.id.startsWith('title-') && one.place !== null && one.count === 1
		)!;
		const full = boxPage(before.situation, book.place!)!;
		await does((trx, at) => moveThing(trx, at.situation, book.id, null));
		const after = boxPage((await now()).situation, book.place!)!;
		expect(after.packed!.items).toHaveLength(full.packed!.items.length - 1);
		expect(Math.abs(after.kg! - (full.kg! - book.kg))).toBeLessThanOrEqual(0.0501);
		expect(after.moves[0].text).toContain(`${book.title}, from `);
		expect(after.moves[0].text).toContain('box for Maps to use');
		expect(after.elsewhere.map((one) => one.value)).toContain(book.id);
		await does((trx, at) => moveThing(trx, at.situation, book.id, book.place));
		expect(Math.abs(boxPage((await now()).situation, book.place!)!.kg! - full.kg!)).toBeLessThanOrEqual(
			0.0501
		);
		await expect(does((trx, at) => moveThing(trx, at.situation, 'own-99999', null))).rejects.toThrow('gone');
		await expect(does((trx, at) => moveThing(trx, at.situation, book.id, 99_999))).rejects.toThrow('place');
	});
	it('measures go before what kind and pages say; a thing too large for every box is left and named', async () => {
		const { now, does } = await mapsHouse();
		const title = thingsIn(await now()).find((one) => one.id.startsWith('title-'))!;
		expect(title.isMeasured).toBe(false);
		const size = {
			title: title.title,
			length_mm: 100,
			width_mm: 90,
			height_mm: 80,
			grams: 700,
			count: 1,
			upright: 0,
			fragile: 0,
			soft: 0
		} as const;
		await does((trx) => measureListed(trx, { kind: 'title', key: Number(title.id.slice(6)) }, size));
		await does((trx, at) => addThing(trx, at.run.row.id, { ...size, title: 'Tent', length_mm: 1200 }));
		const after = await now();
		const things = thingsIn(after);
		expect(things.find((one) => one.id === title.id)).toMatchObject({
			length: 100,
			kg: 0.7,
			isMeasured: true
		});
		expect(packed(after).left.map((one) => things.find((thing) => thing.id === one.item)!.title)).toEqual([
			'Tent'
		]);
		const unknown = { box: '1', copy: 1, kg: 1, fill: 0.1, items: [] };
		const [box] = boxesOf(after.situation, after.run);
		await expect(
			does((trx, at) =>
				putAway(
					trx,
					at.situation,
					at.run,
					[],
					[{ place: Number(box.box), packed: unknown, soft: ['title-999999'] }]
				)
			)
		).rejects.toThrow('changed meanwhile');
	});
	it('a title that was measured and moved can be taken out of the library, with all that is known of it', async () => {
		const { store, now, does } = await mapsHouse();
		const at = await now();
		const title = thingsIn(at).find((one) => one.id.startsWith('title-'))!;
		const id = Number(title.id.slice(6));
		const [box] = boxesOf(at.situation, at.run);
		await does((trx, at) => moveThing(trx, at.situation, title.id, Number(box.box)));
		await does((trx) =>
			measureListed(
				trx,
				{ kind: 'title', key: id },
				{
					title: title.title,
					length_mm: 100,
					width_mm: 90,
					height_mm: 80,
					grams: 700,
					count: 1,
					upright: 0,
					fragile: 0,
					soft: 0
				}
			)
		);
		const before = await allRows(store);
		await does((trx) => removeResource(trx, id));
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
});

describe('a binder that is no longer used', () => {
	it('leaves its box; the one that is stays', async () => {
		const { store, now, does } = await mapsHouse();
		const { situation, run } = await now();
		const box = situation.snapshot.places.find((one) => one.name === 'box for Maps')!.id;
		const names = {
			length_mm: 290,
			width_mm: 265,
			height_mm: 43,
			grams: 1200,
			count: 1,
			upright: 0,
			fragile: 0,
			soft: 0
		} as const;
		const put = async (title: string) => {
			const id = await does((trx) => addThing(trx, run.row.id, { ...names, title }));
			await does((trx, at) => moveThing(trx, at.situation, `own-${id}`, box));
		};
		await put('Maps and Wayfinding binder');
		await put('Odile’s binder');
		const before = await allRows(store);
		const inBox = async () => boxPage((await now()).situation, box)!.inside.map((one) => one.title);
		const drop = (way: 'protectors' | 'per child' | 'coil') =>
			does((trx, at) =>
				leaveOutBinders(
					trx,
					at.situation,
					at.run,
					binderNames(at.situation, at.run),
					binderNames(at.situation, at.run, [way])
				)
			);
		await drop('per child');
		expect(await inBox()).toContain('Odile’s binder');
		expect(await inBox()).not.toContain('Maps and Wayfinding binder');
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
		await drop('coil');
		expect((await inBox()).filter((title) => title.includes('binder'))).toEqual([]);
	});
});
