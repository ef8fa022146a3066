import { fork, type ChildProcess } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Refusal } from '$core/error.ts';
import type { Said, Task, TaskName, Tasks } from './pdf.aside.ts';

/** What the process may take; a file of 150 MB needs about half of it. */
const MOST_MEMORY = 600 * 1024 * 1024;
const WATCH_MS = 200;
/** With nothing to do it ends, and its memory is free again. */
const IDLE_MS = 60_000;
const BUDGET_MS: Readonly<Record<TaskName, number>> = {
	open: 30_000,
	picture: 30_000,
	read: 30_000,
	draw: 30_000,
	assemble: 600_000
};
/** What a parent waits for goes first. */
const RANK: Readonly<Record<TaskName, number>> = { open: 0, picture: 0, draw: 1, assemble: 2, read: 3 };
const LATER = 4;

type Waiting = {
	readonly task: Task;
	readonly rank: number;
	readonly answer: (answer: never) => void;
	readonly refuse: (error: Error) => void;
	readonly progress?: (done: number) => void;
	readonly signal?: AbortSignal;
};

/** Work on PDFs, in one process beside the server, one task at a time. */
class PdfProcess {
	private child: ChildProcess | null = null;
	private readonly queue: Waiting[] = [];
	private current: Waiting | null = null;
	private idle: NodeJS.Timeout | undefined;
	private watch: NodeJS.Timeout | undefined;
	private budget: NodeJS.Timeout | undefined;

	/**
	 * Has something done; `later` when nothing else waits. @throws Refusal in words where the file cannot be read, takes too long or too much memory, or
	 * the work was stopped.
	 */
	ask<T extends TaskName>(
		task: T,
		asked: Tasks[T]['asked'],
		{
			progress,
			signal,
			later = false
		}: { progress?: (done: number) => void; signal?: AbortSignal; later?: boolean } = {}
	): Promise<Tasks[T]['answer']> {
		return new Promise((answer, refuse) => {
			const rank = later ? LATER : RANK[task];
			const waiting: Waiting = { task: { task, asked } as Task, rank, answer, refuse, progress, signal };
			signal?.addEventListener('abort', () => this.stop(waiting), { once: true });
			if (signal?.aborted) return refuse(new Refusal('Stopped.'));
			this.queue.push(waiting);
			this.next();
		});
	}

	private stop(waiting: Waiting): void {
		const at = this.queue.indexOf(waiting);
		if (at >= 0) {
			this.queue.splice(at, 1);
			waiting.refuse(new Refusal('Stopped.'));
		} else if (this.current === waiting) this.end(new Refusal('Stopped.'));
	}

	private next(): void {
		if (this.current || this.queue.length === 0) return;
		clearTimeout(this.idle);
		const first = this.queue.reduce((a, b) => (b.rank < a.rank ? b : a));
		this.queue.splice(this.queue.indexOf(first), 1);
		this.current = first;
		this.child ??= this.start();
		this.budget = setTimeout(
			() => this.end(new Refusal('That PDF takes too long. Split it, and add the parts.')),
			BUDGET_MS[first.task.task]
		);
		this.child.send(first.task);
	}

	private start(): ChildProcess {
		const child = fork(...entry());
		child.on('message', (said: Said) => {
			if (this.child === child) this.hear(said);
		});
		child.once('exit', () => {
			if (this.child === child)
				this.end(
					new Refusal('This PDF can’t be read; something in it is broken. Print it to a new PDF first.')
				);
		});
		this.watch = setInterval(() => {
			if (memoryOf(child) > MOST_MEMORY)
				this.end(new Refusal('This PDF needs more memory than there is. Split it, and add the parts.'));
		}, WATCH_MS);
		child.unref();
		child.channel?.unref();
		this.watch.unref();
		return child;
	}

	private hear(said: Said): void {
		const { current } = this;
		if (!current) return;
		if ('done' in said) return current.progress?.(said.done);
		clearTimeout(this.budget);
		this.current = null;
		if ('answer' in said) current.answer(said.answer as never);
		else current.refuse('refused' in said ? new Refusal(said.refused) : new Error(said.failed));
		if (this.queue.length) this.next();
		else {
			this.idle = setTimeout(() => this.end(null), IDLE_MS);
			this.idle.unref();
		}
	}

	/** Ends the process; what it was doing fails with `why`, and what waits goes on in a new one. */
	private end(why: Error | null): void {
		clearTimeout(this.budget);
		clearInterval(this.watch);
		const { child, current } = this;
		this.child = null;
		this.current = null;
		child?.kill('SIGKILL');
		if (current) current.refuse(why ?? new Error('The process for PDFs has ended.'));
		this.next();
	}

	/** When the server ends. */
	close(): void {
		for (const waiting of this.queue.splice(0)) waiting.refuse(new Refusal('Stopped.'));
		clearTimeout(this.idle);
		this.end(new Refusal('Stopped.'));
	}
}

/** Resident memory of the process in bytes; where the system does not tell, the bound is that of its own budget. */
function memoryOf({ pid }: ChildProcess): number {
	try {
		const PAGE = 4096;
		return Number(readFileSync(`/proc/${pid}/statm`, 'latin1').split(' ')[1]) * PAGE;
	} catch {
		return 0;
	}
}

/** Where the process begins: its own entry of the build, or the source itself while developing. */
function entry(): Parameters<typeof fork> {
	const source = new URL('./pdf.aside.ts', import.meta.url);
	if (existsSync(source))
		return [
			fileURLToPath(source),
			[],
			{
				execArgv: ['--import', 'tsx'],
				env: { ...process.env, TSX_TSCONFIG_PATH: 'tsconfig.scripts.json' }
			}
		];
	let folder = new URL('.', import.meta.url);
	while (!existsSync(new URL('aside/pdf.js', folder)) && folder.pathname !== '/')
		folder = new URL('..', folder);
	return [fileURLToPath(new URL('aside/pdf.js', folder)), [], { execArgv: ['--max-old-space-size=192'] }];
}

/** The one process for PDFs of this server. */
export const pdfs = new PdfProcess();
