import { describe, expect, it } from 'vitest';
import { undo } from '../../history/changes.ts';
import { addOpeningThing, changeOpeningThing, describeBox, setOpeningBox } from '../../stores/boxes/boxes.ts';
import { addThing, measureListed } from '../../stores/boxes/things.ts';
import { addPlace, movePlace, removePlace, updatePlace } from '../../stores/house/places.ts';
import { updateResource } from '../../stores/library/resources.ts';
import { allRows, doer, mapsHouse } from '../../tests/household.ts';
import { binderThings } from '../binders/view.ts';
import { findAnything } from '../find/find-anything.ts';
import type { Situation } from '$core/account/index.ts';
import { openBins, withoutBinned } from './bins.ts';
import { boxPage } from './box-page.ts';
import { moveThing, placeBefore } from './moving.ts';
import { openingView } from './opening.ts';
import { boxesOf, limitOf, packQuestion } from './putting-away.ts';
import { thingsOf } from './things.ts';

const placeNamed = ({ snapshot }: Situation, name: string) =>
	snapshot.places.find((one) => one.name === name)!;
const TENT = {
	title: 'Tent',
	length_mm: 600,
	width_mm: 200,
	height_mm: 200,
	grams: 2500,
	count: 1,
	upright: 0,
	fragile: 0,
	soft: 0
} as const;

describe('the page of a box', () => {
	it('says on which shelf it fits, a good height first for what is heavy, and once it stands there that', async () => {
		const { now, does } = await mapsHouse();
		const { situation } = await now();
		const box = placeNamed(situation, 'box for Maps');
		// 60 × 40 × 30 cm inside, 62 × 42 × 31 outside; the storage shelf has 100 × 62 × 42 cm, 60 cm off the floor.
		const [shelf, ...others] = boxPage(situation, box.id)!.shelves;
		expect(others).toEqual([]);
		expect(shelf).toMatchObject({
			name: 'Basement › storage shelf',
			isHere: false,
			box: { x: 0, along: 420, deep: 620, isTurned: true, freeAlong: 580 }
		});
		await does((trx) => movePlace(trx, box.id, shelf.place, 0));
		expect(boxPage((await now()).situation, box.id)!.shelves[0].isHere).toBe(true);
		// A second box of the same size stands beside it.
		const other = placeNamed(situation, 'box for Kites');
		expect(boxPage((await now()).situation, other.id)!.shelves[0].box.x).toBe(420);
		// A shelf too low takes none.
		await does((trx) =>
			updatePlace(trx, shelf.place, {
				name: 'storage shelf',
				kind: 'shelf',
				length_mm: 1000,
				width_mm: 620,
				height_mm: 300,
				floor_mm: 600
			})
		);
		expect(boxPage((await now()).situation, box.id)!.shelves).toEqual([]);
	});
	it('is none for what is no box', async () => {
		const { now } = await mapsHouse();
		const { situation } = await now();
		expect(boxPage(situation, placeNamed(situation, 'School room').id)).toBeNull();
		expect(boxPage(situation, 99_999)).toBeNull();
	});
	it('weighs all that is in it, however it came in, and refuses what can’t lie in it, with what takes it', async () => {
		const { now, does } = await mapsHouse();
		const first = await now();
		const box = placeNamed(first.situation, 'box for Maps');
		const before = boxPage(first.situation, box.id)!.kg ?? 0;
		const globe = await does((trx) =>
			addThing(trx, first.run.row.id, {
				...TENT,
				title: 'Globe',
				length_mm: 300,
				width_mm: 250,
				height_mm: 250,
				grams: 9600
			})
		);
		await does((trx, at) => moveThing(trx, at.situation, `own-${globe}`, box.id));
		const page = boxPage((await now()).situation, box.id)!;
		expect(page.kg).toBeCloseTo(before + 9.6, 6);
		expect(page.caution).toContain('20 lb');
		// A title of the library counts by what was measured of it, whatever number it has.
		const book = first.situation.snapshot.resources.find((one) => one.title === 'The Patient Mapmaker')!;
		await does((trx) =>
			measureListed(
				trx,
				{ kind: 'title', key: book.id },
				{
					...TENT,
					title: book.title,
					length_mm: 240,
					width_mm: 200,
					height_mm: 30,
					grams: 1250
				}
			)
		);
		await does((trx, at) => moveThing(trx, at.situation, `title-${book.id}`, box.id));
		expect(boxPage((await now()).situation, box.id)!.kg).toBeCloseTo(before + 9.6 + 1.25, 6);
		const pole = await does((trx) =>
			addThing(trx, first.run.row.id, { ...TENT, title: 'Pole', length_mm: 1830 })
		);
		await expect(does((trx, at) => moveThing(trx, at.situation, `own-${pole}`, box.id))).rejects.toThrow(
			/^It’s 183 cm × 20 cm × 20 cm, and box for Maps is 60 cm × 40 cm × 30 cm inside/
		);
	});
	it('what is taken out goes back to where it was before, and a place with things is not removed', async () => {
		const { store, now, does } = await mapsHouse();
		const before = await allRows(store);
		const { situation, run } = await now();
		const box = placeNamed(situation, 'box for Maps').id;
		const book = situation.snapshot.resources.find((one) => one.title === 'The Patient Mapmaker')!;
		await does((trx, at) => moveThing(trx, at.situation, `title-${book.id}`, box));
		expect(placeBefore((await now()).situation, `title-${book.id}`, box)).toBe(book.place_id);
		// A move to where it is already is no move.
		await does((trx, at) => moveThing(trx, at.situation, `title-${book.id}`, box));
		expect((await now()).situation.snapshot.movings).toHaveLength(1);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
		const crate = await does((trx) =>
			addPlace(trx, null, {
				name: 'crate',
				kind: 'box',
				length_mm: 700,
				width_mm: 300,
				height_mm: 300,
				floor_mm: null
			})
		);
		const tent = await does((trx) => addThing(trx, run.row.id, TENT));
		await does((trx, at) => moveThing(trx, at.situation, `own-${tent}`, crate));
		await expect(does((trx) => removePlace(trx, crate))).rejects.toThrow('Take them out first');
		await does((trx, at) => moveThing(trx, at.situation, `own-${tent}`, null));
		await does((trx) => removePlace(trx, crate));
		expect((await now()).situation.snapshot.movings.every((one) => one.to_place_id !== crate)).toBe(true);
	});
});

