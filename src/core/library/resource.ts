import { CoreError } from '../error.ts';
import { readIsbn } from './isbn.ts';
import type { ResourceKind } from './kinds.ts';
import { LONGEST_BOOK_LINE, readBookLine } from './read/book-line.ts';

/** A resource as one would jot it down. */
export type TypedResource = {
	readonly title: string;
	readonly authors: string;
	readonly kind: ResourceKind;
	readonly isbn13: string | null;
	readonly pages: number | null;
	readonly minutes: number | null;
	readonly fromAge: number | null;
	readonly toAge: number | null;
	readonly playersFrom: number | null;
	readonly playersTo: number | null;
	readonly pieces: number | null;
	readonly address: string;
	/** Parts that are none of these: places, topics. */
	readonly rest: readonly string[];
};

const KINDS: readonly (readonly [RegExp, ResourceKind])[] = [
	[/^picture books?$/i, 'picture book'],
	[/^books?$/i, 'book'],
	[/^(?:board |card )?games?$/i, 'game'],
	[/^kits?$/i, 'kit'],
	[/^models?$/i, 'model'],
	[/^(?:jigsaw )?puzzles?$/i, 'puzzle'],
	[/^posters?$/i, 'poster'],
	[/^(?:discs?|cds?|dvds?)$/i, 'disc'],
	[/^magazines?$/i, 'magazine'],
	[/^(?:card sets?|cards)$/i, 'card set'],
	[/^(?:live )?specimens?$/i, 'live specimen'],
	[/^printables?$/i, 'printable'],
	[/^(?:links?|films?|videos?|recordings?|webcams?)$/i, 'link']
];
/**
 * The parts of a line: one that is plainly a book by somebody is one part, however many commas its authors or its
 * publisher bring along; else the commas divide.
 */
function partsOf(text: string): string[] {
	const [book, ...more] = readBookLine(text);
	const isBook = book && more.length === 0 && book.by.length > 0 && !book.check;
	// Two names with only a comma between may be an author and a place.
	if (isBook && (book.by.length === 1 || /\sand\s|&|;/.test(text))) return [text];
	return text
		.split(/\s*[,;]\s*/)
		.map((part) => part.trim())
		.filter(Boolean);
}

const RANGE = String.raw`(\d{1,4})(?:\s*(?:[-–]|to)\s*(\d{1,4}))?`;

/**
 * Reads a line such as "Shadows and Stars by Ana Reed, picture book, 48 pages, ages 6-10" or a bare ISBN.
 * The first part is the title; what the others do not say is left in `rest`.
 *
 * @throws CoreError when there is neither a title nor a valid ISBN, or far too much for one line.
 */
export function readResource(text: string): TypedResource {
	if (text.length > LONGEST_BOOK_LINE)
		throw new CoreError('That’s too long for one title. Enter one book at a time.');
	const found = {
		title: '',
		authors: '',
		kind: 'book' as ResourceKind,
		isbn13: null as string | null,
		pages: null as number | null,
		minutes: null as number | null,
		fromAge: null as number | null,
		toAge: null as number | null,
		playersFrom: null as number | null,
		playersTo: null as number | null,
		pieces: null as number | null,
		address: ''
	};
	const rest: string[] = [];
	const parts = partsOf(text.replace(/\s+/g, ' ').trim());
	for (const [i, part] of parts.entries()) {
		const isbn = /^(?:isbn|97[89][\d -]{10,}|[\d -]{9,}x?$)/i.test(part) ? readIsbn(part) : null;
		if (isbn?.valid) found.isbn13 = isbn.isbn13;
		else if (isbn && /^isbn/i.test(part)) throw new CoreError(`That ISBN isn’t right: ${isbn.why}.`);
		else if (i === 0) takeBook(part);
		else if (!take(part)) rest.push(part);
	}
	if (!found.title && !found.isbn13)
		throw new CoreError(
			parts.length ? 'Start with the title, or enter the ISBN.' : 'Type a title or an ISBN first.'
		);
	return { ...found, rest };

	/** Title and author in any form that lists print. */
	function takeBook(part: string): void {
		const [book, ...more] = /:\/\//.test(part) ? [] : readBookLine(part);
		if (!book || more.length > 0) {
			found.title = part;
			return;
		}
		Object.assign(found, {
			title: book.title,
			authors: book.by.join(', '),
			kind: book.kind,
			isbn13: book.isbn13,
			pages: book.pages,
			fromAge: book.fromAge,
			toAge: book.toAge
		});
		for (const note of book.note?.split(/\s*[,;]\s*/) ?? []) if (!take(note)) rest.push(note);
	}

	function take(part: string): boolean {
		const kind = KINDS.find(([pattern]) => pattern.test(part));
		if (kind) found.kind = kind[1];
		const [, pages] = /^(\d{1,4})\s*(?:pages?|pp?\.?)$/i.exec(part) ?? [];
		if (pages) found.pages = Number(pages);
		const [, minutes] = /^(\d{1,4})\s*min(?:ute)?s?$/i.exec(part) ?? [];
		if (minutes) found.minutes = Number(minutes);
		const [, pieces] = /^(\d{1,5})\s*(?:pieces?|parts?)$/i.exec(part) ?? [];
		if (pieces) found.pieces = Number(pieces);
		const ages = new RegExp(`^ages?\\s*${RANGE}(\\s*(?:\\+|and up|up))?$`, 'i').exec(part);
		if (ages) {
			found.fromAge = Number(ages[1]);
			found.toAge = ages[2] ? Number(ages[2]) : ages[3] ? null : Number(ages[1]);
		}
		const players = new RegExp(`^${RANGE}\\s*players?$`, 'i').exec(part);
		if (players) {
			found.playersFrom = Number(players[1]);
			found.playersTo = Number(players[2] ?? players[1]);
		}
		const [, authors] = /^by\s+(.+)$/i.exec(part) ?? [];
		if (authors) found.authors = authors;
		const isAddress = /^https?:\/\/\S+$/i.test(part);
		if (isAddress) {
			found.address = part;
			if (!kind && found.kind === 'book') found.kind = 'link';
		}
		return Boolean(kind || pages || minutes || pieces || ages || players || authors || isAddress);
	}
}
