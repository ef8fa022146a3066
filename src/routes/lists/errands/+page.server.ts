import Joi from 'joi';
import { money } from '$core/words/index.ts';
import { changedElsewhere, conflict } from '$lib/server/history/conflicts.ts';
import { situation } from '$lib/server/live/now.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { id, dollars } from '$lib/server/schemas/fields.ts';
import { errandsOf, tickErrand } from '$lib/server/services/buying/errands.ts';
import { errandOf, removeErrand } from '$lib/server/stores/buying/errands.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const now = await situation();
	return { shops: errandsOf(now), revision: now.snapshot.revision };
};

export const actions: Actions = {
	bought: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; paid: number; seen: number | null }>({
				id: id.required(),
				paid: dollars.required().messages({
					'any.required': 'Enter the price as a number of dollars, like 2.19',
					'number.base': 'Enter the price as a number of dollars, like 2.19'
				}),
				seen: Joi.number().integer().min(0).empty('').allow(null).default(null)
			}),
			(what: string) => `${what}: bought`,
			async ({ trx, now }, form) => {
				const errand = await errandOf(trx, form.id);
				const paid = Math.round(form.paid * 100);
				if (errand.done_on !== null && form.seen !== null && errand.cents !== paid) {
					const newer = await changedElsewhere(trx, 'errand', form.id, form.seen, event.locals.device);
					if (newer !== null) throw conflict(newer, `It’s in the cart for ${money(errand.cents)}.`);
				}
				return tickErrand(trx, now, form.id, paid);
			}
		),
	remove: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number }>({ id: id.required() }),
			'Removed from the list',
			({ trx }, form) => removeErrand(trx, form.id)
		)
};
