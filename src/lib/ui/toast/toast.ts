import { toast, type ExternalToast } from 'svelte-sonner';
import { loadAgain } from '../news/load-again.ts';
import { freePlace } from './free-place.ts';

/** One message at a time: Undo always means what the message says. */
const IDS = { done: 'done', wrong: 'wrong' } as const;

/** What stands there, and where; how it is shown once more at another place. */
let standing: { readonly place: string; readonly again: () => void } | null = null;

function show(text: string, options: ExternalToast, isWrong = false): void {
	const me = { place: freePlace(), again: () => show(text, options, isWrong) };
	const gone = () => {
		if (standing === me) standing = null;
	};
	toast.dismiss(isWrong ? IDS.done : IDS.wrong);
	standing = me;
	const all = { action: undefined, ...options, position: me.place, onDismiss: gone, onAutoClose: gone };
	if (isWrong) toast.error(text, { ...all, id: IDS.wrong });
	else toast(text, { ...all, id: IDS.done });
}

/** The page has changed under the message that stands there: it goes where it covers nothing again. */
export function stepAside(): void {
	if (standing !== null && freePlace() !== standing.place) standing.again();
}

/** Says what was done and offers to take it back. */
export function sayDone(label: string): void {
	show(label, { duration: 8000, action: { label: 'Undo', onClick: () => void turn('undo') } });
}

/** Says something that changed nothing, so that there is nothing to undo. */
export function sayNote(text: string): void {
	show(text, { duration: 4000 });
}

/** Says what went wrong; stays until it is read. */
export function sayWrong(message: string): void {
	show(message, { duration: 15000 }, true);
}

/** Takes back, or does again, this browser's latest change. */
export async function turn(way: 'undo' | 'redo'): Promise<void> {
	let answer: { changed?: string; message?: string };
	try {
		const response = await fetch(`/changes/${way}`, { method: 'POST' });
		answer = await response.json();
	} catch {
		sayWrong('Can’t reach Gather Bin right now. Nothing changed.');
		return;
	}
	await loadAgain();
	if (answer.message) show(answer.message, { duration: 5000 });
	else if (way === 'undo')
		show(answer.changed ?? '', {
			duration: 8000,
			action: { label: 'Redo', onClick: () => void turn('redo') }
		});
	else sayDone(answer.changed ?? '');
}
