import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { exact } from '$core/measure/index.ts';
import {
	CUT_ROLES,
	DESTINATIONS,
	FINISHES,
	printingOf,
	ROLES,
	sheetCount,
	type PrintChoices
} from '$core/print/index.ts';
import { STOCKS } from '$core/reference/index.ts';
import { pdfs } from '../../files/pdf/pdf-process.ts';
import { parsed } from '$core/facts/index.ts';
import { change, undo } from '../../history/changes.ts';
import { setPrinting } from '../../stores/house/household.ts';
import { removeLesson } from '../../stores/plan/lessons.ts';
import { dropPrints, printOf, sortPages, unsortPages, updatePrint } from '../../stores/print/prints.ts';
import { allRows, doer, mapsHouse } from '../../tests/household.ts';
import { actsOf, boardOf, countOf, layoutOf, printKey, printsOf, runPlan } from '$core/account/index.ts';
import { takeStep } from '../readiness/steps.ts';
import { moveCopies } from './copies.ts';
import { hasFile, leaveRuns, makeRuns, printed, proposedRuns, waitingPrints } from './print-runs.ts';
import { addPaperOriginal, changeSource, giveFile, sourcesOf } from './sources.ts';
import { takeSpoiled } from './spoiled.ts';
import { printView } from './view.ts';

afterAll(() => pdfs.close());

async function maps() {
	const house = await mapsHouse();
	return {
		...house,
		print: async (title: string) => {
			const { situation, run } = await house.now();
			return printsOf(situation.snapshot, run).find((one) => one.row.title === title)!;
		}
	};
}
const SIZES = new Map();

describe('the copies of a unit', () => {
	it('stand on the board by lesson, and one act prints all of a lesson', async () => {
		const { store, now } = await maps();
		const { situation, run } = await now();
		const lesson = boardOf(situation, run).lessons[8];
		expect(lesson.streams.copies.behind.map((one) => one.what)).toEqual([
			'Journal: sun and shadow for Odile',
			'Journal: sun and shadow for Perrin',
			'Journal: sun and shadow for Tamsin',
			'Vocabulary cards: bearings'
		]);
		const act = actsOf(situation).find((one) => one.title === 'Print lesson 9’s pages')!;
		expect(act.detail).toContain('Vocabulary cards: bearings and Journal: sun and shadow');
		await change(store.write, doer(), 'Printed', (trx) => takeStep(trx, situation, act.keys));
		const after = await now();
		const finish = actsOf(after.situation).find((one) => one.title === 'Finish lesson 9’s pages')!;
		expect(finish.detail).toContain('laminated and cut apart');
		await change(store.write, doer(), 'Finished', (trx) => takeStep(trx, after.situation, finish.keys));
		const done = await now();
		expect(boardOf(done.situation, done.run).lessons[8].streams.copies.verdict).toBe('done');
	});

	it('what they take is on the supply list, and what is printed is gone from the house', async () => {
		const { now, does } = await maps();
		const material = async (name: string) => {
			const { situation, run } = await now();
			return situation.needs.find((one) => one.run === run && one.line.id < 0 && one.item.name === name);
		};
		const sheetsLeft = async () => {
			const { situation } = await now();
			const item = situation.snapshot.items.find((one) => one.name === 'copy paper')!;
			return situation.snapshot.lots
				.filter((one) => one.item_id === item.id)
				.reduce((sum, one) => sum + exact(one.amount).valueOf(), 0);
		};
		const [before, stock] = [(await material('copy paper'))!.amount.valueOf(), await sheetsLeft()];
		const print = await (await maps()).print('Journal: sun and shadow');
		const keys = print.copies.map(({ child }) => printKey(print, child?.id ?? null));
		await does((trx, at) => moveCopies(trx, at.situation, at.run, keys, 'printed'));
		expect((await material('copy paper'))!.amount.valueOf()).toBe(before - 3);
		expect(await sheetsLeft()).toBe(stock - 3);
		// Said twice, it is used once.
		await does((trx, at) => moveCopies(trx, at.situation, at.run, keys, 'printed'));
		expect(await sheetsLeft()).toBe(stock - 3);
		expect((await material('card stock'))!.standing.missing.valueOf()).toBe(0);
	});

	it('of a dropped lesson, a skipped activity or a lesson that was removed are not printed', async () => {
		const { does, print } = await maps();
		await does(async (trx, at) => {
			const activity = at.run.activities[0].activity;
			const { row } = printsOf(at.situation.snapshot, at.run).find(
				(one) => one.row.title === 'Map of a small town'
			)!;
			await updatePrint(trx, at.run.row.id, row.id, { activity_id: activity.id });
			await trx
				.updateTable('activity')
				.set({ standing: 'do without' })
				.where('id', '=', activity.id)
				.execute();
		});
		expect((await print('Map of a small town')).off).toMatch(/is skipped/);
		await does((trx, at) => removeLesson(trx, at.run.row.id, at.run.lessons[10].lesson.id));
		expect(await print('Journal: sea monsters')).toBeUndefined();
	});
});

