import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convert, exact, isSome, ZERO, type Exact } from '$core/measure/index.ts';
import type { Store } from '../../database/open.ts';
import { change } from '../../history/changes.ts';
import { doer, openTestStore, situationOf } from '../../tests/household.ts';
import { gatherList } from '../gathering/list.ts';
import { reviewList } from '../gathering/review.ts';
import { correct, tick, walkOf } from '../gathering/walk.ts';
import { planOf } from '../plan/days.ts';
import { recordOutcome } from '../plan/outcomes.ts';
import { actsOf, boardOf } from '$core/account/index.ts';
import { arrange, decide, gotIt } from './steps.ts';

const rowOf = async (store: Store, name: string) => {
	const now = await situationOf(store);
	return gatherList(now, now.runs[0]).rows.find((row) => row.name === name)!;
};

/** How much of an item the house has, whatever its places. */
async function stockOf(store: Store, name: string): Promise<Exact> {
	const { snapshot } = await situationOf(store);
	const item = snapshot.items.find((one) => one.name === name)!;
	const lots = snapshot.lots.filter((lot) => lot.item_id === item.id);
	return lots.reduce((sum, lot) => sum.add(convert(exact(lot.amount), lot.unit, lots[0].unit, name)), ZERO);
}

describe('the demo household on its Friday evening', () => {
	it('has about 120 lots in about 20 places, something late, something due and something ready', async () => {
		const now = await situationOf(await openTestStore());
		expect(now.snapshot.lots.length).toBeGreaterThan(100);
		expect(now.snapshot.lots.length).toBeLessThan(140);
		const used = new Set(now.snapshot.lots.map((lot) => lot.place_id));
		expect(used.size).toBeGreaterThan(15);
		const verdicts = boardOf(now, now.runs[0]).lessons.map((lesson) => lesson.streams.supplies.verdict);
		expect(verdicts).toContain('late');
		expect(verdicts).toContain('due');
		expect(boardOf(now, now.runs[0]).lessons[6].streams.supplies.text).toBe('ready');
	});

	it('says the first gap in words', async () => {
		const now = await situationOf(await openTestStore());
		const { before, gap, after } = boardOf(now, now.runs[0]).sentence;
		expect(before + gap + after).toBe(
			'Lesson 8 on Tue, Feb 2 is missing 1 bar magnet. Order it today; Wed, Jan 20 was the last day to be on time.'
		);
	});

	it('plans 13 lessons on 16 days with 3 spare', async () => {
		const now = await situationOf(await openTestStore());
		expect(planOf(now, now.runs[0]).sentence).toBe(
			'16 school days for 13 lesson days, ending Tue, Mar 2. 3 days to spare.'
		);
	});

	it('every line of its lists was read with confidence', async () => {
		const { snapshot } = await situationOf(await openTestStore());
		expect(snapshot.lines.filter((line) => line.needs_look).map((line) => line.written)).toEqual([]);
	});
});

