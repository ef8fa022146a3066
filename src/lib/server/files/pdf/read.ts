import jpeg from 'jpeg-js';
import type { Frame, Ink, PageLook, PageWords } from '$core/print/index.ts';
import { floats, openForm, POINTS, withRoom, type OpenPdf, type Pdfium } from './pdfium.ts';

/** What is known of a page without looking at what is on it, in millimeters as it is seen. */
export type PageSize = { readonly width: number; readonly height: number };

/** The sizes of all pages, turned as they are seen. */
export function pageSizes(pdfium: Pdfium, { handle, pages }: OpenPdf): PageSize[] {
	return Array.from({ length: pages }, (_, page) => {
		const [width, height] = floats(pdfium, 2, (at) => pdfium.FPDF_GetPageSizeByIndexF(handle, page, at));
		return { width: width / POINTS, height: height / POINTS };
	});
}

/** Whether something in a file would run when it is opened elsewhere. */
export function hasScripts(pdfium: Pdfium, { handle }: OpenPdf): boolean {
	return pdfium.FPDFDoc_GetJavaScriptActionCount(handle) > 0;
}

/** Letters of a page that are kept; no printed page has more. */
const MOST_LETTERS = 12_000;
/** Things on a page that are looked at for frames; drawings of many strokes have none. */
const MOST_THINGS = 4000;

/** The words of a page and the shapes on it that could be cards. A page that cannot be read has none. */
export function readPage(pdfium: Pdfium, { handle }: OpenPdf, index: number): PageWords {
	const page = pdfium.FPDF_LoadPage(handle, index);
	if (!page) return { text: '', frames: [], heading: '' };
	try {
		return { text: textOf(pdfium, page), frames: framesOf(pdfium, page), heading: headingOf(pdfium, page) };
	} finally {
		pdfium.FPDF_ClosePage(page);
	}
}

function textOf(pdfium: Pdfium, page: number): string {
	const text = pdfium.FPDFText_LoadPage(page);
	if (!text) return '';
	const count = Math.min(MOST_LETTERS, pdfium.FPDFText_CountChars(text));
	const read =
		count <= 0
			? ''
			: withRoom(pdfium, (count + 1) * 2, (at) => {
					pdfium.FPDFText_GetText(text, 0, count, at);
					return pdfium.pdfium.UTF16ToString(at);
				});
	pdfium.FPDFText_ClosePage(text);
	return read.replace(/\r\n?/g, '\n').replaceAll('\0', '').trim();
}

/** Letters of a page among which its largest words are looked for. */
const MOST_HEADING = 4000;
/** Letters lower than this share of the largest belong to smaller words. */
const AS_LARGE = 0.93;

/**
 * The largest words of a page that are seen, in one line; what was cropped away does not count, and figures alone are
 * the page's number. Empty where all letters are as large.
 */
function headingOf(pdfium: Pdfium, page: number): string {
	const text = pdfium.FPDFText_LoadPage(page);
	if (!text) return '';
	const [left, top, right, bottom] = floats(pdfium, 4, (at) => pdfium.FPDF_GetPageBoundingBox(page, at));
	const count = Math.min(MOST_HEADING, Math.max(0, pdfium.FPDFText_CountChars(text)));
	const words: { text: string; height: number }[] = [];
	let isNew = true;
	for (let index = 0; index < count; index++) {
		const letter = String.fromCodePoint(pdfium.FPDFText_GetUnicode(text, index) || 32);
		if (/\s|\0/.test(letter)) {
			isNew = true;
			continue;
		}
		const [x1, y2, x2, y1] = floats(pdfium, 4, (at) => pdfium.FPDFText_GetLooseCharBox(text, index, at));
		if (x2 < left || x1 > right || y2 < bottom || y1 > top) continue;
		const height = Math.abs(y2 - y1);
		const last = words.at(-1);
		if (!isNew && last)
			words[words.length - 1] = { text: last.text + letter, height: Math.max(last.height, height) };
		else words.push({ text: letter, height });
		isNew = false;
	}
	pdfium.FPDFText_ClosePage(text);
	const named = words.filter((word) => /\p{L}/u.test(word.text));
	const largest = Math.max(0, ...named.map((word) => word.height));
	const isLarge = (word: { height: number }) => word.height >= largest * AS_LARGE;
	if (named.every(isLarge)) return '';
	const from = words.findIndex((word) => isLarge(word) && /\p{L}/u.test(word.text));
	const until = words.findIndex((word, index) => index > from && !isLarge(word));
	return words
		.slice(from, until < 0 ? words.length : until)
		.map((word) => word.text)
		.join(' ')
		.slice(0, 120);
}

