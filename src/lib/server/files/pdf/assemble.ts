import type { Paper, Placed, PrintedText, SheetSides, Side } from '$core/print/index.ts';
import { closeSync, openSync, readSync } from 'node:fs';
import {
	floats,
	openForm,
	openPdf,
	POINTS,
	savePdf,
	withRoom,
	type OpenForm,
	type OpenPdf,
	type Pdfium
} from './pdfium.ts';

/** A print file to be made: its sheets in the order in which they go in, and the PDFs that their pages come from. */
export type Assembly = {
	readonly files: readonly string[];
	readonly paper: Paper;
	readonly sheets: readonly SheetSides[];
	/** Both sides in turn as a printer takes them that prints two sides; or only one of them, for turning by hand. */
	readonly sides: 'both' | 'front' | 'back';
	/** Everything comes out in grays, whatever colors its pages have. */
	readonly isGray?: boolean;
	readonly title: string;
};

/** Letters that are put into the file, so that it prints the same anywhere. */
export type Fonts = { readonly regular: Uint8Array; readonly bold: Uint8Array };

/** Writes the print file. `progress` hears how many sides are done. */
export function assemble(
	pdfium: Pdfium,
	assembly: Assembly,
	fonts: Fonts,
	path: string,
	progress: (done: number) => void
): void {
	write(pdfium, assembly, fonts, path, progress, false);
	// What pages carry beside what is seen (scripts, links to programs) stays out.
	if (carriesActions(path)) write(pdfium, assembly, fonts, path, progress, true);
}

function write(
	pdfium: Pdfium,
	assembly: Assembly,
	fonts: Fonts,
	path: string,
	progress: (done: number) => void,
	isDrawnOnly: boolean
): void {
	const sources = assembly.files.map((file) => openPdf(pdfium, file));
	const made = pdfium.FPDF_CreateNewDocument();
	const work = new Work(pdfium, made, assembly, fonts, sources, isDrawnOnly);
	try {
		let from = 0;
		const sides = sidesInOrder(assembly);
		while (from < sides.length) {
			// Pages that are alone on their side come over in one go, so that what they share stays shared.
			let to = from;
			while (to < sides.length && work.isAlone(sides[to]) && isSameFile(sides[from], sides[to])) to++;
			if (to > from) work.importPages(sides.slice(from, to));
			else work.draw(sides[to++]);
			from = to;
			progress(from);
		}
		withText(pdfium, assembly.title, (at) => pdfium.EPDF_SetMetaText(made, 'Title', at));
		savePdf(pdfium, made, path);
	} finally {
		work.close();
		pdfium.FPDF_CloseDocument(made);
		for (const source of sources) source.close();
	}
}

const isSameFile = (a: Side, b: Side) => a.placed[0]?.file === b.placed[0]?.file;

/** The sides as they go through the printer; one that has none on the back gets a blank one where others have. */
function sidesInOrder({ sheets, sides }: Pick<Assembly, 'sheets' | 'sides'>): Side[] {
	const isDouble = sheets.some((sheet) => sheet.back !== null);
	const blank: Side = { placed: [], cuts: [], text: [] };
	if (sides === 'both')
		return sheets.flatMap(({ front, back }) => (isDouble ? [front, back ?? blank] : [front]));
	return sheets.map(({ front, back }) => (sides === 'front' ? front : (back ?? blank)));
}

/** Pages that are made gray in one document. */
const GRAY_AT_ONCE = 20;

/** How a shape is filled (fpdf_edit.h). */
const FILL_WINDING = 2;

/** Two sizes that are the same but for rounding, in millimeters. */
const SAME = 0.6;

class Work {
	private readonly boxes = new Map<string, PageBox>();
	private readonly drawn = new Map<string, number>();
	private readonly forms = new Map<number, OpenForm | null>();
	private readonly letters: { readonly regular: number; readonly bold: number };
	private count = 0;

	constructor(
		private readonly pdfium: Pdfium,
		private readonly made: number,
		private readonly assembly: Assembly,
		fonts: Fonts,
		private readonly sources: readonly OpenPdf[],
		private readonly isDrawnOnly: boolean
	) {
		const isWritten = assembly.sheets.some(
			({ front, back }) => front.text.length > 0 || (back?.text.length ?? 0) > 0
		);
		this.letters = isWritten
			? { regular: this.font(fonts.regular), bold: this.font(fonts.bold) }
			: { regular: 0, bold: 0 };
	}

	private font(bytes: Uint8Array): number {
		return withRoom(this.pdfium, bytes.length, (at) => {
			this.pdfium.pdfium.HEAPU8.set(bytes, at);
			const TRUE_TYPE = 2;
			const font = this.pdfium.FPDFText_LoadFont(this.made, at, bytes.length, TRUE_TYPE, true);
			if (!font) throw new Error('The letters for slips can’t be read.');
			return font;
		});
	}

