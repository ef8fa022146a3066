import { error } from '@sveltejs/kit';
import Joi from 'joi';
import { situation } from '$lib/server/live/now.ts';
import { answering, handleForm } from '$lib/server/requests/form-action.ts';
import { finishJob, moveJob, sittingPage, stopSitting } from '$lib/server/services/prepare/sitting.ts';
import { openSittings } from '$lib/server/services/prepare/sittings.ts';
import { dayText } from '$core/calendar/index.ts';
import { MOST_MINUTES, readTook } from '$core/prepare/index.ts';
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
				took: Joi.string()
					.custom((text: string, helpers) => {
						const minutes = readTook(text);
						if (minutes === null) return helpers.error('took.what');
						if (minutes <= 0) return helpers.error('took.nothing');
						return minutes > MOST_MINUTES ? helpers.error('took.long') : minutes;
					})
					.empty('')
					.allow(null)
					.default(null)
					.messages({
						'took.what': 'Enter minutes, such as 35 or 0:45',
						'took.nothing': 'Enter minutes, more than 0',
						'took.long': 'At most 12 hours'
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
