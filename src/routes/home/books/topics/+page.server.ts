import { redirect } from '@sveltejs/kit';
import Joi from 'joi';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { sayAfterRedirect } from '$lib/server/requests/toast-after-redirect.ts';
import { pilesOf, pilesSentence, startFromPile } from '$lib/server/services/library/piles.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const piles = pilesOf(await situation());
	return { piles, sentence: pilesSentence(piles) };
};

export const actions: Actions = {
	start: async (event) => {
		const done = await handleForm(
			event,
			Joi.object<{ topic: string }>({ topic: Joi.string().trim().max(100).required() }),
			'New unit',
			async ({ trx, now }, form) => startFromPile(trx, now, form.topic)
		);
		if ('result' in done) {
			sayAfterRedirect(event.cookies, done.changed);
			redirect(303, `/units/${done.result}/plan`);
		}
		return done;
	}
};
