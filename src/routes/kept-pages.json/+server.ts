import { json } from '@sveltejs/kit';
import { situation } from '$lib/server/live/now.ts';
import { KEPT_PAGES } from '$lib/ui/device/kept-pages.ts';
import { readyFor } from '$lib/server/services/week/week.ts';
import { inPlace } from '$lib/server/snapshot/in-place.ts';
import type { RequestHandler } from './$types';

/** What a device keeps for when there is no network: the lists, the next lesson of each unit in work, and the sheets of today and of the next day with a lesson. */
export const GET: RequestHandler = async () => {
	const now = await situation();
	const { runs, today } = now;
	const next = inPlace('The next lesson’s day', () => readyFor(now), null).value;
	const sheets = runs
		.filter(({ row: run }) => run.state === 'running')
		.map(({ row: run }) => `/units/${run.id}/plan/paper?show=next`);
	return json([...KEPT_PAGES, ...sheets, `/week/${today}`, ...(next ? [`/week/${next.day}`] : [])]);
};
