import { needActions } from '$lib/server/acts-on-needs.ts';
import { situation } from '$lib/server/household.ts';
import { borrowLists } from '$lib/server/services/borrow.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ lists: borrowLists(await situation()) });

export const actions: Actions = needActions;
