import { describe, expect, it } from 'vitest';
import { minutesFor, prep } from '$core/prepare/index.ts';
import { undo } from '../../history/changes.ts';
import { setPreparing, setPrinting } from '../../stores/house/household.ts';
import { noteLook, notePages } from '../../stores/print/documents.ts';
import { addOwnJob, dropTook } from '../../stores/prepare/jobs.ts';
import { addSittings, removeSittings } from '../../stores/prepare/sittings.ts';
import { allRows, doer, mapsHouse } from '../../tests/household.ts';
import { moveCopies } from '../print/copies.ts';
import { makeRuns } from '../print/print-runs.ts';
import { printView } from '../print/view.ts';
import { icalOf } from '../plan/calendar-file.ts';
import { actsOf, copyState, printKey, printsOf, ratesOf, sourcesOfRate } from '$core/account/index.ts';
import { byId, parsed, stateByKey } from '$core/facts/index.ts';
import { rollOn } from '../plan/roll-on.ts';
import { jobsOf, type Job } from './jobs.ts';
import { leaveOut, leaveOutText, sittingsWithin } from './leave-out.ts';
import { acceptPlan, freeEvening, longDayFor, planQuestion, prepareView } from './plan.ts';
import { jobView, minutesTogether, rowsOf } from './rows.ts';
import { offOn, openSittings } from './sittings.ts';
import { finishJob, leaveBare, moveJob, sittingPage, stopSitting } from './sitting.ts';

/** The demo's running unit, with what a test does to it. */
async function house() {
	const maps = await mapsHouse();
	return {
		...maps,
		planned: async () => {
			const { situation } = await maps.now();
			const plan = prep(planQuestion(situation).input);
			return Object.fromEntries(plan.sittings.flatMap((one) => one.jobs.map((id) => [id, Number(one.id)])));
		}
	};
}