describe('gathering', () => {
	it('what is bought lies in the box, the need has it in hand, and its act is gone', async () => {
		const store = await openTestStore();
		const oranges = await rowOf(store, 'orange');
		expect(oranges).toMatchObject({ missing: '6 oranges', when: 'by tomorrow', verdict: 'due' });
		await change(store.write, doer(), 'got', async (trx) =>
			gotIt(trx, await situationOf(store), oranges.keys, exact(6))
		);
		const after = await rowOf(store, 'orange');
		expect(after).toMatchObject({ missing: null, verdict: 'done' });
		expect(after.places).toEqual([{ place: 'School room › box for Maps', amount: '6', collected: true }]);
		const now = await situationOf(store);
		expect(actsOf(now).some((act) => act.title.includes('orange'))).toBe(false);
		const lot = now.snapshot.lots.at(-1)!;
		expect(lot.good_until).toBe('2027-01-29');
	});

	it('four of six bought leaves two missing', async () => {
		const store = await openTestStore();
		const { keys } = await rowOf(store, 'orange');
		await change(store.write, doer(), 'got', async (trx) =>
			gotIt(trx, await situationOf(store), keys, exact(4))
		);
		expect(await rowOf(store, 'orange')).toMatchObject({ missing: '2 oranges', inHand: '4' });
	});

	it('on its way without a day is a risk; doing without holds nothing up', async () => {
		const store = await openTestStore();
		const { keys } = await rowOf(store, 'bar magnet');
		await change(store.write, doer(), 'arrange', async (trx) =>
			arrange(trx, await situationOf(store), keys, null)
		);
		expect(await rowOf(store, 'bar magnet')).toMatchObject({ missing: null, verdict: 'at risk' });
		await change(store.write, doer(), 'arrange', async (trx) =>
			arrange(trx, await situationOf(store), keys, '2027-01-29')
		);
		expect((await rowOf(store, 'bar magnet')).verdict).toBe('on course');
		await change(store.write, doer(), 'without', async (trx) =>
			decide(trx, await situationOf(store), keys, true)
		);
		expect(await rowOf(store, 'bar magnet')).toMatchObject({ doWithout: true, verdict: 'done' });
	});

	it('a taught lesson takes what it used out of the stash, and its needs are over', async () => {
		const store = await openTestStore();
		const [tape, plates, globe] = await Promise.all(
			['clear tape', 'paper plate', 'globe'].map((name) => stockOf(store, name))
		);
		await change(store.write, doer(), 'taught', async (trx) =>
			recordOutcome(trx, await situationOf(store), 6, 'taught')
		);
		// Some of a roll is gone, and nobody counts how much.
		expect((await stockOf(store, 'clear tape')).valueOf()).toBe(tape.valueOf());
		expect((await stockOf(store, 'paper plate')).valueOf()).toBe(plates.valueOf() - 6);
		expect((await stockOf(store, 'globe')).valueOf()).toBe(globe.valueOf());
		const now = await situationOf(store);
		expect(now.needs.some((one) => one.lesson.number === 6)).toBe(false);
	});

	it('flour is kept back for the kitchen before lessons get any', async () => {
		const store = await openTestStore();
		await store.write
			.updateTable('item')
			.set({ keep_back: '1900', keep_back_unit: 'g' })
			.where('name', '=', 'flour')
			.execute();
		await change(store.write, doer(), 'line', async (trx) => {
			const { addLine } = await import('../../stores/gathering/supply-lines.ts');
			return addLine(trx, {
				lesson: 7,
				written: '1 cup flour per child',
				item: 'flour',
				quantity: 1,
				to: null,
				unit: 'cup',
				per: 'child',
				groupSize: null,
				optional: false,
				or: [],
				note: null,
				check: false,
				use: 'consumed'
			});
		});
		// 2 kg less 1,900 g leaves 100 g of the 3 × 125 g that three children need.
		expect(await rowOf(store, 'flour')).toMatchObject({ needed: '0.375 kg', missing: '0.275 kg flour' });
	});
});

