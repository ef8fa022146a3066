import { error } from '@sveltejs/kit';
import { addDays, isDay } from '$core/calendar/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { dayView } from '$lib/server/services/week/day.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	if (!isDay(params.day) || params.day < '2000-01-01' || params.day > '2100-01-01')
		error(404, 'No such day. Go back to the week.');
	const now = await situation();
	return {
		view: dayView(now, params.day),
		before: addDays(params.day, -1),
		after: addDays(params.day, 1),
		isStrips: url.searchParams.has('strips')
	};
};
