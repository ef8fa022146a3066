import { readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { Refusal } from '$core/error.ts';
import type { PageLook, PageWords } from '$core/print/index.ts';
import { assemble, type Assembly, type Fonts } from './assemble.ts';
import { openPdf, startPdfium, type OpenPdf } from './pdfium.ts';
import { drawPage, hasScripts, pageSizes, readPage, type PageSize } from './read.ts';
import { pictureAsPdf } from './picture-page.ts';
import { trueTypeOf } from './woff.ts';

/** What the process beside the server can be asked, and what it answers. */
export type Tasks = {
	open: {
		asked: { readonly path: string };
		answer: { readonly sizes: readonly PageSize[]; readonly scripts: boolean };
	};
	/** A picture becomes a page, in the place of its file; what is none stays as it is. */
	picture: {
		asked: { readonly path: string };
		answer: null;
	};
	read: {
		asked: { readonly path: string; readonly from: number; readonly to: number };
		answer: readonly PageWords[];
	};
	draw: {
		asked: { readonly path: string; readonly page: number; readonly width: number; readonly to: string };
		answer: PageLook;
	};
	assemble: {
		asked: { readonly assembly: Assembly; readonly to: string };
		answer: null;
	};
};
export type TaskName = keyof Tasks;
export type Task = { [T in TaskName]: { readonly task: T; readonly asked: Tasks[T]['asked'] } }[TaskName];

export type Said =
	| { readonly answer: unknown }
	| { readonly done: number }
	| { readonly refused: string }
	| { readonly failed: string };

const require = createRequire(import.meta.url);
const pdfium = await startPdfium(readFileSync(require.resolve('@embedpdf/pdfium/pdfium.wasm')));

let fonts: Fonts | null = null;
function lettersOfSlips(): Fonts {
	const cut = (weight: number) =>
		trueTypeOf(
			readFileSync(
				require.resolve(
					`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`
				)
			)
		);
	return (fonts ??= { regular: cut(400), bold: cut(700) });
}

/** The file asked for last stays open: its pages are asked for one after another. */
let last: { path: string; pdf: OpenPdf } | null = null;
function opened(path: string): OpenPdf {
	if (last?.path === path) return last.pdf;
	last?.pdf.close();
	last = null;
	const pdf = openPdf(pdfium, path);
	last = { path, pdf };
	return pdf;
}

function work(task: Task): unknown {
	switch (task.task) {
		case 'open': {
			const pdf = opened(task.asked.path);
			return { sizes: pageSizes(pdfium, pdf), scripts: hasScripts(pdfium, pdf) };
		}
		case 'picture': {
			const { path } = task.asked;
			const page = pictureAsPdf(readFileSync(path));
			if (page) writeWhole(path, (part) => writeFileSync(part, page, { mode: 0o600 }));
			return null;
		}
		case 'read': {
			const { path, from, to } = task.asked;
			const pdf = opened(path);
			return Array.from({ length: to - from }, (_, index) => readPage(pdfium, pdf, from + index));
		}
		case 'draw': {
			const { path, page, width, to } = task.asked;
			const { jpeg, look } = drawPage(pdfium, opened(path), page, width);
			writeWhole(to, (part) => writeFileSync(part, jpeg, { mode: 0o600 }));
			return look;
		}
		case 'assemble': {
			const { assembly, to } = task.asked;
			// It opens its files itself, and changes what it has read of them.
			last?.pdf.close();
			last = null;
			writeWhole(to, (part) => assemble(pdfium, assembly, lettersOfSlips(), part, (done) => say({ done })));
			return null;
		}
	}
}

/** A server that is gone hears nothing any more; this process ends with it. */
function say(said: Said): void {
	process.send!(said, undefined, undefined, (error) => error && process.exit());
}

/** A file is there whole, or not at all. */
function writeWhole(path: string, write: (part: string) => void): void {
	const part = `${path}.part`;
	try {
		write(part);
		renameSync(part, path);
	} catch (error) {
		rmSync(part, { force: true });
		throw error;
	}
}

process.on('message', (task: Task) => {
	let said: Said;
	try {
		said = { answer: work(task) };
	} catch (error) {
		said = error instanceof Refusal ? { refused: error.message } : { failed: String(error) };
	}
	say(said);
});
process.once('disconnect', () => process.exit());
