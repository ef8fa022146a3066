import { createHash, randomUUID } from 'node:crypto';
import { mkdir, open, readdir, readFile, rename, rm, stat } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { env } from '$env/dynamic/private';
import { Refusal } from '$core/error.ts';

/** What a picture may be, known by its first bytes. */
const KINDS: readonly { readonly type: string; readonly ending: string; readonly starts: RegExp }[] = [
	{ type: 'image/jpeg', ending: 'jpg', starts: /^\xff\xd8\xff/ },
	{ type: 'image/png', ending: 'png', starts: /^\x89PNG\r\n/ },
	{ type: 'image/webp', ending: 'webp', starts: /^RIFF[\s\S]{4}WEBP/ }
];
const MOST_BYTES = 8 * 1024 * 1024;
const NAME = /^([0-9a-f]{64})\.(jpg|png|webp)$/;
const KEPT_NAME = /^[0-9a-f]{64}\.(?:jpg|png|webp|pdf)$/;

function pathOf(name: string): string {
	return join(env.GATHER_BIN_DATA || 'data', 'files', name.slice(0, 2), name);
}

/**
 * Keeps a picture under the hash of its bytes, written to a temporary file first. Answers its name.
 * @throws Refusal when it is none, or too large.
 */
export async function keepPicture(bytes: Uint8Array): Promise<string> {
	if (bytes.length > MOST_BYTES)
		throw new Refusal('That picture is over 8 MB. Choose a smaller one.', 'picture');
	const first = Buffer.from(bytes.subarray(0, 16)).toString('latin1');
	const kind = KINDS.find(({ starts }) => starts.test(first));
	if (!kind) throw new Refusal('Couldn’t read that picture. Use a JPEG, PNG, or WebP.', 'picture');
	const name = `${createHash('sha256').update(bytes).digest('hex')}.${kind.ending}`;
	const path = pathOf(name);
	await mkdir(dirname(path), { recursive: true });
	// The same picture may be sent twice at once.
	const temporary = `${path}.${randomUUID()}.part`;
	const file = await open(temporary, 'w');
	try {
		await file.writeFile(bytes);
		await file.sync();
	} finally {
		await file.close();
	}
	await rename(temporary, path);
	return name;
}

/** A file that was sent just now may not have its row yet. */
const FRESH_MS = 24 * 3600 * 1000;

/**
 * Removes files that nothing names any more, and what a cut left half written. `isNamed` says whether a row, or
 * what undo could bring back, still names one. Answers how many went.
 */
export async function cleanFiles(isNamed: (name: string) => Promise<boolean>): Promise<number> {
	const folder = join(env.GATHER_BIN_DATA || 'data', 'files');
	let gone = 0;
	const entries = await readdir(folder, { recursive: true, withFileTypes: true }).catch(() => []);
	for (const entry of entries) {
		if (!entry.isFile()) continue;
		const path = join(entry.parentPath, entry.name);
		const { mtimeMs } = await stat(path);
		if (Date.now() - mtimeMs < FRESH_MS) continue;
		if (KEPT_NAME.test(entry.name) && (await isNamed(entry.name))) continue;
		await rm(path, { force: true });
		gone++;
	}
	return gone;
}

/** A kept picture and its type; null when there is none by that name. */
export async function readPicture(name: string): Promise<{ bytes: Buffer; type: string } | null> {
	const [, , ending] = NAME.exec(name) ?? [];
	const kind = KINDS.find((one) => one.ending === ending);
	if (!kind) return null;
	try {
		return { bytes: await readFile(pathOf(name)), type: kind.type };
	} catch {
		return null;
	}
}
