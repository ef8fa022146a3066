import { describe, expect, it } from 'vitest';
import { prep } from '$core/prepare/index.ts';
import type { Day } from '$core/calendar/index.ts';
import { mapsHouse } from '../../tests/household.ts';
import { setWeek } from '../../stores/setout/trays.ts';
import { updateBasketPart } from '../../stores/setout/basket.ts';
import { holdReady, placeHold } from '../../stores/library/loans.ts';
import { acceptPlan, planQuestion } from '../prepare/plan.ts';
import { makeRuns } from '../print/print-runs.ts';
import { openOutcomes } from '../plan/outcomes.ts';
import { ALL, type Act, actsOf, computeSituation, type Situation } from '$core/account/index.ts';
import { chooseSource, gotAll, notYet, takeStep } from '../readiness/steps.ts';
import { checkOff, dayView } from './day.ts';
import { addOwnJob } from '../../stores/prepare/jobs.ts';
import { finishJob, moveJob } from '../prepare/sitting.ts';
import { houseTasks } from './house-tasks.ts';

/** The demo on another day, with nothing else changed. */
const on = ({ snapshot }: Situation, today: Day): Situation => computeSituation(snapshot, today);

const titles = (acts: readonly Act[]) => acts.map((one) => one.title);

describe('what is done in one go is one task', () => {
	it('holds that are placed on one day, and one tap places all of them', async () => {
		const { now, does } = await mapsHouse();
		const act = actsOf((await now()).situation).find((one) => one.kind === 'place')!;
		expect(act.title).toMatch(/^Place holds on \d titles$/);
		const said = await does((trx, at) => takeStep(trx, at.situation, act.keys));
		expect(said).toMatch(/^\d titles: hold placed$/);
		const after = (await now()).situation;
		for (const one of after.whole.filter((each) => act.keys.includes(each.need.key)))
			expect(one.need.state).toBe('arranged');
		expect(actsOf(after).some((one) => one.kind === 'place' && one.actBy === act.actBy)).toBe(false);
	});

	it('things of one store by one day, and all of them come home in one tap', async () => {
		const { now, does } = await mapsHouse();
		const act = actsOf((await now()).situation).find((one) => one.kind === 'buy' && one.amount === ALL)!;
		expect(act.title).toMatch(/^Buy \d items at /);
		await does((trx, at) => gotAll(trx, at.situation, act.keys));
		const after = (await now()).situation;
		for (const one of after.needs.filter((each) => act.keys.includes(each.need.key)))
			expect(one.standing.missing.valueOf()).toBe(0);
	});

	it('a print run, by the day of what it has first, with its page', async () => {
		const { now, does } = await mapsHouse();
		await does((trx, { situation, run }) => makeRuns(trx, situation, run, new Map()));
		const { situation, run } = await now();
		const runs = actsOf(situation).filter((one) => one.kind === 'run');
		expect(runs.length).toBeGreaterThan(0);
		expect(runs.length).toBeLessThanOrEqual(situation.snapshot.printRuns.length);
		expect(runs[0].title).toMatch(/^Print Friday’s run: \d+ sheets?$/);
		expect(runs[0].href).toMatch(new RegExp(`^/units/${run.row.id}/print/runs/\\d+$`));
		// Its pages stand in no other task.
		const keys = actsOf(situation).flatMap((one) => one.keys);
		expect(new Set(keys).size).toBe(keys.length);
	});

	it('what a plan has put into a sitting, and taking the plan over makes nothing late', async () => {
		const { now, does } = await mapsHouse();
		const before = (await now()).situation;
		const late = new Set(titles(actsOf(before).filter((one) => one.verdict === 'late')));
		const plan = prep(planQuestion(before).input);
		await does((trx, at) =>
			acceptPlan(
				trx,
				at.situation,
				Object.fromEntries(plan.sittings.flatMap((one) => one.jobs.map((id) => [id, Number(one.id)])))
			)
		);
		const planned = actsOf((await now()).situation);
		expect(planned.filter((one) => one.verdict === 'late').filter((one) => !late.has(one.title))).toEqual([]);
		// Printed, its pages are work of the sitting and of nothing else.
		for (const { keys } of planned.filter((one) => one.kind === 'print'))
			await does((trx, at) => takeStep(trx, at.situation, keys));
		const { situation } = await now();
		const acts = actsOf(situation);
		// But for what can’t wait for the first sitting: it comes after lesson 6.
		expect(acts.filter((one) => one.kind === 'finish').map((one) => one.title)).toEqual([
			'Finish lesson 6’s pages'
		]);
		const sitting = acts.find((one) => one.kind === 'sit')!;
		const row = situation.snapshot.sittings.find((one) => sitting.href === `/sittings/${one.id}`)!;
		expect(sitting.actBy).toBe(row.held_on);
		// Missed, its work is placed anew and is due at the next sitting, not late since the one that has passed.
		const missed = on(situation, '2027-01-27');
		expect(actsOf(missed).some((one) => one.kind === 'sit' && one.actBy < missed.today)).toBe(false);
	});
});

