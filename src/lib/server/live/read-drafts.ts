import { Refusal } from '$core/error.ts';
import { readSheetAside, type Sheet } from '../exchange/index.ts';

type Reading = {
	readonly text: string;
	readonly sheet: Promise<Sheet>;
	readonly stop: () => void;
};

/** Files that are being read or were just read, by draft; a few, since each may be large. */
const readings = new Map<number, Reading>();
const KEPT = 3;

/** How long a page waits for a file before it says that it is being read, in ms. */
const PATIENCE_MS = 600;

/** The table in a file that was brought in, read once. @throws Refusal where it is none, or was stopped. */
export function sheetOf(draft: number, text: string): Promise<Sheet> {
	let reading = readings.get(draft);
	// After going back to a backup another file may have that number.
	if (reading?.text !== text) {
		const stopping = new AbortController();
		reading?.stop();
		const begun: Reading = {
			text,
			sheet: readSheetAside(text, { signal: stopping.signal }),
			stop: () => stopping.abort()
		};
		// Whoever waits hears of it; nobody may be waiting.
		begun.sheet.catch((error) => {
			if (!(error instanceof Refusal) && readings.get(draft) === begun) readings.delete(draft);
		});
		readings.delete(draft);
		readings.set(draft, begun);
		reading = begun;
		for (const old of [...readings.keys()].slice(0, -KEPT)) readings.delete(old);
	}
	return reading.sheet;
}

/** The table once it is there, or null where that takes long. @throws Refusal as {@link sheetOf}. */
export async function sheetSoon(draft: number, text: string): Promise<Sheet | null> {
	let timer: NodeJS.Timeout;
	const late = new Promise<null>((resolve) => (timer = setTimeout(() => resolve(null), PATIENCE_MS)));
	return Promise.race([sheetOf(draft, text), late]).finally(() => clearTimeout(timer));
}

/** Ends the reading of a file. */
export function stopReading(draft: number): void {
	readings.get(draft)?.stop();
}
