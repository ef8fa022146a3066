import type { SubmitFunction } from '@sveltejs/kit';
import { tick } from 'svelte';
import { page } from '$app/state';
import { arrived } from '../news/load-again.ts';
import { sayDone, sayWrong, stepAside } from '../toast/toast.ts';
import { newId } from './new-id.ts';
import { queue } from './queue.svelte.ts';

type Options = {
	/** Called after the change was made, before the page is loaded again. */
	done?: () => unknown;
	/** Called when the page shows the change. */
	shown?: () => unknown;
	/** Empties the form afterwards. */
	reset?: boolean;
	/** What it is, where it may wait on this device for the server: "Bought: 6 oranges". */
	waits?: string;
};

/**
 * For `use:enhance`: sends a form with an operation id, so that sending it twice changes nothing
 * twice, and shows the toast with Undo. What is wrong gets the focus.
 */
export function saves({ done, shown, reset = false, waits }: Options = {}): SubmitFunction {
	return ({ formData, action }) => {
		const operation = newId();
		formData.set('operation', operation);
		return async ({ result, update }) => {
			if (result.type === 'redirect') await done?.();
			if (result.type === 'success') {
				await done?.();
				const changed = (result.data as { changed?: string | null } | undefined)?.changed;
				if (changed) sayDone(changed);
			} else if (result.type === 'failure') {
				const failure = result.data as { message?: string; path?: string | null } | undefined;
				// A question is asked at its place, and is nothing that went wrong.
				if (failure?.message && !failure.path?.startsWith('same ')) sayWrong(failure.message);
			} else if (result.type === 'error') {
				// No answer is a matter of the network, and 5xx one of a server that cannot do it now: both are tried again.
				if (waits && (result.status === undefined || result.status >= 500)) {
					const fields = Object.fromEntries(
						[...formData].filter(([name, value]) => name !== 'operation' && typeof value === 'string')
					) as Record<string, string>;
					const seen = page.data.revision as number;
					queue.add(action.pathname + action.search, fields, waits, seen, operation);
					await done?.();
					return;
				}
				sayWrong(result.error?.message ?? 'That didn’t go through. What you typed is still here; try again.');
				return;
			}
			await arrived();
			await update({ reset });
			stepAside();
			if (result.type === 'success') await shown?.();
			if (result.type === 'failure') {
				await tick();
				document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
			}
		};
	};
}
