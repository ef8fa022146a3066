import type { Doer } from '../history/changes.ts';
import { isLibraryThere, libraryDesk } from '../outside/library-desk.ts';
import { askLibrary, deskFailure } from '../services/library/ask-library.ts';
import { opened } from './data.ts';
import { situation } from './now.ts';

/** What the library's computer said last, for as long as the server runs. */
let said = '';
let talking: Promise<string> | null = null;

/** Whether there is a library's computer to ask, and what it said last. */
export function deskState(): { readonly isThere: boolean; readonly said: string } {
	return { isThere: isLibraryThere(), said };
}

/** Asks the library now. Answers in words what is new, or why nothing is known. */
export function talkToLibrary(doer: Doer): Promise<string> {
	// One talk at a time, since both sides change meanwhile.
	const before = talking ?? Promise.resolve('');
	// One that failed does not keep the next from being had.
	talking = before.catch(() => '').then(() => talk(doer));
	return talking;
}

async function talk(doer: Doer): Promise<string> {
	const { snapshot, today } = await situation();
	const desk = libraryDesk(today);
	if (!desk) return '';
	try {
		said = await askLibrary((await opened()).write, snapshot, today, desk, doer);
	} catch (error) {
		said = deskFailure(error);
	}
	return said;
}

/** Tells the library in the background what was just decided; nobody waits for it. */
export function tellLibrarySoon(doer: Doer): void {
	if (isLibraryThere())
		talkToLibrary(doer).catch((error: unknown) => console.error('Couldn’t tell the library', error));
}
