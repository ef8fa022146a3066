import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Refusal } from '$core/error.ts';
import { exact, ZERO } from '$core/measure/index.ts';
import { change } from '../../history/changes.ts';
import { placesInOrder } from '$core/account/index.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { mergeItems, updateItem } from '../stash/items.ts';
import { moveLot } from '../stash/lots.ts';
import { movePlace, removePlace } from './places.ts';

describe('places', () => {
	it('the tree stays a tree, whatever is moved where: every place is reached once in walking order', async () => {
		const store = await openTestStore();
		const { snapshot } = await situationOf(store);
		const ids = snapshot.places.map((place) => place.id);
		const target = fc.option(fc.constantFrom(...ids), { nil: null });
		await fc.assert(
			fc.asyncProperty(fc.constantFrom(...ids), target, fc.nat({ max: 9 }), async (id, parent, index) => {
				const done = await change(store.write, doer(), 'move', (trx) =>
					movePlace(trx, id, parent, index)
				).catch((error: unknown) => {
					if (!(error instanceof Refusal)) throw error;
					return null;
				});
				const { places } = (await situationOf(store)).snapshot;
				expect(placesInOrder(places).size).toBe(ids.length);
				if (done) expect(places.find((place) => place.id === id)?.parent_id).toBe(parent);
			}),
			{ numRuns: 60 }
		);
	});

	it('a place is not put inside itself, and not removed while something lies there', async () => {
		const store = await openTestStore();
		const before = await allRows(store);
		await expect(change(store.write, doer(), 'move', (trx) => movePlace(trx, 1, 1, 0))).rejects.toThrow(
			'inside itself'
		);
		await expect(change(store.write, doer(), 'move', (trx) => movePlace(trx, 1, 3, 0))).rejects.toThrow(
			'inside itself'
		);
		await expect(change(store.write, doer(), 'remove', (trx) => removePlace(trx, 1))).rejects.toThrow(
			'places inside'
		);
		await expect(change(store.write, doer(), 'remove', (trx) => removePlace(trx, 3))).rejects.toThrow(
			'still items here'
		);
		expect(await allRows(store)).toEqual(before);
	});
});

describe('names and lots', () => {
	it('merging two names conserves every amount, and the old name still finds the thing', async () => {
		const store = await openTestStore();
		const total = async () => {
			const { lots } = (await situationOf(store)).snapshot;
			return lots.reduce((sum, lot) => sum.add(exact(lot.amount)), ZERO).toFraction();
		};
		const before = await total();
		const { items } = (await situationOf(store)).snapshot;
		const [sticks, straws] = ['craft stick', 'drinking straw'].map((name) =>
			items.find((item) => item.name === name)!
		);
		await change(store.write, doer(), 'merge', (trx) => mergeItems(trx, straws.id, sticks.id));
		expect(await total()).toBe(before);
		const { itemNamed } = await import('../stash/items.ts');
		await change(store.write, doer(), 'name', async (trx) => {
			expect((await itemNamed(trx, 'Drinking straws')).id).toBe(sticks.id);
		});
		await expect(
			change(store.write, doer(), 'merge', (trx) => mergeItems(trx, sticks.id, sticks.id))
		).rejects.toThrow('same item');
	});

	it('a new name keeps the old one as another name; a name that is taken asks to merge', async () => {
		const store = await openTestStore();
		const { items } = (await situationOf(store)).snapshot;
		const flour = items.find((item) => item.name === 'flour')!;
		const input = {
			use: flour.use,
			keepBack: null,
			keepBackUnit: null,
			keepsDays: null,
			lowLevel: null,
			lowUnit: null,
			supplier: null
		};
		await change(store.write, doer(), 'rename', (trx) =>
			updateItem(trx, flour.id, { ...input, name: 'Wheat flour' })
		);
		const after = (await situationOf(store)).snapshot;
		expect(after.aliases.map((alias) => alias.name)).toEqual(['flour']);
		await expect(
			change(store.write, doer(), 'rename', (trx) => updateItem(trx, flour.id, { ...input, name: 'salt' }))
		).rejects.toThrow(/Merge the two/);
	});

	it('moving and splitting lots conserves what there is of each item', async () => {
		const store = await openTestStore();
		const { snapshot } = await situationOf(store);
		const sums = async () => {
			const { lots } = (await situationOf(store)).snapshot;
			return snapshot.items.map((item) =>
				lots
					.filter((lot) => lot.item_id === item.id)
					.reduce((sum, lot) => sum.add(exact(lot.amount)), ZERO)
					.toFraction()
			);
		};
		const before = await sums();
		await fc.assert(
			fc.asyncProperty(
				fc.constantFrom(...snapshot.lots.map((lot) => lot.id)),
				fc.constantFrom(...snapshot.places.map((place) => place.id)),
				fc.integer({ min: 1, max: 50 }),
				async (lot, place, thirds) => {
					await change(store.write, doer(), 'move', (trx) =>
						moveLot(trx, lot, exact(thirds).div(3), place, '2027-01-22')
					);
					expect(await sums()).toEqual(before);
				}
			),
			{ numRuns: 40 }
		);
	});
});
