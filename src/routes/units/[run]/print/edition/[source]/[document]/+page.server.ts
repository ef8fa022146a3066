import Joi from 'joi';
import { error, redirect } from '@sveltejs/kit';
import { pagesRead } from '$lib/server/live/documents.ts';
import { answering, handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { editionFiles, editionView, takeEdition } from '$lib/server/services/print/editions.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	const [source, document] = [Number(params.source), Number(params.document)];
	return answering(
		async () => {
			const [was, is] = editionFiles(now, run, source, document);
			// Once it is taken over, there is nothing to compare.
			if (was === is) redirect(303, `/units/${params.run}/print`);
			const [before, after] = [await pagesRead(was), await pagesRead(is)];
			return { edition: editionView(now, run, source, document, before, after) };
		},
		({ message }) => error(404, message)
	);
};

export const actions: Actions = {
	take: (event) =>
		handleForm(
			event,
			Joi.object({}),
			(text: string) => text,
			async ({ trx, now }) => {
				const { run } = await runOf({ run: event.params.run! });
				const [source, document] = [Number(event.params.source), Number(event.params.document)];
				const [was, is] = editionFiles(now, run, source, document);
				return takeEdition(trx, now, run, source, document, await pagesRead(was), await pagesRead(is));
			}
		)
};
