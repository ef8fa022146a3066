import { json } from '@sveltejs/kit';
import { situation } from '$lib/server/live/now.ts';
import { KEPT_PAGES } from '$lib/ui/device/kept-pages.ts';
import type { RequestHandler } from './$types';

/** What a device keeps for when there is no network: the lists, and the next lesson of each unit in work. */
export const GET: RequestHandler = async () => {
	const { runs } = await situation();
	const sheets = runs
		.filter(({ row: run }) => run.state === 'running')
		.map(({ row: run }) => `/units/${run.id}/plan/paper?show=next`);
	return json([...KEPT_PAGES, ...sheets]);
};
