import { error, type RequestHandler } from '@sveltejs/kit';
import { situation } from '$lib/server/live/now.ts';
import { icalOf } from '$lib/server/services/plan/calendar-file.ts';

/** The household's calendar, for a calendar program that reads it again and again; the address is the secret. */
export const GET: RequestHandler = async ({ params }) => {
	const now = await situation();
	const secret = now.snapshot.household.feed_secret;
	if (!secret || params.secret !== secret) error(404, 'Page not found.');
	return new Response(icalOf(now, null, new Date()), {
		headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-store' }
	});
};
