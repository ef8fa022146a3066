import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { copyFile, mkdir } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { GUIDE } from '../../../../demo/print.ts';

/** The bytes of the demo's guide; null where the file did not come along. */
export function guideBytes(): Buffer | null {
	const path = join(process.cwd(), GUIDE.file);
	return existsSync(path) ? readFileSync(path) : null;
}

export const hashOf = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');

/** Puts the demo's guide among the files of its household, under the hash of its bytes. */
export async function keepGuide(folder: string): Promise<void> {
	const bytes = guideBytes();
	if (bytes === null) return;
	const name = hashOf(bytes);
	const to = join(folder, 'files', name.slice(0, 2), `${name}.pdf`);
	if (existsSync(to)) return;
	await mkdir(dirname(to), { recursive: true, mode: 0o700 });
	await copyFile(join(process.cwd(), GUIDE.file), to);
}
