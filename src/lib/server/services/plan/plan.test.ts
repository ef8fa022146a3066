import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { chooseActivities } from '$core/choice/index.ts';
import { isReady } from '$core/readiness/index.ts';
import { solveWith } from '$lib/solver/highs.ts';
import type { Row } from '$core/facts/index.ts';
import { change, undo } from '../../history/changes.ts';
import { countDone, placeActivity, setStanding } from '../../stores/plan/activities.ts';
import { setReached, swapSpine } from '../../stores/plan/spines.ts';
import { allRows, doer, openTestStore, situationOf } from '../../tests/household.ts';
import { type RunSituation, actsOf, boardOf, type Situation } from '$core/account/index.ts';
import { takeStep } from '../readiness/steps.ts';
import { childrenView } from './children.ts';
import { applyChoice, choiceOf } from './choose-extras.ts';
import { extrasOf } from './extras.ts';
import { loadView } from './load.ts';
import { monthView } from './month.ts';
import { pagesView } from './spines.ts';
import { applyWhatIf, whatIf, type WhatIf } from './what-if.ts';

const running = (now: Situation) => now.runs[0];
const activity = (run: RunSituation, start: string): Row<'activity'> =>
	run.activities.find((one) => one.activity.title.startsWith(start))!.activity;

async function demo() {
	const store = await openTestStore();
	const now = await situationOf(store);
	return { store, now, run: running(now) };
}

describe('what has to be begun days before', () => {
	it('is an act of its own, is begun, ready on its day, and holds a lesson up where it is required', async () => {
		const { store, now, run } = await demo();
		const chart = activity(run, 'Tea-stained');
		const need = now.whole.find((one) => one.title === chart.title)!;
		const { date } = run.activities.find((one) => one.activity === chart)!;
		// Begun two days before: on the second day before its own.
		expect(need.days!.actBy).toBe('2027-02-21');
		expect(date).toBe('2027-02-23');
		expect(actsOf(now).map((act) => act.title)).toContain('Start Tea-stained sea chart');
		const cell = (of: Situation) => boardOf(of, running(of)).lessons[10].streams.setting;
		expect(cell(now)).toMatchObject({ text: '0 of 1', detail: 'start it by Sun, Feb 21' });

		const keys = [need.need.key];
		await change(store.write, doer(), 'Begun', async (trx) => takeStep(trx, now, keys));
		const begun = await situationOf(store);
		expect(begun.whole.find((one) => one.need.key === keys[0])!.need).toMatchObject({
			state: 'arranged',
			promised: '2027-01-23'
		});
		await change(store.write, doer(), 'Ready', async (trx) => takeStep(trx, begun, keys));
		const after = await situationOf(store);
		expect(isReady(after.whole.find((one) => one.need.key === keys[0])!.need)).toBe(true);
		expect(cell(after)).toMatchObject({ text: 'ready', verdict: 'done' });
		await expect(
			change(store.write, doer(), 'Again', async (trx) => takeStep(trx, after, keys))
		).rejects.toThrow('already done');
	});
});

describe('children', () => {
	it('names the holes, says who helps, and what lies behind in this run and an earlier one', async () => {
		const { now, run } = await demo();
		const view = childrenView(now, run);
		const [odile, perrin, tamsin] = view.children;
		expect(view.sentence).toMatch(/^Tamsin has nothing at the right level in lessons 7, 9, and 13\./);
		const six = view.lessons[5].cells;
		expect(six.find((cell) => cell.child === perrin.id)!.has).toContain('helps with Map puzzle tray');
		expect(six.find((cell) => cell.child === tamsin.id)!.has).toContain('Map puzzle tray');
		expect(odile.behind.map(({ run }) => run)).toEqual([
			'Maps and Wayfinding, 2027',
			'Bread and Grain, 2025'
		]);
		// She was a baby then, and the table work of a lesson is not counted for her.
		expect(tamsin.behind.some(({ run }) => run.startsWith('Bread'))).toBe(false);
		expect(odile.about).toContain('reads English 6, Spanish 1');
	});
});