describe('what else can be said of a task', () => {
	it('a hold that is not there yet is asked about on the next open day; one that is gone is placed anew', async () => {
		const { now, does } = await mapsHouse();
		const first = (await now()).situation;
		const need = first.whole.find((one) => one.step?.kind === 'place')!;
		const library = first.snapshot.suppliers.find((one) => one.kind === 'library')!;
		await does((trx, at) => placeHold(trx, need.book!.resource.id, library.id, at.situation.today));
		// Saturday; closed on Sunday and Monday.
		const saturday = on((await now()).situation, '2027-01-23');
		const act = actsOf(saturday).find((one) => one.keys.includes(need.need.key))!;
		expect(act.ways.map((one) => one.label)).toEqual(['Not yet']);
		const said = await does((trx) => notYet(trx, saturday, act.keys));
		expect(said).toBe(`${need.title}: not yet; ask again Tue, Jan 26`);
		const loan = (await now()).situation.snapshot.loans.at(-1)!;
		await does((trx) => holdReady(trx, loan.id, '2027-01-26'));
		const ready = (await now()).situation;
		const pickUp = actsOf(ready).find((one) => one.keys.includes(need.need.key))!;
		expect(pickUp.ways.map((one) => one.label)).toEqual(['Not there']);
		await does((trx, at) => notYet(trx, at.situation, [need.need.key]));
		expect((await now()).situation.whole.find((one) => one.need.key === need.need.key)!.step!.kind).toBe(
			'place'
		);
	});

	it('what is late at one store and in time at another is changed over in one tap', async () => {
		const { now, does } = await mapsHouse();
		const act = actsOf((await now()).situation).find((one) => one.title === 'Order 1 bar magnet')!;
		const way = act.ways.find((one) => one.to === 'source')!;
		expect(way.label).toBe('Get it from Hobby & Hardware');
		await does((trx, at) => chooseSource(trx, at.situation, act.keys, way.source!));
		const after = actsOf((await now()).situation).find((one) => one.keys.includes(act.keys[0]))!;
		expect([after.kind, after.verdict]).toEqual(['buy', expect.not.stringMatching('late')]);
	});

	it('a title that went back on the day of its lesson is not asked for again', async () => {
		const { now, does } = await mapsHouse();
		const before = (await now()).situation;
		const need = before.whole.find((one) => one.book?.loan?.state === 'on loan' && one.need.useDay)!;
		const day = on(before, need.need.useDay!);
		await does((trx) => takeStep(trx, day, [`loan/${need.book!.loan!.id}`]));
		const snapshot = (await now()).situation.snapshot;
		const loans = snapshot.loans.map((one) =>
			one.id === need.book!.loan!.id ? { ...one, back_on: need.need.useDay } : one
		);
		const after = computeSituation({ ...snapshot, loans }, need.need.useDay!);
		expect(after.whole.find((one) => one.need.key === need.need.key)!.step).toBeNull();
	});
});

