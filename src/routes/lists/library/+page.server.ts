import { fail } from '@sveltejs/kit';
import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import { readIsbn, RESOURCE_KINDS, type ResourceKind } from '$core/library/index.ts';
import { deskState, talkToLibrary, tellLibrarySoon } from '$lib/server/live/desk-talk.ts';
import { situation } from '$lib/server/live/now.ts';
import { libraryDesk, type DeskTitle } from '$lib/server/outside/library-desk.ts';
import { handleForm, doerOf } from '$lib/server/requests/form-action.ts';
import { needActions } from '$lib/server/requests/need-actions.ts';
import { id } from '$lib/server/schemas/fields.ts';
import { deskFailure } from '$lib/server/services/library/ask-library.ts';
import { sameAs } from '$lib/server/services/library/same.ts';
import { tripsView } from '$lib/server/services/library/trips.ts';
import { placeHold } from '$lib/server/stores/library/loans.ts';
import { addResource } from '$lib/server/stores/library/resources.ts';
import { swapLessons } from '$lib/server/stores/plan/lessons.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const words = url.searchParams.get('q')?.trim() ?? '';
	return { view: tripsView(await situation()), desk: deskState(), words, found: await foundAt(words) };
};

type Found = { readonly titles: readonly DeskTitle[]; readonly failure: string };

async function foundAt(words: string): Promise<Found | null> {
	const desk = libraryDesk((await situation()).today);
	if (!desk || !words) return null;
	try {
		return { titles: await desk.search(words.slice(0, 200)), failure: '' };
	} catch (error) {
		return { titles: [], failure: deskFailure(error) };
	}
}

export const actions: Actions = {
	step: needActions.step,
	/** Asks the library's computer what is new. */
	ask: async (event) => {
		const said = await talkToLibrary(doerOf(event, null));
		return said ? { said } : fail(400, { message: 'No library catalog is set up.', path: null });
	},
	/** Wants a title that the library has: into our library as theirs, with a hold. */
	want: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<{ isbn: string; title: string; authors: string; kind: string; pages: number | null }>({
				isbn: Joi.string().required(),
				title: Joi.string().max(500).required(),
				authors: Joi.string().allow('').max(500).default(''),
				kind: Joi.string().default('book'),
				pages: Joi.number().integer().empty('').allow(null).default(null)
			}),
			(title: string) => `${title}: hold placed`,
			async ({ trx, now }, form) => {
				const library = now.snapshot.suppliers.find((one) => one.kind === 'library');
				if (!library) throw new Refusal('Add the library in Household first, with its open days.');
				const { isbn13 } = readIsbn(form.isbn);
				const same = sameAs(now, { title: form.title, authors: form.authors, isbn13 });
				const twin = same.find((one) => one.how === 'same ISBN');
				const resource =
					twin?.id ??
					(await addResource(
						trx,
						{
							title: form.title,
							authors: form.authors,
							kind: RESOURCE_KINDS.find((one) => one === form.kind) ?? ('book' as ResourceKind),
							isbn13,
							pages: form.pages,
							owned: 0,
							supplier_id: library.id
						},
						now.today
					));
				await placeHold(trx, resource, library.id, now.today);
				return form.title;
			}
		);
		tellLibrarySoon(doerOf(event, null));
		return done;
	},
	/** Another order of lessons, so that one loan is enough. */
	swap: (event) =>
		handleForm(
			event,
			Joi.object<{ first: number; second: number }>({ first: id.required(), second: id.required() }),
			'Lessons swapped',
			({ trx }, form) => swapLessons(trx, form.first, form.second)
		)
};
