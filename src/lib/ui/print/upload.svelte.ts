import { deserialize } from '$app/forms';
import { sayDone } from '../toast/toast.ts';

/** Bytes in a part; a part that gets lost is sent again. */
const PART = 4 * 1024 * 1024;
/** After so many failures in a row it rests until somebody says to go on. */
const TRIES = 5;

type Answer = { readonly id: string; readonly received: number; readonly message?: string };

/** Files on their way to the house: one after another, each in parts, with a Stop, and going on after a lost network. */
export class Uploads {
	/** The file that is on its way. */
	name = $state('');
	sent = $state(0);
	size = $state(0);
	state = $state<'idle' | 'sending' | 'reading' | 'waiting'>('idle');
	problems = $state<string[]>([]);
	left = $state(0);
	private stopped: AbortController | null = null;
	private again: (() => void) | null = null;
	/** What came in whole and is being opened. */
	private opening: string | null = null;

	/** Sends all of them; `arrived` is called with the upload of each that came in whole. */
	async send(
		files: readonly File[],
		arrived: (upload: string, signal: AbortSignal) => Promise<string | null>
	): Promise<void> {
		this.problems = [];
		const stop = (this.stopped = new AbortController());
		for (const [index, file] of files.entries()) {
			if (stop.signal.aborted) break;
			this.left = files.length - index - 1;
			this.name = file.name;
			this.size = file.size;
			this.sent = 0;
			this.state = 'sending';
			const upload = await this.sendOne(file, stop.signal).catch((error: Error) => {
				if (!stop.signal.aborted) this.problems.push(`${file.name}: ${error.message}`);
				return null;
			});
			if (upload === null) continue;
			this.state = 'reading';
			this.opening = upload;
			const problem = await arrived(upload, stop.signal);
			this.opening = null;
			if (problem) this.problems.push(`${file.name}: ${problem}`);
		}
		this.state = 'idle';
		this.stopped = null;
	}

	stop(): void {
		this.stopped?.abort();
		this.again?.();
		// The server opens it all the same until it hears of this.
		if (this.opening)
			void fetch(`/documents/uploads/${this.opening}`, { method: 'DELETE' }).catch(() => null);
	}

	/** Tries again after the network was lost. */
	goOn(): void {
		this.again?.();
	}

	private async sendOne(file: File, signal: AbortSignal): Promise<string> {
		let failures = 0;
		let upload: Answer | null = null;
		while (upload === null || upload.received < file.size) {
			try {
				upload =
					upload === null
						? await this.ask('/documents/uploads', {
								method: 'POST',
								headers: { 'content-type': 'application/json' },
								body: JSON.stringify({ name: file.name, size: file.size, changed: file.lastModified }),
								signal
							})
						: await this.ask(`/documents/uploads/${upload.id}?at=${upload.received}`, {
								method: 'PUT',
								headers: { 'content-type': 'application/octet-stream' },
								body: file.slice(upload.received, upload.received + PART),
								signal
							});
				failures = 0;
				this.sent = upload.received;
				this.state = 'sending';
			} catch (error) {
				if (signal.aborted) {
					if (upload) await fetch(`/documents/uploads/${upload.id}`, { method: 'DELETE' }).catch(() => null);
					throw error;
				}
				if (error instanceof Refused) throw error;
				await this.rest(++failures);
			}
		}
		return upload.id;
	}

	private async ask(path: string, options: RequestInit): Promise<Answer> {
		const response = await fetch(path, options);
		const answer = (await response.json()) as Answer;
		if (!response.ok) throw response.status < 500 ? new Refused(answer.message) : new Error(answer.message);
		return answer;
	}

	/** A little longer each time; after some tries until the network is back or somebody says so. */
	private rest(failures: number): Promise<void> {
		this.state = 'waiting';
		return new Promise((resolve) => {
			const done = () => {
				clearTimeout(timer);
				window.removeEventListener('online', done);
				this.again = null;
				resolve();
			};
			this.again = done;
			window.addEventListener('online', done);
			const timer = failures < TRIES ? setTimeout(done, 1000 * 2 ** failures) : undefined;
		});
	}
}

class Refused extends Error {}

/** What the page's own action made of an upload: what went wrong, in words; and a second edition that is to be looked at. */
type HandedOver = { readonly problem: string | null; readonly edition: number | null };

/** Hands an upload that came in whole to the page's own action. Stopped while it is opened, nothing of it is kept. */
export async function handOver(
	upload: string,
	fields: Readonly<Record<string, string>>,
	signal: AbortSignal
): Promise<HandedOver> {
	const body = new FormData();
	body.set('upload', upload);
	for (const [name, value] of Object.entries(fields)) body.set(name, value);
	const response = await fetch('?/add', {
		method: 'POST',
		body,
		headers: { 'x-sveltekit-action': 'true' },
		signal
	}).catch(() => null);
	if (response === null)
		return { problem: signal.aborted ? null : 'No answer from the server. Try again.', edition: null };
	const result = deserialize(await response.text());
	if (result.type === 'success') {
		const data = result.data as { changed?: string | null; added?: { edition: number | null } } | undefined;
		if (data?.changed) sayDone(data.changed);
		return { problem: null, edition: data?.added?.edition ?? null };
	}
	const message =
		result.type === 'failure' ? (result.data as { message?: string } | undefined)?.message : null;
	return {
		problem:
			message ??
			(result.type === 'failure' ? 'That didn’t work.' : 'The server couldn’t take it. Try again.'),
		edition: null
	};
}
