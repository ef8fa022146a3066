import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jpeg from 'jpeg-js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import { pdfs } from '../../files/pdf/pdf-process.ts';
import { mapsHouse } from '../../tests/household.ts';
import { boxPage } from './box-page.ts';
import { boxLabel } from './label.ts';
import { moveThing } from './moving.ts';
import { qrModules } from './qr.ts';

const folder = mkdtempSync(join(tmpdir(), 'gather-bin-box-label-'));
beforeAll(() =>
	prepareZXingModule({
		overrides: {
			wasmBinary: readFileSync(createRequire(import.meta.url).resolve('zxing-wasm/reader/zxing_reader.wasm'))
				.buffer as ArrayBuffer
		},
		fireImmediately: true
	})
);
afterAll(async () => {
	await pdfs.close();
	rmSync(folder, { recursive: true, force: true });
});

describe('the contents label of a box', () => {
	it('its code, read from the printed page by another library, opens the box’s page; all that is in it stands there', async () => {
		const { now, does } = await mapsHouse();
		const box = (await now()).run.row.collecting_place_id!;
		const { situation: first } = await now();
		const titles = first.snapshot.resources.filter((one) => one.owned === 1).slice(0, 40);
		await does(async (trx, { situation }) => {
			for (const one of titles) await moveThing(trx, situation, `title-${one.id}`, box);
		});
		const { situation } = await now();
		const page = boxPage(situation, box)!;
		const address = `http://192.168.1.20:3210/boxes/${box}`;
		const { paper, sheets } = boxLabel(situation, page, address);
		expect(sheets).toHaveLength(1);
		const texts = sheets[0].front.text.map((one) => one.text);
		expect(texts[0]).toBe('box for Maps');
		expect(texts.at(-1)).toMatch(/^and \d+ more: scan the code$/);
		// Lines stay on the label, each in its column.
		const right = Math.max(...sheets[0].front.cuts.map((one) => one.x2));
		const low = Math.max(...sheets[0].front.cuts.map((one) => one.y2));
		for (const one of sheets[0].front.text) {
			expect(one.x + one.text.length * one.points * 0.5 * (25.4 / 72), one.text).toBeLessThanOrEqual(right);
			expect(one.y).toBeLessThan(low);
		}
		const path = join(folder, 'label.pdf');
		await pdfs.ask('assemble', {
			assembly: { title: 'Label', paper, files: [], sheets, sides: 'both' },
			to: path
		});
		const to = join(folder, 'label.jpg');
		await pdfs.ask('draw', { path, page: 0, width: 1200, to }, { later: false });
		const picture = jpeg.decode(readFileSync(to), { useTArray: true, formatAsRGBA: true });
		const codes = await readBarcodes(
			{
				...picture,
				data: new Uint8ClampedArray(picture.data),
				colorSpace: 'srgb'
			} as unknown as ImageData,
			{ formats: ['QRCode'] }
		);
		expect(codes.map((one) => one.text)).toEqual([address]);
	});
	it('a code is as large as it was asked for, and its blocks never lie on one another', () => {
		const blocks = qrModules('http://localhost:3210/boxes/1', { x: 10, y: 20, size: 40 });
		expect(Math.min(...blocks.map((one) => one.x))).toBeCloseTo(10, 6);
		expect(Math.max(...blocks.map((one) => one.x + one.width))).toBeCloseTo(50, 6);
		expect(Math.max(...blocks.map((one) => one.y + one.height))).toBeCloseTo(60, 6);
		for (const [at, a] of blocks.entries())
			for (const b of blocks.slice(at + 1))
				expect(a.y === b.y && a.x < b.x + b.width - 1e-9 && b.x < a.x + a.width - 1e-9).toBe(false);
	});
});
