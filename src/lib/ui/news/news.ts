import { invalidateAll } from '$app/navigation';
import { navigating, page } from '$app/state';

/** A change that this window made itself is on the screen by then. */
const OWN_MS = 500;
const BUSY_MS = 1000;

/**
 * Keeps this window up to date with what other windows and phones change. Only a window that is seen
 * listens; nobody is interrupted while typing or in a dialog. Answers how to stop.
 */
export function followNews(): () => void {
	let source: EventSource | null = null;
	let newest = 0;
	let timer: ReturnType<typeof setTimeout> | undefined;

	function look() {
		clearTimeout(timer);
		if (newest <= (page.data.revision as number)) return;
		if (source === null) return;
		// While the server is away there is nothing to load; that would only end on the page for errors.
		const isAway = source.readyState !== EventSource.OPEN;
		if (isAway || isBusy()) timer = setTimeout(look, BUSY_MS);
		else void invalidateAll();
	}
	function heard(event: MessageEvent<string>) {
		newest = Math.max(newest, (JSON.parse(event.data) as { revision: number }).revision);
		clearTimeout(timer);
		timer = setTimeout(look, OWN_MS);
	}
	function follow() {
		if (document.hidden) {
			source?.close();
			source = null;
		} else if (!source) {
			source = new EventSource('/events');
			source.onmessage = heard;
		}
	}
	document.addEventListener('visibilitychange', follow);
	follow();
	return () => {
		document.removeEventListener('visibilitychange', follow);
		clearTimeout(timer);
		source?.close();
	};
}

function isBusy(): boolean {
	const at = document.activeElement;
	return (
		// Loading again would stop the way to the next page.
		navigating.to !== null ||
		(at instanceof HTMLElement &&
			at.matches('input:not([type=checkbox]):not([type=radio]), textarea, select')) ||
		document.querySelector('[role="dialog"]') !== null
	);
}
