import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { BLANK, sheetsOf, type PrintSet, type SheetSides } from '$core/print/index.ts';
import { PAPER_SIZES } from '$core/reference/index.ts';
import { GUIDE } from '../../../../../demo/print.ts';
import type { Assembly } from './assemble.ts';
import { coloredPdf, filledForm, LAUNCHING, NO_PAGES, pdfOf, SCRIPTED, type TestPage } from './odd-pdfs.ts';
import { pdfs } from './pdf-process.ts';
import { openPdf, startPdfium, withRoom, type Pdfium } from './pdfium.ts';
import { drawPage, pageSizes, readPage } from './read.ts';
import { trueTypeOf } from './woff.ts';

const require = createRequire(import.meta.url);
const PAPER = { width: PAPER_SIZES.letter.width, height: PAPER_SIZES.letter.height };
let folder: string;
let pdfium: Pdfium;

beforeAll(async () => {
	folder = await mkdtemp(join(tmpdir(), 'gather-bin-pdf-'));
	pdfium = await startPdfium(readFileSync(require.resolve('@embedpdf/pdfium/pdfium.wasm')));
});
afterAll(async () => {
	pdfs.close();
	await rm(folder, { recursive: true, maxRetries: 20, retryDelay: 100 });
});

async function kept(name: string, bytes: Buffer): Promise<string> {
	const path = join(folder, name);
	await writeFile(path, bytes);
	return path;
}

async function printed(
	files: string[],
	sheets: readonly SheetSides[],
	more: Partial<Assembly> = {}
): Promise<string> {
	const to = join(folder, `${Math.abs(sheets.length)}-${files.length}-${more.sides ?? 'both'}-${tick++}.pdf`);
	await pdfs.ask('assemble', {
		assembly: { files, paper: PAPER, sheets, sides: 'both', title: 'Test', ...more },
		to
	});
	return to;
}
let tick = 0;

/** What an independent reader finds wrong with a file; empty where nothing. */
function qpdfSays(path: string): string {
	const { stdout, stderr, status } = spawnSync('qpdf', ['--check', path], { encoding: 'utf8' });
	return status === 0 ? '' : `${stdout}${stderr}`;
}

/** Where each word stands on each page of a file, in millimeters from the upper left corner. */
function wordsIn(path: string): { text: string; x: number; y: number }[][] {
	const pdf = openPdf(pdfium, path);
	const found = Array.from({ length: pdf.pages }, (_, index) => {
		const page = pdfium.FPDF_LoadPage(pdf.handle, index);
		const width = pdfium.FPDF_GetPageWidthF(page);
		const height = pdfium.FPDF_GetPageHeightF(page);
		const text = pdfium.FPDFText_LoadPage(page);
		const count = pdfium.FPDFText_CountChars(text);
		const letters = Array.from({ length: count }, (_, at) =>
			withRoom(pdfium, 32, (room) => {
				pdfium.FPDFText_GetCharBox(text, at, room, room + 8, room + 16, room + 24);
				const [left, right, bottom, top] = new Float64Array(pdfium.pdfium.HEAPU8.buffer, room, 4);
				const [x, y] = [(left + right) / 2, (bottom + top) / 2];
				// As it is seen, when the page itself is turned.
				const [seenX, seenY] = [
					[x, height - y],
					[y, x],
					[width - x, y],
					[width - y, height - x]
				][pdfium.FPDFPage_GetRotation(page)];
				return {
					letter: String.fromCodePoint(pdfium.FPDFText_GetUnicode(text, at)),
					x: seenX * (25.4 / 72),
					y: seenY * (25.4 / 72)
				};
			})
		);
		pdfium.FPDFText_ClosePage(text);
		pdfium.FPDF_ClosePage(page);
		const words: { text: string; x: number; y: number }[] = [];
		let isNew = true;
		for (const { letter, x, y } of letters) {
			if (/\s/.test(letter)) isNew = true;
			else if (isNew) {
				words.push({ text: letter, x, y });
				isNew = false;
			} else words.at(-1)!.text += letter;
		}
		return words;
	});
	pdf.close();
	return found;
}

const sized = (pages: readonly TestPage[]) =>
	pages.map(({ width = 612, height = 792, turn = 0 }, page) => ({
		file: 0,
		page,
		width: ((turn % 180 ? height : width) * 25.4) / 72,
		height: ((turn % 180 ? width : height) * 25.4) / 72
	}));
const words = (count: number): TestPage[] =>
	Array.from({ length: count }, (_, index) => ({ word: `page${index + 1}` }));
