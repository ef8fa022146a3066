import { needActions } from '$lib/server/acts-on-needs.ts';
import { situation } from '$lib/server/household.ts';
import { tripsView } from '$lib/server/services/trips.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ view: tripsView(await situation()) });

export const actions = { step: needActions.step };
