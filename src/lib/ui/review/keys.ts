import { tick } from 'svelte';

/** A row of a review: open, with its fields, or one line of text. */
type Row = { open: boolean; looked: boolean };

/** How the rows of a review are gone through by keyboard; `next` goes on from a row that was said to be right. */
export function rowKeys(
	row: () => Row,
	element: () => HTMLElement | undefined,
	next: (from: HTMLElement) => unknown
) {
	async function toggle(open: boolean) {
		row().open = open;
		await tick();
		element()
			?.querySelector<HTMLElement>(open ? '[data-first]' : '[data-line]')
			?.focus();
	}
	function right() {
		Object.assign(row(), { looked: true, open: false });
		const from = element();
		if (from) next(from);
	}
	/** Enter in a field says that the row is right; Escape closes it. The form is sent by its button alone. */
	function onkeydown(event: KeyboardEvent) {
		const inField =
			event.target instanceof HTMLElement && event.target.matches('input:not([type=checkbox]), select');
		if (event.key === 'Enter' && inField) {
			event.preventDefault();
			right();
		} else if (event.key === 'Escape' && row().open) {
			event.preventDefault();
			void toggle(false);
		}
	}
	return { toggle, right, onkeydown };
}

/** Up and down go from line to line. */
export function walkLines(event: KeyboardEvent): void {
	const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
	if (!step || !(event.target instanceof HTMLElement) || !event.target.matches('[data-line]')) return;
	const all = [...document.querySelectorAll<HTMLElement>('[data-line]')].filter(
		(one) => one.offsetParent !== null
	);
	const to = all[all.indexOf(event.target) + step];
	if (!to) return;
	event.preventDefault();
	to.focus();
}