describe('what is set anew for all', () => {
	it('the shelf without a plan for next week, from Thursday on, until it has one', async () => {
		const { now, does } = await mapsHouse();
		const next = '2027-02-01';
		await does((trx) => setWeek(trx, next, []));
		const { situation } = await now();
		const shelfTasks = (of: Situation, today: Day) =>
			titles(houseTasks(on(of, today)).map((one) => one.inWords())).filter((one) => /shelf/.test(one));
		const tasks = (today: Day) => shelfTasks(situation, today);
		expect(tasks('2027-01-27')).toEqual([]);
		// After the last lesson, on Tue, Mar 2, no plan reaches the week, so nothing is asked.
		expect(tasks('2027-03-07')).toEqual([]);
		expect(tasks('2027-03-08')).toEqual([]);
		expect(tasks('2027-01-28')).toEqual(['Set the shelf for next week']);
		const [tray] = situation.snapshot.trays;
		const [board] = situation.snapshot.trayStandings;
		await does((trx) => setWeek(trx, next, [{ tray: tray.id, place: board.place_id }]));
		expect(shelfTasks((await now()).situation, '2027-01-28')).toEqual([]);
	});

	it('a job that the household noted and no sitting has, until it is done or has one', async () => {
		const { now, does } = await mapsHouse();
		const { run } = await now();
		await does((trx) =>
			addOwnJob(trx, run.row.id, { title: 'Draw the chart', minutes: 30, ready_by: '2027-01-26' })
		);
		const jobs = async () =>
			houseTasks((await now()).situation)
				.map((one) => one.inWords())
				.filter((one) => one.kind === 'job' && one.title === 'Draw the chart');
		const [task] = await jobs();
		expect(task).toMatchObject({
			title: 'Draw the chart',
			actBy: '2027-01-25',
			detail: '30 min',
			href: null
		});
		const { situation } = await now();
		const [sitting] = situation.snapshot.sittings.filter((one) => one.held_on > situation.today);
		await does((trx, at) => moveJob(trx, at.situation, task.keys[0], sitting.id));
		expect(await jobs()).toEqual([]);
		await does((trx, at) => moveJob(trx, at.situation, task.keys[0], null));
		await does((trx, at) => finishJob(trx, at.situation, task.keys[0], null));
		expect(await jobs()).toEqual([]);
	});

	it('a finished book leaves the basket', async () => {
		const { now, does } = await mapsHouse();
		const part = (await now()).situation.snapshot.basketParts.find((one) => one.page_by === 'bookmark')!;
		await does((trx) =>
			updateBasketPart(trx, part.id, { first_page: part.last_page! + 1, since: '2027-01-21' })
		);
		const [task] = houseTasks((await now()).situation)
			.map((one) => one.inWords())
			.filter((one) => one.href === '/week/basket');
		expect([task.title, task.href]).toEqual([
			`Change the morning basket: ${part.title} is finished`,
			'/week/basket'
		]);
		// The next one is a book of the house that is not in the basket.
		const [, next] = /^ended Thu, Jan 21 · next could be (.+)$/.exec(task.detail)!;
		const { resources, basketParts } = (await now()).situation.snapshot;
		const book = resources.find((one) => one.title === next)!;
		expect([book.owned, basketParts.some((one) => one.resource_id === book.id)]).toEqual([1, false]);
	});
});

describe('a lesson that is checked off on its sheet', () => {
	it('was taught: nobody asks about it again, and the sheet says so', async () => {
		const { now, does } = await mapsHouse();
		const day = '2027-01-26';
		const entry = () =>
			now().then(({ situation }) =>
				dayView(on(situation, day), day)
					.groups.flatMap((one) => one.entries)
					.find((one) => one.key.startsWith('taught-'))!
			);
		expect((await entry()).isDone).toBe(false);
		const { key } = await entry();
		await does((trx, at) => checkOff(trx, on(at.situation, day), { day, key, done: true, what: 'taught' }));
		expect((await entry()).isDone).toBe(true);
		expect(openOutcomes(on((await now()).situation, '2027-01-27'))).toEqual([]);
		await expect(
			does((trx, at) => checkOff(trx, on(at.situation, day), { day, key, done: false, what: 'taught' }))
		).rejects.toThrow('It’s written down as taught.');
		// Nothing of the kind stands on the sheet of a day that is still to come.
		const ahead = dayView((await now()).situation, '2027-01-28').groups.flatMap((one) => one.entries);
		expect(ahead.some((one) => one.key.startsWith('taught-'))).toBe(false);
	});
});