const plain = (pages: PrintSet['pages'], more: Partial<PrintSet> = {}): PrintSet => ({
	pages,
	layout: 'pages',
	up: 1,
	sides: 1,
	slip: null,
	...more
});
const sheets = (sets: PrintSet[], flip: 'long-edge' | 'short-edge' = 'long-edge') =>
	sheetsOf({ paper: PAPER, edge: 6, flip, sets });

describe('a print file', () => {
	it('of a gray run has no color, and its pages keep their letters', async () => {
		const source = await kept('colored.pdf', await coloredPdf());
		const paths = await Promise.all(
			[1, 2].map((up) =>
				printed([source], sheets([plain(sized([{ word: '' }, { word: '' }]), { up })]), { isGray: true })
			)
		);
		for (const path of [source, ...paths]) {
			expect(qpdfSays(path)).toBe('');
			const pdf = openPdf(pdfium, path);
			const { look } = drawPage(pdfium, pdf, 0, 280);
			pdf.close();
			expect(look.inked).toBeGreaterThan(0.05);
			expect(look.colored > 0).toBe(path === source);
		}
		expect(wordsIn(paths[0]).map((page) => page[0].text)).toEqual(['red', 'red']);
	});

	it('has what is filled into a form that leaves it to its reader to draw that', async () => {
		const source = await kept('form.pdf', await filledForm('Rosalind'));
		const path = await printed([source], sheets([plain(sized([{ word: '' }]))]));
		const pdf = openPdf(pdfium, path);
		expect(readPage(pdfium, pdf, 0).text).toContain('Rosalind');
		pdf.close();
	});

	it('of pages that are scaled, turned and cropped keeps every word where its preview has it', async () => {
		const pages: TestPage[] = ([0, 90, 180, 270] as const).map((turn) => ({
			word: `turn${turn}`,
			turn,
			width: 842,
			height: 1191
		}));
		const source = await kept('large.pdf', await pdfOf(pages));
		const path = await printed([source], sheets([plain(sized(pages))]));
		expect(qpdfSays(path)).toBe('');
		const before = wordsIn(source);
		for (const [index, [word]] of wordsIn(path).entries()) {
			const [placed] = sheets([plain(sized(pages))])[index].front.placed;
			const { width, height } = sized(pages)[index];
			const [was] = before[index];
			const [x, y] =
				placed.turn === 0
					? [placed.x + was.x * placed.scale, placed.y + was.y * placed.scale]
					: [placed.x + (height - was.y) * placed.scale, placed.y + was.x * placed.scale];
			expect(width).toBeGreaterThan(0);
			expect(Math.abs(word.x - x)).toBeLessThan(0.5);
			expect(Math.abs(word.y - y)).toBeLessThan(0.5);
		}
	});

	it('has every page as often and in the order as it should, read back page by page', async () => {
		const pages = words(7);
		const source = await kept('seven.pdf', await pdfOf(pages));
		const own = sized(pages);
		const path = await printed(
			[source],
			sheets([plain(own.slice(2, 5), { sides: 2 }), plain(own.slice(2, 5), { sides: 2 }), plain([own[6]])])
		);
		expect(qpdfSays(path)).toBe('');
		// Three pages on two sheets, twice; the single page gets an empty back, as the others are printed on both sides.
		expect(wordsIn(path).map((page) => page.map((one) => one.text).join(' '))).toEqual([
			'page3',
			'page4',
			'page5',
			'',
			'page3',
			'page4',
			'page5',
			'',
			'page7',
			''
		]);
		const pdf = openPdf(pdfium, path);
		for (const { width, height } of pageSizes(pdfium, pdf)) {
			expect(width).toBeCloseTo(PAPER.width, 2);
			expect(height).toBeCloseTo(PAPER.height, 2);
		}
		pdf.close();
	});

	it.each(['long-edge', 'short-edge'] as const)(
		'lays backs behind their fronts, measured in the file, turned on the %s',
		async (flip) => {
			const card = { width: 260, height: 350, at: [40, 60] as const };
			const pages: TestPage[] = Array.from({ length: 10 }, (_, index) => ({
				...card,
				// All begin with the same letter, so that the same point of each is measured.
				word: index % 2 ? `side${(index + 1) / 2}back` : `side${index / 2 + 1}front`
			}));
			const source = await kept(`cards-${flip}.pdf`, await pdfOf(pages));
			const path = await printed(
				[source],
				sheets([plain(sized(pages), { layout: 'cards and backs', up: 4, sides: 2 })], flip)
			);
			expect(qpdfSays(path)).toBe('');
			const read = wordsIn(path);
			expect(read.length).toBe(4);
			let compared = 0;
			for (let sheet = 0; sheet < read.length; sheet += 2)
				for (const front of read[sheet]) {
					const back = read[sheet + 1].find((one) => one.text === front.text.replace('front', 'back'))!;
					// The same corner of two cards in cells that lie behind each other: shifted by whole cells only.
					const cellOf = ({ x, y }: { x: number; y: number }) => [
						Math.floor(x / (PAPER.width / 2)),
						Math.floor(y / (PAPER.height / 2))
					];
					const [column, row] = cellOf(front);
					expect(cellOf(back)).toEqual(flip === 'long-edge' ? [1 - column, row] : [column, 1 - row]);
					const inside = (value: number, cell: number) => value - Math.floor(value / cell) * cell;
					// Turned on the short edge a back stands on its head in the file, and upright behind its front.
					const y = inside(back.y, PAPER.height / 2);
					expect(flip === 'long-edge' ? y : PAPER.height / 2 - y).toBeCloseTo(
						inside(front.y, PAPER.height / 2),
						1
					);
					compared += 1;
				}
			expect(compared).toBe(5);
		}
	);

	it('turns and scales pages of any size and turn so that they read upright', async () => {
		const pages: TestPage[] = [
			{ word: 'upright' },
			{ word: 'lying', width: 792, height: 612 },
			{ word: 'turned', turn: 90 },
			{ word: 'head', turn: 180 },
			{ word: 'large', width: 842, height: 1191 },
			{ word: 'strip', width: 612, height: 1512 }
		];
		const source = await kept('mixed.pdf', await pdfOf(pages));
		const own = sized(pages);
		const path = await printed([source], sheets([plain(own)]));
		expect(qpdfSays(path)).toBe('');
		const read = wordsIn(path);
		expect(read.map((page) => page[0].text)).toEqual([
			'upright',
			'lying',
			'turned',
			'head',
			'large',
			'strip'
		]);
		const at = (index: number) => read[index][0];
		// 100 points from left and top, the word's first letter.
		expect(at(0).x).toBeCloseTo(100 * (25.4 / 72), -1);
		// Lying pages are turned a quarter clockwise: what was at the left is at the top.
		expect(at(1).y).toBeLessThan(60);
		expect(at(1).x).toBeGreaterThan(PAPER.width - 60);
		// A page that its file shows on its head is left on its head.
		expect(at(3).x).toBeGreaterThan(PAPER.width - 60);
		expect(at(3).y).toBeGreaterThan(PAPER.height - 60);
	});

	it('has our own words in letters of its own', async () => {
		const set = plain(sized(words(1)), { slip: ['Odile', 'Lesson 4: “fold” — into Odile’s folder'] });
		const source = await kept('one.pdf', await pdfOf(words(1)));
		const path = await printed([source], sheets([set]));
		expect(qpdfSays(path)).toBe('');
		const [slip] = wordsIn(path);
		expect(slip.map((one) => one.text)).toEqual([
			'Odile',
			'Lesson',
			'4:',
			'“fold”',
			'—',
			'into',
			'Odile’s',
			'folder'
		]);
		expect(readFileSync(path, 'latin1')).toContain('FontFile2');
	});

	it('is two files where the pile is turned by hand: fronts, then backs from the last sheet on', async () => {
		const pages = words(6);
		const source = await kept('six.pdf', await pdfOf(pages));
		const plan = sheets([plain(sized(pages), { sides: 2 })]);
		const of = async (more: Partial<Assembly>) =>
			wordsIn(await printed([source], plan, more)).map((page) => page[0]?.text);
		expect(await of({ sides: 'front' })).toEqual(['page1', 'page3', 'page5']);
		expect(await of({ sides: 'back' })).toEqual(['page2', 'page4', 'page6']);
		expect(await of({ sides: 'back' })).toEqual(['page2', 'page4', 'page6']);
	});

	it('leaves out scripts and what would start a program, and keeps what is seen', async () => {
		for (const [name, bytes] of [
			['scripted', SCRIPTED],
			['launching', LAUNCHING]
		] as const) {
			const source = await kept(`${name}.pdf`, bytes);
			const path = await printed([source], sheets([plain(sized([{ word: '' }]))]));
			expect(wordsIn(path)[0].map((one) => one.text)).toEqual(['hello']);
			const { stdout } = spawnSync('qpdf', ['--json', path], { encoding: 'utf8', maxBuffer: 1 << 26 });
			expect(stdout).toContain('"/Contents"');
			expect(stdout).not.toMatch(/\/(?:JavaScript|JS|Launch|AA|OpenAction)\b/);
		}
	});
});

