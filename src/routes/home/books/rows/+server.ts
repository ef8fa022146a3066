import { json, type RequestHandler } from '@sveltejs/kit';
import { opened } from '$lib/server/live/data.ts';
import { situation } from '$lib/server/live/now.ts';
import { filterIn } from '$lib/server/schemas/library-filter.ts';
import { libraryPage } from '$lib/server/services/library/search.ts';

const MOST = 200;
const FURTHEST = 10_000_000;

/** A stretch of the list of books and things, as one scrolls through it. */
export const GET: RequestHandler = async ({ url }) => {
	const offset = Math.min(FURTHEST, Math.max(0, Math.trunc(Number(url.searchParams.get('offset')) || 0)));
	const limit = Math.min(MOST, Math.max(1, Math.trunc(Number(url.searchParams.get('limit')) || 60)));
	const { read } = await opened();
	return json(await libraryPage(read, await situation(), filterIn(url.searchParams), offset, limit));
};
