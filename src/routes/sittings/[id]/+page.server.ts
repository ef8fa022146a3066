import { error } from '@sveltejs/kit';
import Joi from 'joi';
import { situation } from '$lib/server/live/now.ts';
import { answering, handleForm } from '$lib/server/requests/form-action.ts';
import { finishJob, moveJob, sittingPage, stopSitting } from '$lib/server/services/prepare/sitting.ts';
import { openSittings } from '$lib/server/services/prepare/plan.ts';
import { dayText } from '$core/calendar/index.ts';
import { id } from '$lib/server/schemas/fields.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const now = await situation();
	return answering(
		() => ({
			page: sittingPage(now, Number(params.id)),
			others: openSittings(now)
				.filter((one) => String(one.id) !== params.id)
				.map((one) => ({ value: String(one.id), label: dayText(one.held_on) }))
		}),
		({ message }) => error(404, message)
	);
};

export const actions: Actions = {
	done: (event) =>
		handleForm(
			event,
			Joi.object<{ job: string; took: number | null }>({
				job: Joi.string().required(),
				took: Joi.number().greater(0).max(720).empty('').allow(null).default(null).messages({
					'number.base': 'Enter minutes, such as 35',
					'number.greater': 'Enter minutes, more than 0',
					'number.max': 'At most 12 hours'
				})
			}),
			(text: string) => text,
			({ trx, now }, form) => finishJob(trx, now, form.job, form.took)
		),
	move: (event) =>
		handleForm(
			event,
			Joi.object<{ job: string; sitting: number | null }>({
				job: Joi.string().required(),
				sitting: id.empty('').allow(null).default(null)
			}),
			(text: string) => text,
			({ trx, now }, form) => moveJob(trx, now, form.job, form.sitting)
		),
	stop: (event) =>
		handleForm(
			event,
			Joi.object({}),
			(text: string) => text,
			({ trx, now }) => stopSitting(trx, now, Number(event.params.id))
		)
};
