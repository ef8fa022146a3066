import { requireAmount } from '$core/measure/index.ts';
import Joi from 'joi';
import { Refusal } from '$core/error.ts';
import type { Unit } from '$core/measure/index.ts';
import {
	readQuantity,
	type Alternative,
	type Per,
	SUPPLY_USES,
	type SupplyUse
} from '$core/supplies/index.ts';
import type { LessonLineInput } from '../stores/gathering/supply-lines.ts';
import { checkbox, id, unit } from './fields.ts';

/** The fields of one supply line as a form sends them. */
export type LineForm = {
	lesson: number;
	written: string;
	item: string;
	quantity: string;
	to: string;
	unit: Unit;
	per: Per;
	groupSize: number | null;
	optional: boolean;
	use: SupplyUse;
	note: string;
	or: string;
};

export const lineFields = {
	lesson: id.required(),
	written: Joi.string().trim().allow('').max(1000).default(''),
	item: Joi.string().trim().min(1).max(120).required().messages({
		'any.required': 'Enter the item',
		'string.empty': 'Enter the item',
		'string.max': 'Keep the name under 120 letters'
	}),
	quantity: Joi.string().trim().allow('').max(40).default(''),
	to: Joi.string().trim().allow('').max(40).default(''),
	unit: unit.required(),
	per: Joi.string().valid('family', 'child', 'pair', 'group').required(),
	groupSize: Joi.number().integer().min(1).max(500).empty('').allow(null).default(null).messages({
		'number.base': 'Enter the size of a group as a whole number',
		'number.integer': 'Enter the size of a group as a whole number',
		'number.min': 'A group needs at least one child'
	}),
	optional: checkbox,
	use: Joi.string()
		.valid(...SUPPLY_USES)
		.required(),
	note: Joi.string().trim().allow('').max(500).default(''),
	or: Joi.string().allow('').max(2000).default('')
};

const alternatives = Joi.array().items(
	Joi.object({
		quantity: Joi.number().min(0).allow(null).required(),
		unit: unit.required(),
		item: Joi.string().max(120).required()
	})
);

/** A form's line as the store keeps it. @throws Refusal at the field that cannot be read. */
export function asLine(form: LineForm, prefix = ''): LessonLineInput {
	const quantity = numberOrNothing(form.quantity, `${prefix}quantity`);
	const to = numberOrNothing(form.to, `${prefix}to`);
	if (quantity !== null && to !== null && to <= quantity) {
		throw new Refusal('The higher amount must be more than the lower one.', `${prefix}to`);
	}
	return {
		lesson: form.lesson,
		written: form.written || form.item,
		item: form.item,
		quantity,
		to: quantity === null ? null : to,
		unit: form.unit,
		per: form.per,
		groupSize: form.per === 'group' ? form.groupSize : null,
		optional: form.optional,
		use: form.use,
		note: form.note || null,
		or: readAlternatives(form.or),
		// A person has been over it; only what is still unsaid wants another look.
		check: quantity === null || (form.per === 'group' && form.groupSize === null)
	};
}

function readAlternatives(text: string): Alternative[] {
	if (!text) return [];
	try {
		const { error, value } = alternatives.validate(JSON.parse(text));
		return error ? [] : (value as Alternative[]);
	} catch {
		return [];
	}
}

function numberOrNothing(text: string, path: string): number | null {
	if (text === '') return null;
	const amount = readQuantity(text);
	if (!amount) throw new Refusal(`“${text}” isn’t an amount. Try 2, 0.5, or 1 1/2, or leave it blank.`, path);
	return requireAmount(amount, path).valueOf();
}
