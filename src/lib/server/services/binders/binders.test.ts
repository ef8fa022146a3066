import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { labelPlaces, thickness } from '$core/binders/index.ts';
import { openPdf, startPdfium, withRoom } from '../../files/pdf/pdfium.ts';
import { pdfs } from '../../files/pdf/pdf-process.ts';
import { change, undo } from '../../history/changes.ts';
import { setBinder, setHouseBinders } from '../../stores/binders/binders.ts';
import { allRows, doer, mapsHouse } from '../../tests/household.ts';
import { labelPlan } from './labels.ts';
import { listParts, partsToList } from './parts.ts';
import { spinesOf } from './spines.ts';
import { bindersView, filedOf, labelsIn, resultOf } from './view.ts';

const folder = mkdtempSync(join(tmpdir(), 'gather-bin-labels-'));
afterAll(async () => {
	await pdfs.close();
	rmSync(folder, { recursive: true, force: true });
});

const POINT = 25.4 / 72;

/** Where drawn lines lie on the first page of a file, in millimeters from the upper left corner, by their middle. */
async function linesIn(path: string): Promise<{ x: number; y: number; width: number; height: number }[]> {
	const pdfium = await startPdfium(
		readFileSync(createRequire(import.meta.url).resolve('@embedpdf/pdfium/pdfium.wasm'))
	);
	const pdf = openPdf(pdfium, path);
	const page = pdfium.FPDF_LoadPage(pdf.handle, 0);
	const high = pdfium.FPDF_GetPageHeightF(page);
	const lines = Array.from({ length: pdfium.FPDFPage_CountObjects(page) }, (_, at) => {
		const object = pdfium.FPDFPage_GetObject(page, at);
		return withRoom(pdfium, 16, (room) => {
			pdfium.FPDFPageObj_GetBounds(object, room, room + 4, room + 8, room + 12);
			const [left, bottom, right, top] = new Float32Array(pdfium.pdfium.HEAPU8.buffer, room, 4);
			// A line is as thick as its pen; its middle counts.
			const [width, height] = [right - left, top - bottom];
			const pen = Math.min(width, height);
			return {
				x: (left + pen / 2) * POINT,
				y: (high - top + pen / 2) * POINT,
				width: (width - pen) * POINT,
				height: (height - pen) * POINT
			};
		});
	});
	pdf.close();
	return lines;
}

describe('the binders of a unit', () => {
	it('the demo’s binder won’t close from week 8 on; the next larger one does; several are split at lessons', async () => {
		const { store, now } = await mapsHouse();
		const { situation, run } = await now();
		const view = bindersView(situation, run);
		expect(view.sentence).toMatch(/won’t close from week 8, lesson 12/);
		expect(view.sentence).toMatch(/51 mm rings hold all of it/);
		expect(view.containers[0].splits.join('; ')).toMatch(
			/^binder 1: lessons 1 to \d+; binder 2: lessons \d+ to 13$/
		);
		await change(store.write, doer(), 'Ring', (trx) =>
			setBinder(trx, run.row.id, { way: 'protectors', ring: 51, others: 0 })
		);
		const after = await now();
		expect(bindersView(after.situation, after.run).sentence).toMatch(/closes through lesson 13/);
	});
	it('what is filed is what is printed: each copy of each page once', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		const [binder] = resultOf(situation, run, 'screen').containers;
		const sheets = filedOf(situation, run).flatMap((one) => one.filed);
		const alone = thickness({
			layers: sheets.map((one) => ({
				stock: one.stock,
				sheets: one.sheets,
				finish: one.laminated ? ('laminate3' as const) : ('none' as const)
			})),
			tabs: 13,
			pocketTabs: 0,
			paper: 'letter'
		});
		expect(binder.stack).toEqual(alone);
	});
	it('every way has its parts and its price; a price of the household’s own counts', async () => {
		const { store, now } = await mapsHouse();
		const before = await now();
		const cost = (view: ReturnType<typeof bindersView>) =>
			view.ways.find((one) => one.way === 'protectors')!.cost;
		const usual = cost(bindersView(before.situation, before.run));
		const parts = resultOf(before.situation, before.run, 'protectors').parts;
		const protectors = parts.find((one) => one.item === 'page protector')!.count;
		await change(store.write, doer(), 'Prices', (trx) =>
			setHouseBinders(trx, { prices: { 'page protector': 30 } })
		);
		const after = await now();
		const cents = (text: string) => Math.round(Number(text.replace('$', '')) * 100);
		expect(cents(cost(bindersView(after.situation, after.run))) - cents(usual)).toBe(20 * protectors);
	});
});

