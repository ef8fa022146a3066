import { json, type RequestHandler } from '@sveltejs/kit';
import { readIsbn } from '$core/library/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { lookUp } from '$lib/server/outside/catalogue.ts';
import { sameAs } from '$lib/server/services/library/same.ts';
import { isbnShown } from '$lib/server/services/library/shown.ts';

/** What is known of one ISBN: from the catalogue, and whether the house has it. */
export const GET: RequestHandler = async ({ url }) => {
	const isbn = readIsbn(url.searchParams.get('isbn') ?? '');
	if (!isbn.valid) return json({ state: 'wrong', why: isbn.why });
	const found = await lookUp(isbn.isbn13!);
	const work =
		found.state === 'found'
			? { title: found.entry.title, authors: found.entry.authors, isbn13: isbn.isbn13 }
			: { title: '', authors: '', isbn13: isbn.isbn13 };
	return json({
		...found,
		isbn13: isbn.isbn13,
		shown: isbnShown(isbn.isbn13),
		same: sameAs(await situation(), work)
	});
};