describe('print runs', () => {
	it('hold every copy that waits, once, and are taken apart by what is settled anew', async () => {
		const { now, does } = await maps();
		const waiting = await (async () => {
			const { situation, run } = await now();
			return waitingPrints(situation, run);
		})();
		const made = await does((trx, at) => makeRuns(trx, at.situation, at.run, SIZES));
		expect(made).toBe(proposedRuns(waiting).length);
		const after = await now();
		expect(waitingPrints(after.situation, after.run).filter(hasFile)).toEqual([]);
		const open = after.situation.snapshot.printRuns.filter((one) => one.printed_on === null);
		const sets = open.flatMap((one) => parsed(one.sets).map((set) => `${set.print}/${set.child}`)).sort();
		expect(sets).toEqual(
			waiting
				.filter(hasFile)
				.flatMap(({ print }) =>
					print.copies.flatMap(({ child, count }) =>
						Array.from({ length: count }, () => `${print.row.id}/${child?.id ?? null}`)
					)
				)
				.sort()
		);
		for (const row of open)
			expect(runPlan(after.situation.snapshot, after.run, row, SIZES).sheets.length).toBe(row.sheets);
		// Another paper for one print: it leaves its run and waits again.
		const [{ print }] = waiting.filter(hasFile);
		await does(async (trx, at) => {
			await updatePrint(trx, at.run.row.id, print.row.id, { choices: { stock: 'plain32' } });
			await leaveRuns(trx, at.situation, at.run, print.row.id);
		});
		const again = await now();
		expect(
			waitingPrints(again.situation, again.run)
				.filter(hasFile)
				.map((one) => one.id)
		).toEqual([print.row.id]);
		await expect(
			does((trx, at) =>
				makeRuns(trx, at.situation, at.run, SIZES).then(() => makeRuns(trx, at.situation, at.run, SIZES))
			)
		).resolves.toBeDefined();
	});

	it('are printed for one child, for one lesson, or as a whole; spoiled sheets are counted', async () => {
		const { now, does } = await maps();
		await does((trx, at) => makeRuns(trx, at.situation, at.run, SIZES));
		const { situation } = await now();
		const row = situation.snapshot.printRuns.find(
			(one) => one.printed_on === null && parsed(one.sets).some((set) => set.child !== null)
		)!;
		const { child } = parsed(row.sets).find((set) => set.child !== null)!;
		await does((trx, at) => printed(trx, at.situation, at.run, row.id, { child }));
		const left = async () => {
			const at = await now();
			return printView(at.situation, at.run).runs.find((one) => one.id === row.id)!;
		};
		const sets = parsed(row.sets);
		expect((await left()).left).toBe(sets.filter((set) => set.child !== child).length);
		await does((trx, at) => takeSpoiled(trx, at.situation, at.run, row.id, 4, 'plain24'));
		await does((trx, at) => printed(trx, at.situation, at.run, row.id));
		expect(await left()).toMatchObject({ left: 0, printedOn: 'Fri, Jan 22' });
		expect((await now()).situation.snapshot.printRuns.find((one) => one.id === row.id)).toMatchObject({
			spoiled: 4,
			spoiled_stock: 'plain24'
		});
	});

	it('on random plans: every page of a print as often as it has copies, none twice, none lost; undone, all is as before', async () => {
		const { store, now, does } = await maps();
		const before = await allRows(store);
		const choices = fc.record(
			{
				copies: fc.constantFrom<PrintChoices['copies']>('child', 'family', 2, 5),
				sides: fc.constantFrom<1 | 2>(1, 2),
				up: fc.constantFrom(1, 2, 4),
				layout: fc.constantFrom<PrintChoices['layout']>(
					'pages',
					'cards',
					'cards and backs',
					'cards, one back'
				),
				stock: fc.constantFrom(...STOCKS.map(({ code }) => code)),
				color: fc.boolean(),
				finish: fc.constantFrom(...FINISHES),
				to: fc.constantFrom(...DESTINATIONS),
				printed: fc.constant(true)
			},
			{ requiredKeys: [] }
		);
		await fc.assert(
			fc.asyncProperty(
				fc.array(
					fc.record({
						role: fc.constantFrom(...ROLES),
						from: fc.integer({ min: 1, max: 40 }),
						count: fc.integer({ min: 1, max: 9 }),
						choices,
						fromBook: fc.boolean()
					}),
					{ minLength: 1, maxLength: 5 }
				),
				async (plan) => {
					const ids = await does(async (trx, at) => {
						const [source] = at.situation.snapshot.printSources;
						await dropPrints(
							trx,
							at.run.row.id,
							at.situation.snapshot.prints.map((one) => one.id)
						);
						const made: number[] = [];
						for (const one of plan) {
							const id = await sortPages(trx, at.run.row.id, {
								source: source.id,
								lesson: null,
								title: one.role,
								role: one.role,
								pages: Array.from({ length: one.count }, (_, index) => one.from + index),
								again: false,
								fromBook: one.fromBook,
								size: null,
								backs: null
							});
							await updatePrint(trx, at.run.row.id, id, { choices: one.choices });
							made.push(id);
						}
						return made;
					});
					expect(ids.length).toBe(plan.length);
					const waits = await now();
					const waiting = waitingPrints(waits.situation, waits.run);
					if (waiting.length) await does((trx, at) => makeRuns(trx, at.situation, at.run, SIZES));
					const { situation, run } = await now();
					const counts = new Map<string, number>();
					for (const row of situation.snapshot.printRuns.filter((one) => one.printed_on === null)) {
						const made = runPlan(situation.snapshot, run, row, SIZES);
						for (const sheet of made.sheets)
							for (const placed of [...sheet.front.placed, ...(sheet.back?.placed ?? [])]) {
								const key = `${sheet.sets[0].print.row.id}/${placed.page + 1}`;
								counts.set(key, (counts.get(key) ?? 0) + 1);
							}
					}
					for (const print of printsOf(situation.snapshot, run)) {
						const isToPrint =
							print.off === null && print.row.from_book === 0 && print.resource.document_id !== null;
						const copies = isToPrint ? print.copies.reduce((sum, one) => sum + one.count, 0) : 0;
						const isOneBack = print.judged.layout.value === 'cards, one back' && print.pages.length > 1;
						for (const [index, page] of print.pages.entries()) {
							const isBack = isOneBack && index === print.pages.length - 1;
							expect(counts.get(`${print.row.id}/${page}`) ?? 0).toBe(
								copies * (isBack ? print.pages.length - 1 : 1)
							);
						}
						expect(print.sheets).toBe(
							sheetCount({
								pages: print.pages.map((page) => ({ file: 0, page, width: 1, height: 1 })),
								...layoutOf(print, countOf(print))
							})
						);
					}
				}
			),
			{ numRuns: 12 }
		);
		while (await undo(store.write, doer()).catch(() => null));
		expect(await allRows(store)).toEqual(before);
	});
});

