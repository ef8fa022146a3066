import Joi from 'joi';
import { dayText } from '$core/calendar/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, optionalDay } from '$lib/server/schemas/fields.ts';
import { monthAsked, monthView } from '$lib/server/services/plan/month.ts';
import { placeActivity } from '$lib/server/stores/plan/activities.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const { now, run } = await runOf(params);
	return { month: monthView(now, run, monthAsked(now, run, url.searchParams.get('m'))) };
};

export const actions: Actions = {
	move: (event) =>
		handleForm(
			event,
			Joi.object<{ id: number; day: string | null }>({ id: id.required(), day: optionalDay }),
			(where: string) => where,
			async ({ trx }, form) => {
				await placeActivity(trx, Number(event.params.run), form.id, { lesson: null, day: form.day });
				return form.day ? `Moved to ${dayText(form.day)}` : 'Moved to ideas';
			}
		)
};