/** Kinds of things on a page (fpdf_edit.h): drawn shapes and pictures. */
const SHAPE = 2;
const PICTURE = 3;

function framesOf(pdfium: Pdfium, page: number): Frame[] {
	const count = Math.min(MOST_THINGS, pdfium.FPDFPage_CountObjects(page));
	const seen = seenBox(pdfium, page);
	const frames: Frame[] = [];
	for (let index = 0; index < count; index++) {
		const thing = pdfium.FPDFPage_GetObject(page, index);
		const kind = pdfium.FPDFPageObj_GetType(thing);
		if (kind !== SHAPE && kind !== PICTURE) continue;
		const [left, bottom, right, top] = floats(pdfium, 4, (...at) =>
			pdfium.FPDFPageObj_GetBounds(thing, at[0], at[1], at[2], at[3])
		);
		const frame = seen(left, bottom, right, top);
		if (frame.width > 0.1 && frame.height > 0.08) frames.push(frame);
	}
	return frames;
}

/** Makes of a box in the page's own points what is seen of it, as shares of the page as it is seen. */
function seenBox(pdfium: Pdfium, page: number) {
	// As the engine keeps it: left, top, right, bottom.
	const [left, top, right, bottom] = floats(pdfium, 4, (at) => pdfium.FPDF_GetPageBoundingBox(page, at));
	const quarters = pdfium.FPDFPage_GetRotation(page);
	return (x1: number, y1: number, x2: number, y2: number): Frame => {
		const [fromLeft, toLeft] = [(x1 - left) / (right - left), (x2 - left) / (right - left)];
		const [fromTop, toTop] = [(top - y2) / (top - bottom), (top - y1) / (top - bottom)];
		const [width, height] = [toLeft - fromLeft, toTop - fromTop];
		switch (quarters) {
			case 1:
				return { x: 1 - toTop, y: fromLeft, width: height, height: width };
			case 2:
				return { x: 1 - toLeft, y: 1 - toTop, width, height };
			case 3:
				return { x: fromTop, y: 1 - toLeft, width: height, height: width };
			default:
				return { x: fromLeft, y: fromTop, width, height };
		}
	};
}

/** How the engine draws: what fills in forms too, red first, as for a printer (fpdfview.h). */
const DRAW = 0x01 | 0x10 | 0x800;
const RGBA = 4;
const QUALITY = 78;

