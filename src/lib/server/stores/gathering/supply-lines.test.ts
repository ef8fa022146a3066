import { describe, expect, it } from 'vitest';
import { exact } from '$core/measure/index.ts';
import type { Store } from '../../database/open.ts';
import { change, undo } from '../../history/changes.ts';
import { gatherList } from '../../services/gathering/list.ts';
import { reviewList } from '../../services/gathering/review.ts';
import { gotIt } from '../../services/readiness/steps.ts';
import { doer, openTestStore, situationOf } from '../../tests/household.ts';
import { addLesson, orderLessons, removeLesson, updateLesson } from '../plan/lessons.ts';
import { createUnit, setCalendar } from '../plan/units.ts';
import { addLine, removeLine, updateLine, type LineInput } from './supply-lines.ts';

const line = (item: string, more: Partial<LineInput> = {}): LineInput => ({
	lesson: 6,
	written: item,
	item,
	quantity: 1,
	to: null,
	unit: 'each',
	per: 'family',
	groupSize: null,
	optional: false,
	or: [],
	note: null,
	check: false,
	use: 'consumed',
	...more
});

const needOf = async (store: Store, item: string) =>
	(await situationOf(store)).needs.find((one) => one.item.name === item && one.run.row.id === 1)!;

async function buyOranges(store: Store) {
	const { need } = await needOf(store, 'orange');
	await change(store.write, doer(), 'got', async (trx) =>
		gotIt(trx, await situationOf(store), [need.key], exact(6))
	);
	return need.key;
}

describe('what is known about a need', () => {
	it('survives a changed line: when the amount grows, the rest is missing', async () => {
		const store = await openTestStore();
		const key = await buyOranges(store);
		const { line: row } = await needOf(store, 'orange');
		await change(store.write, doer(), 'more', (trx) =>
			updateLine(trx, row.id, line('orange', { written: '3 oranges per child', quantity: 3, per: 'child' }))
		);
		const after = await needOf(store, 'orange');
		expect(after.need.key).toBe(key);
		expect(after.standing.inHand.valueOf()).toBe(6);
		expect(after.standing.missing.valueOf()).toBe(3);
	});

	it('is kept when the line goes, and comes back with it', async () => {
		const store = await openTestStore();
		const key = await buyOranges(store);
		const { line: row } = await needOf(store, 'orange');
		await change(store.write, doer(), 'gone', (trx) => removeLine(trx, row.id));
		expect(await needOf(store, 'orange')).toBeUndefined();
		await undo(store.write, doer());
		const back = await needOf(store, 'orange');
		expect(back.need.key).toBe(key);
		expect(back.need.state).toBe('in hand');
	});

	it('survives pasting the list again', async () => {
		const store = await openTestStore();
		const key = await buyOranges(store);
		const now = await situationOf(store);
		const review = await reviewList(now, now.runs[0], 'Lesson 6\n2 oranges per child', 6);
		expect(review.rows[0]).toMatchObject({ status: 'same', id: Number(key.split('/')[2]) });
	});

	it('moves with its lesson', async () => {
		const store = await openTestStore();
		const key = await buyOranges(store);
		await change(store.write, doer(), 'order', (trx) => orderLessons(trx, 1, [1, 2, 3, 4, 5, 7, 6]));
		const after = await needOf(store, 'orange');
		expect(after.need).toMatchObject({ key, useDay: '2027-01-28', state: 'in hand' });
		expect(after.lesson.number).toBe(7);
	});
});

