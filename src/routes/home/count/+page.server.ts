import Joi from 'joi';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { typedAmount } from '$lib/server/schemas/amount.ts';
import { id } from '$lib/server/schemas/fields.ts';
import { correct } from '$lib/server/services/gathering/walk.ts';
import { countAgain } from '$lib/server/services/stash/count-again.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ places: countAgain(await situation()) });

export const actions: Actions = {
	count: (event) =>
		handleForm(
			event,
			Joi.object<{ lot: number; amount: string }>({
				lot: id.required(),
				amount: Joi.string().trim().required().messages({ 'string.empty': 'Enter the amount that is there' })
			}),
			(what: string) => `Counted: ${what}`,
			async ({ trx, now }, form) => correct(trx, now, form.lot, typedAmount(form.amount))
		)
};
