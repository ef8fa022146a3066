import isbn3 from 'isbn3';
import { spineWidth, type ResourceKind } from '$core/library/index.ts';
import { thingId, type Row } from '$core/facts/index.ts';
import { whereText, type Situation } from '$core/account/index.ts';
import { counted, labelOf } from '$core/words/index.ts';

export type LibraryRow = {
	readonly id: number;
	readonly title: string;
	readonly authors: string;
	readonly kind: ResourceKind;
	readonly about: string;
	readonly where: string;
	/** Of its spine, in mm. */
	readonly width: number;
	/** The address of its picture; empty when there is none. */
	readonly picture: string;
};

export function libraryRow({ snapshot }: Situation, row: Row<'resource'>): LibraryRow {
	return {
		id: row.id,
		title: row.title,
		authors: row.authors,
		kind: row.kind,
		about: [
			labelOf(row.kind),
			row.pages ? counted(row.pages, 'page') : row.pieces ? counted(row.pieces, 'piece') : '',
			agesText(row),
			row.topics
		]
			.filter(Boolean)
			.join(' · '),
		where: atText(snapshot, row),
		picture: row.picture ? `/pictures/${row.picture}` : '',
		width: spineWidth({ widthMm: row.width_mm, pages: row.pages, hardcover: row.hardcover === 1 })
	};
}

function atText(snapshot: Situation['snapshot'], row: Row<'resource'>): string {
	if (row.kind === 'link') return row.service || 'online';
	const loan = snapshot.loans.find((one) => one.resource_id === row.id && one.state !== 'back');
	if (loan?.direction === 'out') return `lent to ${loan.borrower}`;
	if (row.owned) return whereText(snapshot, thingId('title', row.id));
	const from = snapshot.suppliers.find((one) => one.id === (loan?.supplier_id ?? row.supplier_id));
	return loan ? `${loan.state}, ${from?.name ?? 'borrowed'}` : from ? `at ${from.name}` : 'not ours';
}

export function agesText({ from_age, to_age }: Pick<Row<'resource'>, 'from_age' | 'to_age'>): string {
	if (from_age === null && to_age === null) return '';
	if (to_age === null) return `ages ${from_age} and up`;
	if (from_age === null) return `up to age ${to_age}`;
	return from_age === to_age ? `age ${from_age}` : `ages ${from_age} to ${to_age}`;
}

/** The number with hyphens between its groups; one of a range that is given to nobody as bare digits. */
export function isbnShown(isbn13: string | null): string {
	return isbn13 ? (isbn3.parse(isbn13)?.isbn13h ?? isbn13) : '';
}
