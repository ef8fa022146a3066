import { situation } from '$lib/server/live/now.ts';
import { needActions } from '$lib/server/requests/need-actions.ts';
import { borrowLists } from '$lib/server/services/gathering/borrow.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ lists: borrowLists(await situation()) });

export const actions: Actions = needActions;
