import { needActions } from '$lib/server/requests/need-actions.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { planOf } from '$lib/server/services/plan/days.ts';
import { boardOf } from '$core/account/index.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	const plan = planOf(now, run);
	return { board: boardOf(now, run), weeks: plan.weeks, planSentence: plan.sentence };
};

export const actions = needActions;
