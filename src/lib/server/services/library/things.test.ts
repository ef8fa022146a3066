import { describe, expect, it } from 'vitest';
import { exact, ZERO } from '$core/measure/index.ts';
import { json } from '$core/facts/index.ts';
import { change, undo } from '../../history/changes.ts';
import { addWanted, foundWanted, servedAtHome } from '../../stores/buying/wanted.ts';
import { lendPiece, pieceBack, removeResource, updateResource } from '../../stores/library/resources.ts';
import { removeActivity, updateActivity } from '../../stores/plan/activities.ts';
import { swapLessons } from '../../stores/plan/lessons.ts';
import { itemNamed } from '../../stores/stash/items.ts';
import { addLot, countLot } from '../../stores/stash/lots.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { ownedBooks, ownedThings, wantedView } from '../buying/wanted.ts';
import { policyText, actsOf, boardOf } from '$core/account/index.ts';
import { extrasOf } from '../plan/extras.ts';
import { takeStep } from '../readiness/steps.ts';
import { resourcesNamed } from './named.ts';
import { unusedOf } from './overview.ts';
import { resourceView } from './resource-view.ts';
import { tripsView } from './trips.ts';

async function demo() {
	const store = await openTestStore();
	return { store, now: await situationOf(store) };
}

describe('what an activity takes from the library', () => {
	it('is wanted in its lesson, required only with the activity, and not wanted any more with it gone', async () => {
		const { store, now } = await demo();
		const wantedIn = async () => {
			const { whole } = await situationOf(store);
			return whole.filter((one) => one.title === 'Little ships and sea animals');
		};
		const [need] = await wantedIn();
		expect(need.lesson.number).toBe(11);
		expect(need.need.required).toBe(false);
		const tray = now.snapshot.activities.find((one) => one.title === 'Sorting ships and whales')!;
		const { id, run_id, lesson_id, day, done, ...columns } = tray;
		expect([lesson_id !== null, day, done]).toEqual([true, null, 0]);
		const before = await allRows(store);
		await change(store.write, doer(), 'required', (trx) =>
			updateActivity(trx, run_id, id, { ...columns, standing: 'required', supplies: '' })
		);
		expect((await wantedIn())[0].need.required).toBe(true);
		await change(store.write, doer(), 'gone', (trx) => removeActivity(trx, run_id, id));
		expect(await wantedIn()).toEqual([]);
		const { snapshot } = await situationOf(store);
		// The piece stays lent, to what is now only a name.
		expect(snapshot.lentPieces[0]).toMatchObject({ activity_id: null, lent_to: 'Sorting ships and whales' });
		await undo(store.write, doer());
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('is named by titles, a line each; an unknown one says so at its field', async () => {
		const { store, now } = await demo();
		const ids = await resourcesNamed(store.read, now, 'Old World wall map\n\n Compass rose poster ');
		const titles = ids.map((id) => now.snapshot.resources.find((one) => one.id === id)!.title);
		expect(titles).toEqual(['Old World wall map', 'Compass rose poster']);
		await expect(resourcesNamed(store.read, now, 'Old World wall map\nnever heard of')).rejects.toMatchObject(
			{
				path: 'resources',
				message: expect.stringContaining('“never heard of” isn’t in your home library') as string
			}
		);
	});

	it('stands on the page of the thing and in the list of extras, with where it is', async () => {
		const { now } = await demo();
		const row = now.snapshot.resources.find((one) => one.title === 'Wooden continents tray')!;
		const view = resourceView(now, row);
		expect(view.uses.map((one) => one.text)).toContain('for Map puzzle tray');
		const { placed } = extrasOf(now, now.runs[0]);
		expect(placed.find((one) => one.title === 'Map puzzle tray')!.takes).toEqual([
			{ id: row.id, title: row.title, where: 'School room › window shelf' }
		]);
	});
});

describe('printables', () => {
	it('are printed for their lesson, a copy per child; then the copies stream is ready', async () => {
		const { store, now } = await demo();
		const cell = boardOf(now, now.runs[0]).lessons[5].streams.copies;
		// Seven copies of the guide are ready; the net of the globe is not.
		expect(cell.text).toBe('7 of 9');
		// Whoever can’t write yet gets none.
		const act = actsOf(now).find((one) => one.detail.includes('Globe net to cut out'))!;
		expect([act.title, act.keys.length]).toEqual(['Print lesson 6’s pages', 2]);
		await change(store.write, doer(), 'printed', (trx) => takeStep(trx, now, act.keys));
		const after = await situationOf(store);
		const finish = actsOf(after).find((one) => one.kind === 'finish' && one.detail.includes('Globe net'))!;
		expect(finish.detail).toContain('cut out by hand');
		await change(store.write, doer(), 'finished', (trx) => takeStep(trx, after, finish.keys));
		const done = await situationOf(store);
		expect(boardOf(done, done.runs[0]).lessons[5].streams.copies.verdict).toBe('done');
		expect(
			actsOf(after).some((one) => one.detail.includes('Globe net to cut out') && one.kind === 'print')
		).toBe(false);
	});
});

describe('pieces, content and things that nobody uses', () => {
	it('a piece lent goes back into its set once, and the set cannot be lost under it', async () => {
		const { store, now } = await demo();
		const set = now.snapshot.resources.find((one) => one.title === 'Marble run')!;
		await change(store.write, doer(), 'lent', (trx) =>
			lendPiece(trx, set.id, 'funnel', 'art cart', now.today)
		);
		const after = await situationOf(store);
		const view = resourceView(
			after,
			after.snapshot.resources.find((one) => one.id === set.id)!
		);
		expect(view.pieces.map((one) => one.text)).toEqual(['funnel: with art cart since Fri, Jan 22']);
		await change(store.write, doer(), 'back', (trx) => pieceBack(trx, view.pieces[0].id));
		await expect(
			change(store.write, doer(), 'back', (trx) => pieceBack(trx, view.pieces[0].id))
		).rejects.toThrow('already back');
		await change(store.write, doer(), 'lent', (trx) =>
			lendPiece(trx, set.id, 'funnel', 'art cart', now.today)
		);
		await change(store.write, doer(), 'gone', (trx) => removeResource(trx, set.id));
		expect((await situationOf(store)).snapshot.lentPieces.every((one) => one.resource_id !== set.id)).toBe(
			true
		);
	});

	it('warns of what the family has named, and of nothing else', async () => {
		const { store, now } = await demo();
		const row = (title: string) => now.snapshot.resources.find((one) => one.title === title)!;
		expect(policyText(now.snapshot, row('The Chart Room'))).toBe('content note: sensitive matter');
		expect(policyText(now.snapshot, row('Old Roads'))).toBe('');
		await store.write
			.updateTable('household')
			.set({ content_policy: json(['secular']) })
			.execute();
		const { snapshot } = await situationOf(store);
		expect(policyText(snapshot, row('Old Roads'))).toBe('content note: secular');
		expect(policyText(snapshot, row('The Chart Room'))).toBe('');
	});

	it('names what was here for two units and was used in none', async () => {
		const { store, now } = await demo();
		// Only the unit of two years ago began after these came: none has sat through two.
		expect(unusedOf(now)).toEqual([]);
		const idle = now.snapshot.resources.find((one) => one.title === 'Hundred board')!;
		const used = now.snapshot.resources.find((one) => one.title === 'The Patient Mapmaker')!;
		await change(store.write, doer(), 'older', async (trx) => {
			for (const { id } of [idle, used])
				await trx.updateTable('resource').set({ added_on: '2024-01-01' }).where('id', '=', id).execute();
			await trx.updateTable('run').set({ start_on: '2025-02-04' }).where('state', '=', 'put away').execute();
		});
		const after = await situationOf(store);
		expect(unusedOf(after).map((one) => one.title)).toEqual(['Hundred board']);
		const row = after.snapshot.resources.find((one) => one.id === idle.id)!;
		expect(resourceView(after, row).advice).toContain('Not used in two units or more');
	});
});

describe('a loan that is too short', () => {
	it('is two loans in a row, or one after the lessons have changed places', async () => {
		const { store, now } = await demo();
		const [problem] = tripsView(now).problems;
		expect(problem.loans).toHaveLength(2);
		const { first, second } = problem.swap!;
		await change(store.write, doer(), 'swap', (trx) => swapLessons(trx, Number(first), Number(second)));
		const after = await situationOf(store);
		expect(tripsView(after).problems).toEqual([]);
		// No lesson is lost, and each day still has one.
		const days = (one: typeof now) => one.runs[0].lessons.flatMap((lesson) => lesson.dates).sort();
		expect(days(after)).toEqual(days(now));
		expect(after.runs[0].lessons.map((one) => one.lesson.id).sort()).toEqual(
			now.runs[0].lessons.map((one) => one.lesson.id).sort()
		);
		await expect(
			change(store.write, doer(), 'swap', (trx) => swapLessons(trx, Number(first), 99_999))
		).rejects.toThrow('is gone');
	});

	it('a longer loan has no such problem', async () => {
		const { store } = await demo();
		await store.write
			.updateTable('supplier')
			.set({ loan_days: 28 })
			.where('name', '=', 'Bookmobile')
			.execute();
		expect(tripsView(await situationOf(store)).problems).toEqual([]);
	});
});

describe('wanted', () => {
	it('is found with its price: in the unit’s box, on the stash, on the unit’s account, once', async () => {
		const { store, now } = await demo();
		const compass = now.snapshot.wanted.find((one) => one.what === 'brass compass')!;
		const box = now.runs[0].row.collecting_place_id;
		await change(store.write, doer(), 'found', (trx) => foundWanted(trx, compass.id, box, 950, now.today));
		const after = await situationOf(store);
		const item = after.snapshot.items.find((one) => one.name === 'brass compass')!;
		expect(after.snapshot.lots.filter((one) => one.item_id === item.id)).toMatchObject([
			{ amount: '1', place_id: box }
		]);
		expect(after.snapshot.purchases).toMatchObject([{ item_id: item.id, cents: 950, run_id: 1 }]);
		expect(wantedView(after).found[0].text).toBe('brass compass, Fri, Jan 22, $9.50');
		await expect(
			change(store.write, doer(), 'found', (trx) => foundWanted(trx, compass.id, box, 950, now.today))
		).rejects.toThrow('is already found');
	});

	it('a look from the pocket knows what the house has, where, and which lessons use it; books too', async () => {
		const { store, now } = await demo();
		const compass = ownedThings(now).filter((one) => one.name === 'compass');
		expect(compass.map((one) => one.text)).toContainEqual(
			expect.stringMatching(/^1 compass, .+, for lessons? \d/)
		);
		expect(ownedBooks(now, 'zzzzzz')).toEqual([]);
		const poster = /^Compass rose poster, /;
		expect(ownedBooks(now, 'compas rose')).toContainEqual(expect.stringMatching(poster));
		await change(store.write, doer(), 'lost', (trx) =>
			updateResource(trx, now.snapshot.resources.find((one) => one.title === 'Compass rose poster')!.id, {
				owned: 0
			})
		);
		expect(ownedBooks(await situationOf(store), 'compas rose')).not.toContainEqual(
			expect.stringMatching(poster)
		);
	});

	it('what at home serves the want that was noted first, once, and is then in its box without paying', async () => {
		const { store, now } = await demo();
		const kites = now.runs.find((one) => one.unit.name === 'Kites and Wind')!;
		const want = (what: string) =>
			change(store.write, doer(), 'want', (trx) =>
				addWanted(
					trx,
					{ what, run_id: kites.row.id, person_id: null, most_cents: null, look_at: '' },
					now.today
				)
			);
		const [place] = now.snapshot.places;
		const item = await change(store.write, doer(), 'item', (trx) => itemNamed(trx, 'tin lantern'));
		await change(store.write, doer(), 'lot', (trx) =>
			addLot(
				trx,
				{ item_id: item.result.id, amount: exact(1), unit: 'each', place_id: place.id, good_until: null },
				now.today
			)
		);
		await want('Tin lanterns');
		await want('tin lantern');
		// What a lesson uses up to the last piece is not free.
		const used = now.needs.find(
			({ line, served, item }) =>
				line.use === 'consumed' &&
				served?.lots.length &&
				now.snapshot.lots.every((lot) => lot.item_id !== item.id || lot.unit === 'each')
		)!;
		for (const lot of now.snapshot.lots.filter((one) => one.item_id === used.item.id))
			await change(store.write, doer(), 'count', (trx) => countLot(trx, lot.id, ZERO, now.today));
		await change(store.write, doer(), 'lot', (trx) =>
			addLot(
				trx,
				{ item_id: used.item.id, amount: exact(1), unit: 'each', place_id: place.id, good_until: null },
				now.today
			)
		);
		await want(used.item.name);
		const view = wantedView(await situationOf(store));
		const mine = view.open.slice(-3);
		expect(mine.map((one) => one.atHome?.text ?? null)).toEqual([`Tin lanterns, ${place.name}`, null, null]);
		expect(view.sentence).toContain('you already have 1 at home');
		const { lot } = mine[0].atHome!;
		await change(store.write, doer(), 'serve', (trx) =>
			servedAtHome(trx, mine[0].id, lot, kites.row.collecting_place_id, now.today)
		);
		const after = await situationOf(store);
		expect(
			after.snapshot.lots.filter((one) => one.item_id === item.result.id && one.amount !== '0')
		).toMatchObject([{ amount: '1', place_id: kites.row.collecting_place_id }]);
		expect(after.snapshot.purchases).toEqual(now.snapshot.purchases);
		expect(wantedView(after).found[0].text).toBe('Tin lanterns, Fri, Jan 22, free');
		await expect(
			change(store.write, doer(), 'serve', (trx) => servedAtHome(trx, mine[0].id, lot, null, now.today))
		).rejects.toThrow('is already found');
	});

	it('a coming unit says how full its box is', async () => {
		const { now } = await demo();
		for (const one of wantedView(now).boxes) {
			expect(one.inBox).toBeLessThanOrEqual(one.atHome);
			expect(one.atHome).toBeLessThanOrEqual(one.asked);
			expect(one.text).toContain(one.asked ? `${one.atHome} of ${one.asked}` : 'nothing');
		}
		expect(wantedView(now).boxes.length).toBeGreaterThan(0);
	});
});