	/** Whether a side is one page of a file with nothing of ours on it, and nothing stuck on the page. */
	isAlone({ placed, cuts, text, blocks = [] }: Side): boolean {
		if (this.isDrawnOnly || placed.length !== 1 || cuts.length + text.length + blocks.length > 0)
			return false;
		return this.box(placed[0].file, placed[0].page).notes === 0;
	}

	/** Whether it lies upright on the sheet, as large as the paper. */
	private isWhole({ placed: [one] }: Side): boolean {
		const { width, height } = this.assembly.paper;
		return (
			one.turn === 0 &&
			Math.abs(one.scale - 1) < 0.002 &&
			Math.abs(one.x) < SAME &&
			Math.abs(one.y) < SAME &&
			Math.abs(one.width - width) < SAME &&
			Math.abs(one.height - height) < SAME
		);
	}

	private box(file: number, page: number): PageBox {
		const key = `${file}/${page}`;
		const known = this.boxes.get(key) ?? pageBox(this.pdfium, this.sources[file], page);
		this.boxes.set(key, known);
		return known;
	}

	importPages(sides: readonly Side[]): void {
		const { file } = sides[0].placed[0];
		const pages = sides.map((side) => side.placed[0].page);
		if (!this.assembly.isGray) this.importFrom(this.sources[file].handle, pages, sides);
		else
			for (let from = 0; from < sides.length; from += GRAY_AT_ONCE) {
				const some = pages.slice(from, from + GRAY_AT_ONCE);
				const distinct = [...new Set(some)];
				const gray = this.grayPages(file, distinct);
				const indexes = some.map((page) => distinct.indexOf(page));
				this.importFrom(gray, indexes, sides.slice(from, from + GRAY_AT_ONCE));
				this.pdfium.FPDF_CloseDocument(gray);
			}
	}

	private importFrom(source: number, pages: readonly number[], sides: readonly Side[]): void {
		const { pdfium } = this;
		withRoom(pdfium, pages.length * 4, (at) => {
			new Int32Array(pdfium.pdfium.HEAPU8.buffer, at, pages.length).set(pages);
			if (!pdfium.FPDF_ImportPagesByIndex(this.made, source, at, pages.length, this.count))
				throw new Error('Pages could not be taken over.');
		});
		for (const side of sides) {
			const index = this.count++;
			if (this.isWhole(side)) continue;
			const page = pdfium.FPDF_LoadPage(this.made, index);
			this.movePage(page, side.placed[0]);
			pdfium.FPDF_ClosePage(page);
		}
	}

	/**
	 * A document of some pages in grays. They are few at a time: the engine looks through the whole document whenever
	 * it writes the content of a page.
	 */
	private grayPages(file: number, pages: readonly number[]): number {
		const { pdfium } = this;
		const gray = pdfium.FPDF_CreateNewDocument();
		for (const [index, number] of pages.entries()) {
			const { width, height } = this.box(file, number);
			const page = pdfium.FPDFPage_New(gray, index, width, height);
			const form = pdfium.FPDF_NewXObjectFromPage(gray, this.sources[file].handle, number);
			if (!form) throw new Error(`Page ${number + 1} could not be taken over.`);
			this.fill(page, 255, width, height);
			pdfium.FPDFPage_InsertObject(page, pdfium.FPDF_NewFormObjectFromXObject(form));
			this.fill(page, 128, width, height, 'Color');
			pdfium.FPDFPage_GenerateContent(page);
			pdfium.FPDF_CloseXObject(form);
			pdfium.FPDF_ClosePage(page);
		}
		return gray;
	}

	/**
	 * Covers a page with a gray. With the blend mode Color (ISO 32000-1, 11.3.5.3) it takes hue and saturation out of
	 * what lies below and leaves its lightness, so that letters stay letters and pictures stay as sharp; where nothing
	 * lies below, not even white, it would be seen itself.
	 */
	private fill(page: number, gray: number, width: number, height: number, blend = 'Normal'): void {
		const { pdfium } = this;
		const layer = pdfium.FPDFPageObj_CreateNewRect(0, 0, width, height);
		pdfium.FPDFPath_SetDrawMode(layer, FILL_WINDING, false);
		pdfium.FPDFPageObj_SetFillColor(layer, gray, gray, gray, 255);
		pdfium.FPDFPageObj_SetBlendMode(layer, blend);
		pdfium.FPDFPage_InsertObject(page, layer);
	}

