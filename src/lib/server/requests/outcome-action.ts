import type { Action } from '@sveltejs/kit';
import Joi from 'joi';
import { id } from '../schemas/fields.ts';
import { recordOutcome } from '../services/plan/outcomes.ts';
import { handleForm } from './form-action.ts';

type OutcomeForm = { id: number; outcome: 'taught' | 'partly taught' | 'skipped' };

/** How a lesson went; the same on Plan and Next. */
export const outcomeAction: Action = (event) =>
	handleForm(
		event,
		Joi.object<OutcomeForm>({
			id: id.required(),
			outcome: Joi.string().valid('taught', 'partly taught', 'skipped').required()
		}),
		(what: string) => `${what}: recorded`,
		async ({ trx, now }, form) => recordOutcome(trx, now, form.id, form.outcome)
	);
