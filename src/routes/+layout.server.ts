import { dayText } from '$core/calendar/index.ts';
import { situation } from '$lib/server/household.ts';
import { takeSaid } from '$lib/server/said.ts';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ cookies }) => {
	const { snapshot, today } = await situation();
	return { household: snapshot.household.name, today: dayText(today), said: takeSaid(cookies) };
};
