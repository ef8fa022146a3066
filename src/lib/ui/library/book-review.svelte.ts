import { counted } from '$core/words/index.ts';
import type { BookReviewRow } from '$lib/server/services/library/book-review.ts';

/** One book of the review while it is looked through. */
export class BookLine {
	readonly row: BookReviewRow;
	/** By it a fault names its book. */
	readonly index: number;
	fields: Record<
		'lesson' | 'title' | 'authors' | 'isbn' | 'kind' | 'role' | 'fromAge' | 'toAge' | 'pages' | 'note',
		string
	> & { optional: boolean };
	keep = $state(true);
	open: boolean;
	looked = $state(false);

	constructor(row: BookReviewRow, index: number) {
		this.row = row;
		this.index = index;
		const { lesson, title, authors, isbn, kind, role, fromAge, toAge, pages, note, optional } = row;
		this.fields = $state({
			lesson: lesson === null ? '' : String(lesson),
			title,
			authors,
			isbn,
			kind,
			role,
			fromAge,
			toAge,
			pages,
			note,
			optional
		});
		this.open = $state(this.isDoubtful);
	}

	get isDoubtful(): boolean {
		return this.row.doubt !== null && this.row.status !== 'same';
	}

	get written(): string {
		return this.row.written.replace(/^[\s•*·▪●○◦■□☐–—-]+/u, '');
	}

	/** What the list says of it besides title and author. */
	get says(): string {
		const { kind, role, fromAge, toAge, pages, note, optional } = this.fields;
		const ages =
			fromAge === '0' && !toAge
				? 'all ages'
				: fromAge && toAge
					? `ages ${fromAge}–${toAge}`
					: fromAge
						? `ages ${fromAge} and up`
						: '';
		return [
			kind === 'book' ? '' : kind,
			role,
			ages || (toAge ? `up to age ${toAge}` : ''),
			pages && counted(Number(pages), 'page'),
			optional && 'optional',
			note
		]
			.filter(Boolean)
			.join(' · ');
	}

	sent(): object {
		const { row, index, fields } = this;
		return { index, id: row.id, fields: { ...fields, written: row.written } };
	}
}
