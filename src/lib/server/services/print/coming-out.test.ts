import { afterAll, describe, expect, it } from 'vitest';
import { pdfs } from '../../files/pdf/pdf-process.ts';
import { actsOf, isFlagged, printKey, printsOf, runPlan, sheetsLeft } from '$core/account/index.ts';
import { parsed } from '$core/facts/index.ts';
import { updatePerson } from '../../stores/house/people.ts';
import { setPrinting } from '../../stores/house/household.ts';
import { updatePrint } from '../../stores/print/prints.ts';
import { mapsHouse } from '../../tests/household.ts';
import { moveCopies } from './copies.ts';
import { fitInside } from './fit-inside.ts';
import { settledPrint } from './flagged.ts';
import { makeRuns, partOf, printed, sheetsOfPass, someCameOut } from './print-runs.ts';
import { practised } from './practice.ts';
import { printingIn } from './printing-in.ts';
import { setWhoGets, whoGetsView } from './who-gets.ts';
import { printView } from './view.ts';

afterAll(() => pdfs.close());
const SIZES = new Map();

/** The demo’s unit with its runs made. */
async function withRuns() {
	const house = await mapsHouse();
	await house.does((trx, at) => makeRuns(trx, at.situation, at.run, SIZES));
	const state = async () => {
		const { situation, run } = await house.now();
		const rows = situation.snapshot.printRuns.filter(
			(one) => one.run_id === run.row.id && one.printed_on === null
		);
		return { situation, run, snapshot: situation.snapshot, rows };
	};
	return { ...house, state };
}

describe('what came out of the printer', () => {
	it('is kept by sheet; the rest goes on, and the last one finishes the run', async () => {
		const { does, state } = await withRuns();
		const before = await state();
		const row = before.rows.find((one) => sheetsLeft(before.snapshot, before.run, one).length > 3)!;
		const all = sheetsLeft(before.snapshot, before.run, row).length;
		await does((trx, at) => someCameOut(trx, at.situation, at.run, row.id, { pass: 'both', from: 1, to: 2 }));
		const half = await state();
		const kept = half.rows.find((one) => one.id === row.id)!;
		expect(sheetsLeft(half.snapshot, half.run, kept).map((one) => one.number)).toEqual(
			Array.from({ length: all - 2 }, (_, index) => index + 3)
		);
		// Every page says the same number.
		const shown = printView(half.situation, half.run).runs.find((one) => one.id === row.id)!;
		expect(shown.sheets).toBe(all - 2);
		const act = actsOf(half.situation).find((one) => one.id === `run|${row.id}`);
		if (act) expect(act.title).toContain(`${all - 2} sheet`);
		await does((trx, at) =>
			someCameOut(trx, at.situation, at.run, row.id, { pass: 'both', from: 1, to: all - 2 })
		);
		expect((await state()).snapshot.printRuns.find((one) => one.id === row.id)!.printed_on).not.toBeNull();
	});

	it('one child’s copies leave the file and the count with her slip', async () => {
		const { does, state } = await withRuns();
		const before = await state();
		const row = before.rows.find((one) => one.piles === 'child' && one.slips === 1)!;
		const plan = runPlan(before.snapshot, before.run, row, SIZES);
		const { child } = plan.sets.find((one) => one.child !== null)!;
		const own = plan.sheets.filter((sheet) => sheet.sets.every((set) => set.child === child));
		await does((trx, at) => printed(trx, at.situation, at.run, row.id, { child: child!.id }));
		const after = await state();
		const left = sheetsLeft(
			after.snapshot,
			after.run,
			after.rows.find((one) => one.id === row.id)!
		);
		expect(left.length).toBe(plan.sheets.length - own.length);
		expect(left.flatMap((sheet) => sheet.sets).every((set) => set.child !== child)).toBe(true);
	});

	it('sheets that are not there are refused in words', async () => {
		const { state } = await withRuns();
		const { snapshot, run, rows } = await state();
		const plan = runPlan(snapshot, run, rows[0], SIZES);
		const inOrder = sheetsOfPass(plan, printingIn(snapshot), 'both');
		expect(() => partOf(inOrder, 1, inOrder.length + 1)).toThrow(
			`There are ${inOrder.length} sheets to print: count from 1 to ${inOrder.length}.`
		);
		expect(() => partOf(inOrder, 3, 2)).toThrow('Enter the sheets in their order: from 2 to 3.');
	});

	it('the paper on the supply list is what the runs and what waits take, slips and all', async () => {
		const { state } = await withRuns();
		const { situation, run, snapshot, rows } = await state();
		const onList = situation.needs.find(
			(one) => one.run === run && one.line.id < 0 && one.item.name === 'copy paper'
		)!;
		const inRuns = rows
			.filter((row) => row.stock === 'plain20')
			.reduce((sum, row) => sum + sheetsLeft(snapshot, run, row).length, 0);
		expect(onList.amount.valueOf()).toBe(inRuns);
	});

	it.each([
		['face down', 'long-edge', true],
		['face up', 'short-edge', false]
	] as const)(
		'the practice printer %s, %s, reversed %s: right once it is set so, also after a jam',
		async (delivers, flip, reversed) => {
			const { does, state } = await withRuns();
			await does((trx) => setPrinting(trx, { duplex: 'by hand', delivers, flip, reversed }));
			const { snapshot, run, rows } = await state();
			for (const row of rows) {
				const plan = runPlan(snapshot, run, row, SIZES);
				for (const jam of [null, 1, plan.sheets.length]) {
					const { sheets } = practised(plan, printingIn(snapshot), {
						ways: { delivers, flip, reversed },
						jam,
						goesOn: true
					});
					expect(sheets).toHaveLength(plan.sheets.length);
					expect(sheets.filter((one) => one.wrong)).toEqual([]);
				}
			}
			const [row] = rows.filter((one) => one.sides === 2);
			if (row) {
				const other = practised(runPlan(snapshot, run, row, SIZES), printingIn(snapshot), {
					ways: { delivers, flip, reversed: !reversed },
					jam: null,
					goesOn: false
				});
				expect(other.sheets.some((one) => one.wrong)).toBe(true);
			}
		}
	);
});

