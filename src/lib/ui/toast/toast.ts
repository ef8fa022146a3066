import { toast } from 'svelte-sonner';
import { loadAgain } from '../news/load-again.ts';
import { freePlace } from './free-place.ts';

const LATEST = 'latest-change';

/** What was said last and still stands, and where. */
let done: string | null = null;
let place: ReturnType<typeof freePlace> | null = null;
const gone = () => void (done = null);

/** The page has changed under the message that stands there: it goes where it covers nothing again. */
export function stepAside(): void {
	if (done !== null && freePlace() !== place) sayDone(done);
}

/** Says what was done and offers to take it back. */
export function sayDone(label: string): void {
	// One message at a time: Undo always means what the message says.
	done = label;
	place = freePlace();
	toast(label, {
		id: LATEST,
		duration: 8000,
		position: place,
		onDismiss: gone,
		onAutoClose: gone,
		action: { label: 'Undo', onClick: () => void turn('undo') }
	});
}

/** Says something that changed nothing, so that there is nothing to undo. */
export function sayNote(text: string): void {
	toast(text, { duration: 4000, position: freePlace() });
}

/** Says what went wrong; stays until it is read. */
export function sayWrong(message: string): void {
	toast.error(message, { duration: 15000, position: freePlace() });
}

/** Takes back, or does again, this browser's latest change. */
export async function turn(way: 'undo' | 'redo'): Promise<void> {
	gone();
	let answer: { changed?: string; message?: string };
	try {
		const response = await fetch(`/changes/${way}`, { method: 'POST' });
		answer = await response.json();
	} catch {
		sayWrong('Can’t reach Gather Bin right now. Nothing changed.');
		return;
	}
	await loadAgain();
	if (answer.message) toast(answer.message, { id: LATEST, duration: 5000, action: undefined });
	else if (way === 'undo')
		toast(answer.changed ?? '', {
			id: LATEST,
			duration: 8000,
			action: { label: 'Redo', onClick: () => void turn('redo') }
		});
	else sayDone(answer.changed ?? '');
}
