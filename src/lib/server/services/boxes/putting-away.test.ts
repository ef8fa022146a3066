import { describe, expect, it } from 'vitest';
import { pack } from '$core/boxes/index.ts';
import { change, undo } from '../../history/changes.ts';
import { addThing, measureTitle } from '../../stores/boxes/things.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { boxesOf, packQuestion, putAway, thingsOf } from './putting-away.ts';

async function house() {
	const store = await openTestStore();
	const now = async () => {
		const situation = await situationOf(store);
		return { situation, run: situation.runs.find((one) => one.unit.name === 'Maps and Wayfinding')! };
	};
	return {
		store,
		now,
		does: async <T>(
			work: (trx: Parameters<typeof putAway>[0], at: Awaited<ReturnType<typeof now>>) => Promise<T>
		) => {
			const at = await now();
			return (await change(store.write, doer(), 'Boxes', (trx) => work(trx, at))).result as T;
		}
	};
}

describe('putting a unit away', () => {
	it('all of the demo’s unit goes into the house’s boxes, and lies there afterwards; undone it lies where it was', async () => {
		const { store, now, does } = await house();
		const before = await allRows(store);
		const { situation, run } = await now();
		const things = thingsOf(situation, run);
		expect(things.map((one) => one.title)).toEqual(
			expect.arrayContaining(['Globe', 'Clipboard', 'Maps binder'])
		);
		const boxes = boxesOf(situation, run);
		const packing = pack(packQuestion(things, boxes));
		expect(packing.left).toEqual([]);
		const placed = Object.fromEntries(
			packing.used.flatMap((one) => one.items.map((item) => [item.item, Number(one.box)]))
		);
		expect(Object.keys(placed)).toHaveLength(things.length);
		await does((trx, at) => putAway(trx, at.situation, at.run, placed));
		const after = await now();
		for (const one of thingsOf(after.situation, after.run))
			expect(one.where).toBe(boxes.find((box) => Number(box.box) === placed[one.id])!.name);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
	it('measures go before what kind and pages say; a thing too large for every box is left and named', async () => {
		const { now, does } = await house();
		const { situation, run } = await now();
		const title = thingsOf(situation, run).find((one) => one.own === null)!;
		expect(title.isMeasured).toBe(false);
		const size = {
			title: title.title,
			length_mm: 100,
			width_mm: 90,
			height_mm: 80,
			grams: 700,
			count: 1,
			upright: 0,
			fragile: 0
		} as const;
		await does((trx) => measureTitle(trx, Number(title.id.slice(6)), size));
		await does((trx, at) => addThing(trx, at.run.row.id, { ...size, title: 'Tent', length_mm: 1200 }));
		const after = await now();
		const things = thingsOf(after.situation, after.run);
		expect(things.find((one) => one.id === title.id)).toMatchObject({
			length: 100,
			kg: 0.7,
			isMeasured: true
		});
		const packing = pack(packQuestion(things, boxesOf(after.situation, after.run)));
		expect(packing.left.map((one) => things.find((thing) => thing.id === one.item)!.title)).toEqual(['Tent']);
		await expect(
			does((trx, at) => putAway(trx, at.situation, at.run, { 'title-999999': 1 }))
		).rejects.toThrow('changed meanwhile');
	});
});