describe('what goes into which box', () => {
	it('a box holds what the family says; an open bin keeps what is of its subject', async () => {
		const { now, does } = await mapsHouse();
		const { situation, run } = await now();
		const bin = placeNamed(situation, 'sewing basket').id;
		expect(limitOf(situation, bin)).toBe(9);
		await does((trx) => describeBox(trx, bin, { form: 'basket', max_grams: 4000, subject: 'Atlases' }));
		const book = situation.snapshot.resources.find((one) => one.title === 'The Patient Mapmaker')!;
		await does((trx) => updateResource(trx, book.id, { topics: 'maps, atlases' }));
		const after = await now();
		expect(limitOf(after.situation, bin)).toBe(4);
		const things = thingsOf(after.situation, after.run, binderThings(after.situation, after.run));
		const bins = openBins(after.situation, things);
		expect(bins.map((one) => [one.subject, one.things.map((thing) => thing.title)])).toEqual([
			['Atlases', ['The Patient Mapmaker']]
		]);
		expect(withoutBinned(bins, things)).toHaveLength(things.length - 1);
		const question = packQuestion(things, boxesOf(after.situation, run), 3);
		// Things of the first two lessons lie on top.
		for (const one of question.items) {
			const first = things.find((thing) => thing.id === one.item)!.firstLesson;
			expect(one.late, one.item).toBe(first !== null && first <= 2 ? 1 : 0);
		}
		expect(question.soft.at(-1)).toEqual({ item: 'supplies', liters: 0.9, kg: 0.3 });
	});
	it('a box of another unit, and an opening box, take nothing of this one', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		const names = boxesOf(situation, run).map((one) => one.name);
		expect(names).toEqual(['School room › box for Maps']);
	});
});

