import { formOf } from '$lib/server/requests/form-of.ts';
import { redirect } from '@sveltejs/kit';
import { Refusal } from '$core/error.ts';
import { decodeText } from '$lib/server/exchange/index.ts';
import { opened } from '$lib/server/live/data.ts';
import { situation } from '$lib/server/live/now.ts';
import { answering, atItsField } from '$lib/server/requests/form-action.ts';
import { keepDraft } from '$lib/server/stores/files/import-drafts.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const { runs, snapshot } = await situation();
	return {
		lots: snapshot.lots.length,
		places: snapshot.places.length,
		resources: snapshot.resources.length,
		units: runs.map(({ row: run, unit, lessons }) => ({
			id: run.id,
			name: unit.name,
			lessons: lessons.length
		}))
	};
};

export const actions: Actions = {
	/** Takes a file in and shows what it would do. Changes nothing in the household. */
	file: ({ request }) =>
		answering(
			async () => {
				const file = (await formOf(request)).get('file');
				if (!(file instanceof File) || (file.size === 0 && !file.name))
					throw new Refusal('Choose a file first, or drop one on any page.', 'file');
				const { text, note } = decodeText(new Uint8Array(await file.arrayBuffer()));
				const draft = await keepDraft((await opened()).write, { name: file.name.slice(0, 200), text, note });
				redirect(303, `/home/files/${draft}`);
			},
			(refusal) => atItsField({})(refusal.at('file'))
		)
};