describe('the walk', () => {
	it('goes through the house in order, and every tick conserves what there is', async () => {
		const store = await openTestStore();
		const total = async () => {
			const { snapshot } = await situationOf(store);
			return snapshot.items.map((item) =>
				snapshot.lots
					.filter((lot) => lot.item_id === item.id)
					.reduce((sum, lot) => sum.add(exact(lot.amount)), ZERO)
					.toFraction()
			);
		};
		const before = await total();
		await fc.assert(
			fc.asyncProperty(fc.nat(), fc.boolean(), fc.integer({ min: 1, max: 4 }), async (pick, move, part) => {
				const now = await situationOf(store);
				const rows = walkOf(now, null, 'all').places.flatMap((place) => place.rows);
				if (rows.length === 0) return;
				const row = rows[pick % rows.length];
				const found = exact(row.amount).div(part);
				await change(store.write, doer(), 'found', async (trx) =>
					tick(trx, now, { lot: row.lot, run: row.run, found, unit: row.unit, move })
				);
				expect(await total()).toEqual(before);
			}),
			{ numRuns: 30 }
		);
	});

	it('a tick takes the row off the walk and puts the thing into the unit’s box', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		const walk = walkOf(now, 1, 'week');
		expect(walk.places.map((place) => place.path)).toEqual([
			'Kitchen › under the sink',
			'School room › desk › drawer 1',
			'School room › desk › drawer 2',
			'School room › window shelf'
		]);
		const [plates] = walk.places[0].rows;
		await change(store.write, doer(), 'found', async (trx) =>
			tick(trx, now, { lot: plates.lot, run: 1, found: exact(plates.amount), unit: plates.unit, move: true })
		);
		const after = await situationOf(store);
		expect(walkOf(after, 1, 'week').places.map((place) => place.path)).not.toContain(
			'Kitchen › under the sink'
		);
		expect(await rowOf(store, 'paper plate')).toMatchObject({ verdict: 'done', inHand: '6' });
	});

	it('ticked without moving, it is in hand where it lies', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		const [plates] = walkOf(now, 1, 'week').places[0].rows;
		await change(store.write, doer(), 'found', async (trx) =>
			tick(trx, now, { lot: plates.lot, run: 1, found: exact(4), unit: plates.unit, move: false })
		);
		const row = await rowOf(store, 'paper plate');
		expect(row).toMatchObject({ inHand: '4', missing: null });
		expect(row.places.map((place) => place.place)).toEqual(['Kitchen › under the sink']);
		expect(walkOf(await situationOf(store), 1, 'week').places[0].rows[0].text).toBe('2 paper plates');
	});

	it('what is not there becomes missing, and so has to be bought', async () => {
		const store = await openTestStore();
		const now = await situationOf(store);
		const [plates] = walkOf(now, 1, 'week').places[0].rows;
		await change(store.write, doer(), 'there', async (trx) => correct(trx, now, plates.lot, exact(2)));
		expect(await rowOf(store, 'paper plate')).toMatchObject({ missing: '4 paper plates' });
		const after = await situationOf(store);
		expect(
			actsOf(after)
				.map((act) => `${act.title} · ${act.detail}`)
				.join('\n')
		).toMatch(/^Buy .*4 paper plates/m);
		expect(walkOf(after, 1, 'week').missing.map((one) => one.text)).toContain('4 paper plates');
	});
});

describe('the review', () => {
	it('in the order of the list, the doubtful marked; what is known keeps its line and its use', async () => {
		const now = await situationOf(await openTestStore());
		const review = await reviewList(
			now,
			now.runs[0],
			'Lesson 6\n3 oranges per child\nsome yarn\nglobe\n1 fine-tip black marker\n1 roll clear tape\n1 sheet tracing film per child',
			7
		);
		expect(review.rows.map((row) => [row.item, row.status, row.doubt !== null])).toEqual([
			['orange', 'changed', false],
			['yarn', 'new', true],
			['globe', 'same', false],
			['fine-tip black marker', 'same', false],
			['clear tape', 'same', false],
			['tracing film', 'same', false]
		]);
		expect(review.rows[2].use).toBe('kept');
		expect(review.gone.map((line) => line.written)).toEqual(['6 paper plates', 'paper towels (optional)']);
		expect(review.rows.every((row) => row.lesson === 6)).toBe(true);
	});
});

describe('undated units', () => {
	it('are listed, never late, and take nothing from the stash', async () => {
		const now = await situationOf(await openTestStore());
		const kites = now.needs.filter((one) => one.run.unit.name === 'Kites and Wind');
		expect(kites.length).toBeGreaterThan(5);
		expect(kites.every((one) => one.verdict === 'undated' && one.served === null)).toBe(true);
		expect(kites.some((one) => isSome(one.standing.missing))).toBe(true);
	});
});
