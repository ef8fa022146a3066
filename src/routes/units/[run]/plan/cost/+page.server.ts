import { runOf } from '$lib/server/requests/run-of.ts';
import { costOf } from '$lib/server/services/buying/cost.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	return { cost: costOf(now, run) };
};