describe('what has to be bought for a binder', () => {
	it('goes onto the supply list of the next lesson once, without the binder that the house has', async () => {
		const { store, now, does } = await mapsHouse();
		const before = await allRows(store);
		const at = await now();
		const parts = partsToList(at.situation, at.run);
		expect(parts.map((one) => one.item)).toEqual(['38 mm ring binder', 'page protector', 'pocket divider']);
		// The house has one of the two binders that it takes with rings of that size.
		expect(parts[0].count).toBe(1);
		expect(parts[2].count).toBe(at.run.lessons.filter((one) => !one.dropped).length);
		await does((trx, { situation, run }) => listParts(trx, situation, run));
		const after = await now();
		expect(partsToList(after.situation, after.run)).toEqual([]);
		const next = after.run.lessons.find((one) => !one.over)!;
		const divider = after.situation.snapshot.items.find((one) => one.name === 'pocket divider')!;
		expect(after.situation.snapshot.lines.find((one) => one.item_id === divider.id)).toMatchObject({
			lesson_id: next.lesson.id,
			quantity: String(parts[2].count)
		});
		await expect(does((trx, { situation, run }) => listParts(trx, situation, run))).rejects.toThrow(
			'on the supply list already'
		);
		await undo(store.write, doer());
		expect(await allRows(store)).toEqual(before);
		await does((trx, { run }) => setBinder(trx, run.row.id, { way: 'protectors', ring: null, others: 0 }));
		const free = await now();
		expect(partsToList(free.situation, free.run)[0]).toEqual({ item: '51 mm ring binder', count: 1 });
	});
	it('a closed binder is as wide as its rings hold and its boards, its label a little narrower', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		const [spine] = spinesOf(situation, run);
		// Rings of 38 mm hold 33 mm; two boards of 5 mm.
		expect(spine).toMatchObject({ wide: 43, label: { wide: 39, high: 240 } });
		expect(spine.label.lines.join(' ')).toBe('Maps and Wayfinding');
		const { sheets } = labelPlan(situation, run, 'spine', 'paper');
		const width = Math.max(...sheets[0].front.cuts.map((one) => Math.abs(one.x2 - one.x1)));
		expect(width % spine.label.wide).toBeCloseTo(0, 6);
	});
});

describe('label files', () => {
	it('lie within 0.2 mm of where they should, measured in the file', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		const { paper, sheets } = labelPlan(situation, run, 'test', 'labels');
		const to = join(folder, 'test.pdf');
		await pdfs.ask('assemble', {
			assembly: { title: 'Test', paper, files: [], sheets, sides: 'both' },
			to
		});
		const labels = labelsIn(situation);
		const wanted = labelPlaces(labels);
		const lines = await linesIn(to);
		const isAt = (value: number, wanted: number) => Math.abs(value - wanted) < 0.2;
		for (const { x, y } of wanted) {
			// Its upper and its left edge, as long as the label is.
			expect(
				lines.some((one) => isAt(one.x, x) && isAt(one.y, y) && isAt(one.width, labels.width)),
				`${x}, ${y}`
			).toBe(true);
			expect(lines.some((one) => isAt(one.x, x) && isAt(one.y, y) && isAt(one.height, labels.height))).toBe(
				true
			);
		}
		const [page] = await pdfs.ask('read', { path: to, from: 0, to: 1 });
		expect(page.text.match(/\d+/g)).toHaveLength(wanted.length);
	});
	it('every lesson has its tab, its slip and its place in the contents', async () => {
		const { now } = await mapsHouse();
		const { situation, run } = await now();
		for (const kind of ['tabs', 'pockets', 'contents'] as const)
			for (const on of ['labels', 'paper'] as const) {
				const { sheets } = labelPlan(situation, run, kind, on);
				const text = sheets
					.flatMap((one) => one.front.text)
					.map((one) => one.text)
					.join(' ');
				for (const { lesson, number } of run.lessons) {
					expect(text).toContain(String(number));
					expect(text).toContain(lesson.title);
				}
			}
	});
});
