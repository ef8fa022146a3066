import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, open, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { env } from '$env/dynamic/private';
import { Refusal } from '$core/error.ts';
import { pdfs } from './pdf/pdf-process.ts';
import { isPicture } from './pdf/picture-page.ts';

const folder = () => env.GATHER_BIN_DATA || 'data';

/** Where a kept PDF lies, by the hash of its bytes. */
export function documentPath(sha256: string): string {
	return join(folder(), 'files', sha256.slice(0, 2), `${sha256}.pdf`);
}

/** Where what is made from PDFs lies: pictures of pages, print files. It may be deleted at any time. */
export function cachePath(...parts: string[]): string {
	return join(folder(), 'cache', ...parts);
}

/** An upload that has not ended: its parts so far lie in one file. */
export type Upload = {
	readonly id: string;
	readonly name: string;
	readonly size: number;
	readonly received: number;
};

const ID = /^[0-9a-f]{32}$/;
const partPath = (id: string) => join(folder(), 'uploads', `${id}.part`);
const aboutPath = (id: string) => join(folder(), 'uploads', `${id}.json`);
/** An upload that nobody goes on with is forgotten. */
const FORGOTTEN_MS = 3 * 24 * 3600 * 1000;
const GONE = 'That upload is gone. Add the file again.';

/**
 * Begins to take a file, or goes on with it: the same file of the same device is one upload.
 * @throws Refusal where it is empty or larger than `most` megabytes.
 */
export async function beginUpload(
	device: string,
	{ name, size, changed }: { readonly name: string; readonly size: number; readonly changed: number },
	most: number
): Promise<Upload> {
	if (size === 0) throw new Refusal('That file is empty.');
	if (size > most * 1024 * 1024)
		throw new Refusal(
			`That file has ${Math.ceil(size / 1024 / 1024)} MB; the limit is ${most} MB. Change it under Household, Printing, or split the file.`
		);
	await forgetOld();
	const id = createHash('sha256').update([device, name, size, changed].join('\n')).digest('hex').slice(0, 32);
	stopped.delete(id);
	await mkdir(dirname(partPath(id)), { recursive: true, mode: 0o700 });
	await writeFile(aboutPath(id), JSON.stringify({ name, size }), { mode: 0o600 });
	await (await open(partPath(id), 'a', 0o600)).close();
	return uploadOf(id);
}

async function forgetOld(): Promise<void> {
	const at = join(folder(), 'uploads');
	for (const name of await readdir(at).catch(() => [])) {
		const { mtimeMs } = await stat(join(at, name)).catch(() => ({ mtimeMs: Date.now() }));
		if (Date.now() - mtimeMs > FORGOTTEN_MS) await rm(join(at, name), { force: true });
	}
}

/** How far an upload is. @throws Refusal where there is none. */
export async function uploadOf(id: string): Promise<Upload> {
	if (!ID.test(id)) throw new Refusal(GONE);
	try {
		const about = JSON.parse(await readFile(aboutPath(id), 'utf8')) as Pick<Upload, 'name' | 'size'>;
		return { id, ...about, received: (await stat(partPath(id))).size };
	} catch {
		throw new Refusal(GONE);
	}
}

/**
 * Puts a part where it belongs; one that came before, or whose beginning is missing, changes nothing. Answers how far
 * the upload is then.
 */
export async function takePart(id: string, at: number, bytes: Uint8Array): Promise<Upload> {
	const upload = await uploadOf(id);
	if (at !== upload.received || at + bytes.length > upload.size) return upload;
	const file = await open(partPath(id), 'r+');
	try {
		await file.write(bytes, 0, bytes.length, at);
		if (at + bytes.length === upload.size) await file.sync();
	} finally {
		await file.close();
	}
	return { ...upload, received: at + bytes.length };
}

/** Uploads that somebody stopped; one that has come in whole may be just being opened. */
const stopped = new Set<string>();
export const wasStopped = (id: string): boolean => stopped.has(id);

export async function dropUpload(id: string): Promise<void> {
	if (!ID.test(id)) return;
	stopped.add(id);
	await rm(partPath(id), { force: true });
	await rm(aboutPath(id), { force: true });
}

const PICTURE = 'That’s a picture, not a PDF. Print it to a PDF, and add that.';
const OFFICE = 'That’s a file of a text program. Save it as PDF, and add that.';

/** What other files begin with, byte by byte, and what to say of them. */
const OTHERS: readonly (readonly [starts: string, said: string])[] = [
	['\xff\xd8\xff', PICTURE],
	['\x89PNG', PICTURE],
	['GIF8', PICTURE],
	['RIFF', PICTURE],
	['PK\x03\x04', 'That’s a ZIP, or a file of a text program. Unpack it, or save it as PDF, and add that.'],
	['\xd0\xcf\x11\xe0', OFFICE],
	['{\\rtf', OFFICE],
	['<', 'That’s a web page, not a PDF. Print it to a PDF, and add that.']
];

/**
 * Keeps a file that has come in whole under the hash of its bytes.
 * @throws Refusal where parts are missing, or it is no PDF; what is no PDF is not kept.
 */
export async function keepUpload(
	id: string
): Promise<{ readonly sha256: string; readonly name: string; readonly bytes: number }> {
	const upload = await uploadOf(id);
	if (upload.received < upload.size)
		throw new Refusal('The file hasn’t come in whole yet. Add it again to go on.');
	const path = partPath(id);
	await pictureToPage(path, upload.size);
	const why = await whyNoPdf(path);
	if (why !== null) {
		await dropUpload(id);
		throw new Refusal(why);
	}
	const sha256 = await hashOf(path);
	const to = documentPath(sha256);
	await mkdir(dirname(to), { recursive: true, mode: 0o700 });
	await rename(path, to);
	await rm(aboutPath(id), { force: true });
	return { sha256, name: upload.name, bytes: (await stat(to)).size };
}

/** A larger picture is no printable. */
const MOST_PICTURE = 40 * 1024 * 1024;

/** A photo or drawing as JPEG or PNG becomes a PDF of one page; all else stays as it is. */
async function pictureToPage(path: string, size: number): Promise<void> {
	const file = await open(path, 'r');
	const { buffer } = await file.read(Buffer.alloc(8), 0, 8, 0).finally(() => file.close());
	if (isPicture(buffer) && size <= MOST_PICTURE) await pdfs.ask('picture', { path });
}

async function whyNoPdf(path: string): Promise<string | null> {
	const file = await open(path, 'r');
	try {
		// A PDF may have some bytes of something else in front (ISO 32000-1, Annex H.3, note 13).
		const { buffer, bytesRead } = await file.read(Buffer.alloc(1024), 0, 1024, 0);
		const head = buffer.subarray(0, bytesRead).toString('latin1');
		if (head.includes('%PDF-')) return null;
		return (
			OTHERS.find(([starts]) => head.trimStart().startsWith(starts))?.[1] ??
			'That’s not a PDF. Save or print it as PDF, and add that.'
		);
	} finally {
		await file.close();
	}
}

async function hashOf(path: string): Promise<string> {
	const hash = createHash('sha256');
	for await (const part of createReadStream(path, { highWaterMark: 1 << 20 })) hash.update(part as Buffer);
	return hash.digest('hex');
}

/** Takes a kept PDF away again, as when it turns out that nobody can read it. */
export async function dropDocument(sha256: string): Promise<void> {
	await rm(documentPath(sha256), { force: true });
}
