import type { SubmitFunction } from '@sveltejs/kit';
import { tick } from 'svelte';
import { arrived } from '../news/load-again.ts';
import { sayDone, sayWrong } from '../toast/toast.ts';

/** An id that works without a secure context, as on the phone over plain http. */
export function newId(): string {
	return Array.from(crypto.getRandomValues(new Uint8Array(12)), (byte) =>
		byte.toString(16).padStart(2, '0')
	).join('');
}

type Options = {
	/** Called after the change was made, before the page is loaded again. */
	done?: () => unknown;
	/** Called when the page shows the change. */
	shown?: () => unknown;
	/** Empties the form afterwards. */
	reset?: boolean;
};

/**
 * For `use:enhance`: sends a form with an operation id, so that sending it twice changes nothing
 * twice, and shows the toast with Undo. What is wrong gets the focus.
 */
export function saves({ done, shown, reset = false }: Options = {}): SubmitFunction {
	return ({ formData }) => {
		formData.set('operation', newId());
		return async ({ result, update }) => {
			if (result.type === 'redirect') await done?.();
			if (result.type === 'success') {
				await done?.();
				const changed = (result.data as { changed?: string | null } | undefined)?.changed;
				if (changed) sayDone(changed);
			} else if (result.type === 'failure') {
				const failure = result.data as { message?: string } | undefined;
				if (failure?.message) sayWrong(failure.message);
			} else if (result.type === 'error') {
				sayWrong(
					result.error?.message ?? 'That did not reach the server. What you typed is still here; try again.'
				);
				return;
			}
			await arrived();
			await update({ reset });
			if (result.type === 'success') await shown?.();
			if (result.type === 'failure') {
				await tick();
				document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
			}
		};
	};
}