describe('preparing', () => {
	it('an accepted plan decides the days of readiness, and undone all is as before', async () => {
		const { store, does, now, planned } = await house();
		const before = await allRows(store);
		const plan = await planned();
		const count = await does((trx, at) => acceptPlan(trx, at.situation, plan));
		const { situation, run } = await now();
		const jobs = jobsOf(situation);
		// The first sitting comes after lesson 6: its net can’t wait for it, and Next asks for it by its own day.
		const tooLate = jobs.filter((job) => job.lesson?.number === 6);
		expect(tooLate.map((job) => job.work)).toEqual(['print color', 'cut by hand']);
		expect(count).toEqual({ placed: jobs.length - 2, tooLate: 2 });
		for (const job of jobs) expect(job.sitting?.id).toBe(tooLate.includes(job) ? undefined : plan[job.id]);
		const act = actsOf(situation).find((one) => one.detail.includes('Globe net'))!;
		expect([act.kind, act.actBy, act.verdict]).toEqual(['print', '2027-01-24', 'due']);
		const laminated = jobs.find((job) => job.work === 'laminate')!;
		const keys = laminated.prints.map((print) => printKey(print, null));
		const needs = situation.whole.filter((one) => keys.includes(one.need.key));
		expect(needs.length).toBeGreaterThan(0);
		for (const one of needs) expect(one.days!.sitting).toBe(laminated.sitting!.held_on);
		// No sitting is fuller than it is long.
		for (const one of prepareView(situation, run).sittings)
			expect(one.taken).toBeLessThanOrEqual(one.minutes);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
	it('what the pages’ pictures tell of color is the same on Print and Prepare, once the whole file was looked at', async () => {
		const { store, now } = await house();
		const said = async () => {
			const { situation, run } = await now();
			return {
				prepare: jobsOf(situation, run).some((job) => job.work === 'print color' && job.lesson?.number !== 6),
				print: printView(situation, run).proposed.runs.some((one) => /(^|, )color/.test(one.text))
			};
		};
		const before = await said();
		expect(before).toEqual({ prepare: true, print: true });
		const { situation } = await now();
		const ids = new Set(situation.snapshot.printSources.map((one) => one.resource_id));
		const documents = situation.snapshot.resources.flatMap((one) =>
			ids.has(one.id) && one.document_id ? [byId(situation.snapshot.documents).get(one.document_id)!] : []
		);
		expect(documents.length).toBeGreaterThan(0);
		for (const { sha256, pages } of documents) {
			const size = { width: 215.9, height: 279.4 };
			await notePages(
				store.write,
				sha256,
				Array.from({ length: pages }, () => size)
			);
			for (let page = 1; page <= pages; page++) {
				// As long as one page was not looked at, nothing changes.
				if (page === pages) expect(await said()).toEqual(before);
				await noteLook(store.write, sha256, page, {
					colored: 0,
					inked: 0.1,
					ink: { left: 0, top: 0, right: 1, bottom: 1 },
					likeness: ''
				});
			}
		}
		expect(await said()).toEqual({ prepare: false, print: false });
	});
	it('jobs done one after another print and finish their copies, and nothing is left over', async () => {
		const { does, now, planned } = await house();
		const plan = await planned();
		await does((trx, at) => acceptPlan(trx, at.situation, plan));
		const first = await now();
		const printed = new Set(
			jobsOf(first.situation, first.run).flatMap((job) => job.prints.map((one) => one.row.id))
		);
		for (;;) {
			const { situation, run } = await now();
			const [next] = jobsOf(situation, run).filter((job) => job.prints.length);
			if (!next) break;
			const minutes = next.minutes;
			await does((trx, at) => finishJob(trx, at.situation, next.id, minutes));
		}
		const { situation, run } = await now();
		expect(jobsOf(situation, run).filter((job) => job.prints.length)).toEqual([]);
		const states = stateByKey(situation.snapshot);
		for (const job of jobsOf(first.situation, first.run))
			for (const print of job.prints) {
				expect(printed.has(print.row.id)).toBe(true);
				for (const { child } of print.copies) {
					const state = copyState(print, states.get(printKey(print, child?.id ?? null)) ?? null);
					expect(state).not.toBe('to print');
					if (print.finish.jobs.length) expect(['finished', 'filed']).toContain(state);
				}
			}
		// One that is set back has to be finished anew.
		const again = jobsOf(first.situation, first.run).find((job) => job.work === 'laminate')!.prints[0];
		await does((trx, at) => moveCopies(trx, at.situation, at.run, [printKey(again, null)], 'to print'));
		const back = await now();
		const kinds = jobsOf(back.situation, back.run)
			.filter((job) => job.prints.some((one) => one.row.id === again.row.id))
			.map((job) => job.work);
		expect(kinds).toContain('laminate');
		expect(kinds.some((one) => one === 'print' || one === 'print color')).toBe(true);
	});
	it('stopped half-way the rest goes to the next sitting; a sitting that is removed lets its jobs go', async () => {
		const { does, now, planned } = await house();
		const plan = await planned();
		await does((trx, at) => acceptPlan(trx, at.situation, plan));
		const { situation } = await now();
		const [first, second] = openSittings(situation);
		const page = sittingPage(situation, first.id);
		expect(page.rows.length).toBeGreaterThan(1);
		const [done, ...others] = page.rows.map((row) => row.key);
		const rest = others.flatMap((key) => key.split('|'));
		await does((trx, at) => finishJob(trx, at.situation, done, 12));
		expect(await does((trx, at) => stopSitting(trx, at.situation, first.id))).toMatch(
			/^Sitting over; \d+ jobs move to /
		);
		const after = await now();
		const moved = jobsOf(after.situation).filter((job) => rest.includes(job.id));
		expect(moved.length).toBe(rest.length);
		for (const job of moved) expect(job.sitting?.id).toBe(second.id);
		expect(openSittings(after.situation).map((one) => one.id)).not.toContain(first.id);
		await does((trx) => removeSittings(trx, [second.id]));
		const gone = await now();
		for (const job of jobsOf(gone.situation).filter((one) => rest.includes(one.id)))
			expect(job.sitting).toBeNull();
	});
	it('left out, a sitting gives its jobs to the later ones that have room and allow them; that is said before, undone in one', async () => {
		const { store, does, now, planned } = await house();
		const plan = await planned();
		await does((trx, at) => acceptPlan(trx, at.situation, plan));
		const before = await allRows(store);
		const { situation } = await now();
		const [first, ...others] = openSittings(situation);
		const jobs = jobsOf(situation).filter((job) => job.sitting?.id === first.id);
		expect(jobs.length).toBeGreaterThan(0);
		const said = leaveOutText(situation, [first.id]);
		expect(await does((trx, at) => leaveOut(trx, at.situation, [first.id]))).toBe(
			`1 sitting left out; ${said}`
		);
		const after = (await now()).situation;
		expect(openSittings(after).map((one) => one.id)).toEqual(others.map((one) => one.id));
		const moved = jobsOf(after).filter((job) => jobs.some((one) => one.id === job.id));
		expect(moved).toHaveLength(jobs.length);
		for (const one of openSittings(after)) {
			const held = jobsOf(after).filter((job) => job.sitting?.id === one.id);
			expect(minutesTogether(held)).toBeLessThanOrEqual(one.minutes);
			for (const job of held) for (const bar of job.brings) expect(parsed(one.bars)).not.toContain(bar);
		}
		const here = moved.filter((job) => job.sitting !== null).length;
		if (here) expect(said).toContain(`${here} job`);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
		// All of them left out, nothing has a sitting, and that is said.
		const all = openSittings(situation).map((one) => one.id);
		expect(leaveOutText(situation, all)).toMatch(/^\d+ jobs have no sitting then/);
	});
	it('a sitting within days off says so; a pause names those that it leaves out', async () => {
		const { does, now } = await house();
		const { situation, run } = await now();
		const [first] = openSittings(situation);
		expect(offOn(situation, first.held_on)).toBe('');
		await does((trx) => rollOn(trx, run.row.id, first.held_on, 'sick week'));
		const after = await now();
		expect(offOn(after.situation, first.held_on)).toBe('sick week');
		expect(prepareView(after.situation, after.run).sittings[0].off).toBe('sick week');
		expect(sittingsWithin(situation, first.held_on, first.held_on)).toEqual([first.id]);
	});
	it('rates are learned from what jobs took; the demo’s laminator is slow', async () => {
		const { does, now } = await house();
		const before = ratesOf((await now()).situation.snapshot);
		expect([before.laminate.from, before.laminate.seconds, before.bag.from]).toEqual([
			'learned',
			60,
			'usual'
		]);
		for (let i = 0; i < 2; i++) {
			const { situation } = await now();
			const job = jobsOf(situation).find((one) => one.work === 'bag')!;
			await does((trx, at) => finishJob(trx, at.situation, job.id, job.count * 2));
		}
		// One took 75 seconds a set before, two take 120 now.
		expect(ratesOf((await now()).situation.snapshot).bag).toEqual({
			seconds: 120,
			from: 'learned',
			learned: 120
		});
	});
	it('Print and Prepare take the same rates: what the house settles changes both', async () => {
		const { does, now } = await house();
		await does((trx) => setPreparing(trx, { rates: { cut: 30, laminate: 120 } }));
		const { situation, run } = await now();
		const prints = printsOf(situation.snapshot, run).filter((one) => one.finish.jobs.length > 0);
		expect(prints.some((one) => one.finish.cuts > 0)).toBe(true);
		for (const { finish } of prints)
			for (const { kind, count, minutes } of finish.jobs)
				expect(minutes, kind).toBe(minutesFor(count, ratesOf(situation.snapshot)[kind].seconds));
		const cutting = jobsOf(situation).find((one) => one.work === 'cut')!;
		expect(cutting.minutes).toBe(minutesFor(cutting.count, 30));
	});
	it('a free evening takes what presses most and fits, each with what comes before it', async () => {
		const { now } = await house();
		const { situation } = await now();
		const jobs = jobsOf(situation).filter((job) => job.isHere);
		expect(jobsOf(situation).length).toBeGreaterThan(jobs.length);
		for (const minutes of [1, 15, 40, 600]) {
			const chosen = freeEvening(situation, minutes)
				.flatMap((row) => row.parts)
				.map((one) => jobs.find((job) => job.id === one.id)!);
			expect(minutesTogether(chosen)).toBeLessThanOrEqual(minutes);
			for (const [at, job] of chosen.entries())
				for (const before of job.after) expect(chosen.slice(0, at).map((one) => one.id)).toContain(before);
		}
		expect(freeEvening(situation, 600).flatMap((row) => row.parts)).toHaveLength(jobs.length);
	});
	it('a book that is not here can’t be previewed, and nothing else happens to it instead', async () => {
		const { store, does, now } = await house();
		const before = await allRows(store);
		const book = jobsOf((await now()).situation).find(
			(job) => job.title.startsWith('Preview') && !job.isHere
		)!;
		await expect(does((trx, at) => finishJob(trx, at.situation, book.id, 20))).rejects.toThrow(
			'isn’t here yet'
		);
		expect(await allRows(store)).toEqual(before);
	});
	it('a plan made for other jobs is refused, one job is moved by hand, sittings stand in the calendar', async () => {
		const { does, now } = await house();
		const { situation } = await now();
		const [sitting] = openSittings(situation);
		await expect(does((trx, at) => acceptPlan(trx, at.situation, { nothing: sitting.id }))).rejects.toThrow(
			'changed meanwhile'
		);
		await expect(does((trx, at) => acceptPlan(trx, at.situation, { 'own-1': 9999 }))).rejects.toThrow(
			'changed'
		);
		expect(await does((trx, at) => moveJob(trx, at.situation, 'own-1', sitting.id))).toMatch(/salt dough/);
		expect(sittingPage((await now()).situation, sitting.id).rows.map((one) => one.key)).toEqual(['own-1']);
		const feed = icalOf((await now()).situation, null, new Date('2027-01-22T00:00:00Z'));
		expect(feed).toContain('DTSTART:20270126T200000\r\n');
		expect(feed).toContain('SUMMARY:Prepare\\, 1 h');
	});
	it('a second tap does nothing; what was too quick teaches nothing; a source is dropped', async () => {
		const { store, does, now } = await house();
		const bag = async () => jobsOf((await now()).situation).find((one) => one.work === 'bag');
		const sources = async () => sourcesOfRate((await now()).situation.snapshot, 'bag');
		const before = await sources();
		const first = (await bag())!;
		// Two seconds for all of it: seconds count, and nobody is that quick.
		expect(await does((trx, at) => finishJob(trx, at.situation, first.id, 2 / 60))).toContain(
			'done in 2 s, too quick to learn from'
		);
		expect(await sources()).toEqual(before);
		const rows = await allRows(store);
		expect(await does((trx, at) => finishJob(trx, at.situation, first.id, 9))).toBe('');
		expect(await allRows(store)).toEqual(rows);
		const second = (await bag())!;
		await does((trx, at) => finishJob(trx, at.situation, second.id, second.count * 1.5));
		const learned = await sources();
		expect(learned).toHaveLength(before.length + 1);
		expect(learned[0].text).toContain('90 s each');
		await does((trx) => dropTook(trx, learned[0].id));
		expect(await sources()).toEqual(before);
	});
	it('is stopped with noisy work left: none of it goes into a quiet evening, and by hand that is named', async () => {
		const { does, now } = await house();
		await does(async (trx, at) => {
			await removeSittings(
				trx,
				at.situation.snapshot.sittings.map((one) => one.id)
			);
			const one = { minutes: 90, starts: '20:00', rule: null };
			await addSittings(trx, { ...one, days: ['2027-01-22'], bars: [] });
			await addSittings(trx, { ...one, days: ['2027-01-23'], bars: ['noise'] });
			await addSittings(trx, { ...one, days: ['2027-01-24'], bars: [] });
		});
		const [loud, quiet, last] = openSittings((await now()).situation);
		const printing = jobsOf((await now()).situation).find((job) => job.brings.includes('noise'))!;
		await does((trx, at) => moveJob(trx, at.situation, printing.id, loud.id));
		await does((trx, at) => stopSitting(trx, at.situation, loud.id));
		const after = jobsOf((await now()).situation).find((job) => job.id === printing.id)!;
		expect(after.sitting?.id).toBe(last.id);
		expect(await does((trx, at) => moveJob(trx, at.situation, printing.id, quiet.id))).toContain(
			'it’s noisy, and that time is quiet'
		);
		const { situation, run } = await now();
		const drawn = prepareView(situation, run).sittings.find((one) => one.id === quiet.id)!;
		expect(drawn.rows[0].broken).toContain('it’s noisy, and that time is quiet');
	});
	it('a run is one job, cards of several lessons are one row; longer ones are split, and no half minute is said', async () => {
		const { does, now } = await house();
		await does((trx, at) => makeRuns(trx, at.situation, at.run, new Map()));
		const { situation, run } = await now();
		const jobs = jobsOf(situation, run);
		const runs = situation.snapshot.printRuns.filter(
			(one) => one.run_id === run.row.id && one.printed_on === null
		);
		// What can’t wait for the first sitting goes by itself.
		for (const { id } of runs) {
			const own = jobs.filter((job) => job.id === `run-${id}` || job.id.startsWith(`run-${id}/`));
			expect(own.length).toBeGreaterThan(0);
			expect(own.length).toBeLessThan(3);
		}
		const rows = rowsOf(situation, jobs);
		const cuts = rows.filter((row) => row.parts.some((part) => / trimmer cut/.test(part.title)));
		expect(cuts).toHaveLength(1);
		expect(cuts[0].parts.length).toBeGreaterThan(1);
		for (const row of rows) expect(row.time).toMatch(/^(a minute|\d+ min|\d+ h( \d+ min)?)$/);
		await does(async (trx, at) => {
			await removeSittings(
				trx,
				at.situation.snapshot.sittings.map((one) => one.id)
			);
			await addSittings(trx, { days: ['2027-01-22'], minutes: 2, starts: '', bars: [], rule: null });
		});
		const later = await now();
		const short = jobsOf(later.situation, later.run).filter((job) => job.work === 'print');
		expect(short.length).toBeGreaterThan(jobs.filter((job) => job.work === 'print').length);
		for (const job of short) if (job.prints.length > 1) expect(job.minutes).toBeLessThanOrEqual(2);
	});
	it('quiet sittings, and an empty house, are said as they are', async () => {
		const { does, now } = await house();
		await does(async (trx, at) => {
			await removeSittings(
				trx,
				at.situation.snapshot.sittings.map((one) => one.id)
			);
			await addSittings(trx, {
				days: ['2027-01-24'],
				minutes: 45,
				starts: '13:00',
				bars: ['noise', 'heat'],
				rule: null
			});
			await addOwnJob(trx, at.run.row.id, { title: 'Melt the wax', minutes: 10, ready_by: null });
		});
		const { situation, run } = await now();
		const plan = prep(planQuestion(situation).input);
		const jobs = new Map(jobsOf(situation).map((job) => [job.id, job]));
		for (const id of plan.sittings.flatMap((one) => one.jobs))
			expect(jobs.get(id)!.brings.some((one) => one === 'noise' || one === 'heat')).toBe(false);
		expect(prepareView(situation, run).sentence).toMatch(/to place into your sittings/);
		const wax = [...jobs.values()].find((job) => job.title === 'Melt the wax')!;
		const sitting = openSittings(situation)[0].id;
		await does((trx, at) => moveJob(trx, at.situation, wax.id, sitting));
		expect(sittingPage((await now()).situation, sitting).cautions.join(' ')).toMatch(/water bath/);
	});

	it('what would be laminated too late can stay bare: the job is gone, its cutting stays', async () => {
		const { store, does, now } = await house();
		const { situation } = await now();
		const job = jobsOf(situation).find((one) => one.work === 'laminate')!;
		const before = await allRows(store);
		const text = await does((trx, at) => leaveBare(trx, at.situation, job.id));
		expect(text).toMatch(/^Left bare: /);
		const after = jobsOf((await now()).situation);
		expect(after.some((one) => one.id === job.id)).toBe(false);
		for (const print of job.prints)
			expect(
				after.some(
					(one) => one.work === 'laminate' && one.prints.some((other) => other.row.id === print.row.id)
				)
			).toBe(false);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
	it('with cards cut before they are laminated, cutting comes first, and takes other cuts', async () => {
		const { store, does, now } = await house();
		const before = await allRows(store);
		const cuts = (jobs: readonly Job[]) =>
			jobs.filter((job) => job.work === 'cut').reduce((sum, job) => sum + job.count, 0);
		const first = jobsOf((await now()).situation);
		await does((trx) => setPrinting(trx, { film: 'cut first' }));
		const after = jobsOf((await now()).situation);
		expect(cuts(after)).not.toBe(cuts(first));
		const both = after.filter(
			(job) =>
				job.work === 'laminate' &&
				after.some((other) => other.work === 'cut' && other.run === job.run && other.lesson === job.lesson)
		);
		expect(both.length).toBeGreaterThan(0);
		for (const job of both) {
			const cut = after.find(
				(other) => other.work === 'cut' && other.run === job.run && other.lesson === job.lesson
			)!;
			expect(job.after).toContain(cut.id);
			expect(cut.after).not.toContain(job.id);
		}
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
	});
	it('a late job’s lesson can begin a lesson day later: then it has its time', async () => {
		const { does, now } = await house();
		// The evening before, what lesson 8 takes is late: it was to be ready on Sunday.
		const { situation } = await now();
		const on = { ...situation, today: '2027-02-01' };
		const late = jobsOf(on).find((job) => jobView(on, job).later !== null)!;
		const { later } = jobView(on, late);
		expect(later).toEqual({ lesson: late.lesson!.number, run: late.run.row.id, day: late.lesson!.dates[0] });
		await does((trx) => rollOn(trx, later!.run, later!.day, 'not ready yet'));
		const after = (await now()).situation;
		const lesson = after.runs
			.find((one) => one.row.id === later!.run)!
			.lessons.find((one) => one.number === later!.lesson)!;
		expect(lesson.dates[0] > later!.day).toBe(true);
	});
	it('a long day is the Saturday before the busiest month, as long as it takes; none where one is planned', async () => {
		const { does, now } = await house();
		const quiet = await now();
		expect(longDayFor(quiet.situation, jobsOf(quiet.situation))).toBeNull();
		await does((trx, { run }) =>
			addOwnJob(trx, run.row.id, { title: 'Sew four flags', minutes: 150, ready_by: '2027-02-10' })
		);
		const { situation } = await now();
		const jobs = jobsOf(situation);
		const long = longDayFor(situation, jobs)!;
		// By hand: today is Jan 22; most has to be ready in February, and Jan 30 is the last Saturday before it.
		expect(long.day).toBe('2027-01-30');
		const february = jobs
			.filter((one) => one.readyBy?.startsWith('2027-02'))
			.reduce((sum, one) => sum + one.minutes, 0);
		expect(long.minutes).toBe(Math.min(300, Math.ceil(february / 30) * 30));
		await does((trx) =>
			addSittings(trx, { days: [long.day], minutes: long.minutes, starts: '09:00', bars: [], rule: null })
		);
		expect(longDayFor((await now()).situation, jobs)).toBeNull();
	});
});