describe('a file that comes in', () => {
	it('tells its pages, sizes and scripts', async () => {
		const path = await kept('scripts.pdf', SCRIPTED);
		expect(await pdfs.ask('open', { path })).toMatchObject({ scripts: true });
		const guide = await pdfs.ask('open', { path: GUIDE.file });
		expect(guide.sizes.length).toBe(GUIDE.pages);
		expect(guide.scripts).toBe(false);
		expect(guide.sizes[0].width).toBeCloseTo(215.9, 2);
	});
	it.each([
		['locked', () => pdfOf(words(1), 'secret'), /locked with a password/],
		['without pages', () => Promise.resolve(NO_PAGES), /no pages|damaged/],
		['cut off', async () => (await pdfOf(words(3))).subarray(0, 300), /damaged/],
		['no PDF', () => Promise.resolve(Buffer.from('%PDF-1.7\nhello')), /damaged/]
	])('%s is refused in words', async (name, bytes, said) => {
		const path = await kept(`bad-${name}.pdf`, await bytes());
		await expect(pdfs.ask('open', { path })).rejects.toThrow(said);
	});
	it('garbage in the middle is read as far as it goes, and ends nothing', async () => {
		const bytes = await pdfOf(words(5));
		for (let at = 400; at < bytes.length - 300; at += 37) bytes[at] ^= 0x5a;
		const path = await kept('garbled.pdf', bytes);
		const said = await pdfs.ask('open', { path }).then(
			() =>
				pdfs.ask('read', { path, from: 0, to: 1 }).then(
					() => 'read',
					(error: Error) => error.message
				),
			(error: Error) => error.message
		);
		expect(said).toMatch(/read|damaged|broken/);
		expect((await pdfs.ask('open', { path: GUIDE.file })).sizes.length).toBe(GUIDE.pages);
	});
	it('its words, frames and pictures are read', async () => {
		const [cards] = await pdfs.ask('read', { path: GUIDE.file, from: 6, to: 7 });
		expect(cards.text).toContain('Vocabulary cards');
		expect(cards.frames.length).toBeGreaterThanOrEqual(4);
		const to = join(folder, 'picture.jpg');
		const look = await pdfs.ask('draw', { path: GUIDE.file, page: 0, width: 200, to });
		expect(look.colored).toBeGreaterThan(0.3);
		expect(readFileSync(to).subarray(0, 3).toString('hex')).toBe('ffd8ff');
	});
	it('frames of a turned page are those that are seen', async () => {
		const pdf = openPdf(pdfium, GUIDE.file);
		expect(readPage(pdfium, pdf, 6).frames.every(({ x, y }) => x > -0.01 && y > -0.01)).toBe(true);
		pdf.close();
	});
});