/** A picture of a page as JPEG, so many pixels wide, and how much of it is in color. */
export function drawPage(
	pdfium: Pdfium,
	{ handle }: OpenPdf,
	index: number,
	width: number
): { readonly jpeg: Uint8Array; readonly look: PageLook } {
	const form = openForm(pdfium, handle);
	const page = pdfium.FPDF_LoadPage(handle, index);
	if (page) form?.shown(page);
	const shape = page ? pdfium.FPDF_GetPageHeightF(page) / pdfium.FPDF_GetPageWidthF(page) : 1.3;
	// A tall poster is drawn smaller, so that its picture stays a picture.
	const across = Math.max(1, Math.round(width * Math.min(1, 3 / shape)));
	const down = Math.max(1, Math.round(across * shape));
	try {
		return withRoom(pdfium, across * down * 4, (at) => {
			const bitmap = pdfium.FPDFBitmap_CreateEx(across, down, RGBA, at, across * 4);
			pdfium.FPDFBitmap_FillRect(bitmap, 0, 0, across, down, 0xffffffff);
			if (page) pdfium.FPDF_RenderPageBitmap(bitmap, page, 0, 0, across, down, 0, DRAW);
			pdfium.FPDFBitmap_Destroy(bitmap);
			const data = pdfium.pdfium.HEAPU8.subarray(at, at + across * down * 4);
			const drawn = jpeg.encode({ width: across, height: down, data }, QUALITY);
			return { jpeg: drawn.data, look: lookOf(data, across, down) };
		});
	} finally {
		if (page) {
			form?.hidden(page);
			pdfium.FPDF_ClosePage(page);
		}
		form?.close();
	}
}

/** Two of a pixel's three parts so far apart look colored; less is the tint of a scan. */
const COLORED = 28;

/** What is darker than this is ink; lighter is the paper of a scan. */
const INKED = 230;

function lookOf(rgba: Uint8Array, across: number, down: number): PageLook {
	let colored = 0;
	let inked = 0;
	let [left, top, right, bottom] = [across, down, -1, -1];
	for (let y = 0; y < down; y++)
		for (let x = 0; x < across; x++) {
			const at = (y * across + x) * 4;
			const most = Math.max(rgba[at], rgba[at + 1], rgba[at + 2]);
			const least = Math.min(rgba[at], rgba[at + 1], rgba[at + 2]);
			if (most - least > COLORED) colored++;
			if (least >= INKED) continue;
			inked++;
			left = Math.min(left, x);
			right = Math.max(right, x);
			top = Math.min(top, y);
			bottom = Math.max(bottom, y);
		}
	const pixels = across * down;
	const ink: Ink =
		inked === 0
			? { left: 1, top: 1, right: 1, bottom: 1 }
			: {
					left: left / across,
					top: top / down,
					right: (across - 1 - right) / across,
					bottom: (down - 1 - bottom) / down
				};
	return { colored: colored / pixels, inked: inked / pixels, ink, likeness: likenessOf(rgba, across, down) };
}

/** Fields of a picture across and down by which it is known. */
const FIELDS = 8;

/**
 * Sixty-four bits, each whether a field of the picture is darker than the one to its right: what is moved by a hair,
 * scanned again or somewhat lighter has nearly the same.
 */
function likenessOf(rgba: Uint8Array, across: number, down: number): string {
	const gray = Array.from({ length: FIELDS * (FIELDS + 1) }, (_, index) => {
		const [row, column] = [Math.floor(index / (FIELDS + 1)), index % (FIELDS + 1)];
		let [sum, count] = [0, 0];
		const to = (share: number, of: number, whole: number) => Math.floor((share * whole) / of);
		for (
			let y = to(row, FIELDS, down);
			y < Math.max(to(row, FIELDS, down) + 1, to(row + 1, FIELDS, down));
			y++
		)
			for (
				let x = to(column, FIELDS + 1, across);
				x < Math.max(to(column, FIELDS + 1, across) + 1, to(column + 1, FIELDS + 1, across));
				x++
			) {
				const at = (y * across + x) * 4;
				sum += rgba[at] + rgba[at + 1] + rgba[at + 2];
				count++;
			}
		return count ? sum / count : 765;
	});
	let hex = '';
	for (let from = 0; from < FIELDS * FIELDS; from += 4) {
		let four = 0;
		for (let bit = 0; bit < 4; bit++) {
			const field = from + bit;
			const at = Math.floor(field / FIELDS) * (FIELDS + 1) + (field % FIELDS);
			// A shade less is the noise of a scan.
			four = four * 2 + (gray[at] < gray[at + 1] - 4 ? 1 : 0);
		}
		hex += four.toString(16);
	}
	return hex;
}
