import { onDestroy } from 'svelte';

/** How far a worker has come, 0 to 1. */
type Share = { readonly share: number };

/**
 * A question that a worker answers beside the page, one at a time, ended with the page. The worker may tell how far
 * it is with messages `{ share }`; its answer is any other message. Made while a component is set up.
 */
export class Aside<Question, Answer extends object> {
	/** How far it is; null while nothing is worked out. */
	share = $state<number | null>(null);
	private worker: Worker | null = null;
	private answer = $state.raw<{ readonly to: string; readonly is: Answer | { problem: string } } | null>(
		null
	);
	private readonly make: () => Worker;

	constructor(make: () => Worker) {
		this.make = make;
		onDestroy(() => this.stop());
	}

	ask(question: Question): void {
		this.stop();
		const to = JSON.stringify(question);
		this.share = 0;
		this.worker = this.make();
		this.worker.onmessage = ({ data }: MessageEvent<Answer | Share>) => {
			if ('share' in data) {
				this.share = data.share;
				return;
			}
			this.answer = { to, is: data };
			this.stop();
		};
		this.worker.onerror = () => {
			this.answer = { to, is: { problem: 'This device couldn’t work that out. Nothing changed.' } };
			this.stop();
		};
		this.worker.postMessage(JSON.parse(to));
	}

	stop(): void {
		this.worker?.terminate();
		this.worker = null;
		this.share = null;
	}

	/** The answer, as long as the question is still the same. */
	to(question: Question): Answer | { problem: string } | null {
		return this.answer && this.answer.to === JSON.stringify(question) ? this.answer.is : null;
	}
}