describe('the process beside the server', () => {
	it('is stopped in the middle, says so, leaves no half file, and goes on with the next', async () => {
		const pages = words(400);
		const source = await kept('long.pdf', await pdfOf(pages));
		const stop = new AbortController();
		const to = join(folder, 'stopped.pdf');
		const plan = sheets(Array.from({ length: 40 }, () => plain(sized(pages), { up: 2 })));
		const work = pdfs.ask(
			'assemble',
			{
				assembly: { files: [source], paper: PAPER, sheets: plan, sides: 'both', title: '' },
				to
			},
			{ signal: stop.signal, progress: () => stop.abort() }
		);
		await expect(work).rejects.toThrow('Stopped.');
		expect(existsSync(to)).toBe(false);
		expect((await pdfs.ask('open', { path: source })).sizes.length).toBe(400);
	});
	it('an empty side is an empty page', async () => {
		const path = await printed([], [{ front: BLANK, back: BLANK }]);
		expect(qpdfSays(path)).toBe('');
		expect(wordsIn(path)).toEqual([[], []]);
	});
});

it('letters of a WOFF come out as they were: its tables, their sums and their order', () => {
	const woff = readFileSync(
		require.resolve('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff')
	);
	const made = trueTypeOf(woff);
	const count = made.readUInt16BE(4);
	expect(count).toBe(woff.readUInt16BE(12));
	expect(made.length).toBe(woff.readUInt32BE(16));
	for (let index = 0; index < count; index++) {
		const at = 12 + index * 16;
		const [sum, offset, length] = [
			made.readUInt32BE(at + 4),
			made.readUInt32BE(at + 8),
			made.readUInt32BE(at + 12)
		];
		// OpenType, "Calculating checksums": the sum of the table's words, that of the head without its own adjustment.
		const table = Buffer.concat([made.subarray(offset, offset + length), Buffer.alloc(3)]);
		if (made.toString('latin1', at, at + 4) === 'head') table.writeUInt32BE(0, 8);
		let own = 0;
		for (let word = 0; word + 4 <= ((length + 3) & ~3); word += 4)
			own = (own + table.readUInt32BE(word)) >>> 0;
		expect(own).toBe(sum);
	}
	expect(() => trueTypeOf(Buffer.from('no letters here'))).toThrow('no WOFF');
});
