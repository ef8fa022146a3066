import { dayText } from '$core/calendar/index.ts';
import { situation } from '$lib/server/live/now.ts';
import { takeSaid } from '$lib/server/requests/toast-after-redirect.ts';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ cookies, locals }) => {
	// Before anything waits: a page beside this one may lead on with something to say to the next.
	const said = takeSaid(cookies);
	const { snapshot, today } = await situation();
	const adults = snapshot.people
		.filter((person) => person.kind === 'adult')
		.map(({ id, name }) => ({ id, name }));
	return {
		household: snapshot.household.name,
		paper: snapshot.household.paper,
		today: dayText(today),
		day: today,
		revision: snapshot.revision,
		adults,
		actor: adults.find(({ id }) => String(id) === locals.actor)?.id ?? null,
		said
	};
};
