/** A hand scanner types a digit every few milliseconds; nobody else does. */
const FAST_MS = 45;
const SHORTEST = 8;

/**
 * Listens for a hand scanner anywhere on the page: a keyboard that types fast and ends with Enter. What it
 * typed goes to `heard` and to no field. Answers how to stop.
 */
export function listenToScanner(heard: (code: string) => void): () => void {
	let typed = '';
	let last = 0;
	function key(event: KeyboardEvent) {
		const isFast = event.timeStamp - last < FAST_MS;
		last = event.timeStamp;
		if (event.key === 'Enter' && isFast && typed.length >= SHORTEST) {
			event.preventDefault();
			event.stopPropagation();
			empty(event.target, typed);
			heard(typed);
			typed = '';
		} else if (/^[\dxX]$/.test(event.key)) {
			typed = isFast ? typed + event.key : event.key;
		} else if (event.key.length === 1 || event.key === 'Enter') {
			typed = '';
		}
	}
	document.addEventListener('keydown', key, true);
	return () => document.removeEventListener('keydown', key, true);
}

/** Takes what was scanned out of the field that had the focus. */
function empty(target: EventTarget | null, code: string) {
	if (!(target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement)) return;
	if (!target.value.endsWith(code)) return;
	target.value = target.value.slice(0, -code.length);
	target.dispatchEvent(new Event('input', { bubbles: true }));
}
