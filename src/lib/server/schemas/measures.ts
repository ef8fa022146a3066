import Joi from 'joi';
import { HOME_PAPERS } from '$core/reference/index.ts';
import type { Measures } from '../stores/house/household.ts';

/** How the household measures, on what it prints, and by which clock and week it lives. */
export const measureFields = {
	zone: Joi.string()
		.required()
		.custom((zone: string, helpers) => {
			try {
				new Intl.DateTimeFormat('en-US', { timeZone: zone });
				return zone;
			} catch {
				return helpers.error('zone.base');
			}
		})
		.messages({
			'zone.base': 'Enter the time zone like America/Chicago',
			'string.empty': 'Enter the time zone like America/Chicago'
		}),
	weekStart: Joi.number().integer().min(1).max(7).required(),
	measures: Joi.string().valid('us', 'metric').required(),
	paper: Joi.string()
		.valid(...HOME_PAPERS)
		.required()
} satisfies Record<keyof Measures, unknown>;
