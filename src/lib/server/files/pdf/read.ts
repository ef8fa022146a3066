import jpeg from 'jpeg-js';
import type { Frame, PageLook } from '$core/print/index.ts';
import { floats, POINTS, withRoom, type OpenPdf, type Pdfium } from './pdfium.ts';

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
export function readPage(
	pdfium: Pdfium,
	{ handle }: OpenPdf,
	index: number
): { readonly text: string; readonly frames: readonly Frame[] } {
	const page = pdfium.FPDF_LoadPage(handle, index);
	if (!page) return { text: '', frames: [] };
	try {
		return { text: textOf(pdfium, page), frames: framesOf(pdfium, page) };
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
	const page = pdfium.FPDF_LoadPage(handle, index);
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
			return { jpeg: drawn.data, look: lookOf(data) };
		});
	} finally {
		if (page) pdfium.FPDF_ClosePage(page);
	}
}

/** Two of a pixel's three parts so far apart look colored; less is the tint of a scan. */
const COLORED = 28;

function lookOf(rgba: Uint8Array): PageLook {
	let colored = 0;
	let inked = 0;
	for (let at = 0; at < rgba.length; at += 4) {
		const most = Math.max(rgba[at], rgba[at + 1], rgba[at + 2]);
		const least = Math.min(rgba[at], rgba[at + 1], rgba[at + 2]);
		if (most - least > COLORED) colored++;
		if (least < 230) inked++;
	}
	const pixels = rgba.length / 4;
	return { colored: colored / pixels, inked: inked / pixels };
}