	/**
	 * Moves, turns and scales all that is on an imported page to where it lies on the sheet. Its content stays as it is
	 * and is read once; putting it onto a new page as a form costs the engine more with each page that is there.
	 */
	private movePage(page: number, one: Placed): void {
		const { pdfium } = this;
		const { width, height } = this.assembly.paper;
		const [x, y] = [one.x * POINTS, (height - one.y - one.height) * POINTS];
		const seen = matrixOf(this.box(one.file, one.page), one, x, y);
		const matrix = times(uprightOf(cropOf(pdfium, page), pdfium.FPDFPage_GetRotation(page)), seen);
		const clip = [x, y + one.height * POINTS, x + one.width * POINTS, y];
		withRoom(pdfium, 40, (at) => {
			new Float32Array(pdfium.pdfium.HEAPU8.buffer, at, 10).set([...matrix, ...clip]);
			pdfium.FPDFPage_TransFormWithClip(page, at, at + 24);
		});
		pdfium.FPDFPage_SetRotation(page, 0);
		for (const set of [pdfium.FPDFPage_SetMediaBox, pdfium.FPDFPage_SetCropBox])
			set(page, 0, 0, width * POINTS, height * POINTS);
	}

	draw(side: Side): void {
		const { pdfium } = this;
		const { width, height } = this.assembly.paper;
		const page = pdfium.FPDFPage_New(this.made, this.count++, width * POINTS, height * POINTS);
		const isGray = this.assembly.isGray && side.placed.length > 0;
		if (isGray) this.fill(page, 255, width * POINTS, height * POINTS);
		for (const one of side.placed) {
			const box = this.box(one.file, one.page);
			const thing = pdfium.FPDF_NewFormObjectFromXObject(this.pageAsThing(one.file, one.page));
			const x = one.x * POINTS;
			const y = (height - one.y - one.height) * POINTS;
			this.place(thing, matrixOf(box, one, x, y));
			pdfium.FPDFPage_InsertObject(page, thing);
		}
		for (const { x1, y1, x2, y2 } of side.cuts) {
			const path = pdfium.FPDFPageObj_CreateNewPath(x1 * POINTS, (height - y1) * POINTS);
			pdfium.FPDFPath_LineTo(path, x2 * POINTS, (height - y2) * POINTS);
			pdfium.FPDFPath_SetDrawMode(path, 0, true);
			pdfium.FPDFPageObj_SetStrokeColor(path, 120, 120, 120, 255);
			pdfium.FPDFPageObj_SetStrokeWidth(path, 0.4);
			pdfium.FPDFPage_InsertObject(page, path);
		}
		for (const one of side.blocks ?? []) {
			const block = pdfium.FPDFPageObj_CreateNewRect(
				one.x * POINTS,
				(height - one.y - one.height) * POINTS,
				one.width * POINTS,
				one.height * POINTS
			);
			pdfium.FPDFPath_SetDrawMode(block, FILL_WINDING, false);
			pdfium.FPDFPageObj_SetFillColor(block, 0, 0, 0, 255);
			pdfium.FPDFPage_InsertObject(page, block);
		}
		for (const one of side.text) this.writeText(page, one);
		if (isGray) this.fill(page, 128, width * POINTS, height * POINTS, 'Color');
		pdfium.FPDFPage_GenerateContent(page);
		pdfium.FPDF_ClosePage(page);
	}

	private writeText(page: number, { text, x, y, points, bold, isTurned }: PrintedText): void {
		const { pdfium } = this;
		const font = bold ? this.letters.bold : this.letters.regular;
		const thing = pdfium.FPDFPageObj_CreateTextObj(this.made, font, points);
		withText(pdfium, text, (at) => pdfium.FPDFText_SetText(thing, at));
		const way = isTurned ? -1 : 1;
		this.place(thing, [way, 0, 0, way, x * POINTS, (this.assembly.paper.height - y) * POINTS]);
		pdfium.FPDFPage_InsertObject(page, thing);
	}

	private place(thing: number, matrix: readonly number[]): void {
		withRoom(this.pdfium, 24, (at) => {
			new Float32Array(this.pdfium.pdfium.HEAPU8.buffer, at, 6).set(matrix);
			this.pdfium.FPDFPageObj_SetMatrix(thing, at);
		});
	}

	/** A page as one thing that is put onto sheets any number of times; it is taken over once. */
	private pageAsThing(file: number, page: number): number {
		const key = `${file}/${page}`;
		const known = this.drawn.get(key);
		if (known) return known;
		const source = this.sources[file];
		// What was filled into a form is seen on paper, too.
		if (this.box(file, page).notes > 0) {
			const loaded = this.pdfium.FPDF_LoadPage(source.handle, page);
			const FOR_PRINT = 1;
			const form = this.formOf(file);
			form?.shown(loaded);
			this.pdfium.FPDFPage_Flatten(loaded, FOR_PRINT);
			form?.hidden(loaded);
			this.pdfium.FPDF_ClosePage(loaded);
		}
		const thing = this.pdfium.FPDF_NewXObjectFromPage(this.made, source.handle, page);
		if (!thing) throw new Error(`Page ${page + 1} could not be taken over.`);
		this.drawn.set(key, thing);
		return thing;
	}

