import { deserialize } from '$app/forms';
import { sayDone, sayWrong } from '../toast/toast.ts';
import { newId } from './submit.ts';

type Waiting = { readonly id: string; readonly action: string; readonly fields: Record<string, string> };

const KEY = 'gather-bin-waiting';
const RETRY_MS = 4000;

function formOf(fields: Record<string, string>): FormData {
	const form = new FormData();
	for (const [name, value] of Object.entries(fields)) form.set(name, value);
	return form;
}

/**
 * Ticks of an open walk. Each takes effect on the screen at once and is sent in order; what cannot
 * be sent now waits in this browser and is sent when the server is there again. Every one carries
 * its operation id, so that sending it twice counts once.
 */
export class TickQueue {
	waiting = $state<Waiting[]>([]);
	#sending = false;
	#timer: ReturnType<typeof setTimeout> | undefined;

	constructor(
		private readonly sent: () => Promise<void>,
		private readonly refused: (fields: Record<string, string>) => void
	) {}

	/** Takes up what an earlier visit could not send. */
	start(): () => void {
		try {
			this.waiting = JSON.parse(localStorage.getItem(KEY) ?? '[]') as Waiting[];
		} catch {
			this.waiting = [];
		}
		const online = () => void this.send();
		window.addEventListener('online', online);
		void this.send();
		return () => {
			window.removeEventListener('online', online);
			clearTimeout(this.#timer);
		};
	}

	add(action: string, fields: Record<string, string>): void {
		this.waiting.push({ id: newId(), action, fields });
		this.#keep();
		void this.send();
	}

	async send(): Promise<void> {
		if (this.#sending) return;
		this.#sending = true;
		clearTimeout(this.#timer);
		let label: string | null = null;
		let sent = false;
		try {
			while (this.waiting.length) {
				const [first] = this.waiting;
				const body = formOf({ ...first.fields, operation: first.id });
				const response = await fetch(first.action, {
					method: 'POST',
					body,
					headers: { 'x-sveltekit-action': 'true', accept: 'application/json' }
				});
				const result = deserialize(await response.text());
				this.waiting.shift();
				sent = true;
				this.#keep();
				if (result.type === 'success') label = (result.data as { changed?: string | null }).changed ?? label;
				else {
					this.refused(first.fields);
					sayWrong(
						result.type === 'failure'
							? String(result.data?.message ?? '')
							: 'The server could not keep that tick.'
					);
				}
			}
			if (label) sayDone(label);
			if (sent) await this.sent();
		} catch {
			this.#timer = setTimeout(() => void this.send(), RETRY_MS);
		} finally {
			this.#sending = false;
		}
	}

	#keep(): void {
		localStorage.setItem(KEY, JSON.stringify(this.waiting));
	}
}
