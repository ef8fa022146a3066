import Joi from 'joi';
import type { PrinterWays } from '$core/print/index.ts';
import { checked } from './form-action.ts';

type Asked = Omit<PrinterWays, 'duplex' | 'reversed'> & {
	order: 'reversed' | 'kept';
	jam: number | null;
	on: 'yes' | '';
};

const ASKED = Joi.object<Asked>({
	delivers: Joi.string().valid('face down', 'face up').default('face down'),
	flip: Joi.string().valid('long-edge', 'short-edge').default('long-edge'),
	order: Joi.string().valid('reversed', 'kept').default('reversed'),
	jam: Joi.number().integer().min(1).max(5000).empty('').allow(null).default(null).messages({
		'*': 'Enter the sheet on which it jams by its number, like 3'
	}),
	on: Joi.string().valid('yes', '').default('')
}).unknown();

/** What the practice printer of an address is like. @throws Refusal where its jam is no number. */
export const askedPractice = (url: URL): Asked => checked(ASKED, Object.fromEntries(url.searchParams));