	/** The form of a file, opened once; null where it has none. */
	private formOf(file: number): OpenForm | null {
		if (!this.forms.has(file)) this.forms.set(file, openForm(this.pdfium, this.sources[file].handle));
		return this.forms.get(file)!;
	}

	close(): void {
		for (const form of this.forms.values()) form?.close();
		for (const thing of this.drawn.values()) this.pdfium.FPDF_CloseXObject(thing);
		for (const font of new Set(Object.values(this.letters))) if (font) this.pdfium.FPDFFont_Close(font);
	}
}

/** A page as it is seen, in points, and how many notes are stuck on it. */
type PageBox = { readonly width: number; readonly height: number; readonly notes: number };

function pageBox(pdfium: Pdfium, { handle }: OpenPdf, index: number): PageBox {
	const page = pdfium.FPDF_LoadPage(handle, index);
	if (!page) throw new Error(`Page ${index + 1} can’t be read.`);
	const box = {
		width: pdfium.FPDF_GetPageWidthF(page),
		height: pdfium.FPDF_GetPageHeightF(page),
		notes: pdfium.FPDFPage_GetAnnotCount(page)
	};
	pdfium.FPDF_ClosePage(page);
	return box;
}

/**
 * What puts a page onto the sheet, as PDF writes it: a b c d e f (ISO 32000-1, 8.3.4). The engine hands a page over
 * as it is seen, its own turning and cropping done, with its lower left corner at 0, 0.
 */
function matrixOf(
	box: PageBox,
	{ width, height, turn }: Pick<Placed, 'width' | 'height' | 'turn'>,
	x: number,
	y: number
): readonly number[] {
	const lies = turn === 90 || turn === 270;
	const across = (width * POINTS) / (lies ? box.height : box.width);
	const down = (height * POINTS) / (lies ? box.width : box.height);
	switch (turn) {
		case 0:
			return [across, 0, 0, down, x, y];
		case 90:
			return [0, -down, across, 0, x, y + box.width * down];
		case 180:
			return [-across, 0, 0, -down, x + box.width * across, y + box.height * down];
		case 270:
			return [0, down, -across, 0, x + box.height * across, y];
	}
}

/** What of a page is seen, in its own points. */
type CropBox = {
	readonly left: number;
	readonly bottom: number;
	readonly right: number;
	readonly top: number;
};

function cropOf(pdfium: Pdfium, page: number): CropBox {
	const [left, top, right, bottom] = floats(pdfium, 4, (at) => pdfium.FPDF_GetPageBoundingBox(page, at));
	return { left, bottom, right, top };
}

/** What makes of a page's own points those of the page as it is seen, lower left corner at 0, 0, by its quarter turns. */
function uprightOf({ left, bottom, right, top }: CropBox, quarters: number): readonly number[] {
	switch (quarters) {
		case 1:
			return [0, -1, 1, 0, -bottom, right];
		case 2:
			return [-1, 0, 0, -1, right, top];
		case 3:
			return [0, 1, -1, 0, top, -left];
		default:
			return [1, 0, 0, 1, -left, -bottom];
	}
}

/** One matrix after another, each as PDF writes it (ISO 32000-1, 8.3.4). */
function times([a, b, c, d, e, f]: readonly number[], next: readonly number[]): readonly number[] {
	const [A, B, C, D, E, F] = next;
	return [a * A + b * C, a * B + b * D, c * A + d * C, c * B + d * D, e * A + f * C + E, e * B + f * D + F];
}

function withText(pdfium: Pdfium, text: string, work: (at: number) => unknown): void {
	const bytes = (text.length + 1) * 2;
	withRoom(pdfium, bytes, (at) => {
		pdfium.pdfium.stringToUTF16(text, at, bytes);
		work(at);
	});
}

const ACTIONS = ['/JavaScript', '/Launch', '/SubmitForm', '/ImportData', '/GoToR', '/RichMedia'];

/** Whether a written file names an action that does more than show its pages; names stand in it as they are. */
function carriesActions(path: string): boolean {
	const file = openSync(path, 'r');
	const most = Math.max(...ACTIONS.map((one) => one.length));
	const block = Buffer.alloc(1 << 20);
	let kept = 0;
	try {
		for (;;) {
			const got = readSync(file, block, kept, block.length - kept, null);
			if (got === 0) return false;
			const seen = block.subarray(0, kept + got);
			if (ACTIONS.some((one) => seen.includes(one))) return true;
			kept = Math.min(most, seen.length);
			block.copyWithin(0, seen.length - kept, seen.length);
		}
	} finally {
		closeSync(file);
	}
}
