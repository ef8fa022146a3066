import type { Day } from '../../calendar/dates.ts';
import { readDay } from '../../calendar/read-day.ts';
import { nameKey } from '../../naming/naming.ts';
import { SPELLINGS } from '../../reference/list-words.ts';
import type { Unit } from '../../reference/measures.ts';
import { readSupplyLine } from './line.ts';

/** A place that a typed line may name. */
export type KnownPlace = { readonly id: string; readonly names: readonly string[] };

/** What somebody says that the house has. */
export type StashLine = {
	readonly item: string;
	/** Null when the line says some, or a few: somebody has to say how much. */
	readonly quantity: number | null;
	readonly unit: Unit;
	readonly place: string | null;
	readonly goodUntil: Day | null;
	/** Words that were read as neither thing, amount, place nor date; a person should look. */
	readonly unread: string | null;
};

const UNTIL =
	/[,;]?\s*\b(?:(?:good |keeps |best |use |sell |best if used )?(?:till|until|by)|expires?(?: on)?|expiry|(?:best|use) before|exp\.?)\s+([^,;]+)$/i;

const AMOUNT_BEHIND = /^([^,;\d½⅓⅔¼¾]+?)\s+([\d½⅓⅔¼¾][\d./\s½⅓⅔¼¾]*)([a-zA-Z.]*)$/u;

/**
 * Reads one line as one would say it: "flour 2 kg pantry, till June". Months without a year are the
 * next ones from today, and last to their end; a slashed date is read as `readDay` does.
 *
 *     readStashLine('flour 2 kg pantry, till June', places, '2027-01-22')
 *     // [{ item: 'flour', quantity: 2, unit: 'kg', place: '4', goodUntil: '2027-06-30', unread: null }]
 */
export function readStashLine(
	text: string,
	places: readonly KnownPlace[],
	today: Day,
	dayFirst = false
): StashLine[] {
	let rest = text.trim();
	let goodUntil: Day | null = null;
	let unread: string | null = null;
	const until = UNTIL.exec(rest);
	if (until) {
		goodUntil = readDay(until[1], today, dayFirst);
		if (!goodUntil) unread = until[0].replace(/^[,;\s]+/, '');
		rest = rest.slice(0, until.index);
	}
	const found = placeIn(rest, places);
	if (found) rest = found.rest;
	// "flour 2 kg": the amount may stand behind the thing as well as in front of it.
	const turned = rest.replace(AMOUNT_BEHIND, (said, thing: string, amount: string, unit: string) =>
		unit === '' || SPELLINGS.has(unit.replace('.', '')) ? `${amount} ${unit} ${thing}` : said
	);
	const lines = readSupplyLine(turned);
	return lines.map((line) => ({
		item: line.item,
		quantity: line.quantity,
		unit: line.unit,
		place: found?.place ?? null,
		goodUntil,
		unread
	}));
}

/** The place that a line names at its end or after a comma; the longest name wins. */
function placeIn(text: string, places: readonly KnownPlace[]): { place: string; rest: string } | null {
	const lower = text.toLowerCase();
	let best: { place: string; rest: string; length: number } | null = null;
	for (const { id, names } of places) {
		for (const name of names) {
			const key = name.toLowerCase();
			if (!key || (best && best.length >= key.length)) continue;
			const at = lower.lastIndexOf(key);
			if (at <= 0 || at + key.length !== lower.trimEnd().length || /[\p{L}\d]/u.test(lower[at - 1])) continue;
			const rest = text
				.slice(0, at)
				.replace(/(?:[,;:]|\b(?:in|on|at|under|into|to)(?: the)?)?\s*$/i, '')
				.replace(/[,;\s]+$/, '');
			if (rest && nameKey(rest)) best = { place: id, rest, length: key.length };
		}
	}
	return best;
}
