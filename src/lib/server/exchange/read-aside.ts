import { existsSync } from 'node:fs';
import { Worker } from 'node:worker_threads';
import { Refusal } from '$core/error.ts';
import type { Sheet } from './formats/csv.ts';
import type { Answer } from './sheet.aside.ts';

/** How long a file of 8 MB may take; the slowest kind of that size took 2 s. */
const BUDGET_MS = 20_000;
const MOST_MEMORY_MB = 512;
const TOO_MUCH = 'takes too long to read. Import it in parts.';

/**
 * Reads a table in a thread of its own, so that the server goes on answering.
 * @throws Refusal where it is no table, takes longer than `budget` ms or more memory than there is room for, or
 * was stopped by `signal`.
 */
export function readSheetAside(
	text: string,
	{ budget = BUDGET_MS, signal }: { budget?: number; signal?: AbortSignal } = {}
): Promise<Sheet> {
	const thread = new Worker(...entry(text));
	return new Promise<Sheet>((resolve, reject) => {
		const refuse = (words: string) => reject(new Refusal(words));
		const timer = setTimeout(() => refuse(`That file ${TOO_MUCH}`), budget);
		const rows: Sheet['rows'][number][] = [];
		thread.on('message', (answer: Answer) => {
			if ('rows' in answer) rows.push(...answer.rows);
			else if ('header' in answer) resolve({ header: answer.header, rows });
			else if ('refused' in answer) refuse(answer.refused);
			else reject(new Error(answer.failed));
		});
		thread.once('error', (error) =>
			(error as NodeJS.ErrnoException).code === 'ERR_WORKER_OUT_OF_MEMORY'
				? refuse(`That file ${TOO_MUCH}`)
				: reject(error)
		);
		thread.once('exit', () => {
			clearTimeout(timer);
			reject(new Error('The thread that reads files ended early.'));
		});
		signal?.addEventListener('abort', () => refuse('Stopped. Nothing was imported.'), {
			once: true
		});
	}).finally(() => thread.terminate());
}

/** Where the thread begins: its own entry of the build, or the source itself while developing. */
function entry(workerData: string): ConstructorParameters<typeof Worker> {
	const resourceLimits = { maxOldGenerationSizeMb: MOST_MEMORY_MB };
	const source = new URL('./sheet.aside.ts', import.meta.url);
	if (existsSync(source)) {
		const load = `import('tsx/esm/api').then((tsx) => { tsx.register(); return import('${source.href}'); })`;
		const env = { ...process.env, TSX_TSCONFIG_PATH: 'tsconfig.scripts.json' };
		return [load, { eval: true, workerData, resourceLimits, env }];
	}
	let folder = new URL('.', import.meta.url);
	while (!existsSync(new URL('aside/sheet.js', folder)) && folder.pathname !== '/')
		folder = new URL('..', folder);
	return [new URL('aside/sheet.js', folder), { workerData, resourceLimits }];
}
