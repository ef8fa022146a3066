import { Refusal } from '$core/error.ts';
import {
	COPYING_RIGHTS,
	readIsbn,
	RESOURCE_KINDS,
	type CopyingRight,
	type ResourceKind
} from '$core/library/index.ts';
import type { Row } from '$core/facts/index.ts';
import { placePath } from '$core/account/index.ts';
import { placeByPath } from '../../stores/house/places.ts';
import { addResource, updateResource, type ResourceInput } from '../../stores/library/resources.ts';
import { nameCell, yesCell } from '../columns.ts';
import { eachRow, readRows, type SheetKind } from '../import-plan.ts';
import { labelOf, RIGHTS_TEXT } from '$core/words/index.ts';

type Key =
	| 'title'
	| 'authors'
	| 'kind'
	| 'isbn'
	| 'publisher'
	| 'year'
	| 'language'
	| 'pages'
	| 'topics'
	| 'fromAge'
	| 'toAge'
	| 'grade'
	| 'place'
	| 'owned'
	| 'copies'
	| 'rights'
	| 'pieces'
	| 'notes';

type Planned = {
	readonly id: number | null;
	readonly input: ResourceInput;
	readonly path: readonly string[];
};

/** Books and things: a row is one resource, known by its ISBN or else by title, kind and author. */
export const LIBRARY: SheetKind<Key> = {
	id: 'books',
	name: 'the home library',
	columns: [
		{ key: 'title', title: 'title', also: ['name', 'book'] },
		{ key: 'authors', title: 'by', also: ['author', 'authors', 'creator'] },
		{ key: 'kind', title: 'kind', also: ['type', 'format', 'medium'] },
		{ key: 'isbn', title: 'ISBN', also: ['isbn13', 'isbn 13', 'isbn10'] },
		{ key: 'publisher', title: 'publisher', also: [] },
		{ key: 'year', title: 'year', also: ['published', 'date'] },
		{ key: 'language', title: 'language', also: [] },
		{ key: 'pages', title: 'pages', also: ['page count', 'length'] },
		{ key: 'topics', title: 'topics', also: ['subjects', 'tags', 'keywords', 'topic'] },
		{ key: 'fromAge', title: 'from age', also: ['age', 'ages', 'min age'] },
		{ key: 'toAge', title: 'to age', also: ['max age'] },
		{ key: 'grade', title: 'reads like grade', also: ['reading level', 'grade level'] },
		{ key: 'place', title: 'place', also: ['shelf', 'location', 'where'] },
		{ key: 'owned', title: 'ours', also: ['owned', 'own'] },
		{ key: 'copies', title: 'copies', also: [] },
		{ key: 'rights', title: 'may be copied for', also: ['rights', 'copying'] },
		{ key: 'pieces', title: 'pieces', also: ['parts'] },
		{ key: 'notes', title: 'notes', also: ['note', 'comment'] }
	],
	needs: ['title', 'authors'],

	write({ snapshot }) {
		return snapshot.resources.map((row) => [
			row.title,
			row.authors,
			row.kind,
			row.isbn13 ?? '',
			row.publisher,
			text(row.year),
			row.language,
			text(row.pages),
			row.topics,
			text(row.from_age),
			text(row.to_age),
			text(row.grade),
			row.place_id === null ? '' : placePath(snapshot.places, row.place_id),
			row.owned ? 'yes' : 'no',
			String(row.copies),
			row.rights,
			text(row.pieces),
			row.notes
		]);
	},

	async plan({ snapshot, today }, rows) {
		const key = (title: string, kind: string, authors: string) =>
			[title.toLowerCase(), kind, authors.toLowerCase()].join('|');
		const byIsbn = new Map(snapshot.resources.flatMap((row) => (row.isbn13 ? [[row.isbn13, row]] : [])));
		const byKey = new Map(snapshot.resources.map((row) => [key(row.title, row.kind, row.authors), row]));
		const seen = new Map<string, number>();
		const planned: Planned[] = [];
		const read = await readRows(rows, (cells, row) => {
			const title = nameCell(cells.title, 'title');
			const isbn13 = isbnCell(cells.isbn);
			const kind = kindCell(cells.kind);
			const path = cells.place
				.split(/\s*[›>]\s*/)
				.map((part) => part.trim())
				.filter(Boolean);
			for (const part of path) nameCell(part, 'place');
			const own = key(title, kind, cells.authors);
			const before = seen.get(isbn13 ?? own);
			if (before !== undefined) throw new Refusal(`the same as row ${before}.`);
			seen.set(isbn13 ?? own, row);
			const known = (isbn13 ? byIsbn.get(isbn13) : undefined) ?? byKey.get(own);
			const input: ResourceInput = {
				title,
				authors: cells.authors.slice(0, 300),
				kind,
				isbn13,
				publisher: cells.publisher.slice(0, 200),
				year: wholeCell(cells.year, 'year', 3000),
				language: cells.language.slice(0, 60),
				pages: wholeCell(cells.pages, 'number of pages', 20_000),
				topics: cells.topics.slice(0, 500),
				from_age: wholeCell(cells.fromAge, 'age', 99),
				to_age: wholeCell(cells.toAge, 'age', 99),
				grade: gradeCell(cells.grade),
				owned: cells.owned === '' || yesCell(cells.owned) ? 1 : 0,
				copies: wholeCell(cells.copies, 'number of copies', 999) || 1,
				rights: rightsCell(cells.rights),
				pieces: wholeCell(cells.pieces, 'number of pieces', 100_000),
				notes: cells.notes.slice(0, 5000)
			};
			const said = [title, cells.authors, kind, path.join(' › ')].filter(Boolean).join(', ');
			const changes =
				known &&
				(Object.entries(input).some(([name, value]) => known[name as keyof Row<'resource'>] !== value) ||
					path.join(' › ') !== (known.place_id === null ? '' : placePath(snapshot.places, known.place_id)));
			if (!known || changes) planned.push({ id: known?.id ?? null, input, path });
			return { status: !known ? 'new' : changes ? 'changed' : 'same', text: said, value: null };
		});
		return {
			rows: read.map((one) => one.planned),
			apply(trx, progress) {
				return eachRow(planned, progress, async ({ id, input, path }) => {
					const place_id = path.length ? await placeByPath(trx, path) : null;
					if (id === null) await addResource(trx, { ...input, place_id }, today);
					else await updateResource(trx, id, { ...input, place_id });
				});
			}
		};
	}
};