describe('where is it?', () => {
	it('is answered with the box, opened at the thing; what is in no box with its own page', async () => {
		const { store, now, does } = await mapsHouse();
		const { situation } = await now();
		const box = placeNamed(situation, 'box for Maps').id;
		const globe = situation.snapshot.boxedThings.find((one) => one.title === 'Felt map with pieces')!;
		const asked = async (typed: string) => findAnything(store.read, (await now()).situation, typed);
		expect((await asked('where is the felt map with pieces?'))[0]).toMatchObject({
			name: 'Felt map with pieces',
			href: expect.stringMatching(/^\/units\/1\/boxes$/)
		});
		await does((trx, at) => moveThing(trx, at.situation, `own-${globe.id}`, box));
		expect((await asked('Where’s my felt map with pieces'))[0]).toEqual({
			name: 'Felt map with pieces',
			detail: 'School room › box for Maps',
			href: `/boxes/${box}?thing=own-${globe.id}`
		});
		const tape = (await asked('where is masking tape')).find((one) => one.href.startsWith('/boxes/'));
		expect(tape!.href).toMatch(new RegExp(`^/boxes/${box}\\?thing=item-\\d+$`));
		// The page that it leads to has the thing.
		const id = new URLSearchParams(tape!.href.split('?')[1]).get('thing');
		expect(boxPage((await now()).situation, box)!.inside.map((one) => one.id as string)).toContain(id);
		expect((await asked('where is The Patient Mapmaker'))[0].href).toMatch(/^\/home\/books\/\d+$/);
	});
});

describe('an opening box', () => {
	it('says what it has nothing of, what is coming, and is open from its day on', async () => {
		const { now, does } = await mapsHouse();
		const { situation } = await now();
		const kites = situation.runs.find((one) => one.unit.name === 'Kites and Wind')!;
		const view = openingView(situation, kites);
		// By hand: 0.6 + 0.7 + 3 + 4.5 + 3 liters of 40 × 30 × 20 cm.
		expect(view.standing.liters).toBeCloseTo(11.8, 6);
		expect(view.standing.fill).toBeCloseTo(11.8 / 24, 6);
		expect(view.sentence).toBe('5 of 7 things in it, 49 % full, $47.39 so far. Nothing yet of film.');
		expect(view.standing.coming).toEqual(['game', 'food']);
		// Ours that the unit doesn't use yet are proposed, and none twice.
		const proposed = view.proposed[0];
		await does((trx) =>
			addOpeningThing(trx, kites.row.id, {
				title: proposed.title,
				kind: proposed.kind,
				liters: null,
				cents: null,
				hidden: 0,
				inside: 1,
				resource_id: proposed.id,
				came_on: '2027-01-22'
			})
		);
		const after = openingView((await now()).situation, kites);
		expect(after.proposed.map((one) => one.id)).not.toContain(proposed.id);
		await does((trx) =>
			setOpeningBox(trx, kites.row.id, { place: view.place, opensOn: '2027-01-20', kinds: ['film'] })
		);
		const open = openingView((await now()).situation, kites);
		expect(open.isOpen).toBe(true);
		expect(open.sentence).toContain('now it holds the children’s work');
		await expect(does((trx) => changeOpeningThing(trx, kites.row.id, 9_999, { inside: 1 }))).rejects.toThrow(
			'gone already'
		);
	});
	it('of a unit without one asks for nothing and divides by nothing', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		expect(openingView(situation, run)).toMatchObject({ sentence: 'Nothing for it yet.', place: null });
		expect(openingView(situation, run).standing).toMatchObject({ fill: null, liters: 0, cents: 0 });
	});
});