describe('who gets a page', () => {
	it('a two-year-old gets none to fill in unless the household says so, by role or for the child', async () => {
		const { does, now } = await mapsHouse();
		const names = async (role: string) => {
			const { situation, run } = await now();
			return [
				...new Set(
					printsOf(situation.snapshot, run)
						.filter((one) => one.row.role === role && one.row.participants === null)
						.flatMap((one) => one.children.map((child) => child.name))
				)
			].sort();
		};
		expect(await names('journal')).toContain('Tamsin');
		expect(await names('mini-book')).not.toContain('Tamsin');
		// As usual again: nothing is kept, and she gets no journal.
		await does((trx, at) =>
			setWhoGets(trx, at.situation, at.run, (role, child) =>
				whoGetsView(at.situation, at.run)
					.find((one) => one.role === role)!
					.children.some((one) => one.id === child && one.why === '')
			)
		);
		expect((await now()).situation.snapshot.roleChildren).toEqual([]);
		expect(await names('journal')).not.toContain('Tamsin');
		await does(async (trx, { situation }) => {
			const tamsin = situation.snapshot.people.find((one) => one.name === 'Tamsin')!;
			await updatePerson(trx, tamsin.id, {
				...tamsin,
				allergies: parsed(tamsin.allergies),
				weekdays: [],
				reachMm: null,
				bornWithin: tamsin.born_within,
				writes: true,
				reads: []
			});
		});
		expect(await names('journal')).toContain('Tamsin');
	});
});

describe('a printable that a lesson takes', () => {
	it('is a print like any other; settled, it goes on under its own row with its copies', async () => {
		const { does, now } = await mapsHouse();
		const net = async () => {
			const { situation, run } = await now();
			return printsOf(situation.snapshot, run).find((one) => one.row.title === 'Globe net to cut out')!;
		};
		const before = await net();
		expect([isFlagged(before.row), before.row.role, before.off]).toEqual([true, 'cut-outs', null]);
		const { situation, run } = await now();
		const view = printView(situation, run);
		expect(view.groups.flatMap((group) => group.prints.map((one) => one.title))).toContain(
			'Globe net to cut out'
		);
		const [copy] = before.copies;
		const key = printKey(before, copy.child?.id ?? null);
		await does((trx, at) => moveCopies(trx, at.situation, at.run, [key], 'printed'));
		await does(async (trx, at) => {
			const id = await settledPrint(trx, at.situation, at.run, before.row.id);
			await updatePrint(trx, at.run.row.id, id, { choices: { sides: 1 } });
		});
		const after = await net();
		expect([isFlagged(after.row), after.judged.sides.isOwn]).toEqual([false, true]);
		const { situation: last } = await now();
		const states = last.snapshot.needStates.filter(
			(one) => one.key === printKey(after, copy.child?.id ?? null)
		);
		expect(states.map((one) => one.found)).toEqual(['1']);
	});
});

describe('ink at the edge', () => {
	it('of a run is said, and gone once its pages are made to fit inside', async () => {
		const { does, state } = await withRuns();
		const { snapshot, run, rows } = await state();
		const [row] = rows;
		const plan = runPlan(snapshot, run, row, SIZES);
		const sha256 = plan.files[0];
		const page = {
			width: plan.paper.width,
			height: plan.paper.height,
			colored: 0,
			ink: { left: 0, top: 0, right: 0, bottom: 0 }
		};
		const sizes = new Map([[sha256, Array.from({ length: 80 }, () => page)]]);
		const count = await does((trx, at) => fitInside(trx, at.situation, at.run, row.id, sizes, null));
		expect(count).toBeGreaterThan(0);
		await expect(
			does((trx, at) => fitInside(trx, at.situation, at.run, row.id, sizes, null))
		).rejects.toThrow('No ink is cut off now.');
	});
});