const text = (number: number | null) => (number === null ? '' : String(number));
const short = (cell: string) => (cell.length > 40 ? `${cell.slice(0, 40)}…` : cell);

function isbnCell(cell: string): string | null {
	if (!cell) return null;
	const isbn = readIsbn(cell);
	if (!isbn.valid) throw new Refusal(`“${short(cell)}” isn’t an ISBN: ${isbn.why}.`);
	return isbn.isbn13;
}

function kindCell(cell: string): ResourceKind {
	if (!cell) return 'book';
	const kind = RESOURCE_KINDS.find((one) => [one, labelOf(one).toLowerCase()].includes(cell.toLowerCase()));
	if (!kind) throw new Refusal(`“${short(cell)}” isn’t a kind we know. Use ${RESOURCE_KINDS.join(', ')}.`);
	return kind;
}

function rightsCell(cell: string): CopyingRight {
	if (!cell) return 'own family';
	const rights = COPYING_RIGHTS.find((one) => [one, RIGHTS_TEXT[one]].includes(cell.toLowerCase()));
	if (!rights) throw new Refusal(`“${short(cell)}” isn’t a copy setting. Use ${COPYING_RIGHTS.join(', ')}.`);
	return rights;
}

function wholeCell(cell: string, what: string, most: number): number | null {
	if (!cell) return null;
	const number = Number(cell);
	if (!Number.isInteger(number) || number < 0 || number > most)
		throw new Refusal(`“${short(cell)}” isn’t a ${what}. Enter a whole number up to ${most}.`);
	return number;
}

function gradeCell(cell: string): number | null {
	if (!cell) return null;
	const grade = /^k$/i.test(cell) ? 0 : Number(cell);
	if (!(grade >= 0 && grade <= 12))
		throw new Refusal(`“${short(cell)}” isn’t a school grade. Enter K or 1 to 12.`);
	return grade;
}
