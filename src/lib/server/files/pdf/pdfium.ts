import { init, type WrappedPdfiumModule } from '@embedpdf/pdfium';
import { closeSync, fstatSync, openSync, readSync, writeSync } from 'node:fs';
import { Refusal } from '$core/error.ts';

export type Pdfium = WrappedPdfiumModule;

/** Points of PDF in a millimeter (ISO 32000-1, 8.3.2.3: 72 to an inch). */
export const POINTS = 72 / 25.4;

/** The engine, from its own bytes; nothing is fetched. */
export async function startPdfium(wasm: Uint8Array): Promise<Pdfium> {
	const bytes = wasm.buffer.slice(wasm.byteOffset, wasm.byteOffset + wasm.byteLength) as ArrayBuffer;
	const pdfium = await init({ wasmBinary: bytes });
	pdfium.FPDF_InitLibrary();
	return pdfium;
}

/** A PDF that is open: read from its file block by block, never held as a whole. */
export type OpenPdf = { readonly handle: number; readonly pages: number; readonly close: () => void };

/** What the engine says of a file that it does not open (fpdfview.h, FPDF_ERR_…). */
const PASSWORD = 4;

/**
 * Opens a PDF. Scripts in it are never run: the engine has no interpreter for them.
 * @throws Refusal in words where it is locked, broken or empty.
 */
export function openPdf(pdfium: Pdfium, path: string): OpenPdf {
	const { pdfium: module } = pdfium;
	const file = openSync(path, 'r');
	const read = module.addFunction((_: number, at: number, to: number, size: number) => {
		const got = readSync(file, module.HEAPU8, to, size, at >>> 0);
		return got === size ? 1 : 0;
	}, 'iiiii');
	const access = pdfium.pdfium.wasmExports.malloc(12);
	const words = new Uint32Array(module.HEAPU8.buffer, access, 3);
	words.set([fstatSync(file).size, read, 0]);
	const free = () => {
		module.wasmExports.free(access);
		module.removeFunction(read);
		closeSync(file);
	};
	const handle = pdfium.FPDF_LoadCustomDocument(access, '');
	if (!handle) {
		const why = pdfium.FPDF_GetLastError();
		free();
		throw new Refusal(
			why === PASSWORD
				? 'This PDF is locked with a password. Open it with the password, print it to a new PDF, and add that one.'
				: 'This PDF is damaged and can’t be read. Download it again, or print it to a new PDF, and add that one.'
		);
	}
	const pages = pdfium.FPDF_GetPageCount(handle);
	const close = () => {
		pdfium.FPDF_CloseDocument(handle);
		free();
	};
	if (pages < 1) {
		close();
		throw new Refusal('This PDF has no pages.');
	}
	return { handle, pages, close };
}

/** The form of a document: what is filled in is drawn once one of its pages is shown. */
export type OpenForm = {
	readonly shown: (page: number) => void;
	readonly hidden: (page: number) => void;
	readonly close: () => void;
};

/** Opens the form of a document; null where it has none. A form may leave it to its reader to draw what is filled in. */
export function openForm(pdfium: Pdfium, handle: number): OpenForm | null {
	if (pdfium.FPDF_GetFormType(handle) <= 0) return null;
	const info = pdfium.PDFiumExt_OpenFormFillInfo();
	const form = pdfium.PDFiumExt_InitFormFillEnvironment(handle, info);
	return {
		shown: (page) => pdfium.FORM_OnAfterLoadPage(page, form),
		hidden: (page) => pdfium.FORM_OnBeforeClosePage(page, form),
		close: () => {
			pdfium.PDFiumExt_ExitFormFillEnvironment(form);
			pdfium.PDFiumExt_CloseFormFillInfo(info);
		}
	};
}

/** Blocks of this size go to the disk. */
const BLOCK = 1 << 20;

/** Writes a document to a file, block by block. @throws Error when the engine or the disk fails. */
export function savePdf(pdfium: Pdfium, handle: number, path: string): void {
	const { pdfium: module } = pdfium;
	const file = openSync(path, 'w', 0o600);
	const block = Buffer.alloc(BLOCK);
	let held = 0;
	let failed: unknown = null;
	const flush = () => {
		for (let at = 0; at < held;) at += writeSync(file, block, at, held - at);
		held = 0;
	};
	const write = module.addFunction((_: number, from: number, size: number) => {
		try {
			for (let at = 0; at < size;) {
				const part = Math.min(size - at, BLOCK - held);
				block.set(module.HEAPU8.subarray(from + at, from + at + part), held);
				held += part;
				at += part;
				if (held === BLOCK) flush();
			}
			return 1;
		} catch (error) {
			failed = error;
			return 0;
		}
	}, 'iiii');
	const writer = module.wasmExports.malloc(8);
	new Uint32Array(module.HEAPU8.buffer, writer, 2).set([1, write]);
	try {
		const isSaved = pdfium.FPDF_SaveAsCopy(handle, writer, 0);
		if (failed === null && isSaved) flush();
		if (failed !== null) throw failed;
		if (!isSaved) throw new Error('The print file could not be written.');
	} finally {
		module.wasmExports.free(writer);
		module.removeFunction(write);
		closeSync(file);
	}
}

/** Room in the engine's memory for the time of some work. */
export function withRoom<T>({ pdfium }: Pdfium, bytes: number, work: (at: number) => T): T {
	const at = pdfium.wasmExports.malloc(bytes);
	try {
		return work(at);
	} finally {
		pdfium.wasmExports.free(at);
	}
}

/** Some floats that the engine fills in. */
export function floats(pdfium: Pdfium, count: number, fill: (...at: number[]) => unknown): number[] {
	return withRoom(pdfium, count * 4, (at) => {
		fill(...Array.from({ length: count }, (_, index) => at + index * 4));
		return [...new Float32Array(pdfium.pdfium.HEAPU8.buffer, at, count)];
	});
}