describe('extras, month and load', () => {
	it('an extra moves from ideas to a day, its week fills, and undo takes it back', async () => {
		const { store, now, run } = await demo();
		const film = activity(run, 'Movie');
		const before = await allRows(store);
		const minutes = (of: Situation) =>
			loadView(of, running(of)).weeks.find((one) => one.week === 4)!.load.minutes;
		await change(store.write, doer(), 'Moved', (trx) =>
			placeActivity(trx, run.row.id, film.id, { lesson: null, day: '2027-01-29' })
		);
		const after = await situationOf(store);
		const friday = monthView(after, running(after), '2027-01')
			.weeks.flat()
			.find((day) => day.day === '2027-01-29')!;
		expect(friday.extras.map((one) => one.title)).toEqual([film.title]);
		expect(minutes(after)).toBe(minutes(now) + film.minutes);
		expect(extrasOf(after, running(after)).pool.some((row) => row.id === film.id)).toBe(false);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});

	it('done in instalments it says when it ends; done without it asks for nothing', async () => {
		const { store, run } = await demo();
		const atlas = activity(run, 'Big wall atlas');
		await change(store.write, doer(), 'Done', (trx) => countDone(trx, run.row.id, atlas.id, 1));
		const now = await situationOf(store);
		const row = extrasOf(now, running(now)).placed.find((one) => one.id === atlas.id)!;
		expect(row.notes.join()).toContain('4 of 8 done');
		expect(row.notes.join()).toContain('at this pace; leave it out until then');
		await change(store.write, doer(), 'Without', (trx) =>
			setStanding(trx, run.row.id, atlas.id, 'do without')
		);
		const after = await situationOf(store);
		expect(after.needs.some((one) => one.extra?.id === atlas.id)).toBe(false);
	});

	it('the best set stays within what each week leaves, keeps what is required, and is put into its weeks', async () => {
		const { store, now, run } = await demo();
		const { input } = choiceOf(now, run, 2500);
		const choice = chooseActivities(input, solveWith(await loadHighs()));
		for (const limit of choice.used) expect(limit.used).toBeLessThanOrEqual(limit.most);
		const chart = activity(run, 'Tea-stained');
		expect(choice.chosen.map((one) => one.id)).toContain(String(chart.id));
		await change(store.write, doer(), 'Chosen', (trx) =>
			applyChoice(
				trx,
				now,
				run,
				choice.chosen.map((one) => ({ id: Number(one.id), week: one.week }))
			)
		);
		const after = await situationOf(store);
		const again = choiceOf(after, running(after), 2500);
		const placed = Object.entries(again.now).filter(([, week]) => week !== null);
		expect(Object.fromEntries(placed)).toEqual(
			Object.fromEntries(choice.chosen.map((one) => [one.id, one.week]))
		);
	});
});

describe('books and pages', () => {
	it('reads on from the page one has come to, so as to end with the unit', async () => {
		const { store, run } = await demo();
		const book = (of: Situation) => pagesView(of, running(of), []).spines[0];
		const { id } = pagesView(await situationOf(store), run, []).spines[0];
		await change(store.write, doer(), 'Read', (trx) => setReached(trx, run.row.id, id, 100));
		const now = await situationOf(store);
		// 88 pages are left for the 8 lesson days to come.
		expect(book(now).reading!.sentence).toContain('Starting at page 101: up to 11 pages a day');
		expect(book(now).left).toBe('pages 165–188');
	});

	it('a book swapped midway: what is over keeps its pages, what was to come lapses', async () => {
		const { store, now, run } = await demo();
		const old = pagesView(now, run, []).spines[0];
		const toCome = run.lessons.filter((one) => !one.over).map((one) => one.lesson.id);
		await change(store.write, doer(), 'Swapped', (trx) =>
			swapSpine(trx, run.row.id, old.id, toCome, {
				title: 'Another Atlas',
				counted: 'pages',
				first_page: 1,
				last_page: 80,
				words_per_page: null
			})
		);
		const after = await situationOf(store);
		const { spines } = pagesView(after, running(after), []);
		const was = spines.find((spine) => spine.id === old.id)!;
		expect(was.inUse).toBe(false);
		expect(was.rows.filter((row) => row.flags.length).map((row) => row.number)).toEqual([1, 2, 3, 4, 5]);
		expect(spines.some((spine) => spine.title === 'Another Atlas' && spine.inUse)).toBe(true);
	});
});

describe('what if, about money', () => {
	it('says what extras done without would save, and does so', async () => {
		const { store, now, run } = await demo();
		const museum = activity(run, 'Museum');
		const ask: WhatIf = {
			children: null,
			start: null,
			weekdays: [],
			drop: [],
			without: [museum.id],
			budgetCents: 5000
		};
		const line = (what: string) => whatIf(now, run, ask).lines.find((one) => one.what === what)!;
		const cents = (text: string) => Math.round(Number(text.slice(1)) * 100);
		expect(cents(line('Extras cost').before) - cents(line('Extras cost').after)).toBe(museum.cents);
		expect(line('Budget').after).toMatch(/^\$50\.00, /);
		await change(store.write, doer(), 'Plan changed', (trx) => applyWhatIf(trx, run, ask));
		const after = await situationOf(store);
		expect(activity(running(after), 'Museum').standing).toBe('do without');
		expect(whatIf(after, running(after), ask).lines).toEqual([]);
	});
});
