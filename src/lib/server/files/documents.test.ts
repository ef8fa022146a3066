import jpeg from 'jpeg-js';
import { existsSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beginUpload, documentPath, dropUpload, keepUpload, takePart, uploadOf } from './documents.ts';
import { pdfOf } from './pdf/odd-pdfs.ts';
import { pdfs } from './pdf/pdf-process.ts';
import { PNG } from 'pngjs';
import { jpegSize, pictureAsPdf } from './pdf/picture-page.ts';

let folder: string;
const before = process.env.GATHER_BIN_DATA;
beforeAll(async () => {
	folder = await mkdtemp(join(tmpdir(), 'gather-bin-uploads-'));
	process.env.GATHER_BIN_DATA = folder;
});
afterAll(async () => {
	process.env.GATHER_BIN_DATA = before;
	pdfs.close();
	await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
});

const begin = (name: string, bytes: Buffer, most = 300) =>
	beginUpload('phone', { name, size: bytes.length, changed: 1 }, most);
async function whole(name: string, bytes: Buffer) {
	const { id } = await begin(name, bytes);
	await takePart(id, 0, bytes);
	return keepUpload(id);
}

describe('an upload', () => {
	it('goes on where it was, takes no part twice and none before its time, and is kept once under its hash', async () => {
		const bytes = await pdfOf([{ word: 'hello' }]);
		const { id } = await begin('guide.pdf', bytes);
		expect((await takePart(id, 0, bytes.subarray(0, 300))).received).toBe(300);
		expect((await takePart(id, 0, bytes.subarray(0, 300))).received).toBe(300);
		expect((await takePart(id, 700, bytes.subarray(700))).received).toBe(300);
		await expect(keepUpload(id)).rejects.toThrow('hasn’t come in whole');
		// The same file of the same device, as after a reload.
		expect(await begin('guide.pdf', bytes)).toMatchObject({ id, received: 300 });
		expect((await takePart(id, 300, bytes.subarray(300))).received).toBe(bytes.length);
		const kept = await keepUpload(id);
		expect(kept).toMatchObject({ name: 'guide.pdf', bytes: bytes.length });
		expect(existsSync(documentPath(kept.sha256))).toBe(true);
		await expect(uploadOf(id)).rejects.toThrow('That upload is gone');
		expect((await whole('the same.pdf', bytes)).sha256).toBe(kept.sha256);
	});
	it('that is stopped leaves nothing', async () => {
		const { id } = await begin('stopped.pdf', Buffer.alloc(500));
		await takePart(id, 0, Buffer.alloc(200));
		await dropUpload(id);
		await expect(takePart(id, 200, Buffer.alloc(300))).rejects.toThrow('gone');
	});
	it.each(['../../etc/passwd', '', 'f'.repeat(31)])('of no such name (%s) is none', async (id) =>
		expect(uploadOf(id)).rejects.toThrow('gone')
	);
	it('too large or empty is refused before a byte of it is sent', async () => {
		const named = { name: 'huge.pdf', changed: 1 };
		await expect(beginUpload('phone', { ...named, size: 301 * 1024 * 1024 }, 300)).rejects.toThrow(
			'That file has 301 MB; the limit is 300 MB'
		);
		await expect(beginUpload('phone', { ...named, size: 0 }, 300)).rejects.toThrow('empty');
	});
	it.each([
		['photo.pdf', '\x89PNG\r\n\x1a\n', /picture/],
		['list.pdf', 'PK\x03\x04 and more', /ZIP/],
		['old.pdf', '\xd0\xcf\x11\xe0', /text program/],
		['page.pdf', '\n<!DOCTYPE html><p>', /web page/],
		['words.pdf', 'just some words', /not a PDF/]
	])('%s is known by what is in it, and is not kept', async (name, text, said) => {
		await expect(whole(name, Buffer.from(text, 'latin1'))).rejects.toThrow(said);
	});
});

describe('a picture', () => {
	const picture = (width: number, height: number) =>
		Buffer.from(jpeg.encode({ width, height, data: Buffer.alloc(width * height * 4, 90) }, 80).data);
	it.each([
		[300, 400, 215.9],
		[640, 200, 279.4]
	])('of %d × %d becomes a page, upright or lying as it is', async (width, height, across) => {
		const bytes = picture(width, height);
		expect(jpegSize(bytes)).toEqual({ width, height, colors: 3 });
		const kept = await whole(`picture-${width}.jpg`, bytes);
		const { sizes } = await pdfs.ask('open', { path: documentPath(kept.sha256) });
		expect(sizes.length).toBe(1);
		expect(sizes[0].width).toBeCloseTo(across, 1);
	});
	it('as PNG becomes a page, what is clear in it white, without loss', async () => {
		const png = new PNG({ width: 40, height: 20 });
		for (let at = 0; at < png.data.length; at += 4)
			png.data.set(at < 1600 ? [200, 10, 10, 255] : [0, 0, 0, 0], at);
		const kept = await whole('leaf.png', PNG.sync.write(png));
		const { sizes } = await pdfs.ask('open', { path: documentPath(kept.sha256) });
		expect(sizes[0].width).toBeCloseTo(279.4, 1);
		const look = await pdfs.ask('draw', {
			path: documentPath(kept.sha256),
			page: 0,
			width: 280,
			to: `${documentPath(kept.sha256)}.jpg`
		});
		// The upper half of the picture is red, the lower one clear; above and below it is paper.
		expect(look.colored).toBeCloseTo(0.5 * (139.7 / 215.9), 1);
		expect(look.inked).toBeCloseTo(look.colored, 1);
	});
	it('whose points would not fit into memory, or that is broken, is refused in words', async () => {
		const png = PNG.sync.write(new PNG({ width: 4, height: 4 }));
		const huge = Buffer.from(png);
		huge.writeUInt32BE(90_000, 16);
		huge.writeUInt32BE(90_000, 20);
		for (const bytes of [huge, png.subarray(0, 30)]) {
			expect(pictureAsPdf(bytes)).toBeNull();
			await expect(whole('odd.png', bytes)).rejects.toThrow(/picture|PDF/);
		}
	});
	it('that is cut off is no page', async () => {
		expect(pictureAsPdf(picture(50, 50).subarray(0, 40))).toBeNull();
		await expect(whole('cut.jpg', picture(50, 50).subarray(0, 40))).rejects.toThrow(/picture/);
	});
});
