import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

/** Waits until the way to another page, or a search that is on its way, has arrived. */
export async function arrived(): Promise<void> {
	// Given up for another way is arrived as well.
	await navigating.complete?.catch(() => undefined);
}

/** Loads the page's data again. What is on its way comes first: loading would stop it. */
export async function loadAgain(): Promise<void> {
	await arrived();
	await invalidateAll();
}