describe('what a household settles', () => {
	beforeAll(() => expect(printingOf({}).edge).toBe(6));
	it('what is not said is as usual; a price that is taken away is unknown, not free', async () => {
		const { now, does } = await maps();
		await does((trx) => setPrinting(trx, { home: { greySide: null }, guide: 'bound' }));
		const { situation, run } = await now();
		const view = printView(situation, run);
		expect(view.cost?.home).toBe('a price is missing');
		expect(view.cost?.shop).toMatch(/^\$/);
		// The guide is bound now, so the notes for the teacher are printed.
		const { print } = await maps();
		expect((await print('Notes: sun and shadow')).off).toBe('you read the guide on a screen');
		const bound = printsOf(situation.snapshot, run).find((one) => one.row.title.startsWith('Your pages of'))!;
		expect([bound.off, bound.judged.sides.value, bound.sheets]).toEqual([
			null,
			2,
			Math.ceil(bound.pages.length / 2)
		]);
		expect(bound.rows.map((row) => row.title)).toContain('Notes: sun and shadow');
	});
	it('what is cut out of a book that will be bound leaves a gray copy, made by itself and gone with its reason', async () => {
		const { does, now, print } = await maps();
		const first = await now();
		const [source] = first.situation.snapshot.printSources;
		const kinds = { kind: 'guide', ready_cents: null } as const;
		const board = await print('Board game: to the treasure');
		const waitingBefore = waitingPrints(first.situation, first.run).map((one) => one.id);
		await does((trx, at) =>
			changeSource(trx, at.situation, at.run.row.id, source.id, { ...kinds, isCut: true })
		);
		const { situation, run } = await now();
		const all = printsOf(situation.snapshot, run);
		const cut = all.filter((one) => one.row.from_book === 1);
		expect(cut.length).toBeGreaterThan(4);
		expect(cut.every((one) => CUT_ROLES.includes(one.row.role))).toBe(true);
		for (const original of cut) {
			const keepers = all.filter((one) => one.row.place_of === original.row.id);
			expect(keepers).toHaveLength(1);
			expect(keepers[0].pages).toEqual(original.pages);
			expect(keepers[0].off).toBe(original.off);
			expect([keepers[0].judged.color.value, keepers[0].judged.finish.value]).toEqual([false, 'bare']);
		}
		const waiting = waitingPrints(situation, run).map((one) => one.id);
		expect(waiting).not.toContain(board.row.id);
		expect(waitingBefore).toContain(board.row.id);
		expect(waiting).toContain(all.find((one) => one.row.place_of === board.row.id)!.row.id);
		// A page that leaves its print leaves the gray copy, too; the last one takes it along.
		await does((trx, at) => unsortPages(trx, at.run.row.id, source.id, [48]));
		const halved = await now();
		const left = printsOf(halved.situation.snapshot, halved.run);
		expect(left.find((one) => one.row.place_of === board.row.id)!.pages).toEqual([47]);
		await does((trx, at) => dropPrints(trx, at.run.row.id, [board.row.id]));
		await does((trx, at) =>
			changeSource(trx, at.situation, at.run.row.id, source.id, { ...kinds, isCut: false })
		);
		const after = await now();
		expect(printsOf(after.situation.snapshot, after.run).filter((one) => one.row.place_of !== null)).toEqual(
			[]
		);
	});
	it('a paper original gets its file, and what is sorted stays; a file with too few pages is refused', async () => {
		const { does, now } = await maps();
		const source = await does((trx, at) =>
			addPaperOriginal(trx, at.situation, at.run.row.id, {
				title: 'Green guide',
				pages: 6,
				place: null,
				kind: 'other'
			})
		);
		await does((trx, at) =>
			sortPages(trx, at.run.row.id, {
				source,
				lesson: null,
				title: 'Map of the harbor',
				role: 'map',
				pages: [5],
				again: false,
				fromBook: false,
				size: null,
				backs: null
			})
		);
		const file = { sha256: 'ab'.repeat(32), name: 'green.pdf', bytes: 9, scripts: false };
		await expect(
			does((trx, at) => giveFile(trx, at.situation, at.run.row.id, source, { ...file, pages: 4 }))
		).rejects.toThrow('This file has 4 pages, and page 5 is sorted already.');
		await does((trx, at) => giveFile(trx, at.situation, at.run.row.id, source, { ...file, pages: 8 }));
		const { situation, run } = await now();
		const [given] = sourcesOf(situation.snapshot, run).filter((one) => one.id === source);
		expect([given.file, given.pages, given.sorted]).toEqual([file.sha256, 8, 1]);
	});
	it('pages sorted anew leave the print that they were in', async () => {
		const { does, print } = await maps();
		const before = await print('Board game: to the treasure');
		await does((trx, at) =>
			sortPages(trx, at.run.row.id, {
				source: before.row.source_id,
				lesson: null,
				title: 'Pieces',
				role: 'cut-outs',
				pages: [48],
				again: false,
				fromBook: false,
				size: null,
				backs: null
			})
		);
		expect((await print('Board game: to the treasure')).pages).toEqual([47]);
		await does(async (trx, at) =>
			expect((await printOf(trx, at.run.row.id, before.row.id)).pages).toBe('[47]')
		);
	});
});
