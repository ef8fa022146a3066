import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, rm, stat, utimes } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Refusal } from '$core/error.ts';
import { cachePath, documentPath } from '../files/documents.ts';
import type { Assembly } from '../files/pdf/assemble.ts';
import { pdfs } from '../files/pdf/pdf-process.ts';

/** A print file that is asked for: `files` are the hashes of the PDFs that its pages come from. */
export type PrintFile = Assembly;

/** How far a file is that is being made. */
export type Making = { readonly sides: number; done: number; readonly stop: () => void };

const making = new Map<string, { job: Making; path: Promise<string> }>();
/** Print files kept at hand; older ones are made anew when they are asked for. */
const MOST_FILES = 30;

/** By which a file is known: the same pages in the same places are the same file. */
function nameOf(file: PrintFile): string {
	return createHash('sha256').update(JSON.stringify(file)).digest('hex').slice(0, 32);
}

/** How far it is; null where it is not being made. */
export function progressOf(file: PrintFile): Making | null {
	return making.get(nameOf(file))?.job ?? null;
}

/**
 * The path of a print file, made beside the server where it is not there. Who asks for the same file waits for it.
 * @throws Refusal where nothing is to be printed, a source cannot be read, or it was stopped.
 */
export function printFile(file: PrintFile): Promise<string> {
	const name = nameOf(file);
	const known = making.get(name);
	if (known) return known.path;
	const stop = new AbortController();
	const job: Making = { sides: file.sheets.length * 2, done: 0, stop: () => stop.abort() };
	const path = made(file, name, job, stop.signal).finally(() => making.delete(name));
	making.set(name, { job, path });
	return path;
}

async function made(file: PrintFile, name: string, job: Making, signal: AbortSignal): Promise<string> {
	if (file.sheets.length === 0) throw new Refusal('There is nothing to print in this run.');
	const to = cachePath('prints', `${name}.pdf`);
	if (existsSync(to)) {
		const now = new Date();
		await utimes(to, now, now);
		return to;
	}
	const lost = file.files.find((sha256) => !existsSync(documentPath(sha256)));
	if (lost) throw new Refusal('The PDF that these pages come from is gone. Add it again under Print.');
	await mkdir(dirname(to), { recursive: true, mode: 0o700 });
	await forgetOldest(dirname(to));
	const { files, ...rest } = file;
	await pdfs.ask(
		'assemble',
		{ assembly: { ...rest, files: files.map(documentPath) }, to },
		{ progress: (done) => (job.done = done), signal }
	);
	return to;
}

async function forgetOldest(folder: string): Promise<void> {
	const names = await readdir(folder);
	if (names.length < MOST_FILES) return;
	const dated = await Promise.all(
		names.map(async (name) => ({ name, at: (await stat(join(folder, name))).mtimeMs }))
	);
	const oldest = dated.sort((a, b) => a.at - b.at).slice(0, names.length - MOST_FILES + 1);
	for (const { name } of oldest) await rm(join(folder, name), { force: true });
}

/** Pixels across of a picture of a page of a print file. */
const WIDTH = 280;

/** A page of a print file, from 0, as JPEG. @throws Refusal where the file cannot be made. */
export async function pictureOfFile(file: PrintFile, page: number): Promise<Buffer> {
	const path = await printFile(file);
	const to = cachePath('practice', nameOf(file), `${page}.jpg`);
	if (!existsSync(to)) {
		await mkdir(dirname(to), { recursive: true, mode: 0o700 });
		await pdfs.ask('draw', { path, page, width: WIDTH, to });
	}
	return readFile(to);
}
