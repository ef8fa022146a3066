/** Something that can be found by its name. */
export type Findable = { readonly name: string };

/** Lower case without accents. */
function plain(text: string): string {
	return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}

/**
 * The entries that fit a typed text, best first, at most `limit`. Every typed word must fit a word
 * of the name: its beginning best, then its inside, then with a typing error or two.
 *
 *     findBest([{ name: 'craft stick' }], 'crfat', 5)   // the craft stick
 */
export function findBest<T extends Findable>(entries: readonly T[], typed: string, limit: number): T[] {
	const words = plain(typed).split(/\s+/).filter(Boolean);
	if (words.length === 0) return [];
	const scored: { entry: T; score: number }[] = [];
	for (const entry of entries) {
		const names = plain(entry.name)
			.split(/[\s\-–›,.()"']+/)
			.filter(Boolean);
		let score = 0;
		for (const word of words) {
			const best = Math.max(...names.map((name) => fit(word, name)), 0);
			if (best === 0) {
				score = 0;
				break;
			}
			score += best;
		}
		if (score > 0) scored.push({ entry, score: score / words.length - names.length / 100 });
	}
	scored.sort((a, b) => b.score - a.score || (a.entry.name < b.entry.name ? -1 : 1));
	return scored.slice(0, limit).map(({ entry }) => entry);
}

/** From 0, no fit, to 5, the same word. */
function fit(word: string, name: string): number {
	if (name === word) return 5;
	if (name.startsWith(word)) return 4;
	if (word.length > 2 && name.includes(word)) return 3;
	const allowed = word.length >= 8 ? 2 : word.length >= 4 ? 1 : 0;
	if (allowed === 0) return 0;
	// The word may still be being typed: it is held against the beginning of the name as well.
	const ends = name.length > word.length ? [name, name.slice(0, word.length)] : [name];
	const errors = Math.min(...ends.map((end) => typingErrors(word, end, allowed)));
	return errors <= allowed ? 2 - errors / 2 : 0;
}

/** Letters wrong, missing, too many, or two swapped; gives up beyond `most`. */
function typingErrors(a: string, b: string, most: number): number {
	if (Math.abs(a.length - b.length) > most) return most + 1;
	let before: number[] = [];
	let last = Array.from({ length: b.length + 1 }, (_, i) => i);
	for (let i = 1; i <= a.length; i++) {
		const row = [i];
		for (let j = 1; j <= b.length; j++) {
			const same = a[i - 1] === b[j - 1] ? 0 : 1;
			row[j] = Math.min(last[j] + 1, row[j - 1] + 1, last[j - 1] + same);
			if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
				row[j] = Math.min(row[j], before[j - 2] + 1);
		}
		if (Math.min(...row) > most) return most + 1;
		[before, last] = [last, row];
	}
	return last[b.length];
}
