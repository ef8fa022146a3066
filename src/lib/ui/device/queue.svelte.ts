import { deserialize } from '$app/forms';
import type { ActionResult } from '@sveltejs/kit';
import type { Failure } from '../field/failure.ts';
import { loadAgain } from '../news/load-again.ts';
import { sayDone, sayWrong } from '../toast/toast.ts';
import { newId } from './new-id.ts';
import { allWaiting, dropWaiting, keepWaiting, markConflict, type Waiting } from './store.ts';

const RETRY_MS = 4000;

function formOf(one: Waiting): FormData {
	const form = new FormData();
	for (const [name, value] of Object.entries(one.fields)) form.set(name, value);
	form.set('operation', one.id);
	form.set('seen', String(one.seen));
	return form;
}

/** What a page wants to know of the queue while it is open. */
export type Listener = {
	/** What waits from before, once that is known. */
	readonly found?: (waiting: readonly Waiting[]) => void;
	/** Something was sent and the page was loaded again. */
	readonly sent?: () => void;
	/** The server did not do one, or it was given up. */
	readonly refused?: (fields: Waiting['fields']) => void;
};

/** Refusals that a second try can end. */
const PASSING = [408, 425, 429];

/**
 * The server's answer to one that was sent. Only a refusal is an answer.
 * @throws where the server could not do it now (it erred, is locked, its disk is full) or the answer was cut:
 * such a one stays and is sent again.
 */
async function answerOf(response: Response): Promise<ActionResult> {
	if (response.status >= 500 || PASSING.includes(response.status)) throw new Error('not now');
	const text = await response.text();
	if (response.ok) {
		const result = deserialize(text);
		if (result.type === 'error') throw new Error('not now');
		return result;
	}
	// Refused before it came to a form.
	return {
		type: 'failure',
		status: response.status,
		data: { message: text.length < 300 && !/[<{]/.test(text) ? text : undefined }
	};
}

/**
 * Ticks and short edits of a list that is carried along. Each takes effect on the screen at once and is sent
 * in order; what cannot be sent now waits on this device, also over a reload, and is sent when the server is
 * there again. Every one carries its operation id, so that sending it twice counts once, and the revision that
 * it was made on, so that it never goes over a newer change unseen: such a one waits for a decision.
 */
class TickQueue {
	#all = $state<Waiting[]>([]);
	readonly waiting = $derived(this.#all.filter((one) => one.conflict === undefined));
	readonly conflicts = $derived(this.#all.filter((one) => one.conflict !== undefined));
	/** Whether what waits outlives this page. */
	isKept = $state(true);
	#sending: string | null = null;
	#isSending = false;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#isKnown = false;
	readonly #listeners = new Set<Listener>();

	/** Tells a page of what waits, is sent or refused. Answers how to stop. */
	listen(listener: Listener): () => void {
		this.#listeners.add(listener);
		if (this.#isKnown) listener.found?.(this.waiting);
		return () => this.#listeners.delete(listener);
	}

	/** Takes up what an earlier visit could not send. Answers how to stop. */
	start(): () => void {
		const online = () => void this.send();
		window.addEventListener('online', online);
		void this.#store(allWaiting).then((before) => {
			const kept = before ?? [];
			this.#all = [...kept, ...this.#all.filter((one) => !kept.some((other) => other.id === one.id))];
			this.#isKnown = true;
			for (const listener of this.#listeners) listener.found?.(this.waiting);
			void this.send();
		});
		return () => {
			window.removeEventListener('online', online);
			clearTimeout(this.#timer);
		};
	}

	/** `id` is that of an attempt whose answer never came: the server may have done it already. */
	add(action: string, fields: Record<string, string>, what: string, seen: number, id = newId()): void {
		const one: Waiting = { id, action, fields, what, seen };
		this.#all.push(one);
		// Kept first, then sent: a page that is closed in between loses nothing.
		void this.#store(() => keepWaiting(one)).then(() => this.send());
	}

	/** Takes back the latest that is meant and has not been sent; answers it, or null where there is none. */
	takeBack(isMeant: (one: Waiting) => boolean = () => true): Waiting | null {
		const one = this.waiting.findLast((each) => each.id !== this.#sending && isMeant(each));
		if (!one) return null;
		this.#remove(one.id);
		this.#refused(one.fields);
		return one;
	}

	/** What met a newer change: done after all, on what stands now, or left as it stands. */
	decide(one: Waiting, mine: boolean, seen: number): void {
		this.#remove(one.id);
		if (mine) this.add(one.action, { ...one.fields }, one.what, seen);
		else this.#refused(one.fields);
	}

	async send(): Promise<void> {
		if (this.#isSending) return;
		this.#isSending = true;
		clearTimeout(this.#timer);
		let label: string | null = null;
		let sent = false;
		let failed = false;
		try {
			while (this.waiting.length) {
				const [first] = this.waiting;
				this.#sending = first.id;
				const response = await fetch(first.action, {
					method: 'POST',
					body: formOf(first),
					headers: { 'x-sveltekit-action': 'true', accept: 'application/json' }
				});
				const result = await answerOf(response);
				sent = true;
				if (result.type === 'success') {
					label = (result.data as { changed?: string | null }).changed ?? label;
					this.#remove(first.id);
					continue;
				}
				const failure = result.type === 'failure' ? (result.data as Failure | undefined) : undefined;
				if (failure?.path === 'seen' && failure.message) {
					this.#all = this.#all.map((one) =>
						one.id === first.id ? { ...one, conflict: failure.message } : one
					);
					const { message } = failure;
					await this.#store(() => markConflict(first.id, message));
				} else {
					this.#remove(first.id);
					this.#refused(first.fields);
					sayWrong(failure?.message ?? `“${first.what}” couldn’t be saved. Reload the page and try again.`);
				}
			}
			if (label) sayDone(label);
			if (sent) {
				await loadAgain();
				for (const listener of this.#listeners) listener.sent?.();
			}
		} catch {
			failed = true;
			this.#timer = setTimeout(() => void this.send(), RETRY_MS);
		} finally {
			this.#isSending = false;
			this.#sending = null;
		}
		// What was added while the page was loaded again.
		if (!failed && this.waiting.length) void this.send();
	}

	#refused(fields: Waiting['fields']): void {
		for (const listener of this.#listeners) listener.refused?.(fields);
	}

	#remove(id: string): void {
		this.#all = this.#all.filter((one) => one.id !== id);
		void this.#store(() => dropWaiting(id));
	}

	/** A device that keeps nothing (a private window, a full disk) still sends; the page says that it keeps nothing. */
	async #store<T>(work: () => Promise<T>): Promise<T | null> {
		try {
			return await work();
		} catch {
			this.isKept = false;
			return null;
		}
	}
}

/** The one queue of this window. */
export const queue = new TickQueue();
