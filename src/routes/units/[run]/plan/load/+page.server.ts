import Joi from 'joi';
import type { MEASURES_OF_LOAD } from '$core/plan/index.ts';
import { handleForm } from '$lib/server/requests/form-action.ts';
import { runOf } from '$lib/server/requests/run-of.ts';
import { id, dollars, wholeOrNothing } from '$lib/server/schemas/fields.ts';
import { easeWeek, loadView } from '$lib/server/services/plan/load.ts';
import { setLimits } from '$lib/server/stores/plan/units.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const { now, run } = await runOf(params);
	return { load: loadView(now, run) };
};

type LimitForm = Record<(typeof MEASURES_OF_LOAD)[number] | 'projects', number | null> & {
	budget: number | null;
};

export const actions: Actions = {
	limits: (event) =>
		handleForm(
			event,
			Joi.object<LimitForm>({
				minutes: wholeOrNothing('the minutes', 10_000),
				handsOn: wholeOrNothing('the projects', 100),
				prepareMinutes: wholeOrNothing('the minutes', 10_000),
				cents: dollars.allow(null).default(null),
				mess: wholeOrNothing('the mess', 100),
				adultMinutes: wholeOrNothing('the minutes', 10_000),
				projects: wholeOrNothing('the projects', 1000),
				budget: dollars.allow(null).default(null)
			}),
			'Limits saved',
			({ trx }, form) => {
				const cents = (dollars: number | null) => (dollars === null ? null : Math.round(dollars * 100));
				return setLimits(trx, Number(event.params.run), {
					...form,
					cents: cents(form.cents),
					budget: cents(form.budget)
				});
			}
		),
	ease: (event) =>
		handleForm(
			event,
			Joi.object<{ activity: number; way: 'instead' | 'move' | 'leave out'; to: number | null }>({
				activity: id.required(),
				way: Joi.string().valid('instead', 'move', 'leave out').required(),
				to: id.empty('').allow(null).default(null)
			}),
			'Week made lighter',
			async ({ trx }, form) => {
				const { now, run } = await runOf(event.params);
				await easeWeek(trx, now, run, form);
			}
		)
};