describe('lines', () => {
	it('a line written again as it is changes nothing', async () => {
		const store = await openTestStore();
		const first = await change(store.write, doer(), 'add', (trx) => addLine(trx, line('cork')));
		const again = await change(store.write, doer(), 'same', (trx) =>
			updateLine(trx, first.result, line('cork'))
		);
		expect(again).toMatchObject({ result: false, changed: null });
	});

	it('names of one thing in any number and case are one item', async () => {
		const store = await openTestStore();
		const before = (await situationOf(store)).snapshot.items.length;
		for (const name of ['Zip tie', 'zip ties', 'ZIP TIES'])
			await change(store.write, doer(), 'add', (trx) => addLine(trx, line(name)));
		const now = await situationOf(store);
		expect(now.snapshot.items).toHaveLength(before + 1);
		expect(gatherList(now, now.runs[0]).rows.find((row) => row.name === 'zip tie')?.needed).toBe('3');
	});

	it('what cannot be compared with the stash is counted apart and says what to do', async () => {
		const store = await openTestStore();
		await change(store.write, doer(), 'add', (trx) =>
			addLine(trx, line('flour', { unit: 'bag', quantity: 2 }))
		);
		const now = await situationOf(store);
		const row = gatherList(now, now.runs[0]).rows.find((one) => one.name === 'flour' && one.unit === 'bag');
		expect(row).toMatchObject({ needed: '2 bags', missing: '2 bags of flour' });
		expect(row?.problem).toContain('The list says bag, you count in kg');
	});

	it('a range is gathered at its upper end, and the row says so', async () => {
		const store = await openTestStore();
		await change(store.write, doer(), 'add', (trx) => addLine(trx, line('acorn', { quantity: 3, to: 5 })));
		const now = await situationOf(store);
		const row = gatherList(now, now.runs[0]).rows.find((one) => one.name === 'acorn');
		expect(row?.needed).toBe('5');
		expect(row?.why[0]).toContain('the higher of 3 to 5');
	});
});

describe('units', () => {
	it('a new unit has its run, its box and everybody who is taught', async () => {
		const store = await openTestStore();
		const { result: id } = await change(store.write, doer(), 'unit', (trx) =>
			createUnit(trx, 'Ponds', '2027-01-22')
		);
		const run = (await situationOf(store)).runs.find((one) => one.row.id === id)!;
		expect(run.participants.map((person) => person.name)).toEqual(['Odile', 'Perrin', 'Tamsin', 'Lark']);
		expect(run.row).toMatchObject({ state: 'collecting', name: '2027' });
		expect(run.calendar).toBeNull();
		await change(store.write, doer(), 'calendar', (trx) =>
			setCalendar(trx, id, {
				start: '2027-04-05',
				end: null,
				weekdays: [1],
				keepFree: 0,
				habits: { kind: 'day by day', date: null, streams: {} },
				collectingPlace: null
			})
		);
		await change(store.write, doer(), 'lesson', (trx) =>
			addLesson(trx, id, { title: 'Frogs', note: '', optional: 0, sessions: 2 })
		);
		const dated = (await situationOf(store)).runs.find((one) => one.row.id === id)!;
		expect(dated.lessons[0].dates).toEqual(['2027-04-05', '2027-04-12']);
		expect(dated.row.state).toBe('running');
	});

	it('a lesson of another unit cannot be changed from here, and one that is removed takes its lines along', async () => {
		const store = await openTestStore();
		await expect(
			change(store.write, doer(), 'edit', (trx) =>
				updateLesson(trx, 2, 6, { title: 'x', note: '', optional: 0, sessions: 1 })
			)
		).rejects.toThrow('no longer in this unit');
		await change(store.write, doer(), 'remove', (trx) => removeLesson(trx, 1, 6));
		const now = await situationOf(store);
		expect(now.snapshot.lines.some((one) => one.lesson_id === 6)).toBe(false);
		expect(now.runs[0].lessons.map((one) => one.number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
	});

	it('a calendar that ends before it begins is refused at its field', async () => {
		const store = await openTestStore();
		const bad = {
			start: '2027-04-05',
			end: '2027-04-01',
			weekdays: [1] as const,
			keepFree: 0,
			habits: { kind: null, date: null, streams: {} },
			collectingPlace: null
		};
		await expect(
			change(store.write, doer(), 'calendar', (trx) => setCalendar(trx, 1, bad))
		).rejects.toMatchObject({ path: 'end' });
	});
});
