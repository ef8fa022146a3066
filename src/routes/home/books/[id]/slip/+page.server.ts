import { error } from '@sveltejs/kit';
import { situation } from '$lib/server/live/now.ts';
import { resourceView } from '$lib/server/services/library/resource-view.ts';
import { byId } from '$core/facts/index.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const now = await situation();
	const row = byId(now.snapshot.resources).get(Number(params.id));
	if (!row) error(404, 'That isn’t in your home library. It may have been undone.');
	const { uses, place, shown } = resourceView(now, row);
	return {
		id: row.id,
		title: row.title,
		authors: row.authors,
		where: row.owned ? place : shown.where,
		uses,
		notes: row.notes
	};
};
