import { sameness, titleKey, type Sameness } from '$core/library/index.ts';
import { type Row, remember } from '$core/facts/index.ts';
import type { Situation } from '$core/account/index.ts';

const byFirstLetters = remember<ReadonlyMap<string, readonly Row<'resource'>[]>>();

const byIsbn = remember<ReadonlyMap<string, readonly Row<'resource'>[]>>();

/** Entries of the library that are the same thing, or nearly. */
export function sameAs(
	{ snapshot }: Situation,
	work: { readonly title: string; readonly authors: string; readonly isbn13: string | null }
): { id: number; title: string; how: Sameness }[] {
	// A typing error seldom is in the first letters, so only titles that begin alike are held against it.
	const letters = (title: string) => titleKey(title).slice(0, 3);
	const known = byFirstLetters(snapshot.resources, [], () =>
		grouped(snapshot.resources, (one) => letters(one.title))
	);
	const numbers = byIsbn(snapshot.resources, [snapshot.resources.length], () =>
		grouped(snapshot.resources, (one) => one.isbn13 ?? '')
	);
	const near = new Set([
		...(work.isbn13 ? (numbers.get(work.isbn13) ?? []) : []),
		...(known.get(letters(work.title)) ?? [])
	]);
	return [...near].flatMap((one) => {
		const how = sameness(work, one);
		return how ? [{ id: one.id, title: one.title, how }] : [];
	});
}

function grouped(
	rows: readonly Row<'resource'>[],
	key: (row: Row<'resource'>) => string
): Map<string, Row<'resource'>[]> {
	const groups = new Map<string, Row<'resource'>[]>();
	for (const row of rows) {
		const list = groups.get(key(row));
		if (list) list.push(row);
		else groups.set(key(row), [row]);
	}
	return groups;
}
