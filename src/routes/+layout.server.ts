import { dayText } from '$core/calendar/index.ts';
import { situation } from '$lib/server/household.ts';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async () => {
	const { snapshot, today } = await situation();
	return { household: snapshot.household.name, today: dayText(today) };
};
