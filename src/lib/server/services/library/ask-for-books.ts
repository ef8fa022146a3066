import { sameness } from '$core/library/index.ts';
import type { Day } from '$core/calendar/index.ts';
import { counted } from '$core/words/index.ts';
import type { AtLibrary, Row } from '$core/facts/index.ts';
import type { LookUp } from '../../outside/catalogue.ts';
import { DeskSilent, type LibraryDesk } from '../../outside/library-desk.ts';

/** Books that are asked about at a time. */
const AT_ONCE = 4;
/** Books that are asked about in one go; the rest the next time. */
const MOST = 60;

/** What was found out about a listed book. */
export type BookNews = {
	readonly id: number;
	readonly at: AtLibrary;
	/** What the catalogue knows of its number and the list does not say. */
	readonly pages: number | null;
};

/**
 * Asks the library's computer, and the catalogue where there is a number, about listed books. Where the library falls
 * silent the rest is left unasked; what it said so far counts.
 */
export async function askForBooks(
	rows: readonly Row<'listed_book'>[],
	desk: LibraryDesk | null,
	lookUp: (isbn13: string) => Promise<LookUp>,
	today: Day
): Promise<{ news: BookNews[]; isSilent: boolean }> {
	const news: BookNews[] = [];
	const waiting = rows.slice(0, MOST);
	let isSilent = desk === null;
	const one = async (row: Row<'listed_book'>): Promise<void> => {
		if (isSilent || desk === null) return;
		try {
			const [found, known] = await Promise.all([
				desk.search(row.isbn13 ?? row.title.slice(0, 120)),
				row.isbn13 && row.pages === null ? lookUp(row.isbn13) : null
			]);
			const same = found.filter(
				(title) =>
					sameness(row, { title: title.title, authors: title.authors, isbn13: title.isbn || null }) !== null
			);
			const [best] = same.toSorted(
				(a, b) => a.waiting / Math.max(1, a.copies) - b.waiting / Math.max(1, b.copies)
			);
			news.push({
				id: row.id,
				at: best
					? { copies: best.copies, waiting: best.waiting, isbn: best.isbn, on: today }
					: { copies: 0, waiting: 0, isbn: '', on: today },
				pages: known?.state === 'found' ? known.entry.pages : (best?.pages ?? null)
			});
		} catch (error) {
			if (!(error instanceof DeskSilent)) throw error;
			isSilent = true;
		}
	};
	for (let at = 0; at < waiting.length && !isSilent; at += AT_ONCE)
		await Promise.all(waiting.slice(at, at + AT_ONCE).map(one));
	return { news, isSilent };
}

/** "The library has 9 of 14 titles." */
export function newsText(news: readonly BookNews[], isSilent: boolean): string {
	const there = news.filter(({ at }) => at.copies > 0).length;
	const said = news.length ? `The library has ${there} of ${counted(news.length, 'title')}.` : '';
	return [said, isSilent ? 'Its system isn’t answering; choose anyway, and check again later.' : '']
		.filter(Boolean)
		.join(' ');
}
