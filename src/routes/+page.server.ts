import { situation } from '$lib/server/household.ts';
import { needActions } from '$lib/server/acts-on-needs.ts';
import { nextOf } from '$lib/server/services/next.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const now = await situation();
	return { next: nextOf(now), hasUnits: now.runs.length > 0 };
};

export const actions = needActions;
