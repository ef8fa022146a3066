import { redirect } from '@sveltejs/kit';
import { situation } from '$lib/server/live/now.ts';
import { eveningOf } from '$lib/server/services/house/first-evening.ts';
import type { PageServerLoad } from './$types';

/** Goes on where it was left. */
export const load: PageServerLoad = async () => {
	const { next } = eveningOf(await situation());
	redirect(307, next ? `/start/${next}` : '/');
};
