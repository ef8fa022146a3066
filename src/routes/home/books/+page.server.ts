import { redirect } from '@sveltejs/kit';
import Joi from 'joi';
import { RESOURCE_KINDS } from '$core/library/index.ts';
import { opened } from '$lib/server/live/data.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { filterIn } from '$lib/server/schemas/library-filter.ts';
import { librarySentence, topicsOf } from '$lib/server/services/library/overview.ts';
import { addTyped } from '$lib/server/services/library/resource-typed.ts';
import { contentNotes } from '$lib/server/services/library/resource-view.ts';
import { libraryPage } from '$lib/server/services/library/search.ts';
import { shelvesOf } from '$lib/server/services/library/shelves.ts';
import type { Actions, PageServerLoad } from './$types';

const FIRST = 60;

export const load: PageServerLoad = async ({ url }) => {
	const now = await situation();
	const filter = filterIn(url.searchParams);
	const { read } = await opened();
	const view = url.searchParams.get('view');
	return {
		sentence: librarySentence(now),
		isEmpty: now.snapshot.resources.length === 0,
		filter,
		view: view === 'grid' || view === 'shelf' ? view : 'list',
		first: await libraryPage(read, now, filter, 0, FIRST),
		shelves: view === 'shelf' ? shelvesOf(now) : [],
		kinds: [...RESOURCE_KINDS],
		topics: topicsOf(now).slice(0, 60),
		contents: contentNotes(now),
		children: now.snapshot.people
			.filter((person) => person.kind !== 'adult')
			.map((person) => ({ value: String(person.id), label: person.name }))
	};
};

export const actions: Actions = {
	add: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<{ text: string }>({ text: Joi.string().trim().allow('').max(500).required() }),
			({ title }: { id: number; title: string }) => `Added: ${title}`,
			async ({ trx, now }, form) => addTyped(trx, now, form.text)
		);
		if ('result' in done && done.result) redirect(303, `/home/books/${done.result.id}?new`);
		return done;
	}
};
